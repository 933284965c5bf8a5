import fc from 'fast-check';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import { roundToPlaces } from '../number/digits';
import { isReal } from '../number/value';
import { contextOf } from './context';
import { evaluate } from './evaluate';

/*
 * Identities that hold for all numbers of a range. Sources: NIST Digital Library of Mathematical Functions, chapters 4
 * (elementary functions), 5 (gamma) and 26 (combinatorics); numbers of equations from memory.
 */

const SEED = 20261128;
const shouldContinue = () => true;
const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

function worked(typed: string, angle: 'deg' | 'rad' | 'grad' = 'rad') {
  const reading = parse(typed, options);
  if (!reading.ok) throw new Error(`${typed}: ${reading.problem.code}`);
  const value = evaluate(reading.value.tree, contextOf({ angle, shouldContinue }));
  if (!value.ok) throw new Error(`${typed}: ${value.problem.code}`);
  if (!isReal(value.value)) throw new Error(`${typed} is not real`);
  return value.value;
}

/** How far two expressions are apart, in units of the 40th place. */
function apart(left: string, right: string, angle?: 'deg' | 'rad' | 'grad'): bigint {
  const rounded = roundToPlaces(worked(`(${left})-(${right})`, angle), 40, shouldContinue);
  if (typeof rounded === 'string') throw new Error(rounded);
  return rounded.unscaled;
}

type Range = 'any' | 'positive' | 'decimal' | 'unit' | 'whole' | 'one-and-more';

const between = (min: number, max: number) => fc.integer({ min: min * 840, max: max * 840 }).map((n) => `(${n}/840)`);
const numbers: { readonly [R in Range]: fc.Arbitrary<string> } = {
  any: between(-6, 6),
  positive: fc.integer({ min: 1, max: 9000 }).map((n) => `(${n}/840)`),
  decimal: fc.integer({ min: 1, max: 9_999_999 }).map((n) => `(${n}/1000000)`),
  unit: fc.integer({ min: -839, max: 839 }).map((n) => `(${n}/840)`),
  whole: fc.integer({ min: 0, max: 40 }).map(String),
  'one-and-more': fc.integer({ min: 841, max: 9000 }).map((n) => `(${n}/840)`),
};

