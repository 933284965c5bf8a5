import type { ShouldContinue } from '../base/should-continue';
import { add, multiply, real } from '../number/arithmetic';
import { roundedRational } from '../number/digits';
import { lnOf } from '../number/logarithm';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { fromRational, fromWhole } from '../number/value';
import type { RealValue } from '../number/value';
import type { FitModel } from './fit-models';
import { powersOf, regressionOf } from './regression';
import type { Regression } from './regression';

/** What a fit leaves, and how sure its coefficients are; null where that is not known. */
export type FitRest = Readonly<{
  /** Standard errors in the order of the coefficients. */
  errors: readonly (RealValue | null)[] | null;
  /** Σ of squared residuals, and √ of it by the degrees of freedom. */
  left: RealValue | null;
  s: RealValue | null;
  r2: RealValue | null;
}>;

export type FitPointsBy = Readonly<{
  x: readonly Rational[];
  y: readonly Rational[];
  weights: readonly bigint[] | null;
}>;

/** The share of the spread that is explained; null where y does not vary. */
const explained = ({ left, whole }: Regression): RealValue | null =>
  q.isZero(whole) ? null : fromRational(q.subtract(q.ONE, q.divide(left, whole)));

export const restOf = (found: Regression): FitRest => ({
  errors: found.errors,
  left: fromRational(found.left),
  s: found.s,
  r2: explained(found),
});

const SPARE_DIGITS = 30;

/** The errors of a model that is a straight line through logarithms: that of `a` by its own size where it is raised again. */
function errorsByLogs(
  model: FitModel,
  { x, y, weights }: FitPointsBy,
  coefficients: readonly RealValue[],
  digits: number,
  shouldContinue: ShouldContinue,
): FitRest | null {
  const logs = (values: readonly Rational[]): readonly Rational[] =>
    values.map((v) => {
      const log = lnOf(fromRational(v), shouldContinue);
      const near = log.ok ? roundedRational(log.value, digits + SPARE_DIGITS, shouldContinue) : q.ZERO;
      return typeof near === 'string' ? q.ZERO : near;
    });
  const isRaised = model !== 'logarithmic';
  const found = regressionOf(
    [x.map(() => q.ONE), model === 'exponential' ? x : logs(x)],
    isRaised ? logs(y) : y,
    weights,
    true,
    shouldContinue,
  );
  if (found === null) return null;
  const [first, second] = found.errors ?? [];
  const [a] = coefficients;
  const errors =
    first === undefined || second === undefined || a === undefined
      ? null
      : [isRaised ? multiply(a, first) : first, second];
  return { ...restOf(found), errors };
}

/**
 * Standard errors and what is left, for the models that are straight in their coefficients or through logarithms, where
 * they are those of the logarithms. Null for the others. `digits`: how many will be asked for.
 */
export function restOfModel(
  model: FitModel,
  degree: number,
  points: FitPointsBy,
  coefficients: readonly RealValue[],
  digits: number,
  shouldContinue: ShouldContinue,
): FitRest | null {
  const { x, y, weights } = points;
  switch (model) {
    case 'straight':
    case 'polynomial': {
      const found = regressionOf(powersOf(x, 0, model === 'straight' ? 1 : degree), y, weights, true, shouldContinue);
      return found && restOf(found);
    }
    case 'exponential':
    case 'power':
    case 'logarithmic':
      return errorsByLogs(model, points, coefficients, digits, shouldContinue);
    // Of a model that is not listed here nothing is known.
    default:
      return null;
  }
}

/** 1 − (1 − R²)·(n − 1)/df; null where no degree of freedom is left. Source: common practice, no source. */
export const adjusted = (r2: RealValue, n: number, df: number): RealValue | null =>
  df <= 0
    ? null
    : add(
        fromWhole(1),
        multiply(fromRational(q.rational(BigInt(1 - n), BigInt(df))), add(fromWhole(1), multiply(fromWhole(-1), r2))),
      );

/**
 * Akaike's criterion of normal residuals, n·ln(left/n) + 2·k, with k counting the residual's own variance; null where
 * nothing is left. Source: H. Akaike, IEEE Trans. Automatic Control 19 (1974) (from memory).
 */
export const akaike = (left: RealValue, n: number, parameters: number): RealValue | null =>
  left.kind === 'rational' && q.isZero(left.value)
    ? null
    : add(
        multiply(fromWhole(n), real('ln', multiply(left, fromRational(q.rational(1n, BigInt(n)))))),
        fromWhole(2 * (parameters + 1)),
      );

/** Weights of points over one denominator, for `regressionOf`. */
export function weightsOver(weights: readonly Rational[]): Readonly<{ weights: readonly bigint[]; over: bigint }> {
  const over = weights.reduce((d, w) => (d % w.d === 0n ? d : d * w.d), 1n);
  return { weights: weights.map((w) => w.n * (over / w.d)), over };
}
