import { itemAt } from '../base/item';
import { goOn } from '../base/limits';
import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import { ONE } from '../number/arithmetic';
import * as complex from '../number/complex';
import { asRational, fromWhole, isReal } from '../number/value';
import type { Matrix, Scalar } from '../number/value';
import { rootsOf } from '../polynomial/roots';
import { determinantOfRows } from './determinant';
import { isProvedOther, isZero, over, settled, sum } from './field';
import { product } from './arithmetic';
import { identity, isSquare, mapped, matrix, notSquare, vector } from './matrix';
import { kernelBasis } from './reduce';

/**
 * The coefficients of det(x·1 − A), the highest first, by traces of powers: no division but by whole numbers (U. Le
 * Verrier, D. K. Faddeev; from memory). Exact where the entries are. Problems: dimension.
 */
export function characteristic(a: Matrix, shouldContinue: ShouldContinue): Result<readonly Scalar[], ProblemData> {
  if (!isSquare(a)) return notSquare('charpoly', a);
  const n = a.rows.length;
  const ones = identity(n);
  const coefficients: Scalar[] = [ONE];
  let m = ones;
  for (let k = 1; k <= n; k += 1) {
    goOn(shouldContinue);
    const am = product(a, m, shouldContinue);
    if (!am.ok) return am;
    const trace = sum(am.value.rows.map((row, i) => itemAt(row, i)));
    const c = settled(over(complex.negate(trace), fromWhole(k), shouldContinue), shouldContinue);
    coefficients.push(c);
    m = mapped(am.value, (entry, i, j) => (i === j ? complex.add(entry, c) : entry));
  }
  return succeed(coefficients);
}

export type Eigenvalue = Readonly<{ value: Scalar; multiplicity: number }>;

/** Beyond the digits that can be asked for: roots that are not exact are proved to lie so near. */
const PLACES = 230;

/** The entries from the top left where all below them are 0, or all above. */
function triangular({ rows }: Matrix, shouldContinue: ShouldContinue): readonly Scalar[] | null {
  const isClear = (is: (i: number, j: number) => boolean): boolean =>
    rows.every((row, i) => row.every((entry, j) => !is(i, j) || isZero(entry, shouldContinue)));
  return isClear((i, j) => i > j) || isClear((i, j) => i < j) ? rows.map((row, i) => itemAt(row, i)) : null;
}

function counted(values: readonly Scalar[], shouldContinue: ShouldContinue): readonly Eigenvalue[] {
  const found: Eigenvalue[] = [];
  for (const value of values) {
    const at = found.findIndex((known) => isZero(complex.subtract(known.value, value), shouldContinue));
    const known = found[at];
    if (known === undefined) found.push({ value, multiplicity: 1 });
    else found[at] = { ...known, multiplicity: known.multiplicity + 1 };
  }
  return found;
}

/** The roots of x² + bx + c. */
function quadratic(b: Scalar, c: Scalar, shouldContinue: ShouldContinue): readonly Scalar[] | null {
  const square = complex.subtract(complex.multiply(b, b), complex.multiply(fromWhole(4), c));
  const root = complex.squareRoot(settled(square, shouldContinue), shouldContinue);
  if (!root.ok) return null;
  const half = (v: Scalar): Scalar => over(v, fromWhole(2), shouldContinue);
  const middle = complex.negate(b);
  return [half(complex.subtract(middle, root.value)), half(complex.add(middle, root.value))];
}

/**
 * The eigenvalues, each with how often it is a root of the characteristic polynomial, complex ones included: exact where
 * the roots come out in short, else proved to 230 places. Problems: dimension; domain (rational-only) for what is neither
 * rational nor triangular nor of two rows; not-converged.
 */
export function eigenvalues(a: Matrix, shouldContinue: ShouldContinue): Result<readonly Eigenvalue[], ProblemData> {
  if (!isSquare(a)) return notSquare('eigenvalues', a);
  const diagonal = triangular(a, shouldContinue);
  if (diagonal !== null) return succeed(counted(diagonal, shouldContinue));
  const coefficients = characteristic(a, shouldContinue);
  if (!coefficients.ok) return coefficients;
  const rationals = coefficients.value.map(asRational);
  if (rationals.every((c) => c !== null)) {
    const roots = rootsOf([...rationals].reverse(), PLACES, shouldContinue);
    return roots === null ? fail({ code: 'not-converged' }) : succeed(roots);
  }
  const [, b, c] = coefficients.value as readonly [Scalar, Scalar, Scalar];
  const two = a.rows.length === 2 ? quadratic(b, c, shouldContinue) : null;
  return two === null
    ? fail({ code: 'domain', reason: 'rational-only', fn: 'eigenvalues' })
    : succeed(counted(two, shouldContinue));
}

/** Whether a number's zero can be decided against others: exact ones, and recipes of exact ones. */
const isNear = (v: Scalar): boolean =>
  (isReal(v) ? [v] : [v.re, v.im]).some((p) => p.kind === 'real' && p.op === 'within');

/**
 * A vector that a matrix without its full rank takes to 0, by the minors of one row: what is needed is one of them that
 * is proved not to be 0, so that an entry known only to many digits does.
 */
function byMinors(m: Matrix, shouldContinue: ShouldContinue): readonly Scalar[] | null {
  const n = m.rows.length;
  for (let i = 0; i < n; i += 1) {
    const rows = m.rows.filter((_, r) => r !== i);
    const minors = Array.from({ length: n }, (_, j) => {
      const minor = determinantOfRows(
        rows.map((row) => row.filter((_unused, c) => c !== j)),
        shouldContinue,
      );
      return (i + j) % 2 === 0 ? minor : complex.negate(minor);
    });
    const by = minors.findLast((minor) => isProvedOther(minor, shouldContinue));
    if (by !== undefined) return minors.map((minor) => (minor === by ? ONE : over(minor, by, shouldContinue)));
  }
  return null;
}

/** Vectors that the matrix only makes longer or shorter, for one of its eigenvalues. */
export function eigenvectorsOf(
  a: Matrix,
  { value, multiplicity }: Eigenvalue,
  shouldContinue: ShouldContinue,
): readonly (readonly Scalar[])[] | null {
  const m = mapped(a, (entry, i, j) => (i === j ? complex.subtract(entry, value) : entry));
  if (!isNear(value)) return kernelBasis(m, shouldContinue);
  const only = multiplicity === 1 ? byMinors(m, shouldContinue) : null;
  return only === null ? null : [only];
}

/** The eigenvalues as a vector, each as often as it is one. */
export const eigenvalueVector = (values: readonly Eigenvalue[]): Matrix =>
  vector(values.flatMap(({ value, multiplicity }) => Array.from({ length: multiplicity }, () => value)));

/** The eigenvectors as columns, in the order of the eigenvalues; fewer than rows where the matrix has not as many. */
export function eigenvectors(
  a: Matrix,
  values: readonly Eigenvalue[],
  shouldContinue: ShouldContinue,
): Result<Matrix, ProblemData> {
  const columns: (readonly Scalar[])[] = [];
  for (const value of values) {
    const found = eigenvectorsOf(a, value, shouldContinue);
    if (found === null) return fail({ code: 'not-converged' });
    columns.push(...found);
  }
  return succeed(matrix(a.rows.map((_, i) => columns.map((column) => itemAt(column, i)))));
}
