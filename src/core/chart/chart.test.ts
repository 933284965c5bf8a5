import * as q from '../number/rational';
import { whiskersOf } from './whiskers';
import { histogramHeights } from './heights';
import { viewOfBars, viewOfPoints } from './range';

const whole = (...all: number[]) => all.map((n) => q.whole(n));
const numbers = (all: readonly q.Rational[]) => all.map(({ n, d }) => Number(n) / Number(d));

test.each([
  ['none beyond', [1, 2, 3, 4, 5], 2, 4, true, 1, 5, []],
  ['one beyond', [1, 2, 3, 4, 20], 2, 4, true, 1, 4, [20]],
  // A value at one and a half quartile ranges exactly is no outlier.
  ['at the very reach', [1, 2, 3, 4, 7], 2, 4, true, 1, 7, []],
  ['both sides', [-9, 2, 3, 4, 20], 2, 4, true, 2, 4, [-9, 20]],
  ['not told apart', [-9, 2, 3, 4, 20], 2, 4, false, -9, 20, []],
] as const)('whiskers: %s', (_, values, q1, q3, tells, low, high, outliers) => {
  const made = whiskersOf(whole(...values), q.whole(q1), q.whole(q3), tells);
  expect(numbers([made.low, made.high])).toEqual([low, high]);
  expect(numbers(made.outliers)).toEqual(outliers);
});

test.each([
  ['equal widths: frequencies', [0, 10, 20], [3n, 8n], 'frequency', [3, 8]],
  ['unequal widths: frequencies to a unit', [0, 10, 30], [30n, 40n], 'density', [3, 2]],
] as const)('heights of %s', (_, edges, counts, kind, heights) => {
  const classes = counts.map((count, i) => ({ low: q.whole(edges[i]!), high: q.whole(edges[i + 1]!), count }));
  const made = histogramHeights(classes);
  expect([made.kind, numbers(made.bars.map(({ height }) => height))]).toEqual([kind, heights]);
});

test('a view takes in all there is, also a single point, and bars stand on zero', () => {
  const points = viewOfPoints([1, 3], [10, 30]);
  expect(points.xFrom < 1 && points.xTo > 3 && points.yFrom < 10 && points.yTo > 30).toBe(true);
  const single = viewOfPoints([4], [0]);
  expect([single.xFrom < 4 && single.xTo > 4, single.yFrom < 0 && single.yTo > 0]).toEqual([true, true]);
  expect(viewOfBars([20, 25, 60], [5, 9]).yFrom).toBeLessThan(0);
  expect(viewOfBars([20, 60], [5, -9]).yFrom).toBeLessThan(-9);
});
