import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { itemAt } from '@/core/base/item';
import { levels, seriesIds } from '@/core/practice/exercise';
import { begun, exerciseIn, runRows, standing } from '@/core/practice/run';
import type { Run } from '@/core/practice/run';
import { useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { useStore } from '@/state/app-store';
import { dueText, levelName, practiceWords, progressText, seriesNames } from '@/text/kit/practice';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Radios } from '@/ui/kit/Radios';
import { Select } from '@/ui/kit/Select';
import { Toggle } from '@/ui/kit/Switch';
import { Words } from '@/ui/theme/text';
import { drawnRun } from './drawn-run';
import { History } from './History';
import { counts, OWN, practiceEntries } from './inputs';
import { OwnSeries, useOwnSlots } from './OwnSeries';
import { newSeed } from './screen';
import type { ScreenProps } from './screen';
import { dueOf } from './spacing';

type Props = ScreenProps & Readonly<{ onBegun: () => void; onGoOn: () => void }>;

const NONE = {};
const topics = [
  ...seriesIds.map((id) => ({ id, name: seriesNames[id] })),
  { id: OWN, name: practiceWords.own },
] as const;

/** What is practised: a topic, how hard, how many; what is due; and what was practised before. */
export function Start({ entries, enter, run, onBegun, onGoOn }: Props) {
  const writing = useWriting();
  const found = useStore((s) => s.document.kit[practiceEntries.id] ?? NONE);
  const [now] = useState(() => new Date());
  const due = useMemo(() => dueOf(found, now), [found, now]);
  const slots = useOwnSlots(entries, enter);
  const { topic, level, count, seed, timed } = entries;
  const own = entries.own.flatMap((row) => exerciseIn(row) ?? []);
  const begin = (next: Run | null): void => {
    if (next === null || next.length === 0) return;
    enter({ run: runRows(next), since: timed === 'yes' ? String(Date.now()) : '' });
    onBegun();
  };
  const start = async (): Promise<void> => {
    if (topic === OWN) return begin(begun(own.map((exercise) => ({ ...exercise, topic }))));
    return begin(await drawnRun(topic, level, Number(count), seed.trim() === '' ? newSeed() : seed));
  };
  const { right, total } = standing(run);
  return (
    <ToolFrame
      id={practiceEntries.id}
      name={practiceWords.name}
      slots={slots}
      writing={writing}
      hasAngles={false}
      entries={
        <>
          {run.length === 0 ? null : (
            <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
              <Words>{`${practiceWords.paused} ${progressText(right, total)}.`}</Words>
              <Button onPress={onGoOn}>{practiceWords.goOn}</Button>
            </View>
          )}
          {due.length === 0 ? null : (
            <View flexDirection="row">
              <Button onPress={() => begin(begun(due.slice(0, Number(count))))}>{dueText(due.length)}</Button>
            </View>
          )}
          <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
            <Words strong aria-hidden>
              {practiceWords.topic}
            </Words>
            <Select
              name={practiceWords.topic}
              options={topics}
              chosen={topic}
              onChoose={(id) => enter({ topic: id })}
            />
          </View>
          {topic === OWN ? (
            <OwnSeries entries={entries} enter={enter} slot={itemAt(slots, 0)} writing={writing} />
          ) : (
            <>
              <Radios
                name={practiceWords.level}
                options={levels.map((id) => ({ id: `${id}` as const, name: levelName(id) }))}
                chosen={level}
                onChoose={(id) => enter({ level: id })}
              />
              <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
                <Words strong aria-hidden>
                  {practiceWords.count}
                </Words>
                <Radios
                  name={practiceWords.count}
                  isTight
                  options={counts.map((id) => ({ id, name: id }))}
                  chosen={count}
                  onChoose={(id) => enter({ count: id })}
                />
              </View>
              <Field
                name={practiceWords.seed}
                value={seed}
                onChange={(text) => enter({ seed: text }, 'practice seed')}
                placeholder={practiceWords.seedHint}
              />
            </>
          )}
          <Toggle
            title={practiceWords.timed}
            isOn={timed === 'yes'}
            onChange={(isOn) => enter({ timed: isOn ? 'yes' : '' })}
          />
          <View flexDirection="row">
            <Button isMain isDisabled={topic === OWN && own.length === 0} onPress={() => void start()}>
              {practiceWords.begin}
            </Button>
          </View>
        </>
      }
      results={<History />}
    />
  );
}
