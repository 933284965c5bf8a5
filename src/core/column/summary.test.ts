import { all, create } from 'mathjs';
import fc from 'fast-check';
import { multiply } from '../number/arithmetic';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { toDouble } from '../number/to-double';
import type { RealValue } from '../number/value';
import { fit } from './fits';
import { curveModels } from './fit-models';
import { pairOf } from './pair';
import { quartileRules } from './quartile-rules';
import { summaryOf } from './summary';

/* Against the fractions and the statistics of mathjs 15, a general-purpose library. */

const SEED = 20261128;
const runs = { seed: SEED, numRuns: 60 };
const shouldContinue = () => true;
const math = create(all!, {});

const value = fc
  .tuple(fc.integer({ min: -999, max: 999 }), fc.integer({ min: 1, max: 12 }))
  .map(([n, d]) => q.rational(BigInt(n), BigInt(d)));
const values = fc.array(value, { minLength: 1, maxLength: 25 });
const double = ({ n, d }: Rational): number => Number(n) / Number(d);
const size = (v: RealValue): number => toDouble(v, shouldContinue);
const summed = (all: readonly Rational[]): Rational => all.reduce(q.add, q.ZERO);
const squared = (v: RealValue | null): Rational | null => {
  const square = v && multiply(v, v);
  return square?.kind === 'rational' ? square.value : null;
};

test(`mean, deviations and median are those of the library (seed ${SEED})`, () =>
  fc.assert(
    fc.property(values, (x) => {
      const made = summaryOf(x, null, 'halves')!;
      const doubles = x.map(double);
      expect(double(made.mean)).toBeCloseTo(math.mean(doubles), 8);
      expect(double(made.median)).toBeCloseTo(math.median(doubles), 8);
      expect(size(made.sigma)).toBeCloseTo(Number(math.std(doubles, 'uncorrected')), 6);
      if (made.s !== null) expect(size(made.s)).toBeCloseTo(Number(math.std(doubles)), 6);
      expect([double(made.min), double(made.max)]).toEqual([Math.min(...doubles), Math.max(...doubles)]);
      expect(double(summaryOf(x, null, 'interpolated')!.q1!)).toBeCloseTo(math.quantileSeq(doubles, 0.25), 8);
    }),
    runs,
  ));

test(`the square of a deviation is exact: the sum of squares about the mean over its divisor (seed ${SEED})`, () =>
  fc.assert(
    fc.property(values, (x) => {
      const made = summaryOf(x, null, 'halves')!;
      const spread = summed(x.map((v) => q.powerWhole(q.subtract(v, made.mean), 2)));
      expect(squared(made.sigma)).toEqual(q.divide(spread, q.whole(x.length)));
      expect(squared(made.s)).toEqual(x.length < 2 ? null : q.divide(spread, q.whole(x.length - 1)));
      expect([made.sum, made.n]).toEqual([summed(x), BigInt(x.length)]);
    }),
    runs,
  ));

describe.each(quartileRules)('quartiles by the rule %s', (rule) => {
  test(`a frequency says the same as the value written so often (seed ${SEED})`, () =>
    fc.assert(
      fc.property(fc.array(fc.tuple(value, fc.nat(4)), { minLength: 1, maxLength: 10 }), (pairs) => {
        const counted = summaryOf(
          pairs.map(([v]) => v),
          pairs.map(([, count]) => BigInt(count)),
          rule,
        );
        const written = pairs.flatMap(([v, count]) => Array<Rational>(count).fill(v));
        expect(counted).toEqual(written.length === 0 ? null : summaryOf(written, null, rule));
      }),
      runs,
    ));

  test(`they move and grow with the values, stand in order, and forget the order of the column (seed ${SEED})`, () =>
    fc.assert(
      fc.property(values, value, fc.integer({ min: 1, max: 9 }), (x, by, factor) => {
        const made = summaryOf(x, null, rule)!;
        const changed = summaryOf(x.map((v) => q.add(q.multiply(v, q.whole(factor)), by)).reverse(), null, rule)!;
        for (const name of ['mean', 'median', 'q1', 'q3', 'min', 'max'] as const) {
          const [before, after] = [made[name], changed[name]];
          expect(after).toEqual(before && q.add(q.multiply(before, q.whole(factor)), by));
        }
        expect(squared(changed.sigma)).toEqual(q.multiply(squared(made.sigma)!, q.whole(factor * factor)));
        const inOrder = [made.min, made.q1, made.median, made.q3, made.max].filter((v) => v !== null);
        inOrder.slice(1).forEach((v, i) => expect(q.compare(inOrder[i]!, v)).toBeLessThanOrEqual(0));
      }),
      runs,
    ));
});

