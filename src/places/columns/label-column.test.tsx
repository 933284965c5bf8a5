import { chartNames } from '@/core/chart/kinds';
import { tableOf } from '../../../recipes/table';
import { labelColumnOf } from './label-column';

test.each(chartNames)('under %s the column of labels is told apart from one of numbers', (chart) => {
  const table = tableOf(['quay', 'mole'], { chart });
  const isOverLabels = ['bars', 'joined', 'shares'].includes(chart);
  expect(labelColumnOf(table)).toBe(isOverLabels ? (table.columns[0]?.id ?? null) : null);
});
