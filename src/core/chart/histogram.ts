import * as q from '../number/rational';
import type { Rational } from '../number/rational';

type Counted = Readonly<{ low: Rational; high: Rational; count: bigint }>;

/** What the height of a bar means: how many values, or how many to a unit, so that its area tells their number. */
export type HeightKind = 'frequency' | 'density';

/**
 * Heights of a histogram's bars over their classes: the frequencies where all classes are equally wide, else the
 * frequencies to a unit of width. Source: common practice, no source.
 */
export function histogramHeights(
  classes: readonly Counted[],
): Readonly<{ kind: HeightKind; heights: readonly Rational[] }> {
  const widths = classes.map(({ low, high }) => q.subtract(high, low));
  const isEven = widths.every((w) => q.equal(w, widths[0]!));
  return {
    kind: isEven ? 'frequency' : 'density',
    heights: classes.map(({ count }, i) => (isEven ? q.whole(count) : q.divide(q.whole(count), widths[i]!))),
  };
}
