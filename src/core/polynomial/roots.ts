import { itemAt, lastOf } from '../base/item';
import { goOn } from '../base/limits';
import type { ShouldContinue } from '../base/should-continue';
import { piTimes, real } from '../number/arithmetic';
import * as complex from '../number/complex';
import { roundDivide } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { compareReals } from '../number/sign';
import { fromRational, isReal } from '../number/value';
import type { RealValue, Scalar } from '../number/value';
import { complexRootsNear } from './complex-roots';
import { degreeOf, divided, isolated, primitive } from './rational-polynomial';
import type { Polynomial } from './rational-polynomial';
import { polished } from './newton';
import { rationalRoots } from './rational-roots';
import { squarefreeParts } from './squarefree-parts';

export type PolynomialRoot = Readonly<{ value: Scalar; multiplicity: number }>;

const valueOf = (result: complex.ComplexOutcome): Scalar | null => (result.ok ? result.value : null);

/** (−b ∓ √(b² − 4ac))/2a, exact: the smaller of two real ones first. */
function quadraticRoots(p: Polynomial, shouldContinue: ShouldContinue): readonly Scalar[] | null {
  const [c, b, a] = p as readonly [Rational, Rational, Rational];
  const discriminant = q.subtract(q.multiply(b, b), q.multiply(q.whole(4), q.multiply(a, c)));
  const root = valueOf(complex.squareRoot(fromRational(discriminant), shouldContinue));
  if (root === null) return null;
  const half = fromRational(q.reciprocal(q.multiply(q.whole(2), a)));
  const middle = fromRational(q.negate(b));
  const both = [complex.subtract(middle, root), complex.add(middle, root)].map((v) => complex.multiply(v, half));
  return q.sign(a) < 0 ? both.reverse() : both;
}

/** All nth roots of xⁿ = c, from the principal one around the circle. */
function binomialRoots(p: Polynomial, shouldContinue: ShouldContinue): readonly Scalar[] | null {
  const n = degreeOf(p);
  if (p.slice(1, -1).some((k) => !q.isZero(k))) return null;
  const c = q.divide(q.negate(itemAt(p, 0)), lastOf(p));
  const size = valueOf(complex.nthRoot(fromRational(q.magnitude(c)), BigInt(n), shouldContinue));
  if (size === null || !isReal(size)) return null;
  const begin = q.sign(c) < 0 ? q.ONE : q.ZERO;
  const roots = Array.from({ length: n }, (_, k) => {
    const turn = q.divide(q.add(begin, q.whole(2 * k)), q.whole(n));
    // Half a turn has no sine: the root is real.
    if (q.isZero(turn)) return size;
    if (q.equal(turn, q.ONE)) return complex.negate(size);
    return valueOf(complex.fromPolar(size, piTimes(turn)));
  });
  return roots.includes(null) ? null : (roots as readonly Scalar[]);
}

/** The roots of a polynomial in x², as square roots of those in x². */
function biquadraticRoots(p: Polynomial, shouldContinue: ShouldContinue): readonly Scalar[] | null {
  if (degreeOf(p) !== 4 || !q.isZero(itemAt(p, 1)) || !q.isZero(itemAt(p, 3))) return null;
  const squares = quadraticRoots([itemAt(p, 0), itemAt(p, 2), itemAt(p, 4)], shouldContinue);
  if (squares === null) return null;
  const roots = squares.map((square) => valueOf(complex.squareRoot(square, shouldContinue)));
  return roots.includes(null) ? null : (roots as readonly Scalar[]).flatMap((root) => [complex.negate(root), root]);
}

/** A number known to lie no further than a radius from the middle. */
const near = (middle: Rational, radius: Rational): RealValue =>
  real('within', fromRational(middle), fromRational(radius));

type Near = Readonly<{ re: Rational; im: Rational }>;

/** Whole numbers near a fraction of which the denominator divides `lead`; null where there is none so near. */
function wholeNear(a: Rational, lead: bigint): bigint | null {
  const scaled = q.multiply(a, q.whole(lead));
  const whole = roundDivide(scaled.n, scaled.d);
  const off = q.magnitude(q.subtract(scaled, q.whole(whole)));
  return q.compare(off, { n: 1n, d: 10n ** 12n }) < 0 ? whole : null;
}

