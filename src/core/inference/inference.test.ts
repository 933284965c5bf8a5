import { doubtsOf } from './doubts';
import { doubleData } from './looked-at';
import type { DoubleData } from './looked-at';
import { shapiroWilk } from './shapiro';
import fc from 'fast-check';
import { exactAlgebra } from '../chance/exact-algebra';
import { batchText } from '../format/layout';
import { roundToFigures } from '../number/digits';
import * as q from '../number/rational';
import { toDouble } from '../number/to-double';
import { fromRational, fromWhole } from '../number/value';
import type { RealValue } from '../number/value';
import { testNamed, tested } from '.';
import { drawnShares, signedShares } from './permutations';
import { ranksOf } from './sample';
import type { Tail, TestId } from './test-names';
import type { TestData } from './test-record';

const SEED = 20261128;
const goesOn = () => true;
const LEVEL = fromRational(q.rational(95n, 100n));

const number = (text: string | number): RealValue => {
  const [whole = '', decimals = ''] = `${text}`.split('.');
  return fromRational(q.rational(BigInt(whole + decimals), 10n ** BigInt(decimals.length)));
};
const list = (text: string): readonly RealValue[] => text.split(' ').map(number);
const values = (text: string) => ({ kind: 'values', values: list(text) }) as const;

function run(id: string, data: TestData, tail: Tail = 'two') {
  const test = testNamed(id);
  if (test === undefined) throw new Error(id);
  const result = tested(test, data, { tail, level: LEVEL }, goesOn);
  if (!result.ok) throw new Error(JSON.stringify(result.problem));
  return result.value;
}
const rounded = (v: RealValue | null, text: string): string => {
  if (v === null) return 'none';
  const result = roundToFigures(v, text.replace(/^-?0\.0*|\D/g, '').length, goesOn);
  return typeof result === 'string' ? result : batchText(result);
};

// Published data with the results that are printed for them: "Student", 1908 (the hours of sleep of Cushny and Peebles);
// A. J. Dobson, 1983 (weights of plants); M. Hollander and D. A. Wolfe, 1973, pages 29, 69, 116, 187; A. Agresti, 2007,
// page 39; G. Mendel, 1866 (peas). All from memory.
const drug1 = '0.7 -1.6 -0.2 -1.2 -0.1 3.4 3.7 0.8 0.0 2.0';
const drug2 = '1.9 0.8 1.1 0.1 -0.1 4.4 5.5 1.6 4.6 3.4';
const plants = [
  '4.17 5.58 5.18 6.11 4.50 4.61 5.17 4.53 5.33 5.14',
  '4.81 4.17 4.41 3.59 5.87 3.83 6.03 4.89 4.32 4.69',
  '6.31 5.12 5.54 5.50 5.37 5.29 4.92 6.15 5.80 5.26',
];
const mucus = ['2.9 3.0 2.5 2.6 3.2', '3.8 2.7 4.0 2.4', '2.8 3.4 3.7 2.2 2.0'];
const tuna = {
  x: values('44.4 45.9 41.9 53.3 44.7 44.1 50.7 45.2 60.1'),
  y: values('2.6 3.1 2.5 5.0 3.6 4.0 5.2 2.8 3.8'),
};

