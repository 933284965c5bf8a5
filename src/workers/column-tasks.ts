import type { ShouldContinue } from '@/core/base/should-continue';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { withSpan } from '@/core/base/problem';
import { batchText } from '@/core/format/layout';
import { roundToFigures } from '@/core/number/digits';
import { formsOf } from '@/core/format';
import type { Form } from '@/core/format/form';
import { parse } from '@/core/language/parse';
import type { LineRequest } from './answer';
import { natureOf, readingOptions } from './answer';
import { chartOf, orderOf } from './column-chart';
import type { ChartRequest, ChartView, OrderRequest } from './column-chart';
import { createFitter } from './column-fit';
import type { FitView, FitViewRequest } from './column-fit';
import { createReaders } from './column-reader';
import type { ColumnText, WithCellErrors, Reader } from './column-reader';
import { previewColumn, summarise } from './column-summary';
import type { ColumnPreviewRequest, ColumnPreview, SummaryRequest, SummaryView } from './column-summary';
import { takenApart } from './delimited';
import type { Delimited, DelimitedRequest } from './delimited';
import type { TaskCallOf } from './protocol';

/** A cell in its forms, or what is wrong with it. */
export type CellView = Readonly<{ forms: readonly Form[] }> | Readonly<{ problem: Problem }>;
export type CellsRequest = LineRequest & Readonly<{ texts: readonly string[] }>;
/** Columns as decimals for other programs; what is no number as it stands. */
export type DecimalsRequest = LineRequest & Readonly<{ columns: readonly ColumnText[] }>;

/** What the worker of columns can be asked for, and what it answers. It is loaded by the place that shows them. */
export type ColumnTasks = Readonly<{
  cells: { request: CellsRequest; result: Result<readonly CellView[], Problem> };
  look: { request: ColumnPreviewRequest; result: Result<ColumnPreview, Problem> };
  summary: { request: SummaryRequest; result: Result<WithCellErrors<SummaryView>, Problem> };
  chart: { request: ChartRequest; result: Result<WithCellErrors<ChartView>, Problem> };
  fit: { request: FitViewRequest; result: Result<WithCellErrors<FitView>, Problem> };
  order: { request: OrderRequest; result: Result<readonly number[], Problem> };
  delimited: { request: DelimitedRequest; result: Result<Delimited, Problem> };
  decimals: { request: DecimalsRequest; result: Result<readonly (readonly string[])[], Problem> };
}>;

const EXPORTED_DIGITS = 20;
const PLAIN = /^-?\d+(\.\d+)?$/;

function cellsOf(request: CellsRequest, reader: Reader): Result<readonly CellView[], Problem> {
  const { shouldContinue } = reader.context;
  return succeed(
    request.texts.map((text): CellView => {
      const value = reader.value(text);
      if (!value.ok) return { problem: value.problem };
      const reading = parse(text, readingOptions({ ...request, display: { decimalSign: '.' } }));
      const nature = reading.ok
        ? natureOf(reading.value, request.angle)
        : { unit: request.angle, isAngle: false, quotient: null };
      const forms = formsOf(value.value, request.display, shouldContinue, nature);
      return forms.ok
        ? { forms: forms.value }
        : { problem: withSpan({ code: forms.problem }, { from: 0, to: text.length }) };
    }),
  );
}

function decimalsOf({ columns }: DecimalsRequest, reader: Reader): Result<readonly (readonly string[])[], Problem> {
  const { shouldContinue } = reader.context;
  const made: string[][] = [];
  for (const { cells } of columns) {
    const texts: string[] = [];
    for (const cell of cells) {
      if (cell === '' || PLAIN.test(cell)) {
        texts.push(cell);
        continue;
      }
      const value = reader.value(cell);
      if (!value.ok && value.problem.code === 'stopped') return fail(value.problem);
      const rounded = value.ok ? roundToFigures(value.value, EXPORTED_DIGITS, shouldContinue) : null;
      texts.push(rounded === null || typeof rounded === 'string' ? cell : batchText(rounded));
    }
    made.push(texts);
  }
  return succeed(made);
}

/** Does pieces of work on columns; the values of cells that were read, and the last fit, are kept for the next one. */
export function createColumnWork() {
  const readers = createReaders();
  const fitter = createFitter();
  return (
    work: TaskCallOf<keyof ColumnTasks>,
    shouldContinue: ShouldContinue,
  ): ColumnTasks[keyof ColumnTasks]['result'] => {
    const reader = readers(work.request, shouldContinue);
    switch (work.kind) {
      case 'cells':
        return cellsOf(work.request, reader);
      case 'look':
        return previewColumn(work.request, reader, shouldContinue);
      case 'summary':
        return summarise(work.request, reader);
      case 'chart':
        return chartOf(work.request, reader, shouldContinue);
      case 'fit':
        return fitter(work.request, reader, shouldContinue);
      case 'order':
        return orderOf(work.request, reader);
      case 'delimited':
        return takenApart(work.request);
      case 'decimals':
        return decimalsOf(work.request, reader);
    }
  };
}
