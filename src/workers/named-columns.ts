import { withLetter } from '@/core/evaluate/context';
import type { Context } from '@/core/evaluate/context';
import { vector } from '@/core/matrix/matrix';
import { cellValue } from './cell-value';

/** The context with columns under their names, as vectors. One that is empty, or holds a cell that is no number, has none. */
export const withColumns = (context: Context, columns: ReadonlyMap<string, readonly string[]>): Context =>
  [...columns].reduce((all, [name, cells]) => {
    const values = cells.filter((cell) => cell !== '').map((cell) => cellValue(cell, context));
    const found = values.flatMap((value) => (value.ok ? [value.value] : []));
    return found.length === 0 || found.length < values.length ? all : withLetter(all, name, vector(found));
  }, context);
