import { binaryTree, letterTree, withoutLeadingMinus } from '../../language/tree';
import type { Tree } from '../../language/tree';

/** What the equations of the models are put together from. */

export const X = letterTree('x');

/** left ± right, the sign of the right one drawn out of it. */
export function sum(left: Tree, right: Tree): Tree {
  const size = withoutLeadingMinus(right);
  return size === null ? binaryTree('plus', left, right) : binaryTree('minus', left, size);
}

export const isZero = (tree: Tree): boolean => tree.kind === 'number' && Number(tree.written) === 0;

/** A factor in front, left out when it is one. */
export function times(factor: Tree, of: Tree): Tree {
  if (factor.kind === 'number' && factor.written === '1') return of;
  return binaryTree('times', factor, of);
}
