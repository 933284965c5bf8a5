import { usedColumns } from '@/core/notebook/columns';
import type { DataColumn, DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { columnWords } from '@/text/column-labels';
import { ColumnPicker } from './ColumnPicker';

type Props = Readonly<{
  table: DataTable;
  /** Columns that hold the values themselves. */
  beside: readonly (DataColumn | null)[];
}>;

/** The column whose labels tell groups apart, or none. Not shown where there is no column left for it. */
export function GroupPicker({ table, beside }: Props) {
  const columns = table.columns.filter((c) => !beside.includes(c));
  if (columns.length === 0) return null;
  return (
    <ColumnPicker
      title={columnWords.by}
      columns={columns}
      chosen={usedColumns(table).by?.id ?? null}
      none={columnWords.none}
      onChoose={(by) => useStore.getState().setUse(table.id, { by })}
    />
  );
}
