import { View } from '@tamagui/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { AngleUnit } from '@/core/base/angle';
import { itemAt } from '@/core/base/item';
import { isSeries, unitOf, ways } from '@/core/practice/exercise';
import type { AskId } from '@/core/practice/exercise';
import { answered, runRows, standing } from '@/core/practice/run';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import { useWriting } from '@/places/kit/parts/slots';
import type { Slot } from '@/places/kit/parts/slots';
import { StepsOf } from '@/places/kit/parts/steps';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { Worked } from '@/places/kit/parts/Worked';
import { today } from '@/platform/locale';
import { useStore } from '@/state/app-store';
import { kitRequest } from '@/state/slices/kit/requests';
import { useRequest, useTask } from '@/state/use-task';
import { placeText, practiceWords, wayTexts } from '@/text/kit/practice';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { Feedback } from './Feedback';
import { logged } from './history';
import { practiceEntries, SHEET } from './inputs';
import { Progress } from './Progress';
import { Question } from './Question';
import type { ScreenProps } from './screen';
import { spaced } from './spacing';

/** What is worked out line by line, so that a slip in the line can explain the answer; the rest is read or rewritten. */
const isWorked: ReadonlySet<AskId> = new Set([
  'work',
  'words',
  'solve',
  'larger-solution',
  'smaller-solution',
  'simplify-root',
]);

/** An answer that is to be marked; each is marked once. */
type Given = Readonly<{ text: string; index: number }>;

const wayText = (topic: string): string => (isSeries(topic) ? wayTexts[ways[topic]] : practiceWords.writeFirst);

type Props = ScreenProps &
  Readonly<{
    /** The exercise that comes after the one at hand; null at the end. */
    next: number | null;
    /** Nothing is told of an answer but that it is noted. */
    isQuiet: boolean;
    /** The unit of angles that a sheet means; null where it is the one that is set. */
    angle: AngleUnit | null;
    onAnswered: () => void;
    onEnd: () => void;
    stopName: string;
    onStop: () => void;
    onPause: () => void;
  }>;

/** One exercise after the other: what is asked, the answer, and what is told of it. */
export function Running({ enter, run, next, isQuiet, angle, onAnswered, onEnd, stopName, onStop, onPause }: Props) {
  const writing = useWriting();
  const { write } = writing;
  const [at, setAt] = useState(next ?? 0);
  const [given, setGiven] = useState<Given | null>(null);
  const [steps, setSteps] = useState(false);
  const noted = useRef<Given | null>(null);
  const exercise = itemAt(run, Math.min(at, run.length - 1));
  const meant = unitOf(exercise, angle);
  useEffect(() => write('answer'), [at, write]);
  const request = useRequest((state) => {
    if (given === null) return null;
    const { key, shown, form } = exercise;
    const asked = kitRequest(state, [key, given.text]);
    const slipsFrom = isWorked.has(exercise.ask) ? (exercise.ask === 'work' ? shown : key) : '';
    return {
      ...asked,
      angle: meant ?? asked.angle,
      key,
      slipsFrom,
      form,
      answer: given.text,
      tolerance: exercise.tolerance ?? '',
    };
  });
  const worked = useTask('mark', request);
  const view = given === null || worked.isStale ? null : worked.value;
  const told = view !== null && 'mark' in view ? view : null;
  useEffect(() => {
    if (told === null || given === null || noted.current === given) return;
    noted.current = given;
    onAnswered();
    const now = new Date();
    const found = useStore.getState().document.kit[practiceEntries.id] ?? {};
    const isFirst = exercise.first === null;
    enter(
      {
        run: runRows(answered(run, given.index, told.mark, given.text)),
        ...(isFirst ? logged(found, today(), exercise.topic, told.mark === 'right') : {}),
        ...(isFirst && exercise.topic !== SHEET ? spaced(found, exercise, told.mark, now) : {}),
      },
      'practice answer',
    );
  }, [told, given, exercise, run, enter, onAnswered]);
  const slot: Slot = useMemo(
    () => ({
      id: 'answer',
      name: practiceWords.answer,
      text: given?.text ?? '',
      keep: (text: string) => setGiven(text === '' ? null : { text, index: at }),
      after: null,
      below: null,
      ...(meant === null ? {} : { angle: meant }),
    }),
    [given, at, meant],
  );
  const goOn = (): void => {
    setGiven(null);
    setSteps(false);
    if (next === null) return onEnd();
    setAt(next);
    write('answer');
    return undefined;
  };
  const again = (): void => {
    setGiven(null);
    write('answer');
  };
  const { total } = standing(run);
  const wrongText = view !== null && 'problem' in view ? problemText(view.problem) : null;
  return (
    <ToolFrame
      id={practiceEntries.id}
      name={practiceWords.name}
      slots={[slot]}
      writing={writing}
      hasAngles={false}
      hasClear={false}
      entries={
        <>
          {isQuiet ? null : <Progress run={run} />}
          <Words size="medium" tone="muted">
            {placeText(at + 1, total, exercise.last !== null && given === null)}
          </Words>
          <View role="group" aria-label={practiceWords.question}>
            <Question exercise={exercise} angle={meant} />
          </View>
          {writing.open === slot.id ? null : <EntryRow slot={slot} writing={writing} note={wrongText} />}
          {told === null ? null : (
            <Feedback
              view={told}
              exercise={exercise}
              isLast={next === null}
              isQuiet={isQuiet}
              onNext={goOn}
              onAgain={again}
              onSteps={() => setSteps(true)}
            />
          )}
        </>
      }
      results={
        <>
          <Worked task={worked}>{given === null ? <Words tone="muted">{wayText(exercise.topic)}</Words> : null}</Worked>
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            <Button onPress={onPause}>{practiceWords.pause}</Button>
            <Button onPress={onStop}>{stopName}</Button>
          </View>
          {steps ? <StepsOf text={exercise.key} angle={meant} onClose={() => setSteps(false)} /> : null}
        </>
      }
    />
  );
}
