import type { ShouldContinue } from '@/core/base/should-continue';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { whiskersOf } from '@/core/chart/box';
import { histogramHeights } from '@/core/chart/histogram';
import type { HeightKind } from '@/core/chart/histogram';
import type { ChartKind } from '@/core/chart/kinds';
import { viewOfBars, viewOfPoints } from '@/core/chart/range';
import { classSummary, equalClasses } from '@/core/column/classes';
import type { Class, Proposed } from '@/core/column/classes';
import type { ProposedText } from '@/core/column/statistics';
import type { QuartileRule } from '@/core/column/quartile-rules';
import { summaryOf, tallied } from '@/core/column/summary';
import type { ViewRange } from '@/core/curve/view';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { toDouble } from '@/core/number/to-double';
import { fromRational } from '@/core/number/value';
import type { LineRequest } from './answer';
import { fractionsOf, readRows, shownText } from './column-reader';
import type { ColumnText, WithCellErrors, Reader } from './column-reader';
import { proposedText, readClasses, readOne, readPair, widthOf } from './column-summary';
import type { OneRequest, PairRequest } from './column-summary';

export type ChartRequest = LineRequest &
  Readonly<{
    chart: ChartKind;
    quartiles: QuartileRule;
    outliers: boolean;
    /** Of classes that a histogram makes. */
    width: string;
    data: OneRequest | PairRequest | BarsRequest;
  }>;

/** Bars: a label from each row, and its height; without heights, how often each label occurs. */
export type BarsRequest = Readonly<{ of: 'bars'; labels: ColumnText; heights: ColumnText | null }>;

/** What can be tapped: its texts tell what it stands for. */
export type ChartBar = Readonly<{ from: number; to: number; height: number; low: string; high: string; text: string }>;
export type ChartBox = Readonly<{
  low: number;
  q1: number;
  median: number;
  q3: number;
  high: number;
  outliers: readonly number[];
  texts: Readonly<{ low: string; q1: string; median: string; q3: string; high: string; outliers: readonly string[] }>;
}>;

export type ChartView = Readonly<{
  view: ViewRange;
  /** Points with the rows that they come from. */
  points: Readonly<{ xs: readonly number[]; ys: readonly number[]; rows: readonly number[] }> | null;
  bars: readonly ChartBar[];
  box: ChartBox | null;
  /** What the height of a bar means, where it is not a column's own value. */
  heights: HeightKind | null;
  proposed: ProposedText | null;
}>;

type Made = Result<WithCellErrors<ChartView>, Problem>;

const NOWHERE = { from: 0, to: 0 } as const;
const noValues: Made = fail(withSpan({ code: 'domain', reason: 'no-values' }, NOWHERE));
const EMPTY = { points: null, bars: [], box: null, heights: null, proposed: null } as const;
const drawn = (made: ChartView): Made => succeed({ flags: [], hasMore: false, made });

/** Half the width of a bar that stands by itself, in places. */
const HALF_BAR = 0.36;
const MOST_BARS = 400;

type ChartInput = Readonly<{ request: ChartRequest; reader: Reader; shouldContinue: ShouldContinue }>;

const size = (v: Rational, { shouldContinue }: ChartInput): number => toDouble(fromRational(v), shouldContinue);
const text = (v: Rational, { request, reader }: ChartInput): string =>
  shownText(fromRational(v), request, reader.context);

function pointsChart(data: PairRequest, work: ChartInput): Made {
  const read = readPair(data, work.reader);
  if (!read.ok) return read;
  if (read.value.made === null) return succeed({ ...read.value, made: null });
  const { x, y, at } = read.value.made;
  if (at.length === 0) return noValues;
  const [xs, ys] = [x, y].map((values) => values.map((v) => size(v, work))) as [number[], number[]];
  return drawn({ ...EMPTY, view: viewOfPoints(xs, ys), points: { xs, ys, rows: at } });
}

function histogramOf(classes: readonly Class[], proposed: Proposed, work: ChartInput): Made {
  const { kind, heights } = histogramHeights(classes);
  const bars = classes.map(({ low, high, count }, i): ChartBar => ({
    from: size(low, work),
    to: size(high, work),
    height: size(heights[i]!, work),
    low: text(low, work),
    high: text(high, work),
    text: String(count),
  }));
  const view = viewOfBars(
    bars.flatMap(({ from, to }) => [from, to]),
    bars.map(({ height }) => height),
  );
  return drawn({
    ...EMPTY,
    view,
    bars,
    heights: kind,
    proposed: proposedText(proposed, work.request, work.reader.context),
  });
}

function histogram(data: OneRequest, work: ChartInput): Made {
  const { request, reader } = work;
  if (data.classes !== null) {
    const read = readClasses(data, data.classes, reader);
    if (!read.ok) return read;
    if (read.value.made === null) return succeed({ ...read.value, made: null });
    const { classes, proposed } = read.value.made.classed;
    return histogramOf(classes, proposed, work);
  }
  const read = readOne(data, reader);
  if (!read.ok) return read;
  if (read.value.made === null) return succeed({ ...read.value, made: null });
  const { values, counts } = read.value.made;
  const used = counts === null ? values : values.filter((_, i) => counts[i]! > 0n);
  if (used.length === 0) return noValues;
  const width = widthOf(request.width, reader);
  if (!width.ok) return width;
  const made = equalClasses(used, counts?.filter((count) => count > 0n) ?? null, width.value);
  if (!made.ok) return fail(withSpan(made.problem, NOWHERE));
  return histogramOf(made.value.classes, made.value.proposed, work);
}

