import { itemAt } from '../base/item';
import { evaluate } from '../evaluate/evaluate';
import type { Context } from '../evaluate/context';
import { mentions, perRadian } from '../evaluate/real-expr';
import { isPercent } from '../language/tree';
import type { Tree } from '../language/tree';
import { ZERO, add, divide, multiply, negate, subtract } from '../number/arithmetic';
import { asWhole, isReal } from '../number/value';
import type { RealValue } from '../number/value';

/** Coefficients from the constant one upwards. */
export type Coefficients = readonly RealValue[];

/** Beyond this degree an expression is not taken for a polynomial. */
const HIGHEST_DEGREE = 40;

const zipped = (a: Coefficients, b: Coefficients, make: (x: RealValue, y: RealValue) => RealValue): Coefficients =>
  Array.from({ length: Math.max(a.length, b.length) }, (_, i) => make(a[i] ?? ZERO, b[i] ?? ZERO));

export const ofSum = (a: Coefficients, b: Coefficients): Coefficients => zipped(a, b, add);
export const ofDifference = (a: Coefficients, b: Coefficients): Coefficients => zipped(a, b, subtract);

/** The product of two polynomials; null beyond the highest degree. */
export function product(a: Coefficients, b: Coefficients): Coefficients | null {
  if (a.length + b.length - 2 > HIGHEST_DEGREE) return null;
  const result: RealValue[] = Array.from({ length: a.length + b.length - 1 }, () => ZERO);
  a.forEach((x, i) => b.forEach((y, j) => (result[i + j] = add(itemAt(result, i + j), multiply(x, y)))));
  return result;
}

/**
 * An expression as a polynomial in a letter, with the values of everything else as coefficients, the lowest first;
 * null when it is none, when a value is not real or its degree passes what is solved. Exact where the values are.
 */
export function coefficientsOf(tree: Tree, letter: string, context: Context): Coefficients | null {
  const of = (part: Tree): Coefficients | null => coefficientsOf(part, letter, context);
  const both = (
    left: Tree,
    right: Tree,
    make: (a: Coefficients, b: Coefficients) => Coefficients | null,
  ): Coefficients | null => {
    const [a, b] = [of(left), of(right)];
    return a === null || b === null ? null : make(a, b);
  };
  if (!mentions(tree, letter)) {
    const value = evaluate(tree, context);
    return value.ok && isReal(value.value) ? [value.value] : null;
  }
  switch (tree.kind) {
    case 'letter':
      return [ZERO, { kind: 'rational', value: { n: 1n, d: 1n } }];
    case 'group':
      return of(tree.of);
    case 'negate':
      return of(tree.of)?.map(negate) ?? null;
    case 'mark': {
      const factor = perRadian(tree.unit, context.angle);
      return of(tree.of)?.map((c) => multiply(c, factor)) ?? null;
    }
    case 'binary':
      switch (tree.op) {
        case 'plus':
        case 'minus':
          if (isPercent(tree.right)) return null;
          return both(tree.left, tree.right, tree.op === 'plus' ? ofSum : ofDifference);
        case 'times':
        case 'implied':
          return both(tree.left, tree.right, product);
        case 'over':
        case 'divide': {
          if (mentions(tree.right, letter)) return null;
          const by = evaluate(tree.right, context);
          const top = of(tree.left);
          if (!by.ok || !isReal(by.value) || top === null) return null;
          const result: RealValue[] = [];
          for (const x of top) {
            const quotient = divide(x, by.value, context.shouldContinue);
            if (!quotient.ok) return null;
            result.push(quotient.value);
          }
          return result;
        }
        case 'mod':
          return null;
      }
      return null;
    case 'power': {
      if (mentions(tree.exponent, letter)) return null;
      const exponent = evaluate(tree.exponent, context);
      const k = exponent.ok ? asWhole(exponent.value) : null;
      const base = of(tree.base);
      if (k === null || base === null || k < 0n || k > BigInt(HIGHEST_DEGREE)) return null;
      let result: Coefficients | null = [{ kind: 'rational', value: { n: 1n, d: 1n } }];
      for (let i = 0n; i < k && result !== null; i += 1n) result = product(result, base);
      return result;
    }
    default:
      return null;
  }
}
