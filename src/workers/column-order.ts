import { fail, succeed } from '@/core/base/result';
import type { Problem } from '@/core/base/problem';
import type { Result } from '@/core/base/result';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import type { LineRequest } from './answer';
import { fractionsOf } from './column-reader';
import type { ColumnText, Reader } from './column-reader';

/** The rows in the order of a column: numbers by size, the rest after them as they stood. */
export type OrderRequest = LineRequest & Readonly<{ by: ColumnText; rows: number; isDown: boolean }>;

export function orderOf({ by, rows, isDown }: OrderRequest, reader: Reader): Result<readonly number[], Problem> {
  const known: Readonly<{ row: number; value: Rational }>[] = [];
  const rest: number[] = [];
  for (let row = 0; row < rows; row += 1) {
    const cell = by.cells[row] ?? '';
    const value = cell === '' ? null : reader.value(cell);
    if (value?.ok !== true) {
      if (value?.problem.code === 'stopped') return fail(value.problem);
      rest.push(row);
      continue;
    }
    const near = fractionsOf([value.value], reader.context);
    const taken = near.ok ? near.value.values[0] : undefined;
    if (taken === undefined) rest.push(row);
    else known.push({ row, value: taken });
  }
  known.sort((a, b) => (isDown ? q.compare(b.value, a.value) : q.compare(a.value, b.value)) || a.row - b.row);
  return succeed([...known.map(({ row }) => row), ...rest]);
}
