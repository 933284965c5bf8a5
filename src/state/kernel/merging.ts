import type { PartKind } from '@/core/notebook/set-aside';

/*
 * What two tabs wrote, brought together. Each part is compared with what both began from: a part that one of them
 * changed is as that one has it; what both changed is as this tab has it, and the other's is set aside.
 */

export type Named = Readonly<{ id: string }>;

export const text = (value: unknown): string => (value === undefined ? '' : JSON.stringify(value));

/** What came from elsewhere, with this tab's own objects wherever they say the same, so that from then on looking at them is enough. */
export function recognised<T>(own: T, other: T): T {
  if (own === other || text(own) === text(other)) return own;
  if (Array.isArray(own) && Array.isArray(other)) {
    const byId = new Map(own.filter(hasId).map((item) => [item.id, item]));
    return other.map((item: unknown) =>
      hasId(item) && byId.has(item.id) ? recognised<unknown>(byId.get(item.id), item) : item,
    ) as T;
  }
  if (!isRecord(own) || !isRecord(other)) return other;
  return Object.fromEntries(
    Object.entries(other).map(([key, value]) => [key, key in own ? recognised(own[key], value) : value]),
  ) as T;
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const hasId = (value: unknown): value is Named => isRecord(value) && typeof value['id'] === 'string';

/** Sets aside what the other tab has, where both had changed it. */
export type Lost = (of: PartKind, name: string, text: string, raw: unknown) => void;

/** One thing: as the only one that changed it has it, else as this tab has it. */
export function one<T>(base: T, mine: T, theirs: T, lost: () => void): T {
  if (mine === base) return theirs;
  if (theirs !== base && text(mine) !== text(theirs)) lost();
  return mine;
}

/** Ids that are taken, and new ones. */
export function freeIds(taken: Iterable<string>, letter: string): () => string {
  let last = 0;
  for (const id of taken) last = Math.max(last, Number(id.slice(1)) || 0);
  return () => `${letter}${(last += 1)}`;
}

/** A list of things with ids; what both tabs added under one id gets another in this one, told by `renamed`. */
export function list<T extends Named>(
  base: readonly T[],
  mine: readonly T[],
  theirs: readonly T[],
  both: (base: T | undefined, mine: T, theirs: T) => T,
  renamed: (item: T) => T,
): readonly T[] {
  if (theirs === base) return mine;
  if (mine === base) return theirs;
  const [was, own] = [new Map(base.map((x) => [x.id, x])), new Map(mine.map((x) => [x.id, x]))];
  const others = new Set(theirs.map(({ id }) => id));
  const result: T[] = [];
  const added: T[] = [];
  for (const their of theirs) {
    const [before, here] = [was.get(their.id), own.get(their.id)];
    if (here === undefined) {
      // Removed here, unless the other tab went on with it.
      if (before !== their) result.push(their);
    } else if (before === undefined && text(here) !== text(their)) {
      result.push(their);
      added.push(renamed(here));
    } else result.push(both(before, here, their));
  }
  for (const here of mine) {
    if (others.has(here.id)) continue;
    if (was.get(here.id) !== here) added.push(here);
  }
  return [...result, ...added];
}

export const record = <T extends object>(base: T, mine: T, theirs: T): T => {
  if (theirs === base) return mine;
  if (mine === base) return theirs;
  const result: Partial<T> = {};
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)]) as Set<keyof T & string>) {
    const value = mine[key] === base[key] ? theirs[key] : mine[key];
    if (value !== undefined) result[key] = value;
  }
  return result as T;
};

export const copied = <T extends Named>(item: T, id: string): T => ({ ...item, id });

/**
 * The parts of a slice of this tab and of another one, brought together. `renamed`: ids of lines of the tape that get
 * others, since both tabs added one under the same id.
 */
export type Merge<D> = (base: D, mine: D, theirs: D, lost: Lost, renamed: Map<string, string>) => Partial<D>;
