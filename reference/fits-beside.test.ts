import fc from 'fast-check';
import { jStat } from 'jstat';
import { FIRST_USE } from '@/core/notebook/columns';
import type { AnalysisOptions, DataTable } from '@/core/notebook/columns';
import { compareRequest, fitRequest, severalRequest } from '@/state/slices/columns/requests';
import type { ShownValue } from '@/state/slices/columns/requests';
import { INITIAL } from '@/state/slices/state';
import { compared } from '@/workers/column-compare';
import { createFitter } from '@/workers/column-fit';
import { createReaders } from '@/workers/column-reader';
import { severalOf } from '@/workers/column-several';

/* What is told beside a fit, against the formulas of a handbook worked in doubles with the t and F of jStat. */

const SEED = 20261129;
const state = { document: INITIAL.document, settings: INITIAL.settings };
const table = (columns: readonly (readonly (number | string)[])[], use: Partial<AnalysisOptions> = {}): DataTable => ({
  id: 't1',
  name: 'T',
  columns: columns.map((cells, i) => ({
    id: `c${i + 1}`,
    name: 'xyzw'[i]!,
    unit: '',
    rule: '',
    cells: cells.map(String),
  })),
  use: { ...FIRST_USE, ...use },
  filter: '',
});
const go = (): boolean => true;
const fitted = (of: DataTable) => {
  const request = fitRequest(state, of, { from: 0, count: 40 })!;
  const result = createFitter()(request, createReaders()(request, go), go);
  if (!result.ok || result.value.result === null)
    throw new Error(JSON.stringify(result.ok ? result.value.flags : result.problem));
  return result.value.result;
};
const num = (shown: ShownValue | null | undefined): number => (shown == null ? NaN : Number(shown.full));

const X = [1, 2, 3, 4, 5, 6, 7];
const Y = [2.1, 3.9, 6.2, 7.8, 10.1, 11.7, 14.4];
const by = (x: readonly number[], y: readonly number[]) => {
  const n = x.length;
  const [mx, my] = [jStat.mean(x), jStat.mean(y)];
  const xx = x.reduce((s, v) => s + (v - mx) ** 2, 0);
  const slope = x.reduce((s, v, i) => s + (v - mx) * (y[i]! - my), 0) / xx;
  const start = my - slope * mx;
  const left = x.reduce((s, v, i) => s + (y[i]! - start - slope * v) ** 2, 0);
  const s = Math.sqrt(left / (n - 2));
  const whole = y.reduce((sum, v) => sum + (v - my) ** 2, 0);
  return { n, mx, xx, slope, start, left, s, whole };
};

test('standard errors, intervals at an x, the analysis of variance and AIC of a line', () => {
  const { n, mx, xx, slope, start, left, s, whole } = by(X, Y);
  const view = fitted(table([X, Y], { at: '8', back: '9', level: '0.99' }));
  const t = jStat.studentt.inv(0.995, n - 2);
  const reach = (one: number): number => t * s * Math.sqrt(one + 1 / n + (8 - mx) ** 2 / xx);
  const at = start + slope * 8;
  const { prediction, analysis, back } = view;
  if (prediction === null || 'problem' in prediction || back === null || 'problem' in back) throw new Error('not read');
  const f = (whole - left) / (left / (n - 2));
  const told = [
    ...view.coefficients.map(({ shown }) => num(shown)),
    ...analysis!.errors!.map(num),
    ...prediction.mean!.map(num),
    ...prediction.next!.map(num),
    num(back[0]),
    num(analysis!.s),
    num(analysis!.adjusted),
    num(analysis!.aic),
    num(analysis!.variance[0]!.ratio),
    num(analysis!.variance[0]!.p),
  ];
  const theirs = [
    start,
    slope,
    s * Math.sqrt(1 / n + mx ** 2 / xx),
    s / Math.sqrt(xx),
    at - reach(0),
    at + reach(0),
    at - reach(1),
    at + reach(1),
    (9 - start) / slope,
    s,
    1 - (left / whole) * ((n - 1) / (n - 2)),
    n * Math.log(left / n) + 6,
    f,
    1 - jStat.centralF.cdf(f, 1, n - 2),
  ];
  told.forEach((value, i) => expect(value).toBeCloseTo(theirs[i]!, 7));
});

