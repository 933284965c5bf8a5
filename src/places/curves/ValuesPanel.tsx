import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useCallback, useEffect, useRef, useState } from 'react';
import { MOST_ROWS } from '@/core/notebook/columns';
import type { DrawnFunction } from '@/core/notebook/curves';
import { saveFile } from '@/platform/files';
import { useStore } from '@/state/app-store';
import { toCanonicalText } from '@/state/slices/curves/actions';
import { notice } from '@/state/slices/notice';
import { curveWords, shortReason } from '@/text/curve-labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import type { Cell, ValuesRow } from '@/state/slices/curves/requests';
import { typedX } from './FollowBar';
import { chosenForm, signed } from './panels';
import { csvOf, columnsOf } from './table-out';
import { useTable } from './use-table';

/** The height of a row at the usual size of text; large text takes more. */
const ROW = 44;
const heightOf = (textSize: number): number => Math.round(ROW * Math.max(1, textSize / 125));

const cellText = (cell: Cell, isExact: boolean): string =>
  'forms' in cell ? signed(chosenForm(cell.forms, isExact)) : shortReason(cell.problem);

type RowProps = Readonly<{
  row: ValuesRow | null;
  functions: readonly DrawnFunction[];
  isExact: boolean;
  isChosen: boolean;
  index: number;
  height: number;
  onChoose: (index: number) => void;
}>;

/*
 * Plain elements, as in the grid of Columns: with the interface kit's own, scrolling through ten thousand rows lost
 * frames (`npm run bench`).
 */
const TableRow = memo(function TableRow({ row, functions, isExact, isChosen, index, height, onChoose }: RowProps) {
  if (row === null) return <div style={{ height }} />;
  const x = row.problem === null ? signed(chosenForm(row.x, isExact)) : problemText(row.problem);
  const spoken = row.cells.map(
    (cell, i) => `${functions[i]?.name ?? ''} ${'forms' in cell ? cellText(cell, isExact) : problemText(cell.problem)}`,
  );
  return (
    <div
      role="row"
      aria-label={[`x ${x}`, ...spoken].join(', ')}
      aria-rowindex={index + 2}
      className={isChosen ? 'values-row values-chosen' : 'values-row'}
      style={{ height }}
      onClick={() => onChoose(index)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onChoose(index);
      }}
      tabIndex={0}
    >
      <span role="cell" className="values-x">
        {x}
      </span>
      {row.cells.map((cell, i) => (
        <span
          key={functions[i]?.id ?? i}
          role="cell"
          className={'forms' in cell ? 'values-cell' : 'values-cell values-none'}
        >
          {cellText(cell, isExact)}
        </span>
      ))}
    </div>
  );
});

/** How the rows of the table are chosen. */
function TableTools({ onSave, onMake }: Readonly<{ onSave: () => void; onMake: () => void }>) {
  const table = useStore((s) => s.document.curves.table);
  const settings = useStore((s) => s.settings);
  const unit = useStore((s) => s.document.curves.x.unit);
  const { setTable } = useStore.getState();
  const [texts, setTexts] = useState({ from: table.from, step: table.step, to: table.to });
  const [pick, setPick] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const take = (name: 'from' | 'step' | 'to', text: string): void => {
    setTexts({ ...texts, [name]: text });
    const plain = toCanonicalText(text, settings);
    setWrong(plain === null ? curveWords.notNumber : null);
    if (plain !== null) setTable({ [name]: plain });
  };
  const add = (): void => {
    const plain = typedX(pick, unit, settings);
    setWrong(plain === null ? curveWords.notNumber : null);
    if (plain === null) return;
    setTable({ picked: [...table.picked, plain] });
    setPick('');
  };
  const ends = { from: curveWords.stepFrom, step: curveWords.step, to: curveWords.stepTo } as const;
  return (
    <View paddingHorizontal="$3" paddingVertical="$2" gap="$2" borderBottomWidth={1} borderColor="$rule">
      <View flexDirection="row" flexWrap="wrap" gap="$2" alignItems="center">
        <Radios
          name={curveWords.values}
          options={[
            { id: 'step', name: curveWords.byStep },
            { id: 'picked', name: curveWords.picked },
          ]}
          chosen={table.by}
          onChoose={(by) => setTable({ by })}
          isTight
        />
        <Button isTight isPressed={table.exact} onPress={() => setTable({ exact: !table.exact })}>
          {curveWords.exactValues}
        </Button>
        <Button isTight isPlain onPress={onSave}>
          {curveWords.saveCsv}
        </Button>
        <Button isTight isPlain onPress={onMake}>
          {curveWords.makeColumns}
        </Button>
      </View>
      {table.by === 'step' ? (
        <View flexDirection="row" gap="$2">
          {(['from', 'step', 'to'] as const).map((name) => (
            <View key={name} flex={1} minWidth={0}>
              <Field name={ends[name]} isInline value={texts[name]} onChange={(text) => take(name, text)} />
            </View>
          ))}
        </View>
      ) : (
        <View flexDirection="row" gap="$2" alignItems="center">
          <Field name={curveWords.pickX} isInline value={pick} onChange={setPick} onEnter={add} />
          <Button isDisabled={pick.trim() === ''} onPress={add}>
            {curveWords.add}
          </Button>
          <Button isPlain isDisabled={table.picked.length === 0} onPress={() => setTable({ picked: [] })}>
            {curveWords.clearPicked}
          </Button>
        </View>
      )}
      {wrong === null ? null : (
        <Words role="alert" tone="accent">
          {wrong}
        </Words>
      )}
    </View>
  );
}

