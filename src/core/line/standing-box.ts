import { standingOfCall } from '../function';
import { standingOfGrid } from '../notation/grid';
import type { Standing } from '../notation/notation';
import type { Box } from './row';

/** How a matrix or a function's box stands on paper; null for other boxes, and where it is written by its name. */
export function standingOfBox(box: Box): Standing | null {
  if (box.kind === 'grid') return standingOfGrid(box.columns, box.slots.length);
  const found = box.kind === 'call' ? standingOfCall(box.fn, box.slots.length) : null;
  return found?.notation.isOnlyPrinted === true ? null : found;
}
