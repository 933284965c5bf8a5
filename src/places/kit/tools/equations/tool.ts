import Equal from 'lucide-react-native/icons/equal';
import { defineTool } from '@/places/kit/tool';
import { equationWords } from '@/text/kit/equations';
import { Equations } from './Equations';
import { equationEntries } from './inputs';

export const equations = defineTool({
  ...equationEntries,
  name: equationWords.name,
  answers: equationWords.answers,
  words: equationWords.words,
  icon: Equal,
  screen: Equations,
  help: 'solve',
});
