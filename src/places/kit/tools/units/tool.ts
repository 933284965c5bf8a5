import Ruler from 'lucide-react-native/icons/ruler';
import { defineTool } from '@/places/kit/tool';
import { unitWords } from '@/text/kit/units';
import { unitEntries } from './inputs';
import { Units } from './Units';

export const units = defineTool({
  ...unitEntries,
  name: unitWords.name,
  answers: unitWords.answers,
  words: unitWords.words,
  icon: Ruler,
  screen: Units,
});
