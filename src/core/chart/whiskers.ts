import { itemAt, lastOf } from '../base/item';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/** Where the whiskers of a box end, and the values that lie beyond them, each once and in order. */
export type Whiskers = Readonly<{ low: Rational; high: Rational; outliers: readonly Rational[] }>;

/** Quartile ranges beyond which a value counts as an outlier. */
const REACH: Rational = { n: 3n, d: 2n };

/**
 * Whiskers of a box plot. With outliers told apart, they end at the farthest values within one and a half quartile
 * ranges of the box; else at the smallest and the largest. Domain: values in order, not empty.
 * Source: Tukey, Exploratory Data Analysis (1977), the rule of one and a half (from memory).
 */
export function whiskersOf(values: readonly Rational[], q1: Rational, q3: Rational, tellsOutliers: boolean): Whiskers {
  const [first, last] = [itemAt(values, 0), lastOf(values)];
  if (!tellsOutliers) return { low: first, high: last, outliers: [] };
  const reach = q.multiply(REACH, q.subtract(q3, q1));
  const [from, to] = [q.subtract(q1, reach), q.add(q3, reach)];
  const within = values.filter((v) => q.compare(v, from) >= 0 && q.compare(v, to) <= 0);
  return {
    low: within[0] ?? q1,
    high: within.at(-1) ?? q3,
    outliers: values.filter((v) => q.compare(v, from) < 0 || q.compare(v, to) > 0),
  };
}
