import { fireEvent, screen, within } from '@testing-library/react';
import { useStore } from '@/state/app-store';
import { choose, ended, fill, has, panel, press, settled, started } from '@/places/testing/app';
import { layOut } from '@/ui/testing/lay-out';
import { Columns } from './Columns';

/* The Columns place on a phone, worked without a worker. */

jest.mock('@/state/tasks', () =>
  jest.requireActual<typeof import('@/places/testing/in-process')>('@/places/testing/in-process'),
);
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: () => undefined }) }));

layOut(390, 600);
afterEach(ended);

const tables = () => useStore.getState().document.columns.tables;
const cells = (column: number): readonly string[] => tables()[0]!.columns[column]!.cells;

/** A table of values as they would be pasted. */
async function taken(text: string): Promise<void> {
  started(<Columns />);
  await press('Paste');
  await fill('Text to take in', text);
  await press('As a new table');
}
const keyed = async (...keys: readonly string[]): Promise<void> => {
  for (const key of keys) {
    fireEvent.keyDown(screen.getByRole('grid'), { key });
    await settled();
  }
};
const statistic = (name: string): string =>
  screen
    .getAllByRole('button')
    .find((b) => new RegExp(`^${name} [=≈]`).test(b.getAttribute('aria-label') ?? ''))!
    .getAttribute('aria-label')!;

test('an empty place says what it is for, and a table is begun', async () => {
  started(<Columns />);
  expect(screen.queryByRole('grid')).toBeNull();
  await press('Begin a table');
  expect(screen.getByRole('grid').getAttribute('aria-rowcount')).toBe('2');
  await press('Add a column');
  expect(tables()[0]!.columns.map(({ name }) => name)).toEqual(['A', 'B']);
});

test.each([
  ['1 2\n3 4', '2 columns of 2 values.', ['A', 'B']],
  ['hour;height\n0;1,5\n1;2,5', '2 columns of 2 values.', ['hour', 'height']],
  ['2\nharbour\n5', '1 column of 3 values; 1 cell is no number.', ['A']],
])('what is pasted is told before it is put in: %j', async (text, told, names) => {
  started(<Columns />);
  await press('Paste');
  await fill('Text to take in', text);
  expect(screen.getByRole('status').textContent).toBe(told);
  expect(tables()).toEqual([]);
  await press('As a new table');
  expect(tables()[0]!.columns.map(({ name }) => name)).toEqual(names);
});

test('how it is taken apart can be chosen, and heads be values', async () => {
  started(<Columns />);
  await press('Paste');
  await fill('Text to take in', '1,5;2\n3,5;4');
  await choose('Decimals', '1.5');
  expect(screen.getByRole('status').textContent).toMatch(/cells are no numbers/);
  await choose('Decimals', '1,5');
  await press('As a new table');
  expect([cells(0), cells(1)]).toEqual([
    ['1.5', '3.5'],
    ['2', '4'],
  ]);
});

test('nothing, and no number at all, say so', async () => {
  started(<Columns />);
  await press('Paste');
  expect(screen.queryByRole('status')).toBeNull();
  await fill('Text to take in', '   ');
  expect(has('button', 'As a new table')).toBe(false);
});

test('arrow keys go from cell to cell and stay within the table', async () => {
  await taken('1 2\n3 4\n5 6');
  const at = () => document.getElementById(screen.getByRole('grid').getAttribute('aria-activedescendant')!);
  await keyed('ArrowDown', 'ArrowRight');
  expect(at()?.getAttribute('aria-label')).toBe('B, row 2: 4');
  await keyed('ArrowRight', 'End', 'ArrowDown', 'ArrowDown');
  expect(at()?.getAttribute('aria-label')).toBe('B, row 4');
  await keyed('Home', 'ArrowLeft', 'ArrowLeft', 'ArrowUp');
  expect(at()?.getAttribute('aria-label')).toBe('A, row 1: 1');
  await keyed('Escape');
  expect(at()).toBeNull();
});

test('a cell is emptied by the keyboard, its gap is told, and Undo brings it back', async () => {
  await taken('1 2\n3 4');
  await keyed('ArrowDown', 'Delete');
  expect(cells(0)).toEqual(['1']);
  expect(has('gridcell', 'A, row 2: missing')).toBe(true);
  await press('Undo');
  expect(cells(0)).toEqual(['1', '3']);
});

test('a cell that is no number says why; an expression says what it is worth', async () => {
  await taken('sqrt(2)\nQ+1\n7');
  expect(screen.getByRole('gridcell', { name: /^A, row 1/ }).getAttribute('aria-label')).toMatch(/√2 .*1\.414/);
  expect(screen.getByRole('gridcell', { name: /^A, row 2/ }).getAttribute('aria-label')).toContain(
    'The letter Q holds nothing yet.',
  );
});

