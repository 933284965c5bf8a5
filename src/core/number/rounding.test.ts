import Decimal from 'decimal.js';
import fc from 'fast-check';
import { add, fromSurd, multiply, PI, piTimes, real } from './arithmetic';
import * as q from './rational';
import { ceiling, floor, fraction, quotient, remainder, round, roundSignificant, signum, truncate } from './rounding';
import { compareReals, compareWith, signOf } from './sign';
import * as surd from './surd';
import { toDouble } from './to-double';
import { fromRational, fromWhole } from './value';
import type { RealValue } from './value';

/* Against decimal.js 10.6, a general-purpose library of decimals, at 60 digits. */

const SEED = 20261128;
const runs = { seed: SEED, numRuns: 100 };
const shouldContinue = () => true;
const D = Decimal.clone({ precision: 60, rounding: Decimal.ROUND_HALF_UP });

const small = fc
  .tuple(fc.integer({ min: -99_999, max: 99_999 }), fc.integer({ min: 1, max: 999 }))
  .map(([n, d]) => q.rational(BigInt(n), BigInt(d)));
const roots = fc.tuple(fc.integer({ min: 2, max: 200 }), small, small);

type Pair = Readonly<{ ours: RealValue; theirs: Decimal }>;
const decimal = ({ n, d }: q.Rational): Decimal => new D(n.toString()).div(d.toString());

/** A value of each kind, and the same as a decimal of 60 digits. */
const pair: fc.Arbitrary<Pair> = fc.oneof(
  small.map((a) => ({ ours: fromRational(a), theirs: decimal(a) })),
  roots.map(([n, a, b]) => ({
    ours: add(fromRational(a), multiply(fromRational(b), fromSurd(surd.squareRoot(q.whole(n), shouldContinue)!))),
    theirs: decimal(a).plus(decimal(b).times(new D(n).sqrt())),
  })),
  small.map((a) => ({ ours: piTimes(a), theirs: decimal(a).times(D.acos(-1)) })),
  fc.integer({ min: 2, max: 9999 }).map((n) => ({ ours: real('ln', fromWhole(n)), theirs: new D(n).ln() })),
  small.map((a) => ({ ours: real('arctan', fromRational(a)), theirs: decimal(a).atan() })),
);

const shown = (made: ReturnType<typeof floor>): string => {
  if (!made.ok) return made.problem.code;
  const { value } = made;
  return value.kind === 'rational' ? decimal(value.value).toFixed() : value.kind;
};

test.each([
  ['floor', floor, (x: Decimal) => x.floor()],
  ['ceiling', ceiling, (x: Decimal) => x.ceil()],
  ['truncate', truncate, (x: Decimal) => x.trunc()],
  ['signum', signum, (x: Decimal) => new D(x.isZero() ? 0 : x.s)],
] as const)(`%s of every kind of value (seed ${SEED})`, (_name, of, reference) =>
  fc.assert(
    fc.property(pair, ({ ours, theirs }) =>
      expect(shown(of(ours, shouldContinue))).toBe(reference(theirs).plus(0).toFixed()),
    ),
    runs,
  ),
);

test(`rounded to places and to figures (seed ${SEED})`, () =>
  fc.assert(
    fc.property(pair, fc.integer({ min: -3, max: 12 }), fc.integer({ min: 1, max: 12 }), (of, places, figures) => {
      const { ours, theirs } = of;
      const scale = new D(10).pow(-places);
      expect(shown(round(ours, fromWhole(places), shouldContinue))).toBe(
        (places >= 0 ? theirs.toDecimalPlaces(places) : theirs.div(scale).round().times(scale)).plus(0).toFixed(),
      );
      expect(shown(roundSignificant(ours, fromWhole(figures), shouldContinue))).toBe(
        theirs.isZero() ? '0' : theirs.toSignificantDigits(figures).toFixed(),
      );
    }),
    runs,
  ));

test(`quotient and remainder give back what was divided (seed ${SEED})`, () =>
  fc.assert(
    fc.property(small, small, (a, b) => {
      if (q.isZero(b)) return;
      const [x, y] = [fromRational(a), fromRational(b)];
      const [whole, rest] = [quotient(x, y, shouldContinue), remainder(x, y, shouldContinue)];
      if (!whole.ok || !rest.ok) throw new Error('divided by zero');
      expect(add(multiply(whole.value, y), rest.value)).toEqual(x);
      expect(shown(whole)).toBe(decimal(a).div(decimal(b)).floor().plus(0).toFixed());
      const sign = signOf(rest.value, shouldContinue);
      expect([0, q.sign(b)]).toContain(sign);
    }),
    runs,
  ));

test(`order, and the nearest double, are those of the decimals (seed ${SEED})`, () =>
  fc.assert(
    fc.property(pair, pair, small, (a, b, bound) => {
      expect(compareReals(a.ours, b.ours, shouldContinue)).toBe(a.theirs.cmp(b.theirs));
      expect(compareWith(a.ours, bound, shouldContinue)).toBe(a.theirs.cmp(decimal(bound)));
      const [found, near] = [toDouble(a.ours, shouldContinue), a.theirs.toNumber()];
      expect(Math.abs(found - near)).toBeLessThanOrEqual(Math.abs(near) * 2 ** -51);
    }),
    runs,
  ));

test.each<readonly [string, ReturnType<typeof floor>, string]>([
  ['5/2 to a whole number', round(fromRational(q.rational(5n, 2n)), fromWhole(0), shouldContinue), '3'],
  ['−5/2 to a whole number', round(fromRational(q.rational(-5n, 2n)), fromWhole(0), shouldContinue), '-3'],
  ['1 234 to hundreds', round(fromWhole(1234), fromWhole(-2), shouldContinue), '1200'],
  [
    '99.95 to three figures',
    roundSignificant(fromRational(q.rational(1999n, 20n)), fromWhole(3), shouldContinue),
    '100',
  ],
  ['π to half a place', round(PI, fromRational(q.rational(1n, 2n)), shouldContinue), 'domain'],
  ['π to no figure', roundSignificant(PI, fromWhole(0), shouldContinue), 'domain'],
  ['7 by 0', quotient(fromWhole(7), fromWhole(0), shouldContinue), 'divide-by-zero'],
  ['the rest of 7 by 0', remainder(fromWhole(7), fromWhole(0), shouldContinue), 'divide-by-zero'],
  ['the fraction of −7/2', fraction(fromRational(q.rational(-7n, 2n)), shouldContinue), '-0.5'],
  // ln 2 + ln 3 − ln 6 is 0, which only the exact layer can tell.
  [
    'the floor of a hidden zero',
    floor(
      add(add(real('ln', fromWhole(2)), real('ln', fromWhole(3))), multiply(fromWhole(-1), real('ln', fromWhole(6)))),
      shouldContinue,
    ),
    '0',
  ],
])('%s', (_name, made, expected) => expect(shown(made)).toBe(expected));
