import { useStore } from '@/state/app-store';
import type { Axis, DrawnFunction } from '@/core/notebook/curves';
import type { SavedForm } from '@/core/notebook/schema';
import type { NewColumn } from '@/core/notebook/room';
import { tasks } from '@/state/tasks';
import type { Cell, ValuesRow } from '@/state/slices/curves/requests';
import { delimitedText } from '@/places/files/delimited-text';
import { chosenForm } from './panels';
import { tableRequest } from './use-table';

/*
 * The whole table of values, worked in parts, to be taken along.
 */

const BATCH = 400;
const MOST_PRINTED = 2000;

type AllRows = Readonly<{ functions: readonly DrawnFunction[]; count: number; digits: number | null }>;

/** Every row of the table, in parts; null when that was stopped. `digits`: more of them than are shown. */
async function allRows(
  { functions, count, digits }: AllRows,
  isGoing: (share: number) => boolean,
): Promise<readonly ValuesRow[] | null> {
  const rows: ValuesRow[] = [];
  for (let from = 0; from < count; from += BATCH) {
    const request = tableRequest(useStore.getState(), functions, { from, count: BATCH });
    const display = digits === null ? request.display : { ...request.display, mode: 'auto' as const, digits };
    const result = await tasks.run('values', { ...request, display }, 'allValues');
    if (result === 'superseded' || !result.ok || !isGoing(from / count)) return null;
    rows.push(...result.value.rows);
  }
  return rows;
}

const going = (): boolean => true;

/** All rows as values separated by commas (RFC 4180), decimals with a point. */
export async function csvOf(functions: readonly DrawnFunction[], count: number): Promise<string | null> {
  const rows = await allRows({ functions, count, digits: null }, going);
  if (rows === null) return null;
  const plain = (cell: Cell): string => ('forms' in cell ? (chosenForm(cell.forms, false)?.typed ?? '') : '');
  const lines = [
    ['x', ...functions.map(({ name }) => name)],
    ...rows.map((row) => [plain({ forms: row.x, at: row.at }), ...row.cells.map(plain)]),
  ];
  return delimitedText(lines, ',');
}

/** All rows as they are shown, for paper. */
export async function shownRows(
  functions: readonly DrawnFunction[],
  count: number,
  exact: boolean,
): Promise<readonly (readonly string[])[] | null> {
  const rows = await allRows({ functions, count: Math.min(count, MOST_PRINTED), digits: null }, going);
  const text = (forms: readonly SavedForm[]): string => chosenForm(forms, exact)?.text ?? '';
  return (
    rows?.map((row) => [text(row.x), ...row.cells.map((cell) => ('forms' in cell ? text(cell.forms) : '–'))]) ?? null
  );
}

/** What is put into columns: exact where that is short, else with more digits than are shown. */
const COLUMN_DIGITS = 30;
const LONGEST_EXACT = 60;

function columnText(forms: readonly SavedForm[]): string {
  const [first] = forms;
  if (first?.exact === true && first.typed.length <= LONGEST_EXACT) return first.typed;
  return chosenForm(forms, false)?.typed ?? '';
}

/** The table as columns; null when that was stopped. */
export async function columnsOf(
  functions: readonly DrawnFunction[],
  count: number,
  axes: Readonly<{ x: Axis; y: Axis }>,
  isGoing: (share: number) => boolean,
): Promise<readonly NewColumn[] | null> {
  const rows = await allRows({ functions, count, digits: COLUMN_DIGITS }, isGoing);
  if (rows === null) return null;
  return [
    { name: axes.x.name, unit: axes.x.unit, cells: rows.map((row) => columnText(row.x)) },
    ...functions.map(({ name }, i) => ({
      name,
      unit: axes.y.unit,
      cells: rows.map((row) => {
        const cell = row.cells[i];
        return cell !== undefined && 'forms' in cell ? columnText(cell.forms) : '';
      }),
    })),
  ];
}
