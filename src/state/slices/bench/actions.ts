import type { FormId } from '@/core/format/form';
import type { PasteChoice } from '@/core/language/separators';
import type { CaretPosition } from '@/core/line/row';
import type { OwnDigits, SavedForm } from '@/core/notebook/schema';
import type { SharedLine } from '@/core/notebook/shared';
import type { KeyAction } from '@/keys/catalogue';
import type { StepName } from '@/state/slices/parts';
import type { LineAnswer } from '@/workers/answer';
import type { Answered, TaskAnswer } from '@/workers/lane';

/** What is done on the Bench. */
export type BenchActions = Readonly<{
  press: (action: KeyAction) => void;
  retype: (text: string, caret: number, anchor: number) => void;
  /** Puts the caret at a place of the boxed line, or draws the selection to it. */
  point: (place: CaretPosition, extends_: boolean) => void;
  selectAt: (place: CaretPosition) => void;
  /** Puts the caret at an offset of the typed text. */
  caretTo: (offset: number) => void;
  /** Replaces a part of the typed text; the line is read anew. */
  respan: (from: number, to: number, text: string) => void;
  /** Writes the line anew as typed text, such as with brackets put in. */
  rewrite: (text: string, step: StepName) => void;
  paste: (text: string, isTyped?: boolean) => void;
  choosePaste: (choice: PasteChoice | null) => void;
  /** Called by the live loop with what the worker said. */
  settle: (answered: Answered, of: string) => void;
  working: () => void;
  /** Puts the solutions of the line on the tape as its answer. */
  finishSolved: (answer: LineAnswer) => void;
  /** Whether somebody solves equations here, so that the key that answers waits for their solutions. */
  canSolve: (can: boolean) => void;
  /** Called when what was wanted of solving is in sight, and nothing goes on the tape. */
  showSolved: () => void;
  openShared: (line: SharedLine) => void;
  tryValue: (letter: string, text: string) => void;
  setOwnDigits: (own: OwnDigits | null) => void;
  chooseForm: (id: FormId) => void;
  /** Shows the next form of the answer, or the one before. */
  nextForm: (isBack: boolean) => void;
  /** Called with what came of the work that keys wait for. */
  land: (answered: TaskAnswer<'work'>) => void;
  /** A level of the stack, counted from the top: copied onto the top, or put into the line. */
  pick: (level: number) => void;
  levelToLine: (level: number) => void;
  levelToColumn: (level: number, column: string | null) => void;
  learnForms: (items: readonly object[], forms: readonly (readonly SavedForm[])[]) => void;
}>;
