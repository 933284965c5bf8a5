import { conversionIn } from '@/core/language/conversion';
import type { DecimalSign } from '@/core/language/numerals';
import { isDigit, isGlyph } from '@/core/line/row';
import type { Row } from '@/core/line/row';
import { writeRow } from '@/core/line/write';

const PREFIX = /^0[box]$/;
const NONE: ReadonlySet<number> = new Set();

/** Digits of another base: behind their prefix, or before the word that names the base. */
function basedDigits(row: Row, into: Set<number>): void {
  row.forEach((item, i) => {
    if (isGlyph(item, PREFIX)) {
      into.add(i);
      const digit = isGlyph(item, /x/) ? /^[\dA-Fa-f.,]\u0305?$/ : /^[\d.,]\u0305?$/;
      for (let k = i + 1; isGlyph(row[k], digit); k += 1) into.add(k);
    }
    if (!isGlyph(item, /^base$/)) return;
    for (let k = i - 1; isGlyph(row[k], /^[\dA-Za-z.,]\u0305?$/); k -= 1) into.add(k);
    for (let k = i + 1; isDigit(row[k]); k += 1) into.add(k);
  });
}

/** Units, and the word before the one that is asked for. */
function unitsIn(row: Row, sign: DecimalSign, into: Set<number>): void {
  const written = writeRow(row, sign);
  const found = conversionIn(written.text);
  if (found === null) return;
  const last = found.measures.at(-1)?.value.to ?? 0;
  const units = found.measures.flatMap(({ unit }) => (unit === null ? [] : [unit]));
  row.forEach((item, i) => {
    const at = written.row.offsets[i] ?? 0;
    const isInUnit = at >= last || units.some(({ from, to }) => at >= from && at < to);
    if (item.kind === 'glyph' && isInUnit) into.add(i);
  });
}

/** The signs of a row that stand for themselves, upright and side by side: no product of letters, no groups of three. */
export function literalIn(row: Row, sign: DecimalSign): ReadonlySet<number> {
  const isBased = row.some((item) => isGlyph(item, PREFIX) || isGlyph(item, /^base$/));
  const isConversion = row.some(
    (item, i) => isGlyph(item, /^t$/) && isGlyph(row[i + 1], /^o$/) && isGlyph(row[i - 1], /^ $/),
  );
  if (!isBased && !isConversion) return NONE;
  const literal = new Set<number>();
  if (isBased) basedDigits(row, literal);
  if (isConversion) unitsIn(row, sign, literal);
  return literal;
}
