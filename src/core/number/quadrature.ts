import type { ShouldContinue } from '../base/should-continue';
import * as ball from './ball';
import type { Ball } from './ball';
import { gaussLegendre } from './legendre';
import type { RealExpr } from './real-expr';
import { ballFunction, sharpBall } from './real-expr-balls';
import type { BallFunction } from './real-expr-balls';
import { boundsAt } from './rectangle';

/**
 * ρ of the Bernstein ellipses that are tried, as numerators over 4, and what one point gains in bits: the rule of N points errs on
 * [−1, 1] by at most (64/15)·M·ρ^(−2(N−1))/(1 − ρ^−2), M the largest |f| on the ellipse (L. N. Trefethen, Approximation
 * Theory and Approximation Practice, theorem 19.3). Half axes (ρ ± 1/ρ)/2.
 */
const ELLIPSES = [
  { rho: 6, bits: 2 * Math.log2(6) },
  { rho: 3, bits: 2 * Math.log2(3) },
  { rho: 1.75, bits: 2 * Math.log2(1.75) },
] as const;
/** log2 of (64/15)/(1 − ρ^−2) for the flattest of them, rounded up. */
const CONSTANT_BITS = 3;
/** More points are not worth their making; more digits ask for more. */
const mostPoints = (target: number): number => Math.max(80, target / 4);
const MOST_PIECES = 1500;

type Piece = Readonly<{ from: Ball; to: Ball; depth: number }>;

const half = (b: Ball): Ball => ({ ...b, exp: b.exp - 1 });
/** A number of quarters as a ball that holds x. */
const scaleBy = (b: Ball, x: number, bits: number): Ball =>
  ball.multiply(b, { mid: BigInt(Math.ceil(x * 2 ** 20)), rad: 0n, exp: -20 }, bits);

type Plan = Readonly<{ points: number; extraBits: number }>;

/** How many points suffice on a piece for an error below 2^−target, or null when no ellipse is free of trouble. */
function pointsFor(
  part: RealExpr,
  middle: Ball,
  reach: Ball,
  target: number,
  shouldContinue: ShouldContinue,
): Plan | null {
  const size = ball.upperSize(reach);
  // Short pieces lie beside something; to see it apart takes bits for their place and their length.
  const bits = 64 + 2 * Math.max(0, -size);
  const bound = boundsAt(bits, shouldContinue);
  for (const { rho, bits: gained } of ELLIPSES) {
    const [a, b] = [(rho + 1 / rho) / 2, (rho - 1 / rho) / 2];
    const wide = ball.magnitude(scaleBy(reach, a, 64));
    const high = ball.magnitude(scaleBy(reach, b, 64));
    const most = bound(part, {
      re: ball.trim(ball.widen(middle, wide.mid + wide.rad, wide.exp), bits + 64),
      im: { mid: 0n, rad: high.mid + high.rad, exp: high.exp },
    });
    if (most === null) continue;
    const need = most + size + CONSTANT_BITS + target;
    const points = Math.max(2, Math.ceil(need / gained) + 1);
    // The slope is at most M over the way to the ellipse, so nodes that are off by a little cost as many bits as M is large.
    if (points <= mostPoints(target)) return { points: 8 * Math.ceil(points / 8), extraBits: Math.max(0, most) };
  }
  return null;
}

/** The rule on a piece, in balls, with the bound of its error added to the radius. */
function onPiece(
  f: BallFunction,
  middle: Ball,
  reach: Ball,
  points: number,
  target: number,
  bits: number,
): Ball | null {
  let sum = ball.exactly(0n);
  for (const { at, weight } of gaussLegendre(points, bits)) {
    const value = sharpBall(f, ball.add(middle, ball.multiply(reach, at, bits), bits), bits);
    if (value === null) return null;
    sum = ball.add(sum, ball.multiply(value, weight, bits), bits);
  }
  return ball.widen(ball.multiply(sum, reach, bits), 1n, -target);
}

/**
 * The integral of f over [from, to], proved: pieces are halved until each is free of poles, cuts and kinks in an
 * ellipse around it, or so short that what f can be on it does not matter. Null when that does not come about (an
 * unbounded end, a jump, a kink off the halving points). Problems: stopped.
 */
export function provedIntegral(
  part: RealExpr,
  from: Ball,
  to: Ball,
  target: number,
  shouldContinue: ShouldContinue,
): Ball | null | 'stopped' {
  const bits = target + 32;
  if (isUnboundedAtAnEnd(part, from, to, bits, shouldContinue)) return null;
  const f = ballFunction(part, shouldContinue);
  const open: Piece[] = [{ from, to, depth: 0 }];
  let total = ball.exactly(0n);
  let pieces = 0;
  for (let piece = open.pop(); piece !== undefined; piece = open.pop()) {
    if (!shouldContinue()) return 'stopped';
    pieces += 1;
    if (pieces > MOST_PIECES) return null;
    const middle = half(ball.add(piece.from, piece.to, bits));
    const reach = half(ball.subtract(piece.to, piece.from, bits));
    const wanted = target + 12;
    const plan = pointsFor(part, middle, reach, wanted, shouldContinue);
    const result = plan && onPiece(f, middle, reach, plan.points, wanted, bits + plan.extraBits);
    if (result !== null) {
      total = ball.add(total, result, bits + 64);
      continue;
    }
    const short = sizeOnLine(part, middle, reach, shouldContinue);
    const reached = ball.upperSize(reach) + 1;
    if (short !== null && short + reached < -wanted) {
      total = ball.widen(total, 1n, short + reached);
      continue;
    }
    if (piece.depth > target + 24 || (short === null && piece.depth >= ENOUGH_HALVINGS)) return null;
    const depth = piece.depth + 1;
    open.push({ from: middle, to: piece.to, depth }, { from: piece.from, to: middle, depth });
  }
  return total;
}

/** On pieces that are so much shorter than the whole, f that has no bound from one ball has none, or will show none. */
const ENOUGH_HALVINGS = 24;

/** Looked into before any work: a singular end would be found out only after all the rest. */
function isUnboundedAtAnEnd(
  part: RealExpr,
  from: Ball,
  to: Ball,
  bits: number,
  shouldContinue: ShouldContinue,
): boolean {
  const short = ball.subtract(to, from, bits);
  const reach = { ...short, exp: short.exp - ENOUGH_HALVINGS };
  return [ball.add(from, reach, bits), ball.subtract(to, reach, bits)].some(
    (middle) => sizeOnLine(part, middle, reach, shouldContinue) === null,
  );
}

/** A bound of |f| on the piece itself, from one ball around it. */
function sizeOnLine(part: RealExpr, middle: Ball, reach: Ball, shouldContinue: ShouldContinue): number | null {
  const size = ball.magnitude(reach);
  const bits = 64 + 2 * Math.max(0, -ball.upperSize(reach));
  const whole = ball.trim(ball.widen(middle, size.mid + size.rad, size.exp), bits + 64);
  const answer = ballFunction(part, shouldContinue)(whole, bits);
  return typeof answer === 'string' ? null : ball.upperSize(answer);
}
