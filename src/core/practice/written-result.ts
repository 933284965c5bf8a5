import { inside } from '../language/tree';
import type { Tree } from '../language/tree';
import { gcd } from '../number/integer';

/** A term of a written result: a coefficient n/d as it is written, and what it is a multiple of, '' for a plain number. */
type Term = Readonly<{ n: bigint; d: bigint; of: string }>;

/** The largest radicand whose powers are looked for; a longer one is taken as it is. */
const LONGEST_RADICAND = 1_000_000n;

/** Whether no power of that index but 1 divides a whole number, which is itself more than 1. */
function isFreeOf(index: number, n: bigint): boolean {
  if (n > LONGEST_RADICAND) return true;
  for (let k = 2n; k ** BigInt(index) <= n; k += 1n) if (n % k ** BigInt(index) === 0n) return false;
  return n > 1n;
}

const wholeIn = (tree: Tree | undefined): bigint | null => {
  const node = tree === undefined ? null : inside(tree);
  return node?.kind === 'number' && /^\d+$/.test(node.written) ? BigInt(node.written) : null;
};

const MOST_INDEX = 60;

/** A root of a whole number as it stands on paper when no factor can be taken out of it. */
function rootIn(tree: Tree & { kind: 'call' }): Term | null {
  const [first, second] = tree.args;
  const index = { sqrt: 2n, cbrt: 3n, root: wholeIn(first) }[tree.fn] ?? null;
  const radicand = wholeIn(tree.fn === 'root' ? second : first);
  if (index === null || radicand === null || index < 2n || index > MOST_INDEX) return null;
  return isFreeOf(Number(index), radicand) ? { n: 1n, d: 1n, of: `${index}√${radicand}` } : null;
}

const isBare = ({ n, d }: Term): boolean => n === 1n && d === 1n;

/** A product of a number, a root or π, and i: each at most once. */
function product(left: Term, right: Term): Term | null {
  if (!isBare(right) || right.of === '' || left.of.includes('i')) return null;
  if (left.of !== '' && right.of !== 'i') return null;
  return { ...left, of: left.of + right.of };
}

/** The terms of a result as they are written; null for what is no sum of multiples of roots, π and i. */
function termsIn(tree: Tree): readonly Term[] | null {
  switch (tree.kind) {
    case 'group':
      return termsIn(tree.of);
    case 'number': {
      const n = wholeIn(tree);
      return n === null ? null : [{ n, d: 1n, of: '' }];
    }
    case 'constant':
      return tree.name === 'pi' || tree.name === 'i' ? [{ n: 1n, d: 1n, of: tree.name }] : null;
    case 'call': {
      const root = rootIn(tree);
      return root && [root];
    }
    case 'negate':
      return termsIn(tree.of)?.map((term) => ({ ...term, n: -term.n })) ?? null;
    case 'binary': {
      const [left, right] = [termsIn(tree.left), termsIn(tree.right)];
      if (left === null || right === null) return null;
      const [a, b] = [left[0], right[0]];
      switch (tree.op) {
        case 'plus':
          return [...left, ...right];
        case 'minus':
          return [...left, ...right.map((term) => ({ ...term, n: -term.n }))];
        case 'times':
        case 'implied': {
          // (√2 + √3)i has a sum before it.
          if (b !== undefined && right.length === 1 && b.of === 'i' && isBare(b)) {
            const all = left.map((term) => product(term, b));
            return all.every((term) => term !== null) ? all : null;
          }
          const one = a === undefined || b === undefined || left.length > 1 || right.length > 1 ? null : product(a, b);
          return one && [one];
        }
        case 'over':
        case 'divide': {
          const bottom = wholeIn(tree.right);
          if (bottom === null || bottom < 2n || left.some(({ d }) => d !== 1n)) return null;
          const common = left.reduce((common, { n }) => gcd(common, n < 0n ? -n : n), bottom);
          return common === 1n ? left.map((term) => ({ ...term, d: bottom })) : null;
        }
        default:
          return null;
      }
    }
    default:
      return null;
  }
}

/**
 * Whether an expression is a result in the exact form of a textbook: a sum of multiples of different roots, of π and of i
 * in which nothing is left to work, each coefficient in lowest terms, each root without a factor that can be taken out.
 */
export function isExactResult(tree: Tree): boolean {
  const terms = termsIn(tree);
  if (terms === null) return false;
  const isOver = (term: Term): boolean => terms.length > 1 && term.n === 0n;
  return new Set(terms.map(({ of }) => of)).size === terms.length && !terms.some(isOver);
}
