import { ticksOf } from '@/core/curve/ticks';
import type { Ticks } from '@/core/curve/ticks';
import type { Frame } from '@/core/curve/plane';

export type AxisLook = Readonly<{
  name: string;
  unit: string;
  /** Which multiples are marked; `none` where there is nothing to measure. */
  ticks: 'decimal' | 'pi' | 'none';
}>;

/** Ruled paper for a frame: two sets of lines as paths, the axes, and what is written at them. Pixels of the frame. */
export type Ruled = Readonly<{
  fine: string;
  main: string;
  axes: string;
  labels: readonly Readonly<{ x: number; y: number; text: string; axis: 'x' | 'y' }>[];
}>;

/** Pixels between marks, at the least. */
const APART_X = 56;
const APART_Y = 44;

const px = (n: number): string => String(Math.round(n * 10) / 10);

const NO_TICKS: Ticks = { step: Infinity, finer: Infinity, marks: [] };

function lines(ticks: Ticks, from: number, to: number, step: number): readonly number[] {
  if (step === Infinity) return [];
  const [first, last] = [Math.ceil(from / step), Math.floor(to / step)];
  return last - first > 400
    ? ticks.marks.map(({ at }) => at)
    : Array.from({ length: last - first + 1 }, (_, i) => (first + i) * step);
}

/** Whether a label is not cut by an edge of what is seen. */
const isClear = (at: number, low: number, high: number, room: number): boolean =>
  Math.abs(at - low) > room && Math.abs(at - high) > room;

/**
 * What is ruled for a frame. Labels stand beside their axis where it is in the part that is seen (`seen`, in pixels of
 * the frame), else at its edge.
 */
export function ruled(
  frame: Frame,
  x: AxisLook,
  y: AxisLook,
  decimalSign: string,
  seen: Readonly<{ left: number; top: number; right: number; bottom: number }>,
  /** How large text is, beside its usual size. */
  large: number,
): Ruled {
  const { xFrom, xTo, yFrom, yTo, width, height } = frame;
  const [perX, perY] = [width / (xTo - xFrom), height / (yTo - yFrom)];
  const atX = (v: number): number => (v - xFrom) * perX;
  const atY = (v: number): number => (yTo - v) * perY;
  const marked = ({ ticks }: AxisLook, from: number, to: number, least: number): Ticks =>
    ticks === 'none' ? NO_TICKS : ticksOf(from, to, least, ticks, decimalSign);
  const xs = marked(x, xFrom, xTo, (APART_X * large) / perX);
  const ys = marked(y, yFrom, yTo, APART_Y / perY);
  const upright = (at: readonly number[]): string => at.map((v) => `M${px(atX(v))} 0V${px(height)}`).join('');
  const level = (at: readonly number[]): string => at.map((v) => `M0 ${px(atY(v))}H${px(width)}`).join('');
  const [zeroX, zeroY] = [atX(0), atY(0)];
  // The labels of x hang below their axis, those of y stand left of theirs.
  const rowY = Math.min(seen.bottom - 6, Math.max(seen.top + 14 * large, zeroY + 15 * large));
  const columnX = Math.min(seen.right - 6, Math.max(seen.left + 34 * large, zeroX - 6));
  return {
    fine: upright(lines(xs, xFrom, xTo, xs.finer)) + level(lines(ys, yFrom, yTo, ys.finer)),
    main: upright(xs.marks.map(({ at }) => at)) + level(ys.marks.map(({ at }) => at)),
    axes: `${zeroX >= 0 && zeroX <= width ? upright([0]) : ''}${zeroY >= 0 && zeroY <= height ? level([0]) : ''}`,
    labels: [
      ...xs.marks
        .filter(({ at }) => at !== 0 || zeroX < seen.left || zeroX > seen.right)
        .filter(({ at }) => isClear(atX(at), seen.left, seen.right, 14 * large))
        .map(({ at, text }) => ({ x: atX(at), y: rowY, text, axis: 'x' as const })),
      ...ys.marks
        .filter(({ at }) => at !== 0 && isClear(atY(at), seen.top, seen.bottom, 10 * large))
        .map(({ at, text }) => ({ x: columnX, y: atY(at) + 4 * large, text, axis: 'y' as const })),
    ],
  };
}

/** The name of an axis with its unit. */
export const axisTitle = ({ name, unit }: AxisLook): string => (unit === '' ? name : `${name} / ${unit}`);
