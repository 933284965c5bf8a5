import { itemAt } from '../base/item';
import { DEEPEST } from '../language/token-cursor';
import { glyph } from './row';
import type { Item, CaretPosition, Row } from './row';
import { isLikeShield } from './shield';

/* What a typed line is read into: items that know which part of the text they came from. */

/** An item with the part of the text that it was read from, and how many boxes stand inside each other in it. */
export type Piece = Readonly<{ item: Item; from: number; to: number; slots: readonly Pieces[]; depth: number }>;
export type Pieces = { readonly list: readonly Piece[]; readonly from: number; readonly to: number };

export const itemsOf = (pieces: readonly Piece[]): Row => pieces.map((p) => p.item);
export const rowOf = (of: Pieces): Row => itemsOf(of.list);

/** Leaves the reading of a line whose boxes stand deeper inside each other than a line may hold. */
export class TooDeep extends Error {}

export function boxPiece(
  result:
    | { kind: 'fraction' }
    | { kind: 'power' }
    | { kind: 'group'; closed: boolean }
    | { kind: 'call'; fn: string }
    | { kind: 'grid'; columns: number },
  slots: readonly Pieces[],
  from: number,
  to: number,
): Piece {
  let depth = 0;
  for (const { list } of slots) for (const piece of list) depth = Math.max(depth, piece.depth);
  if (depth >= DEEPEST) throw new TooDeep();
  return { item: { ...result, slots: slots.map(rowOf) }, from, to, slots, depth: depth + 1 };
}

export const glyphPiece = (text: string, from: number, to: number): Piece => ({
  item: glyph(text),
  from,
  to,
  slots: [],
  depth: 0,
});

/** A group that stands alone has its brackets replaced by the box around it. */
export function unwrapped(pieces: Pieces): Pieces {
  const [only, second] = pieces.list;
  return second === undefined && only?.item.kind === 'group' && only.item.closed ? itemAt(only.slots, 0) : pieces;
}

/** Brackets that only kept a box apart from its neighbours go, together with one pair of doubled ones. */
export function unshielded(list: readonly Piece[]): readonly Piece[] {
  const row = itemsOf(list);
  return list.map((piece, i) => (isLikeShield(row, i) ? itemAt(itemAt(piece.slots, 0).list, 0) : piece));
}

/** Where an offset of the text lies among the pieces; inside a box that ends there when nothing closes it. */
export function placeIn(of: Pieces, offset: number): CaretPosition {
  for (const [i, { from, to, slots }] of of.list.entries()) {
    // Behind a bracket that only keeps a box apart, the place is in the box that begins there, and not before both.
    const isBracketed = offset === from && offset > (of.list[i - 1]?.to ?? of.from) && slots[0]?.from === offset;
    if (offset <= from && !isBracketed) return { path: [], at: i };
    if (offset > to) continue;
    const holding = slots.findIndex((s) => offset >= s.from && offset <= s.to);
    // In a name or a bracket of the box: the nearest slot before.
    const slot =
      holding >= 0 || offset === to || slots.length === 0
        ? holding
        : Math.max(
            0,
            slots.findLastIndex((s) => s.from <= offset),
          );
    if (slot >= 0) {
      const within = itemAt(slots, slot);
      const inner = placeIn(within, Math.min(Math.max(offset, within.from), within.to));
      return { path: [{ item: i, slot }, ...inner.path], at: inner.at };
    }
    if (offset < to) return { path: [], at: i + 1 };
  }
  return { path: [], at: of.list.length };
}
