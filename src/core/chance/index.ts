import { itemAt } from '../base/item';
import type { ProblemData } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import { distributionShape } from '../function/chance/distributions';
import type { ChanceQuestion, DistributionId, Parameter } from '../function/chance/distributions';
import { ONE, subtract } from '../number/arithmetic';
import { equal } from '../number/rational';
import { asRational, fromWhole } from '../number/value';
import type { RealValue } from '../number/value';
import { compare, rest } from './algebra';
import type { Algebra } from './algebra';
import { binomial, geometric, negativeBinomial, poisson } from './counts';
import type { Counted, Distribution, Measured, Parameters } from './distribution';
import { doubleAlgebra } from './double-algebra';
import { discreteUniform, hypergeometric } from './draws';
import { exactAlgebra } from './exact-algebra';
import { beta, exponential, gamma, lognormal, normal, uniform, weibull } from './measurements';
import { Refusal, attempt } from './refusal';
import { F, chiSquared, t } from './test-distributions';

/** How every distribution is worked, by its name. */
const distributions: { readonly [I in DistributionId]: Distribution } = {
  binomial,
  poisson,
  geometric,
  negativeBinomial,
  hypergeometric,
  discreteUniform,
  normal,
  uniform,
  exponential,
  lognormal,
  weibull,
  gamma,
  beta,
  t,
  chiSquared,
  F,
};
export const distributionOf = (id: DistributionId): Distribution => distributions[id];

/** Whether a parameter is what it must be by itself. */
function fits<T>(w: Algebra<T>, value: T, { must }: Parameter): boolean {
  switch (must) {
    case 'any':
      return true;
    case 'above-zero':
      return w.sign(value) > 0;
    case 'from-zero':
      return w.sign(value) >= 0;
    case 'share':
      return w.sign(value) >= 0 && compare(w, value, w.of(1)) <= 0;
    case 'share-above-zero':
      return w.sign(value) > 0 && compare(w, value, w.of(1)) <= 0;
    case 'whole':
      return w.whole(value) !== null;
    case 'count':
      return w.whole(value) !== null && w.sign(value) >= 0;
  }
}

/** Refuses parameters that the distribution does not take; `fn` is what is told of. */
function check<T>(w: Algebra<T>, id: DistributionId, parameters: Parameters<T>, fn: string): void {
  const told = distributionShape(id)?.parameters ?? [];
  told.forEach((parameter, i) => {
    const { name, must, above, upTo } = parameter;
    const value = itemAt(parameters, i);
    if (must !== 'any' && !fits(w, value, parameter)) throw new Refusal({ code: 'parameter', fn, name, must });
    const other = above ?? upTo;
    if (other === undefined) return;
    const side = compare(
      w,
      value,
      itemAt(
        parameters,
        told.findIndex((of) => of.name === other),
      ),
    );
    // Whole numbers from one to another may be a single one.
    const isIn = upTo === undefined ? side > 0 || (side === 0 && must === 'whole') : side <= 0;
    if (!isIn)
      throw new Refusal({
        code: 'parameter',
        fn,
        name,
        must: upTo !== undefined ? 'up-to-other' : must === 'whole' ? 'from-other' : 'above-other',
        other,
      });
  });
}

const isUnder = <T>(w: Algebra<T>, x: T, end: T | null): boolean => end !== null && compare(w, x, end) < 0;
const isOver = <T>(w: Algebra<T>, x: T, end: T | null): boolean => end !== null && compare(w, x, end) > 0;
const isAt = <T>(w: Algebra<T>, x: T, end: T | null): boolean => end !== null && compare(w, x, end) === 0;

const INFINITE = (fn: string): Refusal => new Refusal({ code: 'domain', reason: 'grows-without-bound', fn });

function densityOf<T>(w: Algebra<T>, d: Measured, p: Parameters<T>, x: T, fn: string): T {
  const { low, high } = d.ends(w, p);
  if (isUnder(w, x, low) || isOver(w, x, high)) return w.of(0);
  const edge = isAt(w, x, low) ? d.atLow : isAt(w, x, high) ? d.atHigh : null;
  if (edge === null) return d.density(w, p, x);
  const value = edge === undefined ? w.of(0) : edge(w, p);
  if (value === null) throw INFINITE(fn);
  return value;
}

