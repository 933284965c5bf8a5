import { itemAt, lastOf } from '../base/item';
import { binaryTree, groupTree, letterTree, numberTree, powerTree, withoutLeadingMinus } from '../language/tree';
import type { Tree } from '../language/tree';
import { keyOf } from '../number/polynomial';
import type { Monomial, Polynomial, Term } from '../number/polynomial';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { fromRational } from '../number/value';
import { exactTree, rationalTree } from './exact-tree';
import { isNumber } from './parametric';
import type { ExactReal } from '../number/value';

/** Coefficients from the constant one upwards. */
type Coefficients = readonly Rational[];

const joined = (left: Tree | null, term: Tree): Tree => {
  if (left === null) return term;
  const positive = withoutLeadingMinus(term);
  return binaryTree(positive === null ? 'plus' : 'minus', left, positive ?? term);
};

const powerOf = (base: Tree, n: number): Tree => (n === 1 ? base : powerTree(base, numberTree(`${n}`)));

const isSum = (tree: Tree): boolean => tree.kind === 'binary' && (tree.op === 'plus' || tree.op === 'minus');

/** c·tree, without a 1 in front; a minus stands at the very beginning. */
function timesTree(c: Rational, tree: Tree): Tree {
  if (q.equal(c, q.ONE)) return tree;
  const factor = rationalTree(c);
  if (factor.kind === 'negate' && isNumber(factor.of, '1')) return { ...factor, of: tree };
  return binaryTree('implied', factor.kind === 'binary' ? groupTree(factor) : factor, tree);
}

/** A polynomial as it is written on paper, the highest power first: 2x^3 − x + 5. */
export function polynomialTree(p: Coefficients, letter: string): Tree {
  let tree: Tree | null = null;
  for (let n = p.length - 1; n >= 0; n -= 1) {
    const c = itemAt(p, n);
    if (q.isZero(c)) continue;
    tree = joined(tree, n === 0 ? rationalTree(c) : timesTree(c, powerOf(letterTree(letter), n)));
  }
  return tree ?? numberTree('0');
}

/** What a polynomial is a product of: x less a root, or a polynomial that is not taken apart further, each to a power. */
export type Factor = Readonly<{ of: Readonly<{ root: ExactReal } | { polynomial: Coefficients }>; power: number }>;

/** lead · (x − 1)^2 · (x^2 + 1): factors as they are written on paper. */
export function factoredTree(lead: Rational, factors: readonly Factor[], letter: string): Tree {
  const [only] = factors;
  const isOne = q.equal(lead, q.ONE);
  if (factors.length === 1 && only?.power === 1 && isOne) return innerOf(only, letter);
  const [first, ...rest] = factors.map((factor) => {
    const inner = innerOf(factor, letter);
    return powerOf(inner.kind === 'letter' ? inner : groupTree(inner), factor.power);
  });
  if (first === undefined) return rationalTree(lead);
  return rest.reduce((left, factor) => binaryTree('implied', left, factor), timesTree(lead, first));
}

const innerOf = ({ of }: Factor, letter: string): Tree =>
  'polynomial' in of
    ? polynomialTree(of.polynomial, letter)
    : isZero(of.root)
      ? letterTree(letter)
      : joined(letterTree(letter), lessTree(of.root));

const isZero = (v: ExactReal): boolean => v.kind === 'rational' && q.isZero(v.value);

/** −v as a term that follows a letter. */
function lessTree(v: ExactReal): Tree {
  if (v.kind === 'rational') return exactTree(fromRational(q.negate(v.value)));
  const tree = exactTree(v);
  const positive = withoutLeadingMinus(tree);
  // A sum, also one over a denominator, changes all its signs: it stays in brackets.
  if (isSum(tree)) return { kind: 'negate', of: groupTree(tree), span: tree.span };
  return positive ?? { kind: 'negate', of: tree, span: tree.span };
}

/** The same quadratic polynomial, written step by step as a square and what is left: a(x + h)^2 + k. */
export function completedSquare(p: Coefficients, letter: string): readonly Tree[] {
  const [c, b, a] = [itemAt(p, 0), itemAt(p, 1), lastOf(p)];
  const shift = q.divide(b, q.multiply(q.whole(2), a));
  const square = q.multiply(shift, shift);
  const x = letterTree(letter);
  const inA = (inner: Tree): Tree => (q.equal(a, q.ONE) ? inner : timesTree(a, groupTree(inner)));
  const plus = (left: Tree, v: Rational): Tree => (q.isZero(v) ? left : joined(left, rationalTree(v)));
  const steps: Tree[] = [polynomialTree(p, letter)];
  if (q.isZero(b)) return steps;
  const linear = polynomialTree([q.ZERO, q.divide(b, a), q.ONE], letter);
  if (!q.equal(a, q.ONE)) steps.push(plus(inA(linear), c));
  const size = rationalTree(q.magnitude(shift));
  const squared = powerOf(size.kind === 'number' ? size : groupTree(size), 2);
  steps.push(plus(inA(binaryTree('minus', binaryTree('plus', linear, squared), squared)), c));
  const whole = powerOf(groupTree(plus(x, shift)), 2);
  steps.push(plus(joined(timesTree(a, whole), rationalTree(q.negate(q.multiply(a, square)))), c));
  const last = plus(timesTree(a, whole), q.subtract(c, q.multiply(a, square)));
  return q.isZero(c) ? [...steps.slice(0, -1), last] : [...steps, last];
}

/** A product of powers of letters; null for 1. */
function lettersTree(of: Monomial): Tree | null {
  const powers = [...of].sort(([a], [b]) => (a < b ? -1 : 1));
  return powers.reduce<Tree | null>((left, [name, exponent]) => {
    const factor = powerOf(letterTree(name), Number(exponent.n));
    return left === null ? factor : binaryTree('implied', left, factor);
  }, null);
}

const degreeOf = ({ of }: Term): number => [...of.values()].reduce((sum, { n }) => sum + Number(n), 0);

/** A polynomial in several letters: the terms of highest degree first, those of one degree in the order of their letters. */
function sumTree(p: Polynomial): Tree {
  const terms = [...p.values()].sort((a, b) => degreeOf(b) - degreeOf(a) || (keyOf(a.of) < keyOf(b.of) ? -1 : 1));
  const tree = terms.reduce<Tree | null>((left, { of, coefficient }) => {
    const letters = lettersTree(of);
    return joined(left, letters === null ? rationalTree(coefficient) : timesTree(coefficient, letters));
  }, null);
  return tree ?? numberTree('0');
}

/** A quotient of polynomials in several letters as it is written on paper. */
export const fractionTree = ({ top, bottom }: Readonly<{ top: Polynomial; bottom: Polynomial }>): Tree => {
  const below = sumTree(bottom);
  return isNumber(below, '1') ? sumTree(top) : binaryTree('over', sumTree(top), below);
};
