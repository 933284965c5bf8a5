import { entryAt, itemAt } from '@/core/base/item';
import type { ShouldContinue } from '@/core/base/should-continue';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { LineBeside, PointMarks } from '@/core/chart/model';
import { viewOfPoints } from '@/core/chart/range';
import type { ViewRange } from '@/core/curve/view';
import { withLetter } from '@/core/evaluate/context';
import type { Context } from '@/core/evaluate/context';
import { compileDoubles } from '@/core/evaluate/doubles';
import { evaluate } from '@/core/evaluate/evaluate';
import { rationalTree } from '@/core/format/exact-tree';
import { batchText } from '@/core/format/layout';
import { boundName } from '@/core/keyed/operand';
import { printText, TYPED } from '@/core/language/print-text';
import { letterTree, negateTree, numberTree } from '@/core/language/tree';
import type { Tree } from '@/core/language/tree';
import { add, negate } from '@/core/number/arithmetic';
import { longestDecimal } from '@/core/number/digits';
import type { Rational } from '@/core/number/rational';
import * as q from '@/core/number/rational';
import { toDouble } from '@/core/number/to-double';
import { asRational, fromRational, isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import type { LineRequest } from './answer';
import { readPair } from './column-data';
import type { PairRequest, ReadPair } from './column-data';
import { fractionsOf, readRows, shownNumber } from './column-reader';
import type { ColumnText, WithCellErrors, Reader, ShownValue } from './column-reader';
import { analysisView, around, bandsOver, reachAt, shareOfT } from './fit-analysis';
import type { AnalysisView } from './fit-analysis';
import { FULL_DIGITS, curveOf } from './fit-curve';
import type { FitWish, FoundCurve } from './fit-curve';
import { placesAt } from './fit-back';

export type FitViewRequest = LineRequest &
  FitWish &
  Readonly<{
    data: PairRequest;
    weights: ColumnText | null;
    /** Typed text of the x at which the fit is read, and of the y whose x is asked for; empty for none. */
    at: string;
    back: string;
    /** Typed text of the level of intervals and bands; empty for 0.95. */
    level: string;
    bands: boolean;
    /** The residuals that are wanted now. */
    rows: Readonly<{ from: number; count: number }>;
  }>;

/** A row with what the fit comes to there, and what it leaves. */
export type Residual = Readonly<{ row: number; x: ShownValue; y: ShownValue; left: ShownValue | null }>;

type Ends = readonly [low: ShownValue, high: ShownValue];

/** What a fit comes to at an x, and where the mean and the next value lie there. */
export type Prediction = Readonly<{ x: ShownValue; y: ShownValue; mean: Ends | null; next: Ends | null }>;

export type FitView = Readonly<{
  coefficients: readonly Readonly<{ name: string; shown: ShownValue }>[];
  r: ShownValue | null;
  r2: ShownValue | null;
  analysis: AnalysisView | null;
  /** Rounded as numbers are shown, and with all the digits there are: typed text with a point. */
  equation: string;
  full: string;
  /** What an own model began with: typed text. */
  start: string | null;
  /** The x that it is read at, and the y that is gone back from, as they were asked. */
  at: string;
  prediction: Prediction | Readonly<{ problem: Problem }> | null;
  back: readonly ShownValue[] | Readonly<{ problem: Problem }> | null;
  level: Readonly<{ problem: Problem }> | null;
  count: number;
  from: number;
  residuals: readonly Residual[];
  /** The points that it is laid through, and the edges of its bands. */
  marks: PointMarks;
  view: ViewRange;
  /** What is left of each point, over x. */
  left: Readonly<{ marks: PointMarks; view: ViewRange }>;
}>;

const NOWHERE = { from: 0, to: 0 } as const;
/** Digits of the equation as it is shown; its coefficients stand below it with all theirs. */
const SHOWN_DIGITS = 6;
/** A fraction that is no longer than this is handed on as it is. */
const SHORT = 10n ** 12n;
const USUAL_LEVEL: Rational = { n: 19n, d: 20n };

/** A number as typed text to so many digits; a short fraction as it is. */
export function numeral(v: RealValue, digits: number, keepsFractions: boolean, shouldContinue: ShouldContinue): Tree {
  const isShort = v.kind === 'rational' && v.value.d < SHORT && v.value.n < SHORT && -v.value.n < SHORT;
  const result = longestDecimal(v, digits, shouldContinue);
  if (keepsFractions && isShort && result?.exact !== true) return rationalTree(v.value);
  const written = result === null ? '0' : batchText(result).replace('E+', 'E');
  return written.startsWith('-') ? negateTree(numberTree(written.slice(1))) : numberTree(written);
}

type Fitted = Readonly<{ found: FoundCurve; pair: ReadPair; tree: Tree; context: Context }>;

/** The fit worked for data before is kept while only what is read of it changes. */
type Memory = { key: string; fitted: Result<WithCellErrors<Fitted>, Problem> | null };

/** Weights beside the pair, or the cells that stand in the way. */
function weightsFor(
  request: FitViewRequest,
  pair: ReadPair,
  reader: Reader,
): Result<WithCellErrors<readonly Rational[] | null>, Problem> {
  const { weights } = request;
  const none = { flags: [], hasMore: false, result: null };
  if (weights === null) return succeed(none);
  const cells = pair.at.map((row) => weights.cells[row] ?? '');
  const read = readRows([{ id: weights.id, cells }], reader);
  if (!read.ok) return read;
  if (read.value.result === null) return succeed({ ...read.value, result: null });
  const taken = fractionsOf(itemAt(read.value.result.values, 0), reader.context);
  if (!taken.ok) return taken;
  const row = taken.value.values.length < cells.length ? 0 : taken.value.values.findIndex(({ n }) => n < 0n);
  if (row < 0) return succeed({ flags: [], hasMore: false, result: taken.value.values });
  const problem = withSpan({ code: 'domain', reason: 'weight' }, NOWHERE);
  return succeed({ ...none, flags: [{ column: weights.id, row: itemAt(pair.at, row), problem }] });
}

function fittedTo(request: FitViewRequest, reader: Reader): Result<WithCellErrors<Fitted>, Problem> {
  const read = readPair(request.data, reader);
  if (!read.ok) return read;
  if (read.value.result === null) return succeed({ ...read.value, result: null });
  const pair = read.value.result;
  const weights = weightsFor(request, pair, reader);
  if (!weights.ok) return weights;
  if (weights.value.flags.length > 0) return succeed({ ...weights.value, result: null });
  const result = curveOf(request, pair, weights.value.result, reader);
  if (!result.ok) return result;
  const names = new Map(result.value.coefficients.map((value, i) => [value, boundName(i)]));
  const tree = result.value.equation((v) => letterTree(entryAt(names, v)));
  const context = result.value.coefficients.reduce(
    (all, value, i) => withLetter(all, boundName(i), value),
    reader.context,
  );
  return succeed({ flags: [], hasMore: false, result: { found: result.value, pair, tree, context } });
}

const keyOf = (request: FitViewRequest): string => {
  const { angle, model, degree, origin, direct, expr, start, weights } = request;
  const { x, y, frequencies } = request.data;
  const columns = [x, y, frequencies, weights].map((column) => column && `${column.id}\n${column.cells.join('\n')}`);
  return [angle, model, degree, origin, direct, expr, start, ...columns].join('\r');
};

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
      memory.fitted = fittedTo(request, reader);
    }
    const { fitted } = memory;
    // What ran out of time, or names letters that can change, is not kept.
    if (!fitted.ok || fitted.value.result === null || request.letters.size > 0) memory.fitted = null;
    if (!fitted.ok) return fitted;
    if (fitted.value.result === null) return succeed({ ...fitted.value, result: null });
    const view = new Viewer(fitted.value.result, request, reader, shouldContinue).view();
    return succeed({ flags: [], hasMore: false, result: view });
  };
}

