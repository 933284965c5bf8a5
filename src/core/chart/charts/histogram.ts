import { succeed } from '../../base/result';
import { chanceDouble } from '../../chance';
import { classSummary, equalClasses, widthOf } from '../../column/classes';
import type { Class, Proposed } from '../../column/classes';
import { summaryOf } from '../../column/summary';
import * as q from '../../number/rational';
import { fromRational } from '../../number/value';
import type { RealValue } from '../../number/value';
import { histogramHeights } from '../heights';
import type { HeightKind } from '../heights';
import type { ClassBar, LineBeside } from '../model';
import { viewOfBars } from '../range';
import { defineChart, NO_VALUES } from '../record';
import type { Charted, ChartWork, OneData } from '../record';

/** Mean and standard deviation of what the classes hold. */
type Spread = Readonly<{ mean: q.Rational; s: RealValue | null }>;

const CURVE_POINTS = 160;

/** The normal curve with the mean and the standard deviation of the values, as high as the bars over its area. */
function normalOver({ mean, s }: Spread, from: number, to: number, area: number, work: ChartWork): LineBeside | null {
  const [middle, deviation] = [work.size(fromRational(mean)), s === null ? 0 : work.size(s)];
  if (!(deviation > 0)) return null;
  const xs = Array.from({ length: CURVE_POINTS + 1 }, (_, i) => from + ((to - from) * i) / CURVE_POINTS);
  return { xs, ys: xs.map((x) => area * chanceDouble('normal', 'at', [x], [middle, deviation])) };
}

function barsOver(classes: readonly Class[], proposed: Proposed, spread: Spread, work: ChartWork): Charted {
  const { size, text, proposedText } = work;
  const { kind, bars } = histogramHeights(classes);
  const n = classes.reduce((sum, { count }) => sum + count, 0n);
  const share = q.rational(1n, n);
  const drawn = bars.map((bar): ClassBar => {
    const { low, high, count } = bar;
    const height = work.isDensity ? q.multiply(q.divide(q.whole(count), widthOf(bar)), share) : bar.height;
    return {
      from: size(fromRational(low)),
      to: size(fromRational(high)),
      height: size(fromRational(height)),
      low: text(fromRational(low)),
      high: text(fromRational(high)),
      text: String(count),
    };
  });
  const bounds = viewOfBars(
    drawn.flatMap(({ from, to }) => [from, to]),
    drawn.map(({ height }) => height),
  );
  const [first] = drawn;
  const width = first === undefined ? 1 : first.to - first.from;
  const area = work.isDensity ? 1 : kind === 'frequency' ? Number(n) * width : Number(n);
  const line = work.hasNormal ? normalOver(spread, bounds.xFrom, bounds.xTo, area, work) : null;
  const view = viewOfBars(
    drawn.flatMap(({ from, to }) => [from, to]),
    [...drawn.map(({ height }) => height), ...(line?.ys ?? [])],
  );
  const heights: HeightKind = work.isDensity ? 'shareDensity' : kind;
  const marks = { kind: 'classes', bars: drawn, ...(line === null ? {} : { line }) } as const;
  return succeed({ marks, view, heights, proposed: proposedText(proposed) });
}

/** Bars over classes: those that are given, or equally wide ones. Problems: domain (nothing that counts). */
export const histogram = defineChart<OneData>({
  model: (data, work) => {
    if (data.of === 'classes') {
      const result = classSummary(data.classes);
      return result === null ? NO_VALUES : barsOver(data.classes, data.proposed, result, work);
    }
    const { values, counts } = data;
    const used = counts === null ? values : values.filter((_, i) => counts[i] !== 0n);
    if (used.length === 0) return NO_VALUES;
    const result = equalClasses(used, counts?.filter((count) => count > 0n) ?? null, work.classes);
    if (!result.ok) return result;
    const spread = work.hasNormal ? summaryOf(values, counts, 'halves', work.shouldContinue) : null;
    return barsOver(result.value.classes, result.value.proposed, spread ?? { mean: q.ZERO, s: null }, work);
  },
});
