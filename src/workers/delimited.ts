import { itemAt } from '@/core/base/item';
import Papa from 'papaparse';
import { guessedDelimiting, headingOf, isWord, plainNumeral, separatorSigns } from '@/core/column/delimited';
import type { Delimiting } from '@/core/column/delimited';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { openLetters } from '@/core/evaluate/open-letters';
import { functionNames } from '@/core/function';
import type { DecimalSign } from '@/core/language/numerals';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import type { LineRequest } from './answer';

export type DelimitedRequest = LineRequest &
  Readonly<{
    source: string;
    /** How it is taken apart; null to guess. */
    by: Delimiting | null;
    /** Rows become columns; null to guess. */
    isTurned: boolean | null;
    /** The first row holds names; null to guess. */
    hasHeads: boolean | null;
  }>;

export type TakenColumn = Readonly<{ name: string; unit: string; cells: readonly string[] }>;
export type Delimited = Readonly<{
  by: Delimiting;
  isTurned: boolean;
  hasHeads: boolean;
  columns: readonly TakenColumn[];
  /** Cells that are no numbers. */
  strange: number;
}>;

const MOST_TEXT = 60_000_000;

/** A cell as it is kept: typed text with a point where it can be read, else as it was found. */
function cellOf(text: string, decimalSign: DecimalSign): Readonly<{ text: string; isNumber: boolean }> {
  const bare = text.trim();
  if (bare === '') return { text: '', isNumber: true };
  const plain = plainNumeral(bare, decimalSign);
  if (plain !== null) return { text: plain, isNumber: true };
  const reading = parse(bare, { functions: functionNames, decimalSign, impliedFirst: false });
  if (!reading.ok || reading.value.target !== null) return { text: bare, isNumber: false };
  const { tree } = reading.value;
  // Only the letters of the Shelf can stand for numbers.
  const isOpen = openLetters(tree).some((name) => !/^[A-Z]$/.test(name));
  if (isOpen || isWord(bare, functionNames)) return { text: bare, isNumber: false };
  return { text: printText(tree, TYPED), isNumber: true };
}

const turned = (rows: readonly (readonly string[])[]): string[][] => {
  const width = rows.reduce((most, row) => Math.max(most, row.length), 0);
  return Array.from({ length: width }, (_, i) => rows.map((row) => row[i] ?? ''));
};

/** Takes a pasted text, or one from a file, apart into columns of cells. */
export function takenApart(request: DelimitedRequest): Result<Delimited, Problem> {
  const source = request.source.replace(/^\ufeff/, '');
  if (source.length > MOST_TEXT) return fail(withSpan({ code: 'too-large' }, { from: 0, to: 0 }));
  const by = request.by ?? guessedDelimiting(source, request.display.decimalSign);
  const text = by.separator === 'space' ? source.replace(/^[ \t]+|[ \t]+$/gm, '').replace(/[ \t]+/g, ' ') : source;
  const rows =
    by.separator === 'none'
      ? text.split(/\r?\n/).map((line) => [line])
      : Papa.parse<string[]>(text, { delimiter: separatorSigns[by.separator] }).data;
  const filled = rows.filter((row) => row.some((cell) => cell.trim() !== ''));
  const isTurned = request.isTurned ?? (filled.length === 1 && itemAt(filled, 0).length > 1);
  const lines = isTurned ? turned(filled) : filled;
  const isNumeric = (cell: string | undefined): boolean => cellOf(cell ?? '', by.decimalSign).isNumber;
  const [first = [], second] = lines;
  const hasHeads =
    request.hasHeads ??
    (second !== undefined && first.every((cell) => cell.trim() === '' || !isNumeric(cell)) && second.some(isNumeric));
  const heads = hasHeads ? first : [];
  const body = hasHeads ? lines.slice(1) : lines;
  const width = lines.reduce((most, row) => Math.max(most, row.length), 0);
  let strange = 0;
  const columns = Array.from({ length: width }, (_, i) => {
    const cells = body.map((row) => {
      const cell = cellOf(row[i] ?? '', by.decimalSign);
      if (!cell.isNumber) strange += 1;
      return cell.text;
    });
    return { ...headingOf(heads[i] ?? ''), cells };
  });
  return succeed({ by, isTurned, hasHeads, columns, strange });
}
