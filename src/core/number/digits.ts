import { absolute, bitLength, powerOfTen, roundDivide } from './integer';
import * as ball from './ball';
import { refine, toBall } from './approximate';
import type { ShouldContinue } from '../base/should-continue';
import { rational } from './rational';
import type { Rational } from './rational';
import { LARGEST_POWER } from './largest-power';
import { isBall } from './real-ops';
import type { RealOp } from './real-op-names';
import type { Real, RealValue } from './value';

/**
 * A rounded decimal: unscaled · 10^−places. `exact` says that nothing was rounded away; `settled` that the rounding is
 * proved, and with it that the value is *not* the decimal shown unless `exact`.
 */
export type Decimal = Readonly<{ unscaled: bigint; places: number; exact: boolean; settled: boolean }>;

export type DecimalAnswer = Decimal | 'too-large' | 'stopped' | 'not-converged';

const BITS_A_DIGIT = 3.3219281;
/** No display asks for more bits than this at once; a request beyond it would only hold the worker. */
const MOST_START_BITS = 60_000;

/**
 * The value rounded to `places` digits after the point, halves away from zero. Negative places round before the point.
 * A real is refined until both ends of its ball round alike and the ball has left the rounded decimal itself; where
 * that cannot be shown (the value may be just that decimal) the nearest is given, not settled.
 */
export function roundToPlaces(v: RealValue, places: number, shouldContinue: ShouldContinue): DecimalAnswer {
  if (v.kind === 'rational') {
    const { n, d } = v.value;
    const ten = powerOfTen(Math.abs(places));
    const [top, bottom] = places >= 0 ? [n * ten, d] : [n, d * ten];
    const unscaled = roundDivide(top, bottom);
    return { unscaled, places, exact: unscaled * bottom === top, settled: true };
  }
  const first = toBall(v, 64, shouldContinue);
  if (first === 'too-large' || first === 'stopped') return first;
  // Negative for small values, which need no more bits than their digits do.
  const size = isBall(first) && first.mid !== 0n ? ball.upperSize(first) : 0;
  const startBits = Math.max(0, Math.ceil(size + places * BITS_A_DIGIT)) + 32;
  if (startBits > MOST_START_BITS) return 'not-converged';
  // What is known only to lie in a fixed ball cannot leave the decimal by refining; its digits are proved all the same.
  const isFixed = restsOn(v, 'within');
  const { verdict, last } = refine(v, startBits, shouldContinue, (b) => {
    const { low, high } = ball.roundedEnds(b, places);
    if (low !== high) return null;
    return !isFixed && holds(b, low, places) ? null : low;
  });
  if (verdict === 'too-large' || verdict === 'stopped') return verdict;
  if (verdict !== 'undecided') return { unscaled: verdict, places, exact: false, settled: !restsOn(v, 'estimate') };
  if (last === null) return 'not-converged';
  const { low, high } = ball.roundedEnds(last, places);
  if (absolute(high - low) > 1n) return 'not-converged';
  const middle = ball.roundedEnds({ ...last, rad: 0n }, places).low;
  return { unscaled: middle, places, exact: false, settled: false };
}

/** Whether a recipe has an operation somewhere in it. */
function restsOn(v: RealValue, op: RealOp): boolean {
  if (v.kind !== 'real') return false;
  const seen = new Set<RealValue>();
  const open: Real[] = [v];
  for (let part = open.pop(); part !== undefined; part = open.pop()) {
    if (part.op === op) return true;
    for (const arg of part.args)
      if (arg.kind === 'real' && !seen.has(arg)) {
        seen.add(arg);
        open.push(arg);
      }
  }
  return false;
}

/** Whether unscaled·10^−places lies in the ball. */
function holds(b: ball.Ball, unscaled: bigint, places: number): boolean {
  if (unscaled === 0n) return ball.signOf(b) === null || b.mid === 0n;
  const { low, high, shift } = ball.ends(b);
  const ten = powerOfTen(Math.abs(places));
  const value = (places >= 0 ? unscaled : unscaled * ten) << BigInt(shift);
  const scale = places >= 0 ? ten : 1n;
  return low * scale <= value && value <= high * scale;
}

const LOG_TEN_OF_TWO = 0.3010299956639812;

/** The power of ten just below |v|, perhaps one too small or too large; null for zero or what may be zero. */
function decimalExponentGuess(
  v: RealValue,
  shouldContinue: ShouldContinue,
): number | null | 'too-large' | 'stopped' | 'not-converged' {
  if (v.kind === 'rational' && v.value.n === 0n) return null;
  const { verdict, last } = refine(v, 64, shouldContinue, (b) => (ball.signOf(b) ? b : null));
  if (verdict === 'too-large' || verdict === 'stopped') return verdict;
  if (verdict === 'undecided') return last === null ? 'not-converged' : null;
  return exponentOfBall(verdict);
}

function exponentOfBall({ mid, exp }: ball.Ball): number {
  const top = absolute(mid);
  const drop = Math.max(0, bitLength(top) - 53);
  return Math.floor(Math.log10(Number(top >> BigInt(drop))) + (drop + exp) * LOG_TEN_OF_TWO);
}

/** Guard bits of the first try: most values are settled by one ball. */
const FIRST_TRY_BITS = 28;

