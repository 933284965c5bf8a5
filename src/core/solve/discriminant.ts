import { lastOf } from '../base/item';
import type { ShouldContinue } from '../base/should-continue';
import { determinantOf } from '../matrix/whole';
import { degreeOf, derivative } from '../polynomial/rational-polynomial';
import type { Polynomial } from '../polynomial/rational-polynomial';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/** The coefficients of p moved to the right, row by row: a part of Sylvester's matrix. */
const shifted = (p: Polynomial, rows: number, width: number): Rational[][] =>
  Array.from({ length: rows }, (_, i) => {
    const row: Rational[] = Array.from({ length: width }, () => q.ZERO);
    [...p].reverse().forEach((c, j) => (row[i + j] = c));
    return row;
  });

/**
 * The discriminant of a polynomial of degree 1 or more: (−1)^(n(n−1)/2)·Res(p, p′)/a, the resultant as the determinant of
 * Sylvester's matrix (DLMF 1.11(ii)). Exact; 0 where a root stands more than once.
 */
export function discriminantOf(p: Polynomial, shouldContinue: ShouldContinue): Rational {
  const n = degreeOf(p);
  if (n === 1) return q.ONE;
  const width = 2 * n - 1;
  const resultant = determinantOf([...shifted(p, n - 1, width), ...shifted(derivative(p), n, width)], shouldContinue);
  const value = q.divide(resultant, lastOf(p));
  return (n * (n - 1)) % 4 === 0 ? value : q.negate(value);
}
