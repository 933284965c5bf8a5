import fc from 'fast-check';
import { contextOf } from '../evaluate/context';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import {
  degreeOf,
  derivative,
  divided,
  isolated,
  narrowed,
  primitive,
  rootBound,
  squarefree,
  trimmed,
  valueAt,
} from '../polynomial/rational-polynomial';
import type { Polynomial } from '../polynomial/rational-polynomial';
import type { Root } from './root';
import { solve } from './solve';
import type { Range } from './solve';

const SEED = 20261128;
const shouldContinue = () => true;

const small = fc
  .tuple(fc.integer({ min: -20, max: 20 }), fc.integer({ min: 1, max: 6 }))
  .map(([n, d]) => q.rational(BigInt(n), BigInt(d)));
const roots = fc.array(small, { minLength: 1, maxLength: 4 });
const polynomial = fc.array(small, { minLength: 1, maxLength: 6 }).map(trimmed);

const times = (a: Polynomial, b: Polynomial): Polynomial => {
  const product = Array.from({ length: a.length + b.length - 1 }, () => q.ZERO);
  a.forEach((x, i) => b.forEach((y, j) => (product[i + j] = q.add(product[i + j]!, q.multiply(x, y)))));
  return trimmed(product);
};
/** The polynomial that is zero at just these. */
const withRoots = (at: readonly Rational[]): Polynomial =>
  at.reduce<Polynomial>((p, root) => times(p, [q.negate(root), q.ONE]), [q.ONE]);

const distinct = (all: readonly Rational[]): readonly Rational[] =>
  [...all].sort(q.compare).filter((a, i, sorted) => i === 0 || !q.equal(a, sorted[i - 1]!));

const typed = ({ n, d }: Rational): string => `(${n}/${d})`;
const written = (p: Polynomial): string => p.map((c, k) => `${typed(c)}*x^${k}`).join('+');

