import type { Entry } from '../keyed/entry';
import type { Operand } from '../keyed/operand';

/** An operation that waits for its second number. Without a number before it, it is the minus of a number. */
export type Pending<V> = Readonly<{ left: Operand<V> | null; sign: string }>;
export type Frame<V> = readonly Pending<V>[];

export const runningOrders = ['precedence', 'leftToRight'] as const;
export type RunningOrder = (typeof runningOrders)[number];

export type RunningSettings = Readonly<{ order: RunningOrder; impliedFirst: boolean }>;

/** The Running style between two keys. */
export type Running<V> = Readonly<{
  /** The number being keyed; empty when the number shown came about otherwise. */
  entry: Entry;
  /** The number shown while none is keyed; null for the zero after a clear. */
  shown: Operand<V> | null;
  /** The number shown was keyed or worked for the place where it stands; else it only repeats what is pending. */
  isGiven: boolean;
  /** The number shown is a bracket that was just closed. */
  isClosed: boolean;
  /** `=` was the last key: a number begins anew, an operator goes on. */
  isDone: boolean;
  /** What is pending, outermost bracket first. There is always one. */
  frames: readonly Frame<V>[];
  /** What a further `=` does again. */
  repeat: Readonly<{ sign: string; right: Operand<V> }> | null;
  /** The first number pending, or shown, is the sum of an adding list. */
  isListed: boolean;
}>;

export const EMPTY_RUNNING: Running<never> = {
  entry: '',
  shown: null,
  isGiven: false,
  isClosed: false,
  isDone: false,
  frames: [[]],
  repeat: null,
  isListed: false,
};
