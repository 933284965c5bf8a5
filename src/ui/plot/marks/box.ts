import { boxParts } from '@/core/chart/model';
import type { BoxMarks, GroupBox } from '@/core/chart/model';
import { DOT, dot, MARKED, nearest, px, REACH, rectangle, shape } from './record';
import type { MarkRecord, Scale } from './record';

/** Where a box stands in its band, whose height is one. */
const BOX = { top: 0.72, middle: 0.5, bottom: 0.28, cap: 0.08 };

/** The parts of a box from left to right, outliers after them. */
const placesOf = (box: GroupBox): readonly number[] => [...boxParts.map((part) => box[part]), ...box.outliers];

/** How far up the band of a box begins: the first one is the uppermost. */
const bandOf = ({ boxes }: BoxMarks, index: number): number => boxes.length - 1 - index;

function pathsOf({ low, q1, median, q3, high, outliers }: GroupBox, band: number, scale: Scale) {
  const { atX, atY } = scale;
  const middle = band + BOX.middle;
  const upright = (x: number, half: number): string =>
    `M${px(atX(x))} ${px(atY(middle - half))}V${px(atY(middle + half))}`;
  const level = (from: number, to: number): string => `M${px(atX(from))} ${px(atY(middle))}H${px(atX(to))}`;
  return {
    box: rectangle(scale, q1, q3, band + BOX.bottom, band + BOX.top),
    whiskers: level(low, q1) + level(q3, high) + upright(low, BOX.cap) + upright(high, BOX.cap),
    median: upright(median, BOX.top - BOX.middle),
    outliers: outliers.map((x) => dot(atX(x), atY(middle))).join(''),
  };
}

/** Every part of all boxes, with the height at which it stands. */
const partsOf = (marks: BoxMarks): readonly Readonly<{ x: number; y: number }>[] =>
  marks.boxes.flatMap((box, i) => placesOf(box).map((x) => ({ x, y: bandOf(marks, i) + BOX.middle })));

/** Boxes from quartile to quartile with their medians, whiskers and outliers, each beside the name of its group. */
export const boxMarks: MarkRecord<BoxMarks> = {
  paths: (marks, scale) => {
    const all = marks.boxes.map((box, i) => pathsOf(box, bandOf(marks, i), scale));
    const joined = (part: keyof ReturnType<typeof pathsOf>): string => all.map((paths) => paths[part]).join('');
    return [
      shape('box', joined('box'), { fill: 'curve1', stroke: 'curve1', opacity: 0.22 }),
      shape('whiskers', joined('whiskers'), { stroke: 'curve1', width: 2 }),
      shape('median', joined('median'), { stroke: 'accent', width: 3 }),
      shape('outliers', joined('outliers'), { stroke: 'curve1', width: DOT }),
    ];
  },
  texts: (marks, { atX, atY }) =>
    marks.boxes.map(({ name, low }, i) => ({ text: name, x: atX(low), y: atY(bandOf(marks, i) + BOX.top + 0.1) })),
  chosen: (marks, index, { atX, atY }) => {
    const part = partsOf(marks)[index];
    if (part === undefined) return null;
    return shape('chosen', dot(atX(part.x), atY(part.y)), { stroke: 'accent', width: DOT + MARKED });
  },
  at: (marks, { atX, atY }, { x, y }) => {
    const parts = partsOf(marks);
    const band = marks.boxes.length === 1 ? Infinity : Math.abs(atY(0) - atY(1)) / 2;
    return nearest(
      parts.length,
      (i) => {
        const part = parts[i];
        return part === undefined || Math.abs(atY(part.y) - y) > band ? Infinity : Math.abs(atX(part.x) - x);
      },
      2 * REACH,
    );
  },
};
