import { withRoom } from '../curve/view';
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

/** Some numbers with room at both ends; around zero where there are none. */
function roomFor(values: readonly number[]): Readonly<{ from: number; to: number }> {
  const { low, high } = reachOf(values);
  return low > high ? { from: -1, to: 1 } : withRoom(low, high, ROOM);
}

/** The view that takes in points, with room around them. */
export function viewOfPoints(xs: readonly number[], ys: readonly number[]): ViewRange {
  const [x, y] = [roomFor(xs), roomFor(ys)];
  return { xFrom: x.from, xTo: x.to, yFrom: y.from, yTo: y.to + ABOVE * (y.to - y.from) };
}

/** The room below a base line, as a share of the height, for what is written along the axis. */
const BELOW = 0.14;
/** The same at the left, for the marks of the heights. */
const BESIDE = 0.05;

/** The view of bars that stand on zero, with room for the marks below it. */
export function viewOfBars(edges: readonly number[], heights: readonly number[]): ViewRange {
  const [x, { low, high }] = [roomFor(edges), reachOf([0, ...heights])];
  const size = high > low ? high - low : 1;
  return {
    xFrom: x.from - BESIDE * (x.to - x.from),
    xTo: x.to,
    yFrom: low - size * (low < 0 ? ROOM : BELOW),
    yTo: high + size * ABOVE,
  };
}
