import Decimal from 'decimal.js';
import fc from 'fast-check';
import { exactTree } from '../format/exact-tree';
import { batchText } from '../format/layout';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import { printText, TYPED } from '../language/print-text';
import { binaryTree, callTree, negateTree, numberTree } from '../language/tree';
import type { Tree } from '../language/tree';
import { roundToFigures } from '../number/digits';
import { multiply, subtract } from '../number/arithmetic';
import * as q from '../number/rational';
import { signOf } from '../number/sign';
import { fromRational, isExact, isReal } from '../number/value';
import { contextOf } from './context';
import { decideLine, evaluate } from './evaluate';
import { unitByMarks, unmarkedAngles, usesAngleUnit } from './observe';

const SEED = 20261129;
const shouldContinue = () => true;
const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const treeOf = (typed: string): Tree => {
  const reading = parse(typed, options);
  if (!reading.ok) throw new Error(`${typed}: ${reading.problem.code}`);
  return reading.value.tree;
};
const worth = (tree: Tree, angle: 'deg' | 'rad' | 'grad' = 'deg') =>
  evaluate(tree, contextOf({ angle, shouldContinue }));
const exact = (typed: string, angle: 'deg' | 'rad' | 'grad' = 'deg'): string => {
  const value = worth(treeOf(typed), angle);
  if (!value.ok) return value.problem.code;
  return isExact(value.value) ? printText(exactTree(value.value), TYPED) : 'real';
};

