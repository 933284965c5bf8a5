import { itemAt } from '../base/item';
import type { ShouldContinue } from '../base/should-continue';
import { gcd, powerOfTen } from './integer';
import * as q from './rational';
import type { Rational } from './rational';
import { squarePart } from './factor';

/** One term of a sum: coefficient · √radicand, the radicand square-free (1 for the rational part). */
export type SurdTerm = Readonly<{ radicand: bigint; coefficient: Rational }>;

/** A sum of rational multiples of square roots: radicands rise, no coefficient is zero. Zero is the empty sum. */
export type SurdSum = readonly SurdTerm[];

/** Past this many terms a sum becomes a real: every new prime under a root doubles the terms of an inverse. */
export const MOST_TERMS = 32;

/** A longer number under a root is not kept exact: its factors could not be looked into again. */
export const LARGEST_RADICAND_DIGITS = 120;
const RADICAND_END = powerOfTen(LARGEST_RADICAND_DIGITS);

/** Whether a sum may stand as a value; past the ceilings it becomes a real. */
export const isKeepable = (sum: SurdSum): boolean =>
  sum.length <= MOST_TERMS && sum.every((t) => t.radicand < RADICAND_END);

/** A rational as a sum without roots; the empty sum is 0. */
export const fromRational = (a: Rational): SurdSum => (q.isZero(a) ? [] : [{ radicand: 1n, coefficient: a }]);

/** The sum when it has no root in it, else null. */
export function toRational(sum: SurdSum): Rational | null {
  const [first, more] = sum;
  if (first === undefined) return q.ZERO;
  return more === undefined && first.radicand === 1n ? first.coefficient : null;
}

/** √a in lowest form, for a ≥ 0; null when a's factors could not be found. */
export function squareRoot(a: Rational, shouldContinue: ShouldContinue, steps?: number): SurdSum | null {
  if (q.isZero(a)) return [];
  const part = squarePart(a.n * a.d, shouldContinue, steps);
  if (part === null || part.free >= RADICAND_END) return null;
  return [{ radicand: part.free, coefficient: q.rational(part.square, a.d) }];
}

function collect(terms: Iterable<SurdTerm>): SurdSum {
  const byRadicand = new Map<bigint, Rational>();
  for (const { radicand, coefficient } of terms)
    byRadicand.set(radicand, q.add(byRadicand.get(radicand) ?? q.ZERO, coefficient));
  return [...byRadicand]
    .filter(([, coefficient]) => !q.isZero(coefficient))
    .map(([radicand, coefficient]) => ({ radicand, coefficient }))
    .sort((a, b) => (a.radicand < b.radicand ? -1 : 1));
}

/** a + b, terms of the same radicand put together. Exact. */
export const add = (a: SurdSum, b: SurdSum): SurdSum => collect([...a, ...b]);
/** −a. Exact. */
export const negate = (a: SurdSum): SurdSum =>
  a.map((t) => ({ radicand: t.radicand, coefficient: q.negate(t.coefficient) }));
/** by · a, for any rational. Exact; by 0 it is the empty sum. */
export const scale = (a: SurdSum, by: Rational): SurdSum =>
  q.isZero(by) ? [] : a.map((t) => ({ radicand: t.radicand, coefficient: q.multiply(t.coefficient, by) }));

/**
 * a · b: √m·√n = g·√(m/g · n/g) with g = gcd(m, n), which stays square-free. Exact; its terms may be more than are
 * kept.
 */
export function multiply(a: SurdSum, b: SurdSum): SurdSum {
  const terms: SurdTerm[] = [];
  for (const s of a)
    for (const t of b) {
      const g = gcd(s.radicand, t.radicand);
      terms.push({
        radicand: (s.radicand / g) * (t.radicand / g),
        coefficient: q.multiply(q.multiply(s.coefficient, t.coefficient), q.whole(g)),
      });
    }
  return collect(terms);
}

/** A whole number > 1 that parts the roots of a sum: it divides some radicands and not others, or all but the rational part. */
export function partingFactor(a: SurdSum): bigint {
  const [first, ...others] = a.map(({ radicand }) => radicand).filter((radicand) => radicand > 1n);
  let factor = first ?? 1n;
  for (const radicand of others) {
    const g = gcd(factor, radicand);
    if (g > 1n && g < factor) factor = g;
  }
  return factor;
}

/**
 * 1/a with no root left in a denominator; null past the ceiling of terms. Domain: a ≠ 0.
 * One factor p under the roots is removed at a time: a = u + v with the roots of v divisible by p, and
 * 1/a = (u − v)/(u² − v²), where u² − v² has no root with p any more.
 */
export function inverse(a: SurdSum): SurdSum | null {
  const plain = toRational(a);
  if (plain !== null) return fromRational(q.divide(q.ONE, plain));
  if (a.length > MOST_TERMS) return null;
  if (a.length === 1) {
    const { radicand, coefficient } = itemAt(a, 0);
    return [{ radicand, coefficient: q.divide(q.ONE, q.multiply(coefficient, q.whole(radicand))) }];
  }
  const p = partingFactor(a);
  const withP = a.filter((t) => t.radicand % p === 0n);
  const without = a.filter((t) => t.radicand % p !== 0n);
  if (without.length === 0) {
    // Every root holds p: take √p out of all, which strictly shortens the radicands.
    const rest = multiply(a, [{ radicand: p, coefficient: q.rational(1n, p) }]);
    const inner = inverse(rest);
    return inner && multiply(inner, [{ radicand: p, coefficient: q.rational(1n, p) }]);
  }
  const conjugate = add(without, negate(withP));
  const inner = inverse(multiply(a, conjugate));
  return inner && multiply(conjugate, inner);
}

/** Whether two sums are the same number: their terms stand in one order. */
export const equal = (a: SurdSum, b: SurdSum): boolean =>
  a.length === b.length &&
  a.every((t, i) => t.radicand === itemAt(b, i).radicand && q.equal(t.coefficient, itemAt(b, i).coefficient));
