import { EMPTY_LINE, lineOf } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import { NOTEBOOK_FORMAT, NOTEBOOK_VERSION } from '@/core/notebook/schema';
import type { Notebook, SavedLetters, Settings, TapeLine } from '@/core/notebook/schema';
import type { SavedValue } from '@/core/notebook/value-codec';

/** What the user has, and what undo goes back in. Settings are kept too but are not undone. */
export type Document = Readonly<{
  line: Line;
  tape: readonly TapeLine[];
  letters: SavedLetters;
  ans: SavedValue | null;
}>;

export const EMPTY_DOCUMENT: Document = { line: EMPTY_LINE, tape: [], letters: {}, ans: null };

export const DEFAULT_SETTINGS: Settings = {
  angle: 'deg',
  display: { mode: 'auto', digits: 10, grouping: true, decimalSign: '.' },
  impliedFirst: false,
  complex: false,
  backToPad: false,
  theme: 'system',
};

export const toNotebook = (document: Document, settings: Settings): Notebook => ({
  format: NOTEBOOK_FORMAT,
  version: NOTEBOOK_VERSION,
  settings,
  line: { text: document.line.text, caret: document.line.caret },
  tape: [...document.tape],
  letters: document.letters,
  ans: document.ans,
});

export const fromNotebook = (notebook: Notebook): Document => ({
  line: lineOf(notebook.line.text, Math.min(notebook.line.caret, notebook.line.text.length)),
  tape: notebook.tape,
  letters: notebook.letters,
  ans: notebook.ans,
});
