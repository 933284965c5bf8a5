import { itemAt, lastOf } from '../base/item';
import { beyondReach } from '../column/summary';
import type { Rational } from '../number/rational';

/** Where the whiskers of a box end, and the values that lie beyond them, each once and in order. */
export type Whiskers = Readonly<{ low: Rational; high: Rational; outliers: readonly Rational[] }>;

/**
 * Whiskers of a box plot. With outliers told apart, they end at the farthest values within one and a half quartile
 * ranges of the box; else at the smallest and the largest. Domain: values in order, not empty.
 */
export function whiskersOf(values: readonly Rational[], q1: Rational, q3: Rational, tellsOutliers: boolean): Whiskers {
  const [first, last] = [itemAt(values, 0), lastOf(values)];
  if (!tellsOutliers) return { low: first, high: last, outliers: [] };
  const isBeyond = beyondReach(q1, q3);
  const within = values.filter((v) => !isBeyond(v));
  return {
    low: within[0] ?? q1,
    high: within.at(-1) ?? q3,
    outliers: values.filter(isBeyond),
  };
}
