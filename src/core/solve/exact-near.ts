import type { ShouldContinue } from '../base/should-continue';
import { fromSurd, negate } from '../number/arithmetic';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { squareRoot } from '../number/surd';
import { fromRational } from '../number/value';
import type { RealValue } from '../number/value';

/** A double as the rational that it is. */
export function fromDouble(x: number): Rational {
  let [n, d] = [x, 1n];
  while (!Number.isInteger(n)) {
    n *= 2;
    d *= 2n;
  }
  return q.rational(BigInt(n), d);
}

/** The simplest fraction near a number (continued fractions), when one with a small denominator is near enough. */
export function simpleFraction(x: number, most: number, within: number): Rational | null {
  let [p0, q0, p1, q1] = [0, 1, 1, 0];
  let rest = x;
  for (let i = 0; i < 20; i += 1) {
    const a = Math.floor(rest);
    [p0, q0, p1, q1] = [p1, q1, a * p1 + p0, a * q1 + q0];
    if (q1 > most || !Number.isFinite(p1)) return null;
    if (Math.abs(p1 / q1 - x) <= within) return q.rational(BigInt(p1), BigInt(q1));
    if (rest === a) return null;
    rest = 1 / (rest - a);
  }
  return null;
}

/** Exact values near a double that it may stand for: simple fractions, their multiples of π, their square roots. */
export function simpleValuesNear(x: number, within: number, shouldContinue: ShouldContinue): readonly RealValue[] {
  const near = Math.max(within, Math.abs(x) * within);
  const candidates: RealValue[] = [];
  const fraction = simpleFraction(x, 1000, near);
  if (fraction !== null) candidates.push(fromRational(fraction));
  const turns = simpleFraction(x / Math.PI, 360, near);
  if (turns !== null && turns.n !== 0n) candidates.push({ kind: 'pi', times: turns });
  const square = simpleFraction(x * x, 100, near * 4);
  const root = square !== null && square.n > 0n ? squareRoot(square, shouldContinue) : null;
  if (root !== null) candidates.push(x < 0 ? negate(fromSurd(root)) : fromSurd(root));
  return candidates;
}