// Precedence and meaning, line by line as the project's conventions state them (degrees unless marked).
test.each([
  ['-4^2', '-16'],
  ['2^-3^2', '1/512'],
  ['2³^2', '64'],
  ['2^3²', '512'],
  ['3!!', '720'],
  ['1/2pi', 'pi/2'],
  ['8-6÷2', '5'],
  ['12÷3×4', '16'],
  ['53 mod 8', '5'],
  ['-7 mod 3', '2'],
  ['7 mod -3', '-2'],
  ['5.5 mod 2', '3/2'],
  ['7 - -2', '9'],
  ['(1+2)(3+4', '21'],
  ['√2·√8', '4'],
  ['2 5/6', '17/6'],
  ['-2½', '-5/2'],
  ['2.83\u0305', '17/6'],
  ['0.1\u03054\u03052\u03058\u03055\u03057\u0305', '1/7'],
  ['4.2E3', '4200'],
  ['100+10%', '110'],
  ['100-10%', '90'],
  ['5%+3%', '2/25'],
  ['35×8%', '14/5'],
  ['200+50%+10%', '330'],
  ['0^0', '1'],
  ['0/0', 'divide-by-zero'],
  ['0^-1', 'divide-by-zero'],
  ['5 mod 0', 'divide-by-zero'],
  ['ln(0)', 'domain'],
  ['log(5,-2)', 'domain'],
  ['(-8)^(1/3)', '-2'],
  ['(-8)^(2/3)', '4'],
  ['(-8)^0.5', 'domain'],
  ['(-2)^pi', 'domain'],
  ['2^(1/2)*8^(1/2)', '4'],
  ['4^-1.5', '1/8'],
  ['(sqrt(2)+1)^3', '7+5sqrt(2)'],
  ['(sqrt(2)+sqrt(3))(sqrt(3)-sqrt(2))', '1'],
  ['1/(sqrt(2)+sqrt(3)+sqrt(5))', '(3sqrt(2)+2sqrt(3)-sqrt(30))/12'],
  ['sqrt(2)-sqrt(8)/2', '0'],
  ['pi/pi', '1'],
  ['2pi-pi/2', '3pi/2'],
  ['53 mod 8+mod(7,-3)', '3'],
  ['div(-7,3)', '-3'],
  ['round(-2.5)', '-3'],
  ['round(2.345,2)', '47/20'],
  ['roundsig(0.00123456,3)', '123/100000'],
  ['gcd(84,36,30)', '6'],
  ['lcm(4,6,10)', '60'],
  ['min(3,pi,e)', 'real'],
  ['max(sqrt(2),sqrt(3))', 'sqrt(3)'],
  ['cbrt(2)*cbrt(4)', '2'],
  ['cbrt(16)+cbrt(2)', '3cbrt(2)'],
  ['1/cbrt(2)', 'cbrt(4)/2'],
  ['sqrt(3+2sqrt(2))', '1+sqrt(2)'],
  ['sqrt(2)+cbrt(2)', 'real'],
  ['cos(36)', '(1+sqrt(5))/4'],
  ['sin(36)', 'real'],
  ['log(0.001)', '-3'],
  ['log(8)/log(2)', '3'],
  ['ln(2)+ln(3)-ln(6)', '0'],
  ['10^log(7)', '7'],
  ['sin(1)^2+cos(1)^2', '1'],
  ['sin(2 rad)-2sin(1 rad)cos(1 rad)', '0'],
  ['(1-sin(1)^2)/cos(1)-cos(1)', '0'],
  ['(1+pi)^2-1-2pi-pi^2', '0'],
  ['e^2*e^3-e^5', '0'],
  ['sinh(ln(2))', '3/4'],
  ['(1/2)!^2', 'pi/4'],
  ['floor(ln(8)/ln(2))', '3'],
  ['sin(acos(3/5))', '4/5'],
  ['acos(cos(200))', '160'],
  ['sum(k^2,k,1,10)', '385'],
  ['sum(k,k,1,10^6)', '500000500000'],
  ['sum(k^3-k,k,1,1000)', '250499749500'],
  ['sum(sum(j*k,j,1,k),k,1,4)', '65'],
  ['prod(k/(k+1),k,1,99)', '1/100'],
  ['sum(k,k,5,4)', '0'],
  ['prod(k,k,5,4)', '1'],
  ['sum(1/k,k,-1,1)', 'divide-by-zero'],
  ['sum(k,k,1,10^12)', '500000000000500000000000'],
  ['sum(k,k,1,inf)', 'domain'],
  ['sum(k,k,1,1/2)', 'domain'],
  ['integral(3x^2-x,x,1,4)', '111/2'],
  ['integral(3x^2-x,x,4,1)', '-111/2'],
  ['integral(1/sqrt(x),x,0,1)', '2'],
  ['integral(1/x^2,x,1,inf)', '1'],
  ['integral(cbrt(x),x,-1,8)', '45/4'],
  ['integral(1/x,x,0,1)', 'not-converged'],
  ['integral(1/x^2,x,-1,1)', 'not-converged'],
  ['integral(tan(x rad),x,0,3)', 'not-converged'],
  ['integral(Q*x,x,0,1)', 'undefined-name'],
  ['integral(sqrt(x)^2,x,-1,1)', 'domain'],
  ['integral(ln(x),x,-1,1)', 'domain'],
  ['integral(x+10%,x,0,2)', '11/5'],
  ['integral(x%+3%,x,0,2)', '2/25'],
  ['sum(k!+10%,k,1,4)', '363/10'],
  ['integral(x^2+2!,x,0,3)', '15'],
  ['integral(A/x,x,1,inf)', 'undefined-name'],
  ['integral(1/x,x,1,inf)', 'not-converged'],
  ['integral(2,x,1,1)', '0'],
  ['sum(k+10%,k,1,100)', '5555'],
  ['sum(random(),k,1,3000)', '0'],
  ['sum(1/2^k,k,0,5)', '63/32'],
  ['sum(sqrt(k),k,1,4)', '3+sqrt(2)+sqrt(3)'],
  ['sum(Q,k,1,3)', 'undefined-name'],
  ['prod(k,k,1,10^6)', 'too-large'],
  ['derivative(x^3,x,2)', '12'],
  ['derivative(sin(x),x,0)', 'pi/180'],
  ['derivative(abs(x),x,0)', 'domain'],
  ['derivative(ln(x),x,-1)', 'domain'],
  ['derivative(x!,x,2)', 'domain'],
  ['derivative(integral(t^2,t,0,x),x,3)', '9'],
  ['derivative(sum(x^k,k,0,3),x,2)', '17'],
  ['cases(2<1,5,3<4,6,7)', '6'],
  ['cases(1<2,5,1/0)', '5'],
  ['cases(2<1,5,1/0)', 'divide-by-zero'],
  ['slot(3)', 'undefined-name'],
  ['slot(10)', 'syntax'],
  ['total', 'undefined-name'],
  ['i', 'undefined-name'],
  ['re(2)', 'undefined-name'],
  ['inf', 'domain'],
  ['atanh(1)', 'domain'],
  ['acosh(0.9)', 'domain'],
  ['gcd(1.5,2)', 'domain'],
  ['pi^2', 'real'],
  ['pi+1', 'real'],
  ['45° ', '45'],
  ['pi/4 rad', '45'],
  ['50 grad', '45'],
  ['sin 30 cos 60', '1/4'],
  ['sin²45', '1/2'],
  ['sin⁻¹0.5', '30'],
  ['tan(-765)', '-1'],
  ['cos(10^20)', 'real'],
  ['sin(180*10^30)', '0'],
  ['acot 0', '90'],
  ['(-3)!', 'domain'],
  ['0!', '1'],
  ['nCr(52,5)', '2598960'],
  ['nPr(5,6)', '0'],
  ['Ans+1', 'undefined-name'],
  ['e^ln(7)', '7'],
  ['ln(e^-2.5)', '-5/2'],
  ['abs(sqrt(2)-2)', '2-sqrt(2)'],
])('%s is %s', (typed, expected) => expect(exact(typed)).toBe(expected));

