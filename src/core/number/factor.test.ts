import fc from 'fast-check';
import { factorise, isPrime, squarePart, withoutFactor } from './factor';
import { power } from './integer';

const SEED = 20261128;
const shouldContinue = () => true;

/** The primes below a bound, by crossing out multiples. */
function sieve(below: number): ReadonlySet<number> {
  const isCrossed = new Uint8Array(below);
  const primes = new Set<number>();
  for (let n = 2; n < below; n += 1) {
    if (isCrossed[n] === 1) continue;
    primes.add(n);
    for (let k = n * n; k < below; k += n) isCrossed[k] = 1;
  }
  return primes;
}

const primes = sieve(30_000);

test('the primes below 30 000 are those that are left when multiples are crossed out', () => {
  const found = Array.from({ length: 30_000 }, (_, n) => n).filter((n) => isPrime(BigInt(n)));
  expect(found).toEqual([...primes]);
});

// On-Line Encyclopedia of Integer Sequences, A000043: exponents p for which 2^p − 1 is prime. From memory.
test.each([2, 3, 5, 7, 13, 17, 19, 31, 61, 89, 107, 127, 521, 607])('2^%i − 1 is prime', (p) =>
  expect(isPrime(power(2n, p) - 1n)).toBe(true),
);

test.each([
  // Carmichael numbers (A002997) and numbers that pass for prime to the first bases (A014233). From memory.
  561n,
  1105n,
  1729n,
  2047n,
  62_745n,
  825_265n,
  1_373_653n,
  25_326_001n,
  3_215_031_751n,
  2_152_302_898_747n,
  3_474_749_660_383n,
  341_550_071_728_321n,
  // Primes whose exponent is prime, and which are not: 2^11 − 1 = 23 · 89, 2^67 − 1 = 193707721 · 761838257287.
  power(2n, 11) - 1n,
  power(2n, 67) - 1n,
  power(2n, 29) - 1n,
  power(2n, 32) + 1n,
  1n,
  0n,
])('%s is not prime', (n) => expect(isPrime(n)).toBe(false));

// Each product can be multiplied out by hand.
test.each([
  [power(2n, 67) - 1n, [193_707_721n, 761_838_257_287n]],
  [power(2n, 32) + 1n, [641n, 6_700_417n]],
  [power(2n, 29) - 1n, [233n, 1103n, 2089n]],
  [1_000_000_007n * 1_000_000_009n, [1_000_000_007n, 1_000_000_009n]],
] as const)('%s is taken apart', (n, factors) =>
  expect(factorise(n, shouldContinue, 4_000_000)?.map(({ prime }) => prime)).toEqual(factors),
);

const factor = fc.constantFrom(...[...primes].map(BigInt));
const product = fc.array(factor, { maxLength: 12 });

describe(`a product of primes (seed ${SEED})`, () => {
  test('comes apart into just these, in rising order', () =>
    fc.assert(
      fc.property(product, (of) => {
        const found = factorise(
          of.reduce((a, b) => a * b, 1n),
          shouldContinue,
        )!;
        expect(found.flatMap(({ prime, exponent }) => Array<bigint>(exponent).fill(prime))).toEqual(
          [...of].sort((a, b) => (a < b ? -1 : a > b ? 1 : 0)),
        );
      }),
      { seed: SEED, numRuns: 200 },
    ));

  test('is a square times what has no square in it', () =>
    fc.assert(
      fc.property(product, (of) => {
        const n = of.reduce((a, b) => a * b, 1n);
        const { square, free } = squarePart(n, shouldContinue)!;
        expect(square * square * free).toBe(n);
        for (const prime of of) expect(free % (prime * prime)).not.toBe(0n);
      }),
      { seed: SEED, numRuns: 200 },
    ));

  test('without a factor no longer has it', () =>
    fc.assert(
      fc.property(product, factor, fc.nat(5), (of, prime, times) => {
        const rest = of.reduce((a, b) => a * b, 1n);
        const left = withoutFactor(rest * power(prime, times), prime);
        expect(left % prime).not.toBe(0n);
        expect((rest * power(prime, times)) % left).toBe(0n);
      }),
      { seed: SEED, numRuns: 200 },
    ));
});

test('a search that was not enough, or was stopped, says so and gives no half of it', () => {
  const hard = 1_000_000_000_039n * 1_000_000_000_061n;
  expect(factorise(hard, shouldContinue, 100)).toBeNull();
  expect(factorise(hard, () => false, 10_000_000)).toBeNull();
  expect(squarePart(hard, shouldContinue, 100)).toBeNull();
  // A square needs no factors.
  expect(squarePart(hard * hard, shouldContinue, 100)).toEqual({ square: hard, free: 1n });
});
