import { itemAt } from '@/core/base/item';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { PointMarks } from '@/core/chart/model';
import { viewOfPoints } from '@/core/chart/range';
import { restOf, weightsOver } from '@/core/column/fit-analysis';
import { regressionOf } from '@/core/column/regression';
import type { ViewRange } from '@/core/curve/view';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { toDouble } from '@/core/number/to-double';
import { fromRational } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import type { LineRequest } from './answer';
import { fractionsOf, readRows, shownNumber } from './column-reader';
import type { ColumnText, WithCellErrors, Reader, ShownValue } from './column-reader';
import { analysisView } from './fit-analysis';
import type { AnalysisView } from './fit-analysis';

/** A column y by several others. */
export type SeveralRequest = LineRequest &
  Readonly<{
    predictors: readonly (ColumnText & Readonly<{ name: string }>)[];
    y: ColumnText;
    weights: ColumnText | null;
    /** Without a constant. */
    origin: boolean;
  }>;

export type SeveralView = Readonly<{
  /** The constant, where there is one, without a name. */
  coefficients: readonly Readonly<{ name: string; shown: ShownValue }>[];
  r2: ShownValue | null;
  analysis: AnalysisView;
  /** What is left of each row, over what the fit comes to there. */
  left: Readonly<{ marks: PointMarks; view: ViewRange }>;
}>;

const NOWHERE = { from: 0, to: 0 } as const;

/**
 * The straight combination of several columns that comes nearest to another, exactly, or the cells that stand in the way.
 * Problems: those of the cells; dimension (too few rows); no-spread (columns that depend on each other).
 */
export function severalOf(request: SeveralRequest, reader: Reader): Result<WithCellErrors<SeveralView>, Problem> {
  const { predictors, y, weights, origin } = request;
  const { context } = reader;
  const read = readRows([y, ...predictors, ...(weights === null ? [] : [weights])], reader);
  if (!read.ok) return read;
  if (read.value.result === null) return succeed({ ...read.value, result: null });
  const { at, values } = read.value.result;
  const columns: (readonly Rational[])[] = [];
  let isExact = true;
  for (const column of values) {
    const taken = fractionsOf(column, context);
    if (!taken.ok) return taken;
    isExact &&= taken.value.isExact;
    columns.push(taken.value.values);
  }
  const heights = itemAt(columns, 0);
  const needs = predictors.length + (origin ? 0 : 1);
  if (heights.length < needs)
    return fail(withSpan({ code: 'dimension', reason: 'too-few-values', needs, got: heights.length }, NOWHERE));
  const over = weights === null ? null : weightsOver(itemAt(columns, columns.length - 1));
  const design = [...(origin ? [] : [heights.map(() => q.ONE)]), ...columns.slice(1, 1 + predictors.length)];
  const found = regressionOf(
    design,
    heights,
    over?.weights ?? null,
    !origin,
    context.shouldContinue,
    over?.over ?? null,
  );
  if (found === null) return fail(withSpan({ code: 'domain', reason: 'no-spread' }, NOWHERE));
  const shown = (v: RealValue): ShownValue => shownNumber(v, request, context, isExact);
  const names = [...(origin ? [] : ['']), ...predictors.map(({ name }) => name)];
  const size = (v: Rational): number => toDouble(fromRational(v), context.shouldContinue);
  const factors = found.coefficients.map(size);
  const xs = heights.map((_, row) =>
    factors.reduce((sum, factor, i) => sum + factor * size(itemAt(itemAt(design, i), row)), 0),
  );
  const ys = heights.map((height, row) => size(height) - itemAt(xs, row));
  const view = viewOfPoints(xs, [...ys, 0]);
  const rest = restOf(found);
  return succeed({
    flags: [],
    hasMore: false,
    result: {
      coefficients: found.coefficients.map((value, i) => ({
        name: itemAt(names, i),
        shown: shown(fromRational(value)),
      })),
      r2: rest.r2 && shown(rest.r2),
      analysis: analysisView(
        rest,
        found,
        !origin,
        found.df + names.length,
        names.length,
        shown,
        context.shouldContinue,
      ),
      left: {
        marks: {
          kind: 'points',
          xs,
          ys,
          rows: at,
          isJoined: false,
          line: { xs: [view.xFrom, view.xTo], ys: [0, 0] },
        },
        view,
      },
    },
  });
}
