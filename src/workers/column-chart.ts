import type { ShouldContinue } from '@/core/base/should-continue';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { charts } from '@/core/chart/charts';
import { chartKinds } from '@/core/chart/kinds';
import type { ChartKind } from '@/core/chart/kinds';
import type { ChartModel } from '@/core/chart/model';
import type { ChartData, LabelData, OneData } from '@/core/chart/record';
import type { QuartileRule } from '@/core/column/quartile-rules';
import { toDouble } from '@/core/number/to-double';
import type { LineRequest } from './answer';
import { readRows, shownText } from './column-reader';
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
    data: OneRequest | PairRequest | LabelsRequest;
  }>;

/** A label from each row, and its height; without heights, how often each label occurs. */
export type LabelsRequest = Readonly<{ of: 'labels'; labels: ColumnText; heights: ColumnText | null }>;

type Read<T> = Result<WithCellErrors<T>, Problem>;

const NOWHERE = { from: 0, to: 0 } as const;

/** What was read, made into something else; cells that stand in the way stay as they are. */
function mapRead<T, U>(read: Read<T>, to: (result: T) => U): Read<U> {
  if (!read.ok) return read;
  const { result } = read.value;
  return succeed({ ...read.value, result: result === null ? null : to(result) });
}

function readSingle(data: OneRequest, reader: Reader): Read<OneData> {
  if (data.classes === null)
    return mapRead(readOne(data, reader), ({ values, counts }) => ({ of: 'values', values, counts }));
  return mapRead(readClasses(data, data.classes, reader), ({ classed }) => ({ of: 'classes', ...classed }));
}

function readLabels({ labels, heights }: LabelsRequest, reader: Reader): Read<LabelData> {
  if (heights === null)
    return succeed({ flags: [], hasMore: false, result: { of: 'labels', labels: labels.cells, heights: null } });
  return mapRead(readRows([heights], reader), ({ at, values: [read = []] }) => ({
    of: 'labels',
    labels: at.map((row) => labels.cells[row] ?? ''),
    heights: read,
  }));
}

/** Cells from which it is told whether a column holds labels. */
const TOLD_BY = 200;

/** Whether a column holds labels rather than numbers: most of its first cells cannot be read. */
function holdsLabels({ cells }: ColumnText, reader: Reader): boolean {
  const first = cells.filter((text) => text !== '').slice(0, TOLD_BY);
  return first.filter((text) => !reader.value(text).ok).length * 2 > first.length;
}

function readData({ chart, data }: ChartRequest, reader: Reader): Read<ChartData> {
  if (data.of === 'labels') return readLabels(data, reader);
  if (data.of === 'one') return readSingle(data, reader);
  if (chartKinds[chart].overLabels === true && holdsLabels(data.x, reader))
    return readLabels({ of: 'labels', labels: data.x, heights: data.y }, reader);
  return mapRead(readPair(data, reader), ({ x, y, at }) => ({ of: 'pair', x, y, at }));
}

/** What a chart shows, or the cells that stand in the way. Problems: those of the cells, of the width, and of the chart. */
export function chartOf(
  request: ChartRequest,
  reader: Reader,
  shouldContinue: ShouldContinue,
): Result<WithCellErrors<ChartModel>, Problem> {
  const { context } = reader;
  const { chart, outliers, quartiles } = request;
  const read = readData(request, reader);
  if (!read.ok) return read;
  if (read.value.result === null) return succeed({ ...read.value, result: null });
  const needsWidth = chartKinds[chart].options.includes('width') && read.value.result.of === 'values';
  const width = needsWidth ? widthOf(request.width, reader) : succeed(null);
  if (!width.ok) return width;
  const result = charts[chart].model(read.value.result, {
    size: (v) => toDouble(v, shouldContinue),
    text: (v) => shownText(v, request, context),
    proposedText: (proposed) => proposedText(proposed, request, context),
    width: width.value,
    outliers,
    quartiles,
    shouldContinue: context.shouldContinue,
  });
  if (!result.ok) return fail(withSpan(result.problem, NOWHERE));
  return succeed({ flags: [], hasMore: false, result: result.value });
}
