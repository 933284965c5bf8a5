import fc from 'fast-check';
import { itemAt } from '../base/item';
import { toDouble } from '../number/to-double';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { isReal } from '../number/value';
import { cardano } from './cardano';
import { complexRootsNear } from './complex-roots';
import {
  commonDivisor,
  degreeOf,
  derivative,
  divided,
  isolated,
  narrowed,
  primitive,
  rootBound,
  rootsBetween,
  squarefree,
  sturmChain,
  trimmed,
  valueAt,
} from './rational-polynomial';
import type { Polynomial } from './rational-polynomial';
import { rationalRoots } from './rational-roots';
import { rootsOf } from './roots';
import { squarefreeParts } from './squarefree-parts';

const goesOn = () => true;
const SEED = 20261130;

/** By its whole coefficients, the constant first. */
const poly = (...cs: readonly number[]): Polynomial => cs.map(q.whole);
const X = poly(0, 1);

const plus = (a: Polynomial, b: Polynomial): Polynomial =>
  trimmed(Array.from({ length: Math.max(a.length, b.length) }, (_, i) => q.add(a[i] ?? q.ZERO, b[i] ?? q.ZERO)));
const times = (a: Polynomial, b: Polynomial): Polynomial =>
  a.reduce<Polynomial>(
    (sum, c, i) => plus(sum, [...Array.from({ length: i }, () => q.ZERO), ...b.map((d) => q.multiply(c, d))]),
    [],
  );
const scaled = (a: Polynomial, by: Rational): Polynomial => a.map((c) => q.multiply(c, by));
const product = (all: readonly Polynomial[]): Polynomial => all.reduce(times, poly(1));
const power = (a: Polynomial, n: number): Polynomial => product(Array.from({ length: n }, () => a));
/** x − r. */
const minus = (r: Rational): Polynomial => [q.negate(r), q.ONE];
const texts = (p: Polynomial): string => p.map(({ n, d }) => (d === 1n ? `${n}` : `${n}/${d}`)).join(' ');
/** The same but for a constant factor. */
const isLike = (a: Polynomial, b: Polynomial): boolean => {
  const [s, t] = [primitive(a), primitive(b)];
  return texts(s) === texts(t) || texts(s) === texts(t.map(q.negate));
};

const whole = fc.integer({ min: -9, max: 9 });
const fraction = fc.tuple(whole, fc.integer({ min: 1, max: 6 })).map(([n, d]) => q.rational(BigInt(n), BigInt(d)));
const polynomial = fc
  .array(fraction, { minLength: 1, maxLength: 7 })
  .map(trimmed)
  .filter((p) => p.length > 0);

/** A family by its recurrence p(n+1) = (a·x + b)·p(n) − c·p(n−1) (Digital Library of Mathematical Functions, 18.9). */
const family = (
  first: Polynomial,
  step: (n: number) => readonly [a: Rational, b: Rational, c: Rational],
  count: number,
): readonly Polynomial[] => {
  const all = [poly(1), first];
  for (let n = 1; all.length <= count; n += 1) {
    const [a, b, c] = step(n);
    all.push(plus(times([b, a], itemAt(all, n)), scaled(itemAt(all, n - 1), q.negate(c))));
  }
  return all;
};
const r = (n: number, d = 1): Rational => q.rational(BigInt(n), BigInt(d));
const chebyshev = family(X, () => [r(2), r(0), r(1)], 12);
const legendre = family(X, (n) => [r(2 * n + 1, n + 1), r(0), r(n, n + 1)], 12);
const hermite = family(poly(0, 2), (n) => [r(2), r(0), r(2 * n)], 12);
const laguerre = family(poly(1, -1), (n) => [r(-1, n + 1), r(2 * n + 1, n + 1), r(n, n + 1)], 10);

// Abramowitz and Stegun, tables 22.3, 22.9, 22.12 and 22.10 (1964), from memory.
test.each([
  ['T₅', chebyshev[5], '0 5 0 -20 0 16'],
  ['T₈', chebyshev[8], '1 0 -32 0 160 0 -256 0 128'],
  ['P₄', legendre[4], '3/8 0 -15/4 0 35/8'],
  ['P₅', legendre[5], '0 15/8 0 -35/4 0 63/8'],
  ['H₄', hermite[4], '12 0 -48 0 16'],
  ['H₅', hermite[5], '0 120 0 -160 0 32'],
  ['L₃', laguerre[3], '1 -3 3/2 -1/6'],
])('the recurrence makes %s as the handbook prints it', (_, p, printed) => expect(texts(p!)).toBe(printed));

