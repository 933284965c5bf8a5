/** A finger that goes further than this between down and up has not tapped (CSS pixels). */
const SLOP = 10;

type Start = Readonly<{ key: Element; x: number; y: number }>;

const keyAt = (target: EventTarget | null): HTMLElement | null =>
  target instanceof Element ? target.closest<HTMLElement>('.key') : null;

/**
 * Lets a key that is touched act when the finger leaves it. A browser would go on to make the seven events of a mouse
 * first, each found its place and told to the page (measured: a fifth of a key press on a slow phone). What is no plain
 * tap of one finger is left to the browser: a scroll, a slide to another key, a second finger. Answers how to stop.
 */
export function quickTouches(): () => void {
  let start: Start | null = null;
  const onStart = ({ touches, target }: TouchEvent) => {
    const [touch] = touches;
    const key = keyAt(target);
    start =
      touch === undefined || touches.length > 1 || key === null ? null : { key, x: touch.clientX, y: touch.clientY };
  };
  const onEnd = (event: TouchEvent) => {
    const [touch] = event.changedTouches;
    const key = keyAt(event.target);
    const from = start;
    start = null;
    // A touch that became a scroll cannot be cancelled any more.
    if (from === null || touch === undefined || key !== from.key || !event.cancelable) return;
    if (Math.hypot(touch.clientX - from.x, touch.clientY - from.y) > SLOP) return;
    event.preventDefault();
    key.click();
  };
  document.addEventListener('touchstart', onStart, { passive: true });
  document.addEventListener('touchend', onEnd, { passive: false });
  return () => {
    document.removeEventListener('touchstart', onStart);
    document.removeEventListener('touchend', onEnd);
  };
}
