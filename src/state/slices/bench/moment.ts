import type { Problem } from '@/core/base/problem';
import type { FormId } from '@/core/format/form';
import type { Line } from '@/core/line/line';
import type { PasteChoice } from '@/core/language/separators';
import type { SavedForm } from '@/core/notebook/schema';
import type { KeyAction } from '@/keys/catalogue';
import type { LineAnswer, WorkRequest } from '@/workers/answer';

/** What is known of the line being written. `of` tells for which text, so that an old answer is seen to be old. */
export type Live =
  | Readonly<{ kind: 'empty' }>
  | Readonly<{ kind: 'working'; last: LineAnswer | null }>
  | Readonly<{ kind: 'answer'; answer: LineAnswer; of: string }>
  | Readonly<{ kind: 'problem'; problem: Problem; of: string }>;

/** The answer in sight: that of the line, or of what the line was a moment ago while it is being worked out anew. */
export const answerInSight = (live: Live): LineAnswer | null =>
  live.kind === 'answer' ? live.answer : live.kind === 'working' ? live.last : null;

/** What stands in sight in its forms under the settings, known for the object that holds each value. */
export type FormsCache = Readonly<{
  known: ReadonlyMap<object, readonly SavedForm[]>;
  /** The same as long as what was learnt holds: anew with every setting that shows it. */
  under: object;
}>;

/** An operation that is being worked out; keys wait for it. `land` says what its answer changes in a state. */
export type PendingWork<State> = Readonly<{
  request: WorkRequest;
  land: (state: State, answer: LineAnswer) => Partial<State>;
}>;

/**
 * Solving of the line being written: nobody does it here; nobody asked; its solutions are wanted in sight; they are there;
 * or they are wanted on the tape. Keys wait for what is wanted.
 */
export type Solving = 'off' | 'idle' | 'wanted' | 'shown' | 'put';

/** What is so at this moment, and is not kept. */
export type BenchMoment<State> = Readonly<{
  live: Live;
  /** Counts how often the same line was asked anew, after it was stopped. */
  asked: number;
  /** The form chosen for the line being written. */
  chosen: FormId | null;
  /** The problem that stands under the line after Enter. */
  reported: Problem | null;
  /** Whether an equation is solved here, and what the key that answers wants of that. */
  solving: Solving;
  /** Keys that came while a line was being answered. */
  waiting: readonly KeyAction[] | null;
  /** An operation of the Running or Stack style, or of the Shelf, that is being worked out. */
  work: PendingWork<State> | null;
  /** What the last key could not do, with the expression that it would have made. */
  refused: Readonly<{ problem: Problem; text: string }> | null;
  formsCache: FormsCache;
  /** Which line of the tape Up and Down have brought, counted from the newest, and the line as it came. */
  recalled: Readonly<{ back: number; line: Line }> | null;
  /** The line as it was when its value was kept, or one was recalled into it: the number at its end is ended by that. */
  numberEnd: Readonly<{ line: Line; by: 'keep' | 'recall' }> | null;
  pasteQuestion: Readonly<{ pasted: string; choices: readonly PasteChoice[] }> | null;
}>;

/** A cache that knows more; what shared the old one knows what it knew. */
export const withForms = (
  { known, under }: FormsCache,
  learnt: Iterable<readonly [object, readonly SavedForm[]]>,
): FormsCache => ({ known: new Map([...known, ...learnt]), under });

export const noForms = (): FormsCache => ({ known: new Map(), under: {} });

export const benchAtFirst = <State>(): BenchMoment<State> => ({
  live: { kind: 'empty' },
  asked: 0,
  chosen: null,
  reported: null,
  solving: 'off',
  waiting: null,
  work: null,
  refused: null,
  formsCache: noForms(),
  recalled: null,
  numberEnd: null,
  pasteQuestion: null,
});
