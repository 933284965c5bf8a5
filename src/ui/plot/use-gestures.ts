import { useEffect, useRef } from 'react';
import type { RefObject } from 'react';
import { middleOf, moved, zoomed } from '@/core/curve/view';
import type { Size, ViewRange } from '@/core/curve/view';

/** Where something is on the plot, in pixels from its upper left corner. */
type At = Readonly<{ x: number; y: number }>;

export type Gestures = Readonly<{
  /** The view while it is being moved. */
  onLive: (view: ViewRange) => void;
  /** The view when it has come to rest. */
  onRest: (view: ViewRange) => void;
  /** One finger, or the pressed mouse, draws a point along and not the paper. */
  onDraw: ((at: At) => void) | null;
  /** A finger that touched the plot without moving along. */
  onTap?: ((at: At) => void) | null;
}>;

const WHEEL_REST_MS = 180;
/** Pixels that a finger which means one place may stray. */
const STRAY = 7;

const between = (a: At, b: At): At => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
const apart = (a: At, b: At): number => Math.max(24, Math.hypot(a.x - b.x, a.y - b.y));

/** The point of the plane under a pixel. */
const under = (view: ViewRange, { width, height }: Size, at: At): At => ({
  x: view.xFrom + (at.x / width) * (view.xTo - view.xFrom),
  y: view.yTo - (at.y / height) * (view.yTo - view.yFrom),
});

/** Dragging, pinching and the wheel on an element, as changes of the view. */
export function useGestures(
  element: RefObject<HTMLElement | null>,
  view: ViewRange,
  size: Size,
  gestures: Gestures,
): void {
  const now = useRef({ view, size, gestures });
  useEffect(() => {
    now.current = { view, size, gestures };
  });

  useEffect(() => {
    const target = element.current;
    if (target === null) return undefined;
    const fingers = new Map<number, At>();
    let start: { view: ViewRange; at: At; apart: number } | null = null;
    let live: ViewRange | null = null;
    let touched: At | null = null;
    let resting: ReturnType<typeof setTimeout> | null = null;

    // Asked for once a gesture: in the midst of one it would have the page laid out anew.
    let box = target.getBoundingClientRect();
    const at = (event: PointerEvent | WheelEvent): At => ({ x: event.clientX - box.left, y: event.clientY - box.top });
    const begin = (): void => {
      const [first, second] = [...fingers.values()];
      if (first === undefined) start = null;
      else
        start = {
          view: live ?? now.current.view,
          at: second === undefined ? first : between(first, second),
          apart: second === undefined ? 1 : apart(first, second),
        };
    };
    const show = (next: ViewRange | null): void => {
      if (next === null) return;
      live = next;
      now.current.gestures.onLive(next);
    };
    const rest = (): void => {
      if (live === null) return;
      const done = live;
      live = null;
      now.current.gestures.onRest(done);
    };

    const onDown = (event: PointerEvent): void => {
      if (event.button !== 0) return;
      if (fingers.size === 0) box = target.getBoundingClientRect();
      target.setPointerCapture(event.pointerId);
      fingers.set(event.pointerId, at(event));
      touched = fingers.size === 1 ? at(event) : null;
      begin();
      if (fingers.size === 1) now.current.gestures.onDraw?.(at(event));
    };
    const onMove = (event: PointerEvent): void => {
      if (!fingers.has(event.pointerId) || start === null) return;
      fingers.set(event.pointerId, at(event));
      if (touched !== null && Math.hypot(at(event).x - touched.x, at(event).y - touched.y) > STRAY) touched = null;
      const { size: plot, gestures: to } = now.current;
      const [first, second] = [...fingers.values()] as [At, At | undefined];
      if (second === undefined && to.onDraw !== null) {
        to.onDraw(first);
        return;
      }
      const centre = second === undefined ? first : between(first, second);
      const shift = { x: (start.at.x - centre.x) / plot.width, y: (centre.y - start.at.y) / plot.height };
      const shifted = moved(start.view, shift);
      if (second === undefined) return show(shifted);
      const factor = apart(first, second) / start.apart;
      show(zoomed(shifted, { x: factor, y: factor }, under(shifted, plot, centre)));
    };
    const onUp = (event: PointerEvent): void => {
      if (!fingers.delete(event.pointerId)) return;
      begin();
      if (fingers.size === 0) rest();
      if (event.type === 'pointerup' && touched !== null) now.current.gestures.onTap?.(touched);
      touched = null;
    };
    const onWheel = (event: WheelEvent): void => {
      event.preventDefault();
      if (live === null) box = target.getBoundingClientRect();
      const base = live ?? now.current.view;
      const factor = 1.0016 ** -event.deltaY;
      // With Shift one axis alone: x; with Alt: y.
      const by = { x: event.altKey ? 1 : factor, y: event.shiftKey ? 1 : factor };
      show(zoomed(base, by, under(base, now.current.size, at(event))));
      if (resting !== null) clearTimeout(resting);
      resting = setTimeout(rest, WHEEL_REST_MS);
    };

    target.addEventListener('pointerdown', onDown);
    target.addEventListener('pointermove', onMove);
    target.addEventListener('pointerup', onUp);
    target.addEventListener('pointercancel', onUp);
    target.addEventListener('wheel', onWheel, { passive: false });
    return () => {
      if (resting !== null) clearTimeout(resting);
      target.removeEventListener('pointerdown', onDown);
      target.removeEventListener('pointermove', onMove);
      target.removeEventListener('pointerup', onUp);
      target.removeEventListener('pointercancel', onUp);
      target.removeEventListener('wheel', onWheel);
    };
  }, [element]);
}

/** The view one step closer (above 1) or farther, its middle kept. */
export const stepped = (view: ViewRange, factor: number): ViewRange | null =>
  zoomed(view, { x: factor, y: factor }, middleOf(view));
