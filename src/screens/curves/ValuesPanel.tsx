import { View } from '@tamagui/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useCallback, useEffect, useRef, useState } from 'react';
import type { DrawnFunction } from '@/core/notebook/curves';
import { saveFile } from '@/platform/files';
import { useStore } from '@/state/app-store';
import { curveWork } from '@/state/curve-work';
import { plainSpelling } from '@/state/curve-actions';
import { curveWords, shortReason } from '@/text/curve-labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/control/Field';
import { Words } from '@/ui/theme/text';
import type { Cell, ValuesRow } from '@/state/curves';
import { typedX } from './FollowBar';
import { chosenForm, signed } from './panels';
import { tableRequest, useTable } from './use-table';

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

const TableRow = memo(function TableRow({ row, functions, isExact, isChosen, index, height, onChoose }: RowProps) {
  if (row === null) return <View height={height} />;
  const x = row.problem === null ? signed(chosenForm(row.x, isExact)) : problemText(row.problem);
  const spoken = row.cells.map(
    (cell, i) => `${functions[i]?.name ?? ''} ${'forms' in cell ? cellText(cell, isExact) : problemText(cell.problem)}`,
  );
  return (
    <View
      role="row"
      aria-label={[`x ${x}`, ...spoken].join(', ')}
      height={height}
      flexDirection="row"
      alignItems="stretch"
      borderBottomWidth={1}
      borderColor="$rule"
      backgroundColor={isChosen ? '$card' : 'transparent'}
      focusVisibleStyle={{ outlineWidth: 3, outlineStyle: 'solid', outlineColor: '$accent', outlineOffset: -3 }}
      onPress={() => onChoose(index)}
      onKeyDown={(event: { key: string; preventDefault: () => void }) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onChoose(index);
      }}
      tabIndex={0}
      cursor="pointer"
    >
      <View
        role="cell"
        width={96}
        borderRightWidth={1}
        borderColor="$margin"
        justifyContent="center"
        paddingHorizontal="$2"
      >
        <Words textAlign="right" numberOfLines={1} strong={isChosen}>
          {x}
        </Words>
      </View>
      {row.cells.map((cell, i) => (
        <View
          key={functions[i]?.id ?? i}
          role="cell"
          flex={1}
          minWidth={92}
          justifyContent="center"
          paddingHorizontal="$2"
        >
          <Words
            textAlign="right"
            numberOfLines={1}
            {...('forms' in cell ? {} : { tone: 'muted' as const, size: 'medium' as const })}
          >
            {cellText(cell, isExact)}
          </Words>
        </View>
      ))}
    </View>
  );
});

/** How the rows of the table are chosen. */
function TableTools({ onSave }: Readonly<{ onSave: () => void }>) {
  const table = useStore((s) => s.document.curves.table);
  const settings = useStore((s) => s.settings);
  const unit = useStore((s) => s.document.curves.x.unit);
  const { setTable } = useStore.getState();
  const [texts, setTexts] = useState({ from: table.from, step: table.step, to: table.to });
  const [pick, setPick] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const take = (name: 'from' | 'step' | 'to', text: string): void => {
    setTexts({ ...texts, [name]: text });
    const plain = plainSpelling(text, settings);
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
        <Button isTight isPressed={table.by === 'step'} onPress={() => setTable({ by: 'step' })}>
          {curveWords.byStep}
        </Button>
        <Button isTight isPressed={table.by === 'picked'} onPress={() => setTable({ by: 'picked' })}>
          {curveWords.picked}
        </Button>
        <Button isTight isPressed={table.exact} onPress={() => setTable({ exact: !table.exact })}>
          {curveWords.exactValues}
        </Button>
        <Button isTight isPlain onPress={onSave}>
          {curveWords.saveCsv}
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

const quoted = (text: string): string => (/[",;\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text);
const CSV_BATCH = 400;

/** All rows as values separated by commas (RFC 4180), decimals with a point. */
async function csvOf(functions: readonly DrawnFunction[], count: number): Promise<string> {
  const lines = [['x', ...functions.map(({ name }) => name)].map(quoted).join(',')];
  const plain = (cell: Cell): string => ('forms' in cell ? (chosenForm(cell.forms, false)?.typed ?? '') : '');
  for (let from = 0; from < count; from += CSV_BATCH) {
    const made = await curveWork.values(tableRequest(functions, from, CSV_BATCH));
    if (made === 'superseded' || !made.ok) break;
    for (const row of made.value.rows)
      lines.push([plain({ forms: row.x, at: row.at }), ...row.cells.map(plain)].map(quoted).join(','));
  }
  return `${lines.join('\r\n')}\r\n`;
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
      if (row !== null && row.problem === null) onRow(row.at, y, functions[which]?.look ?? 0);
    },
    [rowAt, functions, onRow],
  );
  const chosenRow = chosen === null ? null : table.row(chosen);
  const reasons = (chosenRow?.cells ?? []).flatMap((cell, i) =>
    'problem' in cell ? [`${functions[i]?.name ?? ''}: ${problemText(cell.problem)}`] : [],
  );
  return (
    <View flex={1} minHeight={0}>
      <TableTools
        onSave={() => void csvOf(functions, table.count).then((text) => saveFile('values.csv', text, 'text/csv'))}
      />
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
