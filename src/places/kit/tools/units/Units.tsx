import { View } from '@tamagui/core';
import { useState } from 'react';
import { itemAt } from '@/core/base/item';
import { kindNamed, kinds } from '@/core/unit/kinds';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import { KindStrip } from '@/places/kit/parts/KindStrip';
import { noteOf, writtenIn } from '@/places/kit/parts/note-of';
import { ResultList } from '@/places/kit/parts/ResultList';
import type { Asked } from '@/places/kit/parts/ResultList';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { useEntries } from '@/places/kit/parts/use-entries';
import { useResults } from '@/places/kit/parts/use-results';
import { Worked } from '@/places/kit/parts/Worked';
import { words } from '@/text/labels';
import { favouriteName, inUnit, kindNames, spokenUnit, turnTo, unitWords } from '@/text/kit/units';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { chosenUnits, favouritesOf, pairWith, unitEntries, unitsEntered } from './inputs';
import { baseOf, nameOfUnit } from './names';
import { UnitSheet } from './UnitSheet';

const NO_TABLES = {};
/** So many units can be taken with one tap. */
const AT_HAND = 6;

/** A measure in all units of its kind. */
export function Units() {
  const [entries, enter] = useEntries(unitEntries);
  const writing = useWriting();
  const [choosing, setChoosing] = useState<'from' | 'to' | null>(null);
  const { kind, value } = entries;
  const { from, to } = chosenUnits(entries, kind);
  const { listed, source } = kindNamed(kind);
  const favourites = favouritesOf(entries);
  const slots = inTurn([
    { id: 'value', name: unitWords.value, text: value, keep: (text: string) => enter({ value: text }, 'value') },
  ]);
  const given = value === '' ? '1' : value;
  const asking = (sign: string): string => `${given} ${from} to ${sign}`;
  const base = baseOf(from);
  const ordered = [...favourites.filter((sign) => listed.includes(sign)), ...listed].filter(
    (sign, i, list) => list.indexOf(sign) === i && sign !== from && sign !== to,
  );
  const texts = [to, ...ordered, ...(base === null ? [] : [base])].map(asking);
  const worked = useResults([...new Set([...texts, ...writtenIn(slots)])], NO_TABLES);
  const fault = noteOf(value, worked.value);
  const put = (next: Readonly<{ from?: string; to?: string }>): void =>
    enter({ kind, ...unitsEntered(kind, ...pairWith({ from, to }, next)) }, `units ${kind}`);
  const [main] = worked.value ?? [];
  const isTooCold = main !== undefined && 'answer' in main && main.answer.isTooCold;
  const preview =
    main !== undefined && 'answer' in main ? `${given} ${from} = ${main.answer.forms[0]?.text} ${to}` : null;
  const starred = (sign: string): void => {
    const rest = favourites.filter((one) => one !== sign);
    enter({ favourites: (rest.length < favourites.length ? rest : [...rest, sign]).join('\n') });
  };
  const row = (sign: string): Asked => ({
    text: asking(sign),
    name: inUnit(sign),
    sign,
    note: nameOfUnit(sign) === sign ? null : nameOfUnit(sign),
    children: (
      <>
        <Button
          isTight
          isQuiet
          name={favouriteName(sign)}
          isPressed={favourites.includes(sign)}
          onPress={() => starred(sign)}
        >
          {favourites.includes(sign) ? '★' : '☆'}
        </Button>
        {sign === to ? null : (
          <Button isTight name={turnTo(sign)} onPress={() => put({ to: sign })}>
            {unitWords.to}
          </Button>
        )}
      </>
    ),
  });
  return (
    <>
      <ToolFrame
        id={unitEntries.id}
        name={unitWords.name}
        slots={slots}
        writing={writing}
        hasAngles={false}
        preview={preview}
        above={
          <KindStrip
            name={unitWords.kind}
            kinds={kinds.map(({ id }) => id)}
            nameOf={(id) => kindNames[id]}
            chosen={kind}
            onChoose={(id) => enter({ kind: id })}
          />
        }
        entries={
          <>
            <EntryRow slot={itemAt(slots, 0)} writing={writing} hint="1" note={fault} />
            {isTooCold ? <Words role="note">{words.tooCold}</Words> : null}
            <View gap="$1">
              <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$1">
                <Words strong>{unitWords.from}</Words>
                <Button name={spokenUnit(unitWords.from, from)} onPress={() => setChoosing('from')}>
                  {`${from} ▾`}
                </Button>
                <Button name={unitWords.swap} onPress={() => put({ from: to, to: from })}>
                  ⇄
                </Button>
                <Words strong>{unitWords.to}</Words>
                <Button name={spokenUnit(unitWords.to, to)} onPress={() => setChoosing('to')}>
                  {`${to} ▾`}
                </Button>
              </View>
              <View role="group" aria-label={unitWords.from} flexDirection="row" flexWrap="wrap" gap="$1">
                {listed.slice(0, AT_HAND).map((sign) => (
                  <Button key={sign} isTight isPressed={sign === from} onPress={() => put({ from: sign })}>
                    {sign}
                  </Button>
                ))}
              </View>
            </View>
          </>
        }
        results={
          fault !== null ? null : (
            <Worked task={worked}>
              <ResultList name={unitWords.to} asked={[row(to)]} views={worked.value} />
              {ordered.length === 0 ? null : (
                <>
                  <Words strong>{unitWords.all}</Words>
                  <ResultList name={unitWords.all} asked={ordered.map(row)} views={worked.value} />
                </>
              )}
              {base === null || base === to || listed.includes(base) ? null : (
                <ResultList
                  name={unitWords.base}
                  asked={[{ text: asking(base), name: unitWords.base, sign: base }]}
                  views={worked.value}
                />
              )}
              <Words size="medium" tone="muted">
                {`${unitWords.source}: ${source}.`}
              </Words>
            </Worked>
          )
        }
      />
      {choosing === null ? null : (
        <UnitSheet
          title={unitWords[choosing]}
          kind={kind}
          onClose={() => setChoosing(null)}
          onChoose={(choice) => {
            setChoosing(null);
            // What has no list is told in base units at first.
            if (choice.kind === 'other' && choosing === 'from') {
              const to = baseOf(choice.sign) ?? choice.sign;
              enter({ kind: 'other', ...unitsEntered('other', choice.sign, to) });
              return;
            }
            const isHere = choice.kind === kind || listed.includes(choice.sign);
            const other = chosenUnits(entries, choice.kind);
            if (isHere) put({ [choosing]: choice.sign });
            else
              enter({
                kind: choice.kind,
                ...unitsEntered(choice.kind, ...pairWith(other, { [choosing]: choice.sign })),
              });
          }}
        />
      )}
    </>
  );
}
