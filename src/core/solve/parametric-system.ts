import { itemAt } from '../base/item';
import { TooLarge } from '../base/limits';
import type { Context } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import { openLetters } from '../evaluate/open-letters';
import type { InfixName } from '../language/operators';
import { inside, isShare } from '../language/tree';
import type { Tree } from '../language/tree';
import * as p from '../number/polynomial';
import type { Polynomial } from '../number/polynomial';
import * as q from '../number/rational';
import { asRational } from '../number/value';
import { determinantIn, isZero, letter, multiply, negate, shortened, subtract } from '../polynomial/in-letters';
import type { Fraction } from '../polynomial/in-letters';

/** The solution for any values of the parameters at which `condition` is not zero. */
export type ParametricSolution = Readonly<{
  parameters: readonly string[];
  solution: ReadonlyMap<string, Fraction>;
  condition: Polynomial;
}>;

const HIGHEST_POWER = 12;

function combined(op: InfixName, a: Polynomial, b: Polynomial): Polynomial | null {
  switch (op) {
    case 'plus':
      return p.add(a, b);
    case 'minus':
      return subtract(a, b);
    case 'times':
    case 'implied':
      return multiply(a, b);
    case 'divide':
    case 'over': {
      const by = p.toRational(b);
      return by === null || q.isZero(by) ? null : p.scale(a, q.reciprocal(by));
    }
    case 'mod':
      return null;
  }
}

/** An expression as a polynomial in the letters that hold nothing; null where it is none, or its numbers are not rational. */
function polynomialOf(tree: Tree, context: Context): Polynomial | null {
  const of = (part: Tree): Polynomial | null => polynomialOf(part, context);
  const isOpen = (name: string): boolean => !context.names.letters.has(name);
  if (!openLetters(tree).some(isOpen)) {
    const value = evaluate(tree, context);
    const rational = value.ok ? asRational(value.value) : null;
    return rational === null ? null : p.constant(rational);
  }
  switch (tree.kind) {
    case 'letter':
      return letter(tree.name);
    case 'group':
      return of(tree.of);
    case 'negate': {
      const inner = of(tree.of);
      return inner === null ? null : negate(inner);
    }
    case 'binary': {
      const [a, b] = [of(tree.left), of(tree.right)];
      return a === null || b === null || isShare(tree) ? null : combined(tree.op, a, b);
    }
    case 'power': {
      const base = of(tree.base);
      const exponent = of(tree.exponent);
      const n = exponent === null ? null : p.toRational(exponent);
      if (base === null || n === null || !q.isWhole(n) || n.n < 0n || n.n > BigInt(HIGHEST_POWER)) return null;
      let result: Polynomial = p.ONE;
      for (let i = 0n; i < n.n; i += 1n) result = multiply(result, base);
      return result;
    }
    default:
      return null;
  }
}

/** The coefficients of the unknowns in a polynomial, and what is left; null where one stands in a higher power or a product. */
function linearIn(
  whole: Polynomial,
  unknowns: readonly string[],
): Readonly<{ coefficients: readonly Polynomial[]; rest: Polynomial }> | null {
  const coefficients: Polynomial[] = unknowns.map(() => p.ZERO);
  let rest: Polynomial = p.ZERO;
  for (const { of, coefficient } of whole.values()) {
    const here = unknowns.filter((name) => of.has(name));
    const [name] = here;
    if (name === undefined) {
      rest = p.add(rest, p.fromTerm(of, coefficient));
      continue;
    }
    if (here.length > 1 || !q.equal(of.get(name) ?? q.ZERO, q.ONE)) return null;
    const others = new Map([...of].filter(([other]) => other !== name));
    const j = unknowns.indexOf(name);
    coefficients[j] = p.add(itemAt(coefficients, j), p.fromTerm(others, coefficient));
  }
  return { coefficients, rest };
}

/**
 * The one solution of as many linear equations as unknowns, in which other letters that hold nothing stand for any
 * numbers: by Cramer's rule over polynomials in them. Exact. Null where the equations are not so, their numbers are not
 * rational, or the determinant is zero whatever the letters are.
 */
export function parametricSystem(
  equations: readonly Tree[],
  unknowns: readonly string[],
  context: Context,
): ParametricSolution | null {
  if (equations.length !== unknowns.length) return null;
  const rows: (readonly Polynomial[])[] = [];
  const right: Polynomial[] = [];
  try {
    for (const tree of equations) {
      const relation = inside(tree);
      if (relation.kind !== 'relation' || relation.rest.length !== 1) return null;
      const [left, other] = [relation.first, itemAt(relation.rest, 0).right].map((side) => polynomialOf(side, context));
      const linear = left == null || other == null ? null : linearIn(subtract(left, other), unknowns);
      if (linear === null) return null;
      rows.push(linear.coefficients);
      right.push(negate(linear.rest));
    }
    const { shouldContinue } = context;
    const condition = determinantIn(rows, shouldContinue);
    if (isZero(condition)) return null;
    const solution = new Map(
      unknowns.map((name, j): [string, Fraction] => {
        const replaced = rows.map((row, i) => row.with(j, itemAt(right, i)));
        return [name, shortened({ top: determinantIn(replaced, shouldContinue), bottom: condition })];
      }),
    );
    const found = equations.flatMap((tree) => openLetters(tree));
    const isParameter = (name: string): boolean => !unknowns.includes(name) && !context.names.letters.has(name);
    const parameters = [...new Set(found.filter(isParameter))].sort();
    return { parameters, solution, condition: shortened({ top: p.ONE, bottom: condition }).bottom };
  } catch (error) {
    // Sums of too many terms are given up.
    if (error instanceof TooLarge || error instanceof p.TooMuch) return null;
    throw error;
  }
}
