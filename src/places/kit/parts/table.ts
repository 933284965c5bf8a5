import { itemAt } from '@/core/base/item';

/** A table of typed texts with a point, row by row. */
export type Table = readonly (readonly string[])[];

export const sizeOf = (table: Table): readonly [rows: number, columns: number] => [table.length, table[0]?.length ?? 0];

export const emptyTable = (rows: number, columns: number): string[][] =>
  Array.from({ length: rows }, () => Array.from({ length: columns }, () => ''));

/** The table with more or fewer rows and columns; what stands in those that stay is kept. */
export const resized = (table: Table, rows: number, columns: number): string[][] =>
  Array.from({ length: rows }, (_, i) => Array.from({ length: columns }, (__, j) => table[i]?.[j] ?? ''));

export const withText = (table: Table, row: number, column: number, text: string): string[][] =>
  table.map((texts, i) => (i === row ? texts.with(column, text) : [...texts]));

export const isEmptyTable = (table: Table): boolean => table.every((row) => row.every((text) => text === ''));

/** Whether something stands everywhere: before that, what comes of it is not yet meant. */
export const isFullTable = (table: Table): boolean => table.every((row) => row.every((text) => text !== ''));

/** The table as it is typed, 0 where nothing stands; a single column is a vector. */
export function typedTable(table: Table): string {
  const cell = (text: string): string => (text === '' ? '0' : text);
  const [, columns] = sizeOf(table);
  if (columns === 1) return `[${table.map((row) => cell(itemAt(row, 0))).join(',')}]`;
  return `[${table.map((row) => `[${row.map(cell).join(',')}]`).join(',')}]`;
}
