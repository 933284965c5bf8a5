import { itemAt } from '../base/item';
import { WeakCache } from '../base/weak-cache';
import { plainSigns } from '../language/look-alikes';
import type { ReadingOptions } from '../language/tokens';
import { deleteLeft, deleteRight } from './deleting';
import * as edits from './edits';
import type { GridChange } from './edits';
import * as moves from './moves';
import { TooDeep } from './pieces';
import { readRow } from './read';
import { EMPTY_BOXES, lineAt, rowAt, withItemsOf } from './row';
import type { BoxedLine, CaretPosition, Row } from './row';
import * as typed from './typed-line';
import type { TypedLine } from './typed-line';
import { typeChar } from './typing';
import { emptySlotAt, offsetOf, writeRow } from './write';

/**
 * The line being written, in one of its two views: as boxes on paper, or as typed text. One is turned into the other
 * without loss. Commands are pure; null means "not here" and dims the key.
 */
export type Line = BoxedLine | TypedLine;
export type LineView = Line['kind'];
export const lineViews = ['boxed', 'typed'] as const satisfies readonly LineView[];

/** A line takes no more characters than this; far more than can be read at once. */
export const MOST_TYPED = 10_000;

export type LineCommandName =
  | 'deleteLeft'
  | 'deleteRight'
  | 'moveLeft'
  | 'moveRight'
  | 'moveUp'
  | 'moveDown'
  | 'moveHome'
  | 'moveEnd'
  | 'selectLeft'
  | 'selectRight'
  | 'selectHome'
  | 'selectEnd'
  | 'selectAll'
  | 'clear';

/** A change of the line that a key or a stroke makes. */
export type LineAction =
  | Readonly<{ type: 'insert'; text: string }>
  /** A character of a physical keyboard: means what it means in typed text. */
  | Readonly<{ type: 'type'; text: string }>
  /** Needs something before it: on an empty line it goes on from the last answer. */
  | Readonly<{ type: 'operate'; text: string }>
  | Readonly<{ type: 'fraction' | 'mixed' | 'powerOfTen' | 'open' | 'close' }>
  /** Raises what stands before it to what is given, or to what is then keyed. */
  | Readonly<{ type: 'power'; exponent: string }>
  /** A base that is raised to what is then keyed. */
  | Readonly<{ type: 'raise'; base: string }>
  /** A function, with as many values as it must have or as many as are given here. */
  | Readonly<{ type: 'call'; fn: string; slots?: number }>
  /** An empty matrix of that size, a vector being one column. */
  | Readonly<{ type: 'grid'; rows: number; columns: number }>
  /** A row or a column more or less in the matrix around the caret. */
  | Readonly<{ type: 'resize'; change: GridChange }>
  /** To the next value given to a function, with the sign that the decimal sign allows. */
  | Readonly<{ type: 'separate' }>
  /** The decimal sign that is set. */
  | Readonly<{ type: 'point' }>
  | Readonly<{ type: 'edit'; command: LineCommandName }>;

const texts = new WeakCache<Row, Map<string, string>>();

/** The typed text of a line. */
export function textOf(line: Line, decimalSign: ReadingOptions['decimalSign']): string {
  if (line.kind === 'typed') return line.text;
  texts.makeRoom();
  const known = texts.get(line.row) ?? texts.set(line.row, new Map<string, string>());
  const text = known.get(decimalSign) ?? writeRow(line.row, decimalSign).text;
  known.set(decimalSign, text);
  return text;
}

/** Where the caret stands in the typed text. */
export function caretOf(line: Line, decimalSign: ReadingOptions['decimalSign']): number {
  return line.kind === 'typed' ? line.caret : offsetOf(writeRow(line.row, decimalSign), line.caret);
}

export const isEmptyLine = (line: Line): boolean =>
  line.kind === 'typed' ? line.text.trim() === '' : line.row.length === 0;

export const emptyLine = (view: LineView): Line => (view === 'typed' ? typed.EMPTY_TYPED : EMPTY_BOXES);

/** What can be made in boxes, else the same in typed text: boxes deeper inside each other than a line may hold stay text. */
function orTyped(boxed: () => Line, asTyped: () => Line): Line {
  try {
    return boxed();
  } catch (error) {
    if (error instanceof TooDeep) return asTyped();
    throw error;
  }
}

/** A line of typed text in a view, with the caret at an offset of the text. Too deep for boxes, it is typed text in either. */
export function lineOf(text: string, view: LineView, options: ReadingOptions, caret = text.length): Line {
  const plain = plainSigns(text);
  const asTyped = (): Line => typed.typedLine(plain, Math.min(caret, text.length));
  if (view === 'typed') return asTyped();
  return orTyped(() => {
    const { row, places } = readRow(plain, options, caret);
    return lineAt(row, itemAt(places, 0));
  }, asTyped);
}

/** The same line in the other view, with the caret at the same place. */
export function inView(line: Line, view: LineView, options: ReadingOptions): Line {
  if (line.kind === view) return line;
  return lineOf(textOf(line, options.decimalSign), view, options, caretOf(line, options.decimalSign));
}

/** The line with its caret at an offset of its typed text. */
export function withCaretAt(line: Line, offset: number, options: ReadingOptions): Line {
  if (line.kind === 'typed') return typed.typedLine(line.text, Math.min(offset, line.text.length));
  const text = writeRow(line.row, options.decimalSign).text;
  return lineAt(line.row, itemAt(readRow(text, options, offset).places, 0));
}

