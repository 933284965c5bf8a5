import { entryAt, itemAt } from '@/core/base/item';
import { guarded } from '@/core/base/limits';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { equationTree, fit } from '@/core/column/fits';
import type { FitModel } from '@/core/column/fit-models';
import { logisticFit } from '@/core/column/logistic';
import { nonlinearFit } from '@/core/column/nonlinear';
import type { NonlinearFit } from '@/core/column/nonlinear';
import { powersOf, regressionOf } from '@/core/column/regression';
import type { Regression } from '@/core/column/regression';
import { restOf, restOfModel } from '@/core/column/fit-analysis';
import type { Context } from '@/core/evaluate/context';
import { printText, TYPED } from '@/core/language/print-text';
import { negateTree, numberTree } from '@/core/language/tree';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { fromRational } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { column, frequencies, refused } from './columns';
import { NOWHERE, knownDecimals, readExpr } from './numbers';
import type { FitRequest } from './request';

const letters = [...'abcdefghijklmnopqrstuvwxyz'];

type Points = Readonly<{ y: readonly Rational[]; weights: readonly bigint[] | null }>;

/** Named values as decimals, with the standard errors where they are asked for. */
function told(
  names: readonly string[],
  coefficients: readonly RealValue[],
  rest: Readonly<{
    errors: readonly (RealValue | null)[] | null;
    left: RealValue | null;
    s: RealValue | null;
    r2: RealValue | null;
  }>,
  hasErrors: boolean,
  context: Context,
): Result<Readonly<{ texts: Readonly<Record<string, string | null>>; answer: object }>, Problem> {
  const known = knownDecimals(
    Object.fromEntries<RealValue | null>([
      ...coefficients.map((value, i) => [itemAt(names, i), value] as const),
      ...(hasErrors ? (rest.errors ?? []).map((value, i) => [`se ${itemAt(names, i)}`, value] as const) : []),
      ['r2', rest.r2],
      ...(hasErrors
        ? ([
            ['rss', rest.left],
            ['s', rest.s],
          ] as const)
        : []),
    ]),
    context,
  );
  if (!known.ok) return known;
  const texts: Readonly<Record<string, string | null>> = known.value.texts;
  const of = (prefix: string) =>
    Object.fromEntries(coefficients.map((_, i) => [itemAt(names, i), texts[`${prefix}${itemAt(names, i)}`] ?? null]));
  return succeed({
    texts,
    answer: {
      coefficients: of(''),
      r2: texts['r2'] ?? null,
      ...(hasErrors
        ? { se: rest.errors === null ? null : of('se '), rss: texts['rss'] ?? null, s: texts['s'] ?? null }
        : {}),
      ...(known.value.settled ? {} : { settled: false }),
    },
  });
}

/** Several predictors, or a line or polynomial through the origin: exactly. */
function linear(
  columns: readonly (readonly Rational[])[],
  { y, weights }: Points,
  hasConstant: boolean,
  context: Context,
): Result<Regression, Problem> {
  const uneven = columns.find((one) => one.length !== y.length);
  if (uneven !== undefined)
    return refused({ code: 'dimension', reason: 'unequal-lengths', needs: y.length, got: uneven.length });
  const ones = y.map(() => q.ONE);
  const all = hasConstant ? [ones, ...columns] : columns;
  const found = regressionOf(all, y, weights, hasConstant, context.shouldContinue);
  return found === null ? refused({ code: 'domain', reason: 'no-spread' }) : succeed(found);
}

function searched(
  request: FitRequest,
  x: readonly Rational[],
  { y, weights }: Points,
  context: Context,
): Result<Readonly<{ names: readonly string[]; fit: NonlinearFit }>, Problem> {
  if (request.model === 'logistic') {
    const found = logisticFit({ x, y, weights }, context.shouldContinue);
    return found.ok ? succeed({ names: ['a', 'b', 'c'], fit: found.value }) : refused(found.problem);
  }
  const { expr, start } = request;
  if (expr === undefined || start === undefined)
    return fail(
      withSpan({ code: 'undefined-name', name: expr === undefined ? 'expr' : 'start', among: 'request' }, NOWHERE),
    );
  const reading = readExpr(expr, request.impliedFirst);
  if (!reading.ok) return reading;
  const names = Object.keys(start);
  const starts = column(Object.values(start), context);
  if (!starts.ok) return starts;
  const model = { tree: reading.value.tree, variable: 'x', letters: names, start: starts.value };
  const found = nonlinearFit(model, { x, y, weights }, context.shouldContinue);
  return found.ok ? succeed({ names, fit: found.value }) : refused(found.problem);
}

