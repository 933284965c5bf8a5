import { entryAt, itemAt } from '../base/item';
import { functionNamed, functionNames } from '../function';
import type { LineAction } from '../line/line';
import { operators, rankOf } from '../language/operators';
import type { InfixName, LogicName, RelationName } from '../language/operators';
import { binaryTree, callTree, constantTree, NOWHERE, numberTree, powerTree } from '../language/tree';
import type { Tree } from '../language/tree';
import { treeOf } from './entry';
import { percentTree } from './operand';

/** What is done with operands: how many it takes, and what it makes of them. */
export type Operation = Readonly<{
  /** As it is named when operands are missing. */
  name: string;
  takes: number;
  /** As many instead where that many are there: those that may be left out. */
  most?: number;
  /** Of a function of several values: whether it takes as many as stand beside each other. */
  takesTogether?: Readonly<{ least: number; most: number; fits: (count: number) => boolean }>;
  make: (args: readonly Tree[]) => Tree;
  /** How tightly it holds between two numbers of the Running style; absent where it does not stand between numbers. */
  infix?: Readonly<{ rank: number; side: 'left' | 'right' }>;
}>;

/** What a key means where each key acts at once, or operands come first. */
export type Meaning =
  | Readonly<{ kind: 'digit'; digit: string }>
  | Readonly<{ kind: 'point' | 'exponent' | 'open' | 'close' | 'percent' | 'next' | 'backspace' | 'clear' }>
  | Readonly<{ kind: 'mark'; mark: '°' | "'" | '"' }>
  /** A number that has a name, or a letter. */
  | Readonly<{ kind: 'name'; tree: Tree }>
  | Readonly<{ kind: 'operation'; operation: Operation }>;

const two =
  (make: (a: Tree, b: Tree) => Tree): Operation['make'] =>
  (args) =>
    make(itemAt(args, 0), itemAt(args, 1));

const infix = (name: string, op: InfixName): Operation => ({
  name,
  takes: 2,
  make: two((a, b) => binaryTree(op, a, b)),
  infix: { rank: operators[op].rank, side: 'left' },
});

const relation = (name: string, op: RelationName): Operation => ({
  name,
  takes: 2,
  make: two((first, right) => ({ kind: 'relation', first, rest: [{ op, right }], span: NOWHERE })),
});
const logic = (op: LogicName): Operation => ({
  name: op,
  takes: 2,
  make: two((left, right) => ({ kind: 'logic', op, left, right, span: NOWHERE })),
});

const one = (name: string, make: (a: Tree) => Tree): Operation => ({
  name,
  takes: 1,
  make: (args) => make(itemAt(args, 0)),
});
const mark = (unit: 'deg' | 'rad' | 'grad', by: 'sign' | 'word'): Operation =>
  one(by === 'sign' ? '°' : unit, (of) => ({ kind: 'mark', unit, by, of, span: NOWHERE }));

export const negation = one('±', (of) => ({ kind: 'negate', of, span: NOWHERE }));
export const percentage = one('%', percentTree);

/** Operations by the text that their key puts into a Written line. */
const operations: Readonly<Record<string, Operation>> = {
  '+': infix('+', 'plus'),
  '−': infix('−', 'minus'),
  '×': infix('×', 'times'),
  '÷': infix('÷', 'divide'),
  mod: infix('mod', 'mod'),
  '!': one('n!', (of) => ({ kind: 'postfix', op: 'factorial', of, span: NOWHERE })),
  deg: mark('deg', 'word'),
  rad: mark('rad', 'word'),
  grad: mark('grad', 'word'),
  '=': relation('=', 'equal'),
  '≠': relation('≠', 'unequal'),
  '<': relation('<', 'less'),
  '≤': relation('≤', 'atMost'),
  '>': relation('>', 'greater'),
  '≥': relation('≥', 'atLeast'),
  and: logic('and'),
  or: logic('or'),
  not: one('not', (of) => ({ kind: 'not', of, span: NOWHERE })),
};

/** Characters of a keyboard that mean what a key means. */
const typed: Readonly<Record<string, string>> = { '-': '−', '*': '×', '/': '÷', '·': '×' };

const over: Operation = { ...infix('a⁄b', 'over'), infix: { rank: operators.over.rank, side: 'left' } };
const powerTo: Operation = {
  name: 'xʸ',
  takes: 2,
  make: two(powerTree),
  infix: { rank: operators.power.rank, side: 'right' },
};
export const degreeSign = mark('deg', 'sign');

/** What sets a value beside the next one in the Running style. */
export const NEXT_VALUE = ';';

/** Values that stand beside each other: a vector, unless a function takes them. It holds less tightly than any sign. */
export const besideNext: Operation = {
  name: NEXT_VALUE,
  takes: 2,
  make: (entries) => ({ kind: 'matrix', columns: 1, entries, span: NOWHERE }),
  infix: { rank: 0, side: 'right' },
};

