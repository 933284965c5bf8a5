import { itemAt, lastOf } from '@/core/base/item';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { filledCells } from '@/core/column/cells';
import { classesOf } from '@/core/column/classes';
import type { Classed, Proposed } from '@/core/column/classes';
import { countedOf, countedPlain } from '@/core/column/counted';
import type { Counted } from '@/core/column/counted';
import { scaled } from '@/core/column/exact-sums';
import type { Scaled } from '@/core/column/exact-sums';
import { plainNumbers } from '@/core/column/plain-numbers';
import type { ProposedText } from '@/core/column/statistics';
import type { Context } from '@/core/evaluate/context';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { fromRational } from '@/core/number/value';
import type { LineRequest } from './answer';
import { countsOf, flagged, fractionsOf, mapRead, readRows, shownText, stoppedBy } from './column-reader';
import type { ColumnText, Read, Reader, WithCellErrors } from './column-reader';

/* What summaries, charts and fits read of columns. */

export type ClassesRequest = Readonly<{
  given: 'both' | 'lower' | 'upper';
  /** The other bounds, where both are given. */
  upper: ColumnText | null;
  /** Typed text; empty for a proposed width. */
  width: string;
}>;

/** One column, as it is, with frequencies, or as bounds of classes. */
export type OneRequest = Readonly<{
  of: 'one';
  values: ColumnText;
  frequencies: ColumnText | null;
  classes: ClassesRequest | null;
}>;
export type PairRequest = Readonly<{
  of: 'pair';
  x: ColumnText;
  y: ColumnText;
  frequencies: ColumnText | null;
}>;
const NOWHERE = { from: 0, to: 0 } as const;

export function proposedText(proposed: Proposed, request: LineRequest, context: Context): ProposedText | null {
  if (proposed === null) return null;
  const text = (v: Rational): string => shownText(fromRational(v), request, context);
  return {
    kind: proposed.kind,
    width: text(proposed.width),
    value: text('value' in proposed ? proposed.value : proposed.from),
  };
}

/** A width that was typed; null where it is to be proposed. Problems: those of its text, and class-width unless above 0. */
export function widthOf(text: string, reader: Reader): Result<Rational | null, Problem> {
  if (text.trim() === '') return succeed(null);
  const value = reader.value(text);
  if (!value.ok) return value;
  const result = fractionsOf([value.value], reader.context);
  if (!result.ok) return result;
  const width = itemAt(result.value.values, 0);
  return q.sign(width) > 0
    ? succeed(width)
    : fail(withSpan({ code: 'domain', reason: 'class-width' }, { from: 0, to: text.length }));
}

export type ReadClasses = Readonly<{ classed: Classed; isExact: boolean }>;

/** Bounds with one frequency fewer are the edges of classes: the last one ends the last class. Null where they are not. */
function edgesOf(values: ColumnText, frequencies: ColumnText) {
  const [bounds, counts] = [filledCells(values.cells), filledCells(frequencies.cells)];
  const classes = counts.length;
  if (classes === 0 || bounds.length !== classes + 1) return null;
  return {
    starts: { ...values, cells: bounds.slice(0, classes) },
    frequencies: { ...frequencies, cells: counts },
    end: itemAt(bounds, classes),
  };
}

type ReadEdges = Result<WithCellErrors<ReadClasses>, Problem>;

function readEdges(
  { starts, frequencies, end }: NonNullable<ReturnType<typeof edgesOf>>,
  column: string,
  reader: Reader,
): ReadEdges {
  const read = readRows([starts, frequencies], reader);
  if (!read.ok) return read;
  if (read.value.result === null) return succeed({ ...read.value, result: null });
  const last = reader.value(end);
  if (!last.ok) return succeed(stoppedBy([{ column, row: starts.cells.length, problem: last.problem }]));
  const { at, values } = read.value.result;
  const counted = countsOf(itemAt(values, 1), frequencies.id, at);
  if (counted.flags.length > 0) return succeed(stoppedBy(counted.flags));
  const bounds = fractionsOf([...itemAt(values, 0), last.value], reader.context);
  if (!bounds.ok) return bounds;
  const result = classesOf({ given: 'edges', bound: bounds.value.values }, counted.counts);
  if (!result.ok) {
    const flag = flagged(result.problem, column, at);
    return flag === null ? fail(withSpan(result.problem, NOWHERE)) : succeed(stoppedBy([flag]));
  }
  return succeed({ flags: [], hasMore: false, result: { classed: result.value, isExact: bounds.value.isExact } });
}

