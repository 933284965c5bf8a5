import { itemAt } from '../base/item';
import { goOn } from '../base/limits';
import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import * as complex from '../number/complex';
import * as q from '../number/rational';
import { fromRational } from '../number/value';
import type { Matrix, Scalar } from '../number/value';
import { inverse } from './inverse';
import {
  asRationals,
  columnOf,
  doNotFit,
  identity,
  isSquare,
  mapped,
  matrix,
  notSquare,
  sizeOf,
  transpose,
} from './matrix';
import type { MatrixResult } from './matrix';
import { sum } from './field';
import { wholesOf } from './whole';

/** a + b or a − b, entry by entry. Problems: dimension where the sizes differ. */
export function added(a: Matrix, b: Matrix, sign: '+' | '−'): Result<Matrix, ProblemData> {
  const [m, n] = sizeOf(a);
  const [p, r] = sizeOf(b);
  if (m !== p || n !== r) return doNotFit(sign, a, b);
  const of = sign === '+' ? complex.add : complex.subtract;
  return succeed(matrix(a.rows.map((row, i) => row.map((entry, j) => of(entry, itemAt(itemAt(b.rows, i), j))))));
}

/** Every entry times a number. */
export const scaled = (a: Matrix, by: Scalar): Matrix => mapped(a, (entry) => complex.multiply(entry, by));

/** Products of rational rows as sums of whole numbers over one denominator, brought to lowest terms once. */
function rationalProduct(a: Matrix, b: Matrix, shouldContinue: ShouldContinue): Matrix | null {
  const [left, right] = [asRationals(a), asRationals(transpose(b))];
  if (left === null || right === null) return null;
  const [rows, columns] = [wholesOf(left), wholesOf(right)];
  return matrix(
    rows.rows.map((row, i) =>
      columns.rows.map((column, j) => {
        goOn(shouldContinue);
        let total = 0n;
        for (let k = 0; k < row.length; k += 1) total += (row[k] as bigint) * (column[k] as bigint);
        return fromRational(q.rational(total, itemAt(rows.scales, i) * itemAt(columns.scales, j)));
      }),
    ),
  );
}

/** a · b for sizes that fit. */
function timesFitting(a: Matrix, b: Matrix, shouldContinue: ShouldContinue): Matrix {
  const exact = rationalProduct(a, b, shouldContinue);
  if (exact !== null) return exact;
  const columns = itemAt(b.rows, 0).map((_, j) => columnOf(b, j));
  return matrix(
    a.rows.map((row) =>
      columns.map((column) => {
        goOn(shouldContinue);
        return sum(row.map((entry, k) => complex.multiply(entry, itemAt(column, k))));
      }),
    ),
  );
}

/** a · b, row by column. Problems: dimension where a's columns are not as many as b's rows. */
export const product = (a: Matrix, b: Matrix, shouldContinue: ShouldContinue): Result<Matrix, ProblemData> =>
  sizeOf(a)[1] === sizeOf(b)[0] ? succeed(timesFitting(a, b, shouldContinue)) : doNotFit('·', a, b);

/** A power beyond this would take longer than a line may. */
const LARGEST_POWER = 100_000n;

/** a to a whole power; a negative one is that of the inverse. Problems: dimension, domain (singular), too-large. */
export function powerOf(a: Matrix, n: bigint, shouldContinue: ShouldContinue): Result<Matrix, ProblemData> {
  if (!isSquare(a)) return notSquare('^', a);
  if (n > LARGEST_POWER || n < -LARGEST_POWER) return fail({ code: 'too-large' });
  if (n < 0n) {
    const turned = inverse(a, shouldContinue);
    return turned.ok ? powerOf(turned.value, -n, shouldContinue) : turned;
  }
  let result = identity(a.rows.length);
  let square = a;
  for (let left = n; left > 0n; left >>= 1n) {
    if ((left & 1n) === 1n) result = timesFitting(result, square, shouldContinue);
    if (left > 1n) square = timesFitting(square, square, shouldContinue);
  }
  return succeed(result);
}

/** The sum of the entries from the top left to the bottom right. Problems: dimension. */
export const trace = (a: Matrix): MatrixResult =>
  isSquare(a) ? succeed(sum(a.rows.map((row, i) => itemAt(row, i)))) : notSquare('trace', a);
