import { evaluate } from '../evaluate/evaluate';
import type { Context } from '../evaluate/context';
import { mentions } from '../evaluate/real-expr';
import { printText, TYPED } from '../language/print-text';
import { binaryTree, inside, isPercent, negateTree, numberTree } from '../language/tree';
import type { Tree } from '../language/tree';
import { signOf } from '../number/sign';
import { isReal } from '../number/value';

/** Functions that have no zeros, and those that are zero where what is given to them is. */
const NEVER: ReadonlySet<string> = new Set(['exp', 'cosh', 'sec', 'csc']);
const AS_ARGUMENT: ReadonlySet<string> = new Set(['abs', 'sqrt', 'cbrt', 'sign']);
const MOST_TERMS = 40;

/** The sign of a part that does not hold the letter; null when it is not known. */
function signOfConstant(tree: Tree, context: Context): -1 | 0 | 1 | null {
  const value = evaluate(tree, context);
  if (!value.ok || !isReal(value.value)) return null;
  const sign = signOf(value.value, context.shouldContinue);
  return typeof sign === 'number' ? sign : null;
}

type Term = Readonly<{ isNegative: boolean; factors: readonly Tree[] }>;

const product = (factors: readonly Tree[]): Tree =>
  factors.length === 0 ? numberTree('1') : factors.reduce((a, b) => binaryTree('times', a, b));

/** What is added and taken away, each with its factors; null where a share is taken, which is no plain sum. */
function termsOf(tree: Tree, isNegative = false): readonly Term[] | null {
  const node = inside(tree);
  if (node.kind === 'negate') return termsOf(node.of, !isNegative);
  if (node.kind === 'binary' && (node.op === 'plus' || node.op === 'minus')) {
    if (isPercent(node.right)) return null;
    const left = termsOf(node.left, isNegative);
    const right = termsOf(node.right, node.op === 'minus' ? !isNegative : isNegative);
    return left && right && [...left, ...right];
  }
  return [{ isNegative, factors: multiplied(node) }];
}

/** The factors of a product, those that divide left in their places. */
function multiplied(tree: Tree): readonly Tree[] {
  const node = inside(tree);
  const isProduct = node.kind === 'binary' && (node.op === 'times' || node.op === 'implied');
  return isProduct ? [...multiplied(node.left), ...multiplied(node.right)] : [node];
}

/**
 * Expressions whose zeros, together, are those of a tree where that has a value: factors that are never zero are left
 * out, quotients are zero where what they divide is, and what all terms of a sum are multiplied by is taken out when it
 * is never zero. An expression without zeros has no factors; one that is no product is its own.
 */
export function zeroFactors(tree: Tree, letter: string, context: Context): readonly Tree[] {
  const of = (part: Tree): readonly Tree[] => zeroFactors(part, letter, context);
  if (!mentions(tree, letter)) {
    const sign = signOfConstant(tree, context);
    return sign === 1 || sign === -1 ? [] : [tree];
  }
  switch (tree.kind) {
    case 'group':
    case 'negate':
      return of(tree.of);
    case 'call': {
      if (NEVER.has(tree.fn)) return [];
      const [only] = tree.args;
      return AS_ARGUMENT.has(tree.fn) && only !== undefined ? of(only) : [tree];
    }
    case 'power': {
      if (!mentions(tree.base, letter)) return signOfConstant(tree.base, context) === 1 ? [] : [tree];
      if (mentions(tree.exponent, letter)) return [tree];
      const sign = signOfConstant(tree.exponent, context);
      return sign === 1 ? of(tree.base) : sign === -1 ? [] : [tree];
    }
    case 'binary':
      switch (tree.op) {
        case 'times':
        case 'implied':
          return [...of(tree.left), ...of(tree.right)];
        case 'over':
        case 'divide':
          return of(tree.left);
        case 'plus':
        case 'minus':
          return [withoutCommon(tree, letter, context)];
        case 'mod':
          return [tree];
      }
      return [tree];
    default:
      return [tree];
  }
}

/** A sum without the factors that all its terms have and that are never zero; itself where there are none. */
function withoutCommon(tree: Tree, letter: string, context: Context): Tree {
  const terms = termsOf(tree);
  if (terms === null || terms.length > MOST_TERMS) return tree;
  const isNever = (factor: Tree): boolean =>
    mentions(factor, letter) && zeroFactors(factor, letter, context).length === 0;
  const [first, ...others] = terms.map(({ factors }) => factors.map((factor) => printText(factor, TYPED)));
  const common = (first ?? []).filter(
    (text, i) => isNever(terms[0]?.factors[i] ?? tree) && others.every((texts) => texts.includes(text)),
  );
  if (common.length === 0) return tree;
  return terms
    .map(({ isNegative, factors }) => {
      const left = [...factors];
      for (const text of common) {
        const at = left.findIndex((factor) => printText(factor, TYPED) === text);
        if (at >= 0) left.splice(at, 1);
      }
      return isNegative ? negateTree(product(left)) : product(left);
    })
    .reduce((a, b) => binaryTree('plus', a, { kind: 'group', of: b, closed: true, span: b.span }));
}
