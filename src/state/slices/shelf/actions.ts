import { itemAt } from '@/core/base/item';
import { Builder, sourceTextOf, together } from '@/core/keyed/operand';
import type { Operand } from '@/core/keyed/operand';
import { isReadable, treeOf } from '@/core/keyed/entry';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import { binaryTree } from '@/core/language/tree';
import { insertText, isEmptyLine } from '@/core/line/line';
import { TOTAL, changesBy, cleared, isChanging, keep, kindOf, registerText } from '@/core/memory/shelf';
import type { ChangingOperation, MemoryOperation } from '@/core/memory/shelf';
import type { SavedShelf } from '@/core/notebook/schema';
import type { SavedValue } from '@/core/notebook/value-codec';
import { currentOf } from '@/core/running/chain';
import { given } from '@/core/running/running';
import type { KeyAction } from '@/keys/catalogue';
import { putEntry } from '@/keys/log';
import type { LineAnswer } from '@/workers/answer';
import { lineText, optionsOf } from '@/state/slices/bench/reading';
import { ended, levelOf, levelPicked, recalledInto, workOfOperand } from '@/state/slices/bench/keyed-actions';
import { fromRegister } from '@/state/slices/bench/named';
import { notice } from '@/state/slices/notice';
import { withShelf } from './change';
import { keptText, shortText } from '@/state/slices/bench/substitution';
import { changed } from '@/state/slices/state';
import { written } from '@/state/slices/bench/written';
import type { Change, Get, State } from '@/state/slices/state';
import type { Source } from './moment';
import { shownForm } from '@/state/slices/tape/line';
import { formatTree, workOn } from '@/state/slices/bench/work';

/** What is done with the places of the Shelf. */
export type ShelfActions = Readonly<{
  /** Asks for the place that is to take or give a value. */
  ask: (asking: State['asking']) => void;
  /** Does something with a place. */
  remember: (operation: MemoryOperation, place: string, source?: Source | null) => void;
  /** Keeps what a text comes to. */
  keepAnswer: (place: string, answer: Pick<LineAnswer, 'saved' | 'full' | 'forms'>, from: string) => void;
}>;
type Kept = SavedShelf[string];

/** A line as a place remembers it: in the core's own spelling, and without the place that it is kept in. */
export function storedText(text: string, settings: Pick<State['settings'], 'display' | 'impliedFirst'>): string {
  const reading = parse(text, optionsOf(settings));
  return reading.ok ? printText(reading.value.tree, TYPED) : text;
}

/** `answer`: what is already known of it besides its value. */
type AtHand = Readonly<{ operand: Operand<SavedValue>; line: string | null; answer: Known | null }>;
type Known = Pick<LineAnswer, 'saved' | 'full' | 'forms'>;

/** What *keep* keeps: an answer of the tape that was asked for, else the value of the line or the last answer, the number shown, the top level. */
function atHand(state: State, source: Source | null): AtHand | null {
  const { document, settings, live } = state;
  const ofLine = (id: string | undefined): AtHand | null => {
    const found = document.tape.find((l) => l.id === id);
    if (found?.value == null) return null;
    const { decimalSign, impliedFirst } = found;
    const sourceText = storedText(found.text, { display: { ...settings.display, decimalSign }, impliedFirst });
    const { value, full, forms } = found;
    return { operand: { value, sourceText, percent: null }, line: found.id, answer: { saved: value, full, forms } };
  };
  const ofLevel = (level: number): AtHand | null => {
    const operand = levelOf(state, level);
    return operand === undefined ? null : { operand, line: null, answer: null };
  };
  if (source !== null) return 'line' in source ? ofLine(source.line) : ofLevel(source.level);
  switch (settings.style) {
    case 'written': {
      if (isEmptyLine(document.line)) return ofLine(document.tape.findLast((l) => l.value !== null)?.id);
      if (live.kind !== 'answer' || live.answer.saved === null) return null;
      return {
        operand: { value: live.answer.saved, sourceText: storedText(lineText(state), settings), percent: null },
        line: null,
        answer: live.answer,
      };
    }
    case 'running':
      return { operand: currentOf(document.running), line: null, answer: null };
    case 'stack':
      return ofLevel(1);
  }
}

