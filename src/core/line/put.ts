import { itemAt } from '../base/item';
import type { ReadingOptions } from '../language/tokens';
import { into } from './moves';
import { canonicalRow } from './read';
import { lineAt, rowAt, selectionOf, withRowAt } from './row';
import type { BoxedLine, CaretPosition, Item, Row, Step } from './row';

/** An edit of the boxed line; null means "not here". Every result is settled: reading its text gives it back. */
export type BoxedEdit = (line: BoxedLine, options: ReadingOptions) => BoxedLine | null;

/** The line settled after a change, with its caret. */
export function canonical(row: Row, caret: CaretPosition, options: ReadingOptions): BoxedLine {
  const { row: kept, places } = canonicalRow(row, options, caret);
  return lineAt(kept, itemAt(places, 0));
}

/** What is selected, or nothing, with the row it lies in. */
export function target(line: BoxedLine): { path: readonly Step[]; from: number; to: number; host: Row; taken: Row } {
  const { path, from, to } = selectionOf(line);
  const host = rowAt(line.row, path);
  return { path, from, to, host, taken: host.slice(from, to) };
}

const spliced = (host: Row, from: number, to: number, items: Row): Row => [
  ...host.slice(0, from),
  ...items,
  ...host.slice(to),
];

/** Puts items in place of part of a row; the caret goes to a place counted from where they begin. */
export function putAt(
  line: BoxedLine,
  part: { path: readonly Step[]; from: number; to: number },
  items: Row,
  caret: CaretPosition,
  options: ReadingOptions,
): BoxedLine {
  const { path, from, to } = part;
  const row = withRowAt(line.row, path, spliced(rowAt(line.row, path), from, to, items));
  const [first, ...inner] = caret.path;
  const place: CaretPosition =
    first === undefined
      ? { path, at: from + caret.at }
      : { path: [...path, { ...first, item: from + first.item }, ...inner], at: caret.at };
  return canonical(row, place, options);
}

export const put = (line: BoxedLine, items: Row, caret: CaretPosition, options: ReadingOptions): BoxedLine =>
  putAt(line, selectionOf(line), items, caret, options);

export const after = (items: Row): CaretPosition => ({ path: [], at: items.length });
export const inSlot = (item: number, slot: number, at = 0): CaretPosition => into([], item, slot, at);
/** A row in brackets. */
export const asGroup = (row: Row): Item => ({ kind: 'group', closed: true, slots: [row] });
