import fc from 'fast-check';
import { jStat } from 'jstat';
import { furtherOf, weightedMean } from '@/core/column/further';
import { furtherPair, pairOf } from '@/core/column/pair';
import { percentileOf } from '@/core/column/percentiles';
import { rankCorrelation } from '@/core/column/rank-correlation';
import { countedOf, countedPlain, keyPowers } from '@/core/column/counted';
import { scaled } from '@/core/column/exact-sums';
import { plainNumbers, squareSum } from '@/core/column/plain-numbers';
import { summaryOf, summaryOfCounted } from '@/core/column/summary';
import { toDouble } from '@/core/number/to-double';
import { roundedRational } from '@/core/number/digits';
import * as q from '@/core/number/rational';
import { fromRational } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';

/* Against jStat, a general library of statistics, wherever that is right; ranks against every pair looked at. */

const SEED = 20261129;
const go = (): boolean => true;
const number = (v: RealValue | q.Rational | null): number =>
  v === null ? NaN : toDouble('kind' in v ? v : fromRational(v), go);
const column = fc
  .array(fc.integer({ min: 1, max: 400 }), { minLength: 5, maxLength: 25 })
  .filter((all) => new Set(all).size > 2);
const quarters = (all: readonly number[]): readonly q.Rational[] => all.map((n) => q.rational(BigInt(n), 4n));

test(`spread and shape of a column (seed ${SEED})`, () =>
  fc.assert(
    fc.property(column, (all) => {
      const values = quarters(all);
      const doubles = all.map((n) => n / 4);
      const found = furtherOf(countedOf(scaled(values), null), go);
      for (const [ours, theirs] of [
        [found.variance, jStat.variance(doubles, true)],
        [found.populationVariance, jStat.variance(doubles)],
        [found.range, jStat.range(doubles)],
        [found.skewness, jStat.skewness(doubles)],
        [found.kurtosis, jStat.kurtosis(doubles)],
        [found.geometricMean, jStat.geomean(doubles)],
        [found.harmonicMean, doubles.length / doubles.reduce((sum, v) => sum + 1 / v, 0)],
        [found.sumOfSquares, jStat.sumsqrd(doubles)],
      ] as const)
        expect(number(ours)).toBeCloseTo(theirs, 8);
      expect(number(weightedMean(values, values))).toBeCloseTo(jStat.sumsqrd(doubles) / jStat.sum(doubles), 8);
    }),
    { seed: SEED, numRuns: 60 },
  ));

const pairs = fc.array(fc.tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 9 })), {
  minLength: 4,
  maxLength: 20,
});

test(`covariance and ranks of pairs (seed ${SEED})`, () =>
  fc.assert(
    fc.property(pairs, (all) => {
      const [x, y] = [all.map(([u]) => u), all.map(([, v]) => v)];
      fc.pre(new Set(x).size > 1 && new Set(y).size > 1);
      const whole = (values: readonly number[]) => values.map((v) => q.whole(v));
      const found = furtherPair(pairOf(whole(x), whole(y), null));
      expect(number(found.covariance)).toBeCloseTo(jStat.covariance(x, y), 8);
      expect(number(found.sX)).toBeCloseTo(jStat.stdev(x, true), 8);
      const { spearman, kendall } = rankCorrelation(whole(x), whole(y), null);
      expect(number(spearman)).toBeCloseTo(jStat.spearmancoeff(x, y), 8);
      let [kept, untiedX, untiedY] = [0, 0, 0];
      all.forEach(([a, b], i) =>
        all.slice(i + 1).forEach(([c, d]) => {
          kept += Math.sign(a - c) * Math.sign(b - d);
          untiedX += Math.abs(Math.sign(a - c));
          untiedY += Math.abs(Math.sign(b - d));
        }),
      );
      expect(number(kendall)).toBeCloseTo(kept / Math.sqrt(untiedX * untiedY), 8);
    }),
    { seed: SEED, numRuns: 80 },
  ));

// The nine definitions' paper (Hyndman and Fan, 1996): of 1 … 5 by the first, the seventh and the sixth, by hand.
test.each([
  ['reached', 0.3, 2],
  ['reached', 0.4, 2],
  ['between', 0.3, 2.2],
  ['beyond', 0.3, 1.8],
  ['beyond', 0.01, 1],
  ['between', 1, 5],
] as const)('percentiles by the rule %s at %s', (rule, share, value) => {
  const five = countedOf(scaled([1, 2, 3, 4, 5].map(q.whole)), null);
  expect(number(percentileOf(five, q.rational(BigInt(Math.round(share * 100)), 100n), rule))).toBeCloseTo(value, 12);
});

const LONG = 2 ** 50;
const numeral = fc
  .tuple(fc.oneof(fc.integer(), fc.integer({ min: -9, max: 9 })), fc.nat(4))
  .map(([n, decimals]) => (decimals === 0 ? `${n}` : (n / 10 ** decimals).toFixed(decimals)));

test(`numerals that are read at once are summed up as one by one (seed ${SEED})`, () =>
  fc.assert(
    fc.property(fc.array(fc.oneof(numeral, fc.constant('')), { minLength: 1, maxLength: 60 }), (cells) => {
      const plain = plainNumbers(cells)!;
      const filled = cells.flatMap((cell, row) => (cell === '' ? [] : [row]));
      expect([...plain.at]).toEqual(filled);
      const values = filled.map((row) => {
        const [whole = '', behind = ''] = cells[row]!.split('.');
        return q.rational(BigInt(whole + behind), 10n ** BigInt(behind.length));
      });
      expect(summaryOfCounted(countedPlain(plain), 'halves', go)).toEqual(summaryOf(values, null, 'halves'));
    }),
    { seed: SEED, numRuns: 300 },
  ));

test.each(['1,5', '--2', '.5', '5.', '1E3', '1/2', '1234567890123456', '1.2.3'])('%s is not read at once', (cell) =>
  expect(plainNumbers(['1', cell])).toBeNull(),
);

test(`sums of doubles by parts are exact, counted often and of the longest keys (seed ${SEED})`, () =>
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: -LONG, max: LONG }), fc.integer({ min: 1, max: 2 ** 17 })), {
        maxLength: 40,
      }),
      (pairs) => {
        const [keys, counts] = [pairs.map(([key]) => key), pairs.map(([, count]) => count)];
        const plainly = keyPowers({ keys: keys.map(BigInt), counts: counts.map(BigInt), n: 0n, d: 1n }, 2);
        expect(squareSum(Float64Array.from(keys), Float64Array.from(counts))).toEqual(plainly);
      },
    ),
    { seed: SEED, numRuns: 300 },
  ));

test('of many different values the harmonic mean is told to seventy digits', () => {
  const values = Array.from({ length: 3000 }, (_, i) => q.rational(BigInt(i + 1), 7n));
  const exact = q.divide(
    q.whole(3000),
    values.reduce((sum, value) => q.add(sum, q.reciprocal(value)), q.ZERO),
  );
  const found = furtherOf(countedOf(scaled(values), null), go).harmonicMean!;
  const near = roundedRational(found, 75, go) as q.Rational;
  expect(q.compare(q.magnitude(q.subtract(near, exact)), q.rational(1n, 10n ** 70n))).toBe(-1);
});
