/* One descent over the tokens, whose parts call each other and share where they are; hence the length of this file. */

import { entryAt, itemAt, lastOf } from '../base/item';
import { prefixSigns } from '../function';
import { OVERLINE } from '../language/numerals';
import { conversionIn } from '../language/conversion';
import type { WrittenConversion } from '../language/conversion';
import { operators } from '../language/operators';
import { BEGINS_OPERAND } from '../language/parse';
import { DEEPEST } from '../language/token-cursor';
import { tokenise } from '../language/tokens';
import type { ReadingOptions, Token } from '../language/tokens';
import { STRAY_CLOSE, operandStart } from './operands';
import { TooDeep, boxPiece, glyphPiece, itemsOf, placeIn, rowOf, unshielded, unwrapped } from './pieces';
import type { Piece, Pieces } from './pieces';
import { endsProduct, numeratorStart, operandTail } from './products';
import { gridAt, valuesAt } from './grid-shape';
import type { GridShape } from './grid-shape';
import { endsOperand, isGlyph, isLetters, sameRow, takesIndex } from './row';
import type { CaretPosition, Row } from './row';
import { offsetOf, writeRow } from './write';

/** Digits with their overlines, signs of exponents: one glyph each; grouping spaces go. */
const numberGlyphs = (text: string): readonly string[] =>
  text.replaceAll('-', '−').match(new RegExp(`[^\\s]${OVERLINE}?`, 'gu')) ?? [];

/** A digit below the line as one upon it. */
const plainDigit = (glyph: string): string => {
  const below = '₀₁₂₃₄₅₆₇₈₉'.indexOf(glyph);
  return below < 0 ? glyph : `${below}`;
};

/** Matrices of more rows or columns are not drawn in boxes: such a line stays typed text. */
export const LARGEST_DRAWN_SIDE = 8;

/** Turns tokens into rows: whatever the text, some row comes out, and writing that row gives the text's meaning. */
class Reader {
  private at = 0;
  private depth = 0;
  private readonly tokens: readonly Token[];

  constructor(
    private readonly text: string,
    private readonly options: ReadingOptions,
  ) {
    this.tokens = tokenise(text, options);
  }

  private get token(): Token {
    return itemAt(this.tokens, Math.min(this.at, this.tokens.length - 1));
  }

  private ahead(by: number): Token {
    return itemAt(this.tokens, Math.min(this.at + by, this.tokens.length - 1));
  }

  private take(): Token {
    const { token } = this;
    this.at += 1;
    return token;
  }

  private isOperator(op: string, token = this.token): boolean {
    return token.kind === 'operator' && token.op === op;
  }

  line(): Pieces {
    const conversion = conversionIn(this.text);
    return conversion === null ? this.row(false, false) : this.conversion(conversion);
  }

  /** Values as on paper, each with its unit behind it sign by sign: a stroke in a unit makes no fraction. */
  private conversion({ measures, to }: WrittenConversion): Pieces {
    const list: Piece[] = [];
    const plainly = (from: number, end: number): void => {
      for (let at = from; at < end; at += 1) this.push(list, this.text.charAt(at), at, at + 1);
    };
    for (const [i, { value, unit }] of measures.entries()) {
      const next = measures[i + 1]?.value.from ?? this.text.length;
      const before = ' '.repeat(value.from) + this.text.slice(value.from, value.to).trimEnd();
      list.push(...new Reader(before, this.options).row(false, false).list);
      plainly(before.length, unit === null ? value.to : next);
    }
    if (measures.at(-1)?.unit == null) plainly(itemAt(measures, 0).value.to, this.text.length);
    return { list, from: 0, to: Math.max(to.to, this.text.length) };
  }

  /** One level further in: what reads itself anew must not run out of stack. */
  private enter(): void {
    this.depth += 1;
    if (this.depth > DEEPEST) throw new TooDeep();
  }

  private leave(): void {
    this.depth -= 1;
  }

