import { itemAt, present } from '@/core/base/item';
import { carried, reordered, withCell, withSpace, without, writtenOver } from '@/core/column/cells';
import type { Cells } from '@/core/column/cells';
import {
  FIRST_USE,
  LONGEST_CELL,
  LONGEST_NAME,
  MOST_CELLS,
  MOST_COLUMNS,
  MOST_ROWS,
  MOST_TABLES,
  rowsOf,
} from '@/core/notebook/columns';
import type { DataColumn, DataTable, AnalysisOptions } from '@/core/notebook/columns';
import { cellsIn, fitting } from '@/core/notebook/room';
import type { NewColumn } from '@/core/notebook/room';
import { overflow } from '@/state/slices/bounds';
import type { Document, StepName } from '@/state/slices/parts';
import { isOff } from '@/state/slices/exam/off';
import { notice } from '@/state/slices/notice';
import { changed } from '@/state/slices/state';
import type { Change, State } from '@/state/slices/state';
import type { WorkedRules } from '@/workers/rules-request';
import { columnAtHand } from './in-sight';
import { tableShown } from './resolved';

/** What is done to tables, their columns and their rows on the Columns place. */
export type ColumnActions = Readonly<{
  /** An empty table with one column, in sight. */
  addTable: () => void;
  putTable: (name: string, columns: readonly NewColumn[]) => void;
  nameTable: (id: string, name: string) => void;
  removeTable: (id: string) => void;
  openTable: (id: string) => void;
  addColumn: (table: string) => void;
  changeColumn: (id: string, part: Readonly<{ name?: string; unit?: string }>) => void;
  /** By so many places to the right; to the left where it is negative. */
  moveColumn: (id: string, by: number) => void;
  emptyColumn: (id: string) => void;
  removeColumn: (id: string) => void;
  /** Typed text with a point; '' empties the cell. */
  setCell: (column: string, row: number, text: string) => void;
  /** An empty row, or cells of some columns alone; null for all of the table's. */
  insertRow: (table: string, row: number, columns: readonly string[] | null) => void;
  deleteRow: (table: string, row: number, columns: readonly string[] | null) => void;
  /** By so many rows down; up where it is negative. */
  moveRow: (table: string, row: number, by: number) => void;
  /** Place i takes the row `order[i]`. */
  orderRows: (table: string, columns: readonly string[] | null, order: readonly number[]) => void;
  setUse: (table: string, use: Partial<AnalysisOptions>) => void;
  /** Columns of values written over those of a table, from a cell on. */
  putCells: (table: string, column: string, row: number, columns: readonly NewColumn[]) => void;
  /** An expression from which the cells of a column are worked; empty for none, which keeps what came of it as values. */
  setRule: (column: string, rule: string) => void;
  /** The condition by which rows of a table take part; empty for all of them. */
  setFilter: (table: string, filter: string) => void;
  /** What came of the rules of a table. */
  learnRules: (table: DataTable, worked: WorkedRules) => void;
  /** Columns behind those of a table. */
  addColumns: (table: string, columns: readonly NewColumn[]) => void;
  /** Below the last value of a column; null for the one that was last written into. */
  appendCell: (column: string | null, text: string) => void;
}>;

type Tables = Document['columns'];

const freeNumber = (ids: readonly string[]): number =>
  1 + ids.reduce((most, id) => Math.max(most, Number(id.slice(1)) || 0), 0);

const columnsIn = ({ tables }: Tables): readonly DataColumn[] => tables.flatMap(({ columns }) => columns);

/** Columns with ids that are free; a name that is missing is a letter. */
function newColumns(all: Tables, wanted: readonly NewColumn[], before: number): readonly DataColumn[] {
  const first = freeNumber(columnsIn(all).map(({ id }) => id));
  return wanted.map(({ name, unit, cells }, i) => ({
    id: `c${first + i}`,
    name: name === '' ? letterName(before + i) : name,
    unit,
    rule: '',
    cells: cells as string[],
  }));
}

