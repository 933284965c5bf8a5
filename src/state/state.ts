import type { StoreApi } from 'zustand';
import type { Problem } from '@/core/base/problem';
import type { FormId } from '@/core/format/form';
import { MOST_TYPED, inView, isEmptyLine, textOf } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import type { PasteChoice } from '@/core/line/pasted';
import type { CaretPosition } from '@/core/line/row';
import type { MemoryOperation } from '@/core/memory/shelf';
import type { DataColumn, AnalysisOptions } from '@/core/notebook/columns';
import type { Axis, DrawnFunction, ShownPoints, TableSettings, View } from '@/core/notebook/curves';
import type { NewColumn } from '@/core/notebook/room';
import type { Notebook, OwnDigits, SavedForm, Settings } from '@/core/notebook/schema';
import type { Shared, SharedLine } from '@/core/notebook/shared';
import type { KeyAction } from '@/keys/catalogue';
import type { DrawerId } from '@/keys/decks';
import { logged } from '@/keys/log';
import type { LineAnswer, WorkRequest } from '@/workers/answer';
import type { Answered, TaskAnswer } from '@/workers/lane';
import { DEFAULT_SETTINGS, EMPTY_DOCUMENT, optionsOf } from './document';
import type { Document } from './document';
import { NO_HISTORY, recorded } from './history';
import type { History, StepName } from './history';
import type { Kept } from './merge';
import { notice } from './notice';
import type { Notice } from './notice';

/** What is known of the line being written. `of` tells for which text, so that an old answer is seen to be old. */
export type Live =
  | Readonly<{ kind: 'empty' }>
  | Readonly<{ kind: 'working'; last: LineAnswer | null }>
  | Readonly<{ kind: 'answer'; answer: LineAnswer; of: string }>
  | Readonly<{ kind: 'problem'; problem: Problem; of: string }>;

/** Whether what is here is also kept on the device. */
export type PersistenceStatus =
  | Readonly<{ kind: 'kept' }>
  | Readonly<{ kind: 'refused' }>
  /** The device did not let it be read, so it is not written over either. */
  | Readonly<{ kind: 'unreadable' }>
  /** What was found could not be used, or not to its end; it was set aside whole under this key. */
  | Readonly<{ kind: 'damaged'; why: DamageReason; raw: string; setAsideAs: string | null }>;

/** `broken-off`: what is there up to where it breaks off was opened. `not-drawn`: two starts with it did not come to their end. */
export type DamageReason = 'unreadable' | 'broken-off' | 'newer' | 'not-drawn';

/** What is meant where it is not what is at hand: the answer of a line of the tape, or a level counted from the top. */
export type Source = Readonly<{ line: string } | { level: number }>;

/** A place that has been asked for: the next digit or letter chooses it. */
export type Asking = Readonly<{ for: MemoryOperation | 'pick'; source: Source | null }>;

/** What stands in sight in its forms under the settings, known for the object that holds each value. */
export type ShownForms = Readonly<{ known: WeakMap<object, readonly SavedForm[]> }>;

/** An operation that is being worked out; keys wait for it. `land` says what its answer changes. */
export type PendingWork = Readonly<{
  request: WorkRequest;
  land: (state: State, answer: LineAnswer) => Partial<State>;
}>;

export type State = Readonly<{
  document: Document;
  settings: Settings;
  drawer: DrawerId;
  history: History<Document, Settings>;
  live: Live;
  /** Counts how often the same line was asked anew, after it was stopped. */
  asked: number;
  /** The form chosen for the line being written. */
  chosen: FormId | null;
  /** The problem that stands under the line after `=`. */
  reported: Problem | null;
  /** Keys that came while a line was being answered. */
  waiting: readonly KeyAction[] | null;
  /** An operation of the Running or Stack style, or of the Shelf, that is being worked out. */
  work: PendingWork | null;
  /** What the last key could not do, with the expression that it would have made. */
  refused: Readonly<{ problem: Problem; text: string }> | null;
  asking: Asking | null;
  forms: ShownForms;
  /** Which line of the tape Up and Down have brought, counted from the newest, and the line as it came. */
  recalled: Readonly<{ back: number; line: Line }> | null;
  pasteQuestion: Readonly<{ pasted: string; choices: readonly PasteChoice[] }> | null;
  /** The settings before they were reset, to be put back. */
  settingsBefore: Settings | null;
  /** What a link or a file brings, until it is taken over or not. */
  offered: Shared | null;
  notice: Notice | null;
  /** Said by a screen reader. */
  spoken: string;
  keeping: PersistenceStatus;
}>;

