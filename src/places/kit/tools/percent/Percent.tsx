import { View } from '@tamagui/core';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import { KindStrip } from '@/places/kit/parts/KindStrip';
import { LineRow } from '@/places/kit/parts/LineRow';
import { noteOf, writtenIn } from '@/places/kit/parts/note-of';
import { ResultList } from '@/places/kit/parts/ResultList';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { useEntries } from '@/places/kit/parts/use-entries';
import { useResults } from '@/places/kit/parts/use-results';
import { Worked } from '@/places/kit/parts/Worked';
import { percentWords, stepName } from '@/text/kit/percent';
import { Button } from '@/ui/control/Button';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { MOST_STEPS, percentEntries, percentKinds } from './inputs';
import type { PercentEntries } from './inputs';
import { isFull, linesOf } from './lines';

const NO_TABLES = {};

type TextKey = 'part' | 'whole' | 'percent' | 'from' | 'to' | 'by' | 'before' | 'after' | 'a' | 'b' | 'c';

/** The fields of each kind, in the order in which they are written. */
const fields: Readonly<Record<PercentEntries['kind'], readonly (readonly [TextKey, string])[]>> = {
  share: [
    ['part', percentWords.part],
    ['whole', percentWords.whole],
    ['percent', percentWords.percent],
  ],
  change: [
    ['from', percentWords.before],
    ['to', percentWords.after],
    ['by', percentWords.changeBy],
  ],
  series: [
    ['before', percentWords.before],
    ['after', percentWords.after],
  ],
  three: [
    ['a', percentWords.a],
    ['b', percentWords.b],
    ['c', percentWords.c],
  ],
};

/** Percent and proportion: each result with the line that works it. */
export function Percent() {
  const [entries, enter] = useEntries(percentEntries);
  const writing = useWriting();
  const { kind, steps } = entries;
  const plain = fields[kind].map(([id, name]) => ({
    id,
    name,
    text: entries[id],
    keep: (text: string) => enter({ [id]: text }, `percent ${id}`),
  }));
  const rows =
    kind === 'series'
      ? steps.map(([text = ''], i) => ({
          id: `step ${i}`,
          name: stepName(i),
          text,
          keep: (next: string) =>
            enter({ steps: steps.map((row, k) => (k === i ? [next] : row)) }, `percent step ${i}`),
        }))
      : [];
  const slots = inTurn([...plain, ...rows]);
  const lines = linesOf(entries);
  const worked = useResults([...new Set([...lines.map(({ text }) => text), ...writtenIn(slots)])], NO_TABLES);
  const faults = slots.map(({ text }) => noteOf(text, worked.value));
  const isSound = faults.every((fault) => fault === null);
  const [main] = worked.value ?? [];
  const [first] = lines;
  const preview =
    main !== undefined && 'answer' in main && first !== undefined
      ? `${first.name}: ${main.answer.forms[0]?.text ?? ''}`
      : null;
  return (
    <ToolFrame
      id={percentEntries.id}
      name={percentWords.name}
      slots={slots}
      writing={writing}
      hasAngles={false}
      preview={preview}
      above={
        <KindStrip
          name={percentWords.kinds}
          kinds={percentKinds}
          nameOf={(id) => percentWords[id]}
          chosen={kind}
          onChoose={(id) => enter({ kind: id })}
        />
      }
      entries={
        <>
          {slots.map((slot, i) => (
            <EntryRow
              key={slot.id}
              slot={slot}
              writing={writing}
              note={faults[i] ?? null}
              hint={slot.id.startsWith('step') ? percentWords.stepHint : ''}
            />
          ))}
          {kind === 'series' ? (
            <View flexDirection="row" flexWrap="wrap" gap="$2">
              <Button isDisabled={steps.length >= MOST_STEPS} onPress={() => enter({ steps: [...steps, ['']] })}>
                {percentWords.addStep}
              </Button>
              <Button isDisabled={steps.length < 2} onPress={() => enter({ steps: steps.slice(0, -1) })}>
                {percentWords.removeStep}
              </Button>
            </View>
          ) : null}
          {kind === 'three' ? (
            <Radios
              name={percentWords.relation}
              isTight
              options={[
                { id: 'direct', name: percentWords.direct },
                { id: 'inverse', name: percentWords.inverse },
              ]}
              chosen={entries.relation}
              onChoose={(relation) => enter({ relation })}
            />
          ) : null}
        </>
      }
      results={
        lines.length === 0 ? (
          <Words tone="muted">{isFull(entries) ? percentWords.tooMany : percentWords[`${kind}First`]}</Words>
        ) : (
          <Worked task={worked}>
            {(isSound ? lines : []).map((line) => (
              <View key={line.name}>
                <ResultList name={line.name} asked={[line]} views={worked.value} hasDecimals />
                <LineRow name={line.name} text={line.text} />
              </View>
            ))}
          </Worked>
        )
      }
    />
  );
}