function solved(line: string) {
  const reading = parse(line, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(`${line}: ${reading.problem.code}`);
  return solve(
    reading.value.tree,
    'x',
    { from: q.whole(-100), to: q.whole(100) },
    contextOf({ angle: 'rad', shouldContinue }),
  );
}
const exactly = (root: Root): Rational => {
  if (root.kind !== 'exact' || root.value.kind !== 'rational') throw new Error('the root is no rational');
  return root.value.value;
};

describe(`polynomials of fractions (seed ${SEED})`, () => {
  const runs = { seed: SEED, numRuns: 150 };

  test('a quotient times its divisor, and the remainder, give back what was divided', () =>
    fc.assert(
      fc.property(polynomial, polynomial, (a, b) => {
        if (b.length === 0) return;
        const { quotient, remainder } = divided(a, b);
        expect(remainder.length).toBeLessThan(Math.max(1, b.length));
        const product = quotient.length === 0 ? [] : times(quotient, b);
        const sum = Array.from({ length: Math.max(product.length, remainder.length) }, (_, i) =>
          q.add(product[i] ?? q.ZERO, remainder[i] ?? q.ZERO),
        );
        expect(trimmed(sum)).toEqual(a);
      }),
      runs,
    ));

  test('the derivative of a product is that of each times the other', () =>
    fc.assert(
      fc.property(roots, roots, small, (a, b, x) => {
        const [f, g] = [withRoots(a), withRoots(b)];
        const whole = valueAt(derivative(times(f, g)), x);
        const [df, dg] = [valueAt(derivative(f), x), valueAt(derivative(g), x)];
        expect(whole).toEqual(q.add(q.multiply(df, valueAt(g, x)), q.multiply(valueAt(f, x), dg)));
      }),
      runs,
    ));

  test('each root lies in an interval of its own, within the bound, and is closed in on', () =>
    fc.assert(
      fc.property(roots, (at) => {
        const p = squarefree(withRoots(at));
        const all = distinct(at);
        expect(degreeOf(p)).toBe(all.length);
        const bound = rootBound(p);
        for (const root of all) expect(q.compare(q.magnitude(root), bound)).toBeLessThanOrEqual(0);
        const spans = isolated(p);
        expect(spans).toHaveLength(all.length);
        spans.forEach(([from, to], i) => {
          expect(q.compare(from, all[i]!) <= 0 && q.compare(all[i]!, to) <= 0).toBe(true);
          const width = q.rational(1n, 10n ** 12n);
          const [low, high] = narrowed(p, [from, to], width);
          expect(q.compare(low, all[i]!) <= 0 && q.compare(all[i]!, high) <= 0).toBe(true);
          expect(q.compare(q.subtract(high, low), width)).toBeLessThanOrEqual(0);
        });
      }),
      runs,
    ));

  test('without a common factor it has the same sign everywhere', () =>
    fc.assert(
      fc.property(roots, small, fc.integer({ min: 1, max: 12 }), (at, x, factor) => {
        const p = withRoots(at).map((c) => q.multiply(c, q.whole(factor)));
        expect(q.sign(valueAt(primitive(p), x))).toBe(q.sign(valueAt(p, x)));
        expect(primitive(p).every(q.isWhole)).toBe(true);
      }),
      runs,
    ));
});

test(`an equation made from its roots has just these, each once and in order (seed ${SEED})`, () =>
  fc.assert(
    fc.property(roots, (at) => {
      const result = solved(`${written(withRoots(at))}=0`);
      if (result.kind !== 'roots') throw new Error(result.kind);
      expect(result.roots.map(exactly)).toEqual(distinct(at));
      expect(result.hidden).toBe(0);
    }),
    { seed: SEED, numRuns: 60 },
  ));

test(`roots of a quadratic with a root in them satisfy Vieta's formulas (seed ${SEED})`, () =>
  fc.assert(
    fc.property(small, small, (b, c) => {
      // x² + bx + c with a discriminant that is no square, so that both roots are surds.
      const discriminant = q.subtract(q.multiply(b, b), q.multiply(q.whole(4), c));
      const result = solved(`x^2+${typed(b)}x+${typed(c)}=0`);
      if (result.kind !== 'roots') throw new Error(result.kind);
      expect(result.roots.length).toBe(q.sign(discriminant) < 0 ? 0 : q.isZero(discriminant) ? 1 : 2);
      expect(result.hidden).toBe(q.sign(discriminant) < 0 ? 2 : 0);
      expect(result.roots.every(({ kind }) => kind === 'exact')).toBe(true);
    }),
    { seed: SEED, numRuns: 100 },
  ));

/** Whether a number lies in ranges whose ends are rational. */
const isIn = (x: Rational, ranges: readonly Range[]): boolean =>
  ranges.some(({ from, to, takesFrom, takesTo }) => {
    const low = from === null ? 1 : q.compare(x, exactly(from));
    const high = to === null ? 1 : q.compare(exactly(to), x);
    return (low > 0 || (low === 0 && takesFrom)) && (high > 0 || (high === 0 && takesTo));
  });

const relations = [
  ['<', (s: number) => s < 0],
  ['<=', (s: number) => s <= 0],
  ['>', (s: number) => s > 0],
  ['>=', (s: number) => s >= 0],
] as const;

test(`the ranges of an inequality hold just the numbers for which it is true (seed ${SEED})`, () =>
  fc.assert(
    fc.property(roots, fc.constantFrom(...relations), fc.array(small, { maxLength: 12 }), (at, [sign, isTrue], xs) => {
      const p = withRoots(at);
      const result = solved(`${written(p)}${sign}0`);
      const ranges = result.kind === 'ranges' ? result.ranges : [];
      for (const x of [...xs, ...at]) {
        const found = result.kind === 'always' || (result.kind === 'ranges' && isIn(x, ranges));
        expect({ x, found }).toEqual({ x, found: isTrue(q.sign(valueAt(p, x))) });
      }
    }),
    { seed: SEED, numRuns: 60 },
  ));

test(`two lines that cross in a point have that point (seed ${SEED})`, () =>
  fc.assert(
    fc.property(small, small, fc.array(small, { minLength: 4, maxLength: 4 }), (x, y, [a, b, c, d]) => {
      const determinant = q.subtract(q.multiply(a!, d!), q.multiply(b!, c!));
      const right = (m: Rational, n: Rational): Rational => q.add(q.multiply(m, x), q.multiply(n, y));
      const side = (m: Rational, n: Rational): string => `${typed(m)}x+${typed(n)}y=${typed(right(m, n))}`;
      const result = solved(`${side(a!, b!)} and ${side(c!, d!)}`);
      if (q.isZero(determinant)) return expect(result.kind === 'pair' && result.pair.kind).not.toBe('one');
      if (result.kind !== 'pair' || result.pair.kind !== 'one') throw new Error(result.kind);
      expect(result.pair.values).toEqual([x, y].map((value) => ({ kind: 'rational', value })));
    }),
    { seed: SEED, numRuns: 100 },
  ));
