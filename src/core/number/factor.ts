import type { ShouldContinue } from '../base/should-continue';
import { bitLength, gcd, perfectRoot, power } from './integer';

const SMALL_LIMIT = 2000;
export const smallPrimes: readonly bigint[] = (() => {
  const composite = new Uint8Array(SMALL_LIMIT);
  const primes: bigint[] = [];
  for (let p = 2; p < SMALL_LIMIT; p += 1) {
    if (composite[p]) continue;
    primes.push(BigInt(p));
    for (let q = p * p; q < SMALL_LIMIT; q += p) composite[q] = 1;
  }
  return primes;
})();

function powerModulo(base: bigint, exponent: bigint, modulus: bigint): bigint {
  let result = 1n;
  let square = base % modulus;
  for (let rest = exponent; rest > 0n; rest >>= 1n) {
    if (rest & 1n) result = (result * square) % modulus;
    square = (square * square) % modulus;
  }
  return result;
}

/**
 * Whether n is prime. Exact below 3.3·10^24 (the first 13 primes as bases, as published by Sorenson and Webster,
 * "Strong pseudoprimes to twelve prime bases", 2017); above, a strong probable prime to those bases.
 */
export function isPrime(n: bigint): boolean {
  if (n < 2n) return false;
  for (const p of smallPrimes.slice(0, 13)) {
    if (n === p) return true;
    if (n % p === 0n) return false;
  }
  let odd = n - 1n;
  let twos = 0;
  while ((odd & 1n) === 0n) {
    odd >>= 1n;
    twos += 1;
  }
  return smallPrimes.slice(0, 13).every((base) => {
    let x = powerModulo(base, odd, n);
    if (x === 1n || x === n - 1n) return true;
    for (let i = 1; i < twos; i += 1) {
      x = (x * x) % n;
      if (x === n - 1n) return true;
    }
    return false;
  });
}

/** A proper divisor of an odd composite n by Pollard's rho with Brent's batching, or null when the steps run out. */
function properDivisor(n: bigint, steps: number, shouldContinue: ShouldContinue): bigint | null {
  let left = steps;
  for (let c = 1n; left > 0 && shouldContinue(); c += 1n) {
    let slow = 2n;
    let fast = 2n;
    let product = 1n;
    while (left > 0 && shouldContinue()) {
      const slowMark = slow;
      const fastMark = fast;
      for (let i = 0; i < 64; i += 1) {
        slow = (slow * slow + c) % n;
        fast = (fast * fast + c) % n;
        fast = (fast * fast + c) % n;
        product = (product * (slow - fast)) % n;
      }
      left -= 64;
      let divisor = gcd(product, n);
      if (divisor === 1n) continue;
      if (divisor === n) {
        slow = slowMark;
        fast = fastMark;
        do {
          slow = (slow * slow + c) % n;
          fast = (fast * fast + c) % n;
          fast = (fast * fast + c) % n;
          divisor = gcd(slow - fast, n);
        } while (divisor === 1n);
      }
      if (divisor !== n) return divisor;
      break;
    }
  }
  return null;
}

/** n without a factor, and how often it was in it: by squares of the factor, so that high powers take few divisions. */
function stripped(n: bigint, factor: bigint): readonly [rest: bigint, times: number] {
  if (n % factor !== 0n) return [n, 0];
  const [rest, pairs] = stripped(n / factor, factor * factor);
  return rest % factor === 0n ? [rest / factor, 2 * pairs + 2] : [rest, 2 * pairs + 1];
}

/** n ≥ 1 divided by the factor > 1 for as long as it divides. Exact. */
export const withoutFactor = (n: bigint, factor: bigint): bigint => stripped(n, factor)[0];

export type PrimePower = Readonly<{ prime: bigint; exponent: number }>;

/** What is left of a longer number without its small primes is not looked into: one step would already take too long. */
const LONGEST_FACTORED_BITS = 4096;
/** Nor is a longer one that is no square: whether it is prime is a power of that length. */
const LONGEST_TESTED_BITS = 1024;

/**
 * The prime factors of n ≥ 1 in rising order, or null when `steps` of search were not enough, it was
 * told to stop, or what is left without the small primes is too long.
 * The time grows with the root of the second largest factor; factors to about 10^9 are found with the default.
 */
export function factorise(n: bigint, shouldContinue: ShouldContinue, steps = 100_000): readonly PrimePower[] | null {
  const found = new Map<bigint, number>();
  const note = (p: bigint, k = 1) => found.set(p, (found.get(p) ?? 0) + k);
  let rest = n;
  for (const p of smallPrimes) {
    if (p * p > rest || !shouldContinue()) break;
    const [left, times] = stripped(rest, p);
    if (times > 0) note(p, times);
    rest = left;
  }
  if (bitLength(rest) > LONGEST_FACTORED_BITS || !shouldContinue()) return null;
  const open = rest > 1n ? [rest] : [];
  for (let m = open.pop(); m !== undefined; m = open.pop()) {
    const root = perfectRoot(m, 2);
    if (root !== null) open.push(root, root);
    else if (bitLength(m) > LONGEST_TESTED_BITS) return null;
    else if (isPrime(m)) note(m);
    else {
      // A step on a long number takes longer, and finds no more.
      const few = Math.ceil(steps / Math.max(1, (bitLength(m) / 100) ** 3));
      const divisor = properDivisor(m, few, shouldContinue);
      if (divisor === null) return null;
      open.push(divisor, m / divisor);
    }
  }
  return [...found].map(([prime, exponent]) => ({ prime, exponent })).sort((a, b) => (a.prime < b.prime ? -1 : 1));
}

/** Powers of primes that take longer to find hardly ever stand under a root; sums of many roots would wait for each. */
export const STEPS_FOR_ROOTS = 25_000;

/** n = square² · free with `free` square-free, for n ≥ 1; null when n could not be factorised within the steps. */
export function squarePart(
  n: bigint,
  shouldContinue: ShouldContinue,
  steps = STEPS_FOR_ROOTS,
): { square: bigint; free: bigint } | null {
  const root = perfectRoot(n, 2);
  if (root !== null) return { square: root, free: 1n };
  const factors = factorise(n, shouldContinue, steps);
  if (factors === null) return null;
  let square = 1n;
  let free = 1n;
  for (const { prime, exponent } of factors) {
    square *= power(prime, exponent >> 1);
    if (exponent & 1) free *= prime;
  }
  return { square, free };
}
