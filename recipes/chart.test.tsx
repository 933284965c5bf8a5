import { screen, within } from '@testing-library/react';
import type { PairData } from '@/core/chart/record';
import { columnsSchema } from '@/core/notebook/columns';
import { ChartPanel } from '@/places/columns/ChartPanel';
import { chartDrawing, chartTold } from '@/places/columns/chart-drawing';
import { chartRequest } from '@/state/slices/columns/requests';
import { DEFAULT_SETTINGS, EMPTY_DOCUMENT } from '@/state/slices/parts';
import { createColumnTasks } from '@/workers/tasks/columns';
import { performerOf } from '@/workers/tasks/define';
import { onPage } from '@/ui/testing/on-page';
import { tableOf } from './table';

/* What CONTRIBUTING says of a chart: a line of what is shown, a record of how it is worked, and its word are all it takes. */

jest.mock('@/core/chart/kinds', () => {
  const actual = jest.requireActual<typeof import('@/core/chart/kinds')>('@/core/chart/kinds');
  const chartKinds = { ...actual.chartKinds, steps: { of: 'pair', options: ['functions'] } };
  return { ...actual, chartKinds, chartNames: Object.keys(chartKinds) };
});
jest.mock('@/core/chart/charts', () => {
  const { charts } = jest.requireActual<typeof import('@/core/chart/charts')>('@/core/chart/charts');
  const { defineChart } = jest.requireActual<typeof import('@/core/chart/record')>('@/core/chart/record');
  const steps = defineChart<PairData>({
    // Each height holds until the next x.
    model: (data, work) => charts.joined.model(data, work),
  });
  return { charts: { ...charts, steps } };
});
jest.mock('@/text/column-labels', () => {
  const actual = jest.requireActual<typeof import('@/text/column-labels')>('@/text/column-labels');
  return { ...actual, chartTitles: { ...actual.chartTitles, steps: 'Steps' } };
});
jest.mock('@/state/tasks', () => ({ tasks: { run: () => new Promise(() => undefined), stop: () => undefined } }));

const table = tableOf(['2', '5', '3'], { chart: 'steps' });

test('it is offered with the others, with what its line says can be set', () => {
  onPage(<ChartPanel table={table} onCell={() => undefined} />);
  const kinds = within(screen.getByRole('radiogroup', { name: 'Chart' }));
  expect(kinds.getAllByRole('radio').map(({ textContent }) => textContent)).toContain('Steps');
  expect(kinds.getByRole('radio', { name: 'Steps' }).getAttribute('aria-checked')).toBe('true');
  expect(screen.getAllByRole('radiogroup').map((group) => group.getAttribute('aria-label'))).toEqual(
    expect.arrayContaining(['x', 'y']),
  );
});

test('the notebook keeps it', () =>
  expect(columnsSchema.safeParse({ tables: [table], open: null, into: null }).success).toBe(true));

test('it is worked in the worker from the columns that its line names, and told in words', () => {
  const request = chartRequest({ document: EMPTY_DOCUMENT, settings: DEFAULT_SETTINGS }, table);
  const perform = performerOf(createColumnTasks());
  const result = perform(
    { kind: 'chart', request } as Parameters<typeof perform>[0],
    () => true,
    () => 0n,
  );
  expect(result).toMatchObject({ ok: true, value: { result: { marks: { kind: 'points', ys: [2, 5, 3] } } } });
  const model = (result as unknown as { value: { result: Parameters<typeof chartDrawing>[1] } }).value.result;
  expect(chartTold(table.use.chart, chartDrawing(table, model, '.'))).toMatch(
    /^Steps: height \/ m over hour \/ h\. Row 1/,
  );
});
