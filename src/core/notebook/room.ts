import { LONGEST_CELL, LONGEST_NAME, MOST_CELLS, MOST_COLUMNS, MOST_ROWS } from './columns';
import type { DataTable } from './columns';

/** A column that is to be made. */
export type NewColumn = Readonly<{ name: string; unit: string; cells: readonly string[] }>;

/** What does not go into a table, to be told before anything is put in. */
export type LeftOut = Readonly<{
  columns: number;
  /** The rows that fit, where there are more. */
  rows: number;
  /** Cells and names that are cut. */
  cells: number;
  names: number;
}>;

export type Fitting = Readonly<{ columns: readonly NewColumn[]; left: LeftOut }>;

/** Where in a table values are put: over its columns from one of them on, from a row on. */
export type Into = Readonly<{ table: DataTable; column: number; row: number }>;

const NOTHING: LeftOut = { columns: 0, rows: 0, cells: 0, names: 0 };

/** The part of some columns that a new table, or a place in one, has room for, and what is left out of it. */
export function fitting(wanted: readonly NewColumn[], into: Into | null): Fitting {
  const before = into?.table.columns ?? [];
  const first = into?.column ?? 0;
  const row = into?.row ?? 0;
  const fit = wanted.slice(0, MOST_COLUMNS - first);
  // Cells of the columns that are not written over stay, and take their room.
  const others = before.reduce(
    (sum, { cells }, i) => sum + (i < first || i >= first + fit.length ? cells.length : 0),
    0,
  );
  const mostRows = Math.max(0, Math.min(MOST_ROWS, Math.floor((MOST_CELLS - others) / Math.max(1, fit.length))) - row);
  const rows = wanted.reduce((most, { cells }) => Math.max(most, cells.length), 0);
  let [cut, names] = [0, 0];
  const columns = fit.map(({ name, unit, cells }): NewColumn => {
    if (name.length > LONGEST_NAME || unit.length > LONGEST_NAME) names += 1;
    const kept = cells.length > mostRows ? cells.slice(0, mostRows) : cells;
    const isLong = kept.some((text) => text.length > LONGEST_CELL);
    return {
      name: name.slice(0, LONGEST_NAME),
      unit: unit.slice(0, LONGEST_NAME),
      cells: isLong
        ? kept.map((text) => {
            if (text.length <= LONGEST_CELL) return text;
            cut += 1;
            return text.slice(0, LONGEST_CELL);
          })
        : kept,
    };
  });
  return {
    columns,
    left: {
      ...NOTHING,
      columns: wanted.length - fit.length,
      rows: rows > mostRows ? rows - mostRows : 0,
      cells: cut,
      names,
    },
  };
}

/** How many cells a table holds. */
export const cellsIn = ({ columns }: DataTable): number => columns.reduce((sum, { cells }) => sum + cells.length, 0);
