import { lastOf } from '../base/item';
import { beside } from './moves';
import { boxAlong, hasSelection, lineAt, rowAt } from './row';
import type { Box, BoxedLine } from './row';

/** Signs that stand between whole sides, and words between whole comparisons. */
const BETWEEN_SIDES = /^([=≠<≤>≥]|and|or)$/;

export const standsBetweenSides = (sign: string): boolean => BETWEEN_SIDES.test(sign);

/** Whether comparisons are at home in a box. */
const holdsComparisons = (box: Box): boolean => box.kind === 'group' || (box.kind === 'call' && box.fn === 'cases');

/** The caret behind the boxes that a sign between sides cannot stand in; the same line where it is in none. */
export function outOfSides(line: BoxedLine): BoxedLine {
  const { path } = line.caret;
  let kept = path.length;
  while (kept > 0 && !holdsComparisons(boxAlong(line.row, path.slice(0, kept)))) kept -= 1;
  return kept === path.length || hasSelection(line) ? line : lineAt(line.row, beside(path.slice(0, kept + 1), true));
}

/** Whether a character has to leave the boxes around the caret before it is written. */
export const leavesBoxes = (line: BoxedLine, sign: string): boolean =>
  BETWEEN_SIDES.test(sign) && outOfSides(line) !== line;

/** Words that mark the whole product or quotient before them with a unit. */
export const marksProduct = (word: string): boolean => /^(?:deg|rad|grad)$/.test(word);

/** The caret behind the powers and quotients at whose end it stands, which such a word marks as a whole. */
export function outOfQuotient(line: BoxedLine): BoxedLine {
  const { path, at } = line.caret;
  if (path.length === 0 || hasSelection(line)) return line;
  const box = boxAlong(line.row, path);
  const isLast = box.kind === 'power' || (box.kind === 'fraction' && lastOf(path).slot === 1);
  return isLast && at > 0 && at === rowAt(line.row, path).length
    ? outOfQuotient(lineAt(line.row, beside(path, true)))
    : line;
}
