import { fail, succeed } from '../../base/result';
import { numberTree, powerTree } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { negate } from '../../number/arithmetic';
import * as q from '../../number/rational';
import { fromRational } from '../../number/value';
import { rootOf } from '../root-of';
import { isZero, sum, times, X } from './equation';
import { polynomialFit } from './least-squares';
import { defineFit } from './record';
import type { FitRecord } from './record';

/** The polynomial of a degree by exact sums; a straight line tells r besides. */
export const findPolynomial = (
  { x, y, frequencies, degree }: Parameters<FitRecord['find']>[0],
  shouldContinue: Parameters<FitRecord['find']>[1],
): ReturnType<FitRecord['find']> => {
  const result = polynomialFit(x, y, degree, frequencies, shouldContinue);
  if (result === null) return fail({ code: 'domain', reason: 'no-spread' });
  const { coefficients, left, whole } = result;
  const r2 = q.isZero(whole) ? null : q.subtract(q.ONE, q.divide(left, whole));
  const slope = coefficients[1];
  const r = r2 === null || degree > 1 || slope === undefined ? null : rootOf(r2);
  return succeed({
    coefficients: coefficients.map(fromRational),
    r: r !== null && slope !== undefined && slope.n < 0n ? negate(r) : r,
    r2: r2 && fromRational(r2),
  });
};

/** The terms that are not zero, the highest power first. */
export function polynomialEquation(coefficients: readonly Tree[]): Tree {
  const terms = coefficients
    .map((factor, k) => ({ factor, k }))
    .filter(({ factor }) => !isZero(factor))
    .reverse()
    .map(({ factor, k }) => (k === 0 ? factor : times(factor, k === 1 ? X : powerTree(X, numberTree(String(k))))));
  return terms.length === 0 ? numberTree('0') : terms.reduce(sum);
}

/** y = a + b·x + c·x² + … to a degree, exactly (fractions). */
export const polynomial = defineFit({
  needs: (degree) => degree + 1,
  find: findPolynomial,
  equation: polynomialEquation,
});