/** What is shown of a fit. */
class Viewer {
  constructor(
    private readonly fitted: Fitted,
    private readonly request: FitViewRequest,
    private readonly reader: Reader,
    private readonly shouldContinue: ShouldContinue,
  ) {}

  private shown = (v: RealValue): ShownValue =>
    shownNumber(v, this.request, this.reader.context, this.fitted.pair.isExact);

  private heightAt(x: RealValue): Result<RealValue, Problem> {
    const { tree, context } = this.fitted;
    const y = evaluate(tree, withLetter({ ...context, shouldContinue: this.shouldContinue }, 'x', x));
    if (!y.ok) return y;
    return isReal(y.value) ? succeed(y.value) : fail(withSpan({ code: 'domain', reason: 'real-only' }, NOWHERE));
  }

  /** The share of t that the level asks for; null where the fit is no regression. */
  private reach(): Result<RealValue | null, Problem> {
    const { regression } = this.fitted.found;
    const text = this.request.level.trim();
    const level = text === '' ? succeed(fromRational(USUAL_LEVEL)) : this.reader.value(text);
    if (!level.ok) return level;
    const size = toDouble(level.value, this.shouldContinue);
    if (!(size > 0 && size < 1)) return fail(withSpan({ code: 'domain', reason: 'not-a-share' }, NOWHERE));
    return succeed(regression === null ? null : shareOfT(level.value, regression.of.df, this.shouldContinue));
  }

