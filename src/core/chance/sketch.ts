import { present } from '../base/item';
import type { DistributionId } from '../function/chance/distributions';
import { chanceDouble, distributionOf } from './index';

/** A distribution to be drawn: a curve of density by its points, or the probability of each count. */
export type Sketch = Readonly<{ xs: readonly number[]; ys: readonly number[]; isOfCounts: boolean; top: number }>;

/** The shares that lie outside what is drawn. */
const OUTSIDE = 0.0008;
const POINTS = 240;
/** Counts that are drawn one by one. */
const MOST_BARS = 400;

/** From where to where a distribution is drawn: what holds nearly all of it, with a little room. */
export function sketchRange(id: DistributionId, parameters: readonly number[]): readonly [number, number] | null {
  const at = (share: number): number => chanceDouble(id, 'inverse', [share], parameters);
  const [low, high] = [at(OUTSIDE), at(1 - OUTSIDE)];
  if (!Number.isFinite(low) || !Number.isFinite(high)) return null;
  if (distributionOf(id).isOfCounts) return [low - 1, high + 1];
  const room = Math.max(high - low, Math.abs(high) * 1e-9, 1e-12) * 0.06;
  return [low - room, high + room];
}

/**
 * The points of a distribution in doubles from one place to another, both kept in. Where a density grows without bound,
 * the top of the picture is that of all but its steepest part. Null for more counts than are drawn.
 */
export function sketchOf(
  id: DistributionId,
  parameters: readonly number[],
  [from, to]: readonly [number, number],
): Sketch | null {
  const { isOfCounts } = distributionOf(id);
  const height = (x: number): number => chanceDouble(id, 'at', [x], parameters);
  if (isOfCounts) {
    const [first, last] = [Math.ceil(from), Math.floor(to)];
    if (last - first > MOST_BARS) return null;
    const xs = Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i);
    const ys = xs.map((x) => height(x) || 0);
    return { xs, ys, isOfCounts, top: Math.max(...ys, 0) };
  }
  const xs = Array.from({ length: POINTS + 1 }, (_, i) => from + ((to - from) * i) / POINTS);
  const ys = xs.map((x) => height(x) || 0);
  const sorted = [...ys].filter(Number.isFinite).sort((a, b) => a - b);
  const [most, nearly] = [sorted.at(-1) ?? 1, present(sorted[Math.floor(sorted.length * 0.97)] ?? 1)];
  const top = most > 2.5 * nearly ? 1.6 * nearly : most;
  return { xs, ys: ys.map((y) => Math.min(y, 4 * top)), isOfCounts, top };
}
