import { isObject, migrated } from './migrate';
import { mendedJson } from './mend-json';
import { salvaged } from './salvage';
import { NOTEBOOK_FORMAT, NOTEBOOK_VERSION } from './schema';
import type { Notebook } from './schema';

/**
 * `ok`: everything that is sound, with what is not set aside in it; `setAside` counts what was found unsound now.
 * `isMended`: the text broke off, and was read up to there. `isNewer`: a later version wrote it, and may have known more.
 * `damaged`: nothing in it could be taken for a notebook; nothing of it is used.
 */
export type Loaded =
  | Readonly<{ kind: 'ok'; notebook: Notebook; setAside: number; isMended: boolean; isNewer: boolean }>
  | Readonly<{ kind: 'damaged'; reason: 'not-json' | 'not-a-notebook' }>;

function parsedJson(raw: string): { value: unknown; isMended: boolean } | null {
  try {
    return { value: JSON.parse(raw) as unknown, isMended: false };
  } catch {
    const value = mendedJson(raw);
    return value === undefined ? null : { value, isMended: true };
  }
}

/**
 * Reads a notebook file, which is treated as a stranger's: part by part, so that one that is unsound takes nothing else
 * with it. Total; the time is that of reading the text.
 */
export function readNotebook(raw: string): Loaded {
  const parsed = parsedJson(raw);
  return parsed === null ? { kind: 'damaged', reason: 'not-json' } : readNotebookData(parsed.value, parsed.isMended);
}

/** The same of data that was parsed before. */
export function readNotebookData(value: unknown, isMended = false): Loaded {
  if (!isObject(value) || value['format'] !== NOTEBOOK_FORMAT) return { kind: 'damaged', reason: 'not-a-notebook' };
  const { version } = value;
  const isNewer = typeof version === 'number' && version > NOTEBOOK_VERSION;
  return { kind: 'ok', ...salvaged(migrated(value)), isMended, isNewer };
}

export const writeNotebook = (notebook: Notebook): string => JSON.stringify(notebook);
