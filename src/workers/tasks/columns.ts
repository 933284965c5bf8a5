import type { ShouldContinue } from '@/core/base/should-continue';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { withSpan } from '@/core/base/problem';
import { batchText } from '@/core/format/layout';
import { roundToFigures } from '@/core/number/digits';
import { formsOf } from '@/core/format';
import { plainNature } from '@/core/format/form';
import type { Form } from '@/core/format/form';
import { parse } from '@/core/language/parse';
import type { LineRequest } from '../answer';
import { natureOf, readingOptions } from '../answer';
import { chartOf } from '../column-chart';
import { orderOf } from '../column-order';
import { createFitter } from '../column-fit';
import { compared } from '../column-compare';
import { severalOf } from '../column-several';
import { createReaders } from '../column-reader';
import type { ColumnText, Reader } from '../column-reader';
import { filled } from '../column-reshape';
import { worked } from '../column-rules';
import { previewColumn } from '../column-preview';
import { summarise } from '../column-summary';
import { takenApart } from '../delimited';
import { defineTask } from './define';
import type { TasksOf } from './define';

/** A cell in its forms, or what is wrong with it. */
export type CellView = Readonly<{ forms: readonly Form[] }> | Readonly<{ problem: Problem }>;
export type CellsRequest = LineRequest & Readonly<{ texts: readonly string[] }>;
/** Columns as decimals for other programs; what is no number as it stands. */
export type DecimalsRequest = LineRequest & Readonly<{ columns: readonly ColumnText[] }>;

const EXPORTED_DIGITS = 20;
const PLAIN = /^-?\d+(\.\d+)?$/;

function cellsOf(request: CellsRequest, reader: Reader): Result<readonly CellView[], Problem> {
  const { shouldContinue } = reader.context;
  return succeed(
    request.texts.map((text): CellView => {
      const value = reader.value(text);
      if (!value.ok) return { problem: value.problem };
      const reading = parse(text, readingOptions({ ...request, display: { decimalSign: '.' } }));
      const nature = reading.ok ? natureOf(reading.value, request) : plainNature(request.angle);
      const forms = formsOf(value.value, request.display, shouldContinue, nature);
      return forms.ok
        ? { forms: forms.value }
        : { problem: withSpan({ code: forms.problem }, { from: 0, to: text.length }) };
    }),
  );
}

function decimalsOf({ columns }: DecimalsRequest, reader: Reader): Result<readonly (readonly string[])[], Problem> {
  const { shouldContinue } = reader.context;
  const result: string[][] = [];
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
    result.push(texts);
  }
  return succeed(result);
}

/** What can be asked of columns; the values of cells that were read, and the last fit, are kept for the next time. */
export function createColumnTasks() {
  const readerFor = createReaders();
  const fitter = createFitter();
  /** A task that reads cells under the settings of its request. */
  const reading =
    <Request extends LineRequest, Value>(
      run: (request: Request, reader: Reader, shouldContinue: ShouldContinue) => Result<Value, Problem>,
    ) =>
    (request: Request, shouldContinue: ShouldContinue) =>
      run(request, readerFor(request, shouldContinue), shouldContinue);
  return [
    defineTask({ kind: 'cells', run: reading(cellsOf) }),
    defineTask({ kind: 'preview', run: reading(previewColumn) }),
    defineTask({ kind: 'summary', run: reading(summarise) }),
    defineTask({ kind: 'chart', run: reading(chartOf) }),
    defineTask({ kind: 'fit', run: reading(fitter) }),
    defineTask({ kind: 'several', run: reading(severalOf) }),
    defineTask({ kind: 'compare', run: reading(compared) }),
    defineTask({ kind: 'rules', run: reading(worked) }),
    defineTask({ kind: 'filledColumn', run: reading(filled) }),
    defineTask({ kind: 'order', run: reading(orderOf) }),
    defineTask({ kind: 'delimited', run: takenApart }),
    defineTask({ kind: 'decimals', run: reading(decimalsOf) }),
  ] as const;
}

export type ColumnTasks = TasksOf<ReturnType<typeof createColumnTasks>>;
