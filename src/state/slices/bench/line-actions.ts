import type { Problem } from '@/core/base/problem';
import { chosenForm } from '@/core/format/form';
import {
  caretOf,
  changed as changedLine,
  emptyLine,
  emptyPlace,
  insertText,
  isEmptyLine,
  MOST_TYPED,
  lineOf,
  pointedAt,
  withCaretAt,
} from '@/core/line/line';
import type { Line, LineAction } from '@/core/line/line';
import { selectOperand } from '@/core/line/edits';
import { pasteChoices } from '@/core/language/separators';
import { keep } from '@/core/memory/shelf';
import type { KeyAction } from '@/keys/catalogue';
import { caretEntry, entryOf, putEntry } from '@/keys/log';
import { isLineAction } from '@/keys/press';
import { lineText, optionsOf } from './reading';
import type { Document } from '@/state/slices/parts';
import { recorded, redone, undone } from '@/state/kernel/history';
import type { BenchActions } from './actions';
import { notice } from '@/state/slices/notice';
import { sharedLineText, tapeLineText } from './notation';
import { changed } from '@/state/slices/state';
import { WITHOUT_LINE, written } from './written';
import type { Change, Get, State } from '@/state/slices/state';
import { levelPicked, levelToColumn, levelToLine, pasted, runningPressed, stackPressed } from './keyed-actions';
import { nextForm } from './next-form';
import { isToBeSolved, withoutLastEquals } from './relations';
import { chosenRegister, memoryPressed, storedText } from '@/state/slices/shelf/actions';
import { travelled } from './travel';
import { withShelf } from '@/state/slices/shelf/change';
import { finishedLine, usesAns } from '@/state/slices/tape/line';
import { learnt } from './forms';
import { answerInSight, noForms } from './moment';
import { begins, multiplied, multiplies } from './number-end';

/** A stroke as the settings have it. */
const asSet = (action: LineAction, { settings }: State): LineAction =>
  action.type === 'type' && action.text === '/' && settings.slash === 'divide'
    ? { type: 'operate', text: '÷' }
    : action;

/** An older or a newer line of the tape, in a line that is empty or as it was brought. */
function recalling(state: State, isOlder: boolean): Partial<State> | null {
  const { document, settings, recalled } = state;
  const isAsBrought = recalled !== null && recalled.line === document.line;
  if (!isEmptyLine(document.line) && !isAsBrought) return null;
  const back = (isAsBrought ? recalled.back : 0) + (isOlder ? 1 : -1);
  if (back > document.tape.length || back < 0) return {};
  const found = document.tape.at(-back);
  const line =
    back === 0 || found === undefined
      ? emptyLine(settings.view)
      : lineOf(tapeLineText(found, settings), settings.view, optionsOf(settings));
  const fresh = back === 0 || found === undefined ? [] : found.keys.length === 0 ? null : found.keys;
  return { ...written(state, 'use-line', line, { fresh }, found?.tried), recalled: { back, line } };
}

/** Puts the answered line on the tape; a problem stays under the line, with the caret in the box that is empty, if one is. */
export function finish(state: State, now: number): Partial<State> {
  const { document, live, settings } = state;
  if (live.kind === 'problem') {
    const options = optionsOf(settings);
    const empty = emptyPlace(document.line, live.problem.at.from, options);
    // Anywhere else the next key would go on writing in the middle; the place is set off in the sentence.
    const line =
      empty !== null && document.line.kind === 'boxed' ? pointedAt(document.line, empty, false) : document.line;
    // A problem of its own each time: what is asked for again is told again.
    return { document: { ...document, line }, reported: { ...live.problem } };
  }
  if (live.kind !== 'answer') return {};
  const { answer } = live;
  const finished = finishedLine(state, answer);
  const form = chosenForm(finished);
  const shelf =
    answer.target === null || answer.saved === null
      ? document.shelf
      : keep(document.shelf, answer.target, {
          value: answer.saved,
          full: answer.full,
          from: storedText(lineText(state), settings),
          typed: form.typed,
          exact: form.exact,
          line: finished.id,
          at: now,
        });
  const edited = document.tape.findIndex((l) => l.id === document.editing);
  const isLast = edited < 0 || edited === document.tape.length - 1;
  const next: Document = {
    ...withShelf(document, shelf),
    line: emptyLine(settings.view),
    ...WITHOUT_LINE,
    keyed: [],
    editing: null,
    tape: edited < 0 ? [...document.tape, finished] : document.tape.with(edited, finished),
    ans: isLast ? (answer.saved ?? document.ans) : document.ans,
  };
  return {
    ...changed(state, edited < 0 ? 'answer' : 'edit-line', next),
    ...(edited < 0 ? {} : { notice: notice('line-replaced', '', true) }),
    live: { kind: 'empty' },
    chosen: null,
    reported: null,
    recalled: null,
    spoken: `${form.exact ? '=' : '≈'} ${form.text}`,
  };
}

