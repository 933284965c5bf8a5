import type { SyntaxReason } from '../base/problem';
import type { Span } from '../base/span';
import type { FunctionNames } from './tokens';
import { inside, partsOf } from './tree';
import type { Tree } from './tree';

/** Whether an expression is true or false rather than a number. */
export function isTruth(tree: Tree): boolean {
  const { kind } = inside(tree);
  return kind === 'relation' || kind === 'logic' || kind === 'not';
}

type Wrong = Readonly<{ reason: SyntaxReason; at: Span }>;

/** Where truths are asked for: the parts of `and`, `or`, `not`, and every other argument of cases but the last. */
function wantsTruth(tree: Tree, place: number, functions: FunctionNames): boolean {
  if (tree.kind === 'logic' || tree.kind === 'not') return true;
  if (tree.kind !== 'call' || functions.get(tree.fn)?.form !== 'cases') return false;
  return place % 2 === 0 && place < tree.args.length - 1;
}

/** The first place where a comparison stands for a number or a number for a comparison, or null. */
export function wrongKind(tree: Tree, mustBeNumber: boolean, functions: FunctionNames): Wrong | null {
  if (mustBeNumber && isTruth(tree)) return { reason: 'comparison-as-number', at: tree.span };
  const open = [tree];
  for (let node = open.pop(); node !== undefined; node = open.pop()) {
    const parts = partsOf(node);
    for (const [i, part] of parts.entries()) {
      const isAsked = wantsTruth(node, i, functions);
      if (node.kind !== 'group' && isTruth(part) !== isAsked)
        return { reason: isAsked ? 'number-as-comparison' : 'comparison-as-number', at: part.span };
    }
    open.push(...[...parts].reverse());
  }
  return null;
}
