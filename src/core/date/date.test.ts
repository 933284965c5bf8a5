import fc from 'fast-check';
import * as q from '../number/rational';
import {
  dayOfYear,
  daysBetween,
  daysInMonth,
  isoText,
  isoWeekText,
  moved,
  weekdayOf,
  workdaysBetween,
  yearsMonthsDays,
} from './date';
import type { CalendarDate } from './date';
import { readDate } from './read';
import { betweenClocks, partsOfSpan, readClock, readSpan } from './times';

const SEED = 20261128;
const check = <T extends [unknown, ...unknown[]]>(property: fc.IProperty<T>): void =>
  fc.assert(property, { seed: SEED });

const date: fc.Arbitrary<CalendarDate> = fc
  .tuple(fc.integer({ min: 1, max: 9999 }), fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 31 }))
  .map(([year, month, day]) => ({ year, month, day: Math.min(day, daysInMonth(year, month)) }));

/** Outside reference: the platform’s own dates, in the time zone UTC. */
function platform({ year, month, day }: CalendarDate): Date {
  const at = new Date(0);
  at.setUTCFullYear(year, month - 1, day);
  return at;
}
const DAY = 86_400_000;

test(`days, weekdays and days of the year are those of the platform’s own dates (seed ${SEED})`, () =>
  check(
    fc.property(date, date, (a, b) => {
      expect(daysBetween(a, b)).toBe((platform(b).getTime() - platform(a).getTime()) / DAY);
      expect(weekdayOf(a) % 7).toBe(platform(a).getUTCDay());
      const start = platform({ ...a, month: 1, day: 1 });
      expect(dayOfYear(a)).toBe((platform(a).getTime() - start.getTime()) / DAY + 1);
      expect(isoText(a)).toBe(platform(a).toISOString().slice(0, 10));
    }),
  ));

test(`going by years, months and days leads from one date to the other (seed ${SEED})`, () =>
  check(
    fc.property(date, date, (a, b) => {
      const [years, months, days] = yearsMonthsDays(a, b);
      const result = moved(a, { years, months, weeks: 0, days });
      expect(result.ok && result.value.date).toEqual(b);
    }),
  ));

test(`workdays are counted one by one (seed ${SEED})`, () =>
  check(
    fc.property(date, fc.integer({ min: 0, max: 60 }), fc.subarray([1, 2, 3, 4, 5, 6, 7]), (from, n, weekend) => {
      const to = moved(from, { years: 0, months: 0, weeks: 0, days: n });
      if (!to.ok) return;
      const days = Array.from({ length: n }, (_, i) => ((weekdayOf(from) - 1 + i) % 7) + 1);
      expect(workdaysBetween(from, to.value.date, weekend)).toBe(days.filter((day) => !weekend.includes(day)).length);
    }),
  ));

// ISO 8601-1:2019, 4.2.2 and 5.2.3: weeks at the turn of the year, as its examples have them (from memory).
test.each([
  ['2024-01-01', '2024-W01'],
  ['2023-01-01', '2022-W52'],
  ['2020-12-31', '2020-W53'],
  ['2021-01-03', '2020-W53'],
  ['2018-12-31', '2019-W01'],
])('%s is in week %s', (text, week) => {
  const found = readDate(text, 'ymd');
  expect(found.ok && isoWeekText(found.value)).toBe(week);
});

test.each([
  ['2024-02-29', 'ymd', '2024-02-29'],
  ['29.2.2024', 'dmy', '2024-02-29'],
  ['2/29/2024', 'mdy', '2024-02-29'],
  ['29/2/2024', 'ymd', '2024-02-29'],
  ['23/9/2026', 'mdy', '2026-09-23'],
  ['9/23/2026', 'dmy', '2026-09-23'],
  ['9/5/2026', 'dmy', '2026-05-09'],
  ['31 May 2027', 'mdy', '2027-05-31'],
  ['May 31st, 2027', 'dmy', '2027-05-31'],
  ['2024-W05-3', 'ymd', '2024-01-31'],
  ['2024-366', 'ymd', '2024-12-31'],
  ['20240229', 'ymd', '2024-02-29'],
])('%s (%s) is read as %s', (text, order, expected) => {
  const found = readDate(text, order as 'ymd');
  expect(found.ok && isoText(found.value)).toBe(expected);
});

test.each([
  ['2023-02-29', 'no-such-date'],
  ['2023-W53-1', 'no-such-date'],
  ['31/12/24', 'year-digits'],
  ['0000-01-01', 'date-range'],
  ['soon', 'date-badly-formed'],
  ['', 'date-badly-formed'],
])('%s is refused: %s', (text, reason) =>
  expect(readDate(text, 'dmy')).toMatchObject({ ok: false, problem: { reason } }),
);

test.each([
  ['2024-01-31', { months: 1 }, '2024-02-29', 31],
  ['2024-02-29', { years: 1, days: 1 }, '2025-03-01', 29],
  ['2024-03-31', { months: -1 }, '2024-02-29', 31],
  ['2024-12-31', { weeks: 1 }, '2025-01-07', null],
])('%s and %j is %s, from the day %s', (text, period, expected, clampedFrom) => {
  const start = readDate(text, 'ymd');
  const result = start.ok ? moved(start.value, { years: 0, months: 0, weeks: 0, days: 0, ...period }) : start;
  expect(result).toMatchObject({ ok: true, value: { clampedFrom } });
  expect(result.ok && isoText(result.value.date)).toBe(expected);
});

test.each([
  ['2 h 15 min + 50 min', '11100'],
  ['2:15 − 0:50:30', '5070'],
  ['3 × 25 min', '4500'],
  ['1 h ÷ 7', '3600/7'],
  ['PT2H15M', '8100'],
  ['1.5 h', '5400'],
  ['1 d 30 s', '86430'],
])('%s is %s seconds', (text, seconds) => {
  const found = readSpan(text);
  const [n = '0', d = '1'] = seconds.split('/');
  expect(found).toEqual({ ok: true, value: q.rational(BigInt(n), BigInt(d)) });
});

test.each(['', '2 x', '2 h × 3 min', 'h', '2:75', '5'])('“%s” is no span of time', (text) =>
  expect(readSpan(text)).toMatchObject({ ok: false, problem: { reason: 'time-badly-formed' } }),
);

test('clocks go over midnight, and spans come apart in hours, minutes and seconds', () => {
  const [late, early] = [readClock('22:30'), readClock('6.15 am')];
  if (!late.ok || !early.ok) throw new Error('no clock');
  const span = betweenClocks(late.value, early.value);
  expect(partsOfSpan(span)).toEqual({ isNegative: false, hours: 7n, minutes: 45n, seconds: q.ZERO });
  for (const text of ['24:01', '13 pm', '7', '7:60'])
    expect(readClock(text)).toMatchObject({ ok: false, problem: { reason: 'time-badly-formed' } });
});
