import type { PointMarks } from '@/core/chart/model';
import { DOT, dot, lineThrough, MARKED, nearest, px, REACH, shape } from './record';
import type { MarkRecord } from './record';

/** The width of the circle that stands for most. */
const LARGEST = 46;

const circle = (x: number, y: number, radius: number): string =>
  `M${px(x - radius)} ${px(y)}a${px(radius)} ${px(radius)} 0 1 0 ${px(2 * radius)} 0a${px(radius)} ${px(radius)} 0 1 0 ${px(-2 * radius)} 0Z`;

const radiusOf = ({ sizes }: PointMarks, index: number): number =>
  sizes === undefined ? DOT / 2 : Math.max(DOT / 2, (LARGEST / 2) * Math.sqrt(sizes[index] ?? 0));

/** Dots, or circles of several sizes, and lines that join them in their order. */
export const pointMarks: MarkRecord<PointMarks> = {
  paths: (marks, scale) => {
    const { xs, ys, isJoined, sizes, line, bands = [] } = marks;
    const { atX, atY } = scale;
    const places = xs.map((x, i) => [atX(x), atY(ys[i] ?? NaN)] as const);
    const dots = places.map(([x, y]) => dot(x, y)).join('');
    const circles = places.map(([x, y], i) => circle(x, y, radiusOf(marks, i))).join('');
    return [
      shape('bands', bands.map((band) => lineThrough(band, scale)).join(''), { stroke: 'muted', width: 1.3 }),
      ...(line === undefined ? [] : [shape('line', lineThrough(line, scale), { stroke: 'accent', width: 1.8 })]),
      ...(isJoined ? [shape('joins', lineThrough({ xs, ys }, scale), { stroke: 'curve1', width: 1.8 })] : []),
      sizes === undefined
        ? shape('dots', dots, { stroke: 'curve1', width: DOT })
        : shape('circles', circles, { fill: 'curve1', stroke: 'curve1', opacity: 0.3 }),
    ];
  },
  chosen: (marks, index, { atX, atY }) => {
    const [x, y] = [marks.xs[index], marks.ys[index]];
    if (x === undefined || y === undefined) return null;
    if (marks.sizes !== undefined)
      return shape('chosen', circle(atX(x), atY(y), radiusOf(marks, index)), {
        fill: 'accent',
        stroke: 'accent',
        opacity: 0.3,
        width: 2.4,
      });
    return shape('chosen', dot(atX(x), atY(y)), { stroke: 'accent', width: DOT + MARKED });
  },
  at: ({ xs, ys }, { atX, atY }, { x, y }) =>
    nearest(xs.length, (i) => Math.hypot(atX(xs[i] ?? NaN) - x, atY(ys[i] ?? NaN) - y), REACH),
};
