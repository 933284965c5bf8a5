import { itemAt, lastOf } from '../base/item';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { shareAt } from './classes';
import type { Class } from './classes';
import type { PercentileRule } from './percentile-rules';
import type { Tally } from './summary';

/** The value at a place in order, counted from 0; outside, the first or the last. */
function valueAt(tally: readonly Tally[], place: bigint): Rational {
  let before = 0n;
  for (const { value, count } of tally) {
    before += count;
    if (place < before) return value;
  }
  return lastOf(tally).value;
}

/** The value at a place that may lie between two values in order, counted from 0. */
function between(tally: readonly Tally[], place: Rational): Rational {
  if (place.n <= 0n) return itemAt(tally, 0).value;
  const below = place.n / place.d;
  const rest = q.subtract(place, q.whole(below));
  const low = valueAt(tally, below);
  return q.isZero(rest) ? low : q.add(low, q.multiply(rest, q.subtract(valueAt(tally, below + 1n), low)));
}

/**
 * The value below which a share of all lies, by a named rule, exactly. Domain: values in order, at least one; the share
 * from 0 to 1. Source: R. J. Hyndman, Y. Fan, The American Statistician 50 (1996), definitions 1, 6 and 7 (from memory).
 */
export function percentileOf(tally: readonly Tally[], share: Rational, rule: PercentileRule): Rational {
  const n = tally.reduce((total, { count }) => total + count, 0n);
  switch (rule) {
    case 'reached': {
      const wanted = q.multiply(q.whole(n), share);
      const place = wanted.n % wanted.d === 0n ? wanted.n / wanted.d : wanted.n / wanted.d + 1n;
      return valueAt(tally, place > 0n ? place - 1n : 0n);
    }
    case 'between':
      return between(tally, q.multiply(q.whole(n - 1n), share));
    case 'beyond':
      return between(tally, q.subtract(q.multiply(q.whole(n + 1n), share), q.ONE));
  }
}

/** The same of values of which only the classes are known, as if they were spread evenly over each. */
export const percentileOfClasses = (classes: readonly Class[], share: Rational): Rational => {
  const filled = classes.filter(({ count }) => count > 0n);
  const n = filled.reduce((total, { count }) => total + count, 0n);
  return shareAt(filled, n, share);
};
