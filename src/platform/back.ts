/*
 * The browser's Back closes what lies topmost over the page. Each thing that is open has an entry of its own in the
 * history, with the address of the page it lies over; what takes the place of another takes over its entry.
 */

const MARK = 'ulkavOpen';

/** What Back closes, the topmost last. */
const open: (() => void)[] = [];
/** Entries whose thing was closed by other means, and not by Back. */
let spare = 0;
/** Steps back that were asked for here, and close nothing. */
let ownSteps = 0;
let isListening = false;

const depthNow = (): number => Number((window.history.state as Record<string, unknown> | null)?.[MARK] ?? 0);

/** Gives each thing that is open an entry; not while a step back of our own is under way, which would go past them. */
function addEntries(): void {
  if (ownSteps > 0) return;
  for (let depth = depthNow() + 1; depth <= open.length; depth += 1)
    window.history.pushState({ ...(window.history.state as object | null), [MARK]: depth }, '');
}

function onPopState(): void {
  if (ownSteps > 0) {
    ownSteps -= 1;
    addEntries();
    return;
  }
  while (open.length > depthNow()) open.pop()?.();
}

/** Takes away the entries that nothing took over, unless the page has gone to another place since. */
function takeAwaySpare(): void {
  while (spare > 0) {
    spare -= 1;
    if (depthNow() <= open.length) continue;
    ownSteps += 1;
    window.history.back();
  }
}

/** Has Back close something that was opened. Answers how to tell that it is closed. */
export function closedByBack(close: () => void): () => void {
  if (!isListening) window.addEventListener('popstate', onPopState);
  isListening = true;
  open.push(close);
  if (spare > 0) spare -= 1;
  addEntries();
  return () => {
    const at = open.lastIndexOf(close);
    // Back itself has closed it.
    if (at < 0) return;
    open.splice(at, 1);
    spare += 1;
    setTimeout(takeAwaySpare);
  };
}
