import { itemAt } from '../base/item';
import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import { ONE } from '../number/arithmetic';
import * as complex from '../number/complex';
import type { Matrix } from '../number/value';
import { determinantOfRows } from './determinant';
import { isZero, over, settled } from './field';
import { asRationals, identity, isSquare, matrix, notSquare } from './matrix';
import { reduced } from './reduce';

const singular = fail<ProblemData>({ code: 'domain', reason: 'singular' });

/** Up to here minors over the determinant give shorter numbers than elimination does, where entries are not rational. */
const MOST_BY_MINORS = 4;

function byMinors(m: Matrix, shouldContinue: ShouldContinue): Result<Matrix, ProblemData> {
  const { rows } = m;
  const whole = determinantOfRows(rows, shouldContinue);
  if (isZero(whole, shouldContinue)) return singular;
  const without = (i: number, j: number) => rows.filter((_, r) => r !== i).map((row) => row.filter((_, c) => c !== j));
  return succeed(
    matrix(
      rows.map((_, i) =>
        rows.map((_unused, j) => {
          const minor = rows.length === 1 ? ONE : determinantOfRows(without(j, i), shouldContinue);
          return settled(
            over((i + j) % 2 === 0 ? minor : complex.negate(minor), whole, shouldContinue),
            shouldContinue,
          );
        }),
      ),
    ),
  );
}

/** The inverse. Exact where the entries are. Problems: dimension; domain (singular) where there is none. */
export function inverse(m: Matrix, shouldContinue: ShouldContinue): Result<Matrix, ProblemData> {
  if (!isSquare(m)) return notSquare('inverse', m);
  const n = m.rows.length;
  if (asRationals(m) === null && n <= MOST_BY_MINORS) return byMinors(m, shouldContinue);
  const ones = identity(n);
  const beside = matrix(m.rows.map((row, i) => [...row, ...itemAt(ones.rows, i)]));
  const done = reduced(beside, shouldContinue, n);
  return done.pivots.length < n ? singular : succeed(matrix(done.rows.map((row) => row.slice(n))));
}