  /** A row up to the end of the text, or to the bracket or separator that ends it. */
  private row(inBrackets: boolean, inCall: boolean, inSquare = false): Pieces {
    const from = inBrackets ? this.lastEnd() : 0;
    const list: Piece[] = [];
    /** Square brackets that ask for an entry, and stand in the row as they are: what separates in them ends nothing. */
    let squares = 0;
    /** Where the product begins that a stroke would divide. */
    let product = 0;
    for (;;) {
      const { token } = this;
      this.space(list);
      const isEnd =
        token.kind === 'end' ||
        (token.kind === 'close' && inBrackets) ||
        (token.kind === 'squareClose' && inSquare && squares === 0) ||
        (token.kind === 'separator' && inCall && squares === 0);
      // A box that is drawn empty ends where it begins: what comes behind it is no longer in it.
      if (isEnd) return { list: unshielded(list), from, to: list.length === 0 ? from : token.span.from };
      if (token.kind === 'squareClose') squares = Math.max(0, squares - 1);
      if (token.kind === 'squareOpen' && !this.startsGrid(list)) {
        if (this.index(list)) continue;
        squares += 1;
        this.sign(list);
      } else if (BEGINS_OPERAND.has(token.kind)) this.primary(list);
      else if (token.kind === 'superscript' || this.isMark() || this.isOperator('power')) this.mark(list);
      else if (this.isOperator('over')) this.fraction(list, product);
      else {
        const isAfterOperand = endsOperand(list.at(-1)?.item);
        this.sign(list);
        if (endsProduct(token, isAfterOperand)) product = list.length;
      }
    }
  }

  /** A space that keeps two numbers or names apart stays; any other goes. */
  private space(list: Piece[]): void {
    const { token } = this;
    const before = list.at(-1);
    if (!token.spaced || before === undefined || before.to === token.span.from) return;
    const isAfter = isLetters(before.item) || isGlyph(before.item, /^[\d.,E]\u0305?$/);
    const isBefore =
      ['number', 'badNumber', 'based', 'constant', 'letter', 'end', 'close'].includes(token.kind) ||
      (token.kind === 'function' && this.ahead(1).kind !== 'open' && !this.hasSign(token.fn) && token.text !== 'mod');
    if (!isAfter || !isBefore) return;
    this.push(list, ' ', before.to, token.span.from);
  }

  private push(list: Piece[], text: string, from: number, to: number): void {
    list.push(glyphPiece(text, from, to));
  }

  /** An operator or whatever else stands by itself. */
  private sign(list: Piece[]): void {
    const token = this.take();
    const { from, to } = token.span;
    const text = ((): string => {
      switch (token.kind) {
        case 'operator':
          return operators[token.op].math;
        case 'unitWord':
          return token.unit;
        case 'minute':
          return '′';
        case 'second':
          return '″';
        case 'assign':
          return ':=';
        case 'close':
          return STRAY_CLOSE;
        default:
          return token.text;
      }
    })();
    this.push(list, text, from, to);
  }

  /** Whether a name is one that a sign stands for, so that it takes the factor that follows into its box. */
  private hasSign = (fn: string): boolean => [...prefixSigns.values()].includes(fn);

  /** A number, a name, a bracket, a root: what stands between operators, without its marks. */
  private primary(list: Piece[]): void {
    const token = this.take();
    const { from, to } = token.span;
    switch (token.kind) {
      case 'number':
      case 'badNumber': {
        let at = from;
        for (const text of numberGlyphs(token.text)) {
          while (/\s/.test(this.text.charAt(at))) at += 1;
          this.push(list, text, at, at + text.length);
          at += text.length;
        }
        if (token.kind === 'number' && token.isPlainWhole) this.mixedPart(list);
        return;
      }
      case 'based':
        return this.based(list, token);
      case 'constant':
        return this.push(list, token.name === 'pi' ? 'π' : token.name === 'inf' ? '∞' : token.text, from, to);
      case 'box':
        return;
      case 'open': {
        list.push(this.bracketed(from));
        return;
      }
      case 'squareOpen': {
        this.at -= 1;
        const shape = this.startsGrid(list) ? gridAt(this.tokens, this.at) : null;
        if (shape === null) return this.sign(list);
        list.push(this.grid(shape, from));
        return;
      }
      case 'prefixSign': {
        const slot = unwrapped(this.operand());
        list.push(boxPiece({ kind: 'call', fn: token.fn }, [slot], from, Math.max(to, slot.to, this.lastEnd())));
        return;
      }
      case 'function': {
        if (this.token.kind === 'open') list.push(this.call(token.fn, from));
        else if (this.hasSign(token.fn) && !this.isOperator('power') && this.token.kind !== 'superscript') {
          const slot = this.bareArgument();
          list.push(boxPiece({ kind: 'call', fn: token.fn }, [slot], from, Math.max(to, slot.to)));
        } else if (entryAt(this.options.functions, token.fn).most === 0)
          list.push(boxPiece({ kind: 'call', fn: token.fn }, [], from, to));
        else this.push(list, token.text, from, to);
        return;
      }
      default:
        this.push(list, token.text, from, to);
    }
  }

