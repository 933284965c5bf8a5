import { itemAt, lastOf } from '../base/item';
import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import type { RealValue } from '../number/value';
import type { ClassRule } from './class-rules';
import { powerSum, scaled } from './exact-sums';
import { rootOf } from './root-of';

/** From `low`, which belongs to it, up to `high`, which does not; and how many values lie there. */
export type Class = Readonly<{ low: Rational; high: Rational; count: bigint }>;

/** What was not given and had to be proposed. */
export type Proposed =
  | Readonly<{ kind: 'last-end'; value: Rational; width: Rational }>
  | Readonly<{ kind: 'first-start'; value: Rational; width: Rational }>
  | Readonly<{ kind: 'width' | 'count'; width: Rational; from: Rational }>
  | null;

export type Classed = Readonly<{ classes: readonly Class[]; proposed: Proposed }>;

export type Bounds = Readonly<
  | { given: 'both'; low: readonly Rational[]; high: readonly Rational[] }
  /** The bounds between the classes and those at both ends: one more than there are classes. */
  | { given: 'edges'; bound: readonly Rational[] }
  /** One bound of each class. `width`: that of all of them; null to take it from the bounds themselves. */
  | { given: 'lower' | 'upper'; bound: readonly Rational[]; width: Rational | null }
>;

type Made = Result<Classed, ProblemData>;

const refused = (reason: 'class-order' | 'class-overlap' | 'class-width', row: number): Made =>
  fail({ code: 'domain', reason, row });

/** By the lower bound, each with the row that it came from. */
function checked(
  rows: readonly Readonly<{ low: Rational; high: Rational; count: bigint; row: number }>[],
  proposed: Proposed,
): Made {
  const wrong = rows.find(({ low, high }) => q.compare(low, high) >= 0);
  if (wrong !== undefined) return refused('class-order', wrong.row);
  const sorted = rows.toSorted((a, b) => q.compare(a.low, b.low));
  const overlapping = sorted.find((c, i) => i > 0 && q.compare(c.low, itemAt(sorted, i - 1).high) < 0);
  if (overlapping !== undefined) return refused('class-overlap', overlapping.row);
  return succeed({ classes: sorted.map(({ low, high, count }) => ({ low, high, count })), proposed });
}

/**
 * Classes from their bounds and frequencies. Where one bound is given, each class reaches to its neighbour's; the end
 * that no neighbour gives is proposed, as wide as all the others. Domain: as many frequencies as bounds, one or more;
 * of edges one fewer.
 * Problems, each with its row: class-order (an upper bound not above the lower one), class-overlap, class-width (one
 * bound of classes that are not equally wide, or of a single class without a width).
 */
export function classesOf(bounds: Bounds, counts: readonly bigint[]): Made {
  if (bounds.given === 'both')
    return checked(
      bounds.low.map((low, row) => ({ low, high: itemAt(bounds.high, row), count: itemAt(counts, row), row })),
      null,
    );
  if (bounds.given === 'edges')
    return checked(
      counts.map((count, row) => ({ low: itemAt(bounds.bound, row), high: itemAt(bounds.bound, row + 1), count, row })),
      null,
    );
  const { given, bound } = bounds;
  const rows = bound
    .map((at, row) => ({ at, count: itemAt(counts, row), row }))
    .toSorted((a, b) => q.compare(a.at, b.at));
  const between = rows.slice(1).map(({ at }, i) => q.subtract(at, itemAt(rows, i).at));
  const width = bounds.width ?? between[0];
  if (width === undefined) return refused('class-width', 0);
  const uneven = bounds.width === null ? between.findIndex((w) => !q.equal(w, width)) : -1;
  if (uneven >= 0) return refused('class-width', itemAt(rows, uneven + 1).row);
  const result = rows.map(({ at, count, row }) =>
    given === 'lower'
      ? { low: at, high: q.add(at, width), count, row }
      : { low: q.subtract(at, width), high: at, count, row },
  );
  const proposed: Proposed =
    bounds.width !== null
      ? null
      : given === 'lower'
        ? { kind: 'last-end', value: lastOf(result).high, width }
        : { kind: 'first-start', value: itemAt(result, 0).low, width };
  return checked(result, proposed);
}

