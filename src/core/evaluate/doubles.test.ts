import { functionNames } from '../function';
import { records as functions } from '../function/records';
import { parse } from '../language/parse';
import type { Tree } from '../language/tree';
import { toDouble } from '../number/to-double';
import { fromRational, isReal } from '../number/value';
import * as q from '../number/rational';
import { contextOf, withLetter } from './context';
import { compileDoubles } from './doubles';
import { evaluate } from './evaluate';

const shouldContinue = () => true;
const treeOf = (typed: string): Tree => {
  const reading = parse(typed, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(`${typed}: ${reading.problem.code}`);
  return reading.value.tree;
};

const curves = [
  'x^3-4x',
  '3-x^2+2x^4',
  '(x-2)^2(x+1)',
  'x^5/7-1/x',
  '1/(1+x^2)',
  '2x+3x-x',
  'x-(x+1)*x',
  '5-sin(x)*x',
  'x/4-cos(x)',
  'x^-2+x^2.5',
  'x^(1/3)-x^(2/3)',
  'cbrt(x)+root(4,x)+root(3,x)',
  'x^x+2^x+e^(-x)',
  'sqrt(x^2+1)-abs(x-1)',
  'tan(x)+sec(x)/csc(x)+cot(x)',
  'asin(x/9)+acos(x/9)-atan(x)',
  'asec(x+2)+acsc(x+2)+acot(x)',
  'sinh(x)-cosh(x)*tanh(x)',
  'asinh(x)+acosh(x+1)+atanh(x/9)',
  'ln(x)+lg(x)+log(x)+log(x,3)+exp(x)',
  'x!+(x/3)!',
  '7x mod 3+mod(x,2)+div(9,x)',
  'floor(3x)+ceil(x)+trunc(-x)+frac(2.5x)+round(x)+round(x,1)+roundsig(x,2)+sign(x)',
  'min(x,2)+max(x,1,2)',
  'x+10%',
  'x!+10%-(x+5%)',
  'x%+3%',
  'x%+3',
  'sum(x^k/k,k,1,6)*prod(x+k,k,1,3)',
  'derivative(t^2*sin(t),t,x)',
  'derivative(sum(t^k,k,0,3),t,x^2)',
  'cases(x<1,x^2,1<=x<2 or x=5,3-x,not x>3,x,7)',
  'gcd(12,18)*x+lcm(4,6)+nCr(5,2)x+nPr(4,2)',
  'sin(30°)x+A*x',
];
const places: readonly q.Rational[] = [q.rational(1n, 3n), q.rational(5n, 4n), q.rational(5n, 2n), q.rational(19n, 5n)];

// The compiled form against the exact route at the same double; relative to the size of what is added up.
test.each(curves.flatMap((typed) => (['rad', 'deg'] as const).map((angle) => [typed, angle] as const)))(
  '%s in %s agrees with the exact route',
  (typed, angle) => {
    const context = contextOf({
      angle,
      shouldContinue,
      names: { letters: new Map([['A', fromRational(q.rational(7n, 2n))]]) },
    });
    const f = compileDoubles(treeOf(typed), 'x', context);
    for (const place of places) {
      const exact = evaluate(treeOf(typed), withLetter(context, 'x', fromRational(place)));
      const wanted = exact.ok && isReal(exact.value) ? toDouble(exact.value, shouldContinue) : NaN;
      const got = f!(Number(place.n) / Number(place.d));
      if (Number.isNaN(wanted)) expect(Number.isFinite(got)).toBe(false);
      else expect(Math.abs(got - wanted)).toBeLessThanOrEqual(2e-13 * Math.max(1, Math.abs(wanted)));
    }
  },
);

test.each([
  ['1/x', 0],
  ['ln(x)', -1],
  ['sqrt(x)', -1],
  ['asin(x)', 2],
  ['x!', -2],
  ['acosh(x)', 0],
])('%s has no value at %d', (typed, x) =>
  expect(Number.isFinite(compileDoubles(treeOf(typed), 'x', contextOf({ shouldContinue }))!(x))).toBe(false),
);

test('complex numbers and integrals that vary have no compiled form', () => {
  const context = contextOf({ complex: true, shouldContinue });
  expect(compileDoubles(treeOf('x*i'), 'x', context)).toBeNull();
  expect(compileDoubles(treeOf('integral(t,t,0,x)'), 'x', context)).toBeNull();
});

test('every function that has a real value everywhere in its domain has a compiled form', () => {
  const without = functions.filter((f) => f.binds === undefined && f.double === undefined).map((f) => f.name);
  const ofBits = ['bitand', 'bitor', 'bitxor', 'bitnot', 'shl', 'shr'];
  expect(without).toEqual(['random', 'randint', 're', 'im', 'conj', 'arg', ...ofBits]);
});
