import { itemAt } from '@/core/base/item';
import { View } from '@tamagui/core';
import type { DataColumn } from '@/core/notebook/columns';
import { cellName, columnWords, rowName, titleOf } from '@/text/column-labels';
import { Button } from '@/ui/control/Button';
import { Heading } from '@/ui/theme/text';
import { LineEditor } from '@/places/line-editor/LineEditor';
import type { At } from './at';

type Props = Readonly<{
  columns: readonly DataColumn[];
  at: At;
  hasDeck: boolean;
  deckInto?: HTMLElement | null;
  onKeep: (text: string) => void;
  /** On to another cell, to be written at once or only chosen. */
  onGo: (column: number, row: number, isWritten?: boolean) => void;
}>;

/** The cell at hand in the line editor: Enter keeps it and goes down, Tab goes across. */
export function CellEditor({ columns, at, hasDeck, deckInto, onKeep, onGo }: Props) {
  const column = itemAt(columns, at.column);
  const { row } = at;
  const keepAnd = (then: () => void) => (text: string) => {
    onKeep(text);
    then();
  };
  const nextColumn = (at.column + 1) % columns.length;
  // Writing goes on where that column ends or has a gap, so that no pair is torn.
  const { cells } = itemAt(columns, nextColumn);
  const gap = cells.indexOf('');
  const nextRow = gap < 0 ? cells.length : gap;
  return (
    <View
      role="region"
      aria-label={cellName(column.name, row)}
      backgroundColor="$card"
      borderTopWidth={2}
      borderColor="$accent"
      flexShrink={0}
    >
      <LineEditor
        id={`${column.id} ${row}`}
        text={column.cells[row] ?? ''}
        first={at.first}
        isReplaced
        takesEmpty
        hasDeck={hasDeck}
        {...(deckInto === undefined ? {} : { deckInto })}
        onDone={keepAnd(() => onGo(at.column, row + 1, true))}
        onTab={keepAnd(() => onGo(at.column + 1, row, true))}
        onCancel={() => onGo(at.column, row)}
        onLeave={onKeep}
        head={({ take }) => (
          <View flexDirection="row" alignItems="center" gap="$2" paddingHorizontal="$3" paddingVertical={2}>
            <Heading role="heading" aria-level={2} flex={1} minWidth={0} numberOfLines={1} fontSize="$3">
              {`${titleOf(column)}, ${rowName(row).toLowerCase()}`}
            </Heading>
            {columns.length < 2 ? null : (
              <Button isTight keepsFocus onPress={() => take(keepAnd(() => onGo(nextColumn, nextRow, true)))}>
                {columnWords.next}
              </Button>
            )}
            <Button isTight onPress={() => take(keepAnd(() => onGo(at.column, row)))}>
              {columnWords.done}
            </Button>
          </View>
        )}
      />
    </View>
  );
}
