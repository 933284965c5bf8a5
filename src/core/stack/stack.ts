import { itemAt } from '../base/item';
import type { ProblemData } from '../base/problem';
import { withDigit, withExponent, withMark, withOtherSign, withPoint, withoutLast } from '../keyed/entry';
import type { Entry } from '../keyed/entry';
import { Builder, entryOperand, isOpen, sourceTextOf, plainOperand, together, toldText } from '../keyed/operand';
import type { Operand, Calculation } from '../keyed/operand';
import { degreeSign, negation, percentage } from '../keyed/operation';
import type { Meaning, Operation } from '../keyed/operation';

/*
 * The stack of the Stack style: operands first, then what is done with them. It looks into no value (`V`); what has to
 * be worked out is asked for, and the stack stays as it is until that has come.
 *
 * `four`: common practice on machines with four levels. No more than four are kept, the lowest falling off; once four are
 * held the lowest repeats when the stack falls; Push leaves a copy that the next number replaces.
 */
export const stackDepths = ['unlimited', 'four'] as const;
export type StackDepth = (typeof stackDepths)[number];
const FOUR = 4;

export type Stack<V> = Readonly<{
  /** The last is the top. */
  levels: readonly Operand<V>[];
  /** The number being keyed; empty when none is. */
  entry: Entry;
  /** The next number takes the place of the top. */
  replaces: boolean;
  /** What the last operation took, in its order. */
  operands: readonly Operand<V>[];
}>;

export const EMPTY_STACK: Stack<never> = { levels: [], entry: '', replaces: false, operands: [] };

/** What is done with levels as a whole. */
export const stackOperations = [
  'push',
  'copy',
  'drop',
  'swap',
  'rotateDown',
  'rotateUp',
  'operands',
  'clearStack',
  'clearEntry',
  'negate',
] as const;
export type StackOperation = (typeof stackOperations)[number];

/** What comes of a key: another stack, something to be worked first, a problem, or nothing since the key means nothing here. */
export type StackResult<V> =
  | Readonly<{ kind: 'done'; stack: Stack<V> }>
  | Readonly<{ kind: 'work'; work: Calculation<V>; land: (value: V | null, instead: string) => Stack<V> }>
  | Readonly<{ kind: 'refused'; problemData: ProblemData }>
  | null;

const done = <V>(stack: Stack<V>): StackResult<V> => ({ kind: 'done', stack });

/** The problem of an operation that wants more than there is. */
const tooFew = (name: string, takes: number, got: number): { kind: 'refused'; problemData: ProblemData } => ({
  kind: 'refused',
  problemData: { code: 'argument-count', fn: name, got, least: takes, most: takes, missing: takes - got },
});

/** One more level on top; with four levels the lowest falls off. */
function lifted<V>(stack: Stack<V>, operand: Operand<V>, depth: StackDepth): Stack<V> {
  const under = stack.replaces ? stack.levels.slice(0, -1) : stack.levels;
  const levels = [...under, operand];
  return { ...stack, levels: depth === 'four' ? levels.slice(-FOUR) : levels, replaces: false };
}

/** The stack with the number being keyed as its top level. */
export const entered = <V>(stack: Stack<V>, depth: StackDepth): Stack<V> =>
  stack.entry === '' ? stack : { ...lifted(stack, entryOperand(stack.entry), depth), entry: '' };

/** The levels left when `count` are taken; with four held, the lowest repeats. */
function fallen<V>(levels: readonly Operand<V>[], count: number, depth: StackDepth): readonly Operand<V>[] {
  const rest = levels.slice(0, levels.length - count);
  if (depth !== 'four' || levels.length < FOUR || count === 0) return rest;
  return [...Array.from({ length: count }, () => itemAt(levels, 0)), ...rest];
}

function operated<V>(stack: Stack<V>, operation: Operation, depth: StackDepth): StackResult<V> {
  const now = entered(stack, depth);
  const { name, most } = operation;
  const takes = most !== undefined && now.levels.length >= most ? most : operation.takes;
  if (now.levels.length < takes) return tooFew(name, takes, now.levels.length);
  const operands = now.levels.slice(now.levels.length - takes);
  const builder = new Builder<V>();
  const args = operands.map((o) => builder.operand(o));
  const built = together(operation.make, args);
  const landed = (value: V | null, sourceText: string): Stack<V> => {
    const percent =
      operation === percentage
        ? { value: itemAt(operands, 0).value, sourceText: itemAt(operands, 0).sourceText }
        : null;
    // Of four held levels, the result takes one place of those that fell.
    const levels = takes === 0 ? now.levels : fallen(now.levels, takes, depth);
    const room = depth === 'four' && now.levels.length >= FOUR && takes > 0 ? levels.slice(1) : levels;
    return { ...lifted({ ...now, levels: room, replaces: false }, { value, sourceText, percent }, depth), operands };
  };
  if (isOpen(built.written)) {
    const told = toldText(built.written);
    return told.ok ? done(landed(null, told.value)) : { kind: 'refused', problemData: told.problem };
  }
  const land = (value: V | null, instead: string): Stack<V> => landed(value, sourceTextOf(built.written, instead));
  return { kind: 'work', work: builder.done(built), land };
}

