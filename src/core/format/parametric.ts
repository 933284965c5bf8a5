import { binaryTree, groupTree, letterTree, withoutLeadingMinus } from '../language/tree';
import type { Tree } from '../language/tree';
import { isExact } from '../number/value';
import type { Scalar } from '../number/value';
import { exactTree } from './exact-tree';

/** A number as it is written: exactly, or by another way for what is not exact. */
export type WriteNumber = (v: Scalar) => Tree | null;

export const exactly: WriteNumber = (v) => (isExact(v) ? exactTree(v) : null);

export const isNumber = (tree: Tree, written: string): boolean => tree.kind === 'number' && tree.written === written;

/** A number times a letter: t, −t, 2t, (1 + √2)t. */
function timesLetter(times: Tree, name: string): Tree {
  const letter = letterTree(name);
  if (isNumber(times, '1')) return letter;
  if (times.kind === 'negate' && isNumber(times.of, '1')) return { ...times, of: letter };
  const isSum = times.kind === 'binary' && (times.op === 'plus' || times.op === 'minus');
  return binaryTree('implied', isSum ? groupTree(times) : times, letter);
}

/** constant + c₁t₁ + … as it is written on paper; null where a number has no such form. */
export function parametricTree(
  constant: Scalar,
  along: readonly Readonly<{ parameter: string; times: Scalar }>[],
  write: WriteNumber = exactly,
): Tree | null {
  let tree = write(constant);
  if (tree === null) return null;
  for (const { parameter, times } of along) {
    const factor = write(times);
    if (factor === null) return null;
    const term = timesLetter(factor, parameter);
    const positive = withoutLeadingMinus(term);
    const isFirst = isNumber(tree, '0');
    tree = isFirst ? term : binaryTree(positive === null ? 'plus' : 'minus', tree, positive ?? term);
  }
  return tree;
}