describe('rows and columns', () => {
  test('a row is moved and removed', async () => {
    await taken('1 2\n3 4\n5 6');
    fireEvent.click(screen.getByRole('rowheader', { name: 'Row 1' }));
    await settled();
    const sheet = screen.getByRole('dialog');
    expect(sheet.textContent).toContain('Row 1');
    const names = within(sheet)
      .getAllByRole('button')
      .map(({ textContent }) => textContent);
    expect(names).toEqual(expect.arrayContaining(['Insert a row above', 'Move the row up', 'Delete the row']));
    await press('Move the row down');
    expect(cells(0)).toEqual(['3', '1', '5']);
    fireEvent.click(screen.getByRole('rowheader', { name: 'Row 2' }));
    await settled();
    await press('Delete the row');
    expect([cells(0), cells(1)]).toEqual([
      ['3', '5'],
      ['4', '6'],
    ]);
  });

  test('a column is named with its unit, emptied, and removed, each undone', async () => {
    await taken('hour height\n1 2\n3 4');
    await press(/^height: options/);
    await fill('Name', 'level');
    await fill('Unit', 'm');
    expect(tables()[0]!.columns[1]).toMatchObject({ name: 'level', unit: 'm' });
    await press('Empty it');
    expect(cells(1)).toEqual([]);
    await press('Undo');
    expect(cells(1)).toEqual(['2', '4']);
    await press(/^level in m: options/, 'Remove it');
    expect(tables()[0]!.columns).toHaveLength(1);
    await press('Undo');
    expect(tables()[0]!.columns).toHaveLength(2);
  });

  test('rows are sorted by a column, all of a row together', async () => {
    await taken('3\t30\n1\t10\n2\t20');
    await press('Sort');
    const sheet = within(screen.getByRole('dialog'));
    fireEvent.click(sheet.getByRole('button', { name: 'Sort' }));
    await settled();
    expect([...cells(0)]).toEqual(['1', '2', '3']);
    expect([...cells(1)]).toEqual(['10', '20', '30']);
  });
});

// By hand: 2, 4, 4, 4, 5, 5, 7, 9 have the mean 5 and the population deviation 2.
test.each([
  ['n', 'n = 8'],
  ['sum', 'sum = 40'],
  ['mean', 'mean = 5'],
  ['σ', 'σ = 2'],
  ['median', 'median = 4.5'],
])('the summary tells %s', async (name, told) => {
  await taken('2 4 4 4 5 5 7 9'.replaceAll(' ', '\n'));
  await panel('Summary');
  expect(statistic(name).replace(/\s.?\(.*$/, '')).toBe(told);
});

test('the summary of a pair, of frequencies, and of what has no value', async () => {
  await taken('x y\n1 2\n2 4\n3 6');
  await panel('Summary');
  await choose('Summed up', 'A pair');
  expect(statistic('r')).toMatch(/^r = 1/);
  await choose('x', 'y');
  expect(statistic('Σx²')).toMatch(/^Σx² = 56/);
});

test('a chart tells in words what it shows, and why there is none', async () => {
  await taken('hour height\n0 1\n1 3\n2 2');
  await panel('Chart');
  const told = () =>
    document.getElementById(screen.getByRole('application').getAttribute('aria-describedby')!.split(' ')[0]!)
      ?.textContent;
  expect(told()).toBe(
    'Points: height over hour. Row 1: hour 0, height 1. Row 2: hour 1, height 3. Row 3: hour 2, height 2.',
  );
  await choose('Chart', 'Box');
  expect(told()).toMatch(/Median: 1\./);
  await choose('Chart', 'Histogram');
  expect(told()).toMatch(/frequency/);
});

test('a fit has its equation, is read at a value, and says why there is none', async () => {
  await taken('x y\n0 1\n1 3\n2 5');
  await panel('Fit');
  expect(screen.getByRole('group', { name: 'Equation' }).textContent).toContain('2');
  expect([statistic('a'), statistic('b')]).toEqual([expect.stringMatching(/^a = 1/), expect.stringMatching(/^b = 2/)]);
  await fill('Read the fit at x =', '10');
  expect(statistic('y')).toMatch(/^y = 21/);
  const residuals = screen.getByRole('table', { name: 'Residuals' });
  expect(within(residuals).getAllByRole('row')[1]?.textContent).toBe('1010');
  await choose('Model', 'Power');
  expect(screen.getByRole('alert').textContent).toBe('Row 1: ln needs a number above zero.');
});

test('tables are named, chosen, and removed', async () => {
  await taken('1\n2');
  await press(/^Tables: /);
  await fill('Name of the table', 'Soundings');
  expect(tables()[0]!.name).toBe('Soundings');
  await press('Close');
  expect(has('grid', 'Soundings')).toBe(true);
});
