import Dices from 'lucide-react-native/icons/dices';
import { defineTool } from '@/places/kit/tool';
import { chanceWords } from '@/text/kit/chance';
import { Chance } from './Chance';
import { chanceEntries } from './inputs';

export const chance = defineTool({
  ...chanceEntries,
  name: chanceWords.name,
  answers: chanceWords.answers,
  words: chanceWords.words,
  icon: Dices,
  screen: Chance,
});
