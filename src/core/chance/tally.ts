import type { Law } from './drawing';

/** How often something came, and how often theory expects it: null where it says nothing. */
export type DrawnBar = Readonly<{ label: string; drawn: number; expected: number | null }>;

/** More counts than these are put together into classes, of which there are about so many. */
const MOST_COUNTS = 40;
const CLASSES = 16;
/** A count that theory expects so often is shown, whether it came or not. */
const WORTH_SHOWING = 0.5;

const NICE = [1, 2, 5, 10] as const;

/** The simple width next above what is wanted; a whole one for counts. */
function widthFor(wanted: number, isWhole: boolean): number {
  const ten = 10 ** Math.floor(Math.log10(wanted));
  const width = (NICE.find((nice) => nice * ten >= wanted) ?? 10) * ten;
  return isWhole ? Math.max(1, Math.round(width)) : width;
}

const range = (values: readonly number[]): readonly [number, number] =>
  values.reduce<readonly [number, number]>(
    ([low, high], v) => [Math.min(low, v), Math.max(high, v)],
    [Infinity, -Infinity],
  );

function bySingleCounts(values: readonly number[], law: Law | null, from: number, to: number): readonly DrawnBar[] {
  const counts = new Map<number, number>();
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1);
  return Array.from({ length: to - from + 1 }, (_, i) => ({
    label: String(from + i),
    drawn: counts.get(from + i) ?? 0,
    expected: law && law.at(from + i) * values.length,
  }));
}

function byClasses(values: readonly number[], law: Law | null, isWhole: boolean): readonly DrawnBar[] {
  const [low, high] = range(values);
  const width = widthFor((high - low || 1) / CLASSES, isWhole);
  const first = Math.floor(low / width);
  const many = Math.floor(high / width) - first + 1;
  const counts = new Array<number>(many).fill(0);
  for (const value of values) {
    const at = Math.floor(value / width) - first;
    counts[at] = (counts[at] ?? 0) + 1;
  }
  const places = Math.max(0, -Math.floor(Math.log10(width)));
  return counts.map((drawn, i) => {
    const from = (first + i) * width;
    const to = from + width;
    // Of counts the upper bound belongs to the next class.
    const share = law && (isWhole ? law.below(to - 1) - law.below(from - 1) : law.below(to) - law.below(from));
    return { label: from.toFixed(places), drawn, expected: share && share * values.length };
  });
}

/** Numbers that were drawn as bars, beside what theory expects: each count by itself where there are few, else classes named by their lower bounds. */
export function barsOf(values: readonly number[], law: Law | null, isWhole: boolean): readonly DrawnBar[] {
  if (values.length === 0) return [];
  if (!isWhole) return byClasses(values, law, false);
  let [from, to] = range(values);
  if (to - from >= MOST_COUNTS) return byClasses(values, law, true);
  const isExpected = (k: number): boolean => law !== null && law.at(k) * values.length >= WORTH_SHOWING;
  while (to - from < MOST_COUNTS && isExpected(from - 1)) from -= 1;
  while (to - from < MOST_COUNTS && isExpected(to + 1)) to += 1;
  return bySingleCounts(values, law, from, to);
}

/** Labels that were drawn, beside how often theory expects each from a column that holds them. */
export function labelBars(drawn: readonly string[], from: readonly string[]): readonly DrawnBar[] {
  const tally = (labels: readonly string[]): ReadonlyMap<string, number> => {
    const counts = new Map<string, number>();
    for (const label of labels) counts.set(label, (counts.get(label) ?? 0) + 1);
    return counts;
  };
  const [came, held] = [tally(drawn), tally(from)];
  return [...held]
    .sort(([a], [b]) => a.localeCompare(b, 'en', { numeric: true }))
    .slice(0, MOST_COUNTS)
    .map(([label, count]) => ({
      label,
      drawn: came.get(label) ?? 0,
      expected: (count / from.length) * drawn.length,
    }));
}
