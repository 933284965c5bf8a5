/**
 * How a function's box stands on paper, and in which order its slots are passed. Everything that is not listed is
 * written with its name and its values in brackets.
 */
export type ShapeName =
  'root' | 'bars' | 'floor' | 'ceil' | 'based' | 'bound' | 'integral' | 'slope' | 'cases' | 'over';

export type Shape = Readonly<{
  name: ShapeName;
  /** Slots in the order in which the caret passes them; those of typed text when absent. */
  order?: readonly number[];
  /** What a new box holds from the start, by slot. */
  holds?: Readonly<Record<number, string>>;
  /** The slot that takes what was selected. */
  main: number;
  /** The slot above and the slot below, by slot. */
  above?: Readonly<Record<number, number>>;
  below?: Readonly<Record<number, number>>;
}>;

const BOUND = { order: [1, 2, 3, 0], main: 0, below: { 3: 1, 0: 1 }, above: { 1: 3, 2: 3, 0: 3 } } as const;

export const shapes: Readonly<Record<string, Shape>> = {
  sqrt: { name: 'root', main: 0 },
  cbrt: { name: 'root', main: 0 },
  root: { name: 'root', order: [0, 1], main: 1, above: { 1: 0 }, below: { 0: 1 } },
  abs: { name: 'bars', main: 0 },
  floor: { name: 'floor', main: 0 },
  ceil: { name: 'ceil', main: 0 },
  conj: { name: 'over', main: 0 },
  sum: { name: 'bound', holds: { 1: 'k' }, ...BOUND },
  prod: { name: 'bound', holds: { 1: 'k' }, ...BOUND },
  integral: {
    name: 'integral',
    order: [2, 3, 0, 1],
    holds: { 1: 'x' },
    main: 0,
    above: { 2: 3, 0: 3, 1: 3 },
    below: { 3: 2, 0: 2, 1: 2 },
  },
  derivative: {
    name: 'slope',
    order: [1, 0, 2],
    holds: { 1: 'x' },
    main: 0,
    above: { 1: 0, 2: 0 },
    below: { 0: 2 },
  },
};

/** `log` with a base, and cases, have their shape only with enough slots. */
export function shapeOf(fn: string, slots: number): Shape | null {
  if (fn === 'log' && slots === 2) return { name: 'based', order: [1, 0], main: 0, below: { 0: 1 }, above: { 1: 0 } };
  if (fn === 'cases' && slots >= 3 && slots % 2 === 1) {
    const order = Array.from({ length: slots }, (_, i) => (i === slots - 1 ? i : i ^ 1));
    const above = Object.fromEntries(order.flatMap((_, i) => (i >= 2 ? [[i, i === slots - 1 ? i - 1 : i - 2]] : [])));
    const below = Object.fromEntries(order.flatMap((_, i) => (i < slots - 1 ? [[i, Math.min(i + 2, slots - 1)]] : [])));
    return { name: 'cases', order, main: 1, above, below };
  }
  const least: Readonly<Record<string, number>> = { root: 2, sum: 4, prod: 4, integral: 4, derivative: 3 };
  const shape = shapes[fn];
  return shape !== undefined && slots === (least[fn] ?? 1) ? shape : null;
}

/** How many slots a new box has: those that must be given, or as the function's form asks. */
export const freshSlots = (fn: string, least: number): number => (fn === 'cases' ? 3 : least);
