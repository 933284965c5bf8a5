import { columnWord } from '@/core/column/column-names';
import type { DataTable } from '@/core/notebook/columns';
import type { State } from '@/state/slices/state';
import { tableInSight } from './in-sight';
import { tableUsed } from './resolved';

type Given = Pick<State, 'document'> & Partial<Pick<State, 'sight' | 'rules'>>;

const WORDS = /[\p{L}_][\p{L}\p{N}_]+/gu;
/** Longer columns are not worked with at every key. */
const MOST_CELLS = 100_000;

const words = new WeakMap<readonly DataTable[], ReadonlyMap<string, readonly [table: string, column: string]>>();

/** Where the column of each name stands; of several with one name, the first. */
function namesIn(tables: readonly DataTable[]): ReadonlyMap<string, readonly [table: string, column: string]> {
  const before = words.get(tables);
  if (before !== undefined) return before;
  const found = new Map<string, readonly [string, string]>();
  for (const table of tables)
    for (const { id, name } of table.columns) {
      const word = columnWord(name);
      if (word !== null && !found.has(word)) found.set(word, [table.id, id]);
    }
  words.set(tables, found);
  return found;
}

/** The names of all columns that can stand in an expression. */
export const columnNames = ({ columns }: Pick<State['document'], 'columns'>): readonly string[] => [
  ...namesIn(columns.tables).keys(),
];

/** The cells of columns that a text names; of several with one name, that of the table in sight. Undefined where it names none. */
export function columnsNamed(text: string, state: Given): ReadonlyMap<string, readonly string[]> | undefined {
  const { tables } = state.document.columns;
  if (tables.length === 0 || !text.includes('(')) return undefined;
  const names = namesIn(tables);
  const inSight = state.sight === undefined ? null : tableInSight({ document: state.document, sight: state.sight });
  const found = new Map<string, readonly string[]>();
  for (const [word] of text.matchAll(WORDS)) {
    const place = names.get(word);
    if (place === undefined || found.has(word)) continue;
    const here = inSight?.columns.find(({ name }) => columnWord(name) === word);
    const table = here === undefined ? tables.find(({ id }) => id === place[0]) : inSight;
    if (table == null) continue;
    const used = state.rules === undefined ? table : tableUsed({ rules: state.rules }, table);
    const column = used.columns.find(({ id }) => id === (here?.id ?? place[1]));
    if (column !== undefined && column.cells.length <= MOST_CELLS) found.set(word, column.cells);
  }
  return found.size === 0 ? undefined : found;
}
