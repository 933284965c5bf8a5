import { itemAt, lastOf } from '../base/item';
import type { ReadingOptions } from '../language/tokens';
import { into, orderOf } from './moves';
import { factorsStart, operandStart } from './operands';
import { marksProduct, outOfQuotient, outOfSides, standsBetweenSides } from './sides';
import { LARGEST_DRAWN_SIDE, readRow } from './read';
import {
  EMPTY_ROW,
  POSTFIX,
  START,
  boxAlong,
  boxAt,
  endsOperand,
  glyph,
  glyphs,
  hasSelection,
  isDigit,
  isGlyph,
  isLetters,
  lineAt,
  rowAt,
} from './row';
import type { Box, BoxedLine, Item, CaretPosition, Row, Step } from './row';
import { after, asGroup, inSlot, put, putAt, target } from './put';
import type { BoxedEdit } from './put';
import { standingOfBox } from './standing-box';
import { writeRow } from './write';

/** Puts typed text at the caret, or in place of what is selected. */
export function insertText(line: BoxedLine, text: string, options: ReadingOptions): BoxedLine {
  const { row, places } = readRow(text, options, text.length);
  // A fraction is its own bracket.
  const only = unbracketed(row);
  if (only !== row && only.length === 1 && itemAt(only, 0).kind === 'fraction')
    return put(line, only, after(only), options);
  return put(line, row, itemAt(places, 0), options);
}

/** Puts glyphs as they are: one stroke of a key. */
export const insertGlyph = (line: BoxedLine, text: string, options: ReadingOptions): BoxedLine =>
  put(line, [glyph(text)], { path: [], at: 1 }, options);

export const isEmptyLine = (line: BoxedLine): boolean => line.row.length === 0;
const ANS: Row = glyphs('Ans');
export const onAns = (): BoxedLine => lineAt(ANS, after(ANS));

/** Brackets taken off what stands alone in them, since a box holds it together. */
function unbracketed(row: Row): Row {
  const [only, second] = row;
  return only?.kind === 'group' && only.closed && second === undefined ? itemAt(only.slots, 0) : row;
}

/** What a power or a mark after the caret would raise, in brackets when that would not be seen otherwise. */
function bracketsBase(line: BoxedLine, options: ReadingOptions): BoxedLine {
  const { path, at } = line.caret;
  const host = rowAt(line.row, path);
  const last = host[at - 1];
  if (last?.kind !== 'power' && last?.kind !== 'fraction') return line;
  const start = operandStart(host, at);
  return putAt(line, { path, from: start, to: at }, [asGroup(host.slice(start, at))], { path: [], at: 1 }, options);
}

/** An operator or a mark that needs something before it: on an empty line it goes on from the last answer. */
export const operate = (line: BoxedLine, sign: string, options: ReadingOptions): BoxedLine => {
  const placed = standsBetweenSides(sign) ? outOfSides(line) : marksProduct(sign) ? outOfQuotient(line) : line;
  const start = isEmptyLine(placed) ? onAns() : placed;
  const base = POSTFIX.test(sign) && !hasSelection(start) ? bracketsBase(start, options) : start;
  return insertGlyph(base, sign, options);
};

/** A fraction of what is selected, else of the factors before the caret, else an empty one. */
export const fraction: BoxedEdit = (line, options) => {
  const { path, from, to, host, taken } = target(line);
  const begin = taken.length > 0 ? from : factorsStart(host, from);
  const top = unbracketed(host.slice(begin, to));
  const box: Box = { kind: 'fraction', slots: [top, EMPTY_ROW] };
  return putAt(line, { path, from: begin, to }, [box], inSlot(0, top.length === 0 ? 0 : 1), options);
};

/** The fraction of a mixed number: after a whole number it keeps that before it. */
export const mixed: BoxedEdit = (line, options) => {
  const { path, from, host } = target(line);
  const isAfterWhole = !hasSelection(line) && isDigit(host[from - 1]);
  const box: Box = { kind: 'fraction', slots: [EMPTY_ROW, EMPTY_ROW] };
  return putAt(line, { path, from, to: from }, [box], isAfterWhole ? inSlot(0, 0) : START, options);
};

/** Raises what is selected, else the operand before the caret, else an empty base, to a power: a given one, or one to be keyed. */
export function power(line: BoxedLine, exponent: string, options: ReadingOptions): BoxedLine {
  const raised: Row = glyphs(...exponent);
  const box: Box = { kind: 'power', slots: [raised] };
  const caretIn = (item: number): CaretPosition => (raised.length > 0 ? { path: [], at: item + 1 } : inSlot(item, 0));
  const { taken } = target(line);
  if (taken.length > 0) {
    const base = operandStart(taken, taken.length) === 0 && lastOf(taken).kind !== 'power' ? taken : [asGroup(taken)];
    return put(line, [...base, box], caretIn(base.length), options);
  }
  const start = bracketsBase(isEmptyLine(line) ? onAns() : line, options);
  const { path, at } = start.caret;
  if (endsOperand(rowAt(start.row, path)[at - 1])) return put(start, [box], caretIn(0), options);
  const empty: Item = { kind: 'group', closed: true, slots: [EMPTY_ROW] };
  return put(start, [empty, box], inSlot(0, 0), options);
}