/** A, B … Z, AA, AB …: what a column without a name is called. */
const letterName = (at: number): string =>
  (at >= 26 ? letterName(Math.floor(at / 26) - 1) : '') + String.fromCharCode(65 + (at % 26));

const withTables = (state: State, name: StepName, tables: readonly DataTable[], thought?: string): Partial<State> =>
  changed(state, name, { ...state.document, columns: { tables } }, thought);

/** One table changed by a step; nothing when the table comes back as it was. */
function inTable(
  state: State,
  id: string | undefined,
  name: StepName,
  make: (table: DataTable) => DataTable,
  thought?: string,
): Partial<State> {
  const { tables } = state.document.columns;
  const at = tables.findIndex((t) => t.id === id);
  const table = tables[at];
  if (table === undefined) return {};
  const next = make(table);
  return next === table ? {} : withTables(state, name, tables.with(at, next), thought);
}

const tableOf = (state: State, column: string): DataTable | undefined =>
  state.document.columns.tables.find(({ columns }) => columns.some((c) => c.id === column));

/** The cells of some columns changed; null for all of the table's. */
function withCells(table: DataTable, ids: readonly string[] | null, make: (cells: Cells) => Cells): DataTable {
  const columns = table.columns.map((column) => {
    if (ids !== null && !ids.includes(column.id)) return column;
    const cells = make(column.cells);
    return cells === column.cells ? column : { ...column, cells: [...cells] };
  });
  return columns.every((column, i) => column === table.columns[i]) ? table : { ...table, columns };
}

function newTable(state: State, name: string, wanted: readonly NewColumn[]): Partial<State> {
  const { columns } = state.document;
  if (columns.tables.length >= MOST_TABLES) return { notice: notice('tables-full') };
  const number = freeNumber(columns.tables.map(({ id }) => id));
  const table: DataTable = {
    id: `t${number}`,
    name: (name === '' ? `Table ${number}` : name).slice(0, LONGEST_NAME),
    columns: [...newColumns(columns, fitting(wanted, null).columns, 0)],
    use: FIRST_USE,
    filter: '',
  };
  return {
    ...withTables(state, 'add-table', [...columns.tables, table]),
    sight: { ...state.sight, openTable: table.id },
  };
}

const EMPTY_COLUMN: NewColumn = { name: '', unit: '', cells: [] };

/** Every write tells which column is at hand, so that a level of the stack finds its way there. */
const writtenInto = (state: State, change: Partial<State>, column: string): Partial<State> =>
  change.document === undefined ? change : { ...change, sight: { ...state.sight, lastColumn: column } };

/** Whether there is no room for one more cell in each of its columns. */
const isFull = (table: DataTable): boolean =>
  rowsOf(table) >= MOST_ROWS || cellsIn(table) + table.columns.length > MOST_CELLS;

/** A value put below the last one of a column; with no column, into a table of its own. */
export function appended(state: State, column: string | null, text: string): Partial<State> {
  if (isOff(state, 'columns')) return { notice: notice('not-in-exam') };
  const full = overflow(LONGEST_CELL, text);
  if (full !== null) return full;
  const id = column ?? columnAtHand(state)?.id ?? null;
  const table = id === null ? undefined : tableOf(state, id);
  if (id === null || table === undefined) {
    const begun = newTable(state, '', [{ ...EMPTY_COLUMN, cells: [text] }]);
    return { ...begun, ...(begun.document === undefined ? {} : { notice: notice('sent-to-column', 'A, 1', true) }) };
  }
  const { name, cells, rule } = present(table.columns.find((c) => c.id === id));
  if (rule !== '') return { notice: notice('column-worked') };
  if (isFull(table)) return { notice: notice('column-full') };
  const next = inTable(state, table.id, 'cell', (t) => withCells(t, [id], (old) => withCell(old, old.length, text)));
  return { ...writtenInto(state, next, id), notice: notice('sent-to-column', `${name}, ${cells.length + 1}`, true) };
}

