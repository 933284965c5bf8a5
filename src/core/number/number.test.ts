import fc from 'fast-check';
import { decode, encode } from '../notebook/value-codec';
import { toBall } from './approximate';
import { add, divide, fromSurd, magnitude, multiply, negate, real, subtract } from './arithmetic';
import * as ball from './ball';
import type { Ball } from './ball';
import { add as plus, complex, conjugate, divide as over, multiply as times } from './complex';
import { roundToFigures, roundToPlaces } from './digits';
import { factorise } from './factor';
import { power as integerPower } from './integer';
import { root } from './power';
import * as q from './rational';
import type { Rational } from './rational';
import { isBall } from './real-ops';
import * as surd from './surd';
import { fromRational, fromWhole, isExact } from './value';
import type { RealValue, Scalar } from './value';

const SEED = 20261128;
const runs = { seed: SEED, numRuns: 120 };
const shouldContinue = () => true;

const whole = fc.bigInt(-(10n ** 12n), 10n ** 12n);
const fraction = fc.tuple(whole, fc.bigInt(1n, 10n ** 9n)).map(([n, d]) => q.rational(n, d));
/** A ball, and a point that lies in it: middle + t·radius with |t| ≤ 1. */
const ballAndPoint = fc
  .tuple(
    fc.oneof(fc.bigInt(-(2n ** 70n), 2n ** 70n), fc.constant(0n)),
    fc.oneof(fc.bigInt(0n, 2n ** 20n), fc.constant(0n)),
    fc.oneof(fc.integer({ min: -90, max: 10 }), fc.integer({ min: -900, max: 900 })),
    fc.bigInt(-100n, 100n),
  )
  .map(([mid, rad, exp, t]) => {
    const unit = exp >= 0 ? q.whole(integerPower(2n, exp)) : q.rational(1n, integerPower(2n, -exp));
    const point = q.multiply(q.add(q.whole(mid), q.rational(rad * t, 100n)), unit);
    return { b: { mid, rad, exp } satisfies Ball, point };
  });

function holds(b: Ball, x: Rational): boolean {
  const { low, high, shift } = ball.ends(b);
  const scaled = q.multiply(x, q.whole(integerPower(2n, shift)));
  return q.compare(q.whole(low), scaled) <= 0 && q.compare(scaled, q.whole(high)) <= 0;
}

describe(`a ball holds the result of any of its points (seed ${SEED})`, () => {
  const bits = fc.integer({ min: 8, max: 90 });
  test.each([
    ['add', ball.add, q.add],
    ['subtract', ball.subtract, q.subtract],
    ['multiply', ball.multiply, q.multiply],
    ['divide', ball.divide, q.divide],
  ] as const)('%s', (_name, onBalls, onPoints) => {
    fc.assert(
      fc.property(ballAndPoint, ballAndPoint, bits, (x, y, precision) => {
        const result = onBalls(x.b, y.b, precision);
        if (result === null || q.isZero(y.point)) return;
        expect(holds(result, onPoints(x.point, y.point))).toBe(true);
      }),
      runs,
    );
  });
  test('trim, magnitude, whole powers, and the square root by its square', () => {
    fc.assert(
      fc.property(ballAndPoint, bits, fc.integer({ min: 0, max: 9 }), ({ b, point }, precision, k) => {
        expect(holds(ball.trim(b, precision), point)).toBe(true);
        expect(holds(ball.magnitude(b), q.magnitude(point))).toBe(true);
        expect(holds(ball.powerWhole(b, k, precision), q.powerWhole(point, k))).toBe(true);
        const square = ball.squareRoot(ball.multiply(b, b, 300), precision);
        expect(square !== null && holds(square, q.magnitude(point))).toBe(true);
      }),
      runs,
    );
  });
});

describe(`functions of balls agree with themselves at four times the precision (seed ${SEED})`, () => {
  const ops = [
    'exp',
    'sin',
    'cos',
    'arctan',
    'ln',
    'ln1p',
    'arcsin',
    'arccos',
    'gamma',
    'sinh',
    'cosh',
    'tanh',
    'arsinh',
    'arcosh',
    'artanh',
  ] as const;
  const domain = (op: (typeof ops)[number], x: Rational): Rational | null => {
    if (op === 'ln') return q.isZero(x) ? null : q.magnitude(x);
    if (op === 'gamma') return q.add(q.modulo(q.magnitude(x), q.whole(30)), q.rational(1n, 7n));
    if (op === 'arcosh') return q.add(q.magnitude(x), q.ONE);
    if (op === 'ln1p') return q.magnitude(x);
    if (op === 'artanh')
      return q.equal(q.modulo(x, q.whole(2)), q.ZERO) ? null : q.subtract(q.modulo(x, q.whole(2)), q.ONE);
    if (op === 'exp' || op === 'sinh' || op === 'cosh') return q.subtract(q.modulo(x, q.whole(200)), q.whole(100));
    if (op === 'arcsin' || op === 'arccos') return q.subtract(q.modulo(x, q.whole(2)), q.ONE);
    return x;
  };
  test.each(ops)('%s', (op) => {
    fc.assert(
      fc.property(fraction, fc.integer({ min: 40, max: 200 }), (x, bits) => {
        const at = domain(op, x);
        if (at === null) return;
        const value = real(op, fromRational(at));
        const [rough, fine] = [toBall(value, bits, shouldContinue), toBall(value, 4 * bits, shouldContinue)];
        if (!isBall(rough) || !isBall(fine)) return;
        // Both hold the true value, so they overlap; and the fine one is far narrower.
        const apart = ball.subtract(rough, fine, 2000);
        expect(ball.signOf(apart) === null || ball.signOf(apart) === 0).toBe(true);
      }),
      { seed: SEED, numRuns: 40 },
    );
  });
});

