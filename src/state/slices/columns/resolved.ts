import type { DataColumn, DataTable } from '@/core/notebook/columns';
import type { State } from '@/state/slices/state';
import { tableInSight } from './in-sight';
import type { Rules } from './moment';

type Known = Pick<State, 'rules'>;

/** Whether anything of a table is worked from other parts of it. */
export const hasRules = ({ columns, filter }: DataTable): boolean =>
  filter !== '' || columns.some(({ rule }) => rule !== '');

const shown = new WeakMap<Rules, WeakMap<DataTable, DataTable>>();
const used = new WeakMap<Rules, WeakMap<DataTable, DataTable>>();

/** What is made of a table by what is known of it: once for each pair of them. */
function once(
  cache: typeof shown,
  known: Rules,
  table: DataTable,
  make: (known: Rules, table: DataTable) => DataTable,
): DataTable {
  const before = cache.get(known)?.get(table);
  if (before !== undefined) return before;
  const made = make(known, table);
  const by = cache.get(known) ?? new WeakMap<DataTable, DataTable>();
  by.set(table, made);
  cache.set(known, by);
  return made;
}

function withWorked({ worked }: Rules, table: DataTable): DataTable {
  const cells = new Map(worked.columns.map((column) => [column.id, column.cells]));
  const columns = table.columns.map((column): DataColumn => {
    const found = column.rule === '' ? undefined : cells.get(column.id);
    return found === undefined ? column : { ...column, cells: found as string[] };
  });
  return { ...table, columns };
}

/** The rows that are set aside hold nothing; the others keep their numbers. */
function withoutAside(known: Rules, table: DataTable): DataTable {
  const all = withWorked(known, table);
  const { kept } = known.worked;
  if (kept === null) return all;
  return {
    ...all,
    columns: all.columns.map((column) => ({
      ...column,
      cells: column.cells.map((cell, row) => (kept[row] === false ? '' : cell)),
    })),
  };
}

/** A table with the cells of its worked columns, as they are shown. */
export function tableShown({ rules }: Known, table: DataTable): DataTable {
  const known = hasRules(table) ? rules.get(table.id) : undefined;
  return known === undefined ? table : once(shown, known, table, withWorked);
}

/** A table as it is summed up, drawn and fitted: its worked columns filled, its rows that are set aside left out. */
export function tableUsed({ rules }: Known, table: DataTable): DataTable {
  const known = hasRules(table) ? rules.get(table.id) : undefined;
  return known === undefined ? table : once(used, known, table, withoutAside);
}

type InSight = Known & Parameters<typeof tableInSight>[0];

/** The table in sight as it is used. */
export const tableInUse = (state: InSight): DataTable | null => {
  const table = tableInSight(state);
  return table === null ? null : tableUsed(state, table);
};

/** Which rows take part; null for all of them. */
export const keptRows = ({ rules }: Known, table: DataTable): readonly boolean[] | null =>
  table.filter === '' ? null : (rules.get(table.id)?.worked.kept ?? null);
