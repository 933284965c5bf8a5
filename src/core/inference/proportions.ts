import { present } from '../base/item';
import { compare, rest } from '../chance/algebra';
import { Refusal } from '../chance/refusal';
import type { RealValue } from '../number/value';
import { standardTest } from './means';
import type { Work } from './sample';
import { defineTest } from './test-record';

const NIST = 'NIST/SEMATECH e-Handbook of Statistical Methods';

/** A share of so many: both are whole numbers, and there are not more of the first. */
function shareOf(w: Work, count: RealValue, n: RealValue, fn: string): RealValue {
  const [k, all] = [w.whole(count), w.whole(n)];
  if (k === null || k < 0) throw new Refusal({ code: 'parameter', fn, name: 'count', must: 'count' });
  if (all === null || all < 1) throw new Refusal({ code: 'parameter', fn, name: 'n', must: 'above-zero' });
  if (k > all) throw new Refusal({ code: 'parameter', fn, name: 'count', must: 'up-to-other', other: 'n' });
  return w.divide(count, n);
}

const errorOf = (w: Work, share: RealValue, n: RealValue): RealValue => w.divide(w.multiply(share, rest(w, share)), n);

export const share = defineTest({
  id: 'share',
  needs: ['count', 'n', 'share0'],
  source: `${NIST}, 7.2.4; the interval by the share that was found (Wald)`,
  work: (w, { count, n, share0 }, options) => {
    const [all, compared] = [present(n), present(share0)];
    if (w.sign(compared) <= 0 || compare(w, compared, w.of(1)) >= 0)
      throw new Refusal({ code: 'parameter', fn: 'share', name: 'share0', must: 'share-inside' });
    const estimate = shareOf(w, present(count), all, 'share');
    const error = w.squareRoot(errorOf(w, compared, all));
    const around = w.squareRoot(errorOf(w, estimate, all));
    return standardTest(w, { estimate, compared, error, around, df: null, effect: null }, options, true);
  },
});

export const shares = defineTest({
  id: 'shares',
  needs: ['counts', 'ns'],
  source: `${NIST}, 7.3.3; the test by the share of both together, the interval by each one's own`,
  work: (w, { counts, ns }, options) => {
    const [[a, b], [n, m]] = [present(counts), present(ns)];
    const [first, second] = [shareOf(w, a, n, 'shares'), shareOf(w, b, m, 'shares')];
    const together = w.divide(w.add(a, b), w.add(n, m));
    const spread = w.multiply(together, rest(w, together));
    const error = w.squareRoot(w.multiply(spread, w.add(w.divide(w.of(1), n), w.divide(w.of(1), m))));
    const around = w.squareRoot(w.add(errorOf(w, first, n), errorOf(w, second, m)));
    const estimate = w.subtract(first, second);
    return standardTest(w, { estimate, error, around, df: null, effect: null }, options, true);
  },
});
