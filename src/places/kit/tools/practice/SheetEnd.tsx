import { View } from '@tamagui/core';
import { answeredOf, answersOf, standing } from '@/core/practice/run';
import { RESULT_FORMAT } from '@/core/practice/sheet-schema';
import type { Sheet } from '@/core/practice/sheet-schema';
import { saveResult } from '@/places/files/sheet-files';
import { useOver } from '@/places/frame/over';
import { ReadFrame } from '@/places/kit/parts/ReadFrame';
import { PrintedAnswers } from '@/places/print/printed-sheet';
import { useStore } from '@/state/app-store';
import { endText, practiceWords } from '@/text/kit/practice';
import { answeredText, leftOutText, questionName, sheetWords } from '@/text/kit/sheets';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { Words } from '@/ui/theme/text';
import { practiceEntries } from './inputs';
import { Question } from './Question';
import type { ScreenProps } from './screen';

type Props = ScreenProps &
  Readonly<{
    sheet: Sheet;
    /** Goes back to the questions; null where all are answered. */
    onGoOn: (() => void) | null;
  }>;

/** The answers to a sheet, all of them or so far, to be saved as a file for the teacher or printed. */
export function SheetEnd({ entries, enter, run, sheet, onGoOn }: Props) {
  const over = useOver();
  const display = useStore((s) => s.settings.display);
  const { atFirst, total } = standing(run);
  const { pupil } = entries;
  const { title, seed, tells } = sheet;
  const answers = [...answersOf(sheet, run)];
  const leftOut = answers.flatMap((_, i) => (run.some(({ at }, k) => Number(at ?? k) === i) ? [] : [questionName(i)]));
  return (
    <ReadFrame
      tool={practiceEntries}
      name={practiceWords.name}
      entries={
        <>
          <Words role="status" strong tone="answer">
            {onGoOn === null ? sheetWords.finished : answeredText(answeredOf(run).length, total)}
          </Words>
          {tells ? <Words>{endText(atFirst, total)}</Words> : null}
          {leftOut.length === 0 ? null : <Words>{leftOutText(leftOut)}</Words>}
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            <Button
              isMain
              onPress={() => saveResult({ format: RESULT_FORMAT, version: 1, title, seed, pupil, answers })}
            >
              {sheetWords.saveAnswers}
            </Button>
            <Button
              onPress={() =>
                over({
                  panel: 'print',
                  printed: {
                    title: `${title}, ${sheetWords.pupil}: ${pupil}`,
                    content: <PrintedAnswers run={run} shown={display} />,
                  },
                })
              }
            >
              {sheetWords.print}
            </Button>
            {onGoOn === null ? null : <Button onPress={onGoOn}>{practiceWords.goOn}</Button>}
            <Button onPress={() => enter({ sheet: '', run: [] })}>{sheetWords.putAway}</Button>
          </View>
          <View role="list" aria-label={sheetWords.yourAnswers}>
            <Words strong aria-hidden>
              {sheetWords.yourAnswers}
            </Words>
            {run.map((exercise, i) => {
              if (exercise.first === null) return null;
              const markup = typeset(exercise.answer, CORE_SPELLING, display);
              return (
                <View
                  key={`${i}${exercise.key}`}
                  role="listitem"
                  gap="$2"
                  borderTopWidth={1}
                  borderColor="$rule"
                  paddingVertical="$2"
                >
                  <Words size="medium" tone="muted">
                    {questionName(Number(exercise.at ?? i))}
                  </Words>
                  <Question exercise={exercise} angle={sheet.angle ?? null} />
                  <View flexDirection="row" alignItems="center" gap="$2" className="scroll-x ink-answer" tabIndex={0}>
                    {markup === null ? <Words>{exercise.answer}</Words> : <Formula markup={markup} size="tape" />}
                  </View>
                </View>
              );
            })}
          </View>
        </>
      }
    />
  );
}