/** A name or a number on the stack; it ends the number being keyed. */
export const pushed = <V>(stack: Stack<V>, operand: Operand<V>, depth: StackDepth): Stack<V> =>
  lifted(entered(stack, depth), operand, depth);

/** What a key of the catalogue does with the stack. A name that keeps a value is handed to `pushed` instead. */
export function stackAfter<V>(stack: Stack<V>, meaning: Meaning, depth: StackDepth): StackResult<V> {
  const edited = (entry: Entry | null): StackResult<V> => (entry === null ? null : done({ ...stack, entry }));
  switch (meaning.kind) {
    case 'digit':
      return edited(withDigit(stack.entry, meaning.digit));
    case 'point':
      return edited(withPoint(stack.entry));
    case 'exponent':
      return edited(withExponent(stack.entry));
    case 'mark': {
      const entry = withMark(stack.entry, meaning.mark);
      if (entry !== null) return edited(entry);
      return meaning.mark === '°' ? operated(stack, degreeSign, depth) : null;
    }
    case 'backspace':
      return stack.entry === '' ? null : edited(withoutLast(stack.entry));
    case 'name':
      return done(pushed(stack, plainOperand(sourceTextOf(meaning.tree, '')), depth));
    case 'percent':
      return operated(stack, percentage, depth);
    case 'operation':
      return operated(stack, meaning.operation, depth);
    case 'next':
    case 'open':
    case 'close':
    case 'clear':
      return null;
  }
}

/** A level counted from the top, copied onto the top. */
export function picked<V>(stack: Stack<V>, level: number, depth: StackDepth): StackResult<V> {
  const now = entered(stack, depth);
  const found = now.levels.at(-level);
  if (level < 1 || found === undefined) return tooFew('Fetch', Math.max(level, 1), now.levels.length);
  return done(lifted({ ...now, replaces: false }, found, depth));
}

/** What is done with the levels themselves. */
export function stackDone<V>(stack: Stack<V>, operation: StackOperation, depth: StackDepth): StackResult<V> {
  const now = entered(stack, depth);
  const { levels } = now;
  const top = levels.at(-1);
  switch (operation) {
    case 'push': {
      if (stack.entry !== '' && depth === 'unlimited') return done(now);
      if (top === undefined) return tooFew('Push', 1, 0);
      const copied = lifted({ ...now, replaces: false }, top, depth);
      return done({ ...copied, replaces: depth === 'four' });
    }
    case 'copy':
      return top === undefined ? tooFew('Copy', 1, 0) : done(lifted({ ...now, replaces: false }, top, depth));
    case 'drop':
      return top === undefined
        ? tooFew('Drop', 1, 0)
        : done({ ...now, levels: fallen(levels, 1, depth), replaces: false });
    case 'swap': {
      if (top === undefined || levels.length < 2) return tooFew('Swap', 2, levels.length);
      return done({
        ...now,
        levels: [...levels.slice(0, -2), top, itemAt(levels, levels.length - 2)],
        replaces: false,
      });
    }
    case 'rotateDown':
      if (top === undefined || levels.length < 2) return tooFew('Turn', 2, levels.length);
      return done({ ...now, levels: [top, ...levels.slice(0, -1)], replaces: false });
    case 'rotateUp':
      if (levels.length < 2) return tooFew('Turn', 2, levels.length);
      return done({ ...now, levels: [...levels.slice(1), itemAt(levels, 0)], replaces: false });
    case 'operands': {
      if (stack.operands.length === 0) return null;
      const free = { ...now, replaces: false };
      return done(stack.operands.reduce((result, operand) => lifted(result, operand, depth), free));
    }
    case 'clearStack':
      return levels.length === 0 ? null : done({ ...EMPTY_STACK, operands: stack.operands });
    case 'clearEntry':
      return stack.entry === '' ? null : done({ ...stack, entry: '' });
    case 'negate':
      if (stack.entry !== '') return done({ ...stack, entry: withOtherSign(stack.entry) });
      return operated(stack, negation, depth);
  }
}

/** The stack in another depth: what is beyond four levels falls off the bottom. */
export function inDepth<V>(stack: Stack<V>, depth: StackDepth): Stack<V> {
  if (depth === 'unlimited') return stack.replaces ? { ...stack, replaces: false } : stack;
  return stack.levels.length <= FOUR ? stack : { ...stack, levels: stack.levels.slice(-FOUR) };
}
