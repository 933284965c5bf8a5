import { entryAt, itemAt } from '../base/item';
import * as q from './rational';
import type { Rational } from './rational';

/** A product of powers of generators, named by text; the exponents are not zero. */
export type Monomial = ReadonlyMap<string, Rational>;
export type Term = Readonly<{ of: Monomial; coefficient: Rational }>;
/** A sum of terms under the key of their monomial; no coefficient is zero. */
export type Polynomial = ReadonlyMap<string, Term>;

/** Longer sums are not looked into: they hardly ever fall together, and it takes time. */
export const MOST_TERMS = 120;

/** Thrown inside the exact layer's search only, to give up; `simplify` turns it into null. */
export class TooMuch extends Error {}

export const NO_POWERS: Monomial = new Map();

const written = ({ n, d }: Rational): string => (d === 1n ? `${n}` : `${n}/${d}`);

/** The same text for the same monomial, whatever the order in which it came about. */
export const keyOf = (of: Monomial): string =>
  [...of]
    .map(([generator, exponent]) => `${generator}^${written(exponent)}`)
    .sort()
    .join('·');

/** The same text for the same sum, whatever the order of its terms. */
export const keyOfPolynomial = (p: Polynomial): string =>
  [...p]
    .map(([key, { coefficient }]) => `${written(coefficient)}*${key}`)
    .sort()
    .join('+');

export const ZERO: Polynomial = new Map();
/** A sum of one rational term; no term for 0. */
export const constant = (c: Rational): Polynomial => fromTerm(NO_POWERS, c);
export const ONE = constant(q.ONE);

/** A sum of one term; no term where its coefficient is 0. */
export function fromTerm(of: Monomial, coefficient: Rational): Polynomial {
  return q.isZero(coefficient) ? ZERO : new Map([[keyOf(of), { of, coefficient }]]);
}

/** a + b, terms of the same monomial put together. Exact. */
export function add(a: Polynomial, b: Polynomial): Polynomial {
  const sum = new Map(a);
  for (const [key, term] of b) {
    const before = sum.get(key);
    const coefficient = before ? q.add(before.coefficient, term.coefficient) : term.coefficient;
    if (q.isZero(coefficient)) sum.delete(key);
    else sum.set(key, { of: term.of, coefficient });
  }
  if (sum.size > MOST_TERMS) throw new TooMuch();
  return sum;
}

/** by · a, for any rational. Exact. */
export function scale(a: Polynomial, by: Rational): Polynomial {
  if (q.isZero(by)) return ZERO;
  return new Map(
    [...a].map(([key, term]) => [key, { of: term.of, coefficient: q.multiply(term.coefficient, by) }] as const),
  );
}

/** The term whose key comes first: what a sum is scaled by to be compared. */
export const leading = (p: Polynomial): Term => entryAt(p, itemAt([...p.keys()].sort(), 0));

/** Lexicographic order of monomials by their generators: a product keeps the order of its factors. */
function compareMonomials(a: Monomial, b: Monomial): number {
  for (const generator of [...new Set([...a.keys(), ...b.keys()])].sort()) {
    const order = q.compare(a.get(generator) ?? q.ZERO, b.get(generator) ?? q.ZERO);
    if (order !== 0) return order;
  }
  return 0;
}

/** The term that comes last in that order: what a division goes by. */
export const highest = (p: Polynomial): Term =>
  [...p.values()].reduce((best, term) => (compareMonomials(term.of, best.of) > 0 ? term : best));

/** The only term, or null. */
export function single(p: Polynomial): Term | null {
  const [term, more] = p.values();
  return more === undefined ? (term ?? null) : null;
}

/** The rational that a sum is, or null. */
export function toRational(p: Polynomial): Rational | null {
  if (p.size === 0) return q.ZERO;
  const only = single(p);
  return only?.of.size === 0 ? only.coefficient : null;
}
