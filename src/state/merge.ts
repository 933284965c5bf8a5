import { asidePart, freeAsideId } from '@/core/notebook/set-aside';
import type { PartKind, SetAside } from '@/core/notebook/set-aside';
import type { DataColumn, DataTable, SavedColumns } from '@/core/notebook/columns';
import type { SavedCurves } from '@/core/notebook/curves';
import type { SavedShelf, Settings, TapeLine } from '@/core/notebook/schema';
import type { Document } from './document';

/*
 * What two tabs wrote, brought together. Each part is compared with what both began from: a part that one of them
 * changed is as that one has it; what both changed is as this tab has it, and the other's is set aside. The line being
 * written belongs to its tab.
 */

export type Kept = Readonly<{ document: Document; settings: Settings }>;

type Shared = Omit<Document, 'line' | 'own' | 'keyed' | 'editing'>;
type Named = Readonly<{ id: string }>;

const text = (value: unknown): string => (value === undefined ? '' : JSON.stringify(value));

/** What came from elsewhere, with this tab's own objects wherever they say the same, so that from then on looking at them is enough. */
function recognised<T>(own: T, other: T): T {
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

type Lost = (of: PartKind, name: string, text: string, raw: unknown) => void;

/** One thing: as the only one that changed it has it, else as this tab has it. */
function one<T>(base: T, mine: T, theirs: T, lost: () => void): T {
  if (mine === base) return theirs;
  if (theirs !== base && text(mine) !== text(theirs)) lost();
  return mine;
}

/** Ids that are taken, and new ones. */
function freeIds(taken: Iterable<string>, letter: string): () => string {
  let last = 0;
  for (const id of taken) last = Math.max(last, Number(id.slice(1)) || 0);
  return () => `${letter}${(last += 1)}`;
}

/** A list of things with ids; what both tabs added under one id gets another in this one, told by `renamed`. */
function list<T extends Named>(
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
  const made: T[] = [];
  const added: T[] = [];
  for (const their of theirs) {
    const [before, here] = [was.get(their.id), own.get(their.id)];
    if (here === undefined) {
      // Removed here, unless the other tab went on with it.
      if (before !== their) made.push(their);
    } else if (before === undefined && text(here) !== text(their)) {
      made.push(their);
      added.push(renamed(here));
    } else made.push(both(before, here, their));
  }
  for (const here of mine) {
    if (others.has(here.id)) continue;
    if (was.get(here.id) !== here) added.push(here);
  }
  return [...made, ...added];
}

function shelfOf(base: SavedShelf, mine: SavedShelf, theirs: SavedShelf, lost: Lost): SavedShelf {
  if (theirs === base) return mine;
  if (mine === base) return theirs;
  const made: SavedShelf = {};
  for (const name of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const [b, m, t] = [base[name], mine[name], theirs[name]];
    // What was kept later counts.
    const isTheirs = m === b || (t !== undefined && t !== b && m !== undefined && (t.at ?? 0) > (m.at ?? 0));
    const [kept, other] = isTheirs ? [t, m] : [m, t];
    if (kept !== undefined) made[name] = kept;
    if (other !== undefined && other !== b && m !== b && text(other) !== text(kept))
      lost('place', name, other.from, other);
  }
  return made;
}

const record = <T extends object>(base: T, mine: T, theirs: T): T => {
  if (theirs === base) return mine;
  if (mine === base) return theirs;
  const made: Partial<T> = {};
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)]) as Set<keyof T & string>) {
    const value = mine[key] === base[key] ? theirs[key] : mine[key];
    if (value !== undefined) made[key] = value;
  }
  return made as T;
};

const copied = <T extends Named>(item: T, id: string): T => ({ ...item, id });

function tablesOf(base: SavedColumns, mine: SavedColumns, theirs: SavedColumns, lost: Lost): readonly DataTable[] {
  const ids = (of: SavedColumns): readonly string[] => of.tables.flatMap((t) => [t.id, ...t.columns.map((c) => c.id)]);
  const taken = [...ids(mine), ...ids(theirs)];
  const [tableId, columnId] = [freeIds(taken, 't'), freeIds(taken, 'c')];
  /** A table that this tab made has columns that no other table has. */
  const renamed = (table: DataTable): DataTable => {
    const names = new Map(table.columns.map(({ id }) => [id, columnId()]));
    const named = (id: string | null): string | null => (id === null ? null : (names.get(id) ?? id));
    const { one: of, frequencies, upper, x, y } = table.use;
    return {
      ...table,
      id: tableId(),
      columns: table.columns.map((column) => copied(column, names.get(column.id)!)),
      use: {
        ...table.use,
        one: named(of),
        frequencies: named(frequencies),
        upper: named(upper),
        x: named(x),
        y: named(y),
      },
    };
  };
  const column = (before: DataColumn | undefined, own: DataColumn, other: DataColumn): DataColumn =>
    one(before ?? own, own, other, () => lost('column', other.name, other.cells.join('\n'), other));
  return list(
    base.tables,
    mine.tables,
    theirs.tables,
    (before, own, other) =>
      before === undefined
        ? own
        : {
            id: own.id,
            name: one(before.name, own.name, other.name, () => undefined),
            columns: [...list(before.columns, own.columns, other.columns, column, (c) => copied(c, columnId()))],
            use: record(before.use, own.use, other.use),
          },
    renamed,
  );
}

