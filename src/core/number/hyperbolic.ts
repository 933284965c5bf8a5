import * as ball from './ball';
import type { Ball } from './ball';
import { exp, ln } from './elementary';

/*
 * Hyperbolic functions and their inverses, put together from balls, which carry their own errors; each works with as
 * many more bits as its argument is small, so that it keeps its relative accuracy near zero. Null: ask with more bits.
 */

const ONE = ball.exactly(1n);

/** Bits lost when a small result comes out as a difference of numbers near 1. */
const lostBits = (x: Ball): number => Math.max(0, -ball.upperSize(x)) + 8;
const isTiny = (x: Ball, bits: number): boolean => ball.upperSize(x) < -bits / 2;
const half = (x: Ball): Ball => ({ ...x, exp: x.exp - 1 });
const twice = (x: Ball): Ball => ({ ...x, exp: x.exp + 1 });

/** e^x and e^−x, joined and halved. */
function halfOfBoth(x: Ball, join: typeof ball.add, work: number, bits: number): Ball | null | 'too-large' {
  const up = exp(x, work);
  if (up === null || up === 'too-large') return up;
  const down = ball.divide(ONE, up, work);
  return down && half(join(up, down, bits));
}

/** sinh x = (e^x − e^−x)/2 to about `bits` bits, for every x; for tiny x, x ± |x|³. Too-large where e^|x| is. */
export function sinh(x: Ball, bits: number): Ball | null | 'too-large' {
  if (ball.upperSize(x) === -Infinity) return x;
  if (isTiny(x, bits)) return ball.trim(ball.widen(x, 1n, 3 * ball.upperSize(x)), bits);
  return halfOfBoth(x, ball.subtract, bits + lostBits(x), bits);
}

/** cosh x = (e^x + e^−x)/2 to about `bits` bits, for every x; too-large where e^|x| is. */
export const cosh = (x: Ball, bits: number): Ball | null | 'too-large' => halfOfBoth(x, ball.add, bits + 4, bits);

/** tanh x = 1 − 2/(e^2x + 1); for large |x| it is ±1 within 2^−bits; for tiny x, x ± |x|³. */
export function tanh(x: Ball, bits: number): Ball | null | 'too-large' {
  if (ball.upperSize(x) === -Infinity) return x;
  if (isTiny(x, bits)) return ball.trim(ball.widen(x, 1n, 3 * ball.upperSize(x)), bits);
  const far = ball.subtract(ball.magnitude(x), ball.exactly(BigInt(bits)), bits);
  if (ball.signOf(far) === 1)
    return { mid: x.mid > 0n ? 1n << BigInt(bits) : -1n << BigInt(bits), rad: 1n, exp: -bits };
  const work = bits + lostBits(x);
  const up = exp(twice(x), work);
  if (up === null || up === 'too-large') return up;
  return ball.divide(ball.subtract(up, ONE, work), ball.add(up, ONE, work), bits);
}

/** ln(1 + x) for x > −1; for tiny x, x ± x². */
export function ln1p(x: Ball, bits: number): Ball | null {
  if (ball.upperSize(x) === -Infinity) return x;
  if (isTiny(x, bits)) return ball.trim(ball.widen(x, 1n, 2 * ball.upperSize(x)), bits);
  const work = bits + lostBits(x);
  return ln(ball.add(ONE, x, work), work);
}

/** arsinh x = ±ln(1 + t) with t = |x| + x²/(1 + √(1 + x²)), for every x; no digits are lost near 0. */
export function arsinh(x: Ball, bits: number): Ball | null {
  const work = bits + 8;
  const size = ball.magnitude(x);
  const square = ball.multiply(x, x, work);
  const root = ball.squareRoot(ball.add(ONE, square, work), work);
  const part = root && ball.divide(square, ball.add(ONE, root, work), work);
  const up = part && ln1p(ball.add(size, part, work), bits);
  return up && (x.mid < 0n ? ball.negate(up) : up);
}

/** arcosh x = ln(1 + t) with t = (x − 1) + √((x − 1)(x + 1)); the part of a ball below 1 is left out. */
export function arcosh(x: Ball, bits: number): Ball | null {
  const work = 2 * bits + 8;
  const above = ball.subtract(x, ONE, work);
  const root = ball.squareRoot(ball.multiply(above, ball.add(x, ONE, work), work), work);
  return root && ln1p(ball.add(above, root, work), bits);
}

/** artanh x = ln(1 + 2x/(1 − x))/2 for |x| < 1; null when the ball reaches an end. */
export function artanh(x: Ball, bits: number): Ball | null {
  const part = ball.divide(twice(x), ball.subtract(ONE, x, 2 * bits + 8), bits + 8);
  const log = part && ln1p(part, bits);
  return log && half(log);
}
