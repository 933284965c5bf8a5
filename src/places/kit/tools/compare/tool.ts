import Scale from 'lucide-react-native/icons/scale';
import { defineTool } from '@/places/kit/tool';
import { compareWords } from '@/text/kit/compare';
import { Compare } from './Compare';
import { compareEntries } from './inputs';

export const compare = defineTool({
  ...compareEntries,
  name: compareWords.name,
  answers: compareWords.answers,
  words: compareWords.words,
  icon: Scale,
  screen: Compare,
});
