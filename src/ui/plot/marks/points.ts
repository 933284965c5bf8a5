import type { PointMarks } from '@/core/chart/model';
import { DOT, dot, MARKED, nearest, px, REACH, shape } from './record';
import type { MarkRecord } from './record';

/** Dots, and lines that join them in their order. */
export const pointMarks: MarkRecord<PointMarks> = {
  paths: ({ xs, ys, isJoined }, { atX, atY }) => {
    const places = xs.map((x, i) => [atX(x), atY(ys[i] ?? NaN)] as const);
    const joins = places.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${px(x)} ${px(y)}`).join('');
    return [
      ...(isJoined ? [shape('joins', joins, { stroke: 'curve1', width: 1.8 })] : []),
      shape('dots', places.map(([x, y]) => dot(x, y)).join(''), { stroke: 'curve1', width: DOT }),
    ];
  },
  chosen: ({ xs, ys }, index, { atX, atY }) => {
    const [x, y] = [xs[index], ys[index]];
    if (x === undefined || y === undefined) return null;
    return shape('chosen', dot(atX(x), atY(y)), { stroke: 'accent', width: DOT + MARKED });
  },
  at: ({ xs, ys }, { atX, atY }, { x, y }) =>
    nearest(xs.length, (i) => Math.hypot(atX(xs[i] ?? NaN) - x, atY(ys[i] ?? NaN) - y), REACH),
};