const smallFraction = fc.tuple(fc.bigInt(-20n, 20n), fc.bigInt(1n, 12n)).map(([n, d]) => q.rational(n, d));
const sum = fc
  .array(fc.tuple(fc.constantFrom(1, 2, 3, 5, 6, 7, 10, 15), smallFraction), { maxLength: 4 })
  .map((terms) =>
    terms.reduce<surd.SurdSum>(
      (total, [n, c]) => surd.add(total, surd.scale(surd.squareRoot(q.whole(n), shouldContinue)!, c)),
      [],
    ),
  );

test(`square-root sums are a field: a·(1/a) = 1, distributive, and the ball has the same sign (seed ${SEED})`, () => {
  fc.assert(
    fc.property(sum, sum, sum, (a, b, c) => {
      expect(surd.equal(surd.multiply(a, surd.add(b, c)), surd.add(surd.multiply(a, b), surd.multiply(a, c)))).toBe(
        true,
      );
      if (a.length === 0) return;
      const inverse = surd.inverse(a);
      expect(inverse !== null && surd.equal(surd.multiply(a, inverse), surd.fromRational(q.ONE))).toBe(true);
    }),
    runs,
  );
});

const radicalValue = fc
  .tuple(fc.constantFrom(2n, 3n, 6n, 10n), fc.constantFrom(3, 4, 5), smallFraction)
  .map(([n, k, c]) => {
    const made = root(fromWhole(n), k, shouldContinue);
    return made.ok ? multiply(made.value, fromRational(q.isZero(c) ? q.ONE : c)) : fromWhole(0);
  });

test(`roots of any index multiply and divide without loss, as their balls do (seed ${SEED})`, () => {
  fc.assert(
    fc.property(radicalValue, radicalValue, (a, b) => {
      const product = multiply(a, b);
      // Past the ceilings of index and radicand it is a real.
      if (product.kind === 'real') return;
      const back = divide(product, b, shouldContinue);
      expect(back.ok && back.value).toEqual(a);
      const [one, two] = [
        roundToFigures(product, 40, shouldContinue),
        roundToFigures(real('multiply', a, b), 40, shouldContinue),
      ];
      if (typeof one === 'string' || typeof two === 'string') throw new Error('not rounded');
      if (two.settled) expect(one.unscaled).toBe(two.unscaled);
    }),
    runs,
  );
});

test(`nested roots come apart: √(a²) is |a| for sums of two roots (seed ${SEED})`, () => {
  const small = fc.tuple(
    fc.constantFrom(2, 3, 5, 6, 7),
    fc.constantFrom(1, 2, 3, 10),
    fc.bigInt(-9n, 9n),
    fc.bigInt(1n, 9n),
  );
  fc.assert(
    fc.property(small, ([m, n, c, d]) => {
      const part = (k: number, by: bigint) => surd.scale(surd.squareRoot(q.whole(k), shouldContinue)!, q.whole(by));
      const a = surd.add(part(m, d), part(n, c));
      if (a.length < 2) return;
      const made = root({ kind: 'surd', sum: surd.multiply(a, a) }, 2, shouldContinue);
      const value: RealValue = { kind: 'surd', sum: a };
      expect(made.ok && (made.value.kind === 'surd' || made.value.kind === 'rational')).toBe(true);
      const size = magnitude(value, shouldContinue);
      expect(made).toEqual(size);
    }),
    runs,
  );
});

const exactValue: fc.Arbitrary<RealValue> = fc.oneof(
  fraction.map(fromRational),
  fraction.filter((r) => r.n !== 0n).map((times): RealValue => ({ kind: 'pi', times })),
  sum.filter((s) => surd.toRational(s) === null).map((s): RealValue => ({ kind: 'surd', sum: s })),
);

test(`a value is the same after it was saved (seed ${SEED})`, () => {
  const value = fc.tuple(exactValue, exactValue).map(([a, b]) => {
    const shared = real('exp', a);
    return real('add', real('multiply', shared, b), shared);
  });
  const complexValue = fc.tuple(exactValue, exactValue).map(([re, im]) => complex(re, im));
  fc.assert(
    fc.property(fc.oneof(exactValue, value, radicalValue, complexValue), (v) => {
      expect(decode(JSON.parse(JSON.stringify(encode(v))) as ReturnType<typeof encode>)).toEqual(v);
    }),
    runs,
  );
});

