import { chanceAnswer } from '../chance';
import type { ChanceQuestion, DistributionId } from '../function/chance/distributions';
import type { RealValue } from '../number/value';
import type { Work } from './sample';
import type { Tail } from './test-names';
import type { Outcome, TestOptions } from './test-record';

/** What a distribution answers, from inside a test. */
export const ask = (
  w: Work,
  id: DistributionId,
  question: ChanceQuestion,
  x: RealValue,
  parameters: readonly RealValue[],
): RealValue => chanceAnswer(w, id, question, [x], parameters, id);

/** The normal or t distribution that a statistic is compared with: t by its degrees of freedom. */
export const symmetric = (w: Work, df: RealValue | null): NonNullable<Outcome['against']> =>
  df === null ? { id: 'normal', parameters: [w.of(0), w.of(1)] } : { id: 't', parameters: [df] };

/** The chance of a statistic at least as far out, where both sides are alike. */
export function symmetricChance(
  w: Work,
  { id, parameters }: NonNullable<Outcome['against']>,
  statistic: RealValue,
  tail: Tail,
): RealValue {
  if (tail !== 'two') return ask(w, id, tail === 'less' ? 'below' : 'above', statistic, parameters);
  const size = w.sign(statistic) < 0 ? w.negate(statistic) : statistic;
  return w.multiply(w.of(2), ask(w, id, 'above', size, parameters));
}

/** Twice the smaller of the two chances, at most 1; or the one of the side that is looked to. */
export function chanceOf(w: Work, below: RealValue, above: RealValue, tail: Tail): RealValue {
  if (tail !== 'two') return tail === 'less' ? below : above;
  const smaller = w.sign(w.subtract(below, above)) <= 0 ? below : above;
  const twice = w.multiply(w.of(2), smaller);
  return w.sign(w.subtract(twice, w.of(1))) > 0 ? w.of(1) : twice;
}

/** A statistic that only grows with what speaks against the hypothesis, compared with χ². */
export const byChiSquared = (w: Work, letter: Outcome['letter'], statistic: RealValue, df: RealValue): Outcome => ({
  letter,
  statistic,
  df: [df],
  p: ask(w, 'chiSquared', 'above', statistic, [df]),
  against: { id: 'chiSquared', parameters: [df] },
});

/** The share below the upper bound: half of what the level leaves lies above it, or all where one side is looked to. */
export const upperShare = (w: Work, { tail, level }: TestOptions): RealValue =>
  tail === 'two' ? w.divide(w.add(w.of(1), level), w.of(2)) : level;

/** estimate ± factor · error, open on the side that is not looked to. */
export function aroundEstimate(
  w: Work,
  estimate: RealValue,
  error: RealValue,
  { id, parameters }: NonNullable<Outcome['against']>,
  options: TestOptions,
): readonly [RealValue | null, RealValue | null] {
  const reach = w.multiply(ask(w, id, 'inverse', upperShare(w, options), parameters), error);
  return [
    options.tail === 'less' ? null : w.subtract(estimate, reach),
    options.tail === 'greater' ? null : w.add(estimate, reach),
  ];
}
