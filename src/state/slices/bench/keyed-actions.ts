import { itemAt } from '@/core/base/item';
import { meaningOf } from '@/core/keyed/operation';
import { Builder, plainOperand } from '@/core/keyed/operand';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import type { Operand } from '@/core/keyed/operand';
import { withSpan } from '@/core/base/problem';
import { isReadable, treeOf } from '@/core/keyed/entry';
import { insertText } from '@/core/line/line';
import { currentOf } from '@/core/running/chain';
import { given, named as namedInRunning, runningAfter } from '@/core/running/running';
import type { RunningKey, RunningOutcome } from '@/core/running/running';
import type { Running } from '@/core/running/state';
import { entered, picked, pushed, stackAfter, stackDone } from '@/core/stack/stack';
import type { StackResult as StackOutcome } from '@/core/stack/stack';
import { LONGEST_CELL } from '@/core/notebook/columns';
import type { SavedValue } from '@/core/notebook/value-codec';
import type { KeyAction } from '@/keys/catalogue';
import { putEntry } from '@/keys/log';
import { isLineAction } from '@/keys/press';
import type { LineAnswer } from '@/workers/answer';
import { appended } from '@/state/slices/columns/actions';
import { withForms } from './moment';
import { optionsOf } from './reading';
import type { Document, StepName } from '@/state/slices/parts';
import { named } from './named';
import { notice } from '@/state/slices/notice';
import { closedText, shortText } from './substitution';
import { changed } from '@/state/slices/state';
import { written } from './written';
import type { State } from '@/state/slices/state';
import { stepLine } from '@/state/slices/tape/line';
import { formatTree, formatOperand, workOn } from './work';

/** What a key changes in the Running and Stack styles; an empty change where it means nothing. */

export const runningSettings = ({ settings }: Pick<State, 'settings'>) => ({
  order: settings.order,
  impliedFirst: settings.impliedFirst,
});

const known = (state: State, holder: object | null | undefined, answer: LineAnswer): State['formsCache'] =>
  holder ? withForms(state.formsCache, [[holder, answer.forms]]) : state.formsCache;

const said = ({ forms }: LineAnswer): string => {
  const form = itemAt(forms, 0);
  return `${form.exact ? '=' : '≈'} ${form.text}`;
};

function afterRunning(
  state: State,
  outcome: RunningOutcome<SavedValue>,
  action: KeyAction,
  name: StepName,
): Partial<State> {
  if (outcome === null) return {};
  const withRunning = (document: Document, running: Running<SavedValue>): Document => ({ ...document, running });
  if (outcome.kind === 'refused') return refused({ ...outcome.problemData, at: { from: 0, to: 0 } }, '');
  if (outcome.kind === 'done') return changed(state, name, withRunning(state.document, outcome.running));
  const { work, land, step, again } = outcome;
  const waits = workOn(state, work, (now, answer) => {
    const running = land(answer.saved, shortText(answer));
    const document = withRunning(now.document, running);
    const line = step && stepLine(now, formatTree(work.written, now.settings), answer, step.addition);
    const result = line === null ? document : { ...document, tape: [...document.tape, line], ans: answer.saved };
    return {
      ...changed(now, 'operation', result),
      formsCache: known(now, running.shown, answer),
      spoken: said(answer),
    };
  });
  return again ? { ...waits, waiting: [action] } : waits;
}

function runningKey(action: KeyAction): RunningKey | null {
  if (action.type === 'answer') return { kind: 'equals' };
  if (action.type === 'entry') return { kind: action.operation };
  return isLineAction(action) ? meaningOf(action) : null;
}

const refused = (problem: NonNullable<State['refused']>['problem'], text: string): Partial<State> => ({
  refused: { problem, text },
  notice: null,
});

/** A key of the Running style. */
export function runningPressed(state: State, action: KeyAction): Partial<State> {
  const { running } = state.document;
  const settings = runningSettings(state);
  if (action.type === 'toLine') return toLine(state, currentOf(running));
  if (action.type === 'toColumn') return toColumn(state, currentOf(running), null);
  const key = runningKey(action);
  if (key === null) return {};
  if (key.kind !== 'name')
    return afterRunning(
      state,
      runningAfter(running, key, settings),
      action,
      key.kind === 'clear'
        ? 'clear-running'
        : key.kind === 'operation' || key.kind === 'equals'
          ? 'operation'
          : 'typing',
    );
  const operand = named(state, key.tree);
  if (!operand.ok) return refused(operand.problem, formatTree(key.tree, state.settings));
  if (runningAfter(running, key, settings) === null) return {};
  return afterRunning(state, namedInRunning(running, operand.value, settings), action, 'typing');
}

function afterStack(state: State, outcome: StackOutcome<SavedValue>, name: StepName): Partial<State> {
  if (outcome === null) return {};
  switch (outcome.kind) {
    case 'refused':
      return refused({ ...outcome.problemData, at: { from: 0, to: 0 } }, '');
    case 'done':
      return changed(state, name, { ...state.document, stack: outcome.stack });
    case 'work':
      return workOn(state, outcome.work, (now, answer) => {
        const stack = outcome.land(answer.saved, shortText(answer));
        return {
          ...changed(now, 'operation', { ...now.document, stack }),
          formsCache: known(now, stack.levels.at(-1), answer),
          spoken: said(answer),
        };
      });
  }
}