/** Whether the same work may come out the next time. */
const mayComeOut = (problem: Problem): boolean =>
  problem.code === 'internal' || (problem.code === 'stopped' && problem.reason === undefined);

/** Whether what the next key would do depends on something that is being worked out. */
const isBusy = ({ work, live, settings, document }: State): boolean =>
  work !== null || (settings.style === 'written' && live.kind === 'working' && !isEmptyLine(document.line));

/** `=` on an empty line after one that used Ans: that line again, going on from its own answer. */
function repeated(state: State): Partial<State> {
  const last = state.document.tape.at(-1);
  if (last === undefined || !usesAns(last)) return {};
  const { settings } = state;
  const line = lineOf(tapeLineText(last, settings), settings.view, optionsOf(settings));
  return {
    ...written(state, 'typing', line, { fresh: last.keys.length === 0 ? null : last.keys }, last.tried),
    waiting: [{ type: 'answer' }],
  };
}

/** What is done to the line being written. */
export function benchActions(change: Change, get: Get, clock: () => number): BenchActions {
  const onLine = (action: LineAction): void =>
    change((state) => {
      const { document, settings } = state;
      const meant = asSet(action, state);
      if (begins(state, meant)) {
        const fresh = changedLine(emptyLine(settings.view), meant, optionsOf(settings));
        if (fresh !== null)
          return written(state, 'typing', fresh, { fresh: [entryOf(meant)].filter((e) => e !== null) });
      }
      if (multiplies(state, meant)) return multiplied(state, meant);
      const isVertical = meant.type === 'edit' && (meant.command === 'moveUp' || meant.command === 'moveDown');
      const next = changedLine(document.line, meant, optionsOf(settings));
      if (next === null && isVertical) return recalling(state, meant.command === 'moveUp') ?? {};
      const isClear = meant.type === 'edit' && meant.command === 'clear';
      const drawer = settings.backToPad && meant.type !== 'edit' ? { drawer: 'pad' as const } : {};
      if (next === null) return drawer;
      const entry = entryOf(meant);
      return { ...written(state, isClear ? 'clear-line' : 'typing', next, { entry }), ...drawer };
    });

  const inLine = (action: KeyAction): void => {
    if (isLineAction(action)) return onLine(action);
    if (action.type !== 'answer') return undefined;
    const { document } = get();
    if (isEmptyLine(document.line)) return change(repeated);
    const shorter = withoutLastEquals(get());
    if (shorter !== null) {
      change(() => shorter);
      return inLine(action);
    }
    if (isToBeSolved(get()))
      return change(({ solving }) => ({ waiting: [action], solving: solving === 'shown' ? 'put' : 'wanted' }));
    return change((state) => {
      const { live } = state;
      if (live.kind === 'working') return { waiting: [action] };
      // What took too long, or failed inside, may come out the next time: it is asked for once more.
      const isAgain = live.kind === 'problem' && mayComeOut(live.problem);
      return isAgain
        ? { asked: state.asked + 1, live: { kind: 'working', last: null }, waiting: [action] }
        : finish(state, clock());
    });
  };

  const perform = (action: KeyAction): void => {
    const chosen = chosenRegister(get(), action, clock());
    if (chosen !== null) return change(() => chosen);
    if (get().asking !== null) change(() => ({ asking: null }));
    switch (action.type) {
      case 'undo':
        return change((state) => travelled(state, undone, 'undone'));
      case 'redo':
        return change((state) => travelled(state, redone, 'redone'));
      case 'memory':
      case 'total':
      case 'clearAll':
      case 'pick':
        // What the line comes to has to be known before it can be kept.
        return change((state) => (isBusy(state) ? { waiting: [action] } : memoryPressed(state, action, clock())));
      default: {
        const { settings } = get();
        if (settings.style === 'written') return inLine(action);
        const pressed = settings.style === 'running' ? runningPressed : stackPressed;
        const drawer = settings.backToPad && isLineAction(action) ? { drawer: 'pad' as const } : {};
        return change((state) => ({ refused: null, ...pressed(state, action), ...drawer }));
      }
    }
  };

  const press = (action: KeyAction): void => {
    const { waiting } = get();
    if (waiting !== null) change(() => ({ waiting: [...waiting, action] }));
    else perform(action);
  };

  /** Works off the keys that came while something was being worked out. */
  const drain = (): void => {
    const { waiting, live, solving } = get();
    if (waiting === null || isBusy(get()) || solving === 'wanted' || solving === 'put') return;
    const [first, ...rest] = waiting;
    change(() => ({ waiting: null }));
    if (first === undefined) return;
    if (first.type === 'answer' && get().settings.style === 'written') {
      change((state) => finish(state, clock()));
      // Keys meant for the line after this one would only hide what is wrong with it.
      if (live.kind !== 'answer') return;
    } else perform(first);
    rest.forEach(press);
  };

  const putText = (state: State, text: string): Partial<State> =>
    // What is longer is not read first: that alone would take long.
    text.length > MOST_TYPED
      ? { notice: notice('line-full'), pasteQuestion: null }
      : state.settings.style !== 'written'
        ? pasted(state, text)
        : written(state, 'paste', insertText(state.document.line, text, optionsOf(state.settings)), {
            entry: putEntry(text),
          });

  const withLine = (make: (line: Line, state: State) => Partial<State>): void =>
    change((state) => (state.waiting === null ? make(state.document.line, state) : {}));
  const withText = (text: string, make: (line: Line, state: State) => Partial<State>): void =>
    withLine((line, state) => (text.length > MOST_TYPED ? { notice: notice('line-full') } : make(line, state)));

  return {
    press,
    retype: (text, caret, anchor) =>
      withText(text, (line, state) =>
        line.kind === 'typed'
          ? written(
              state,
              'typing',
              { kind: 'typed', text, caret: Math.min(caret, text.length), anchor: Math.min(anchor, text.length) },
              { fresh: null },
            )
          : written(state, 'typing', lineOf(text, 'boxed', optionsOf(state.settings), caret), { fresh: null }),
      ),
    point: (place, extends_) =>
      withLine((line, state) => {
        if (line.kind !== 'boxed') return {};
        const next = pointedAt(line, place, extends_);
        const offset = caretOf(next, state.settings.display.decimalSign);
        return written(state, 'typing', next, { entry: extends_ ? null : caretEntry(offset) });
      }),
    selectAt: (place) =>
      withLine((line, state) => {
        if (line.kind !== 'boxed') return {};
        const next = selectOperand(pointedAt(line, place, false), optionsOf(state.settings));
        return next === null ? {} : { document: { ...state.document, line: next } };
      }),
    caretTo: (offset) =>
      withLine((line, state) => {
        const next = withCaretAt(line, offset, optionsOf(state.settings));
        return written(state, 'typing', next, { entry: caretEntry(offset) });
      }),
    finishSolved: (answer) => {
      const [, ...rest] = get().waiting ?? [];
      change((state) => ({
        ...finish({ ...state, live: { kind: 'answer', answer, of: lineText(state) } }, clock()),
        solving: 'idle',
        waiting: null,
      }));
      rest.forEach(press);
    },
    canSolve: (can) => change(({ solving }) => ({ solving: can ? (solving === 'off' ? 'idle' : solving) : 'off' })),
    // Keys meant for the line after this one would only hide that it has no solution.
    showSolved: () =>
      change(({ solving }) => (solving === 'wanted' || solving === 'put' ? { solving: 'shown', waiting: null } : {})),
    openShared: (shared) =>
      change((state) => {
        const { settings, document } = state;
        const text = sharedLineText(shared, settings);
        if (text.length > MOST_TYPED) return { offered: null, notice: notice('link-too-long') };
        const { angle, complex, impliedFirst } = shared;
        const worked = { ...settings, angle, complex, impliedFirst, style: 'written' as const };
        const next: Document = {
          ...document,
          line: lineOf(text, settings.view, optionsOf(worked)),
          keyed: shared.keys.length === 0 ? null : shared.keys,
          own: shared.own,
          editing: null,
        };
        return {
          document: next,
          settings: worked,
          // The settings go with the line: one step takes all of it back.
          history: recorded(state.history, {
            name: 'shared-line',
            before: document,
            sign: settings.display.decimalSign,
            settings,
          }),
          formsCache: noForms(),
          offered: null,
          notice: notice('line-shared', '', true),
          reported: null,
          refused: null,
          chosen: null,
          recalled: null,
          asking: null,
          pasteQuestion: null,
        };
      }),
    respan: (from, to, text) =>
      withText(text, (line, state) => {
        const old = lineText(state);
        const result = old.slice(0, from) + text + old.slice(to);
        const next = lineOf(result, line.kind, optionsOf(state.settings), from + text.length);
        return written(state, 'typing', next, { fresh: [putEntry(result)] });
      }),
    rewrite: (text, step) =>
      withText(text, (line, state) =>
        written(state, step, lineOf(text, line.kind, optionsOf(state.settings)), { fresh: [putEntry(text)] }),
      ),
    paste: (text, isTyped = false) =>
      change((state) => {
        const clean = text.replace(/[\r\n]+/g, ' ').trim();
        const choices = isTyped ? [] : pasteChoices(clean, state.settings.display.decimalSign);
        if (choices.length > 0) return { pasteQuestion: { pasted: clean, choices } };
        return putText(state, clean);
      }),
    choosePaste: (choice) =>
      change((state) => {
        const question = state.pasteQuestion;
        if (question === null) return {};
        return { ...putText(state, choice?.typed ?? question.pasted), pasteQuestion: null };
      }),
    working: () =>
      change(({ live, document }) => {
        if (isEmptyLine(document.line)) return { live: { kind: 'empty' } };
        return { live: { kind: 'working', last: answerInSight(live) } };
      }),
    land: (answered) => {
      const { work } = get();
      if (work === null || answered === 'superseded') return;
      if (answered.ok) {
        change((state) => ({ ...work.land(state, answered.value), work: null }));
        drain();
        return;
      }
      const { problem } = answered;
      change(() => ({
        work: null,
        waiting: null,
        refused: { problem, text: work.request.text },
      }));
    },
    settle: (answered, of) => {
      if (answered === 'superseded' || lineText(get()) !== of) return;
      change(() => ({
        live: answered.ok
          ? { kind: 'answer', answer: answered.value, of }
          : { kind: 'problem', problem: answered.problem, of },
      }));
      drain();
    },
    tryValue: (letter, text) =>
      change(({ document }) =>
        text.length > MOST_TYPED
          ? { notice: notice('line-full') }
          : { document: { ...document, tries: { ...document.tries, [letter]: text } } },
      ),
    setOwnDigits: (own) =>
      change((state) => changed(state, 'digits', { ...state.document, own }, 'digits of the line')),
    chooseForm: (chosen) => change(() => ({ chosen })),
    nextForm: (isBack) => change((state) => nextForm(state, isBack)),
    pick: (level) => change((state) => ({ asking: null, ...levelPicked(state, level) })),
    levelToLine: (level) => change((state) => levelToLine(state, level)),
    levelToColumn: (level, column) => change((state) => levelToColumn(state, level, column)),
    learnForms: (items, forms) => change((state) => ({ formsCache: learnt(state, items, forms) })),
  };
}
