import { writeFileSync } from 'node:fs';
import { lineOf } from '@/core/line/line';
import { keep } from '@/core/memory/shelf';
import type { SavedShelf, Settings } from '@/core/notebook/schema';
import { writeNotebook } from '@/core/notebook/read';
import type { Value } from '@/core/number/value';
import { DEFAULT_SETTINGS, EMPTY_DOCUMENT, optionsOf, toNotebook } from '@/state/document';
import type { Document } from '@/state/document';
import { finishedLine } from '@/state/tape';
import { answerLine } from '@/workers/answer';
import { velmQuay, velmQuayLine } from './velm-quay';

const written = (text: string, settings: Settings) => lineOf(text, 'boxed', optionsOf(settings));

/** A fixed moment, so that the demo is the same each time it is made. */
const KEPT_AT = Date.UTC(2026, 10, 24, 9, 30);

/** The demo notebook, answered by the core itself. Throws when one of its lines cannot be, which is a bug of the demo. */
export function demoDocument(): Document {
  let document: Document = EMPTY_DOCUMENT;
  const values = new Map<string, Value>();
  for (const { text, angle, form = null } of velmQuay) {
    const settings = { ...DEFAULT_SETTINGS, angle };
    const answered = answerLine(
      {
        text,
        angle,
        impliedFirst: false,
        complex: false,
        display: settings.display,
        ans: null,
        letters: values,
        slots: new Map(),
        total: null,
        tries: {},
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
      const [first] = answer.forms;
      shelf = keep(shelf, answer.target, {
        value: answer.saved,
        full: answer.full,
        from: text,
        typed: first!.typed,
        exact: first!.exact,
        line: line.id,
        at: KEPT_AT,
      });
    }
    document = { ...document, tape: [...document.tape, line], shelf, ans: answer.saved };
  }
  return { ...document, line: written(velmQuayLine, DEFAULT_SETTINGS) };
}

export function writeDemo(file: string): void {
  writeFileSync(file, writeNotebook(toNotebook(demoDocument(), DEFAULT_SETTINGS)));
}
