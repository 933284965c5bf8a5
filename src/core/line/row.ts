import { itemAt, lastOf } from '../base/item';
import { WeakCache } from '../base/weak-cache';
/**
 * The Written line as it stands on paper: rows of glyphs and boxes. A box has slots, each of them a row. What a row
 * means is what its typed text means (`write.ts`); every edit leaves a row that reading its text gives back.
 */
export type Glyph = Readonly<{
  kind: 'glyph';
  /** One sign, one digit (with its overline), one letter, or one name or word: `sin`, `mod`, `Ans`. */
  text: string;
}>;

export type Box =
  /** Numerator, denominator. After a plain whole number, and of plain whole numbers, it is the part of a mixed number. */
  | Readonly<{ kind: 'fraction'; slots: readonly Row[] }>
  /** The exponent of what stands before it. */
  | Readonly<{ kind: 'power'; slots: readonly Row[] }>
  /** Brackets; `closed` is false while the closing one is supplied at the end of the line. */
  | Readonly<{ kind: 'group'; closed: boolean; slots: readonly Row[] }>
  /** A function with the values given to it, in the order of typed text. Its notation tells how it is drawn. */
  | Readonly<{ kind: 'call'; fn: string; slots: readonly Row[] }>
  /** A matrix: its entries row by row, so many columns; a vector has one. */
  | Readonly<{ kind: 'grid'; columns: number; slots: readonly Row[] }>;

export type Item = Glyph | Box;
export type Row = readonly Item[];

/** Into a slot of a box: the box's index in its row, and the slot's in the box. */
export type Step = Readonly<{ item: number; slot: number }>;

/** Where a caret can stand: a row, found from the whole line inwards, and the number of items before it. */
export type CaretPosition = Readonly<{ path: readonly Step[]; at: number }>;

/** The line as boxes. `anchor` is the other end of the selection; the same place as `caret` when nothing is selected. */
export type BoxedLine = Readonly<{
  kind: 'boxed';
  row: Row;
  caret: CaretPosition;
  anchor: CaretPosition;
  /** What a keyboard has been writing, as it was typed, and where in it typing goes on; null after anything else. */
  typing: Typing | null;
}>;

export type Typing = Readonly<{ text: string; at: number }>;

export const EMPTY_ROW: Row = [];
export const START: CaretPosition = { path: [], at: 0 };
export const EMPTY_BOXES: BoxedLine = { kind: 'boxed', row: EMPTY_ROW, caret: START, anchor: START, typing: null };

export const glyph = (text: string): Glyph => ({ kind: 'glyph', text });
export const glyphs = (...texts: readonly string[]): Row => texts.map(glyph);
export const isBox = (item: Item | undefined): item is Box => item !== undefined && item.kind !== 'glyph';
export const isGlyph = (item: Item | undefined, text: RegExp): item is Glyph =>
  item?.kind === 'glyph' && text.test(item.text);

/** The row that a path leads to. */
export function rowAt(row: Row, path: readonly Step[]): Row {
  let now = row;
  for (const { item, slot } of path) now = itemAt((now[item] as Box).slots, slot);
  return now;
}

/** The line's row with another row in the place that a path leads to; what is not on the path stays the same object. */
export function withRowAt(row: Row, path: readonly Step[], replacement: Row): Row {
  const [step, ...rest] = path;
  if (step === undefined) return replacement;
  const box = row[step.item] as Box;
  const slots = box.slots.map((s, i) => (i === step.slot ? withRowAt(s, rest, replacement) : s));
  return row.map((item, i) => (i === step.item ? { ...box, slots } : item));
}

export const boxAt = (row: Row, path: readonly Step[]): Box | null =>
  path.length === 0 ? null : (rowAt(row, path.slice(0, -1))[lastOf(path).item] as Box);

/** The box that a path with a step in it leads into. */
export const boxAlong = (row: Row, path: readonly Step[]): Box =>
  itemAt(rowAt(row, path.slice(0, -1)), lastOf(path).item) as Box;

export const samePath = (a: readonly Step[], b: readonly Step[]): boolean =>
  a.length === b.length && a.every((step, i) => step.item === itemAt(b, i).item && step.slot === itemAt(b, i).slot);

export const sameCaret = (a: CaretPosition, b: CaretPosition): boolean => a.at === b.at && samePath(a.path, b.path);

export function sameRow(a: Row, b: Row): boolean {
  if (a === b) return true;
  return a.length === b.length && a.every((item, i) => sameItem(item, itemAt(b, i)));
}

const marks = new WeakCache<Box, number>();

const added = (mark: number, n: number): number => (Math.imul(mark, 31) + n) | 0;

function addedText(mark: number, text: string): number {
  let now = mark;
  for (let i = 0; i < text.length; i += 1) now = added(now, text.charCodeAt(i));
  return now;
}

