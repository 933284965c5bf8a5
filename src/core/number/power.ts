import { itemAt } from '../base/item';
import { succeed } from '../base/result';
import { signOf } from './sign';
import type { ShouldContinue } from '../base/should-continue';
import {
  ONE,
  ZERO,
  asRootProduct,
  asSurd,
  checkedReal,
  divide,
  fromRootProduct,
  fromSurd,
  magnitude,
  multiply,
  negate,
  problemData,
  undecided,
} from './arithmetic';
import type { RealResult } from './arithmetic';
import { LARGEST_POWER } from './largest-power';
import { denestedRoot } from './denest';
import { expOf } from './logarithm';
import { absolute, bitLength } from './integer';
import * as q from './rational';
import type { Rational } from './rational';
import * as radical from './radical';
import * as surd from './surd';
import { asRational, fromRational, fromWhole } from './value';
import type { RealValue } from './value';

/** Bits of the largest whole number that a display can hold. */
const LARGEST_BITS = LARGEST_POWER * 3.3219281;

/** A sum of roots is multiplied with itself at most so often. */
const MOST_MULTIPLIED = 512n;

/**
 * The k-th root of v for whole k ≥ 2, real branch: odd roots of negatives are negative (DLMF 4.2 for the principal
 * values elsewhere). Exact when it comes out, or as a square root in lowest form.
 * Problems: domain (even root of a negative).
 */
export function root(v: RealValue, k: number, shouldContinue: ShouldContinue, fn = 'root'): RealResult {
  const sign = signOf(v, shouldContinue);
  if (sign === 'too-large' || sign === 'stopped') return undecided(sign);
  if (sign === 0) return succeed(ZERO);
  if (sign === -1 && k % 2 === 0) return problemData({ code: 'domain', reason: 'even-root-of-negative', fn });
  if (sign === 'undecided' && k !== 2) return problemData({ code: 'not-converged' });
  const exact = exactRoot(sign === -1 ? negate(v) : v, k, shouldContinue);
  if (exact !== null) return succeed(sign === -1 ? negate(exact) : exact);
  return checkedReal('root', v, fromWhole(k));
}

/** The k-th root of a positive value where it comes out, is a single root in lowest form, or (k = 2) can be denested. */
function exactRoot(v: RealValue, k: number, shouldContinue: ShouldContinue): RealValue | null {
  if (v.kind === 'rational') {
    const plain = q.exactRoot(v.value, k);
    if (plain !== null) return fromRational(plain);
    if (k === 2) {
      const sum = surd.squareRoot(v.value, shouldContinue);
      return sum && fromSurd(sum);
    }
  }
  const product = asRootProduct(v, shouldContinue);
  if (product !== null) return fromRootProduct(radical.raise(product, q.rational(1n, BigInt(k)), shouldContinue));
  if (v.kind !== 'surd' || k % 2 !== 0) return null;
  const nested = denestedRoot(v.sum, shouldContinue);
  return nested && (k === 2 ? fromSurd(nested) : exactRoot(fromSurd(nested), k / 2, shouldContinue));
}

/**
 * base^exponent. Whole powers of exact values stay exact; rational ones where the root comes out; 0^0 = 1.
 * A negative base takes rational exponents with an odd denominator.
 * Problems: divide-by-zero (0 to a negative power), domain, too-large (estimated before it is worked).
 */
export function power(base: RealValue, exponent: RealValue, shouldContinue: ShouldContinue): RealResult {
  const to = asRational(exponent);
  if (to !== null && q.isZero(to)) return succeed(ONE);
  if (base.kind === 'real' && base.op === 'exp') return expOf(multiply(itemAt(base.args, 0), exponent));
  const sign = signOf(base, shouldContinue);
  if (sign === 'too-large' || sign === 'stopped') return undecided(sign);
  if (sign === 0) return zeroPower(exponent, shouldContinue);
  if (to === null) return realPower(base, sign, exponent);
  if (to.d === 1n) return wholePower(base, to.n, shouldContinue);
  if (sign === -1 && to.d % 2n === 0n) return problemData({ code: 'domain', reason: 'even-root-of-negative', fn: '^' });
  if (to.d > 1_000_000n) {
    if (sign === -1) return problemData({ code: 'not-converged' });
    return realPower(base, sign, exponent);
  }
  return rationalPower(base, sign, to, shouldContinue);
}

function zeroPower(exponent: RealValue, shouldContinue: ShouldContinue): RealResult {
  const sign = signOf(exponent, shouldContinue);
  if (typeof sign === 'string') return undecided(sign);
  return sign > 0 ? succeed(ZERO) : problemData({ code: 'divide-by-zero' });
}

function realPower(base: RealValue, sign: ReturnType<typeof signOf>, exponent: RealValue): RealResult {
  if (sign === -1) return problemData({ code: 'domain', reason: 'negative-base', fn: '^' });
  if (sign === 'undecided') return problemData({ code: 'not-converged' });
  if (base.kind === 'rational' && q.equal(base.value, q.ONE)) return succeed(ONE);
  return checkedReal('realPower', base, exponent);
}

