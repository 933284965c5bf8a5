import { readNotebook, writeNotebook, fromNotebook, toNotebook } from '@/state/slices/notebook';
import { EMPTY_CURVES } from '@/core/notebook/curves';
import { keys } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import { pressSynchronously } from '@/state/sync-driver';
import { columnAtHand, tableInSight } from './in-sight';
import { tableShown, tableUsed } from './resolved';
import { createStore } from '@/state/store';

const NO_TABLES = { tables: [], open: null, into: null };

let store: ReturnType<typeof createStore>;
beforeEach(() => {
  store = createStore();
});

const shown = (): string =>
  (tableInSight(store.getState())?.columns ?? []).map(({ name, cells }) => `${name}: ${cells.join(' ')}`).join('; ');

const pair = () =>
  store.getState().putTable('Tide', [
    { name: 'hour', unit: 'h', cells: ['0', '1', '2'] },
    { name: 'height', unit: 'm', cells: ['5', '7', '6'] },
  ]);

test('every edit of a table is taken back by undo, one by one', () => {
  const s = store.getState();
  pair();
  const edits: readonly (() => void)[] = [
    () => s.setCell('c1', 3, '3'),
    () => s.setCell('c2', 3, 'sqrt(2)'),
    () => s.addColumn('t1'),
    () => s.changeColumn('c3', { name: 'note' }),
    () => s.moveColumn('c3', -1),
    () => s.insertRow('t1', 1, null),
    () => s.deleteRow('t1', 0, ['c2']),
    () => s.moveRow('t1', 2, 1),
    () => s.orderRows('t1', null, [3, 2, 1, 0]),
    () =>
      s.putCells('t1', 'c2', 1, [
        { name: '', unit: '', cells: ['8', '9'] },
        { name: '', unit: '', cells: ['10', '11'] },
      ]),
    () => s.emptyColumn('c1'),
    () => s.removeColumn('c2'),
    () => s.setUse('t1', { chart: 'box' }),
    () => s.nameTable('t1', 'Quay'),
    () => s.removeTable('t1'),
  ];
  const seen = edits.map((edit) => {
    const before = store.getState().document;
    edit();
    expect(store.getState().document).not.toBe(before);
    return before;
  });
  for (const before of seen.reverse()) {
    s.press({ type: 'undo' });
    expect(store.getState().document.columns.tables).toEqual(before.columns.tables);
  }
});

test('choices that are tried and names that are typed are one step each', () => {
  pair();
  const s = store.getState();
  s.setCell('c1', 3, '9');
  for (const chart of ['joined', 'box', 'points', 'bars'] as const) s.setUse('t1', { chart });
  for (const name of ['h', 'he', 'hei']) s.changeColumn('c2', { name });
  s.press({ type: 'undo' });
  s.press({ type: 'undo' });
  expect(shown()).toBe('hour: 0 1 2 9; height: 5 7 6');
  expect(tableInSight(store.getState())!.use.chart).toBe('points');
  s.press({ type: 'undo' });
  expect(shown()).toBe('hour: 0 1 2; height: 5 7 6');
});

test.each([
  ['emptying leaves the column', 'emptyColumn', 'hour: ; height: 5 7 6', 'column-emptied'],
  ['removing takes it away', 'removeColumn', 'height: 5 7 6', 'column-removed'],
] as const)('%s', (_, operation, left, code) => {
  pair();
  store.getState()[operation]('c1');
  expect(shown()).toBe(left);
  expect(store.getState().notice).toMatchObject({ code, offersUndo: true });
});

test('rows keep together, and one column alone only when that is asked for', () => {
  pair();
  const s = store.getState();
  s.deleteRow('t1', 0, null);
  expect(shown()).toBe('hour: 1 2; height: 7 6');
  s.orderRows('t1', null, [1, 0]);
  expect(shown()).toBe('hour: 2 1; height: 6 7');
  s.insertRow('t1', 0, ['c2']);
  expect(shown()).toBe('hour: 2 1; height:  6 7');
});

test('a heading that is pasted names an empty column and no other', () => {
  pair();
  const s = store.getState();
  const put = [{ name: 'depth', unit: 'm', cells: ['9'] }];
  s.putCells('t1', 'c2', 3, put);
  expect(shown()).toBe('hour: 0 1 2; height: 5 7 6 9');
  s.emptyColumn('c2');
  s.putCells('t1', 'c2', 0, put);
  expect(shown()).toBe('hour: 0 1 2; depth: 9');
});

test('a level is put below the column that was last written into, worth the same whatever becomes of letters', () => {
  const s = store.getState();
  s.appendCell(null, '4');
  expect(shown()).toBe('A: 4');
  pair();
  s.setCell('c3', 3, '1');
  expect(columnAtHand(store.getState())?.name).toBe('height');
  s.appendCell(null, '1/3');
  expect(shown()).toBe('hour: 0 1 2; height: 5 7 6 1 1/3');
  s.openTable('t1');
  s.appendCell('c3', '9');
  expect(shown()).toBe('A: 4');
});

