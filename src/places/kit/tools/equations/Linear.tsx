import { View } from '@tamagui/core';
import { useCallback, useMemo } from 'react';
import { openLetters } from '@/core/evaluate/open-letters';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { readClipboard } from '@/platform/clipboard';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import { EntryTable, tableSlots } from '@/places/kit/parts/EntryTable';
import { SizeStepper } from '@/places/kit/parts/SizeStepper';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import type { Slot } from '@/places/kit/parts/slots';
import { isFullTable, resized, sizeOf, withText } from '@/places/kit/parts/table';
import type { Table } from '@/places/kit/parts/table';
import { pastedTable } from '@/places/kit/parts/pasted-table';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { entriesNow } from '@/places/kit/parts/use-entries';
import { useStore } from '@/state/app-store';
import { toCanonicalText } from '@/state/slices/curves/actions';
import { kitRequest } from '@/state/slices/kit/requests';
import { notice } from '@/state/slices/notice';
import { useRequest, useTask } from '@/state/use-task';
import { atPlace, equationNumber, equationWords } from '@/text/kit/equations';
import { cellText } from '@/text/kit/kit';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { MOST_UNKNOWNS, equationEntries, lettersIn, unknownsOf, valueKey } from './inputs';
import { LinearResults, previewOf } from './LinearResults';
import type { ScreenProps } from './screen';

const MOST_EQUATIONS = 20;
const SPELLING = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

/** Letters that stand in typed equations. */
function lettersOf(texts: readonly string[]): readonly string[] {
  const found = new Set<string>();
  for (const text of texts) {
    const reading = parse(text, SPELLING);
    if (reading.ok) for (const name of openLetters(reading.value.tree)) found.add(name);
  }
  return [...found].sort();
}