test.each<[string, TestData, Tail, string, string, string | null]>([
  ['means-welch', { x: values(drug1), y: values(drug2) }, 'two', '-1.8608', '0.07939', '-3.3654832'],
  ['means-t', { x: values(drug1), y: values(drug2) }, 'two', '-1.8608', '0.07919', '-3.363874'],
  ['means-paired', { x: values(drug1), y: values(drug2) }, 'two', '-4.0621', '0.002833', '-2.4598858'],
  ['anova', { groups: plants.map(list) }, 'two', '4.846', '0.01591', null],
  ['kruskal-wallis', { groups: mucus.map(list) }, 'two', '0.77143', '0.68', null],
  [
    'wilcoxon',
    { x: values('0.952 -0.147 -1.022 -0.43 -0.62 -0.59 -0.49 0.08 -0.01'), mean0: fromWhole(0) },
    'less',
    '10',
    '0.08203',
    null,
  ],
  [
    'mann-whitney',
    { x: values('0.8 0.83 1.89 1.04 1.45 1.38 1.91 1.64 0.73 1.46'), y: values('1.15 0.88 0.9 0.74 1.21') },
    'greater',
    '35',
    '0.1272',
    null,
  ],
  ['correlation', tuna, 'two', '1.8411', '0.1082', '-0.1497426'],
  ['independence', { table: ['762 327 468', '484 239 477'].map(list) }, 'two', '30.07', '0.000000295', null],
  ['fit', { observed: list('315 101 108 32'), shares: list('9 3 3 1') }, 'two', '0.47', '0.9254', null],
  ['share', { count: number(60), n: number(100), share0: number('0.5') }, 'two', '2', '0.0455', '0.504'],
])('%s of published data (%#)', (id, data, tail, statistic, p, low) => {
  const { outcomes, interval } = run(id, data, tail);
  const [outcome] = outcomes;
  expect(Number(rounded(outcome.statistic, statistic))).toBe(Number(statistic));
  expect(Number(rounded(outcome.p, p))).toBe(Number(p));
  if (low !== null) expect(Number(rounded(interval[0], low))).toBe(Number(low));
});

const sample = fc
  .array(fc.integer({ min: -40, max: 60 }), { minLength: 3, maxLength: 12 })
  .filter((v) => new Set(v).size > 1);
const given = (numbers: readonly number[]) => ({ kind: 'values', values: numbers.map((v) => fromWhole(v)) }) as const;

test(`what is compared with lies outside the interval just when its chance is below what the level leaves (seed ${SEED})`, () =>
  fc.assert(
    fc.property(
      sample,
      sample,
      fc.integer({ min: -10, max: 30 }),
      fc.constantFrom<Tail>('two', 'less', 'greater'),
      fc.constantFrom('mean-t', 'means-t', 'means-welch', 'variance', 'variances', 'slope'),
      (a, b, compared, tail, id) => {
        const n = Math.min(a.length, b.length);
        const [x, y] = id === 'slope' ? [given(a.slice(0, n)), given(b.slice(0, n))] : [given(a), given(b)];
        const nulls: Readonly<Record<string, number>> = {
          'mean-t': compared,
          variance: compared ** 2 + 1,
          variances: 1,
        };
        const null0 = nulls[id] ?? 0;
        const data = { x, y, mean0: fromWhole(compared), variance0: fromWhole(compared ** 2 + 1) };
        const test = testNamed(id);
        const result = test && tested(test, data, { tail, level: LEVEL }, goesOn);
        if (result === undefined || !result.ok) return fc.pre(false);
        const { outcomes, interval } = result.value;
        const p = toDouble(outcomes[0].p, goesOn);
        const [low, high] = interval.map((end) => (end === null ? null : toDouble(end, goesOn)));
        const isOutside = (low != null && null0 < low) || (high != null && null0 > high);
        fc.pre(Math.abs(p - 0.05) > 1e-9);
        expect(isOutside).toBe(p < 0.05);
      },
    ),
    { seed: SEED, numRuns: 20 },
  ));

/** Outside reference: every arrangement, one after the other. */
function everyChoice(n: number): readonly (readonly boolean[])[] {
  return Array.from({ length: 2 ** n }, (_, code) => Array.from({ length: n }, (_2, i) => ((code >> i) & 1) === 1));
}

test(`rank sums have the chances that trying every arrangement gives (seed ${SEED})`, () =>
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 2, maxLength: 9 }), fc.nat(8), (numbers, cut) => {
      const { ranks } = ranksOf(
        exactAlgebra(goesOn),
        numbers.map((v) => fromWhole(v)),
      );
      const size = Math.min(cut, ranks.length);
      const sumOf = (chosen: readonly boolean[]): number =>
        ranks.reduce((sum, r, i) => sum + (chosen[i] === true ? q.roughly(r) : 0), 0);
      const found = ranks.slice(0, size).reduce((a, b) => q.add(a, b), q.ZERO);
      const at = q.roughly(found);
      const all = everyChoice(ranks.length);
      const share = (of: readonly (readonly boolean[])[], holds: (s: number) => boolean): number =>
        of.filter((chosen) => holds(sumOf(chosen))).length / of.length;
      const signed = signedShares(ranks, found);
      expect(q.roughly(signed.below)).toBeCloseTo(
        share(all, (s) => s <= at),
        12,
      );
      expect(q.roughly(signed.above)).toBeCloseTo(
        share(all, (s) => s >= at),
        12,
      );
      const drawn = drawnShares(ranks, size, found);
      const sized = all.filter((chosen) => chosen.filter(Boolean).length === size);
      expect(q.roughly(drawn.below)).toBeCloseTo(
        share(sized, (s) => s <= at),
        12,
      );
      expect(q.roughly(drawn.above)).toBeCloseTo(
        share(sized, (s) => s >= at),
        12,
      );
    }),
    { seed: SEED, numRuns: 20 },
  ));

