import { itemAt, lastOf } from '../base/item';
import type { ShouldContinue } from '../base/should-continue';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import type { QuartileRule } from './quartile-rules';
import { rootOf } from './root-of';
import { checkSize, powerSum, scaled } from './exact-sums';
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

/** Keys as doubles in order, which is many times as fast; null where one of them is too large to be told apart so. */
function sortedDoubles(keys: readonly bigint[]): Float64Array | null {
  const doubles = new Float64Array(keys.length);
  for (let i = 0; i < keys.length; i += 1) {
    const key = Number(itemAt(keys, i));
    if (!Number.isSafeInteger(key)) return null;
    doubles[i] = key;
  }
  return doubles.sort();
}

/** How often each key counts, the keys in order. */
function countedKeys(
  keys: readonly bigint[],
  counts: readonly bigint[] | null,
): readonly (readonly [bigint, bigint])[] {
  const sorted = counts === null ? sortedDoubles(keys) : null;
  if (sorted !== null) {
    const found: [bigint, bigint][] = [];
    for (let from = 0; from < sorted.length;) {
      let to = from + 1;
      while (to < sorted.length && sorted[to] === sorted[from]) to += 1;
      found.push([BigInt(itemAt(sorted, from)), BigInt(to - from)]);
      from = to;
    }
    return found;
  }
  const by = new Map<bigint, bigint>();
  keys.forEach((key, i) => by.set(key, (by.get(key) ?? 0n) + (counts?.[i] ?? 1n)));
  return [...by].filter(([, count]) => count > 0n).sort(([a], [b]) => (a < b ? -1 : 1));
}

/** Distinct values in order, each with its count; those with the count zero left out. */
export function tallied(
  values: readonly Rational[],
  counts: readonly bigint[] | null,
  shouldContinue?: ShouldContinue,
): readonly Tally[] {
  const { n: keys, d } = scaled(values, shouldContinue);
  return countedKeys(keys, counts).map(([n, count]) => ({ value: q.rational(n, d), count }));
}

/** The value at a place in order, counted from 0. */
function at(tally: readonly Tally[], place: bigint): Rational {
  let before = 0n;
  for (const { value, count } of tally) {
    before += count;
    if (place < before) return value;
  }
  throw new Error('a place beyond the last value');
}

const HALF: Rational = { n: 1n, d: 2n };

/** The median of the values from one place up to, but not, another. */
function medianOf(tally: readonly Tally[], from: bigint, to: bigint): Rational {
  const count = to - from;
  const middle = from + count / 2n;
  return count % 2n === 1n ? at(tally, middle) : q.multiply(HALF, q.add(at(tally, middle - 1n), at(tally, middle)));
}

/** The value a share of the way from the first to the last, between neighbours where it falls there. */
function interpolated(tally: readonly Tally[], n: bigint, share: Rational): Rational {
  const place = q.multiply(q.whole(n - 1n), share);
  const below = place.n / place.d;
  const low = at(tally, below);
  const rest = q.subtract(place, q.whole(below));
  return q.isZero(rest) ? low : q.add(low, q.multiply(rest, q.subtract(at(tally, below + 1n), low)));
}

function quartiles(
  tally: readonly Tally[],
  n: bigint,
  rule: QuartileRule,
): readonly [Rational | null, Rational | null] {
  if (rule === 'interpolated')
    return [interpolated(tally, n, { n: 1n, d: 4n }), interpolated(tally, n, { n: 3n, d: 4n })];
  const half = rule === 'inclusive' ? (n + 1n) / 2n : n / 2n;
  return half === 0n ? [null, null] : [medianOf(tally, 0n, half), medianOf(tally, n - half, n)];
}

function modesOf(tally: readonly Tally[]): readonly Rational[] {
  const most = tally.reduce((top, { count }) => (count > top ? count : top), 0n);
  const modes = tally.filter(({ count }) => count === most);
  return modes.length === tally.length && tally.length > 1 ? [] : modes.map(({ value }) => value);
}

/** Quartile ranges beyond which a value counts as an outlier. */
const REACH: Rational = { n: 3n, d: 2n };

/**
 * Tells whether a value lies more than one and a half quartile ranges outside the quartiles.
 * Source: Tukey, Exploratory Data Analysis (1977), the rule of one and a half (from memory).
 */
export function beyondReach(q1: Rational, q3: Rational): (value: Rational) => boolean {
  const reach = q.multiply(REACH, q.subtract(q3, q1));
  const [from, to] = [q.subtract(q1, reach), q.add(q3, reach)];
  return ({ n, d }) => n * from.d < from.n * d || n * to.d > to.n * d;
}

/**
 * The summary of a column, each value counted as often as its frequency says. Exact: sums and means as fractions,
 * standard deviations as square roots of fractions. Domain: as many frequencies as values, whole and not negative.
 * Null when there is no value left to sum up. Leaves by `Stopped` and `TooLarge` (`base/limits`). Source: ISO 3534-1 for mean and standard deviations (from memory);
 * quartiles as the rule says, which is printed with them.
 */
export function summaryOf(
  values: readonly Rational[],
  frequencies: readonly bigint[] | null,
  rule: QuartileRule,
  shouldContinue?: ShouldContinue,
): Summary | null {
  const tally = tallied(values, frequencies, shouldContinue);
  if (tally.length === 0) return null;
  const n = tally.reduce((total, { count }) => total + count, 0n);
  // Values that are alike are summed at once.
  const x = scaled(
    tally.map(({ value }) => value),
    shouldContinue,
  );
  const counts = tally.map(({ count }) => count);
  checkSize(x, 2);
  const sum = powerSum(x, null, 1, 0, counts, shouldContinue);
  const sumOfSquares = powerSum(x, null, 2, 0, counts, shouldContinue);
  const mean = q.divide(sum, q.whole(n));
  const spread = q.subtract(sumOfSquares, q.multiply(sum, mean));
  const [q1, q3] = quartiles(tally, n, rule);
  return {
    n,
    sum,
    sumOfSquares,
    mean,
    s: n < 2n ? null : rootOf(q.divide(spread, q.whole(n - 1n))),
    sigma: rootOf(q.divide(spread, q.whole(n))),
    min: itemAt(tally, 0).value,
    q1,
    median: medianOf(tally, 0n, n),
    q3,
    max: lastOf(tally).value,
    modes: modesOf(tally),
  };
}
