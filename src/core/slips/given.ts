import type { Problem } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import { itemAt } from '../base/item';
import type { Context } from '../evaluate/context';
import { isSameValue } from '../evaluate/decide';
import { evaluate } from '../evaluate/evaluate';
import { OVERLINE } from '../language/numerals';
import { inside } from '../language/tree';
import type { Tree } from '../language/tree';
import { convertAngle } from '../number/angle';
import { divide } from '../number/arithmetic';
import { roundToPlaces } from '../number/digits';
import { absolute, powerOfTen, roundDivide } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { truncate } from '../number/rounding';
import { toDouble } from '../number/to-double';
import { asRational, fromRational, isReal } from '../number/value';
import type { RealValue, Value } from '../number/value';
import type { Sameness } from './claim';

/** Digits as they are written: so many steps, each the worth of the last digit. */
type Digits = Readonly<{ unscaled: bigint; step: Rational }>;

/**
 * Another answer. Digits say what they say of a value by rounding: so many steps, in degrees when it is an angle with
 * its minutes. All else is compared exactly.
 */
export type Given =
  | (Digits & Readonly<{ kind: 'digits'; isAngle: boolean; places: number | null; figures: number }>)
  | Readonly<{ kind: 'exact'; value: Value }>;

/** How a value gives an answer: it is that, or is rounded or cut off to it. */
export type Agreement = 'exact' | 'rounded' | 'truncated';

const step = (places: number): Rational =>
  places >= 0 ? q.rational(1n, powerOfTen(places)) : q.whole(powerOfTen(-places));

/** The most places that an answer can say. */
const MOST_PLACES = 1000;

/** A numeral with a sign, a power of ten or a percent sign. */
function digitsOf(tree: Tree): (Digits & { places: number }) | null {
  switch (tree.kind) {
    case 'group':
      return digitsOf(tree.of);
    case 'negate': {
      const of = digitsOf(tree.of);
      return of && { ...of, unscaled: -of.unscaled };
    }
    case 'number': {
      if (tree.written.includes(OVERLINE)) return null;
      const [digits = '', exponent = '0'] = tree.written.split('E');
      const [whole = '', decimals = ''] = digits.split('.');
      const places = decimals.length - Number(exponent);
      if (Math.abs(places) > MOST_PLACES) return null;
      return { unscaled: BigInt(whole + decimals), step: step(places), places };
    }
    case 'postfix': {
      const of = tree.op === 'percent' ? digitsOf(tree.of) : null;
      return of && { ...of, step: q.divide(of.step, q.whole(100)), places: of.places + 2 };
    }
    case 'binary': {
      // 4.2 × 10^7
      const power = inside(tree.right);
      if (tree.op !== 'times' || power.kind !== 'power') return null;
      const [base, exponent] = [inside(power.base), inside(power.exponent)];
      const size = exponent.kind === 'negate' ? inside(exponent.of) : exponent;
      if (base.kind !== 'number' || base.written !== '10' || size.kind !== 'number') return null;
      if (!/^\d{1,3}$/.test(size.written)) return null;
      const by = Number(size.written) * (exponent.kind === 'negate' ? -1 : 1);
      const of = digitsOf(tree.left);
      return of && { unscaled: of.unscaled, step: step(of.places - by), places: of.places - by };
    }
    default:
      return null;
  }
}

/** Degrees with minutes, and with seconds: counted in the last of them. */
function angleDigits(tree: Tree): Digits | null {
  const node = inside(tree);
  if (node.kind === 'negate') {
    const of = angleDigits(node.of);
    return of && { ...of, unscaled: -of.unscaled };
  }
  if (node.kind !== 'dms') return null;
  const parts = [node.degrees, node.minutes, ...(node.seconds === null ? [] : [node.seconds])];
  const last = itemAt(parts, parts.length - 1).split('.')[1]?.length ?? 0;
  if (parts.slice(0, -1).some((part) => part.includes('.'))) return null;
  const ten = powerOfTen(last);
  const unscaled = parts.reduce(
    (sum, part, i) => sum * 60n + (i === parts.length - 1 ? BigInt(part.replace('.', '')) : BigInt(part) * ten),
    0n,
  );
  return { unscaled, step: q.rational(1n, 60n ** BigInt(parts.length - 1) * ten) };
}

