import { View } from '@tamagui/core';
import { useState } from 'react';
import { itemAt } from '@/core/base/item';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { asRational, isScalar } from '@/core/number/value';
import { groupedDigits } from '@/core/radix/digits';
import { patternOf, readPattern } from '@/core/radix/word';
import { isPattern } from '@/core/radix/word';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import { ResultList } from '@/places/kit/parts/ResultList';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { useEntries } from '@/places/kit/parts/use-entries';
import { useResults } from '@/places/kit/parts/use-results';
import { Worked } from '@/places/kit/parts/Worked';
import type { ResultView } from '@/state/slices/kit/requests';
import { baseName, baseWords, bitsName, inBaseSpoken } from '@/text/kit/bases';
import { fewerSpoken, moreSpoken } from '@/text/kit/kit';
import { problemText } from '@/text/problems';
import { Pressable } from '@/ui/control/Pressable';
import { Stepper } from '@/ui/control/Stepper';
import { Radios } from '@/ui/kit/Radios';
import { Toggle } from '@/ui/kit/Switch';
import { edged } from '@/ui/theme/look';
import { Words } from '@/ui/theme/text';
import { BitTiles } from './BitTiles';
import { BitsResults } from './BitsResults';
import { DigitPad } from './DigitPad';
import { baseEntries, bitSizes, wordOf } from './inputs';
import { digitsIn, typedIn } from './told';
import { WrittenOut } from './WrittenOut';

const NO_TABLES = {};
const IN_BASES = { bases: true };

const rationalIn = (view: ResultView | undefined): Rational | null => {
  const value = view !== undefined && 'answer' in view ? view.answer.value : null;
  return value !== null && isScalar(value) ? asRational(value) : null;
};

