import { itemAt, present } from '../base/item';
import { compare, square } from '../chance/algebra';
import { Refusal } from '../chance/refusal';
import * as q from '../number/rational';
import { fromRational } from '../number/value';
import type { RealValue } from '../number/value';
import { drawnShares, signedShares } from './permutations';
import { ranksOf, tooFew, valuesOf } from './sample';
import type { Work } from './sample';
import { ask, byChiSquared, chanceOf, symmetric, symmetricChance } from './shares';
import { defineTest } from './test-record';
import type { Tail } from './test-names';
import type { Outcome, Tested, TestOptions } from './test-record';

/** So many signed ranks are counted out; of more, the sum is taken for normal. */
const MOST_SIGNED = 120;
/** So many values of two samples, together, are counted out. */
const MOST_DRAWN = 60;

const sumOfRanks = (ranks: readonly q.Rational[]): q.Rational => ranks.reduce((a, b) => q.add(a, b), q.ZERO);

/** Σ (t³ − t) over values that share a rank. */
const tieSum = (ties: readonly number[]): number => ties.reduce((sum, t) => sum + (t ** 3 - t), 0);

const counted = (letter: Outcome['letter'], statistic: RealValue, p: RealValue): Outcome => ({
  letter,
  statistic,
  df: [],
  p,
  against: null,
});

/** A sum of ranks taken for normal, with its mean and variance. */
function nearlyNormal(
  w: Work,
  letter: Outcome['letter'],
  statistic: RealValue,
  mean: RealValue,
  variance: RealValue,
  tail: Tail,
): Outcome {
  if (w.sign(variance) <= 0) throw new Refusal({ code: 'domain', reason: 'all-alike' });
  const z = w.divide(w.subtract(statistic, mean), w.squareRoot(variance));
  return counted(letter, statistic, symmetricChance(w, symmetric(w, null), z, tail));
}

const medianOf = (w: Work, sorted: readonly RealValue[]): RealValue => {
  const middle = sorted.length / 2;
  const at = (i: number): RealValue => itemAt(sorted, i);
  return Number.isInteger(middle) ? w.divide(w.add(at(middle - 1), at(middle)), w.of(2)) : at(Math.floor(middle));
};

/** The interval of the median between two of the values in order: the narrowest whose level is reached. */
function medianInterval(w: Work, sorted: readonly RealValue[], { tail, level }: TestOptions): Tested['interval'] {
  const n = sorted.length;
  const outside = tail === 'two' ? w.divide(w.subtract(w.of(1), level), w.of(2)) : w.subtract(w.of(1), level);
  let cut = 0;
  const fits = (k: number): boolean =>
    compare(w, ask(w, 'binomial', 'below', w.of(k), [w.of(n), w.of(1, 2)]), outside) <= 0;
  while (2 * (cut + 1) <= n && fits(cut)) cut += 1;
  if (cut === 0) return [null, null];
  return [tail === 'less' ? null : itemAt(sorted, cut - 1), tail === 'greater' ? null : itemAt(sorted, n - cut)];
}

export const sign = defineTest({
  id: 'sign',
  needs: ['x', 'mean0'],
  source: 'J. Arbuthnott, 1710; W. J. Conover, Practical Nonparametric Statistics, 3.4 (from memory)',
  work: (w, { x, mean0 }, options) => {
    const values = valuesOf(present(x), 'sign');
    const sides = values.map((v) => compare(w, v, present(mean0)));
    const plus = sides.filter((side) => side > 0).length;
    const all = sides.filter((side) => side !== 0).length;
    if (all === 0) throw new Refusal({ code: 'domain', reason: 'all-alike' });
    const parameters = [w.of(all), w.of(1, 2)];
    const below = ask(w, 'binomial', 'below', w.of(plus), parameters);
    const above = ask(w, 'binomial', 'above', w.of(plus - 1), parameters);
    const sorted = [...values].sort((a, b) => compare(w, a, b));
    return {
      outcomes: [
        {
          ...counted('S', w.of(plus), chanceOf(w, below, above, options.tail)),
          against: { id: 'binomial', parameters },
        },
      ],
      estimate: medianOf(w, sorted),
      interval: medianInterval(w, sorted, options),
      effect: { id: 'share', value: w.of(plus, all) },
      isApproximate: false,
    };
  },
});

