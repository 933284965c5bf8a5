import CalendarDays from 'lucide-react-native/icons/calendar-days';
import { defineTool } from '@/places/kit/tool';
import { dateWords } from '@/text/kit/dates';
import { Dates } from './Dates';
import { dateEntries } from './inputs';

export const dates = defineTool({
  ...dateEntries,
  name: dateWords.name,
  answers: dateWords.answers,
  words: dateWords.words,
  icon: CalendarDays,
  screen: Dates,
});
