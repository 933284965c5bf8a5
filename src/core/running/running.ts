import { itemAt, lastOf } from '../base/item';
import type { ProblemData } from '../base/problem';
import { withDigit, withExponent, withMark, withOtherSign, withPoint, withoutLast } from '../keyed/entry';
import type { Entry } from '../keyed/entry';
import { Builder, isOpen, sourceTextOf, percentTree, plainOperand, together } from '../keyed/operand';
import type { Operand, Calculation } from '../keyed/operand';
import { besideNext, degreeSign, impliedTimes, infixNamed, negation, NEXT_VALUE } from '../keyed/operation';
import type { Meaning, Operation } from '../keyed/operation';
import { binaryTree } from '../language/tree';
import { currentOf, folded, folding, ownOf } from './chain';
import type { Addition } from './chain';
import { EMPTY_RUNNING } from './state';
import type { Frame, Running, RunningSettings } from './state';

/*
 * The Running style: each key acts at once. It looks into no value (`V`); what has to be worked out is asked for, and
 * everything stays as it is until that has come.
 */

/** A step that goes on the tape; in an adding list, `isNext` when it goes on from the step before. */
export type RunningStep = Readonly<{ addition: (Addition & Readonly<{ isNext: boolean }>) | null }>;

/** What comes of a key. `again`: once the work has landed, the same key is pressed again. */
export type RunningOutcome<V> =
  | Readonly<{ kind: 'done'; running: Running<V> }>
  | Readonly<{
      kind: 'work';
      work: Calculation<V>;
      land: (value: V | null, instead: string) => Running<V>;
      step: RunningStep | null;
      again: boolean;
    }>
  | Readonly<{ kind: 'refused'; problemData: ProblemData }>
  | null;

export type RunningKey = Meaning | Readonly<{ kind: 'equals' | 'negate' | 'clearEntry' }>;

/** So many brackets and operations may wait at once; what they come to is one expression, which has to be read. */
export const MOST_WAITING = 200;

const isFull = ({ frames }: Running<unknown>): boolean =>
  frames.reduce((count, frame) => count + 1 + frame.length, 0) > MOST_WAITING;

const FULL = { kind: 'refused', problemData: { code: 'syntax', reason: 'nested-too-deep' } } as const;

const done = <V>(running: Running<V>): RunningOutcome<V> => ({ kind: 'done', running });
const PLAIN_STEP: RunningStep = { addition: null };

const innermost = <V>({ frames }: Running<V>): Frame<V> => lastOf(frames);
const withFrame = <V>({ frames }: Running<V>, frame: Frame<V>): readonly Frame<V>[] => [...frames.slice(0, -1), frame];

/** After `=` a number begins anew. */
const begun = <V>(running: Running<V>): Running<V> => (running.isDone ? EMPTY_RUNNING : running);

/** A number put in the place of the one that is shown. */
export const given = <V>(running: Running<V>, operand: Operand<V>): Running<V> => ({
  ...begun(running),
  entry: '',
  shown: operand,
  isGiven: true,
  isClosed: false,
});

/** The number shown is replaced by what is made of it, or of it and those `before`; the chain stays as it is. */
function acted<V>(
  running: Running<V>,
  operation: Operation,
  isStep: boolean,
  before: readonly Operand<V>[] = [],
): RunningOutcome<V> {
  const builder = new Builder<V>();
  const operands = operation.takes === 0 ? [] : [...before, currentOf(running)];
  const built = together(
    operation.make,
    operands.map((operand) => builder.shown(operand)),
  );
  const isAlone = running.frames.length === 1 && innermost(running).length === 0;
  return {
    kind: 'work',
    work: builder.done(built),
    step: isStep ? PLAIN_STEP : null,
    again: false,
    land: (value, instead) => ({
      ...running,
      entry: '',
      shown: { value, sourceText: sourceTextOf(built.written, instead), percent: null },
      isGiven: true,
      isClosed: false,
      isListed: running.isListed && !isAlone,
      repeat: null,
    }),
  };
}

/**
 * A function of several values takes those that stand beside each other, once what is pending for the last of them is
 * worked. Null where there is only one, and the function can be put between two. Refused: argument-count.
 */
function actedTogether<V>(running: Running<V>, operation: Operation, settings: RunningSettings): RunningOutcome<V> {
  const { takesTogether, name: fn, takes, infix } = operation;
  const frame = innermost(running);
  const own = ownOf(frame);
  const before = frame.slice(0, frame.length - own);
  const got = before.length + (running.isGiven ? 1 : 0);
  if (takesTogether === undefined || (before.length === 0 && (infix !== undefined || takes <= 1))) return null;
  const { least, most, fits } = takesTogether;
  if (!fits(got))
    return { kind: 'refused', problemData: { code: 'argument-count', fn, got, least, most, between: NEXT_VALUE } };
  const alone = { ...running, frames: withFrame(running, []) };
  const lefts = before.flatMap(({ left }) => (left === null ? [] : [left]));
  // Nothing was keyed behind the last sign: the value before it is the last.
  if (!running.isGiven)
    return acted({ ...alone, entry: '', shown: lastOf(lefts) }, operation, true, lefts.slice(0, -1));
  if (own === 0) return acted(alone, operation, true, lefts);
  const worked = { ...running, entry: '', frames: withFrame(running, before) };
  return working(running, own, settings, (shown) => ({ ...worked, shown }), true);
}

