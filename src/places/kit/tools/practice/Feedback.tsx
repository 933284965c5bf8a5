import { View } from '@tamagui/core';
import { useState } from 'react';
import { countOf } from '@/core/practice/asked-form';
import type { Exercise } from '@/core/practice/exercise';
import { useHelp } from '@/places/exam/use-help';
import { useStore } from '@/state/app-store';
import type { MarkView } from '@/state/slices/kit/requests';
import { compareWords, slipTexts } from '@/text/kit/compare';
import { markText, practiceWords, wantedForm } from '@/text/kit/practice';
import { sheetWords } from '@/text/kit/sheets';
import { unitNames } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { FormValue } from '@/ui/line/ResultForms';
import { Words } from '@/ui/theme/text';

type Marked = Extract<MarkView, { mark: unknown }>;

type Props = Readonly<{
  view: Marked;
  exercise: Exercise;
  /** The end comes after it. */
  isLast: boolean;
  /** Nothing is told but that it is noted. */
  isQuiet: boolean;
  onNext: () => void;
  onAgain: () => void;
  onSteps: () => void;
}>;

/** The display form that shows what a form asks for. */
const shownForms: Readonly<Record<string, string>> = { mixed: 'mixed', decimal: 'decimal', lowest: 'fraction' };

/** What is told of an answer: right or not, the likely slip, what would be right, and how it is worked. */
export function Feedback({ view, exercise, isLast, isQuiet, onNext, onAgain, onSteps }: Props) {
  const display = useStore((s) => s.settings.display);
  const [isShown, setShown] = useState(false);
  const hasSteps = useHelp('steps');
  const { mark, same, claims, right } = view;
  const isRight = mark === 'right';
  const asked = mark === 'other-form' || mark === 'rounded' ? wantedForm(exercise.form) : '';
  const wanted = countOf(exercise.form) === null ? shownForms[exercise.form] : 'decimal';
  const form = right.forms.find(({ id }) => id === wanted) ?? right.forms[0];
  const [slip] = claims;
  if (isQuiet)
    return (
      <View gap="$2" alignItems="flex-start">
        <Words role="status" strong>
          {sheetWords.noted}
        </Words>
        <Button isMain onPress={onNext}>
          {isLast ? practiceWords.end : practiceWords.next}
        </Button>
      </View>
    );
  const markup = slip === undefined ? null : typeset(slip.line, CORE_SPELLING, display);
  return (
    <View gap="$2">
      <View role="status" gap="$1">
        <Words strong tone={isRight ? 'answer' : 'accent'}>
          {markText(mark, same, exercise.form)}
        </Words>
        {asked === '' ? null : <Words>{asked}</Words>}
        {slip === undefined ? null : (
          <Words>
            {`${practiceWords.likely}: ${slip.slips.map((name) => slipTexts[name]).join(' ')}${slip.isOfAnswer ? ` (${compareWords.inAnswer})` : ''}`}
          </Words>
        )}
      </View>
      {markup === null || slip === undefined || slip.isOfAnswer ? null : (
        <View className="scroll-x ink" tabIndex={0} flexDirection="row">
          <Formula markup={markup} size="tape" {...(slip.differs === null ? {} : { marked: slip.differs })} />
          {slip.slips.includes('angle-unit') ? <Words tone="accent"> ({unitNames[slip.angle]})</Words> : null}
        </View>
      )}
      {isShown && form !== undefined ? (
        <View flexDirection="row" flexWrap="wrap" alignItems="center" gap="$2">
          <Words strong>{practiceWords.rightAnswer}</Words>
          <FormValue form={form} shown={display} isChosen />
        </View>
      ) : null}
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button isMain onPress={onNext}>
          {isLast ? practiceWords.end : practiceWords.next}
        </Button>
        {isRight ? null : <Button onPress={onAgain}>{practiceWords.again}</Button>}
        {isRight || isShown ? null : <Button onPress={() => setShown(true)}>{practiceWords.skip}</Button>}
        {hasSteps && (isRight || isShown) ? <Button onPress={onSteps}>{practiceWords.steps}</Button> : null}
      </View>
    </View>
  );
}
