import { itemAt } from '../base/item';
import { TooLarge, goOn } from '../base/limits';
import type { ShouldContinue } from '../base/should-continue';
import * as p from '../number/polynomial';
import type { Monomial, Polynomial, Term } from '../number/polynomial';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { commonDivisor, divided as quotientOf, trimmed } from './rational-polynomial';

/*
 * Polynomials in several letters with rational coefficients: what a system with parameters is solved by. Exponents are
 * whole and not negative.
 */

/** Longer sums are given up. */
const MOST_TERMS = 400;

export const letter = (name: string): Polynomial => p.fromTerm(new Map([[name, q.ONE]]), q.ONE);

const timesMonomial = (a: Monomial, b: Monomial): Monomial => {
  const product = new Map(a);
  for (const [name, exponent] of b) product.set(name, q.add(product.get(name) ?? q.ZERO, exponent));
  return product;
};

/** a · b. Exact; too-large beyond the longest sum. */
export function multiply(a: Polynomial, b: Polynomial): Polynomial {
  const sum = new Map<string, Term>();
  for (const left of a.values())
    for (const right of b.values()) {
      const of = timesMonomial(left.of, right.of);
      const key = p.keyOf(of);
      const before = sum.get(key)?.coefficient ?? q.ZERO;
      sum.set(key, { of, coefficient: q.add(before, q.multiply(left.coefficient, right.coefficient)) });
      if (sum.size > MOST_TERMS) throw new TooLarge();
    }
  for (const [key, { coefficient }] of sum) if (q.isZero(coefficient)) sum.delete(key);
  return sum;
}

export const negate = (a: Polynomial): Polynomial => p.scale(a, q.whole(-1));
export const subtract = (a: Polynomial, b: Polynomial): Polynomial => p.add(a, negate(b));
export const isZero = (a: Polynomial): boolean => a.size === 0;

/** a / b where that is a polynomial, by the highest terms; null where it is none. */
function divided(a: Polynomial, b: Polynomial): Polynomial | null {
  const lead = p.highest(b);
  let [rest, quotient]: [Polynomial, Polynomial] = [a, p.ZERO];
  while (rest.size > 0) {
    const top = p.highest(rest);
    const of = new Map<string, Rational>();
    for (const name of new Set([...top.of.keys(), ...lead.of.keys()])) {
      const exponent = q.subtract(top.of.get(name) ?? q.ZERO, lead.of.get(name) ?? q.ZERO);
      if (q.sign(exponent) < 0) return null;
      if (!q.isZero(exponent)) of.set(name, exponent);
    }
    const term = p.fromTerm(of, q.divide(top.coefficient, lead.coefficient));
    quotient = p.add(quotient, term);
    rest = subtract(rest, multiply(term, b));
  }
  return quotient;
}

/** The determinant, by the minors of ever more rows, each worked once: no division is needed. Square. */
export function determinantIn(rows: readonly (readonly Polynomial[])[], shouldContinue: ShouldContinue): Polynomial {
  let minors = new Map<number, Polynomial>([[0, p.ONE]]);
  for (const row of rows) {
    goOn(shouldContinue);
    const next = new Map<number, Polynomial>();
    for (const [taken, minor] of minors)
      row.forEach((entry, j) => {
        if ((taken >> j) % 2 === 1 || isZero(entry)) return;
        // The sign is that of how many taken columns stand behind this one.
        let behind = 0;
        for (let k = j + 1; k < row.length; k += 1) behind += (taken >> k) % 2;
        const term = multiply(minor, behind % 2 === 0 ? entry : negate(entry));
        const set = taken | (1 << j);
        next.set(set, p.add(next.get(set) ?? p.ZERO, term));
      });
    minors = next;
  }
  return minors.get((1 << rows.length) - 1) ?? p.ZERO;
}

/** A quotient of two polynomials. */
export type Fraction = Readonly<{ top: Polynomial; bottom: Polynomial }>;

const lettersOf = (...all: readonly Polynomial[]): readonly string[] => [
  ...new Set(all.flatMap((one) => [...one.values()].flatMap(({ of }) => [...of.keys()]))),
];

/** Coefficients of a polynomial in one letter, the constant one first. */
function dense(a: Polynomial, name: string): readonly Rational[] {
  const result: Rational[] = [];
  for (const { of, coefficient } of a.values()) {
    const n = Number(of.get(name)?.n ?? 0n);
    while (result.length <= n) result.push(q.ZERO);
    result[n] = coefficient;
  }
  return trimmed(result);
}

const sparse = (coefficients: readonly Rational[], name: string): Polynomial =>
  coefficients.reduce<Polynomial>(
    (sum, c, n) => p.add(sum, p.fromTerm(n === 0 ? p.NO_POWERS : new Map([[name, q.whole(n)]]), c)),
    p.ZERO,
  );

/** The largest monomial that divides every term. */
function commonMonomial(...all: readonly Polynomial[]): Polynomial {
  const terms = all.flatMap((one) => [...one.values()]);
  const of = new Map<string, Rational>();
  for (const name of lettersOf(...all)) {
    const least = terms.map((term) => term.of.get(name) ?? q.ZERO).reduce((a, b) => (q.compare(a, b) < 0 ? a : b));
    if (!q.isZero(least)) of.set(name, least);
  }
  return p.fromTerm(of, q.ONE);
}

/**
 * The same quotient with what its parts have in common divided out: letters that all terms share, a divisor of the whole,
 * and in one letter the greatest common divisor. The denominator has whole coefficients without a common factor, the
 * first of them positive.
 */
export function shortened({ top, bottom }: Fraction): Fraction {
  if (isZero(top)) return { top, bottom: p.ONE };
  const common = commonMonomial(top, bottom);
  let [n, d] = [divided(top, common) ?? top, divided(bottom, common) ?? bottom];
  const names = lettersOf(n, d);
  const whole = divided(n, d);
  const part = whole === null ? divided(d, n) : null;
  if (whole !== null) [n, d] = [whole, p.ONE];
  else if (part !== null) [n, d] = [p.ONE, part];
  else if (names.length === 1) {
    const name = itemAt(names, 0);
    const [a, b] = [dense(n, name), dense(d, name)];
    const shared = commonDivisor(a, b);
    [n, d] = [sparse(quotientOf(a, shared).quotient, name), sparse(quotientOf(b, shared).quotient, name)];
  }
  const terms = [...d.values()];
  const lcm = terms.reduce((m, { coefficient }) => (m * coefficient.d) / gcd(m, coefficient.d), 1n);
  const gcdOf = terms.reduce((g, { coefficient }) => gcd(g, (coefficient.n * lcm) / coefficient.d), 0n);
  const sign = p.highest(d).coefficient.n < 0n ? -1n : 1n;
  const by = q.rational(sign * lcm, gcdOf);
  return { top: p.scale(n, by), bottom: p.scale(d, by) };
}

const gcd = (a: bigint, b: bigint): bigint => (b === 0n ? (a < 0n ? -a : a) : gcd(b, a % b));
