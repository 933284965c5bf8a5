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
import { isExact, isReal } from '../number/value';
import { contextOf } from './context';
import { evaluate } from './evaluate';
import { anglesWithPi, unmarkedAngles, usesAngleUnit } from './observe';

const SEED = 20261129;
const alive = () => true;
const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const treeOf = (typed: string): Tree => {
  const reading = parse(typed, options);
  if (!reading.ok) throw new Error(`${typed}: ${reading.problem.code}`);
  return reading.value.tree;
};
const worth = (tree: Tree, angle: 'deg' | 'rad' | 'grad' = 'deg') =>
  evaluate(tree, contextOf({ angle, alive }));
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
  ['sin(30)', 1, 0, true],
  ['sin(30°)', 0, 0, true],
  ['sin(pi/2)+cos(2pi rad)', 1, 1, true],
  ['asin(1)', 0, 0, true],
  ['45°', 0, 0, true],
  ['2+ln(3)', 0, 0, false],
])('%s has %i unmarked angles, %i of them with π; depends on the unit: %s', (typed, unmarked, withPi, depends) => {
  const tree = treeOf(typed);
  expect([unmarkedAngles(tree).length, anglesWithPi(tree).length, usesAngleUnit(tree)]).toEqual([
    unmarked,
    withPi,
    depends,
  ]);
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
      const rounded = value.ok && isReal(value.value) ? roundToFigures(value.value, 25, alive) : null;
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
    { seed: SEED, numRuns: 500 },
  );
  expect(compared).toBeGreaterThan(250);
});