/** A decimal string as the number that it writes. */
const numeral = (text: string) => {
  const size = numberTree(text.replace('-', '').replace('E+', 'E'));
  return text.startsWith('-') ? negateTree(numberTree(text.slice(1).replace('E+', 'E'))) : size;
};

/** A fit: its coefficients, and where they are asked for their standard errors and what is left. */
export const fitted = (request: FitRequest, context: Context): Result<object, Problem> =>
  guarded(
    () => fittedAny(request, context),
    (problemData) => withSpan(problemData, NOWHERE),
  );

function fittedAny(request: FitRequest, context: Context): Result<object, Problem> {
  const { model, degree, errors, throughOrigin, predictors } = request;
  const y = column(request.y, context);
  if (!y.ok) return y;
  const freq = frequencies(request.freq, request.y.length, context);
  if (!freq.ok) return freq;
  const points = { y: y.value, weights: freq.value };
  const answer = (names: readonly string[], found: Regression): Result<object, Problem> => {
    const all = told(names, found.coefficients.map(fromRational), restOf(found), errors, context);
    return all.ok ? succeed(all.value.answer) : all;
  };
  if (predictors !== undefined) {
    const columns: (readonly Rational[])[] = [];
    for (const texts of predictors) {
      const read = column(texts, context);
      if (!read.ok) return read;
      columns.push(read.value);
    }
    const found = linear(columns, points, !throughOrigin, context);
    return found.ok ? answer(throughOrigin ? letters.slice(1) : letters, found.value) : found;
  }
  if (request.x === undefined) return fail(withSpan({ code: 'undefined-name', name: 'x', among: 'request' }, NOWHERE));
  const x = column(request.x, context);
  if (!x.ok) return x;
  const order = model === 'straight' ? 1 : degree;
  const isPolynomial = model === 'straight' || model === 'polynomial';
  if (isPolynomial && throughOrigin) {
    const found = linear(powersOf(x.value, 1, order), points, false, context);
    return found.ok ? answer(letters.slice(1), found.value) : found;
  }
  if (model === 'own' || model === 'logistic') {
    if (x.value.length !== y.value.length)
      return refused({ code: 'dimension', reason: 'unequal-lengths', needs: x.value.length, got: y.value.length });
    const found = searched(request, x.value, points, context);
    if (!found.ok) return found;
    const { names, fit: own } = found.value;
    const all = told(names, own.coefficients, own, errors, context);
    return all.ok ? succeed(all.value.answer) : all;
  }
  return named(request, model, x.value, points, context);
}

/** One of the models that are offered by name. */
function named(
  request: FitRequest,
  model: FitModel,
  x: readonly Rational[],
  points: Points,
  context: Context,
): Result<object, Problem> {
  const result = fit(
    { model, degree: request.degree, x, y: points.y, frequencies: points.weights, digits: context.digits + 4 },
    context.shouldContinue,
  );
  if (!result.ok) return refused(result.problem);
  const { coefficients, r, r2 } = result.value;
  const known = knownDecimals(
    Object.fromEntries<RealValue | null>([
      ...coefficients.map(({ name, value }) => [name, value] as const),
      ['r', r],
      ['r2', r2],
    ]),
    context,
  );
  if (!known.ok) return known;
  const { texts, settled } = known.value;
  const byValue = new Map(coefficients.map(({ name, value }) => [value, texts[name] ?? '']));
  const equation = printText(
    equationTree(result.value, (v) => numeral(entryAt(byValue, v))),
    TYPED,
  );
  const rest = request.errors
    ? restOfModel(
        model,
        request.degree,
        { x, ...points },
        coefficients.map(({ value }) => value),
        context.digits,
        context.shouldContinue,
      )
    : null;
  const names = coefficients.map(({ name }) => name);
  const more =
    rest &&
    told(
      names,
      coefficients.map(({ value }) => value),
      rest,
      true,
      context,
    );
  if (more !== null && !more.ok) return more;
  return succeed({
    ...more?.value.answer,
    coefficients: Object.fromEntries(coefficients.map(({ name }) => [name, texts[name] ?? null])),
    ...(texts['r'] == null ? {} : { r: texts['r'] }),
    r2: texts['r2'] ?? null,
    equation: `y=${equation}`,
    ...(settled ? {} : { settled }),
  });
}
