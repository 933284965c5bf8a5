import type { MemoryOperation } from '@/core/memory/shelf';

/** What is meant where it is not what is at hand: the answer of a line of the tape, or a level counted from the top. */
export type Source = Readonly<{ line: string } | { level: number }>;

export type ShelfMoment = Readonly<{
  /** A place that has been asked for: the next digit or letter chooses it. */
  asking: Readonly<{ for: MemoryOperation | 'pick'; source: Source | null }> | null;
}>;

export const SHELF_AT_FIRST: ShelfMoment = { asking: null };
