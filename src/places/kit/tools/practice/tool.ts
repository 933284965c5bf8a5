import Dumbbell from 'lucide-react-native/icons/dumbbell';
import { defineTool } from '@/places/kit/tool';
import { practiceWords } from '@/text/kit/practice';
import { practiceEntries } from './inputs';
import { Practice } from './Practice';

export const practice = defineTool({
  ...practiceEntries,
  name: practiceWords.name,
  answers: practiceWords.answers,
  words: practiceWords.words,
  icon: Dumbbell,
  screen: Practice,
});
