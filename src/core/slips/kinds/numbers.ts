import { binaryTree, groupTree, inside, negateTree, nodesOf, numberTree, wholeTree } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { byRewriting, rewritten } from '../slip';
import type { SlipRecord } from '../slip';

const isWhole = (tree: Tree): tree is Tree & { kind: 'number' } => tree.kind === 'number' && /^\d+$/.test(tree.written);
const isQuotient = (tree: Tree): tree is Tree & { kind: 'binary' } =>
  tree.kind === 'binary' && (tree.op === 'over' || tree.op === 'divide');

/** A mixed number as it would be written, of a whole number and a proper fraction. */
function mixedOf(whole: Tree, n: Tree, d: Tree): Tree | null {
  if (!isWhole(whole) || !isWhole(n) || !isWhole(d)) return null;
  const [top, bottom] = [BigInt(n.written), BigInt(d.written)];
  return top > 0n && top < bottom
    ? { kind: 'mixed', whole: BigInt(whole.written), n: top, d: bottom, span: whole.span }
    : null;
}

/** A mixed number taken as a product, and the other way. */
export const mixedProduct: SlipRecord = {
  name: 'mixed-product',
  cost: 0.9,
  variants: byRewriting(function* (node) {
    const product = (whole: Tree, part: Tree): Tree => groupTree(binaryTree('times', whole, part));
    if (node.kind === 'mixed' && node.whole !== null)
      yield [product(wholeTree(node.whole), binaryTree('over', wholeTree(node.n), wholeTree(node.d))), 0];
    if (node.kind !== 'binary') return;
    const { left, right, op } = node;
    const part = inside(right);
    const beside = op === 'times' || op === 'implied' || op === 'plus';
    const mixed = beside && isQuotient(part) ? mixedOf(left, part.left, part.right) : null;
    if (mixed !== null) yield op === 'plus' ? [product(left, part), 0.6] : [mixed, 0.2];
    if (isQuotient(node) && left.kind === 'binary' && (left.op === 'times' || left.op === 'implied')) {
      const whole = mixedOf(left.left, left.right, right);
      if (whole !== null) yield [whole, 0.2];
    }
  }),
};

/** What is used as a number: written, kept, or known. */
const isOperand = (tree: Tree): boolean => {
  const { kind } = inside(tree);
  return ['number', 'mixed', 'dms', 'constant', 'letter', 'based'].includes(kind);
};

const costOf = (tree: Tree): number => (isOperand(tree) ? 0 : 0.9);

/** A number of the line that was not used. */
export const numberNotUsed: SlipRecord = {
  name: 'number-not-used',
  cost: 2.5,
  variants: byRewriting(function* (node) {
    if (node.kind === 'power') yield [node.base, 0.4];
    if (node.kind !== 'binary') return;
    const { op, left, right } = node;
    yield [left, costOf(right)];
    if (op === 'plus' || op === 'times' || op === 'implied') yield [right, costOf(left)];
    if (op === 'minus') yield [groupTree(negateTree(right)), 0.3 + costOf(left)];
    if (op === 'minus') yield [right, 0.6 + costOf(left)];
    if (op === 'over' || op === 'divide') {
      yield [binaryTree(op, numberTree('1'), right), 0.5 + costOf(left)];
      yield [right, 0.6 + costOf(left)];
    }
  }),
};

/** What may be taken for another: a letter, or a number of more than one digit. */
const isTaken = (node: Tree): boolean => node.kind === 'letter' || (node.kind === 'number' && node.written.length > 1);

/** A number of the line that was used once more, or in the place of another. */
export const numberTwice: SlipRecord = {
  name: 'number-twice',
  cost: 2.7,
  *variants(line) {
    yield* rewritten(line.tree, function* (node) {
      if (node.kind !== 'binary') return;
      const { op, left, right } = node;
      const isSum = op === 'plus' || op === 'times' || op === 'implied';
      if (!isSum) return;
      yield [binaryTree(op, node, right), costOf(right)];
      yield [{ ...node, left: binaryTree(op, left, left) }, costOf(left)];
    });
    const numbers = [...nodesOf(line.tree)].filter(isTaken);
    yield* rewritten(line.tree, function* (node) {
      if (!isTaken(node)) return;
      for (const other of numbers)
        if (line.text.slice(other.span.from, other.span.to) !== line.text.slice(node.span.from, node.span.to))
          yield [other, 0.5];
    });
  },
};