test.each([
  ['45°', 'rad', 'pi/4'],
  ['45°', 'grad', '50'],
  ['sin(pi/6)', 'rad', '1/2'],
  ['asin(1)', 'grad', '100'],
  ['atan(1)', 'rad', 'pi/4'],
  ['sin(30°)', 'rad', '1/2'],
  ['90 deg', 'rad', 'pi/2'],
] as const)('%s with %s set is %s', (typed, angle, expected) => expect(exact(typed, angle)).toBe(expected));

test.each([
  ['sin(30)', 1, null, true],
  ['sin(30°)', 0, 'deg', true],
  ['cot(17pi/10 rad)', 0, 'rad', true],
  ['sin(73°24\'36")', 0, 'deg', true],
  ['sin(pi/2)+cos(2pi rad)', 1, null, true],
  ['sin(30°)+cos(2pi rad)', 0, null, true],
  ['asin(sin(30°))', 0, null, true],
  ['asin(1)', 0, null, true],
  ['45°', 0, null, true],
  ['2+ln(3)', 0, null, false],
])('%s has %i unmarked angles, says %s of itself; depends on the unit: %s', (typed, unmarked, unit, depends) => {
  const tree = treeOf(typed);
  expect([unmarkedAngles(tree).length, unitByMarks(tree), usesAngleUnit(tree)]).toEqual([unmarked, unit, depends]);
});

const complexOn = (typed: string): string => {
  const value = evaluate(treeOf(typed), contextOf({ complex: true, shouldContinue }));
  if (!value.ok) return value.problem.code;
  return isExact(value.value) ? printText(exactTree(value.value), TYPED) : 'inexact';
};

// With complex numbers on: principal values throughout.
test.each([
  ['i^2', '-1'],
  ['(-8)^(1/3)', '1+sqrt(3)i'],
  ['cbrt(-8)', '1+sqrt(3)i'],
  ['sqrt(3+4i)', '2+i'],
  ['(1+i)^10', '32i'],
  ['1/(1+i)', '1/2-i/2'],
  ['e^(i*pi)+1', '0'],
  ['abs(3+4i)', '5'],
  ['asin(2)-pi/2', 'inexact'],
  ['sin(asin(2))', '2'],
  ['cos(acos(7))', '7'],
  ['asinh(i)', 'pi i/2'],
  ['ln(-1)', 'pi i'],
  ['ln(0)', 'domain'],
  ['tan(pi/2)', 'domain'],
  ['log(5,1)', 'domain'],
  ['i!', 'inexact'],
  ['floor(1+i)', 'domain'],
  ['1/(i^2+1)', 'divide-by-zero'],
])('with complex numbers, %s is %s', (typed, expected) => expect(complexOn(typed)).toBe(expected));