/** A factor of degree two with rational coefficients that two of the roots make, split off; null where none do. */
function quadraticFactor(p: Polynomial, roots: readonly Near[]): Polynomial | null {
  const lead = lastOf(p).n;
  for (const [i, x] of roots.entries())
    for (const y of q.isZero(x.im) ? roots.slice(i + 1).filter(({ im }) => q.isZero(im)) : [x]) {
      const isPair = !q.isZero(x.im);
      const sum = wholeNear(isPair ? q.multiply(q.whole(2), x.re) : q.add(x.re, y.re), lead);
      const size = q.add(q.multiply(x.re, x.re), q.multiply(x.im, x.im));
      const product = wholeNear(isPair ? size : q.multiply(x.re, y.re), lead);
      if (sum === null || product === null) continue;
      const factor = [q.rational(product, lead), q.rational(-sum, lead), q.ONE];
      if (divided(p, factor).remainder.length === 0) return primitive(factor);
    }
  return null;
}

/** Roots of a squarefree polynomial without rational ones: by radicals where these are short, else proved to so many places. */
function othersOf(p: Polynomial, places: number, shouldContinue: ShouldContinue): readonly Scalar[] | null {
  goOn(shouldContinue);
  const degree = degreeOf(p);
  if (degree < 1) return [];
  const short =
    degree === 2
      ? quadraticRoots(p, shouldContinue)
      : (binomialRoots(p, shouldContinue) ?? biquadraticRoots(p, shouldContinue));
  if (short !== null) return short;
  const radius: Rational = { n: 1n, d: 10n ** BigInt(places) };
  const reals = isolated(p).map((interval) => polished(p, interval, places));
  const pairs = complexRootsNear(p, places);
  if (pairs === null || reals.length + 2 * pairs.length !== degree) return null;
  const middle = ([low, high]: readonly [Rational, Rational]): Rational => q.divide(q.add(low, high), q.whole(2));
  const factor =
    degree < 4 ? null : quadraticFactor(p, [...reals.map((ends) => ({ re: middle(ends), im: q.ZERO })), ...pairs]);
  if (factor !== null) {
    const two = quadraticRoots(factor, shouldContinue);
    const rest = othersOf(primitive(divided(p, factor).quotient), places, shouldContinue);
    return two === null || rest === null ? null : [...two, ...rest];
  }
  return [
    ...reals.map((ends) => near(middle(ends), radius)),
    ...pairs.flatMap(({ re, im }) => {
      const above = complex.complex(near(re, radius), near(im, radius));
      return [complex.conjugate(above), above];
    }),
  ];
}

/** Real ones in rising order, then the complex ones by rising real part, each before its conjugate above the axis. */
function inOrder(roots: readonly PolynomialRoot[], shouldContinue: ShouldContinue): readonly PolynomialRoot[] {
  const order = (a: Scalar, b: Scalar): number => {
    if (isReal(a) !== isReal(b)) return isReal(a) ? -1 : 1;
    const re = compareReals(complex.reOf(a), complex.reOf(b), shouldContinue);
    if (typeof re === 'number' && re !== 0) return re;
    const im = compareReals(complex.imOf(a), complex.imOf(b), shouldContinue);
    return typeof im === 'number' ? im : 0;
  };
  return [...roots].sort((a, b) => order(a.value, b.value));
}

/**
 * Every root of a polynomial with rational coefficients with how often it is one. Rational roots and factors of degree
 * two are split off and exact, as are the roots of two terms and of squares; others are proved to lie within 10^−places.
 * Null where a proof is not found.
 */
export function rootsOf(
  p: Polynomial,
  places: number,
  shouldContinue: ShouldContinue,
): readonly PolynomialRoot[] | null {
  const all: PolynomialRoot[] = [];
  for (const { part, multiplicity } of squarefreeParts(p)) {
    const { found, rest } = rationalRoots(part);
    const others = othersOf(primitive(rest), places, shouldContinue);
    if (others === null) return null;
    for (const value of [...found.map(fromRational), ...others]) all.push({ value, multiplicity });
  }
  return inOrder(all, shouldContinue);
}
