/** Frames may not come at all, as on a page that is not shown; then calls come after this. */
const AT_LATEST_MS = 100;

type Batch = Set<() => void>;

/** What waits for the next frame; null when nothing does. */
let waiting: Batch | null = null;

/** Calls what was not called off; a bug in one of them keeps none of the others from being called. */
function callAll(batch: Batch): void {
  for (const call of batch)
    queueMicrotask(() => {
      if (batch.delete(call)) call();
    });
}

/** One frame and one timer for all that wait for the same paint, since each costs as much as a call (measured). */
function begun(): Batch {
  const batch: Batch = new Set();
  const close = (): void => {
    // What is asked for from now on waits for a frame of its own.
    if (waiting === batch) waiting = null;
  };
  const timer = setTimeout(() => {
    cancelAnimationFrame(frame);
    close();
    callAll(batch);
  }, AT_LATEST_MS);
  const frame = requestAnimationFrame(() => {
    clearTimeout(timer);
    close();
    setTimeout(callAll, 0, batch);
  });
  return batch;
}

/** Calls after the next frame has been painted; answers how to call it off. */
export function afterPaint(call: () => void): () => void {
  const batch = (waiting ??= begun());
  const own = (): void => call();
  batch.add(own);
  return () => {
    batch.delete(own);
  };
}
