/** Frames may not come at all, as on a page that is not shown; then a call comes after this. */
const AT_LATEST_MS = 100;

/** Calls after the next frame has been painted; answers how to call it off. */
export function afterPaint(call: () => void): () => void {
  let timer: ReturnType<typeof setTimeout>;
  const frame = requestAnimationFrame(() => {
    clearTimeout(timer);
    timer = setTimeout(call);
  });
  timer = setTimeout(() => {
    cancelAnimationFrame(frame);
    call();
  }, AT_LATEST_MS);
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}
