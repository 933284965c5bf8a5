import { itemAt } from '../base/item';
import { goOn } from '../base/limits';
import type { ShouldContinue } from '../base/should-continue';
import { negate, real } from '../number/arithmetic';
import { bitLength } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { fromRational, fromWhole } from '../number/value';
import type { RealValue } from '../number/value';
import { greatestOf, keyPowers, leastOf, strides, wholeAt } from './counted';
import type { Counted } from './counted';
import { scaled } from './exact-sums';
import { rootOf } from './root-of';

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
  harmonicMean: RealValue | null;
}>;

/** Products of more bits than these are not made. */
const MOST_BITS = 400_000;

/** The nth root of the product of n values. Null unless all are above zero, and their product is of a size to be worked. */
function geometricMean({ keys, counts, n, d }: Counted, shouldContinue: ShouldContinue): RealValue | null {
  if (wholeAt(keys, 0) <= 0n) return null;
  let bits = bitLength(d) * Number(n);
  for (let i = 0; i < keys.length && bits <= MOST_BITS; i += 1)
    bits += bitLength(wholeAt(keys, i)) * Number(wholeAt(counts, i));
  if (bits > MOST_BITS) return null;
  let product = 1n;
  for (let i = 0; i < keys.length; i += 1) {
    goOn(shouldContinue);
    product *= wholeAt(keys, i) ** wholeAt(counts, i);
  }
  const whole = q.rational(product, d ** n);
  const exact = q.exactRoot(whole, Number(n));
  return exact === null ? real('root', fromRational(whole), fromWhole(n)) : fromRational(exact);
}

/** Different values of so many bits in all are inverted exactly; of more, each inverse is worked to so many bits. */
const MOST_INVERTED_BITS = 20_000;
const INVERSE_BITS = 320;

/**
 * How many values there are over the sum of their inverses. Null unless all are above zero. Exact where
 * the different values are few; of more, whose fractions would grow without end, told by two fractions closer than 10⁻⁷⁰
 * of it that it lies between.
 */
function harmonicMean({ keys, counts, n, d }: Counted, shouldContinue: ShouldContinue): RealValue | null {
  if (wholeAt(keys, 0) <= 0n) return null;
  let bits = 0;
  for (let i = 0; i < keys.length && bits <= MOST_INVERTED_BITS; i += 1) bits += bitLength(wholeAt(keys, i));
  if (bits <= MOST_INVERTED_BITS) {
    let inverses = q.ZERO;
    for (let i = 0; i < keys.length; i += 1) {
      goOn(shouldContinue);
      inverses = q.add(inverses, q.rational(wholeAt(counts, i), wholeAt(keys, i)));
    }
    return fromRational(q.divide(q.rational(n, d), inverses));
  }
  const one = 1n << BigInt(INVERSE_BITS + bitLength(wholeAt(keys, keys.length - 1)));
  let low = 0n;
  for (let i = 0; i < keys.length; i += 1) {
    strides(i, shouldContinue);
    low += (wholeAt(counts, i) * one) / wholeAt(keys, i);
  }
  // Each quotient was cut off by less than one.
  const high = low + BigInt(keys.length);
  const mean = q.rational(n * one, d * low);
  return real('within', fromRational(mean), fromRational(q.subtract(mean, q.rational(n * one, d * high))));
}

/**
 * What is told of values besides their summary, exactly but for the roots. Domain: values in order with their counts, at
 * least one. Leaves by `Stopped`. Source: ISO 3534-1 (from memory); the corrected skewness and kurtosis:
 * D. N. Joanes, C. A. Gill, The Statistician 47 (1998), G₁ and G₂ (from memory).
 */
export function furtherOf(of: Counted, shouldContinue: ShouldContinue): Further {
  const { d } = of;
  const [n, s1, s2, s3, s4] = keyPowers(of, 4, shouldContinue) as [bigint, bigint, bigint, bigint, bigint];
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
  return {
    sumOfSquares: q.rational(s2, d * d),
    deviations,
    variance,
    populationVariance: q.divide(deviations, q.whole(n)),
    standardError: variance && rootOf(q.divide(variance, q.whole(n))),
    range: q.subtract(greatestOf(of), leastOf(of)),
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
    geometricMean: geometricMean(of, shouldContinue),
    harmonicMean: harmonicMean(of, shouldContinue),
  };
}

/** Σx³, exactly. */
export const sumOfCubes = (of: Counted, shouldContinue: ShouldContinue): Rational =>
  q.rational(itemAt(keyPowers(of, 3, shouldContinue), 3), of.d ** 3n);

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