// Relations: decided exactly where that can be, else by balls that part; null when it stays open.
test.each([
  ['sqrt(8)=2sqrt(2)', true],
  ['1/3+1/6=1/2', true],
  ['pi=22/7', false],
  ['0<1<=1', true],
  ['0<1<1', false],
  ['2!=2 or not 3<2', true],
  ['1<2 and 2<1', false],
  ['e^(ln(2)+ln(3))=6', true],
  ['tan(1 rad)^2+1=sec(1 rad)^2', true],
  ['10^60+sin(1)>10^60', true],
  ['1<2 or 1/0=1', true],
  ['(1+i)^2=2i', true],
  ['tanh(10^6)=1', null],
  ['tanh(10^6)=1 and 1=2', false],
] as const)('%s is %s', (typed, expected) => {
  const made = decideLine(treeOf(typed), contextOf({ angle: 'deg', complex: true, shouldContinue }));
  expect(made.ok ? made.value : made.problem.code).toBe(expected);
});
test.each([
  ['1+i<2', 'domain'],
  ['1/0=1', 'divide-by-zero'],
])('%s is %s', (typed, expected) => {
  const made = decideLine(treeOf(typed), contextOf({ complex: true, shouldContinue }));
  expect(made.ok ? made.value : made.problem.code).toBe(expected);
});

const slopes = [
  'x^3*sin(x)',
  'x^x',
  'ln(x)/x',
  'sqrt(x^2+1)',
  'e^(-x^2)',
  'tan(x)+sec(x)-csc(x)*cot(x)',
  'asin(x/9)*acos(x/9)*atan(x)',
  'asec(x+2)+acsc(x+2)+acot(x)',
  'sinh(x)*cosh(x)/tanh(x)',
  'asinh(x)+acosh(x+1)+atanh(x/9)',
  'log(x,3)+log(3,x)+lg(x)',
  'cbrt(x)+root(5,x)+abs(-x)',
  '(x+10%)^2',
  'x%+x%-(2%+x)',
  'mod(x,5)*max(x,1/9)+min(x,9)+frac(x)',
  'cases(x<9,x^2,0)',
  'sum(x^k/k,k,1,5)',
  'sin(x°)',
];

