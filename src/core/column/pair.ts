import type { ShouldContinue } from '../base/should-continue';
import { negate } from '../number/arithmetic';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import type { RealValue } from '../number/value';
import { checkSize, powerSum, scaled } from './exact-sums';
import { rootOf } from './root-of';

/** The sums of two columns used together, and how closely they keep to a straight line. */
export type PairSummary = Readonly<{
  n: bigint;
  sumX: Rational;
  sumY: Rational;
  sumXX: Rational;
  sumYY: Rational;
  sumXY: Rational;
  /** Correlation coefficient, −1 to 1; null when one of the columns does not vary. */
  r: RealValue | null;
}>;

/** n·Σuv − Σu·Σv: n times the sum of products of deviations. */
const deviations = (n: bigint, uv: Rational, u: Rational, v: Rational): Rational =>
  q.subtract(q.multiply(q.whole(n), uv), q.multiply(u, v));

/** The correlation coefficient from sums of deviations; null when one side does not vary. Exact but for the root. */
export function correlation(xx: Rational, yy: Rational, xy: Rational): RealValue | null {
  if (q.isZero(xx) || q.isZero(yy)) return null;
  const size = rootOf(q.divide(q.multiply(xy, xy), q.multiply(xx, yy)));
  return xy.n < 0n ? negate(size) : size;
}

/**
 * Sums and correlation of pairs, each pair counted as often as its frequency says. Domain: as many of one as of the
 * other. Source: ISO 3534-1, correlation coefficient (from memory).
 */
export function pairOf(
  x: readonly Rational[],
  y: readonly Rational[],
  frequencies: readonly bigint[] | null,
  shouldContinue?: ShouldContinue,
): PairSummary {
  const [u, v] = [scaled(x, shouldContinue), scaled(y, shouldContinue)];
  checkSize(u, 2);
  checkSize(v, 2);
  const sum = (j: number, k: number): Rational => powerSum(u, v, j, k, frequencies, shouldContinue);
  const n = frequencies === null ? BigInt(x.length) : frequencies.reduce((a, b) => a + b, 0n);
  const [sumX, sumY, sumXX, sumYY, sumXY] = [sum(1, 0), sum(0, 1), sum(2, 0), sum(0, 2), sum(1, 1)];
  const r = correlation(
    deviations(n, sumXX, sumX, sumX),
    deviations(n, sumYY, sumY, sumY),
    deviations(n, sumXY, sumX, sumY),
  );
  return { n, sumX, sumY, sumXX, sumYY, sumXY, r };
}
