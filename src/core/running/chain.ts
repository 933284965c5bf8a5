import { printText, TYPED } from '../language/print-text';
import { groupTree, NOWHERE } from '../language/tree';
import type { Tree } from '../language/tree';
import { Builder, entryOperand, together } from '../keyed/operand';
import type { Operand, Pair, Calculation } from '../keyed/operand';
import { besideNext, infixNamed, negation, NEXT_VALUE } from '../keyed/operation';
import type { Operation } from '../keyed/operation';
import { operators } from '../language/operators';
import type { Frame, Pending, Running, RunningSettings } from './state';

const operationOf = <V>({ left, sign }: Pending<V>, { impliedFirst }: RunningSettings): Operation =>
  left === null ? negation : infixNamed(sign, impliedFirst);

const rankOfPending = <V>(pending: Pending<V>, settings: RunningSettings): number =>
  pending.left === null ? operators.negate.rank : (operationOf(pending, settings).infix?.rank ?? operators.negate.rank);

/** Whether what is pending is a value set beside the next. */
export const isBeside = <V>({ left, sign }: Pending<V>): boolean => left !== null && sign === NEXT_VALUE;

/** How many of the pending operations belong to the value that is keyed: those behind the last value set beside it. */
export const ownOf = <V>(frame: Frame<V>): number => frame.length - 1 - frame.findLastIndex(isBeside);

/** How many of the pending operations are worked before one that holds this tightly; without one, all. */
export function folding<V>(frame: Frame<V>, next: Operation['infix'] | null, settings: RunningSettings): number {
  if (next === null || next === undefined) return frame.length;
  if (settings.order === 'leftToRight') return ownOf(frame);
  let count = 0;
  for (const pending of [...frame].reverse()) {
    const rank = rankOfPending(pending, settings);
    if (rank < next.rank || (rank === next.rank && next.side === 'right')) break;
    count += 1;
  }
  return count;
}

/** A sum in an adding list: what it begins with, and the number added or taken away. */
export type Addition = Readonly<{ first: string; sign: '+' | '−'; term: string }>;

export type Folded<V> = Readonly<{ work: Calculation<V>; addition: Addition | null }>;

/** The last `count` pending operations with their second number. */
export function folded<V>(frame: Frame<V>, count: number, last: Operand<V>, settings: RunningSettings): Folded<V> {
  const builder = new Builder<V>();
  let pair: Pair = builder.operand(last);
  let addition: Addition | null = null;
  const beside: Pair[] = [];
  for (const pending of frame.slice(frame.length - count).reverse()) {
    const { left, sign } = pending;
    const before = left === null ? null : builder.operand(left);
    if (before !== null && isBeside(pending)) {
      beside.unshift(pair);
      pair = before;
      continue;
    }
    addition =
      before !== null && (sign === '+' || sign === '−')
        ? { first: printText(before.written, TYPED), sign, term: printText(pair.written, TYPED) }
        : null;
    pair = together(operationOf(pending, settings).make, before === null ? [pair] : [before, pair]);
  }
  if (beside.length === 0) return { work: builder.done(pair), addition };
  return { work: builder.done(together(besideNext.make, [pair, ...beside])), addition: null };
}

export const currentOf = <V>({ entry, shown }: Running<V>): Operand<V> =>
  entry === '' ? (shown ?? entryOperand('0')) : entryOperand(entry);

const BOX: Tree = { kind: 'box', span: NOWHERE };

/** The whole of what is being worked, as it is written; a box stands where a number is still to come. */
export function chainTree<V>(running: Running<V>, settings: RunningSettings): Tree {
  const builder = new Builder<V>();
  const isPending = running.frames.some((frame) => frame.length > 0) || running.frames.length > 1;
  let result = running.isGiven || !isPending ? builder.operand(currentOf(running)).written : BOX;
  for (const [i, frame] of [...running.frames.entries()].reverse()) {
    const beside: Tree[] = [];
    for (const pending of [...frame].reverse()) {
      const before = pending.left === null ? null : builder.operand(pending.left).written;
      if (before !== null && isBeside(pending)) {
        beside.unshift(result);
        result = before;
      } else result = operationOf(pending, settings).make(before === null ? [result] : [before, result]);
    }
    if (beside.length > 0) result = besideNext.make([result, ...beside]);
    else if (i > 0) result = groupTree(result);
  }
  return result;
}
