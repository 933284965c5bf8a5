import { EMPTY_RUNNING } from '../running/state';
import { EMPTY_STACK } from '../stack/stack';
import { NOTEBOOK_VERSION } from './schema';

/* Older notebooks, brought to the present version one step at a time. */

export const isObject = (v: unknown): v is Record<string, unknown> =>
  typeof v === 'object' && v !== null && !Array.isArray(v);

/** Data of which nothing is known yet. */
export type Old = Record<string, unknown>;

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
    grown(old, 6, {
      notebook: {
        curves: isObject(curves) ? { ...curves, points: null } : curves,
        columns: { tables: [], open: null, into: null },
      },
      settings: {},
      tapeLine: {},
    }),
  6: (old) => grown(old, NOTEBOOK_VERSION, { notebook: { setAside: [] }, settings: {}, tapeLine: {} }),
};

/** What version 5 began with; it stays as it is when the app begins otherwise. */
const FIRST_CURVES: Old = {
  functions: [],
  view: null,
  x: { name: 'x', unit: '', ticks: 'decimal' },
  y: { name: 'y', unit: '', ticks: 'decimal' },
  table: { by: 'step', from: '-5', step: '1', to: '5', picked: [], exact: true },
};

/** Data of any version as the present one has it; what is of no known version stays as it is. */
export function migrated(parsed: unknown): unknown {
  let now = parsed;
  while (isObject(now)) {
    const step = typeof now['version'] === 'number' ? migrations[now['version']] : undefined;
    if (step === undefined) return now;
    now = step(now);
  }
  return now;
}
