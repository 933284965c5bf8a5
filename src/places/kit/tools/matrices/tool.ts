import Grid3x3 from 'lucide-react-native/icons/grid-3x3';
import { defineTool } from '@/places/kit/tool';
import { matrixWords } from '@/text/kit/matrices';
import { matrixEntries } from './inputs';
import { Matrices } from './Matrices';

export const matrices = defineTool({
  ...matrixEntries,
  name: matrixWords.name,
  answers: matrixWords.answers,
  words: matrixWords.words,
  icon: Grid3x3,
  screen: Matrices,
});
