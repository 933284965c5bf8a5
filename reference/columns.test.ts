import { answerBatchLine } from '../batch/answer';
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
