import { succeed } from '../../base/result';
import { middleOf } from '../../column/classes';
import { tallied } from '../../column/summary';
import type { Tally } from '../../column/summary';
import { fromRational } from '../../number/value';
import { viewOfBars } from '../range';
import { defineChart, NO_VALUES } from '../record';
import type { Charted, ChartWork, OneData } from '../record';

/** A stack is no higher than this: where a value comes more often, a dot stands for several. */
const HIGHEST = 40n;
const MOST_STACKS = 300;

function stacks(tally: readonly Tally[], { size, text }: ChartWork): Charted {
  if (tally.length === 0) return NO_VALUES;
  const shown = tally.slice(0, MOST_STACKS);
  const most = shown.reduce((top, { count }) => (count > top ? count : top), 0n);
  const per = (most + HIGHEST - 1n) / HIGHEST;
  const dots = shown.flatMap(({ value, count }) => {
    const told = `${text(fromRational(value))}: ${count}`;
    const height = Number((count + per - 1n) / per);
    const x = size(fromRational(value));
    return Array.from({ length: height }, (_, i) => ({ x, y: (i + 1) * Number(per), told }));
  });
  const xs = dots.map(({ x }) => x);
  return succeed({
    marks: {
      kind: 'points',
      xs,
      ys: dots.map(({ y }) => y),
      rows: [],
      texts: dots.map(({ told }) => told),
      isJoined: false,
    },
    view: viewOfBars(xs, [Number(most)]),
    heights: 'frequency',
    proposed: null,
  });
}

/** A dot for each value, those that are alike on top of each other; classes by their middles. Problems: domain (nothing that counts). */
export const dots = defineChart<OneData>({
  model: (data, work) =>
    data.of === 'classes'
      ? stacks(
          data.classes.filter(({ count }) => count > 0n).map((c) => ({ value: middleOf(c), count: c.count })),
          work,
        )
      : stacks(tallied(data.values, data.counts, work.shouldContinue), work),
});