test.each(slopes)('the derivative of %s is the limit of its difference quotient', (typed) => {
  // (f(a+h) − f(a−h))/2h errs by h²·f‴/6: with h = 10^−25, 40 digits of work leave more than 30 of the quotient.
  for (const a of ['1.3', '2/7', '3.9']) {
    const at = (place: string): Tree => treeOf(typed.replace(/(?<![a-z])x(?![a-z(])/g, `(${place})`));
    const slope = worth(treeOf(`derivative(${typed},x,${a})`), 'rad');
    const [above, below] = [worth(at(`${a}+10^-25`), 'rad'), worth(at(`${a}-10^-25`), 'rad')];
    if (!slope.ok || !above.ok || !below.ok || !isReal(slope.value) || !isReal(above.value) || !isReal(below.value))
      throw new Error(typed);
    const step = multiply(subtract(above.value, below.value), fromRational(q.rational(10n ** 25n, 2n)));
    const apart = roundToFigures(subtract(step, slope.value), 2, shouldContinue);
    if (typeof apart === 'string') throw new Error(apart);
    expect(new Decimal(batchText(apart)).abs().toNumber()).toBeLessThan(1e-40);
  }
});

/** A random expression, and the same worked by a general-purpose library. */
type Pair = { tree: Tree; library: () => Decimal };
const D = Decimal.clone({ precision: 120 });
const functionsOfLibrary: Readonly<Record<string, (x: Decimal) => Decimal>> = {
  sqrt: (x) => D.sqrt(x),
  sin: (x) => D.sin(x),
  cos: (x) => D.cos(x),
  atan: (x) => D.atan(x),
  exp: (x) => D.exp(x),
  ln: (x) => D.ln(x),
};
const number = fc.tuple(fc.integer({ min: 1, max: 99 }), fc.integer({ min: 0, max: 2 })).map(([n, places]): Pair => ({
  tree: numberTree((n / 10 ** places).toFixed(places)),
  library: () => new D(n).div(10 ** places),
}));
const { expression } = fc.letrec<{ expression: Pair }>((tie) => ({
  expression: fc.oneof(
    { maxDepth: 4, depthSize: 'small' },
    number,
    fc
      .tuple(fc.constantFrom('plus', 'minus', 'times', 'over'), tie('expression'), tie('expression'))
      .map(([op, a, b]): Pair => ({
        tree: binaryTree(op as 'plus', a.tree, b.tree),
        library: () => {
          const [x, y] = [a.library(), b.library()];
          return op === 'plus' ? x.add(y) : op === 'minus' ? x.sub(y) : op === 'times' ? x.mul(y) : x.div(y);
        },
      })),
    tie('expression').map((a): Pair => ({ tree: negateTree(a.tree), library: () => a.library().neg() })),
    fc.tuple(fc.constantFrom(...Object.keys(functionsOfLibrary)), tie('expression')).map(([fn, a]): Pair => {
      const library = functionsOfLibrary[fn]!;
      return { tree: callTree(fn, a.tree), library: () => library(a.library()) };
    }),
  ),
}));

test(`random expressions agree with the library wherever it has a value (seed ${SEED})`, () => {
  let compared = 0;
  fc.assert(
    fc.property(expression, ({ tree, library }) => {
      const value = worth(tree, 'rad');
      const rounded = value.ok && isReal(value.value) ? roundToFigures(value.value, 25, shouldContinue) : null;
      const expected = library();
      const size = expected.abs();
      // Beyond these the library itself has lost its digits or given up.
      if (!expected.isFinite() || size.gt('1e40') || (size.lt('1e-40') && !size.isZero())) return;
      if (rounded === null || typeof rounded === 'string') throw new Error(printText(tree, TYPED));
      if (!rounded.settled || expected.isZero()) return;
      compared += 1;
      expect(new D(batchText(rounded)).toString()).toBe(
        expected.toSignificantDigits(25, Decimal.ROUND_HALF_UP).toString(),
      );
    }),
    { seed: SEED, numRuns: 300 },
  );
  expect(compared).toBeGreaterThan(150);
});

// A sum in closed form is the sum of its first terms, added one by one, and of the rest.
test.each(['k^2/3-k', '3*(1/2)^k', '2^(2k-3)/5-k', 'sqrt(2)*k+(-2/3)^k', '-(3^k)'])(
  'the sum of %s over many terms is the sum of its parts',
  (term) => {
    const whole = `sum(${term},k,-3,2500)`;
    const parts = [-3, 0, 900, 1800].map((from, i, all) => `sum(${term},k,${from},${(all[i + 1] ?? 2501) - 1})`);
    const tree = treeOf(`${whole}-(${parts.join('+')})`);
    const value = evaluate(tree, contextOf({ shouldContinue: () => true }));
    expect(value.ok && isReal(value.value) ? signOf(value.value, () => true) : value).toBe(0);
  },
);

test.each([
  ['sum(k^3,k,1,10^7)', '2500000500000025000000000000'],
  ['sum(pi,k,1,10^12)', '1000000000000pi'],
])('%s is exact over any number of terms', (typed, expected) => expect(exact(typed, 'rad')).toBe(expected));

test.each(['sum(sin(k),k,1,10^7)', 'prod(1+1/k^2,k,1,10^7)'])('%s has too many terms', (typed) =>
  expect(evaluate(treeOf(typed), contextOf({ shouldContinue }))).toMatchObject({
    problem: { code: 'stopped', reason: 'terms' },
  }),
);
