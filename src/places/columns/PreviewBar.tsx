import { View } from '@tamagui/core';
import type { DataTable } from '@/core/notebook/columns';
import type { ColumnPreview } from '@/state/slices/columns/requests';
import { Words } from '@/ui/theme/text';
import { Flags } from './Flags';
import { shownText } from './Statistic';

/** Below the data: how many values the column at hand has, their mean and sum, and the cells that stand in the way. */
export function PreviewBar({
  table,
  look,
  name,
  onCell,
}: Readonly<{
  table: DataTable;
  look: ColumnPreview | null;
  name: string;
  onCell: (column: string, row: number) => void;
}>) {
  if (look === null) return null;
  const { n, mean, sum } = look;
  return (
    <View
      paddingHorizontal="$3"
      paddingVertical="$1"
      gap="$1"
      backgroundColor="$card"
      borderTopWidth={1}
      borderColor="$rule"
    >
      {mean === null || sum === null ? null : (
        <View role="status" className="scroll-x">
          <Words size="medium" whiteSpace="nowrap">
            {`${name}: n ${n}, mean ${shownText(mean).replace(/^= /, '')}, sum ${shownText(sum).replace(/^= /, '')}`}
          </Words>
        </View>
      )}
      <Flags table={table} flags={look.flags} hasMore={look.hasMore} onCell={onCell} />
    </View>
  );
}
