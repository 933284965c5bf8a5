/** Gives every element of the page of a unit test, which lays nothing out, the same size in pixels. */
export function layOut(width: number, height: number): void {
  const sizes = { offsetWidth: width, offsetHeight: height, clientWidth: width, clientHeight: height };
  for (const [name, value] of Object.entries(sizes))
    Object.defineProperty(HTMLElement.prototype, name, { configurable: true, get: () => value });
}