/** A share of what it is added to or taken from, else hundredths. */
function percent<V>(running: Running<V>): RunningOutcome<V> {
  const operand = currentOf(running);
  const pending = innermost(running).at(-1);
  const builder = new Builder<V>();
  const number = builder.shown(operand);
  const hundredths = together((args) => percentTree(itemAt(args, 0)), [number]);
  const isShare =
    pending !== undefined &&
    pending.left !== null &&
    pending.left.percent === null &&
    (pending.sign === '+' || pending.sign === '−');
  const built = isShare
    ? together(
        (args) => binaryTree('times', itemAt(args, 0), itemAt(args, 1)),
        [builder.operand(pending.left), hundredths],
      )
    : hundredths;
  return {
    kind: 'work',
    work: builder.done(built),
    step: isShare ? PLAIN_STEP : null,
    again: false,
    land: (value, instead) => ({
      ...running,
      entry: '',
      shown: {
        value,
        sourceText: sourceTextOf(built.written, instead),
        percent: { value: operand.value, sourceText: operand.sourceText },
      },
      isGiven: true,
      isClosed: false,
      isDone: false,
    }),
  };
}

type Landed<V> = (result: Operand<V>) => Running<V>;

/** Works the last `count` pending operations; without any, the number shown stands for itself and nothing is worked. */
function working<V>(
  running: Running<V>,
  count: number,
  settings: RunningSettings,
  land: Landed<V>,
  again = false,
): RunningOutcome<V> {
  const frame = innermost(running);
  const current = currentOf(running);
  if (count === 0) return done(land(current));
  const { work, addition } = folded(frame, count, current, settings);
  const isOutermost = running.frames.length === 1 && count === frame.length;
  const isSum = isOutermost && addition !== null;
  return {
    kind: 'work',
    work,
    again,
    step: isSum ? { addition: { ...addition, isNext: running.isListed } } : PLAIN_STEP,
    land: (value, instead) => {
      const landed = land({ value, sourceText: sourceTextOf(work.written, instead), percent: null });
      return isOutermost ? { ...landed, isListed: isSum } : landed;
    },
  };
}

/** An operator: what holds more tightly before it is worked and shown. */
function operator<V>(
  running: Running<V>,
  operation: Operation,
  settings: RunningSettings,
  again = false,
): RunningOutcome<V> {
  const frame = innermost(running);
  const { name: sign } = operation;
  const last = frame.at(-1);
  if (isFull(running) && folding(frame, operation.infix ?? null, settings) === 0) return FULL;
  const next = { entry: '', isGiven: false, isClosed: false, isDone: false, repeat: null } as const;
  // Nothing came after the last operator: this one takes its place.
  if (!running.isGiven && !running.isDone && last !== undefined) {
    if (last.left === null) return null;
    const before = { ...running, ...next, frames: withFrame(running, frame.slice(0, -1)), shown: last.left };
    return operator({ ...before, isGiven: true }, operation, settings, again);
  }
  // With nothing keyed yet, a minus is the sign of what follows.
  if (!running.isGiven && running.shown === null && sign === '−')
    return done({ ...running, ...next, frames: withFrame(running, [...frame, { left: null, sign }]) });
  const count = folding(frame, operation.infix ?? null, settings);
  return working(
    running,
    count,
    settings,
    (left) => ({
      ...running,
      ...next,
      shown: left,
      frames: withFrame(running, [...frame.slice(0, frame.length - count), { left, sign }]),
    }),
    again,
  );
}

/** The bracket's own number, once the bracket is closed. */
function closed<V>(running: Running<V>, settings: RunningSettings, again = false): RunningOutcome<V> {
  const frame = innermost(running);
  if (running.frames.length === 1 || (frame.length === 0 && !running.isGiven)) return null;
  return working(
    running,
    frame.length,
    settings,
    (result) => ({
      ...running,
      entry: '',
      shown: { ...result, percent: null },
      isGiven: true,
      isClosed: true,
      frames: running.frames.slice(0, -1),
    }),
    again,
  );
}