function probabilityAt<T>(w: Algebra<T>, d: Counted, p: Parameters<T>, k: T, fn: string): T {
  if (w.whole(k) === null) throw new Refusal({ code: 'domain', reason: 'not-whole', fn });
  const { low, high } = d.ends(w, p);
  return isUnder(w, k, low) || isOver(w, k, high) ? w.of(0) : d.at(w, p, k);
}

/** The share at or below x, or above it. */
function shareOf<T>(w: Algebra<T>, d: Distribution, p: Parameters<T>, given: T, side: 'below' | 'above'): T {
  const x = d.isOfCounts ? w.floor(given) : given;
  const { low, high } = d.ends(w, p);
  const [none, all] = side === 'below' ? [w.of(0), w.of(1)] : [w.of(1), w.of(0)];
  if (isUnder(w, x, low) || (!d.isOfCounts && isAt(w, x, low))) return none;
  if (isOver(w, x, high) || isAt(w, x, high)) return all;
  return d[side](w, p, x);
}

/** The share from a to b, both counted in; worked from the side on which less lies, so that no digit is lost. */
function shareBetween<T>(w: Algebra<T>, d: Distribution, p: Parameters<T>, from: T, to: T, fn: string): T {
  if (compare(w, from, to) > 0)
    throw new Refusal({ code: 'parameter', fn, name: 'to', must: 'from-other', other: 'from' });
  // The whole numbers that lie below `from`: up to its ceiling less one.
  const under = d.isOfCounts ? w.subtract(w.negate(w.floor(w.negate(from))), w.of(1)) : from;
  const below = shareOf(w, d, p, under, 'below');
  return w.rough(below) > 0.5
    ? w.subtract(shareOf(w, d, p, under, 'above'), shareOf(w, d, p, to, 'above'))
    : w.subtract(shareOf(w, d, p, to, 'below'), below);
}

function measuredInverse<T>(w: Algebra<T>, d: Measured, p: Parameters<T>, share: T, fn: string): T {
  const above = rest(w, share);
  const { low, high } = d.ends(w, p);
  const end = w.sign(share) === 0 ? low : w.sign(above) === 0 ? high : undefined;
  if (end === null) throw new Refusal({ code: 'parameter', fn, name: 'share', must: 'share-of-end' });
  return end ?? d.inverse(w, p, share, above);
}

/** Counts beyond this are not searched for a share. */
const LARGEST_COUNT = 2 ** 50;

/** The least k whose share at or below reaches `share`: by doubling a stretch from the lowest on, then halving it. */
function countedInverse<T>(w: Algebra<T>, d: Counted, p: Parameters<T>, share: T, fn: string): T {
  const above = rest(w, share);
  const { low, high } = d.ends(w, p);
  if (w.sign(above) === 0) {
    if (high === null) throw new Refusal({ code: 'parameter', fn, name: 'share', must: 'share-of-end' });
    return high;
  }
  const isSmall = compare(w, share, above) <= 0;
  const reaches = (k: number): boolean => {
    const at = w.of(k);
    return isSmall
      ? compare(w, shareOf(w, d, p, at, 'below'), share) >= 0
      : compare(w, shareOf(w, d, p, at, 'above'), above) <= 0;
  };
  const first = low === null ? 0 : (w.whole(low) ?? 0);
  const last = high === null ? LARGEST_COUNT : (w.whole(high) ?? LARGEST_COUNT);
  if (reaches(first)) return w.of(first);
  let [under, step] = [first, 1];
  const middle = d.mean(w, p);
  const start = middle === null ? first : Math.floor(w.rough(middle));
  if (start > first && start < last && !reaches(start)) under = start;
  while (under + step < last && !reaches(under + step)) [under, step] = [under + step, 2 * step];
  let over = Math.min(last, under + step);
  while (over - under > 1) {
    const half = Math.floor((under + over) / 2);
    if (reaches(half)) over = half;
    else under = half;
  }
  return w.of(over);
}

