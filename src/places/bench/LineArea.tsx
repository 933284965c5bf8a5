import { lastOf } from '@/core/base/item';
import { useCallback, useMemo } from 'react';
import type { Problem } from '@/core/base/problem';
import { emptyPlace, isEmptyLine } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import { boxAt } from '@/core/line/row';
import { completionsFor } from '@/core/line/completions';
import type { Completion } from '@/core/line/completions';
import type { ReadingOptions } from '@/core/language/tokens';
import type { KeyAction } from '@/keys/catalogue';
import { useStore } from '@/state/app-store';
import { answerInSight } from '@/state/slices/bench/moment';
import { columnNames } from '@/state/slices/columns/named';
import { optionsOf } from '@/state/slices/bench/reading';
import { shownForm } from '@/state/slices/tape/line';
import { emptySlotText, slotName } from '@/text/slots';
import { LineCard } from '@/ui/line/LineCard';
import { AboveLine } from './AboveLine';
import { BelowLine } from './BelowLine';
import { useOpenLine } from './open-line';
import { pasteInto } from './pasting';
import type { OpenSheet } from './sheets';
import type { Replay } from './use-replay';

/** Says which box is empty, where the line is written in boxes. */
function sentenceFor(problem: Problem | null, line: Line, options: ReadingOptions): string | null {
  if (problem?.code !== 'syntax' || problem.reason !== 'empty-box' || line.kind !== 'boxed') return null;
  const path = emptyPlace(line, problem.at.from, options)?.path ?? [];
  const box = boxAt(line.row, path);
  return box === null ? null : emptySlotText(slotName(box, lastOf(path).slot));
}

type Props = Readonly<{
  onPress: (action: KeyAction) => void;
  onOpen: (sheet: OpenSheet) => void;
  replay: Replay | null;
  onStopReplay: () => void;
}>;

/** Puts a name in the place of its letters that are there. */
function complete({ fn, typed, isColumn = false }: Completion): void {
  const { press } = useStore.getState();
  if (isColumn) {
    for (const sign of fn.slice(typed)) press({ type: 'insert', text: sign });
    return;
  }
  for (let i = 0; i < typed; i += 1) press({ type: 'edit', command: 'deleteLeft' });
  press({ type: 'call', fn });
}

/** The line being written, joined to the state. */
export function LineArea({ onPress, onOpen, replay, onStopReplay }: Props) {
  const line = useStore((s) => s.document.line);
  const settings = useStore((s) => s.settings);
  const live = useStore((s) => s.live);
  const reported = useStore((s) => s.reported);
  const chosen = useStore((s) => s.chosen);
  const { chooseForm, rewrite, respan, retype, point, selectAt } = useStore.getState();
  const options = useMemo(() => optionsOf(settings), [settings]);
  const openLine = useOpenLine();
  const isOpen = openLine.letters.length > 0;
  const tables = useStore((s) => s.document.columns);
  const names = useMemo(() => columnNames({ columns: tables }), [tables]);
  const found = useMemo(() => completionsFor(line, options, names), [line, options, names]);
  const [completion] = found;
  const asRead = useCallback((typed: string) => rewrite(typed, 'as-read'), [rewrite]);
  const answer = answerInSight(live);
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
      chosen={shownAnswer === null ? chosen : shownForm(shownAnswer.forms, chosen, settings).id}
      onChoose={chooseForm}
      onRewrite={asRead}
      onRespan={respan}
      onRetype={retype}
      onPoint={point}
      onSelectAt={selectAt}
      onPaste={pasteInto}
      onPress={onPress}
      onTab={completion === undefined ? null : () => complete(completion)}
      above={<AboveLine replay={replay} onStop={onStopReplay} />}
      below={<BelowLine found={found} onComplete={complete} openLine={openLine} onOpen={onOpen} />}
    />
  );
}
