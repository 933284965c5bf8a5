import { insertText, isEmptyLine } from '@/core/line/line';
import * as memory from '@/core/memory/letters';
import { putEntry } from '@/keys/log';
import { lineText, optionsOf } from './document';
import type { Document } from './document';
import { notice } from './notice';
import { respell } from './respell';
import { changed, written } from './state';
import type { Actions, Change, State } from './state';

type ShelfActions = Pick<Actions, 'keep' | 'recall' | 'clearLetter' | 'clearLetters'>;

/** The line as a letter remembers it: with a point, whatever the decimal sign. */
export function storedText(state: State): string {
  const { impliedFirst, display } = state.settings;
  const now = { decimalSign: display.decimalSign, impliedFirst };
  return respell(lineText(state), now, { ...now, decimalSign: '.' });
}

/** What *keep* would keep: the value of the line being written, else the last answer. */
function keepable(state: State): Document['letters'][string] | null {
  const { live, document, chosen } = state;
  if (live.kind === 'answer') {
    const { saved, full, forms } = live.answer;
    if (saved === null) return null;
    const form = forms.find((f) => f.id === chosen) ?? forms[0]!;
    return { value: saved, full, from: storedText(state), typed: form.typed, exact: form.exact };
  }
  const last = document.tape.at(-1);
  if (document.ans === null || last?.value == null || !isEmptyLine(document.line)) return null;
  const form = last.forms.find((f) => f.id === last.chosen)!;
  return { value: last.value, full: last.full, from: last.text, typed: form.typed, exact: form.exact };
}

/** What is done to the letters. */
export const shelfActions = (change: Change): ShelfActions => ({
  keep: (letter) =>
    change((state) => {
      const source = keepable(state);
      if (source === null) return { notice: notice('nothing-to-keep') };
      const letters = memory.keep(state.document.letters, letter, source);
      return {
        ...changed(state, 'keep', { ...state.document, letters }),
        notice: notice('letter-kept', letter, true),
      };
    }),
  recall: (letter) =>
    change((state) =>
      written(state, 'typing', insertText(state.document.line, letter, optionsOf(state.settings)), {
        entry: putEntry(letter),
      }),
    ),
  clearLetter: (letter) =>
    change((state) => {
      const letters = memory.clearLetter(state.document.letters, letter);
      return {
        ...changed(state, 'clear-letter', { ...state.document, letters }),
        notice: notice('letter-cleared', letter, true),
      };
    }),
  clearLetters: () =>
    change((state) => ({
      ...changed(state, 'clear-letters', { ...state.document, letters: {} }),
      notice: notice('letters-cleared', '', true),
    })),
});
