import { entryAt, itemAt, lastOf } from '../base/item';
import type { DecimalSign } from '../language/numerals';
import { isMixedPart } from './operands';
import { WORD, isDigit, isGlyph, isLetters, isWhole } from './row';
import type { Box, Item, CaretPosition, Row } from './row';
import { isLikeShield, needsShield } from './shield';

/** A row's typed text: where in the whole text each caret place of the row lies, and the same for the slots of its boxes. */
type Written = Readonly<{ offsets: readonly number[]; slots: ReadonlyMap<number, readonly Written[]> }>;

export type WrittenLine = Readonly<{ text: string; row: Written }>;

const EMPTY_BOX = '▯';

/** Whether nothing but a sign, a digit, a letter or a word of its own kind follows closely. */
const runsOn = (item: Item | undefined): boolean => isDigit(item) || isLetters(item) || isGlyph(item, /^[.,½-¾⅐-⅞]$/);

/** A function named without brackets; what stands for a number is not one. */
const isName = (item: Item | undefined): boolean => isGlyph(item, /^(?!Ans$|total$)[A-Za-z]{2,}$/) && isLetters(item);

/** A single number, letter or box with its power: what can stand under a stroke without brackets. */
function isOneOperand(row: Row): boolean {
  const [first, ...rest] = row;
  if (first === undefined || first.kind === 'group' || first.kind === 'power') return false;
  const withoutPower = rest.at(-1)?.kind === 'power' ? row.slice(0, -1) : row;
  if (withoutPower.every((item) => isGlyph(item, /^(?:\d|\.)$/))) return true;
  return withoutPower.length === 1 && (first.kind === 'call' ? first.fn !== 'mod' : isLetters(first) && !isName(first));
}

/** Factors side by side that stand over a stroke as they are: numbers, letters, roots, functions and powers. */
function isPlainProduct(row: Row): boolean {
  const [first] = row;
  if (first === undefined || first.kind === 'power') return false;
  if (row.length === 1 && first.kind === 'group') return false;
  return row.every(
    (item, i) =>
      (item.kind === 'call' && item.fn !== 'mod') ||
      (item.kind === 'group' && i > 0) ||
      item.kind === 'power' ||
      isGlyph(item, /^(?:\d|\.|!|°)$/) ||
      (isLetters(item) && !isName(item)),
  );
}

/** An exponent without brackets: a whole number, with a minus or without, or one letter. */
function isPlainExponent(row: Row, next: Item | undefined): boolean {
  const digits = isGlyph(row[0], /^−$/) ? row.slice(1) : row;
  if (isWhole(digits)) return !isDigit(next) && !isGlyph(next, /^(?:[.,eE]|[½-¾⅐-⅞])$/) && !isName(next);
  return row.length === 1 && isLetters(row[0]) && !isName(row[0]) && !runsOn(next);
}

/** Whether a row that ends the text ends in brackets that are still open, and so takes whatever is closed behind it. */
function endsOpen(row: Row): boolean {
  const last = row.at(-1);
  if (last === undefined || last.kind === 'glyph') return false;
  if (needsShield(row, row.length - 1) || isLikeShield(row, row.length - 1)) return false;
  if (last.kind === 'group') return !last.closed;
  if (last.kind === 'grid') return false;
  const inner = last.slots.at(-1);
  if (inner === undefined) return false;
  return last.kind === 'call' ? endsOpen(inner) : isOpenGroup(inner);
}

/** A slot that is one open bracket and nothing else needs none of its own. */
const isOpenGroup = ([only, second]: Row): boolean => second === undefined && only?.kind === 'group' && !only.closed;

class Writer {
  text = '';
  constructor(private readonly separator: string) {}

  /** `isLast`: the row's end is the end of the text, so that open brackets can stay open. */
  row(row: Row, isLast: boolean): Written {
    const offsets = [this.text.length];
    const slots = new Map<number, readonly Written[]>();
    row.forEach((item, i) => {
      if (item.kind === 'glyph') this.glyph(row, i);
      else slots.set(i, this.box(row, i, isLast && i === row.length - 1));
      offsets.push(this.text.length);
    });
    return { offsets, slots };
  }

  private slot(row: Row, isLast = false): Written {
    if (row.length > 0) return this.row(row, isLast);
    const offsets = [this.text.length];
    this.text += EMPTY_BOX;
    return { offsets, slots: new Map() };
  }

  private bracketed(row: Row): Written {
    this.text += '(';
    const written = this.slot(row);
    this.text += ')';
    return written;
  }

