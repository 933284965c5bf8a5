import type { CalendarDate } from '@/core/date/date';
import type { DateOrder } from '@/core/date/read';
import type { Parts } from '@/core/date/times';

/** Words of the tool Dates. */
export const dateWords = {
  name: 'Dates and times',
  answers: 'Days between two dates, a date so many months later, weekdays and weeks; hours and minutes added up.',
  words:
    'calendar day days weeks months years weekday iso week leap year until since age deadline clock hours minutes seconds time duration midnight workdays weekend decimal hours',
  order: 'Dates written as',
  kinds: 'What is asked',
  between: 'Between two dates',
  add: 'A date later or earlier',
  times: 'Times',
  from: 'From',
  to: 'To',
  start: 'Start',
  today: 'Today',
  pick: 'Pick a day',
  year: 'Year',
  month: 'Month',
  day: 'Day',
  bothEnds: 'Count both ends',
  bothEndsNote: 'Else the first day is counted, and the last is not',
  weekend: 'Days of the weekend',
  days: 'days',
  weeks: 'in weeks',
  weeksAndDays: 'weeks and days',
  ymd: 'years, months, days',
  workdays: 'without the weekend',
  aboutFirst: 'The first date',
  aboutLast: 'The last date',
  about: 'This date',
  weekday: 'weekday',
  isoWeek: 'week (ISO 8601)',
  dayOfYear: 'day of the year',
  leap: 'leap year',
  yes: 'yes',
  no: 'no',
  direction: 'Direction',
  later: 'Later by',
  earlier: 'Earlier by',
  years: 'Years',
  months: 'Months',
  weeksBy: 'Weeks',
  daysBy: 'Days',
  hours: 'Hours',
  clock: 'Time of day',
  date: 'date',
  sum: 'Sum of times',
  sumHint: '2 h 15 min + 50 min',
  clockFrom: 'Clock from',
  clockTo: 'Clock to',
  span: 'hours, minutes, seconds',
  asClock: 'h:min:s',
  decimalHours: 'hours, decimal',
  inMinutes: 'minutes',
  inSeconds: 'seconds',
  overMidnight: 'over midnight',
  betweenClocks: 'Between the two clocks',
  whole: 'Whole numbers are needed here.',
  firstTimes: 'Write times to be added up, or two times of day.',
} as const;

export const weekdayNames = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
export const weekdayShort = (weekday: number): string => (weekdayNames[weekday - 1] ?? '').slice(0, 2);
export const monthNames = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;

export const orderNames: Readonly<Record<DateOrder, string>> = {
  ymd: 'year-month-day',
  dmy: 'day/month/year',
  mdy: 'month/day/year',
};

export const orderHints: Readonly<Record<DateOrder, string>> = {
  ymd: '2027-05-31',
  dmy: '31/5/2027 or 2027-05-31',
  mdy: '5/31/2027 or 2027-05-31',
};

export const dateText = ({ year, month, day }: CalendarDate, weekday: number): string =>
  `${weekdayNames[weekday - 1]}, ${day} ${monthNames[month - 1]} ${year}`;

const counted = (n: number, one: string): string => `${n} ${one}${Math.abs(n) === 1 ? '' : 's'}`.replace('-', '−');
export const weeksText = (days: number): string =>
  `${counted(Math.trunc(days / 7), 'week')}, ${counted(days % 7, 'day')}`.replace('−0', '0');
export const ymdText = ([years, months, days]: readonly [number, number, number]): string =>
  `${counted(years, 'year')}, ${counted(months, 'month')}, ${counted(days, 'day')}`;
export const clampedText = (day: number, month: number, last: number): string =>
  `${monthNames[month - 1]} has no ${day}th: its last day, the ${last}th, was taken.`.replace('31th', '31st');
export const dayName = (weekday: number, day: number): string => `${weekdayShort(weekday)} ${day}`;
export const spanText = ({ isNegative, hours, minutes }: Parts, seconds: string): string =>
  `${isNegative ? '−' : ''}${hours} h ${minutes} min${seconds === '0' ? '' : ` ${seconds} s`}`;
export const clockText = ({ isNegative, hours, minutes }: Parts, seconds: string): string =>
  `${isNegative ? '−' : ''}${hours}:${`${minutes}`.padStart(2, '0')}:${/^\d(?!\d)/.test(seconds) ? '0' : ''}${seconds}`;
export const pickFor = (name: string): string => `${dateWords.pick}: ${name}`;
export const workdayNote = (names: readonly string[]): string =>
  names.length === 0 ? 'every day counts' : `${names.join(' and ')} left out`;
