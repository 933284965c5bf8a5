import { View } from '@tamagui/core';
import { useMemo } from 'react';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import { isTruth } from '@/core/language/truth';
import { askedFormOf, formChoices } from '@/core/practice/asked-form';
import { exerciseIn, exerciseRow } from '@/core/practice/run';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import type { Slot, Writing } from '@/places/kit/parts/slots';
import { useStore } from '@/state/app-store';
import { closedText } from '@/state/slices/bench/substitution';
import { formName, formText, practiceWords } from '@/text/kit/practice';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { Select } from '@/ui/kit/Select';
import { Words } from '@/ui/theme/text';
import type { ScreenProps } from './screen';

const MOST_LINES = 50;

const options = formChoices.map((id) => ({ id: id, name: formName(id) }));

type Props = Pick<ScreenProps, 'entries' | 'enter'>;

/** The line that is written to be added. */
export const useOwnSlots = ({ ownLine }: Props['entries'], enter: Props['enter']): readonly Slot[] =>
  useMemo(
    () => [
      {
        id: 'ownLine',
        name: practiceWords.ownLine,
        text: ownLine,
        keep: (text: string) => enter({ ownLine: text }, 'practice own line'),
        after: null,
        below: null,
      },
    ],
    [ownLine, enter],
  );

/** Lines of one's own: typed, or taken from the tape as they mean what they mean there. */
export function OwnSeries({ entries, enter, slot, writing }: Props & Readonly<{ slot: Slot; writing: Writing }>) {
  const display = useStore((s) => s.settings.display);
  const tape = useStore((s) => s.document.tape);
  const { own, ownLine, ownForm } = entries;
  const form = askedFormOf(ownForm) ?? 'any';
  const add = (lines: readonly string[]): void => {
    const taken = new Set(own.map(([, shown]) => shown));
    const rows = [...new Set(lines)]
      .filter((line) => line !== '' && !taken.has(line))
      .map((line) => exerciseRow({ ask: 'work', shown: line, key: line, form }));
    enter({ own: [...own, ...rows].slice(0, MOST_LINES), ownLine: '' });
  };
  /** Lines that come to a number, and lean on nothing that may have changed. */
  const fromTape = (): void =>
    add(
      tape.flatMap(({ text, decimalSign, impliedFirst }) => {
        const reading = parse(text, { functions: functionNames, decimalSign, impliedFirst });
        if (!reading.ok || isTruth(reading.value.tree)) return [];
        return closedText(printText(reading.value.tree, TYPED)) ?? [];
      }),
    );
  const isFull = own.length >= MOST_LINES;
  return (
    <View gap="$2">
      <EntryRow slot={slot} writing={writing} />
      <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
        <Select
          name={practiceWords.ownForm}
          options={options}
          chosen={form}
          onChoose={(id) => enter({ ownForm: id })}
        />
        <Button isDisabled={ownLine === '' || isFull} onPress={() => add([ownLine])}>
          {practiceWords.addLine}
        </Button>
        <Button isDisabled={tape.length === 0 || isFull} onPress={fromTape}>
          {practiceWords.fromTape}
        </Button>
      </View>
      {isFull ? <Words tone="accent">{practiceWords.ownFull}</Words> : null}
      {own.length === 0 ? (
        <Words tone="muted">{practiceWords.ownEmpty}</Words>
      ) : (
        <View role="list" aria-label={practiceWords.own}>
          {own.map((row, i) => {
            const exercise = exerciseIn(row);
            if (exercise === null) return null;
            const markup = typeset(exercise.shown, CORE_SPELLING, display);
            return (
              <View
                key={row.join('\n')}
                role="listitem"
                flexDirection="row"
                alignItems="center"
                gap="$2"
                borderTopWidth={1}
                borderColor="$rule"
              >
                <View flex={1} minWidth={0} className="scroll-x ink" tabIndex={0}>
                  {markup === null ? <Words>{exercise.shown}</Words> : <Formula markup={markup} size="tape" />}
                </View>
                <Words size="small" tone="muted" maxWidth={130}>
                  {formText(exercise.form)}
                </Words>
                <Button
                  isTight
                  name={`${practiceWords.takeOut}: ${exercise.shown}`}
                  onPress={() => enter({ own: own.filter((_, k) => k !== i) })}
                >
                  {practiceWords.takeOut}
                </Button>
              </View>
            );
          })}
        </View>
      )}
    </View>
  );
}
