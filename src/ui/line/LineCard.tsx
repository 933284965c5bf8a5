import { View } from '@tamagui/core';
import { memo } from 'react';
import type { Problem } from '@/core/base/problem';
import type { AngleUnit } from '@/core/base/angle';
import type { FormId } from '@/core/format/form';
import type { Line } from '@/core/line/line';
import type { KeyAction } from '@/keys/catalogue';
import { inOtherUnit, piWarning, putInstead, words } from '@/text/labels';
import { problemText } from '@/text/problems';
import { Button } from '../control/Button';
import type { LineAnswerView } from './view';
import { Formula } from '../formula/Formula';
import { typeset } from '../formula/typeset';
import type { Shown } from '../formula/typeset';
import { Margin } from '../tape/Margin';
import { Words } from '../theme/text';
import { LineInput } from './LineInput';
import { ResultForms } from './ResultForms';

type Props = Readonly<{
  line: Line;
  angle: AngleUnit;
  impliedFirst: boolean;
  shown: Shown;
  answer: LineAnswerView | null;
  /** The answer belongs to an earlier text and is about to be replaced. */
  isOld: boolean;
  problem: Problem | null;
  /** The problem was asked for by `=`; else it is only hinted at. */
  isReported: boolean;
  chosen: FormId | null;
  onChoose: (id: FormId) => void;
  onRetype: (text: string, caret: number, anchor: number) => void;
  onPaste: (text: string) => void;
  onPress: (action: KeyAction) => void;
}>;

/** Kept free under a line, so that the card does not jump while a line is unfinished. */
const RESULT_HEIGHT = 62;
const PROBLEM_ID = 'line-problem';

type ProblemProps = Readonly<{ problem: Problem; text: string; isReported: boolean }> & Pick<Props, 'onRetype'>;

/** The problem in words, with the place it concerns set off from the rest of the line. */
function ProblemNote({ problem, text, isReported, onRetype }: ProblemProps) {
  const { from, to } = problem.at;
  const offers = isReported && 'offers' in problem ? (problem.offers ?? []) : [];
  const isPart = isReported && to > from && to - from < text.length;
  return (
    <View id={PROBLEM_ID} gap={2} {...(isReported ? { role: 'alert' } : {})}>
      <Words size="medium" tone={isReported ? 'accent' : 'muted'}>
        {problemText(problem)}
      </Words>
      {isPart ? (
        <Words size="medium" tone="muted" className="scroll-x">
          {text.slice(0, from)}
          <Words size="medium" strong tone="accent" textDecorationLine="underline">
            {text.slice(from, to)}
          </Words>
          {text.slice(to)}
        </Words>
      ) : null}
      {offers.length === 0 ? null : (
        <View flexDirection="row" gap="$2" flexWrap="wrap">
          {offers.map((offer) => (
            <Button
              key={offer}
              keepsFocus
              name={putInstead(offer.trim())}
              onPress={() =>
                onRetype(text.slice(0, from) + offer + text.slice(to), from + offer.length, from + offer.length)
              }
            >
              {offer.trim()}
            </Button>
          ))}
        </View>
      )}
    </View>
  );
}

type AnswerProps = Readonly<{ answer: LineAnswerView }> & Pick<Props, 'angle' | 'shown' | 'chosen' | 'onChoose'>;

/** How the line was read and what it comes to. It stays as it is until the next answer has come. */
const Answer = memo(function Answer({ answer, angle, shown, chosen, onChoose }: AnswerProps) {
  const { readAs, forms, otherUnit, piWithoutRadians } = answer;
  return (
    <View gap={5}>
      {readAs.isTelling ? (
        <View className="scroll-x">
          <Words size="medium" tone="muted" whiteSpace="nowrap">
            {words.readAs} <Words size="medium">{readAs.text}</Words>
          </Words>
        </View>
      ) : null}
      <ResultForms forms={forms} chosen={chosen} onChoose={onChoose} shown={shown} />
      {otherUnit === null ? null : (
        <Words size="medium" tone="muted">
          {inOtherUnit(otherUnit.unit, otherUnit.text, otherUnit.exact)}
        </Words>
      )}
      {piWithoutRadians.length === 0 ? null : (
        <Words size="medium" tone="accent">
          {piWarning(angle)}
        </Words>
      )}
    </View>
  );
});

/** The line being written: as on paper, as typed, how it was read, and what it comes to. */
export function LineCard(props: Props) {
  const { line, angle, impliedFirst, shown, answer, isOld, problem, isReported, chosen } = props;
  const markup =
    line.text.trim() === '' ? null : typeset(line.text, { decimalSign: shown.decimalSign, impliedFirst }, shown);
  return (
    <View
      flexDirection="row"
      backgroundColor="$card"
      borderTopWidth={1}
      borderColor="$rule"
      flexShrink={1}
      minHeight={0}
      className="scroll-y"
    >
      <Margin>{angle}</Margin>
      <View flex={1} minWidth={0} paddingHorizontal="$3" paddingVertical="$2" gap={5}>
        {markup === null ? null : (
          <View
            className="scroll-x ink"
            minHeight={44}
            justifyContent="center"
            flexShrink={0}
            role="group"
            aria-label={words.onPaper}
            tabIndex={0}
          >
            <Formula markup={markup} size="line" />
          </View>
        )}
        <LineInput
          line={line}
          onRetype={props.onRetype}
          onPaste={props.onPaste}
          onPress={props.onPress}
          describedBy={problem === null ? undefined : PROBLEM_ID}
          isWrong={isReported}
        />
        {problem === null ? null : (
          <ProblemNote problem={problem} text={line.text} isReported={isReported} onRetype={props.onRetype} />
        )}
        {markup === null ? null : (
          <View minHeight={RESULT_HEIGHT} className={isOld ? 'answer-old' : 'answer-fresh'}>
            {answer === null ? null : (
              <Answer answer={answer} angle={angle} shown={shown} chosen={chosen} onChoose={props.onChoose} />
            )}
          </View>
        )}
      </View>
    </View>
  );
}
