import { gcd, perfectRoot, power } from './integer';

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
/** A whole number as a fraction. Domain: a double must be whole. */
export const whole = (n: number | bigint): Rational => ({ n: BigInt(n), d: 1n });

/**
 * a + b. Common divisors are looked for among the denominators first, which are half as long as their product (D. E.
 * Knuth, The Art of Computer Programming, vol. 2, 4.5.1, from memory).
 */
export function add(a: Rational, b: Rational): Rational {
  if (a.d === 1n || b.d === 1n) return { n: a.n * b.d + b.n * a.d, d: a.d * b.d };
  const g = gcd(a.d, b.d);
  if (g === 1n) return { n: a.n * b.d + b.n * a.d, d: a.d * b.d };
  const part = a.d / g;
  const top = a.n * (b.d / g) + b.n * part;
  const common = gcd(top, g);
  return { n: top / common, d: part * (b.d / common) };
}
/** −a. */
export const negate = (a: Rational): Rational => ({ n: -a.n, d: a.d });
/** a − b. Exact, in lowest terms. */
export const subtract = (a: Rational, b: Rational): Rational => add(a, negate(b));
/** a · b, each numerator brought to lowest terms with the other's denominator. */
export function multiply(a: Rational, b: Rational): Rational {
  if (a.d === 1n && b.d === 1n) return { n: a.n * b.n, d: 1n };
  const [g, h] = [gcd(a.n, b.d), gcd(b.n, a.d)];
  if (g === 0n || h === 0n) return ZERO;
  return { n: (a.n / g) * (b.n / h), d: (a.d / h) * (b.d / g) };
}
/** a / b. Domain: b ≠ 0. */
export const divide = (a: Rational, b: Rational): Rational => multiply(a, reciprocal(b));
/** 1/a, which is in lowest terms when a is. Domain: a ≠ 0. */
export const reciprocal = (a: Rational): Rational => (a.n < 0n ? { n: -a.d, d: -a.n } : { n: a.d, d: a.n });
/** Whether a is 0. */
export const isZero = (a: Rational): boolean => a.n === 0n;
/** Whether a is a whole number, being in lowest terms. */
export const isWhole = (a: Rational): boolean => a.d === 1n;
/** −1, 0 or 1 as a is below, at or above zero. */
export const sign = (a: Rational): -1 | 0 | 1 => (a.n > 0n ? 1 : a.n < 0n ? -1 : 0);
/** Whether a and b are the same number, both in lowest terms. */
export const equal = (a: Rational, b: Rational): boolean => a.n === b.n && a.d === b.d;
/** −1, 0 or 1 as a is below, at or above b. Exact. */
export const compare = (a: Rational, b: Rational): -1 | 0 | 1 => sign(subtract(a, b));
/** A fraction as a double, roughly: for estimates, where its parts are no longer than doubles reach. */
export const roughly = ({ n, d }: Rational): number => Number(n) / Number(d);
/** |a|. */
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
  const n = perfectRoot(a.n, k);
  const d = n === null ? null : perfectRoot(a.d, k);
  return n === null || d === null ? null : { n, d };
}

/** a − m·floor(a/m): the remainder in [0, m), for m > 0. */
export function modulo(a: Rational, m: Rational): Rational {
  const by = m.n * a.d;
  const rest = (a.n * m.d) % by;
  return rational(rest < 0n ? rest + by : rest, a.d * m.d);
}
