import { entryAt, itemAt } from '@/core/base/item';
import type { ShouldContinue } from '@/core/base/should-continue';
import { withSpan } from '@/core/base/problem';
import type { Problem, ProblemData } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { restOf, restOfModel, weightsOver } from '@/core/column/fit-analysis';
import type { FitRest } from '@/core/column/fit-analysis';
import { fitModels } from '@/core/column/fit-models';
import type { FitModel, FitName } from '@/core/column/fit-models';
import { equationTree, fit } from '@/core/column/fits';
import { directFit, directTrees } from '@/core/column/fits/direct';
import { polynomialEquation } from '@/core/column/fits/polynomial';
import { nonlinearFit } from '@/core/column/nonlinear';
import type { NonlinearFit } from '@/core/column/nonlinear';
import { powersOf, regressionOf } from '@/core/column/regression';
import type { Regression } from '@/core/column/regression';
import { proposedStart } from '@/core/column/start-values';
import { openLetters } from '@/core/evaluate/open-letters';
import { parse } from '@/core/language/parse';
import { numberTree, partsOf, withParts } from '@/core/language/tree';
import type { Tree } from '@/core/language/tree';
import { isTruth } from '@/core/language/truth';
import { valuesOf } from '@/core/language/value-list';
import type { Rational } from '@/core/number/rational';
import { fromRational } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import type { ReadPair } from './column-data';
import { SPELLING, fractionsOf } from './column-reader';
import type { Reader } from './column-reader';

/** What is fitted: a model by its name with what is set about it, see `FitOption`. */
export type FitWish = Readonly<{
  model: FitName;
  degree: number;
  origin: boolean;
  direct: boolean;
  /** An own model as typed text in x, and `a = 1, b = 2` for what its letters begin with; empty for proposed values. */
  expr: string;
  start: string;
}>;

/** A curve that was laid through points. */
export type FoundCurve = Readonly<{
  names: readonly string[];
  coefficients: readonly RealValue[];
  r: RealValue | null;
  r2: RealValue | null;
  equation: (leaf: (value: RealValue) => Tree) => Tree;
  rest: FitRest | null;
  /** The regression whose columns are these powers of x; null where it is none. */
  regression: Readonly<{ of: Regression; powers: readonly number[] }> | null;
  /** What an own model began with. */
  start: readonly Readonly<{ name: string; value: Rational }>[] | null;
}>;

type Found = Result<FoundCurve, Problem>;

const NOWHERE = { from: 0, to: 0 } as const;
/** Digits with which an equation is handed on. */
export const FULL_DIGITS = 34;
const letters = [...'abcdefghijk'];

/** A problem of the core, in which the row of a pair is told by the row of the table. */
function placed(problem: ProblemData, pair: ReadPair): { ok: false; problem: Problem } {
  if (problem.code !== 'domain' || problem.row === undefined) return fail(withSpan(problem, NOWHERE));
  return fail(withSpan({ ...problem, row: itemAt(pair.at, problem.row) }, NOWHERE));
}

/** A line or polynomial by its exact regression: through the origin, or with weights. */
function polynomialCurve(
  { model, degree, origin }: FitWish,
  pair: ReadPair,
  weights: readonly Rational[] | null,
  shouldContinue: ShouldContinue,
): Found {
  const order = model === 'straight' ? 1 : degree;
  const first = origin ? 1 : 0;
  const over = weights === null ? null : weightsOver(weights);
  const found = regressionOf(
    powersOf(pair.x, first, order),
    pair.y,
    over?.weights ?? pair.counts,
    !origin,
    shouldContinue,
    over?.over ?? null,
  );
  if (found === null) return fail(withSpan({ code: 'domain', reason: 'no-spread' }, NOWHERE));
  const rest = restOf(found);
  const coefficients = found.coefficients.map(fromRational);
  return succeed({
    names: letters.slice(first, order + 1),
    coefficients,
    r: null,
    r2: rest.r2,
    equation: (leaf) => polynomialEquation([...(origin ? [numberTree('0')] : []), ...coefficients.map(leaf)]),
    rest,
    regression: { of: found, powers: Array.from({ length: order - first + 1 }, (_, k) => first + k) },
    start: null,
  });
}

const searchedCurve = (
  names: readonly string[],
  tree: Tree,
  found: NonlinearFit,
  start: FoundCurve['start'],
): FoundCurve => ({
  names,
  coefficients: found.coefficients,
  r: null,
  r2: found.r2,
  equation: (leaf) => {
    const values = new Map(names.map((name, i) => [name, itemAt(found.coefficients, i)]));
    const put = (node: Tree): Tree => {
      const value = node.kind === 'letter' ? values.get(node.name) : undefined;
      if (value !== undefined) return leaf(value);
      const parts = partsOf(node);
      return parts.length === 0 ? node : withParts(node, parts.map(put));
    };
    return put(tree);
  },
  rest: found,
  regression: null,
  start,
});

