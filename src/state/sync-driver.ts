import { guarded } from '@/core/base/limits';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import type { Random } from '@/core/function/record';
import { isEmptyLine } from '@/core/line/line';
import type { KeyAction } from '@/keys/catalogue';
import { answerLine, answerWork } from '@/workers/answer';
import { formsOfAll } from '@/workers/forms';
import { lineText } from '@/state/slices/bench/reading';
import { isSameQuestion, requestOf } from '@/state/slices/bench/live';
import { formsRequestOf } from '@/state/slices/bench/forms';
import type { AppStore } from '@/state/store';
import type { State } from '@/state/slices/state';

/** What work is done with: for how long, and by what chance. */
export type Worked = Readonly<{ shouldContinue: ShouldContinue; random: Random }>;

/** As in the worker: a limit of the engine or of time is the answer to this one piece of work, and keys go on. */
const bounded = <T>(text: string, work: () => Result<T, Problem>): Result<T, Problem> =>
  guarded(work, (problemData) => withSpan(problemData, { from: 0, to: text.length }));

/** Presses a key and does at once, in this very thread, what the app leaves to its worker. Batch, demo and tests press so. */
export function pressSynchronously(store: AppStore, action: KeyAction, worked: Worked): void {
  if (isStale(store.getState())) store.getState().working();
  const before = store.getState();
  before.press(action);
  if (!isSameQuestion(store.getState(), before)) store.getState().working();
  settleAll(store, worked);
}

/** Whether what is known of the line was said of another one: the line came about otherwise than by a key. */
const isStale = (state: State): boolean =>
  state.live.kind === 'empty'
    ? !isEmptyLine(state.document.line)
    : state.live.kind !== 'working' && state.live.of !== lineText(state);

/** Does what keys wait for, until none do. */
export function settleAll(store: AppStore, worked: Worked): void {
  while (store.getState().waiting !== null) settleOnce(store, worked);
}

function settleOnce(store: AppStore, { shouldContinue, random }: Worked): void {
  const before = store.getState();
  if (before.work !== null) {
    const { request } = before.work;
    before.land(bounded(request.text, () => answerWork(request, shouldContinue, random)));
  } else {
    // Keys can wait for a line that is known to be empty, or was answered meanwhile.
    if (before.live.kind !== 'working') before.working();
    const request = requestOf(before);
    before.settle(
      bounded(request.text, () => answerLine(request, shouldContinue, random)),
      lineText(before),
    );
  }
  if (!isSameQuestion(store.getState(), before)) store.getState().working();
}

/** Answers the line as it stands, and learns the forms of all that is in sight. */
export function settleSynchronously(store: AppStore, { shouldContinue, random }: Worked): void {
  const { live } = store.getState();
  if (live.kind === 'working') settleOnce(store, { shouldContinue, random });
  const asked = formsRequestOf(store.getState());
  if (asked === null) return;
  const result = bounded('', () => formsOfAll(asked.request, shouldContinue, random));
  if (result.ok) store.getState().learnForms(asked.holders, result.value);
}
