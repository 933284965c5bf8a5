import { gcd, integerRoot, power } from './integer';

/** A fraction in lowest terms with a positive denominator. */
export type Rational = Readonly<{ n: bigint; d: bigint }>;

/** n/d in lowest terms. Domain: d ≠ 0 (a zero here is a bug of the caller). */
export function rational(n: bigint, d: bigint = 1n): Rational {
  if (d === 1n) return { n, d };
  if (d === 0n) throw new Error('a denominator of zero reached rational()');
  const g = gcd(n, d);
  return d < 0n ? { n: -n / g, d: -d / g } : { n: n / g, d: d / g };
}

export const ZERO: Rational = { n: 0n, d: 1n };
export const ONE: Rational = { n: 1n, d: 1n };
export const whole = (n: number | bigint): Rational => ({ n: BigInt(n), d: 1n });

export const add = (a: Rational, b: Rational): Rational =>
  a.d === 1n && b.d === 1n ? { n: a.n + b.n, d: 1n } : rational(a.n * b.d + b.n * a.d, a.d * b.d);
export const negate = (a: Rational): Rational => ({ n: -a.n, d: a.d });
export const subtract = (a: Rational, b: Rational): Rational => add(a, negate(b));
export const multiply = (a: Rational, b: Rational): Rational => rational(a.n * b.n, a.d * b.d);
/** a / b. Domain: b ≠ 0. */
export const divide = (a: Rational, b: Rational): Rational => rational(a.n * b.d, a.d * b.n);
/** 1/a, which is in lowest terms when a is. Domain: a ≠ 0. */
export const reciprocal = (a: Rational): Rational => (a.n < 0n ? { n: -a.d, d: -a.n } : { n: a.d, d: a.n });
export const isZero = (a: Rational): boolean => a.n === 0n;
export const isWhole = (a: Rational): boolean => a.d === 1n;
export const sign = (a: Rational): -1 | 0 | 1 => (a.n > 0n ? 1 : a.n < 0n ? -1 : 0);
export const equal = (a: Rational, b: Rational): boolean => a.n === b.n && a.d === b.d;
export const compare = (a: Rational, b: Rational): -1 | 0 | 1 => sign(subtract(a, b));
export const magnitude = (a: Rational): Rational => (a.n < 0n ? negate(a) : a);

/** a^k for a whole k; the caller has ruled out 0 to a negative power and results that are too large. */
export function powerWhole(a: Rational, k: number): Rational {
  if (k >= 0) return { n: power(a.n, k), d: power(a.d, k) };
  // Powers of numbers without a common divisor have none either.
  const [n, d] = [power(a.d, -k), power(a.n, -k)];
  return d < 0n ? { n: -n, d: -d } : { n, d };
}

/** The k-th root of a when it is rational, else null. Domain: a ≥ 0, k ≥ 1. */
export function exactRoot(a: Rational, k: number): Rational | null {
  const n = integerRoot(a.n, k);
  if (power(n, k) !== a.n) return null;
  const d = integerRoot(a.d, k);
  return power(d, k) === a.d ? { n, d } : null;
}

/** a − m·floor(a/m): the remainder in [0, m), for m > 0. */
export function modulo(a: Rational, m: Rational): Rational {
  const q = divide(a, m);
  const floor = q.n >= 0n ? q.n / q.d : -((-q.n + q.d - 1n) / q.d);
  return subtract(a, multiply(m, { n: floor, d: 1n }));
}
