import * as ball from './ball';
import type { Ball } from './ball';
import { ln } from './elementary';
import { betaShape, betaShares } from './incomplete-beta';
import { gammaShares } from './incomplete-gamma';
import { lnGamma } from './log-gamma';
import { inverseOf, logistic, withLog } from './share-inverse';
import { lnDouble, middleDouble } from './shares';
import type { Shares, SharesAnswer } from './shares';

type Answer = Ball | null | 'too-large';

/** More than every part of an exponent that is formed from these may lose. */
const guardOf = (...args: readonly Ball[]): number =>
  args.reduce((sum, arg) => sum + Math.max(0, ball.upperSize(arg)), 16);

const partOf = (answer: SharesAnswer, part: keyof Shares): Answer =>
  answer === null || answer === 'too-large' ? answer : answer[part];

/** How many more bits the arguments of a share are to have than its answer: a and x stand in an exponent. */
export const shareGuard = guardOf;

/** P(a, x) or Q(a, x), the shares of the gamma function below and above x; a, x > 0. */
export function gammaShare(part: 'below' | 'above', a: Ball, x: Ball, bits: number): Answer {
  const work = bits + guardOf(a, x);
  const [log, lnOfGamma] = [ln(x, work), lnGamma(a, work)];
  if (log === null || lnOfGamma === null) return null;
  return partOf(gammaShares({ a, lnGamma: lnOfGamma }, { x, ln: log }, bits), part);
}

/** I_x(a, b), where y = 1 − x is given beside it; a, b > 0 and 0 < x < 1. */
export function betaShare(a: Ball, b: Ball, x: Ball, y: Ball, bits: number): Answer {
  const work = bits + guardOf(a, b);
  const [lnX, lnY, shape] = [ln(x, work), ln(y, work), betaShape(a, b, work)];
  if (lnX === null || lnY === null || shape === null) return null;
  return partOf(betaShares(shape, { x, ln: lnX }, { x: y, ln: lnY }, bits), 'below');
}

/** ln x where P(a, x) is p and Q(a, x) is q = 1 − p; a > 0 and 0 < p < 1. */
export function gammaInverse(a: Ball, p: Ball, q: Ball, bits: number): Answer {
  const shapes = new Map<number, Ball | null>();
  const at = (u: Ball, precision: number): SharesAnswer => {
    const work = precision + guardOf(a) + Math.max(0, middleDouble(u) / Math.LN2) + 16;
    const whole = Math.ceil(work);
    if (!shapes.has(whole)) shapes.set(whole, lnGamma(a, whole));
    const [x, log] = [withLog(u, whole), shapes.get(whole)];
    if (x === null || x === 'too-large') return x;
    return log === null || log === undefined ? null : gammaShares({ a, lnGamma: log }, x, precision);
  };
  // Far below, P is x^a/Γ(a+1); else it begins near a.
  const shape = middleDouble(a);
  const lnOfGamma = lnGamma(a, 40);
  const start = lnOfGamma === null ? 0 : (lnDouble(p) + middleDouble(lnOfGamma) + Math.log(shape)) / shape;
  return inverseOf(at, p, q, Math.min(Math.log(shape), start), bits);
}

/** ln(x/(1 − x)) where I_x(a, b) is p; q = 1 − p, a, b > 0 and 0 < p < 1. */
export function betaInverse(a: Ball, b: Ball, p: Ball, q: Ball, bits: number): Answer {
  const shapes = new Map<number, ReturnType<typeof betaShape>>();
  const at = (u: Ball, precision: number): SharesAnswer => {
    const work = precision + guardOf(a, b) + Math.max(0, ball.upperSize(u)) + 16;
    if (!shapes.has(work)) shapes.set(work, betaShape(a, b, work));
    const [both, shape] = [logistic(u, work), shapes.get(work)];
    if (both === null || both === 'too-large') return both;
    return shape === null || shape === undefined ? null : betaShares(shape, both[0], both[1], precision);
  };
  return inverseOf(at, p, q, Math.log(middleDouble(a) / middleDouble(b)), bits);
}
