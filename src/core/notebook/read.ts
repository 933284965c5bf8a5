import { finishedEntry, isReadable } from '../keyed/entry';
import { EMPTY_RUNNING } from '../running/state';
import { EMPTY_STACK } from '../stack/stack';
import type { Notebook, SavedOperand } from './schema';
import { NOTEBOOK_VERSION, notebookSchema } from './schema';
import { decode } from './value-codec';
import type { SavedValue } from './value-codec';

/** `damaged` keeps the raw text, so that it can be set aside and looked into; nothing of it is used. */
export type Loaded =
  Readonly<{ kind: 'ok'; notebook: Notebook }> | Readonly<{ kind: 'damaged'; raw: string; issues: readonly string[] }>;

function* savedValues(notebook: Notebook): Generator<readonly [string, SavedValue]> {
  if (notebook.ans !== null) yield ['ans', notebook.ans];
  for (const [i, { value }] of notebook.tape.entries()) if (value !== null) yield [`tape.${i}.value`, value];
  for (const [name, kept] of Object.entries(notebook.shelf)) yield [`shelf.${name}.value`, kept.value];
  for (const [path, { value, percent }] of operandsOf(notebook)) {
    if (value !== null) yield [`${path}.value`, value];
    if (percent?.value != null) yield [`${path}.percent.value`, percent.value];
  }
}

/** Everything that the Running and Stack styles hold. */
function* operandsOf({ running, stack }: Notebook): Generator<readonly [string, SavedOperand]> {
  for (const [i, level] of stack.levels.entries()) yield [`stack.levels.${i}`, level];
  for (const [i, operand] of stack.operands.entries()) yield [`stack.operands.${i}`, operand];
  if (running.shown !== null) yield ['running.shown', running.shown];
  if (running.repeat !== null) yield ['running.repeat.right', running.repeat.right];
  for (const [i, frame] of running.frames.entries())
    for (const [j, { left }] of frame.entries()) if (left !== null) yield [`running.frames.${i}.${j}.left`, left];
}

/** Texts that are read as expressions later on and must be readable. */
function* madeTexts(notebook: Notebook): Generator<readonly [string, string]> {
  for (const [path, { made, percent }] of operandsOf(notebook)) {
    yield [`${path}.made`, made];
    if (percent !== null) yield [`${path}.percent.made`, percent.made];
  }
  for (const [name, { entry }] of [['stack', notebook.stack] as const, ['running', notebook.running] as const])
    if (entry !== '') yield [`${name}.entry`, finishedEntry(entry)];
  for (const [i, { text }] of notebook.curves.functions.entries()) yield [`curves.functions.${i}.text`, text];
}

const isObject = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null && !Array.isArray(v);

type Old = Record<string, unknown>;

/** An old notebook with what a later version knows besides added to its settings, its line and the lines of its tape. */
function grown(old: Old, version: number, added: { notebook?: Old; settings: Old; line?: Old; tapeLine: Old }): Old {
  const { settings, tape, line } = old;
  const with_ = (part: unknown, more: Old | undefined): unknown => (isObject(part) ? { ...part, ...more } : part);
  return {
    ...old,
    ...added.notebook,
    version,
    settings: with_(settings, added.settings),
    line: with_(line, added.line),
    tape: Array.isArray(tape) ? tape.map((l: unknown) => with_(l, added.tapeLine)) : tape,
  };
}

/** The letters of a notebook that did not know yet when they were kept, and wrote each before what it came from. */
const dated = (letters: unknown): unknown =>
  isObject(letters)
    ? Object.fromEntries(Object.entries(letters).map(([name, kept]) => [name, isObject(kept) ? keptThen(kept) : kept]))
    : letters;
const keptThen = (kept: Old): Old => {
  const { from } = kept;
  return { ...kept, from: typeof from === 'string' ? from.replace(/^[A-Z]\s*:=\s*/, '') : from, line: null, at: null };
};

