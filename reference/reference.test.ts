import Decimal from 'decimal.js';
import { answerBatchLine } from '../batch/answer';
import { identities, triedAt } from './identities';
import { tabled } from './powers-table';
import { randomComplex, randomReals } from './random-elsewhere';
import { complexTextbook, textbook } from './textbook-table';
import { specialValues } from './trig-table';
import { complexElsewhere, workedElsewhere } from './worked-elsewhere';

type Answer = {
  ok: boolean;
  decimal: string;
  re: string;
  im: string;
  exact: string | null;
  settled: boolean;
  problem?: { code: string };
};
const ask = (expr: string, more: object = {}): Answer =>
  answerBatchLine(JSON.stringify({ id: 1, do: 'evaluate', expr, digits: 50, ...more }), UNHURRIED) as Answer;
/** What is checked here are digits, on however slow a machine. */
const UNHURRIED = 60_000;

describe('special values (DLMF Table 4.17.1)', () => {
  test.each(specialValues)('at $degrees°', ({ degrees, sin, cos, tan }) => {
    expect(ask(`sin(${degrees}°)`).exact).toBe(sin);
    expect(ask(`cos(${degrees}°)`).exact).toBe(cos);
    expect(ask(`sin(${degrees}pi/180)`).exact).toBe(sin);
    if (tan === null) expect(ask(`tan(${degrees}°)`).problem?.code).toBe('domain');
    else expect(ask(`tan(${degrees}°)`).exact).toBe(tan);
    expect(ask(`(${sin})^2+(${cos})^2`).exact).toBe('1');
    if (tan !== null) expect(ask(`(${sin})/(${cos})`).exact).toBe(tan);
  });
});

test.each(tabled)('%s is %s in the handbook', (typed, decimal) => {
  const digits = decimal.replace(/^0\./, '').replace('.', '').length;
  expect(ask(typed, { digits }).decimal).toBe(new Decimal(decimal).toString().replace(/e\+/, 'E+'));
});

/*
 * Against decimal.js 10.6 (a general-purpose arbitrary-precision library) worked at 90 digits, compared at 50.
 * Each row: what is typed with X in it, the same in the library, and the X it is tried at.
 */
const D = Decimal.clone({ precision: 90, toExpNeg: -8, toExpPos: 30 });
type Row = readonly [typed: string, library: (x: Decimal) => Decimal, at: readonly string[]];
const usual = ['0.1', '0.75', '1.3', '2', '17.29', '355/113'];
const rows: readonly Row[] = [
  ['sin(X)', (x) => D.sin(x), [...usual, '-3.7', '1000', '10^15', '0.000001']],
  ['cos(X)', (x) => D.cos(x), [...usual, '-3.7', '1000', '10^15', '0.000001']],
  ['tan(X)', (x) => D.tan(x), [...usual, '-3.7', '1.5707963', '1000']],
  ['asin(X)', (x) => D.asin(x), ['0.1', '0.74', '0.76', '-0.9', '0.999999', '10^-20', '1/3']],
  ['acos(X)', (x) => D.acos(x), ['0.1', '0.74', '0.76', '-0.9', '0.999999', '1/3']],
  ['atan(X)', (x) => D.atan(x), [...usual, '-3.7', '10^10', '10^-20']],
  ['exp(X)', (x) => D.exp(x), [...usual, '-3.7', '-50', '123.456']],
  ['ln(X)', (x) => D.ln(x), [...usual, '0.99999999', '1.00000001', '10^40', '10^-40']],
  ['log(X)', (x) => D.log10(x), [...usual, '3*10^50']],
  ['log(X,3)', (x) => D.ln(x).div(D.ln(3)), ['0.1', '2', '17.29']],
  ['sqrt(X)', (x) => D.sqrt(x), [...usual, '10^31', '2*10^-9']],
  ['cbrt(X)', (x) => D.cbrt(x), [...usual, '-5']],
  ['X^2.5', (x) => D.pow(x, '2.5'), usual],
  ['X^pi', (x) => D.pow(x, D.acos(-1)), usual],
  ['2^X', (x) => D.pow(2, x), [...usual, '-7.5']],
  ['X^-3', (x) => D.pow(x, -3), usual],
  ['X/7-1/X', (x) => x.div(7).sub(new D(1).div(x)), usual],
  ['exp(-X^2)*cos(3X)', (x) => D.exp(x.mul(x).neg()).mul(D.cos(x.mul(3))), ['0.1', '0.75', '1.3', '2']],
  ['sqrt(1+X^2)-X', (x) => D.sqrt(x.mul(x).add(1)).sub(x), usual],
  ['ln(X)/(X+1)', (x) => D.ln(x).div(x.add(1)), usual],
  ['sin(X)^2-cos(X)^2', (x) => D.sin(x).pow(2).sub(D.cos(x).pow(2)), usual],
];
const cases = rows.flatMap(([typed, library, at]) => at.map((x) => [typed, x, library] as const));
const numberOf = (x: string): Decimal => {
  const [top, bottom] = x.split('/');
  const [factor, exponent] = top!.includes('^')
    ? top!.replace('*10^', 'e').replace('10^', '1e').split('e')
    : [top!, '0'];
  return new D(`${factor}e${exponent}`).div(bottom ?? 1);
};

