import { itemAt, lastOf } from '../base/item';
import type { ReadingOptions } from '../language/tokens';
import { beside, into, orderOf } from './moves';
import { operandStart } from './operands';
import { after, asGroup, inSlot, putAt, target } from './put';
import type { BoxedEdit } from './put';
import { EMPTY_ROW, START, WORD, boxAt, glyph, glyphs, isBox, isGlyph, isLetters, lineAt } from './row';
import type { Box, BoxedLine, Item, Row, Step, CaretPosition } from './row';
import { standingOfBox } from './standing-box';

const isEmptyBox = (box: Box): boolean => {
  const letters = standingOfBox(box)?.notation.letters;
  return box.slots.every(([first, ...others], i) => {
    const isGiven = first?.kind === 'glyph' && first.text === letters?.get(i);
    return first === undefined || (isGiven && others.length === 0);
  });
};

/** A row as one operand. */
const bound = (row: Row): Row => (row.length === 0 || operandStart(row, row.length) === 0 ? row : [asGroup(row)]);

/** What a box holds, without the box. A fraction's parts stay divided. */
function contentsOf(box: Box, separator: string): Row {
  const [first, second] = box.slots as readonly [Row, Row];
  if (box.kind === 'fraction' && first.length > 0 && second.length > 0)
    return [...bound(first), glyph('÷'), ...bound(second)];
  return box.slots
    .filter((slot) => slot.length > 0)
    .flatMap((slot, i) => (i === 0 || box.kind === 'fraction' ? slot : [glyph(separator), ...slot]));
}

function replaceBox(
  line: BoxedLine,
  path: readonly Step[],
  items: Row,
  at: number,
  options: ReadingOptions,
): BoxedLine {
  const { item } = lastOf(path);
  return putAt(line, { path: path.slice(0, -1), from: item, to: item + 1 }, items, { path: [], at }, options);
}

const sameSlot = (path: readonly Step[], slot: number, at: number): CaretPosition =>
  into(path.slice(0, -1), lastOf(path).item, slot, at);

/** Backspace at the start of a slot: takes the box away and leaves what it holds. */
function unwrapLeft(line: BoxedLine, options: ReadingOptions): BoxedLine | null {
  const { path } = line.caret;
  const box = boxAt(line.row, path);
  if (box === null) return null;
  if (isEmptyBox(box)) return replaceBox(line, path, EMPTY_ROW, 0, options);
  const { slot, item } = lastOf(path);
  const order = orderOf(box);
  const before = order[order.indexOf(slot) - 1];
  const separator = options.decimalSign === ',' ? ';' : ',';
  if (before === undefined && box.kind === 'grid') return lineAt(line.row, beside(path, false));
  if (before === undefined) return replaceBox(line, path, contentsOf(box, separator), 0, options);
  const previous = itemAt(box.slots, before);
  if (box.kind === 'fraction' && itemAt(box.slots, slot).length === 0)
    return replaceBox(line, path, previous, previous.length, options);
  if (box.kind === 'call' && standingOfBox(box) === null) {
    // The sign between two values goes, and they grow together.
    const joined = [...previous, ...itemAt(box.slots, slot)];
    const slots = box.slots.flatMap((row, i) => (i === before ? [joined] : i === slot ? [] : [row]));
    const outer = path.slice(0, -1);
    return putAt(
      line,
      { path: outer, from: item, to: item + 1 },
      [{ ...box, slots }],
      inSlot(0, before, previous.length),
      options,
    );
  }
  return lineAt(line.row, sameSlot(path, before, previous.length));
}

const removed = (
  line: BoxedLine,
  path: readonly Step[],
  from: number,
  to: number,
  options: ReadingOptions,
): BoxedLine => putAt(line, { path, from, to }, EMPTY_ROW, START, options);

/** A typed name loses its last letter; a word that a key put is one piece. */
const isTypedName = (item: Item | undefined): boolean =>
  isGlyph(item, /^[A-Za-z]{2,}$/) && isLetters(item) && !isGlyph(item, WORD) && !isGlyph(item, /^(?:Ans|total)$/);

export const deleteLeft: BoxedEdit = (line, options) => {
  const { path, from, to, host } = target(line);
  if (from !== to) return removed(line, path, from, to, options);
  if (from === 0) return unwrapLeft(line, options);
  const before = itemAt(host, from - 1);
  const last = { path, from: from - 1, to: from };
  if (isTypedName(before)) {
    const kept = glyphs(...(before as { text: string }).text.slice(0, -1));
    return putAt(line, last, kept, after(kept), options);
  }
  if (!isBox(before) || isEmptyBox(before)) return removed(line, path, from - 1, from, options);
  if (before.kind === 'group') {
    const inner = itemAt(before.slots, 0);
    const reopened: Item = { ...before, closed: false, slots: [[...inner, ...host.slice(from)]] };
    return putAt(line, { path, from: from - 1, to: host.length }, [reopened], inSlot(0, 0, inner.length), options);
  }
  const slot = lastOf(orderOf(before));
  return lineAt(line.row, into(path, from - 1, slot, itemAt(before.slots, slot).length));
};

export const deleteRight: BoxedEdit = (line, options) => {
  const { path, from, to, host } = target(line);
  if (from !== to) return removed(line, path, from, to, options);
  const next = host[from];
  if (next === undefined) {
    const box = boxAt(line.row, path);
    if (box === null) return null;
    if (isEmptyBox(box)) return replaceBox(line, path, EMPTY_ROW, 0, options);
    const order = orderOf(box);
    const following = order[order.indexOf(lastOf(path).slot) + 1];
    return lineAt(line.row, following === undefined ? beside(path, true) : sameSlot(path, following, 0));
  }
  if (isTypedName(next)) {
    const kept = glyphs(...(next as { text: string }).text.slice(1));
    return putAt(line, { path, from, to: from + 1 }, kept, START, options);
  }
  if (!isBox(next) || isEmptyBox(next)) return removed(line, path, from, from + 1, options);
  if (next.kind === 'group') return putAt(line, { path, from, to: from + 1 }, itemAt(next.slots, 0), START, options);
  return lineAt(line.row, into(path, from, itemAt(orderOf(next), 0), 0));
};