  /** A number in another base: digit by digit, and the word with which its base is said. */
  private based(list: Piece[], { text, span: { from } }: Token): void {
    const written = /^(\S+(?:[\u00a0\u2009\u202f]\S+)*?)(?:\s+base\s+|(?=[₀-₉]))(\S+)$/u.exec(text);
    const digits = (part: string, at: number): void => {
      for (const { 0: glyph, index } of part.matchAll(new RegExp(`[^\\s]${OVERLINE}?`, 'gu')))
        this.push(list, plainDigit(glyph), at + index, at + index + glyph.length);
    };
    if (written === null) {
      // The prefix is one piece.
      this.push(list, text.slice(0, 2).toLowerCase(), from, from + 2);
      return digits(text.slice(2), from + 2);
    }
    const [, whole = '', base = ''] = written;
    digits(whole, from);
    const start = from + text.length - base.length;
    this.push(list, 'base', from + whole.length, start);
    digits(base, start);
  }

  private lastEnd(): number {
    return this.tokens[this.at - 1]?.span.to ?? 0;
  }

  /** After a whole number, a space and a simple fraction: a mixed number, as the parser sees it. */
  private mixedPart(list: Piece[]): void {
    const [top, stroke, bottom] = [this.token, this.ahead(1), this.ahead(2)];
    if (top.kind === 'vulgar') return this.sign(list);
    const isPart =
      top.kind === 'number' &&
      top.isPlainWhole &&
      top.spaced &&
      this.isOperator('over', stroke) &&
      !stroke.spaced &&
      ((bottom.kind === 'number' && bottom.isPlainWhole && !bottom.spaced) || bottom.kind === 'end');
    if (!isPart) return;
    const digits = (token: Token): Pieces => {
      const part: Piece[] = [];
      const { from, to } = token.span;
      if (token.kind === 'number')
        [...token.text].forEach((digit, i) => this.push(part, digit, from + i, from + i + 1));
      return { list: part, from, to };
    };
    this.at += bottom.kind === 'end' ? 2 : 3;
    list.push(boxPiece({ kind: 'fraction' }, [digits(top), digits(bottom)], top.span.from, bottom.span.to));
  }

  private bracketed(from: number): Piece {
    this.enter();
    const slot = this.row(true, false);
    this.leave();
    const closed = this.token.kind === 'close';
    const to = closed ? this.take().span.to : slot.to;
    return boxPiece({ kind: 'group', closed }, [slot], from, to);
  }

  private call(fn: string, from: number): Piece {
    this.take();
    this.enter();
    const slots = [this.row(true, true)];
    while (this.token.kind === 'separator') {
      this.take();
      slots.push(this.row(true, true));
    }
    this.leave();
    const to = this.token.kind === 'close' ? this.take().span.to : this.token.span.from;
    const isEmpty = slots.length === 1 && slots.every(({ list }) => list.length === 0);
    const isNone = isEmpty && entryAt(this.options.functions, fn).most === 0;
    return boxPiece({ kind: 'call', fn }, isNone ? [] : slots, from, to);
  }

