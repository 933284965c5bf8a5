import { present } from '../base/item';
import { square } from '../chance/algebra';
import { Refusal } from '../chance/refusal';
import type { RealValue } from '../number/value';
import { sampleOf, tooFew, valuesOf } from './sample';
import type { Given, Work } from './sample';
import { aroundEstimate, symmetric, symmetricChance } from './shares';
import { defineTest } from './test-record';
import type { EffectId, TestOptions, Tested } from './test-record';

type Standard = Readonly<{
  estimate: RealValue;
  /** What it is compared with; zero unless told. */
  compared?: RealValue;
  error: RealValue;
  df: RealValue | null;
  effect: Readonly<{ id: EffectId; value: RealValue }> | null;
  /** The error that the interval is built on, where it is another than that of the statistic. */
  around?: RealValue;
}>;

/** A statistic of the form (estimate − what it is compared with)/error, by z or t. */
export function standardTest(
  w: Work,
  { estimate, compared = w.of(0), error, df, effect, around = error }: Standard,
  options: TestOptions,
  isApproximate = false,
): Tested {
  if (w.sign(error) === 0) throw new Refusal({ code: 'domain', reason: 'no-variance' });
  const against = symmetric(w, df);
  const statistic = w.divide(w.subtract(estimate, compared), error);
  const p = symmetricChance(w, against, statistic, options.tail);
  return {
    outcomes: [{ letter: df === null ? 'z' : 't', statistic, df: df === null ? [] : [df], p, against }],
    estimate,
    interval: aroundEstimate(w, estimate, around, against, options),
    effect,
    isApproximate,
  };
}

const perRoot = (w: Work, variance: RealValue, n: number): RealValue => w.squareRoot(w.divide(variance, w.of(n)));
/** Cohen's d: a difference in standard deviations; none where nothing varies. */
const inDeviations = (w: Work, difference: RealValue, variance: RealValue): Standard['effect'] =>
  w.sign(variance) === 0 ? null : { id: 'd', value: w.divide(difference, w.squareRoot(variance)) };

const NIST = 'NIST/SEMATECH e-Handbook of Statistical Methods';

export const meanZ = defineTest({
  id: 'mean-z',
  needs: ['x', 'mean0', 'sd'],
  source: `${NIST}, 7.2.2`,
  work: (w, { x, mean0, sd }, options) => {
    const sample = sampleOf(w, present(x), 1);
    const [compared, deviation] = [present(mean0), present(sd)];
    const error = w.divide(deviation, w.squareRoot(w.of(sample.n)));
    const effect = { id: 'd', value: w.divide(w.subtract(sample.mean, compared), deviation) } as const;
    return standardTest(w, { estimate: sample.mean, compared, error, df: null, effect }, options);
  },
});

function oneMean(w: Work, given: Given, compared: RealValue, options: TestOptions): Tested {
  const { n, mean, variance } = sampleOf(w, given);
  const effect = inDeviations(w, w.subtract(mean, compared), variance);
  const error = perRoot(w, variance, n);
  return standardTest(w, { estimate: mean, compared, error, df: w.of(n - 1), effect }, options);
}

export const meanT = defineTest({
  id: 'mean-t',
  needs: ['x', 'mean0'],
  source: `${NIST}, 7.2.2`,
  work: (w, { x, mean0 }, options) => oneMean(w, present(x), present(mean0), options),
});

export const meansZ = defineTest({
  id: 'means-z',
  needs: ['x', 'y', 'sds'],
  source: `${NIST}, 7.3.1`,
  work: (w, { x, y, sds }, options) => {
    const [a, b] = [sampleOf(w, present(x), 1), sampleOf(w, present(y), 1)];
    const [first, second] = present(sds);
    const error = w.squareRoot(w.add(w.divide(square(w, first), w.of(a.n)), w.divide(square(w, second), w.of(b.n))));
    return standardTest(w, { estimate: w.subtract(a.mean, b.mean), error, df: null, effect: null }, options);
  },
});

/** The variance of both samples taken together, by their degrees of freedom. */
function pooled(w: Work, a: ReturnType<typeof sampleOf>, b: ReturnType<typeof sampleOf>): RealValue {
  const sum = w.add(w.multiply(w.of(a.n - 1), a.variance), w.multiply(w.of(b.n - 1), b.variance));
  return w.divide(sum, w.of(a.n + b.n - 2));
}

export const meansT = defineTest({
  id: 'means-t',
  needs: ['x', 'y'],
  source: `${NIST}, 7.3.1`,
  work: (w, { x, y }, options) => {
    const [a, b] = [sampleOf(w, present(x)), sampleOf(w, present(y))];
    const variance = pooled(w, a, b);
    const error = w.squareRoot(w.multiply(variance, w.add(w.of(1, a.n), w.of(1, b.n))));
    const estimate = w.subtract(a.mean, b.mean);
    const effect = inDeviations(w, estimate, variance);
    return standardTest(w, { estimate, error, df: w.of(a.n + b.n - 2), effect }, options);
  },
});

export const meansWelch = defineTest({
  id: 'means-welch',
  needs: ['x', 'y'],
  source: `B. L. Welch, 1947; ${NIST}, 7.3.1`,
  work: (w, { x, y }, options) => {
    const [a, b] = [sampleOf(w, present(x)), sampleOf(w, present(y))];
    const [first, second] = [w.divide(a.variance, w.of(a.n)), w.divide(b.variance, w.of(b.n))];
    const both = w.add(first, second);
    if (w.sign(both) === 0) throw new Refusal({ code: 'domain', reason: 'no-variance' });
    const weighed = w.add(w.divide(square(w, first), w.of(a.n - 1)), w.divide(square(w, second), w.of(b.n - 1)));
    const df = w.divide(square(w, both), weighed);
    const estimate = w.subtract(a.mean, b.mean);
    const effect = inDeviations(w, estimate, w.divide(w.add(a.variance, b.variance), w.of(2)));
    return standardTest(w, { estimate, error: w.squareRoot(both), df, effect }, options);
  },
});

export const meansPaired = defineTest({
  id: 'means-paired',
  needs: ['x', 'y'],
  source: `${NIST}, 7.3.1.1`,
  work: (w, { x, y }, options) => {
    const [first, second] = [valuesOf(present(x), 'means-paired'), valuesOf(present(y), 'means-paired')];
    if (first.length !== second.length)
      throw new Refusal({ code: 'dimension', reason: 'unequal-lengths', needs: first.length, got: second.length });
    if (first.length < 2) throw tooFew(2, first.length);
    const values = first.map((v, i) => w.subtract(v, second[i] ?? w.of(0)));
    return oneMean(w, { kind: 'values', values }, w.of(0), options);
  },
});