/** A key of the Stack style. */
export function stackPressed(state: State, action: KeyAction): Partial<State> {
  const { document, settings } = state;
  const { stack } = document;
  const { depth } = settings;
  switch (action.type) {
    case 'stack':
      return afterStack(
        state,
        stackDone(stack, action.operation, depth),
        action.operation === 'clearStack' ? 'clear-stack' : 'operation',
      );
    case 'entry':
      return afterStack(
        state,
        stackDone(stack, action.operation, depth),
        action.operation === 'negate' ? 'operation' : 'typing',
      );
    case 'toLine':
      return levelToLine(state, 1);
    case 'toColumn':
      return levelToColumn(state, 1, null);
    default: {
      const meaning = isLineAction(action) ? meaningOf(action) : null;
      if (meaning === null) return {};
      if (meaning.kind !== 'name')
        return afterStack(
          state,
          stackAfter(stack, meaning, depth),
          meaning.kind === 'operation' ? 'operation' : 'typing',
        );
      const operand = named(state, meaning.tree);
      if (!operand.ok) return refused(operand.problem, formatTree(meaning.tree, settings));
      return changed(state, 'operation', { ...document, stack: pushed(stack, operand.value, depth) });
    }
  }
}

export const levelPicked = (state: State, level: number): Partial<State> =>
  afterStack(state, picked(state.document.stack, level, state.settings.depth), 'operation');

/** An operand at the end of what the Running or Stack style does with a value that was recalled. */
export function recalledInto(
  state: State,
  operand: Operand<SavedValue>,
  give: (r: Running<SavedValue>) => Running<SavedValue>,
) {
  const { document, settings } = state;
  return settings.style === 'running'
    ? changed(state, 'operation', { ...document, running: give(document.running) })
    : changed(state, 'operation', { ...document, stack: pushed(document.stack, operand, settings.depth) });
}

/** A pasted number or expression, as the number shown or as a level. */
export function pasted(state: State, text: string): Partial<State> {
  const reading = parse(text, optionsOf(state.settings));
  if (!reading.ok) return refused(reading.problem, text);
  const told = printText(reading.value.tree, TYPED);
  // The core's own spelling can have more parts than what was pasted; one that is too long could not be opened again.
  if (!isReadable(told)) {
    return refused(withSpan({ code: 'syntax', reason: 'too-long' }, reading.value.tree.span), text);
  }
  const operand = plainOperand(told);
  return recalledInto(state, operand, (running) => given(running, operand));
}

/** The document with the number being keyed ended: it was kept, and the next digit begins another. */
export function ended(document: Document, { style, depth }: State['settings']): Document {
  const { running, stack } = document;
  if (style === 'running' && running.entry !== '')
    return { ...document, running: { ...running, entry: '', shown: currentOf(running) } };
  return style === 'stack' && stack.entry !== '' ? { ...document, stack: entered(stack, depth) } : document;
}

/** A level counted from the top. */
export const levelOf = ({ document, settings }: State, level: number): Operand<SavedValue> | undefined =>
  entered(document.stack, settings.depth).levels.at(-level);

/** Puts how a value was made into the Written line, in brackets where the line needs them. */
function toLine(state: State, operand: Operand<SavedValue>): Partial<State> {
  const tree = treeOf(operand.sourceText);
  const isOne = tree.kind === 'number' || tree.kind === 'letter' || tree.kind === 'constant' || tree.kind === 'call';
  const text = formatOperand(operand, state.settings);
  const { line } = state.document;
  const isEmpty = line.kind === 'typed' ? line.text === '' : line.row.length === 0;
  const put = isOne || isEmpty ? text : `(${text})`;
  return {
    ...written(state, 'to-line', insertText(line, put, optionsOf(state.settings)), { entry: putEntry(put) }),
    settings: { ...state.settings, style: 'written' },
    notice: notice('level-sent', '', true),
  };
}

export function levelToLine(state: State, level: number): Partial<State> {
  const operand = levelOf(state, level);
  if (operand !== undefined) return toLine(state, operand);
  return refused(
    { code: 'argument-count', fn: 'To line', got: 0, least: 1, most: 1, missing: 1, at: { from: 0, to: 0 } },
    '',
  );
}

/** An operand put below the last value of a column, as text that is worth the same whatever the Shelf keeps later on. */
function toColumn(state: State, operand: Operand<SavedValue>, column: string | null): Partial<State> {
  const text = closedText(operand.sourceText);
  return text !== null && text.length <= LONGEST_CELL
    ? appended(state, column, text)
    : workOn(state, workOfOperand(operand), (now, answer) => appended(now, column, shortText(answer)));
}

/** A level put below the last value of a column; null for the one that was last written into. */
export function levelToColumn(state: State, level: number, column: string | null): Partial<State> {
  const operand = levelOf(state, level);
  if (operand !== undefined) return toColumn(state, operand, column);
  return refused(
    { code: 'argument-count', fn: 'To column', got: 0, least: 1, most: 1, missing: 1, at: { from: 0, to: 0 } },
    '',
  );
}

/** The expression of an operand by itself, to be worked out. */
export function workOfOperand(operand: Operand<SavedValue>) {
  const builder = new Builder<SavedValue>();
  return builder.done(builder.shown(operand));
}
