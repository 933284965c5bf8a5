import {
  addDays,
  create,
  dayOfWeek,
  dayOfYear as dayOfYearOf,
  diff,
  diffDays,
  toString,
  weekOfYear,
  yearOfWeek,
} from 'temporal-polyfill/fns/PlainDate';
import type { Record } from 'temporal-polyfill/fns/PlainDate';
import { fail, succeed } from '../base/result';
import type { ProblemData } from '../base/problem';
import type { Result } from '../base/result';

/*
 * Dates of the proleptic Gregorian calendar, years 1 to 9999, by the maintained package for the platform’s own dates.
 * Weeks and weekdays are those of ISO 8601: Monday is 1, and the first week of a year is that of its first Thursday.
 */

/** A day: year, month and day of the month, each from 1. */
export type CalendarDate = Readonly<{ year: number; month: number; day: number }>;
export type DateResult<T> = Result<T, ProblemData>;

const FIRST_YEAR = 1;
const LAST_YEAR = 9999;
/** No two days of the calendar are further apart, so that nothing larger need be worked. */
const MOST_DAYS = 4_000_000;

const record = ({ year, month, day }: CalendarDate): Record => create(year, month, day);

function dateOf(of: Record): CalendarDate {
  const [, year = '', month = '', day = ''] = /^([-+]?\d+)-(\d\d)-(\d\d)/.exec(toString(of)) ?? [];
  return { year: Number(year), month: Number(month), day: Number(day) };
}

export const isLeapYear = (year: number): boolean => (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;

/** How many days a month has. */
export const daysInMonth = (year: number, month: number): number =>
  month === 2 ? (isLeapYear(year) ? 29 : 28) : [4, 6, 9, 11].includes(month) ? 30 : 31;

/** The day of that name; a problem where there is none, or its year is beyond the calendar. */
export function dateNamed(year: number, month: number, day: number): DateResult<CalendarDate> {
  if (year < FIRST_YEAR || year > LAST_YEAR) return fail({ code: 'domain', reason: 'date-range' });
  const isThere = month >= 1 && month <= 12 && day >= 1 && day <= daysInMonth(year, month);
  return isThere ? succeed({ year, month, day }) : fail({ code: 'domain', reason: 'no-such-date' });
}

/** A date as ISO 8601 writes it: 2024-02-29. */
export const isoText = ({ year, month, day }: CalendarDate): string =>
  `${`${year}`.padStart(4, '0')}-${`${month}`.padStart(2, '0')}-${`${day}`.padStart(2, '0')}`;

/** Monday is 1, Sunday 7. */
export const weekdayOf = (date: CalendarDate): number => dayOfWeek(record(date));
export const dayOfYear = (date: CalendarDate): number => dayOfYearOf(record(date));

/** The week of ISO 8601 with its year, which is not always that of the date. */
export function isoWeekOf(date: CalendarDate): Readonly<{ year: number; week: number }> {
  const of = record(date);
  return { year: yearOfWeek(of) ?? date.year, week: weekOfYear(of) ?? 0 };
}

export const isoWeekText = (date: CalendarDate): string => {
  const { year, week } = isoWeekOf(date);
  return `${`${year}`.padStart(4, '0')}-W${`${week}`.padStart(2, '0')}`;
};

/** Days from one date to the other, negative where that is earlier. */
export const daysBetween = (from: CalendarDate, to: CalendarDate): number => diffDays(record(from), record(to));

/** Whole years, then whole months, then days from one date to the other, all of one sign. */
export function yearsMonthsDays(from: CalendarDate, to: CalendarDate): readonly [number, number, number] {
  const { years, months, days } = diff(record(from), record(to), { largestUnit: 'year' });
  return [years, months, days];
}

/** How many days from the first to the last, that one left out, fall on none of the weekdays of the weekend. */
export function workdaysBetween(from: CalendarDate, to: CalendarDate, weekend: readonly number[]): number {
  const days = daysBetween(from, to);
  if (days < 0) return -workdaysBetween(to, from, weekend);
  const perWeek = 7 - new Set(weekend).size;
  let count = Math.floor(days / 7) * perWeek;
  const first = weekdayOf(from);
  for (let i = 0; i < days % 7; i += 1) if (!weekend.includes(((first - 1 + i) % 7) + 1)) count += 1;
  return count;
}

/** What is added to a date, or taken from it. */
export type Period = Readonly<{ years: number; months: number; weeks: number; days: number }>;

/** `clampedFrom`: the day that the month did not have, so that its last one stands for it. */
export type Moved = Readonly<{ date: CalendarDate; clampedFrom: number | null }>;

/**
 * A date so many years and months later, then so many weeks and days. Where the month has no such day its last one is
 * taken, before weeks and days are counted. Problem: domain, beyond the years 1 to 9999.
 */
export function moved(date: CalendarDate, { years, months, weeks, days }: Period): DateResult<Moved> {
  const month = date.year * 12 + (date.month - 1) + years * 12 + months;
  const [year, index] = [Math.floor(month / 12), ((month % 12) + 12) % 12];
  const by = weeks * 7 + days;
  const isFar = ![month, by].every(Number.isSafeInteger) || Math.abs(by) > MOST_DAYS;
  if (isFar || year < FIRST_YEAR || year > LAST_YEAR) return fail({ code: 'domain', reason: 'date-range' });
  const most = daysInMonth(year, index + 1);
  const middle = { year, month: index + 1, day: Math.min(date.day, most) };
  const end = dateOf(addDays(record(middle), by));
  return end.year < FIRST_YEAR || end.year > LAST_YEAR
    ? fail({ code: 'domain', reason: 'date-range' })
    : succeed({ date: end, clampedFrom: date.day > most ? date.day : null });
}
