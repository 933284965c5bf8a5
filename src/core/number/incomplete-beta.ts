import * as ball from './ball';
import type { Ball } from './ball';
import { exp } from './elementary';
import type { WithLog } from './incomplete-gamma';
import { lnGamma } from './log-gamma';
import { MOST_TERMS, ONE_BALL, completed, lnDouble, middleDouble } from './shares';
import type { SharesAnswer } from './shares';

/** Both parameters of an incomplete beta function with ln B(a, b). */
export type BetaShape = Readonly<{ a: Ball; b: Ball; lnBeta: Ball }>;

/** The parameters with ln B(a, b) = ln Γ(a) + ln Γ(b) − ln Γ(a+b). */
export function betaShape(a: Ball, b: Ball, bits: number): BetaShape | null {
  const [first, second, both] = [lnGamma(a, bits), lnGamma(b, bits), lnGamma(ball.add(a, b, bits + 16), bits)];
  return first && second && both && { a, b, lnBeta: ball.subtract(ball.add(first, second, bits), both, bits) };
}

/**
 * Σ xⁿ·(a+b)…(a+b+n−1)/((a+1)…(a+n)) from n = 0, for 0 < x < 1: all terms are positive, and each quotient that follows
 * lies below r, the larger of this one and x: what is left out is below term·r/(1 − r).
 */
function risingSeries(a: Ball, b: Ball, x: Ball, bits: number): Ball | null {
  let term = ONE_BALL;
  let sum = ONE_BALL;
  let top = ball.add(a, b, bits);
  let bottom = a;
  for (let n = 1; n < MOST_TERMS; n += 1) {
    bottom = ball.add(bottom, ONE_BALL, bits);
    const quotient = ball.divide(top, bottom, bits);
    if (quotient === null) return null;
    const ratio = ball.multiply(quotient, x, bits);
    term = ball.multiply(term, ratio, bits);
    sum = ball.add(sum, term, bits);
    top = ball.add(top, ONE_BALL, bits);
    if (ball.upperSize(term) > ball.upperSize(sum) - bits) continue;
    const larger = lnDouble(ratio) > lnDouble(x) ? ratio : x;
    const rest = ball.divide(ball.multiply(term, larger, 40), ball.subtract(ONE_BALL, larger, 40), 40);
    // As wide as it is large, and a little more, since the larger one was chosen by its middle.
    if (rest !== null && rest.mid > 0n) return ball.widen(sum, 2n * (rest.mid + rest.rad), rest.exp);
  }
  return null;
}

/** More bits than this are not worked only to be lost. */
const MOST_LOST = 2500;

/** v·ln v − v, the leading part of ln Γ(v). */
const leading = (v: number): number => v * Math.log(v) - v;

/** About how many terms the series takes until they are below 2^−bits of the first. */
function termsFor(a: number, b: number, lnX: number, bits: number): number {
  const lnTerm = (n: number): number =>
    leading(a + b + n) - leading(a + b) - leading(a + 1 + n) + leading(a + 1) + n * lnX;
  let most = 16;
  while (most < 2 * MOST_TERMS && lnTerm(most) > -bits * Math.LN2) most *= 2;
  return most;
}

/**
 * I_x(a, b) and 1 − I_x(a, b) for a, b > 0 and 0 < x < 1, y = 1 − x: one of them to about `bits` bits of itself, the other
 * to 2^−bits; the slope is x^a·y^b/B(a, b), by ln(x/y). By the rising series in x or in y (I_x(a, b) = 1 − I_y(b, a)),
 * whichever costs less once the bits are counted that the other share loses.
 * Null: too wide. Problems: too-large, when either takes more terms than are worked. Source: DLMF 8.17.4, 8.17.8; the
 * bounds are argued above.
 */
export function betaShares({ a, b, lnBeta }: BetaShape, x: WithLog, y: WithLog, bits: number): SharesAnswer {
  const guard = Math.max(
    0,
    ball.upperSize(a) + Math.max(0, ball.upperSize(x.ln)),
    ball.upperSize(b) + Math.max(0, ball.upperSize(y.ln)),
  );
  const work = bits + guard + 24;
  const powers = ball.add(ball.multiply(a, x.ln, work), ball.multiply(b, y.ln, work), work);
  const slope = exp(ball.subtract(powers, lnBeta, work), work);
  if (slope === null || slope === 'too-large') return slope;
  const [p, q, share, lnX, lnY] = [a, b, x.x, x.ln, y.ln].map(middleDouble) as [number, number, number, number, number];
  const [forward, backward] = [termsFor(p, q, lnX, work), termsFor(q, p, lnY, work)];
  const isLower = share <= p / (p + q);
  const lost = Math.max(0, -ball.upperSize(slope));
  const cost = (terms: number, isLost: boolean): number =>
    terms > MOST_TERMS || (isLost && lost > MOST_LOST) ? Infinity : terms * (work + (isLost ? lost : 0));
  const [onward, fromEnd] = [cost(forward, !isLower), cost(backward, isLower)];
  if (Math.min(onward, fromEnd) === Infinity) return 'too-large';
  const isBelow = onward <= fromEnd;
  const series = isBelow ? risingSeries(a, b, x.x, work) : risingSeries(b, a, y.x, work);
  const known = series && ball.divide(ball.multiply(slope, series, work), isBelow ? a : b, work);
  return known && completed(known, isBelow, slope, bits + 8);
}
