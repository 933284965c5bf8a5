import { itemAt, lastOf } from '../base/item';
import { boxAlong, boxAt, hasSelection, isBox, lineAt, rowAt, sameCaret, selectionOf } from './row';
import type { Box, BoxedLine, CaretPosition, Row, Step } from './row';
import { standingOfBox } from './standing-box';

export type BoxedCommand = (line: BoxedLine) => BoxedLine | null;

/** The slots of a box in the order in which the caret passes them. */
export function orderOf(box: Box): readonly number[] {
  return standingOfBox(box)?.order ?? box.slots.map((_, i) => i);
}

const at = (path: readonly Step[], place: number): CaretPosition => ({ path, at: place });
export const into = (path: readonly Step[], item: number, slot: number, place: number): CaretPosition =>
  at([...path, { item, slot }], place);

/** Just before or after the box that a path leads into. */
export function beside(path: readonly Step[], isAfter: boolean): CaretPosition {
  const { item } = lastOf(path);
  return at(path.slice(0, -1), item + (isAfter ? 1 : 0));
}

function stepRight(row: Row, caret: CaretPosition): CaretPosition | null {
  const { path } = caret;
  const here = rowAt(row, path);
  const next = here[caret.at];
  if (isBox(next) && next.slots.length > 0) return into(path, caret.at, itemAt(orderOf(next), 0), 0);
  if (next !== undefined) return at(path, caret.at + 1);
  const box = boxAt(row, path);
  if (box === null) return null;
  const order = orderOf(box);
  const following = order[order.indexOf(lastOf(path).slot) + 1];
  return following === undefined ? beside(path, true) : into(path.slice(0, -1), lastOf(path).item, following, 0);
}

function stepLeft(row: Row, caret: CaretPosition): CaretPosition | null {
  const { path } = caret;
  const before = rowAt(row, path)[caret.at - 1];
  if (isBox(before) && before.slots.length > 0) {
    const slot = lastOf(orderOf(before));
    return into(path, caret.at - 1, slot, itemAt(before.slots, slot).length);
  }
  if (before !== undefined) return at(path, caret.at - 1);
  const box = boxAt(row, path);
  if (box === null) return null;
  const order = orderOf(box);
  const preceding = order[order.indexOf(lastOf(path).slot) - 1];
  if (preceding === undefined) return beside(path, false);
  return into(path.slice(0, -1), lastOf(path).item, preceding, itemAt(box.slots, preceding).length);
}

/** About how wide a row is drawn, in digits. */
const widthOf = (row: Row): number => row.reduce((sum, item) => sum + itemWidth(item), 0);

function itemWidth(item: Row[number]): number {
  if (item.kind === 'glyph') return item.text.length;
  const widths = item.slots.map(widthOf);
  switch (item.kind) {
    case 'fraction':
      return Math.max(1, ...widths);
    case 'power':
      return 0.7 * Math.max(1, itemAt(widths, 0));
    case 'group':
      return itemAt(widths, 0) + 1;
    case 'grid': {
      const columns = Array.from({ length: item.columns }, (_, j) =>
        Math.max(1, ...widths.filter((_unused, i) => i % item.columns === j)),
      );
      return columns.reduce((a, b) => a + b + 1, 1);
    }
    case 'call':
      return standingOfBox(item) === null
        ? item.fn.length + widths.reduce((a, b) => a + b, 0) + 1
        : Math.max(...widths) + 1;
  }
}

/** The place in a row that stands above or below one in another row, when both are centred. */
function across(from: Row, place: number, to: Row): number {
  let rest = widthOf(from.slice(0, place)) - widthOf(from) / 2 + widthOf(to) / 2;
  for (const [i, item] of to.entries()) {
    const width = itemWidth(item);
    if (rest < width / 2) return i;
    rest -= width;
  }
  return to.length;
}

/** The slot that stands above or below another of the same box. */
function neighbour(box: Box, slot: number, direction: 'above' | 'below'): number | null {
  if (box.kind === 'fraction') return direction === 'above' ? (slot === 1 ? 0 : null) : slot === 0 ? 1 : null;
  return standingOfBox(box)?.neighbours[direction].get(slot) ?? null;
}

