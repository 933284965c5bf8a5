import { View } from '@tamagui/core';
import type { DataColumn } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { columnWords } from '@/text/column-labels';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Note } from '@/ui/control/Note';
import { Panel } from '@/ui/kit/Panel';

type Props = Readonly<{ column: DataColumn; onSort: () => void; onClose: () => void }>;

/** A column: what it is called and measured in, its place, and emptying it apart from removing it. */
export function ColumnSheet({ column, onSort, onClose }: Props) {
  const { id, name, unit, cells } = column;
  const { changeColumn, moveColumn, emptyColumn, removeColumn } = useStore.getState();
  const then = (act: () => void) => () => {
    act();
    onClose();
  };
  return (
    <Panel title={name === '' ? columnWords.column : name} onClose={onClose}>
      <View flexDirection="row" gap="$3">
        <View flex={1}>
          <Field
            name={columnWords.name}
            value={name}
            onChange={(text) => changeColumn(id, { name: text.slice(0, 60) })}
          />
        </View>
        <View flex={1}>
          <Field
            name={columnWords.unit}
            value={unit}
            onChange={(text) => changeColumn(id, { unit: text.slice(0, 60) })}
          />
        </View>
      </View>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button onPress={() => moveColumn(id, -1)}>{columnWords.moveLeft}</Button>
        <Button onPress={() => moveColumn(id, 1)}>{columnWords.moveRight}</Button>
        <Button onPress={onSort}>{columnWords.sort}</Button>
      </View>
      <View gap="$1">
        <View flexDirection="row">
          <Button isDisabled={cells.length === 0} onPress={then(() => emptyColumn(id))}>
            {columnWords.empty}
          </Button>
        </View>
        <Note note={columnWords.emptyNote} />
      </View>
      <View gap="$1">
        <View flexDirection="row">
          <Button onPress={then(() => removeColumn(id))}>{columnWords.remove}</Button>
        </View>
        <Note note={columnWords.removeNote} />
      </View>
    </Panel>
  );
}
