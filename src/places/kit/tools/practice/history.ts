import type { Entries } from '@/core/notebook/kit';
import { byDay, byTopic, counted } from '@/core/practice/run';
import type { Count, MonthRows } from '@/core/practice/run';

const MONTH = /^log (\d{4})-(\d{2})$/;

const two = (n: number): string => String(n).padStart(2, '0');

type Day = Readonly<{ year: number; month: number; day: number }>;

const monthKey = ({ year, month }: Day): string => `log ${year}-${two(month)}`;

const rowsOf = (entries: Entries, name: string): MonthRows => {
  const found = entries[name];
  return Array.isArray(found) ? found : [];
};

/** The entries in which an answer of today is counted. */
export const logged = (entries: Entries, today: Day, topic: string, isRight: boolean): Entries => {
  const key = monthKey(today);
  return { [key]: counted(rowsOf(entries, key), topic, today.day, isRight) };
};

export type DayCount = Count & Readonly<{ date: string }>;

/** Days with answers, in order, and topics with theirs. */
export function historyOf(
  entries: Entries,
): Readonly<{ days: readonly DayCount[]; topics: ReadonlyMap<string, Count> }> {
  const months = Object.keys(entries)
    .filter((name) => MONTH.test(name))
    .sort();
  const days = months.flatMap((name) => {
    const [, year, month] = MONTH.exec(name) ?? [];
    return byDay(rowsOf(entries, name)).map((count, i) => ({ ...count, date: `${year}-${month}-${two(i + 1)}` }));
  });
  return {
    days: days.filter(({ all }) => all > 0),
    topics: byTopic(months.map((name) => rowsOf(entries, name))),
  };
}