/** Reads another answer from its tree. Problems: those of its value. */
export function readGiven(tree: Tree, context: Context): Result<Given, Problem> {
  const digits = digitsOf(tree);
  const angle = digits === null ? angleDigits(tree) : null;
  const found = digits ?? angle;
  if (found !== null) {
    const figures = absolute(found.unscaled).toString().length;
    return succeed({ kind: 'digits', ...found, isAngle: angle !== null, places: digits?.places ?? null, figures });
  }
  const value = evaluate(tree, context);
  return value.ok ? succeed({ kind: 'exact', value: value.value }) : value;
}

/** A value counted in steps. */
function counted(v: RealValue, given: Given & { kind: 'digits' }, context: Context): RealValue | null {
  const angle = given.isAngle ? convertAngle(v, context.angle, 'deg', context.shouldContinue) : succeed(v);
  if (!angle.ok) return null;
  const result = divide(angle.value, fromRational(given.step), context.shouldContinue);
  return result.ok ? result.value : null;
}

/** Doubles this far apart, in steps, are no rounding of each other. */
const FAR = 1.01;

/**
 * Whether a value is too far from an answer to give it, seen by doubles; false where they do not tell. Of a search most
 * values are, so that little is worked for those.
 */
export function isFar(v: Value, given: Given, context: Context): boolean {
  if (given.kind === 'exact') {
    if (!isReal(v) || !isReal(given.value)) return false;
    const [near, aim] = [toDouble(v, context.shouldContinue), toDouble(given.value, context.shouldContinue)];
    return Math.abs(near - aim) > 1e-9 * Math.max(Math.abs(near), Math.abs(aim));
  }
  const scaled = isReal(v) ? counted(v, given, context) : null;
  if (scaled === null) return true;
  const aim = Number(given.unscaled);
  // Number.EPSILON · |aim| is what a double of that size is off at most.
  return Math.abs(toDouble(scaled, context.shouldContinue) - aim) > FAR + 4 * Number.EPSILON * Math.abs(aim);
}

/** Whether a value gives an answer, and how; null when it does not, or when that cannot be proved. */
export function agreement(v: Value, given: Given, context: Context): Agreement | null {
  if (given.kind === 'exact') return sameExactly(v, given, context) ? 'exact' : null;
  const scaled = isReal(v) ? counted(v, given, context) : null;
  if (scaled === null) return null;
  const exact = asRational(scaled);
  if (exact !== null) {
    if (exact.d === 1n && exact.n === given.unscaled) return 'exact';
    if (roundDivide(exact.n, exact.d) === given.unscaled) return 'rounded';
    return exact.n / exact.d === given.unscaled && isSameSign(exact.n, given.unscaled) ? 'truncated' : null;
  }
  const rounded = roundToPlaces(scaled, 0, context.shouldContinue);
  if (typeof rounded === 'string' || !rounded.settled) return null;
  if (rounded.unscaled === given.unscaled) return rounded.exact ? 'exact' : 'rounded';
  const cut = truncate(scaled, context.shouldContinue);
  const whole = cut.ok ? asRational(cut.value) : null;
  return whole !== null && whole.n === given.unscaled && given.unscaled !== 0n ? 'truncated' : null;
}

const isSameSign = (a: bigint, b: bigint): boolean => (b === 0n ? a === 0n : a < 0n === b < 0n);

function sameExactly(a: Value, given: Given & { kind: 'exact' }, context: Context): boolean {
  const b = given.value;
  if (isReal(a) && isReal(b)) {
    const [x, y] = [asRational(a), asRational(b)];
    if (x !== null && y !== null) return q.equal(x, y);
    if (isFar(a, given, context)) return false;
  }
  return isSameValue(a, b, context) === true;
}

/** Why an answer is the same as a value; null when it is not. */
export function sameness(value: Value, given: Given, context: Context): Sameness | null {
  const how = agreement(value, given, context);
  if (how === null) return null;
  return how === 'exact' ? { how: 'form' } : { how, places: given.kind === 'digits' ? given.places : null };
}
