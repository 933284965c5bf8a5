import { succeed } from '../../base/result';
import { classSummary } from '../../column/classes';
import { summaryOf, tallied } from '../../column/summary';
import type { Rational } from '../../number/rational';
import { fromRational } from '../../number/value';
import { groupsOf } from '../groups';
import type { GroupBox } from '../model';
import { viewOfPoints } from '../range';
import { defineChart, MOST_PARTS, NO_VALUES } from '../record';
import type { Charted, ChartWork, OneData } from '../record';
import { whiskersOf } from '../whiskers';

type Five = Readonly<{ min: Rational; q1: Rational | null; median: Rational; q3: Rational | null; max: Rational }>;

function boxOf(name: string, five: Five, values: readonly Rational[] | null, work: ChartWork): GroupBox {
  const { min, q1, median, q3, max } = five;
  const [from, to] = [q1 ?? median, q3 ?? median];
  // Of classes no value is known by itself, so that none can lie outside.
  const ends = values === null ? { low: min, high: max, outliers: [] } : whiskersOf(values, from, to, work.outliers);
  const size = (v: Rational): number => work.size(fromRational(v));
  const text = (v: Rational): string => work.text(fromRational(v));
  const { low, high } = ends;
  const outliers = ends.outliers.slice(0, MOST_PARTS);
  return {
    name,
    low: size(low),
    q1: size(from),
    median: size(median),
    q3: size(to),
    high: size(high),
    outliers: outliers.map(size),
    texts: { low: text(low), q1: text(from), median: text(median), q3: text(to), high: text(high) },
    outlierTexts: outliers.map(text),
  };
}

function boxesModel(boxes: readonly GroupBox[]): Charted {
  if (boxes.length === 0) return NO_VALUES;
  const ends = boxes.flatMap(({ low, high, outliers }) => [low, high, ...outliers]);
  const { xFrom, xTo } = viewOfPoints(ends, [0]);
  return succeed({
    marks: { kind: 'box', boxes },
    view: { xFrom, xTo, yFrom: 0, yTo: boxes.length },
    heights: null,
    proposed: null,
  });
}

/**
 * A box from quartile to quartile with its whiskers, outliers told apart or not; one for each group where there are
 * groups. Problems: domain (nothing that counts).
 */
export const box = defineChart<OneData>({
  model: (data, work) => {
    if (data.of === 'classes') {
      const result = classSummary(data.classes);
      return boxesModel(result === null ? [] : [boxOf('', result, null, work)]);
    }
    const boxes = groupsOf(data).flatMap(({ name, values, counts }) => {
      const result = summaryOf(values, counts, work.quartiles, work.shouldContinue);
      if (result === null) return [];
      const distinct = tallied(values, counts, work.shouldContinue).map(({ value }) => value);
      return [boxOf(name, result, distinct, work)];
    });
    return boxesModel(boxes);
  },
});