export const columnActions = (change: Change): ColumnActions => ({
  addTable: () => change((state) => newTable(state, '', [EMPTY_COLUMN])),
  putTable: (name, columns) => change((state) => newTable(state, name, columns)),
  nameTable: (id, name) =>
    change((state) => overflow(LONGEST_NAME, name) ?? inTable(state, id, 'table-name', (t) => ({ ...t, name }), id)),
  removeTable: (id) =>
    change((state) => {
      const { tables } = state.document.columns;
      const found = tables.find((t) => t.id === id);
      if (found === undefined) return {};
      return {
        ...withTables(
          state,
          'remove-table',
          tables.filter((t) => t !== found),
        ),
        sight: { ...state.sight, openTable: null },
        notice: notice('table-removed', found.name, true),
      };
    }),
  openTable: (id) => change((state) => ({ sight: { ...state.sight, openTable: id }, notice: null })),
  addColumn: (id) =>
    change((state) =>
      inTable(state, id, 'add-column', (t) =>
        t.columns.length >= MOST_COLUMNS
          ? t
          : {
              ...t,
              columns: [...t.columns, ...newColumns(state.document.columns, [EMPTY_COLUMN], t.columns.length)],
            },
      ),
    ),
  changeColumn: (id, part) =>
    change(
      (state) =>
        overflow(LONGEST_NAME, part.name, part.unit) ??
        inTable(
          state,
          tableOf(state, id)?.id,
          'column',
          (t) => ({ ...t, columns: t.columns.map((c) => (c.id === id ? { ...c, ...part } : c)) }),
          id,
        ),
    ),
  moveColumn: (id, by) =>
    change((state) =>
      inTable(state, tableOf(state, id)?.id, 'move-column', (t) => {
        const at = t.columns.findIndex((c) => c.id === id);
        const to = at + by;
        if (to < 0 || to >= t.columns.length) return t;
        return { ...t, columns: t.columns.toSpliced(at, 1).toSpliced(to, 0, itemAt(t.columns, at)) };
      }),
    ),
  emptyColumn: (id) =>
    change((state) => {
      const table = tableOf(state, id);
      const column = table?.columns.find((c) => c.id === id);
      if (table === undefined || column === undefined || column.cells.length === 0) return {};
      return {
        ...inTable(state, table.id, 'empty-column', (t) => withCells(t, [id], () => [])),
        notice: notice('column-emptied', column.name, true),
      };
    }),
  removeColumn: (id) =>
    change((state) => {
      const table = tableOf(state, id);
      if (table === undefined) return {};
      const { name } = present(table.columns.find((c) => c.id === id));
      return {
        ...inTable(state, table.id, 'remove-column', (t) => ({ ...t, columns: t.columns.filter((c) => c.id !== id) })),
        notice: notice('column-removed', name, true),
      };
    }),
  setCell: (column, row, text) =>
    change((state) => {
      const found = tableOf(state, column);
      // Far below the others there would be room for nothing else.
      const room = MOST_CELLS - (found === undefined ? 0 : cellsIn(found));
      const grows = row + 1 - (found?.columns.find((c) => c.id === column)?.cells.length ?? 0);
      if (row >= MOST_ROWS || (text !== '' && grows > room)) return { notice: notice('column-full') };
      const full = overflow(LONGEST_CELL, text);
      if (full !== null) return full;
      if (found?.columns.find((c) => c.id === column)?.rule !== '') return { notice: notice('column-worked') };
      const next = inTable(state, tableOf(state, column)?.id, 'cell', (t) =>
        withCells(t, [column], (cells) => withCell(cells, row, text)),
      );
      return writtenInto(state, next, column);
    }),
  insertRow: (id, row, columns) =>
    change((state) => {
      const full = state.document.columns.tables.some((t) => t.id === id && isFull(t));
      if (full) return { notice: notice('column-full') };
      return inTable(state, id, 'rows', (t) => withCells(t, columns, (cells) => withSpace(cells, row)));
    }),
  deleteRow: (id, row, columns) =>
    change((state) => inTable(state, id, 'rows', (t) => withCells(t, columns, (cells) => without(cells, row)))),
  moveRow: (id, row, by) =>
    change((state) =>
      row + by < 0 || row + by >= MOST_ROWS
        ? {}
        : inTable(state, id, 'rows', (t) => withCells(t, null, (cells) => carried(cells, row, row + by))),
    ),
  orderRows: (id, columns, order) =>
    change((state) => ({
      ...inTable(state, id, 'sort', (t) => withCells(t, columns, (cells) => reordered(cells, order))),
      notice: notice('sorted', '', true),
    })),
  setUse: (id, part) =>
    change(
      (state) =>
        overflow(LONGEST_CELL, part.width, part.at) ??
        inTable(state, id, 'use', (t) => ({ ...t, use: { ...t.use, ...part } }), id),
    ),
  putCells: (id, column, row, wanted) =>
    change((state) => {
      const table = state.document.columns.tables.find((t) => t.id === id);
      if (table === undefined) return {};
      const at = Math.max(
        0,
        table.columns.findIndex((c) => c.id === column),
      );
      const put = fitting(wanted, { table, column: at, row }).columns;
      const more = newColumns(state.document.columns, put.slice(table.columns.length - at), table.columns.length);
      const columns = table.columns.map((c, i) => {
        const one = put[i - at];
        if (one === undefined) return c;
        // A column that holds something keeps its name.
        const named = one.name === '' || c.cells.length > 0 ? {} : { name: one.name, unit: one.unit };
        // What is written over a worked column takes the place of its rule.
        const before = c.rule === '' ? c : (tableShown(state, table).columns.find((of) => of.id === c.id) ?? c);
        return { ...c, ...named, rule: '', cells: [...writtenOver(before.cells, row, one.cells)] };
      });
      const shifted = more.map((c) => ({ ...c, cells: [...writtenOver([], row, c.cells)] }));
      const next = inTable(state, id, 'put-in', (t) => ({ ...t, columns: [...columns, ...shifted] }));
      const count = put.reduce((sum, { cells }) => sum + cells.length, 0);
      return { ...next, notice: notice('values-put', String(count), true) };
    }),
  setRule: (id, rule) =>
    change((state) => {
      const full = overflow(LONGEST_CELL, rule);
      if (full !== null) return full;
      const table = tableOf(state, id);
      if (table === undefined) return {};
      // What came of the rule stays when the rule goes; while there is one, no cells of its own are kept.
      const left = tableShown(state, table).columns.find((c) => c.id === id)?.cells ?? [];
      return inTable(
        state,
        table.id,
        'rule',
        (t) => ({
          ...t,
          columns: t.columns.map((c) => (c.id === id ? { ...c, rule, cells: rule === '' ? left : [] } : c)),
        }),
        id,
      );
    }),
  setFilter: (id, filter) =>
    change(
      (state) =>
        overflow(LONGEST_CELL, filter) ??
        inTable(state, id, 'filter', (t) => (t.filter === filter ? t : { ...t, filter }), id),
    ),
  learnRules: (table, worked) => change((state) => ({ rules: new Map([...state.rules, [table.id, { worked }]]) })),
  addColumns: (id, wanted) =>
    change((state) => {
      const table = state.document.columns.tables.find((t) => t.id === id);
      if (table === undefined) return {};
      const fit = fitting(wanted, { table, column: table.columns.length, row: 0 }).columns;
      const more = newColumns(state.document.columns, fit, table.columns.length);
      return inTable(state, id, 'add-column', (t) => ({ ...t, columns: [...t.columns, ...more] }));
    }),
  appendCell: (column, text) => change((state) => appended(state, column, text)),
});
