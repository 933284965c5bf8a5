import { succeed } from '../../base/result';
import { fromRational } from '../../number/value';
import { viewOfPoints } from '../range';
import { defineChart, NO_VALUES } from '../record';
import type { Charted, ChartWork, PairData } from '../record';

/** Points of two columns in the order of their rows, joined or not. */
export function pointsModel({ x, y, at }: PairData, { size }: ChartWork, isJoined: boolean): Charted {
  if (at.length === 0) return NO_VALUES;
  const xs = x.map((v) => size(fromRational(v)));
  const ys = y.map((v) => size(fromRational(v)));
  return succeed({
    marks: { kind: 'points', xs, ys, rows: at, isJoined },
    view: viewOfPoints(xs, ys),
    heights: null,
    proposed: null,
  });
}

/** Each pair a point. */
export const points = defineChart<PairData>({ model: (data, work) => pointsModel(data, work, false) });