  /** Whether a matrix begins here: not an index of what stands right before, nor what is still being written. */
  private startsGrid(list: readonly Piece[]): boolean {
    const isIndex = !this.token.spaced && takesIndex(list.at(-1)?.item);
    return !isIndex && gridAt(this.tokens, this.at) !== null;
  }

  /** The places of an entry, as they stand behind what it is asked of; false where there are none, or not all of them yet. */
  private index(list: Piece[]): boolean {
    const shape = this.token.kind === 'squareOpen' ? valuesAt(this.tokens, this.at) : null;
    if (shape === null || this.token.spaced || !takesIndex(list.at(-1)?.item)) return false;
    this.sign(list);
    this.enter();
    shape.cells.forEach(() => {
      list.push(...this.row(true, true, true).list);
      this.sign(list);
    });
    this.leave();
    return true;
  }

  private grid({ columns, cells, end }: GridShape, from: number): Piece {
    if (columns > LARGEST_DRAWN_SIDE || cells.length / columns > LARGEST_DRAWN_SIDE) throw new TooDeep();
    this.enter();
    const slots = cells.map((start) => {
      this.at = start;
      return this.row(true, true, true);
    });
    this.leave();
    this.at = end + 1;
    return boxPiece({ kind: 'grid', columns }, slots, from, this.lastEnd());
  }

  /** What a mark, a superscript or ^ makes of what stands before it. */
  private mark(list: Piece[]): void {
    const { token } = this;
    // A raised base is bracketed, so that it is plain what is raised or marked.
    if (list.at(-1)?.item.kind === 'power') {
      // An operand that ends in a power begins after the last sign that is no part of one.
      const tail = operandTail(list);
      const inner = list.splice(list.length - tail.length + operandStart(tail, tail.length));
      const slot: Pieces = { list: unshielded(inner), from: itemAt(inner, 0).from, to: lastOf(inner).to };
      list.push(boxPiece({ kind: 'group', closed: true }, [slot], slot.from, slot.to));
    }
    const { from, to } = token.span;
    if (token.kind === 'superscript') {
      this.take();
      const slot: Piece[] = [];
      for (const digit of token.value.toString().replace('-', '−')) this.push(slot, digit, from, to);
      list.push(boxPiece({ kind: 'power' }, [{ list: slot, from, to }], from, to));
      return;
    }
    if (!this.isOperator('power')) return this.sign(list);
    this.take();
    const isOnName =
      isLetters(list.at(-1)?.item) && this.options.functions.has((lastOf(list).item as { text: string }).text);
    const slot = isOnName ? this.shortExponent() : unwrapped(this.operand());
    list.push(boxPiece({ kind: 'power' }, [slot], from, Math.max(to, this.lastEnd())));
  }

  /** After a function's name only a whole number raises it; what follows is its argument. */
  private shortExponent(): Pieces {
    const list: Piece[] = [];
    const { from } = this.token.span;
    if (this.isOperator('minus')) this.sign(list);
    if (this.token.kind === 'open' && list.length === 0)
      return unwrapped({ list: [this.bracketed(this.take().span.from)], from, to: this.lastEnd() });
    if (this.token.kind === 'number') this.primary(list);
    return { list, from, to: Math.max(from, list.at(-1)?.to ?? from) };
  }

  private isMark(): boolean {
    const { token } = this;
    return token.kind === 'operator' && operators[token.op].kind === 'postfix';
  }

  private isNumberBefore(mark: 'minute' | 'second'): boolean {
    return this.token.kind === 'number' && this.ahead(1).kind === mark;
  }

  private marks(list: Piece[]): void {
    for (;;) {
      const isDegree = this.isOperator('degreeSign');
      if (this.index(list)) continue;
      if (this.token.kind === 'superscript' || this.isMark()) this.mark(list);
      else return;
      if (!isDegree || !this.isNumberBefore('minute')) continue;
      this.primary(list);
      this.sign(list);
      if (!this.isNumberBefore('second')) continue;
      this.primary(list);
      this.sign(list);
    }
  }

