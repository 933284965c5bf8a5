import { itemAt, present } from '../base/item';
import type { AngleUnit } from '../base/angle';
import { succeed } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import { checkedReal, divide, fromSurd, multiply, negate, piTimes } from './arithmetic';
import type { RealResult } from './arithmetic';
import * as q from './rational';
import type { Rational } from './rational';
import * as radical from './radical';
import * as surd from './surd';
import type { SurdSum } from './surd';
import { asRational, fromRational, isExactReal } from './value';
import type { ExactReal, RealValue } from './value';

const perTurn = { deg: q.whole(360), grad: q.whole(400) } as const;
const HALF: Rational = { n: 1n, d: 2n };

/**
 * The angle in turns where that is rational: a rational in degrees or gradians, a rational multiple of π in radians;
 * null elsewhere. Exact.
 */
export function inTurns(angle: RealValue, unit: AngleUnit): Rational | null {
  if (unit === 'rad') {
    if (angle.kind === 'pi') return q.multiply(angle.times, HALF);
    return angle.kind === 'rational' && q.isZero(angle.value) ? q.ZERO : null;
  }
  const plain = asRational(angle);
  return plain && q.divide(plain, perTurn[unit]);
}

/** A rational number of turns in a unit. Exact: in radians a multiple of π. */
export const fromTurns = (turns: Rational, unit: AngleUnit): ExactReal =>
  unit === 'rad' ? piTimes(q.add(turns, turns)) : fromRational(q.multiply(turns, perTurn[unit]));

/**
 * The same angle in another unit. Exact for rational turns, else a recipe. Problems: stopped, by the division alone.
 */
export function convertAngle(
  angle: RealValue,
  from: AngleUnit,
  to: AngleUnit,
  shouldContinue: ShouldContinue,
): RealResult {
  if (from === to) return succeed(angle);
  const turns = inTurns(angle, from);
  if (turns !== null) return succeed(fromTurns(turns, to));
  const half = (unit: 'deg' | 'grad') => q.divide(perTurn[unit], q.whole(2));
  if (from === 'rad' && to !== 'rad') return divide(angle, piTimes(q.divide(q.ONE, half(to))), shouldContinue);
  // Back to radians from what was brought out of them: the recipe itself, so that sin(acos x) sees acos x.
  if (to === 'rad' && from !== 'rad' && angle.kind === 'real' && angle.op === 'divide') {
    const [radians, by] = angle.args;
    const isBroughtOut = by?.kind === 'pi' && q.equal(by.times, q.divide(q.ONE, half(from)));
    if (isBroughtOut && radians !== undefined) return succeed(radians);
  }
  if (from !== 'rad' && to === 'rad') return succeed(multiply(angle, piTimes(q.divide(q.ONE, half(from)))));
  const ratio = q.divide(perTurn[to as 'deg' | 'grad'], perTurn[from as 'deg' | 'grad']);
  return succeed(multiply(angle, fromRational(ratio)));
}

const root = (n: number, coefficient: Rational): SurdSum =>
  surd.scale(present(surd.squareRoot(q.whole(n), () => true)), coefficient);
const QUARTER: Rational = { n: 1n, d: 4n };

/**
 * sin of k·15° for k = 0 … 6, and of 18° and 54° (sin 36° and sin 72° need a nested root and stay real).
 * Source: DLMF 4.17 (special values) for the multiples of 15°; Euclid XIII.10 for the pentagon's.
 */
const sinesBy15: readonly SurdSum[] = [
  [],
  surd.add(root(6, QUARTER), root(2, q.negate(QUARTER))),
  surd.fromRational(HALF),
  root(2, HALF),
  root(3, HALF),
  surd.add(root(6, QUARTER), root(2, QUARTER)),
  surd.fromRational(q.ONE),
];
const sine18 = surd.add(root(5, QUARTER), surd.fromRational(q.negate(QUARTER)));
const sine54 = surd.add(root(5, QUARTER), surd.fromRational(QUARTER));

