import { partsOf, slotsOf } from './layout';
import type { Layout } from './layout';

/** For each value, the one to which the caret goes upwards, or downwards, from it. */
export type Neighbours = Readonly<{ above: ReadonlyMap<number, number>; below: ReadonlyMap<number, number> }>;

/** Parts that stand above, or below, what is written on the line. */
type Beside = { above: number[]; below: number[] };

const slotNumbers = (layout: Layout): number[] => slotsOf(layout).map(({ slot }) => slot);

function besideLine(layout: Layout): Beside {
  const own: Beside = { above: [], below: [] };
  if (layout.kind === 'big') return { above: slotNumbers(layout.above), below: slotNumbers(layout.below) };
  if (layout.kind === 'fraction') return { above: slotNumbers(layout.above), below: slotNumbers(layout.below) };
  if (layout.kind === 'lowered') own.below.push(...slotNumbers(layout.by));
  if (layout.kind === 'placed') own.below.push(...slotNumbers(layout.at));
  if (layout.kind === 'raised') own.above.push(...slotNumbers(layout.by));
  if (layout.kind === 'root' && layout.index !== null) own.above.push(...slotNumbers(layout.index));
  const inner = partsOf(layout).map(besideLine);
  return {
    above: [...inner.flatMap((part) => part.above), ...own.above],
    below: [...inner.flatMap((part) => part.below), ...own.below],
  };
}

/** Up and down a table: from row to row in the same column; the last row of branches has its value alone. */
function inRows(rows: readonly (readonly number[])[]): Neighbours {
  const [above, below] = [new Map<number, number>(), new Map<number, number>()];
  rows.forEach((cells, r) =>
    cells.forEach((slot, column) => {
      const [before, after] = [rows[r - 1], rows[r + 1]];
      const up = before?.[column] ?? before?.[0];
      const down = after?.[column] ?? after?.[0];
      if (up !== undefined) above.set(slot, up);
      if (down !== undefined) below.set(slot, down);
    }),
  );
  return { above, below };
}

/**
 * Where the caret goes upwards and downwards: from below the line to what stands above it and back where there are both,
 * else to the main value; from the line to the first above it and to the last foot below it.
 */
export function neighboursOf(layout: Layout, main: number): Neighbours {
  if (layout.kind === 'grid') return inRows(layout.rows.map((cells) => cells.flatMap(slotNumbers)));
  if (layout.kind === 'branches')
    return inRows(layout.rows.map(({ value, when }) => [...slotNumbers(value), ...slotNumbers(when)]));
  const beside = besideLine(layout);
  const top = beside.above[0];
  const foot = layout.kind === 'placed' ? beside.below.at(-1) : beside.below[0];
  const [above, below] = [new Map<number, number>(), new Map<number, number>()];
  for (const slot of slotNumbers(layout)) {
    const isAbove = beside.above.includes(slot);
    const isBelow = beside.below.includes(slot);
    const up = isBelow ? (top ?? main) : top;
    const down = isAbove ? (foot ?? main) : foot;
    if (up !== undefined && up !== slot && !isAbove) above.set(slot, up);
    if (down !== undefined && down !== slot && !isBelow) below.set(slot, down);
  }
  return { above, below };
}