test(`there are ${cases.length} expressions, at least 100`, () => expect(cases.length).toBeGreaterThanOrEqual(100));
test.each(cases)('%s at %s agrees with the library to 50 digits', (typed, x, library) => {
  const mine = ask(typed, { variables: { X: x } });
  expect({ decimal: new D(mine.decimal).toString(), settled: mine.settled }).toEqual({
    decimal: library(numberOf(x)).toSignificantDigits(50, Decimal.ROUND_HALF_UP).toString(),
    settled: true,
  });
});

// Values named by the field itself; each is exact arithmetic or was worked by the library above at higher precision.
test.each([
  ['sin(10^22)', '-0.8522008497671888017727'],
  ['10^60+sin(1)-10^60', '0.84147098480789650665'],
  ['sin(10^1000)-sin(10^1000+1)*cos(1)+cos(10^1000+1)*sin(1)', '0'],
  ['e^(pi*sqrt(163))-262537412640768744', '-0.00000000000074992740280181431112'],
])('%s comes out as %s', (typed, decimal) => {
  expect(ask(typed, { digits: decimal.replace(/^-?0\.0*/, '').length }).decimal).toBe(
    decimal.replace('-0.00000000000074992740280181431112', '-7.4992740280181431112E-13'),
  );
});

test('all 200 digits that can be asked for', () => {
  // π to 200 digits: DLMF 3.12 gives the first 50; the rest from the library.
  expect(ask('pi', { digits: 200 }).decimal).toBe(
    Decimal.clone({ precision: 230 }).acos(-1).toSignificantDigits(200).toString(),
  );
});

test.each(textbook)('%s is exactly %s', (typed, exact) => expect(ask(typed).exact).toBe(exact));
test.each(complexTextbook)('%s is exactly %s, with complex numbers on', (typed, exact) =>
  // Read and written anew, so that 7/13+17i/13 is the same as (7+17i)/13.
  expect(ask(typed, { complex: true }).exact).toBe(ask(exact, { complex: true }).exact),
);

const DIGITS = 30;
const rounded = (value: string): string => new D(value).toSignificantDigits(DIGITS, Decimal.ROUND_HALF_UP).toString();
test.each([...workedElsewhere, ...randomReals])('%s has all its digits', (typed, value) => {
  expect(new D(ask(typed, { digits: DIGITS }).decimal).toString()).toBe(rounded(value));
});
test.each([...complexElsewhere, ...randomComplex])('%s has all its digits', (typed, re, im) => {
  const {
    decimal,
    re: real = decimal,
    im: imaginary = '0',
  } = ask(typed, { digits: DIGITS, complex: true }) as Partial<Answer>;
  expect([new D(real!).toString(), new D(imaginary).toString()]).toEqual([rounded(re), rounded(im)]);
});

test.each(identities)('equation %s: %s = %s, to 50 digits', (_equation, left, right) => {
  for (const [X, Y] of triedAt) {
    const [a, b] = [left, right].map((side) => ask(side, { variables: { X, Y } }));
    expect(a!.decimal).toBe(b!.decimal);
  }
});
