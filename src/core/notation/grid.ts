import { value } from './layout';
import type { Layout } from './layout';
import { defineGrowingNotation, standingOf } from './notation';
import type { Notation, Standing } from './notation';

const gridLayout = (columns: number, values: number): Layout => ({
  kind: 'grid',
  rows: Array.from({ length: Math.ceil(values / columns) }, (_, i) =>
    Array.from({ length: Math.min(columns, values - i * columns) }, (_unused, j) => value(i * columns + j)),
  ),
});

const notations = new Map<number, Notation>();

/** How a matrix stands on paper: its entries row by row, so many columns. */
export function standingOfGrid(columns: number, values: number): Standing {
  const known = notations.get(columns);
  const notation = known ?? defineGrowingNotation((count) => gridLayout(columns, count));
  if (known === undefined) notations.set(columns, notation);
  const standing = standingOf(notation, values);
  if (standing === null) throw new TypeError('a grid always has its layout');
  return standing;
}