/** Shorter numbers are rounded exactly, which takes no longer. */
const LONG_BITS = 20_000;

/** The leading digits of a long fraction, by balls, without the division of its full length; null when short, or when they stay open (a power of ten). */
function leadingDigits(of: Rational, digits: number): Decimal | null {
  if (bitLength(of.n) + bitLength(of.d) < LONG_BITS) return null;
  const bits = Math.ceil(digits * BITS_A_DIGIT) + 96;
  const b = ball.fromRational(of, bits);
  const lowest = powerOfTen(digits - 1);
  const guess = exponentOfBall(b);
  for (const exponent of [guess, guess + 1, guess - 1]) {
    const places = digits - 1 - exponent;
    const ten = ball.powerWhole(ball.exactly(10n), Math.abs(places), bits);
    const scaled = places >= 0 ? ball.multiply(b, ten, bits) : ball.divide(b, ten, bits);
    if (scaled === null) return null;
    const { low, high } = ball.roundedEnds(scaled, 0);
    const size = absolute(low);
    if (low !== high || holds(scaled, low, 0)) return null;
    if (size >= lowest && size < lowest * 10n)
      return exponent >= LARGEST_POWER || exponent < -LARGEST_POWER
        ? null
        : { unscaled: low, places, exact: false, settled: true };
  }
  return null;
}

/** The digits from one ball of just enough bits, or null when it does not settle them. */
function firstTry(v: RealValue, digits: number, shouldContinue: ShouldContinue): Decimal | null {
  const bits = Math.ceil(digits * BITS_A_DIGIT) + FIRST_TRY_BITS;
  if (bits > MOST_START_BITS) return null;
  const b = toBall(v, bits, shouldContinue);
  if (!isBall(b) || !ball.signOf(b)) return null;
  const guess = exponentOfBall(b);
  if (Math.abs(guess) > MOST_FIRST_TRY) return null;
  const lowest = powerOfTen(digits - 1);
  for (const exponent of [guess, guess + 1, guess - 1]) {
    const places = digits - 1 - exponent;
    const { low, high } = ball.roundedEnds(b, places);
    if (low !== high) return null;
    const size = absolute(low);
    if (size < lowest || size >= lowest * 10n) continue;
    return holds(b, low, places) ? null : { unscaled: low, places, exact: false, settled: !restsOn(v, 'estimate') };
  }
  return null;
}
/** Beyond these powers of ten the shifts are no longer cheap. */
const MOST_FIRST_TRY = 300;

/**
 * The value to `digits` significant digits, halves away from zero. Zero has places = digits − 1.
 * Problems: too-large from 10^1 000 000 on, stopped, not-converged when even the first digit stays open.
 */
export function roundToFigures(v: RealValue, digits: number, shouldContinue: ShouldContinue): DecimalAnswer {
  const quick = v.kind === 'rational' ? leadingDigits(v.value, digits) : firstTry(v, digits, shouldContinue);
  if (quick !== null) return quick;
  const guess = decimalExponentGuess(v, shouldContinue);
  if (guess === 'too-large' || guess === 'stopped' || guess === 'not-converged') return guess;
  if (guess === null) return roundToPlaces(v, digits - 1, shouldContinue);
  if (Math.abs(guess) > LARGEST_POWER) return 'too-large';
  const lowest = powerOfTen(digits - 1);
  const highest = lowest * 10n;
  let exponent = guess;
  for (;;) {
    const rounded = roundToPlaces(v, digits - 1 - exponent, shouldContinue);
    if (typeof rounded === 'string') return rounded;
    const size = absolute(rounded.unscaled);
    if (size >= highest) exponent += 1;
    else if (size < lowest && size !== 0n) exponent -= 1;
    else return exponent >= LARGEST_POWER ? 'too-large' : rounded;
  }
}

/** What is not known to all digits is not known to more than so many: it came out of a search. */
const MOST_KNOWN = 60;
const FEWEST_KNOWN = 4;

/**
 * The value to as many significant digits as are settled, up to `most`; null where not even a few are. Domain: most ≥ 1.
 */
export function longestDecimal(v: RealValue, most: number, shouldContinue: ShouldContinue): Decimal | null {
  const first = roundToFigures(v, most, shouldContinue);
  if (typeof first !== 'string') return first;
  for (let digits = Math.min(most - 1, MOST_KNOWN); digits >= FEWEST_KNOWN; digits -= 1) {
    const result = roundToFigures(v, digits, shouldContinue);
    if (typeof result !== 'string') return result;
  }
  return null;
}

/** The exponent of the leading digit of a decimal: 0 for 1 to 9.99…; 0 for zero. */
export const exponentOf = (d: Decimal): number =>
  d.unscaled === 0n ? 0 : absolute(d.unscaled).toString().length - 1 - d.places;

/** A value as a fraction: itself when it is one, else rounded to so many significant digits. */
export function roundedRational(
  v: RealValue,
  digits: number,
  shouldContinue: ShouldContinue,
): Rational | Exclude<DecimalAnswer, Decimal> {
  if (v.kind === 'rational') return v.value;
  const result = roundToFigures(v, digits, shouldContinue);
  if (typeof result === 'string') return result;
  const { unscaled, places } = result;
  return places >= 0 ? rational(unscaled, powerOfTen(places)) : rational(unscaled * powerOfTen(-places));
}
