import { View } from '@tamagui/core';
import { useState } from 'react';
import { rowsOf } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { tasks } from '@/state/tasks';
import { columnsRequest } from '@/state/slices/columns/requests';
import { columnWords } from '@/text/column-labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Toggle } from '@/ui/kit/Switch';
import { Panel } from '@/ui/kit/Panel';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { ColumnPicker } from './ColumnPicker';

type Props = Readonly<{ table: DataTable; by: string | null; onClose: () => void }>;

/** Rows put into the order of a column, whole unless that is switched off. */
export function SortSheet({ table, by, onClose }: Props) {
  const [chosen, setChosen] = useState(by ?? table.columns[0]?.id ?? null);
  const [isDown, setDown] = useState(false);
  const [isTogether, setTogether] = useState(true);
  const [wrong, setWrong] = useState<string | null>(null);
  const sort = async (): Promise<void> => {
    const column = table.columns.find((c) => c.id === chosen);
    if (column === undefined) return;
    const rows = isTogether ? rowsOf(table) : column.cells.length;
    const state = useStore.getState();
    const result = await tasks.run('order', { ...columnsRequest(state, [column]), by: column, rows, isDown });
    if (result === 'superseded') return;
    if (!result.ok) return setWrong(problemText(result.problem));
    state.orderRows(table.id, isTogether ? null : [column.id], result.value);
    return onClose();
  };
  return (
    <Panel title={columnWords.sortTitle} onClose={onClose}>
      <ColumnPicker title={columnWords.sortBy} columns={table.columns} chosen={chosen} onChoose={setChosen} />
      <Radios
        name={columnWords.order}
        options={[
          { id: 'up', name: columnWords.up },
          { id: 'down', name: columnWords.down },
        ]}
        chosen={isDown ? 'down' : 'up'}
        onChoose={(order) => setDown(order === 'down')}
      />
      {table.columns.length < 2 ? null : (
        <Toggle title={columnWords.together} note={columnWords.togetherNote} isOn={isTogether} onChange={setTogether} />
      )}
      {wrong === null ? null : (
        <Words role="alert" tone="accent">
          {wrong}
        </Words>
      )}
      <View flexDirection="row">
        <Button onPress={() => void sort()}>{columnWords.sortNow}</Button>
      </View>
    </Panel>
  );
}
