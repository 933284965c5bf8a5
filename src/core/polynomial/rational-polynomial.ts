import { itemAt, lastOf } from '../base/item';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/** A polynomial with rational coefficients, from the constant one upwards; the last is not zero. */
export type Polynomial = readonly Rational[];

/** The degree of a polynomial whose last coefficient is not 0; −1 for none. */
export const degreeOf = (p: Polynomial): number => p.length - 1;

/** Coefficients, the lowest first, without zeros at the end. */
export function trimmed(p: readonly Rational[]): Polynomial {
  let end = p.length;
  while (end > 0 && q.isZero(itemAt(p, end - 1))) end -= 1;
  return p.slice(0, end);
}

/** The value at x by Horner's rule. Exact. */
export const valueAt = (p: Polynomial, x: Rational): Rational =>
  p.reduceRight((sum, c) => q.add(q.multiply(sum, x), c), q.ZERO);

/** The derivative. Exact. */
export const derivative = (p: Polynomial): Polynomial => p.slice(1).map((c, i) => q.multiply(c, q.whole(i + 1)));

/** Quotient and remainder of a by b ≠ 0, the remainder of lower degree than b. Exact. */
export function divided(a: Polynomial, b: Polynomial): { quotient: Polynomial; remainder: Polynomial } {
  const rest = [...a];
  const quotient: Rational[] = Array.from({ length: Math.max(0, a.length - b.length + 1) }, () => q.ZERO);
  for (let i = a.length - b.length; i >= 0; i -= 1) {
    const factor = q.divide(itemAt(rest, i + b.length - 1), lastOf(b));
    quotient[i] = factor;
    b.forEach((c, j) => (rest[i + j] = q.subtract(itemAt(rest, i + j), q.multiply(factor, c))));
  }
  return { quotient: trimmed(quotient), remainder: trimmed(rest.slice(0, b.length - 1)) };
}

/** With coefficients that are whole and have no common factor: the same roots, smaller numbers. */
export function primitive(p: Polynomial): Polynomial {
  if (p.length === 0) return p;
  const gcd = (a: bigint, b: bigint): bigint => (b === 0n ? (a < 0n ? -a : a) : gcd(b, a % b));
  const common = p.reduce((d, c) => (d / gcd(d, c.d)) * c.d, 1n);
  const wholes = p.map((c) => c.n * (common / c.d));
  const factor = wholes.reduce((g, n) => gcd(g, n), 0n);
  return wholes.map((n) => q.whole(n / factor));
}

/** A polynomial of the highest degree that divides both, with whole coefficients (Euclid). */
export function commonDivisor(a: Polynomial, b: Polynomial): Polynomial {
  let [x, y] = [primitive(a), primitive(b)];
  while (y.length > 0) [x, y] = [y, primitive(divided(x, y).remainder)];
  return x;
}

/** The polynomial with each of its roots once: p divided by what it has in common with its derivative. */
export function squarefree(p: Polynomial): Polynomial {
  if (p.length < 3) return primitive(p);
  const shared = commonDivisor(p, derivative(p));
  return primitive(shared.length === 1 ? p : divided(p, shared).quotient);
}

/**
 * A bound on the size of all roots, 1 + the largest |coefficient| over the leading one (A. Cauchy, 1829, from
 * memory).
 */
export function rootBound(p: Polynomial): Rational {
  const lead = q.magnitude(lastOf(p));
  return p.slice(0, -1).reduce((most, c) => {
    const size = q.add(q.divide(q.magnitude(c), lead), q.ONE);
    return q.compare(size, most) > 0 ? size : most;
  }, q.ONE);
}

/**
 * Sturm's chain of a squarefree polynomial (J. Sturm, 1829, from memory); positive factors are taken out as it goes.
 */
export function sturmChain(p: Polynomial): readonly Polynomial[] {
  const positive = (r: Polynomial): Polynomial => {
    const small = primitive(r);
    return q.sign(lastOf(small)) === q.sign(lastOf(r)) ? small : small.map(q.negate);
  };
  const chain = [p, positive(derivative(p))];
  for (;;) {
    const { remainder } = divided(itemAt(chain, chain.length - 2), lastOf(chain));
    if (remainder.length === 0) return chain;
    chain.push(positive(remainder.map(q.negate)));
  }
}

/** How many roots lie above `from` and up to `to` (Sturm's theorem). */
export function rootsBetween(chain: readonly Polynomial[], from: Rational, to: Rational): number {
  const changes = (x: Rational): number => {
    const signs = chain.map((p) => q.sign(valueAt(p, x))).filter((s) => s !== 0);
    return signs.filter((s, i) => i > 0 && s !== signs[i - 1]).length;
  };
  return changes(from) - changes(to);
}

/** (a + b)/2. Exact. */
export const middle = (a: Rational, b: Rational): Rational => q.divide(q.add(a, b), q.whole(2));

/** Every real root of a squarefree polynomial in an interval of its own, in order; the root may be its upper end. */
export function isolated(p: Polynomial): readonly (readonly [Rational, Rational])[] {
  if (degreeOf(p) < 1) return [];
  const chain = sturmChain(p);
  const bound = rootBound(p);
  const found: (readonly [Rational, Rational])[] = [];
  const visit = (from: Rational, to: Rational, count: number): void => {
    if (count === 0) return;
    if (count === 1) {
      found.push([from, to]);
      return;
    }
    const mid = middle(from, to);
    const left = rootsBetween(chain, from, mid);
    visit(from, mid, left);
    visit(mid, to, count - left);
  };
  const low = q.negate(bound);
  visit(low, bound, rootsBetween(chain, low, bound));
  return found;
}

/** An interval of one root, made narrower than `width`; both ends alike when the root itself was met. */
export function narrowed(
  p: Polynomial,
  [from, to]: readonly [Rational, Rational],
  width: Rational,
): readonly [Rational, Rational] {
  if (q.isZero(valueAt(p, to))) return [to, to];
  const end = q.sign(valueAt(p, to));
  let [low, high] = [from, to];
  while (q.compare(q.subtract(high, low), width) > 0) {
    const mid = middle(low, high);
    const s = q.sign(valueAt(p, mid));
    if (s === 0) return [mid, mid];
    if (s === end) high = mid;
    else low = mid;
  }
  return [low, high];
}
