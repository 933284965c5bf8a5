import { classSummary, equalClasses } from '@/core/column/classes';
import { pairOf } from '@/core/column/pair';
import { batchText } from '@/core/format/layout';
import { roundToFigures } from '@/core/number/digits';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { toDouble } from '@/core/number/to-double';
import { answerBatchLine } from '../batch/answer';
import { classesElsewhere, pairsElsewhere } from './classes-elsewhere';
import { logFitsElsewhere, pointsElsewhere, sineElsewhere } from './curves-elsewhere';

type Answer = { ok: boolean } & Record<string, unknown>;
const UNHURRIED = 60_000;
const ask = (request: object): Answer => answerBatchLine(JSON.stringify({ id: 1, ...request }), UNHURRIED) as Answer;

/** An alternating column as the data sets NumAcc2 to NumAcc4 are described. */
const alternating = (first: string, low: string, high: string): readonly string[] => [
  first,
  ...Array.from({ length: 1000 }, (_, i) => (i % 2 === 0 ? low : high)),
];

/*
 * NIST Statistical Reference Datasets, univariate summary statistics: NumAcc1 to NumAcc4 (from memory; certified mean
 * and standard deviation are exact).
 */
test.each([
  ['NumAcc1', ['10000001', '10000003', '10000002'], '10000002', '1'],
  ['NumAcc2', alternating('1.2', '1.1', '1.3'), '1.2', '0.1'],
  ['NumAcc3', alternating('1000000.2', '1000000.1', '1000000.3'), '1000000.2', '0.1'],
  ['NumAcc4', alternating('10000000.2', '10000000.1', '10000000.3'), '10000000.2', '0.1'],
] as const)('%s', (_, x, mean, s) => expect(ask({ do: 'summary', x })).toMatchObject({ ok: true, mean, s }));

/* NIST Statistical Reference Datasets, linear regression: Wampler1 and Wampler2 (from memory; the coefficients are exact). */
test.each([
  ['Wampler1', 1n, 1n],
  ['Wampler2', 1n, 10n],
] as const)('%s', (_, __, d) => {
  const x = Array.from({ length: 21 }, (_unused, i) => i);
  const y = x.map((v) => {
    // Σ (x/d)^k for k = 0 … 5, over d^5 so that it stays whole.
    const whole = [0n, 1n, 2n, 3n, 4n, 5n].reduce((sum, k) => sum + BigInt(v) ** k * d ** (5n - k), 0n);
    return d === 1n ? String(whole) : `${whole}E-5`;
  });
  const fit = ask({ do: 'fit', model: 'polynomial', degree: 5, x: x.map(String), y });
  const step = d === 1n ? 1 : 0.1;
  const certified = Object.fromEntries(
    ['a', 'b', 'c', 'd', 'e', 'f'].map((name, k) => [name, d === 1n ? '1' : (step ** k).toFixed(k)]),
  );
  expect(fit).toMatchObject({ ok: true, r2: '1', coefficients: certified });
});

test.each(logFitsElsewhere)('$model fit, to 29 digits', ({ model, x, y, a, b, r }) => {
  const answer = ask({ do: 'fit', model, x, y, digits: 29 }) as unknown as {
    r: string;
    coefficients: { a: string; b: string };
  };
  const cut = (text: string): string => text.slice(0, 28);
  expect([answer.coefficients.a, answer.coefficients.b, answer.r].map(cut)).toEqual([a, b, r].map(cut));
});

test('a sine by least squares, to 20 digits', () => {
  const { x, y, a, b, c, d } = sineElsewhere;
  const answer = ask({ do: 'fit', model: 'sine', x, y, digits: 24 }) as unknown as {
    coefficients: Record<string, string>;
  };
  const cut = (text: string): string => text.slice(0, 21);
  expect(['a', 'b', 'c', 'd'].map((name) => cut(answer.coefficients[name]!))).toEqual([a, b, c, d].map(cut));
});

test.each(pointsElsewhere)('%s: %s at %s', (expr, kind, x, y) => {
  const answer = ask({ do: 'points', exprs: [expr], from: '1/100', to: '6', digits: 38 });
  const found = answer[kind] as readonly { x: string; y?: string }[];
  const cut = (text: string): string => text.slice(0, 38);
  const point = found.find((p) => cut(p.x) === cut(x));
  expect(found.map((p) => cut(p.x))).toContain(cut(x));
  if (y !== null) expect(cut(point!.y!)).toBe(cut(y));
});

const rationalOf = (text: string): Rational => {
  const [digits, decimals = ''] = text.split('.');
  return q.rational(BigInt(digits! + decimals), 10n ** BigInt(decimals.length));
};
const double = ({ n, d }: Rational): number => Number(n) / Number(d);

test.each(classesElsewhere)('values in classes $width wide, as counted and summed up elsewhere', (of) => {
  const made = equalClasses(of.values.map(rationalOf), null, {
    width: rationalOf(of.width),
    count: null,
    rule: 'root',
  });
  if (!made.ok) throw new Error(made.problem.code);
  const { classes } = made.value;
  expect(double(classes[0]!.low)).toBe(Number(of.from));
  expect(classes.map(({ count }) => Number(count))).toEqual(of.counts.slice(0, classes.length));
  const summary = classSummary(classes)!;
  expect(double(summary.mean)).toBeCloseTo(Number(of.mean), 12);
  expect(toDouble(summary.s!, () => true)).toBeCloseTo(Number(of.s), 12);
  expect(double(summary.median)).toBeCloseTo(Number(of.median), 12);
});

test.each(pairsElsewhere)('r of a pair to 30 digits: $r', ({ x, y, sumXY, r }) => {
  const made = pairOf(x.map(rationalOf), y.map(rationalOf), null);
  expect(`${made.sumXY.n}/${made.sumXY.d}`).toBe(sumXY);
  const digits = roundToFigures(made.r!, 30, () => true);
  const text = typeof digits === 'string' ? digits : batchText(digits);
  expect(text.slice(0, 30)).toBe(r.slice(0, 30));
});

/* F. J. Anscombe, Graphs in Statistical Analysis, The American Statistician 27 (1973), data set I (from memory). */
test('Anscombe’s first pair: the same r, means and line as are printed with it', () => {
  const x = '10 8 13 9 11 14 6 4 12 7 5'.split(' ');
  const y = '8.04 6.95 7.58 8.81 8.33 9.96 7.24 4.26 10.84 4.82 5.68'.split(' ');
  const made = pairOf(x.map(rationalOf), y.map(rationalOf), null);
  expect(toDouble(made.r!, () => true).toFixed(3)).toBe('0.816');
  expect([double(made.sumX) / 11, Number((double(made.sumY) / 11).toFixed(2))]).toEqual([9, 7.5]);
  const { coefficients } = ask({ do: 'fit', model: 'straight', x, y, digits: 3 }) as unknown as {
    coefficients: { a: string; b: string };
  };
  expect(coefficients).toEqual({ a: '3', b: '0.5' });
});
