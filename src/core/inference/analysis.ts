import { present } from '../base/item';
import { square } from '../chance/algebra';
import { Refusal } from '../chance/refusal';
import type { RealValue } from '../number/value';
import { deviationsOf, meanOf, sumOf, tooFew } from './sample';
import type { Work } from './sample';
import { ask } from './shares';
import { defineTest } from './test-record';
import type { Outcome } from './test-record';

/** One mean square over another. */
export function ratio(
  w: Work,
  [sum, df]: readonly [RealValue, number],
  [left, leftDf]: readonly [RealValue, number],
  of?: Outcome['of'],
): Outcome {
  if (w.sign(left) === 0) throw new Refusal({ code: 'domain', reason: 'no-variance' });
  const statistic = w.divide(w.divide(sum, w.of(df)), w.divide(left, w.of(leftDf)));
  const parameters = [w.of(df), w.of(leftDf)];
  const p = ask(w, 'F', 'above', statistic, parameters);
  return {
    ...(of === undefined ? {} : { of }),
    letter: 'F',
    statistic,
    df: parameters,
    p,
    against: { id: 'F', parameters },
  };
}

/** Σ n·(mean − mean of all)² over groups. */
export function betweenOf(w: Work, groups: readonly (readonly RealValue[])[], all: RealValue): RealValue {
  return sumOf(
    w,
    groups.map((values) => w.multiply(w.of(values.length), square(w, w.subtract(meanOf(w, values), all)))),
  );
}

export const anova = defineTest({
  id: 'anova',
  needs: ['groups'],
  source: 'NIST/SEMATECH e-Handbook of Statistical Methods, 7.4.3',
  work: (w, { groups }) => {
    const samples = present(groups);
    if (samples.length < 2) throw tooFew(2, samples.length);
    const least = Math.min(...samples.map((values) => values.length));
    if (least < 1) throw tooFew(1, least);
    const values = samples.flat();
    if (values.length <= samples.length) throw tooFew(samples.length + 1, values.length);
    const between = betweenOf(w, samples, meanOf(w, values));
    const within = sumOf(
      w,
      samples.map((of) => deviationsOf(w, of, of)),
    );
    return {
      outcomes: [ratio(w, [between, samples.length - 1], [within, values.length - samples.length])],
      estimate: null,
      interval: [null, null],
      effect: { id: 'eta2', value: w.divide(between, w.add(between, within)) },
      isApproximate: false,
    };
  },
});
