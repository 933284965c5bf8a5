import { fail, succeed } from '../base/result';
import type { ProblemData } from '../base/problem';
import type { ShouldContinue } from '../base/should-continue';
import * as arithmetic from '../number/arithmetic';
import type { RealResult } from '../number/arithmetic';
import * as q from '../number/rational';
import { signOf } from '../number/sign';
import { fromRational } from '../number/value';
import type { RealValue } from '../number/value';
import { kindNamed, kinds } from './kinds';
import { raisedText } from './raised';
import type { MeasureUnit } from './read';
import type { Dimension, Kind } from './unit';

export const isSameDimension = (a: Dimension, b: Dimension): boolean => a.every((e, i) => e === b[i]);
const isReverse = (a: Dimension, b: Dimension): boolean => a.every((e, i) => e === -(b[i] ?? 0));

/** Fuel is counted by distance or by volume: one is the reciprocal of the other. */
const areReciprocal = (from: MeasureUnit, to: MeasureUnit): boolean =>
  from.isReciprocal !== to.isReciprocal && isReverse(from.dimension, to.dimension);

/** Whether a measure in one unit can be told in the other. */
export const canConvert = (from: MeasureUnit, to: MeasureUnit): boolean =>
  isSameDimension(from.dimension, to.dimension) || areReciprocal(from, to);

const times = (value: RealValue, { by, pi }: MeasureUnit['factor'], shouldContinue: ShouldContinue): RealResult => {
  let result: RealResult = succeed(arithmetic.multiply(value, fromRational(by)));
  for (let k = 0; k < Math.abs(pi) && result.ok; k += 1)
    result =
      pi > 0
        ? succeed(arithmetic.multiply(result.value, arithmetic.PI))
        : arithmetic.divide(result.value, arithmetic.PI, shouldContinue);
  return result;
};

/**
 * A measure told in another unit of its dimension, exact: factors are fractions, with π for angles. Points of the scales
 * of temperature keep their zeros, where both units are such points. Problem: dimension, where the units are unlike.
 */
export function convert(
  value: RealValue,
  from: MeasureUnit,
  to: MeasureUnit,
  shouldContinue: ShouldContinue,
): RealResult {
  if (!canConvert(from, to)) return fail(unlike(from, to));
  const ratio = {
    by: q.divide(from.factor.by, to.factor.by),
    pi: from.factor.pi - to.factor.pi,
  };
  if (areReciprocal(from, to)) {
    const both = { by: q.multiply(from.factor.by, to.factor.by), pi: from.factor.pi + to.factor.pi };
    const scaled = times(value, both, shouldContinue);
    return scaled.ok ? arithmetic.divide(arithmetic.ONE, scaled.value, shouldContinue) : scaled;
  }
  if (from.zero === null || to.zero === null) return times(value, ratio, shouldContinue);
  const shift = q.divide(q.subtract(from.zero, to.zero), to.factor.by);
  const scaled = times(value, ratio, shouldContinue);
  return scaled.ok ? succeed(arithmetic.add(scaled.value, fromRational(shift))) : scaled;
}

/** Whether a measure is a temperature below absolute zero, where it is a point of a scale; false where its sign stays open. */
export const isTooCold = (value: RealValue, { zero, factor }: MeasureUnit, shouldContinue: ShouldContinue): boolean =>
  zero !== null &&
  signOf(arithmetic.add(arithmetic.multiply(value, fromRational(factor.by)), fromRational(zero)), shouldContinue) ===
    -1;

const unlike = (from: MeasureUnit, to: MeasureUnit): ProblemData => ({
  code: 'dimension',
  reason: 'unlike-units',
  from: `${from.sign} (${baseSigns(from.dimension)})`,
  to: `${to.sign} (${baseSigns(to.dimension)})`,
});

const BASE = ['m', 'kg', 's', 'A', 'K', 'rad', 'bit'] as const;

/** A dimension in base units: kg·m²·s⁻²; `1` where there is none. */
export function baseSigns(dimension: Dimension): string {
  const parts = dimension.flatMap((e, i) => (e === 0 ? [] : [`${BASE[i] ?? ''}${raisedText(e)}`]));
  return parts.length === 0 ? '1' : parts.join('·');
}

/** The kinds that a unit can measure, those first that hold it; the one of all others where there is none. */
export function kindsOf(unit: MeasureUnit): readonly Kind[] {
  const fitting = kinds.filter(
    ({ id, dimension }) =>
      isSameDimension(dimension, unit.dimension) ||
      (id === 'fuel' && unit.isReciprocal && isReverse(dimension, unit.dimension)),
  );
  const holds = ({ listed, id }: Kind): boolean =>
    listed.includes(unit.sign) && (id !== 'temperatureDifference' || unit.zero === null);
  return fitting.length === 0
    ? [kindNamed('other')]
    : [...fitting.filter(holds), ...fitting.filter((kind) => !holds(kind))];
}
