import { itemAt } from '../base/item';
import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import { openLetters } from '../evaluate/open-letters';
import { printText, TYPED } from '../language/print-text';
import { letterTree, nodesOf, NOWHERE } from '../language/tree';
import type { Tree } from '../language/tree';
import { finishedEntry, readTold, treeOf } from './entry';
import type { Entry } from './entry';

/*
 * What is worked with in the Running and Stack styles. `V` is how a value is kept: nothing here looks into one.
 */

/** A number that `%` stands behind: a share of what it is added to. */
type Shared<V> = Readonly<{ value: V | null; sourceText: string }>;

/**
 * A value and how it was made, as typed text with a point. Without a value the text says it all: a number as it was
 * keyed, a constant, or an expression with a letter that stands for nothing yet.
 */
export type Operand<V> = Readonly<{ value: V | null; sourceText: string; percent: Shared<V> | null }>;

export const plainOperand = (sourceText: string): Operand<never> => ({ value: null, sourceText, percent: null });
export const entryOperand = (entry: Entry): Operand<never> => plainOperand(finishedEntry(entry));

/** Names of the letters that stand for operands in an expression to be worked; no line can hold them. */
export const boundName = (at: number): string => `#${at}`;

/**
 * An expression to be worked: `#0`, `#1` … in `work` stand for `bound`. `written` is the same as it stands on paper.
 */
export type Calculation<V> = Readonly<{ work: Tree; written: Tree; bound: readonly V[] }>;

/** Two trees of one shape: what is worked and what is written. */
type Pair = Readonly<{ work: Tree; written: Tree }>;

/** Builds the work of an operation from its operands. */
export class Builder<V> {
  private readonly bound: V[] = [];

  private leaf({ value, sourceText }: Shared<V>): Pair {
    const written = treeOf(sourceText);
    if (value === null) return { work: written, written: written };
    this.bound.push(value);
    return { work: letterTree(boundName(this.bound.length - 1)), written: written };
  }

  /** A number before `%` goes in with its sign, so that a sum takes the share of what stands before. */
  operand(o: Operand<V>): Pair {
    return o.percent === null ? this.leaf(o) : percentOf(this.leaf(o.percent));
  }

  /** The value that is shown, whatever it was meant for. */
  shown(o: Operand<V>): Pair {
    return this.leaf(o);
  }

  done({ work, written }: Pair): Calculation<V> {
    return { work, written, bound: this.bound };
  }
}

export type { Pair };

/** The same made of both trees. */
export const together = (make: (args: readonly Tree[]) => Tree, args: readonly Pair[]): Pair => ({
  work: make(args.map((a) => a.work)),
  written: make(args.map((a) => a.written)),
});

const percentOf = (of: Pair): Pair => together((args) => percentTree(itemAt(args, 0)), [of]);
export const percentTree = (of: Tree): Tree => ({ kind: 'postfix', op: 'percent', of, span: NOWHERE });

/** Whether an expression has a value: no letter in it is open, and it is not an endless limit standing alone. */
export const isOpen = (tree: Tree): boolean =>
  openLetters(tree).some((name) => /^[a-z]$/.test(name)) || (tree.kind === 'constant' && tree.name === 'inf');

/** Beyond this many parts or characters, how a value was made is no longer told: the value stands for itself. */
const MOST_PARTS = 200;
const LONGEST_MADE = 2000;

function isLong(tree: Tree): boolean {
  const parts = nodesOf(tree);
  for (let count = 0; parts.next().done !== true; count += 1) if (count > MOST_PARTS) return true;
  return false;
}

/** Chance would answer otherwise when it is read again. */
function holdsChance(tree: Tree): boolean {
  for (const node of nodesOf(tree))
    if (node.kind === 'call' && (node.fn === 'random' || node.fn === 'randint')) return true;
  return false;
}

/**
 * An expression as the text that stands for it where it has no value of its own. Problems: what its reader would refuse,
 * so that whatever is told can be read again; too-long.
 */
export function toldText(tree: Tree): Result<string, ProblemData> {
  const text = isLong(tree) ? null : printText(tree, TYPED);
  if (text === null || text.length > LONGEST_MADE) return fail({ code: 'syntax', reason: 'too-long' });
  const read = readTold(text);
  return read.ok ? succeed(text) : read;
}

/** How a value was made, as typed text that can be read again; what is too long to be told is told as `instead`. */
export function sourceTextOf(tree: Tree, instead: string): string {
  if (isLong(tree) || holdsChance(tree)) return instead;
  const told = toldText(tree);
  return told.ok ? told.value : instead;
}