function equals<V>(running: Running<V>, settings: RunningSettings): RunningOutcome<V> {
  const ended = { entry: '', isGiven: true, isClosed: false, isDone: true, frames: [[]] };
  // A bracket with nothing in it is dropped.
  if (running.frames.length > 1)
    return (
      closed(running, settings, true) ??
      equals(
        { ...running, frames: running.frames.slice(0, -1), shown: running.frames.at(-2)?.at(-1)?.left ?? null },
        settings,
      )
    );
  const frame = innermost(running);
  const last = frame.at(-1);
  if (last !== undefined) {
    const right = currentOf(running);
    const repeat = last.left === null ? null : { sign: last.sign, right };
    return working(running, frame.length, settings, (shown) => ({ ...running, ...ended, shown, repeat }));
  }
  if (running.isDone && running.repeat !== null) {
    const { sign, right } = running.repeat;
    const operation = infixNamed(sign, settings.impliedFirst);
    const left = currentOf(running);
    const from = { ...running, entry: '', shown: right, frames: [[{ left, sign: operation.name }]] };
    return working(from, 1, settings, (shown) => ({ ...running, ...ended, shown }));
  }
  if (running.isDone || !running.isGiven) return null;
  const current = currentOf(running);
  const builder = new Builder<V>();
  return {
    kind: 'work',
    work: builder.done(builder.operand(current)),
    step: PLAIN_STEP,
    again: false,
    land: (value) => ({ ...running, ...ended, shown: { ...current, value, percent: null }, isListed: false }),
  };
}

/** What is put right behind a number multiplies it. */
const multiplies = <V>({ isGiven, isDone }: Running<V>): boolean => isGiven && !isDone;

function opened<V>(running: Running<V>, settings: RunningSettings): RunningOutcome<V> {
  if (multiplies(running)) {
    const times = operator(running, impliedTimes(settings.impliedFirst), settings, true);
    return times?.kind === 'done' ? opened(times.running, settings) : times;
  }
  const from = begun(running);
  if (isFull(from)) return FULL;
  return done({ ...from, entry: '', shown: null, isGiven: false, isClosed: false, frames: [...from.frames, []] });
}

/** A named number: behind another it multiplies it. Where it keeps a value, that is handed in. */
export function named<V>(running: Running<V>, operand: Operand<V>, settings: RunningSettings): RunningOutcome<V> {
  if (!multiplies(running)) return done(given(running, operand));
  const times = operator(running, impliedTimes(settings.impliedFirst), settings, true);
  return times?.kind === 'done' ? named(times.running, operand, settings) : times;
}

function keyed<V>(
  running: Running<V>,
  settings: RunningSettings,
  make: (entry: string) => string | null,
): RunningOutcome<V> {
  if (running.entry === '' && running.isClosed && multiplies(running)) {
    const times = operator(running, impliedTimes(settings.impliedFirst), settings, true);
    return times?.kind === 'done' ? keyed(times.running, settings, make) : times;
  }
  const from = running.entry === '' ? begun(running) : running;
  const entry = make(from.entry);
  return entry === null ? null : done({ ...from, entry, shown: null, isGiven: true, isClosed: false });
}

/** A sign alone is no number yet. */
const withEntry = <V>(running: Running<V>, entry: Entry): Running<V> => ({
  ...running,
  entry,
  isGiven: /\d/.test(entry),
});

/** What a key of the catalogue does. A name that keeps a value is handed to `named` instead. */
export function runningAfter<V>(running: Running<V>, key: RunningKey, settings: RunningSettings): RunningOutcome<V> {
  switch (key.kind) {
    case 'digit':
      return keyed(running, settings, (entry) => withDigit(entry, key.digit));
    case 'point':
      return keyed(running, settings, withPoint);
    case 'exponent':
      return keyed(running, settings, withExponent);
    case 'mark': {
      const entry = withMark(running.entry, key.mark);
      if (entry !== null) return done({ ...running, entry });
      return key.mark === '°' && running.isGiven ? acted(running, degreeSign, true) : null;
    }
    case 'backspace': {
      if (running.entry === '') return null;
      return done(withEntry(running, withoutLast(running.entry)));
    }
    case 'negate':
      // With no number given yet it is the sign of the one that is keyed next.
      if (running.entry === '' && running.isGiven) return acted(running, negation, false);
      return done(withEntry(running, withOtherSign(running.entry)));
    case 'name':
      return isOpen(key.tree) ? null : named<V>(running, plainOperand(sourceTextOf(key.tree, '')), settings);
    case 'percent':
      return running.isGiven || running.shown !== null ? percent(running) : null;
    case 'operation': {
      const { operation } = key;
      const taken = actedTogether(running, operation, settings);
      if (taken !== null) return taken;
      if (operation.infix !== undefined) return operator(running, operation, settings);
      if (operation.takes > 1 || operation.name === 'not') return null;
      return acted(operation.takes === 0 ? begun(running) : running, operation, true);
    }
    case 'next':
      return operator(running, besideNext, settings);
    case 'open':
      return opened(running, settings);
    case 'close':
      return closed(running, settings);
    case 'equals':
      return equals(running, settings);
    case 'clearEntry':
      if (running.entry === '' && !running.isGiven) return null;
      return done({ ...begun<V>(running), entry: '', shown: null, isGiven: false, isClosed: false });
    case 'clear':
      return isEmptyRunning(running) ? null : done<V>(EMPTY_RUNNING);
  }
}

const isEmptyRunning = ({ entry, shown, frames }: Running<unknown>): boolean =>
  entry === '' && shown === null && frames.length === 1 && itemAt(frames, 0).length === 0;

/** How many brackets are open. */
export const depthOf = ({ frames }: Running<unknown>): number => frames.length - 1;