/** A number in all bases at once, its bits, and what is done with them. */
export function Bases() {
  const [entries, enter] = useEntries(baseEntries);
  const writing = useWriting();
  /** The base whose digits are being keyed, and what was keyed last: undo, or a bit that is turned, ends it. */
  const [keyed, setKeyed] = useState<Readonly<{ base: number; put: string }> | null>(null);
  const { value, second, bits, signed, base, places } = entries;
  const word = wordOf(entries);
  const pad = keyed !== null && keyed.put === value ? keyed.base : null;
  const slots = inTurn([
    { id: 'value', name: baseWords.number, text: value, keep: (text: string) => enter({ value: text }, 'value') },
    { id: 'second', name: baseWords.second, text: second, keep: (text: string) => enter({ second: text }, 'second') },
  ]);
  const worked = useResults(
    [value, second].filter((text) => text !== ''),
    NO_TABLES,
    IN_BASES,
  );
  const viewOf = (text: string): ResultView | undefined => worked.value?.find((view) => view.text === text);
  const [firstView, secondView] = [viewOf(value), viewOf(second)];
  const [number, other] = [rationalIn(firstView), rationalIn(secondView)];
  const whole = number !== null && q.isWhole(number) ? number.n : null;
  const fits = whole !== null && isPattern(whole, word.bits);
  const otherWhole = other !== null && q.isWhole(other) && isPattern(other.n, word.bits) ? other.n : null;
  const bases = [2, 8, 10, 16, Number(base)].filter((b, i, list) => list.indexOf(b) === i);
  const noteOf = (view: ResultView | undefined): string | null =>
    view === undefined || !('problem' in view) ? null : problemText(view.problem);
  const open = (at: number): void => {
    writing.write(null);
    setKeyed({ base: at, put: value });
  };
  const editing = {
    ...writing,
    write: (...given: Parameters<typeof writing.write>) => {
      if (given[0] !== null) setKeyed(null);
      writing.write(...given);
    },
  };
  const row = (at: number) => {
    const digits = number === null ? null : digitsIn(number, at);
    const shown = digits === null ? '' : groupedDigits(digits.replace('-', ''), at, '\u2009');
    return (
      <View
        key={at}
        flexDirection="row"
        alignItems="center"
        gap="$2"
        {...(pad === at ? { 'data-writing': 'true' } : {})}
      >
        <Words strong width={110} aria-hidden>
          {baseName(at)}
        </Words>
        <Pressable
          aria-label={inBaseSpoken(at, digits ?? '')}
          onPress={() => open(at)}
          {...edged}
          flex={1}
          minWidth={0}
          justifyContent="flex-start"
          paddingHorizontal="$2"
          className="scroll-x"
          {...(pad === at ? { borderColor: '$accent', borderWidth: 2 } : {})}
        >
          <Words whiteSpace="nowrap">
            {digits === null && number !== null ? baseWords.tooLong : (digits?.startsWith('-') ? '−' : '') + shown}
          </Words>
        </Pressable>
      </View>
    );
  };
  return (
    <ToolFrame
      id={baseEntries.id}
      name={baseWords.name}
      slots={slots}
      writing={editing}
      hasAngles={false}
      pad={
        pad === null ? null : (
          <DigitPad
            key={pad}
            base={pad}
            digits={number === null ? '' : (digitsIn(number, pad) ?? '').replaceAll('\u0305', '')}
            onChange={(digits) => {
              const put = typedIn(digits, pad);
              setKeyed({ base: pad, put });
              enter({ value: put }, 'value');
            }}
            onDone={() => setKeyed(null)}
          />
        )
      }
      entries={
        <>
          <EntryRow slot={itemAt(slots, 0)} writing={editing} hint={baseWords.hint} note={noteOf(firstView)} />
          <View role="group" aria-label={baseWords.inBases} gap="$1">
            {bases.map(row)}
          </View>
          <Stepper
            title={baseWords.otherBase}
            value={Number(base)}
            least={2}
            most={36}
            names={{ fewer: fewerSpoken(baseWords.otherBase), more: moreSpoken(baseWords.otherBase) }}
            onChange={(next) => enter({ base: `${next}` }, 'base')}
          />
          <View gap="$1">
            <Words strong>{baseWords.word}</Words>
            <Radios
              name={baseWords.word}
              options={bitSizes.map((id) => ({ id, name: bitsName(id) }))}
              isTight
              chosen={bits}
              onChoose={(id) => enter({ bits: id })}
            />
            <Toggle
              title={baseWords.signed}
              isOn={signed === 'on'}
              onChange={(isOn) => enter({ signed: isOn ? 'on' : 'off' })}
            />
          </View>
          {whole === null || !fits ? null : (
            <BitTiles
              pattern={patternOf(whole, word.bits)}
              bits={word.bits}
              onTurn={(at) => {
                const turned = patternOf(whole, word.bits) ^ (1n << BigInt(at));
                enter({ value: `${readPattern(turned, word)}` }, 'value');
              }}
            />
          )}
          <EntryRow slot={itemAt(slots, 1)} writing={editing} note={noteOf(secondView)} />
        </>
      }
      results={
        value === '' ? (
          <Words tone="muted">{baseWords.first}</Words>
        ) : (
          <Worked task={worked}>
            <ResultList
              name={baseWords.number}
              asked={[{ text: value, name: baseWords.number, most: 4 }]}
              views={worked.value}
            />
            {firstView !== undefined && 'answer' in firstView && number === null ? (
              <Words tone="accent">{baseWords.rational}</Words>
            ) : null}
            {number === null ? null : whole === null || !fits ? (
              <Words tone="accent">{whole === null ? baseWords.notWhole : baseWords.tooLarge}</Words>
            ) : (
              <BitsResults
                a={whole}
                b={otherWhole}
                word={word}
                places={places}
                onPlaces={(next) => enter({ places: next }, 'places')}
              />
            )}
            {number === null ? null : <WrittenOut value={number} bases={bases} />}
          </Worked>
        )
      }
    />
  );
}
