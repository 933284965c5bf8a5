import type { Notebook } from './schema';
import { NOTEBOOK_VERSION, notebookSchema } from './schema';
import { decode } from './value-codec';
import type { SavedValue } from './value-codec';

/** `damaged` keeps the raw text, so that it can be set aside and looked into; nothing of it is used. */
export type Loaded =
  Readonly<{ kind: 'ok'; notebook: Notebook }> | Readonly<{ kind: 'damaged'; raw: string; issues: readonly string[] }>;

function* savedValues(notebook: Notebook): Generator<readonly [string, SavedValue]> {
  if (notebook.ans !== null) yield ['ans', notebook.ans];
  for (const [i, { value }] of notebook.tape.entries()) if (value !== null) yield [`tape.${i}.value`, value];
  for (const [name, kept] of Object.entries(notebook.letters)) yield [`letters.${name}.value`, kept.value];
}

const isObject = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null && !Array.isArray(v);

/** Version 1 knew no complex numbers: its settings and lines are those of real ones. */
function fromVersion1(old: Record<string, unknown>): Record<string, unknown> {
  const { settings, tape } = old;
  const real = { complex: false };
  return {
    ...old,
    version: NOTEBOOK_VERSION,
    settings: isObject(settings) ? { ...settings, ...real } : settings,
    tape: Array.isArray(tape) ? tape.map((line: unknown) => (isObject(line) ? { ...line, ...real } : line)) : tape,
  };
}

/** Reads a notebook file: JSON of the right shape and version, whose values fit together. */
export function readNotebook(raw: string): Loaded {
  let parsed: unknown;
  try {
    parsed = JSON.parse(raw);
  } catch {
    return { kind: 'damaged', raw, issues: ['not JSON'] };
  }
  const current = isObject(parsed) && parsed['version'] === 1 ? fromVersion1(parsed) : parsed;
  const result = notebookSchema.safeParse(current);
  if (!result.success)
    return { kind: 'damaged', raw, issues: result.error.issues.map((i) => `${i.path.join('.')}: ${i.message}`) };
  const unsound = [...savedValues(result.data)].filter(([, saved]) => decode(saved) === null);
  if (unsound.length > 0) return { kind: 'damaged', raw, issues: unsound.map(([path]) => `${path}: not a value`) };
  const ids = new Set(result.data.tape.map((line) => line.id));
  if (ids.size < result.data.tape.length) return { kind: 'damaged', raw, issues: ['tape: two lines have the same id'] };
  return { kind: 'ok', notebook: result.data };
}

export const writeNotebook = (notebook: Notebook): string => JSON.stringify(notebook);