function curvesOf(base: SavedCurves, mine: SavedCurves, theirs: SavedCurves, lost: Lost): SavedCurves {
  if (theirs === base) return mine;
  if (mine === base) return theirs;
  const id = freeIds(
    [...mine.functions, ...theirs.functions].map((f) => f.id),
    'f',
  );
  return {
    ...record(base, mine, theirs),
    functions: [
      ...list(
        base.functions,
        mine.functions,
        theirs.functions,
        (before, own, other) => one(before ?? own, own, other, () => lost('function', other.name, other.text, other)),
        (f) => copied(f, id()),
      ),
    ],
  };
}

/** The parts that tabs share, brought together. */
function shared(base: Shared, mine: Shared, theirs: Shared): Shared {
  const aside: SetAside[] = [];
  const freeId = freeAsideId([...mine.setAside, ...theirs.setAside]);
  const lost: Lost = (of, name, told, raw) => aside.push(asidePart(freeId(), of, 'other-tab', name, told, raw));
  const lineId = freeIds(
    [...mine.tape, ...theirs.tape].map((l) => l.id),
    'l',
  );
  const lines = new Map<string, string>();
  const tape = list<TapeLine>(
    base.tape,
    mine.tape,
    theirs.tape,
    (before, own, other) => one(before ?? own, own, other, () => lost('tape', '', other.text, other)),
    (line) => {
      const id = lineId();
      lines.set(line.id, id);
      return copied(line, id);
    },
  );
  // What this tab kept came from its own lines.
  const shelf = Object.fromEntries(
    Object.entries(mine.shelf).map(([name, kept]) => {
      const from = kept.line === null || base.shelf[name] === kept ? undefined : lines.get(kept.line);
      return [name, from === undefined ? kept : { ...kept, line: from }];
    }),
  );
  const isRenamed = Object.entries(shelf).some(([name, kept]) => kept !== mine.shelf[name]);
  const columns: SavedColumns =
    theirs.columns === base.columns
      ? mine.columns
      : { ...mine.columns, tables: [...tablesOf(base.columns, mine.columns, theirs.columns, lost)] };
  const merged: Omit<Shared, 'setAside'> = {
    tape,
    shelf: shelfOf(base.shelf, isRenamed ? shelf : mine.shelf, theirs.shelf, lost),
    running: one(base.running, mine.running, theirs.running, () =>
      lost('running', '', theirs.running.shown?.made ?? theirs.running.entry, theirs.running),
    ),
    stack: one(base.stack, mine.stack, theirs.stack, () =>
      lost('stack', '', theirs.stack.levels.at(-1)?.made ?? theirs.stack.entry, theirs.stack),
    ),
    ans: one(base.ans, mine.ans, theirs.ans, () => undefined),
    tries: record(base.tries, mine.tries, theirs.tries),
    curves: curvesOf(base.curves, mine.curves, theirs.curves, lost),
    columns,
  };
  const setAside = list(
    base.setAside,
    mine.setAside,
    theirs.setAside,
    (_, own) => own,
    (part) => copied(part, freeId()),
  );
  return { ...merged, setAside: aside.length === 0 ? setAside : [...setAside, ...aside] };
}

export type Merged = Readonly<{
  kept: Kept;
  /** What the other tab has, in this tab's own objects wherever they say the same: what both have from now on. */
  known: Kept;
  /** How many things both tabs had changed: this tab's stand, the other's are set aside. */
  conflicts: number;
  /** Brings an older document of this tab, such as a step of undo, up to what the other tab did. */
  rebased: (document: Document) => Document;
}>;

/** What this tab has, and what another one wrote since both had `base`. */
export function merged(base: Kept, mine: Kept, theirs: Kept): Merged {
  const known: Document = recognised(base.document, { ...theirs.document, line: base.document.line });
  const join = (document: Document): Document => ({ ...document, ...shared(base.document, document, known) });
  const document = join(mine.document);
  const before = mine.document.setAside.filter(({ reason }) => reason === 'other-tab').length;
  const after = document.setAside.filter(({ reason }) => reason === 'other-tab').length;
  // Steps of undo share most of their parts: what is made of one is made once.
  const made = new Map<string, Map<unknown, unknown>>();
  const rebased = (old: Document): Document => {
    const parts = ['tape', 'shelf', 'running', 'stack', 'ans', 'tries', 'curves', 'columns'] as const;
    const isKnown = parts.every((part) => made.get(part)?.has(old[part]) === true);
    if (!isKnown) {
      const next = join(old);
      for (const part of parts) {
        const of = made.get(part) ?? new Map<unknown, unknown>();
        made.set(part, of);
        if (!of.has(old[part])) of.set(old[part], next[part]);
      }
    }
    const parted = Object.fromEntries(parts.map((part) => [part, made.get(part)!.get(old[part])]));
    return { ...old, ...parted, setAside: document.setAside };
  };
  const theirSettings = recognised(base.settings, theirs.settings);
  return {
    kept: { document, settings: record(base.settings, mine.settings, theirSettings) },
    known: { document: known, settings: theirSettings },
    conflicts: Math.max(0, after - before),
    rebased,
  };
}
