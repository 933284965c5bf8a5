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
  /** Σ of squared deviations from the means, and of their products. */
  deviationsX: Rational;
  deviationsY: Rational;
  productDeviations: Rational;
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
  const per = (total: Rational): Rational => (n === 0n ? q.ZERO : q.divide(total, q.whole(n)));
  const [deviationsX, deviationsY, productDeviations] = [
    per(deviations(n, sumXX, sumX, sumX)),
    per(deviations(n, sumYY, sumY, sumY)),
    per(deviations(n, sumXY, sumX, sumY)),
  ];
  const r = correlation(deviationsX, deviationsY, productDeviations);
  return { n, sumX, sumY, sumXX, sumYY, sumXY, deviationsX, deviationsY, productDeviations, r };
}

export type FurtherPair = Readonly<{
  sX: RealValue | null;
  sY: RealValue | null;
  sigmaX: RealValue;
  sigmaY: RealValue;
  covariance: Rational | null;
  populationCovariance: Rational;
}>;

/** What is told of a pair besides: deviations and covariances of a sample (by n − 1) and of a population (by n). Domain: n ≥ 1. */
export function furtherPair({ n, deviationsX, deviationsY, productDeviations }: PairSummary): FurtherPair {
  const over = (total: Rational, by: bigint): Rational => q.divide(total, q.whole(by));
  const isSample = n > 1n;
  return {
    sX: isSample ? rootOf(over(deviationsX, n - 1n)) : null,
    sY: isSample ? rootOf(over(deviationsY, n - 1n)) : null,
    sigmaX: rootOf(over(deviationsX, n)),
    sigmaY: rootOf(over(deviationsY, n)),
    covariance: isSample ? over(productDeviations, n - 1n) : null,
    populationCovariance: over(productDeviations, n),
  };
}
