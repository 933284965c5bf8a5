import { standingOfCall } from '../function';
import type { Standing } from '../notation/notation';
import { isOpenAtEnd } from '../notation/layout';
import type { Tree } from './tree';

export type Call = Tree & { kind: 'call' };

/** How a call stands on paper; null where it is written by its name, with its values in brackets. */
export function standingOfTree({ fn, args }: Call): Standing | null {
  const found = standingOfCall(fn, args.length);
  const isNamed = found?.notation.isNameOverNumbers === true && args.some((arg) => arg.kind === 'number');
  return isNamed ? null : found;
}

/** Whether a call is drawn so that nothing shows where what it reaches over ends. */
export function isOpenCall(tree: Tree): boolean {
  const found = tree.kind === 'call' ? standingOfTree(tree) : null;
  return found !== null && isOpenAtEnd(found.layout);
}

/** Whether a sign before it would not be seen to reach over all of it. */
export const isSum = (tree: Tree): boolean => tree.kind === 'binary' && (tree.op === 'plus' || tree.op === 'minus');
