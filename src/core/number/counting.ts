import { succeed } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import { ONE, ZERO, add, checkedReal, problemData } from './arithmetic';
import type { RealResult } from './arithmetic';
import { LARGEST_POWER } from './largest-power';
import { power } from './integer';
import { asRational, asWhole, fromWhole } from './value';
import type { RealValue } from './value';

/** The product of the whole numbers from lo to hi, halved so that the factors stay alike in size; null when stopped. */
function productOfRange(lo: bigint, hi: bigint, shouldContinue: ShouldContinue): bigint | null {
  if (hi - lo < 24n) {
    let product = 1n;
    for (let k = lo; k <= hi; k += 1n) product *= k;
    return product;
  }
  if (!shouldContinue()) return null;
  const middle = (lo + hi) / 2n;
  const left = productOfRange(lo, middle, shouldContinue);
  const right = left === null ? null : productOfRange(middle + 1n, hi, shouldContinue);
  return left === null || right === null ? null : left * right;
}

/** An upper bound of the decimal digits of a product of `count` factors up to `largest`. */
const digitsOfProduct = (largest: number, count: number): number => count * Math.log10(Math.max(largest, 1));

/** log10 n! to a digit or so, by Stirling's leading terms (an estimate to refuse by, not an answer). */
const digitsOfFactorial = (n: number): number => n * Math.log10(n / Math.E) + Math.log10(2 * Math.PI * n) / 2;

/** x! for whole x ≥ 0, exact; Γ(x + 1) for other reals. Problems: domain at negative whole numbers; too-large. */
export function factorial(x: RealValue, shouldContinue: ShouldContinue): RealResult {
  const n = asWhole(x);
  if (n === null) {
    const rational = asRational(x);
    if (rational !== null && Number(rational.n / rational.d) > 300_000) return problemData({ code: 'too-large' });
    return checkedReal('gamma', add(x, ONE));
  }
  if (n < 0n) return problemData({ code: 'domain', reason: 'negative-factorial', fn: '!' });
  if (n < 2n) return succeed(ONE);
  if (n > 1_000_000n || digitsOfFactorial(Number(n)) >= LARGEST_POWER) return problemData({ code: 'too-large' });
  const product = productOfRange(2n, n, shouldContinue);
  return product === null ? problemData({ code: 'stopped' }) : succeed(fromWhole(product));
}

/** n·(n−1)·…·(n−r+1) for whole n, r ≥ 0; 0 for r > n. Problems: domain, too-large, stopped. */
export function arrangements(n: RealValue, r: RealValue, shouldContinue: ShouldContinue, fn = 'nPr'): RealResult {
  const [of, by] = [asWhole(n), asWhole(r)];
  if (of === null || by === null || of < 0n || by < 0n)
    return problemData({ code: 'domain', reason: 'whole-numbers-only', fn });
  if (by > of) return succeed(ZERO);
  if (digitsOfProduct(Number(of - by + 1n), Number(by)) >= LARGEST_POWER) return problemData({ code: 'too-large' });
  const product = productOfRange(of - by + 1n, of, shouldContinue);
  return product === null ? problemData({ code: 'stopped' }) : succeed(fromWhole(product));
}

/** Up to here binomials are put together from their primes, when r is not small. */
const MOST_SIEVED = 5_000_000n;
const FEW = 1_000n;

/** log10 of n! by Stirling's leading terms. */
const logFactorial = (n: number): number => (n < 2 ? 0 : digitsOfFactorial(n));

/** n over r as a product of prime powers: p goes into it as often as there are carries when r and n − r are added in base p (E. Kummer, 1852). */
function binomialByPrimes(n: number, r: number, shouldContinue: ShouldContinue): RealResult {
  if (logFactorial(n) - logFactorial(r) - logFactorial(n - r) >= LARGEST_POWER)
    return problemData({ code: 'too-large' });
  const composite = new Uint8Array(n + 1);
  const factors: bigint[] = [];
  for (let p = 2; p <= n; p += 1) {
    if (composite[p] === 1) continue;
    if (!shouldContinue()) return problemData({ code: 'stopped' });
    for (let multiple = p * p; multiple <= n; multiple += p) composite[multiple] = 1;
    let [a, b, carry, exponent] = [r, n - r, 0, 0];
    while (a > 0 || b > 0 || carry > 0) {
      carry = (a % p) + (b % p) + carry >= p ? 1 : 0;
      exponent += carry;
      [a, b] = [Math.floor(a / p), Math.floor(b / p)];
    }
    if (exponent > 0) factors.push(power(BigInt(p), exponent));
  }
  const product = productOf(factors, 0, factors.length, shouldContinue);
  return product === null ? problemData({ code: 'stopped' }) : succeed(fromWhole(product));
}

function productOf(
  factors: readonly bigint[],
  from: number,
  to: number,
  shouldContinue: ShouldContinue,
): bigint | null {
  if (to - from < 2) return factors[from] ?? 1n;
  if (!shouldContinue()) return null;
  const middle = (from + to) >> 1;
  const [left, right] = [
    productOf(factors, from, middle, shouldContinue),
    productOf(factors, middle, to, shouldContinue),
  ];
  return left === null || right === null ? null : left * right;
}

/**
 * n over r = nPr / r! for whole n, r ≥ 0; 0 for r > n. Exact; the smaller of r and n − r is taken, and long ones are
 * put together from their primes (DLMF 26.3). Problems: domain, too-large, stopped.
 */
export function combinations(n: RealValue, r: RealValue, shouldContinue: ShouldContinue): RealResult {
  const [of, by] = [asWhole(n), asWhole(r)];
  if (of === null || by === null || of < 0n || by < 0n)
    return problemData({ code: 'domain', reason: 'whole-numbers-only', fn: 'nCr' });
  if (by > of) return succeed(ZERO);
  const fewer = by > of - by ? of - by : by;
  if (of <= MOST_SIEVED && fewer > FEW) return binomialByPrimes(Number(of), Number(fewer), shouldContinue);
  const top = arrangements(n, fromWhole(fewer), shouldContinue, 'nCr');
  const bottom = factorial(fromWhole(fewer), shouldContinue);
  if (!top.ok || !bottom.ok) return top.ok ? bottom : top;
  const [above, below] = [asWhole(top.value), asWhole(bottom.value)];
  return above === null || below === null ? problemData({ code: 'too-large' }) : succeed(fromWhole(above / below));
}
