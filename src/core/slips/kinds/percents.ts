import { binaryTree, groupTree, inside, isPercent, isShare, nodesOf, numberTree } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { numeralValue } from '../../evaluate/numeral';
import * as q from '../../number/rational';
import { decimalText } from '../decimal-text';
import { byRewriting } from '../slip';
import type { SlipRecord } from '../slip';

type Binary = Tree & { kind: 'binary' };
const isBinary = (tree: Tree): tree is Binary => tree.kind === 'binary';
const isSum = (tree: Tree): tree is Binary => isBinary(tree) && (tree.op === 'plus' || tree.op === 'minus');
const isProduct = (tree: Tree): tree is Binary => isBinary(tree) && (tree.op === 'times' || tree.op === 'implied');
const isQuotient = (tree: Tree): tree is Binary => isBinary(tree) && (tree.op === 'over' || tree.op === 'divide');

const ONE = numberTree('1');
const one = (tree: Tree): boolean => tree.kind === 'number' && tree.written === '1';
const times = (a: Tree, b: Tree): Tree => binaryTree('times', a, b);
const opposite = { plus: 'minus', minus: 'plus' } as const;

/** What a share is written as: a percent, a decimal, a fraction. */
const isPart = (share: Tree): boolean =>
  isPercent(share) || isQuotient(inside(share)) || (share.kind === 'number' && share.written.includes('.'));

/** 1 ± share as `1 + 15%` or 1.15 give it: its sign and the share. */
function factorOf(tree: Tree): Readonly<{ op: 'plus' | 'minus'; share: Tree; isNumeral: boolean }> | null {
  const of = inside(tree);
  if (isSum(of) && one(of.left) && isPart(of.right))
    return { op: of.op === 'plus' ? 'plus' : 'minus', share: of.right, isNumeral: false };
  const value = of.kind === 'number' && of.written.includes('.') ? numeralValue(of.written) : null;
  if (value === null || q.sign(value) <= 0 || q.compare(value, q.whole(2)) >= 0) return null;
  const share = q.subtract(value, q.ONE);
  if (q.isZero(share)) return null;
  const text = decimalText(q.magnitude(share));
  return text === null ? null : { op: q.sign(share) > 0 ? 'plus' : 'minus', share: numberTree(text), isNumeral: true };
}

/** 1 ± share, as a numeral where it came from one. */
function factor(op: 'plus' | 'minus', share: Tree, isNumeral: boolean): Tree {
  const value = isNumeral && share.kind === 'number' ? numeralValue(share.written) : null;
  const text = value === null ? null : decimalText(op === 'plus' ? q.add(q.ONE, value) : q.subtract(q.ONE, value));
  return text === null ? groupTree(binaryTree(op, ONE, share)) : numberTree(text);
}

/** A percent added as a number, or multiplied where it is to be added. */
export const percentAdded: SlipRecord = {
  name: 'percent-added',
  cost: 1,
  variants: byRewriting(function* (node) {
    if (!isBinary(node)) return;
    const { left, right } = node;
    if (isShare(node) && right.kind === 'postfix') {
      yield [{ ...node, right: groupTree(right) }, 0];
      yield [times(left, right), 0];
      yield [binaryTree(node.op === 'plus' ? 'minus' : 'plus', left, right), 0.6];
      yield [{ ...node, right: right.of }, 0.4];
    }
    if (isSum(node) && right.kind === 'group' && isPercent(right.of)) yield [{ ...node, right: right.of }, 0];
    if (isProduct(node)) {
      for (const [share, of] of [
        [right, left],
        [left, right],
      ] as const) {
        if (isPercent(inside(share))) {
          const percent = inside(share) as Tree & { kind: 'postfix' };
          yield [binaryTree('plus', of, percent), 0];
          yield [binaryTree('minus', of, percent), 0.2];
          yield [binaryTree('plus', of, groupTree(percent)), 0.3];
        }
        const by = factorOf(share);
        if (by === null) continue;
        yield [binaryTree(by.op, of, isPercent(by.share) ? groupTree(by.share) : by.share), 0.5];
        yield [times(of, by.share), 0.4];
        yield [times(of, factor(opposite[by.op], by.share, by.isNumeral)), 0.7];
      }
    }
  }),
};

/** Whether the line is about shares: it has a percent sign or a factor of a hundred. */
const mentionsPercent = (tree: Tree): boolean =>
  [...nodesOf(tree)].some((node) => isPercent(node) || (node.kind === 'number' && node.written === '100'));

/** A percent taken of another base than the one that is meant. */
export const percentBase: SlipRecord = {
  name: 'percent-base',
  cost: 1.2,
  *variants(line) {
    const isOfPercent = mentionsPercent(line.tree);
    yield* byRewriting(function* (node) {
      if (!isBinary(node)) return;
      const { left, right } = node;
      if (isShare(node) && right.kind === 'postfix') {
        const op = node.op === 'plus' ? 'plus' : 'minus';
        // The share of what there was before beside the share of what comes out.
        yield [binaryTree('over', left, groupTree(binaryTree(opposite[op], ONE, right))), 0.2];
        yield [binaryTree('over', left, groupTree(binaryTree(op, ONE, right))), 0.5];
        // Both percents of the first value.
        const first = left.kind === 'binary' && isShare(left) ? left : null;
        if (first !== null && first.right.kind === 'postfix') {
          const base = first.left;
          const sum = binaryTree(first.op, base, times(base, first.right));
          yield [binaryTree(node.op, sum, times(base, right)), 0];
        }
      }
      // Two factors taken for the sum of their percents.
      const before = isProduct(node) && isProduct(left) ? factorOf(left.right) : null;
      const last = before === null ? null : factorOf(right);
      if (before !== null && last !== null && isProduct(left)) {
        const one = binaryTree(before.op, ONE, before.share);
        yield [times(left.left, groupTree(binaryTree(last.op, one, last.share))), 0];
      }
      const share = isQuotient(node) || isProduct(node) ? factorOf(right) : null;
      if (share !== null && isQuotient(node)) {
        yield [times(left, factor(opposite[share.op], share.share, share.isNumeral)), 0];
        yield [times(left, factor(share.op, share.share, share.isNumeral)), 0.4];
      }
      if (share !== null && isProduct(node)) {
        yield [binaryTree('over', left, factor(opposite[share.op], share.share, share.isNumeral)), 0.3];
        yield [binaryTree('over', left, factor(share.op, share.share, share.isNumeral)), 0.6];
      }
      if (!isQuotient(node)) return;
      // A change measured by what came out, and a share turned round.
      const change = inside(left);
      if (isSum(change)) {
        const under = line.text.slice(inside(right).span.from, inside(right).span.to);
        const sides = [change.left, change.right];
        for (const [i, side] of sides.entries())
          if (under === line.text.slice(side.span.from, side.span.to)) {
            const other = sides[1 - i];
            if (other !== undefined) yield [{ ...node, right: other }, 0];
          }
      }
      if (isOfPercent) yield [{ ...node, left: right, right: left }, 0.3];
    })(line);
  },
};
