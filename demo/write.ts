import { writeFileSync } from 'node:fs';
import { lineOf } from '@/core/line/line';
import { keep } from '@/core/memory/letters';
import type { SavedLetters, Settings } from '@/core/notebook/schema';
import { writeNotebook } from '@/core/notebook/read';
import type { Value } from '@/core/number/value';
import { DEFAULT_SETTINGS, EMPTY_DOCUMENT, optionsOf, toNotebook } from '@/state/document';
import type { Document } from '@/state/document';
import { finishedLine } from '@/state/tape';
import { answerLine } from '@/workers/answer';
import { velmQuay, velmQuayLine } from './velm-quay';

const written = (text: string, settings: Settings) => lineOf(text, 'boxed', optionsOf(settings));

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
    let letters: SavedLetters = document.letters;
    if (answer.target !== null && answer.value !== null && answer.saved !== null) {
      values.set(answer.target, answer.value);
      const [first] = answer.forms;
      letters = keep(letters, answer.target, {
        value: answer.saved,
        full: answer.full,
        from: text,
        typed: first!.typed,
        exact: first!.exact,
      });
    }
    document = { ...document, tape: [...document.tape, line], letters, ans: answer.saved };
  }
  return { ...document, line: written(velmQuayLine, DEFAULT_SETTINGS) };
}

export function writeDemo(file: string): void {
  writeFileSync(file, writeNotebook(toNotebook(demoDocument(), DEFAULT_SETTINGS)));
}
