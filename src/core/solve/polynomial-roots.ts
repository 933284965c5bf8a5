import { itemAt, lastOf } from '../base/item';
import type { Context } from '../evaluate/context';
import { formula } from '../evaluate/formula';
import { signOf } from '../number/sign';
import * as q from '../number/rational';
import { fromRational, isReal } from '../number/value';
import type { RealValue, Scalar } from '../number/value';
import type { Coefficients } from './coefficients';
import { complexRoots } from '../polynomial/complex-roots';
import { degreeOf, isolated, narrowed, squarefree } from '../polynomial/rational-polynomial';
import { rationalRoots } from '../polynomial/rational-roots';
import type { Polynomial } from '../polynomial/rational-polynomial';
import { exactRoot, fineWidth, middleOf } from './root';
import type { Root } from './root';

/** Real roots in order; `hidden` counts the distinct complex ones, which are given to 30 digits where they are not exact. */
export type PolynomialRoots = Readonly<{
  real: readonly Root[];
  hidden: number;
  complex: readonly Scalar[];
  isNear?: boolean;
}>;

/**
 * Roots of Ax² + Bx + C for A ≠ 0 by the formula, in rising order, complex ones where the discriminant is negative.
 * Exact where the root is; null when a sign cannot be decided.
 */
export function quadratic(A: RealValue, B: RealValue, C: RealValue, context: Context): PolynomialRoots | null {
  const given = { A, B, C };
  const D = formula('B^2-4A*C', given, context);
  if (D === null || !isReal(D)) return null;
  const s = signOf(D, context.shouldContinue);
  if (typeof s === 'string') return null;
  const work = (sign: string, isComplex: boolean) =>
    formula(`(-B${sign}sqrt(D))/(2A)`, { ...given, D }, context, isComplex);
  if (s === 0) {
    const only = formula('-B/(2A)', given, context);
    return only && { real: [exactRoot(only)], hidden: 0, complex: [] };
  }
  const leading = signOf(A, context.shouldContinue);
  const signs = leading === 1 ? ['-', '+'] : ['+', '-'];
  const both = signs.map((sign) => work(sign, s < 0));
  if (both.some((v) => v === null)) return null;
  const values = both as Scalar[];
  return s > 0 ? { real: values.map(exactRoot), hidden: 0, complex: [] } : { real: [], hidden: 2, complex: values };
}

/** The real nth roots of xⁿ = c, for a polynomial of two terms. */
function pureRoots(p: Polynomial, context: Context): readonly Root[] | null {
  const n = degreeOf(p);
  if (p.slice(1, -1).some((c) => !q.isZero(c))) return null;
  const c = q.divide(q.negate(itemAt(p, 0)), lastOf(p));
  if (q.sign(c) < 0 && n % 2 === 0) return [];
  const root = formula('root(N,C)', { N: fromRational(q.whole(n)), C: fromRational(c) }, context);
  const opposite = root && formula('-R', { R: root }, context);
  if (root === null || opposite === null) return null;
  return n % 2 === 0 ? [exactRoot(opposite), exactRoot(root)] : [exactRoot(root)];
}

const compareRoots = (a: Root, b: Root, context: Context): number => {
  const of = (r: Root): Scalar => (r.kind === 'near' ? middleOf(r) : r.value);
  const difference = formula('X-Y', { X: of(a), Y: of(b) }, context);
  const s = difference === null || !isReal(difference) ? 0 : signOf(difference, context.shouldContinue);
  return typeof s === 'string' ? 0 : s;
};

/**
 * All roots of a polynomial with rational coefficients: rational ones exactly, those of what is then left exactly when
 * it is of degree two or has two terms, others to as many digits as can be shown. Proved complete by Sturm's theorem.
 */
function ofRational(p: Polynomial, context: Context): PolynomialRoots {
  const simple = squarefree(p);
  const { found, rest } = rationalRoots(simple);
  const exact = found.map((r) => exactRoot(fromRational(r)));
  const degree = degreeOf(rest);
  const sorted = (roots: readonly Root[]) => [...roots].sort((a, b) => compareRoots(a, b, context));
  if (degree <= 0) return { real: sorted(exact), hidden: 0, complex: [] };
  if (degree === 2) {
    const of = (power: number) => fromRational(itemAt(rest, power));
    const two = quadratic(of(2), of(1), of(0), context);
    if (two !== null) return { ...two, real: sorted([...exact, ...two.real]) };
  }
  const pure = pureRoots(rest, context);
  const others =
    pure ??
    isolated(rest).map((interval): Root => {
      const [low, high] = narrowed(rest, interval, fineWidth(interval[1]));
      return q.equal(low, high) ? exactRoot(fromRational(low)) : { kind: 'near', low, high, isSure: true };
    });
  const hidden = degree - others.length;
  const complex = hidden === 0 ? [] : complexRoots(rest);
  return {
    real: sorted([...exact, ...others]),
    hidden,
    complex: complex?.length === hidden ? complex : [],
    isNear: true,
  };
}

/** The real roots of a polynomial; null when its coefficients do not allow to find all of them. */
export function polynomialRoots(coefficients: Coefficients, context: Context): PolynomialRoots | null {
  const rationals = coefficients.map((c) => (c.kind === 'rational' ? c.value : null));
  if (rationals.every((c) => c !== null)) {
    let end = rationals.length;
    while (end > 0 && q.isZero(itemAt(rationals, end - 1))) end -= 1;
    return end <= 1 ? null : ofRational(rationals.slice(0, end), context);
  }
  let degree = coefficients.length - 1;
  while (degree > 0) {
    const s = signOf(itemAt(coefficients, degree), context.shouldContinue);
    if (typeof s === 'string') return null;
    if (s !== 0) break;
    degree -= 1;
  }
  const of = (power: number) => itemAt(coefficients, power);
  if (degree === 2) return quadratic(of(2), of(1), of(0), context);
  if (degree !== 1) return null;
  const only = formula('-C/B', { B: of(1), C: of(0) }, context);
  return only && { real: [exactRoot(only)], hidden: 0, complex: [] };
}
