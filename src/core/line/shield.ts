import { itemAt } from '../base/item';
import { WeakCache } from '../base/weak-cache';
import { isMixedPart } from './operands';
import { POSTFIX, endsOperand, isBox, isGlyph, takesIndex } from './row';
import type { Item, Row } from './row';

/*
 * A box can stand where its typed text could not: a fraction after ×, say, whose numerator would be read to begin
 * further left. There the text brackets it, and reading takes those brackets, and only those, for the box itself.
 */

const TIGHT_BEFORE = /^[×÷]$|^mod$/;

/** Whether the sign at `at` is a minus that stands before its operand. */
const isPrefixMinus = (row: Row, at: number): boolean => isGlyph(row[at], /^−$/) && !endsOperand(row[at - 1]);

/** Whether a box, standing at `at` of a row, is bracketed in typed text, so that its neighbours are not read into it. */
export function needsShield(row: Row, at: number, box: Item = itemAt(row, at)): boolean {
  const [before, after] = [row[at - 1], row[at + 1]];
  if (box.kind === 'call') return box.fn === 'mod' && endsOperand(before);
  // Right behind what can be a matrix, a square bracket would ask for an entry of it.
  if (box.kind === 'grid') return isBox(before) || takesIndex(before);
  if (box.kind !== 'fraction' || isMixedPart(row, at, box)) return false;
  let sign = at - 1;
  while (isPrefixMinus(row, sign)) sign -= 1;
  if (endsOperand(before) || isGlyph(row[sign], TIGHT_BEFORE) || isGlyph(before, /^ $/)) return true;
  return endsOperand(after) || isGlyph(after, POSTFIX) || isGlyph(after, /^ $/);
}

/** The only item of closed brackets. */
function onlyItem(item: Item): Item | null {
  if (item.kind !== 'group' || !item.closed || itemAt(item.slots, 0).length !== 1) return null;
  return itemAt(itemAt(item.slots, 0), 0);
}

const innermost = new WeakCache<Item, Item>();

/** What stands alone in closed brackets, however many pairs of them; the item itself when it is no such brackets. */
function insideOf(item: Item): Item {
  const only = onlyItem(item);
  if (only === null) return item;
  innermost.makeRoom();
  return innermost.get(item) ?? innermost.set(item, insideOf(only));
}

/** Brackets at `at` that could be taken for a shield; they are doubled in typed text. */
export function isLikeShield(row: Row, at: number): boolean {
  const inside = insideOf(itemAt(row, at));
  return inside !== row[at] && isBox(inside) && needsShield(row, at, inside);
}
