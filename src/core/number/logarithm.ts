import { itemAt } from '../base/item';
import { succeed } from '../base/result';
import { signOf } from './sign';
import type { ShouldContinue } from '../base/should-continue';
import { ONE, ZERO, add, asRootProduct, checkedReal, divide, problemData, undecided } from './arithmetic';
import type { RealResult } from './arithmetic';
import { factorise, withoutFactor } from './factor';
import * as q from './rational';
import type { Rational } from './rational';
import { asRational, fromRational } from './value';
import type { RealValue } from './value';

/**
 * e^v for every real v; e^0 = 1 and e^(ln x) = x, else a recipe. Problems: too-large for a recipe past its ceiling.
 */
export function expOf(v: RealValue): RealResult {
  if (v.kind === 'rational' && q.isZero(v.value)) return succeed(ONE);
  if (v.kind === 'real' && v.op === 'ln') return succeed(itemAt(v.args, 0));
  return checkedReal('exp', v);
}

/** Nearer to 1 than this, ln keeps its digits only when it is given the distance from 1. */
const NEAR_ONE = q.rational(1n, 1n << 16n);

/** ln v for v > 0; ln 1 = 0 and ln(e^x) = x. Problems: domain; not-converged when v may be zero. */
export function lnOf(v: RealValue, shouldContinue: ShouldContinue, fn = 'ln'): RealResult {
  if (v.kind === 'rational' && q.equal(v.value, q.ONE)) return succeed(ZERO);
  if (v.kind === 'real' && v.op === 'exp') return succeed(itemAt(v.args, 0));
  const sign = signOf(v, shouldContinue);
  if (typeof sign === 'string') return undecided(sign);
  if (sign <= 0) return problemData({ code: 'domain', reason: 'log-of-non-positive', fn });
  const above = add(v, fromRational(q.whole(-1)));
  if (above.kind === 'rational' && q.compare(q.magnitude(above.value), NEAR_ONE) < 0) return checkedReal('ln1p', above);
  return checkedReal('ln', v);
}

/** The exponents of the primes in a positive rational or single root; null for all else, and when it could not be factorised. */
function primeExponents(v: RealValue, shouldContinue: ShouldContinue): ReadonlyMap<bigint, Rational> | null {
  const product = asRootProduct(v, shouldContinue);
  const [top, bottom] = product
    ? [factorise(product.coefficient.n, shouldContinue), factorise(product.coefficient.d, shouldContinue)]
    : [null, null];
  if (!product || !top || !bottom) return null;
  const exponents = new Map(product.exponents);
  const note = (prime: bigint, by: number) => exponents.set(prime, q.add(exponents.get(prime) ?? q.ZERO, q.whole(by)));
  for (const { prime, exponent } of top) note(prime, exponent);
  for (const { prime, exponent } of bottom) note(prime, -exponent);
  return exponents;
}

/** Whether numerator and denominator have no primes but these. */
function isMadeOf({ n, d }: Rational, primes: readonly bigint[]): boolean {
  const rest = primes.reduce((left, prime) => withoutFactor(left, prime), n * d);
  return rest === 1n;
}

/** The rational r with base^r = x for positive rationals or single roots, base ≠ 1, or null: their prime exponents must be proportional. */
function rationalLog(x: RealValue, base: RealValue, shouldContinue: ShouldContinue): Rational | null {
  const to = primeExponents(base, shouldContinue);
  // Only the primes of the base can be in x: others need not be looked for.
  if (to === null || (x.kind === 'rational' && !isMadeOf(x.value, [...to.keys()]))) return null;
  const of = primeExponents(x, shouldContinue);
  if (of?.size !== to.size) return null;
  let ratio: Rational | null = null;
  for (const [prime, exponent] of of) {
    const under = to.get(prime);
    if (under === undefined) return null;
    const here = q.divide(exponent, under);
    if (ratio !== null && !q.equal(ratio, here)) return null;
    ratio = here;
  }
  return ratio;
}

/**
 * The logarithm of x > 0 to a base > 0 other than 1, exact where both are powers of one rational. Problems: domain
 * (number, base); not-converged, too-large, stopped where a sign stays open.
 */
export function logTo(x: RealValue, base: RealValue, shouldContinue: ShouldContinue, fn = 'log'): RealResult {
  const plainBase = asRational(base);
  if (plainBase !== null && q.equal(plainBase, q.ONE)) return problemData({ code: 'domain', reason: 'log-base', fn });
  const top = lnOf(x, shouldContinue, fn);
  if (!top.ok) return top;
  if (top.value.kind === 'rational' && q.isZero(top.value.value)) return top;
  const bottom = lnOf(base, shouldContinue, fn);
  if (!bottom.ok)
    return bottom.problem.code === 'domain' ? problemData({ code: 'domain', reason: 'log-base', fn }) : bottom;
  const exact = rationalLog(x, base, shouldContinue);
  if (exact !== null) return succeed(fromRational(exact));
  return divide(top.value, bottom.value, shouldContinue);
}
