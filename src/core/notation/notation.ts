import { isTall, slotsOf } from './layout';
import type { Layout } from './layout';
import { neighboursOf } from './caret';
import type { Neighbours } from './caret';

/** How the calls of a function stand on paper. */
export type Notation = Readonly<{
  /** For that many values; null for a number of them with which the call is written by its name, with brackets. */
  layout: (values: number) => Layout | null;
  /** The value that takes what was selected. */
  main: number;
  /** The value that takes the number before the caret when nothing is selected, as a root's index does. */
  takesBefore: number | null;
  /** The letters that a new box begins with, by the index of the value. */
  letters: ReadonlyMap<number, string>;
  /** Drawn so where a line is shown as it is read, while the box that is keyed keeps the name. */
  isOnlyPrinted: boolean;
  /** Numbers keep the name, since over them the same sign would say something else. */
  isNameOverNumbers: boolean;
}>;

type Given = Partial<Omit<Notation, 'layout' | 'letters'>> & Readonly<{ letters?: Readonly<Record<number, string>> }>;

const completed = (layout: Notation['layout'], { letters = {}, ...given }: Given): Notation => ({
  main: 0,
  takesBefore: null,
  isOnlyPrinted: false,
  isNameOverNumbers: false,
  ...given,
  layout,
  letters: new Map(Object.entries(letters).map(([slot, text]) => [Number(slot), text])),
});

/** A notation of as many values as its layout has places. */
export function defineNotation(layout: Layout, given: Given = {}): Notation {
  const places = slotsOf(layout).length;
  return completed((values) => (values === places ? layout : null), given);
}

/** A notation that grows with the number of values. */
export const defineGrowingNotation = (layout: Notation['layout'], given: Given = {}): Notation =>
  completed(layout, given);

/** A notation for a call of that many values, with what follows from its layout. */
export type Standing = Readonly<{
  layout: Layout;
  /** Values in the order in which the caret passes them. */
  order: readonly number[];
  neighbours: Neighbours;
  isTall: boolean;
  notation: Notation;
}>;

/** Null where the call is written by its name. */
export function standingOf(notation: Notation, values: number): Standing | null {
  const layout = notation.layout(values);
  if (layout === null) return null;
  return {
    layout,
    order: slotsOf(layout).map(({ slot }) => slot),
    neighbours: neighboursOf(layout, notation.main),
    isTall: isTall(layout),
    notation,
  };
}
