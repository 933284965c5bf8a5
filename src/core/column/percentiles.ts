import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { shareAt } from './classes';
import type { Class } from './classes';
import type { PercentileRule } from './percentile-rules';
import { valueAt, valueBetween } from './counted';
import type { Counted } from './counted';

/**
 * The value below which a share of all lies, by a named rule, exactly. Domain: values in order, at least one; the share
 * from 0 to 1. Source: R. J. Hyndman, Y. Fan, The American Statistician 50 (1996), definitions 1, 6 and 7 (from memory).
 */
export function percentileOf(of: Counted, share: Rational, rule: PercentileRule): Rational {
  const { n } = of;
  switch (rule) {
    case 'reached': {
      const wanted = q.multiply(q.whole(n), share);
      const place = wanted.n % wanted.d === 0n ? wanted.n / wanted.d : wanted.n / wanted.d + 1n;
      return valueAt(of, place > 0n ? place - 1n : 0n);
    }
    case 'between':
      return valueBetween(of, q.multiply(q.whole(n - 1n), share));
    case 'beyond':
      return valueBetween(of, q.subtract(q.multiply(q.whole(n + 1n), share), q.ONE));
  }
}

/** The same of values of which only the classes are known, as if they were spread evenly over each. */
export const percentileOfClasses = (classes: readonly Class[], share: Rational): Rational => {
  const filled = classes.filter(({ count }) => count > 0n);
  const n = filled.reduce((total, { count }) => total + count, 0n);
  return shareAt(filled, n, share);
};
