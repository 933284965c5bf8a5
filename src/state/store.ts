import { create } from 'zustand';
import { angleUnits } from '@/core/base/angle';
import type { Problem } from '@/core/base/problem';
import type { FormId } from '@/core/format/form';
import * as line from '@/core/line/line';
import type { Line } from '@/core/line/line';
import { pasteChoices } from '@/core/line/pasted';
import type { PasteChoice } from '@/core/line/pasted';
import * as memory from '@/core/memory/letters';
import type { Notebook, Settings } from '@/core/notebook/schema';
import type { LineAnswer } from '@/workers/answer';
import type { Answered } from '@/workers/client';
import { isLineAction, pressed } from '@/keys/press';
import type { KeyAction } from '@/keys/catalogue';
import type { DrawerId } from '@/keys/decks';
import { DEFAULT_SETTINGS, EMPTY_DOCUMENT, fromNotebook } from './document';
import type { Document } from './document';
import { NO_HISTORY, recorded, redone, undone } from './history';
import type { History, StepName } from './history';
import { notice } from './notice';
import type { Notice } from './notice';
import { respell } from './respell';
import { finishedLine, operandFor } from './tape';

/** What is known of the line being written. `of` tells for which text, so that an old answer is seen to be old. */
export type Live =
  | Readonly<{ kind: 'empty' }>
  | Readonly<{ kind: 'working'; last: LineAnswer | null }>
  | Readonly<{ kind: 'answer'; answer: LineAnswer; of: string }>
  | Readonly<{ kind: 'problem'; problem: Problem; of: string }>;

/** Whether what is here is also kept on the device. */
export type Keeping =
  | Readonly<{ kind: 'kept' }>
  | Readonly<{ kind: 'refused' }>
  /** The device did not let it be read, so it is not written over either. */
  | Readonly<{ kind: 'unreadable' }>
  /** What was found did not validate; it was set aside whole under this name. */
  | Readonly<{ kind: 'damaged'; raw: string; setAsideAs: string | null }>;

export type State = Readonly<{
  document: Document;
  settings: Settings;
  drawer: DrawerId;
  history: History<Document>;
  live: Live;
  /** The form chosen for the line being written. */
  chosen: FormId | null;
  /** The problem that stands under the line after `=`. */
  reported: Problem | null;
  /** Keys that came while a line was being answered. */
  waiting: readonly KeyAction[] | null;
  pasteQuestion: Readonly<{ pasted: string; choices: readonly PasteChoice[] }> | null;
  notice: Notice | null;
  /** Said by a screen reader. */
  spoken: string;
  keeping: Keeping;
}>;

type Actions = Readonly<{
  press: (action: KeyAction) => void;
  retype: (text: string, caret: number, anchor: number) => void;
  paste: (text: string) => void;
  choosePaste: (choice: PasteChoice | null) => void;
  /** Called by the live loop with what the worker said. */
  settle: (answered: Answered, of: string) => void;
  working: () => void;
  useLine: (id: string) => void;
  useAnswer: (id: string) => void;
  removeLine: (id: string) => void;
  clearTape: () => void;
  chooseForm: (id: FormId) => void;
  chooseTapeForm: (line: string, id: FormId) => void;
  keep: (letter: string) => void;
  recall: (letter: string) => void;
  clearLetter: (letter: string) => void;
  clearLetters: () => void;
  set: (settings: Partial<Settings>) => void;
  nextAngleUnit: () => void;
  openDrawer: (drawer: DrawerId) => void;
  openNotebook: (notebook: Notebook, isStart: boolean) => void;
  say: (notice: Notice | null) => void;
  setKeeping: (keeping: Keeping) => void;
}>;

export type Store = State & Actions;

const INITIAL: State = {
  document: EMPTY_DOCUMENT,
  settings: DEFAULT_SETTINGS,
  drawer: 'pad',
  history: NO_HISTORY,
  live: { kind: 'empty' },
  chosen: null,
  reported: null,
  waiting: null,
  pasteQuestion: null,
  notice: null,
  spoken: '',
  keeping: { kind: 'kept' },
};

/** The change of the document with its step in the history; nothing when nothing changed. */
function changed(state: State, name: StepName, document: Document): Partial<State> {
  if (document === state.document) return {};
  return { document, history: recorded(state.history, name, state.document), notice: null, pasteQuestion: null };
}

/** A new line text also takes back what was said about the old one. */
function written(state: State, name: StepName, next: Line): Partial<State> {
  if (next.text.length > line.MOST_TYPED) return { notice: notice('line-full'), pasteQuestion: null };
  if (next.text === state.document.line.text) return { document: { ...state.document, line: next }, notice: null };
  return { ...changed(state, name, { ...state.document, line: next }), reported: null, chosen: null };
}

