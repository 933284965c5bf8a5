import { itemAt } from '../base/item';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/** What is done to rows, counted from 1: `row` += times · `other`; both exchanged; `row` times a number. */
export type RowOperation =
  | Readonly<{ kind: 'add'; row: number; other: number; times: Rational }>
  | Readonly<{ kind: 'exchange'; row: number; other: number }>
  | Readonly<{ kind: 'multiply'; row: number; times: Rational }>;

export type RationalRows = readonly (readonly Rational[])[];

/** The rows after an operation. Exact. */
export function operated(rows: RationalRows, operation: RowOperation): RationalRows {
  const row = itemAt(rows, operation.row - 1);
  switch (operation.kind) {
    case 'multiply':
      return rows.map((now) => (now === row ? row.map((x) => q.multiply(x, operation.times)) : now));
    case 'exchange': {
      const other = itemAt(rows, operation.other - 1);
      return rows.map((now) => (now === row ? other : now === other ? row : now));
    }
    case 'add': {
      const other = itemAt(rows, operation.other - 1);
      const sum = row.map((x, j) => q.add(x, q.multiply(operation.times, itemAt(other, j))));
      return rows.map((now) => (now === row ? sum : now));
    }
  }
}

/** Where the next column with a pivot is, and the best row for it from `from` on: with a 1 if there is one. */
function pivotFrom(rows: RationalRows, from: number): Readonly<{ row: number; column: number }> | null {
  const width = itemAt(rows, 0).length;
  for (let column = 0; column < width; column += 1) {
    const candidates = rows.flatMap((row, i) => (i >= from && !q.isZero(itemAt(row, column)) ? [i] : []));
    const [first] = candidates;
    if (first === undefined) continue;
    const one = candidates.find((i) => q.equal(itemAt(itemAt(rows, i), column), q.ONE));
    return { row: one ?? first, column };
  }
  return null;
}

/**
 * The next operation on the way to reduced rows as it is done by hand: pivot by pivot from the left, a row with a 1
 * brought up first, then the pivot made 1, then the column cleared. Null where all is done.
 */
export function nextReduction(rows: RationalRows): RowOperation | null {
  for (let at = 0; at < rows.length; at += 1) {
    const pivot = pivotFrom(rows, at);
    if (pivot === null) return null;
    const { row, column } = pivot;
    if (row !== at) return { kind: 'exchange', row: at + 1, other: row + 1 };
    const value = itemAt(itemAt(rows, at), column);
    if (!q.equal(value, q.ONE)) return { kind: 'multiply', row: at + 1, times: q.reciprocal(value) };
    const other = rows.findIndex((line, i) => i !== at && !q.isZero(itemAt(line, column)));
    if (other >= 0)
      return { kind: 'add', row: other + 1, other: at + 1, times: q.negate(itemAt(itemAt(rows, other), column)) };
  }
  return null;
}

/** The next operation on the way to rows with zeros below the diagonal, by sums alone where it can be; null where all is done. */
export function nextTriangle(rows: RationalRows): RowOperation | null {
  for (let at = 0; at + 1 < rows.length; at += 1) {
    const below = rows.findIndex((row, i) => i > at && !q.isZero(itemAt(row, at)));
    if (below < 0) continue;
    const pivot = itemAt(itemAt(rows, at), at);
    if (q.isZero(pivot)) return { kind: 'exchange', row: at + 1, other: below + 1 };
    const times = q.negate(q.divide(itemAt(itemAt(rows, below), at), pivot));
    return { kind: 'add', row: below + 1, other: at + 1, times };
  }
  return null;
}