test.each([
  ['as it was made', 'd7 push d3 divide toColumn', '7÷3'],
  ['what leans on a slot by its value', 'd8 keep d1 recall d1 sqrt toColumn', '2sqrt(2)'],
  [
    'by its digits where nothing else lasts',
    'd2 ln keep d1 recall d1 toColumn',
    '0.69314718055994530941723212145817656807550013436026',
  ],
  ['a number that is being keyed', 'd4 point d5 toColumn', '4.5'],
])('the top level goes to a column: %s', (_, keyed, cell) => {
  store.getState().set({ style: 'stack' });
  for (const id of keyed.split(' '))
    pressSynchronously(store, keys[id as KeyId].does, { shouldContinue: () => true, random: () => 0n });
  expect(shown()).toBe(`A: ${cell}`);
});

test('an equation laid over points names the axes, in one step', () => {
  pair();
  const before = store.getState().document.curves;
  const [x, y] = tableInSight(store.getState())!.columns;
  store.getState().layOver('2*x', { x: x!, y: y! }, { xFrom: 0, xTo: 2, yFrom: 0, yTo: 9 });
  expect(store.getState().document.curves).toMatchObject({
    points: { x: 'c1', y: 'c2', on: true },
    functions: [{ text: '2*x' }],
    x: { name: 'hour', unit: 'h' },
    y: { name: 'height', unit: 'm' },
  });
  store.getState().press({ type: 'undo' });
  expect(store.getState().document.curves).toBe(before);
});

test('tables are kept with the notebook; version 5 had none', () => {
  pair();
  const { document } = store.getState();
  const written = toNotebook(store.getState());
  const loaded = readNotebook(writeNotebook(written));
  expect(loaded.kind === 'ok' && fromNotebook(loaded.notebook).document.columns).toEqual(document.columns);
  const without = { ...written, version: 5, columns: undefined, curves: { ...EMPTY_CURVES, points: undefined } };
  const old = readNotebook(JSON.stringify(without));
  expect(old.kind === 'ok' && [old.notebook.columns, old.notebook.curves]).toEqual([NO_TABLES, EMPTY_CURVES]);
});

test.each([
  ['two columns with one id', ['c1', 'c1'], '1'],
  ['a cell that is too long', ['c1', 'c2'], '1'.repeat(401)],
])('of a notebook with %s nothing is lost', (name, ids, cell) => {
  pair();
  const { document } = store.getState();
  const [table] = document.columns.tables;
  const columns = ids.map((id) => ({ id, name: 'A', unit: '', cells: [cell] }));
  const raw = { ...toNotebook(store.getState()), columns: { ...NO_TABLES, tables: [{ ...table, columns }] } };
  const loaded = readNotebook(JSON.stringify(raw));
  const found = loaded.kind === 'ok' ? loaded.notebook.columns.tables[0]!.columns.map((c) => c.id) : [];
  const aside = loaded.kind === 'ok' ? loaded.notebook.setAside.map(({ of, raw: text }) => [of, text.length]) : [];
  expect([found, aside]).toEqual(
    name.startsWith('two')
      ? [['c1', 'c2'], []]
      : [[], columns.map((column) => ['column', JSON.stringify(column).length])],
  );
});

test('what is in sight is not undone, and what undo changes comes into sight', () => {
  const s = store.getState();
  s.putTable('First', [{ name: 'a', unit: '', cells: ['1'] }]);
  s.setCell('c1', 0, '2');
  s.putTable('Second', [{ name: 'b', unit: '', cells: ['3'] }]);
  s.setCell('c2', 0, '4');
  s.openTable('t1');
  const steps = store.getState().history.past.length;
  s.openTable('t2');
  expect(store.getState().history.past).toHaveLength(steps);
  s.openTable('t1');
  s.press({ type: 'undo' });
  expect([shown(), tableInSight(store.getState())?.name]).toEqual(['b: 3', 'Second']);
  const kept = readNotebook(writeNotebook(toNotebook(store.getState())));
  expect(kept.kind === 'ok' && fromNotebook(kept.notebook).sight).toEqual(store.getState().sight);
});

test('a rule takes the place of cells; what came of it stays when the rule goes', () => {
  const s = store.getState();
  s.putTable('T', [
    { name: 'a', unit: '', cells: ['1', '2'] },
    { name: 'b', unit: '', cells: ['9'] },
  ]);
  s.setRule('c2', 'a*2');
  const ruled = store.getState().document.columns.tables[0]!;
  expect(ruled.columns[1]).toMatchObject({ rule: 'a*2', cells: [] });
  s.setCell('c2', 0, '7');
  expect(store.getState()).toMatchObject({ notice: { code: 'column-worked' } });
  s.learnRules(ruled, { columns: [{ id: 'c2', cells: ['2', '4'] }], kept: [true, false], faults: [] });
  s.setFilter(ruled.id, 'a<2');
  const filtered = store.getState().document.columns.tables[0]!;
  const cellsOf = (of: typeof ruled) => of.columns.map(({ cells }) => cells);
  expect(cellsOf(tableShown(store.getState(), filtered))).toEqual([
    ['1', '2'],
    ['2', '4'],
  ]);
  expect(cellsOf(tableUsed(store.getState(), filtered))).toEqual([
    ['1', ''],
    ['2', ''],
  ]);
  s.setRule('c2', '');
  expect(store.getState().document.columns.tables[0]!.columns[1]).toMatchObject({ rule: '', cells: ['2', '4'] });
  const kept = readNotebook(writeNotebook(toNotebook(store.getState())));
  expect(kept.kind === 'ok' && kept.notebook.columns.tables[0]).toEqual(store.getState().document.columns.tables[0]);
});
