import { View } from '@tamagui/core';
import { usedColumns } from '@/core/notebook/columns';
import type { DataColumn, DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { columnWords } from '@/text/column-labels';
import { Words } from '@/ui/theme/text';
import { ColumnPicker } from './ColumnPicker';

type Props = Readonly<{
  table: DataTable;
  columns: readonly DataColumn[];
  /** y can also be how often each x occurs: then x stands for both. */
  countsToo?: boolean;
}>;

/** Which columns are x and y. */
export function PairPickers({ table, columns, countsToo = false }: Props) {
  const { setUse } = useStore.getState();
  const { x, y } = usedColumns(table);
  return (
    <>
      <View flexDirection="row" flexWrap="wrap" columnGap="$4" rowGap="$2">
        <ColumnPicker
          title={columnWords.x}
          columns={columns}
          chosen={x?.id ?? null}
          onChoose={(id) => setUse(table.id, { x: id })}
        />
        <ColumnPicker
          title={columnWords.y}
          columns={columns}
          chosen={countsToo && y === x ? null : (y?.id ?? null)}
          {...(countsToo ? { none: columnWords.howOften } : {})}
          onChoose={(id) => setUse(table.id, { y: id ?? x?.id ?? null })}
        />
      </View>
      {y === null && !countsToo ? <Words tone="muted">{columnWords.needsPair}</Words> : null}
    </>
  );
}
