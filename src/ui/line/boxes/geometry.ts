import { itemAt } from '@/core/base/item';
import type { CaretPosition, Step } from '@/core/line/row';

/*
 * Between caret places and the drawing. Rows are the elements with `data-root` or `data-s`, items those with `data-i`.
 */

type Rect = Readonly<{ left: number; right: number; top: number; bottom: number }>;

const ROW = '[data-s],[data-root]';

/** The items of a row, in their order; those of rows inside it are not among them. */
function itemsIn(row: Element): readonly Element[] {
  const items: Element[] = [];
  for (const el of row.querySelectorAll('[data-i]'))
    if (el.parentElement?.closest(ROW) === row) items[Number(el.getAttribute('data-i'))] = el;
  return items;
}

/** One item of a row, found without looking at the others. */
function itemIn(row: Element, i: number): Element | undefined {
  for (const el of row.querySelectorAll(`[data-i="${i}"]`)) if (el.parentElement?.closest(ROW) === row) return el;
  return undefined;
}

const slotsIn = (item: Element): readonly Element[] =>
  [...item.querySelectorAll('[data-s]')].filter((el) => el.parentElement?.closest('[data-i]') === item);

const slotOf = (item: Element, slot: number): Element | undefined =>
  slotsIn(item).find((el) => el.getAttribute('data-s') === String(slot));

/** The element of the row that a path leads to. */
export function rowElement(root: Element, path: readonly Step[]): Element | null {
  let row: Element = root;
  for (const { item, slot } of path) {
    const box = itemIn(row, item);
    const next = box && slotOf(box, slot);
    if (next === undefined) return null;
    row = next;
  }
  return row;
}

/** What an item takes up; a power stands on its base, and a caret beside it beside both. */
const extent = (item: Element): Rect => {
  const outer = item.parentElement?.tagName.toLowerCase() === 'msup' ? item.parentElement : item;
  const own = item.getBoundingClientRect();
  const all = outer.getBoundingClientRect();
  return { left: own.left, right: own.right, top: all.top, bottom: all.bottom };
};

const isBoxItem = (item: Element | undefined): boolean => item !== undefined && item.querySelector('[data-s]') !== null;

/** Where the caret is to be drawn for a place, as a line from top to bottom. */
export function caretRect(root: Element, place: CaretPosition): Rect | null {
  const row = rowElement(root, place.path);
  if (row === null) return null;
  const [before, after] = [itemIn(row, place.at - 1), itemIn(row, place.at)];
  const beside = [before, after].filter((item) => item !== undefined);
  if (beside.length === 0) {
    const { left, right, top, bottom } = row.getBoundingClientRect();
    const middle = (left + right) / 2;
    return { left: middle, right: middle, top, bottom };
  }
  // As tall as the digit or letter beside it, rather than as a fraction.
  const like = beside.find((item) => !isBoxItem(item)) ?? itemAt(beside, 0);
  const { top, bottom } = extent(like);
  const x =
    before === undefined
      ? extent(after ?? like).left
      : after === undefined
        ? extent(before).right
        : (extent(before).right + Math.max(extent(before).right, extent(after).left)) / 2;
  return { left: x, right: x, top, bottom };
}

/** What a part of a row takes up. */
export function partRect(root: Element, path: readonly Step[], from: number, to: number): Rect | null {
  const row = rowElement(root, path);
  const items = row && itemsIn(row).slice(from, to);
  if (!items || items.length === 0) return null;
  const rects = items.map(extent);
  return {
    left: Math.min(...rects.map((r) => r.left)),
    right: Math.max(...rects.map((r) => r.right)),
    top: Math.min(...rects.map((r) => r.top)),
    bottom: Math.max(...rects.map((r) => r.bottom)),
  };
}

const distance = (rect: Rect, x: number, y: number): number => {
  const dx = Math.max(rect.left - x, 0, x - rect.right);
  const dy = Math.max(rect.top - y, 0, y - rect.bottom);
  return Math.hypot(dx, dy);
};

/** The caret place nearest to a point. */
export function placeAtPoint(root: Element, x: number, y: number): CaretPosition {
  const within = (row: Element, path: readonly Step[]): CaretPosition => {
    const items = itemsIn(row);
    const over = items
      .map((item, i) => ({ item, i, far: distance(item.getBoundingClientRect(), x, y) }))
      .sort((a, b) => a.far - b.far)[0];
    if (over === undefined) return { path, at: 0 };
    const rect = over.item.getBoundingClientRect();
    const slots = slotsIn(over.item);
    // At its very edge a box is passed rather than entered.
    const edge = Math.min(8, (rect.right - rect.left) / 5);
    const isEntered = slots.length > 0 && x > rect.left + edge && x < rect.right - edge;
    if (isEntered || (slots.length > 0 && slots.some((slot) => distance(slot.getBoundingClientRect(), x, y) === 0))) {
      const nearest = itemAt(
        slots
          .map((slot) => ({ slot, far: distance(slot.getBoundingClientRect(), x, y) }))
          .sort((a, b) => a.far - b.far),
        0,
      ).slot;
      return within(nearest, [...path, { item: over.i, slot: Number(nearest.getAttribute('data-s')) }]);
    }
    return { path, at: over.i + (x > (rect.left + rect.right) / 2 ? 1 : 0) };
  };
  return within(root, []);
}
