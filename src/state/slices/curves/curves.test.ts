import { EMPTY_CURVES } from '@/core/notebook/curves';
import { readNotebook, writeNotebook, fromNotebook, toNotebook } from '@/state/slices/notebook';
import { toCanonicalText } from './actions';
import { DEFAULT_SETTINGS } from '@/state/slices/parts';
import { createStore } from '@/state/store';

let store: ReturnType<typeof createStore>;
beforeEach(() => {
  store = createStore();
});

const texts = () => store.getState().document.curves.functions.map(({ name, text, on }) => `${name}:${text}:${on}`);

test('written, switched, copied, moved, removed, each taken back in turn', () => {
  const { addFunction, changeFunction, copyFunction, moveFunction, removeFunction, press } = store.getState();
  const seen: (readonly string[])[] = [];
  const act = (operation: () => void): void => {
    seen.push(texts());
    operation();
  };
  act(() => addFunction('x^2'));
  act(() => addFunction('1/x'));
  act(() => changeFunction('f1', { on: false }));
  act(() => copyFunction('f2'));
  act(() => moveFunction('f3', -1));
  act(() => removeFunction('f2'));
  expect(texts()).toEqual(['f:x^2:false', 'h:1/x:true']);
  // Looks and names are the first that are free.
  expect(new Set(store.getState().document.curves.functions.map(({ style }) => style)).size).toBe(2);
  for (const before of seen.reverse()) {
    press({ type: 'undo' });
    expect(texts()).toEqual(before);
  }
});

test('a view is undone and kept with the notebook; clearing removes functions and nothing else', () => {
  const { addFunction, setView, clearFunctions, press } = store.getState();
  addFunction('x');
  setView({ xFrom: 0, xTo: 1, yFrom: 0, yTo: 2 });
  const { document } = store.getState();
  const loaded = readNotebook(writeNotebook(toNotebook(store.getState())));
  expect(loaded.kind === 'ok' && fromNotebook(loaded.notebook).document.curves).toEqual(document.curves);
  clearFunctions();
  expect(store.getState().document.curves).toEqual({ ...document.curves, functions: [] });
  press({ type: 'undo' });
  press({ type: 'undo' });
  expect(store.getState().document.curves.view).toBe(null);
});

test.each([
  [
    'a function that cannot be read',
    { functions: ['x+', 'x'].map((text, i) => ({ id: `f${i}`, name: 'f', text, style: 0, on: true })) },
    [['f1'], null, ['function']],
  ],
  [
    'two functions with one id',
    { functions: [0, 1].map((style) => ({ id: 'f1', name: 'f', text: 'x', style, on: true })) },
    [['f1', 'f2'], null, []],
  ],
  ['a view turned round', { view: { xFrom: 1, xTo: 0, yFrom: 0, yTo: 1 } }, [[], null, ['view']]],
  ['a view too wide for doubles', { view: { xFrom: -1e308, xTo: 1e308, yFrom: 0, yTo: 1 } }, [[], null, ['view']]],
])('of a notebook with %s the sound parts are read', (_, curves, expected) => {
  const raw = JSON.stringify({ ...toNotebook(store.getState()), curves: { ...EMPTY_CURVES, ...curves } });
  const loaded = readNotebook(raw);
  if (loaded.kind !== 'ok') throw new Error(loaded.reason);
  const { functions, view } = loaded.notebook.curves;
  expect([functions.map((f) => f.id), view, loaded.notebook.setAside.map(({ of }) => of)]).toEqual(expected);
});

test.each([
  ['2,5x', ',', '2.5x'],
  ['log(x;2)', ',', 'log(x,2)'],
  ['x+', '.', null],
  ['A:=3', '.', null],
] as const)('%s with the sign %s is kept as %s', (text, decimalSign, plain) =>
  expect(toCanonicalText(text, { ...DEFAULT_SETTINGS, display: { ...DEFAULT_SETTINGS.display, decimalSign } })).toBe(
    plain,
  ),
);

test('names and looks that are tried one after another are one step; texts are written one by one', () => {
  const { addFunction, changeFunction, setAxis } = store.getState();
  addFunction('x');
  const count = () => store.getState().history.past.length;
  const begun = count();
  for (const name of ['t', 'ti', 'tide']) changeFunction('f1', { name });
  for (const style of [1, 2, 3]) changeFunction('f1', { style });
  for (const unit of ['m', 'm/', 'm/s']) setAxis('y', { unit });
  expect(count() - begun).toBe(3);
  changeFunction('f1', { text: 'x^2' });
  changeFunction('f1', { text: 'x^3' });
  changeFunction('f1', { on: false });
  changeFunction('f1', { on: true });
  expect(count() - begun).toBe(5);
});
