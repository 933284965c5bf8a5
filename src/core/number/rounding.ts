import type { ShouldContinue } from '../base/should-continue';
import { succeed } from '../base/result';
import { refine } from './approximate';
import { divide, multiply, negate, subtract, problemData, undecided } from './arithmetic';
import type { RealResult } from './arithmetic';
import * as ball from './ball';
import { roundToFigures, roundToPlaces } from './digits';
import type { DecimalAnswer } from './digits';
import { floorDivide, powerOfTen } from './integer';
import * as q from './rational';
import { signOf } from './sign';
import { exactRational } from './simplify';
import { asRational, asWhole, fromRational, fromWhole } from './value';
import type { RealValue } from './value';

/** A whole part with more bits than this is not looked for. */
const MOST_BITS = 20_000;

/** ⌊v⌋. A value that cannot be told from a whole number by balls is decided exactly or refused. Problems: not-converged, too-large. */
export function floor(v: RealValue, shouldContinue: ShouldContinue): RealResult {
  const exact = asRational(v);
  if (exact !== null) return succeed(fromWhole(floorDivide(exact.n, exact.d)));
  const { verdict } = refine<bigint | 'long'>(v, 64, shouldContinue, (b) => {
    if (ball.upperSize(b) > MOST_BITS) return 'long';
    const { low, high, shift } = ball.ends(b);
    const [below, above] = [low >> BigInt(shift), high >> BigInt(shift)];
    return below === above ? below : null;
  });
  if (verdict === 'long') return problemData({ code: 'not-converged' });
  if (typeof verdict === 'bigint') return succeed(fromWhole(verdict));
  const found = verdict === 'undecided' ? exactRational(v, shouldContinue) : null;
  return found === null ? undecided(verdict) : floor(fromRational(found), shouldContinue);
}

/** ⌈v⌉ = −⌊−v⌋. Problems: as for `floor`. */
export function ceiling(v: RealValue, shouldContinue: ShouldContinue): RealResult {
  const below = floor(negate(v), shouldContinue);
  return below.ok ? succeed(negate(below.value)) : below;
}

/** The whole part, cut towards zero. Problems: as for `floor`. */
export function truncate(v: RealValue, shouldContinue: ShouldContinue): RealResult {
  const sign = signOf(v, shouldContinue);
  return sign === -1 ? ceiling(v, shouldContinue) : floor(v, shouldContinue);
}

/** v − trunc(v), which has the sign of v. Problems: as for `floor`. */
export function fraction(v: RealValue, shouldContinue: ShouldContinue): RealResult {
  const whole = truncate(v, shouldContinue);
  return whole.ok ? succeed(subtract(v, whole.value)) : whole;
}

/** No more places than a result may have digits. */
const MOST_PLACES = 100_000n;

function rounded(
  v: RealValue,
  count: RealValue,
  least: bigint,
  fn: string,
  shouldContinue: ShouldContinue,
  by: typeof roundToPlaces,
): RealResult {
  const places = asWhole(count);
  if (places === null || places < least || places > MOST_PLACES)
    return problemData({ code: 'domain', reason: 'places', fn });
  const result: DecimalAnswer = by(v, Number(places), shouldContinue);
  if (typeof result === 'string') return problemData({ code: result });
  if (!result.settled) {
    const found = exactRational(v, shouldContinue);
    return found === null
      ? problemData({ code: 'not-converged' })
      : rounded(fromRational(found), count, least, fn, shouldContinue, by);
  }
  const ten = powerOfTen(Math.abs(result.places));
  return succeed(fromRational(result.places >= 0 ? q.rational(result.unscaled, ten) : q.whole(result.unscaled * ten)));
}

/**
 * v to a whole number of places after the point (before it when negative), halves away from zero. Exact. Problems:
 * domain unless the places are whole; not-converged, too-large, stopped.
 */
export const round = (v: RealValue, places: RealValue, shouldContinue: ShouldContinue): RealResult =>
  rounded(v, places, -MOST_PLACES, 'round', shouldContinue, roundToPlaces);

/**
 * v to a whole number ≥ 1 of significant figures, halves away from zero. Exact. Problems: domain, not-converged, too-
 * large, stopped.
 */
export const roundSignificant = (v: RealValue, figures: RealValue, shouldContinue: ShouldContinue): RealResult =>
  rounded(v, figures, 1n, 'roundsig', shouldContinue, roundToFigures);

/** ⌊a/b⌋. Exact. Problems: divide-by-zero, and those of `floor`. */
export function quotient(a: RealValue, b: RealValue, shouldContinue: ShouldContinue): RealResult {
  if (a.kind === 'rational' && b.kind === 'rational' && b.value.n !== 0n) {
    const [top, bottom] = [a.value.n * b.value.d, b.value.n * a.value.d];
    return succeed(fromWhole(bottom < 0n ? floorDivide(-top, -bottom) : floorDivide(top, bottom)));
  }
  const ratio = divide(a, b, shouldContinue);
  return ratio.ok ? floor(ratio.value, shouldContinue) : ratio;
}

/** a − b·⌊a/b⌋, which has the sign of b. Problems: divide-by-zero, and those of `floor`. */
export function remainder(a: RealValue, b: RealValue, shouldContinue: ShouldContinue): RealResult {
  if (a.kind === 'rational' && b.kind === 'rational') {
    if (b.value.n === 0n) return problemData({ code: 'divide-by-zero' });
    const part = q.modulo(b.value.n < 0n ? q.negate(a.value) : a.value, q.magnitude(b.value));
    return succeed(fromRational(b.value.n < 0n ? q.negate(part) : part));
  }
  const whole = quotient(a, b, shouldContinue);
  return whole.ok ? succeed(subtract(a, multiply(b, whole.value))) : whole;
}

/** −1, 0 or 1 as v is below, at or above zero. Problems: not-converged where that stays open, too-large, stopped. */
export function signum(v: RealValue, shouldContinue: ShouldContinue): RealResult {
  const sign = signOf(v, shouldContinue);
  return typeof sign === 'number' ? succeed(fromWhole(sign)) : undecided(sign);
}
