import { itemAt } from '../base/item';
import type { ShouldContinue } from '../base/should-continue';

/** Whole numbers on BigInt: the helpers that the language does not bring. All are exact. */

export const absolute = (a: bigint): bigint => (a < 0n ? -a : a);

const asDouble = new Float64Array(1);
const asBits = new Uint32Array(asDouble.buffer);
/** Below this a double holds the size of a number; its exponent is 200 ns faster than the text of a long number. */
const DOUBLE_END = 1n << 1000n;

/** The number of binary digits of |a|; 0 for 0. */
export function bitLength(a: bigint): number {
  if (a === 0n) return 0;
  if (a < DOUBLE_END && a > -DOUBLE_END) {
    asDouble[0] = Number(a);
    const bits = ((itemAt(asBits, 1) >>> 20) & 0x7ff) - 1022;
    // A number just below a power of two may have been rounded up to it.
    const isPower = asBits[0] === 0 && (itemAt(asBits, 1) & 0xfffff) === 0;
    return isPower && bits > 53 && absolute(a) < 1n << BigInt(bits - 1) ? bits - 1 : bits;
  }
  const hex = absolute(a).toString(16);
  return (hex.length - 1) * 4 + (32 - Math.clz32(parseInt(hex.charAt(0), 16)));
}

/** Greatest common divisor, never negative; gcd(0, 0) = 0. */
export function gcd(a: bigint, b: bigint): bigint {
  let x = absolute(a);
  let y = absolute(b);
  while (y !== 0n) [x, y] = [y, x % y];
  return x;
}

/** The same for numbers of any length, asking now and then whether to go on; null when told to stop. */
export function gcdWithin(a: bigint, b: bigint, shouldContinue: ShouldContinue): bigint | null {
  let x = absolute(a);
  let y = absolute(b);
  for (let step = 0; y !== 0n; step += 1) {
    if (step % 32 === 31 && !shouldContinue()) return null;
    [x, y] = [y, x % y];
  }
  return x;
}

/** base^n for a whole n ≥ 0. The operator is avoided: some builds turn it into a call on doubles. */
export function power(base: bigint, n: number): bigint {
  let result = 1n;
  let square = base;
  for (let rest = n; rest > 0; rest = Math.floor(rest / 2)) {
    if (rest % 2 === 1) result *= square;
    if (rest > 1) square *= square;
  }
  return result;
}

const MOST_KEPT_TENS = 512;
const tens: bigint[] = [1n];

/** 10^n; the small ones are kept, being asked for at every rounding. */
export function powerOfTen(n: number): bigint {
  if (n > MOST_KEPT_TENS) return power(10n, n);
  for (let k = tens.length; k <= n; k += 1) tens.push(itemAt(tens, k - 1) * 10n);
  return itemAt(tens, n);
}

/** The floor of a / b for b > 0. */
export function floorDivide(a: bigint, b: bigint): bigint {
  const q = a / b;
  return a < 0n && q * b !== a ? q - 1n : q;
}

/** a / b rounded to the nearest whole number, halves away from zero, for b > 0. */
export function roundDivide(a: bigint, b: bigint): bigint {
  const twice = 2n * absolute(a) + b;
  const q = twice / (2n * b);
  return a < 0n ? -q : q;
}

/**
 * The floor of the k-th root of n, for n ≥ 0 and k ≥ 1: Newton from above, which falls until it is right, begun from
 * the root of the leading half, so that only the last two or three steps are long ones.
 */
export function integerRoot(n: bigint, k: number): bigint {
  if (n < 2n || k === 1) return n;
  if (k === 2) return squareRootFloor(n);
  const bits = bitLength(n);
  if (bits <= k) return 1n;
  const by = BigInt(k);
  const half = Math.floor(bits / k / 2);
  let x = half > 32 ? (integerRoot(n >> BigInt(half * k), k) + 1n) << BigInt(half) : 1n << BigInt(Math.ceil(bits / k));
  for (;;) {
    const next = ((by - 1n) * x + n / power(x, k - 1)) / by;
    if (next >= x) return x;
    x = next;
  }
}

/**
 * The floor of √n for n ≥ 0, each step doubling the digits that are right (the method of P. Zimmermann, "Karatsuba
 * square root", 1999, in its short form): about the cost of one division of the full length.
 */
export function squareRootFloor(n: bigint): bigint {
  const half = (bitLength(n) - 1) >> 1;
  let shift = 0;
  while (half >> shift > 24) shift += 1;
  let known = half >> shift;
  // At most 50 bits, of which a double gives the root without error.
  let root = BigInt(Math.floor(Math.sqrt(Number(n >> BigInt(2 * (half - known))))));
  while (shift > 0) {
    shift -= 1;
    const next = half >> shift;
    root = (root << BigInt(next - known - 1)) + (n >> BigInt(2 * half - known - next + 1)) / root;
    known = next;
  }
  return root * root > n ? root - 1n : root;
}

/** From this size on a number is first tried by residues. */
const LONG_BITS = 2000;
const MOST_RESIDUES = 10;

/**
 * Whether n can be a k-th power: modulo a prime p with k | p − 1 it must be a power residue, which one number in k is.
 * A no is certain; it spares the root of a long number.
 */
export function mayBePower(n: bigint, k: number): boolean {
  if (bitLength(n) < LONG_BITS) return true;
  let tried = 0;
  for (let p = k + 1; tried < MOST_RESIDUES && p < 200 * k; p += k) {
    if (!isSmallPrime(p)) continue;
    tried += 1;
    const rest = Number(n % BigInt(p));
    if (rest !== 0 && powerModulo(rest, (p - 1) / k, p) !== 1) return false;
  }
  return true;
}

function isSmallPrime(n: number): boolean {
  for (let d = 2; d * d <= n; d += 1) if (n % d === 0) return false;
  return n > 1;
}

/** b^e mod m, for m so small that products are exact in doubles. */
function powerModulo(b: number, e: number, m: number): number {
  if (m > 94_000_000) return 1;
  let [result, square] = [1, b % m];
  for (let rest = e; rest > 0; rest = Math.floor(rest / 2)) {
    if (rest % 2 === 1) result = (result * square) % m;
    square = (square * square) % m;
  }
  return result;
}

/** The k-th root of n ≥ 0 when it is whole, else null. */
export function perfectRoot(n: bigint, k: number): bigint | null {
  if (!mayBePower(n, k)) return null;
  const root = integerRoot(n, k);
  return power(root, k) === n ? root : null;
}
