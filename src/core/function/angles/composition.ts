import { itemAt } from '../../base/item';
import type { ShouldContinue } from '../../base/should-continue';
import { succeed } from '../../base/result';
import { fromTurns, inTurns } from '../../number/angle';
import { ONE, add, divide, multiply, negate, piTimes, subtract } from '../../number/arithmetic';
import type { RealResult } from '../../number/arithmetic';
import { root } from '../../number/power';
import * as q from '../../number/rational';
import type { Rational } from '../../number/rational';
import { compareReals } from '../../number/sign';
import type { RealValue } from '../../number/value';

/*
 * A circular function of an inverse one, and the other way round, exactly: sin(acos x) = √(1 − x²), acos(cos 40°) = 40°.
 * Source: DLMF 4.23.(iv) with the principal branches of 4.23(ii).
 */

const then = (result: RealResult, next: (v: RealValue) => RealResult): RealResult =>
  result.ok ? next(result.value) : result;

/** sin, cos or tan of arcsin, arccos or arctan, the angle in radians; null for any other angle. */
export function ofInverse(
  op: 'sin' | 'cos' | 'tan',
  radians: RealValue,
  shouldContinue: ShouldContinue,
): RealResult | null {
  if (radians.kind !== 'real') return null;
  const x = itemAt(radians.args, 0);
  switch (radians.op) {
    case 'arcsin':
    case 'arccos': {
      const isOwn = (op === 'sin') === (radians.op === 'arcsin');
      if (op !== 'tan' && isOwn) return succeed(x);
      const other = root(subtract(ONE, multiply(x, x)), 2, shouldContinue);
      if (op !== 'tan') return other;
      return then(other, (rest) =>
        radians.op === 'arcsin' ? divide(x, rest, shouldContinue) : divide(rest, x, shouldContinue),
      );
    }
    case 'arctan': {
      if (op === 'tan') return succeed(x);
      return then(root(add(ONE, multiply(x, x)), 2, shouldContinue), (long) =>
        divide(op === 'sin' ? x : ONE, long, shouldContinue),
      );
    }
    default:
      return null;
  }
}

const HALF = q.rational(1n, 2n);
const QUARTER = q.rational(1n, 4n);

/** The angle in [−1/4, 1/4] of a turn with the same sine. */
function foldedSine(turns: Rational): Rational {
  const part = q.modulo(q.add(turns, QUARTER), q.ONE);
  return q.compare(part, HALF) <= 0 ? q.subtract(part, QUARTER) : q.subtract(q.rational(3n, 4n), part);
}

/** The angle in (−1/4, 1/4) of a turn with the same tangent. */
const foldedTangent = (turns: Rational): Rational => q.subtract(q.modulo(q.add(turns, QUARTER), HALF), QUARTER);

function isBetween(x: RealValue, low: Rational, high: Rational, shouldContinue: ShouldContinue): boolean {
  const [below, above] = [
    compareReals(piTimes(low), x, shouldContinue),
    compareReals(x, piTimes(high), shouldContinue),
  ];
  return (below === -1 || below === 0) && (above === -1 || above === 0);
}

/** arcsin, arccos or arctan, in radians, of what is itself a sine, cosine or tangent; null when it is not one, or lies outside the principal range. */
export function inverseOf(
  op: 'arcsin' | 'arccos' | 'arctan',
  x: RealValue,
  shouldContinue: ShouldContinue,
): RealValue | null {
  if (x.kind !== 'real') return null;
  if (x.op === 'negate') {
    const positive = inverseOf(op, itemAt(x.args, 0), shouldContinue);
    return positive && (op === 'arccos' ? subtract(piTimes(q.ONE), positive) : negate(positive));
  }
  const angle = itemAt(x.args, 0);
  const turns = inTurns(angle, 'rad');
  if (op === 'arctan') {
    if (x.op !== 'tan') return null;
    if (turns !== null) return fromTurns(foldedTangent(turns), 'rad');
    return isBetween(angle, q.negate(HALF), HALF, shouldContinue) ? angle : null;
  }
  if (x.op !== 'sin' && x.op !== 'cos') return null;
  if (turns !== null) {
    const folded = foldedSine(x.op === 'sin' ? turns : q.subtract(QUARTER, turns));
    return fromTurns(op === 'arcsin' ? folded : q.subtract(QUARTER, folded), 'rad');
  }
  if (op === 'arcsin') return x.op === 'sin' && isBetween(angle, q.negate(HALF), HALF, shouldContinue) ? angle : null;
  return x.op === 'cos' && isBetween(angle, q.ZERO, q.ONE, shouldContinue) ? angle : null;
}
