import { itemAt } from '../../base/item';
import type { ShouldContinue } from '../../base/should-continue';
import * as q from '../../number/rational';
import type { Rational } from '../../number/rational';
import { checkSize, powerSum, scaled } from '../exact-sums';
import { eliminated } from '../regression';

export type PolynomialFit = Readonly<{
  /** From the constant one upwards. */
  coefficients: readonly Rational[];
  /** Σ of squared residuals, and of squared deviations from the mean of y. */
  left: Rational;
  whole: Rational;
}>;

/**
 * The polynomial of a degree that comes nearest to points in the sense of least squares, exactly: normal equations in
 * whole numbers (E. H. Bareiss, Math. Comp. 22 (1968), elimination without fractions). Null when there are fewer
 * different x than coefficients. Domain: as many y, and weights, as x.
 */
export function polynomialFit(
  x: readonly Rational[],
  y: readonly Rational[],
  degree: number,
  weights: readonly bigint[] | null,
  shouldContinue: ShouldContinue,
): PolynomialFit | null {
  const [u, v] = [scaled(x, shouldContinue), scaled(y, shouldContinue)];
  // The solution is a quotient of determinants, of as many factors as there are coefficients.
  checkSize(u, 2 * degree * (degree + 1));
  checkSize(v, 2 * (degree + 1));
  const [plainX, plainY] = [
    { n: u.n, d: 1n },
    { n: v.n, d: 1n },
  ];
  const powers = Array.from(
    { length: 2 * degree + 1 },
    (_, k) => powerSum(plainX, null, k, 0, weights, shouldContinue).n,
  );
  const mixed = Array.from({ length: degree + 1 }, (_, k) => powerSum(plainX, plainY, k, 1, weights, shouldContinue).n);
  const rows = mixed.map((right, i) => [...mixed.map((_, j) => itemAt(powers, i + j)), right]);
  const solved = eliminated(rows, shouldContinue);
  if (solved === null) return null;
  const raw = solved.map((row) => itemAt(row, 0));
  const squares = powerSum(plainX, plainY, 0, 2, weights, shouldContinue);
  const n = q.whole(itemAt(powers, 0));
  const mean = q.divide(q.whole(itemAt(mixed, 0)), n);
  const left = raw.reduce((rest, c, k) => q.subtract(rest, q.multiply(c, q.whole(itemAt(mixed, k)))), squares);
  const per = q.rational(1n, v.d * v.d);
  return {
    coefficients: raw.map((c, k) => q.multiply(c, q.rational(u.d ** BigInt(k), v.d))),
    left: q.multiply(left, per),
    whole: q.multiply(q.subtract(squares, q.multiply(q.whole(itemAt(mixed, 0)), mean)), per),
  };
}
