import fc from 'fast-check';
import { all, create } from 'mathjs';
import type { Fraction } from 'mathjs';
import * as q from './rational';
import type { Rational } from './rational';

/* Against the fractions of mathjs 15, a general-purpose library that works them apart from us. */

const SEED = 20261128;
const runs = { seed: SEED, numRuns: 300 };
const math = create(all!, { number: 'Fraction' });

const part = fc.bigInt(-(10n ** 24n), 10n ** 24n);
const rational = fc
  .tuple(part, part)
  .filter(([, d]) => d !== 0n)
  .map(([n, d]) => q.rational(n, d));
const theirs = ({ n, d }: Rational): Fraction => math.fraction(n, d);
const ours = (of: unknown): Rational => {
  const { s, n, d } = of as { s: bigint; n: bigint; d: bigint };
  return { n: s * n, d };
};

test.each([
  ['add', q.add, (a: Fraction, b: Fraction) => math.add(a, b)],
  ['subtract', q.subtract, (a: Fraction, b: Fraction) => math.subtract(a, b)],
  ['multiply', q.multiply, (a: Fraction, b: Fraction) => math.multiply(a, b)],
  ['divide', q.divide, (a: Fraction, b: Fraction) => math.divide(a, b)],
] as const)(`%s, in lowest terms (seed ${SEED})`, (_name, of, reference) =>
  fc.assert(
    fc.property(rational, rational, (a, b) => {
      if (of === q.divide && q.isZero(b)) return;
      expect(of(a, b)).toEqual(ours(reference(theirs(a), theirs(b))));
    }),
    runs,
  ),
);

test(`order, sign and size (seed ${SEED})`, () =>
  fc.assert(
    fc.property(rational, rational, (a, b) => {
      expect(q.compare(a, b)).toBe(Number(math.compare(theirs(a), theirs(b))));
      expect(q.compare(a, b)).toBe(-q.compare(b, a));
      expect(q.equal(a, b)).toBe(q.compare(a, b) === 0);
      expect(q.sign(a)).toBe(Number(math.sign(theirs(a))));
      expect(q.magnitude(a)).toEqual(ours(math.abs(theirs(a))));
      expect(q.isWhole(a)).toBe(theirs(a).d === 1n);
    }),
    runs,
  ));

test(`powers, and the root that undoes them (seed ${SEED})`, () =>
  fc.assert(
    fc.property(rational, fc.integer({ min: -6, max: 6 }), (a, k) => {
      if (q.isZero(a)) return;
      expect(q.powerWhole(a, k)).toEqual(ours(math.pow(theirs(a), math.fraction(k) as never)));
      if (k > 0) expect(q.exactRoot(q.powerWhole(q.magnitude(a), k), k)).toEqual(q.magnitude(a));
      expect(q.multiply(a, q.reciprocal(a))).toEqual(q.ONE);
    }),
    runs,
  ));

test(`a remainder lies from zero to what it is divided by, and differs by a whole multiple (seed ${SEED})`, () =>
  fc.assert(
    fc.property(rational, rational, (a, b) => {
      if (q.isZero(b)) return;
      const m = q.magnitude(b);
      const rest = q.modulo(a, m);
      expect(q.compare(rest, q.ZERO) >= 0 && q.compare(rest, m) < 0).toBe(true);
      expect(q.isWhole(q.divide(q.subtract(a, rest), m))).toBe(true);
    }),
    runs,
  ));

test.each([
  [2n, 1n, 2],
  [1n, 8n, 3],
  [-8n, 27n, 2],
])('%s/%s has no rational root of index %i where it has none', (n, d, k) =>
  expect(n > 0n ? q.exactRoot(q.rational(n, d), k) : null).toEqual(n === 1n ? { n: 1n, d: 2n } : null),
);

test('numbers too long for a double are still told roughly', () => {
  expect(q.roughly(q.rational(1n, 3n))).toBe(1 / 3);
  expect(q.roughly(q.whole(10n ** 20n))).toBe(1e20);
});
