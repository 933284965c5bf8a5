import { itemAt, lastOf } from '@/core/base/item';
import type { ShouldContinue } from '@/core/base/should-continue';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { filledCells } from '@/core/column/cells';
import { classSummary, classesOf } from '@/core/column/classes';
import type { Class, Classed, Proposed } from '@/core/column/classes';
import { pairOf } from '@/core/column/pair';
import type { QuartileRule } from '@/core/column/quartile-rules';
import { oneStatistics, pairStatistics } from '@/core/column/statistics';
import type { ProposedText, StatisticId } from '@/core/column/statistics';
import { summaryOf } from '@/core/column/summary';
import type { Context } from '@/core/evaluate/context';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { fromRational, fromWhole } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import type { LineRequest } from './answer';
import { countsOf, flagged, fractionsOf, readRows, shownNumber, shownText, stoppedBy } from './column-reader';
import type { ColumnText, WithCellErrors, Reader, ShownValue } from './column-reader';

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
export type SummaryRequest = LineRequest & Readonly<{ quartiles: QuartileRule; data: OneRequest | PairRequest }>;

export type SummaryView = Readonly<{
  of: 'one' | 'classes' | 'pair';
  statistics: readonly Readonly<{ id: StatisticId; shown: ShownValue | null }>[];
  /** Values that occur most often, or the densest classes from their lower to their upper bounds. */
  modes: readonly (readonly ShownValue[])[];
  proposed: ProposedText | null;
}>;

const NOWHERE = { from: 0, to: 0 } as const;

export function proposedText(proposed: Proposed, request: LineRequest, context: Context): ProposedText | null {
  if (proposed === null) return null;
  const text = (v: Rational): string => shownText(fromRational(v), request, context);
  return {
    kind: proposed.kind,
    width: text(proposed.width),
    value: text(proposed.kind === 'width' ? proposed.from : proposed.value),
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

export type ReadOne = Readonly<{ values: readonly Rational[]; counts: readonly bigint[] | null; isExact: boolean }>;

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
  return succeed({ flags: [], hasMore: false, result: { ...taken.value, counts: counted?.counts ?? null } });
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

type Made = Result<WithCellErrors<SummaryView>, Problem>;
type Statistics = Readonly<Partial<Record<StatisticId, Rational | RealValue | bigint | null>>>;

const isRealValue = (v: Rational | RealValue): v is RealValue => 'kind' in v;

/** Sums, means and the rest of one column or of a pair, in all their forms. */
export function summarise(request: SummaryRequest, reader: Reader): Made {
  const { context } = reader;
  const { data } = request;
  const shown = (v: Rational | RealValue, isExact: boolean): ShownValue =>
    shownNumber(isRealValue(v) ? v : fromRational(v), request, context, isExact);
  const view = (
    of: SummaryView['of'],
    ids: readonly StatisticId[],
    of_: Statistics,
    isExact: boolean,
    modes: readonly (readonly Rational[])[],
    proposed: Proposed,
  ): Made =>
    succeed({
      flags: [],
      hasMore: false,
      result: {
        of,
        statistics: ids.map((id) => {
          const v = of_[id] ?? null;
          if (v === null) return { id, shown: null };
          // Counts are exact whatever the values are.
          return typeof v === 'bigint'
            ? { id, shown: shownNumber(fromWhole(v), request, context) }
            : { id, shown: shown(v, isExact) };
        }),
        modes: modes.map((ends) => ends.map((v) => shown(v, isExact))),
        proposed: proposedText(proposed, request, context),
      },
    });
  const empty: Made = fail(withSpan({ code: 'domain', reason: 'no-values' }, NOWHERE));

  if (data.of === 'pair') {
    const read = readPair(data, reader);
    if (!read.ok) return read;
    if (read.value.result === null) return succeed({ ...read.value, result: null });
    const { x, y, counts, isExact } = read.value.result;
    const result = pairOf(x, y, counts, context.shouldContinue);
    if (result.n === 0n) return empty;
    const mean = (sum: Rational): Rational => q.divide(sum, q.whole(result.n));
    const means = { meanX: mean(result.sumX), meanY: mean(result.sumY) };
    return view('pair', pairStatistics, { ...result, ...means }, isExact, [], null);
  }
  if (data.classes !== null) {
    const read = readClasses(data, data.classes, reader);
    if (!read.ok) return read;
    if (read.value.result === null) return succeed({ ...read.value, result: null });
    const { classed, isExact } = read.value.result;
    const result = classSummary(classed.classes);
    if (result === null) return empty;
    const ends = result.modes.map(({ low, high }: Class) => [low, high]);
    return view('classes', oneStatistics, result, isExact, ends, classed.proposed);
  }
  const read = readOne(data, reader);
  if (!read.ok) return read;
  if (read.value.result === null) return succeed({ ...read.value, result: null });
  const { values, counts, isExact } = read.value.result;
  const result = summaryOf(values, counts, request.quartiles, context.shouldContinue);
  if (result === null) return empty;
  return view(
    'one',
    oneStatistics,
    result,
    isExact,
    result.modes.map((v) => [v]),
    null,
  );
}

/** What is told below the data: every cell that stands in the way, and the count, mean and sum of one column. */
export type ColumnPreviewRequest = LineRequest & Readonly<{ columns: readonly ColumnText[]; at: string | null }>;
export type ColumnPreview = Readonly<{
  flags: WithCellErrors<never>['flags'];
  hasMore: boolean;
  n: number;
  mean: ShownValue | null;
  sum: ShownValue | null;
}>;

export function previewColumn(
  request: ColumnPreviewRequest,
  reader: Reader,
  shouldContinue: ShouldContinue,
): Result<ColumnPreview, Problem> {
  const filled = request.columns.filter(({ cells }) => cells.length > 0);
  const all = readRows(filled, reader);
  if (!all.ok) return all;
  const at = request.columns.find(({ id }) => id === request.at);
  const one =
    at === undefined ? null : readOne({ values: { ...at, cells: numbersOf(at, reader) }, frequencies: null }, reader);
  if (!shouldContinue()) return fail(withSpan({ code: 'stopped' }, NOWHERE));
  const { flags, hasMore } = all.value;
  const result = one?.ok === true ? one.value.result : null;
  if (result === null || result.values.length === 0) return succeed({ flags, hasMore, n: 0, mean: null, sum: null });
  const sum = result.values.reduce(q.add, q.ZERO);
  const shown = (v: Rational): ShownValue => shownNumber(fromRational(v), request, reader.context, result.isExact);
  const mean = q.divide(sum, q.whole(result.values.length));
  return succeed({ flags, hasMore, n: result.values.length, mean: shown(mean), sum: shown(sum) });
}

/** The cells of a column that hold numbers. */
const numbersOf = ({ cells }: ColumnText, reader: Reader): readonly string[] =>
  cells.filter((text) => text !== '' && reader.value(text).ok);
