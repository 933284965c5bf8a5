import { itemAt } from '@/core/base/item';
import type { ShouldContinue } from '@/core/base/should-continue';
import { withSpan } from '@/core/base/problem';
import type { Problem, ProblemData } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Context } from '@/core/evaluate/context';
import { formsOf } from '@/core/format';
import { plainNature } from '@/core/format/form';
import { roundedTexts } from '@/core/format/decimal';
import type { Form } from '@/core/format/form';
import { batchText } from '@/core/format/layout';
import { functionNames } from '@/core/function';
import { encode, fitsFile } from '@/core/notebook/value-codec';
import type { SavedValue } from '@/core/notebook/value-codec';
import { real } from '@/core/number/arithmetic';
import { longestDecimal, roundedRational } from '@/core/number/digits';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { asWhole, fromRational } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { contextFor, fullText } from './answer';
import type { LineRequest } from './answer';
import { cellValue } from './cell-value';
import type { NumberRead } from './cell-value';

/** A column as it crosses to the worker. */
export type ColumnText = Readonly<{ id: string; cells: readonly string[] }>;

/** What is wrong with a cell. */
export type CellError = Readonly<{ column: string; row: number; problem: Problem }>;

/** Either what came of some columns, or the cells that stand in the way; `more`: there are others besides. */
export type WithCellErrors<T> = Readonly<{ flags: readonly CellError[]; hasMore: boolean; result: T | null }>;

/** What was read of columns, or what is wrong with all of it. */
export type Read<T> = Result<WithCellErrors<T>, Problem>;

/** What was read, made into something else; cells that stand in the way stay as they are. */
export function mapRead<T, U>(read: Read<T>, to: (result: T) => U): Read<U> {
  if (!read.ok) return read;
  const { result } = read.value;
  return succeed({ ...read.value, result: result === null ? null : to(result) });
}

export const SPELLING = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const NOWHERE = { from: 0, to: 0 } as const;

/** Texts that were worked before keep their values, as long as what they depend on is the same. */
export type Reader = Readonly<{ context: Context; value: (text: string) => NumberRead }>;

const MOST_KEPT = 50_000;

export function createReaders(): (request: LineRequest, shouldContinue: ShouldContinue) => Reader {
  let key = '';
  let known = new Map<string, NumberRead>();
  return (request, shouldContinue) => {
    const { angle, letters, slots, total, ans } = request;
    const now = JSON.stringify([angle, [...letters], [...slots], total, ans], (_, v: unknown) =>
      typeof v === 'bigint' ? `${v}n` : v,
    );
    if (now !== key || known.size > MOST_KEPT) known = new Map();
    key = now;
    const context = { ...contextFor(request, shouldContinue, () => 0n), complex: false };
    return {
      context,
      value: (text) => {
        const before = known.get(text);
        if (before !== undefined) return before;
        const result = cellValue(text, context);
        const isLasting = result.ok || result.problem.code !== 'stopped';
        if (isLasting) known.set(text, result);
        return result;
      },
    };
  };
}

/** Cells from which it is told whether a column holds labels. */
const TOLD_BY = 200;

/** Whether a column holds labels rather than numbers: most of its first cells cannot be read. */
export function holdsLabels({ cells }: ColumnText, reader: Reader): boolean {
  const first = cells.filter((text) => text !== '').slice(0, TOLD_BY);
  return first.filter((text) => !reader.value(text).ok).length * 2 > first.length;
}

const MOST_FLAGS = 100;

/** Rows that stand in all of some columns, with the places that they come from. */
export type Rows = Readonly<{ at: readonly number[]; values: readonly (readonly RealValue[])[] }>;

/** The rows of a single column in which every cell can be read; null for any other, which is told cell by cell. */
function readAlone({ cells }: ColumnText, reader: Reader): Rows | null {
  const at: number[] = [];
  const values: RealValue[] = [];
  for (let row = 0; row < cells.length; row += 1) {
    const text = cells[row] ?? '';
    if (text === '') continue;
    const value = reader.value(text);
    if (!value.ok) return null;
    at.push(row);
    values.push(value.value);
  }
  return { at, values: [values] };
}

/**
 * The rows of columns that are used together. A row in which none holds anything is passed over; one in which only some
 * do, or which holds no number, is told by its cell.
 */
