import { printText } from './print-text';
import type { DecimalSign } from './numerals';
import type { Reading } from './parse';
import { binaryTree, inside, isShare, numberTree, partsOf, withParts } from './tree';
import type { Tree } from './tree';

/** `isAmbiguous`: the line could be mistaken, so the grouping is worth showing. */
export type ReadAs = Readonly<{ text: string; tree: Tree; isAmbiguous: boolean }>;

const isDivision = (t: Tree): boolean =>
  t.kind === 'binary' && (t.op === 'over' || t.op === 'divide' || t.op === 'mod');
const isOver = (t: Tree): boolean => t.kind === 'binary' && t.op === 'over';
const isImplied = (t: Tree): boolean => t.kind === 'binary' && t.op === 'implied';
const isWrittenProduct = (t: Tree): boolean =>
  t.kind === 'binary' && (t.op === 'times' || t.op === 'divide' || t.op === 'mod');

/**
 * The expression as it was read, with the grouping made explicit where a reader could take it otherwise: a minus before
 * a power, an implied product beside a division, a chain of powers, a product written inside a sum, percent in a sum,
 * a function without brackets, a mixed number, an exponent of ten, a supplied closing bracket.
 */
export function readAs(reading: Reading, style: { decimalSign: DecimalSign; impliedFirst: boolean }): ReadAs {
  let isAmbiguous = reading.supplied > 0;
  const told = <T extends Tree>(tree: T): T => {
    isAmbiguous = true;
    return tree;
  };
  const grouped = (of: Tree): Tree => told({ kind: 'group', of, closed: true, span: of.span });

  const binary = (tree: Tree & { kind: 'binary' }): Tree => {
    const [left, right] = [visit(tree.left), visit(tree.right)];
    const withSides = (l: Tree, r: Tree): Tree => ({ ...tree, left: l, right: r });
    switch (tree.op) {
      case 'plus':
      case 'minus': {
        if (isShare(tree) && right.kind === 'postfix') {
          const share = binaryTree('over', right.of, numberTree('100'));
          const factor = grouped(binaryTree(tree.op, numberTree('1'), share));
          const of = tree.left.kind === 'binary' ? grouped(left) : left;
          return told({ ...binaryTree('times', of, factor), span: tree.span });
        }
        return withSides(
          isWrittenProduct(tree.left) ? grouped(left) : left,
          isWrittenProduct(tree.right) ? grouped(right) : right,
        );
      }
      case 'implied':
        return withSides(isDivision(tree.left) ? grouped(left) : left, isDivision(tree.right) ? grouped(right) : right);
      case 'times':
      case 'divide':
      case 'over':
      case 'mod':
        if (tree.op === 'times')
          return withSides(
            isDivision(tree.left) && tree.left.kind === 'binary' && tree.left.op === 'divide' ? grouped(left) : left,
            right,
          );
        if (tree.op === 'over' && [tree.left, tree.right].some((side) => isOver(inside(side)))) told(tree);
        return withSides(
          isImplied(tree.left) || isWrittenProduct(tree.left) || isOver(tree.left) ? grouped(left) : left,
          isImplied(tree.right) ? grouped(right) : right,
        );
    }
  };

  const visit = (tree: Tree): Tree => {
    switch (tree.kind) {
      case 'negate': {
        const of = visit(tree.of);
        const hides = tree.of.kind === 'power' || tree.of.kind === 'postfix';
        return { ...tree, of: hides ? grouped(of) : of };
      }
      case 'power': {
        const [base, exponent] = [visit(tree.base), visit(tree.exponent)];
        const inExponent = tree.exponent.kind === 'negate' ? tree.exponent.of : tree.exponent;
        const chains = inExponent.kind === 'power' || tree.exponent.kind === 'postfix';
        return {
          ...tree,
          base: tree.base.kind === 'power' ? grouped(base) : base,
          exponent: chains ? grouped(exponent) : exponent,
        };
      }
      case 'binary':
        return binary(tree);
      case 'number': {
        const [digits = '', ten] = tree.written.split('E');
        if (ten === undefined) return tree;
        const size = numberTree(ten.replace('-', ''));
        const exponent: Tree = ten.startsWith('-') ? { kind: 'negate', of: size, span: tree.span } : size;
        const power: Tree = { kind: 'power', base: numberTree('10'), exponent, span: tree.span };
        return grouped({ ...binaryTree('times', numberTree(digits), power), span: tree.span });
      }
      case 'mixed': {
        if (tree.whole === null) return tree;
        const part = binaryTree('over', numberTree(`${tree.n}`), numberTree(`${tree.d}`));
        return grouped({ ...binaryTree('plus', numberTree(`${tree.whole}`), part), span: tree.span });
      }
      case 'call': {
        const args = tree.args.map(visit);
        return tree.bracketed ? { ...tree, args } : told({ ...tree, args, bracketed: true });
      }
      case 'mark': {
        const of = visit(tree.of);
        return { ...tree, of: tree.by === 'word' && tree.of.kind === 'binary' ? grouped(of) : of };
      }
      case 'group':
      case 'postfix':
      case 'not':
        return { ...tree, of: visit(tree.of) };
      case 'relation':
      case 'matrix':
      case 'entry':
      case 'conversion':
        return withParts(tree, partsOf(tree).map(visit));
      case 'logic': {
        const part = (of: Tree): Tree => (of.kind === 'logic' && of.op !== tree.op ? grouped(visit(of)) : visit(of));
        return { ...tree, left: part(tree.left), right: part(tree.right) };
      }
      case 'constant':
      case 'letter':
      case 'dms':
      case 'based':
      case 'box':
        return tree;
    }
  };

  const seen = visit(reading.tree);
  const outer = seen.kind === 'group' && reading.tree.kind !== 'group' ? seen.of : seen;
  const text = printText(outer, { style: 'reading', ...style });
  return { text: reading.target === null ? text : `${reading.target} := ${text}`, tree: outer, isAmbiguous };
}
