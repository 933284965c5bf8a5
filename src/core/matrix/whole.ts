import { itemAt } from '../base/item';
import { goOn } from '../base/limits';
import type { ShouldContinue } from '../base/should-continue';
import { gcd } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/*
 * Elimination without fractions: every row is brought to whole numbers, and each step divides by the pivot of the step
 * before, which always comes out (E. H. Bareiss, Sylvester's identity and multistep integer-preserving Gaussian
 * elimination, Mathematics of Computation 22, 1968, from memory). Whole numbers stay as short as minors are.
 */

type Wholes = bigint[][];

/** What is left after elimination over and under the pivots. All pivots are the same number, `pivot`. */
export type Eliminated = Readonly<{
  rows: readonly (readonly bigint[])[];
  /** The column of the pivot of each of the first rows, from the top. */
  pivots: readonly number[];
  pivot: bigint;
  /** Whether rows were exchanged an odd number of times. */
  isTurned: boolean;
}>;

/** Rows of whole numbers and by what each was multiplied. */
export function wholesOf(rows: readonly (readonly Rational[])[]): { rows: Wholes; scales: readonly bigint[] } {
  const scales = rows.map((row) => row.reduce((lcm, { d }) => (lcm / gcd(lcm, d)) * d, 1n));
  return { rows: rows.map((row, i) => row.map(({ n, d }) => n * (itemAt(scales, i) / d))), scales };
}

/** A row of which the entry under a pivot becomes 0, from one of its entries on; what divides it always comes out. */
function combine(
  row: bigint[],
  top: readonly bigint[],
  pivot: bigint,
  before: bigint,
  column: number,
  from: number,
): void {
  const factor = row[column] as bigint;
  // Read without a check of the index, since this is what all the time goes into.
  for (let j = from; j < row.length; j += 1) {
    const now = pivot * (row[j] as bigint) - factor * (top[j] as bigint);
    row[j] = before === 1n ? now : now / before;
  }
}

/**
 * Rows of whole numbers with every column of a pivot cleared but for the pivot itself. Pivots are looked for in the
 * first `within` columns. Changes the rows that it is given.
 */
export function eliminate(rows: Wholes, within: number, shouldContinue: ShouldContinue): Eliminated {
  const pivots: number[] = [];
  let before = 1n;
  let isTurned = false;
  for (let column = 0; column < within && pivots.length < rows.length; column += 1) {
    const k = pivots.length;
    const found = rows.findIndex((row, i) => i >= k && row[column] !== 0n);
    if (found < 0) continue;
    if (found !== k) {
      [rows[k], rows[found]] = [itemAt(rows, found), itemAt(rows, k)];
      isTurned = !isTurned;
    }
    const top = itemAt(rows, k);
    const pivot = itemAt(top, column);
    for (const [i, row] of rows.entries()) {
      if (i === k) continue;
      goOn(shouldContinue);
      combine(row, top, pivot, before, column, 0);
    }
    pivots.push(column);
    before = pivot;
  }
  return { rows, pivots, pivot: before, isTurned };
}

/** The determinant of a square matrix of rationals. Exact. */
export function determinantOf(rows: readonly (readonly Rational[])[], shouldContinue: ShouldContinue): Rational {
  const { rows: wholes, scales } = wholesOf(rows);
  const n = wholes.length;
  let before = 1n;
  let sign = 1n;
  for (let k = 0; k < n; k += 1) {
    const found = wholes.findIndex((row, i) => i >= k && row[k] !== 0n);
    if (found < 0) return q.ZERO;
    if (found !== k) {
      [wholes[k], wholes[found]] = [itemAt(wholes, found), itemAt(wholes, k)];
      sign = -sign;
    }
    const top = itemAt(wholes, k);
    const pivot = itemAt(top, k);
    for (let i = k + 1; i < n; i += 1) {
      goOn(shouldContinue);
      combine(itemAt(wholes, i), top, pivot, before, k, k + 1);
    }
    before = pivot;
  }
  return q.rational(
    sign * before,
    scales.reduce((product, scale) => product * scale, 1n),
  );
}

/** The reduced rows as rationals: ones for pivots, rows of zeros last. */
export const rationalsOf = ({ rows, pivot }: Eliminated): readonly (readonly Rational[])[] =>
  rows.map((row) => row.map((n) => (n === 0n ? q.ZERO : q.rational(n, pivot))));