const NICE: readonly Rational[] = [q.ONE, q.whole(2), { n: 5n, d: 2n }, q.whole(5), q.whole(10)];

/** The simple width (1, 2, 2.5 or 5 times a power of ten) next to a span. */
function niceWidth(span: number): Rational {
  const exponent = Math.floor(Math.log10(span));
  const ten = exponent >= 0 ? q.whole(10n ** BigInt(exponent)) : q.rational(1n, 10n ** BigInt(-exponent));
  const lead = span / 10 ** exponent;
  const near = NICE.reduce((best, w) => {
    const size = q.roughly(w);
    return Math.abs(Math.log(size / lead)) < Math.abs(Math.log(q.roughly(best) / lead)) ? w : best;
  });
  return q.multiply(near, ten);
}

const MOST_CLASSES = 500n;

/** What is wished of classes that are made: their width, else how many there shall be, else the rule that proposes it. */
export type WantedClasses = Readonly<{ width: Rational | null; count: number | null; rule: ClassRule }>;

/** What a rule looks at: how many values, from where to where, and the rest only where it is asked for. */
type Looked = Readonly<{ n: number; span: number; s: () => number; quartileRange: () => number }>;

/** The width that a rule proposes. */
function proposedWidth({ n, span, s, quartileRange }: Looked, rule: ClassRule): number {
  const by = (width: number): number => (width > 0 ? width : span / FEWEST);
  switch (rule) {
    case 'root':
      return span / Math.min(30, Math.max(FEWEST, Math.ceil(Math.sqrt(n))));
    case 'sturges':
      return span / Math.ceil(1 + Math.log2(n));
    case 'rice':
      return span / Math.ceil(2 * Math.cbrt(n));
    case 'scott':
      return by((3.49 * s()) / Math.cbrt(n));
    case 'freedman':
      return by((2 * quartileRange()) / Math.cbrt(n));
  }
}

const FEWEST = 4;

function looked(
  values: readonly Rational[],
  counts: readonly bigint[] | null,
  least: Rational,
  most: Rational,
): Looked {
  const n = counts === null ? values.length : Number(counts.reduce((a, b) => a + b, 0n));
  return {
    n,
    span: q.roughly(q.subtract(most, least)),
    s: () => {
      const sizes = values.map(q.roughly);
      const weight = (i: number): number => Number(counts?.[i] ?? 1n);
      const mean = sizes.reduce((sum, v, i) => sum + v * weight(i), 0) / n;
      return Math.sqrt(sizes.reduce((sum, v, i) => sum + (v - mean) ** 2 * weight(i), 0) / Math.max(1, n - 1));
    },
    quartileRange: () => {
      const sorted = Float64Array.from(values, q.roughly).sort();
      const at = (share: number): number => itemAt(sorted, Math.floor(share * (sorted.length - 1)));
      return at(0.75) - at(0.25);
    },
  };
}

/**
 * Values put into classes of equal width. A value on a bound belongs to the class above. Where a number of classes is
 * wished they reach from the least value to the greatest, which belongs to the last; else they begin at a multiple of
 * their width, which is a simple one next to what the rule proposes where it is not given. Domain: one value or more, the
 * width above zero, the number from 1. Problems: class-width, when there would be more than 500 classes.
 * Source: the square root and Rice's rule: common practice, no source; H. A. Sturges, J. Am. Stat. Assoc. 21 (1926);
 * D. W. Scott, Biometrika 66 (1979); D. Freedman, P. Diaconis, Z. Wahrscheinlichkeitstheorie 57 (1981) (from memory).
 */
