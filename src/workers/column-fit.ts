import { entryAt, itemAt } from '@/core/base/item';
import type { ShouldContinue } from '@/core/base/should-continue';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { PointMarks } from '@/core/chart/model';
import { viewOfPoints } from '@/core/chart/range';
import { equationTree, fit } from '@/core/column/fits';
import type { Fit } from '@/core/column/fits';
import type { FitModel } from '@/core/column/fit-models';
import type { ViewRange } from '@/core/curve/view';
import { withLetter } from '@/core/evaluate/context';
import type { Context } from '@/core/evaluate/context';
import { evaluate } from '@/core/evaluate/evaluate';
import { rationalTree } from '@/core/format/exact-tree';
import { batchText } from '@/core/format/layout';
import { boundName } from '@/core/keyed/operand';
import { printText, TYPED } from '@/core/language/print-text';
import { letterTree, negateTree, numberTree } from '@/core/language/tree';
import type { Tree } from '@/core/language/tree';
import { add, negate } from '@/core/number/arithmetic';
import type { Rational } from '@/core/number/rational';
import { toDouble } from '@/core/number/to-double';
import { fromRational, isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import type { LineRequest } from './answer';
import { longestDecimal } from '@/core/number/digits';
import { shownNumber } from './column-reader';
import type { WithCellErrors, Reader, ShownValue } from './column-reader';
import { readPair } from './column-data';
import type { PairRequest, ReadPair } from './column-data';

export type FitViewRequest = LineRequest &
  Readonly<{
    model: FitModel;
    degree: number;
    data: PairRequest;
    /** Typed text of the x at which the fit is read; empty for none. */
    at: string;
    /** The residuals that are wanted now. */
    rows: Readonly<{ from: number; count: number }>;
  }>;

/** A row with what the fit comes to there, and what it leaves. */
export type Residual = Readonly<{ row: number; x: ShownValue; y: ShownValue; left: ShownValue | null }>;

export type FitView = Readonly<{
  coefficients: readonly Readonly<{ name: string; shown: ShownValue }>[];
  r: ShownValue | null;
  r2: ShownValue | null;
  /** Rounded as numbers are shown, and with all the digits there are: typed text with a point. */
  equation: string;
  full: string;
  /** The x that it is read at, as it was asked. */
  at: string;
  prediction: Readonly<{ x: ShownValue; y: ShownValue }> | Readonly<{ problem: Problem }> | null;
  count: number;
  from: number;
  residuals: readonly Residual[];
  /** The points that it is laid through. */
  marks: PointMarks;
  view: ViewRange;
}>;

const NOWHERE = { from: 0, to: 0 } as const;
/** Digits with which an equation is handed on. */
const FULL_DIGITS = 34;
/** Digits of the equation as it is shown; its coefficients stand below it with all theirs. */
const SHOWN_DIGITS = 6;
/** A fraction that is no longer than this is handed on as it is. */
const SHORT = 10n ** 12n;

/** A number as typed text to so many digits; a short fraction as it is. */
function numeral(v: RealValue, digits: number, keepsFractions: boolean, shouldContinue: ShouldContinue): Tree {
  const isShort = v.kind === 'rational' && v.value.d < SHORT && v.value.n < SHORT && -v.value.n < SHORT;
  const result = longestDecimal(v, digits, shouldContinue);
  if (keepsFractions && isShort && result?.exact !== true) return rationalTree(v.value);
  const written = result === null ? '0' : batchText(result).replace('E+', 'E');
  return written.startsWith('-') ? negateTree(numberTree(written.slice(1))) : numberTree(written);
}

type Fitted = Readonly<{ fit: Fit; pair: ReadPair; tree: Tree; context: Context }>;

/** The fit worked for data before is kept while only what is read of it changes. */
type Memory = { key: string; fitted: Result<WithCellErrors<Fitted>, Problem> | null };

function fittedTo(
  request: FitViewRequest,
  reader: Reader,
  shouldContinue: ShouldContinue,
): Result<WithCellErrors<Fitted>, Problem> {
  const read = readPair(request.data, reader);
  if (!read.ok) return read;
  if (read.value.result === null) return succeed({ ...read.value, result: null });
  const pair = read.value.result;
  const { model, degree } = request;
  const { x, y, counts } = pair;
  const result = fit({ model, degree, x, y, frequencies: counts, digits: FULL_DIGITS + 20 }, shouldContinue);
  if (!result.ok) {
    const { problem } = result;
    if (problem.code !== 'domain' || problem.row === undefined) return fail(withSpan(problem, NOWHERE));
    // The row of the pair is told by the row of the table.
    return fail(withSpan({ ...problem, row: itemAt(pair.at, problem.row) }, NOWHERE));
  }
  const names = new Map(result.value.coefficients.map(({ value }, i) => [value, boundName(i)]));
  const tree = equationTree(result.value, (v) => letterTree(entryAt(names, v)));
  const context = result.value.coefficients.reduce(
    (all, { value }, i) => withLetter(all, boundName(i), value),
    reader.context,
  );
  return succeed({ flags: [], hasMore: false, result: { fit: result.value, pair, tree, context } });
}

const keyOf = ({ angle, model, degree, data: { x, y, frequencies } }: FitViewRequest): string =>
  [angle, model, degree, x.id, x.cells.join('\n'), y.id, y.cells.join('\n'), frequencies?.cells.join('\n')].join('\r');

/** Fits over and over: what was fitted last is read again without being worked anew. */
export function createFitter() {
  const memory: Memory = { key: '', fitted: null };
  return (
    request: FitViewRequest,
    reader: Reader,
    shouldContinue: ShouldContinue,
  ): Result<WithCellErrors<FitView>, Problem> => {
    const key = keyOf(request);
    if (memory.fitted === null || memory.key !== key) {
      memory.key = key;
      memory.fitted = fittedTo(request, reader, shouldContinue);
    }
    const { fitted } = memory;
    // What ran out of time, or names letters that can change, is not kept.
    if (!fitted.ok || fitted.value.result === null || request.letters.size > 0) memory.fitted = null;
    if (!fitted.ok) return fitted;
    if (fitted.value.result === null) return succeed({ ...fitted.value, result: null });
    return succeed({ flags: [], hasMore: false, result: viewOf(fitted.value.result, request, reader, shouldContinue) });
  };
}

function viewOf(fitted: Fitted, request: FitViewRequest, reader: Reader, shouldContinue: ShouldContinue): FitView {
  const { fit: result, pair, tree, context } = fitted;
  const shown = (v: RealValue): ShownValue => shownNumber(v, request, reader.context, pair.isExact);
  const heightAt = (x: RealValue): Result<RealValue, Problem> => {
    const y = evaluate(tree, withLetter({ ...context, shouldContinue }, 'x', x));
    if (!y.ok) return y;
    return isReal(y.value) ? succeed(y.value) : fail(withSpan({ code: 'domain', reason: 'real-only' }, NOWHERE));
  };
  const prediction = (): FitView['prediction'] => {
    if (request.at.trim() === '') return null;
    const x = reader.value(request.at);
    if (!x.ok) return { problem: x.problem };
    const y = heightAt(x.value);
    return y.ok ? { x: shown(x.value), y: shown(y.value) } : { problem: y.problem };
  };
  const { from, count } = request.rows;
  const residuals = pair.at.slice(from, from + count).map((row, i): Residual => {
    const [x, y] = [fromRational(itemAt(pair.x, from + i)), fromRational(itemAt(pair.y, from + i))];
    const height = heightAt(x);
    return { row, x: shown(x), y: shown(y), left: height.ok ? shown(add(y, negate(height.value))) : null };
  });
  const written = (digits: number, keepsFractions: boolean): string =>
    printText(
      equationTree(result, (v) => numeral(v, digits, keepsFractions, shouldContinue)),
      TYPED,
    );
  const sizes = (values: readonly Rational[]) => values.map((v) => toDouble(fromRational(v), shouldContinue));
  const [xs, ys] = [sizes(pair.x), sizes(pair.y)];
  return {
    coefficients: result.coefficients.map(({ name, value }) => ({ name, shown: shown(value) })),
    r: result.r && shown(result.r),
    r2: result.r2 && shown(result.r2),
    equation: written(SHOWN_DIGITS, false),
    full: written(FULL_DIGITS, pair.isExact),
    at: request.at,
    prediction: prediction(),
    count: pair.at.length,
    from,
    residuals,
    marks: { kind: 'points', xs, ys, rows: pair.at, isJoined: false },
    view: viewOfPoints(xs, ys),
  };
}
