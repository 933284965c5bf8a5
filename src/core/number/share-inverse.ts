import * as ball from './ball';
import type { Ball } from './ball';
import { exp, ln } from './elementary';
import { ONE_BALL, lnDouble, middleDouble } from './shares';
import type { Shares, SharesAnswer } from './shares';

/** The shares at u, the logarithm that the argument is told by. */
export type SharesAt = (u: Ball, bits: number) => SharesAnswer;

/** Bits with which the place is first looked for. */
const COARSE_BITS = 64;
const MOST_LOOKS = 400;

const ofDouble = (x: number): Ball => {
  // A double is a whole number of 2^−60 of the power of two above it.
  const exponent = x === 0 ? 0 : Math.floor(Math.log2(Math.abs(x))) - 60;
  return ball.exactly(BigInt(Math.round(x / 2 ** exponent)), exponent);
};

/** Where the lower share is p and the upper q = 1 − p, roughly: brackets and the false position on the logarithm of the smaller one. */
function roughly(at: SharesAt, p: Ball, q: Ball, from: number): number | null | 'too-large' {
  const isLow = lnDouble(p) <= lnDouble(q);
  const wanted = lnDouble(isLow ? p : q);
  let problem: null | 'too-large' = null;
  /** Rises through zero where the share is right. */
  const off = (u: number): number => {
    const shares = at(ofDouble(u), COARSE_BITS);
    if (shares === null || shares === 'too-large') {
      problem = shares;
      return NaN;
    }
    const share = Math.max(-1e12, lnDouble(isLow ? shares.below : shares.above));
    return isLow ? share - wanted : wanted - share;
  };
  let [low, high] = [from, from];
  let [atLow, atHigh] = [off(from), off(from)];
  for (let step = 0.5, k = 0; !(atLow <= 0 && atHigh >= 0); step *= 2, k += 1) {
    if (Number.isNaN(atLow) || Number.isNaN(atHigh) || k > 60) return problem;
    if (atLow > 0) [high, atHigh, low, atLow] = [low, atLow, low - step, off(low - step)];
    else [low, atLow, high, atHigh] = [high, atHigh, high + step, off(high + step)];
  }
  for (let k = 0; k < MOST_LOOKS && high - low > 1e-9 * Math.max(1, Math.abs(low)); k += 1) {
    // Every third look halves, so that a strongly bent share does not creep.
    const part = k % 3 === 2 || atHigh === atLow ? 0.5 : Math.min(0.99, Math.max(0.01, -atLow / (atHigh - atLow)));
    const middle = low + (high - low) * part;
    const value = off(middle);
    if (Number.isNaN(value)) return problem;
    if (value <= 0) [low, atLow] = [middle, value];
    else [high, atHigh] = [middle, value];
  }
  return (low + high) / 2;
}

/** The sign of the share at u less the one that is wanted; null where it does not show. */
function side(shares: Shares, p: Ball, q: Ball, isLow: boolean, bits: number): -1 | 0 | 1 | null {
  return isLow ? ball.signOf(ball.subtract(shares.below, p, bits)) : ball.signOf(ball.subtract(q, shares.above, bits));
}

/**
 * The u at which the lower share is p and the upper one q = 1 − p, 0 < p < 1, to about 2^−bits. A rough place is
 * sharpened by Newton's steps, which prove nothing; then the shares at both ends of a small stretch around it are shown
 * to lie on either side of p, for every p that its ball holds. Null: no such stretch was found at this precision.
 */
export function inverseOf(at: SharesAt, p: Ball, q: Ball, from: number, bits: number): Ball | null | 'too-large' {
  if (!Number.isFinite(from)) return 'too-large';
  const rough = roughly(at, p, q, from);
  if (rough === null || rough === 'too-large') return rough;
  const isLow = lnDouble(p) <= lnDouble(q);
  // A share near one takes more bits for its slope to be seen; what is lost there is counted by the smaller share.
  const lost = Math.ceil(Math.max(0, -(isLow ? lnDouble(p) : lnDouble(q)) / Math.LN2));
  let u = ofDouble(rough);
  for (let known = 24; known < bits; known *= 2) {
    const work = Math.min(2 * known, bits) + 16 + lost;
    const shares = at(u, work);
    if (shares === null || shares === 'too-large') return shares;
    const off = isLow ? ball.subtract(shares.below, p, work) : ball.subtract(q, shares.above, work);
    const step = ball.divide({ ...off, rad: 0n }, { ...shares.slope, rad: 0n }, work);
    if (step === null) return null;
    u = { ...ball.subtract(u, step, work), rad: 0n };
  }
  const work = bits + 24 + lost;
  const size = Math.max(0, ball.upperSize(u));
  for (let sharp = bits - 4; sharp > 8; sharp -= 12) {
    const reach = ball.exactly(1n, size - sharp);
    const [low, high] = [at(ball.subtract(u, reach, work), work), at(ball.add(u, reach, work), work)];
    if (low === null || high === null || low === 'too-large' || high === 'too-large') return null;
    if (side(low, p, q, isLow, work) === -1 && side(high, p, q, isLow, work) === 1)
      return ball.trim(ball.widen(u, 1n, size - sharp), bits + 8);
  }
  return null;
}

/** e^u with u itself as its logarithm. */
export function withLog(u: Ball, bits: number): { x: Ball; ln: Ball } | null | 'too-large' {
  const x = exp(u, bits);
  return x === null || x === 'too-large' ? x : { x, ln: u };
}

/** The shares x and y = 1 − x whose quotient x/y is e^u, with their logarithms. */
export function logistic(u: Ball, bits: number): [{ x: Ball; ln: Ball }, { x: Ball; ln: Ball }] | null | 'too-large' {
  const isHigh = middleDouble(u) > 0;
  const small = exp(isHigh ? ball.negate(u) : u, bits + 8);
  if (small === null || small === 'too-large') return small;
  const whole = ball.add(ONE_BALL, small, bits + 8);
  const [larger, smaller] = [ball.divide(ONE_BALL, whole, bits), ball.divide(small, whole, bits)];
  const log = ln(whole, bits + 8);
  if (larger === null || smaller === null || log === null) return null;
  const near = { x: larger, ln: ball.negate(log) };
  const far = { x: smaller, ln: ball.subtract(isHigh ? ball.negate(u) : u, log, bits + 8) };
  return isHigh ? [near, far] : [far, near];
}
