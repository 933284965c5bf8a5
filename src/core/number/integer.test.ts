import fc from 'fast-check';
import {
  absolute,
  bitLength,
  floorDivide,
  gcd,
  gcdWithin,
  integerRoot,
  mayBePower,
  perfectRoot,
  power,
  powerOfTen,
  roundDivide,
  squareRootFloor,
} from './integer';

const SEED = 20261128;
const runs = { seed: SEED, numRuns: 300 };
const any = fc.bigInt(-(10n ** 60n), 10n ** 60n);
const positive = fc.bigInt(1n, 10n ** 60n);

describe(`whole numbers keep to what defines them (seed ${SEED})`, () => {
  test('the greatest common divisor divides both, and what is left has none', () =>
    fc.assert(
      fc.property(any, any, (a, b) => {
        const common = gcd(a, b);
        expect(gcdWithin(a, b, () => true)).toBe(common);
        if (common === 0n) return expect([a, b]).toEqual([0n, 0n]);
        expect([a % common, b % common, gcd(a / common, b / common)]).toEqual([0n, 0n, 1n]);
        expect(common > 0n && gcd(b, a) === common).toBe(true);
      }),
      runs,
    ));

  test('a quotient is the floor, or the nearest with halves away from zero', () =>
    fc.assert(
      fc.property(any, positive, (a, b) => {
        const floor = floorDivide(a, b);
        expect(floor * b <= a && a < (floor + 1n) * b).toBe(true);
        const near = roundDivide(a, b);
        const left = absolute(2n * (a - near * b));
        expect(left < b || (left === b && absolute(near) * b > absolute(a))).toBe(true);
        expect(roundDivide(-a, b)).toBe(-near);
      }),
      runs,
    ));

  test('a root is the largest whole number whose power is not above, and a perfect one is found', () =>
    fc.assert(
      fc.property(fc.bigInt(0n, 10n ** 80n), fc.integer({ min: 1, max: 9 }), (n, k) => {
        const root = integerRoot(n, k);
        expect(power(root, k) <= n && n < power(root + 1n, k)).toBe(true);
        if (k === 2) expect(squareRootFloor(n)).toBe(root);
        expect(perfectRoot(n, k)).toBe(power(root, k) === n ? root : null);
        expect(perfectRoot(power(root, k), k)).toBe(root);
        // A number that is a power may never be taken for none.
        if (k > 1) expect(mayBePower(power(root, k), k)).toBe(true);
      }),
      runs,
    ));

  test('a number has as many binary digits as are written', () =>
    fc.assert(
      fc.property(any, (a) => expect(bitLength(a)).toBe(a === 0n ? 0 : absolute(a).toString(2).length)),
      runs,
    ));
});

test.each([0, 1, 2, 10, 1000, 1023, 1024, 1025, 20_000])('a number of %i binary digits has so many', (bits) => {
  if (bits > 0) expect(bitLength(power(2n, bits) - 1n)).toBe(bits);
  expect(bitLength(power(2n, bits))).toBe(bits + 1);
});

test.each([0, 1, 7, 64, 300])('10^%i is a one and so many zeros', (n) =>
  expect(`${powerOfTen(n)}`).toBe(`1${'0'.repeat(n)}`),
);

test('the root of a long number is as right as that of a short one', () => {
  const long = power(3n, 40_001);
  const root = squareRootFloor(long);
  expect(root * root <= long && long < (root + 1n) * (root + 1n)).toBe(true);
  expect(perfectRoot(long * 3n, 2)).toBe(power(3n, 20_001));
});

test('the search for a common divisor ends when it is told to', () => {
  const [a, b] = [power(3n, 50_000), power(7n, 40_000)];
  expect(gcdWithin(a, b, () => false)).toBeNull();
  expect(gcdWithin(power(6n, 500), power(10n, 400), () => true)).toBe(power(2n, 400));
});
