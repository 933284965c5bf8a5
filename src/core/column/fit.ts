import type { ShouldContinue } from '../base/should-continue';
import { guarded } from '../base/limits';
import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import { negate, real } from '../number/arithmetic';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { fromRational } from '../number/value';
import type { RealValue } from '../number/value';
import { fitModels } from './fit-models';
import type { FitModel } from './fit-models';
import { polynomialFit } from './least-squares';
import { logLine } from './log-fit';
import { rootOf } from './root-of';
import { sineFit } from './sine-fit';

/** The highest degree that is fitted; the screens offer 2 to 4. */
export const HIGHEST_DEGREE = 10;

export type Coefficient = Readonly<{ name: string; value: RealValue }>;

export type Fit = Readonly<{
  model: FitModel;
  degree: number;
  /** In the order of their letters: of a polynomial from the constant one upwards. */
  coefficients: readonly Coefficient[];
  /** Correlation coefficient of what a straight line is laid through (logarithms for three models); null for curves, or when y does not vary. */
  r: RealValue | null;
  /** The share of the spread of y (or of its logarithm) that the fit explains; null when y does not vary. */
  r2: RealValue | null;
}>;

export type FitRequest = Readonly<{
  model: FitModel;
  /** Of a polynomial. */
  degree: number;
  x: readonly Rational[];
  y: readonly Rational[];
  frequencies: readonly bigint[] | null;
  /** Significant digits that will be asked for. */
  digits: number;
}>;

type Fitted = Result<Fit, ProblemData>;

const letters = 'abcdefghijk';
const named = (values: readonly RealValue[]): readonly Coefficient[] =>
  values.map((value, i) => ({ name: letters[i]!, value }));

function polynomial({ model, x, y, frequencies }: FitRequest, degree: number, shouldContinue: ShouldContinue): Fitted {
  const made = polynomialFit(x, y, degree, frequencies, shouldContinue);
  if (made === null) return fail({ code: 'domain', reason: 'no-spread' });
  const { coefficients, left, whole } = made;
  const r2 = q.isZero(whole) ? null : q.subtract(q.ONE, q.divide(left, whole));
  const slope = coefficients[1];
  const r = r2 === null || degree > 1 || slope === undefined ? null : rootOf(r2);
  return succeed({
    model,
    degree,
    coefficients: named(coefficients.map(fromRational)),
    r: r !== null && slope!.n < 0n ? negate(r) : r,
    r2: r2 && fromRational(r2),
  });
}

/** The first value that counts and has no logarithm, counted from 0; −1 when all have one. */
const withoutLog = (values: readonly Rational[], frequencies: readonly bigint[] | null): number =>
  values.findIndex((v, i) => v.n <= 0n && frequencies?.[i] !== 0n);

function byLogs(
  request: FitRequest,
  take: Readonly<{ x: boolean; y: boolean }>,
  shouldContinue: ShouldContinue,
): Fitted {
  const { model, x, y, frequencies, digits } = request;
  for (const [axis, values] of [['x', x] as const, ['y', y] as const]) {
    const row = take[axis] ? withoutLog(values, frequencies) : -1;
    if (row >= 0) return fail({ code: 'domain', reason: 'log-of-non-positive', fn: 'ln', row });
  }
  const isFlat = y.every((v) => q.equal(v, y[0]!));
  const line = logLine({ x, y, take, weights: frequencies }, digits, shouldContinue);
  if (line === 'no-spread') return fail({ code: 'domain', reason: 'no-spread' });
  if (line === 'stopped') return fail({ code: 'stopped' });
  if (line === 'undecided') return fail({ code: 'not-converged' });
  if (isFlat)
    return succeed({
      model,
      degree: 1,
      coefficients: named([fromRational(y[0]!), fromRational(q.ZERO)]),
      r: null,
      r2: null,
    });
  const start = take.y ? real('exp', line.start) : line.start;
  const { r } = line;
  return succeed({
    model,
    degree: 1,
    coefficients: named([start, line.slope]),
    r,
    r2: r && real('multiply', r, r),
  });
}

/** What a search in doubles that was carried on tells, and no more: it is never called settled. */
const found = (v: Rational): RealValue => {
  const scale = q.compare(q.magnitude(v), q.ONE) > 0 ? q.magnitude(v) : q.ONE;
  return real('estimate', fromRational(v), fromRational(q.multiply(scale, { n: 1n, d: 10n ** 28n })));
};

function sine({ model, x, y, frequencies }: FitRequest, shouldContinue: ShouldContinue): Fitted {
  const used = x.map((v, i) => [v, y[i]!, frequencies?.[i] ?? 1n] as const).filter(([, , w]) => w > 0n);
  const points = {
    x: used.map(([v]) => q.roughly(v)),
    y: used.map(([, v]) => q.roughly(v)),
    w: used.map(([, , w]) => Number(w)),
  };
  const made = sineFit(
    points,
    used.map(([u, v]) => [u, v] as const),
    shouldContinue,
  );
  if (made === 'stopped') return fail({ code: 'stopped' });
  if (made === null) return fail({ code: 'not-converged', reason: 'no-fit' });
  const { a, b, c, d } = made;
  const r2 = 1 - made.left / made.whole;
  return succeed({
    model,
    degree: 1,
    coefficients: named([a, b, c, d].map(found)),
    r: null,
    r2: found(q.rational(BigInt(Math.round(r2 * 2 ** 52)), 2n ** 52n)),
  });
}

/** How many different x a model needs, at the least. */
export const neededPoints = (model: FitModel, degree: number): number =>
  model === 'polynomial' ? degree + 1 : model === 'sine' ? 5 : 2;

/**
 * The curve of a model that comes nearest to points, in the sense of least squares. Straight lines and polynomials
 * exactly (fractions); exponential, power and logarithmic ones as straight lines through logarithms, proved to the
 * digits; a sine by search, to about 28 digits but not proved. Domain: as many y, and frequencies, as x.
 * Problems: dimension (unequal columns, too few different x), domain (x all alike; no logarithm, with the row),
 * not-converged (no wave found), too-large, stopped.
 */
export const fit = (request: FitRequest, shouldContinue: ShouldContinue): Fitted =>
  guarded(
    () => fitted(request, shouldContinue),
    (problemData) => problemData,
  );

function fitted(request: FitRequest, shouldContinue: ShouldContinue): Fitted {
  const { model, x, y, frequencies } = request;
  const degree = model === 'polynomial' ? request.degree : 1;
  const other =
    y.length !== x.length ? y.length : frequencies && frequencies.length !== x.length ? frequencies.length : null;
  if (other !== null) return fail({ code: 'dimension', reason: 'unequal-lengths', needs: x.length, got: other });
  const counted = x.filter((_, i) => (frequencies?.[i] ?? 1n) > 0n);
  const distinct = new Set(counted.map((v) => `${v.n}/${v.d}`)).size;
  const needs = neededPoints(model, degree);
  if (counted.length > 0 && distinct === 1 && needs === 2 && counted.length >= needs)
    return fail({ code: 'domain', reason: 'no-spread' });
  if (distinct < needs) return fail({ code: 'dimension', reason: 'too-few', needs, got: distinct });
  switch (model) {
    case 'straight':
    case 'polynomial':
      return polynomial(request, degree, shouldContinue);
    case 'sine':
      return sine(request, shouldContinue);
    case 'exponential':
    case 'power':
    case 'logarithmic':
      return byLogs(request, fitModels[model].logs, shouldContinue);
  }
}
