import MoveUpRight from 'lucide-react-native/icons/move-up-right';
import { defineTool } from '@/places/kit/tool';
import { vectorWords } from '@/text/kit/vectors';
import { vectorEntries } from './inputs';
import { Vectors } from './Vectors';

export const vectors = defineTool({
  ...vectorEntries,
  name: vectorWords.name,
  answers: vectorWords.answers,
  words: vectorWords.words,
  icon: MoveUpRight,
  screen: Vectors,
});
