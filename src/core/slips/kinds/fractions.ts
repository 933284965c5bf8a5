import { binaryTree, groupTree, inside, partsOf, wholeTree } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { byRewriting } from '../slip';
import type { SlipRecord } from '../slip';

type Fraction = Readonly<{ top: Tree; bottom: Tree }>;

const isNumber = (tree: Tree): boolean => ['number', 'letter', 'constant'].includes(inside(tree).kind);

/** A sum or a product of numbers: what may stand above or below a bar without being a term of its own. */
const isPlain = (tree: Tree): boolean => {
  const of = inside(tree);
  return isNumber(of) || (of.kind === 'binary' && partsOf(of).every(isPlain));
};

/** A fraction of plain numbers as it is written; null for anything else. */
function fractionIn(tree: Tree): Fraction | null {
  const of = inside(tree);
  if (of.kind === 'mixed' && of.whole === null) return { top: wholeTree(of.n), bottom: wholeTree(of.d) };
  if (of.kind !== 'binary' || (of.op !== 'over' && of.op !== 'divide')) return null;
  return isPlain(of.left) && isPlain(of.right) ? { top: of.left, bottom: of.right } : null;
}

const over = (top: Tree, bottom: Tree): Tree => groupTree(binaryTree('over', groupTree(top), groupTree(bottom)));

/** Numerators and denominators added by themselves; or numerators that were not extended with their denominators. */
export const fractionsAdded: SlipRecord = {
  name: 'fractions-added',
  cost: 0.9,
  variants: byRewriting(function* (node) {
    if (node.kind !== 'binary' || (node.op !== 'plus' && node.op !== 'minus')) return;
    const [a, b] = [fractionIn(node.left), fractionIn(node.right)];
    if (a === null || b === null) return;
    const { op } = node;
    yield [over(binaryTree(op, a.top, b.top), binaryTree(op, a.bottom, b.bottom)), 0];
    const top = binaryTree(op, a.top, b.top);
    yield [over(top, binaryTree('plus', a.bottom, b.bottom)), 0.3];
    yield [over(top, binaryTree('times', a.bottom, b.bottom)), 0.5];
  }),
};

/** A fraction that was not turned over in a division, or turned where nothing is to be turned. */
export const fractionTurned: SlipRecord = {
  name: 'fraction-turned',
  cost: 1.1,
  variants: byRewriting(function* (node) {
    if (node.kind !== 'binary') return;
    const [a, b] = [fractionIn(node.left), fractionIn(node.right)];
    if (b === null) return;
    const [left, right] = [groupTree(inside(node.left)), groupTree(inside(node.right))];
    if (node.op === 'over' || node.op === 'divide') {
      yield [binaryTree('times', left, right), 0];
      if (a !== null) yield [binaryTree('times', over(a.bottom, a.top), right), 0.2];
    }
    if (a !== null && (node.op === 'times' || node.op === 'implied')) yield [binaryTree('divide', left, right), 0.3];
  }),
};

/** Whole numbers and fractions of mixed numbers multiplied by themselves. */
export const mixedParts: SlipRecord = {
  name: 'mixed-parts',
  cost: 1,
  variants: byRewriting(function* (node) {
    if (node.kind !== 'binary' || node.op === 'plus' || node.op === 'minus') return;
    const [left, right] = [inside(node.left), inside(node.right)];
    if (left.kind !== 'mixed' || right.kind !== 'mixed' || left.whole === null || right.whole === null) return;
    const part = ({ n, d }: typeof left): Tree => groupTree(binaryTree('over', wholeTree(n), wholeTree(d)));
    const wholes = binaryTree(node.op, wholeTree(left.whole), wholeTree(right.whole));
    yield [binaryTree('plus', wholes, binaryTree(node.op, part(left), part(right))), 0];
  }),
};
