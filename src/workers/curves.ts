import { entryAt, itemAt, lastOf } from '@/core/base/item';
import { countedDown } from '@/core/base/should-continue';
import type { ShouldContinue } from '@/core/base/should-continue';
import { goOn, guarded } from '@/core/base/limits';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { compileCurve, functionTree } from '@/core/curve/curve';
import type { Curve } from '@/core/curve/curve';
import { knownTo } from '@/core/curve/abscissa';
import type { Abscissa } from '@/core/curve/abscissa';
import { findPoints } from '@/core/curve/points';
import type { PointKind } from '@/core/curve/points';
import type { Frame, Stroke } from '@/core/curve/plane';
import { sample } from '@/core/curve/sample';
import type { ViewRange } from '@/core/curve/view';
import { steppedValues, valueAt } from '@/core/curve/values';
import type { Context } from '@/core/evaluate/context';
import { evaluate } from '@/core/evaluate/evaluate';
import { formsOf } from '@/core/format';
import { plainNature } from '@/core/format/form';
import type { Form } from '@/core/format/form';
import { functionNames } from '@/core/function';
import type { Random } from '@/core/function/record';
import { parse } from '@/core/language/parse';
import { toDouble } from '@/core/number/to-double';
import { fromRational, isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { fromDouble } from '@/core/solve/exact-near';
import { contextFor } from './answer';
import type { LineRequest } from './answer';
import { pathOf } from './path';

/** A function as typed text with a point. */
export type FunctionText = Readonly<{ id: string; text: string }>;

/** The functions to be worked with, and all that they depend on; `text` holds all of theirs. */
export type CurvesRequest = LineRequest & Readonly<{ functions: readonly FunctionText[] }>;

/** `view`: the part of the frame that is in sight; the rest is drawn in store for when it is moved. */
export type DrawRequest = CurvesRequest & Readonly<{ frame: Frame; view: ViewRange }>;

/** A function drawn into a frame, in its pixels. */
export type DrawnCurve = Readonly<{
  id: string;
  path: string;
  problem: Problem | null;
  /** Some of it can be seen in the view. */
  isSeen: boolean;
  /** Where most of its values between the sides of the view lie; null when it has none there. */
  range: Readonly<{ low: number; high: number }> | null;
}>;

const SPELLING = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

export const VARIABLE = 'x';

type Compiled = Result<Curve, Problem>;

function compiled(text: string, context: Context): Compiled {
  const reading = parse(text, SPELLING);
  return reading.ok ? compileCurve(functionTree(reading.value.tree, VARIABLE), VARIABLE, context) : reading;
}

/** What the last drawing compiled, to be used again while the view moves. */
type Memory = { key: string; curves: ReadonlyMap<string, Compiled> };

const keyOf = ({ angle, letters, functions }: CurvesRequest): string =>
  JSON.stringify([angle, [...letters], functions.map(({ id, text }) => [id, text])], (_, v: unknown) =>
    typeof v === 'bigint' ? `${v}n` : v,
  );

/** Draws over and over: the worker keeps one of these, so that a moved view does not read its functions anew. */
export function createDrawer(): (
  request: DrawRequest,
  shouldContinue: ShouldContinue,
  random: Random,
) => Result<readonly DrawnCurve[], Problem> {
  let memory: Memory = { key: '', curves: new Map() };
  return (request, shouldContinue, random) => {
    const key = keyOf(request);
    if (key !== memory.key) {
      // Compiling has no end of its own to keep to: what it leaves behind is used by later drawings.
      const context = contextFor(request, () => true, random);
      memory = { key, curves: new Map(request.functions.map(({ id, text }) => [id, compiled(text, context)])) };
    }
    const drawn: DrawnCurve[] = [];
    for (const { id } of request.functions)
      drawn.push(drawOne(id, entryAt(memory.curves, id), request, shouldContinue));
    return succeed(drawn);
  };
}

/** One function drawn; one that takes too long says so, and leaves the others as they are. */
function drawOne(
  id: string,
  result: Compiled,
  { frame, view }: DrawRequest,
  shouldContinue: ShouldContinue,
): DrawnCurve {
  const drawn = !result.ok
    ? result
    : guarded<DrawnCurve, Problem>(
        () => {
          const strokes = sample(result.value, frame, shouldContinue);
          return succeed({
            id,
            path: pathOf(strokes, frame),
            problem: null,
            isSeen: strokes.some((stroke) => isIn(stroke, view)),
            range: rangeOf(result.value, view, shouldContinue),
          });
        },
        (problemData) => withSpan(problemData, { from: 0, to: 0 }),
      );
  return drawn.ok ? drawn.value : { id, path: '', problem: drawn.problem, isSeen: false, range: null };
}

function isIn(stroke: Stroke, { xFrom, xTo, yFrom, yTo }: ViewRange): boolean {
  for (let i = 0; i < stroke.length; i += 2) {
    const [x, y] = [itemAt(stroke, i), itemAt(stroke, i + 1)];
    if (x >= xFrom && x <= xTo && y >= yFrom && y <= yTo) return true;
  }
  return false;
}

const LOOKED_AT = 240;

/** Where most values of a curve lie: a pole's heights are left out when they are far from all the others. */
function rangeOf(
  { f }: Curve,
  { xFrom, xTo }: ViewRange,
  shouldContinue: ShouldContinue,
): { low: number; high: number } | null {
  const ys = Array.from({ length: LOOKED_AT + 1 }, (_, i) => {
    goOn(shouldContinue);
    return f(xFrom + ((xTo - xFrom) * i) / LOOKED_AT);
  }).filter(Number.isFinite);
  if (ys.length === 0) return null;
  ys.sort((a, b) => a - b);
  const at = (share: number): number => itemAt(ys, Math.round(share * (ys.length - 1)));
  const [q1, q3] = [at(0.25), at(0.75)];
  const reach = 6 * Math.max(q3 - q1, Math.abs(q3) * 1e-9);
  const kept = ys.filter((y) => y >= q1 - reach && y <= q3 + reach);
  return { low: itemAt(kept, 0), high: lastOf(kept) };
}

/** The functions that can be read, with their places among those that were asked for. */
function curvesOf(request: CurvesRequest, context: Context): { curve: Curve; id: string }[] {
  return request.functions.flatMap(({ id, text }) => {
    const result = compiled(text, context);
    return result.ok ? [{ curve: result.value, id }] : [];
  });
}

/** A point found: the curves it lies on, its coordinates in their forms, and as doubles to mark it. */
export type FoundPoint = Readonly<{
  kind: PointKind;
  curves: readonly string[];
  x: readonly Form[];
  y: readonly Form[];
  at: readonly [number, number];
}>;
export type FoundPoints = Readonly<{ points: readonly FoundPoint[]; hasMore: boolean }>;

export type PointsRequest = CurvesRequest & Readonly<{ from: number; to: number }>;

/** Coordinates are worked to what is shown, and at least to this. */
const LEAST_DIGITS = 15;

function coordinate(v: RealValue, at: Abscissa, request: LineRequest, context: Context): readonly Form[] {
  const forms = formsOf(
    knownTo(v, at, context.digits),
    request.display,
    context.shouldContinue,
    plainNature(request.angle),
  );
  return forms.ok ? forms.value : [];
}

/** How much is searched for points, in steps of the work; what was found by then is shown, and that there may be more. */
const SEARCH_STEPS = 150_000;
/** Zeros, turning points and crossings between the sides of the view, in the order of x within each kind. */
export function pointsInView(
  request: PointsRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<FoundPoints, Problem> {
  const context = {
    ...contextFor(request, shouldContinue, random),
    digits: Math.max(LEAST_DIGITS, request.display.digits),
    complex: false,
  };
  const curves = curvesOf(request, context);
  const [from, to] = [request.from, request.to].map((x) => fromRational(fromDouble(x))) as [RealValue, RealValue];
  const searching = { ...context, shouldContinue: countedDown(SEARCH_STEPS, shouldContinue) };
  const found = findPoints(
    curves.map(({ curve }) => curve),
    from,
    to,
    searching,
  );
  const pointsOf = (kind: PointKind, ids: readonly number[], at: Abscissa, y: RealValue | null): FoundPoint[] =>
    y === null
      ? []
      : [
          {
            kind,
            curves: ids.map((i) => itemAt(curves, i).id),
            x: coordinate(at.x, at, request, context),
            y: coordinate(y, at, request, context),
            at: [toDouble(at.x, shouldContinue), toDouble(y, shouldContinue)],
          },
        ];
  return succeed({
    points: [
      ...found.zeros.flatMap(({ curve, at, y }) => pointsOf('zero', [curve], at, at.isExact ? y : ZERO_HEIGHT)),
      ...found.lowest.flatMap(({ curve, at, y }) => pointsOf('lowest', [curve], at, y)),
      ...found.highest.flatMap(({ curve, at, y }) => pointsOf('highest', [curve], at, y)),
      ...found.crossings.flatMap(({ curves: ids, at, y }) => pointsOf('crossing', ids, at, y)),
    ],
    hasMore: found.hasMore,
  });
}

const ZERO_HEIGHT: RealValue = { kind: 'rational', value: { n: 0n, d: 1n } };

/** A cell of the table: a value in its forms and as a double, or why there is none. */
export type Cell = Readonly<{ forms: readonly Form[]; at: number }> | Readonly<{ problem: Problem }>;
/** A row whose x could not be worked says why, and has no cells. */
export type ValuesRow = Readonly<{ x: readonly Form[]; at: number; cells: readonly Cell[]; problem: Problem | null }>;

/** `xs`: steps from one number to another, or numbers picked one by one; all as typed text. `rows`: those wanted now. */
export type ValuesRequest = CurvesRequest &
  Readonly<{
    xs: Readonly<{ from: string; step: string; to: string }> | Readonly<{ picked: readonly string[] }>;
    rows: Readonly<{ from: number; count: number }>;
  }>;
export type ValuesTable = Readonly<{ count: number; from: number; rows: readonly ValuesRow[] }>;

function numberOf(text: string, context: Context): Result<RealValue, Problem> {
  const reading = parse(text, SPELLING);
  if (!reading.ok) return reading;
  const value = evaluate(reading.value.tree, context);
  if (!value.ok) return value;
  return isReal(value.value)
    ? succeed(value.value)
    : fail(withSpan({ code: 'domain', reason: 'real-only' }, reading.value.tree.span));
}

type X = Result<RealValue, Problem>;

function allXs({ xs }: ValuesRequest, context: Context): Result<readonly X[], Problem> {
  if ('picked' in xs) return succeed(xs.picked.map((text) => numberOf(text, context)));
  const [from, step, to] = [xs.from, xs.step, xs.to].map((text) => numberOf(text, context)) as [X, X, X];
  if (!from.ok) return from;
  if (!step.ok) return step;
  if (!to.ok) return to;
  const result = steppedValues(from.value, step.value, to.value, context);
  return result.ok ? succeed(result.value.map(succeed)) : fail(withSpan(result.problem, { from: 0, to: 0 }));
}

/** The table of all functions for some of its rows. */
export function valuesOf(
  request: ValuesRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<ValuesTable, Problem> {
  const context = { ...contextFor(request, shouldContinue, random), complex: false };
  const xs = allXs(request, context);
  if (!xs.ok) return xs;
  const readings = request.functions.map(({ text }) => parse(text, SPELLING));
  const nature = plainNature(request.angle);
  const cell = (v: RealValue): Cell => {
    const forms = formsOf(v, request.display, shouldContinue, nature);
    return forms.ok
      ? { forms: forms.value, at: toDouble(v, shouldContinue) }
      : { problem: withSpan({ code: forms.problem }, { from: 0, to: 0 }) };
  };
  const { from, count } = request.rows;
  const rows = xs.value.slice(from, from + count).map((given): ValuesRow => {
    if (!given.ok) return { x: [], at: NaN, cells: [], problem: given.problem };
    const x = given.value;
    const shown = cell(x);
    const cells = readings.map((reading): Cell => {
      if (!reading.ok) return { problem: reading.problem };
      const tree = functionTree(reading.value.tree, VARIABLE);
      const y = valueAt(tree, VARIABLE, x, context);
      if (!y.ok) return { problem: y.problem };
      return isReal(y.value)
        ? cell(y.value)
        : { problem: withSpan({ code: 'domain', reason: 'real-only' }, tree.span) };
    });
    return { x: 'forms' in shown ? shown.forms : [], at: toDouble(x, shouldContinue), cells, problem: null };
  });
  return succeed({ count: xs.value.length, from, rows });
}

export type FollowRequest = CurvesRequest & Readonly<{ x: string }>;
export type Followed = Readonly<{ x: readonly Form[]; at: number; y: Cell; height: number | null }>;

/** The value of the first function at an x, both in their forms. */
export function followAt(
  request: FollowRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<Followed, Problem> {
  const context = contextFor(request, shouldContinue, random);
  const x = numberOf(request.x, context);
  if (!x.ok) return x;
  const table = valuesOf(
    { ...request, xs: { picked: [request.x] }, rows: { from: 0, count: 1 } },
    shouldContinue,
    random,
  );
  if (!table.ok) return table;
  const row = itemAt(table.value.rows, 0);
  const result = compiled(itemAt(request.functions, 0).text, context);
  const at = toDouble(x.value, shouldContinue);
  const height = result.ok ? result.value.f(at) : NaN;
  return succeed({ x: row.x, at, y: itemAt(row.cells, 0), height: Number.isFinite(height) ? height : null });
}
