import { unhurried } from '../base/should-continue';
import type { ShouldContinue } from '../base/should-continue';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import type { QuartileRule } from './quartile-rules';
import { rootOf } from './root-of';
import {
  countedOf,
  greatestOf,
  keyPowers,
  leastOf,
  mostOften,
  valueAt,
  valueBetween,
  valueOf,
  wholeAt,
} from './counted';
import type { Counted } from './counted';
import { checkSize, scaled } from './exact-sums';
import type { RealValue } from '../number/value';

/** A value and how often it occurs. */
export type Tally = Readonly<{ value: Rational; count: bigint }>;

export type Summary = Readonly<{
  n: bigint;
  sum: Rational;
  sumOfSquares: Rational;
  mean: Rational;
  /** Sample standard deviation (divides by n − 1); null for fewer than two values. */
  s: RealValue | null;
  /** Population standard deviation (divides by n). */
  sigma: RealValue;
  min: Rational;
  /** Null when a half holds no value: fewer than two values under the rule `halves`. */
  q1: Rational | null;
  median: Rational;
  q3: Rational | null;
  max: Rational;
  /** The values that occur most often, in order; none when no value occurs more often than the others. */
  modes: readonly Rational[];
}>;

/** Distinct values in order, each with its count; those with the count zero left out. */
export function tallied(
  values: readonly Rational[],
  counts: readonly bigint[] | null,
  shouldContinue: ShouldContinue = unhurried,
): readonly Tally[] {
  const result = countedOf(scaled(values, shouldContinue), counts);
  return Array.from({ length: result.keys.length }, (_, i) => ({
    value: valueOf(result, i),
    count: wholeAt(result.counts, i),
  }));
}

const HALF: Rational = { n: 1n, d: 2n };

/** The median of the values from one place up to, but not, another. */
function medianOf(of: Counted, from: bigint, to: bigint): Rational {
  const count = to - from;
  const middle = from + count / 2n;
  const high = valueAt(of, middle);
  return count % 2n === 1n ? high : q.multiply(HALF, q.add(valueAt(of, middle - 1n), high));
}

function quartiles(of: Counted, rule: QuartileRule): readonly [Rational | null, Rational | null] {
  const { n } = of;
  const along = (share: Rational): Rational => valueBetween(of, q.multiply(q.whole(n - 1n), share));
  if (rule === 'interpolated') return [along({ n: 1n, d: 4n }), along({ n: 3n, d: 4n })];
  const half = rule === 'inclusive' ? (n + 1n) / 2n : n / 2n;
  return half === 0n ? [null, null] : [medianOf(of, 0n, half), medianOf(of, n - half, n)];
}

/** Quartile ranges beyond which a value counts as an outlier. */
const REACH: Rational = { n: 3n, d: 2n };

/**
 * Tells whether a value, which need not be in lowest terms, lies more than one and a half quartile ranges outside the
 * quartiles. Source: Tukey, Exploratory Data Analysis (1977), the rule of one and a half (from memory).
 */
export function beyondReach(q1: Rational, q3: Rational): (value: Rational) => boolean {
  const reach = q.multiply(REACH, q.subtract(q3, q1));
  const [from, to] = [q.subtract(q1, reach), q.add(q3, reach)];
  return ({ n, d }) => n * from.d < from.n * d || n * to.d > to.n * d;
}

/**
 * The summary of a column, each value counted as often as its frequency says. Exact: sums and means as fractions,
 * standard deviations as square roots of fractions. Domain: as many frequencies as values, whole and not negative.
 * Null when there is no value left to sum up. Leaves by `Stopped` and `TooLarge` (`base/limits`). Source: ISO 3534-1 for
 * mean and standard deviations (from memory); quartiles as the rule says, which is printed with them.
 */
export const summaryOf = (
  values: readonly Rational[],
  frequencies: readonly bigint[] | null,
  rule: QuartileRule,
  shouldContinue: ShouldContinue = unhurried,
): Summary | null => summaryOfCounted(countedOf(scaled(values, shouldContinue), frequencies), rule, shouldContinue);

/** The same of values that are counted. */
export function summaryOfCounted(of: Counted, rule: QuartileRule, shouldContinue: ShouldContinue): Summary | null {
  const { keys, n, d } = of;
  if (keys.length === 0) return null;
  // In order, the longest are at the ends.
  checkSize({ n: [wholeAt(keys, 0), wholeAt(keys, keys.length - 1)], d }, 2);
  const [, s1 = 0n, s2 = 0n] = keyPowers(of, 2, shouldContinue);
  const sum = q.rational(s1, d);
  const sumOfSquares = q.rational(s2, d * d);
  const mean = q.divide(sum, q.whole(n));
  const spread = q.subtract(sumOfSquares, q.multiply(sum, mean));
  const [q1, q3] = quartiles(of, rule);
  return {
    n,
    sum,
    sumOfSquares,
    mean,
    s: n < 2n ? null : rootOf(q.divide(spread, q.whole(n - 1n))),
    sigma: rootOf(q.divide(spread, q.whole(n))),
    min: leastOf(of),
    q1,
    median: medianOf(of, 0n, n),
    q3,
    max: greatestOf(of),
    modes: mostOften(of),
  };
}