/** Longer numbers are not written only to take a root of them. */
const LONGEST_ROOTED_BITS = 4096;

/** Whether base^p is no number to take an r-th root of: 7^2.718281 would be a root of 7^2718281. */
const isBeyondRoots = (base: Rational | null, { n: p, d: r }: Rational): boolean =>
  base === null
    ? absolute(p) > MOST_MULTIPLIED
    : r > BigInt(radical.LARGEST_INDEX) ||
      Math.max(grownBits(base.n, absolute(p)), grownBits(base.d, absolute(p))) > LONGEST_ROOTED_BITS;

/** base^(p/r) = (base^p)^(1/r), the root taken first where it is exact so that the numbers stay small. */
function rationalPower(
  base: RealValue,
  sign: ReturnType<typeof signOf>,
  to: Rational,
  shouldContinue: ShouldContinue,
): RealResult {
  const k = Number(to.d);
  const exact = asRational(base);
  const plain = exact && q.exactRoot(q.magnitude(exact), k);
  if (plain) {
    return wholePower(fromRational(exact.n < 0n ? q.negate(plain) : plain), to.n, shouldContinue);
  }
  const size = sign === -1 ? negate(base) : base;
  const signed = (v: RealValue): RealValue => (sign === -1 && to.n % 2n !== 0n ? negate(v) : v);
  const product = asRootProduct(size, shouldContinue);
  const raisedProduct = product && fromRootProduct(radical.raise(product, to, shouldContinue));
  if (raisedProduct) return succeed(signed(raisedProduct));
  if (k > 2 && isBeyondRoots(exact, to)) {
    const result = realPower(size, sign === -1 ? 1 : sign, fromRational(to));
    return result.ok ? succeed(signed(result.value)) : result;
  }
  if (k === 2) {
    // x^(p/2) = x^((p−1)/2) · √x keeps the number under the root small.
    const half = root(base, 2, shouldContinue, '^');
    const rest = half.ok ? wholePower(base, (to.n - 1n) / 2n, shouldContinue) : half;
    return half.ok && rest.ok ? succeed(multiply(rest.value, half.value)) : rest;
  }
  const raised = wholePower(base, to.n, shouldContinue);
  return raised.ok ? root(raised.value, k, shouldContinue, '^') : raised;
}

/** log2 of a ≥ 1, to ten digits or so. */
function log2(a: bigint): number {
  const shift = Math.max(0, bitLength(a) - 53);
  return Math.log2(Number(a >> BigInt(shift))) + shift;
}

/** Bits that |a|^n would need; infinite where n is beyond all numbers of that kind. */
function grownBits(a: bigint, n: bigint): number {
  const bits = a === 0n ? 0 : log2(absolute(a));
  // Of 1 every power is as short, also one so high that its double is infinite.
  return bits === 0 ? 0 : bits * Number(n);
}

/** A power that no product can reach, by the logarithm: (1 + 10^−30)^(10^30) is near e. */
function hugePower(base: RealValue, n: bigint, shouldContinue: ShouldContinue): RealResult {
  const size = magnitude(base, shouldContinue);
  if (!size.ok) return size;
  const result = checkedReal('realPower', size.value, fromWhole(n));
  return result.ok && n % 2n !== 0n && signOf(base, shouldContinue) === -1 ? succeed(negate(result.value)) : result;
}

function wholePower(base: RealValue, n: bigint, shouldContinue: ShouldContinue): RealResult {
  const size = absolute(n);
  if (base.kind === 'rational') {
    const { n: top, d: bottom } = base.value;
    if (bottom === 1n && (top === 1n || top === -1n)) return succeed(fromWhole(top === 1n || n % 2n === 0n ? 1 : -1));
    const isWide = Math.max(grownBits(top, size), grownBits(bottom, size)) > LARGEST_BITS;
    if (isWide && bottom === 1n && n > 0n) return problemData({ code: 'too-large' });
    if (!isWide) return succeed(fromRational(q.powerWhole(base.value, Number(n))));
  }
  if (size > BigInt(Number.MAX_SAFE_INTEGER)) return hugePower(base, n, shouldContinue);
  if (base.kind === 'radical') {
    const product = asRootProduct(base, shouldContinue);
    const raised =
      product && fromRootProduct(radical.raise({ ...product, coefficient: q.ONE }, q.whole(n), shouldContinue));
    const front = wholePower(fromRational(base.of.coefficient), n, shouldContinue);
    if (raised && front.ok) return succeed(multiply(raised, front.value));
  }
  const sum = base.kind === 'surd' ? base.sum : null;
  if (sum !== null && size <= MOST_MULTIPLIED) {
    let result: RealValue = ONE;
    for (let i = 0; i < Number(size) && shouldContinue(); i += 1) result = multiply(result, base);
    if (asSurd(result) !== null && shouldContinue())
      return n > 0n ? succeed(result) : divide(ONE, result, shouldContinue);
  }
  return checkedReal('wholePower', base, fromWhole(n));
}
