import { itemAt } from '../base/item';
import * as ball from './ball';
import type { Ball } from './ball';
import { pi } from './constants';
import { ln } from './elementary';
import * as q from './rational';
import type { Rational } from './rational';

const bernoulli: Rational[] = [];

/** B_2, B_4, … by the tangent numbers (Brent and Harvey, "Fast computation of Bernoulli, tangent and secant numbers", 2011, algorithm 1). */
export function bernoulliNumbers(count: number): readonly Rational[] {
  if (bernoulli.length >= count) return bernoulli;
  const most = Math.max(count, 2 * bernoulli.length, 16);
  const tangent: bigint[] = [0n, 1n];
  for (let k = 2; k <= most; k += 1) tangent[k] = BigInt(k - 1) * itemAt(tangent, k - 1);
  for (let k = 2; k <= most; k += 1)
    for (let j = k; j <= most; j += 1)
      tangent[j] = BigInt(j - k) * itemAt(tangent, j - 1) + BigInt(j - k + 2) * itemAt(tangent, j);
  bernoulli.length = 0;
  for (let k = 1; k <= most; k += 1) {
    const four = 1n << BigInt(2 * k);
    const value = q.rational(BigInt(2 * k) * itemAt(tangent, k), four * (four - 1n));
    bernoulli.push(k % 2 === 1 ? value : q.negate(value));
  }
  return bernoulli;
}

/**
 * ln Γ(z) for z ≥ bits/5 by Stirling's series, all in balls, so the radius of z is carried by itself. For real z > 0
 * the error is below the first term left out (DLMF 5.11(ii)); that term is added to the radius.
 */
export function lnGammaLarge(z: Ball, bits: number): Ball | null {
  const log = ln(z, bits + 32);
  const inverse = ball.divide(ball.exactly(1n), z, bits + 32);
  const twoPi = { ...pi(bits + 32), exp: -bits - 31 };
  const logTwoPi = ln(twoPi, bits + 32);
  if (log === null || inverse === null || logTwoPi === null) return null;
  const half = ball.exactly(1n, -1);
  let sum = ball.multiply(ball.subtract(z, half, bits + 32), log, bits + 32);
  sum = ball.subtract(sum, z, bits + 32);
  sum = ball.add(sum, ball.multiply(half, logTwoPi, bits + 32), bits + 32);
  const square = ball.multiply(inverse, inverse, bits + 32);
  let power = inverse;
  for (let j = 1; ; j += 1) {
    const b = itemAt(bernoulliNumbers(j), j - 1);
    const factor = q.divide(b, q.whole(2 * j * (2 * j - 1)));
    const term = ball.multiply(ball.fromRational(factor, bits + 32), power, bits + 32);
    const size = ball.upperSize(term);
    if (size < -bits) return ball.widen(sum, 1n, size);
    sum = ball.add(sum, term, bits + 32);
    power = ball.multiply(power, square, bits + 32);
  }
}

/** x > 0 raised above bits/5: Γ(x) = Γ(z)/product. Null when x is too wide to be raised. */
export function raisedForStirling(x: Ball, bits: number): { z: Ball; product: Ball } | null {
  let z = x;
  let product = ball.exactly(1n);
  const target = BigInt(Math.ceil(bits / 5) + 8);
  // Below 8 it is seen at once, where the ends of a tiny number would be longer than any number can be.
  const isBelow = (b: Ball): boolean => {
    if (ball.upperSize(b) <= 3) return true;
    const { low, shift } = ball.ends(b);
    return low < target << BigInt(shift);
  };
  if (ball.upperSize(x) > 40) return { z, product };
  if (ball.upperSize(ball.exactly(x.rad, x.exp)) > 4) return null;
  while (isBelow(z)) {
    product = ball.multiply(product, z, bits);
    z = ball.add(z, ball.exactly(1n), bits);
  }
  return { z, product };
}

/** ln Γ(x) for x > 0, to about 2^−bits of its largest part; null where the ball reaches zero. */
export function lnGamma(x: Ball, bits: number): Ball | null {
  if (ball.signOf(x) !== 1) return null;
  const work = bits + 16 + Math.max(0, ball.upperSize(x));
  const raised = raisedForStirling(x, work);
  const large = raised && lnGammaLarge(raised.z, work);
  const log = raised && ln(raised.product, work);
  return large && log && ball.subtract(large, log, bits + 8);
}
