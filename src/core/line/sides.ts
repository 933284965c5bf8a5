import { beside } from './moves';
import { boxAlong, hasSelection, lineAt } from './row';
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
