import { distributionShape } from '@/core/function/chance/distributions';
import type { DistributionId, DistributionShape } from '@/core/function/chance/distributions';
import { testIds } from '@/core/inference/test-names';
import { approximated, askedOf } from './asked';
import { inputs, parameterKey } from './inputs';
import { leastColumns, testForms } from './test-forms';

const shapeOf = (id: DistributionId): DistributionShape => {
  const shape = distributionShape(id);
  if (shape === undefined) throw new Error(id);
  return shape;
};

const part = { from: '-1', to: '1', share: '0.9' };

test('a distribution is asked for all that its bounds and its share make', () => {
  const asked = askedOf(shapeOf('normal'), ['2', '3'], part, ',');
  expect(asked.map(({ name, text }) => [name, text])).toEqual([
    ['P(−1 < X < 1)', 'normalBetween(-1,1,2,3)'],
    ['f(−1)', 'normalDensity(-1,2,3)'],
    ['P(X < −1)', 'normalBelow(-1,2,3)'],
    ['P(X > −1)', 'normalAbove(-1,2,3)'],
    ['z of −1', '((-1)-(2))/(3)'],
    ['f(1)', 'normalDensity(1,2,3)'],
    ['P(X < 1)', 'normalBelow(1,2,3)'],
    ['P(X > 1)', 'normalAbove(1,2,3)'],
    ['z of 1', '((1)-(2))/(3)'],
    ['x with 0,9 below', 'normalInverse(0.9,2,3)'],
  ]);
});

test.each([
  [{ from: '', to: '', share: '' }, 0],
  [{ from: '3', to: '', share: '' }, 3],
  [{ from: '', to: '', share: '0.5' }, 1],
  [{ from: '3', to: '3', share: '' }, 4],
])('of %j only what stands there is asked', (given, count) => {
  expect(askedOf(shapeOf('binomial'), ['10', '0.5'], given, '.')).toHaveLength(count);
  expect(approximated(['10', '0.5'], given)).toHaveLength(given.from !== '' && given.to !== '' ? 3 : 0);
});

test('numbers to begin with stand for every parameter, those of the second distribution apart', () => {
  const entries: Readonly<Record<string, unknown>> = inputs.parse({ [parameterKey('t', 'df')]: '3' });
  expect([entries[parameterKey('t', 'df')], entries[parameterKey('t', 'df', true)]]).toEqual(['3', '10']);
  expect(entries[parameterKey('F', 'df2')]).toBe('10');
});

test.each(testIds)('%s is entered by as many columns as it takes', (id) => {
  const { columns, canSummary, numbers } = testForms[id];
  expect(leastColumns(columns)).toBeGreaterThanOrEqual(1);
  // Numbers that sum up a sample stand for columns; without either there are numbers to be told.
  expect(columns !== 0 || (!canSummary && numbers.length > 0)).toBe(true);
});