function keptOf(state: State, answer: Known, from: string, line: string | null, now: number): Kept | null {
  if (answer.saved === null) return null;
  const form = shownForm(answer.forms, state.chosen, state.settings);
  const typed = form.id === 'polar' || form.id === 'dms' ? (answer.forms[0]?.typed ?? form.typed) : form.typed;
  return { value: answer.saved, full: answer.full, from, typed, exact: form.exact, line, at: now };
}

const empty = (state: State, name: string): Partial<State> => {
  const problem = fromRegister(state, name);
  return problem.ok ? {} : { refused: { problem: problem.problem, text: registerText(name) }, notice: null };
};

/** The line whose value was kept ends with that, as a number being keyed does in the other styles. */
const lineEnded = ({ document, settings }: State): Partial<State> =>
  settings.style === 'written' && !isEmptyLine(document.line) ? { numberEnd: { line: document.line, by: 'keep' } } : {};

/** Keeps what is at hand; where its forms are not known yet, it is worked out for them. */
function keeping(state: State, place: string, hand: AtHand, now: number): Partial<State> {
  const keptBy = (then: State, answer: Known): Partial<State> => {
    const kept = keptOf(then, answer, hand.operand.sourceText, hand.line, now);
    if (kept === null) return { notice: notice('nothing-to-keep') };
    const shelf = keep(then.document.shelf, place, kept);
    return {
      ...changed(then, 'keep', withShelf(ended(then.document, then.settings), shelf)),
      ...lineEnded(then),
      notice: notice('place-kept', place, true),
    };
  };
  return hand.answer === null ? workOn(state, workOfOperand(hand.operand), keptBy) : keptBy(state, hand.answer);
}

/** What a place holds with what is at hand added to it, taken from it, and so on. An empty total takes a sum or a difference. */
function changing(
  state: State,
  operation: ChangingOperation,
  place: string,
  hand: AtHand,
  now: number,
): Partial<State> {
  const before = state.document.shelf[place];
  const isBegun = before === undefined && place === TOTAL && (operation === 'addTo' || operation === 'takeFrom');
  if (before === undefined && !isBegun) return empty(state, place);
  const builder = new Builder<SavedValue>();
  const left = builder.shown(
    before === undefined
      ? { value: null, sourceText: '0', percent: null }
      : { value: before.value, sourceText: registerText(place), percent: null },
  );
  const pair = together(
    (args) => binaryTree(changesBy[operation], itemAt(args, 0), itemAt(args, 1)),
    [left, builder.operand(hand.operand)],
  );
  return workOn(state, builder.done(pair), (then, answer) => {
    // How the place came about is told without its own name.
    const told = before === undefined ? treeOf('0') : treeOf(lastingOf(before));
    const from = binaryTree(changesBy[operation], told, treeOf(hand.operand.sourceText));
    const isFirst = before === undefined && operation === 'addTo';
    const sourceText = isFirst ? hand.operand.sourceText : sourceTextOf(from, shortText(answer));
    const kept = keptOf(then, answer, sourceText, hand.line, now);
    if (kept === null) return { notice: notice('nothing-to-keep') };
    return {
      ...changed(
        then,
        'change-kept',
        withShelf(ended(then.document, then.settings), keep(then.document.shelf, place, kept)),
      ),
      ...lineEnded(then),
      notice: notice('place-changed', place, true),
    };
  });
}

const lastingOf = (kept: Kept): string => (isReadable(kept.from) ? kept.from : keptText(kept));

function recalling(state: State, operation: 'recall' | 'recallValue', place: string): Partial<State> {
  const { document, settings } = state;
  const kept = document.shelf[place];
  const operand = fromRegister(state, place);
  if (kept === undefined || !operand.ok) return empty(state, place);
  if (settings.style !== 'written') {
    const taken = operation === 'recall' ? operand.value : { ...operand.value, sourceText: keptText(kept) };
    return recalledInto(state, taken, (running) => given(running, taken));
  }
  const text = operation === 'recall' ? registerText(place) : keptText(kept);
  const tree = treeOf(text);
  const isOne = operation === 'recall' || tree.kind === 'number';
  const put = isOne ? formatTree(tree, settings) : `(${formatTree(tree, settings)})`;
  const isRounded = operation === 'recallValue' && !kept.exact && text === kept.full;
  const change = written(state, 'typing', insertText(document.line, put, optionsOf(settings)), {
    entry: putEntry(put),
  });
  return {
    ...change,
    ...(change.document === undefined ? {} : { numberEnd: { line: change.document.line, by: 'recall' } }),
    ...(isRounded ? { notice: notice('digits-recalled', registerText(place), true) } : {}),
  };
}

