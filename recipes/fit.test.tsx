import { screen, within } from '@testing-library/react';
import { equationTree, fit } from '@/core/column/fits';
import { printText, TYPED } from '@/core/language/print-text';
import { numberTree } from '@/core/language/tree';
import { columnsSchema } from '@/core/notebook/columns';
import * as q from '@/core/number/rational';
import { FitPanel } from '@/places/columns/FitPanel';
import { answerBatchLine } from '../batch/answer';
import { onPage } from '@/ui/testing/on-page';
import { tableOf } from './table';

/* What CONTRIBUTING says of a fit: a line of what is shown, a record of how it is worked, and its word are all it takes. */

jest.mock('@/core/column/fit-models', () => {
  const actual = jest.requireActual<typeof import('@/core/column/fit-models')>('@/core/column/fit-models');
  const fitModels = { ...actual.fitModels, level: { formula: 'a', basis: 'search', options: [] } };
  return { fitModels, fitModelNames: Object.keys(fitModels), curveModels: [...actual.curveModels, 'level'] };
});
jest.mock('@/core/column/fits/records', () => {
  const { records } = jest.requireActual<typeof import('@/core/column/fits/records')>('@/core/column/fits/records');
  const { defineFit } = jest.requireActual<typeof import('@/core/column/fits/record')>('@/core/column/fits/record');
  const { fromRational } = jest.requireActual<typeof import('@/core/number/value')>('@/core/number/value');
  const level = defineFit({
    needs: () => 1,
    find: ({ y: [first] }) => ({
      ok: true,
      value: { coefficients: [fromRational(first ?? { n: 0n, d: 1n })] as const, r: null, r2: null },
    }),
    equation: ([a]) => a,
  });
  return { records: { ...records, level } };
});
jest.mock('@/text/column-labels', () => {
  const actual = jest.requireActual<typeof import('@/text/column-labels')>('@/text/column-labels');
  return { ...actual, modelNames: { ...actual.modelNames, level: 'Level' } };
});
jest.mock('@/state/tasks', () => ({ tasks: { run: () => new Promise(() => undefined), stop: () => undefined } }));
jest.mock('expo-router', () => ({ useRouter: () => ({}) }));

const table = tableOf(['7', '7', '7'], { model: 'level' });

test('it is offered with the others, with its formula and no control that it does not take', () => {
  onPage(<FitPanel table={table} onCell={() => undefined} onOpen={() => undefined} />);
  const models = within(screen.getByRole('radiogroup', { name: 'Model' }));
  expect(models.getByRole('radio', { name: 'Level' }).getAttribute('aria-checked')).toBe('true');
  expect(screen.getByText('y = a')).toBeTruthy();
  expect(screen.queryByText('Degree')).toBeNull();
});

test('the notebook keeps it', () =>
  expect(columnsSchema.safeParse({ tables: [table], open: null, into: null }).success).toBe(true));

test('it is worked, its coefficients lettered and its equation written', () => {
  const [x, y] = [[0, 1, 2].map(q.whole), [7, 7, 7].map(q.whole)];
  const made = fit({ model: 'level' as never, x, y, frequencies: null, degree: 2, digits: 10 }, () => true);
  if (!made.ok) throw new Error(made.problem.code);
  expect(made.value.coefficients.map(({ name }) => name)).toEqual(['a']);
  expect(
    printText(
      equationTree(made.value, () => numberTree('7')),
      TYPED,
    ),
  ).toBe('7');
});

test('batch knows it', () =>
  expect(answerBatchLine('{"id":1,"do":"fit","model":"level","x":["0","1"],"y":["7","7"]}')).toMatchObject({
    ok: true,
    coefficients: { a: '7' },
    equation: 'y=7',
  }));
