import { entryAt, itemAt } from '../base/item';
import { goOn } from '../base/limits';
import { unhurried } from '../base/should-continue';
import type { ShouldContinue } from '../base/should-continue';
import { negate } from '../number/arithmetic';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import type { RealValue } from '../number/value';
import { pairOf } from './pair';
import { rootOf } from './root-of';

const keyOf = ({ n, d }: Rational): string => `${n}/${d}`;

type Ranked = Readonly<{
  /** Of each value, twice its rank: halves where values are alike. */
  twice: readonly bigint[];
  /** Of each value, which of the distinct ones it is, from 0. */
  place: readonly number[];
  /** How often each distinct value counts, in order. */
  counts: readonly number[];
}>;

function ranked(values: readonly Rational[], weight: (i: number) => number): Ranked {
  const distinct = new Map<string, { value: Rational; count: number }>();
  values.forEach((value, i) => {
    const before = distinct.get(keyOf(value));
    if (before === undefined) distinct.set(keyOf(value), { value, count: weight(i) });
    else before.count += weight(i);
  });
  const sorted = [...distinct].sort(([, a], [, b]) => q.compare(a.value, b.value));
  const places = new Map(sorted.map(([key], i) => [key, i]));
  let before = 0;
  const twice = sorted.map(([, { count }]) => {
    const rank = BigInt(2 * before + count + 1);
    before += count;
    return rank;
  });
  const place = values.map((value) => entryAt(places, keyOf(value)));
  return { twice: place.map((p) => itemAt(twice, p)), place, counts: sorted.map(([, { count }]) => count) };
}

/** Sums over the first places of a row of counts that grows (P. M. Fenwick, Software: Practice and Experience 24 (1994)). */
class GrowingCounts {
  private readonly tree: number[];
  total = 0;

  constructor(size: number) {
    this.tree = new Array<number>(size + 1).fill(0);
  }

  add(place: number, count: number): void {
    this.total += count;
    for (let i = place + 1; i < this.tree.length; i += i & -i) this.tree[i] = itemAt(this.tree, i) + count;
  }

  /** How much stands before a place. */
  before(place: number): number {
    let sum = 0;
    for (let i = place; i > 0; i -= i & -i) sum += itemAt(this.tree, i);
    return sum;
  }
}

/** Pairs that keep the order less those that turn it, counted through the points from left to right. */
function orderKept(x: Ranked, y: Ranked, weight: (i: number) => number, shouldContinue: ShouldContinue): bigint {
  const order = x.place.map((_, i) => i).sort((a, b) => itemAt(x.place, a) - itemAt(x.place, b));
  const seen = new GrowingCounts(y.counts.length);
  let kept = 0n;
  for (let from = 0; from < order.length;) {
    let to = from;
    const here = itemAt(x.place, itemAt(order, from));
    while (to < order.length && itemAt(x.place, itemAt(order, to)) === here) to += 1;
    const alike = order.slice(from, to);
    for (const i of alike) {
      goOn(shouldContinue);
      const at = itemAt(y.place, i);
      const below = seen.before(at);
      const above = seen.total - seen.before(at + 1);
      kept += BigInt(weight(i)) * BigInt(below - above);
    }
    for (const i of alike) seen.add(itemAt(y.place, i), weight(i));
    from = to;
  }
  return kept;
}

export type RankCorrelation = Readonly<{ spearman: RealValue | null; kendall: RealValue | null }>;

/**
 * How closely two columns rise together: Spearman's ρ, the correlation of their ranks (alike values share one), and
 * Kendall's τ-b, which allows for values that are alike. Exact but for the root; null where a column does not vary.
 * Domain: as many of one as of the other. Source: M. G. Kendall, Rank Correlation Methods (from memory).
 */
export function rankCorrelation(
  x: readonly Rational[],
  y: readonly Rational[],
  frequencies: readonly bigint[] | null,
  shouldContinue: ShouldContinue = unhurried,
): RankCorrelation {
  const weight = (i: number): number => Number(frequencies?.[i] ?? 1n);
  const [u, v] = [ranked(x, weight), ranked(y, weight)];
  const ranks = ({ twice }: Ranked): readonly Rational[] => twice.map((rank) => q.rational(rank, 2n));
  const spearman = pairOf(ranks(u), ranks(v), frequencies, shouldContinue).r;
  const kept = orderKept(u, v, weight, shouldContinue);
  const pairs = (n: bigint): bigint => n * (n - 1n);
  const n = BigInt(u.counts.reduce((sum, count) => sum + count, 0));
  const untied = ({ counts }: Ranked): bigint => counts.reduce((sum, count) => sum - pairs(BigInt(count)), pairs(n));
  const [a, b] = [untied(u), untied(v)];
  if (a === 0n || b === 0n) return { spearman, kendall: null };
  // Both counts of pairs are doubled, and so is what is kept.
  const size = rootOf(q.rational(4n * kept * kept, a * b));
  return { spearman, kendall: kept < 0n ? negate(size) : size };
}
