import Binary from 'lucide-react-native/icons/binary';
import { defineTool } from '@/places/kit/tool';
import { baseWords } from '@/text/kit/bases';
import { Bases } from './Bases';
import { baseEntries } from './inputs';

export const bases = defineTool({
  ...baseEntries,
  name: baseWords.name,
  answers: baseWords.answers,
  words: baseWords.words,
  icon: Binary,
  screen: Bases,
});