test.each<readonly [string, DataTable, DataTable]>([
  ['weights that are all alike change nothing', table([X, Y, X.map(() => '1/3')], { weights: 'c3' }), table([X, Y])],
  ['an own line is the line', table([X, Y], { model: 'own', expr: 'a+b*x' }), table([X, Y])],
  [
    'a polynomial of degree two through the origin',
    table([X, Y], { model: 'own', expr: 'b*x+c*x^2' }),
    table([X, Y], { model: 'polynomial', origin: true }),
  ],
  [
    'an exponential fitted directly',
    table([X, Y], { model: 'own', expr: 'a*exp(b*x)' }),
    table([X, Y], { model: 'exponential', direct: true }),
  ],
])('%s', (_, one, other) => {
  const [a, b] = [fitted(one), fitted(other)];
  a.coefficients.forEach(({ shown }, i) => expect(num(shown)).toBeCloseTo(num(b.coefficients[i]!.shown), 9));
  a.analysis!.errors!.forEach((error, i) => expect(num(error)).toBeCloseTo(num(b.analysis!.errors![i]), 8));
});

test('several predictors: of one the line, of more what left them', () => {
  const plane = X.map((x, i) => 2 + 3 * x - 0.5 * Y[i]!);
  const work = (of: DataTable) => {
    const request = severalRequest(state, of)!;
    const result = severalOf(request, createReaders()(request, go));
    if (!result.ok || result.value.result === null) throw new Error('not fitted');
    return result.value.result;
  };
  const one = work(table([X, Y], { model: 'several', y: 'c2', predictors: ['c1'] }));
  expect(one.coefficients.map(({ shown }) => num(shown))).toEqual(
    fitted(table([X, Y])).coefficients.map(({ shown }) => num(shown)),
  );
  const two = work(table([X, Y, plane], { model: 'several', y: 'c3', predictors: ['c1', 'c2'] }));
  expect(two.coefficients.map(({ shown }) => num(shown))).toEqual([2, 3, -0.5]);
});

test.each([
  ['straight', (x: number) => 1 + 2 * x],
  ['exponential', (x: number) => 3 * Math.exp(0.4 * x)],
  ['power', (x: number) => 2 * x ** 1.7],
] as const)('of fits that are compared, the %s one comes first where points lie along it', (model, f) => {
  const noise = [0.02, -0.03, 0.01, 0.04, -0.02, -0.03, 0.02];
  const of = table([X, X.map((x, i) => (f(x) * (1 + noise[i]! / 10)).toFixed(6))]);
  const request = compareRequest(state, of)!;
  const result = compared(request, createReaders()(request, go));
  expect(result.ok && result.value.result!.fits[0]!.model).toBe(model);
});

test.each([
  ['a level beyond all', { level: '2' }, 'not-a-share'],
  ['an own model without letters', { model: 'own', expr: '2*x' }, 'no-letters'],
  ['a start that is none', { model: 'own', expr: 'a*x', start: 'one' }, 'start-values'],
] as const)('%s is told', (_, use, reason) => {
  const request = fitRequest(state, table([X, Y], use), { from: 0, count: 1 })!;
  const result = createFitter()(request, createReaders()(request, go), go);
  const problem = result.ok ? result.value.result?.level?.problem : result.problem;
  expect(problem).toMatchObject({ reason });
});

test(`back from the height of a line is where it was read (seed ${SEED})`, () =>
  fc.assert(
    fc.property(fc.integer({ min: -50, max: 50 }), (x) => {
      const there = fitted(table([X, Y], { at: `${x}/7` })).prediction;
      const height = there !== null && 'y' in there ? there.y.forms[0]!.typed : '';
      const { back } = fitted(table([X, Y], { back: height }));
      expect(back !== null && !('problem' in back) && num(back[0])).toBeCloseTo(x / 7, 12);
    }),
    { seed: SEED, numRuns: 8 },
  ));
