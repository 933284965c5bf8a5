import { View } from '@tamagui/core';
import { useCallback, useMemo, useState } from 'react';
import { LARGEST_SIDE } from '@/core/matrix/matrix';
import { letterNames } from '@/core/memory/shelf';
import { readClipboard } from '@/platform/clipboard';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import { EntryTable, tableSlots } from '@/places/kit/parts/EntryTable';
import { pastedTable } from '@/places/kit/parts/pasted-table';
import { SizeStepper } from '@/places/kit/parts/SizeStepper';
import { useWriting } from '@/places/kit/parts/slots';
import type { Slot } from '@/places/kit/parts/slots';
import { emptyTable, isEmptyTable, isFullTable, resized, sizeOf, typedTable } from '@/places/kit/parts/table';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { UseSheet } from '@/places/kit/parts/UseSheet';
import { entriesNow, useEntries } from '@/places/kit/parts/use-entries';
import { useResults } from '@/places/kit/parts/use-results';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/slices/notice';
import { columnName, kitWords, rowName, spokenUse } from '@/text/kit/kit';
import { badEntry, matrixWords, operationWords } from '@/text/kit/matrices';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Radios } from '@/ui/kit/Radios';
import { signOf } from '@/ui/line/ResultForms';
import { Words } from '@/ui/theme/text';
import { FillSheet } from './FillSheet';
import { FIRST_SIDE, matrixEntries, tablesIn } from './inputs';
import { operations } from './operations';
import type { OperationId } from './operations';
import { MatrixResults } from './MatrixResults';

/** Larger matrices are told by their letter alone. */
const LARGEST_WRITTEN = 8;

const number = (n: number): string => `${n + 1}`;