test(`rounding: within half a unit, halves away from zero (seed ${SEED})`, () => {
  fc.assert(
    fc.property(fraction, fc.integer({ min: -6, max: 12 }), (x, places) => {
      const made = roundToPlaces(fromRational(x), places, shouldContinue);
      if (typeof made === 'string') throw new Error(made);
      const unit = places >= 0 ? q.rational(1n, integerPower(10n, places)) : q.whole(integerPower(10n, -places));
      const shown = q.multiply(q.whole(made.unscaled), unit);
      const error = q.subtract(shown, x);
      expect(q.compare(q.magnitude(q.add(error, error)), unit)).toBeLessThanOrEqual(0);
      if (q.equal(q.magnitude(q.add(error, error)), unit))
        expect(q.compare(q.magnitude(shown), q.magnitude(x))).toBe(1);
      expect(made.exact).toBe(q.isZero(error));
    }),
    runs,
  );
});

test('the same real in two recipes is settled alike, and what only looks exact is not claimed', () => {
  const two = fromWhole(2);
  const log = real('ln', two);
  const zero = subtract(add(log, real('ln', fromWhole(3))), real('ln', fromWhole(6)));
  expect(roundToFigures(zero, 10, shouldContinue)).toMatchObject({ unscaled: 0n, settled: false });
  expect(subtract(log, log)).toEqual(fromWhole(0));
  expect(divide(log, log, shouldContinue)).toMatchObject({ value: fromWhole(1) });
  expect(multiply(log, fromWhole(0))).toEqual(fromWhole(0));
  expect(negate(negate(log))).toBe(log);
});

test.each([
  [1n, []],
  [
    360n,
    [
      [2n, 3],
      [3n, 2],
      [5n, 1],
    ],
  ],
  [
    1_000_003n * 999_983n,
    [
      [999_983n, 1],
      [1_000_003n, 1],
    ],
  ],
  [2n ** 61n - 1n, [[2n ** 61n - 1n, 1]]],
] as const)('%s has its prime factors', (n, expected) => {
  expect(factorise(n, shouldContinue)!.map((f) => [f.prime, f.exponent])).toEqual(expected);
});

test.each([
  [4n, 2, '2'],
  [72n, 2, '6·√2'],
  [-27n, 3, '-3'],
  [36n, 4, '1·√6'],
  [-4n, 2, 'domain'],
] as const)('the root of %s, index %i, is %s', (n, k, expected) => {
  const made = root(fromWhole(n), k, shouldContinue);
  if (!made.ok) return expect(made.problem.code).toBe(expected);
  const { value } = made;
  if (value.kind === 'surd')
    return expect(value.sum.map((t) => `${t.coefficient.n}·√${t.radicand}`).join()).toBe(expected);
  return expect(value.kind === 'rational' && String(value.value.n)).toBe(expected);
});

const gaussian = fc.tuple(smallFraction, smallFraction).map(([a, b]) => complex(fromRational(a), fromRational(b)));
const surdComplex = fc
  .tuple(sum, smallFraction)
  .map(([a, b]) =>
    complex(fromSurd(a), multiply(fromRational(b), fromSurd(surd.squareRoot(q.whole(3), shouldContinue)!))),
  );

test(`exact complex numbers are a field: distributive, a·(1/a) = 1, |ab|² = |a|²|b|² (seed ${SEED})`, () => {
  const number = fc.oneof(gaussian, surdComplex);
  fc.assert(
    fc.property(number, number, number, (a, b, c) => {
      expect(times(a, plus(b, c))).toEqual(plus(times(a, b), times(a, c)));
      const size = (z: Scalar) => times(z, conjugate(z));
      expect(size(times(a, b))).toEqual(times(size(a), size(b)));
      const inverse = over(fromWhole(1), a, shouldContinue);
      if (inverse.ok && isExact(inverse.value)) expect(times(a, inverse.value)).toEqual(fromWhole(1));
    }),
    runs,
  );
});

test(`exact sums of roots and the same as recipes have the same 40 digits (seed ${SEED})`, () => {
  fc.assert(
    fc.property(sum, sum, fc.constantFrom('add', 'multiply', 'divide'), (a, b, op) => {
      const [x, y] = [fromSurd(a), fromSurd(b)];
      if (op === 'divide' && b.length === 0) return;
      const made =
        op === 'add'
          ? { ok: true as const, value: add(x, y) }
          : op === 'multiply'
            ? { ok: true as const, value: multiply(x, y) }
            : divide(x, y, shouldContinue);
      if (!made.ok) throw new Error(made.problem.code);
      const [exact, recipe] = [
        roundToFigures(made.value, 40, shouldContinue),
        roundToFigures(real(op, x, y), 40, shouldContinue),
      ];
      if (typeof exact === 'string' || typeof recipe === 'string') throw new Error('not rounded');
      // Only a value that is just a decimal, or zero, leaves the recipe unsettled.
      if (recipe.settled) expect([exact.unscaled, exact.places]).toEqual([recipe.unscaled, recipe.places]);
      else expect(exact.exact).toBe(true);
    }),
    runs,
  );
});
