import type { z } from 'zod/mini';
import { NOTEBOOK_FORMAT, NOTEBOOK_VERSION } from '@/core/notebook/schema';
import type { Settings } from '@/core/notebook/settings';
import { Aside } from '@/state/kernel/aside';
import { isObject, objectOf } from '@/state/kernel/found';
import type { Old } from '@/state/kernel/found';
import { mendedJson } from '@/state/kernel/mend-json';
import type { SavedPart } from '@/state/kernel/slice';
import { openedParts, savedParts, slices } from './parts';
import type { Kept, SavedParts } from './parts';
import { settingsPart } from './settings/part';

/*
 * The notebook: all that a user has, as a versioned file, put together from the slices. Reading one treats it as a
 * stranger's input: part by part, so that one that is unsound takes nothing else with it. The published JSON Schema in
 * docs/ is made from this, and a test keeps the two the same.
 */

export type Notebook = Readonly<{
  format: typeof NOTEBOOK_FORMAT;
  version: typeof NOTEBOOK_VERSION;
  settings: Settings;
}> &
  SavedParts;

const savedBy: Readonly<Record<string, SavedPart<unknown>>> = Object.assign(
  {},
  ...slices.map(({ saved }) => saved),
) as Record<string, SavedPart<unknown>>;

/** The schema of each part of the notebook file, by its key. */
export const partSchemas = (): Readonly<Record<string, z.ZodMiniType>> =>
  Object.fromEntries(Object.entries({ settings: settingsPart, ...savedBy }).map(([key, { schema }]) => [key, schema]));

export const toNotebook = (kept: Kept): Notebook => ({
  format: NOTEBOOK_FORMAT,
  version: NOTEBOOK_VERSION,
  settings: kept.settings,
  ...savedParts(kept),
});

export const fromNotebook = (notebook: Notebook): Kept => openedParts(notebook, notebook.settings);

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

/** Reads the text of a notebook file. Total; the time is that of reading the text. */
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

/** Data of any version as the present one has it, one version at a time; of what is of no known version, nothing changes. */
export function migrated(found: Old): Old {
  let now = found;
  while (typeof now['version'] === 'number' && now['version'] >= 1 && now['version'] < NOTEBOOK_VERSION) {
    const version = Math.floor(now['version']) + 1;
    const next: Old = { ...now, version };
    for (const [key, { migrations }] of Object.entries({ settings: settingsPart, ...savedBy })) {
      const migrate = migrations?.[version];
      if (migrate !== undefined) next[key] = migrate(now[key], now);
    }
    now = next;
  }
  return now;
}

/** Everything sound in data that says it is a notebook, and how many parts were set aside. */
function salvaged(found: unknown): { notebook: Notebook; setAside: number } {
  const old = objectOf(found);
  const aside = new Aside(old['setAside']);
  const settings = settingsPart.salvaged(old['settings'], aside);
  const parts: Old = {};
  for (const [key, part] of Object.entries(savedBy)) parts[key] = part.salvaged(old[key], aside);
  const saved = parts as SavedParts;
  return {
    notebook: {
      format: NOTEBOOK_FORMAT,
      version: NOTEBOOK_VERSION,
      settings,
      ...saved,
    },
    setAside: aside.found,
  };
}