/** Matrices under their letters, keyed like columns, and what is worked out of them. */
export function Matrices() {
  const [entries, enter] = useEntries(matrixEntries);
  const writing = useWriting();
  const [fills, setFills] = useState(false);
  const [uses, setUses] = useState(false);
  const sign = useStore((s) => s.settings.display.decimalSign);
  const tables = useMemo(() => tablesIn(entries), [entries]);
  const { open } = entries;
  const table = tables[open] ?? emptyTable(FIRST_SIDE, FIRST_SIDE);
  const [rows, columns] = sizeOf(table);
  const names = Object.keys(tables);
  const others = names.filter((name) => name !== open);
  const beside = tables[entries.beside] === undefined || entries.beside === open ? (others[0] ?? open) : entries.beside;
  const free = letterNames.find((name) => tables[name] === undefined);

  const put = useCallback(
    (next: string[][], thought?: string) =>
      enter({ [open]: next }, thought === undefined ? undefined : `${open} ${thought}`),
    [enter, open],
  );
  const named = { id: open, table, rowName, columnName };
  const cells = tableSlots(
    named,
    (make, thought) => put(make(tablesIn(entriesNow(matrixEntries))[open] ?? table), thought),
    { isQuick: entries.oneDigit === 'on' },
  );
  const expression: Slot = {
    id: 'expression',
    name: matrixWords.expression,
    text: entries.expression,
    keep: (text) => enter({ expression: text }, 'expression'),
    after: null,
    below: null,
  };
  const paste = async (text: string): Promise<void> => {
    const found = await pastedTable(text, sign, LARGEST_SIDE);
    if (found === null) return useStore.getState().say(notice('nothing-pasted'));
    put(found.table);
    if (found.isCut) useStore.getState().say(notice('table-cut', `${LARGEST_SIDE} × ${LARGEST_SIDE}`));
    return undefined;
  };

  const chosen = entries.shown.split(' ').filter((id) => id !== '') as readonly OperationId[];
  const shown = useMemo(() => {
    const ids = entries.shown.split(' ');
    const [height, width] = sizeOf(tables[open] ?? []);
    return operations.filter(
      ({ id, needs }) =>
        ids.includes(id) &&
        (needs !== 'square' || height === width) &&
        (needs !== 'two' || others.length > 0 || beside === open),
    );
  }, [entries.shown, tables, open, others.length, beside]);
  const isEmpty = isEmptyTable(table);
  const texts = useMemo(
    () => [
      ...(isEmpty ? [] : [open, ...shown.map(({ text }) => text(open, beside))]),
      ...(entries.expression === '' ? [] : [entries.expression]),
    ],
    [isEmpty, shown, open, beside, entries.expression],
  );
  const worked = useResults(texts, tables);
  const cellProblem = (worked.value ?? []).flatMap((view) =>
    'cell' in view && view.cell.table === open ? [view.cell] : [],
  )[0];
  const problem = useMemo(
    () =>
      cellProblem === undefined
        ? null
        : { row: cellProblem.row, column: cellProblem.column, text: problemText(cellProblem.problem) },
    [cellProblem],
  );

  const itself = worked.value?.find(({ text }) => text === open);
  const used = !isEmpty && itself !== undefined && 'answer' in itself ? itself.answer : null;
  const [firstShown] = shown;
  const firstView =
    firstShown === undefined ? undefined : worked.value?.find(({ text }) => text === firstShown.text(open, beside));
  const firstForm = firstView !== undefined && 'answer' in firstView ? firstView.answer.forms[0] : undefined;
  const preview =
    !isFullTable(table) || firstShown === undefined || firstForm === undefined
      ? null
      : `${operationWords[firstShown.id].of(open, beside)} ${signOf(firstForm)} ${firstForm.text}`;

  return (
    <>
      <ToolFrame
        id={matrixEntries.id}
        name={matrixWords.name}
        slots={[...cells, expression]}
        writing={writing}
        preview={preview}
        entries={
          <>
            <View flexDirection="row" gap="$2" alignItems="center">
              <View flexShrink={1} minWidth={0}>
                <Radios
                  name={matrixWords.matrix}
                  options={names.map((id) => ({ id, name: id }))}
                  chosen={open}
                  onChoose={(id) => {
                    writing.write(null);
                    enter({ open: id }, 'open');
                  }}
                  isTight
                  isStrip
                />
              </View>
              <Button
                isTight
                name={matrixWords.newMatrix}
                isDisabled={free === undefined}
                onPress={() => {
                  if (free === undefined) return;
                  writing.write(null);
                  enter({ [open]: table as string[][], [free]: emptyTable(rows, columns), open: free, beside: open });
                }}
              >
                +
              </Button>
            </View>
            <EntryTable
              {...named}
              name={`${matrixWords.matrix} ${open}`}
              slots={cells}
              writing={writing}
              head={number}
              problem={problem}
              onPaste={(text) => void paste(text)}
            />
            <View flexDirection="row" flexWrap="wrap" gap="$1">
              <Button
                isTight
                name={`${matrixWords.oneDigit}: ${matrixWords.oneDigitNote}`}
                isPressed={entries.oneDigit === 'on'}
                onPress={() => {
                  enter({ oneDigit: entries.oneDigit === 'on' ? 'off' : 'on' }, 'oneDigit');
                  // Whoever switches it on is about to key them.
                  if (entries.oneDigit === 'off') writing.write(cells[0]?.id ?? null);
                }}
              >
                {matrixWords.oneDigit}
              </Button>
              <Button
                isTight
                name={spokenUse(`${matrixWords.matrix} ${open}`)}
                isDisabled={used === null}
                onPress={() => setUses(true)}
              >
                {kitWords.use}
              </Button>
              <Button isTight onPress={() => setFills(true)}>
                {matrixWords.fill}
              </Button>
              <Button isTight onPress={() => void readClipboard().then((text) => paste(text ?? ''))}>
                {matrixWords.paste}
              </Button>
            </View>
            {problem === null ? null : (
              <Words role="alert" size="medium" tone="accent">
                {badEntry(open, problem.row, problem.column, problem.text)}
              </Words>
            )}
            <View flexDirection="row" flexWrap="wrap" columnGap="$3" alignItems="center">
              <SizeStepper
                name={matrixWords.rows}
                value={rows}
                least={1}
                most={LARGEST_SIDE}
                onChange={(next) => put(resized(table, next, columns), 'size')}
              />
              <SizeStepper
                name={matrixWords.columns}
                value={columns}
                least={1}
                most={LARGEST_SIDE}
                onChange={(next) => put(resized(table, rows, next), 'size')}
              />
            </View>
          </>
        }
        results={
          <MatrixResults
            tables={tables}
            open={open}
            beside={beside}
            others={others}
            isEmpty={isEmpty}
            chosen={chosen}
            shown={shown}
            worked={worked}
            expression={entries.expression}
            onChoose={(ids) => enter({ shown: ids.join(' ') }, 'shown')}
            onBeside={(id) => enter({ beside: id }, 'beside')}
          >
            <EntryRow slot={expression} writing={writing} hint={matrixWords.expressionHint} />
          </MatrixResults>
        }
      />
      {uses && used !== null ? (
        <UseSheet
          result={{
            name: `${matrixWords.matrix} ${open}`,
            forms: used.forms,
            saved: used.saved,
            full: used.full,
            from: Math.max(rows, columns) > LARGEST_WRITTEN ? `${matrixWords.name}: ${open}` : typedTable(table),
          }}
          onClose={() => setUses(false)}
        />
      ) : null}
      {fills ? (
        <FillSheet
          table={table}
          rule={entries.rule}
          onRule={(rule) => enter({ rule }, 'rule')}
          onFill={(next) => put(next)}
          onRemove={() => {
            writing.write(null);
            enter({ [open]: [], open: others[0] ?? 'A' });
          }}
          onClose={() => setFills(false)}
        />
      ) : null}
    </>
  );
}
