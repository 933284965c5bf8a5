import { contextOf } from '../evaluate/context';
import { exactTree } from '../format/exact-tree';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import { printText, TYPED } from '../language/print-text';
import { binaryTree, groupTree } from '../language/tree';
import type { Tree } from '../language/tree';
import { interval } from '../number/interval';
import { isExact } from '../number/value';
import { nonlinearPair } from './nonlinear-pair';
import type { Root } from './root';

const tree = (text: string): Tree => {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(text);
  return reading.value.tree;
};
const difference = (text: string): Tree => {
  const [left = '', right = ''] = text.split('=');
  return binaryTree('minus', tree(left), groupTree(tree(right)));
};
const found = (first: string, second: string, half = 10) =>
  nonlinearPair(
    [difference(first), difference(second)],
    ['x', 'y'],
    { x: interval(-half, half), y: interval(-half, half) },
    contextOf({ shouldContinue: () => true }),
  );

const digits = (root: Root): string => {
  if (root.kind === 'exact') return isExact(root.value) ? printText(exactTree(root.value), TYPED) : '?';
  const scale = 10n ** 36n;
  const [low, high] = [root.low, root.high].map(({ n, d }) => (n * scale) / d);
  if (low === undefined || high === undefined || high - low > 1n) return 'wide';
  return `${Number((low * 10n ** 4n) / 10n ** 36n) / 1e4}`;
};

// Each is worked by hand: one of the letters is put into the other equation.
test.each([
  ['x^2+y^2=25', 'x+y=7', '3 4 | 4 3', true],
  ['x*y=6', 'x^2-y^2=5', '-3 -2 | 3 2', true],
  ['y=x^2', 'y=x+1', '(1+sqrt(5))/2 (3+sqrt(5))/2 | (1-sqrt(5))/2 (3-sqrt(5))/2', true],
  ['x^2+y^2=4', 'y=x^2', '-1.2496 1.5615 | 1.2496 1.5615', true],
  ['x^2+y^2=1', 'x+y=3', '', true],
  // Put in: 1/1.0750 = 0.9301 = e^1.0750 − 2.
  ['e^x=y+2', 'x*y=1', '-0.6715 -1.489 | 1.075 0.9301', true],
  // The line touches the circle: found exactly, but not proved to be all.
  ['x^2+y^2=1', 'x+y=sqrt(2)', 'sqrt(2)/2 sqrt(2)/2', false],
  // On the edge of the box.
  ['x=10', 'y=-10', '10 -10', true],
])('%s and %s', (first, second, pairs, isComplete) => {
  const result = found(first, second);
  const told = result?.pairs.map(([x, y]) => `${digits(x)} ${digits(y)}`).sort();
  expect(told).toEqual(pairs === '' ? [] : pairs.split(' | ').sort());
  expect(result?.isComplete || !isComplete).toBe(true);
});

test('a box in which nothing can be decided everywhere says where', () => {
  const result = found('(x-y)^2=0', 'x=1.23456789101112131415');
  expect([result?.isComplete, result?.pairs.length]).toEqual([false, 0]);
  expect(result?.open.every(([x, y]) => Math.abs(x - y) < 1e-3)).toBe(true);
});

test('an equation without slopes that can be written down is not searched', () => {
  expect(found('gcd(x,y)=2', 'x=4')).toBeNull();
});
