import { itemAt } from '../base/item';
import { goOn } from '../base/limits';
import type { ShouldContinue } from '../base/should-continue';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import type { RealValue } from '../number/value';
import { checkSize, scaled } from './exact-sums';
import { rootOf } from './root-of';

/** What a linear regression comes to: exact but for the roots. */
export type Regression = Readonly<{
  coefficients: readonly Rational[];
  /** Standard errors, in the order of the coefficients; null where no degree of freedom is left. */
  errors: readonly RealValue[] | null;
  /** Σ of squared residuals, and of squared deviations of y: from its mean, or from zero where there is no constant. */
  left: Rational;
  whole: Rational;
  /** (XᵀWX)⁻¹: s² times it is the covariance of the coefficients. */
  inverse: readonly (readonly Rational[])[];
  /** How many more points than coefficients there are. */
  df: number;
  /** Residual standard deviation √(left/df). */
  s: RealValue | null;
}>;

/**
 * Elimination without fractions (E. H. Bareiss, Math. Comp. 22 (1968)) of rows that are longer than they are many: each
 * column behind the square part is solved for. Null when the square part is singular.
 */
export function eliminated(
  rows: readonly (readonly bigint[])[],
  shouldContinue: ShouldContinue,
): readonly (readonly Rational[])[] | null {
  const m = rows.map((row) => [...row]);
  const size = m.length;
  let before = 1n;
  for (let k = 0; k < size; k += 1) {
    const pivot = m.findIndex((row, i) => i >= k && row[k] !== 0n);
    if (pivot < 0) return null;
    [m[k], m[pivot]] = [itemAt(m, pivot), itemAt(m, k)];
    const top = itemAt(itemAt(m, k), k);
    for (let i = 0; i < size; i += 1) {
      if (i === k) continue;
      goOn(shouldContinue);
      const row = itemAt(m, i);
      const by = itemAt(row, k);
      for (let j = 0; j < row.length; j += 1) row[j] = (top * itemAt(row, j) - by * itemAt(itemAt(m, k), j)) / before;
    }
    before = top;
  }
  return m.map((row, i) => row.slice(size).map((v) => q.rational(v, itemAt(row, i))));
}

/**
 * The linear combination of columns that comes nearest to y in the sense of least squares, exactly: normal equations in
 * whole numbers, with the diagonal of their inverse for the standard errors. `hasConstant`: the first column is all ones.
 * Null when the columns depend on each other. Domain: columns and weights as long as y. Weights tell how often each point
 * counts; with `over` they are weights of single points, over that denominator. Source: NIST/SEMATECH e-Handbook of
 * Statistical Methods, 4.1.4.1 and 4.1.4.3.
 */
export function regressionOf(
  columns: readonly (readonly Rational[])[],
  y: readonly Rational[],
  weights: readonly bigint[] | null,
  hasConstant: boolean,
  shouldContinue: ShouldContinue,
  over: bigint | null = null,
): Regression | null {
  const design = columns.map((column) => scaled(column, shouldContinue));
  const right = scaled(y, shouldContinue);
  const size = design.length;
  for (const column of [...design, right]) checkSize(column, 2 * size);
  const weight = (i: number): bigint => weights?.[i] ?? 1n;
  const product = (a: readonly bigint[], b: readonly bigint[]): bigint =>
    a.reduce((sum, v, i) => {
      goOn(shouldContinue);
      return sum + weight(i) * v * itemAt(b, i);
    }, 0n);
  const mixed = design.map(({ n }) => product(n, right.n));
  const rows = design.map(({ n }, i) => [
    ...design.map((other) => product(n, other.n)),
    itemAt(mixed, i),
    ...design.map((_, j) => (i === j ? 1n : 0n)),
  ]);
  const solved = eliminated(rows, shouldContinue);
  if (solved === null) return null;
  const count = y.reduce((sum, _, i) => sum + weight(i), 0n);
  const squares = product(right.n, right.n);
  const raw = solved.map((row) => itemAt(row, 0));
  const left = raw.reduce((rest, c, i) => q.subtract(rest, q.multiply(c, q.whole(itemAt(mixed, i)))), q.whole(squares));
  const total = right.n.reduce((sum, v, i) => sum + weight(i) * v, 0n);
  const whole = hasConstant ? q.subtract(q.whole(squares), q.rational(total * total, count)) : q.whole(squares);
  const per = q.rational(1n, right.d * right.d * (over ?? 1n));
  const points = over === null ? Number(count) : y.filter((_, i) => weight(i) > 0n).length;
  const df = points - size;
  const residual = df > 0 ? q.divide(q.multiply(left, per), q.whole(df)) : null;
  const inverse = solved.map((row, i) =>
    design.map((column, j) => q.multiply(itemAt(row, j + 1), q.whole(itemAt(design, i).d * column.d * (over ?? 1n)))),
  );
  return {
    inverse,
    coefficients: raw.map((c, i) => q.multiply(c, q.rational(itemAt(design, i).d, right.d))),
    errors: residual === null ? null : inverse.map((row, i) => rootOf(q.multiply(residual, itemAt(row, i)))),
    left: q.multiply(left, per),
    whole: q.multiply(whole, per),
    df,
    s: residual && rootOf(residual),
  };
}

/** The columns of a polynomial: powers of x from the first to the last. */
export const powersOf = (x: readonly Rational[], from: number, to: number): readonly (readonly Rational[])[] =>
  Array.from({ length: to - from + 1 }, (_, k) => x.map((v) => q.powerWhole(v, from + k)));