test.each<readonly [string, string, Range]>([
  // Trigonometric functions (DLMF 4.21).
  ['sin(a)^2+cos(a)^2', '1', 'any'],
  ['sin(a+b)', 'sin(a)cos(b)+cos(a)sin(b)', 'any'],
  ['cos(a-b)', 'cos(a)cos(b)+sin(a)sin(b)', 'any'],
  ['sin(2a)', '2sin(a)cos(a)', 'any'],
  ['cos(3a)', '4cos(a)^3-3cos(a)', 'any'],
  ['sin(a)sin(b)', '(cos(a-b)-cos(a+b))/2', 'any'],
  ['tan(a)', 'sin(a)/cos(a)', 'unit'],
  ['sec(a)^2', '1+tan(a)^2', 'unit'],
  ['cot(a)csc(a)', 'cos(a)/sin(a)^2', 'positive'],
  // Their inverses (DLMF 4.23, 4.24).
  ['sin(asin(a))', 'a', 'unit'],
  ['cos(acos(a))', 'a', 'unit'],
  ['tan(atan(a))', 'a', 'any'],
  ['asin(a)+acos(a)', 'pi/2', 'unit'],
  ['atan(a)+atan(1/a)', 'pi/2', 'positive'],
  ['asec(a)', 'acos(1/a)', 'one-and-more'],
  ['acsc(a)', 'asin(1/a)', 'one-and-more'],
  ['acot(a)', 'atan(1/a)', 'positive'],
  ['cos(asin(a))', 'sqrt(1-a^2)', 'unit'],
  // Exponential function and logarithms (DLMF 4.8, 4.10).
  ['exp(a+b)', 'exp(a)exp(b)', 'unit'],
  ['ln(a b)', 'ln(a)+ln(b)', 'positive'],
  ['ln(exp(a))', 'a', 'any'],
  ['exp(ln(a))', 'a', 'positive'],
  ['log(a,b+20)', 'ln(a)/ln(b+20)', 'positive'],
  ['lg(a)', 'log(a,10)', 'positive'],
  ['a^b', 'exp(b ln(a))', 'positive'],
  ['a^b', 'exp(b ln(a))', 'decimal'],
  ['a^b a^(1-b)', 'a', 'decimal'],
  ['e^a', 'exp(a)', 'unit'],
  // Hyperbolic functions (DLMF 4.28, 4.35, 4.37).
  ['cosh(a)^2-sinh(a)^2', '1', 'any'],
  ['sinh(a)', '(exp(a)-exp(-a))/2', 'any'],
  ['cosh(a+b)', 'cosh(a)cosh(b)+sinh(a)sinh(b)', 'unit'],
  ['tanh(2a)', '2tanh(a)/(1+tanh(a)^2)', 'any'],
  ['asinh(a)', 'ln(a+sqrt(a^2+1))', 'any'],
  ['acosh(a)', 'ln(a+sqrt(a^2-1))', 'one-and-more'],
  ['atanh(a)', 'ln((1+a)/(1-a))/2', 'unit'],
  ['sinh(asinh(a))', 'a', 'any'],
  // Roots and sizes.
  ['sqrt(a)sqrt(b)', 'sqrt(a b)', 'positive'],
  ['cbrt(a)^3', 'a', 'any'],
  ['root(5,a)^5', 'a', 'any'],
  ['abs(a)sign(a)', 'a', 'any'],
  ['abs(a b)', 'abs(a)abs(b)', 'any'],
  // Gamma (DLMF 5.5.1, 5.5.3, 5.5.5).
  ['(a+1)!', '(a+1)a!', 'positive'],
  ['(a-1)!(-a)!sin(pi a)', 'pi', 'unit'],
  ['(2a-1)!', '2^(2a-1)(a-1)!(a-1/2)!/sqrt(pi)', 'positive'],
  // Counting (DLMF 26.3) and division of whole numbers.
  ['nCr(a+b,b)', '(a+b)!/(a!b!)', 'whole'],
  ['nPr(a+b,b)', '(a+b)!/a!', 'whole'],
  ['gcd(a,b)lcm(a,b)', 'a*b', 'whole'],
  ['div(a,b+1)(b+1)+(a mod (b+1))', 'a', 'whole'],
  // Rounding.
  ['floor(a)+frac(a-floor(a))', 'a', 'any'],
  ['ceil(a)', '-floor(-a)', 'any'],
  ['trunc(a)+frac(a)', 'a', 'any'],
  ['max(a,b)+min(a,b)', 'a+b', 'any'],
  ['max(a,b)-min(a,b)', 'abs(a-b)', 'any'],
  // Sums and integrals.
  ['sum(k^2,k,1,a)', 'a(a+1)(2*a+1)/6', 'whole'],
  ['prod(k,k,1,a)', 'a!', 'whole'],
  ['sum(2^k,k,0,a)', '2^(a+1)-1', 'whole'],
  ['derivative(x^3-2x,x,a)', '3a^2-2', 'any'],
  ['derivative(sin(2x),x,a)', '2cos(2a)', 'any'],
])('%s = %s', (left, right, range) => {
  const inserted = (text: string, a: string, b: string): string =>
    text
      .replaceAll(/\ba\b/g, a)
      .replaceAll(/\bb\b/g, b)
      .replaceAll(/(?<=\d)a\b/g, a);
  fc.assert(
    fc.property(numbers[range], numbers[range], (a, b) => {
      if (/-a\)!|csc|gcd/.test(left) && (a === '(0/840)' || a === '0')) return;
      const [l, r] = [inserted(left, a, b), inserted(right, a, b)];
      expect([l, r, apart(l, r)]).toEqual([l, r, 0n]);
    }),
    { seed: SEED, numRuns: 4 },
  );
});

test.each([
  ['integral(x^2,x,0,3)', '9'],
  ['integral(1/x,x,1,e)', '1'],
  ['integral(exp(-x^2),x,-inf,inf)', 'sqrt(pi)'],
  ['integral(1/(1+x^2),x,0,inf)', 'pi/2'],
  ['integral(sin(x),x,0,pi)', '2'],
  ['integral(sqrt(1-x^2),x,-1,1)', 'pi/2'],
])('%s = %s, to the digits that an integral proves', (integral, value) => {
  const rounded = roundToPlaces(worked(`(${integral})-(${value})`), 12, shouldContinue);
  expect(typeof rounded === 'string' ? rounded : rounded.unscaled).toBe(0n);
});

test.each([
  ['deg', 360],
  ['rad', null],
  ['grad', 400],
] as const)(`in %s a full turn leaves each function as it was (seed ${SEED})`, (angle, turn) =>
  fc.assert(
    fc.property(numbers.any, fc.integer({ min: -5, max: 5 }), (a, k) => {
      const turned = `${a}+${k}*${turn === null ? '(2pi)' : turn}`;
      for (const fn of ['sin', 'cos']) expect(apart(`${fn}(${turned})`, `${fn}(${a})`, angle)).toBe(0n);
    }),
    { seed: SEED, numRuns: 10 },
  ),
);