/** A base that is given, raised to a power that is to be keyed. */
export const raise = (line: BoxedLine, base: string, options: ReadingOptions): BoxedLine => {
  const row = glyphs(...base);
  return put(line, [...row, { kind: 'power', slots: [EMPTY_ROW] }], inSlot(row.length, 0), options);
};

/** The exponent-of-ten key: E right after a number, else a written power of ten. */
export const powerOfTen: BoxedEdit = (line, options) => {
  const { host, from } = target(line);
  return isDigit(host[from - 1]) || isGlyph(host[from - 1], /^[.,]$/)
    ? insertGlyph(line, 'E', options)
    : raise(line, '10', options);
};

/** An empty matrix, which takes what is selected for its first entry. */
export function grid(line: BoxedLine, rows: number, columns: number, options: ReadingOptions): BoxedLine {
  const { taken } = target(line);
  const slots = Array.from({ length: rows * columns }, (_, i) => (i === 0 ? unbracketed(taken) : EMPTY_ROW));
  return put(
    line,
    [{ kind: 'grid', columns, slots }],
    inSlot(0, taken.length > 0 && slots.length > 1 ? 1 : 0),
    options,
  );
}

export const gridChanges = ['addRow', 'removeRow', 'addColumn', 'removeColumn'] as const;
export type GridChange = (typeof gridChanges)[number];

/** A row or a column more behind that of the caret, or that of the caret less; null outside a matrix, or at its limits. */
export function resizeGrid(line: BoxedLine, change: GridChange, options: ReadingOptions): BoxedLine | null {
  let depth = line.caret.path.length;
  while (depth > 0 && boxAlong(line.row, line.caret.path.slice(0, depth)).kind !== 'grid') depth -= 1;
  const path = line.caret.path.slice(0, depth);
  const box = boxAt(line.row, path);
  if (box?.kind !== 'grid') return null;
  const { columns, slots } = box;
  const { item, slot } = lastOf(path);
  const rows = Array.from({ length: slots.length / columns }, (_, i) => slots.slice(i * columns, (i + 1) * columns));
  const [row, column] = [Math.floor(slot / columns), slot % columns];
  const isRow = change === 'addRow' || change === 'removeRow';
  const isMore = change === 'addRow' || change === 'addColumn';
  const now = isRow ? rows.length : columns;
  if (isMore ? now >= LARGEST_DRAWN_SIDE : now <= 1) return null;
  const spliceAt = <T>(list: readonly T[], at: number, fresh: T): readonly T[] =>
    isMore ? [...list.slice(0, at + 1), fresh, ...list.slice(at + 1)] : list.filter((_, i) => i !== at);
  const next = isRow
    ? spliceAt(
        rows,
        row,
        Array.from({ length: columns }, () => EMPTY_ROW),
      )
    : rows.map((cells) => spliceAt(cells, column, EMPTY_ROW));
  const width = itemAt(next, 0).length;
  const toRow = isRow && isMore ? row + 1 : Math.min(row, next.length - 1);
  const toColumn = !isRow && isMore ? column + 1 : Math.min(column, width - 1);
  const place = toRow * width + (isRow && isMore ? 0 : toColumn);
  const result: Box = { kind: 'grid', columns: width, slots: next.flat() };
  const caret = inSlot(0, place, itemAt(result.slots, place).length);
  return putAt(line, { path: path.slice(0, -1), from: item, to: item + 1 }, [result], caret, options);
}

/** The first slot that is empty, in the order in which the caret passes them. */
const firstEmpty = (box: Box): number | undefined => orderOf(box).find((slot) => itemAt(box.slots, slot).length === 0);

/** A function's box. It takes what is selected, or, as a root its index, the number or letters before the caret. */
export function call(line: BoxedLine, fn: string, count: number | null, options: ReadingOptions): BoxedLine {
  const { path, from, to, host, taken } = target(line);
  const shape = options.functions.get(fn);
  const length = count ?? (shape?.absent === undefined ? shape?.least : shape.most) ?? 1;
  const notation = standingOfBox({ kind: 'call', fn, slots: Array.from({ length }, () => EMPTY_ROW) })?.notation;
  const slots = Array.from({ length }, (_, i) => {
    const letter = notation?.letters.get(i);
    return letter === undefined ? EMPTY_ROW : glyphs(letter);
  });
  let begin = from;
  if (taken.length > 0 && slots.length > 0) slots[notation?.main ?? 0] = unbracketed(taken);
  else if (notation !== undefined && notation.takesBefore !== null) {
    const start = operandStart(host, from);
    const before = host.slice(start, from);
    if (before.every((item) => isDigit(item) || isLetters(item)))
      [begin, slots[notation.takesBefore]] = [start, before];
  }
  const box: Box = { kind: 'call', fn, slots };
  const empty = firstEmpty(box);
  return putAt(line, { path, from: begin, to }, [box], empty === undefined ? after([box]) : inSlot(0, empty), options);
}