type Props = Readonly<{
  functions: readonly DrawnFunction[];
  onRow: (x: number, y: number | null, look: number) => void;
}>;

/** The table of all visible functions. */
export function ValuesPanel({ functions, onRow }: Props) {
  const isExact = useStore((s) => s.document.curves.table.exact);
  const height = useStore((s) => heightOf(s.settings.textSize));
  const table = useTable(functions);
  const router = useRouter();
  const scroller = useRef<HTMLElement | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const rows = useVirtualizer({
    count: table.count,
    getScrollElement: () => scroller.current,
    estimateSize: () => height,
    overscan: 8,
  });
  useEffect(() => rows.measure(), [rows, height]);
  const items = rows.getVirtualItems();
  const [first, last] = [items[0]?.index ?? 0, items.at(-1)?.index ?? 0];
  const { want } = table;
  useEffect(() => want(first, last), [want, first, last, table.count]);
  const { row: rowAt } = table;
  const choose = useCallback(
    (i: number): void => {
      setChosen(i);
      const row = rowAt(i);
      const which = row?.cells.findIndex((c) => 'forms' in c) ?? -1;
      const cell = row?.cells[which];
      const y = cell !== undefined && 'forms' in cell ? cell.at : null;
      if (row !== null && row.problem === null) onRow(row.at, y, functions[which]?.style ?? 0);
    },
    [rowAt, functions, onRow],
  );
  /** How much of the columns is made; null while none are. */
  const [share, setShare] = useState<number | null>(null);
  const isStopped = useRef(false);
  // Who leaves the table does not want to be taken elsewhere later on.
  useEffect(
    () => () => {
      isStopped.current = true;
    },
    [],
  );
  const make = async (): Promise<void> => {
    const { document, say, putTable } = useStore.getState();
    if (table.count > MOST_ROWS) return say(notice('column-full'));
    isStopped.current = false;
    const columns = await columnsOf(functions, table.count, document.curves, (done) => {
      if (!isStopped.current) setShare(done);
      return !isStopped.current;
    });
    setShare(null);
    if (columns === null) return undefined;
    putTable(functions.map(({ name }) => name).join(', '), columns);
    router.navigate('/columns');
    return undefined;
  };
  const chosenRow = chosen === null ? null : table.row(chosen);
  const reasons = (chosenRow?.cells ?? []).flatMap((cell, i) =>
    'problem' in cell ? [`${functions[i]?.name ?? ''}: ${problemText(cell.problem)}`] : [],
  );
  return (
    <View flex={1} minHeight={0}>
      <TableTools
        onSave={() =>
          void csvOf(functions, table.count).then((text) => {
            if (text !== null) saveFile('values.csv', text, 'text/csv');
          })
        }
        onMake={() => void make()}
      />
      {share === null ? null : (
        <View role="status" flexDirection="row" paddingHorizontal="$3">
          <Button
            isTight
            onPress={() => {
              isStopped.current = true;
            }}
          >
            {`${curveWords.making} (${Math.round(100 * share)} %)`}
          </Button>
        </View>
      )}
      {table.problem === null ? null : (
        <Words padding="$3" tone="accent" role="alert">
          {problemText(table.problem)}
        </Words>
      )}
      <View role="table" aria-label={curveWords.values} aria-rowcount={table.count + 1} flex={1} minHeight={0}>
        <View role="row" flexDirection="row" borderBottomWidth={2} borderColor="$rule">
          <View role="columnheader" width={96} borderRightWidth={1} borderColor="$margin" padding="$2">
            <Words strong textAlign="right">
              x
            </Words>
          </View>
          {functions.map(({ id, name }) => (
            <View key={id} role="columnheader" flex={1} minWidth={92} padding="$2">
              <Words strong textAlign="right">
                {name}
              </Words>
            </View>
          ))}
        </View>
        <View
          ref={scroller as never}
          role="rowgroup"
          className="scroll-y"
          flex={1}
          minHeight={132}
          tabIndex={0}
          aria-label={curveWords.values}
        >
          <View height={rows.getTotalSize()} position="relative" role="presentation">
            {items.map(({ index, start }) => (
              <View
                key={index}
                role="presentation"
                position="absolute"
                top={0}
                left={0}
                right={0}
                style={{ transform: `translateY(${start}px)` }}
              >
                <TableRow
                  row={table.row(index)}
                  functions={functions}
                  isExact={isExact}
                  isChosen={index === chosen}
                  index={index}
                  height={height}
                  onChoose={choose}
                />
              </View>
            ))}
          </View>
        </View>
      </View>
      <View aria-live="polite">
        {reasons.map((reason) => (
          <Words key={reason} size="medium" tone="muted" paddingHorizontal="$3">
            {reason}
          </Words>
        ))}
      </View>
    </View>
  );
}
