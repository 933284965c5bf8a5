import { assertNever } from '../base/never';
import * as ball from './ball';
import type { Ball } from './ball';
import { pi } from './constants';
import { compare, sign as rationalSign } from './rational';
import type { Rational } from './rational';
import { isBall, realOps } from './real-ops';
import type { BallAnswer } from './real-ops';
import type { SurdSum } from './surd';
import type { Real, Value } from './value';

/** Asked between steps of long work; false means: stop now. */
export type Alive = () => boolean;

/** The ceiling of refinement: 1 000 digits of work and some guard bits. */
export const CEILING_BITS = 3400;
/** A recipe with more parts than this is refused rather than walked. */
export const MOST_PARTS = 20_000;

function surdBall(sum: SurdSum, bits: number): Ball {
  return sum.reduce<Ball>((total, { radicand, coefficient }) => {
    const root = ball.squareRoot(ball.exactly(radicand), bits + 8)!;
    return ball.add(total, ball.multiply(root, ball.fromRational(coefficient, bits + 8), bits + 8), bits + 8);
  }, ball.exactly(0n));
}

function exactBall(v: Exclude<Value, Real>, bits: number): Ball {
  switch (v.kind) {
    case 'rational':
      return ball.fromRational(v.value, bits);
    case 'surd':
      return surdBall(v.sum, bits);
    case 'pi':
      return ball.multiply(pi(bits + 8), ball.fromRational(v.times, bits + 8), bits + 4);
    default:
      return assertNever(v);
  }
}

/**
 * A ball that holds the value, of about `bits` bits of working precision (its own width tells what is settled).
 * Shared parts of a recipe are worked once a call.
 */
export function toBall(v: Value, bits: number, alive: Alive): BallAnswer {
  const known = new Map<Real, Map<number, BallAnswer>>();
  const visit = (part: Value, at: number): BallAnswer => {
    if (part.kind !== 'real') return exactBall(part, at);
    const seen = known.get(part) ?? new Map<number, BallAnswer>();
    known.set(part, seen);
    const before = seen.get(at);
    if (before !== undefined) return before;
    if (!alive()) return 'stopped';
    const answer = realOps[part.op](
      part.args.map((arg) => (precision: number) => visit(arg, precision)),
      at,
    );
    seen.set(at, answer);
    return answer;
  };
  return visit(v, bits);
}

type Verdict<T> = T | 'undecided' | 'too-large' | 'stopped';

/** Refines until `decide` answers, doubling the bits up to the ceiling; `last` sees the sharpest ball. */
export function refine<T>(
  v: Value,
  startBits: number,
  alive: Alive,
  decide: (b: Ball) => T | null,
): { verdict: Verdict<T>; last: Ball | null } {
  let last: Ball | null = null;
  const ceiling = Math.max(CEILING_BITS, startBits);
  for (let bits = startBits; ; bits = Math.min(2 * bits, ceiling)) {
    const answer = toBall(v, bits, alive);
    if (answer === 'stopped' || answer === 'too-large') return { verdict: answer, last };
    if (isBall(answer)) {
      last = answer;
      const decided = decide(answer);
      if (decided !== null) return { verdict: decided, last };
    }
    if (bits >= ceiling) return { verdict: 'undecided', last };
  }
}

/** The sign of a value: exact kinds always, reals when a ball leaves zero before the ceiling. */
export function signOf(v: Value, alive: Alive): Verdict<-1 | 0 | 1> {
  if (v.kind === 'rational') return rationalSign(v.value);
  if (v.kind === 'pi') return rationalSign(v.times);
  // Square-free radicands are independent over the rationals, so a sum with terms is never zero.
  return refine(v, 64, alive, ball.signOf).verdict;
}

/** The sign of v − bound. */
export function compareWith(v: Value, bound: Rational, alive: Alive): Verdict<-1 | 0 | 1> {
  if (v.kind === 'rational') return compare(v.value, bound);
  return refine(v, 64, alive, (b) =>
    ball.signOf(ball.subtract(b, ball.fromRational(bound, CEILING_BITS), CEILING_BITS)),
  ).verdict;
}

/** The number of parts of a recipe, counted up to the limit. */
export function partCount(v: Value): number {
  const seen = new Set<Value>();
  const open: Value[] = [v];
  for (let part = open.pop(); part !== undefined && seen.size <= MOST_PARTS; part = open.pop()) {
    if (seen.has(part)) continue;
    seen.add(part);
    if (part.kind === 'real') open.push(...part.args);
  }
  return seen.size;
}