  private glyph(row: Row, at: number): void {
    const { text } = row[at] as { text: string };
    const isStart = at === 0;
    if (WORD.test(text)) {
      const isMark = /^(?:deg|rad|grad)$/.test(text);
      if (!isStart && !this.text.endsWith(' ')) this.text += ' ';
      this.text += at === row.length - 1 || isMark ? text : `${text} `;
      return;
    }
    // 5! = 120, and not 5 ≠ 120.
    if (/^[=≠]$/.test(text) && isGlyph(row[at - 1], /^!$/)) this.text += ' ';
    // A digit must not run into the fraction of a mixed number, nor a letter be taken for its power of ten.
    if (isMixedPart(row, at - 1) && runsOn(row[at])) this.text += ' ';
    if (text === ':=') this.text += this.text === '' ? ':= ' : ' := ';
    else this.text += text;
  }

  private box(row: Row, at: number, isLast: boolean): readonly Written[] {
    const item = row[at] as Box;
    if (needsShield(row, at) || isLikeShield(row, at)) {
      this.text += '(';
      const written = this.bare(row, at, false);
      this.text += ')';
      return written;
    }
    if (item.kind === 'call' && isLetters(row[at - 1])) this.text += ' ';
    return this.bare(row, at, isLast);
  }

  private bare(row: Row, at: number, isLast: boolean): readonly Written[] {
    const item = row[at] as Box;
    const [first, second] = item.slots as readonly [Row, Row];
    switch (item.kind) {
      case 'fraction': {
        if (isMixedPart(row, at)) this.text += ' ';
        const top = isMixedPart(row, at) || isPlainProduct(first) ? this.row(first, false) : this.over(first);
        this.text += '/';
        return [top, isOneOperand(second) ? this.row(second, false) : this.over(second, isLast)];
      }
      case 'power': {
        const isOnName = isName(row[at - 1]);
        const digits = isGlyph(first[0], /^−$/) ? first.slice(1) : first;
        if (isOnName && isWhole(digits)) {
          const offsets = [this.text.length];
          for (const sign of first) {
            this.text += superscript((sign as { text: string }).text);
            offsets.push(this.text.length);
          }
          return [{ offsets, slots: new Map() }];
        }
        this.text += '^';
        return [isPlainExponent(first, row[at + 1]) ? this.row(first, false) : this.over(first, isLast)];
      }
      case 'group': {
        this.text += '(';
        const inner = this.slot(first, isLast);
        if (item.closed || !isLast) this.text += ')';
        return [inner];
      }
      case 'grid': {
        const isFlat = item.columns === 1;
        this.text += isFlat ? '[' : '[[';
        const written = item.slots.map((slot, i) => {
          if (i > 0) this.text += !isFlat && i % item.columns === 0 ? `]${this.separator}[` : this.separator;
          return this.slot(slot);
        });
        this.text += isFlat ? ']' : ']]';
        return written;
      }
      case 'call': {
        this.text += `${item.fn}(`;
        const written = item.slots.map((slot, i) => {
          if (i > 0) this.text += this.separator;
          return this.slot(slot, isLast && i === item.slots.length - 1);
        });
        if (!isLast || item.slots.length === 0 || !endsOpen(lastOf(item.slots))) this.text += ')';
        return written;
      }
    }
  }

  /** A slot that typed text brackets: an empty one is its own bracket, one that is still open needs none. */
  private over(row: Row, isLast = false): Written {
    if (row.length === 0) return this.slot(row);
    if (isLast && isOpenGroup(row)) return this.row(row, true);
    return this.bracketed(row);
  }
}

const superscript = (sign: string): string => (sign === '−' ? '⁻' : '⁰¹²³⁴⁵⁶⁷⁸⁹'.charAt(Number(sign)));

/** The typed text of a row, with the offset of every caret place in it. */
export function writeRow(row: Row, decimalSign: DecimalSign): WrittenLine {
  const writer = new Writer(decimalSign === ',' ? ';' : ',');
  const written = writer.row(row, true);
  return { text: writer.text, row: written };
}

/** Where a caret place lies in the typed text. */
export function offsetOf({ row }: WrittenLine, { path, at }: CaretPosition): number {
  let now = row;
  for (const { item, slot } of path) now = itemAt(entryAt(now.slots, item), slot);
  return itemAt(now.offsets, at);
}

/** The empty slot whose box stands at an offset of the typed text; null when none does. */
export function emptySlotAt(row: Row, { row: written }: WrittenLine, offset: number): CaretPosition | null {
  const within = (slots: Row, of: Written, path: CaretPosition['path']): CaretPosition | null => {
    if (slots.length === 0) return of.offsets[0] === offset && path.length > 0 ? { path, at: 0 } : null;
    for (const [item, inner] of of.slots) {
      const box = slots[item] as Box;
      for (const [slot, one] of inner.entries()) {
        const found = within(itemAt(box.slots, slot), one, [...path, { item, slot }]);
        if (found !== null) return found;
      }
    }
    return null;
  };
  return within(row, written, []);
}
