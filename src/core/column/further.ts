import { goOn } from '../base/limits';
import type { ShouldContinue } from '../base/should-continue';
import { negate, real } from '../number/arithmetic';
import { bitLength } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { fromRational, fromWhole } from '../number/value';
import type { RealValue } from '../number/value';
import { scaled } from './exact-sums';
import { rootOf } from './root-of';
import type { Tally } from './summary';

/** What is told of a column besides its summary. Null where there is none. */
export type Further = Readonly<{
  sumOfSquares: Rational;
  /** Σ of squared deviations from the mean. */
  deviations: Rational;
  variance: Rational | null;
  populationVariance: Rational;
  standardError: RealValue | null;
  range: Rational;
  /** m₃/m₂^(3/2) and m₄/m₂² − 3 of the central moments. */
  skewness: RealValue | null;
  kurtosis: Rational | null;
  /** The same, corrected for a sample. */
  sampleSkewness: RealValue | null;
  sampleKurtosis: Rational | null;
  geometricMean: RealValue | null;
  harmonicMean: Rational | null;
}>;

/** Products of more bits than these are not made. */
const MOST_BITS = 400_000;

/** The nth root of the product of n values. Null unless all are above zero, and their product is of a size to be worked. */
function geometricMean(tally: readonly Tally[], n: bigint, shouldContinue: ShouldContinue): RealValue | null {
  if (tally.some(({ value }) => value.n <= 0n)) return null;
  const bits = tally.reduce(
    (sum, { value, count }) => sum + BigInt(bitLength(value.n) + bitLength(value.d)) * count,
    0n,
  );
  if (bits > BigInt(MOST_BITS)) return null;
  let [top, below] = [1n, 1n];
  for (const { value, count } of tally) {
    goOn(shouldContinue);
    top *= value.n ** count;
    below *= value.d ** count;
  }
  const product = q.rational(top, below);
  const exact = q.exactRoot(product, Number(n));
  return exact === null ? real('root', fromRational(product), fromWhole(n)) : fromRational(exact);
}

/**
 * What is told of values besides their summary, exactly but for the roots. Domain: values in order with their counts, at
 * least one. Leaves by `Stopped`. Source: ISO 3534-1 (from memory); the corrected skewness and kurtosis:
 * D. N. Joanes, C. A. Gill, The Statistician 47 (1998), G₁ and G₂ (from memory).
 */
export function furtherOf(tally: readonly Tally[], shouldContinue: ShouldContinue): Further {
  const { n: keys, d } = scaled(
    tally.map(({ value }) => value),
    shouldContinue,
  );
  const sums = [0n, 0n, 0n, 0n, 0n];
  keys.forEach((key, i) => {
    goOn(shouldContinue);
    let power = tally[i]?.count ?? 0n;
    for (let k = 0; k <= 4; k += 1) {
      sums[k] = (sums[k] ?? 0n) + power;
      power *= key;
    }
  });
  const [n, s1, s2, s3, s4] = sums as [bigint, bigint, bigint, bigint, bigint];
  // n^k times the central moments, so that all stay whole.
  const m2 = n * s2 - s1 * s1;
  const m3 = n * n * s3 - 3n * n * s1 * s2 + 2n * s1 ** 3n;
  const m4 = n ** 3n * s4 - 4n * n * n * s1 * s3 + 6n * n * s1 * s1 * s2 - 3n * s1 ** 4n;
  const deviations = q.rational(m2, n * d * d);
  const variance = n < 2n ? null : q.divide(deviations, q.whole(n - 1n));
  const isSpread = m2 > 0n;
  const kurtosis = isSpread ? q.subtract(q.rational(m4, m2 * m2), q.whole(3n)) : null;
  const skewnessSquared = isSpread ? q.rational(m3 * m3, m2 ** 3n) : null;
  const skewed = (size: Rational | null): RealValue | null => {
    if (size === null) return null;
    return m3 < 0n ? negate(rootOf(size)) : rootOf(size);
  };
  const min = tally[0]?.value ?? q.ZERO;
  const max = tally.at(-1)?.value ?? q.ZERO;
  const isPositive = min.n > 0n;
  const inverses = isPositive
    ? tally.reduce((sum, { value, count }) => q.add(sum, q.divide(q.whole(count), value)), q.ZERO)
    : null;
  return {
    sumOfSquares: q.rational(s2, d * d),
    deviations,
    variance,
    populationVariance: q.divide(deviations, q.whole(n)),
    standardError: variance && rootOf(q.divide(variance, q.whole(n))),
    range: q.subtract(max, min),
    skewness: skewed(skewnessSquared),
    kurtosis,
    sampleSkewness: skewed(
      skewnessSquared === null || n < 3n
        ? null
        : q.multiply(skewnessSquared, q.rational(n * (n - 1n), (n - 2n) * (n - 2n))),
    ),
    sampleKurtosis:
      kurtosis === null || n < 4n
        ? null
        : q.multiply(
            q.rational(n - 1n, (n - 2n) * (n - 3n)),
            q.add(q.multiply(q.whole(n + 1n), kurtosis), q.whole(6n)),
          ),
    geometricMean: geometricMean(tally, n, shouldContinue),
    harmonicMean: inverses && q.divide(q.whole(n), inverses),
  };
}

/** Σx³, exactly. */
export const sumOfCubes = (tally: readonly Tally[]): Rational => {
  const { n: keys, d } = scaled(tally.map(({ value }) => value));
  return q.rational(
    keys.reduce((sum, key, i) => sum + (tally[i]?.count ?? 0n) * key ** 3n, 0n),
    d ** 3n,
  );
};

/** Σwx/Σw. Domain: as many weights as values; null unless the weights sum to more than zero. */
export function weightedMean(values: readonly Rational[], weights: readonly Rational[]): Rational | null {
  const [x, w] = [scaled(values), scaled(weights)];
  const total = w.n.reduce((sum, v) => sum + v, 0n);
  if (total <= 0n) return null;
  return q.rational(
    x.n.reduce((sum, v, i) => sum + v * (w.n[i] ?? 0n), 0n),
    x.d * total,
  );
}
