/** A vector that is drawn, from one point to another, both in the units of the axes. */
export type Arrow = Readonly<{
  id: string;
  from: readonly number[];
  to: readonly number[];
  look: number;
  hasHead: boolean;
}>;

/** Where something is drawn, in pixels. */
export type Place = readonly [left: number, top: number];

const HEAD = 11;

/** A line with a head at its end, or without one; a dot where it has no length. */
export function arrowPath([x, y]: Place, [a, b]: Place, hasHead: boolean): string {
  const length = Math.hypot(a - x, b - y);
  if (length < 1) return `M${x} ${y}h0.01`;
  const line = `M${x} ${y}L${a} ${b}`;
  if (!hasHead) return line;
  const [ux, uy] = [(a - x) / length, (b - y) / length];
  const side = (by: number): string => `M${a} ${b}L${a - HEAD * ux + by * uy} ${b - HEAD * uy - by * ux}`;
  return line + side(HEAD / 2) + side(-HEAD / 2);
}
