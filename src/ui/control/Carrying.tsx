import { DndContext, KeyboardSensor, MouseSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core';
import type { DragEndEvent } from '@dnd-kit/core';
import { sortableKeyboardCoordinates } from '@dnd-kit/sortable';
import type { ReactNode } from 'react';
import { carryWords } from '@/text/labels';

/** Pixels that a mouse goes before it carries, so that a click stays one. */
const STARTS_AFTER = 6;
/** A finger rests so long before it carries, so that a stroke over the page scrolls it. */
const REST_MS = 220;

type Props = Readonly<{
  /** Whether the arrow keys carry too, from a handle that has the focus. */
  hasKeys?: boolean;
  onEnd?: (event: DragEndEvent) => void;
  children: ReactNode;
}>;

/** Things in it can be carried to another place, by mouse or finger. */
export function Carrying({ hasKeys = false, onEnd, children }: Props) {
  const mouse = useSensor(MouseSensor, { activationConstraint: { distance: STARTS_AFTER } });
  const touch = useSensor(TouchSensor, { activationConstraint: { delay: REST_MS, tolerance: 8 } });
  const keyboard = useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates });
  const sensors = useSensors(...(hasKeys ? [mouse, touch, keyboard] : [mouse, touch]));
  return (
    <DndContext
      sensors={sensors}
      {...(onEnd === undefined ? {} : { onDragEnd: onEnd })}
      accessibility={{
        screenReaderInstructions: { draggable: carryWords.how },
        announcements: {
          onDragStart: () => carryWords.taken,
          onDragOver: () => undefined,
          onDragEnd: () => carryWords.put,
          onDragCancel: () => carryWords.back,
        },
      }}
    >
      {children}
    </DndContext>
  );
}
