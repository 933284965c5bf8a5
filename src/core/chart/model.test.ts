import fc from 'fast-check';
import * as q from '../number/rational';
import { summaryOf } from '../column/summary';
import { histogramHeights } from './heights';
import { boxParts, partAt, partCount } from './model';
import type { ChartMarks } from './model';
import { viewOfBars, viewOfPoints } from './range';
import { whiskersOf } from './whiskers';

const SEED = 20261128;
const runs = { seed: SEED, numRuns: 200 };

const texts = { low: '1', q1: '2', median: '3', q3: '4', high: '5' } as const;
const marks: readonly (readonly [ChartMarks['kind'], Partial<ChartMarks>, readonly unknown[]])[] = [
  [
    'points',
    { xs: [1, 2], ys: [3, 4], rows: [0, 5] },
    [
      { kind: 'row', row: 0 },
      { kind: 'row', row: 5 },
    ],
  ],
  [
    'classes',
    { bars: [{ from: 0, to: 1, height: 2, low: '0', high: '1', text: '2' }] },
    [{ kind: 'class', low: '0', high: '1', text: '2' }],
  ],
  [
    'box',
    { boxes: ['North', 'South'].map((name) => ({ name, texts, outliers: [9], outlierTexts: ['9'] })) as never },
    ['North', 'South'].flatMap((group) => [
      ...boxParts.map((part) => ({ kind: 'box', group, part, text: texts[part] })),
      { kind: 'outlier', group, text: '9' },
    ]),
  ],
  [
    'stem',
    {
      rows: [
        { stem: '1', leaves: ['2'], texts: ['12'] },
        { stem: '2', leaves: [], texts: [] },
        { stem: '3', leaves: ['4'], texts: ['34'] },
      ],
    },
    [
      { kind: 'told', text: '12' },
      { kind: 'told', text: '34' },
    ],
  ],
  [
    'labels',
    { labels: ['Dock', 'Weir'], texts: ['3', '4'] },
    [
      { kind: 'label', label: 'Dock', text: '3' },
      { kind: 'label', label: 'Weir', text: '4' },
    ],
  ],
];

test.each(marks)('of %s every part can be chosen, one after the other, and none beyond', (kind, given, parts) => {
  const of = { kind, ...given } as ChartMarks;
  expect(Array.from({ length: partCount(of) }, (_, i) => partAt(of, i))).toEqual(parts);
  for (const beyond of [-1, partCount(of), 99]) expect(partAt(of, beyond)).toBeNull();
});

const number = fc.double({ min: -1e6, max: 1e6, noNaN: true });
const numbers = fc.array(number, { minLength: 1, maxLength: 30 });

test(`a view takes in every point, and bars stand within theirs on zero (seed ${SEED})`, () =>
  fc.assert(
    fc.property(numbers, numbers, (xs, ys) => {
      const points = viewOfPoints(xs, ys);
      for (const x of xs) expect(x > points.xFrom && x < points.xTo).toBe(true);
      for (const y of ys) expect(y > points.yFrom && y < points.yTo).toBe(true);
      const bars = viewOfBars(xs, ys);
      for (const y of [0, ...ys]) expect(y >= bars.yFrom && y <= bars.yTo).toBe(true);
    }),
    runs,
  ));

const values = fc.array(
  fc.integer({ min: -200, max: 200 }).map((n) => q.rational(BigInt(n), 4n)),
  { minLength: 4, maxLength: 40 },
);

test(`whiskers and outliers share all values between them (seed ${SEED})`, () =>
  fc.assert(
    fc.property(values, fc.boolean(), (all, tells) => {
      const inOrder = [...all].sort(q.compare);
      const { q1, q3 } = summaryOf(inOrder, null, 'halves')!;
      const { low, high, outliers } = whiskersOf(inOrder, q1!, q3!, tells);
      const rest = inOrder.filter((v) => q.compare(v, low) >= 0 && q.compare(v, high) <= 0);
      expect(rest.length + outliers.length).toBe(inOrder.length);
      const reach = q.multiply(q.rational(3n, 2n), q.subtract(q3!, q1!));
      for (const v of outliers) {
        const beyond = q.compare(v, q1!) < 0 ? q.subtract(q1!, v) : q.subtract(v, q3!);
        expect(q.compare(beyond, reach)).toBe(1);
      }
      if (!tells) expect(outliers).toEqual([]);
    }),
    runs,
  ));

test(`the area of bars is the number of values, by whichever height (seed ${SEED})`, () =>
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 0, max: 100 }), { minLength: 2, maxLength: 9 }),
      fc.array(fc.bigInt(0n, 50n), { minLength: 8, maxLength: 8 }),
      (at, counts) => {
        const edges = [...at].sort((a, b) => a - b);
        const classes = edges.slice(1).map((high, i) => ({
          low: q.whole(edges[i]!),
          high: q.whole(high),
          count: counts[i]!,
        }));
        const { kind, bars } = histogramHeights(classes);
        const total = classes.reduce((sum, { count }) => sum + count, 0n);
        const area = bars.reduce(
          (sum, { low, high, height }) =>
            q.add(sum, kind === 'density' ? q.multiply(height, q.subtract(high, low)) : height),
          q.ZERO,
        );
        expect(area).toEqual(q.whole(total));
      },
    ),
    runs,
  ));
