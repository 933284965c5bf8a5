import { itemAt } from '../base/item';
import { functionNamed } from '../function';
import { inside, isShare } from '../language/tree';
import type { Tree } from '../language/tree';
import { add, divide, multiply, negate } from '../number/arithmetic';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { asRational, fromRational, fromWhole, isReal } from '../number/value';
import type { RealValue } from '../number/value';
import type { Context, Evaluator } from './context';
import { mentions } from './real-expr';

/** A sum of coefficient·x^exponent with rational exponents, by exponent as text; no two terms have the same. */
export type PowerSum = ReadonlyMap<string, Readonly<{ exponent: Rational; coefficient: RealValue }>>;

/** A longer sum, or one of higher degree, is not multiplied out. */
const MOST_TERMS = 64;
const LARGEST_EXPONENT = 200n;
const HUNDREDTH = fromRational(q.rational(1n, 100n));

const keyOf = ({ n, d }: Rational): string => `${n}/${d}`;

function collected(terms: Iterable<{ exponent: Rational; coefficient: RealValue }>): PowerSum {
  const sum = new Map<string, { exponent: Rational; coefficient: RealValue }>();
  for (const { exponent, coefficient } of terms) {
    const key = keyOf(exponent);
    const before = sum.get(key);
    const total = before ? add(before.coefficient, coefficient) : coefficient;
    if (asRational(total)?.n === 0n) sum.delete(key);
    else sum.set(key, { exponent, coefficient: total });
  }
  return sum;
}

const constant = (value: RealValue): PowerSum => collected([{ exponent: q.ZERO, coefficient: value }]);

function product(a: PowerSum, b: PowerSum): PowerSum | null {
  if (a.size * b.size > MOST_TERMS * 8) return null;
  const terms = [...a.values()].flatMap((s) =>
    [...b.values()].map((t) => ({
      exponent: q.add(s.exponent, t.exponent),
      coefficient: multiply(s.coefficient, t.coefficient),
    })),
  );
  const result = collected(terms);
  return result.size > MOST_TERMS ? null : result;
}

/** An expression as a sum of powers of a letter, or null when it is none. */
export function powerSumOf(tree: Tree, name: string, context: Context, worth: Evaluator): PowerSum | null {
  const visit = (of: Tree): PowerSum | null => {
    const node = inside(of);
    if (!mentions(node, name)) {
      const value = worth(node, context);
      return value.ok && isReal(value.value) ? constant(value.value) : null;
    }
    switch (node.kind) {
      case 'letter':
        return collected([{ exponent: q.ONE, coefficient: fromWhole(1) }]);
      case 'negate': {
        const of = visit(node.of);
        return of && scaled(of, negate);
      }
      case 'binary':
        return binary(node);
      case 'postfix': {
        const of = node.op === 'percent' ? visit(node.of) : null;
        return of && scaled(of, (c) => multiply(c, HUNDREDTH));
      }
      case 'power': {
        const exponent = mentions(node.exponent, name) ? null : worth(node.exponent, context);
        const to = exponent?.ok ? asRational(exponent.value) : null;
        return to && raised(visit(node.base), to);
      }
      case 'call': {
        // Roots of the letter are powers of it.
        const [index, of] =
          node.fn === 'root'
            ? [worth(itemAt(node.args, 0), context), itemAt(node.args, 1)]
            : [null, itemAt(node.args, 0)];
        const k =
          node.fn === 'sqrt'
            ? q.whole(2)
            : node.fn === 'cbrt'
              ? q.whole(3)
              : index?.ok
                ? asRational(index.value)
                : null;
        return functionNamed(node.fn)?.topic === 'powers' && k && k.n > 0n ? raised(visit(of), q.reciprocal(k)) : null;
      }
      default:
        return null;
    }
  };

  const scaled = (sum: PowerSum, by: (c: RealValue) => RealValue): PowerSum | null =>
    collected([...sum.values()].map((t) => ({ exponent: t.exponent, coefficient: by(t.coefficient) })));

  const binary = (node: Tree & { kind: 'binary' }): PowerSum | null => {
    if (node.op === 'mod') return null;
    const [left, second] = [visit(node.left), visit(node.right)];
    const right = left && second && isShare(node) ? product(left, second) : second;
    if (left === null || right === null) return null;
    switch (node.op) {
      case 'plus':
        return collected([...left.values(), ...right.values()]);
      case 'minus':
        return collected([...left.values(), ...(scaled(right, negate)?.values() ?? [])]);
      case 'times':
      case 'implied':
        return product(left, right);
      case 'divide':
      case 'over': {
        const inverse = raised(right, q.whole(-1));
        return inverse && product(left, inverse);
      }
    }
  };

  const raised = (sum: PowerSum | null, to: Rational): PowerSum | null => {
    if (sum === null || to.n > LARGEST_EXPONENT || to.n < -LARGEST_EXPONENT) return null;
    if (to.d === 1n && to.n >= 0n) {
      let result: PowerSum | null = constant(fromWhole(1));
      for (let i = 0n; i < to.n && result !== null; i += 1n) result = product(result, sum);
      return result;
    }
    const [only, more] = sum.values();
    if (only === undefined || more !== undefined) return null;
    // (x²)^(1/2) is |x| and no power of x.
    const { exponent, coefficient } = only;
    if (to.d !== 1n && (asRational(coefficient)?.n !== 1n || asRational(coefficient)?.d !== 1n)) return null;
    if (to.d % 2n === 0n && exponent.n % 2n === 0n) return null;
    if (to.d === 1n) {
      const inverse = divide(fromWhole(1), coefficient, context.shouldContinue);
      if (!inverse.ok) return null;
      const power = collected([{ exponent: q.negate(exponent), coefficient: inverse.value }]);
      return raised(power, q.negate(to));
    }
    return collected([{ exponent: q.multiply(exponent, to), coefficient }]);
  };

  return visit(tree);
}

/** The coefficients of a polynomial from x⁰ on; null when an exponent is not whole or negative. */
export function coefficientsOf(sum: PowerSum): readonly RealValue[] | null {
  let degree = -1;
  for (const { exponent } of sum.values()) {
    if (exponent.d !== 1n || exponent.n < 0n) return null;
    degree = Math.max(degree, Number(exponent.n));
  }
  return Array.from({ length: degree + 1 }, (_, k) => sum.get(keyOf(q.whole(k)))?.coefficient ?? fromWhole(0));
}
