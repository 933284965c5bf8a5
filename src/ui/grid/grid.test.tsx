import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { layOut } from '../testing/lay-out';
import { onPage } from '../testing/on-page';
import { EMPTY_CELL, numbersWidth } from './cell';
import type { GridCell } from './cell';
import { Grid } from './Grid';

layOut(390, 600);
afterEach(cleanup);

const heads = [
  { id: 'c1', name: 'hour', unit: 'h', spoken: 'Column hour in h' },
  { id: 'c2', name: 'height', unit: '', spoken: 'Column height' },
];
const cellOf = (column: number, row: number): GridCell => ({
  text: `${10 * row + column}`,
  note: column === 1 ? 'about' : '',
  state: 'plain',
  spoken: `${heads[column]!.name} ${row + 1}: ${10 * row + column}`,
});

type Props = ComponentProps<typeof Grid>;
const shown = (props: Partial<Props> = {}) =>
  onPage(
    <Grid
      name="Tide"
      heads={heads}
      rows={500}
      margin={{
        name: 'Row',
        isNamed: false,
        width: 48,
        row: (row) => ({ text: `${row + 1}`, spoken: `Row ${row + 1}` }),
      }}
      cell={cellOf}
      rowHeight={44}
      leastWidth={112}
      {...props}
    />,
  );

test('it tells its size, its heads and its cells, and makes only the rows in sight', () => {
  shown({ at: null });
  const grid = screen.getByRole('grid', { name: 'Tide' });
  expect([grid.getAttribute('aria-rowcount'), grid.getAttribute('aria-colcount')]).toEqual(['501', '3']);
  expect(screen.getAllByRole('columnheader').map(({ textContent }) => textContent)).toEqual(['Row', 'hourh', 'height']);
  expect(screen.getByRole('gridcell', { name: 'height 3: 21' }).textContent).toBe('21about');
  expect(screen.getByRole('rowheader', { name: 'Row 3' }).textContent).toBe('3');
  expect(screen.getAllByRole('row').length).toBeLessThan(40);
});

test('a grid in which nothing can be chosen is a table to be read', () => {
  shown();
  expect(screen.getByRole('table', { name: 'Tide' }).getAttribute('aria-rowcount')).toBe('501');
  expect(screen.getAllByRole('cell').length).toBeGreaterThan(2);
  expect(screen.queryByRole('button')).toBeNull();
});

test('taps tell the cell, the row or the column, and two taps open', () => {
  const told: unknown[] = [];
  shown({
    at: null,
    onCell: (place) => told.push(['cell', place]),
    onRow: (row) => told.push(['row', row]),
    onHead: (column) => told.push(['head', column]),
    onOpen: (place) => told.push(['open', place]),
  });
  const cell = screen.getByRole('gridcell', { name: 'hour 2: 10' });
  fireEvent.click(cell.firstElementChild!);
  fireEvent.doubleClick(cell);
  fireEvent.click(screen.getByRole('rowheader', { name: 'Row 4' }));
  fireEvent.doubleClick(screen.getByRole('rowheader', { name: 'Row 4' }));
  fireEvent.click(screen.getByRole('button', { name: 'Column height' }));
  expect(told).toEqual([
    ['cell', { row: 1, column: 0 }],
    ['open', { row: 1, column: 0 }],
    ['row', 3],
    ['head', 1],
  ]);
});

test.each([
  ['a cell', { row: 2, column: 1 }, 'height 3: 21', 'gridcell'],
  ['a row', { row: 2, column: null }, 'Row 3 hour 3: 20 height 3: 21', 'row'],
] as const)('%s that is chosen is told as the one that has the focus', (_name, at, name, role) => {
  shown({ at });
  const grid = screen.getByRole('grid');
  const chosen = document.getElementById(grid.getAttribute('aria-activedescendant')!);
  expect(chosen).toBe(screen.getByRole(role, { name }));
  expect(grid.querySelectorAll('[aria-selected="true"]')).toHaveLength(1);
});

test('keys are told of the grid itself, not of the buttons in it, and two grids keep their cells apart', () => {
  const keys: string[] = [];
  onPage(
    <>
      {['Tide', 'Wind'].map((name) => (
        <Grid
          key={name}
          name={name}
          heads={heads}
          rows={3}
          margin={{ name: 'Row', isNamed: true, width: 48, row: (row) => ({ text: `${row}`, spoken: `${row}` }) }}
          cell={() => EMPTY_CELL}
          rowHeight={44}
          leastWidth={112}
          at={{ row: 0, column: 0 }}
          onHead={() => undefined}
          onKey={({ key }) => keys.push(`${name} ${key}`)}
        />
      ))}
    </>,
  );
  const wind = screen.getByRole('grid', { name: 'Wind' });
  fireEvent.keyDown(wind, { key: 'ArrowDown' });
  fireEvent.keyDown(within(wind).getAllByRole('button')[0]!, { key: 'ArrowUp' });
  expect(keys).toEqual(['Wind ArrowDown']);
  const active = screen.getAllByRole('grid').map((grid) => grid.getAttribute('aria-activedescendant'));
  expect(new Set(active).size).toBe(2);
});

test.each([
  ['invalid', 'grid-invalid'],
  ['missing', 'grid-missing'],
  ['none', 'grid-none'],
  ['empty', 'grid-empty'],
] as const)('a cell that is %s looks so', (state, className) => {
  shown({ at: null, cell: () => ({ ...EMPTY_CELL, state, spoken: 'it' }) });
  expect(screen.getAllByRole('gridcell', { name: 'it' })[0]!.className).toContain(className);
});

test.each([
  [9, 1, 48],
  [99_999, 1, 55],
  [1_000_000, 1, 73],
  [1_000_000, 2, 133],
])('the numbers of %i rows, text %i times as large, take %i pixels', (rows, large, width) =>
  expect(numbersWidth(rows, large)).toBe(width),
);
