import { itemAt } from '../base/item';
import type { Context } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import { mentions } from '../evaluate/real-expr';
import { isPercent } from '../language/tree';
import type { Tree } from '../language/tree';
import { ONE, ZERO, multiply, negate } from '../number/arithmetic';
import { asWhole, fromWhole, isReal } from '../number/value';
import type { RealValue } from '../number/value';
import { ofDifference, ofSum, product } from './coefficients';
import type { Coefficients } from './coefficients';

/*
 * With t = tan(w/2), the sine and cosine of every whole multiple of w are quotients of polynomials in t:
 * cos kw + i sin kw = (1 + it)^2k / (1 + t²)^k. So is all that is added, multiplied and divided of them.
 */

/** top / ((1 + t²)^halves · bottom), polynomials in t with the constant first. */
export type Quotient = Readonly<{ top: Coefficients; halves: number; bottom: Coefficients }>;

const UNIT: Coefficients = [ONE];
const ONE_PLUS_SQUARE: Coefficients = [ONE, ZERO, ONE];
const MOST_TURNS = 8;

/** What stands for the letter, or for a function that holds it; null where there is no such quotient. */
export type Leaf = (node: Tree & { kind: 'call' | 'letter' }) => Quotient | null;

/** The letter itself. */
export const LETTER: Quotient = { top: [ZERO, ONE], halves: 0, bottom: [ONE] };

/** Sine and cosine of k·w + b as quotients, from those of b; null for multiples too large. */
export function sineAndCosine(
  k: number,
  sine: RealValue,
  cosine: RealValue,
): Readonly<{ sin: Quotient; cos: Quotient }> | null {
  const turns = Math.abs(k);
  if (turns > MOST_TURNS) return null;
  // The powers of (1 + it), real and imaginary part.
  let [re, im]: [bigint[], bigint[]] = [[1n], [0n]];
  const plus = (a: bigint[], b: bigint[]): bigint[] =>
    Array.from({ length: Math.max(a.length, b.length) }, (_, i) => (a[i] ?? 0n) + (b[i] ?? 0n));
  for (let i = 0; i < 2 * turns; i += 1) [re, im] = [plus(re, [0n, ...im.map((c) => -c)]), plus(im, [0n, ...re])];
  const values = (p: readonly bigint[]): Coefficients => p.map((c) => fromWhole(c));
  const [cos, unsigned] = [values(re), values(im)];
  const sin = k < 0 ? unsigned.map(negate) : unsigned;
  const scaled = (p: Coefficients, by: RealValue): Coefficients => p.map((c) => multiply(c, by));
  const asQuotient = (top: Coefficients): Quotient => ({ top, halves: turns, bottom: UNIT });
  return {
    sin: asQuotient(ofSum(scaled(sin, cosine), scaled(cos, sine))),
    cos: asQuotient(ofDifference(scaled(cos, cosine), scaled(sin, sine))),
  };
}

/** (1 + t²) to a power. */
function raisedUnit(power: number): Coefficients | null {
  let result: Coefficients | null = UNIT;
  for (let i = 0; i < power && result !== null; i += 1) result = product(result, ONE_PLUS_SQUARE);
  return result;
}

const both = (a: Coefficients | null, b: Coefficients | null): Coefficients | null =>
  a === null || b === null ? null : product(a, b);

function times(a: Quotient, b: Quotient): Quotient | null {
  const [top, bottom] = [product(a.top, b.top), product(a.bottom, b.bottom)];
  return top && bottom && { top, bottom, halves: a.halves + b.halves };
}

/** One divided by a quotient. */
export function inverse({ top, halves, bottom }: Quotient): Quotient | null {
  const above = both(bottom, raisedUnit(halves));
  return above && { top: above, halves: 0, bottom: top };
}

function sum(a: Quotient, b: Quotient, make: typeof ofSum): Quotient | null {
  const halves = Math.max(a.halves, b.halves);
  const isAlike = a.bottom === b.bottom;
  const left = both(both(a.top, raisedUnit(halves - a.halves)), isAlike ? UNIT : b.bottom);
  const right = both(both(b.top, raisedUnit(halves - b.halves)), isAlike ? UNIT : a.bottom);
  const bottom = isAlike ? a.bottom : product(a.bottom, b.bottom);
  return left && right && bottom && { top: make(left, right), halves, bottom };
}

/** An expression as a quotient of polynomials in what its leaves are quotients of; null when it is none. */
export function quotientOf(tree: Tree, letter: string, context: Context, leaf: Leaf): Quotient | null {
  const of = (part: Tree): Quotient | null => quotientOf(part, letter, context, leaf);
  const joined = (left: Tree, right: Tree, make: (a: Quotient, b: Quotient) => Quotient | null): Quotient | null => {
    const [a, b] = [of(left), of(right)];
    return a && b && make(a, b);
  };
  if (!mentions(tree, letter)) {
    const value = evaluate(tree, context);
    return value.ok && isReal(value.value) ? { top: [value.value], halves: 0, bottom: UNIT } : null;
  }
  switch (tree.kind) {
    case 'group':
      return of(tree.of);
    case 'negate': {
      const inner = of(tree.of);
      return inner && { ...inner, top: inner.top.map(negate) };
    }
    case 'call':
    case 'letter':
      return leaf(tree);
    case 'binary':
      switch (tree.op) {
        case 'plus':
        case 'minus':
          if (isPercent(tree.right)) return null;
          return joined(tree.left, tree.right, (a, b) => sum(a, b, tree.op === 'plus' ? ofSum : ofDifference));
        case 'times':
        case 'implied':
          return joined(tree.left, tree.right, times);
        case 'over':
        case 'divide':
          return joined(tree.left, tree.right, (a, b) => {
            const by = inverse(b);
            return by && times(a, by);
          });
        case 'mod':
          return null;
      }
      return null;
    case 'power': {
      const exponent = mentions(tree.exponent, letter) ? null : evaluate(tree.exponent, context);
      const k = exponent?.ok === true ? asWhole(exponent.value) : null;
      const base = of(tree.base);
      if (k === null || base === null || k < -20n || k > 20n) return null;
      const factor = k < 0n ? inverse(base) : base;
      let result: Quotient | null = { top: UNIT, halves: 0, bottom: UNIT };
      for (let i = 0; i < Math.abs(Number(k)) && result !== null && factor !== null; i += 1)
        result = times(result, factor);
      return factor && result;
    }
    default:
      return null;
  }
}

/** Whether all coefficients are an exact zero. */
export const isNothing = (p: Coefficients): boolean => p.every((c) => c.kind === 'rational' && c.value.n === 0n);

/** The highest coefficient that is not an exact zero has this power. */
export function powerOf(p: Coefficients): number {
  let power = p.length - 1;
  while (power > 0 && isNothing([itemAt(p, power)])) power -= 1;
  return power;
}
