import { binaryTree, callTree, groupTree, inside, numberTree, powerTree } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { byRewriting } from '../slip';
import type { SlipRecord } from '../slip';

type Sum = Tree & { kind: 'binary'; op: 'plus' | 'minus' };

const isSum = (tree: Tree): tree is Sum => tree.kind === 'binary' && (tree.op === 'plus' || tree.op === 'minus');
const isQuotient = (tree: Tree): tree is Tree & { kind: 'binary' } =>
  tree.kind === 'binary' && (tree.op === 'over' || tree.op === 'divide');
const isProduct = (tree: Tree): tree is Tree & { kind: 'binary' } =>
  tree.kind === 'binary' && (tree.op === 'times' || tree.op === 'implied');

/** Functions of one value that are not linear, and of which people take that they are. */
const SPLIT = new Set(['sqrt', 'cbrt', 'log', 'ln', 'lg', 'exp', 'sin', 'cos', 'tan']);

/** Each term of a sum by itself: `by` of a + b becomes `by` of a + `by` of b. */
function eachTerm(sum: Tree, by: (term: Tree) => Tree): Tree {
  if (!isSum(sum)) return by(sum);
  const left = inside(sum.left);
  return groupTree(binaryTree(sum.op, isSum(left) ? eachTerm(left, by) : by(sum.left), by(sum.right)));
}

/** A power, a root, a function or a quotient of a sum taken term by term. */
export const termByTerm: SlipRecord = {
  name: 'term-by-term',
  cost: 0.9,
  variants: byRewriting(function* (node) {
    if (node.kind === 'power') {
      const base = inside(node.base);
      if (isSum(base)) yield [eachTerm(base, (term) => powerTree(groupTree(term), node.exponent)), 0];
      const exponent = inside(node.exponent);
      if (isSum(exponent) && node.base.kind !== 'number')
        yield [eachTerm(exponent, (term) => powerTree(node.base, term)), 0.5];
    }
    if (node.kind === 'call') {
      const [first, second] = node.args;
      if (first === undefined) return;
      const of = inside(node.fn === 'root' && second !== undefined ? second : first);
      const { fn } = node;
      const by = (term: Tree): Tree => {
        if (fn === 'root') return callTree(fn, first, term);
        return fn === 'log' && second !== undefined ? callTree(fn, term, second) : callTree(fn, term);
      };
      if (!SPLIT.has(fn) && fn !== 'root') return;
      if (isSum(of)) yield [eachTerm(of, by), 0];
      // log(a · b) taken as log a · log b, and sin(2 · 30) as 2 · sin 30.
      const isLog = ['log', 'ln', 'lg'].includes(fn);
      if (isLog && (isProduct(of) || isQuotient(of))) yield [binaryTree(of.op, by(of.left), by(of.right)), 0.3];
      if (isProduct(of) && ['sin', 'cos', 'tan'].includes(fn)) yield [binaryTree('times', of.left, by(of.right)), 0.4];
    }
    if (isQuotient(node)) {
      const below = inside(node.right);
      if (isSum(below)) yield [eachTerm(below, (term) => binaryTree(node.op, node.left, groupTree(term))), 0.1];
    }
  }),
};

/** One term of a sum that was left out where all of it is divided, multiplied or raised. */
export const oneTerm: SlipRecord = {
  name: 'one-term',
  cost: 1.3,
  variants: byRewriting(function* (node) {
    if (node.kind === 'power') {
      // Only the numerator is squared, or only one factor.
      const base = inside(node.base);
      if (isQuotient(base)) yield [binaryTree('over', powerTree(base.left, node.exponent), base.right), 0];
      if (isProduct(base)) yield [binaryTree('times', powerTree(base.left, node.exponent), base.right), 0];
      return;
    }
    if (node.kind !== 'binary') return;
    const [left, right] = [inside(node.left), inside(node.right)];
    if (isQuotient(node) && isSum(left)) {
      yield [binaryTree(left.op, binaryTree(node.op, left.left, node.right), left.right), 0];
      yield [binaryTree(left.op, left.left, binaryTree(node.op, left.right, node.right)), 0.1];
    }
    if (!isProduct(node)) return;
    if (isSum(right)) {
      yield [binaryTree(right.op, binaryTree('times', node.left, right.left), right.right), 0];
      yield [binaryTree(right.op, right.left, binaryTree('times', node.left, right.right)), 0.3];
    }
    if (isSum(left)) yield [binaryTree(left.op, left.left, binaryTree('times', left.right, node.right)), 0];
  }),
};

const isSame = (a: Tree, b: Tree): boolean =>
  (a.kind === 'number' && b.kind === 'number' && a.written === b.written) ||
  (a.kind === 'letter' && b.kind === 'letter' && a.name === b.name);

/** The power rules mixed up: exponents multiplied that are to be added, added that are to be multiplied, and so on. */
export const exponentLaw: SlipRecord = {
  name: 'exponent-law',
  cost: 1.1,
  variants: byRewriting(function* (node) {
    if (node.kind === 'power') {
      const base = inside(node.base);
      if (base.kind === 'power')
        yield [powerTree(base.base, groupTree(binaryTree('plus', base.exponent, node.exponent))), 0];
      const exponent = inside(node.exponent);
      if (exponent.kind === 'number' && exponent.written === '0') yield [numberTree('0'), 0];
      return;
    }
    if (node.kind !== 'binary') return;
    const [left, right] = [inside(node.left), inside(node.right)];
    if (left.kind !== 'power' || right.kind !== 'power') return;
    const { op } = node;
    const joined = (by: typeof op): Tree => groupTree(binaryTree(by, left.exponent, right.exponent));
    if (!isSame(inside(left.base), inside(right.base))) {
      const product = groupTree(binaryTree('times', left.base, right.base));
      if (isProduct(node)) yield [powerTree(product, joined('plus')), 0.4];
      return;
    }
    if (isProduct(node)) {
      yield [powerTree(left.base, joined('times')), 0];
      yield [powerTree(groupTree(binaryTree('times', left.base, right.base)), joined('plus')), 0.2];
    } else if (op === 'over' || op === 'divide') {
      yield [powerTree(left.base, joined('over')), 0];
      yield [powerTree(groupTree(binaryTree('over', left.base, right.base)), joined('minus')), 0.2];
    } else {
      yield [powerTree(left.base, joined(op)), 0];
    }
  }),
};
