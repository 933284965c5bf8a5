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

/** How much each row weighs: a column, or all alike. */
export function WeightPicker({ table, beside }: Props) {
  return (
    <ColumnPicker
      title={columnWords.weights}
      columns={table.columns.filter((c) => !beside.includes(c))}
      chosen={usedColumns(table).weights?.id ?? null}
      none={columnWords.none}
      onChoose={(weights) => useStore.getState().setUse(table.id, { weights })}
    />
  );
}