/** `a = 1, b = 2` as values by their letters; a letter that is not named begins with what is proposed. */
function startValues(
  text: string,
  names: readonly string[],
  proposed: readonly Rational[],
  reader: Reader,
): Result<readonly Rational[], Problem> {
  const told = new Map<string, Rational>();
  for (const part of valuesOf(text.replaceAll(';', ','), SPELLING)) {
    const match = /^\s*([a-z])\s*=\s*(.+)$/i.exec(part);
    if (match === null) return fail(withSpan({ code: 'syntax', reason: 'start-values' }, NOWHERE));
    const value = reader.value(match[2] ?? '');
    if (!value.ok) return value;
    const taken = fractionsOf([value.value], reader.context);
    if (!taken.ok) return taken;
    told.set(match[1] ?? '', itemAt(taken.value.values, 0));
  }
  return succeed(names.map((name, i) => told.get(name) ?? itemAt(proposed, i)));
}

function ownCurve({ expr, start }: FitWish, pair: ReadPair, reader: Reader): Found {
  const { shouldContinue } = reader.context;
  const reading = parse(expr.replace(/^\s*y\s*=/, ''), SPELLING);
  if (!reading.ok) return reading;
  const { tree } = reading.value;
  if (isTruth(tree)) return fail(withSpan({ code: 'syntax', reason: 'comparison-as-number' }, tree.span));
  const names = openLetters(tree).filter((name) => name !== 'x');
  if (names.length === 0) return fail(withSpan({ code: 'syntax', reason: 'no-letters' }, tree.span));
  const starts = startValues(start, names, proposedStart(tree, names, pair, shouldContinue), reader);
  if (!starts.ok) return starts;
  const model = { tree, variable: 'x', letters: names, start: starts.value };
  const found = nonlinearFit(model, { x: pair.x, y: pair.y, weights: pair.counts }, shouldContinue);
  if (!found.ok) return placed(found.problem, pair);
  const began = names.map((name, i) => ({ name, value: itemAt(starts.value, i) }));
  return succeed(searchedCurve(names, tree, found.value, began));
}

/** The curve of a model through points. Problems: those of the model, with the row; those of an own expression and its start. */
export function curveOf(wish: FitWish, pair: ReadPair, weights: readonly Rational[] | null, reader: Reader): Found {
  const { shouldContinue } = reader.context;
  const { model, degree } = wish;
  if (model === 'own') return ownCurve(wish, pair, reader);
  if (model === 'several') throw new Error('several predictors have no curve');
  const { options } = fitModels[model];
  const isExact = options.includes('origin') && (wish.origin || weights !== null);
  if (isExact) return polynomialCurve(wish, pair, weights, shouldContinue);
  return namedCurve(model, degree, wish.direct && options.includes('direct'), pair, shouldContinue);
}

function namedCurve(
  model: FitModel,
  degree: number,
  isDirect: boolean,
  pair: ReadPair,
  shouldContinue: ShouldContinue,
): Found {
  const { x, y, counts } = pair;
  const points = { x, y, frequencies: counts, degree, digits: FULL_DIGITS + 20 };
  const result = fit({ ...points, model }, shouldContinue);
  if (!result.ok) return placed(result.problem, pair);
  const { r, r2 } = result.value;
  const names = result.value.coefficients.map(({ name }) => name);
  const coefficients = result.value.coefficients.map(({ value }) => value);
  if (isDirect && (model === 'exponential' || model === 'power')) {
    const found = directFit(model, points, { coefficients, r, r2 }, shouldContinue);
    if (!found.ok) return placed(found.problem, pair);
    return succeed(searchedCurve(names, entryAt(new Map(Object.entries(directTrees)), model), found.value, null));
  }
  const order = model === 'straight' ? 1 : degree;
  const isPolynomial = model === 'straight' || model === 'polynomial';
  const regression = isPolynomial ? regressionOf(powersOf(x, 0, order), y, counts, true, shouldContinue) : null;
  const rest =
    regression === null
      ? restOfModel(model, degree, { x, y, weights: counts }, coefficients, FULL_DIGITS, shouldContinue)
      : restOf(regression);
  return succeed({
    names,
    coefficients,
    r,
    r2,
    equation: (leaf) => equationTree(result.value, leaf),
    rest,
    regression: regression && { of: regression, powers: Array.from({ length: order + 1 }, (_, k) => k) },
    start: null,
  });
}
