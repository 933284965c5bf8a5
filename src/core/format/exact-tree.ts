import {
  binaryTree,
  callTree,
  constantTree,
  matrixTree,
  negateTree,
  numberTree,
  withoutLeadingMinus,
} from '../language/tree';
import type { Tree } from '../language/tree';
import { itemAt } from '../base/item';
import { gcd } from '../number/integer';
import type { Rational } from '../number/rational';
import type { SurdSum } from '../number/surd';
import type { Radical } from '../number/radical';
import type { ExactReal, ExactValue } from '../number/value';

const whole = (n: bigint): Tree => numberTree(n.toString());
const over = (top: Tree, d: bigint): Tree => (d === 1n ? top : binaryTree('over', top, whole(d)));
const signed = (isNegative: boolean, tree: Tree): Tree => (isNegative ? negateTree(tree) : tree);
const size = (n: bigint): bigint => (n < 0n ? -n : n);

export const rationalTree = ({ n, d }: Rational): Tree => over(signed(n < 0n, whole(size(n))), d);

/** c·tree with c in front, left out when it is 1; a minus stands at the very beginning. */
function times(c: bigint, tree: Tree): Tree {
  if (size(c) === 1n) return signed(c < 0n, tree);
  return binaryTree('implied', signed(c < 0n, whole(size(c))), tree);
}

/**
 * The sum over one common denominator; positive terms first, each group by rising radicand, so that 1/(1+√2) is √2 − 1.
 */
function surdTree(sum: SurdSum): Tree {
  const d = sum.reduce((lcm, { coefficient }) => (lcm / gcd(lcm, coefficient.d)) * coefficient.d, 1n);
  const terms = sum.map(({ radicand, coefficient }) => ({ radicand, n: coefficient.n * (d / coefficient.d) }));
  const [first, ...rest] = [...terms.filter((t) => t.n > 0n), ...terms.filter((t) => t.n < 0n)];
  const term = (radicand: bigint, n: bigint): Tree =>
    radicand === 1n ? signed(n < 0n, whole(size(n))) : times(n, callTree('sqrt', whole(radicand)));
  const top = rest.reduce(
    (left, t) => binaryTree(t.n < 0n ? 'minus' : 'plus', left, term(t.radicand, size(t.n))),
    first === undefined ? whole(0n) : term(first.radicand, first.n),
  );
  return over(top, d);
}

/** An exact value as the expression that a textbook would write; π stands in the numerator: 3π/4. */
export function exactTree(v: ExactValue): Tree {
  switch (v.kind) {
    case 'rational':
      return rationalTree(v.value);
    case 'surd':
      return surdTree(v.sum);
    case 'radical':
      return radicalTree(v.of);
    case 'pi':
      return over(times(v.times.n, constantTree('pi')), v.times.d);
    case 'complex':
      return complexTree(v.re, v.im);
    case 'matrix':
      return matrixTree(itemAt(v.rows, 0).length, v.rows.flat().map(exactTree));
  }
}

/** 3∛2 or root(5, 2)/4. */
function radicalTree({ coefficient, radicand, index }: Radical): Tree {
  const root =
    index === 3 ? callTree('cbrt', whole(radicand)) : callTree('root', whole(BigInt(index)), whole(radicand));
  return over(times(coefficient.n, root), coefficient.d);
}

const I = constantTree('i');

/** An imaginary part: the sign in front, i behind the numerator; a sum in brackets before it. */
function imaginaryTree(im: ExactReal): Tree {
  if (im.kind === 'rational') return over(times(im.value.n, I), im.value.d);
  if (im.kind === 'surd' && im.sum.length > 1) return binaryTree('implied', exactTree(im), I);
  const tree = exactTree(im);
  return tree.kind === 'binary' && tree.op === 'over'
    ? binaryTree('over', binaryTree('implied', tree.left, I), tree.right)
    : binaryTree('implied', tree, I);
}

/** a + bi, bi alone when a is zero. */
function complexTree(re: ExactReal, im: ExactReal): Tree {
  const part = imaginaryTree(im);
  if (re.kind === 'rational' && re.value.n === 0n) return part;
  const positive = withoutLeadingMinus(part) ?? fractionWithoutMinus(part);
  return positive === null ? binaryTree('plus', exactTree(re), part) : binaryTree('minus', exactTree(re), positive);
}

function fractionWithoutMinus(tree: Tree): Tree | null {
  if (tree.kind !== 'binary' || tree.op !== 'over') return null;
  const left = withoutLeadingMinus(tree.left);
  return left && { ...tree, left };
}