// Quartiles of 1 … n by hand, from what each rule says.
test.each([
  [5, 'halves', [3, 2], [9, 2]],
  [5, 'inclusive', [2, 1], [4, 1]],
  [5, 'interpolated', [2, 1], [4, 1]],
  [6, 'halves', [2, 1], [5, 1]],
  [6, 'inclusive', [2, 1], [5, 1]],
  [6, 'interpolated', [9, 4], [19, 4]],
  [1, 'inclusive', [1, 1], [1, 1]],
] as const)('the quartiles of 1 to %i by %s', (n, rule, q1, q3) => {
  const made = summaryOf(
    Array.from({ length: n }, (_, i) => q.whole(i + 1)),
    null,
    rule,
  )!;
  expect([made.q1, made.q3]).toEqual([q1, q3].map(([a, b]) => q.rational(BigInt(a), BigInt(b))));
});

test.each([
  [
    [1, 2, 2, 3, 3],
    [2, 3],
  ],
  [[1, 2, 3], []],
  [[7], [7]],
  [[5, 5, 5], [5]],
])('the modes of %j are %j', (x, modes) =>
  expect(
    summaryOf(
      x.map((n) => q.whole(n)),
      null,
      'halves',
    )!.modes,
  ).toEqual(modes.map((n) => q.whole(n))),
);

test('no value, or none that counts, has no summary, and one value no quartiles of halves', () => {
  expect(summaryOf([], null, 'halves')).toBeNull();
  expect(summaryOf([q.ONE], [0n], 'halves')).toBeNull();
  expect(summaryOf([q.ONE], null, 'halves')).toMatchObject({ q1: null, q3: null, s: null });
});

const pairs = fc.array(fc.tuple(value, value), { minLength: 2, maxLength: 12 });

test(`correlation lies from −1 to 1, is that of the library, and ±1 on a line (seed ${SEED})`, () =>
  fc.assert(
    fc.property(pairs, value, value, (points, slope, height) => {
      const [x, y] = [points.map(([a]) => a), points.map(([, b]) => b)];
      const { r } = pairOf(x, y, null);
      if (r !== null) {
        expect(Math.abs(size(r))).toBeLessThanOrEqual(1 + 1e-12);
        expect(size(r)).toBeCloseTo(Number(math.corr(x.map(double), y.map(double))), 6);
      }
      const line = pairOf(
        x,
        x.map((v) => q.add(q.multiply(slope, v), height)),
        null,
      ).r;
      if (line !== null) expect(line).toEqual({ kind: 'rational', value: q.whole(q.sign(slope)) });
    }),
    runs,
  ));

test(`points of a polynomial give back its coefficients, exactly (seed ${SEED})`, () =>
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: -20, max: 20 }), { minLength: 7, maxLength: 12 }),
      fc.array(value, { minLength: 3, maxLength: 5 }),
      (at, coefficients) => {
        const x = at.map((n) => q.whole(n));
        const y = x.map((v) => coefficients.reduceRight((sum, c) => q.add(q.multiply(sum, v), c), q.ZERO));
        const degree = coefficients.length - 1;
        const made = fit({ model: 'polynomial', x, y, frequencies: null, degree, digits: 10 }, shouldContinue);
        if (!made.ok) throw new Error(made.problem.code);
        expect(made.value.coefficients.map(({ value: c }) => c)).toEqual(
          coefficients.map((c) => ({ kind: 'rational', value: c })),
        );
        if (made.value.r2 !== null) expect(made.value.r2).toEqual({ kind: 'rational', value: q.ONE });
      },
    ),
    { seed: SEED, numRuns: 30 },
  ));

test(`what a straight line leaves sums to zero, and no other line leaves less (seed ${SEED})`, () =>
  fc.assert(
    fc.property(pairs, value, value, (points, da, db) => {
      const [x, y] = [points.map(([a]) => a), points.map(([, b]) => b)];
      const made = fit({ model: 'straight', x, y, frequencies: null, degree: 2, digits: 10 }, shouldContinue);
      if (!made.ok) return;
      const [b, a] = made.value.coefficients.map(({ value: c }) => (c.kind === 'rational' ? c.value : q.ZERO));
      const left = (m: Rational, n: Rational) => x.map((v, i) => q.subtract(y[i]!, q.add(q.multiply(m, v), n)));
      const squares = (all: readonly Rational[]) => summed(all.map((v) => q.multiply(v, v)));
      expect(summed(left(a!, b!))).toEqual(q.ZERO);
      expect(q.compare(squares(left(a!, b!)), squares(left(q.add(a!, da), q.add(b!, db))))).toBeLessThanOrEqual(0);
    }),
    runs,
  ));

test.each(curveModels)('the model %s says what it needs instead of guessing', (model) => {
  const one = [q.ONE];
  const made = fit({ model, x: one, y: one, frequencies: null, degree: 2, digits: 10 }, shouldContinue);
  expect(made).toMatchObject({ ok: false, problem: { code: 'dimension', reason: 'too-few' } });
  const uneven = fit({ model, x: one, y: [], frequencies: null, degree: 2, digits: 10 }, shouldContinue);
  expect(uneven).toMatchObject({ ok: false, problem: { code: 'dimension', reason: 'unequal-lengths' } });
});