/** The line as a letter remembers it: with a point, whatever the decimal sign. */
function storedText({ document, settings }: State): string {
  const now = { decimalSign: settings.display.decimalSign, impliedFirst: settings.impliedFirst };
  return respell(document.line.text, now, { ...now, decimalSign: '.' });
}

/** The store: state and the actions on it. Evaluation and keeping on the device are joined to it from outside. */
export const createStore = () =>
  create<Store>()((set, get) => {
    const change = (make: (state: State) => Partial<State>) => set((state) => make(state));

    /** Puts the answered line on the tape; a problem stays under the line, with the caret at its place. */
    const finish = (state: State): Partial<State> => {
      const { document, live } = state;
      if (live.kind === 'problem') {
        const at = Math.min(live.problem.at.from, document.line.text.length);
        return { document: { ...document, line: line.lineOf(document.line.text, at) }, reported: live.problem };
      }
      if (live.kind !== 'answer') return {};
      const { answer } = live;
      const finished = finishedLine(state, answer);
      const [form] = finished.forms.filter((f) => f.id === finished.chosen);
      const letters =
        answer.target === null || answer.saved === null
          ? document.letters
          : memory.keep(document.letters, answer.target, {
              value: answer.saved,
              full: answer.full,
              from: storedText(state),
              typed: form!.typed,
              exact: form!.exact,
            });
      const next: Document = {
        line: line.EMPTY_LINE,
        tape: [...document.tape, finished],
        letters,
        ans: answer.saved ?? document.ans,
      };
      return {
        ...changed(state, 'answer', next),
        live: { kind: 'empty' },
        chosen: null,
        reported: null,
        spoken: `${form!.exact ? '=' : '≈'} ${form!.text}`,
      };
    };

    const travel = (state: State, step: typeof undone<Document>, code: 'undone' | 'redone'): Partial<State> => {
      const moved = step(state.history, state.document);
      if (moved === null) return {};
      const isTyping = moved.name === 'typing';
      return {
        document: moved.now,
        history: moved.history,
        reported: null,
        chosen: null,
        notice: isTyping ? null : notice(code, moved.name),
      };
    };

    const perform = (action: KeyAction): void => {
      if (isLineAction(action)) {
        change((state) => {
          const next = pressed(state.document.line, action, state.settings.display.decimalSign);
          const isClear = action.type === 'edit' && action.command === 'clear';
          const drawer = state.settings.backToPad && action.type !== 'edit' ? { drawer: 'pad' as const } : {};
          return next === null ? drawer : { ...written(state, isClear ? 'clear-line' : 'typing', next), ...drawer };
        });
        return;
      }
      switch (action.type) {
        case 'undo':
          return change((state) => travel(state, undone, 'undone'));
        case 'redo':
          return change((state) => travel(state, redone, 'redone'));
        case 'answer': {
          const { live, document } = get();
          if (live.kind === 'working') set({ waiting: [] });
          else if (document.line.text.trim() !== '') change(finish);
        }
      }
    };

    /** Works off the keys that came while a line was being answered. */
    const drain = (): void => {
      const { waiting } = get();
      if (waiting === null || get().live.kind === 'working') return;
      const isAnswered = get().live.kind === 'answer';
      set({ waiting: null });
      change(finish);
      // Keys meant for the line after this one would only hide what is wrong with it.
      if (!isAnswered) return;
      waiting.forEach((action, i) => {
        if (get().waiting === null) perform(action);
        else set({ waiting: [...(get().waiting ?? []), ...waiting.slice(i)] });
      });
    };

    return {
      ...INITIAL,
      press: (action) => {
        const { waiting } = get();
        if (waiting !== null) set({ waiting: [...waiting, action] });
        else perform(action);
      },
      retype: (text, caret, anchor) =>
        change((state) => (state.waiting === null ? written(state, 'typing', { text, caret, anchor }) : {})),
      paste: (text) =>
        change((state) => {
          const clean = text.replace(/[\r\n]+/g, ' ').trim();
          const next = line.insert(state.document.line, clean);
          const choices = pasteChoices(clean, state.settings.display.decimalSign);
          if (choices.length > 0) return { pasteQuestion: { pasted: clean, choices } };
          return written(state, 'paste', next);
        }),
      choosePaste: (choice) =>
        change((state) => {
          const question = state.pasteQuestion;
          if (question === null) return {};
          const text = choice?.typed ?? question.pasted;
          return { ...written(state, 'paste', line.insert(state.document.line, text)), pasteQuestion: null };
        }),
      working: () =>
        change(({ live, document }) => {
          if (document.line.text.trim() === '') return { live: { kind: 'empty' } };
          const last = live.kind === 'answer' ? live.answer : live.kind === 'working' ? live.last : null;
          return { live: { kind: 'working', last } };
        }),
      settle: (answered, of) => {
        if (answered === 'superseded' || get().document.line.text !== of) return;
        set({
          live: answered.ok
            ? { kind: 'answer', answer: answered.value, of }
            : { kind: 'problem', problem: answered.problem, of },
        });
        drain();
      },
      useLine: (id) =>
        change((state) => {
          const found = state.document.tape.find((l) => l.id === id);
          if (found === undefined) return {};
          const text = respell(found.text, found, {
            ...state.settings,
            decimalSign: state.settings.display.decimalSign,
          });
          return written(state, 'use-line', line.lineOf(text));
        }),
      useAnswer: (id) =>
        change((state) => {
          const found = state.document.tape.find((l) => l.id === id);
          // True and false cannot be gone on from.
          if (found?.value == null) return {};
          const operand = operandFor(found, state.settings.display.decimalSign);
          if (operand !== null) return written(state, 'use-answer', line.insert(state.document.line, operand));
          const document = { ...state.document, ans: found.value, line: line.insert(state.document.line, 'Ans') };
          const shown = found.forms.find((f) => f.id === found.chosen)?.text ?? '';
          return { ...changed(state, 'use-answer', document), reported: null, notice: notice('ans-set', shown, true) };
        }),
      removeLine: (id) =>
        change((state) => ({
          ...changed(state, 'remove-line', { ...state.document, tape: state.document.tape.filter((l) => l.id !== id) }),
          notice: notice('line-removed', '', true),
        })),
      clearTape: () =>
        change((state) =>
          state.document.tape.length === 0
            ? {}
            : {
                ...changed(state, 'clear-tape', { ...state.document, tape: [] }),
                notice: notice('tape-cleared', '', true),
              },
        ),
      chooseForm: (chosen) => set({ chosen }),
      chooseTapeForm: (lineId, chosen) =>
        change((state) => {
          const tape = state.document.tape.map((l) => (l.id === lineId ? { ...l, chosen } : l));
          return changed(state, 'choose-form', { ...state.document, tape });
        }),
      keep: (letter) =>
        change((state) => {
          const source = keepable(state);
          if (source === null) return { notice: notice('nothing-to-keep') };
          const letters = memory.keep(state.document.letters, letter, source);
          return {
            ...changed(state, 'keep', { ...state.document, letters }),
            notice: notice('letter-kept', letter, true),
          };
        }),
      recall: (letter) => change((state) => written(state, 'typing', line.insert(state.document.line, letter))),
      clearLetter: (letter) =>
        change((state) => {
          const letters = memory.clearLetter(state.document.letters, letter);
          return {
            ...changed(state, 'clear-letter', { ...state.document, letters }),
            notice: notice('letter-cleared', letter, true),
          };
        }),
      clearLetters: () =>
        change((state) => ({
          ...changed(state, 'clear-letters', { ...state.document, letters: {} }),
          notice: notice('letters-cleared', '', true),
        })),
      set: (settings) =>
        change((state) => {
          const next = { ...state.settings, ...settings };
          const before = { ...state.settings, decimalSign: state.settings.display.decimalSign };
          const text = respell(state.document.line.text, before, { ...next, decimalSign: next.display.decimalSign });
          const isSame = text === state.document.line.text;
          return {
            settings: next,
            ...(isSame ? {} : { document: { ...state.document, line: line.lineOf(text) } }),
            reported: null,
          };
        }),
      nextAngleUnit: () => {
        const at = angleUnits.indexOf(get().settings.angle);
        get().set({ angle: angleUnits[(at + 1) % angleUnits.length]! });
      },
      openDrawer: (drawer) => set({ drawer }),
      openNotebook: (notebook, isStart) =>
        change((state) => ({
          ...(isStart
            ? { document: fromNotebook(notebook) }
            : {
                ...changed(state, 'open-notebook', fromNotebook(notebook)),
                notice: notice('notebook-opened', '', true),
              }),
          settings: notebook.settings,
          reported: null,
          chosen: null,
        })),
      say: (said) => set({ notice: said }),
      setKeeping: (keeping) => set({ keeping }),
    };

    /** What *keep* would keep: the value of the line being written, else the last answer. */
    function keepable(state: State): Document['letters'][string] | null {
      const { live, document, chosen } = state;
      if (live.kind === 'answer') {
        if (live.answer.saved === null) return null;
        const form = live.answer.forms.find((f) => f.id === chosen) ?? live.answer.forms[0]!;
        return {
          value: live.answer.saved,
          full: live.answer.full,
          from: storedText(state),
          typed: form.typed,
          exact: form.exact,
        };
      }
      const last = document.tape.at(-1);
      if (document.ans === null || last?.value == null || document.line.text.trim() !== '') return null;
      const form = last.forms.find((f) => f.id === last.chosen)!;
      return { value: last.value, full: last.full, from: last.text, typed: form.typed, exact: form.exact };
    }
  });
