import { itemAt } from '../base/item';
import { fail, succeed } from '../base/result';
import { dateNamed, isLeapYear, isoWeekOf, moved, weekdayOf } from './date';
import type { CalendarDate, DateResult } from './date';

/** In which order a date is written with numbers. */
export const dateOrders = ['ymd', 'dmy', 'mdy'] as const;
export type DateOrder = (typeof dateOrders)[number];

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const FULL = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
];

function monthNamed(word: string): number | null {
  const name = word.toLowerCase().replace(/\.$/, '');
  const at = FULL.indexOf(name);
  if (at >= 0) return at + 1;
  const short = MONTHS.indexOf(name.slice(0, 3));
  return short >= 0 && name.length <= 4 ? short + 1 : null;
}

const NUMBERS = /^(\d{1,4})\s*[-./\s]\s*(\d{1,2})\s*[-./\s]\s*(\d{1,4})\.?$/;
const ISO = /^(\d{4})-?(\d{2})-?(\d{2})$/;
const ISO_WEEK = /^(\d{4})-?W(\d{2})-?([1-7])$/i;
const ISO_DAY = /^(\d{4})-(\d{3})$/;

/**
 * A date as ISO 8601 writes it (also by week, 2024-W05-3, and by day of the year, 2024-032), as numbers in an order, or
 * with an English name of the month. Where the order makes the month more than twelve and the other one does not, it is read by the other. A year has four digits, so that no century is guessed.
 * Problems: syntax where it is no date, domain where there is no such day.
 */
export function readDate(text: string, order: DateOrder): DateResult<CalendarDate> {
  const written = text.trim().replace(/[‐‑–−]/g, '-');
  const iso = ISO.exec(written);
  if (iso !== null) return dateNamed(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const week = ISO_WEEK.exec(written);
  if (week !== null) return dateOfWeek(Number(week[1]), Number(week[2]), Number(week[3]));
  const day = ISO_DAY.exec(written);
  if (day !== null) return dateOfDay(Number(day[1]), Number(day[2]));
  const badly = fail({ code: 'syntax', reason: 'date-badly-formed', found: text.trim() } as const);
  const numbers = NUMBERS.exec(written);
  if (numbers !== null) {
    const parts = numbers.slice(1, 4);
    const startsWithYear = itemAt(parts, 0).length === 4;
    const places = startsWithYear ? 'ymd' : order === 'ymd' ? 'dmy' : order;
    const part = (of: string): string => parts[places.indexOf(of)] ?? '';
    if (part('y').length !== 4) return fail({ code: 'syntax', reason: 'year-digits', found: part('y') });
    const [year, month, date] = [Number(part('y')), Number(part('m')), Number(part('d'))];
    // 23/9/2026 can be read in one way only, whatever order is usual.
    const isTurned = !startsWithYear && month > MONTHS.length && date <= MONTHS.length;
    return isTurned ? dateNamed(year, date, month) : dateNamed(year, month, date);
  }
  const words = written.replace(/,/g, ' ').split(/\s+/);
  const at = words.findIndex((word) => monthNamed(word) !== null);
  const others = words.filter((_, i) => i !== at).map((word) => word.replace(/(?:st|nd|rd|th|\.)$/, ''));
  const year = others.find((word) => /^\d{4}$/.test(word));
  const dayText = others.find((word) => /^\d{1,2}$/.test(word));
  if (at < 0 || others.length !== 2 || year === undefined || dayText === undefined) return badly;
  return dateNamed(Number(year), monthNamed(itemAt(words, at)) ?? 0, Number(dayText));
}

/** The day of a week: the Thursday of week 1 is in January, at the latest the 7th. */
function dateOfWeek(year: number, week: number, weekday: number): DateResult<CalendarDate> {
  const start = dateNamed(year, 1, 4);
  if (!start.ok) return start;
  const monday = moved(start.value, { years: 0, months: 0, weeks: week - 1, days: weekday - weekdayOf(start.value) });
  if (!monday.ok) return monday;
  const found = isoWeekOf(monday.value.date);
  return found.year === year && found.week === week
    ? succeed(monday.value.date)
    : fail({ code: 'domain', reason: 'no-such-date' });
}

function dateOfDay(year: number, day: number): DateResult<CalendarDate> {
  const start = dateNamed(year, 1, 1);
  if (!start.ok) return start;
  if (day < 1 || day > (isLeapYear(year) ? 366 : 365)) return fail({ code: 'domain', reason: 'no-such-date' });
  const end = moved(start.value, { years: 0, months: 0, weeks: 0, days: day - 1 });
  return end.ok ? succeed(end.value.date) : end;
}