/** The box left empty that a problem at this offset is about; null when it is about something else. */
export function emptyPlace(line: Line, offset: number, options: ReadingOptions): CaretPosition | null {
  return line.kind === 'typed' ? null : emptySlotAt(line.row, writeRow(line.row, options.decimalSign), offset);
}

/** The typed text of what is selected; null when nothing is. */
export const selectedText = (line: Line, options: ReadingOptions): string | null =>
  line.kind === 'typed' ? typed.selectedTyped(line) : edits.selectedText(line, options);

/** The boxes as typed text, with caret and selection where they are. */
function typedFrom(line: BoxedLine, { decimalSign }: ReadingOptions): TypedLine {
  const written = writeRow(line.row, decimalSign);
  return typed.typedLine(written.text, offsetOf(written, line.caret), offsetOf(written, line.anchor));
}

/** Text put in place of the selection, or at the caret. */
export function insertText(line: Line, text: string, options: ReadingOptions): Line {
  const plain = plainSigns(text).replaceAll('（', '(').replaceAll('）', ')');
  return line.kind === 'typed'
    ? typed.insert(line, plain)
    : orTyped(
        () => edits.insertText(line, plain, options),
        () => typed.insert(typedFrom(line, options), plain),
      );
}

/** The caret put at a place of the boxes, or the selection drawn to it. */
export function pointedAt(line: BoxedLine, place: CaretPosition, extends_: boolean): BoxedLine {
  const caret = { path: place.path, at: Math.min(place.at, rowAt(line.row, place.path).length) };
  return extends_ ? { ...line, caret, typing: null } : lineAt(line.row, caret);
}

function changedBoxes(on: BoxedLine, action: LineAction, options: ReadingOptions): BoxedLine | null {
  switch (action.type) {
    case 'insert':
      return edits.insertText(on, action.text, options);
    case 'type':
      return typeChar(on, action.text, options);
    case 'operate':
      return action.text === '=' && isEmptyLine(on) ? null : edits.operate(on, action.text.trim(), options);
    case 'fraction':
      return edits.fraction(on, options);
    case 'mixed':
      return edits.mixed(on, options);
    case 'powerOfTen':
      return edits.powerOfTen(on, options);
    case 'open':
      return edits.open(on, options);
    case 'close':
      return edits.close(on, options);
    case 'power':
      return edits.power(on, action.exponent, options);
    case 'raise':
      return edits.raise(on, action.base, options);
    case 'call':
      return edits.call(on, action.fn, action.slots ?? null, options);
    case 'grid':
      return edits.grid(on, action.rows, action.columns, options);
    case 'resize':
      return edits.resizeGrid(on, action.change, options);
    case 'separate':
      return edits.separate(on, options);
    case 'point':
      return edits.insertGlyph(on, options.decimalSign, options);
    case 'edit': {
      switch (action.command) {
        case 'deleteLeft':
          return deleteLeft(on, options);
        case 'deleteRight':
          return deleteRight(on, options);
        case 'clear':
          return on.row.length === 0 ? null : EMPTY_BOXES;
        default:
          return moves[action.command](on);
      }
    }
  }
}

function changedText(on: TypedLine, action: LineAction, { decimalSign, functions }: ReadingOptions): TypedLine | null {
  const separator = decimalSign === ',' ? ';' : ',';
  switch (action.type) {
    case 'insert':
    case 'type':
      return typed.insert(on, plainSigns(action.text));
    case 'operate':
      return typed.insertAfterOperand(on, action.text);
    case 'fraction':
      return typed.insertAfterOperand(on, '/');
    case 'mixed':
      return typed.insert(on, ' ');
    case 'powerOfTen':
      return typed.insertPowerOfTen(on);
    case 'open':
      return typed.insert(on, '(');
    case 'close':
      return typed.insert(on, ')');
    case 'power':
      return typed.insertAfterOperand(on, `^${action.exponent}`);
    case 'raise':
      return typed.insert(on, `${action.base}^`);
    case 'call':
      return typed.insert(on, functions.get(action.fn)?.most === 0 ? `${action.fn}()` : `${action.fn}(`);
    case 'grid': {
      const row = Array.from({ length: action.columns === 1 ? action.rows : action.columns }, () => '▯');
      const list = `[${row.join(separator)}]`;
      const text = action.columns === 1 ? list : `[${Array.from({ length: action.rows }, () => list).join(separator)}]`;
      return typed.insert(on, text);
    }
    case 'resize':
      return null;
    case 'separate':
      return typed.insert(on, separator);
    case 'point':
      return typed.insert(on, decimalSign);
    case 'edit':
      return action.command === 'moveUp' || action.command === 'moveDown'
        ? null
        : typed.typedCommands[action.command](on);
  }
}

/** The line after an action, or null when it does nothing here. What it leaves alone stays the same object. */
export function changed(on: Line, action: LineAction, options: ReadingOptions): Line | null {
  if (on.kind === 'typed') return changedText(on, action, options);
  try {
    const next = changedBoxes(on, action, options);
    return next === null ? null : { ...next, row: withItemsOf(next.row, on.row) };
  } catch (error) {
    if (error instanceof TooDeep) return changedText(typedFrom(on, options), action, options);
    throw error;
  }
}
