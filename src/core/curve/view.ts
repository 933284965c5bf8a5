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

/** A spread below this share of its ends is none: their doubles can no longer be told apart on a screen. */
const FLAT = 1e-11;
const SMALLEST = 1e-290;

/**
 * The ends of a span with room on both sides, as a share of it; where the ends are the same, or so near that no view
 * could show them apart, one unit around them, or that share of their size.
 */
export function withRoom(low: number, high: number, share: number): Readonly<{ from: number; to: number }> {
  const size = Math.max(Math.abs(low), Math.abs(high));
  const isFlat = high - low <= FLAT * Math.max(size, SMALLEST);
  const room = isFlat ? Math.max(1, size * share) : (high - low) * share;
  return { from: low - room, to: high + room };
}

/** Room left above and below what is fitted, as a share of its height. */
const ROOM = 0.08;

/** The view with the height that takes in what lies from `low` to `high`; one unit around a single height. */
export function fitted(v: ViewRange, low: number, high: number): ViewRange {
  const { from, to } = withRoom(low, high, ROOM);
  return { ...v, yFrom: from, yTo: to };
}
