import type { KeyboardEvent } from 'react';
import type { KeyAction } from '@/keys/catalogue';
import { actionOfStroke, handleStroke, strokeOf } from '@/keys/shortcuts';
import type { CellPlace } from '@/ui/grid/cell';

/** Rows that a page up or down goes. */
const PAGE = 10;

type Grid = Readonly<{
  place: CellPlace;
  rows: number;
  /** On to another cell, to be written at once, begun by a stroke, or only chosen; beyond an edge it stays at the edge. */
  go: (column: number, row: number, isWritten?: boolean, first?: KeyAction | null) => void;
  empty: (place: CellPlace) => void;
  leave: () => void;
}>;

/** What a stroke does in a grid whose cells are written in the line editor: goes about, empties, or begins to write. */
export function gridStroke(event: KeyboardEvent, { place, rows, go, empty, leave }: Grid): void {
  const stroke = strokeOf(event);
  if (stroke.control) return;
  const { column, row } = place;
  const last = rows - 1;
  const isMove = handleStroke('grid', event, {
    up: () => go(column, row - 1),
    down: () => go(column, Math.min(last, row + 1)),
    left: () => go(column - 1, row),
    right: () => go(column + 1, row),
    pageUp: () => go(column, row - PAGE),
    pageDown: () => go(column, Math.min(last, row + PAGE)),
    first: () => go(column, 0),
    last: () => go(column, Math.max(0, last)),
    write: () => go(column, row, true),
    empty: () => empty(place),
    leave,
  });
  if (isMove) return;
  const action = actionOfStroke(stroke);
  if (action === null || stroke.key.length > 1) return;
  event.preventDefault();
  go(column, row, true, action);
}
