import type { ShouldContinue } from '../../base/should-continue';
import { guarded } from '../../base/limits';
import type { ProblemData } from '../../base/problem';
import { fail, succeed } from '../../base/result';
import type { Result } from '../../base/result';
import type { Tree } from '../../language/tree';
import type { RealValue } from '../../number/value';
import type { FitModel } from '../fit-models';
import type { FitPoints, FoundFit } from './record';
import { records } from './records';

/** The highest degree that is fitted; the screens offer 2 to 4. */
export const HIGHEST_DEGREE = 10;

export type Coefficient = Readonly<{ name: string; value: RealValue }>;

export type Fit = Pick<FoundFit, 'r' | 'r2'> &
  Readonly<{
    model: FitModel;
    /** Named by the letters of the model's formula. */
    coefficients: readonly Coefficient[];
  }>;

export type FitRequest = FitPoints & Readonly<{ model: FitModel }>;

type Fitted = Result<Fit, ProblemData>;

const letters = [...'abcdefghijk'];

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

function fitted({ model, ...points }: FitRequest, shouldContinue: ShouldContinue): Fitted {
  const { x, y, frequencies } = points;
  const record = records[model];
  const other =
    y.length !== x.length ? y.length : frequencies && frequencies.length !== x.length ? frequencies.length : null;
  if (other !== null) return fail({ code: 'dimension', reason: 'unequal-lengths', needs: x.length, got: other });
  const counted = x.filter((_, i) => (frequencies?.[i] ?? 1n) > 0n);
  const distinct = new Set(counted.map((v) => `${v.n}/${v.d}`)).size;
  const needs = record.needs(points.degree);
  if (counted.length > 0 && distinct === 1 && needs === 2 && counted.length >= needs)
    return fail({ code: 'domain', reason: 'no-spread' });
  if (distinct < needs) return fail({ code: 'dimension', reason: 'too-few', needs, got: distinct });
  const result = record.find(points, shouldContinue);
  if (!result.ok) return result;
  const { coefficients, r, r2 } = result.value;
  return succeed({ model, coefficients: coefficients.map((value, i) => ({ name: letters[i] ?? '', value })), r, r2 });
}

/** The right side of a fit's equation in the letter x; each coefficient as the tree that the caller makes of it. */
export const equationTree = ({ model, coefficients }: Fit, leaf: (value: RealValue) => Tree): Tree =>
  records[model].equation(coefficients.map(({ value }) => leaf(value)));
