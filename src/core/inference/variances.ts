import { present } from '../base/item';
import { Refusal } from '../chance/refusal';
import type { RealValue } from '../number/value';
import { sampleOf } from './sample';
import type { Work } from './sample';
import { ask, chanceOf, upperShare } from './shares';
import { defineTest } from './test-record';
import type { TestOptions } from './test-record';

const NIST = 'NIST/SEMATECH e-Handbook of Statistical Methods';

/** The shares below the lower and the upper bound of an interval; null for a side that is not looked to. */
function boundShares(w: Work, options: TestOptions): readonly [low: RealValue | null, high: RealValue | null] {
  const upper = upperShare(w, options);
  const lower = w.subtract(w.of(1), upper);
  return [options.tail === 'greater' ? null : lower, options.tail === 'less' ? null : upper];
}

export const variance = defineTest({
  id: 'variance',
  needs: ['x', 'variance0'],
  source: `${NIST}, 7.2.3`,
  work: (w, { x, variance0 }, options) => {
    const sample = sampleOf(w, present(x));
    const compared = present(variance0);
    if (w.sign(compared) <= 0)
      throw new Refusal({ code: 'parameter', fn: 'variance', name: 'variance0', must: 'above-zero' });
    const df = w.of(sample.n - 1);
    const sum = w.multiply(df, sample.variance);
    const statistic = w.divide(sum, compared);
    const at = (question: 'below' | 'above'): RealValue => ask(w, 'chiSquared', question, statistic, [df]);
    const [low, high] = boundShares(w, options);
    const bound = (share: RealValue | null): RealValue | null =>
      share === null ? null : w.divide(sum, ask(w, 'chiSquared', 'inverse', share, [df]));
    return {
      outcomes: [
        {
          letter: 'χ²',
          statistic,
          df: [df],
          p: chanceOf(w, at('below'), at('above'), options.tail),
          against: { id: 'chiSquared', parameters: [df] },
        },
      ],
      estimate: sample.variance,
      // The larger share stands for the smaller variance.
      interval: [bound(high), bound(low)],
      effect: { id: 'ratio', value: w.divide(sample.variance, compared) },
      isApproximate: false,
    };
  },
});

export const variances = defineTest({
  id: 'variances',
  needs: ['x', 'y'],
  source: `${NIST}, 7.3.2`,
  work: (w, { x, y }, options) => {
    const [a, b] = [sampleOf(w, present(x)), sampleOf(w, present(y))];
    if (w.sign(a.variance) === 0 || w.sign(b.variance) === 0)
      throw new Refusal({ code: 'domain', reason: 'no-variance' });
    const df = [w.of(a.n - 1), w.of(b.n - 1)];
    const statistic = w.divide(a.variance, b.variance);
    const at = (question: 'below' | 'above'): RealValue => ask(w, 'F', question, statistic, df);
    const [low, high] = boundShares(w, options);
    const bound = (share: RealValue | null): RealValue | null =>
      share === null ? null : w.divide(statistic, ask(w, 'F', 'inverse', share, df));
    return {
      outcomes: [
        {
          letter: 'F',
          statistic,
          df,
          p: chanceOf(w, at('below'), at('above'), options.tail),
          against: { id: 'F', parameters: df },
        },
      ],
      estimate: statistic,
      interval: [bound(high), bound(low)],
      effect: null,
      isApproximate: false,
    };
  },
});
