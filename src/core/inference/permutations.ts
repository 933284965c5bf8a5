import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/*
 * Rank tests by counting: how many of all equally likely arrangements have a sum of ranks as small, or as large, as the
 * one that was found. Ranks that are shared are halves, so that twice a rank is whole.
 */

/** Shares of arrangements whose sum is at most, and at least, a sum. */
export type CountedShares = Readonly<{ below: Rational; above: Rational }>;

const doubled = (ranks: readonly Rational[]): readonly number[] => ranks.map(({ n, d }) => Number((n * 2n) / d));

function sharesOf(counts: readonly bigint[], at: number): CountedShares {
  let [below, above, all] = [0n, 0n, 0n];
  counts.forEach((count, sum) => {
    all += count;
    if (sum <= at) below += count;
    if (sum >= at) above += count;
  });
  return { below: q.rational(below, all), above: q.rational(above, all) };
}

/** Signs are given to ranks at random: the sum of those that are positive. */
export function signedShares(ranks: readonly Rational[], sum: Rational): CountedShares {
  const weights = doubled(ranks);
  const counts: bigint[] = Array.from({ length: weights.reduce((a, b) => a + b, 0) + 1 }, () => 0n);
  counts[0] = 1n;
  let top = 0;
  for (const weight of weights) {
    for (let s = top; s >= 0; s -= 1) counts[s + weight] = (counts[s + weight] ?? 0n) + (counts[s] ?? 0n);
    top += weight;
  }
  return sharesOf(counts, Number((sum.n * 2n) / sum.d));
}

/** So many of the ranks are drawn without return: their sum. */
export function drawnShares(ranks: readonly Rational[], size: number, sum: Rational): CountedShares {
  const weights = doubled(ranks);
  const most = [...weights]
    .sort((a, b) => b - a)
    .slice(0, size)
    .reduce((a, b) => a + b, 0);
  const counts = Array.from({ length: size + 1 }, (): bigint[] => Array.from({ length: most + 1 }, () => 0n));
  (counts[0] as bigint[])[0] = 1n;
  weights.forEach((weight, i) => {
    for (let k = Math.min(i, size - 1); k >= 0; k -= 1) {
      const [from, to] = [counts[k] as bigint[], counts[k + 1] as bigint[]];
      for (let s = most - weight; s >= 0; s -= 1)
        if (from[s] !== 0n) to[s + weight] = (to[s + weight] ?? 0n) + (from[s] ?? 0n);
    }
  });
  return sharesOf(counts[size] as bigint[], Number((sum.n * 2n) / sum.d));
}
