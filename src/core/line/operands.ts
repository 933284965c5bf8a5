import { POSTFIX, endsOperand, isDigit, isGlyph, isWhole, takesIndex } from './row';
import type { Row } from './row';

/** How a closing bracket without an opening one is kept: as a sign of its own, so that it closes nothing. */
export const STRAY_CLOSE = '\uff09';

const NUMBER_SIGN = /^(?:\d\u0305?|[.,])$/;

/** Where the number begins whose last sign stands before `end`; a power of ten belongs to it. */
export function numberStart(row: Row, end: number): number {
  let at = end;
  for (;;) {
    while (isGlyph(row[at - 1], NUMBER_SIGN)) at -= 1;
    const sign = isGlyph(row[at - 1], /^−$/) ? 1 : 0;
    const isExponent = at < end && isGlyph(row[at - 1 - sign], /^E$/) && isDigit(row[at - 2 - sign]);
    if (!isExponent) return at;
    at -= 1 + sign;
  }
}

/** Whether a fraction is the part of a mixed number: of whole numbers, right after a whole number. */
export function isMixedPart(row: Row, at: number, item = row[at]): boolean {
  if (item?.kind !== 'fraction' || !item.slots.every(isWhole) || !isDigit(row[at - 1])) return false;
  return isWhole(row.slice(numberStart(row, at), at));
}

/** Where the square bracket stands that the one at `close` closes; null where none does. */
function openingSquare(row: Row, close: number): number | null {
  let depth = 0;
  for (let i = close; i >= 0; i -= 1) {
    if (isGlyph(row[i], /^\]$/)) depth += 1;
    if (isGlyph(row[i], /^\[$/)) depth -= 1;
    if (depth === 0) return i;
  }
  return null;
}

/** Where the operand begins that ends before `end`, with its marks and powers; `end` itself when none does. */
export function operandStart(row: Row, end: number): number {
  let at = end;
  for (;;) {
    while (row[at - 1]?.kind === 'power' || isGlyph(row[at - 1], POSTFIX)) at -= 1;
    const item = row[at - 1];
    if (item === undefined) return at;
    if (isGlyph(item, /^\]$/)) {
      // An entry that is asked for begins with what it is asked of.
      const open = openingSquare(row, at - 1);
      if (open === null || !takesIndex(row[open - 1])) return at - 1;
      at = open;
      continue;
    }
    if (isGlyph(item, NUMBER_SIGN)) {
      const start = numberStart(row, at);
      // Degrees before minutes, minutes before seconds.
      if (at < end && isGlyph(row[start - 1], /^[°′]$/)) {
        at = start;
        continue;
      }
      return start;
    }
    if (isMixedPart(row, at - 1) || isGlyph(item, /^[½-¾⅐-⅞]$/)) {
      const start = numberStart(row, at - 1);
      return isWhole(row.slice(start, at - 1)) ? start : at - 1;
    }
    return endsOperand(item) ? at - 1 : at;
  }
}

/** Where the factors begin that stand side by side before `end`: what a fraction key takes as its numerator. */
export function factorsStart(row: Row, end: number): number {
  let at = operandStart(row, end);
  while (at > 0 && at < end && endsOperand(row[at - 1])) {
    const before = operandStart(row, at);
    if (before === at) break;
    at = before;
  }
  return at;
}
