import type { Frame, Stroke } from '@/core/curve/plane';

const short = (v: number): string => String(Math.round(v * 10) / 10);

/**
 * Strokes as the path of a drawing, in pixels of the frame from its upper left corner. Strokes that leave the frame are
 * cut one height beyond it, so that no coordinate is too large to be drawn.
 */
export function pathOf(strokes: readonly Stroke[], { xFrom, xTo, yFrom, yTo, width, height }: Frame): string {
  const [perX, perY] = [width / (xTo - xFrom), height / (yTo - yFrom)];
  const parts: string[] = [];
  for (const stroke of strokes) {
    let before: readonly [number, number] | null = null;
    for (let i = 0; i < stroke.length; i += 2) {
      const point = [(stroke[i]! - xFrom) * perX, (yTo - stroke[i + 1]!) * perY] as const;
      const next =
        stroke.length > i + 2 ? ([(stroke[i + 2]! - xFrom) * perX, (yTo - stroke[i + 3]!) * perY] as const) : null;
      const [x, y] = cut(point, before ?? next, height);
      parts.push(`${before === null ? 'M' : 'L'}${short(x)} ${short(y)}`);
      before = point;
    }
    // A point by itself shows as a dot of the stroke's width.
    if (stroke.length === 2) parts.push('h0');
  }
  return parts.join('');
}

/** A point too far above or below, drawn in along the line to its neighbour. */
function cut(
  [x, y]: readonly [number, number],
  other: readonly [number, number] | null,
  height: number,
): readonly [number, number] {
  const edge = Math.min(2 * height, Math.max(-height, y));
  if (edge === y || other === null) return [x, edge];
  const share = (edge - other[1]) / (y - other[1]);
  return Number.isFinite(share) ? [other[0] + (x - other[0]) * share, edge] : [x, edge];
}
