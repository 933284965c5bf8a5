import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { makingNames, makings } from '@/core/column/makings';
import type { Making } from '@/core/column/makings';
import { counted, crossed, stacked, unstacked } from '@/core/column/reshape';
import type { MadeColumn } from '@/core/column/reshape';
import { rowsOf } from '@/core/notebook/columns';
import type { DataColumn, DataTable } from '@/core/notebook/columns';
import { useHelp } from '@/places/exam/use-help';
import { useStore } from '@/state/app-store';
import { columnsRequest } from '@/state/slices/columns/requests';
import type { FillRequest } from '@/state/slices/columns/requests';
import { tasks } from '@/state/tasks';
import { reshapeNames, reshapeNotes, reshapeWords } from '@/text/reshape';
import { columnWords } from '@/text/column-labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Note } from '@/ui/control/Note';
import { Field } from '@/ui/kit/Field';
import { Panel } from '@/ui/kit/Panel';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { ColumnPicker } from './ColumnPicker';
import { pointed } from './spelled';

type Props = Readonly<{ table: DataTable; at: DataColumn | null; onClose: () => void }>;

/** A request without what all requests share. */
type Fill<R = FillRequest> = R extends FillRequest ? Omit<R, keyof ReturnType<typeof columnsRequest>> : never;

/** What the test of independence takes. */
const MOST_TEST_ROWS = 50;
const MOST_TEST_COLUMNS = 8;

const EMPTY: DataColumn = { id: '', name: '', unit: '', rule: '', cells: [] };

/** Columns and tables made of the columns there are: sequences, classes, counts, cross tables, stacked and unstacked ones. */
export function ReshapeSheet({ table, at, onClose }: Props) {
  const { columns } = table;
  const router = useRouter();
  const hasTests = useHelp('kit');
  const [making, setMaking] = useState<Making>('count');
  const [first, setFirst] = useState((at ?? columns[0])?.id ?? null);
  const [second, setSecond] = useState(columns.find(({ id }) => id !== (at ?? columns[0])?.id)?.id ?? null);
  const [texts, setTexts] = useState({
    from: '1',
    step: '1',
    count: String(Math.max(1, rowsOf(table))),
    rule: '',
    bounds: '',
  });
  const [wrong, setWrong] = useState<string | null>(null);
  const column = (id: string | null): DataColumn => columns.find((c) => c.id === id) ?? EMPTY;
  const field = (name: keyof typeof texts) => (
    <Field
      key={name}
      name={reshapeWords[name]}
      value={texts[name]}
      onChange={(text) => setTexts({ ...texts, [name]: text })}
      isInline
    />
  );

  const fillOf = (): Fill | null => {
    const sign = useStore.getState().settings.display.decimalSign;
    const typed = (name: keyof typeof texts): string => pointed(texts[name], sign);
    switch (making) {
      case 'sequence':
        return { fill: 'sequence', from: typed('from'), step: typed('step'), count: typed('count') };
      case 'rule':
        return { fill: 'rule', rule: typed('rule'), count: typed('count') };
      case 'classes':
        return { fill: 'classes', cells: column(first).cells, bounds: typed('bounds') };
      default:
        return null;
    }
  };
  const madeTable = (): readonly MadeColumn[] => {
    switch (making) {
      case 'count':
        return counted(column(first), { count: reshapeWords.frequency });
      case 'cross':
        return crossed(column(first), column(second));
      case 'stack':
        return stacked(columns, { group: reshapeWords.group, value: reshapeWords.value });
      case 'unstack':
        return unstacked(column(first), column(second));
      default:
        return [];
    }
  };
  /** The counts of the cross table as what the test of independence is worked from. */
  const testIndependence = (): void => {
    const [, ...across] = madeTable();
    const rows = across[0]?.cells.length ?? 0;
    if (rows === 0) return setWrong(reshapeWords.nothing);
    if (rows > MOST_TEST_ROWS || across.length > MOST_TEST_COLUMNS) return setWrong(reshapeWords.tooLargeToTest);
    const values = Array.from({ length: rows }, (_, i) => across.map(({ cells }) => cells[i] ?? ''));
    useStore.getState().enter('chance', { screen: 'test', test: 'independence', source: 'typed', counts: values });
    onClose();
    return router.navigate('/kit?tool=chance');
  };
  const make = async (): Promise<void> => {
    const state = useStore.getState();
    const fill = fillOf();
    if (fill === null) {
      const made = madeTable();
      if (made.every(({ cells }) => cells.length === 0)) return setWrong(reshapeWords.nothing);
      state.putTable(
        `${table.name}: ${reshapeNames[making]}`,
        made.map((one) => ({ ...one, unit: '' })),
      );
      return onClose();
    }
    const request = columnsRequest(state, making === 'classes' ? [column(first)] : [], Object.values(texts));
    const result = await tasks.run('filledColumn', { ...request, ...fill });
    if (result === 'superseded') return undefined;
    if (!result.ok) return setWrong(problemText(result.problem));
    const name = making === 'classes' ? `${column(first).name} ${reshapeWords.classes}` : '';
    state.addColumns(table.id, [{ name, unit: '', cells: result.value }]);
    return onClose();
  };

  const picker = (title: string, chosen: string | null, onChoose: (id: string | null) => void) => (
    <ColumnPicker title={title} columns={columns} chosen={chosen} onChoose={onChoose} />
  );
  return (
    <Panel title={columnWords.reshape} onClose={onClose}>
      <Radios
        name={columnWords.reshape}
        options={makingNames.map((id) => ({ id, name: reshapeNames[id] }))}
        chosen={making}
        onChoose={(id) => {
          setMaking(id);
          setWrong(null);
        }}
        isTight
      />
      <Note note={reshapeNotes[making]} />
      {making === 'count' || making === 'classes' ? picker(reshapeWords.of, first, setFirst) : null}
      {making === 'cross' ? picker(reshapeWords.down, first, setFirst) : null}
      {making === 'cross' ? picker(reshapeWords.across, second, setSecond) : null}
      {making === 'unstack' ? picker(reshapeWords.of, first, setFirst) : null}
      {making === 'unstack' ? picker(columnWords.by, second, setSecond) : null}
      {making === 'sequence' ? [field('from'), field('step'), field('count')] : null}
      {making === 'rule' ? [field('rule'), field('count')] : null}
      {making === 'classes' ? field('bounds') : null}
      {wrong === null ? null : (
        <Words role="alert" tone="accent">
          {wrong}
        </Words>
      )}
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button onPress={() => void make()}>
          {makings[making] === 'new' ? reshapeWords.makeColumn : reshapeWords.makeTable}
        </Button>
        {making === 'cross' && hasTests ? (
          <Button onPress={testIndependence}>{reshapeWords.testIndependence}</Button>
        ) : null}
      </View>
    </Panel>
  );
}