/** The slot of a box that is reached from beside it, upwards or downwards. */
function reached(box: Box, direction: 'above' | 'below'): number | null {
  if (box.kind === 'power') return direction === 'above' ? 0 : null;
  if (box.kind === 'fraction') return direction === 'above' ? 0 : 1;
  const standing = standingOfBox(box);
  return standing?.neighbours[direction].get(standing.notation.main) ?? null;
}

function vertical(row: Row, caret: CaretPosition, direction: 'above' | 'below'): CaretPosition | null {
  for (let depth = caret.path.length; depth > 0; depth -= 1) {
    const path = caret.path.slice(0, depth);
    const outer = path.slice(0, -1);
    const { item, slot } = lastOf(path);
    const box = boxAlong(row, path);
    const here = rowAt(row, path);
    const place = depth === caret.path.length ? caret.at : itemAt(caret.path, depth).item;
    if (box.kind === 'power' && direction === 'below') return beside(path, place > 0 || here.length === 0);
    const target = neighbour(box, slot, direction);
    if (target !== null) return into(outer, item, target, across(here, place, itemAt(box.slots, target)));
  }
  const here = rowAt(row, caret.path);
  for (const [item, isRight] of [
    [caret.at, true],
    [caret.at - 1, false],
  ] as const) {
    const box = here[item];
    const slot = isBox(box) ? reached(box, direction) : null;
    if (slot !== null) return into(caret.path, item, slot, isRight ? 0 : itemAt((box as Box).slots, slot).length);
  }
  return null;
}

/** To the start of the row, then of the rows around it. */
function homeward({ path, at: place }: CaretPosition): CaretPosition | null {
  if (place > 0) return at(path, 0);
  for (let depth = path.length; depth > 0; depth -= 1)
    if (itemAt(path, depth - 1).item > 0 || depth === 1) return at(path.slice(0, depth - 1), 0);
  return null;
}

function endward(row: Row, { path, at: place }: CaretPosition): CaretPosition | null {
  const here = rowAt(row, path);
  if (place < here.length) return at(path, here.length);
  if (path.length === 0) return null;
  const outer = path.slice(0, -1);
  return at(outer, rowAt(row, outer).length);
}

const moving =
  (step: (row: Row, caret: CaretPosition) => CaretPosition | null, collapsesTo: 'from' | 'to' | null): BoxedCommand =>
  (line) => {
    if (collapsesTo !== null && hasSelection(line)) {
      const selected = selectionOf(line);
      return lineAt(line.row, at(selected.path, selected[collapsesTo]));
    }
    const moved = step(line.row, line.caret);
    return moved === null ? null : lineAt(line.row, moved);
  };

export const moveLeft = moving(stepLeft, 'from');
export const moveRight = moving(stepRight, 'to');
export const moveUp = moving((row, caret) => vertical(row, caret, 'above'), null);
export const moveDown = moving((row, caret) => vertical(row, caret, 'below'), null);
export const moveHome = moving((_, caret) => homeward(caret), null);
export const moveEnd = moving(endward, null);

/** Moves one end of the selection; boxes are taken whole. */
const selecting =
  (step: (row: Row, caret: CaretPosition) => CaretPosition | null): BoxedCommand =>
  (line) => {
    const caret = step(line.row, line.caret);
    return caret === null ? null : { ...line, caret, typing: null };
  };

export const selectLeft = selecting((_, { path, at: place }) =>
  place > 0 ? at(path, place - 1) : path.length > 0 ? beside(path, false) : null,
);
export const selectRight = selecting((row, { path, at: place }) =>
  place < rowAt(row, path).length ? at(path, place + 1) : path.length > 0 ? beside(path, true) : null,
);
export const selectHome = selecting((_, caret) => homeward(caret));
export const selectEnd = selecting(endward);

export const selectAll: BoxedCommand = (line) => {
  const { row } = line;
  if (row.length === 0) return null;
  const all: BoxedLine = { ...line, anchor: at([], 0), caret: at([], row.length), typing: null };
  return sameCaret(all.anchor, line.anchor) && sameCaret(all.caret, line.caret) ? null : all;
};
