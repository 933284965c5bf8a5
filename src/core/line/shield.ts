import { isMixedPart } from './operands';
import { POSTFIX, endsOperand, isBox, isGlyph } from './row';
import type { Item, Row } from './row';

/*
 * A box can stand where its typed text could not: a fraction after ×, say, whose numerator would be read to begin
 * further left. There the text brackets it, and reading takes those brackets, and only those, for the box itself.
 */

const TIGHT_BEFORE = /^[×÷]$|^mod$/;

/** Whether the sign at `at` is a minus that stands before its operand. */
const isPrefixMinus = (row: Row, at: number): boolean => isGlyph(row[at], /^−$/) && !endsOperand(row[at - 1]);

/** Whether the box at `at` of a row is bracketed in typed text, so that its neighbours are not read into it. */
export function needsShield(row: Row, at: number): boolean {
  const [before, box, after] = [row[at - 1], row[at]!, row[at + 1]];
  if (box.kind === 'call') return box.fn === 'mod' && endsOperand(before);
  if (box.kind !== 'fraction' || isMixedPart(row, at)) return false;
  let sign = at - 1;
  while (isPrefixMinus(row, sign)) sign -= 1;
  if (endsOperand(before) || isGlyph(row[sign], TIGHT_BEFORE) || isGlyph(before, /^ $/)) return true;
  return endsOperand(after) || isGlyph(after, POSTFIX) || isGlyph(after, /^ $/);
}

/** The row with something else at one place. */
const withItem = (row: Row, at: number, item: Item): Row => row.map((old, i) => (i === at ? item : old));

/** The only item of closed brackets. */
function onlyItem(item: Item): Item | null {
  if (item.kind !== 'group' || !item.closed || item.slots[0]!.length !== 1) return null;
  return item.slots[0]![0]!;
}

/** Brackets at `at` that could be taken for a shield; they are doubled in typed text. */
export function isLikeShield(row: Row, at: number): boolean {
  for (let inner = onlyItem(row[at]!); inner !== null; inner = onlyItem(inner))
    if (isBox(inner) && needsShield(withItem(row, at, inner), at)) return true;
  return false;
}
