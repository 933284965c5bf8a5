import { binaryTree, callTree, groupTree, inside, negateTree, numberTree } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { byRewriting } from '../slip';
import type { SlipRecord } from '../slip';

const negated = (of: Tree): Tree => groupTree(negateTree(of));

/** A minus read as the sign of what follows, a sign read as a minus, a sign lost or carried too far. */
export const minus: SlipRecord = {
  name: 'minus',
  cost: 1.5,
  variants: byRewriting(function* (node) {
    if (node.kind === 'binary') {
      const { left, right } = node;
      const sign = inside(right);
      if (node.op === 'minus') {
        yield [binaryTree('times', left, negated(right)), 0];
        yield [binaryTree('plus', left, right), 0.8];
        yield [binaryTree('minus', right, left), 0.8];
      }
      if (node.op === 'plus') yield [binaryTree('minus', left, right), 1];
      if ((node.op === 'times' || node.op === 'implied') && sign.kind === 'negate')
        yield [binaryTree('minus', left, sign.of), 0];
      const first = left.kind === 'negate' ? left : null;
      if (first !== null && (node.op === 'plus' || node.op === 'minus'))
        yield [negateTree(groupTree(binaryTree(node.op, first.of, right))), 0.6];
    }
    if (node.kind === 'negate') {
      yield [node.of, 0.7];
      // −2 1/2 taken as −2 and a half more.
      if (node.of.kind === 'mixed' && node.of.whole !== null) {
        const part = binaryTree('over', numberTree(`${node.of.n}`), numberTree(`${node.of.d}`));
        yield [binaryTree('plus', negateTree(numberTree(`${node.of.whole}`)), part), 0.5];
      }
    }
    const [only] = node.kind === 'call' ? node.args : [];
    if (node.kind === 'call' && node.args.length === 1 && only !== undefined && inside(only).kind === 'negate')
      yield [negateTree(callTree(node.fn, (inside(only) as Tree & { kind: 'negate' }).of)), 1];
  }),
};
