import { itemAt } from '../base/item';
import { goOn } from '../base/limits';
import { unhurried } from '../base/should-continue';
import type { ShouldContinue } from '../base/should-continue';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import type { Scaled } from './exact-sums';
import { squareSum } from './plain-numbers';
import type { PlainNumbers } from './plain-numbers';

/** Whole numbers, as doubles where each of them is told apart so. */
export type WholeNumbers = Float64Array | readonly bigint[];

/**
 * Distinct values in order, each with how often it counts, over one denominator: value i is `keys[i] / d`, and `n` is how
 * many count in all. A million values are held so without a fraction, or even a whole number of any length, for each.
 */
export type Counted = Readonly<{ keys: WholeNumbers; counts: WholeNumbers; n: bigint; d: bigint }>;

/** Steps between two questions whether there is time left. */
const STRIDE = 4096;

/** Goes on with the work at every so many steps of it. */
export function strides(step: number, shouldContinue: ShouldContinue): void {
  if (step % STRIDE === 0) goOn(shouldContinue);
}

export const wholeAt = (numbers: WholeNumbers, i: number): bigint => BigInt(itemAt<number | bigint>(numbers, i));

function countedDoubles(keys: Float64Array, d: bigint): Counted {
  const sorted = keys.toSorted();
  const distinct = new Float64Array(sorted.length);
  const counts = new Float64Array(sorted.length);
  let size = 0;
  for (let from = 0; from < sorted.length; size += 1) {
    let to = from + 1;
    while (to < sorted.length && sorted[to] === sorted[from]) to += 1;
    distinct[size] = itemAt(sorted, from);
    counts[size] = to - from;
    from = to;
  }
  return { keys: distinct.subarray(0, size), counts: counts.subarray(0, size), n: BigInt(sorted.length), d };
}

/** Keys as doubles, which are many times as fast to sort; null where one of them is too large to be told apart so. */
function asDoubles(keys: readonly bigint[]): Float64Array | null {
  const doubles = new Float64Array(keys.length);
  for (let i = 0; i < keys.length; i += 1) {
    const key = Number(itemAt(keys, i));
    if (!Number.isSafeInteger(key)) return null;
    doubles[i] = key;
  }
  return doubles;
}

/** Numbers that were read at once. */
export const countedPlain = ({ keys, d }: PlainNumbers): Counted => countedDoubles(keys, d);

/** Values with how often each counts, once each without; those that count zero times are left out. */
export function countedOf({ n: keys, d }: Scaled, counts: readonly bigint[] | null): Counted {
  const doubles = counts === null ? asDoubles(keys) : null;
  if (doubles !== null) return countedDoubles(doubles, d);
  const by = new Map<bigint, bigint>();
  keys.forEach((key, i) => by.set(key, (by.get(key) ?? 0n) + (counts?.[i] ?? 1n)));
  const found = [...by].filter(([, count]) => count > 0n).sort(([a], [b]) => (a < b ? -1 : 1));
  return {
    keys: found.map(([key]) => key),
    counts: found.map(([, count]) => count),
    n: found.reduce((sum, [, count]) => sum + count, 0n),
    d,
  };
}

/** The value with an index among the distinct ones. */
export const valueOf = ({ keys, d }: Counted, i: number): Rational => q.rational(wholeAt(keys, i), d);

export const leastOf = (of: Counted): Rational => valueOf(of, 0);
export const greatestOf = (of: Counted): Rational => valueOf(of, of.keys.length - 1);

/** The value at a place in order, counted from 0; outside, the first or the last. */
export function valueAt(of: Counted, place: bigint): Rational {
  if (place < 0n) return leastOf(of);
  const { keys, counts, n } = of;
  if (place >= n) return greatestOf(of);
  if (n === BigInt(keys.length)) return valueOf(of, Number(place));
  let after = place;
  let i = 0;
  while (after >= itemAt<number | bigint>(counts, i)) {
    after -= wholeAt(counts, i);
    i += 1;
  }
  return valueOf(of, i);
}

/** The value at a place that may lie between two values, on the straight line between them. */
export function valueBetween(of: Counted, place: Rational): Rational {
  if (place.n <= 0n) return leastOf(of);
  const below = place.n / place.d;
  const rest = q.subtract(place, q.whole(below));
  const low = valueAt(of, below);
  return q.isZero(rest) ? low : q.add(low, q.multiply(rest, q.subtract(valueAt(of, below + 1n), low)));
}

/** The distinct values that count most often; none when none counts more often than the others. */
export function mostOften(of: Counted): readonly Rational[] {
  const { counts } = of;
  let most: number | bigint = 0;
  let often = 0;
  for (let i = 0; i < counts.length; i += 1) {
    const count = itemAt<number | bigint>(counts, i);
    if (count > most) often = 0;
    if (count >= most) {
      most = count;
      often += 1;
    }
  }
  if (often === counts.length && often > 1) return [];
  return Array.from(counts as ArrayLike<number | bigint>, (count, i) => (count === most ? i : -1))
    .filter((i) => i >= 0)
    .map((i) => valueOf(of, i));
}

/** Σ count·key^k for k from 0 up to `most`: the sums of powers, each over a power of the denominator. */
export function keyPowers(
  { keys, counts }: Counted,
  most: number,
  shouldContinue: ShouldContinue = unhurried,
): readonly bigint[] {
  const near =
    most === 2 && keys instanceof Float64Array && counts instanceof Float64Array ? squareSum(keys, counts) : null;
  if (near !== null) return near;
  const sums = Array.from({ length: most + 1 }, () => 0n);
  for (let i = 0; i < keys.length; i += 1) {
    strides(i, shouldContinue);
    const key = wholeAt(keys, i);
    let power = wholeAt(counts, i);
    for (let k = 0; ; k += 1) {
      sums[k] = itemAt(sums, k) + power;
      if (k === most) break;
      power *= key;
    }
  }
  return sums;
}
