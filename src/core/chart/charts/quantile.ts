import { succeed } from '../../base/result';
import { chanceDouble } from '../../chance';
import { classSummary, middleOf } from '../../column/classes';
import { summaryOf, tallied } from '../../column/summary';
import type { Tally } from '../../column/summary';
import type { Rational } from '../../number/rational';
import { fromRational } from '../../number/value';
import type { RealValue } from '../../number/value';
import { viewOfPoints } from '../range';
import { defineChart, MOST_PARTS, NO_VALUES } from '../record';
import type { Charted, ChartWork, OneData } from '../record';

/** What a quantile plot of any column is drawn in: as many places as can be told apart. */
const OFFSET = { top: 3 / 8, below: 1 / 4 };

/** What the places and the texts are made with. */
type Told = Pick<ChartWork, 'size' | 'text' | 'shouldContinue'>;

function against(tally: readonly Tally[], mean: Rational, s: RealValue | null, { size, text }: Told): Charted {
  const n = Number(tally.reduce((sum, { count }) => sum + count, 0n));
  let before = 0;
  const places = tally.map(({ value, count }) => {
    // Values that are alike stand at the middle of their ranks.
    const rank = before + (Number(count) + 1) / 2;
    before += Number(count);
    const z = chanceDouble('normal', 'inverse', [(rank - OFFSET.top) / (n + OFFSET.below)], [0, 1]);
    const told = text(fromRational(value));
    return { z, y: size(fromRational(value)), told: `${told}: z ${String(Math.round(z * 1000) / 1000)}` };
  });
  const every = Math.ceil(places.length / MOST_PARTS);
  const shown = places.filter((_, i) => i % every === 0);
  const [xs, ys] = [shown.map(({ z }) => z), shown.map(({ y }) => y)];
  const view = viewOfPoints(xs, ys);
  const [middle, deviation] = [size(fromRational(mean)), s === null ? 0 : size(s)];
  const at = (z: number): number => middle + deviation * z;
  return succeed({
    marks: {
      kind: 'points',
      xs,
      ys,
      rows: [],
      texts: shown.map(({ told }) => told),
      isJoined: false,
      ...(deviation > 0 ? { line: { xs: [view.xFrom, view.xTo], ys: [at(view.xFrom), at(view.xTo)] } } : {}),
    },
    view,
    heights: null,
    proposed: null,
  });
}

/** The same of values with their frequencies. */
export function quantilesOf(values: readonly Rational[], counts: readonly bigint[] | null, work: Told): Charted {
  const result = summaryOf(values, counts, 'halves', work.shouldContinue);
  if (result === null) return NO_VALUES;
  return against(tallied(values, counts, work.shouldContinue), result.mean, result.s, work);
}

/**
 * Values over the z of their ranks: near a straight line where they are spread normally. The line has their mean and
 * standard deviation. Problems: domain (nothing that counts). Source: G. Blom, 1958, places (i − 3/8)/(n + 1/4).
 */
export const quantile = defineChart<OneData>({
  model: (data, work) => {
    if (data.of === 'classes') {
      const result = classSummary(data.classes);
      if (result === null) return NO_VALUES;
      const middles = data.classes.filter(({ count }) => count > 0n);
      return against(
        middles.map((c) => ({ value: middleOf(c), count: c.count })),
        result.mean,
        result.s,
        work,
      );
    }
    return quantilesOf(data.values, data.counts, work);
  },
});
