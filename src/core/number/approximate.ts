import { present } from '../base/item';
import type { ShouldContinue } from '../base/should-continue';
import { assertNever } from '../base/never';
import * as ball from './ball';
import type { Ball } from './ball';
import { pi } from './constants';
import { sign as rationalSign } from './rational';
import { isBall, realOps, rootBall } from './real-ops';
import type { BallAnswer } from './real-ops';
import type { SurdSum } from './surd';
import type { Real, RealValue } from './value';

/** The ceiling of refinement: 1 000 digits of work and some guard bits. */
export const CEILING_BITS = 3400;
/** Exact values may be looked at more closely: they do leave any decimal that they are not. */
const EXACT_CEILING_BITS = 400_000;

function surdBall(sum: SurdSum, bits: number): Ball {
  return sum.reduce<Ball>((total, { radicand, coefficient }) => {
    const root = present(ball.squareRoot(ball.exactly(radicand), bits + 8));
    return ball.add(total, ball.multiply(root, ball.fromRational(coefficient, bits + 8), bits + 8), bits + 8);
  }, ball.exactly(0n));
}

function exactBall(v: Exclude<RealValue, Real>, bits: number): Ball {
  switch (v.kind) {
    case 'rational':
      return ball.fromRational(v.value, bits);
    case 'surd':
      return surdBall(v.sum, bits);
    case 'radical': {
      const { coefficient, radicand, index } = v.of;
      const root = rootBall(ball.exactly(radicand), index, bits + 8) as Ball;
      return ball.multiply(root, ball.fromRational(coefficient, bits + 8), bits + 4);
    }
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
export function toBall(v: RealValue, bits: number, shouldContinue: ShouldContinue): BallAnswer {
  const known = new Map<Real, Map<number, BallAnswer>>();
  const visit = (part: RealValue, at: number): BallAnswer => {
    if (part.kind !== 'real') return exactBall(part, at);
    const seen = known.get(part) ?? new Map<number, BallAnswer>();
    known.set(part, seen);
    const before = seen.get(at);
    if (before !== undefined) return before;
    if (!shouldContinue()) return 'stopped';
    const answer = realOps[part.op](
      part.args.map((arg) => (precision: number) => visit(arg, precision)),
      at,
    );
    seen.set(at, answer);
    return answer;
  };
  return visit(v, bits);
}

export type Verdict<T> = T | 'undecided' | 'too-large' | 'stopped';

/** Refines until `decide` answers, doubling the bits up to the ceiling; `last` sees the sharpest ball. */
export function refine<T>(
  v: RealValue,
  startBits: number,
  shouldContinue: ShouldContinue,
  decide: (b: Ball) => T | null,
  mostBits = CEILING_BITS,
): { verdict: Verdict<T>; last: Ball | null } {
  let last: Ball | null = null;
  // Square-free radicands are independent over the rationals: a sum of roots with terms is never zero, however near.
  const ceiling = Math.max(v.kind === 'real' ? mostBits : EXACT_CEILING_BITS, startBits);
  for (let bits = startBits; ; bits = Math.min(2 * bits, ceiling)) {
    const answer = toBall(v, bits, shouldContinue);
    if (answer === 'stopped' || answer === 'too-large') return { verdict: answer, last };
    if (isBall(answer)) {
      last = answer;
      const decided = decide(answer);
      if (decided !== null) return { verdict: decided, last };
    }
    if (bits >= ceiling) return { verdict: 'undecided', last };
  }
}

/** The sign of a value by balls alone: exact kinds always, reals when a ball leaves zero before the ceiling. */
export function signByBalls(v: RealValue, shouldContinue: ShouldContinue, ceiling = CEILING_BITS): Verdict<-1 | 0 | 1> {
  if (v.kind === 'rational') return rationalSign(v.value);
  if (v.kind === 'pi') return rationalSign(v.times);
  if (v.kind === 'radical') return rationalSign(v.of.coefficient);
  return refine(v, 64, shouldContinue, ball.signOf, ceiling).verdict;
}
