/* What a finger does on the keys, told to them without the browser's mouse and without React's events. */

/** A finger that goes further than this between down and up has not tapped (CSS pixels). */
const SLOP = 10;

/** What a key does when the finger leaves it: where it came down, at a time of the page in milliseconds, or elsewhere. */
export type TouchedKey = Readonly<{ tap: (time: number) => void; leave: () => void }>;

const touchedKeys = new WeakMap<Element, TouchedKey>();

/** Says what a finger does on a key, in the place of what was said of it before. */
export const setTouchedKey = (node: Element, key: TouchedKey): void => void touchedKeys.set(node, key);

type Start = Readonly<{ key: Element; x: number; y: number }>;

const keyAt = (target: EventTarget | null): Element | null => {
  const key = target instanceof Element ? target.closest('.key') : null;
  return key !== null && touchedKeys.has(key) ? key : null;
};

/** What a browser tells of a finger that goes up, before the end of the touch. */
const toldBefore = ['gotpointercapture', 'pointerup', 'lostpointercapture', 'pointerout'] as const;

/**
 * Lets a key that is touched act when the finger leaves it. A browser would go on to make the seven events of a mouse
 * first, each found its place and told to the page (measured: a fifth of a key press on a slow phone), and React would
 * look for listeners of four more (a tenth). What is no plain tap of one finger is left to the browser: a scroll, a slide
 * to another key, a second finger. Answers how to stop.
 */
export function touchKeys(): () => void {
  let start: Start | null = null;
  const onStart = ({ touches, target }: TouchEvent) => {
    const [touch] = touches;
    const key = keyAt(target);
    start =
      touch === undefined || touches.length > 1 || key === null ? null : { key, x: touch.clientX, y: touch.clientY };
  };
  const onToldBefore = (event: PointerEvent) => {
    if (start !== null && event.pointerType === 'touch' && keyAt(event.target) === start.key) event.stopPropagation();
  };
  const onEnd = (event: TouchEvent) => {
    const [touch] = event.changedTouches;
    const from = start;
    start = null;
    if (from === null) return;
    const key = touchedKeys.get(from.key);
    const isTap =
      touch !== undefined && Math.hypot(touch.clientX - from.x, touch.clientY - from.y) <= SLOP && event.cancelable;
    // A touch that became a scroll cannot be cancelled any more.
    if (!isTap) return key?.leave();
    event.preventDefault();
    event.stopPropagation();
    return key?.tap(event.timeStamp);
  };
  window.addEventListener('touchstart', onStart, { passive: true, capture: true });
  window.addEventListener('touchend', onEnd, { passive: false, capture: true });
  for (const type of toldBefore) window.addEventListener(type, onToldBefore, true);
  return () => {
    window.removeEventListener('touchstart', onStart, true);
    window.removeEventListener('touchend', onEnd, true);
    for (const type of toldBefore) window.removeEventListener(type, onToldBefore, true);
  };
}
