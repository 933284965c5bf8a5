import Landmark from 'lucide-react-native/icons/landmark';
import { defineTool } from '@/places/kit/tool';
import { loanWords } from '@/text/kit/loans';
import { loanEntries } from './inputs';
import { Loans } from './Loans';

export const loans = defineTool({
  ...loanEntries,
  name: loanWords.name,
  answers: loanWords.answers,
  words: loanWords.words,
  icon: Landmark,
  screen: Loans,
});