  /** Signs, a primary with its marks, and what it is raised to: what an exponent, a denominator or a root sign takes. */
  private operandInto(list: Piece[]): void {
    this.enter();
    while (this.isOperator('minus')) this.sign(list);
    if (BEGINS_OPERAND.has(this.token.kind)) this.markedInto(list);
    this.leave();
  }

  private markedInto(list: Piece[]): void {
    const { token } = this;
    const before = list.length;
    this.primary(list);
    const isName = list.length === before + 1 && token.kind === 'function' && lastOf(list).item.kind === 'glyph';
    if (isName) {
      if (this.token.kind === 'superscript' || this.isOperator('power')) this.mark(list);
      list.push(...this.bareArgument().list);
      return;
    }
    this.marks(list);
    if (this.isOperator('power')) this.mark(list);
  }

  private pieces(read: (list: Piece[]) => void): Pieces {
    const { from } = this.token.span;
    const list: Piece[] = [];
    const before = this.at;
    read(list);
    // An empty box ends where it begins: what comes behind it is no longer in it.
    const isEmpty = this.at === before || list.length === 0;
    return { list: unshielded(list), from, to: isEmpty ? from : Math.max(from, this.lastEnd()) };
  }

  private operand(): Pieces {
    return this.pieces((list) => this.operandInto(list));
  }

  /** The argument of a function without brackets: factors up to an operator or another function. */
  private bareArgument(): Pieces {
    return this.pieces((list) => {
      this.operandInto(list);
      while (BEGINS_OPERAND.has(this.token.kind) && this.token.kind !== 'function') {
        this.space(list);
        this.operandInto(list);
      }
    });
  }

  /** A fraction of the product before the stroke and the operand after it. */
  private fraction(list: Piece[], product: number): void {
    const stroke = this.take();
    const factors = list.splice(product);
    const start = numeratorStart(itemsOf(factors));
    list.push(...factors.slice(0, start));
    const over = factors
      .slice(start)
      .filter((p, i, all) => !(isGlyph(p.item, /^ $/) && (i === 0 || i === all.length - 1)));
    // An empty box before the stroke is the numerator.
    const before = this.tokens[this.at - 2];
    const empty = before?.kind === 'box' ? before.span.from : stroke.span.from;
    const from = over[0]?.from ?? empty;
    const top = unwrapped({ list: unshielded(over), from, to: over.at(-1)?.to ?? stroke.span.from });
    const below = this.pieces((part) => {
      this.operandInto(part);
      while (this.options.impliedFirst && BEGINS_OPERAND.has(this.token.kind)) {
        this.space(part);
        this.operandInto(part);
      }
    });
    list.push(boxPiece({ kind: 'fraction' }, [top, unwrapped(below)], from, Math.max(stroke.span.to, this.lastEnd())));
  }
}

type Read = Readonly<{ row: Row; places: readonly CaretPosition[] }>;

function readOnce(text: string, options: ReadingOptions, offsets: readonly number[]): Read {
  const pieces = new Reader(text, options).line();
  return { row: rowOf(pieces), places: offsets.map((offset) => placeIn(pieces, offset)) };
}

/** What makes no sense may need to be read anew until it stays as it is; more rounds than this were never seen. */
const MOST_ROUNDS = 8;

/**
 * A row as reading its own text gives it, with places in it: the form in which every line is kept. The same row where
 * that is so already.
 */
export function canonicalRow(row: Row, options: ReadingOptions, ...places: readonly CaretPosition[]): Read {
  let now: Read = { row, places };
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const written = writeRow(now.row, options.decimalSign);
    const again = readOnce(
      written.text,
      options,
      now.places.map((place) => offsetOf(written, place)),
    );
    if (sameRow(again.row, now.row)) return now;
    now = again;
  }
  return now;
}

/** A typed line as boxes, and where in them the given offsets of the text lie. Total; knows nothing of problems. */
export function readRow(text: string, options: ReadingOptions, ...offsets: readonly number[]): Read {
  const read = readOnce(text, options, offsets);
  return canonicalRow(read.row, options, ...read.places);
}