export type Actions = Readonly<{
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
  openShared: (line: SharedLine) => void;
  tryValue: (letter: string, text: string) => void;
  setOwnDigits: (own: OwnDigits | null) => void;
  useLine: (id: string) => void;
  editLine: (id: string) => void;
  stopEditing: () => void;
  useAnswer: (id: string) => void;
  removeLine: (id: string) => void;
  pinLine: (id: string, pinned: boolean) => void;
  noteLine: (id: string, note: string) => void;
  replaceAnswer: (id: string, answer: LineAnswer, inSettings: Settings) => void;
  clearTape: () => void;
  chooseForm: (id: FormId) => void;
  chooseTapeForm: (line: string, id: FormId) => void;
  /** Called with what came of the work that keys wait for. */
  land: (answered: TaskAnswer<'work'>) => void;
  /** Asks for the place that is to take or give a value. */
  ask: (asking: Asking | null) => void;
  /** Does something with a place of the Shelf. */
  remember: (operation: MemoryOperation, place: string, source?: Source | null) => void;
  /** Keeps what a text comes to. */
  keepAnswer: (place: string, answer: Pick<LineAnswer, 'saved' | 'full' | 'forms'>, from: string) => void;
  /** A level of the stack, counted from the top: copied onto the top, or put into the line. */
  pick: (level: number) => void;
  levelToLine: (level: number) => void;
  levelToColumn: (level: number, column: string | null) => void;
  resetSettings: () => void;
  putSettingsBack: () => void;
  learnForms: (items: readonly object[], forms: readonly (readonly SavedForm[])[]) => void;
  set: (settings: Partial<Settings>) => void;
  nextAngleUnit: () => void;
  offer: (offered: Shared | null) => void;
  openDrawer: (drawer: DrawerId) => void;
  openNotebook: (notebook: Notebook, isStart: boolean) => void;
  /** A function as the notebook keeps it: typed text with a point. */
  addFunction: (text: string) => void;
  changeFunction: (id: string, part: Partial<Omit<DrawnFunction, 'id'>>) => void;
  copyFunction: (id: string) => void;
  moveFunction: (id: string, by: 1 | -1) => void;
  removeFunction: (id: string) => void;
  clearFunctions: () => void;
  setView: (view: View | null) => void;
  setAxis: (which: 'x' | 'y', axis: Partial<Axis>) => void;
  setTable: (table: Partial<TableSettings>) => void;
  /** An empty table with one column, in sight. */
  addTable: () => void;
  putTable: (name: string, columns: readonly NewColumn[]) => void;
  nameTable: (id: string, name: string) => void;
  removeTable: (id: string) => void;
  openTable: (id: string) => void;
  addColumn: (table: string) => void;
  changeColumn: (id: string, part: Readonly<{ name?: string; unit?: string }>) => void;
  moveColumn: (id: string, by: 1 | -1) => void;
  emptyColumn: (id: string) => void;
  removeColumn: (id: string) => void;
  /** Typed text with a point; '' empties the cell. */
  setCell: (column: string, row: number, text: string) => void;
  /** An empty row, or cells of some columns alone; null for all of the table's. */
  insertRow: (table: string, row: number, columns: readonly string[] | null) => void;
  deleteRow: (table: string, row: number, columns: readonly string[] | null) => void;
  moveRow: (table: string, row: number, by: 1 | -1) => void;
  /** Place i takes the row `order[i]`. */
  orderRows: (table: string, columns: readonly string[] | null, order: readonly number[]) => void;
  setUse: (table: string, use: Partial<AnalysisOptions>) => void;
  /** Columns of values written over those of a table, from a cell on. */
  putCells: (table: string, column: string, row: number, columns: readonly NewColumn[]) => void;
  /** Below the last value of a column; null for the one that was last written into. */
  appendCell: (column: string | null, text: string) => void;
  /** A function over the points of two columns, the view and the names of the axes made for them. */
  layOver: (text: string, of: Readonly<{ x: DataColumn; y: DataColumn }>, view: View) => void;
  setPoints: (points: ShownPoints | null) => void;
  say: (notice: Notice | null) => void;
  /** Takes in what another tab wrote; `rebased` brings the steps of undo up to it. */
  takeIn: (kept: Kept, rebased: (document: Document) => Document, said: Notice | null) => void;
  /** Parts that were set aside: one put into the line to be worked again, one or all removed. */
  asideToLine: (id: string) => void;
  removeAside: (id: string | null) => void;
  setKeeping: (keeping: PersistenceStatus) => void;
}>;

