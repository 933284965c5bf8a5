import fc from 'fast-check';
import * as ball from './ball';
import type { Ball } from './ball';
import { estimatedIntegral } from './double-exponential';
import { gaussLegendre } from './legendre';
import { VARIABLE, minus, op, over, plus, squareRoot, times, realValue, wholeNumber } from './real-expr';
import type { RealExpr } from './real-expr';
import { ballFunction } from './real-expr-balls';
import { provedIntegral } from './quadrature';
import * as q from './rational';
import { isBall } from './real-ops';
import { boundsAt } from './rectangle';
import { fromRational } from './value';

const SEED = 20261130;
const shouldContinue = () => true;
const number = (n: bigint, d = 1n): RealExpr => realValue(fromRational(q.rational(n, d)));
const point = (x: q.Rational, bits = 300): Ball => ball.fromRational(x, bits);
const holds = (b: Ball, x: q.Rational): boolean => ball.signOf(ball.subtract(b, point(x, 2000), 2000)) === null;
const reach = (b: Ball): number => ball.upperSize({ mid: b.rad, rad: 0n, exp: b.exp });

test.each([2, 5, 8, 24, 40])('the rule of %i points is right for all polynomials up to its degree, and narrow', (n) => {
  const nodes = gaussLegendre(n, 128);
  expect(nodes).toHaveLength(n);
  for (const degree of [0, 1, 2, n, 2 * n - 2, 2 * n - 1]) {
    const sum = nodes.reduce(
      (total, { at, weight }) => ball.add(total, ball.multiply(ball.powerWhole(at, degree, 200), weight, 200), 200),
      ball.exactly(0n),
    );
    // ∫ x^k over [−1, 1].
    const exact = degree % 2 === 1 ? q.ZERO : q.rational(2n, BigInt(degree + 1));
    expect(holds(sum, exact)).toBe(true);
    expect(reach(sum)).toBeLessThan(-100);
  }
});

const x = VARIABLE;
const analytic: readonly (readonly [name: string, part: RealExpr])[] = [
  ['exp', op('exp', op('negate', times(x, x)))],
  ['sin/cos/tan', plus(op('sin', times(wholeNumber(3), x)), times(op('cos', x), op('tan', over(x, wholeNumber(9)))))],
  ['ln', op('ln', plus(x, wholeNumber(3)))],
  ['ln1p', op('ln1p', plus(x, wholeNumber(2)))],
  ['roots', plus(squareRoot(plus(x, wholeNumber(4))), op('root', plus(x, wholeNumber(5)), wholeNumber(3)))],
  ['quotient', over(minus(x, wholeNumber(7)), plus(wholeNumber(1), times(x, x)))],
  [
    'powers',
    plus(op('wholePower', plus(x, wholeNumber(4)), wholeNumber(-3)), op('realPower', plus(x, wholeNumber(3)), x)),
  ],
  ['arcs', plus(op('arcsin', over(x, wholeNumber(9))), plus(op('arccos', over(x, wholeNumber(7))), op('arctan', x)))],
  ['hyperbolic', plus(op('sinh', x), times(op('cosh', x), op('tanh', x)))],
  ['areas', plus(op('arsinh', x), plus(op('arcosh', plus(x, wholeNumber(9))), op('artanh', over(x, wholeNumber(5)))))],
];

// A bound over a rectangle is one of the function at each of its points; seen on the real line, where balls give the value.
test.each(analytic)(`the bound over a rectangle holds at random points of it: %s (seed ${SEED})`, (_name, part) => {
  const f = ballFunction(part, shouldContinue);
  const near = fc.tuple(fc.bigInt(-150n, 150n), fc.bigInt(1n, 60n), fc.bigInt(-100n, 100n));
  fc.assert(
    fc.property(near, ([middle, radius, t]) => {
      const at = q.rational(middle, 100n);
      const width: Ball = { mid: 0n, rad: radius, exp: -7 };
      const z = { re: ball.add(point(at), width, 300), im: width };
      const bound = boundsAt(64, shouldContinue)(part, z);
      const value = f(point(q.add(at, q.rational(radius * t, 12_800n))), 100);
      if (bound === null || !isBall(value)) return;
      expect(ball.upperSize({ ...value, rad: 0n })).toBeLessThanOrEqual(bound + 1);
    }),
    { seed: SEED, numRuns: 150 },
  );
});

// Both hold the integral, so they overlap; the fine one is narrow.
test.each(analytic)('the proved integral of %s agrees with itself at four times the digits', (_name, part) => {
  const [from, to] = [point(q.rational(-3n, 4n), 900), point(q.rational(5n, 4n), 900)];
  const [rough, fine] = [
    provedIntegral(part, from, to, 50, shouldContinue),
    provedIntegral(part, from, to, 200, shouldContinue),
  ];
  if (rough === null || fine === null || rough === 'stopped' || fine === 'stopped') throw new Error('no integral');
  expect(ball.signOf(ball.subtract(rough, fine, 900))).toBeNull();
  expect(reach(fine)).toBeLessThan(-190);
  // And the other rule comes to the same.
  const other = estimatedIntegral(ballFunction(part, shouldContinue), from, to, 100, shouldContinue);
  if (other === null || other === 'stopped') throw new Error('no estimate');
  expect(ball.upperSize(ball.subtract(other.value, fine, 400))).toBeLessThan(-90);
});

test('what is singular, jumps or has a pole inside is not proved; a corner at a halving point is', () => {
  const one = ball.exactly(1n);
  const proved = (part: RealExpr, from: Ball, to: Ball) => provedIntegral(part, from, to, 60, shouldContinue);
  expect(proved(over(number(1n), x), ball.exactly(0n), one)).toBeNull();
  expect(proved(over(number(1n), minus(x, number(1n, 3n))), ball.exactly(0n), one)).toBeNull();
  const corner = proved(op('magnitude', x), ball.negate(one), one);
  expect(corner !== null && corner !== 'stopped' && holds(corner, q.ONE)).toBe(true);
});

test.each([
  ['1/(1+x²) over the line is π', over(number(1n), plus(number(1n), times(x, x))), '-infinity', 'infinity', 'pi'],
  ['e^−x from 0 is 1', op('exp', op('negate', x)), ball.exactly(0n), 'infinity', 'one'],
  ['e^x to 0 is 1', op('exp', x), '-infinity', ball.exactly(0n), 'one'],
] as const)('%s, to the digits asked for', (_name, part, from, to, value) => {
  const made = estimatedIntegral(ballFunction(part, shouldContinue), from, to, 120, shouldContinue);
  if (made === null || made === 'stopped') throw new Error('no estimate');
  const wanted = ballFunction(value === 'pi' ? realValue({ kind: 'pi', times: q.ONE }) : number(1n), shouldContinue)(
    made.value,
    200,
  );
  expect(isBall(wanted) && ball.upperSize(ball.subtract(made.value, wanted, 300))).toBeLessThan(-115);
});
