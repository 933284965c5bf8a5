import Percent from 'lucide-react-native/icons/percent';
import { defineTool } from '@/places/kit/tool';
import { percentWords } from '@/text/kit/percent';
import { percentEntries } from './inputs';
import { Percent as PercentScreen } from './Percent';

export const percent = defineTool({
  ...percentEntries,
  name: percentWords.name,
  answers: percentWords.answers,
  words: percentWords.words,
  icon: Percent,
  screen: PercentScreen,
});
