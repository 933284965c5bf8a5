import { succeed } from '../../base/result';
import { classSummary } from '../../column/classes';
import { summaryOf, tallied } from '../../column/summary';
import type { Rational } from '../../number/rational';
import { fromRational } from '../../number/value';
import { viewOfPoints } from '../range';
import { defineChart, MOST_PARTS, NO_VALUES } from '../record';
import type { Charted, ChartWork, OneData } from '../record';
import { whiskersOf } from '../whiskers';

type Five = Readonly<{ min: Rational; q1: Rational | null; median: Rational; q3: Rational | null; max: Rational }>;

function boxModel({ min, q1, median, q3, max }: Five, values: readonly Rational[] | null, work: ChartWork): Charted {
  const [from, to] = [q1 ?? median, q3 ?? median];
  // Of classes no value is known by itself, so that none can lie outside.
  const ends = values === null ? { low: min, high: max, outliers: [] } : whiskersOf(values, from, to, work.outliers);
  const size = (v: Rational): number => work.size(fromRational(v));
  const text = (v: Rational): string => work.text(fromRational(v));
  const { low, high } = ends;
  const outliers = ends.outliers.slice(0, MOST_PARTS);
  const { xFrom, xTo } = viewOfPoints([size(min), size(max)], [0]);
  return succeed({
    marks: {
      kind: 'box',
      low: size(low),
      q1: size(from),
      median: size(median),
      q3: size(to),
      high: size(high),
      outliers: outliers.map(size),
      texts: { low: text(low), q1: text(from), median: text(median), q3: text(to), high: text(high) },
      outlierTexts: outliers.map(text),
    },
    view: { xFrom, xTo, yFrom: 0, yTo: 1 },
    heights: null,
    proposed: null,
  });
}

/** A box from quartile to quartile with its whiskers, outliers told apart or not. Problems: domain (nothing that counts). */
export const box = defineChart<OneData>({
  model: (data, work) => {
    if (data.of === 'classes') {
      const result = classSummary(data.classes);
      return result === null ? NO_VALUES : boxModel(result, null, work);
    }
    const { values, counts } = data;
    const result = summaryOf(values, counts, work.quartiles, work.shouldContinue);
    if (result === null) return NO_VALUES;
    const distinct = tallied(values, counts, work.shouldContinue).map(({ value }) => value);
    return boxModel(result, distinct, work);
  },
});