/** An opening bracket: around what is selected, else around all that follows in its row, until it is closed. */
export const open: BoxedEdit = (line, options) => {
  const { path, from, to, host, taken } = target(line);
  if (taken.length > 0) return put(line, [asGroup(taken)], inSlot(0, 0, taken.length), options);
  const rest = host.slice(to);
  const group: Item = { kind: 'group', closed: false, slots: [rest] };
  return putAt(line, { path, from, to: host.length }, [group], inSlot(0, 0), options);
};

/** The nearest box around the caret that `is` accepts, when only the ends of powers and fractions lie between. */
function around(line: BoxedLine, is: (box: Box) => boolean): { path: readonly Step[]; at: number; box: Box } | null {
  let { at } = line.caret;
  for (let depth = line.caret.path.length; depth > 0; depth -= 1) {
    const path = line.caret.path.slice(0, depth);
    const box = boxAlong(line.row, path);
    if (is(box)) return { path, at, box };
    if (
      box.kind === 'group' ||
      box.kind === 'call' ||
      box.kind === 'grid' ||
      at < itemAt(box.slots, lastOf(path).slot).length
    )
      return null;
    at = lastOf(path).item + 1;
  }
  return null;
}

/** A closing bracket: what follows in the brackets around the caret, or in its function, moves out behind them. */
export const close: BoxedEdit = (line, options) => {
  const found = around(line, (box) => box.kind === 'group' || box.kind === 'call');
  if (found === null) return null;
  const { path, at, box } = found;
  const { item, slot } = lastOf(path);
  const outer = path.slice(0, -1);
  const here = itemAt(box.slots, slot);
  const isLast = slot === orderOf(box).at(-1);
  const rest = isLast ? here.slice(at) : EMPTY_ROW;
  const slots = box.slots.map((row, i) => (i === slot && isLast ? row.slice(0, at) : row));
  const closed: Item = box.kind === 'group' ? { ...box, closed: true, slots } : { ...box, slots };
  return putAt(line, { path: outer, from: item, to: item + 1 }, [closed, ...rest], { path: [], at: 1 }, options);
};

/** Whether the caret stands in square brackets that ask for an entry. */
function inIndex({ row, caret }: BoxedLine): boolean {
  const before = rowAt(row, caret.path).slice(0, caret.at);
  const count = (sign: RegExp): number => before.filter((item) => isGlyph(item, sign)).length;
  return count(/^\[$/) > count(/^\]$/);
}

/** To the next value of the function around the caret, or a new one where it takes more; else just the sign. */
export const separate: BoxedEdit = (line, options) => {
  const sign = options.decimalSign === ',' ? ';' : ',';
  const found = inIndex(line) ? null : around(line, (box) => box.kind === 'call' || box.kind === 'grid');
  if (found === null) return insertGlyph(line, sign, options);
  const { path, at, box } = found;
  const { item, slot } = lastOf(path);
  const outer = path.slice(0, -1);
  const here = itemAt(box.slots, slot);
  const next = box.slots[slot + 1];
  if (next !== undefined && at === here.length) {
    // What a new box holds from the start gives way to what is keyed.
    const start = into(outer, item, slot + 1, 0);
    return { ...lineAt(line.row, start), anchor: into(outer, item, slot + 1, next.length) };
  }
  // Between the entries of a matrix the sign goes on; a vector grows by it.
  if (box.kind === 'grid' && (box.columns > 1 || box.slots.length >= LARGEST_DRAWN_SIDE)) return null;
  const fn = box.kind === 'call' ? box.fn : '';
  if (box.kind === 'call' && box.slots.length >= (options.functions.get(fn)?.most ?? 0)) return null;
  const slots = [...box.slots.slice(0, slot), here.slice(0, at), here.slice(at), ...box.slots.slice(slot + 1)];
  return putAt(line, { path: outer, from: item, to: item + 1 }, [{ ...box, slots }], inSlot(0, slot + 1), options);
};

/** Selects the number, name or box at the caret. */
export const selectOperand: BoxedEdit = (line) => {
  const { path, at } = line.caret;
  const host = rowAt(line.row, path);
  let to = at;
  const isNumber = (item: Item | undefined): boolean => isDigit(item) || isGlyph(item, /^[.,]$/);
  if (isNumber(host[at]) || isNumber(host[at - 1])) {
    while (isNumber(host[to])) to += 1;
    let from = at;
    while (isNumber(host[from - 1])) from -= 1;
    return { ...line, anchor: { path, at: from }, caret: { path, at: to }, typing: null };
  }
  if (host.length === 0) return null;
  const from = at < host.length ? at : at - 1;
  return { ...line, anchor: { path, at: from }, caret: { path, at: from + 1 }, typing: null };
};

/** The typed text of what is selected; null when nothing is. */
export function selectedText(line: BoxedLine, options: ReadingOptions): string | null {
  const { taken } = target(line);
  return taken.length === 0 ? null : writeRow(taken, options.decimalSign).text;
}