export const wilcoxon = defineTest({
  id: 'wilcoxon',
  needs: ['x', 'mean0'],
  source: 'F. Wilcoxon, 1945; values at the median are left out, shared ranks are halved',
  work: (w, { x, mean0 }, { tail }) => {
    const all = valuesOf(present(x), 'wilcoxon');
    const off = all.map((v) => w.subtract(v, present(mean0))).filter((d) => w.sign(d) !== 0);
    if (off.length === 0) throw new Refusal({ code: 'domain', reason: 'all-alike' });
    const { ranks, ties } = ranksOf(
      w,
      off.map((d) => (w.sign(d) < 0 ? w.negate(d) : d)),
    );
    const plus = sumOfRanks(ranks.filter((_, i) => w.sign(itemAt(off, i)) > 0));
    const total = sumOfRanks(ranks);
    const statistic = fromRational(plus);
    const isCounted = off.length <= MOST_SIGNED;
    const n = off.length;
    const outcome = (): Outcome => {
      if (isCounted) {
        const { below, above } = signedShares(ranks, plus);
        return counted('W', statistic, chanceOf(w, fromRational(below), fromRational(above), tail));
      }
      const variance = w.subtract(w.of(n * (n + 1) * (2 * n + 1), 24), w.of(tieSum(ties), 48));
      return nearlyNormal(w, 'W', statistic, w.of(n * (n + 1), 4), variance, tail);
    };
    const sorted = [...all].sort((a, b) => compare(w, a, b));
    return {
      outcomes: [outcome()],
      estimate: medianOf(w, sorted),
      interval: [null, null],
      effect: { id: 'r', value: fromRational(q.divide(q.subtract(q.add(plus, plus), total), total)) },
      isApproximate: !isCounted,
    };
  },
});

export const mannWhitney = defineTest({
  id: 'mann-whitney',
  needs: ['x', 'y'],
  source: 'H. B. Mann, D. R. Whitney, 1947; U of the first sample, shared ranks are halved',
  work: (w, { x, y }, { tail }) => {
    const [first, second] = [valuesOf(present(x), 'mann-whitney'), valuesOf(present(y), 'mann-whitney')];
    const [n, m] = [first.length, second.length];
    if (Math.min(n, m) < 1) throw tooFew(1, Math.min(n, m));
    const { ranks, ties } = ranksOf(w, [...first, ...second]);
    const own = sumOfRanks(ranks.slice(0, n));
    const u = q.subtract(own, q.rational(BigInt(n * (n + 1)), 2n));
    const statistic = fromRational(u);
    const isCounted = n + m <= MOST_DRAWN;
    const outcome = (): Outcome => {
      if (isCounted) {
        const { below, above } = drawnShares(ranks, n, own);
        return counted('U', statistic, chanceOf(w, fromRational(below), fromRational(above), tail));
      }
      const all = n + m;
      const shared = w.of(tieSum(ties), all * (all - 1));
      const variance = w.multiply(w.of(n * m, 12), w.subtract(w.of(all + 1), shared));
      return nearlyNormal(w, 'U', statistic, w.of(n * m, 2), variance, tail);
    };
    return {
      outcomes: [outcome()],
      estimate: null,
      interval: [null, null],
      effect: { id: 'share', value: fromRational(q.divide(u, q.whole(n * m))) },
      isApproximate: !isCounted,
    };
  },
});

export const kruskalWallis = defineTest({
  id: 'kruskal-wallis',
  needs: ['groups'],
  source: 'W. H. Kruskal, W. A. Wallis, 1952; NIST/SEMATECH e-Handbook of Statistical Methods, 7.4.1',
  work: (w, { groups }) => {
    const samples = present(groups);
    if (samples.length < 2) throw tooFew(2, samples.length);
    const least = Math.min(...samples.map((values) => values.length));
    if (least < 1) throw tooFew(1, least);
    const { ranks, ties } = ranksOf(w, samples.flat());
    const n = ranks.length;
    let sum: RealValue = w.of(0);
    let from = 0;
    for (const { length } of samples) {
      const own = fromRational(sumOfRanks(ranks.slice(from, from + length)));
      sum = w.add(sum, w.divide(square(w, own), w.of(length)));
      from += length;
    }
    const raw = w.subtract(w.multiply(w.of(12, n * (n + 1)), sum), w.of(3 * (n + 1)));
    const correction = w.subtract(w.of(1), w.of(tieSum(ties), n ** 3 - n));
    if (w.sign(correction) === 0) throw new Refusal({ code: 'domain', reason: 'all-alike' });
    const statistic = w.divide(raw, correction);
    return {
      outcomes: [byChiSquared(w, 'H', statistic, w.of(samples.length - 1))],
      estimate: null,
      interval: [null, null],
      effect: null,
      isApproximate: true,
    };
  },
});
