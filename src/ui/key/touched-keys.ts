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
 * look for listeners of four more (a tenth). Two thumbs that overlap press two keys, of which a browser would press
 * neither. What is no plain tap is left to the browser: a scroll, a slide to another key, two fingers that part.
 * Answers how to stop.
 */
export function touchKeys(): () => void {
  /** The fingers that lie on keys, by the browser's numbers for them. */
  const starts = new Map<number, Start>();
  const onStart = ({ touches, changedTouches }: TouchEvent) => {
    // Of a finger whose key has gone from the page nothing is told any more.
    if (touches.length === changedTouches.length) starts.clear();
    for (const { identifier, target, clientX, clientY } of changedTouches) {
      const key = keyAt(target);
      if (key !== null) starts.set(identifier, { key, x: clientX, y: clientY });
    }
  };
  const onToldBefore = (event: PointerEvent) => {
    if (event.pointerType !== 'touch' || starts.size === 0) return;
    const at = keyAt(event.target);
    if ([...starts.values()].some(({ key }) => key === at)) event.stopPropagation();
  };
  const onEnd = (event: TouchEvent) => {
    for (const { identifier, clientX, clientY } of event.changedTouches) {
      const from = starts.get(identifier);
      if (from === undefined) continue;
      starts.delete(identifier);
      const key = touchedKeys.get(from.key);
      // A touch that became a scroll cannot be cancelled any more.
      const isTap = event.cancelable && Math.hypot(clientX - from.x, clientY - from.y) <= SLOP;
      if (!isTap) {
        key?.leave();
        continue;
      }
      event.preventDefault();
      event.stopPropagation();
      key?.tap(event.timeStamp);
    }
  };
  const onCancel = ({ changedTouches }: TouchEvent) => {
    for (const { identifier } of changedTouches) starts.delete(identifier);
  };
  window.addEventListener('touchstart', onStart, { passive: true, capture: true });
  window.addEventListener('touchend', onEnd, { passive: false, capture: true });
  window.addEventListener('touchcancel', onCancel, { passive: true, capture: true });
  for (const type of toldBefore) window.addEventListener(type, onToldBefore, true);
  return () => {
    window.removeEventListener('touchstart', onStart, true);
    window.removeEventListener('touchend', onEnd, true);
    window.removeEventListener('touchcancel', onCancel, true);
    for (const type of toldBefore) window.removeEventListener(type, onToldBefore, true);
  };
}