export type Store = State & Actions;
export type AppStore = StoreApi<Store>;
export type Get = () => Store;
export type Change = (make: (state: State) => Partial<State>) => void;

export const INITIAL: State = {
  document: EMPTY_DOCUMENT,
  settings: DEFAULT_SETTINGS,
  drawer: 'pad',
  history: NO_HISTORY,
  live: { kind: 'empty' },
  asked: 0,
  chosen: null,
  reported: null,
  waiting: null,
  work: null,
  refused: null,
  asking: null,
  forms: { known: new WeakMap() },
  settingsBefore: null,
  recalled: null,
  pasteQuestion: null,
  offered: null,
  notice: null,
  spoken: '',
  keeping: { kind: 'kept' },
};

/** Cells of columns that are no longer there, or not as they were: a step that keeps them is alone in that. */
function cellsLost(before: Document, after: Document): number {
  const kept = new Set(after.columns.tables.flatMap(({ columns }) => columns.map(({ cells }) => cells)));
  return before.columns.tables
    .flatMap(({ columns }) => columns)
    .reduce((sum, { cells }) => sum + (kept.has(cells) ? 0 : cells.length), 0);
}

/** The change of the document with its step in the history; nothing when nothing changed. */
export function changed(state: State, name: StepName, document: Document): Partial<State> {
  if (document === state.document) return {};
  return {
    document,
    history: recorded(state.history, {
      name,
      before: state.document,
      sign: state.settings.display.decimalSign,
      ...(document.columns === state.document.columns ? {} : { weight: cellsLost(state.document, document) }),
    }),
    notice: null,
    pasteQuestion: null,
    refused: null,
  };
}

/** What a change of the line leaves in the log of its keys: one entry, a fresh log, or none. */
export type Logging = Readonly<{ entry: string | null } | { fresh: readonly string[] | null }>;

const loggedIn = ({ keyed }: Document, next: Line, how: Logging): readonly string[] | null =>
  'fresh' in how ? how.fresh : isEmptyLine(next) ? [] : logged(keyed, how.entry);

/** A new line also takes back what was said about the old one. */
export function written(state: State, name: StepName, made: Line, how: Logging): Partial<State> {
  const { document, settings } = state;
  const sign = settings.display.decimalSign;
  // What was too deep for boxes goes back to them as soon as it is not.
  const next = inView(made, settings.view, optionsOf(settings));
  const text = textOf(next, sign);
  if (text.length > MOST_TYPED) return { notice: notice('line-full'), pasteQuestion: null };
  const keyed = loggedIn(document, next, how);
  if (text === textOf(document.line, sign)) return { document: { ...document, line: next, keyed }, notice: null };
  const own = isEmptyLine(next) ? null : document.own;
  return {
    ...changed(state, name, { ...document, line: next, keyed, own }),
    reported: null,
    chosen: null,
    recalled: null,
  };
}
