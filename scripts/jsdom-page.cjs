/** What the page of the interface's unit tests lacks: it lays nothing out, and has no width to ask for. */
const nothing = () => undefined;
globalThis.ResizeObserver = class {
  observe = nothing;
  unobserve = nothing;
  disconnect = nothing;
};
globalThis.window.matchMedia = () => ({
  matches: false,
  addListener: nothing,
  removeListener: nothing,
  addEventListener: nothing,
  removeEventListener: nothing,
});

globalThis.document.fonts = { ready: Promise.resolve() };

// The kit's styles are newer than the page's reader of CSS, which would print each of them whole.
const { error } = console;
console.error = (first, ...rest) => {
  if (first?.type !== 'css parsing') error(first, ...rest);
};

// Its cascade of styles is worked anew for every element that is asked for by role, which took most of the time of a test.
// Elements of a formula have no style of their own there.
const none = globalThis.document.createElement('div').style;
globalThis.window.getComputedStyle = (element) => element.style ?? none;
