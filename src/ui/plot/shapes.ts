import type { Frame } from '@/core/curve/plane';
import type { Palette } from '../theme/palette';

/** What a chart draws besides curves, in the units of the axes. */
export type PlotShapes = Readonly<{
  points: Readonly<{ xs: readonly number[]; ys: readonly number[]; isJoined: boolean }> | null;
  bars: readonly Readonly<{ from: number; to: number; height: number }>[];
  box: Readonly<{
    low: number;
    q1: number;
    median: number;
    q3: number;
    high: number;
    outliers: readonly number[];
  }> | null;
  /** Which of the points, bars, or parts of the box (see `boxPlaces`) is marked. */
  chosen: number | null;
}>;

export const NO_SHAPES: PlotShapes = { points: null, bars: [], box: null, chosen: null };

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

/** Where a box stands in a view whose height is one. */
const BOX = { top: 0.72, middle: 0.5, bottom: 0.28, cap: 0.08 };

/** The parts of a box from left to right, outliers after them. */
export const boxPlaces = ({
  low,
  q1,
  median,
  q3,
  high,
  outliers,
}: NonNullable<PlotShapes['box']>): readonly number[] => [low, q1, median, q3, high, ...outliers];

const px = (n: number): string => String(Math.round(n * 10) / 10);
const DOT = 7;

/** Shapes as paths, those that are drawn first before those that lie on them. */
export function shapePaths(
  { points, bars, box, chosen }: PlotShapes,
  { xFrom, xTo, yFrom, yTo, width, height }: Frame,
): readonly ShapePath[] {
  const atX = (v: number): number => ((v - xFrom) / (xTo - xFrom)) * width;
  const atY = (v: number): number => ((yTo - v) / (yTo - yFrom)) * height;
  const made: ShapePath[] = [];
  const put = (id: string, d: string, how: Partial<Omit<ShapePath, 'id' | 'd'>>): void => {
    if (d !== '') made.push({ id, d, fill: null, stroke: null, width: 1.6, opacity: 1, ...how });
  };
  const rectangle = (from: number, to: number, low: number, high: number): string =>
    `M${px(atX(from))} ${px(atY(low))}V${px(atY(high))}H${px(atX(to))}V${px(atY(low))}Z`;
  const dots = (xs: readonly number[], y: (i: number) => number): string =>
    xs.map((x, i) => `M${px(atX(x))} ${px(atY(y(i)))}h0.01`).join('');

  const bar = ({ from, to, height: h }: PlotShapes['bars'][number]): string => rectangle(from, to, 0, h);
  put('bars', bars.map(bar).join(''), { fill: 'curve1', stroke: 'curve1', opacity: 0.22 });
  if (points !== null) {
    const { xs, ys, isJoined } = points;
    if (isJoined)
      put('joins', xs.map((x, i) => `${i === 0 ? 'M' : 'L'}${px(atX(x))} ${px(atY(ys[i]!))}`).join(''), {
        stroke: 'curve1',
        width: 1.8,
      });
    put(
      'dots',
      dots(xs, (i) => ys[i]!),
      { stroke: 'curve1', width: DOT },
    );
  }
  if (box !== null) {
    const { low, q1, median, q3, high, outliers } = box;
    const upright = (x: number, half: number): string =>
      `M${px(atX(x))} ${px(atY(BOX.middle - half))}V${px(atY(BOX.middle + half))}`;
    const level = (from: number, to: number): string => `M${px(atX(from))} ${px(atY(BOX.middle))}H${px(atX(to))}`;
    put('box', rectangle(q1, q3, BOX.bottom, BOX.top), { fill: 'curve1', stroke: 'curve1', opacity: 0.22 });
    put('whiskers', level(low, q1) + level(q3, high) + upright(low, BOX.cap) + upright(high, BOX.cap), {
      stroke: 'curve1',
      width: 2,
    });
    put('median', upright(median, BOX.top - BOX.middle), { stroke: 'accent', width: 3 });
    put(
      'outliers',
      dots(outliers, () => BOX.middle),
      { stroke: 'curve1', width: DOT },
    );
  }
  if (chosen === null) return made;
  const [atBar, atPoint, atBox] = [bars[chosen], points?.xs[chosen], box && boxPlaces(box)[chosen]];
  if (atBar !== undefined) put('chosen', bar(atBar), { fill: 'accent', stroke: 'accent', opacity: 0.3, width: 2.4 });
  if (atPoint !== undefined)
    put(
      'chosen',
      dots([atPoint], () => points!.ys[chosen]!),
      { stroke: 'accent', width: DOT + 5 },
    );
  if (atBox != null)
    put(
      'chosen',
      dots([atBox], () => BOX.middle),
      { stroke: 'accent', width: DOT + 5 },
    );
  return made;
}

/** How near a finger has to come, in pixels. */
const REACH = 24;

/** The point, bar or part of a box under a place of the plot; null where there is none. `at`, `size` in pixels. */
export function shapeAt(
  { points, bars, box }: Omit<PlotShapes, 'chosen'>,
  view: Readonly<{ xFrom: number; xTo: number; yFrom: number; yTo: number }>,
  size: Readonly<{ width: number; height: number }>,
  at: Readonly<{ x: number; y: number }>,
): number | null {
  const atX = (v: number): number => ((v - view.xFrom) / (view.xTo - view.xFrom)) * size.width;
  const atY = (v: number): number => ((view.yTo - v) / (view.yTo - view.yFrom)) * size.height;
  const nearest = (count: number, distance: (i: number) => number, within: number): number | null => {
    let best: number | null = null;
    let least = within;
    for (let i = 0; i < count; i += 1) {
      const d = distance(i);
      if (d <= least) [best, least] = [i, d];
    }
    return best;
  };
  if (points !== null) {
    const { xs, ys } = points;
    return nearest(xs.length, (i) => Math.hypot(atX(xs[i]!) - at.x, atY(ys[i]!) - at.y), REACH);
  }
  if (box !== null) {
    const places = boxPlaces(box);
    return nearest(places.length, (i) => Math.abs(atX(places[i]!) - at.x), 2 * REACH);
  }
  const found = bars.findIndex(({ from, to }) => at.x >= atX(from) && at.x <= atX(to));
  return found < 0 ? null : found;
}
