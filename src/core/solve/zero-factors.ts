import { evaluate } from '../evaluate/evaluate';
import type { Context } from '../evaluate/context';
import { mentions } from '../evaluate/real-expr';
import { printText, TYPED } from '../language/print-text';
import { binaryTree, groupTree, inside, isPercent, negateTree, numberTree, powerTree } from '../language/tree';
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

/** A part of a product: how often it multiplies, or where that is negative, divides. */
type Power = Readonly<{ base: Tree; times: number }>;
type Term = Readonly<{ isNegative: boolean; powers: ReadonlyMap<string, Power> }>;

/** Powers that are higher are parts by themselves. */
const HIGHEST = 20;

const powerOf = ({ base, times }: Power): Tree => (times === 1 ? base : powerTree(base, numberTree(`${times}`)));
const product = (factors: readonly Tree[]): Tree =>
  factors.length === 0 ? numberTree('1') : factors.reduce((a, b) => binaryTree('times', a, b));

/** What is multiplied and divided in a term, by what it is called. */
function powersOf(tree: Tree, sign: 1 | -1, into: Map<string, Power>): ReadonlyMap<string, Power> {
  const node = inside(tree);
  if (node.kind === 'binary' && node.op !== 'plus' && node.op !== 'minus' && node.op !== 'mod') {
    const isQuotient = node.op === 'over' || node.op === 'divide';
    powersOf(node.left, sign, into);
    return powersOf(node.right, isQuotient ? (sign === 1 ? -1 : 1) : sign, into);
  }
  const exponent = node.kind === 'power' ? inside(node.exponent) : null;
  const isWhole =
    exponent?.kind === 'number' && /^\d{1,2}$/.test(exponent.written) && Number(exponent.written) <= HIGHEST;
  const [base, times] = node.kind === 'power' && isWhole ? [inside(node.base), Number(exponent.written)] : [node, 1];
  const name = printText(base, TYPED);
  into.set(name, { base, times: (into.get(name)?.times ?? 0) + sign * times });
  return into;
}

/** What is added and taken away; null where a share is taken, which is no plain sum. */
function termsOf(tree: Tree, isNegative = false): readonly Term[] | null {
  const node = inside(tree);
  if (node.kind === 'negate') return termsOf(node.of, !isNegative);
  if (node.kind === 'binary' && (node.op === 'plus' || node.op === 'minus')) {
    if (isPercent(node.right)) return null;
    const left = termsOf(node.left, isNegative);
    const right = termsOf(node.right, node.op === 'minus' ? !isNegative : isNegative);
    return left && right && [...left, ...right];
  }
  return [{ isNegative, powers: powersOf(node, 1, new Map()) }];
}

/**
 * Expressions whose zeros, together, are those of a tree where that has a value: factors that are never zero are left
 * out, quotients are zero where what they divide is, sums are put over one denominator, and what all their terms are
 * multiplied by is taken out. An expression without zeros has no factors; one that is no product is its own.
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
          return sumFactors(tree, letter, context);
        case 'mod':
          return [tree];
      }
      return [tree];
    default:
      return [tree];
  }
}

/** A sum over one denominator, that what all its terms have taken out of it; itself where there is nothing of either. */
function sumFactors(tree: Tree, letter: string, context: Context): readonly Tree[] {
  const terms = termsOf(tree);
  if (terms === null || terms.length > MOST_TERMS) return [tree];
  const names = new Set(terms.flatMap(({ powers }) => [...powers.keys()]));
  const common = [...names].flatMap((name) => {
    const times = Math.min(...terms.map(({ powers }) => powers.get(name)?.times ?? 0));
    const base = terms.map(({ powers }) => powers.get(name)?.base).find((one) => one !== undefined);
    return times === 0 || base === undefined ? [] : [{ name, base, times }];
  });
  if (common.length === 0) return [tree];
  const least = new Map(common.map((one) => [one.name, one.times]));
  const rest = terms
    .map(({ isNegative, powers }) => {
      const names = new Map<string, Power>(powers);
      for (const { name, base } of common) if (!names.has(name)) names.set(name, { base, times: 0 });
      const factors = [...names].flatMap(([name, { base, times }]) => {
        const left = times - (least.get(name) ?? 0);
        return left === 0 ? [] : [powerOf({ base, times: left })];
      });
      return isNegative ? negateTree(product(factors)) : product(factors);
    })
    .reduce((a, b) => binaryTree('plus', a, groupTree(b)));
  const taken = common.flatMap(({ base, times }) => (times > 0 ? zeroFactors(base, letter, context) : []));
  return [...taken, rest];
}
