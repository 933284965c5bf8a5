import { boxParts } from '@/core/chart/model';
import type { BoxMarks } from '@/core/chart/model';
import { DOT, dot, MARKED, nearest, px, REACH, rectangle, shape } from './record';
import type { MarkRecord, Scale } from './record';

/** Where a box stands in a view whose height is one. */
const BOX = { top: 0.72, middle: 0.5, bottom: 0.28, cap: 0.08 };

/** The parts of a box from left to right, outliers after them. */
const placesOf = (box: BoxMarks): readonly number[] => [...boxParts.map((part) => box[part]), ...box.outliers];

const dotAt = ({ atX, atY }: Scale, x: number): string => dot(atX(x), atY(BOX.middle));

/** A box from quartile to quartile with its median, whiskers and outliers. */
export const boxMarks: MarkRecord<BoxMarks> = {
  paths: ({ low, q1, median, q3, high, outliers }, scale) => {
    const { atX, atY } = scale;
    const upright = (x: number, half: number): string =>
      `M${px(atX(x))} ${px(atY(BOX.middle - half))}V${px(atY(BOX.middle + half))}`;
    const level = (from: number, to: number): string => `M${px(atX(from))} ${px(atY(BOX.middle))}H${px(atX(to))}`;
    const whiskers = level(low, q1) + level(q3, high) + upright(low, BOX.cap) + upright(high, BOX.cap);
    return [
      shape('box', rectangle(scale, q1, q3, BOX.bottom, BOX.top), { fill: 'curve1', stroke: 'curve1', opacity: 0.22 }),
      shape('whiskers', whiskers, { stroke: 'curve1', width: 2 }),
      shape('median', upright(median, BOX.top - BOX.middle), { stroke: 'accent', width: 3 }),
      shape('outliers', outliers.map((x) => dotAt(scale, x)).join(''), { stroke: 'curve1', width: DOT }),
    ];
  },
  chosen: (box, index, scale) => {
    const x = placesOf(box)[index];
    return x === undefined ? null : shape('chosen', dotAt(scale, x), { stroke: 'accent', width: DOT + MARKED });
  },
  at: (box, { atX }, { x }) => {
    const places = placesOf(box);
    return nearest(places.length, (i) => Math.abs(atX(places[i] ?? NaN) - x), 2 * REACH);
  },
};
