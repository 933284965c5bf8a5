import type { ShouldContinue } from '../base/should-continue';
import * as ball from './ball';
import type { Ball } from './ball';
import { exp } from './elementary';
import type { BallFunction } from './real-expr-balls';
import { isBall } from './real-ops';
import { sharpBall } from './real-expr-balls';

/** An end of an integral: a number, or ±∞. */
export type End = Ball | '-infinity' | 'infinity';

/** The integral and what its last two levels differ by: an estimate of the error and no proof. */
export type Estimate = Readonly<{ value: Ball; error: Ball }>;

const ONE = ball.exactly(1n);
const half = (b: Ball): Ball => ({ ...b, exp: b.exp - 1 });
const MOST_LEVELS = 9;

/** Where a rule takes its value, and the weight it has there: x(t) and x′(t). */
type Rule = (t: Ball, bits: number) => { at: Ball; weight: Ball } | null;

function expPair(t: Ball, bits: number): { up: Ball; down: Ball } | null {
  const up = exp(t, bits);
  const down = up === null || up === 'too-large' ? null : ball.divide(ONE, up, bits);
  return up === null || up === 'too-large' || down === null ? null : { up, down };
}

/** (π/2)·sinh t and its slope, without the π: any constant serves. */
function inner(t: Ball, bits: number): { value: Ball; slope: Ball } | null {
  const pair = expPair(t, bits);
  if (pair === null) return null;
  const scale = (b: Ball): Ball => ball.multiply(b, { mid: 201n, rad: 0n, exp: -8 }, bits);
  return { value: scale(ball.subtract(pair.up, pair.down, bits)), slope: scale(ball.add(pair.up, pair.down, bits)) };
}

/**
 * x(t) on a finite piece, given as its distance from the nearer end so that nothing is lost beside a pole there
 * (H. Takahasi, M. Mori, "Double exponential formulas for numerical integration", 1974, from memory).
 */
const finite =
  (from: Ball, to: Ball): Rule =>
  (t, bits) => {
    const u = inner(ball.magnitude(t), bits);
    const pair = u && expPair(u.value, bits);
    if (!u || !pair) return null;
    const sum = ball.add(pair.up, pair.down, bits);
    const width = ball.subtract(to, from, bits);
    const share = ball.divide(pair.down, sum, bits);
    const slope = ball.divide(ball.multiply(u.slope, width, bits), ball.multiply(sum, sum, bits), bits);
    if (!share || !slope) return null;
    const distance = ball.multiply(width, share, bits);
    const at = t.mid < 0n ? ball.add(from, distance, 4 * bits) : ball.subtract(to, distance, 4 * bits);
    return { at, weight: { ...slope, exp: slope.exp + 1 } };
  };

/** x = from + exp(u(t)), for [from, ∞). */
const toInfinity =
  (from: Ball): Rule =>
  (t, bits) => {
    const u = inner(t, bits);
    const distance = u && exp(u.value, bits);
    if (!u || distance === null || distance === 'too-large') return null;
    return { at: ball.add(from, distance, 4 * bits), weight: ball.multiply(distance, u.slope, bits) };
  };

/** x = sinh(u(t)), for the whole line. */
const everywhere: Rule = (t, bits) => {
  const u = inner(t, bits);
  const pair = u && expPair(u.value, bits);
  if (!u || !pair) return null;
  const at = half(ball.subtract(pair.up, pair.down, bits));
  return { at, weight: ball.multiply(u.slope, half(ball.add(pair.up, pair.down, bits)), bits) };
};

function ruleFor(from: End, to: End): Rule {
  if (typeof from === 'object' && typeof to === 'object') return finite(from, to);
  if (typeof from === 'object') return toInfinity(from);
  if (typeof to === 'object') {
    const mirrored = toInfinity(ball.negate(to));
    return (t, bits) => {
      const result = mirrored(t, bits);
      return result && { at: ball.negate(result.at), weight: result.weight };
    };
  }
  return everywhere;
}

const sharp = (b: Ball): Ball => ({ ...b, rad: 0n });

/**
 * The integral by the double exponential rule, its step halved until two levels agree to `target` bits; null when they
 * do not, or when the terms do not die away towards the ends (then the integral may not exist). Problems: stopped.
 */
export function estimatedIntegral(
  f: BallFunction,
  from: End,
  to: End,
  target: number,
  shouldContinue: ShouldContinue,
): Estimate | null | 'stopped' {
  const bits = 2 * target + 64;
  const rule = ruleFor(from, to);
  /** f·x′ at t; 'end' where x has run into the end or out of reach. */
  const term = (t: Ball): Ball | 'end' | 'wrong' => {
    const result = rule(t, bits);
    if (result === null) return 'end';
    const answer = f(sharp(result.at), bits);
    // Out of reach, up or down: whether that matters is seen by what was added last.
    if (answer === 'too-large') return 'end';
    const value = isBall(answer) ? answer : sharpBall(f, sharp(result.at), 2 * bits);
    if (value === null) return ball.upperSize(result.weight) < -target ? 'end' : 'wrong';
    return sharp(ball.multiply(value, result.weight, bits));
  };
  let sum = ball.exactly(0n);
  let before: Ball | null = null;
  for (let level = 1; level <= MOST_LEVELS; level += 1) {
    const first = level === 1;
    for (const direction of [1n, -1n]) {
      let quiet = 0;
      for (let k = first ? (direction === 1n ? 0n : 1n) : 1n; quiet < 4; k += first ? 1n : 2n) {
        if (!shouldContinue()) return 'stopped';
        const t: Ball = { mid: direction * k, rad: 0n, exp: -level };
        if (k > 1n << BigInt(level + 3)) return null;
        const result = term(t);
        if (result === 'wrong') return null;
        if (result === 'end') {
          // What was last added must not have mattered any more.
          if (quiet === 0 && k > 1n) return null;
          break;
        }
        sum = ball.add(sum, result, bits);
        quiet = ball.upperSize(result) < Math.max(ball.upperSize(sum), -target) - target - 8 ? quiet + 1 : 0;
      }
    }
    const now = sharp({ ...sum, exp: sum.exp - level });
    if (before !== null) {
      const difference = ball.magnitude(sharp(ball.subtract(now, before, bits)));
      const size = Math.max(ball.upperSize(now), -target);
      if (level > 3 && ball.upperSize(difference) < size - target)
        return { value: now, error: ball.widen(difference, 1n, size - target - 4) };
    }
    before = now;
  }
  return null;
}
