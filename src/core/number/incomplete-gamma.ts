import * as ball from './ball';
import type { Ball } from './ball';
import { exp } from './elementary';
import { MOST_TERMS, ONE_BALL, completed, middleDouble } from './shares';
import type { SharesAnswer } from './shares';

/** The parameter of an incomplete gamma function with ln Γ of it, which is the same for all arguments. */
export type GammaShape = Readonly<{ a: Ball; lnGamma: Ball }>;

/** x with its logarithm. */
export type WithLog = Readonly<{ x: Ball; ln: Ball }>;

/**
 * Σ xⁿ/((a+1)…(a+n)) from n = 0: all terms are positive. Once r = x/(a+n+1) is below 1, what is left out is below
 * term·r/(1 − r), since the quotients fall.
 */
function risingSeries(a: Ball, x: Ball, bits: number): Ball | null {
  let term = ONE_BALL;
  let sum = ONE_BALL;
  let next = a;
  for (let n = 1; n < MOST_TERMS; n += 1) {
    next = ball.add(next, ONE_BALL, bits);
    const ratio = ball.divide(x, next, bits);
    if (ratio === null) return null;
    term = ball.multiply(term, ratio, bits);
    sum = ball.add(sum, term, bits);
    if (ball.upperSize(term) > ball.upperSize(sum) - bits) continue;
    const rest = ball.divide(ball.multiply(term, ratio, 40), ball.subtract(ONE_BALL, ratio, 40), 40);
    if (rest !== null && rest.mid > 0n) return ball.widen(sum, rest.mid + rest.rad, rest.exp);
  }
  return null;
}

/**
 * x^(1−s)·e^x·Γ(s, x) for 0 < s < 1 by the continued fraction 1/(1 + (1−s)/x/(1 + 1/x/(1 + (2−s)/x/(1 + …)))), DLMF
 * 8.9.2. All its parts are positive, so what follows any part lies between 0 and that part alone: it is begun there with
 * a ball that holds all of it, and the way back narrows it.
 */
function fraction(s: Ball, x: Ball, bits: number): Ball | null {
  const each = ball.divide(ONE_BALL, x, bits);
  if (each === null) return null;
  const size = Math.max(1, middleDouble(x));
  let before = Infinity;
  for (let levels = Math.ceil((bits * 0.7) ** 2 / (8 * size)) + 8; levels < MOST_TERMS; levels *= 2) {
    const top = ball.multiply(ball.exactly(BigInt(levels)), each, bits);
    // From 0 to more than the last part: its middle as wide as it is large.
    let rest: Ball = { mid: top.mid + top.rad, rad: top.mid + top.rad, exp: top.exp };
    for (let k = levels; k >= 1; k -= 1) {
      const whole = ball.exactly(BigInt(k));
      const inner = ball.divide(ball.multiply(whole, each, bits), ball.add(ONE_BALL, rest, bits), bits);
      const part =
        inner &&
        ball.divide(ball.multiply(ball.subtract(whole, s, bits), each, bits), ball.add(ONE_BALL, inner, bits), bits);
      if (part === null) return null;
      rest = part;
    }
    const result = ball.divide(ONE_BALL, ball.add(ONE_BALL, rest, bits), bits);
    if (result === null) return null;
    const width = ball.upperSize(ball.exactly(result.rad, result.exp));
    // What s and x themselves leave open is not narrowed by more levels.
    if (width < -bits + 12 || width >= before - 1) return result;
    before = width;
  }
  return null;
}

/**
 * Γ(a, x)/(x^(a−1)e^−x) for x > a − 1: 1 + (a−1)/x + (a−1)(a−2)/x² + …, the parameter lowered by one with each term
 * (DLMF 8.8.2). What is left out is the last term times the same with s = a − m in place of a: for s ≥ 1 that lies
 * between 1 and x/(x − s + 1); when s has come between 0 and 1, the continued fraction tells it.
 */
function fallingSeries(a: Ball, x: Ball, bits: number): Ball | null {
  let term = ONE_BALL;
  let sum = ball.exactly(0n);
  let s = a;
  for (let n = 0; n < MOST_TERMS; n += 1) {
    const below = ball.subtract(s, ONE_BALL, bits);
    const sign = ball.signOf(below);
    if (sign === 0) return ball.add(sum, term, bits);
    if (sign === -1) {
      const rest = fraction(s, x, bits);
      return rest && ball.add(sum, ball.multiply(term, rest, bits), bits);
    }
    if (sign === 1 && n > 0 && ball.upperSize(term) < ball.upperSize(sum) - bits) {
      const most = ball.divide(x, ball.subtract(x, below, bits), 40);
      const rest = most && ball.multiply(term, most, 40);
      return rest && rest.mid > 0n ? ball.widen(sum, rest.mid + rest.rad, rest.exp) : null;
    }
    if (sign === null) {
      // So near to 1 that the side does not show: what is left is 1, by twice as much as s is off at most.
      const off = ball.magnitude(below);
      const rest = ball.widen(ONE_BALL, 2n * (off.mid + off.rad), off.exp);
      return ball.add(sum, ball.multiply(term, rest, bits), bits);
    }
    sum = ball.add(sum, term, bits);
    const ratio = ball.divide(below, x, bits);
    if (ratio === null) return null;
    term = ball.multiply(term, ratio, bits);
    s = below;
  }
  return null;
}

/**
 * P(a, x) = γ(a, x)/Γ(a) and Q = 1 − P for a, x > 0: one of them to about `bits` bits of itself, the other to 2^−bits; the slope is x^a·e^−x/Γ(a), by ln x. Below x = a by the rising series, above it by the falling one; where the
 * latter ends in a continued fraction that would be slow, by what the rising series leaves, and comes out sharp with more bits.
 * Null: too wide, or more terms than are worked. Source: DLMF 8.7.1, 8.8.2, 8.9.2; the bounds are argued above.
 */
export function gammaShares({ a, lnGamma }: GammaShape, { x, ln }: WithLog, bits: number): SharesAnswer {
  const guard = Math.max(0, ball.upperSize(x), ball.upperSize(a) + Math.max(0, ball.upperSize(ln)));
  const work = bits + guard + 24;
  const [shape, at] = [middleDouble(a), middleDouble(x)];
  const power = ball.subtract(ball.subtract(ball.multiply(a, ln, work), x, work), lnGamma, work);
  const slope = exp(power, work);
  if (slope === null || slope === 'too-large') return slope;
  if (at > shape && at > 0.35 * work + 2) {
    const series = fallingSeries(a, x, work);
    const above = series && ball.divide(ball.multiply(slope, series, work), x, work);
    return above && completed(above, false, slope, bits + 8);
  }
  const series = risingSeries(a, x, work);
  const below = series && ball.divide(ball.multiply(slope, series, work), a, work);
  return below && completed(below, true, slope, bits + 8);
}
