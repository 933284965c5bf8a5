import type { DataColumn, DataTable } from '@/core/notebook/columns';
import type { Kept } from '@/state/slices/parts';

type InSight = Pick<Kept, 'document' | 'sight'>;

/** The table in sight: the one that was opened, else the first. */
export const tableInSight = ({ document, sight }: InSight): DataTable | null => {
  const { tables } = document.columns;
  return tables.find(({ id }) => id === sight.openTable) ?? tables[0] ?? null;
};

/** The column that was last written into, in the table in sight; else its first. */
export function columnAtHand(state: InSight): DataColumn | null {
  const table = tableInSight(state);
  return table?.columns.find(({ id }) => id === state.sight.lastColumn) ?? table?.columns[0] ?? null;
}
