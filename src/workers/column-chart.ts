import type { ShouldContinue } from '@/core/base/should-continue';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { charts } from '@/core/chart/charts';
import { chartKinds } from '@/core/chart/kinds';
import type { BarKind, ChartKind } from '@/core/chart/kinds';
import type { ChartModel } from '@/core/chart/model';
import type { ChartData, LabelData, OneData } from '@/core/chart/record';
import type { ClassRule } from '@/core/column/class-rules';
import type { QuartileRule } from '@/core/column/quartile-rules';
import type { Rational } from '@/core/number/rational';
import { toDouble } from '@/core/number/to-double';
import { asWhole } from '@/core/number/value';
import type { LineRequest } from './answer';
import { holdsLabels, readRows, shownText, mapRead } from './column-reader';
import type { ColumnText, WithCellErrors, Reader, Read } from './column-reader';
import { proposedText, readClasses, readOne, readPair, widthOf } from './column-data';
import type { OneRequest, PairRequest } from './column-data';

export type ChartRequest = LineRequest &
  Readonly<{
    chart: ChartKind;
    quartiles: QuartileRule;
    outliers: boolean;
    /** Of classes that a histogram makes: their width, else their number, else the rule that proposes it. */
    width: string;
    classCount: string;
    classRule: ClassRule;
    density: boolean;
    normal: boolean;
    bars: BarKind;
    /** The labels by which groups are told apart. */
    by: ColumnText | null;
    data: OneRequest | PairRequest | LabelsRequest;
  }>;

/** A label from each row, and its height; without heights, how often each label occurs. */
export type LabelsRequest = Readonly<{ of: 'labels'; labels: ColumnText; heights: ColumnText | null }>;

const NOWHERE = { from: 0, to: 0 } as const;

/** The labels of some rows; null where no groups are told apart. */
const groupsAt = (by: ColumnText | null, rows: readonly number[]): readonly string[] | null =>
  by && rows.map((row) => by.cells[row] ?? '');

function readSingle(data: OneRequest, by: ColumnText | null, reader: Reader): Read<OneData> {
  if (data.classes === null)
    return mapRead(readOne(data, reader), ({ values, counts, at }) => ({
      of: 'values',
      values,
      counts,
      groups: groupsAt(by, at),
    }));
  return mapRead(readClasses(data, data.classes, reader), ({ classed }) => ({ of: 'classes', ...classed }));
}

function readLabels({ labels, heights }: LabelsRequest, by: ColumnText | null, reader: Reader): Read<LabelData> {
  if (heights === null) {
    const groups = groupsAt(by, [...labels.cells.keys()]);
    return succeed({
      flags: [],
      hasMore: false,
      result: { of: 'labels', labels: labels.cells, heights: null, groups },
    });
  }
  return mapRead(readRows([heights], reader), ({ at, values: [read = []] }) => ({
    of: 'labels',
    labels: at.map((row) => labels.cells[row] ?? ''),
    heights: read,
    groups: groupsAt(by, at),
  }));
}

function readData({ chart, data, by }: ChartRequest, reader: Reader): Read<ChartData> {
  if (data.of === 'labels') return readLabels(data, by, reader);
  if (data.of === 'one') return readSingle(data, by, reader);
  if (chartKinds[chart].overLabels === true && holdsLabels(data.x, reader))
    return readLabels({ of: 'labels', labels: data.x, heights: data.y }, null, reader);
  return mapRead(readPair(data, reader), ({ x, y, at, counts }) => ({ of: 'pair', x, y, at, counts }));
}

type Wished = Readonly<{ width: Rational | null; count: number | null }>;

const MOST_CLASSES = 500;

/** The width and the number of classes that were typed. Problems: those of the texts; class-count. */
function classesWished({ width, classCount }: ChartRequest, reader: Reader): Result<Wished, Problem> {
  const read = widthOf(width, reader);
  if (!read.ok) return read;
  if (classCount.trim() === '') return succeed({ width: read.value, count: null });
  const value = reader.value(classCount);
  if (!value.ok) return value;
  const count = asWhole(value.value);
  return count !== null && count >= 1n && count <= MOST_CLASSES
    ? succeed({ width: read.value, count: Number(count) })
    : fail(withSpan({ code: 'domain', reason: 'class-count' }, { from: 0, to: classCount.length }));
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
  const makesClasses = chartKinds[chart].options.includes('classes') && read.value.result.of === 'values';
  const wished = makesClasses ? classesWished(request, reader) : succeed({ width: null, count: null });
  if (!wished.ok) return wished;
  const result = charts[chart].model(read.value.result, {
    size: (v) => toDouble(v, shouldContinue),
    text: (v) => shownText(v, request, context),
    proposedText: (proposed) => proposedText(proposed, request, context),
    classes: { ...wished.value, rule: request.classRule },
    isDensity: request.density,
    hasNormal: request.normal,
    bars: request.bars,
    outliers,
    quartiles,
    shouldContinue: context.shouldContinue,
  });
  if (!result.ok) return fail(withSpan(result.problem, NOWHERE));
  return succeed({ flags: [], hasMore: false, result: result.value });
}