export function readRows(columns: readonly ColumnText[], reader: Reader): Result<WithCellErrors<Rows>, Problem> {
  const [only] = columns;
  const alone = columns.length === 1 && only !== undefined ? readAlone(only, reader) : null;
  if (alone !== null) return succeed({ flags: [], hasMore: false, result: alone });
  const length = columns.reduce((most, { cells }) => Math.max(most, cells.length), 0);
  const flags: CellError[] = [];
  const at: number[] = [];
  const values: RealValue[][] = columns.map(() => []);
  for (let row = 0; row < length; row += 1) {
    const texts = columns.map(({ cells }) => cells[row] ?? '');
    if (texts.every((text) => text === '')) continue;
    const before = flags.length;
    const read = texts.map((text, i) => {
      if (text === '') {
        flags.push({
          column: itemAt(columns, i).id,
          row,
          problem: withSpan({ code: 'domain', reason: 'missing-value' }, NOWHERE),
        });
        return null;
      }
      const value = reader.value(text);
      if (value.ok) return value.value;
      flags.push({ column: itemAt(columns, i).id, row, problem: value.problem });
      return null;
    });
    const stopped = flags.slice(before).find(({ problem }) => problem.code === 'stopped');
    if (stopped !== undefined) return fail(stopped.problem);
    if (flags.length > before) continue;
    at.push(row);
    read.forEach((value, i) => {
      if (value !== null) itemAt(values, i).push(value);
    });
  }
  return succeed({
    flags: flags.slice(0, MOST_FLAGS),
    hasMore: flags.length > MOST_FLAGS,
    result: flags.length > 0 ? null : { at, values },
  });
}

export const stoppedBy = (flags: readonly CellError[]): WithCellErrors<never> => ({
  flags,
  hasMore: false,
  result: null,
});

/** A problem that the core tells of a row, at the cell that it concerns. */
export const flagged = (problemData: ProblemData, column: string, rows: readonly number[]): CellError | null =>
  problemData.code === 'domain' && problemData.row !== undefined
    ? {
        column,
        row: itemAt(rows, problemData.row),
        problem: withSpan({ code: 'domain', reason: problemData.reason }, NOWHERE),
      }
    : null;

/** Frequencies are whole numbers from 0 on. */
export function countsOf(
  values: readonly RealValue[],
  column: string,
  rows: readonly number[],
): Readonly<{ counts: readonly bigint[]; flags: readonly CellError[] }> {
  const counts = values.map(asWhole);
  const flags = counts.flatMap((count, i): CellError[] =>
    count !== null && count >= 0n
      ? []
      : [{ column, row: itemAt(rows, i), problem: withSpan({ code: 'domain', reason: 'frequency' }, NOWHERE) }],
  );
  return { counts: counts.map((count) => count ?? 0n), flags: flags.slice(0, MOST_FLAGS) };
}

/** Values that are no fractions are taken to so many digits, and what comes of them is told to fewer. */
const TAKEN_DIGITS = 100;
const TOLD_DIGITS = 70;

/** Numbers as fractions; `isExact` when all of them are. */
export type Fractions = Readonly<{ values: readonly Rational[]; isExact: boolean }>;

export function fractionsOf(values: readonly RealValue[], { shouldContinue }: Context): Result<Fractions, Problem> {
  const result: Rational[] = [];
  for (const value of values) {
    const near = roundedRational(value, TAKEN_DIGITS, shouldContinue);
    if (typeof near === 'string') return fail(withSpan({ code: near }, NOWHERE));
    result.push(near);
  }
  return succeed({ values: result, isExact: values.every(({ kind }) => kind === 'rational') });
}

/** A number that is shown: its forms, and what is copied and kept of it. */
export type ShownValue = Readonly<{ forms: readonly Form[]; full: string; saved: SavedValue | null }>;

/** Digits of a value that is not known to all of them, as it is copied. */
const MOST_COPIED = 40;

const LEAST: Rational = { n: 1n, d: 10n ** BigInt(TOLD_DIGITS) };

/** What was worked from fractions near the values is known only to some digits. */
const within = (v: RealValue, isExact: boolean): RealValue => {
  if (isExact) return v;
  const size = v.kind === 'rational' && q.compare(q.magnitude(v.value), q.ONE) > 0 ? q.magnitude(v.value) : q.ONE;
  return real('within', v, fromRational(q.multiply(size, LEAST)));
};

/** A number as it is told inside a sentence or beside a bar: rounded as the display says, and nothing more worked. */
export function shownText(v: RealValue, { display }: LineRequest, { shouldContinue }: Context): string {
  const result = roundedTexts(v, display, shouldContinue);
  return typeof result === 'string' ? '' : result.text;
}

export function shownNumber(v: RealValue, request: LineRequest, context: Context, isExact = true): ShownValue {
  const known = within(v, isExact);
  const nature = plainNature(request.angle);
  const forms = formsOf(known, request.display, context.shouldContinue, nature);
  const saved = encode(known);
  const longest = (): string => {
    const result = longestDecimal(known, MOST_COPIED, context.shouldContinue);
    return result === null ? '' : batchText(result);
  };
  return {
    forms: forms.ok ? forms.value : [],
    full: fullText(known, context.shouldContinue) ?? longest(),
    saved: fitsFile(saved) ? saved : null,
  };
}
