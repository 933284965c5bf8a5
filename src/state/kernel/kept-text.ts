import type { Storage } from '@/platform/storage';
import { readNotebook, readNotebookData, writeNotebook } from '@/state/slices/notebook';
import type { Loaded, Notebook } from '@/state/slices/notebook';
import { isObject } from './found';

/*
 * The kept notebook as texts. Long columns, finished lines in groups, and what an examination put aside are written apart,
 * each under a key of its own, and only when they change; the main text names the key in their place. So a pause writes what has changed since the
 * last one, however long the tape is.
 */

export const KEY = 'ulkav.notebook';
/** What is written apart. (The name is older than the groups of lines.) */
export const APART_PREFIX = 'ulkav.cells.';

/** Columns with more cells than this are written apart. */
const MANY_CELLS = 2000;
/** A group of finished lines ends with one whose number is a multiple of this, so that one taken away changes its own group. */
const GROUP = 64;

type Line = Notebook['tape'][number];
type Items = readonly unknown[];
type Apart = Readonly<{ apart: string }>;

const isApart = (found: unknown): found is Apart =>
  isObject(found) && typeof found['apart'] === 'string' && found['apart'].startsWith(APART_PREFIX);

/** `apart`: what the main text names, by key. */
export type KeptText = Readonly<{ main: string; apart: ReadonlyMap<string, Items> }>;

const endsGroup = ({ id }: Line): boolean => Number(id.slice(1)) % GROUP === 0;

/** The finished lines in groups; those after the last whole group are not in one. */
function grouped(tape: readonly Line[]): { groups: readonly (readonly Line[])[]; rest: readonly Line[] } {
  const groups: Line[][] = [];
  let open: Line[] = [];
  for (const line of tape) {
    open.push(line);
    if (!endsGroup(line)) continue;
    groups.push(open);
    open = [];
  }
  return { groups, rest: open };
}

const isSame = (a: Items, b: Items): boolean => a.length === b.length && a.every((item, i) => item === b[i]);

/** Knows under which keys things were written; `freshKey` makes a key that no tab has used. */
export function createKeptText(freshKey: () => string) {
  const keys = new WeakMap<Items, string>();
  /** The groups as they were last written, each by its first line. */
  const known = new WeakMap<Line, readonly Line[]>();

  function keyOf(items: Items): string {
    const key = keys.get(items) ?? APART_PREFIX + freshKey();
    keys.set(items, key);
    return key;
  }

  /** The same list as last time where its lines are the same. */
  function recognised(group: readonly Line[]): readonly Line[] {
    const [first] = group;
    if (first === undefined) return group;
    const before = known.get(first);
    if (before !== undefined && isSame(before, group)) return before;
    known.set(first, group);
    return group;
  }

  function written(notebook: Notebook): KeptText {
    const apart = new Map<string, Items>();
    const put = (items: Items): Apart => {
      const key = keyOf(items);
      apart.set(key, items);
      return { apart: key };
    };
    const tables = notebook.columns.tables.map((table) => ({
      ...table,
      columns: table.columns.map((column) =>
        column.cells.length <= MANY_CELLS ? column : { ...column, cells: put(column.cells) },
      ),
    }));
    const { groups, rest } = grouped(notebook.tape);
    const tape = [...groups.map((group) => put(recognised(group))), ...rest];
    // What is written is not a notebook until what stands apart is put back.
    const { exam } = notebook;
    const main = writeNotebook({
      ...notebook,
      exam: exam === null || exam.before.length === 0 ? exam : { ...exam, before: put(exam.before) as never },
      tape: tape as never,
      columns: { ...notebook.columns, tables: tables as never },
    });
    return { main, apart };
  }

  /** A main text read with what stands apart put back; what is not there is set aside by the reader. */
  async function read(main: string, storage: Storage): Promise<Loaded> {
    const parsed = main.includes(APART_PREFIX) ? parsedOrNull(main) : null;
    if (!isObject(parsed)) return readNotebook(await whole(main, storage));
    const listed = async ({ apart }: Apart): Promise<Items | null> => {
      const raw = await (storage.durable?.newest ?? storage.read)(apart).catch(() => null);
      const items: unknown = raw === null ? null : parsedOrNull(raw);
      return Array.isArray(items) ? items : null;
    };
    const cells = new Map<string, Items>();
    for (const column of columnsIn(parsed)) {
      const found = isApart(column.cells) ? await listed(column.cells) : null;
      if (found === null) continue;
      cells.set((column.cells as Apart).apart, found);
      column.cells = found;
    }
    const groups = new Map<string, Items>();
    if (Array.isArray(parsed['tape'])) {
      const tape: unknown[] = [];
      for (const item of parsed['tape'] as unknown[]) {
        const found = isApart(item) ? await listed(item) : null;
        if (found === null) tape.push(item);
        else {
          groups.set((item as Apart).apart, found);
          tape.push(...found);
        }
      }
      parsed['tape'] = tape;
    }
    const exam = parsed['exam'];
    const before = isObject(exam) && isApart(exam['before']) ? exam['before'] : null;
    const aside = before === null ? null : await listed(before);
    if (isObject(exam) && aside !== null) exam['before'] = aside;
    const { version } = parsed;
    const loaded = readNotebookData(parsed);
    // The reader makes objects of its own; those that say the same, in the same version, are written already.
    if (loaded.kind !== 'ok' || loaded.notebook.version !== version) return loaded;
    if (before !== null && aside !== null && loaded.notebook.exam !== null)
      keys.set(loaded.notebook.exam.before, before.apart);
    for (const { columns } of loaded.notebook.columns.tables)
      for (const column of columns)
        for (const [key, of] of cells) if (isSame(column.cells, of)) keys.set(column.cells, key);
    const inTape = new Map(grouped(loaded.notebook.tape).groups.map((group) => [group[0]?.id, group]));
    for (const [key, of] of groups) {
      const group = inTape.get((of[0] as Line | undefined)?.id);
      if (group !== undefined && isSame(group.map(idOf), of.map(idOf))) keys.set(recognised(group), key);
    }
    return loaded;
  }

  return { written, read };
}

/** A main text with what stands apart put back as text, so that nothing of one that breaks off is lost. */
export async function whole(main: string, storage: Storage): Promise<string> {
  const named = [...main.matchAll(/("(?:cells|before)":)?\{"apart":"(ulkav\.cells\.[^"]+)"\}/g)];
  let result = main;
  for (const [text, member, key] of named) {
    const raw = await storage.read(key as string).catch(() => null);
    // Lines stand in the list of the tape itself.
    if (raw !== null) result = result.replace(text, () => (member === undefined ? raw.slice(1, -1) : member + raw));
  }
  return result;
}

const idOf = (item: unknown): unknown => (isObject(item) ? item['id'] : undefined);

type Loose = { cells?: unknown };

function columnsIn(parsed: unknown): readonly Loose[] {
  const tables = (parsed as { columns?: { tables?: unknown } } | null)?.columns?.tables;
  const listed = Array.isArray(tables) ? (tables as ({ columns?: unknown } | null)[]) : [];
  return listed
    .flatMap((table) => (Array.isArray(table?.columns) ? (table.columns as (Loose | null)[]) : []))
    .filter((column) => typeof column === 'object' && column !== null);
}

function parsedOrNull(raw: string): unknown {
  try {
    return JSON.parse(raw);
  } catch {
    return null;
  }
}