/** Linear equations, by their coefficients or typed. */
export function Linear({ entries, enter, above }: ScreenProps) {
  const writing = useWriting();
  const isGrid = entries.entry === 'grid';
  const { rows, equations } = entries;
  const [count, width] = sizeOf(rows);
  const unknowns = useMemo(() => unknownsOf(entries.letters, width - 1), [entries.letters, width]);

  const columnName = useCallback((column: number) => unknowns[column] ?? equationWords.rightSide, [unknowns]);
  const head = useCallback((column: number) => unknowns[column] ?? equationWords.right, [unknowns]);
  const named = { id: 'rows', table: rows, rowName: equationNumber, columnName };
  const cells = tableSlots(named, (make, thought) => enter({ rows: make(entriesNow(equationEntries).rows) }, thought));

  const texts = useMemo(() => equations.map(([text = '']) => text), [equations]);
  const written = texts.filter((text) => text !== '');
  const chosen = lettersIn(entries.letters);
  const shelf = useStore((s) => s.document.shelf);
  const given =
    chosen.length === 0 ? [] : lettersOf(written).filter((name) => !chosen.includes(name) && !(name in shelf));
  const lines = inTurn([
    ...texts.map((text, i) => ({
      id: `equation ${i}`,
      name: equationNumber(i),
      text,
      keep: (kept: string) =>
        enter({ equations: withText(entriesNow(equationEntries).equations, i, 0, kept) }, `equation ${i}`),
      isEquation: true,
    })),
    ...given.map((name) => ({
      id: valueKey(name),
      name: `${equationWords.value} ${name}`,
      text: textOf(entries[valueKey(name)]),
      keep: (kept: string) => enter({ [valueKey(name)]: kept }, valueKey(name)),
    })),
  ]);
  const slots: readonly Slot[] = isGrid ? cells : lines;

  const request = useRequest((state) => {
    const all = isGrid ? rows.flat() : written;
    if (all.every((text) => text === '')) return null;
    const tries = Object.fromEntries(
      given.map((name) => [name, textOf(entries[valueKey(name)])]).filter(([, text]) => text !== ''),
    ) as Readonly<Record<string, string>>;
    const basis = kitRequest(state, [...all, ...Object.values(tries)]);
    return isGrid
      ? { ...basis, unknowns, given: { rows } }
      : { ...basis, tries, unknowns: chosen.length === 0 ? null : chosen, given: { equations: written } };
  });
  const worked = useTask('system', request);
  const view = worked.value;
  const refused = view?.kind === 'refused' ? view : null;
  const why = refused === null ? null : problemText(refused.problem);
  const problem = useMemo(
    () => (refused?.column == null || why === null ? null : { row: refused.row, column: refused.column, text: why }),
    [refused, why],
  );
  /** Where a typed equation stands among those that are written. */
  const writtenAt = texts.flatMap((text, i) => (text === '' ? [] : [i]));

  const paste = async (text: string): Promise<void> => {
    if (isGrid) {
      const found = await pastedTable(text, useStore.getState().settings.display.decimalSign, MOST_EQUATIONS);
      if (found === null) return useStore.getState().say(notice('nothing-pasted'));
      const [height, across] = sizeOf(found.table);
      return enter({ rows: resized(found.table, height, Math.min(MOST_UNKNOWNS + 1, Math.max(3, across))) });
    }
    const { settings } = useStore.getState();
    const found = text
      .split(/[\r\n;]+/)
      .filter((line) => line.trim() !== '')
      .slice(0, MOST_EQUATIONS)
      .map((line) => [toCanonicalText(line, settings) ?? line.trim()]);
    if (found.length === 0) return useStore.getState().say(notice('nothing-pasted'));
    return enter({ equations: found });
  };
  const resize = (equationCount: number, unknownCount: number): void => {
    const next: Table = rows.map((row) => [...resizedRow(row, unknownCount)]);
    enter({ rows: resized(next, equationCount, unknownCount + 1) }, 'size');
  };

  return (
    <ToolFrame
      id={equationEntries.id}
      name={equationWords.name}
      slots={slots}
      writing={writing}
      above={above}
      preview={view === null || (isGrid && !isFullTable(rows)) ? null : previewOf(view)}
      entries={
        <>
          <View flexDirection="row" flexWrap="wrap" gap="$2" alignItems="center">
            <Radios
              name={equationWords.entry}
              options={(['grid', 'typed'] as const).map((id) => ({ id, name: equationWords[id] }))}
              chosen={entries.entry}
              onChoose={(entry) => {
                writing.write(null);
                enter({ entry }, 'entry');
              }}
              isTight
            />
            <Button isTight onPress={() => void readClipboard().then((text) => paste(text ?? ''))}>
              {isGrid ? equationWords.paste : equationWords.pasteLines}
            </Button>
          </View>
          {isGrid ? (
            <>
              <EntryTable
                {...named}
                name={equationWords.equations}
                slots={cells}
                writing={writing}
                head={head}
                problem={problem}
                onPaste={(text) => void paste(text)}
              />
              <View flexDirection="row" flexWrap="wrap" columnGap="$3" alignItems="center">
                <SizeStepper
                  name={equationWords.unknowns}
                  value={width - 1}
                  least={2}
                  most={MOST_UNKNOWNS}
                  onChange={(next) => resize(count === width - 1 ? next : count, next)}
                />
                <SizeStepper
                  name={equationWords.equations}
                  value={count}
                  least={1}
                  most={MOST_EQUATIONS}
                  onChange={(next) => resize(next, width - 1)}
                />
              </View>
            </>
          ) : (
            <>
              <View role="group" aria-label={equationWords.equations} gap="$2">
                {lines.map((slot) => {
                  const isWrong = refused !== null && slot.id === `equation ${writtenAt[refused.row] ?? -1}`;
                  const hint = slot.isEquation === true ? '' : equationWords.anyValue;
                  return (
                    <EntryRow key={slot.id} slot={slot} writing={writing} hint={hint} note={isWrong ? why : null} />
                  );
                })}
              </View>
              <View flexDirection="row" flexWrap="wrap" gap="$2">
                <Button
                  isTight
                  isDisabled={texts.length >= MOST_EQUATIONS}
                  onPress={() => {
                    enter({ equations: [...equations.map((row) => [...row]), ['']] });
                    writing.write(`equation ${texts.length}`);
                  }}
                >
                  {equationWords.addEquation}
                </Button>
                <Button
                  isTight
                  isDisabled={texts.length <= 1}
                  onPress={() => {
                    writing.write(null);
                    enter({ equations: equations.slice(0, -1).map((row) => [...row]) });
                  }}
                >
                  {equationWords.removeEquation}
                </Button>
              </View>
            </>
          )}
          <Field
            name={equationWords.letters}
            value={entries.letters}
            placeholder={isGrid ? unknowns.join(', ') : equationWords.lettersHint}
            onChange={(letters) => enter({ letters }, 'letters')}
          />
          {problem === null ? null : (
            <Words role="alert" size="medium" tone="accent">
              {atPlace(cellText(equationNumber(problem.row), columnName(problem.column)), problem.text)}
            </Words>
          )}
        </>
      }
      results={<LinearResults worked={worked} isGrid={isGrid} isEmpty={request === null} />}
    />
  );
}

const textOf = (entry: unknown): string => (typeof entry === 'string' ? entry : '');

/** A row of an equation with another number of unknowns: its right side stays the right side. */
function resizedRow(row: readonly string[], unknowns: number): readonly string[] {
  const left = row.slice(0, -1);
  return [...Array.from({ length: unknowns }, (_, j) => left[j] ?? ''), row.at(-1) ?? ''];
}
