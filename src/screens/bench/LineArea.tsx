import { useMemo } from 'react';
import type { ReactNode } from 'react';
import type { Problem } from '@/core/base/problem';
import { isEmptyLine, withCaretAt } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import { boxAt } from '@/core/line/row';
import type { Completion } from '@/core/line/completions';
import type { ReadingOptions } from '@/core/language/tokens';
import type { KeyAction } from '@/keys/catalogue';
import { useStore } from '@/state/app-store';
import { optionsOf } from '@/state/document';
import { shownForm } from '@/state/tape';
import { emptySlotText, slotName } from '@/text/slots';
import { LineCard } from '@/ui/line/LineCard';
import { pasteInto } from './pasting';

/** Says which box is empty, where the line is written in boxes. */
function sentenceFor(problem: Problem | null, line: Line, options: ReadingOptions): string | null {
  if (problem?.code !== 'syntax' || problem.reason !== 'empty-box' || line.kind !== 'boxed') return null;
  const at = withCaretAt(line, problem.at.from, options);
  const path = at.kind === 'boxed' ? at.caret.path : [];
  const box = boxAt(line.row, path);
  return box === null ? null : emptySlotText(slotName(box, path.at(-1)!.slot));
}

type Props = Readonly<{
  onPress: (action: KeyAction) => void;
  /** Letters of the line hold nothing, and are asked for below it: their problem need not be hinted at. */
  isOpen: boolean;
  completion: Completion | null;
  onComplete: (completion: Completion) => void;
  above: ReactNode;
  below: ReactNode;
}>;

/** The line being written, joined to the state. */
export function LineArea({ onPress, isOpen, completion, onComplete, above, below }: Props) {
  const line = useStore((s) => s.document.line);
  const settings = useStore((s) => s.settings);
  const live = useStore((s) => s.live);
  const reported = useStore((s) => s.reported);
  const chosen = useStore((s) => s.chosen);
  const { chooseForm, rewrite, respan, retype, point, selectAt } = useStore.getState();
  const options = useMemo(() => optionsOf(settings), [settings]);
  const answer = live.kind === 'answer' ? live.answer : live.kind === 'working' ? live.last : null;
  const hinted =
    live.kind === 'problem' &&
    live.problem.code !== 'syntax' &&
    live.problem.code !== 'argument-count' &&
    !(isOpen && live.problem.code === 'undefined-name')
      ? live.problem
      : null;
  const problem = reported ?? hinted;
  const shownAnswer = isEmptyLine(line) || problem !== null ? null : answer;
  return (
    <LineCard
      line={line}
      options={options}
      angle={settings.angle}
      shown={settings.display}
      answer={shownAnswer}
      hasRoom={!isOpen}
      isOld={live.kind === 'working'}
      problem={problem}
      sentence={sentenceFor(problem, line, options)}
      isReported={reported !== null}
      chosen={shownAnswer === null ? chosen : shownForm(shownAnswer.forms, chosen, settings.form).id}
      onChoose={chooseForm}
      onBracket={(typed) => rewrite(typed, 'brackets')}
      onRespan={respan}
      onRetype={retype}
      onPoint={point}
      onSelectAt={selectAt}
      onPaste={pasteInto}
      onPress={onPress}
      onTab={completion === null ? null : () => onComplete(completion)}
      above={above}
      below={below}
    />
  );
}
