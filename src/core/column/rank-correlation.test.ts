import fc from 'fast-check';
import * as q from '../number/rational';
import { toDouble } from '../number/to-double';
import type { RealValue } from '../number/value';
import { rankCorrelation } from './rank-correlation';

const shouldContinue = () => true;
const list = (values: readonly number[]) => values.map((v) => q.rational(BigInt(Math.round(v * 100)), 100n));
const near = (v: RealValue | null): number | null => (v === null ? null : toDouble(v, shouldContinue));
const both = (x: readonly number[], y: readonly number[], frequencies: readonly bigint[] | null = null) => {
  const { spearman, kendall } = rankCorrelation(list(x), list(y), frequencies);
  return [near(spearman), near(kendall)] as const;
};

// SciPy 1.x, spearmanr and kendalltau (τ-b).
test.each([
  [[1, 2, 3, 4, 5], [2, 1, 4, 3, 5], 0.8, 0.6],
  [[1, 2, 2, 3, 4, 5, 5], [3, 1, 4, 4, 5, 9, 2], 0.4128614119223853, 0.4103913408340616],
  [
    [106, 100, 86, 101, 99, 103, 97, 113, 112, 110],
    [7, 27, 2, 50, 28, 29, 20, 12, 6, 17],
    -0.17575757575757575,
    -0.1111111111111111,
  ],
  [[1, 1, 2, 2, 3, 3], [3, 3, 2, 2, 1, 1], -1, -1],
  [[12, 2, 1, 12, 2], [1, 4, 7, 1, 0], -0.5407380704358752, -0.4714045207910316],
])('of %j and %j, ρ is %d and τ is %d', (x, y, rho, tau) => {
  const [spearman, kendall] = both(x, y);
  expect(Math.abs(spearman! - rho)).toBeLessThan(1e-14);
  expect(Math.abs(kendall! - tau)).toBeLessThan(1e-14);
});

test('a column that does not vary has neither', () => expect(both([2, 2, 2], [1, 2, 3])).toEqual([null, null]));

const SEED = 20261132;
const values = fc.array(fc.tuple(fc.integer({ min: -5, max: 5 }), fc.integer({ min: -5, max: 5 })), {
  minLength: 2,
  maxLength: 12,
});

test(`ranks do not mind what is done to values in their order, and say how they go together (seed ${SEED})`, () =>
  fc.assert(
    fc.property(values, fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 12, maxLength: 12 }), (pairs, often) => {
      const [x, y] = [pairs.map(([a]) => a), pairs.map(([, b]) => b)];
      const found = both(x, y);
      // Larger or smaller at the same places, ranks stay as they are; turned round, they turn the sign.
      expect(
        both(
          x.map((v) => v ** 3 + v),
          y,
        ),
      ).toEqual(found);
      const turned = both(
        x,
        y.map((v) => -v),
      );
      found.forEach((v, i) => expect(v === null ? turned[i] : v + turned[i]!).toBe(v === null ? null : 0));
      expect(both(y, x)).toEqual(found);
      for (const v of found) if (v !== null) expect(Math.abs(v)).toBeLessThanOrEqual(1);
      // A pair that is told to come so often is as if it were written so often.
      const counts = pairs.map((_, i) => often[i]!);
      const written = pairs.flatMap((pair, i) => Array.from({ length: counts[i]! }, () => pair));
      const weighted = both(x, y, counts.map(BigInt));
      const plain = both(
        written.map(([a]) => a),
        written.map(([, b]) => b),
      );
      weighted.forEach((v, i) =>
        expect(v === null ? plain[i] : Math.abs(v - plain[i]!) < 1e-13).toBe(v === null ? null : true),
      );
    }),
    { seed: SEED, numRuns: 60 },
  ));
