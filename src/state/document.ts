import { functionNames } from '@/core/function';
import type { ReadingOptions } from '@/core/language/tokens';
import { caretOf, emptyLine, lineOf, textOf } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import { EMPTY_COLUMNS } from '@/core/notebook/columns';
import type { SavedColumns } from '@/core/notebook/columns';
import { EMPTY_CURVES } from '@/core/notebook/curves';
import type { SavedCurves } from '@/core/notebook/curves';
import { DEFAULT_SETTINGS } from '@/core/notebook/defaults';
import { NOTEBOOK_FORMAT, NOTEBOOK_VERSION } from '@/core/notebook/schema';
import type { SetAside } from '@/core/notebook/set-aside';
import type {
  Notebook,
  OwnDigits,
  SavedRunning,
  SavedShelf,
  SavedStack,
  Settings,
  TapeLine,
} from '@/core/notebook/schema';
import type { SavedValue } from '@/core/notebook/value-codec';
import { EMPTY_RUNNING } from '@/core/running/state';
import type { Running } from '@/core/running/state';
import { EMPTY_STACK } from '@/core/stack/stack';
import type { Stack } from '@/core/stack/stack';

/** What the user has, and what undo goes back in. Settings are kept too but are not undone. */
export type Document = Readonly<{
  line: Line;
  /** Places or figures for the line being written alone. */
  own: OwnDigits | null;
  /** How the line was keyed; null when that is no longer known. */
  keyed: readonly string[] | null;
  /** The line of the tape that `=` will replace; null when it will add one. */
  editing: string | null;
  tape: readonly TapeLine[];
  shelf: SavedShelf;
  /** The two other entry styles, as they were left. */
  running: Running<SavedValue>;
  stack: Stack<SavedValue>;
  ans: SavedValue | null;
  /** What was last tried for the letters of a line. */
  tries: Readonly<Record<string, string>>;
  curves: SavedCurves;
  columns: SavedColumns;
  /** What could not be read, each part by itself. */
  setAside: readonly SetAside[];
}>;

export const EMPTY_DOCUMENT: Document = {
  line: emptyLine('boxed'),
  own: null,
  keyed: [],
  editing: null,
  tape: [],
  shelf: {},
  running: EMPTY_RUNNING,
  stack: EMPTY_STACK,
  ans: null,
  tries: {},
  curves: EMPTY_CURVES,
  columns: EMPTY_COLUMNS,
  setAside: [],
};

export { DEFAULT_SETTINGS };

/** How lines are read under the settings. */
export const optionsOf = ({ display, impliedFirst }: Pick<Settings, 'display' | 'impliedFirst'>): ReadingOptions => ({
  functions: functionNames,
  decimalSign: display.decimalSign,
  impliedFirst,
});

/** The typed text of the line being written. */
export const lineText = (state: Readonly<{ document: Document; settings: Settings }>): string =>
  textOf(state.document.line, state.settings.display.decimalSign);

export function toNotebook(document: Document, settings: Settings): Notebook {
  const { line, own, keyed, tape, shelf, running, stack, ans, tries, curves, columns, setAside } = document;
  const { decimalSign } = settings.display;
  return {
    format: NOTEBOOK_FORMAT,
    version: NOTEBOOK_VERSION,
    settings,
    line: { text: textOf(line, decimalSign), caret: caretOf(line, decimalSign), own, keys: [...(keyed ?? [])] },
    tape: [...tape],
    shelf,
    running: running as SavedRunning,
    stack: stack as SavedStack,
    ans,
    tries,
    curves,
    columns,
    setAside: [...setAside],
  };
}

export function fromNotebook({
  line,
  settings,
  tape,
  shelf,
  running,
  stack,
  ans,
  tries,
  curves,
  columns,
  setAside,
}: Notebook): Document {
  const caret = Math.min(line.caret, line.text.length);
  return {
    line: lineOf(line.text, settings.view, optionsOf(settings), caret),
    own: line.own,
    keyed: line.keys.length === 0 && line.text !== '' ? null : line.keys,
    editing: null,
    tape,
    shelf,
    running,
    stack,
    ans,
    tries,
    curves,
    columns,
    setAside,
  };
}
