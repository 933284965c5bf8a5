import type { ShouldContinue } from '@/core/base/should-continue';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { fromRational } from '@/core/number/value';
import type { LineRequest } from './answer';
import { readOne } from './column-data';
import { holdsLabels, readRows, shownNumber } from './column-reader';
import type { ColumnText, WithCellErrors, Reader, ShownValue } from './column-reader';

const NOWHERE = { from: 0, to: 0 } as const;

/** What is told below the data: every cell that stands in the way, and the count, mean and sum of one column. */
export type ColumnPreviewRequest = LineRequest & Readonly<{ columns: readonly ColumnText[]; at: string | null }>;
export type ColumnPreview = Readonly<{
  flags: WithCellErrors<never>['flags'];
  hasMore: boolean;
  /** Columns that hold labels rather than numbers. */
  labels: readonly string[];
  n: number;
  mean: ShownValue | null;
  sum: ShownValue | null;
}>;

export function previewColumn(
  request: ColumnPreviewRequest,
  reader: Reader,
  shouldContinue: ShouldContinue,
): Result<ColumnPreview, Problem> {
  const labels = request.columns.filter((column) => holdsLabels(column, reader));
  const filled = request.columns.filter((column) => column.cells.length > 0 && !labels.includes(column));
  const all = readRows(filled, reader);
  if (!all.ok) return all;
  const at = request.columns.find(({ id }) => id === request.at);
  const one =
    at === undefined ? null : readOne({ values: { ...at, cells: numbersOf(at, reader) }, frequencies: null }, reader);
  if (!shouldContinue()) return fail(withSpan({ code: 'stopped' }, NOWHERE));
  const { flags, hasMore } = all.value;
  const result = one?.ok === true ? one.value.result : null;
  const told = { flags, hasMore, labels: labels.map(({ id }) => id) };
  if (result === null || result.values.length === 0) return succeed({ ...told, n: 0, mean: null, sum: null });
  const sum = result.values.reduce(q.add, q.ZERO);
  const shown = (v: Rational): ShownValue => shownNumber(fromRational(v), request, reader.context, result.isExact);
  const mean = q.divide(sum, q.whole(result.values.length));
  return succeed({ ...told, n: result.values.length, mean: shown(mean), sum: shown(sum) });
}

/** The cells of a column that hold numbers. */
const numbersOf = ({ cells }: ColumnText, reader: Reader): readonly string[] =>
  cells.filter((text) => text !== '' && reader.value(text).ok);
