import { memo, useDeferredValue, useMemo } from 'react';
import type { ReactNode } from 'react';
import type { AngleUnit } from '@/core/base/angle';
import type { Problem } from '@/core/base/problem';
import type { FormId } from '@/core/format/form';
import { isEmptyLine, textOf } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import type { CaretPosition } from '@/core/line/row';
import type { ReadingOptions } from '@/core/language/tokens';
import type { KeyAction } from '@/keys/catalogue';
import { words } from '@/text/labels';
import { Formula } from '../formula/Formula';
import { typeset } from '../formula/typeset';
import type { NumberLayout } from '../formula/typeset';
import { Margin } from '../tape/Margin';
import { Answer } from './Answer';
import { LineInput } from './LineInput';
import { PROBLEM_ID, ProblemNote } from './ProblemNote';
import { BoxedLine } from './boxes/BoxedLine';
import { useLasting } from './use-lasting';
import type { LineAnswerView } from './view';

type Props = Readonly<{
  line: Line;
  options: ReadingOptions;
  angle: AngleUnit;
  shown: NumberLayout;
  answer: LineAnswerView | null;
  /** The answer belongs to an earlier text and is about to be replaced. */
  isOld: boolean;
  problem: Problem | null;
  /** What to say of the problem where its place says more. */
  sentence: string | null;
  /** The problem was asked for by `=`; else it is only hinted at. */
  isReported: boolean;
  chosen: FormId | null;
  onChoose: (id: FormId) => void;
  onRewrite: (typed: string) => void;
  onRespan: (from: number, to: number, text: string) => void;
  onRetype: (text: string, caret: number, anchor: number) => void;
  onPoint: (place: CaretPosition, extends_: boolean) => void;
  onSelectAt: (place: CaretPosition) => void;
  onPaste: (text: string, html: string) => void;
  onPress: (action: KeyAction) => void;
  /** What Tab does instead of going on; null when it just goes on. */
  onTab: (() => void) | null;
  /** Room is kept for an answer that is still to come. */
  hasRoom: boolean;
  /** What stands above the line, and below its answer. */
  above?: ReactNode;
  below?: ReactNode;
}>;

/** The line as mathematics: what a screen reader reads, and what stands above a line that is typed. */
const OnPaper = memo(function OnPaper({
  text,
  options,
  shown,
  isSeen,
}: Readonly<{ text: string; isSeen: boolean }> & Pick<Props, 'options' | 'shown'>) {
  // What is only spoken can come a moment after what is seen, at the first key too.
  const later = useDeferredValue(text, '');
  const told = isSeen ? text : later;
  const markup = useMemo(() => typeset(told, options, shown), [told, options, shown]);
  if (markup === null) return null;
  return (
    <div
      className={isSeen ? 'scroll-x ink line-on-paper' : 'only-spoken'}
      {...(isSeen ? { tabIndex: 0 } : {})}
      role="group"
      aria-label={words.onPaper}
    >
      <Formula markup={markup} size="line" />
    </div>
  );
});

const FADE_MS = 200;

/** The line being written, how it was read, and what it comes to. */
export function LineCard(props: Props) {
  const { line, options, angle, shown, answer, isOld, problem, isReported, chosen } = props;
  const text = textOf(line, options.decimalSign);
  const isEmpty = isEmptyLine(line);
  // Most answers come at once: one that is about to be replaced fades only when the next takes its time.
  const isFaded = useLasting(isOld, FADE_MS);
  const field = {
    describedBy: problem === null ? undefined : PROBLEM_ID,
    isWrong: isReported,
    onRetype: props.onRetype,
    onPaste: props.onPaste,
    onPress: props.onPress,
    onTab: props.onTab,
  };
  return (
    // Plain elements: these are drawn anew for each key (measured: a tenth of a key press).
    <div className="scroll-y line-card">
      <Margin>{angle}</Margin>
      <div className="line-body">
        {props.above}
        {isEmpty ? null : <OnPaper text={text} options={options} shown={shown} isSeen={line.kind === 'typed'} />}
        {line.kind === 'typed' ? (
          <LineInput line={line} {...field} />
        ) : (
          <BoxedLine
            line={line}
            options={options}
            style={shown}
            size="line"
            onPoint={props.onPoint}
            onSelectAt={props.onSelectAt}
            {...field}
          />
        )}
        {problem === null ? null : (
          <ProblemNote
            problem={problem}
            sentence={props.sentence}
            text={text}
            isReported={isReported}
            onRespan={props.onRespan}
          />
        )}
        {isEmpty ? null : (
          <div className={`answer ${props.hasRoom ? 'answer-room' : ''} ${isFaded ? 'answer-old' : ''}`}>
            {answer === null ? null : (
              <Answer
                answer={answer}
                angle={angle}
                shown={shown}
                chosen={chosen}
                onChoose={props.onChoose}
                onRewrite={props.onRewrite}
              />
            )}
          </div>
        )}
        {props.below}
      </div>
    </div>
  );
}
