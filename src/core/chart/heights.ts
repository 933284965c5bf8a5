import * as q from '../number/rational';
import type { Rational } from '../number/rational';

type Counted = Readonly<{ low: Rational; high: Rational; count: bigint }>;

/** What the height of a bar means: how many values, or how many to a unit, so that its area tells their number. */
export type HeightKind = 'frequency' | 'density' | 'shareDensity' | 'share' | 'percent';

/**
 * Heights of a histogram's bars over their classes: the frequencies where all classes are equally wide, else the
 * frequencies to a unit of width. Source: common practice, no source.
 */
export function histogramHeights<C extends Counted>(
  classes: readonly C[],
): Readonly<{ kind: HeightKind; bars: readonly (C & Readonly<{ height: Rational }>)[] }> {
  const widthOf = ({ low, high }: Counted): Rational => q.subtract(high, low);
  const [first] = classes;
  const isEven = first === undefined || classes.every((c) => q.equal(widthOf(c), widthOf(first)));
  return {
    kind: isEven ? 'frequency' : 'density',
    bars: classes.map((c) => {
      const count = q.whole(c.count);
      return { ...c, height: isEven ? count : q.divide(count, widthOf(c)) };
    }),
  };
}
