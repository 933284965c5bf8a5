import { itemAt } from '../base/item';
import { goOn } from '../base/limits';
import type { ShouldContinue } from '../base/should-continue';
import { ONE, ZERO } from '../number/arithmetic';
import * as complex from '../number/complex';
import { fromRational } from '../number/value';
import type { Matrix, Scalar } from '../number/value';
import { isZero, over, settled } from './field';
import { asRationals, matrix, vector } from './matrix';
import type { Rows } from './matrix';
import { eliminate, rationalsOf, wholesOf } from './whole';

/** Rows with a one for each pivot, zeros above and below it, and rows of zeros last. */
export type Reduced = Readonly<{ rows: Rows; pivots: readonly number[] }>;

/** A pivot by which the others are divided is chosen where it stays simple: a rational before a sum of roots. */
const isSimple = (v: Scalar): boolean => v.kind === 'rational';

function reducedScalars(given: Rows, within: number, shouldContinue: ShouldContinue): Reduced {
  const rows = given.map((row) => row.map((entry) => settled(entry, shouldContinue)));
  const pivots: number[] = [];
  for (let column = 0; column < within && pivots.length < rows.length; column += 1) {
    const k = pivots.length;
    const isPivot = (row: readonly Scalar[], i: number): boolean =>
      i >= k && !isZero(itemAt(row, column), shouldContinue);
    const simple = rows.findIndex((row, i) => isSimple(itemAt(row, column)) && isPivot(row, i));
    const found = simple >= 0 ? simple : rows.findIndex(isPivot);
    if (found < 0) continue;
    [rows[k], rows[found]] = [itemAt(rows, found), itemAt(rows, k)];
    const pivot = itemAt(itemAt(rows, k), column);
    const top = itemAt(rows, k).map((entry, j) =>
      j === column ? ONE : settled(over(entry, pivot, shouldContinue), shouldContinue),
    );
    rows.forEach((row, i) => {
      goOn(shouldContinue);
      const factor = itemAt(row, column);
      rows[i] =
        i === k
          ? top
          : row.map((entry, j) =>
              j === column
                ? ZERO
                : settled(complex.subtract(entry, complex.multiply(factor, itemAt(top, j))), shouldContinue),
            );
    });
    pivots.push(column);
  }
  return { rows, pivots };
}

/**
 * The reduced row echelon form, pivots looked for in the first `within` columns. Exact where the entries are. Leaves the
 * work where it stays open whether an entry is 0.
 */
export function reduced(m: Matrix, shouldContinue: ShouldContinue, within = itemAt(m.rows, 0).length): Reduced {
  const rationals = asRationals(m);
  if (rationals === null) return reducedScalars(m.rows, within, shouldContinue);
  const done = eliminate(wholesOf(rationals).rows, within, shouldContinue);
  return { rows: rationalsOf(done).map((row) => row.map(fromRational)), pivots: done.pivots };
}

/** The reduced rows as a matrix. */
export const rref = (m: Matrix, shouldContinue: ShouldContinue): Matrix => matrix(reduced(m, shouldContinue).rows);

/** How many rows are independent. */
export const rank = (m: Matrix, shouldContinue: ShouldContinue): number => reduced(m, shouldContinue).pivots.length;

/** The columns without a pivot. */
const freeColumns = ({ pivots }: Reduced, columns: number): readonly number[] =>
  Array.from({ length: columns }, (_, j) => j).filter((j) => !pivots.includes(j));

/**
 * Vectors of which every solution of m·x = 0 is a sum of multiples, one for each column without a pivot; none where
 * only 0 is a solution.
 */
export function kernelBasis(m: Matrix, shouldContinue: ShouldContinue): readonly (readonly Scalar[])[] {
  const columns = itemAt(m.rows, 0).length;
  const done = reduced(m, shouldContinue);
  return freeColumns(done, columns).map((free) =>
    Array.from({ length: columns }, (_, j) => {
      const row = done.pivots.indexOf(j);
      return j === free ? ONE : row < 0 ? ZERO : complex.negate(itemAt(itemAt(done.rows, row), free));
    }),
  );
}

/** The same as a matrix whose columns they are; a column of zeros where only 0 is a solution. */
export function kernel(m: Matrix, shouldContinue: ShouldContinue): Matrix {
  const basis = kernelBasis(m, shouldContinue);
  const columns = itemAt(m.rows, 0).length;
  if (basis.length === 0) return vector(Array.from({ length: columns }, () => ZERO));
  return matrix(Array.from({ length: columns }, (_, i) => basis.map((column) => itemAt(column, i))));
}

/** What m·x = b has for solutions. */
export type Solutions =
  | Readonly<{ kind: 'one'; x: readonly Scalar[] }>
  | Readonly<{ kind: 'none' }>
  /** `x` and any sum of multiples of `along`; the multiple of each of them is the unknown in its column of `free`. */
  | Readonly<{
      kind: 'many';
      x: readonly Scalar[];
      along: readonly (readonly Scalar[])[];
      free: readonly number[];
    }>;

/** The solutions of m·x = b, b with one entry for each row of m. */
export function solutions(m: Matrix, b: readonly Scalar[], shouldContinue: ShouldContinue): Solutions {
  const columns = itemAt(m.rows, 0).length;
  const beside = matrix(m.rows.map((row, i) => [...row, itemAt(b, i)]));
  const done = reduced(beside, shouldContinue, columns);
  const isOpen = done.rows.some((row, i) => i >= done.pivots.length && !isZero(itemAt(row, columns), shouldContinue));
  if (isOpen) return { kind: 'none' };
  const x = Array.from({ length: columns }, (_, j) => {
    const row = done.pivots.indexOf(j);
    return row < 0 ? ZERO : itemAt(itemAt(done.rows, row), columns);
  });
  const free = freeColumns(done, columns);
  return free.length === 0 ? { kind: 'one', x } : { kind: 'many', x, along: kernelBasis(m, shouldContinue), free };
}