/** What each version did not know yet. */
const migrations: Readonly<Record<number, (old: Old) => Old>> = {
  1: (old) => grown(old, 2, { settings: { complex: false }, tapeLine: { complex: false } }),
  2: (old) =>
    grown(old, 3, {
      notebook: { tries: {} },
      settings: { view: 'boxed', slash: 'fraction', form: null, keyStrip: false },
      line: { own: null, keys: [] },
      tapeLine: { own: null, tried: {}, keys: [], pinned: false, note: '' },
    }),
  3: ({ letters, ...old }) =>
    grown(old, 4, {
      notebook: { shelf: dated(letters), running: EMPTY_RUNNING, stack: EMPTY_STACK },
      settings: {
        style: 'written',
        order: 'precedence',
        depth: 'unlimited',
        fractions: 'improper',
        complexForm: 'rectangular',
        textSize: 100,
        sound: false,
        haptics: false,
      },
      tapeLine: { addition: null },
    }),
  4: (old) => grown(old, 5, { notebook: { curves: FIRST_CURVES }, settings: {}, tapeLine: {} }),
  5: ({ curves, ...old }) =>
    grown(old, NOTEBOOK_VERSION, {
      notebook: {
        curves: isObject(curves) ? { ...curves, points: null } : curves,
        columns: { tables: [], open: null, into: null },
      },
      settings: {},
      tapeLine: {},
    }),
};

/** What version 5 began with; it stays as it is when the app begins otherwise. */
const FIRST_CURVES: Old = {
  functions: [],
  view: null,
  x: { name: 'x', unit: '', ticks: 'decimal' },
  y: { name: 'y', unit: '', ticks: 'decimal' },
  table: { by: 'step', from: '-5', step: '1', to: '5', picked: [], exact: true },
};

function migrated(parsed: unknown): unknown {
  let now = parsed;
  while (isObject(now)) {
    const step = typeof now['version'] === 'number' ? migrations[now['version']] : undefined;
    if (step === undefined) return now;
    now = step(now);
  }
  return now;
}

/** Reads a notebook file: JSON of the right shape and version, whose values fit together. */
export function readNotebook(raw: string): Loaded {
  let parsed: unknown;
  try {
    parsed = JSON.parse(raw);
  } catch {
    return { kind: 'damaged', raw, issues: ['not JSON'] };
  }
  const result = notebookSchema.safeParse(migrated(parsed));
  if (!result.success)
    return { kind: 'damaged', raw, issues: result.error.issues.map((i) => `${i.path.join('.')}: ${i.message}`) };
  const unsound = [...savedValues(result.data)].filter(([, saved]) => decode(saved) === null);
  if (unsound.length > 0) return { kind: 'damaged', raw, issues: unsound.map(([path]) => `${path}: not a value`) };
  const unread = [...madeTexts(result.data)].filter(([, made]) => !isReadable(made));
  if (unread.length > 0) return { kind: 'damaged', raw, issues: unread.map(([path]) => `${path}: not an expression`) };
  const { functions } = result.data.curves;
  if (new Set(functions.map(({ id }) => id)).size < functions.length)
    return { kind: 'damaged', raw, issues: ['curves.functions: two functions have the same id'] };
  const { tables } = result.data.columns;
  const columns = tables.flatMap((table) => table.columns);
  if (
    new Set(tables.map(({ id }) => id)).size < tables.length ||
    new Set(columns.map(({ id }) => id)).size < columns.length
  )
    return { kind: 'damaged', raw, issues: ['columns.tables: two tables or columns have the same id'] };
  const ids = new Set(result.data.tape.map((line) => line.id));
  if (ids.size < result.data.tape.length) return { kind: 'damaged', raw, issues: ['tape: two lines have the same id'] };
  return { kind: 'ok', notebook: result.data };
}

export const writeNotebook = (notebook: Notebook): string => JSON.stringify(notebook);
