import { View } from '@tamagui/core';
import { useCallback, useMemo } from 'react';
import { EntryBeside } from '@/places/kit/parts/EntryRow';
import { EntryTable, tableSlots } from '@/places/kit/parts/EntryTable';
import { tableOf } from '@/places/kit/parts/pasted-table';
import { SizeStepper } from '@/places/kit/parts/SizeStepper';
import type { Slot, Writing } from '@/places/kit/parts/slots';
import { resized, sizeOf } from '@/places/kit/parts/table';
import type { Table } from '@/places/kit/parts/table';
import { entriesNow } from '@/places/kit/parts/use-entries';
import { useStore } from '@/state/app-store';
import { tableInUse } from '@/state/slices/columns/resolved';
import type { TestView } from '@/state/slices/kit/requests';
import { columnHeads, rowName, testWords } from '@/text/kit/tests';
import { problemText } from '@/text/problems';
import { Radios } from '@/ui/kit/Radios';
import { Select } from '@/ui/kit/Select';
import { Words } from '@/ui/theme/text';
import { chanceEntries } from './inputs';
import type { ChanceEntries } from './inputs';
import { canGrow, leastColumns, testForms } from './test-forms';

const MOST_ROWS = 50;
const MOST_COLUMNS = 8;

/** Under what the table of a test is kept: counts are other numbers than measurements. */
export const tableKey = ({ test }: Pick<ChanceEntries, 'test'>): 'values' | 'counts' =>
  test === 'fit' || testForms[test].columns === 'counts' ? 'counts' : 'values';

const withTable = (entries: Pick<ChanceEntries, 'test'>, table: string[][]): Partial<ChanceEntries> =>
  tableKey(entries) === 'counts' ? { counts: table } : { values: table };

/** The table of values as the test takes it: as wide as it must be. */
export function valuesOf(entries: ChanceEntries): readonly (readonly string[])[] {
  const { columns } = testForms[entries.test];
  const stored = entries[tableKey(entries)];
  const [rows, width] = sizeOf(stored);
  const least = leastColumns(columns);
  const wanted = canGrow(columns) ? Math.max(least, width) : least;
  return wanted === width ? stored : resized(stored, rows, wanted);
}

/** What is kept when the part that a test takes was written: columns that it does not take stay as they are. */
const keptWith = (stored: Table, written: Table): string[][] => {
  const [, width] = sizeOf(written);
  return written.map((row, i) => [...row, ...(stored[i]?.slice(width) ?? [])]).map(filledTo(sizeOf(stored)[1]));
};
const filledTo =
  (width: number) =>
  (row: readonly string[]): string[] =>
    Array.from({ length: Math.max(width, row.length) }, (_, j) => row[j] ?? '');

export function useValueSlots(
  entries: ChanceEntries,
  enter: (change: Partial<ChanceEntries>, thought?: string) => void,
): Readonly<{ named: Parameters<typeof tableSlots>[0]; slots: readonly Slot[] }> {
  const { columns } = testForms[entries.test];
  const heads = useMemo(
    () =>
      columns === 'factors'
        ? columnHeads.factors
        : entries.test === 'fit'
          ? columnHeads.fit
          : columns === 1 || columns === 2
            ? columnHeads.samples
            : [],
    [columns, entries.test],
  );
  const columnName = useCallback((column: number): string => heads[column] ?? `${column + 1}`, [heads]);
  const named = { id: 'values', table: valuesOf(entries), rowName, columnName };
  const slots = tableSlots(
    named,
    (make, thought) => {
      const now = entriesNow(chanceEntries);
      const key = tableKey(now);
      enter(withTable(now, keptWith(now[key], make(valuesOf(now)))), `test ${thought}`);
    },
    { isDown: columns !== 'counts' },
  );
  return { named, slots };
}

type Props = Readonly<{
  entries: ChanceEntries;
  enter: (change: Partial<ChanceEntries>, thought?: string) => void;
  writing: Writing;
  values: ReturnType<typeof useValueSlots>;
  summary: readonly Slot[];
  fault: TestView['fault'];
}>;

/** Where the values come from: a table that is written here, columns, or numbers that sum them up. */
export function TestEntry({ entries, enter, writing, values, summary, fault }: Props) {
  const { columns, canSummary } = testForms[entries.test];
  const table = useStore(tableInUse);
  const { source } = entries;
  const [rows, width] = sizeOf(values.named.table);
  const head = values.named.columnName;
  const wrong = fault?.cell ?? null;
  const key = tableKey(entries);
  const secondName = { groups: testWords.groups, counts: testWords.across }[String(columns)] ?? testWords.second;
  const chosen: readonly Readonly<{ id: 'first' | 'secondColumn' | 'third'; name: string }>[] = [
    { id: 'first', name: columns === 'counts' ? testWords.down : testWords.first },
    ...(columns === 1 ? [] : [{ id: 'secondColumn' as const, name: secondName }]),
    ...(columns === 'factors' ? [{ id: 'third' as const, name: testWords.third }] : []),
  ];
  const paste = (text: string): void => {
    const settings = useStore.getState().settings;
    const found = tableOf(text, settings.display.decimalSign, MOST_ROWS);
    if (found !== null) enter(withTable(entries, found.table));
  };
  return (
    <View gap="$2">
      <Radios
        name={testWords.source}
        isTight
        options={[
          { id: 'typed' as const, name: testWords.typed },
          { id: 'columns' as const, name: columns === 'counts' ? testWords.labelColumns : testWords.columns },
          ...(canSummary ? [{ id: 'summary' as const, name: testWords.summary }] : []),
        ]}
        chosen={source}
        onChoose={(id) => enter({ source: id })}
      />
      {source === 'typed' ? (
        <>
          <EntryTable
            {...values.named}
            name={testWords.values}
            slots={values.slots}
            writing={writing}
            head={head}
            problem={
              wrong === null || fault === null
                ? null
                : { row: wrong[0], column: wrong[1], text: problemText(fault.problem) }
            }
            onPaste={paste}
          />
          <View flexDirection="row" flexWrap="wrap" columnGap="$3" alignItems="center">
            <SizeStepper
              name={testWords.rows}
              value={rows}
              least={1}
              most={MOST_ROWS}
              onChange={(next) => enter(withTable(entries, resized(entries[key], next, sizeOf(entries[key])[1])))}
            />
            {canGrow(columns) ? (
              <SizeStepper
                name={testWords.width}
                value={width}
                least={2}
                most={MOST_COLUMNS}
                onChange={(next) => enter(withTable(entries, resized(values.named.table, rows, next)))}
              />
            ) : null}
          </View>
        </>
      ) : source === 'columns' ? (
        table === null ? (
          <Words tone="muted">{testWords.noColumns}</Words>
        ) : (
          chosen.map(({ id, name }) => (
            <View key={id} flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
              <Words strong>{name}</Words>
              <Select
                name={name}
                options={[
                  { id: '', name: testWords.choose },
                  ...table.columns.map((column) => ({ id: column.id, name: column.name })),
                ].filter((option, i) => i === 0 || option.id !== '')}
                chosen={table.columns.some((column) => column.id === entries[id]) ? entries[id] : ''}
                onChoose={(column) => enter({ [id]: column })}
              />
            </View>
          ))
        )
      ) : (
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {summary.map((slot) => (
            <EntryBeside
              key={slot.id}
              slot={slot}
              writing={writing}
              note={fault?.number === slot.id ? problemText(fault.problem) : null}
            />
          ))}
        </View>
      )}
    </View>
  );
}
