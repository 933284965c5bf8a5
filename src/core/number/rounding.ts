import type { Alive } from '../base/alive';
import { succeed } from '../base/result';
import { refine } from './approximate';
import { divide, multiply, negate, subtract, trouble, undecided } from './arithmetic';
import type { Outcome } from './arithmetic';
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
export function floor(v: RealValue, alive: Alive): Outcome {
  const exact = asRational(v);
  if (exact !== null) return succeed(fromWhole(floorDivide(exact.n, exact.d)));
  const { verdict } = refine<bigint | 'long'>(v, 64, alive, (b) => {
    if (ball.upperSize(b) > MOST_BITS) return 'long';
    const { low, high, shift } = ball.ends(b);
    const [below, above] = [low >> BigInt(shift), high >> BigInt(shift)];
    return below === above ? below : null;
  });
  if (verdict === 'long') return trouble({ code: 'not-converged' });
  if (typeof verdict === 'bigint') return succeed(fromWhole(verdict));
  const found = verdict === 'undecided' ? exactRational(v, alive) : null;
  return found === null ? undecided(verdict) : floor(fromRational(found), alive);
}

/** ⌈v⌉. */
export function ceiling(v: RealValue, alive: Alive): Outcome {
  const below = floor(negate(v), alive);
  return below.ok ? succeed(negate(below.value)) : below;
}

/** The whole part, cut towards zero. */
export function truncate(v: RealValue, alive: Alive): Outcome {
  const sign = signOf(v, alive);
  return sign === -1 ? ceiling(v, alive) : floor(v, alive);
}

/** v − trunc(v). */
export function fraction(v: RealValue, alive: Alive): Outcome {
  const whole = truncate(v, alive);
  return whole.ok ? succeed(subtract(v, whole.value)) : whole;
}

/** No more places than a result may have digits. */
const MOST_PLACES = 100_000n;

function rounded(
  v: RealValue,
  count: RealValue,
  least: bigint,
  fn: string,
  alive: Alive,
  by: typeof roundToPlaces,
): Outcome {
  const places = asWhole(count);
  if (places === null || places < least || places > MOST_PLACES)
    return trouble({ code: 'domain', reason: 'places', fn });
  const made: DecimalAnswer = by(v, Number(places), alive);
  if (typeof made === 'string') return trouble({ code: made });
  if (!made.settled) {
    const found = exactRational(v, alive);
    return found === null
      ? trouble({ code: 'not-converged' })
      : rounded(fromRational(found), count, least, fn, alive, by);
  }
  const ten = powerOfTen(Math.abs(made.places));
  return succeed(fromRational(made.places >= 0 ? q.rational(made.unscaled, ten) : q.whole(made.unscaled * ten)));
}

/** v to so many places after the point (before it when negative), halves away from zero. */
export const round = (v: RealValue, places: RealValue, alive: Alive): Outcome =>
  rounded(v, places, -MOST_PLACES, 'round', alive, roundToPlaces);

/** v to so many significant figures, halves away from zero. */
export const roundSignificant = (v: RealValue, figures: RealValue, alive: Alive): Outcome =>
  rounded(v, figures, 1n, 'roundsig', alive, roundToFigures);

/** ⌊a/b⌋. Problems: divide-by-zero. */
export function quotient(a: RealValue, b: RealValue, alive: Alive): Outcome {
  if (a.kind === 'rational' && b.kind === 'rational' && b.value.n !== 0n) {
    const [top, bottom] = [a.value.n * b.value.d, b.value.n * a.value.d];
    return succeed(fromWhole(bottom < 0n ? floorDivide(-top, -bottom) : floorDivide(top, bottom)));
  }
  const ratio = divide(a, b, alive);
  return ratio.ok ? floor(ratio.value, alive) : ratio;
}

/** a − b·⌊a/b⌋, which has the sign of b. Problems: divide-by-zero. */
export function remainder(a: RealValue, b: RealValue, alive: Alive): Outcome {
  if (a.kind === 'rational' && b.kind === 'rational') {
    if (b.value.n === 0n) return trouble({ code: 'divide-by-zero' });
    const part = q.modulo(b.value.n < 0n ? q.negate(a.value) : a.value, q.magnitude(b.value));
    return succeed(fromRational(b.value.n < 0n ? q.negate(part) : part));
  }
  const whole = quotient(a, b, alive);
  return whole.ok ? succeed(subtract(a, multiply(b, whole.value))) : whole;
}

/** −1, 0 or 1. */
export function signum(v: RealValue, alive: Alive): Outcome {
  const sign = signOf(v, alive);
  return typeof sign === 'number' ? succeed(fromWhole(sign)) : undecided(sign);
}
