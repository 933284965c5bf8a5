import type { ShouldContinue } from '../../base/should-continue';
import type { ProblemData } from '../../base/problem';
import { fail, succeed } from '../../base/result';
import type { Result } from '../../base/result';
import { real } from '../../number/arithmetic';
import * as q from '../../number/rational';
import type { Rational } from '../../number/rational';
import { fromRational } from '../../number/value';
import type { RealValue } from '../../number/value';
import { logLine } from './log-line';
import type { FitPoints, FoundFit } from './record';

/** The first value that counts and has no logarithm, counted from 0; −1 when all have one. */
const withoutLog = (values: readonly Rational[], frequencies: readonly bigint[] | null): number =>
  values.findIndex((v, i) => v.n <= 0n && frequencies?.[i] !== 0n);

/**
 * A straight line through points of which the coordinates that `take` names are taken to their natural logarithms,
 * proved to the digits; where y is, its height at zero is raised again. Problems: domain (no logarithm, with the row;
 * x all alike), not-converged, stopped.
 */
export function findByLogs(
  { x, y, frequencies, digits }: FitPoints,
  take: Readonly<{ x: boolean; y: boolean }>,
  shouldContinue: ShouldContinue,
): Result<FoundFit<readonly [RealValue, RealValue]>, ProblemData> {
  for (const [axis, values] of [['x', x] as const, ['y', y] as const]) {
    const row = take[axis] ? withoutLog(values, frequencies) : -1;
    if (row >= 0) return fail({ code: 'domain', reason: 'log-of-non-positive', fn: 'ln', row });
  }
  const line = logLine({ x, y, take, weights: frequencies }, digits, shouldContinue);
  if (line === 'no-spread') return fail({ code: 'domain', reason: 'no-spread' });
  if (line === 'stopped') return fail({ code: 'stopped' });
  if (line === 'undecided') return fail({ code: 'not-converged' });
  const [first] = y;
  if (first !== undefined && y.every((v) => q.equal(v, first)))
    return succeed({ coefficients: [fromRational(first), fromRational(q.ZERO)], r: null, r2: null });
  const { r, slope } = line;
  const start = take.y ? real('exp', line.start) : line.start;
  return succeed({ coefficients: [start, slope], r, r2: r && real('multiply', r, r) });
}
