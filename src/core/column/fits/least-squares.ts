import { itemAt } from '../../base/item';
import type { ShouldContinue } from '../../base/should-continue';
import { goOn } from '../../base/limits';
import * as q from '../../number/rational';
import type { Rational } from '../../number/rational';
import { checkSize, powerSum, scaled } from '../exact-sums';

/** The solution of a system of linear equations by elimination without fractions; null when it is singular. */
function solved(rows: readonly (readonly bigint[])[], shouldContinue: ShouldContinue): readonly Rational[] | null {
  const m = rows.map((row) => [...row]);
  const size = m.length;
  let before = 1n;
  for (let k = 0; k < size; k += 1) {
    const pivot = m.findIndex((row, i) => i >= k && row[k] !== 0n);
    if (pivot < 0) return null;
    [m[k], m[pivot]] = [itemAt(m, pivot), itemAt(m, k)];
    for (let i = 0; i < size; i += 1) {
      if (i === k) continue;
      goOn(shouldContinue);
      const by = itemAt(itemAt(m, i), k);
      for (let j = 0; j <= size; j += 1)
        itemAt(m, i)[j] = (itemAt(itemAt(m, k), k) * itemAt(itemAt(m, i), j) - by * itemAt(itemAt(m, k), j)) / before;
    }
    before = itemAt(itemAt(m, k), k);
  }
  return m.map((row, i) => q.rational(itemAt(row, size), row[i]));
}

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
  const raw = solved(rows, shouldContinue);
  if (raw === null) return null;
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
