import { View } from '@tamagui/core';
import { useState } from 'react';
import { isSeries, unitOf } from '@/core/practice/exercise';
import { runRows, standing } from '@/core/practice/run';
import type { Asked } from '@/core/practice/run';
import { WithHelp } from '@/places/exam/use-help';
import { StepsOf } from '@/places/kit/parts/steps';
import { ReadFrame } from '@/places/kit/parts/ReadFrame';
import { endText, minutesText, practiceWords, progressText } from '@/text/kit/practice';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { drawnRun } from './drawn-run';
import { History } from './History';
import { practiceEntries } from './inputs';
import { Progress } from './Progress';
import { Question } from './Question';
import { newSeed } from './screen';
import type { ScreenProps } from './screen';

/** The end of a run: how many were right at first, what to repeat, and where to go from here. */
export function Summary({ entries, enter, run, onClose }: ScreenProps & Readonly<{ onClose: () => void }>) {
  const [steps, setSteps] = useState<Asked | null>(null);
  const [ended] = useState(() => Date.now());
  const { atFirst, right, total } = standing(run);
  const repeat = run.filter(({ first }) => first !== 'right');
  const topic = run[0]?.topic ?? '';
  const series = isSeries(topic) && run.every((one) => one.topic === topic) ? topic : null;
  const anew = async (): Promise<void> => {
    const next = series === null ? null : await drawnRun(series, entries.level, total, newSeed());
    onClose();
    if (next !== null) enter({ run: runRows(next), since: entries.timed === 'yes' ? String(Date.now()) : '' });
  };
  const seconds = (ended - Number(entries.since)) / 1000;
  return (
    <ReadFrame
      tool={practiceEntries}
      name={practiceWords.name}
      entries={
        <>
          <Progress run={run} />
          <Words role="status" strong tone="answer">
            {right === total ? practiceWords.done : progressText(right, total)}
          </Words>
          <Words>{endText(atFirst, total)}</Words>
          {entries.since === '' ? null : <Words>{minutesText(seconds)}</Words>}
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            {series !== null ? (
              <Button isMain onPress={() => void anew()}>
                {practiceWords.anew}
              </Button>
            ) : null}
            <Button
              onPress={() => {
                onClose();
                enter({ run: [] });
              }}
            >
              {practiceWords.close}
            </Button>
          </View>
          {repeat.length === 0 ? null : (
            <View role="list" aria-label={practiceWords.repeat} gap="$2">
              <Words strong aria-hidden>
                {practiceWords.repeat}
              </Words>
              {repeat.map((exercise, i) => (
                <View
                  key={`${i}${exercise.shown}`}
                  role="listitem"
                  flexDirection="row"
                  alignItems="center"
                  gap="$2"
                  borderTopWidth={1}
                  borderColor="$rule"
                  paddingVertical="$2"
                >
                  <View flex={1} minWidth={0}>
                    <Question exercise={exercise} angle={unitOf(exercise, null)} />
                  </View>
                  <WithHelp help="steps">
                    <Button isTight onPress={() => setSteps(exercise)}>
                      {practiceWords.steps}
                    </Button>
                  </WithHelp>
                </View>
              ))}
            </View>
          )}
          {steps === null ? null : (
            <StepsOf text={steps.key} angle={unitOf(steps, null)} onClose={() => setSteps(null)} />
          )}
        </>
      }
      results={<History />}
    />
  );
}
