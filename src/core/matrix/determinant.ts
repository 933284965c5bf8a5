import { itemAt } from '../base/item';
import { goOn } from '../base/limits';
import type { ProblemData } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import { ONE, ZERO } from '../number/arithmetic';
import * as complex from '../number/complex';
import { fromRational } from '../number/value';
import type { Matrix, Scalar } from '../number/value';
import { isZero, over, settled } from './field';
import { asRationals, isSquare, notSquare } from './matrix';
import type { Rows } from './matrix';
import { determinantOf } from './whole';

/** Minors of so many rows are few enough (2^n of them) to be worked without a single division. */
const MOST_WITHOUT_DIVISION = 7;

/** Expansion by rows, each minor once: no division, so that nothing has to be known to be other than 0. */
function byMinors(rows: Rows, shouldContinue: ShouldContinue): Scalar {
  const n = rows.length;
  let minors = new Map<number, Scalar>([[0, ONE]]);
  for (const row of rows) {
    const next = new Map<number, Scalar>();
    for (const [used, minor] of minors) {
      goOn(shouldContinue);
      for (let j = 0; j < n; j += 1) {
        if ((used >> j) & 1) continue;
        let isNegative = false;
        for (let k = j + 1; k < n; k += 1) if ((used >> k) & 1) isNegative = !isNegative;
        const term = complex.multiply(minor, itemAt(row, j));
        const with_ = used | (1 << j);
        next.set(with_, complex.add(next.get(with_) ?? ZERO, isNegative ? complex.negate(term) : term));
      }
    }
    minors = next;
  }
  return settled(itemAt([...minors.values()], 0), shouldContinue);
}

/** By elimination, dividing by pivots that are proved not to be 0. */
function byElimination(given: Rows, shouldContinue: ShouldContinue): Scalar {
  const rows = given.map((row) => [...row]);
  let product: Scalar = ONE;
  for (let k = 0; k < rows.length; k += 1) {
    const found = rows.findIndex((row, i) => i >= k && !isZero(itemAt(row, k), shouldContinue));
    if (found < 0) return ZERO;
    if (found !== k) {
      [rows[k], rows[found]] = [itemAt(rows, found), itemAt(rows, k)];
      product = complex.negate(product);
    }
    const top = itemAt(rows, k);
    product = complex.multiply(product, itemAt(top, k));
    for (let i = k + 1; i < rows.length; i += 1) {
      goOn(shouldContinue);
      const row = itemAt(rows, i);
      const factor = over(itemAt(row, k), itemAt(top, k), shouldContinue);
      for (let j = k + 1; j < row.length; j += 1)
        row[j] = settled(complex.subtract(itemAt(row, j), complex.multiply(factor, itemAt(top, j))), shouldContinue);
    }
  }
  return product;
}

/** The determinant of square rows. Exact where the entries are. */
export function determinantOfRows(rows: Rows, shouldContinue: ShouldContinue): Scalar {
  return rows.length <= MOST_WITHOUT_DIVISION ? byMinors(rows, shouldContinue) : byElimination(rows, shouldContinue);
}

/** The determinant: exact where the entries are. Problems: dimension. */
export function determinant(m: Matrix, shouldContinue: ShouldContinue): Result<Scalar, ProblemData> {
  if (!isSquare(m)) return notSquare('det', m);
  const rationals = asRationals(m);
  return succeed(
    rationals === null
      ? determinantOfRows(m.rows, shouldContinue)
      : fromRational(determinantOf(rationals, shouldContinue)),
  );
}
