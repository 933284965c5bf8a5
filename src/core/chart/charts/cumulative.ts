import { itemAt } from '../../base/item';
import { succeed } from '../../base/result';
import { tallied } from '../../column/summary';
import * as q from '../../number/rational';
import type { Rational } from '../../number/rational';
import { fromRational } from '../../number/value';
import { viewOfBars } from '../range';
import { defineChart, MOST_PARTS, NO_VALUES } from '../record';
import type { Charted, ChartWork, OneData } from '../record';

type Reached = Readonly<{ at: Rational; count: bigint }>;

/** Up to each place how many values lie there or below. */
function upTo(from: readonly Reached[]): readonly Reached[] {
  let before = 0n;
  return from.map(({ at, count }) => {
    before += count;
    return { at, count: before };
  });
}

function curveThrough(reached: readonly Reached[], n: bigint, isStepped: boolean, { size, text }: ChartWork): Charted {
  const xs = reached.map(({ at }) => size(fromRational(at)));
  const ys = reached.map(({ count }) => size(fromRational(q.rational(count, n))));
  const shareText = (count: bigint): string => text(fromRational(q.rational(count, n)));
  const texts = reached.map(({ at, count }) => `≤ ${text(fromRational(at))}: ${count} / ${n} = ${shareText(count)}`);
  const view = viewOfBars(xs, [1]);
  const line = isStepped
    ? {
        xs: [view.xFrom, ...xs.flatMap((x) => [x, x]), view.xTo],
        ys: [0, ...ys.flatMap((y, i) => [i === 0 ? 0 : itemAt(ys, i - 1), y]), 1],
      }
    : { xs: [view.xFrom, ...xs, view.xTo], ys: [0, ...ys, 1] };
  // Of many values the steps are drawn, but not all of their corners told.
  const shown = Math.min(xs.length, MOST_PARTS);
  return succeed({
    marks: {
      kind: 'points',
      xs: xs.slice(0, shown),
      ys: ys.slice(0, shown),
      rows: [],
      texts: texts.slice(0, shown),
      isJoined: false,
      line,
    },
    view,
    heights: 'share',
    proposed: null,
  });
}

/**
 * The share of all values that lie at each place or below: steps over values, straight between the bounds of classes, as
 * if the values were spread evenly there. Problems: domain (nothing that counts).
 */
export const cumulative = defineChart<OneData>({
  model: (data, work) => {
    if (data.of === 'classes') {
      const n = data.classes.reduce((sum, { count }) => sum + count, 0n);
      const [first] = data.classes;
      if (first === undefined || n === 0n) return NO_VALUES;
      const ends = data.classes.map(({ high, count }) => ({ at: high, count }));
      return curveThrough(upTo([{ at: first.low, count: 0n }, ...ends]), n, false, work);
    }
    const tally = tallied(data.values, data.counts, work.shouldContinue);
    const n = tally.reduce((sum, { count }) => sum + count, 0n);
    if (n === 0n) return NO_VALUES;
    return curveThrough(upTo(tally.map(({ value, count }) => ({ at: value, count }))), n, true, work);
  },
});