const clearing = (state: State, name: string): Partial<State> => {
  const shelf = cleared(state.document.shelf, (other) => other === name);
  if (shelf === state.document.shelf) return {};
  return {
    ...changed(state, 'clear-place', withShelf(state.document, shelf)),
    notice: notice('place-cleared', name, true),
  };
};

const clearingAll = (state: State, of: 'slot' | 'letter'): Partial<State> => {
  const shelf = cleared(state.document.shelf, (name) => kindOf(name) === of);
  if (shelf === state.document.shelf) return {};
  return {
    ...changed(state, of === 'slot' ? 'clear-slots' : 'clear-letters', withShelf(state.document, shelf)),
    notice: notice(of === 'slot' ? 'slots-cleared' : 'letters-cleared', '', true),
  };
};

/** Does something with a place of the Shelf. */
function remembered(
  state: State,
  operation: MemoryOperation,
  place: string,
  source: Source | null,
  now: number,
): Partial<State> {
  switch (operation) {
    case 'recall':
    case 'recallValue':
      return recalling(state, operation, place);
    case 'clear':
      return clearing(state, place);
    default: {
      const hand = atHand(state, source);
      if (hand === null) return { notice: notice('nothing-to-keep') };
      return isChanging(operation) ? changing(state, operation, place, hand, now) : keeping(state, place, hand, now);
    }
  }
}

/** The place that a key names, while one is asked for. */
function placeOf(action: KeyAction): string | null {
  const text = action.type === 'insert' || action.type === 'type' ? action.text : '';
  if (/^([0-9A-Z]|total)$/.test(text)) return text;
  return action.type === 'type' && /^[a-z]$/.test(text) ? text.toUpperCase() : null;
}

/** What a key does while a place is asked for; null when it chooses none and means what it always means. */
export function chosenRegister(state: State, action: KeyAction, now: number): Partial<State> | null {
  const { asking } = state;
  if (asking === null) return null;
  if (action.type === 'edit' && action.command === 'clear') return { asking: null };
  const place = placeOf(action);
  if (place === null) return null;
  const free: State = { ...state, asking: null };
  if (asking.for !== 'pick') return { asking: null, ...remembered(free, asking.for, place, asking.source, now) };
  return { asking: null, ...(kindOf(place) === 'slot' ? levelPicked(free, Number(place)) : {}) };
}

/** A key that does something with the Shelf. */
export function memoryPressed(
  state: State,
  action: KeyAction & { type: 'memory' | 'total' | 'clearAll' | 'pick' },
  now: number,
): Partial<State> {
  switch (action.type) {
    case 'memory':
      return { asking: { for: action.operation, source: null } };
    case 'pick':
      return state.settings.style === 'stack' ? { asking: { for: 'pick', source: null } } : {};
    case 'total':
      return remembered(state, action.operation, TOTAL, null, now);
    case 'clearAll':
      return clearingAll(state, action.of);
  }
}

export const shelfActions = (change: Change, get: Get, clock: () => number): ShelfActions => ({
  ask: (asking) => change(() => ({ asking, refused: null })),
  remember: (operation, place, source = null) => {
    if (get().work === null)
      change((state) => ({ asking: null, ...remembered(state, operation, place, source, clock()) }));
  },
  keepAnswer: (place, answer, from) =>
    change((state) => {
      const kept = keptOf({ ...state, chosen: null }, answer, storedText(from, state.settings), null, clock());
      if (kept === null) return { notice: notice('nothing-to-keep') };
      return {
        ...changed(state, 'keep', withShelf(state.document, keep(state.document.shelf, place, kept))),
        notice: notice('place-kept', place, true),
      };
    }),
});