test('a two-way analysis is told by rows, columns and both', () => {
  const cells = [
    ['1 2', '3 5'],
    ['2 4', '8 9'],
  ].map((row) => row.map(list));
  const { outcomes } = run('anova-two-way', { cells });
  expect(outcomes.map(({ of, statistic }) => [of, rounded(statistic, '14.4')])).toEqual([
    ['rows', '14.4'],
    ['columns', '25.6'],
    ['interaction', '3.6'],
  ]);
});

// Fuel use of 32 cars, an open data set of 1974; W and p as a general statistics program gives them (from memory).
const FUEL = [
  21, 21, 22.8, 21.4, 18.7, 18.1, 14.3, 24.4, 22.8, 19.2, 17.8, 16.4, 17.3, 15.2, 10.4, 10.4, 14.7, 32.4, 30.4, 33.9,
  21.5, 15.5, 15.2, 13.3, 19.2, 27.3, 26, 30.4, 15.8, 19.7, 15, 21.4,
];
test('W tells how near values are to normal', () => {
  const found = shapiroWilk(FUEL)!;
  expect([found.w, found.p]).toEqual([expect.closeTo(0.94756, 5), expect.closeTo(0.1229, 4)]);
  expect(shapiroWilk([1, 1, 1])).toBeNull();
  // Of three values W is exact: 3/4 at the least, where two are alike.
  expect(shapiroWilk([0, 0, 1])!.w).toBeCloseTo(0.75, 12);
});

const none: DoubleData = doubleData({}, () => 0);
test.each<readonly [string, TestId, Partial<DoubleData>, readonly string[] | null]>([
  ['a skewed sample', 'mean-t', { x: [1, 1, 1, 2, 2, 3, 40] }, ['not-normal', 'outliers']],
  ['the same by ranks', 'wilcoxon', { x: [1, 1, 1, 2, 2, 3, 40] }, null],
  ['an even sample', 'mean-t', { x: [3, 4, 5, 6, 7] }, []],
  ['unlike variances', 'means-t', { x: [1, 2, 3, 4], y: [10, 20, 30, 40] }, ['unlike-variances']],
  ['differences of pairs', 'means-paired', { x: [1, 2, 3, 4, 50], y: [1, 1, 1, 1, 1] }, ['not-normal', 'outliers']],
  [
    'a line with one point far off',
    'slope',
    { x: [1, 2, 3, 4, 5, 6, 7], y: [1, 2, 3, 40, 5, 6, 7] },
    ['not-normal', 'outliers'],
  ],
  ['a line with even rests', 'slope', { x: [1, 2, 3, 4], y: [1, 3, 2, 4] }, []],
  [
    'cells with one value far off',
    'anova-two-way',
    {
      cells: [
        [
          [1, 2, 3],
          [4, 5, 6],
        ],
        [
          [2, 3, 4],
          [5, 6, 90],
        ],
      ],
    },
    ['not-normal', 'outliers'],
  ],
  [
    'one value in each cell',
    'anova-two-way',
    {
      cells: [
        [[1], [2], [4]],
        [[2], [4], [5]],
      ],
    },
    [],
  ],
  ['small counts', 'fit', { expected: [4, 12, 30] }, ['few-expected']],
  [
    'a table of small counts',
    'independence',
    {
      table: [
        [1, 9],
        [2, 20],
      ],
    },
    ['few-expected'],
  ],
  ['few trials', 'share', { n: 100, share0: 0.06 }, ['few-counted']],
])('what the data say of a test: %s', (_, id, data, doubts) =>
  expect(doubtsOf(id, { ...none, ...data })?.found.map((doubt) => doubt.id) ?? null).toEqual(doubts),
);
