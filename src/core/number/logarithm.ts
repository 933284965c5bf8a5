import { succeed } from '../base/result';
import { signOf } from './approximate';
import type { Alive } from './approximate';
import { ONE, ZERO, checkedReal, divide, trouble, undecided } from './arithmetic';
import type { Outcome } from './arithmetic';
import { factorise } from './factor';
import * as q from './rational';
import type { Rational } from './rational';
import { asRational, fromRational } from './value';
import type { Value } from './value';

/** e^v; e^0 = 1 and e^(ln x) = x. */
export function expOf(v: Value): Outcome {
  if (v.kind === 'rational' && q.isZero(v.value)) return succeed(ONE);
  if (v.kind === 'real' && v.op === 'ln') return succeed(v.args[0]!);
  return checkedReal('exp', v);
}

/** ln v for v > 0; ln 1 = 0 and ln(e^x) = x. Problems: domain; not-converged when v may be zero. */
export function lnOf(v: Value, alive: Alive, fn = 'ln'): Outcome {
  if (v.kind === 'rational' && q.equal(v.value, q.ONE)) return succeed(ZERO);
  if (v.kind === 'real' && v.op === 'exp') return succeed(v.args[0]!);
  const sign = signOf(v, alive);
  if (typeof sign === 'string') return undecided(sign);
  if (sign <= 0) return trouble({ code: 'domain', reason: 'log-of-non-positive', fn });
  return checkedReal('ln', v);
}

/** The exponents of the primes in a positive rational, or null when it could not be factorised. */
function primeExponents({ n, d }: Rational): Map<bigint, number> | null {
  const [top, bottom] = [factorise(n), factorise(d)];
  if (top === null || bottom === null) return null;
  return new Map([
    ...top.map((f) => [f.prime, f.exponent] as const),
    ...bottom.map((f) => [f.prime, -f.exponent] as const),
  ]);
}

/** The rational r with base^r = x for positive rationals, base ≠ 1, or null: their prime exponents must be proportional. */
function rationalLog(x: Rational, base: Rational): Rational | null {
  const [of, to] = [primeExponents(x), primeExponents(base)];
  if (of === null || to === null || of.size !== to.size) return null;
  let ratio: Rational | null = null;
  for (const [prime, exponent] of of) {
    const under = to.get(prime);
    if (under === undefined) return null;
    const here = q.rational(BigInt(exponent), BigInt(under));
    if (ratio !== null && !q.equal(ratio, here)) return null;
    ratio = here;
  }
  return ratio;
}

/** The logarithm of x to a base, exact where both are powers of one rational. Problems: domain. */
export function logTo(x: Value, base: Value, alive: Alive, fn = 'log'): Outcome {
  const [plain, plainBase] = [asRational(x), asRational(base)];
  if (plainBase !== null && q.equal(plainBase, q.ONE)) return trouble({ code: 'domain', reason: 'log-base', fn });
  const top = lnOf(x, alive, fn);
  if (!top.ok) return top;
  if (top.value.kind === 'rational' && q.isZero(top.value.value)) return top;
  const bottom = lnOf(base, alive, fn);
  if (!bottom.ok)
    return bottom.problem.code === 'domain' ? trouble({ code: 'domain', reason: 'log-base', fn }) : bottom;
  if (plain !== null && plainBase !== null) {
    const exact = rationalLog(plain, plainBase);
    if (exact !== null) return succeed(fromRational(exact));
  }
  return divide(top.value, bottom.value, alive);
}