/** Between two numbers a function of two holds as tightly as a sign behind a number. */
const CALL_RANK = operators.factorial.rank;

function callOf(fn: string, slots: number | undefined): Operation {
  const { least, most, form, absent } = entryAt(functionNames, fn);
  // One that takes any number of values takes two here.
  const takes = slots ?? (functionNamed(fn)?.more === true ? Math.max(2, least) : least);
  const isPlain = form === undefined;
  const fits = (count: number): boolean =>
    absent === undefined ? count >= least && count <= most : count === least || count === most;
  return {
    name: fn,
    takes,
    make: (args) => callTree(fn, ...args),
    ...(absent === undefined ? {} : { most }),
    ...(takes === 2 && isPlain ? { infix: { rank: CALL_RANK, side: 'left' } } : {}),
    ...(isPlain && slots !== 1 && most > 1 ? { takesTogether: { least, most, fits } } : {}),
  };
}

/** What stands between a number and a bracket or a name that follows it. */
export const impliedTimes = (impliedFirst: boolean): Operation => ({
  ...infix(IMPLIED, 'implied'),
  infix: { rank: rankOf('implied', impliedFirst), side: 'left' },
});
const IMPLIED = 'implied';

const signed: ReadonlyMap<string, Operation> = new Map(
  [...Object.values(operations), over, powerTo].map((operation) => [operation.name, operation]),
);

/** The operation between two numbers that has this name. */
export function infixNamed(name: string, impliedFirst: boolean): Operation {
  if (name === IMPLIED) return impliedTimes(impliedFirst);
  if (name === NEXT_VALUE) return besideNext;
  if (functionNamed(name) !== undefined && name !== 'mod') return callOf(name, 2);
  return entryAt(signed, name);
}

/** Every name that `infixNamed` knows. */
export const infixNames: readonly string[] = [
  IMPLIED,
  NEXT_VALUE,
  ...[...Object.values(operations), over, powerTo].filter((o) => o.infix !== undefined).map((o) => o.name),
  ...[...functionNames.keys()].filter(
    (fn) => entryAt(functionNames, fn).most >= 2 && callOf(fn, 2).infix !== undefined,
  ),
];

const raised = (exponent: string): Operation =>
  one(`x^${exponent}`, (a) =>
    powerTree(a, exponent.startsWith('−') ? negation.make([numberTree(exponent.slice(1))]) : numberTree(exponent)),
  );
const raising = (base: string): Operation =>
  one(`${base}^x`, (a) => powerTree(base === 'e' ? constantTree('e') : numberTree(base), a));

/** Texts of keys that stand for a number or a letter. */
const NAME = /^(π|e|i|∞|Ans|total|[A-Z]|[a-df-hj-z])$/;

function ofText(text: string): Meaning | null {
  const sign = typed[text] ?? text.trim();
  if (/^\d$/.test(sign)) return { kind: 'digit', digit: sign };
  if (NAME.test(sign)) return { kind: 'name', tree: treeOf(sign) };
  if (sign === '%') return { kind: 'percent' };
  if (sign === NEXT_VALUE) return { kind: 'next' };
  if (sign === '°') return { kind: 'mark', mark: '°' };
  if (sign === '′' || sign === "'") return { kind: 'mark', mark: "'" };
  if (sign === '″' || sign === '"') return { kind: 'mark', mark: '"' };
  const operation = Object.hasOwn(operations, sign) ? operations[sign] : undefined;
  if (operation !== undefined) return { kind: 'operation', operation };
  return null;
}

/** What an action of the Written line means in the two other styles; null when it means nothing there. */
export function meaningOf(action: LineAction): Meaning | null {
  switch (action.type) {
    case 'insert':
    case 'operate':
      return ofText(action.text);
    case 'type':
      if (action.text === '^') return { kind: 'operation', operation: powerTo };
      if (action.text === '(') return { kind: 'open' };
      if (action.text === ')') return { kind: 'close' };
      if (action.text === ',') return { kind: 'point' };
      return ofText(action.text === 'p' ? 'π' : action.text);
    case 'fraction':
      return { kind: 'operation', operation: over };
    case 'powerOfTen':
      return { kind: 'exponent' };
    case 'point':
    case 'open':
    case 'close':
      return { kind: action.type };
    case 'power':
      return { kind: 'operation', operation: action.exponent === '' ? powerTo : raised(action.exponent) };
    case 'raise':
      return { kind: 'operation', operation: raising(action.base) };
    case 'call':
      return { kind: 'operation', operation: callOf(action.fn, action.slots) };
    case 'edit':
      return action.command === 'deleteLeft'
        ? { kind: 'backspace' }
        : action.command === 'clear'
          ? { kind: 'clear' }
          : null;
    case 'separate':
      return { kind: 'next' };
    case 'mixed':
    case 'grid':
    case 'resize':
      return null;
  }
}