/** Classes as their bounds and frequencies tell them; without frequencies every class counts once. */
export function readClasses(
  { values, frequencies }: OneRequest,
  classes: ClassesRequest,
  reader: Reader,
): Result<WithCellErrors<ReadClasses>, Problem> {
  const { given, upper } = classes;
  const edges = given === 'lower' && frequencies !== null ? edgesOf(values, frequencies) : null;
  if (edges !== null) return readEdges(edges, values.id, reader);
  const used = [values, ...(given === 'both' && upper !== null ? [upper] : []), ...(frequencies ? [frequencies] : [])];
  const read = readRows(used, reader);
  if (!read.ok) return read;
  if (read.value.result === null) return succeed({ ...read.value, result: null });
  const { at, values: numbers } = read.value.result;
  if (at.length === 0) return fail(withSpan({ code: 'domain', reason: 'no-values' }, NOWHERE));
  const last = lastOf(numbers);
  const counted = frequencies === null ? null : countsOf(last, frequencies.id, at);
  if (counted !== null && counted.flags.length > 0) return succeed(stoppedBy(counted.flags));
  const bounds = numbers.slice(0, frequencies === null ? numbers.length : -1);
  const low = fractionsOf(itemAt(bounds, 0), reader.context);
  const high = fractionsOf(bounds[1] ?? [], reader.context);
  const width = widthOf(classes.width, reader);
  if (!low.ok) return low;
  if (!high.ok) return high;
  if (!width.ok) return width;
  const counts = counted?.counts ?? at.map(() => 1n);
  const result = classesOf(
    given === 'both' && upper !== null
      ? { given: 'both', low: low.value.values, high: high.value.values }
      : { given: given === 'both' ? 'lower' : given, bound: low.value.values, width: width.value },
    counts,
  );
  if (!result.ok) {
    const flag = flagged(result.problem, values.id, at);
    return flag === null ? fail(withSpan(result.problem, NOWHERE)) : succeed(stoppedBy([flag]));
  }
  const isExact = low.value.isExact && high.value.isExact;
  return succeed({ flags: [], hasMore: false, result: { classed: result.value, isExact } });
}

export type ReadOne = Readonly<{
  values: readonly Rational[];
  counts: readonly bigint[] | null;
  /** The rows that the values come from. */
  at: readonly number[];
  isExact: boolean;
}>;

/** A column and its frequencies, where there are any. */
export function readOne(
  { values, frequencies }: Pick<OneRequest, 'values' | 'frequencies'>,
  reader: Reader,
): Result<WithCellErrors<ReadOne>, Problem> {
  const read = readRows(frequencies === null ? [values] : [values, frequencies], reader);
  if (!read.ok) return read;
  if (read.value.result === null) return succeed({ ...read.value, result: null });
  const { at, values: numbers } = read.value.result;
  const counted = frequencies === null ? null : countsOf(itemAt(numbers, 1), frequencies.id, at);
  if (counted !== null && counted.flags.length > 0) return succeed(stoppedBy(counted.flags));
  const taken = fractionsOf(itemAt(numbers, 0), reader.context);
  if (!taken.ok) return taken;
  return succeed({ flags: [], hasMore: false, result: { ...taken.value, counts: counted?.counts ?? null, at } });
}

/** The numbers of a column, counted; `scaled` gives them one by one as they stand. */
export type ReadNumbers = Readonly<{
  counted: Counted;
  scaled: () => Scaled;
  counts: readonly bigint[] | null;
  /** The rows that the numbers come from. */
  at: ArrayLike<number>;
  isExact: boolean;
}>;

/** A column and its frequencies as numbers that are counted. Plain numerals alone are read at once, however many there are. */
export function readNumbers(data: Pick<OneRequest, 'values' | 'frequencies'>, reader: Reader): Read<ReadNumbers> {
  const { shouldContinue } = reader.context;
  const plain = data.frequencies === null ? plainNumbers(data.values.cells) : null;
  if (plain !== null)
    return succeed({
      flags: [],
      hasMore: false,
      result: {
        counted: countedPlain(plain),
        scaled: () => ({ n: Array.from(plain.keys, BigInt), d: plain.d }),
        counts: null,
        at: plain.at,
        isExact: true,
      },
    });
  return mapRead(readOne(data, reader), ({ values, counts, at, isExact }) => {
    const numbers = scaled(values, shouldContinue);
    return { counted: countedOf(numbers, counts), scaled: () => numbers, counts, at, isExact };
  });
}

export type ReadPair = Readonly<{
  x: readonly Rational[];
  y: readonly Rational[];
  counts: readonly bigint[] | null;
  at: readonly number[];
  isExact: boolean;
}>;

export function readPair(
  { x, y, frequencies }: PairRequest,
  reader: Reader,
): Result<WithCellErrors<ReadPair>, Problem> {
  const read = readRows(frequencies === null ? [x, y] : [x, y, frequencies], reader);
  if (!read.ok) return read;
  if (read.value.result === null) return succeed({ ...read.value, result: null });
  const { at, values } = read.value.result;
  const counted = frequencies === null ? null : countsOf(itemAt(values, 2), frequencies.id, at);
  if (counted !== null && counted.flags.length > 0) return succeed(stoppedBy(counted.flags));
  const [u, v] = [fractionsOf(itemAt(values, 0), reader.context), fractionsOf(itemAt(values, 1), reader.context)];
  if (!u.ok) return u;
  if (!v.ok) return v;
  const isExact = u.value.isExact && v.value.isExact;
  const result = { x: u.value.values, y: v.value.values, counts: counted?.counts ?? null, at, isExact };
  return succeed({ flags: [], hasMore: false, result });
}
