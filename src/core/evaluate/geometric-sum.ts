import { inside, isPercent } from '../language/tree';
import type { Tree } from '../language/tree';
import { ONE, divide, multiply, negate, real, subtract } from '../number/arithmetic';
import { power as raise } from '../number/power';
import { LARGEST_POWER } from '../number/largest-power';
import { signOf } from '../number/sign';
import { toDouble } from '../number/to-double';
import { asWhole, fromRational, fromWhole, isReal } from '../number/value';
import type { RealValue } from '../number/value';
import type { Context, Evaluator } from './context';
import { coefficientsOf, powerSumOf } from './power-sum';
import { mentions } from './real-expr';

/** coefficient · ratio^k, k the letter that is summed over. */
type Geometric = Readonly<{ ratio: RealValue; coefficient: RealValue }>;
/** A geometric part, or a polynomial, from the constant on. */
export type Part = Geometric | Readonly<{ polynomial: readonly RealValue[] }>;

/** What is smaller than this lies far below all digits that can be asked for. */
const BELOW_DIGITS = fromRational({ n: 1n, d: 10n ** 5000n });

/**
 * An expression as a sum of polynomials and of geometric terms c·r^(ak + b) in a letter; null when it is none.
 */
export function geometricParts(tree: Tree, name: string, context: Context, worth: Evaluator): readonly Part[] | null {
  const constant = (of: Tree): RealValue | null => {
    const value = worth(of, context);
    return value.ok && isReal(value.value) ? value.value : null;
  };
  const scaled = (parts: readonly Part[] | null, by: RealValue | null): readonly Part[] | null =>
    parts === null || by === null
      ? null
      : parts.map((part) =>
          'ratio' in part
            ? { ...part, coefficient: multiply(part.coefficient, by) }
            : { polynomial: part.polynomial.map((c) => multiply(c, by)) },
        );
  const power = (base: Tree, exponent: Tree): readonly Part[] | null => {
    const r = mentions(base, name) ? null : constant(base);
    const sum = r === null ? null : powerSumOf(exponent, name, context, worth);
    const [b, a, ...higher] = (sum && coefficientsOf(sum)) ?? [];
    if (r === null || a === undefined || b === undefined || higher.length > 0) return null;
    const [steps, start] = [asWhole(a), raised(r, b, context)];
    const ratio = steps === null ? null : raised(r, fromWhole(steps), context);
    return ratio && start && [{ ratio, coefficient: start }];
  };
  const visit = (of: Tree): readonly Part[] | null => {
    const node = inside(of);
    const isSum = node.kind === 'negate' || (node.kind === 'binary' && (node.op === 'plus' || node.op === 'minus'));
    // A sum is looked at term by term, and each term once.
    const sum = isSum ? null : powerSumOf(node, name, context, worth);
    const polynomial = sum && coefficientsOf(sum);
    if (polynomial) return [{ polynomial }];
    switch (node.kind) {
      case 'negate':
        return scaled(visit(node.of), fromWhole(-1));
      case 'power':
        return power(node.base, node.exponent);
      case 'binary':
        switch (node.op) {
          case 'plus':
          case 'minus': {
            if (isPercent(node.right)) return null;
            const [left, right] = [visit(node.left), visit(node.right)];
            const signed = node.op === 'minus' ? scaled(right, fromWhole(-1)) : right;
            return left && signed && [...left, ...signed];
          }
          case 'times':
          case 'implied':
            if (!mentions(node.left, name)) return scaled(visit(node.right), constant(node.left));
            return mentions(node.right, name) ? null : scaled(visit(node.left), constant(node.right));
          case 'over':
          case 'divide': {
            const by = mentions(node.right, name) ? null : constant(node.right);
            const inverse = by && divide(ONE, by, context.shouldContinue);
            return inverse?.ok === true ? scaled(visit(node.left), inverse.value) : null;
          }
          case 'mod':
            return null;
        }
        return null;
      default:
        return null;
    }
  };
  return visit(tree);
}

const raised = (base: RealValue, exponent: RealValue, context: Context): RealValue | null => {
  const result = raise(base, exponent, context.shouldContinue);
  return result.ok ? result.value : null;
};

/** Powers of ten below which r^n is left out. */
const SMALL_POWER = -5100;

/**
 * Σ c·r^k from lo over n terms: c·r^lo·(r^n − 1)/(r − 1), exact where the numbers can be written; where r^n is too close
 * to zero to matter, the sum without it, known to more digits than can be asked for. Null where it cannot be told.
 */
export function geometricSum(
  { ratio, coefficient }: Geometric,
  lo: bigint,
  n: bigint,
  context: Context,
): RealValue | 'too-large' | null {
  const { shouldContinue } = context;
  const less = subtract(ratio, ONE);
  const sign = signOf(less, shouldContinue);
  if (typeof sign === 'string') return null;
  if (sign === 0) return multiply(coefficient, fromWhole(n));
  const start = raised(ratio, fromWhole(lo), context);
  const per = start && divide(multiply(coefficient, start), less, shouldContinue);
  if (per?.ok !== true) return null;
  const size = Math.log10(Math.abs(toDouble(ratio, shouldContinue))) * Number(n);
  if (size < SMALL_POWER) return real('within', negate(per.value), BELOW_DIGITS);
  if (size > LARGEST_POWER) return 'too-large';
  const power = raised(ratio, fromWhole(n), context);
  return power && multiply(per.value, subtract(power, ONE));
}
