import { guessedDelimiting, plainNumeral, separatorSigns } from '@/core/column/delimited';
import { functionNames } from '@/core/function';
import type { DecimalSign } from '@/core/language/numerals';
import { looksLikeLatex, looksLikeMathml } from '@/core/language/looks-like';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import { rowsOf } from '@/core/language/tree';
import { LARGEST_SIDE } from '@/core/matrix/matrix';
import { LONGEST_SIDE } from '@/core/notebook/kit';
import { typedTable } from './table';

/** What a text holds as a table; `isCut`: it held more rows or columns than are taken in. */
export type Pasted = Readonly<{ table: string[][]; isCut: boolean }>;

/** An entry as typed text with a point; as it was found where it cannot be read. */
function entryOf(text: string, sign: DecimalSign): string {
  const numeral = plainNumeral(text, sign);
  if (numeral !== null) return numeral;
  const reading = parse(text, { functions: functionNames, decimalSign: sign, impliedFirst: false });
  return reading.ok && reading.value.target === null ? printText(reading.value.tree, TYPED) : text.trim();
}

/** The entries of a matrix that is typed; null for any other text. */
export function writtenMatrix(typed: string, decimalSign: DecimalSign): string[][] | null {
  const reading = parse(typed, { functions: functionNames, decimalSign, impliedFirst: false });
  if (!reading.ok || reading.value.tree.kind !== 'matrix') return null;
  return rowsOf(reading.value.tree).map((row) => row.map((entry) => printText(entry, TYPED)));
}

/** A matrix as it was typed, or rows of a sheet; null where the text holds nothing. */
export function tableOf(text: string, sign: DecimalSign, most = LONGEST_SIDE): Pasted | null {
  const rows = writtenMatrix(text.trim(), sign) ?? rowsOfSheet(text, sign);
  const columns = Math.max(0, ...rows.map(({ length }) => length));
  if (columns === 0) return null;
  const table = rows
    .slice(0, most)
    .map((row) => Array.from({ length: Math.min(most, columns) }, (_, j) => row[j] ?? ''));
  return { table, isCut: rows.length > most || columns > most };
}

/** The same of whatever was pasted, LaTeX and MathML too, whose readers are fetched when they are needed. */
export async function pastedTable(text: string, sign: DecimalSign, most = LONGEST_SIDE): Promise<Pasted | null> {
  if (!looksLikeMathml(text) && !looksLikeLatex(text)) return tableOf(text, sign, most);
  const { readFormula } = await import('@/places/bench/read-formula');
  const typed = readFormula(text, '', sign);
  return typed === null ? null : tableOf(typed, '.', most);
}

function rowsOfSheet(text: string, sign: DecimalSign): string[][] {
  const { separator, decimalSign } = guessedDelimiting(text, sign);
  return text
    .split(/\r?\n/)
    .filter((line) => line.trim() !== '')
    .map((line) => {
      const parts = separator === 'space' ? line.trim().split(/\s+/) : line.split(separatorSigns[separator]);
      return parts.map((part) => (part.trim() === '' ? '' : entryOf(part, decimalSign)));
    });
}

/** Cells of a sheet as a matrix that is typed, in the core's own spelling; null where one of them cannot be read. */
export function matrixOfSheet(text: string, sign: DecimalSign): string | null {
  const found = tableOf(text, sign, LARGEST_SIDE);
  if (found === null || found.isCut) return null;
  const typed = typedTable(found.table);
  return parse(typed, { functions: functionNames, decimalSign: '.', impliedFirst: false }).ok ? typed : null;
}
