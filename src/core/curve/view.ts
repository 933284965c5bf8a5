/** The part of the plane that is shown, in the units of the axes. */
export type ViewRange = Readonly<{ xFrom: number; xTo: number; yFrom: number; yTo: number }>;
export type Size = Readonly<{ width: number; height: number }>;

/** Units across the shorter side of the Start view. */
const START_UNITS = 12;

/** A height a little below the width does not count as shorter, so that a line of text above leaves the scale as it is. */
const NEARLY = 1.25;

/** Both axes to the same scale, the origin in the middle. */
export function startView({ width, height }: Size): ViewRange {
  const unit = START_UNITS / Math.min(width, NEARLY * height) / 2;
  return { xFrom: -width * unit, xTo: width * unit, yFrom: -height * unit, yTo: height * unit };
}

/** The narrowest and the widest view: beyond, doubles can no longer tell neighbours apart, or say how far things are. */
const NARROWEST = 1e-9;
const WIDEST = 1e12;

const isSpan = (from: number, to: number): boolean =>
  to - from >= NARROWEST * Math.max(1, Math.abs(from), Math.abs(to)) && to - from <= WIDEST;

/** Whether a view can be drawn. */
export const isDrawable = (v: ViewRange): boolean => isSpan(v.xFrom, v.xTo) && isSpan(v.yFrom, v.yTo);

/** The view with everything `factor` times as large around a point that stays; null when it would be too near or far. */
export function zoomed(
  v: ViewRange,
  factor: Readonly<{ x: number; y: number }>,
  at: Readonly<{ x: number; y: number }>,
): ViewRange | null {
  const next = {
    xFrom: at.x - (at.x - v.xFrom) / factor.x,
    xTo: at.x + (v.xTo - at.x) / factor.x,
    yFrom: at.y - (at.y - v.yFrom) / factor.y,
    yTo: at.y + (v.yTo - at.y) / factor.y,
  };
  return isDrawable(next) ? next : null;
}

export const middleOf = (v: ViewRange): { x: number; y: number } => ({
  x: (v.xFrom + v.xTo) / 2,
  y: (v.yFrom + v.yTo) / 2,
});

/** The view moved by a part of its own size. */
export function moved(v: ViewRange, by: Readonly<{ x: number; y: number }>): ViewRange {
  const [dx, dy] = [by.x * (v.xTo - v.xFrom), by.y * (v.yTo - v.yFrom)];
  return { xFrom: v.xFrom + dx, xTo: v.xTo + dx, yFrom: v.yFrom + dy, yTo: v.yTo + dy };
}

/** Room left above and below what is fitted, as a share of its height. */
const ROOM = 0.08;

/** The view with the height that takes in what lies from `low` to `high`; one unit around a single height. */
export function fitted(v: ViewRange, low: number, high: number): ViewRange {
  const room = high > low ? (high - low) * ROOM : Math.max(1, Math.abs(low) * ROOM);
  return { ...v, yFrom: low - room, yTo: high + room };
}
