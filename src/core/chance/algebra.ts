/**
 * What a distribution is worked with: the same formulas serve exact values, proved to any digit, and doubles, of which
 * curves are drawn. An operation that does not come out ends the work by a `Refusal`.
 */
export interface Algebra<T> {
  of(n: number, d?: number): T;
  readonly pi: T;
  add(a: T, b: T): T;
  subtract(a: T, b: T): T;
  multiply(a: T, b: T): T;
  divide(a: T, b: T): T;
  negate(a: T): T;
  exp(a: T): T;
  ln(a: T): T;
  squareRoot(a: T): T;
  power(a: T, b: T): T;
  /** Γ(a) and its logarithm, a > 0. */
  gamma(a: T): T;
  lnGamma(a: T): T;
  /** P(a, x) and Q(a, x); a, x > 0. */
  gammaBelow(a: T, x: T): T;
  gammaAbove(a: T, x: T): T;
  /** I_x(a, b) with y = 1 − x; a, b > 0, 0 < x < 1. */
  betaBelow(a: T, b: T, x: T, y: T): T;
  /** ln x where P(a, x) = p; q = 1 − p. */
  gammaInverse(a: T, p: T, q: T): T;
  /** ln(x/(1 − x)) where I_x(a, b) = p; q = 1 − p. */
  betaInverse(a: T, b: T, p: T, q: T): T;
  /** n over k for whole numbers. */
  choose(n: T, k: T): T;
  sign(a: T): -1 | 0 | 1;
  /** The greatest whole number that is not above a. */
  floor(a: T): T;
  /** The whole number that a is, or null; beyond 2^53 it is refused. */
  whole(a: T): number | null;
  /** Whether a sum of so many terms of that size is worked term by term, exactly. */
  sumsExactly(terms: number, p: T): boolean;
  /** Which of two formulas for one thing serves better is decided by a rough value. */
  rough(a: T): number;
}

/** Put together from others. */
export const compare = <T>(w: Algebra<T>, a: T, b: T): -1 | 0 | 1 => w.sign(w.subtract(a, b));
export const square = <T>(w: Algebra<T>, a: T): T => w.multiply(a, a);
export const half = <T>(w: Algebra<T>, a: T): T => w.divide(a, w.of(2));
/** 1 − a. */
export const rest = <T>(w: Algebra<T>, a: T): T => w.subtract(w.of(1), a);
/** ln B(a, b). */
export const lnBeta = <T>(w: Algebra<T>, a: T, b: T): T =>
  w.subtract(w.add(w.lnGamma(a), w.lnGamma(b)), w.lnGamma(w.add(a, b)));
