import { itemAt } from '../base/item';
import type { ProblemData, Size } from '../base/problem';
import { fail } from '../base/result';
import type { Result } from '../base/result';
import { ONE, ZERO } from '../number/arithmetic';
import type { Rational } from '../number/rational';
import { asRational } from '../number/value';
import type { Matrix, Scalar, Value } from '../number/value';

export type Rows = readonly (readonly Scalar[])[];
/** A matrix, a number, or what is wrong with making it; the evaluator gives it its place. */
export type MatrixResult = Result<Value, ProblemData>;

/** Rows and columns that a matrix may have; larger ones are refused where they would be made. */
export const LARGEST_SIDE = 50;

export const matrix = (rows: Rows): Matrix => ({ kind: 'matrix', rows });
/** A vector: one column. */
export const vector = (entries: readonly Scalar[]): Matrix => matrix(entries.map((entry) => [entry]));

/** How many rows and columns a matrix has. */
export const sizeOf = ({ rows }: Matrix): Size => [rows.length, itemAt(rows, 0).length];
export const isVector = (m: Matrix): boolean => itemAt(m.rows, 0).length === 1;
export const isSquare = (m: Matrix): boolean => m.rows.length === itemAt(m.rows, 0).length;

/** The entries of a vector from the top down; of any matrix, its first column. */
export const entriesOf = ({ rows }: Matrix): readonly Scalar[] => rows.map((row) => itemAt(row, 0));
export const columnOf = ({ rows }: Matrix, j: number): readonly Scalar[] => rows.map((row) => itemAt(row, j));
export const entryOf = ({ rows }: Matrix, i: number, j: number): Scalar => itemAt(itemAt(rows, i), j);

/** Each entry worked by itself. */
export const mapped = ({ rows }: Matrix, of: (entry: Scalar, i: number, j: number) => Scalar): Matrix =>
  matrix(rows.map((row, i) => row.map((entry, j) => of(entry, i, j))));

/** Rows as columns. */
export const transpose = (m: Matrix): Matrix => matrix(itemAt(m.rows, 0).map((_, j) => columnOf(m, j)));

/** Ones from the top left to the bottom right, else zeros. Domain: 1 ≤ n ≤ LARGEST_SIDE. */
export const identity = (n: number): Matrix =>
  matrix(Array.from({ length: n }, (_, i) => Array.from({ length: n }, (_unused, j) => (i === j ? ONE : ZERO))));

/** The entries where all of them are rational; else null. */
export function asRationals({ rows }: Matrix): readonly (readonly Rational[])[] | null {
  const result: Rational[][] = [];
  for (const row of rows) {
    const now: Rational[] = [];
    for (const entry of row) {
      const value = asRational(entry);
      if (value === null) return null;
      now.push(value);
    }
    result.push(now);
  }
  return result;
}

export const notSquare = (fn: string, m: Matrix) =>
  fail<ProblemData>({ code: 'dimension', reason: 'not-square', fn, size: sizeOf(m) });

export const doNotFit = (fn: string, a: Matrix, b: Matrix) =>
  fail<ProblemData>({ code: 'dimension', reason: 'sizes', fn, left: sizeOf(a), right: sizeOf(b) });
