import { usedColumns } from '@/core/notebook/columns';
import type { DataColumn, DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { columnWords } from '@/text/column-labels';
import { ColumnPicker } from './ColumnPicker';

type Props = Readonly<{
  table: DataTable;
  /** How often each row counts, how much it weighs, or the labels that tell groups apart. */
  role: 'frequencies' | 'weights' | 'by';
  /** Columns that hold the values themselves. */
  beside: readonly (DataColumn | null)[];
}>;

/** The column that has a role beside the values, or none. Not shown where there is no column left for it. */
export function RolePicker({ table, role, beside }: Props) {
  const columns = table.columns.filter((c) => !beside.includes(c));
  if (columns.length === 0) return null;
  return (
    <ColumnPicker
      title={columnWords[role]}
      columns={columns}
      chosen={usedColumns(table)[role]?.id ?? null}
      none={columnWords.none}
      onChoose={(chosen) => useStore.getState().setUse(table.id, { [role]: chosen })}
    />
  );
}
