import { itemAt } from '@/core/base/item';
import {
  FIRST_USE,
  LONGEST_CELL,
  MOST_COLUMNS,
  MOST_ROWS,
  MOST_TABLES,
  columnSchema,
  columnsSchema,
  tableSchema,
  useSchema,
} from '@/core/notebook/columns';
import type { DataColumn, DataTable, SavedColumns } from '@/core/notebook/columns';
import { LONGEST_ASIDE_TEXT } from '@/core/notebook/set-aside';
import type { Aside } from '@/state/kernel/aside';
import { isObject, listOf, memberOf, nameOf, readAs, withOwnIds } from '@/state/kernel/found';
import { defineSlice } from '@/state/kernel/slice';
import type { SavedPart } from '@/state/kernel/slice';

type ColumnsDocument = Readonly<{ columns: Readonly<{ tables: readonly DataTable[] }> }>;

/** What is looked at on Columns. A table or a column that is gone is chosen anew. */
type ColumnsSight = Readonly<{
  openTable: string | null;
  /** The column that was last written into. */
  lastColumn: string | null;
}>;

const isCell = (cell: unknown): boolean => typeof cell === 'string' && cell.length <= LONGEST_CELL;

function columnIn(found: unknown, table: string, aside: Aside): DataColumn | null {
  const cells = listOf(memberOf(found, 'cells'));
  // A hundred times as fast as by the schema, which says the same: there can be a million of them.
  const isFilled = isObject(found) && Array.isArray(found['cells']) && cells.length <= MOST_ROWS && cells.every(isCell);
  const result = isFilled ? readAs(columnSchema, { ...found, cells: [] }) : null;
  if (result !== null) return { ...result, cells: cells as string[] };
  aside.put('column', `${table}: ${nameOf(found)}`, cells.slice(0, LONGEST_ASIDE_TEXT).join('\n'), found);
  return null;
}

function tablesIn(found: unknown, aside: Aside): DataTable[] {
  const result: DataTable[] = [];
  for (const [i, part] of aside.list('table', '', found).entries()) {
    const name = readAs(tableSchema.shape.name, nameOf(part)) ?? '';
    if (!isObject(part) || i >= MOST_TABLES) {
      aside.put('table', name, '', part);
      continue;
    }
    const columns: DataColumn[] = [];
    for (const [k, one] of aside.list('column', name, part['columns']).entries()) {
      const column = k < MOST_COLUMNS ? columnIn(one, name, aside) : null;
      if (column !== null) columns.push(column);
      else if (k >= MOST_COLUMNS) aside.put('column', `${name}: ${nameOf(one)}`, '', one);
    }
    const use = aside.or(readAs(useSchema, part['use']), FIRST_USE, name, part['use']);
    const filter = readAs(tableSchema.shape.filter, part['filter']) ?? '';
    result.push({ id: readAs(tableSchema.shape.id, part['id']) ?? `t${i + 1}`, name, columns, use, filter });
  }
  // Columns are known by their ids alone, whichever table they are in.
  const all = withOwnIds(
    result.flatMap(({ columns }) => columns),
    'c',
  );
  let at = 0;
  const own = result.map((table) => ({ ...table, columns: table.columns.map(() => itemAt(all, at++)) }));
  return withOwnIds(own, 't');
}

const columnsPart: SavedPart<SavedColumns> = {
  schema: columnsSchema,
  salvaged: (found, aside) => {
    const { tables, open, into } = aside.object('table', '', found);
    return {
      tables: tablesIn(tables, aside),
      open: readAs(tableSchema.shape.id, open),
      into: readAs(columnSchema.shape.id, into),
    };
  },
  // From 10 to 11 only what has a value of its own came in.
  migrations: { 6: () => ({ tables: [], open: null, into: null }) },
};

/** Cells of columns that are no longer there, or not as they were: a step that keeps them is alone in that. */
function cellsLost({ columns: before }: ColumnsDocument, { columns: after }: ColumnsDocument): number {
  if (before === after) return 0;
  const kept = new Set(after.tables.flatMap(({ columns }) => columns.map(({ cells }) => cells)));
  return before.tables
    .flatMap(({ columns }) => columns)
    .reduce((sum, { cells }) => sum + (kept.has(cells) ? 0 : cells.length), 0);
}

/** A table that undo changed is brought into sight. */
function lookedAt({ columns: from }: ColumnsDocument, { columns: to }: ColumnsDocument, sight: ColumnsSight) {
  if (from.tables === to.tables) return sight;
  const touched = to.tables.filter((table) => !from.tables.includes(table));
  const [first] = touched;
  return first === undefined || touched.some(({ id }) => id === sight.openTable)
    ? sight
    : { ...sight, openTable: first.id };
}

const document: ColumnsDocument = { columns: { tables: [] } };
const sight: ColumnsSight = { openTable: null, lastColumn: null };

/** Tables of columns whose rows belong together. */
export const columns = defineSlice({
  document,
  sight,
  steps: [
    'add-table',
    'remove-table',
    'table-name',
    'add-column',
    'column',
    'move-column',
    'empty-column',
    'remove-column',
    'cell',
    'rows',
    'sort',
    'put-in',
    'rule',
    'filter',
    'use',
  ],
  notices: [
    'tables-full',
    'table-removed',
    'column-emptied',
    'column-removed',
    'column-full',
    'sent-to-column',
    'values-put',
    'sorted',
    'column-worked',
  ],
  saved: { columns: columnsPart },
  toSaved: ({ columns: { tables } }: ColumnsDocument, { openTable, lastColumn }: ColumnsSight) => ({
    columns: { tables: tables as DataTable[], open: openTable, into: lastColumn },
  }),
  fromSaved: ({ columns: { tables, open, into } }) => ({
    document: { columns: { tables } },
    sight: { openTable: open, lastColumn: into },
  }),
  weight: cellsLost,
  lookedAt,
});
