import type { Storage } from '@/platform/storage';
import { readNotebook, readNotebookData, writeNotebook } from '@/state/slices/notebook';
import type { Loaded, Notebook } from '@/state/slices/notebook';

/*
 * The kept notebook as texts. Long columns are written apart, each under a key of its own, and only when they change;
 * the main text names the key in the place of the cells.
 */

export const KEY = 'ulkav.notebook';
export const CELLS_PREFIX = 'ulkav.cells.';

/** Columns with more cells than this are written apart. */
const MANY_CELLS = 2000;

type Cells = readonly string[];
type Apart = Readonly<{ apart: string }>;

const isApart = (cells: unknown): cells is Apart =>
  typeof cells === 'object' && cells !== null && typeof (cells as Partial<Apart>).apart === 'string';

/** `apart`: what the main text names, by key. */
export type KeptText = Readonly<{ main: string; apart: ReadonlyMap<string, Cells> }>;

/** Knows under which keys columns were written; `freshKey` makes a key that no tab has used. */
export function createKeptText(freshKey: () => string) {
  const keys = new WeakMap<Cells, string>();

  function written(notebook: Notebook): KeptText {
    const apart = new Map<string, Cells>();
    const tables = notebook.columns.tables.map((table) => ({
      ...table,
      columns: table.columns.map((column) => {
        if (column.cells.length <= MANY_CELLS) return column;
        const key = keys.get(column.cells) ?? CELLS_PREFIX + freshKey();
        keys.set(column.cells, key);
        apart.set(key, column.cells);
        return { ...column, cells: { apart: key } };
      }),
    }));
    // What is written is not a notebook until its columns are put back.
    const main = writeNotebook({ ...notebook, columns: { ...notebook.columns, tables: tables as never } });
    return { main, apart };
  }

  /** A main text read with its columns put back; a column that is not there is set aside by the reader. */
  async function read(main: string, storage: Storage): Promise<Loaded> {
    if (!main.includes(CELLS_PREFIX)) return readNotebook(main);
    const parsed = parsedOrNull(main);
    const found = new Map<string, Cells>();
    for (const column of columnsIn(parsed)) {
      if (!isApart(column.cells)) continue;
      const key = column.cells.apart;
      const raw = await storage.read(key).catch(() => null);
      const cells: unknown = raw === null ? null : parsedOrNull(raw);
      if (!Array.isArray(cells)) continue;
      column.cells = cells;
      found.set(key, cells as Cells);
    }
    const loaded = parsed === null ? readNotebook(main) : readNotebookData(parsed);
    // The reader makes lists of its own; those that say the same are written already.
    if (loaded.kind === 'ok')
      for (const { columns } of loaded.notebook.columns.tables)
        for (const { cells } of columns) for (const [key, of] of found) if (isSame(cells, of)) keys.set(cells, key);
    return loaded;
  }

  return { written, read };
}

type Loose = { cells?: unknown };

function columnsIn(parsed: unknown): readonly Loose[] {
  const tables = (parsed as { columns?: { tables?: unknown } } | null)?.columns?.tables;
  const listed = Array.isArray(tables) ? (tables as ({ columns?: unknown } | null)[]) : [];
  return listed
    .flatMap((table) => (Array.isArray(table?.columns) ? (table.columns as (Loose | null)[]) : []))
    .filter((column) => typeof column === 'object' && column !== null);
}

const isSame = (a: Cells, b: Cells): boolean => a.length === b.length && a.every((cell, i) => cell === b[i]);

function parsedOrNull(raw: string): unknown {
  try {
    return JSON.parse(raw);
  } catch {
    return null;
  }
}