  private prediction(t: RealValue | null): FitView['prediction'] {
    if (this.request.at.trim() === '') return null;
    const x = this.reader.value(this.request.at);
    if (!x.ok) return { problem: x.problem };
    const y = this.heightAt(x.value);
    if (!y.ok) return { problem: y.problem };
    const { regression } = this.fitted.found;
    const place = asRational(x.value);
    const found = { x: this.shown(x.value), y: this.shown(y.value), mean: null, next: null };
    if (regression === null || t === null || place === null) return found;
    const row = regression.powers.map((k) => q.powerWhole(place, k));
    const { mean, next } = reachAt(regression.of, row, t);
    const ends = (reach: RealValue): Ends => {
      const [low, high] = around(y.value, reach);
      return [this.shown(low), this.shown(high)];
    };
    return { ...found, mean: ends(mean), next: ends(next) };
  }

  private back(view: ViewRange): FitView['back'] {
    if (this.request.back.trim() === '') return null;
    const y = this.reader.value(this.request.back);
    if (!y.ok) return { problem: y.problem };
    const { tree, context, found } = this.fitted;
    return placesAt({ tree, context, found, y: y.value, view }, this.shouldContinue).map(this.shown);
  }

  private residuals(): readonly Residual[] {
    const { pair } = this.fitted;
    const { from, count } = this.request.rows;
    return pair.at.slice(from, from + count).map((row, i): Residual => {
      const [x, y] = [fromRational(itemAt(pair.x, from + i)), fromRational(itemAt(pair.y, from + i))];
      const height = this.heightAt(x);
      return {
        row,
        x: this.shown(x),
        y: this.shown(y),
        left: height.ok ? this.shown(add(y, negate(height.value))) : null,
      };
    });
  }

  /** What is left of each point over x, in doubles. */
  private left(xs: readonly number[], ys: readonly number[]): FitView['left'] {
    const { tree, context, pair } = this.fitted;
    const f = compileDoubles(tree, 'x', context);
    const left = xs.map((x, i) => (ys[i] ?? NaN) - (f?.(x) ?? NaN));
    const known = left.map((_, i) => i).filter((i) => Number.isFinite(left[i]));
    const [shownX, shownY] = [known.map((i) => itemAt(xs, i)), known.map((i) => itemAt(left, i))];
    const view = viewOfPoints(shownX, [...shownY, 0]);
    return {
      marks: {
        kind: 'points',
        xs: shownX,
        ys: shownY,
        rows: known.map((i) => itemAt(pair.at, i)),
        isJoined: false,
        line: { xs: [view.xFrom, view.xTo], ys: [0, 0] },
      },
      view,
    };
  }

  view(): FitView {
    const { request, shouldContinue } = this;
    const { found, pair } = this.fitted;
    const written = (digits: number, keepsFractions: boolean): string =>
      printText(
        found.equation((v) => numeral(v, digits, keepsFractions, shouldContinue)),
        TYPED,
      );
    const sizes = (values: readonly Rational[]) => values.map((v) => toDouble(fromRational(v), shouldContinue));
    const [xs, ys] = [sizes(pair.x), sizes(pair.y)];
    const view = viewOfPoints(xs, ys);
    const reach = this.reach();
    const t = reach.ok ? reach.value : null;
    const { regression } = found;
    const bands: readonly LineBeside[] =
      request.bands && regression !== null && t !== null
        ? bandsOver(regression.of, regression.powers, t, view.xFrom, view.xTo, shouldContinue)
        : [];
    const n = pair.counts === null ? pair.x.length : Number(pair.counts.reduce((a, b) => a + b, 0n));
    const hasConstant = regression === null || regression.powers[0] === 0;
    return {
      coefficients: found.coefficients.map((value, i) => ({ name: itemAt(found.names, i), shown: this.shown(value) })),
      r: found.r && this.shown(found.r),
      r2: found.r2 && this.shown(found.r2),
      analysis:
        found.rest &&
        analysisView(
          found.rest,
          regression?.of ?? null,
          hasConstant,
          regression === null ? n : regression.of.df + found.coefficients.length,
          found.coefficients.length,
          this.shown,
          shouldContinue,
        ),
      equation: written(SHOWN_DIGITS, false),
      full: written(FULL_DIGITS, pair.isExact),
      start:
        found.start?.map(({ name, value }) => `${name} = ${printText(rationalTree(value), TYPED)}`).join(', ') ?? null,
      at: request.at,
      prediction: this.prediction(t),
      back: this.back(view),
      level: reach.ok ? null : { problem: reach.problem },
      count: pair.at.length,
      from: request.rows.from,
      residuals: this.residuals(),
      marks: { kind: 'points', xs, ys, rows: pair.at, isJoined: false, ...(bands.length === 0 ? {} : { bands }) },
      view,
      left: this.left(xs, ys),
    };
  }
}
