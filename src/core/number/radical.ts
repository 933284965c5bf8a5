import type { ShouldContinue } from '../base/should-continue';
import { STEPS_FOR_ROOTS, factorise } from './factor';
import { bitLength, gcd, power } from './integer';
import * as q from './rational';
import type { Rational } from './rational';

/** coefficient · radicand^(1/index), index ≥ 3, in lowest form: no index-th power in the radicand, and no smaller index would do. */
export type Radical = Readonly<{ coefficient: Rational; radicand: bigint; index: number }>;

/** Past these a root is not kept as one but becomes a real. */
export const LARGEST_INDEX = 12;
export const LARGEST_RADICAND = power(10n, 40);

/**
 * A product of rational powers of primes times a rational: what rationals, single square roots and higher roots have
 * in common, so that they multiply and divide without loss. Exponents lie strictly between 0 and 1.
 */
export type RootProduct = Readonly<{ coefficient: Rational; exponents: ReadonlyMap<bigint, Rational> }>;

/** A prime's whole power is taken out in front only while that stays small. */
const MOST_EXPONENT = 4096n;

/** Brings exponents into (0, 1); null when a power taken out would be too large to write. */
function normal(coefficient: Rational, exponents: ReadonlyMap<bigint, Rational>): RootProduct | null {
  let front = coefficient;
  const rest = new Map<bigint, Rational>();
  for (const [prime, exponent] of exponents) {
    const part = q.modulo(exponent, q.ONE);
    const whole = q.subtract(exponent, part).n;
    if (whole > MOST_EXPONENT || whole < -MOST_EXPONENT) return null;
    if (whole !== 0n) front = q.multiply(front, q.powerWhole(q.whole(prime), Number(whole)));
    if (part.n !== 0n) rest.set(prime, part);
  }
  return { coefficient: front, exponents: rest };
}

/**
 * coefficient · radicand^(1/index) for radicand ≥ 1, taken apart into powers of primes. Exact; null when the radicand
 * could not be factorised within its steps, or it was stopped.
 */
export function productOf(
  coefficient: Rational,
  radicand: bigint,
  index: number,
  shouldContinue: ShouldContinue,
): RootProduct | null {
  if (radicand === 1n) return { coefficient, exponents: new Map() };
  const factors = factorise(radicand, shouldContinue, STEPS_FOR_ROOTS);
  return (
    factors &&
    normal(
      coefficient,
      new Map(factors.map(({ prime, exponent }) => [prime, q.rational(BigInt(exponent), BigInt(index))])),
    )
  );
}

/** The product of two roots, prime by prime; null when it has outgrown what is kept. Exact. */
export function multiply(a: RootProduct, b: RootProduct): RootProduct | null {
  const exponents = new Map(a.exponents);
  for (const [prime, exponent] of b.exponents) exponents.set(prime, q.add(exponents.get(prime) ?? q.ZERO, exponent));
  return normal(q.multiply(a.coefficient, b.coefficient), exponents);
}

/** a^exponent for a > 0; null when the coefficient could not be factorised. */
export function raise(a: RootProduct, exponent: Rational, shouldContinue: ShouldContinue): RootProduct | null {
  const isWhole = exponent.d === 1n;
  const primes = (n: bigint) => (isWhole ? [] : factorise(n, shouldContinue, STEPS_FOR_ROOTS));
  const [top, bottom] = [primes(a.coefficient.n), primes(a.coefficient.d)];
  if (top === null || bottom === null) return null;
  if (isWhole && (exponent.n > MOST_EXPONENT || exponent.n < -MOST_EXPONENT)) return null;
  const exponents = new Map<bigint, Rational>();
  const note = (prime: bigint, by: Rational) =>
    exponents.set(prime, q.add(exponents.get(prime) ?? q.ZERO, q.multiply(by, exponent)));
  for (const { prime, exponent: k } of top) note(prime, q.whole(k));
  for (const { prime, exponent: k } of bottom) note(prime, q.whole(-k));
  for (const [prime, by] of a.exponents) note(prime, by);
  return normal(isWhole ? q.powerWhole(a.coefficient, Number(exponent.n)) : q.ONE, exponents);
}

/** The one root that a product is: index 1 for a rational, 2 for a square root; null when it has outgrown what is kept. */
export function toRadical({ coefficient, exponents }: RootProduct): Radical | null {
  let index = 1n;
  for (const { d } of exponents.values()) index = (index / gcd(index, d)) * d;
  if (index > BigInt(LARGEST_INDEX)) return null;
  let radicand = 1n;
  for (const [prime, exponent] of exponents) {
    radicand *= power(prime, Number((exponent.n * index) / exponent.d));
    if (bitLength(radicand) > 400) return null;
  }
  if (index > 2n && radicand >= LARGEST_RADICAND) return null;
  return { coefficient, radicand, index: Number(index) };
}

/** Whether two roots in lowest form are the same number. */
export const equal = (a: Radical, b: Radical): boolean =>
  a.index === b.index && a.radicand === b.radicand && q.equal(a.coefficient, b.coefficient);
