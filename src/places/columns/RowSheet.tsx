import { View } from '@tamagui/core';
import type { DataColumn, DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { columnWords, rowName } from '@/text/column-labels';
import { Button } from '@/ui/control/Button';
import { Note } from '@/ui/control/Note';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{
  table: DataTable;
  row: number;
  /** The column whose cell is at hand. */
  column: DataColumn | null;
  onMoved: (row: number) => void;
  onClose: () => void;
}>;

/** A row as a whole, and apart from that the cell of one column. */
export function RowSheet({ table, row, column, onMoved, onClose }: Props) {
  const { insertRow, deleteRow, moveRow } = useStore.getState();
  const { id } = table;
  const then =
    (act: () => void, at = row) =>
    () => {
      act();
      onMoved(at);
      onClose();
    };
  return (
    <Panel title={rowName(row)} onClose={onClose}>
      <View role="group" aria-label={columnWords.wholeRow} gap="$2">
        <Words strong>{columnWords.wholeRow}</Words>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          <Button onPress={then(() => insertRow(id, row, null))}>{columnWords.insertAbove}</Button>
          <Button onPress={then(() => insertRow(id, row + 1, null), row + 1)}>{columnWords.insertBelow}</Button>
          <Button isDisabled={row === 0} onPress={then(() => moveRow(id, row, -1), row - 1)}>
            {columnWords.moveUp}
          </Button>
          <Button onPress={then(() => moveRow(id, row, 1), row + 1)}>{columnWords.moveDown}</Button>
          <Button onPress={then(() => deleteRow(id, row, null))}>{columnWords.deleteRow}</Button>
        </View>
      </View>
      {column === null || table.columns.length < 2 ? null : (
        <View role="group" aria-label={column.name} gap="$2">
          <Words strong>{column.name}</Words>
          <Note note={columnWords.oneCellNote} />
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            <Button onPress={then(() => insertRow(id, row, [column.id]))}>{columnWords.insertCell}</Button>
            <Button onPress={then(() => deleteRow(id, row, [column.id]))}>{columnWords.deleteCell}</Button>
          </View>
        </View>
      )}
    </Panel>
  );
}
