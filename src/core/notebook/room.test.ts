import fc from 'fast-check';
import { columnsSchema, FIRST_USE, LONGEST_CELL, LONGEST_NAME, MOST_COLUMNS, rowsOf, usedColumns } from './columns';
import type { DataTable } from './columns';
import { cellsIn, fitting } from './room';
import { asidePart, freeAsideId, LONGEST_ASIDE_NAME, LONGEST_ASIDE_TEXT, setAsideSchema } from './set-aside';

const tableOf = (columns: readonly (readonly string[])[]): DataTable => ({
  id: 't1',
  name: 'Tide',
  columns: columns.map((cells, i) => ({ id: `c${i + 1}`, name: `c${i + 1}`, unit: '', rule: '', cells: [...cells] })),
  filter: '',
  use: FIRST_USE,
});
const column = (name: string, ...cells: readonly string[]) => ({ name, unit: '', cells });

test.each([
  ['all of it', [column('x', '1', '2')], { columns: 0, rows: 0, cells: 0, names: 0 }],
  ['a long cell is cut', [column('x', '1'.repeat(LONGEST_CELL + 5))], { columns: 0, rows: 0, cells: 1, names: 0 }],
  ['a long name is cut', [column('n'.repeat(LONGEST_NAME + 1), '1')], { columns: 0, rows: 0, cells: 0, names: 1 }],
  [
    'columns beyond the last are left out',
    Array.from({ length: MOST_COLUMNS + 3 }, (_, i) => column(`c${i}`, '1')),
    { columns: 3, rows: 0, cells: 0, names: 0 },
  ],
])('%s, and it is told', (_name, wanted, left) => {
  const made = fitting(wanted, null);
  expect(made.left).toEqual(left);
  const columns = made.columns.map(({ cells, ...rest }, i) => ({ id: `c${i}`, cells: [...cells], ...rest }));
  expect(
    columnsSchema.safeParse({ tables: [{ id: 't1', name: 'Tide', columns, use: FIRST_USE }], open: null, into: null })
      .success,
  ).toBe(true);
});

test('columns put into a table take no room that its others need', () => {
  const table = tableOf([['1'], ['2'], ['3']]);
  const into = { table, column: MOST_COLUMNS - 1, row: 0 };
  expect(fitting([column('a', '1'), column('b', '2')], into).left.columns).toBe(1);
});

test('long columns are shortened so that all cells together fit, those that stay included', () => {
  const long = Array<string>(600_000).fill('1');
  const made = fitting(
    [column('x', ...[]), { name: 'y', unit: '', cells: long }, { name: 'z', unit: '', cells: long }],
    null,
  );
  expect(made.columns.every(({ cells }) => cells.length <= 333_333)).toBe(true);
  expect(made.left.rows).toBe(600_000 - 333_333);
});

test(`cells and rows of a table are counted (seed 20261128)`, () =>
  fc.assert(
    fc.property(fc.array(fc.array(fc.constantFrom('1', '2', 'x'), { maxLength: 9 }), { maxLength: 6 }), (columns) => {
      const table = tableOf(columns);
      expect(cellsIn(table)).toBe(columns.flat().length);
      expect(rowsOf(table)).toBe(Math.max(0, ...columns.map(({ length }) => length)));
    }),
    { seed: 20261128, numRuns: 100 },
  ));

test.each([
  [{}, ['c1', null, 'c2', 'c1', 'c2']],
  [{ frequencies: 'c1' }, ['c2', 'c1', 'c3', 'c2', 'c3']],
  [{ x: 'c3', y: 'c1' }, ['c1', null, 'c2', 'c3', 'c1']],
  [{ one: 'c9' }, ['c1', null, 'c2', 'c1', 'c2']],
])('with %j it uses %j as one, frequencies, upper, x and y', (use, ids) => {
  const used = usedColumns({ ...tableOf([['1'], ['2'], ['3']]), use: { ...FIRST_USE, ...use } });
  expect([used.one, used.frequencies, used.upper, used.x, used.y].map((c) => c?.id ?? null)).toEqual(ids);
});

test('a table without columns uses none', () =>
  expect(Object.values(usedColumns(tableOf([])))).toEqual([null, null, null, null, null, null, null, []]));

test('whatever is set aside can be kept, with an id that nothing else has', () => {
  const long = 'x'.repeat(60_000);
  for (const [text, raw] of [
    ['2+2', { text: '2+2' }],
    [long, long],
    [17, undefined],
    [null, null],
  ] as const) {
    const part = asidePart('a1', 'line', 'unreadable', long, text, raw);
    expect(setAsideSchema.safeParse(part).success).toBe(true);
    expect([part.name.length <= LONGEST_ASIDE_NAME, part.text.length <= LONGEST_ASIDE_TEXT]).toEqual([true, true]);
  }
  const free = freeAsideId([
    asidePart('a7', 'line', 'unreadable', '', '', null),
    asidePart('odd', 'line', 'unreadable', '', '', null),
  ]);
  expect([free(), free()]).toEqual(['a8', 'a9']);
});
