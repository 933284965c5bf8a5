import { useDraggable, useDndMonitor } from '@dnd-kit/core';
import type { DragMoveEvent } from '@dnd-kit/core';
import { useId, useRef, useState } from 'react';
import { orderOf } from './order';

/** A row or a column of a grid, by its number. */
export type Part = Readonly<{ kind: 'row' | 'column'; at: number }>;

/** A part on its way to another place. */
export type Drag = Readonly<{ part: Part; to: number }>;

type Geometry = Readonly<{ rows: number; rowHeight: number; widths: readonly number[] }>;

function partAt(target: EventTarget | null): Part | null {
  const found = target instanceof Element ? target.closest<HTMLElement>('[data-carry]') : null;
  const [kind, at] = found?.dataset['carry']?.split(' ') ?? [];
  return kind === 'row' || kind === 'column' ? { kind, at: Number(at) } : null;
}

type Props = Geometry & Readonly<{ onCarry: ((part: Part, by: number) => void) | null }>;

/**
 * Carrying rows by their numbers and columns by their heads. The grid as a whole is what is dragged: a hook for each row
 * would slow its making.
 */
export function useGridDrag({ rows, rowHeight, widths, onCarry }: Props) {
  const id = useId();
  const held = useRef<Part | null>(null);
  const [drag, setDrag] = useState<Drag | null>(null);
  const { setNodeRef, listeners } = useDraggable({ id, disabled: onCarry === null });

  const targetOf = (part: Part, { delta }: Pick<DragMoveEvent, 'delta'>): number =>
    part.kind === 'row'
      ? Math.max(0, Math.min(rows - 1, part.at + Math.round(delta.y / rowHeight)))
      : orderOf(widths, part.at, delta.x);

  useDndMonitor({
    onDragMove: (event) => {
      const part = held.current;
      if (part !== null && event.active.id === id) setDrag({ part, to: targetOf(part, event) });
    },
    onDragEnd: (event) => {
      const part = held.current;
      setDrag(null);
      held.current = null;
      if (part === null || event.active.id !== id) return;
      const by = targetOf(part, event) - part.at;
      if (by !== 0) onCarry?.(part, by);
    },
    onDragCancel: () => setDrag(null),
  });

  /** Hands a press on to the drag when it is on what can be carried. */
  const begin = (name: 'onMouseDown' | 'onTouchStart') => (event: { target: EventTarget | null }) => {
    held.current = partAt(event.target);
    if (held.current !== null) listeners?.[name]?.(event);
  };
  return { drag, setNodeRef, onMouseDown: begin('onMouseDown'), onTouchStart: begin('onTouchStart') };
}