/** A number that is the same for items that are the same, worked once for each box: boxes that differ are told apart at once, however deep they are. */
function markOf(item: Item): number {
  const mark = addedText(17, item.kind);
  return item.kind === 'glyph' ? addedText(mark, item.text) : (marks.get(item) ?? marks.set(item, boxMark(item, mark)));
}

function boxMark(box: Box, begun: number): number {
  let mark = box.kind === 'call' ? addedText(begun, box.fn) : box.kind === 'grid' ? added(begun, box.columns) : begun;
  for (const slot of box.slots) {
    mark = added(mark, slot.length);
    for (const inner of slot) mark = added(mark, markOf(inner));
  }
  return mark;
}

function sameItem(a: Item, b: Item): boolean {
  if (a === b) return true;
  if (a.kind === 'glyph' || b.kind === 'glyph') return a.kind === 'glyph' && b.kind === 'glyph' && a.text === b.text;
  marks.makeRoom();
  if (markOf(a) !== markOf(b)) return false;
  if (a.kind !== b.kind || a.slots.length !== b.slots.length) return false;
  if (a.kind === 'group' && a.closed !== (b as typeof a).closed) return false;
  if (a.kind === 'call' && a.fn !== (b as typeof a).fn) return false;
  if (a.kind === 'grid' && a.columns !== (b as typeof a).columns) return false;
  return a.slots.every((slot, i) => sameRow(slot, itemAt(b.slots, i)));
}

/**
 * A row with the items of another wherever they are the same, from its start and from its end: what an edit leaves alone
 * stays the same object, and need not be drawn anew.
 */
export function withItemsOf(now: Row, before: Row): Row {
  if (now === before) return before;
  const most = Math.min(now.length, before.length);
  let head = 0;
  while (head < most && sameItem(itemAt(now, head), itemAt(before, head))) head += 1;
  let tail = 0;
  while (tail < most - head && sameItem(itemAt(now, now.length - 1 - tail), itemAt(before, before.length - 1 - tail)))
    tail += 1;
  const middle = now.slice(head, now.length - tail);
  if (middle.length === 0 && now.length === before.length) return before;
  const old = before.slice(head, before.length - tail);
  const result = middle.map((item, i): Item => {
    const was = old[i];
    if (item.kind === 'glyph' || was === undefined || was.kind === 'glyph') return item;
    return { ...item, slots: item.slots.map((slot, k) => withItemsOf(slot, was.slots[k] ?? EMPTY_ROW)) };
  });
  return [...before.slice(0, head), ...result, ...before.slice(before.length - tail)];
}

/** A line with the caret at a place and nothing selected. */
export const lineAt = (row: Row, caret: CaretPosition, typing: Typing | null = null): BoxedLine => ({
  kind: 'boxed',
  row,
  caret,
  anchor: caret,
  typing,
});

/** What is selected: items `from` up to `to` of the innermost row that holds both ends; boxes that hold one end are in whole. */
export function selectionOf({ caret, anchor }: BoxedLine): { path: readonly Step[]; from: number; to: number } {
  let shared = 0;
  const most = Math.min(caret.path.length, anchor.path.length);
  while (
    shared < most &&
    itemAt(caret.path, shared).item === itemAt(anchor.path, shared).item &&
    itemAt(caret.path, shared).slot === itemAt(anchor.path, shared).slot
  )
    shared += 1;
  const ends = [caret, anchor].map(({ path, at }) => {
    const step = path[shared];
    return step === undefined ? { from: at, to: at } : { from: step.item, to: step.item + 1 };
  });
  return {
    path: caret.path.slice(0, shared),
    from: Math.min(...ends.map((e) => e.from)),
    to: Math.max(...ends.map((e) => e.to)),
  };
}

export const hasSelection = (line: BoxedLine): boolean => !sameCaret(line.caret, line.anchor);

/** Digits of a whole number, and nothing else. */
export const isWhole = (row: Row): boolean => row.length > 0 && row.every((item) => isGlyph(item, /^\d$/));

/** Signs that stand after what they change. */
export const POSTFIX = /^[!%°′″]$/;
/** Operators that are written as words. */
export const WORD = /^(?:mod|and|or|not|deg|rad|grad|base)$/;
export const isLetters = (item: Item | undefined): boolean => isGlyph(item, /^[A-Za-zπ]+$/) && !isGlyph(item, WORD);
export const isDigit = (item: Item | undefined): boolean => isGlyph(item, /^\d\u0305?$/);

/** Whether a square bracket right behind an item asks for an entry of it. */
export const takesIndex = (item: Item | undefined): boolean =>
  item?.kind === 'group' ||
  item?.kind === 'call' ||
  item?.kind === 'grid' ||
  isGlyph(item, /^(?:[A-Za-df-hj-z]|Ans|total|\])$/);

/** Whether an operand ends with an item, so that what follows it closely belongs to it. */
export const endsOperand = (item: Item | undefined): boolean =>
  isBox(item) || isGlyph(item, /^(?:\d\u0305?|[½-¾⅐-⅞]|∞|\]|[.,])$/) || isGlyph(item, POSTFIX) || isLetters(item);