export function equalClasses(
  values: readonly Rational[],
  counts: readonly bigint[] | null,
  wanted: WantedClasses,
): Made {
  const over = scaled(values);
  let [low, high] = [itemAt(over.n, 0), itemAt(over.n, 0)];
  for (const v of over.n) {
    if (v < low) low = v;
    if (v > high) high = v;
  }
  const [least, most] = [q.rational(low, over.d), q.rational(high, over.d)];
  const count = wanted.width === null && low < high ? wanted.count : null;
  const near = count !== null ? 0 : proposedWidth(looked(values, counts, least, most), wanted.rule);
  const width =
    count !== null
      ? q.divide(q.subtract(most, least), q.whole(count))
      : (wanted.width ?? (near > 0 ? niceWidth(near) : q.ONE));
  const start = count !== null ? least : q.ZERO;
  // All of them in whole numbers over one denominator, so that no fraction is reduced on the way.
  const [factor, from, step] = [start.d * width.d, start.n * over.d * width.d, width.n * over.d * start.d];
  const indexOf = (n: bigint): bigint => {
    const top = n * factor - from;
    const index = top >= 0n || top % step === 0n ? top / step : top / step - 1n;
    return count !== null && index === BigInt(count) ? index - 1n : index;
  };
  const first = indexOf(low);
  const many = indexOf(high) - first + 1n;
  if (many > MOST_CLASSES) return fail({ code: 'domain', reason: 'class-width' });
  const filled = new Array<bigint>(Number(many)).fill(0n);
  over.n.forEach((v, i) => {
    const index = Number(indexOf(v) - first);
    filled[index] = itemAt(filled, index) + (counts?.[i] ?? 1n);
  });
  const bound = (k: bigint): Rational => q.add(start, q.multiply(q.whole(k), width));
  return succeed({
    classes: filled.map((count, i) => ({
      low: bound(first + BigInt(i)),
      high: bound(first + BigInt(i) + 1n),
      count,
    })),
    proposed: wanted.width === null ? { kind: count !== null ? 'count' : 'width', width, from: bound(first) } : null,
  });
}

const HALF: Rational = { n: 1n, d: 2n };
export const middleOf = ({ low, high }: Class): Rational => q.multiply(HALF, q.add(low, high));
export const widthOf = ({ low, high }: Class): Rational => q.subtract(high, low);

export type ClassSummary = Readonly<{
  n: bigint;
  sum: Rational;
  mean: Rational;
  s: RealValue | null;
  sigma: RealValue;
  min: Rational;
  q1: Rational;
  median: Rational;
  q3: Rational;
  max: Rational;
  /** The classes in which values lie most densely; none when all are equally dense and there are several. */
  modes: readonly Class[];
}>;

/** The value below which a share of all lies, values being spread evenly over their class. */
export function shareAt(classes: readonly Class[], n: bigint, share: Rational): Rational {
  const wanted = q.multiply(q.whole(n), share);
  let before = q.ZERO;
  for (const c of classes) {
    const after = q.add(before, q.whole(c.count));
    if (c.count > 0n && q.compare(after, wanted) >= 0) {
      const part = q.divide(q.subtract(wanted, before), q.whole(c.count));
      return q.add(c.low, q.multiply(part, widthOf(c)));
    }
    before = after;
  }
  throw new Error('a share beyond the last class');
}

/**
 * The summary of values of which only the classes are known: mean and standard deviations as if each lay in the middle
 * of its class, quartiles as if they were spread evenly over it, min and max the outermost bounds of classes that hold
 * any. Exact as far as that goes. Null when all classes are empty. Source: common practice, no source.
 */
export function classSummary(all: readonly Class[]): ClassSummary | null {
  const classes = all.filter(({ count }) => count > 0n);
  if (classes.length === 0) return null;
  const counts = classes.map(({ count }) => count);
  const n = counts.reduce((a, b) => a + b, 0n);
  const middles = scaled(classes.map(middleOf));
  const sum = powerSum(middles, null, 1, 0, counts);
  const mean = q.divide(sum, q.whole(n));
  const spread = q.subtract(powerSum(middles, null, 2, 0, counts), q.multiply(sum, mean));
  const densities = classes.map((c) => q.divide(q.whole(c.count), widthOf(c)));
  const densest = densities.reduce((top, d) => (q.compare(d, top) > 0 ? d : top));
  const modes = classes.filter((_, i) => q.equal(itemAt(densities, i), densest));
  return {
    n,
    sum,
    mean,
    s: n < 2n ? null : rootOf(q.divide(spread, q.whole(n - 1n))),
    sigma: rootOf(q.divide(spread, q.whole(n))),
    min: itemAt(classes, 0).low,
    q1: shareAt(classes, n, { n: 1n, d: 4n }),
    median: shareAt(classes, n, HALF),
    q3: shareAt(classes, n, { n: 3n, d: 4n }),
    max: lastOf(classes).high,
    modes: modes.length === classes.length && classes.length > 1 ? [] : modes,
  };
}
