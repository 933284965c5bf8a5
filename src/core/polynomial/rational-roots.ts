import { lastOf } from '../base/item';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { divided, isolated, narrowed } from './rational-polynomial';
import type { Polynomial } from './rational-polynomial';

/** The rational roots of a squarefree polynomial with whole coefficients, and what is left without them. */
export function rationalRoots(p: Polynomial): { found: readonly Rational[]; rest: Polynomial } {
  const lead = lastOf(p);
  const found: Rational[] = [];
  let rest = p;
  for (const interval of isolated(p)) {
    // The denominator of a rational root divides the leading coefficient, so that one multiple is whole.
    const [low, high] = narrowed(p, interval, q.divide(q.ONE, q.multiply(q.whole(4), q.magnitude(lead))));
    const scaled = q.multiply(high, lead);
    for (const n of [scaled.n / scaled.d - 1n, scaled.n / scaled.d, scaled.n / scaled.d + 1n]) {
      const x = q.divide(q.whole(n), lead);
      const isIn = q.compare(x, low) >= 0 && q.compare(x, high) <= 0;
      if (!isIn || !q.isZero(divided(rest, [q.negate(x), q.ONE]).remainder[0] ?? q.ZERO)) continue;
      found.push(x);
      rest = divided(rest, [q.negate(x), q.ONE]).quotient;
      break;
    }
  }
  return { found, rest };
}