type Five = Readonly<{ min: Rational; q1: Rational | null; median: Rational; q3: Rational | null; max: Rational }>;

function boxOf({ min, q1, median, q3, max }: Five, values: readonly Rational[] | null, work: ChartInput): Made {
  const [from, to] = [q1 ?? median, q3 ?? median];
  // Of classes no value is known by itself, so that none can lie outside.
  const ends =
    values === null ? { low: min, high: max, outliers: [] } : whiskersOf(values, from, to, work.request.outliers);
  const parts = { low: ends.low, q1: from, median, q3: to, high: ends.high };
  const sizes = Object.fromEntries(Object.entries(parts).map(([name, v]) => [name, size(v, work)]));
  const texts = Object.fromEntries(Object.entries(parts).map(([name, v]) => [name, text(v, work)]));
  const outliers = ends.outliers.slice(0, MOST_BARS);
  const { xFrom, xTo } = viewOfPoints([size(min, work), size(max, work)], [0]);
  return drawn({
    ...EMPTY,
    view: { xFrom, xTo, yFrom: 0, yTo: 1 },
    box: {
      ...(sizes as Record<keyof typeof parts, number>),
      outliers: outliers.map((v) => size(v, work)),
      texts: {
        ...(texts as Record<keyof typeof parts, string>),
        outliers: outliers.map((v) => text(v, work)),
      },
    },
  });
}

function box(data: OneRequest, work: ChartInput): Made {
  const { reader, request } = work;
  if (data.classes !== null) {
    const read = readClasses(data, data.classes, reader);
    if (!read.ok) return read;
    if (read.value.made === null) return succeed({ ...read.value, made: null });
    const made = classSummary(read.value.made.classed.classes);
    return made === null ? noValues : boxOf(made, null, work);
  }
  const read = readOne(data, reader);
  if (!read.ok) return read;
  if (read.value.made === null) return succeed({ ...read.value, made: null });
  const { values, counts } = read.value.made;
  const made = summaryOf(values, counts, request.quartiles, reader.context.shouldContinue);
  if (made === null) return noValues;
  const distinct = tallied(values, counts, reader.context.shouldContinue).map(({ value }) => value);
  return boxOf(made, distinct, work);
}

function barsOf(
  labels: readonly string[],
  heights: readonly number[],
  texts: readonly string[],
  isCount: boolean,
): Made {
  if (labels.length === 0) return noValues;
  const bars = labels.slice(0, MOST_BARS).map((label, i) => ({
    from: i + 1 - HALF_BAR,
    to: i + 1 + HALF_BAR,
    height: heights[i]!,
    low: label,
    high: label,
    text: texts[i]!,
  }));
  const view = viewOfBars(
    [0.5, bars.length + 0.5],
    bars.map(({ height }) => height),
  );
  return drawn({ ...EMPTY, view, bars, heights: isCount ? 'frequency' : null });
}

function bars({ labels, heights }: BarsRequest, work: ChartInput): Made {
  if (heights === null) {
    const counts = new Map<string, number>();
    for (const label of labels.cells) if (label !== '') counts.set(label, (counts.get(label) ?? 0) + 1);
    const sorted = [...counts].sort(([a], [b]) => a.localeCompare(b, 'en', { numeric: true }));
    const many = sorted.map(([, count]) => count);
    return barsOf(
      sorted.map(([label]) => label),
      many,
      many.map(String),
      true,
    );
  }
  const read = readRows([heights], work.reader);
  if (!read.ok) return read;
  if (read.value.made === null) return succeed({ ...read.value, made: null });
  const { at, values } = read.value.made;
  const shown = values[0]!.slice(0, MOST_BARS);
  return barsOf(
    at.map((row) => labels.cells[row] ?? ''),
    shown.map((v) => toDouble(v, work.shouldContinue)),
    shown.map((v) => shownText(v, work.request, work.reader.context)),
    false,
  );
}

/** What a chart shows, as a model in the units of its axes with the texts that its parts tell. */
export function chartOf(request: ChartRequest, reader: Reader, shouldContinue: ShouldContinue): Made {
  const work = { request, reader, shouldContinue };
  const { data, chart } = request;
  if (data.of === 'bars') return bars(data, work);
  if (data.of === 'pair') return pointsChart(data, work);
  return chart === 'box' ? box(data, work) : histogram(data, work);
}

/** The rows in the order of a column: numbers by size, the rest after them as they stood. */
export type OrderRequest = LineRequest & Readonly<{ by: ColumnText; rows: number; isDown: boolean }>;

export function orderOf({ by, rows, isDown }: OrderRequest, reader: Reader): Result<readonly number[], Problem> {
  const known: Readonly<{ row: number; value: Rational }>[] = [];
  const rest: number[] = [];
  for (let row = 0; row < rows; row += 1) {
    const cell = by.cells[row] ?? '';
    const value = cell === '' ? null : reader.value(cell);
    if (value?.ok !== true) {
      if (value?.problem.code === 'stopped') return fail(value.problem);
      rest.push(row);
      continue;
    }
    const near = fractionsOf([value.value], reader.context);
    if (near.ok) known.push({ row, value: near.value.values[0]! });
    else rest.push(row);
  }
  known.sort((a, b) => (isDown ? q.compare(b.value, a.value) : q.compare(a.value, b.value)) || a.row - b.row);
  return succeed([...known.map(({ row }) => row), ...rest]);
}
