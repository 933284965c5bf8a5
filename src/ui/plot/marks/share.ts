import type { ShareMarks } from '@/core/chart/model';
import { px, rectangle, shape } from './record';
import type { MarkRecord, Scale } from './record';

/** How wide a bar over a count is, as a share of the way to the next. */
const BAR = 0.8;

/** The stretches that are shaded: one between the bounds, or both outside them. */
const stretchesOf = ({ from, to, isOutside = false }: ShareMarks): readonly (readonly [number, number])[] =>
  isOutside
    ? [
        [-Infinity, from ?? -Infinity],
        [to ?? Infinity, Infinity],
      ]
    : [[from ?? -Infinity, to ?? Infinity]];

const isShaded = (marks: ShareMarks, x: number): boolean =>
  stretchesOf(marks).some(([from, to]) => x >= from && x <= to);

const bars = ({ xs, ys }: ShareMarks, scale: Scale, holds: (x: number) => boolean): string =>
  xs.map((x, i) => (holds(x) ? rectangle(scale, x - BAR / 2, x + BAR / 2, 0, ys[i] ?? 0) : '')).join('');

/** The area under the curve over a stretch, whose ends are as high as lies between the points beside them. */
function area({ xs, ys }: ShareMarks, { atX, atY }: Scale, [from, to]: readonly [number, number]): string {
  const [first = 0, last = 0] = [xs[0], xs.at(-1)];
  const [low, high] = [Math.max(first, from), Math.min(last, to)];
  if (!(low < high)) return '';
  const heightAt = (x: number): number => {
    const next = xs.findIndex((at) => at >= x);
    if (next <= 0) return ys[Math.max(0, next)] ?? 0;
    const [x0 = 0, x1 = 0, y0 = 0, y1 = 0] = [xs[next - 1], xs[next], ys[next - 1], ys[next]];
    return x1 === x0 ? y1 : y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
  };
  const inside = xs.flatMap((x, i) => (x > low && x < high ? [`L${px(atX(x))} ${px(atY(ys[i] ?? 0))}`] : []));
  const end = (x: number): string => `L${px(atX(x))} ${px(atY(heightAt(x)))}`;
  return `M${px(atX(low))} ${px(atY(0))}${end(low)}${inside.join('')}${end(high)}L${px(atX(high))} ${px(atY(0))}Z`;
}

/** A distribution with the part that is asked for. */
export const shareMarks: MarkRecord<ShareMarks> = {
  paths: (marks, scale) => {
    const shaded = marks.isOfCounts
      ? bars(marks, scale, (x) => isShaded(marks, x))
      : stretchesOf(marks)
          .map((stretch) => area(marks, scale, stretch))
          .join('');
    const rest = marks.isOfCounts ? bars(marks, scale, (x) => !isShaded(marks, x)) : '';
    const bounds = [marks.from, marks.to]
      .flatMap((x) => (x === null ? [] : [`M${px(scale.atX(x))} ${px(scale.atY(0))}V0`]))
      .join('');
    return [
      shape('rest', rest, { fill: 'curve1', stroke: 'curve1', opacity: 0.18 }),
      shape('shaded', shaded, { fill: 'accent', stroke: 'accent', opacity: 0.35 }),
      shape('bounds', marks.isOfCounts ? '' : bounds, { stroke: 'accent', width: 1.6 }),
    ];
  },
  chosen: () => null,
  at: () => null,
};
