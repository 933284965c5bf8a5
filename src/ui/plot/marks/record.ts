import type { Frame } from '@/core/curve/plane';
import type { DrawnMarks, LineBeside } from '@/core/chart/model';
import type { Palette } from '../../theme/palette';

/** A path in the pixels of a frame, with how it is drawn. */
export type ShapePath = Readonly<{
  id: string;
  d: string;
  fill: keyof Palette | null;
  stroke: keyof Palette | null;
  width: number;
  /** How much of what is below its fill hides. */
  opacity: number;
}>;

/** Where numbers of the axes lie, in pixels. */
export type Scale = Readonly<{ atX: (v: number) => number; atY: (v: number) => number }>;

export const scaleOf = ({ xFrom, xTo, yFrom, yTo, width, height }: Frame): Scale => ({
  atX: (v) => ((v - xFrom) / (xTo - xFrom)) * width,
  atY: (v) => ((yTo - v) / (yTo - yFrom)) * height,
});

/** A text beside marks, in pixels. */
export type MarkText = Readonly<{ text: string; x: number; y: number }>;

/** How one kind of marks is drawn, and found under a finger. */
export type MarkRecord<M extends DrawnMarks> = Readonly<{
  /** Those that are drawn first before those that lie on them. */
  paths: (marks: M, scale: Scale) => readonly ShapePath[];
  /** What is written beside them. */
  texts?: (marks: M, scale: Scale) => readonly MarkText[];
  /** The part of an index, as it is marked; null where there is none. */
  chosen: (marks: M, index: number, scale: Scale) => ShapePath | null;
  /** The index of the part under a place of the plot, in pixels; null where there is none. */
  at: (marks: M, scale: Scale, place: Readonly<{ x: number; y: number }>) => number | null;
}>;

const PLAIN = { fill: null, stroke: null, width: 1.6, opacity: 1 } as const;

export const shape = (id: string, d: string, how: Partial<Omit<ShapePath, 'id' | 'd'>>): ShapePath => ({
  ...PLAIN,
  ...how,
  id,
  d,
});

export const px = (n: number): string => String(Math.round(n * 10) / 10);

/** The width of a dot, and how much wider it is when it is marked. */
export const DOT = 7;
export const MARKED = 5;
/** How near a finger has to come, in pixels. */
export const REACH = 24;

export const dot = (x: number, y: number): string => `M${px(x)} ${px(y)}h0.01`;

/** A rectangle between numbers of the axes. */
export const rectangle = ({ atX, atY }: Scale, from: number, to: number, low: number, high: number): string =>
  `M${px(atX(from))} ${px(atY(low))}V${px(atY(high))}H${px(atX(to))}V${px(atY(low))}Z`;

/** The index of the nearest within a distance; null where none is. */
export function nearest(count: number, distance: (i: number) => number, within: number): number | null {
  let best: number | null = null;
  let least = within;
  for (let i = 0; i < count; i += 1) {
    const d = distance(i);
    if (d <= least) [best, least] = [i, d];
  }
  return best;
}

/** A line through places of the axes, in pixels. */
export function lineThrough({ xs, ys }: LineBeside, { atX, atY }: Scale): string {
  let isDown = false;
  return xs
    .map((x, i) => {
      const [left, top] = [atX(x), atY(ys[i] ?? NaN)];
      // Where there is no height, or one far out of sight, the line is broken.
      if (!(Math.abs(top) < FARTHEST)) {
        isDown = false;
        return '';
      }
      const sign = isDown ? 'L' : 'M';
      isDown = true;
      return `${sign}${px(left)} ${px(top)}`;
    })
    .join('');
}

const FARTHEST = 1e5;
