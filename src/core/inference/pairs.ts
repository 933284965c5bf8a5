import { present } from '../base/item';
import { square } from '../chance/algebra';
import { Refusal } from '../chance/refusal';
import type { RealValue } from '../number/value';
import { standardTest } from './means';
import { deviationsOf, tooFew, valuesOf } from './sample';
import type { Given, Work } from './sample';
import { ask, symmetric, symmetricChance, upperShare } from './shares';
import { defineTest } from './test-record';

/** Sums of squares and of products of two columns of one length that both vary. */
function paired(w: Work, x: Given, y: Given, needs: number, fn: string) {
  const [xs, ys] = [valuesOf(x, fn), valuesOf(y, fn)];
  if (xs.length !== ys.length)
    throw new Refusal({ code: 'dimension', reason: 'unequal-lengths', needs: xs.length, got: ys.length });
  if (xs.length < needs) throw tooFew(needs, xs.length);
  const [xx, yy, xy] = [deviationsOf(w, xs, xs), deviationsOf(w, ys, ys), deviationsOf(w, xs, ys)];
  if (w.sign(xx) === 0 || w.sign(yy) === 0) throw new Refusal({ code: 'domain', reason: 'no-variance' });
  return { n: xs.length, xx, yy, xy };
}

/** tanh by the exponential, for the way back from Fisher's z. */
const hyperbolicTangent = (w: Work, z: RealValue): RealValue => {
  const twice = w.exp(w.multiply(w.of(2), z));
  return w.divide(w.subtract(twice, w.of(1)), w.add(twice, w.of(1)));
};

export const correlation = defineTest({
  id: 'correlation',
  needs: ['x', 'y'],
  source: 'R. A. Fisher, 1921, for the interval; t with n − 2 degrees of freedom: common practice, no source',
  work: (w, { x, y }, options) => {
    const { n, xx, yy, xy } = paired(w, present(x), present(y), 3, 'correlation');
    const r = w.divide(xy, w.squareRoot(w.multiply(xx, yy)));
    const unexplained = w.subtract(w.of(1), w.divide(square(w, xy), w.multiply(xx, yy)));
    if (w.sign(unexplained) === 0) throw new Refusal({ code: 'domain', reason: 'on-a-line' });
    const df = w.of(n - 2);
    const statistic = w.multiply(r, w.squareRoot(w.divide(df, unexplained)));
    const against = symmetric(w, df);
    const bound = (sign: 1 | -1): RealValue | null => {
      if (n < 4) return null;
      const z = w.divide(w.ln(w.divide(w.add(w.of(1), r), w.subtract(w.of(1), r))), w.of(2));
      const reach = w.divide(
        ask(w, 'normal', 'inverse', upperShare(w, options), [w.of(0), w.of(1)]),
        w.squareRoot(w.of(n - 3)),
      );
      return hyperbolicTangent(w, sign > 0 ? w.add(z, reach) : w.subtract(z, reach));
    };
    return {
      outcomes: [
        { letter: 't', statistic, df: [df], p: symmetricChance(w, against, statistic, options.tail), against },
      ],
      estimate: r,
      interval: [options.tail === 'less' ? null : bound(-1), options.tail === 'greater' ? null : bound(1)],
      effect: { id: 'r', value: r },
      isApproximate: false,
    };
  },
});

export const slope = defineTest({
  id: 'slope',
  needs: ['x', 'y'],
  source: 'NIST/SEMATECH e-Handbook of Statistical Methods, 4.1.4.1',
  work: (w, { x, y }, options) => {
    const { n, xx, yy, xy } = paired(w, present(x), present(y), 3, 'slope');
    const estimate = w.divide(xy, xx);
    const left = w.subtract(yy, w.divide(square(w, xy), xx));
    if (w.sign(left) === 0) throw new Refusal({ code: 'domain', reason: 'on-a-line' });
    const error = w.squareRoot(w.divide(left, w.multiply(w.of(n - 2), xx)));
    const effect = { id: 'r', value: w.divide(xy, w.squareRoot(w.multiply(xx, yy))) } as const;
    return standardTest(w, { estimate, error, df: w.of(n - 2), effect }, options);
  },
});
