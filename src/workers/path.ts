import { itemAt } from '@/core/base/item';
import type { Frame, Stroke } from '@/core/curve/plane';

type Pixel = readonly [number, number];

const short = (v: number): string => String(Math.round(v * 10) / 10);

/** How far a point may lie beside the line that is drawn without it, in pixels. */
const SLACK = 0.2;

/**
 * Strokes as the path of a drawing, in pixels of the frame from its upper left corner. Strokes that leave the frame are
 * cut one height beyond it, so that no coordinate is too large to be drawn; points that lie on the line between others
 * are left out, since dashes along many short pieces take long to draw (half the frames of a drag were late with them).
 */
export function pathOf(strokes: readonly Stroke[], { xFrom, xTo, yFrom, yTo, width, height }: Frame): string {
  const [perX, perY] = [width / (xTo - xFrom), height / (yTo - yFrom)];
  const parts: string[] = [];
  for (const stroke of strokes) {
    const raw = Array.from({ length: stroke.length / 2 }, (_, i): Pixel => [
      (itemAt(stroke, 2 * i) - xFrom) * perX,
      (yTo - itemAt(stroke, 2 * i + 1)) * perY,
    ]);
    const points = thinned(raw.map((point, i) => cut(point, raw[i - 1] ?? raw[i + 1] ?? null, height)));
    points.forEach(([x, y], i) => parts.push(`${i === 0 ? 'M' : 'L'}${short(x)} ${short(y)}`));
    // A point by itself shows as a dot.
    if (points.length === 1) parts.push('m-1.5 0h3');
  }
  return parts.join('');
}

/** A point too far above or below, drawn in along the line to its neighbour. */
function cut([x, y]: Pixel, other: Pixel | null, height: number): Pixel {
  const edge = Math.min(2 * height, Math.max(-height, y));
  if (edge === y || other === null) return [x, edge];
  const share = (edge - other[1]) / (y - other[1]);
  return Number.isFinite(share) && share >= 0 ? [other[0] + (x - other[0]) * share, edge] : [x, edge];
}

/** The points without those that lie within the slack of the line between their neighbours (D. H. Douglas, T. K. Peucker, 1973). */
function thinned(points: readonly Pixel[]): readonly Pixel[] {
  if (points.length < 3) return points;
  const isKept = new Uint8Array(points.length);
  isKept[0] = isKept[points.length - 1] = 1;
  const open: (readonly [number, number])[] = [[0, points.length - 1]];
  for (let span = open.pop(); span !== undefined; span = open.pop()) {
    const [from, to] = span;
    const [ax, ay] = itemAt(points, from);
    const [bx, by] = itemAt(points, to);
    const length = Math.hypot(bx - ax, by - ay) || 1;
    let [farthest, most] = [-1, SLACK];
    for (let i = from + 1; i < to; i += 1) {
      const [x, y] = itemAt(points, i);
      const away = Math.abs((by - ay) * (x - ax) - (bx - ax) * (y - ay)) / length;
      // A point beyond the ends of a stroke that turns back lies on its line, and still must not be lost.
      const along = ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length;
      const off = Math.max(away, -along, along - length);
      if (off > most) [farthest, most] = [i, off];
    }
    if (farthest < 0) continue;
    isKept[farthest] = 1;
    open.push([from, farthest], [farthest, to]);
  }
  return points.filter((_, i) => isKept[i] === 1);
}
