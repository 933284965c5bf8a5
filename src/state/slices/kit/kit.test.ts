import { EMPTY_KEPT } from '@/state/slices/parts';
import { merged } from '@/state/slices/merge';
import { readNotebook, toNotebook, writeNotebook } from '@/state/slices/notebook';
import { createStore } from '@/state/store';

const rows = [
  ['1', '2'],
  ['3', '4'],
];

test('going on with one entry is one step of undo, another entry is another; clearing comes back whole', () => {
  const store = createStore();
  const { enter, clearTool, press } = store.getState();
  const kit = () => store.getState().document.kit;
  for (const equation of ['x', 'x=', 'x=3']) enter('equations', { equation }, 'equation');
  enter('equations', { rows }, 'rows:0:0');
  enter('matrices', { A: rows });
  expect(kit()).toEqual({ equations: { equation: 'x=3', rows }, matrices: { A: rows } });
  clearTool('equations');
  expect(Object.keys(kit())).toEqual(['matrices']);
  press({ type: 'undo' });
  press({ type: 'undo' });
  press({ type: 'undo' });
  expect(kit()).toEqual({ equations: { equation: 'x=3' } });
  press({ type: 'undo' });
  expect(kit()).toEqual({});
  // What changes nothing is no step.
  clearTool('equations');
  expect(store.getState().history.past).toEqual([]);
});

const read = (kit: unknown) => {
  const notebook = { ...toNotebook(EMPTY_KEPT), kit };
  const loaded = readNotebook(JSON.stringify(notebook));
  if (loaded.kind !== 'ok') throw new Error(loaded.reason);
  return loaded;
};

// Entries are read each by itself.
test.each<[unknown, object, number]>([
  [{ equations: { rows, equation: 'x=1' } }, { equations: { rows, equation: 'x=1' } }, 0],
  [{ later: { anything: 'of a tool to come' } }, { later: { anything: 'of a tool to come' } }, 0],
  [{ equations: { rows: [['1'], ['2', '3']], equation: 'x=1' } }, { equations: { equation: 'x=1' } }, 1],
  [{ equations: { rows, equation: 7 }, matrices: 'A' }, { equations: { rows }, matrices: {} }, 2],
  [{ equations: { equation: 'x'.repeat(10_001) } }, { equations: {} }, 1],
  [7, {}, 1],
])('what is sound of the entries of a tool is read (%#)', (found, kit, setAside) => {
  const loaded = read(found);
  expect([loaded.notebook.kit, loaded.setAside]).toEqual([kit, setAside]);
  expect(readNotebook(writeNotebook(loaded.notebook))).toMatchObject({ notebook: { kit: loaded.notebook.kit } });
});

test('two tabs keep what both entered; what both changed is as this one has it, the other is set aside', () => {
  const of = (kit: object) => ({ ...EMPTY_KEPT, document: { ...EMPTY_KEPT.document, kit: kit as never } });
  const base = of({ equations: { first: 'x=1', second: 'y=1' } });
  const mine = of({ equations: { first: 'x=2', second: 'y=1' }, vectors: { a: '3' } });
  const theirs = of({ equations: { first: 'x=9', second: 'y=7' }, matrices: { A: rows } });
  const { kept, conflicts } = merged(base, mine, theirs);
  expect(kept.document.kit).toEqual({
    equations: { first: 'x=2', second: 'y=7' },
    matrices: { A: rows },
    vectors: { a: '3' },
  });
  expect([conflicts, kept.document.setAside.map(({ name, text }) => `${name}: ${text}`)]).toEqual([
    1,
    ['equations: first: x=9'],
  ]);
});
