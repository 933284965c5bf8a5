import { inside, isShare } from '../language/tree';
import type { Tree } from '../language/tree';
import { power } from '../number/integer';
import { asRational } from '../number/value';
import type { Context, Evaluator } from './context';
import { mentions } from './real-expr';

/** n/d, not in lowest terms; d is never zero. */
export type Fraction = Readonly<{ n: bigint; d: bigint }>;

/** The term at a whole number, or null where it has none. */
export type RationalTerm = (k: bigint) => Fraction | null;

/** Higher powers would make the numbers long. */
const LARGEST_EXPONENT = 64n;

/**
 * A term that is a rational function of a letter, by whole numbers alone: what makes sums of a million fractions quick.
 * Null for all other terms.
 */
export function rationalTerm(tree: Tree, name: string, context: Context, worth: Evaluator): RationalTerm | null {
  const visit = (of: Tree): RationalTerm | null => {
    const node = inside(of);
    if (!mentions(node, name)) {
      const value = worth(node, context);
      const fixed = value.ok ? asRational(value.value) : null;
      return fixed && (() => fixed);
    }
    switch (node.kind) {
      case 'letter':
        return (k) => ({ n: k, d: 1n });
      case 'negate': {
        const f = visit(node.of);
        return f && mapped(f, ({ n, d }) => ({ n: -n, d }));
      }
      case 'binary':
        return binary(node);
      case 'power':
        return raised(node);
      default:
        return null;
    }
  };

  const mapped =
    (f: RationalTerm, then: (x: Fraction) => Fraction | null): RationalTerm =>
    (k) => {
      const x = f(k);
      return x && then(x);
    };

  const binary = (node: Tree & { kind: 'binary' }): RationalTerm | null => {
    if (isShare(node) || node.op === 'mod') return null;
    const [f, g] = [visit(node.left), visit(node.right)];
    if (f === null || g === null) return null;
    const joined = (join: (a: Fraction, b: Fraction) => Fraction | null): RationalTerm => {
      return (k) => {
        const [a, b] = [f(k), g(k)];
        return a && b && join(a, b);
      };
    };
    switch (node.op) {
      case 'plus':
        return joined((a, b) => ({ n: a.n * b.d + b.n * a.d, d: a.d * b.d }));
      case 'minus':
        return joined((a, b) => ({ n: a.n * b.d - b.n * a.d, d: a.d * b.d }));
      case 'times':
      case 'implied':
        return joined((a, b) => ({ n: a.n * b.n, d: a.d * b.d }));
      case 'divide':
      case 'over':
        return joined((a, b) => (b.n === 0n ? null : { n: a.n * b.d, d: a.d * b.n }));
    }
  };

  const raised = ({ base, exponent }: Tree & { kind: 'power' }): RationalTerm | null => {
    if (mentions(exponent, name)) {
      // (−1)^(k+1): the sign of alternating sums.
      const fixed = mentions(base, name) ? null : worth(base, context);
      const one = fixed?.ok ? asRational(fixed.value) : null;
      const g = visit(exponent);
      if (!one || one.d !== 1n || one.n !== -1n || g === null) return null;
      return mapped(g, ({ n, d }) => (n % d === 0n ? { n: (n / d) % 2n === 0n ? 1n : -1n, d: 1n } : null));
    }
    const value = worth(exponent, context);
    const to = value.ok ? asRational(value.value) : null;
    const f = visit(base);
    if (!f || to?.d !== 1n || to.n > LARGEST_EXPONENT || to.n < -LARGEST_EXPONENT) return null;
    const size = Math.abs(Number(to.n));
    const isInverse = to.n < 0n;
    return mapped(f, ({ n, d }) => {
      if (isInverse && n === 0n) return null;
      const [top, bottom] = [power(n, size), power(d, size)];
      return isInverse ? { n: bottom, d: top } : { n: top, d: bottom };
    });
  };

  return visit(tree);
}
