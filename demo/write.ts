import { itemAt } from '@/core/base/item';
import { EMPTY_KEPT, DEFAULT_SETTINGS } from '@/state/slices/parts';
import { writeFileSync } from 'node:fs';
import { lineOf } from '@/core/line/line';
import { keep } from '@/core/memory/shelf';
import { FIRST_USE } from '@/core/notebook/columns';
import type { AnalysisOptions, SavedColumns } from '@/core/notebook/columns';
import { EMPTY_CURVES } from '@/core/notebook/curves';
import type { SavedCurves } from '@/core/notebook/curves';
import type { SavedShelf } from '@/core/notebook/schema';
import type { Settings } from '@/core/notebook/settings';
import { writeNotebook, toNotebook } from '@/state/slices/notebook';
import type { Value } from '@/core/number/value';
import { isKeyId, keys } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import { toCanonicalText } from '@/state/slices/curves/actions';
import { pressSynchronously } from '@/state/sync-driver';
import { optionsOf } from '@/state/slices/bench/reading';
import type { Document } from '@/state/slices/parts';
import { createStore } from '@/state/store';
import { finishedLine } from '@/state/slices/tape/line';
import { answerLine } from '@/workers/answer';
import {
  velmQuay,
  velmQuayBill,
  velmQuayKit,
  velmQuayFunctions,
  velmQuayLine,
  velmQuayStack,
  velmQuayTables,
} from './velm-quay';

const written = (text: string, settings: Settings) => lineOf(text, 'boxed', optionsOf(settings));

/** A fixed moment, so that the demo is the same each time it is made. */
const KEPT_AT = Date.UTC(2026, 10, 24, 9, 30);

const worked = { shouldContinue: () => true, random: () => 0n };

const idsOf = (short: string): KeyId[] =>
  short
    .split(' ')
    .flatMap((part) => (/^[\d.]+$/.test(part) ? [...part].map((c) => (c === '.' ? 'point' : `d${c}`)) : [part]))
    .map((id) => {
      if (!isKeyId(id)) throw new Error(`no key ${id}`);
      return id;
    });

/** What the demo holds from the Running and Stack styles. */
function keyedDocument(): Document {
  const store = createStore(() => KEPT_AT);
  for (const [style, all] of [['running', velmQuayBill] as const, ['stack', velmQuayStack] as const]) {
    store.getState().set({ style });
    for (const { keys: short } of all) for (const id of idsOf(short)) pressSynchronously(store, keys[id].does, worked);
  }
  const { document, refused } = store.getState();
  if (refused !== null) throw new Error(refused.problem.code);
  return document;
}

/** The demo notebook, answered by the core itself. Throws when one of its lines cannot be, which is a bug of the demo. */
export function demoDocument(): Document {
  let document: Document = keyedDocument();
  const values = new Map<string, Value>();
  for (const { text, angle, form = null } of velmQuay) {
    const settings = { ...DEFAULT_SETTINGS, angle };
    const answered = answerLine(
      {
        text,
        angle,
        impliedFirst: false,
        complex: false,
        bases: false,
        word: 'signed32',
        display: settings.display,
        ans: null,
        letters: values,
        slots: new Map(),
        total: null,
        tries: {},
        namesDecimals: false,
      },
      () => true,
      () => 0n,
    );
    if (!answered.ok) throw new Error(`${text}: ${answered.problem.code}`);
    const answer = answered.value;
    const line = finishedLine(
      { document: { ...document, line: written(text, settings) }, settings, chosen: form },
      answer,
    );
    let shelf: SavedShelf = document.shelf;
    if (answer.target !== null && answer.value !== null && answer.saved !== null) {
      values.set(answer.target, answer.value);
      const first = itemAt(answer.forms, 0);
      shelf = keep(shelf, answer.target, {
        value: answer.saved,
        full: answer.full,
        from: text.replace(/^[A-Z]:=/, ''),
        typed: first.typed,
        exact: first.exact,
        line: line.id,
        at: KEPT_AT,
      });
    }
    document = { ...document, tape: [...document.tape, line], shelf, ans: answer.saved };
  }
  return {
    ...document,
    line: written(velmQuayLine, DEFAULT_SETTINGS),
    curves: demoCurves(),
    columns: demoColumns(),
    kit: velmQuayKit,
  };
}

/** The tariffs by the hour, with a view and a table that show where they meet. */
function demoCurves(): SavedCurves {
  const functions = velmQuayFunctions.map(({ name, text, on }, look) => {
    const plain = toCanonicalText(text, DEFAULT_SETTINGS);
    if (plain === null) throw new Error(`${text} cannot be read`);
    return { id: `f${look + 1}`, name, text: plain, style: look, on };
  });
  return {
    ...EMPTY_CURVES,
    functions,
    view: { xFrom: -1.5, xTo: 17.5, yFrom: -5, yTo: 45 },
    x: { name: 'time', unit: 'h', ticks: 'decimal' },
    y: { name: 'price', unit: '', ticks: 'decimal' },
    table: { ...EMPTY_CURVES.table, from: '0', step: '2', to: '16' },
  };
}

/** The columns that a table is used with, where these are not its first. */
function namedIn(table: string, idOf: (column: number) => string): Partial<AnalysisOptions> {
  switch (table) {
    case 'Mussels':
      return { upper: idOf(1), frequencies: idOf(2) };
    case 'Tide board':
      return { one: idOf(1) };
    case 'Shell lengths':
      return { one: idOf(1), by: idOf(0) };
    case 'Prices':
      return { one: idOf(2), y: idOf(2) };
    default:
      return {};
  }
}

/** The survey's tables, their columns named by each table's order where its use needs them. */
function demoColumns(): SavedColumns {
  let count = 0;
  const tables = velmQuayTables.map(({ name, columns, use }, i) => {
    const numbered = columns.map((column) => {
      count += 1;
      return {
        ...column,
        id: `c${count}`,
        rule: '',
        cells: typeof column.cells === 'string' ? column.cells.split(' ') : [...column.cells],
      };
    });
    const idOf = (column: number): string => itemAt(numbered, column).id;
    const named = namedIn(name, idOf);
    return { id: `t${i + 1}`, name, columns: numbered, use: { ...FIRST_USE, ...use, ...named }, filter: '' };
  });
  return { tables, open: 't1', into: null };
}

export function writeDemo(file: string): void {
  writeFileSync(file, writeNotebook(toNotebook({ ...EMPTY_KEPT, document: demoDocument() })));
}
