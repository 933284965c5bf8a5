/** A caret that was not moved for so long blinks. */
const REST_MS = 800;
const BLINKS = 'caret-blinks';

const rests = new WeakMap<Element, ReturnType<typeof setTimeout>>();

/**
 * Told whenever a caret is drawn: it stands still while one writes, and blinks when one rests. What blinks is drawn by
 * itself, and so is all that lies over it (measured: a seventh of a key press).
 */
export function stillWhileWriting(caret: Element): void {
  clearTimeout(rests.get(caret));
  if (caret.classList.contains(BLINKS)) caret.classList.remove(BLINKS);
  rests.set(
    caret,
    setTimeout(() => caret.classList.add(BLINKS), REST_MS),
  );
}