// Their zeros are simple and lie within the interval of their weight (Digital Library of Mathematical Functions, 18.2(vi)).
test.each([
  ['Chebyshev', chebyshev, -1, 1],
  ['Legendre', legendre, -1, 1],
  ['Hermite', hermite, -10, 10],
  ['Laguerre', laguerre, 0, 40],
] as const)('every zero of the polynomials of %s is counted and parted from the others', (_, all, from, to) => {
  all.forEach((p, n) => {
    if (n === 0) return;
    expect(rootsBetween(sturmChain(p), r(from), r(to))).toBe(n);
    const parted = isolated(p);
    expect(parted).toHaveLength(n);
    parted.forEach(([, high], i) => {
      const next = parted[i + 1];
      if (next !== undefined) expect(q.compare(high, next[0])).toBeLessThanOrEqual(0);
    });
  });
});

test('zeros of Chebyshev’s polynomials are the cosines that they are (DLMF 18.5(i))', () => {
  for (const n of [2, 3, 5, 8, 12])
    isolated(chebyshev[n]!).forEach((interval, i) => {
      const [low, high] = narrowed(chebyshev[n]!, interval, r(1, 10 ** 9));
      const exact = Math.cos(((2 * (n - i) - 1) * Math.PI) / (2 * n));
      expect(Math.abs(q.roughly(low) - exact)).toBeLessThan(2e-9);
      expect(Math.abs(q.roughly(high) - exact)).toBeLessThan(2e-9);
    });
});

/** Cyclotomic polynomials: what xⁿ − 1 has that no xᵈ − 1 with a divisor d of n has. */
const cyclotomic = (n: number): Polynomial => {
  const all = plus(power(X, n), poly(-1));
  const smaller = Array.from({ length: n - 1 }, (_, i) => i + 1).filter((d) => n % d === 0);
  return smaller.reduce((p, d) => divided(p, cyclotomic(d)).quotient, all);
};

// The Online Encyclopedia of Integer Sequences, A013595, from memory; 105 is the first with a coefficient beyond 1.
test.each([
  [1, '-1 1'],
  [2, '1 1'],
  [3, '1 1 1'],
  [6, '1 -1 1'],
  [12, '1 0 -1 0 1'],
  [15, '1 -1 0 1 -1 1 0 -1 1'],
])('the cyclotomic polynomial of %d is %s', (n, printed) => {
  expect(texts(cyclotomic(n))).toBe(printed);
  if (n > 2) expect(isolated(cyclotomic(n))).toEqual([]);
});

test('the cyclotomic polynomial of 105 is the first with a coefficient −2', () => {
  const found = cyclotomic(105).map(({ n }) => Number(n));
  expect([degreeOf(cyclotomic(105)), Math.min(...found), Math.max(...found)]).toEqual([48, -2, 1]);
});

test.each([2, 3, 5, 6, 8, 12])('the roots of unity of order %d are proved where they lie', (n) => {
  const found = complexRootsNear(plus(power(X, n), poly(-1)), 20)!;
  const angles = Array.from({ length: Math.ceil(n / 2) - 1 }, (_, i) => (2 * Math.PI * (i + 1)) / n);
  const near = (re: number, im: number): boolean =>
    found.some((z) => Math.hypot(q.roughly(z.re) - re, q.roughly(z.im) - im) < 1e-14);
  expect(found).toHaveLength(angles.length);
  for (const angle of angles) expect(near(Math.cos(angle), Math.sin(angle))).toBe(true);
});

// J. H. Wilkinson, 1959: the roots 1 to 20 move far when a coefficient is rounded; exact ones do not mind.
test('the roots of Wilkinson’s polynomial are the whole numbers from 1 to 20', () => {
  const wilkinson = product(Array.from({ length: 20 }, (_, i) => minus(q.whole(i + 1))));
  expect(texts([wilkinson[19]!, wilkinson[0]!])).toBe('-210 2432902008176640000');
  const { found, rest } = rationalRoots(wilkinson);
  expect(found.map(({ n }) => Number(n)).sort((a, b) => a - b)).toEqual(Array.from({ length: 20 }, (_, i) => i + 1));
  expect(degreeOf(rest)).toBe(0);
});