/** What a distribution answers, worked with any algebra; what is wrong ends the work by a `Refusal`. */
export function chanceAnswer<T>(
  w: Algebra<T>,
  id: DistributionId,
  question: ChanceQuestion,
  values: readonly T[],
  parameters: Parameters<T>,
  fn: string,
): T {
  const d = distributions[id];
  check(w, id, parameters, fn);
  const x = itemAt(values, 0);
  switch (question) {
    case 'at':
      return d.isOfCounts ? probabilityAt(w, d, parameters, x, fn) : densityOf(w, d, parameters, x, fn);
    case 'below':
    case 'above':
      return shareOf(w, d, parameters, x, question);
    case 'between':
      return shareBetween(w, d, parameters, x, itemAt(values, 1), fn);
    case 'inverse':
      if (w.sign(x) < 0 || compare(w, x, w.of(1)) > 0)
        throw new Refusal({ code: 'parameter', fn, name: 'share', must: 'share' });
      return d.isOfCounts ? countedInverse(w, d, parameters, x, fn) : measuredInverse(w, d, parameters, x, fn);
  }
}

/** What stands for parameters that are left out. */
export const absentParameters = (id: DistributionId): readonly RealValue[] =>
  (distributionShape(id)?.parameters ?? []).map(({ absent }) => fromWhole(BigInt(absent ?? '0')));

/** How many values a question is about, before the parameters. */
export const valuesOf = (question: ChanceQuestion): number => (question === 'between' ? 2 : 1);

/**
 * What a distribution answers: `at` the density at x or the probability of k, `below` P(X ≤ x), `above` P(X > x), `between`
 * P(a ≤ X ≤ b), `inverse` the place below which that share lies (of counts the least whose share at or below reaches it).
 * Exact where it comes out, else a recipe that balls work to any digit, in body and tails alike. `fn` is what a problem
 * tells of. Problems: parameter; domain; too-large; stopped; not-converged where two shares cannot be told apart.
 * Source: ISO 3534-1 for the definitions; geometric counts trials from 1, negativeBinomial the failures.
 */
export const chanceValue = (
  id: DistributionId,
  question: ChanceQuestion,
  values: readonly RealValue[],
  parameters: Parameters<RealValue>,
  fn: string,
  shouldContinue: ShouldContinue,
): Result<RealValue, ProblemData> => {
  const known = shareKnown(id, question, itemAt(values, 0), parameters);
  if (known !== null) return succeed(known);
  const result = attempt(() => chanceAnswer(exactAlgebra(shouldContinue), id, question, values, parameters, fn));
  if (question === 'inverse' && result.ok && result.value.kind === 'real')
    places.set(result.value, { id, share: itemAt(values, 0), parameters });
  return result;
};

/** Of which share a place is known to be the place: its share below is that one exactly, which no digits would show. */
const places = new WeakMap<
  RealValue,
  Readonly<{ id: DistributionId; share: RealValue; parameters: Parameters<RealValue> }>
>();

function shareKnown(
  id: DistributionId,
  question: ChanceQuestion,
  x: RealValue,
  parameters: Parameters<RealValue>,
): RealValue | null {
  const known = question === 'below' || question === 'above' ? places.get(x) : undefined;
  if (known?.id !== id) return null;
  const isSame = parameters.every((p, i) => {
    const [own, other] = [asRational(p), known.parameters[i]];
    return p === other || (own !== null && other?.kind === 'rational' && equal(own, other.value));
  });
  if (!isSame) return null;
  return question === 'below' ? known.share : subtract(ONE, known.share);
}

/** The same in doubles, NaN where there is none: what curves are drawn with. */
export function chanceDouble(
  id: DistributionId,
  question: ChanceQuestion,
  values: readonly number[],
  parameters: Parameters<number>,
): number {
  const result = attempt(() => chanceAnswer(doubleAlgebra, id, question, values, parameters, ''));
  return result.ok ? result.value : NaN;
}

/** Mean, variance, modes and ends: null where there is none. */
export type Moments<T> = Readonly<{
  mean: T | null;
  variance: T | null;
  modes: readonly T[];
  low: T | null;
  high: T | null;
}>;

/** What is known of a distribution as a whole. Problems: parameter. */
export const momentsOf = (
  id: DistributionId,
  parameters: Parameters<RealValue>,
  shouldContinue: ShouldContinue,
): Result<Moments<RealValue>, ProblemData> =>
  attempt(() => {
    const w = exactAlgebra(shouldContinue);
    const d = distributions[id];
    check(w, id, parameters, id);
    return {
      mean: d.mean(w, parameters),
      variance: d.variance(w, parameters),
      modes: d.modes(w, parameters),
      ...d.ends(w, parameters),
    };
  });