/**
 * sin of a rational number of turns where it is a sum of square roots (multiples of 1/24 and of 1/20 of a turn), else
 * null. Exact; half-angle values as in DLMF 4.17.
 */
export function exactSine(turns: Rational): ExactReal | null {
  const part = q.modulo(turns, q.ONE);
  if (q.compare(part, HALF) >= 0) {
    const opposite = exactSine(q.subtract(part, HALF));
    return opposite && (negate(opposite) as ExactReal);
  }
  const folded = q.compare(part, QUARTER) > 0 ? q.subtract(HALF, part) : part;
  const by15 = q.multiply(folded, q.whole(24));
  if (by15.d === 1n) return fromSurd(itemAt(sinesBy15, Number(by15.n)));
  const by18 = q.multiply(folded, q.whole(20));
  if (by18.d === 1n && by18.n === 1n) return fromSurd(sine18);
  return by18.d === 1n && by18.n === 3n ? fromSurd(sine54) : null;
}

/** cos of a rational number of turns, as `exactSine` a quarter turn on. */
export const exactCosine = (turns: Rational): ExactReal | null => exactSine(q.add(turns, QUARTER));

/** Turns in [−1/4, 1/4] whose sine is exact: where inverse functions look. */
export const specialTurns: readonly Rational[] = [
  ...Array.from({ length: 13 }, (_, i) => q.rational(BigInt(i - 6), 24n)),
  ...[-3n, -1n, 1n, 3n].map((k) => q.rational(k, 20n)),
];

type Special = Readonly<{ turns: Rational; value: ExactReal }>;
const specialSines: readonly Special[] = specialTurns.flatMap((turns) => {
  const value = exactSine(turns);
  return value === null ? [] : [{ turns, value }];
});

/** The turns in [−1/4, 1/4] whose sine is v, when it is one of the special values. */
export const turnsOfSine = (v: ExactReal): Rational | null =>
  specialSines.find(({ value }) => sameExact(value, v))?.turns ?? null;

/** The special turns by their tangent, those of ±90° left out; made at the first use. */
let specialTangents: readonly Special[] | null = null;
function tangents(): readonly Special[] {
  specialTangents ??= specialTurns.flatMap((turns) => {
    const [top, bottom] = [exactSine(turns), exactCosine(turns)];
    const ratio = top && bottom && divide(top, bottom, () => true);
    return ratio?.ok && isExactReal(ratio.value) ? [{ turns, value: ratio.value }] : [];
  });
  return specialTangents;
}

/** The turns in (−1/4, 1/4) whose tangent is v, when it is one of the special values. */
export const turnsOfTangent = (v: ExactReal): Rational | null =>
  tangents().find(({ value }) => sameExact(value, v))?.turns ?? null;

/** The sine, cosine or tangent of an angle in radians, exact at special angles; an angle of rational turns is first brought within one turn. */
export function ofRadians(op: 'sin' | 'cos', radians: RealValue): RealResult {
  const turns = inTurns(radians, 'rad');
  const exact = turns && (op === 'sin' ? exactSine(turns) : exactCosine(turns));
  if (exact) return succeed(exact);
  return checkedReal(op, turns === null ? radians : fromTurns(q.modulo(turns, q.ONE), 'rad'));
}

/**
 * atan x in radians for every real x, exact at the tangents of special angles, else a recipe. Problems: too-large for
 * a recipe past its ceiling.
 */
export function arctanRadians(x: RealValue): RealResult {
  const turns = isExactReal(x) ? turnsOfTangent(x) : null;
  return turns === null ? checkedReal('arctan', x) : succeed(fromTurns(turns, 'rad'));
}

/** Whether two exact values are the same number. Each has one form, so that forms are compared. */
export function sameExact(a: ExactReal, b: ExactReal): boolean {
  if (a.kind === 'rational') return b.kind === 'rational' && q.equal(a.value, b.value);
  if (a.kind === 'surd') return b.kind === 'surd' && surd.equal(a.sum, b.sum);
  if (a.kind === 'radical') return b.kind === 'radical' && radical.equal(a.of, b.of);
  return b.kind === 'pi' && q.equal(a.times, b.times);
}
