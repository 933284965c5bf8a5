import fc from 'fast-check';
import {
  cardsDrawn,
  coinsThrown,
  diceThrown,
  fromDistribution,
  numbersBetween,
  rowsDrawn,
  wholeNumbers,
  withoutReturn,
} from '@/core/chance/drawing';
import type { Drawing } from '@/core/chance/drawing';
import { generatorOf } from './generator';
import { barsOf, labelBars } from '@/core/chance/tally';

const SEED = 20261129;
const runs = { seed: SEED, numRuns: 60 };
const sides = { heads: 'H', tails: 'T' } as const;

const kinds: readonly (readonly [string, (seed: string) => Drawing])[] = [
  ['whole numbers', (seed) => wholeNumbers(generatorOf(seed), -3, 12, true)],
  ['numbers', (seed) => numbersBetween(generatorOf(seed), 0, 1, 3)],
  ['dice', (seed) => diceThrown(generatorOf(seed), 3, 6)],
  ['coins', (seed) => coinsThrown(generatorOf(seed), 5, 0.3, sides)],
  ['cards', (seed) => cardsDrawn(generatorOf(seed), 5, 'faces')],
  ['a distribution of counts', (seed) => fromDistribution(generatorOf(seed), 'poisson', [4], 0)],
  ['a distribution of measurements', (seed) => fromDistribution(generatorOf(seed), 'gamma', [2, 1], 3)],
];
const drawn = ({ next }: Drawing, count: number) => Array.from({ length: count }, next);

test.each(kinds)('%s: the same seed draws the same, and the first stay the first', (_, make) => {
  expect(drawn(make('quay'), 50)).toEqual(drawn(make('quay'), 80).slice(0, 50));
  expect(drawn(make('quay'), 50)).not.toEqual(drawn(make('pier'), 50));
});

// Of so many draws the mean lies within six of its own standard deviations: it fails by chance less than once in 10⁸.
test.each(kinds)('%s: the mean is what theory says', (_, make) => {
  const count = 20_000;
  const { law, ...drawing } = make('mole');
  const values = drawn({ ...drawing, law }, count).map(({ value }) => value);
  const mean = values.reduce((a, b) => a + b, 0) / count;
  const s = Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / count);
  const bars = barsOf(values, law, law!.isOfCounts);
  for (const { drawn: came, expected } of bars)
    expect(Math.abs(came - expected!)).toBeLessThan(6 * Math.sqrt(expected! + 1) + 6);
  expect(bars.reduce((sum, bar) => sum + bar.drawn, 0)).toBe(count);
  expect(s).toBeGreaterThan(0);
});

test(`drawn without return, each place comes once (seed ${SEED})`, () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 200 }), fc.string(), (count, seed) => {
      const place = withoutReturn(generatorOf(seed), count);
      const all = Array.from({ length: count }, place);
      expect([...all].sort((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, i) => i));
    }),
    runs,
  ));

test(`a shuffle holds what the column held (seed ${SEED})`, () =>
  fc.assert(
    fc.property(
      fc.array(fc.string({ minLength: 1, maxLength: 3 }), { minLength: 1, maxLength: 30 }),
      fc.string(),
      (cells, seed) => {
        const rows = drawn(rowsDrawn(generatorOf(seed), cells, false), cells.length).map(({ parts }) => parts[0]!);
        expect([...rows].sort()).toEqual([...cells].sort());
        expect(labelBars(rows, cells).every((bar) => bar.drawn === bar.expected)).toBe(true);
      },
    ),
    runs,
  ));

test('the sums of two dice come as 1, 2, … 6, … 1 in 36', () => {
  const { law } = diceThrown(generatorOf('1'), 2, 6);
  expect(Array.from({ length: 13 }, (_, sum) => Math.round(36 * law!.at(sum)))).toEqual([
    0, 0, 1, 2, 3, 4, 5, 6, 5, 4, 3, 2, 1,
  ]);
  expect(law!.below(7)).toBeCloseTo(21 / 36, 12);
});

test('a hand of cards holds no card twice, and counts those that are marked', () => {
  for (const { value, parts } of drawn(cardsDrawn(generatorOf('9'), 13, 'hearts'), 40)) {
    expect(new Set(parts).size).toBe(13);
    expect(value).toBe(parts.filter((card) => card.endsWith('♥')).length);
  }
});
