import FileCheck from 'lucide-react-native/icons/file-check';
import { defineTool } from '@/places/kit/tool';
import { sheetWords } from '@/text/kit/sheets';
import { sheetEntries } from './inputs';
import { Sheets } from './Sheets';

export const sheets = defineTool({
  ...sheetEntries,
  name: sheetWords.name,
  answers: sheetWords.answers,
  words: sheetWords.words,
  icon: FileCheck,
  screen: Sheets,
});
