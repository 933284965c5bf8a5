import type { ViewRange } from '../curve/view';

/** The lowest and the highest of some numbers. */
type Reach = Readonly<{ low: number; high: number }>;

const ROOM = 0.06;
/** Above the points, for what the axes are called. */
const ABOVE = 0.18;

const reachOf = (values: readonly number[]): Reach =>
  values.reduce<Reach>(({ low, high }, v) => ({ low: Math.min(low, v), high: Math.max(high, v) }), {
    low: Infinity,
    high: -Infinity,
  });

/** A span with room at both ends; one unit, or a part of the size, around a single value. */
function withRoom({ low, high }: Reach): Reach {
  if (low > high) return { low: -1, high: 1 };
  const room = high > low ? (high - low) * ROOM : Math.max(1, Math.abs(low) * ROOM);
  return { low: low - room, high: high + room };
}

/** The view that takes in points, with room around them. */
export function viewOfPoints(xs: readonly number[], ys: readonly number[]): ViewRange {
  const [x, y] = [withRoom(reachOf(xs)), withRoom(reachOf(ys))];
  return { xFrom: x.low, xTo: x.high, yFrom: y.low, yTo: y.high + ABOVE * (y.high - y.low) };
}

/** The room below a base line, as a share of the height, for what is written along the axis. */
const BELOW = 0.14;
/** The same at the left, for the marks of the heights. */
const BESIDE = 0.05;

/** The view of bars that stand on zero, with room for the marks below it. */
export function viewOfBars(edges: readonly number[], heights: readonly number[]): ViewRange {
  const [x, { low, high }] = [withRoom(reachOf(edges)), reachOf([0, ...heights])];
  const size = high > low ? high - low : 1;
  return {
    xFrom: x.low - BESIDE * (x.high - x.low),
    xTo: x.high,
    yFrom: low - size * (low < 0 ? ROOM : BELOW),
    yTo: high + size * ABOVE,
  };
}
