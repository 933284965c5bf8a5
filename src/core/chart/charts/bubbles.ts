import { succeed } from '../../base/result';
import type { Rational } from '../../number/rational';
import { fromRational } from '../../number/value';
import { viewOfPoints } from '../range';
import { defineChart, NO_VALUES } from '../record';
import type { PairData } from '../record';

type Bubble = { x: Rational; y: Rational; count: bigint };

const keyOf = (x: Rational, y: Rational): string => `${x.n}/${x.d} ${y.n}/${y.d}`;

/** Pairs as circles, their areas as the pair is frequent: by its frequencies, and by how often it comes. */
export const bubbles = defineChart<PairData>({
  model: ({ x, y, counts }, { size, text }) => {
    const found = new Map<string, Bubble>();
    x.forEach((u, i) => {
      const v = y[i] ?? u;
      const count = counts?.[i] ?? 1n;
      const before = found.get(keyOf(u, v));
      if (before === undefined) found.set(keyOf(u, v), { x: u, y: v, count });
      else before.count += count;
    });
    const shown = [...found.values()].filter(({ count }) => count > 0n);
    if (shown.length === 0) return NO_VALUES;
    const most = shown.reduce((top, { count }) => (count > top ? count : top), 0n);
    const xs = shown.map((b) => size(fromRational(b.x)));
    const ys = shown.map((b) => size(fromRational(b.y)));
    return succeed({
      marks: {
        kind: 'points',
        xs,
        ys,
        rows: [],
        texts: shown.map((b) => `${text(fromRational(b.x))}, ${text(fromRational(b.y))}: ${b.count}`),
        sizes: shown.map(({ count }) => Number(count) / Number(most)),
        isJoined: false,
      },
      view: viewOfPoints(xs, ys),
      heights: null,
      proposed: null,
    });
  },
});
