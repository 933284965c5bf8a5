/**
 * How a function stands on paper, as data. The box that is keyed, MathML, LaTeX, the order in which the caret passes the
 * values, and the reading of formulas from elsewhere all follow from it; each kind of part means the same to all of them.
 */
export type Layout =
  /** One of the values, by its index in typed text. A `term` is in brackets when it is a sum; a `letter` is a bound name. */
  | Readonly<{ kind: 'slot'; slot: number; as: 'value' | 'term' | 'letter' }>
  /** A value that stands a second time, where nothing can be keyed. */
  | Readonly<{ kind: 'again'; slot: number }>
  | Readonly<{ kind: 'name'; text: string }>
  | Readonly<{ kind: 'digits'; text: string }>
  | Readonly<{ kind: 'sign'; text: string }>
  | Readonly<{ kind: 'word'; text: string }>
  | Readonly<{ kind: 'gap' }>
  | Readonly<{ kind: 'row'; parts: readonly Layout[] }>
  /** A pair of signs that grows with what stands between them. */
  | Readonly<{ kind: 'fences'; open: Fence; close: Fence; of: Layout }>
  | Readonly<{ kind: 'fraction'; above: Layout; below: Layout }>
  /** A square root without an index. */
  | Readonly<{ kind: 'root'; of: Layout; index: Layout | null }>
  | Readonly<{ kind: 'over'; of: Layout }>
  /** A sign higher than a line with its limits: right below and above it, or beside it. */
  | Readonly<{ kind: 'big'; sign: string; below: Layout; above: Layout; isStacked: boolean }>
  | Readonly<{ kind: 'lowered'; base: Layout; by: Layout }>
  | Readonly<{ kind: 'raised'; base: Layout; by: Layout }>
  /** What stands before a bar at whose foot a place is told. */
  | Readonly<{ kind: 'placed'; of: Layout; at: Layout }>
  /** Values in rows and columns between square brackets. */
  | Readonly<{ kind: 'grid'; rows: readonly (readonly Layout[])[] }>
  /** Values, each with its condition beside it, behind one brace. */
  | Readonly<{ kind: 'branches'; rows: readonly Branch[] }>;

export type Branch = Readonly<{ value: Layout; when: Layout }>;
export type Fence = '(' | ')' | '[' | ']' | '‖' | '|' | '⌊' | '⌋' | '⌈' | '⌉' | '{';

export const value = (slot: number): Layout => ({ kind: 'slot', slot, as: 'value' });
export const term = (slot: number): Layout => ({ kind: 'slot', slot, as: 'term' });
export const letter = (slot: number): Layout => ({ kind: 'slot', slot, as: 'letter' });
export const again = (slot: number): Layout => ({ kind: 'again', slot });
export const name = (text: string): Layout => ({ kind: 'name', text });
export const digits = (text: string): Layout => ({ kind: 'digits', text });
export const sign = (text: string): Layout => ({ kind: 'sign', text });
export const word = (text: string): Layout => ({ kind: 'word', text });
export const GAP: Layout = { kind: 'gap' };
export const row = (...parts: readonly Layout[]): Layout => ({ kind: 'row', parts });
export const fences = (open: Fence, of: Layout, close: Fence): Layout => ({ kind: 'fences', open, close, of });
export const fraction = (above: Layout, below: Layout): Layout => ({ kind: 'fraction', above, below });
export const root = (of: Layout, index: Layout | null = null): Layout => ({ kind: 'root', of, index });
export const over = (of: Layout): Layout => ({ kind: 'over', of });
export const stacked = (text: string, below: Layout, above: Layout): Layout => ({
  kind: 'big',
  sign: text,
  below,
  above,
  isStacked: true,
});
export const besides = (text: string, below: Layout, above: Layout): Layout => ({
  kind: 'big',
  sign: text,
  below,
  above,
  isStacked: false,
});
export const lowered = (base: Layout, by: Layout): Layout => ({ kind: 'lowered', base, by });
export const raised = (base: Layout, by: Layout): Layout => ({ kind: 'raised', base, by });
export const placed = (of: Layout, at: Layout): Layout => ({ kind: 'placed', of, at });
export const branches = (rows: readonly Branch[]): Layout => ({ kind: 'branches', rows });

/** What a part is made of, in the order in which its values are keyed. */
export function partsOf(layout: Layout): readonly Layout[] {
  switch (layout.kind) {
    case 'row':
      return layout.parts;
    case 'fences':
    case 'over':
      return [layout.of];
    case 'fraction':
      return [layout.above, layout.below];
    case 'root':
      return layout.index === null ? [layout.of] : [layout.index, layout.of];
    case 'big':
      return [layout.below, layout.above];
    case 'lowered':
    case 'raised':
      return [layout.base, layout.by];
    case 'placed':
      return [layout.of, layout.at];
    case 'grid':
      return layout.rows.flat();
    case 'branches':
      return layout.rows.flatMap((line) => [line.value, line.when]);
    default:
      return [];
  }
}

/** The values that can be keyed, in the order in which the caret passes them. */
export const slotsOf = (layout: Layout): readonly (Layout & { kind: 'slot' })[] =>
  layout.kind === 'slot' ? [layout] : partsOf(layout).flatMap(slotsOf);

/** Whether it stands higher than a line by itself, so that brackets around it grow. */
export const isTall = (layout: Layout): boolean =>
  ['fraction', 'big', 'branches', 'grid'].includes(layout.kind) || partsOf(layout).some(isTall);

/** Whether nothing shows where its last value ends, as behind a sum sign. */
export function isOpenAtEnd(layout: Layout): boolean {
  if (layout.kind === 'row') return layout.parts.slice(-1).some(isOpenAtEnd);
  return layout.kind === 'slot' && layout.as === 'term';
}