// Cubics with three real roots, by angles: x³ − 3x + 1 has 2cos 40°, 2cos 80° and 2cos 160°.
test.each([
  ['angles', poly(1, -3, 0, 1), 'angles', [2 * Math.cos((160 * Math.PI) / 180), 2 * Math.cos((80 * Math.PI) / 180)]],
  ['one real root', poly(-1, 1, 0, 1), 'roots', [0.6823278038280193]],
  ['a double root', product([minus(r(1)), minus(r(1)), minus(r(-2))]), null, [-2, 1]],
] as const)('a cubic with %s', (_, p, kind, [first = NaN]) => {
  expect(cardano(p, goesOn)?.kind ?? null).toBe(kind);
  const [least] = rootsOf(p, 20, goesOn)!;
  expect(isReal(least!.value) && Math.abs(toDouble(least!.value, goesOn) - first)).toBeLessThan(1e-14);
});

test(`what is divided is quotient times divisor and a rest of lower degree (seed ${SEED})`, () =>
  fc.assert(
    fc.property(polynomial, polynomial, (a, b) => {
      const { quotient, remainder } = divided(a, b);
      expect(texts(plus(times(quotient, b), remainder))).toBe(texts(a));
      expect(remainder.length).toBeLessThan(Math.max(b.length, 1));
    }),
    { seed: SEED, numRuns: 50 },
  ));

test(`a common factor is found in the common divisor (seed ${SEED})`, () =>
  fc.assert(
    fc.property(polynomial, polynomial, polynomial, (a, b, c) => {
      const shared = commonDivisor(times(a, c), times(b, c));
      expect(divided(shared, c).remainder).toEqual([]);
      for (const of of [a, b]) expect(divided(times(of, c), shared).remainder).toEqual([]);
    }),
    { seed: SEED, numRuns: 50 },
  ));

test(`the slope of a product is that of its factors (seed ${SEED})`, () =>
  fc.assert(
    fc.property(polynomial, polynomial, fraction, (a, b, x) => {
      const slope = plus(times(derivative(a), b), times(a, derivative(b)));
      expect(texts(trimmed(derivative(times(a, b))))).toBe(texts(slope));
      expect(valueAt(times(a, b), x)).toEqual(q.multiply(valueAt(a, x), valueAt(b, x)));
    }),
    { seed: SEED, numRuns: 50 },
  ));

const roots = fc.uniqueArray(fraction, { minLength: 1, maxLength: 4, selector: ({ n, d }) => `${n}/${d}` });
const multiplicities = fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 4, maxLength: 4 });

test(`rational roots come back with how often they are one (seed ${SEED})`, () =>
  fc.assert(
    fc.property(roots, multiplicities, (given, often) => {
      const p = product(given.map((root, i) => power(minus(root), itemAt(often, i))));
      const found = rootsOf(p, 20, goesOn)!.map(({ value, multiplicity }) => [
        isReal(value) ? toDouble(value, goesOn) : NaN,
        multiplicity,
      ]);
      const expected = given.map((root, i) => [q.roughly(root), itemAt(often, i)] as const);
      expect(found).toEqual([...expected].sort(([a], [b]) => a - b));
      expect(degreeOf(squarefree(p))).toBe(given.length);
      expect(isLike(product(squarefreeParts(p).map((part) => power(part.part, part.multiplicity))), p)).toBe(true);
    }),
    { seed: SEED, numRuns: 60 },
  ));

test(`no root lies beyond the bound, and there are as many as there are, real and complex (seed ${SEED})`, () =>
  fc.assert(
    fc.property(
      polynomial.filter((p) => degreeOf(p) > 1),
      (given) => {
        const p = squarefree(given);
        const bound = rootBound(p);
        const far = q.multiply(bound, q.whole(1000));
        const chain = sturmChain(p);
        const count = rootsBetween(chain, q.negate(bound), bound);
        expect(rootsBetween(chain, q.negate(far), far)).toBe(count);
        const above = complexRootsNear(p, 20);
        if (above !== null) expect(count + 2 * above.length).toBe(degreeOf(p));
        const all = rootsOf(given, 20, goesOn);
        if (all !== null) expect(all.reduce((sum, { multiplicity }) => sum + multiplicity, 0)).toBe(degreeOf(given));
      },
    ),
    { seed: SEED, numRuns: 50 },
  ));
