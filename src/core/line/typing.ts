import { itemAt, lastOf } from '../base/item';
import { prefixSigns } from '../function';
import { plainSigns } from '../language/look-alikes';
import type { ReadingOptions } from '../language/tokens';
import { call, close, fraction, insertGlyph, isEmptyLine, onAns, open, operate, power, separate } from './edits';
import { beside, moveRight } from './moves';
import { STRAY_CLOSE } from './operands';
import { canonical } from './put';
import { readRow } from './read';
import { leavesBoxes } from './sides';
import { boxAt, hasSelection, isGlyph, lineAt, rowAt, withRowAt } from './row';
import type { BoxedLine, Row } from './row';
import { standingOfBox } from './standing-box';
import { offsetOf, writeRow } from './write';

/*
 * A physical keyboard writes typed text into boxes: what is typed straight on means what the same text means, so that
 * 1/2+1/3 is a sum of fractions and x^2+1 leaves its exponent. A slot that the caret was brought into keeps what is
 * typed.
 */

/** Signs of a keyboard for those of the line. */
const signs: Readonly<Record<string, string>> = {
  '*': '×',
  '·': '×',
  '-': '−',
  "'": '′',
  '"': '″',
  '∕': '/',
  '⁄': '/',
};

/** From here on typing goes into the typed text of the line. */
function writing(line: BoxedLine, { decimalSign }: ReadingOptions): BoxedLine {
  const written = writeRow(line.row, decimalSign);
  return { ...line, typing: { text: written.text, at: offsetOf(written, line.caret) } };
}

const strays = (row: Row): number => row.filter((item) => isGlyph(item, new RegExp(STRAY_CLOSE))).length;

/** Puts a character where typing goes on, and reads the text anew. */
function typedOn(
  line: BoxedLine,
  { text, at }: NonNullable<BoxedLine['typing']>,
  sign: string,
  options: ReadingOptions,
): BoxedLine | null {
  const rest = text.slice(text[at] === '▯' ? at + 1 : at);
  const typing = { text: text.slice(0, at) + sign + rest, at: at + sign.length };
  const { row, places } = readRow(typing.text, options, typing.at);
  return strays(row) > strays(line.row) ? null : lineAt(row, itemAt(places, 0), typing);
}

/** Gives the function whose bracket was just opened all the slots that it must have, so that it has its shape. */
function filled(line: BoxedLine, options: ReadingOptions): BoxedLine {
  const { path } = line.caret;
  const box = boxAt(line.row, path);
  if (box?.kind !== 'call' || box.slots.length !== 1) return line;
  const count = options.functions.get(box.fn)?.least ?? 1;
  const slots: Row[] = Array.from({ length: count }, (_, i) => box.slots[i] ?? []);
  if (count < 2 || standingOfBox({ ...box, slots }) === null) return line;
  const outer = path.slice(0, -1);
  const host = rowAt(line.row, outer).map((item, i) => (i === lastOf(path).item ? { ...box, slots } : item));
  return writing(canonical(withRowAt(line.row, outer, host), line.caret, options), options);
}

/** The first character after the caret was brought to its place. */
function begun(line: BoxedLine, sign: string, options: ReadingOptions): BoxedLine | null {
  switch (sign) {
    case '(':
      return open(line, options);
    case ')':
      return close(line, options);
    case '/':
      return fraction(isEmptyLine(line) ? onAns() : line, options);
    case '^':
      return power(line, '', options);
    case '=':
      // A relation has two sides: there is nothing to begin it with.
      return isEmptyLine(line) ? null : operate(line, sign, options);
    default: {
      const fn = prefixSigns.get(sign);
      if (fn !== undefined) return call(line, fn, null, options);
      return /^[+×÷!%°≠<≤>≥]$/.test(sign) ? operate(line, sign, options) : insertGlyph(line, sign, options);
    }
  }
}

/** The line after a typed character; null when it does nothing here. */
export function typeChar(line: BoxedLine, char: string, options: ReadingOptions): BoxedLine | null {
  const sign = signs[char] ?? plainSigns(char);
  const { path, at } = line.caret;
  const box = boxAt(line.row, path);
  const isAtEnd = at === rowAt(line.row, path).length && !hasSelection(line);
  const then = (next: BoxedLine | null): BoxedLine | null => next && writing(next, options);
  if (sign === (options.decimalSign === ',' ? ';' : ',')) return then(separate(line, options));
  if (sign === '|') {
    const leaves = isAtEnd && at > 0 && box?.kind === 'call' && box.fn === 'abs';
    return then(leaves ? moveRight(line) : call(line, 'abs', null, options));
  }
  // As a bracket leaves a function, a square one leaves the matrix at whose last entry the caret stands.
  if (sign === ']' && box?.kind === 'grid' && isAtEnd && lastOf(path).slot === box.slots.length - 1)
    return then(lineAt(line.row, beside(path, true)));
  const { typing } = line;
  if (typing === null) {
    if (sign === ' ' && isAtEnd && (box?.kind === 'fraction' || box?.kind === 'power')) return moveRight(line);
    return then(begun(line, sign, options));
  }
  if (sign === ')' && typing.text[typing.at] === ')') return then(close(line, options));
  if (leavesBoxes(line, sign)) return then(operate(line, sign, options));
  const result = typedOn(line, typing, sign, options);
  return result !== null && sign === '(' ? filled(result, options) : result;
}
