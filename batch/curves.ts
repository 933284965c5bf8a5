import { itemAt } from '@/core/base/item';
import type { ShouldContinue } from '@/core/base/should-continue';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { compileCurve, functionTree } from '@/core/curve/curve';
import type { Curve } from '@/core/curve/curve';
import { findPoints } from '@/core/curve/points';
import type { CurvePoint } from '@/core/curve/points';
import type { Abscissa } from '@/core/curve/abscissa';
import { sample } from '@/core/curve/sample';
import { steppedValues, valueAt } from '@/core/curve/values';
import type { Context } from '@/core/evaluate/context';
import { exactTree } from '@/core/format/exact-tree';
import { printText, TYPED } from '@/core/language/print-text';
import type { Tree } from '@/core/language/tree';
import { compareReals } from '@/core/number/sign';
import { toDouble } from '@/core/number/to-double';
import { isExactReal, isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { problemText } from '@/text/problems';
import { NOWHERE, decimalIn, numberIn, readExpr } from './numbers';
import type { CurveRequest, PointsRequest, ValuesRequest } from './request';

type Answer = Result<object, Problem>;

function functionIn(text: string, letter: string, impliedFirst: boolean): Result<Tree, Problem> {
  const reading = readExpr(text, impliedFirst);
  return reading.ok ? succeed(functionTree(reading.value.tree, letter)) : reading;
}

function curveIn(text: string, letter: string, impliedFirst: boolean, context: Context): Result<Curve, Problem> {
  const tree = functionIn(text, letter, impliedFirst);
  return tree.ok ? compileCurve(tree.value, letter, context) : tree;
}

function numbersIn<K extends string>(
  texts: Readonly<Record<K, string>>,
  context: Context,
): Result<Record<K, RealValue>, Problem> {
  const result: Partial<Record<K, RealValue>> = {};
  for (const [name, text] of Object.entries(texts) as [K, string][]) {
    const value = numberIn(text, context);
    if (!value.ok) return value;
    result[name] = value.value;
  }
  return succeed(result as Record<K, RealValue>);
}

const written = (problem: Problem) => ({
  code: problem.code,
  from: problem.at.from,
  to: problem.at.to,
  message: problemText(problem),
});

/** The table of a function; a row without a value carries its own problem. */
export function tabulate(request: ValuesRequest, context: Context): Answer {
  const tree = functionIn(request.expr, request.var, request.impliedFirst);
  if (!tree.ok) return tree;
  const ends = numbersIn({ from: request.from, step: request.step, to: request.to }, context);
  if (!ends.ok) return ends;
  const xs = steppedValues(ends.value.from, ends.value.step, ends.value.to, context);
  if (!xs.ok) return fail(withSpan(xs.problem, NOWHERE));
  const rows: object[] = [];
  for (const x of xs.value) {
    const xText = decimalIn(x, context);
    if (!xText.ok) return xText;
    const y = valueAt(tree.value, request.var, x, context);
    const yText = !y.ok
      ? y
      : isReal(y.value)
        ? decimalIn(y.value, context)
        : fail(withSpan({ code: 'domain', reason: 'real-only' }, tree.value.span));
    rows.push(yText.ok ? { x: xText.value, y: yText.value } : { x: xText.value, problem: written(yText.problem) });
  }
  return succeed({ rows });
}

/** Values of a point as texts; what has none is left out. */
function described(
  { x, isExact }: Abscissa,
  y: RealValue | null,
  context: Context,
): Result<{ x: string; exact: string | null; y: string | null }, Problem> {
  const xText = decimalIn(x, context);
  if (!xText.ok) return xText;
  const yText = y === null ? succeed(null) : decimalIn(y, context);
  if (!yText.ok) return yText;
  const exact = isExact && isExactReal(x) ? printText(exactTree(x), TYPED) : null;
  return succeed({ x: xText.value, exact, y: yText.value });
}

/** Zeros, turning points and crossings; `shouldContinue` says how long may be searched for them. */
export function pointsOf(request: PointsRequest, context: Context, shouldContinue: ShouldContinue): Answer {
  const curves: Curve[] = [];
  for (const text of request.exprs) {
    const curve = curveIn(text, request.var, request.impliedFirst, context);
    if (!curve.ok) return curve;
    curves.push(curve.value);
  }
  const ends = numbersIn({ from: request.from, to: request.to }, context);
  if (!ends.ok) return ends;
  const { from, to } = ends.value;
  if (compareReals(from, to, context.shouldContinue) !== -1)
    return fail(withSpan({ code: 'domain', reason: 'step' }, NOWHERE));
  const found = findPoints(curves, from, to, { ...context, shouldContinue });
  type List = 'zeros' | 'lowest' | 'highest' | 'crossings';
  const lists: Record<List, object[]> = { zeros: [], lowest: [], highest: [], crossings: [] };
  const add = (list: List, facts: object, { at, y }: Pick<CurvePoint, 'at' | 'y'>): Problem | null => {
    const texts = described(at, y, context);
    if (!texts.ok) return texts.problem;
    const { x, exact, y: height } = texts.value;
    lists[list].push(list === 'zeros' ? { ...facts, x, exact } : { ...facts, x, exact, y: height });
    return null;
  };
  for (const list of ['zeros', 'lowest', 'highest'] as const)
    for (const point of found[list]) {
      const problem = add(list, { curve: point.curve }, point);
      if (problem !== null) return fail(problem);
    }
  for (const point of found.crossings) {
    const problem = add('crossings', { curves: point.curves }, point);
    if (problem !== null) return fail(problem);
  }
  return succeed({ ...lists, more: found.hasMore });
}

export function drawn(request: CurveRequest, context: Context): Answer {
  const curve = curveIn(request.expr, request.var, request.impliedFirst, context);
  if (!curve.ok) return curve;
  const { from, to, yFrom, yTo, width, height } = request;
  const ends = numbersIn({ from, to, yFrom, yTo }, context);
  if (!ends.ok) return ends;
  const at = (v: RealValue): number => toDouble(v, context.shouldContinue);
  const frame = {
    xFrom: at(ends.value.from),
    xTo: at(ends.value.to),
    yFrom: at(ends.value.yFrom),
    yTo: at(ends.value.yTo),
    width,
    height,
  };
  if (!(frame.xFrom < frame.xTo && frame.yFrom < frame.yTo))
    return fail(withSpan({ code: 'domain', reason: 'step' }, NOWHERE));
  const segments = sample(curve.value, frame, context.shouldContinue).map((stroke) =>
    Array.from({ length: stroke.length / 2 }, (_, i) => [itemAt(stroke, 2 * i), itemAt(stroke, 2 * i + 1)]),
  );
  return succeed({ segments });
}
