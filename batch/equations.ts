import { itemAt } from '@/core/base/item';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Context } from '@/core/evaluate/context';
import { exactTree } from '@/core/format/exact-tree';
import { parametricTree } from '@/core/format/parametric';
import { printText, TYPED } from '@/core/language/print-text';
import type { Tree } from '@/core/language/tree';
import { imOf, reOf } from '@/core/number/complex';
import { asRational, fromRational, isExact } from '@/core/number/value';
import type { Scalar } from '@/core/number/value';
import { trimmed } from '@/core/polynomial/rational-polynomial';
import { rootsOf } from '@/core/polynomial/roots';
import { discriminantOf } from '@/core/solve/discriminant';
import { solveSystem, systemOf } from '@/core/solve/system';
import type { System, Written } from '@/core/solve/system';
import { NOWHERE, decimalIn, numberIn, numberText, readExpr } from './numbers';
import type { PolynomialRequest, SystemRequest } from './request';

/** Names for unknowns that were given none. */
const NAMES = [...'xyzuvwabcdfghjklmnopqrstABCDEFGHIJKLMNOPQRSTUVWXYZ'];

/** A problem, and in which of the equations or rows it stands, counted from 0. */
type Placed<T> = Result<T, Problem & Readonly<{ equation?: number }>>;

const within = (equation: number, problem: Problem) => fail({ ...problem, equation });

function fromEquations(request: SystemRequest, context: Context): Placed<System> {
  const trees: Tree[] = [];
  for (const [i, text] of (request.equations ?? []).entries()) {
    const reading = readExpr(text, request.impliedFirst);
    if (!reading.ok) return within(i, reading.problem);
    trees.push(reading.value.tree);
  }
  const system = systemOf(trees, request.unknowns ?? null, context);
  return system.ok ? system : within(system.at ?? 0, system.problem);
}

function fromRows(request: SystemRequest, context: Context): Placed<System> {
  const given = request.augmented ?? [];
  const count = itemAt(given, 0).length - 1;
  const rows: Scalar[][] = [];
  for (const [i, row] of given.entries()) {
    if (row.length !== count + 1)
      return fail(
        withSpan({ code: 'dimension', reason: 'ragged', row: i + 1, needs: count + 1, got: row.length }, NOWHERE),
      );
    const values: Scalar[] = [];
    for (const text of row) {
      const value = numberIn(text, context);
      if (!value.ok) return within(i, value.problem);
      values.push(value.value);
    }
    rows.push(values);
  }
  const unknowns = request.unknowns ?? NAMES.slice(0, count);
  if (unknowns.length !== count)
    return fail(
      withSpan({ code: 'dimension', reason: 'ragged', row: 1, needs: unknowns.length + 1, got: count + 1 }, NOWHERE),
    );
  return succeed({ unknowns, rows: rows.map((row) => row.slice(0, -1)), right: rows.map((row) => itemAt(row, count)) });
}

/** A solution in typed text: exactly, else its numbers rounded. */
function writtenText({ constant, along }: Written, context: Context): Result<string, Problem> {
  const tree = parametricTree(constant, along);
  if (tree !== null) return succeed(printText(tree, TYPED));
  let text = '';
  for (const [times, parameter] of [[constant, ''] as const, ...along.map((a) => [a.times, a.parameter] as const)]) {
    const number = numberText(times, context);
    if (!number.ok) return number;
    const sign = text === '' || number.value.text.startsWith('-') ? '' : '+';
    text += sign + number.value.text + (parameter === '' ? '' : `*${parameter}`);
  }
  return succeed(text);
}

/** The solutions of a system of linear equations. */
export function systemSolved(request: SystemRequest, context: Context): Placed<object> {
  if ((request.equations === undefined) === (request.augmented === undefined))
    return fail(withSpan({ code: 'syntax', reason: 'empty' }, NOWHERE));
  const system = request.equations === undefined ? fromRows(request, context) : fromEquations(request, context);
  if (!system.ok) return system;
  const answer = solveSystem(system.value, context.shouldContinue);
  if (!answer.ok) return answer;
  if (answer.value.kind === 'none') {
    const exact = answer.value.combination.every(isExact);
    return succeed({ kind: 'none', solution: {}, parameters: [], exact });
  }
  const { kind, solution, parameters } = answer.value;
  const texts: Record<string, string> = {};
  let exact = true;
  for (const [name, written] of solution) {
    const text = writtenText(written, context);
    if (!text.ok) return text;
    texts[name] = text.value;
    exact &&= isExact(written.constant) && written.along.every(({ times }) => isExact(times));
  }
  return succeed({ kind, solution: texts, parameters, exact });
}

/** All roots of a polynomial with their multiplicities, and its discriminant. */
export function polynomialRoots(request: PolynomialRequest, context: Context): Result<object, Problem> {
  const values = [];
  for (const text of request.coefficients) {
    const value = numberIn(text, context);
    if (!value.ok) return value;
    const rational = asRational(value.value);
    if (rational === null)
      return fail(withSpan({ code: 'domain', reason: 'rational-only', fn: 'polynomial' }, NOWHERE));
    values.push(rational);
  }
  const p = trimmed([...values].reverse());
  if (p.length < 2) return fail(withSpan({ code: 'domain', reason: 'no-values' }, NOWHERE));
  const roots = rootsOf(p, context.digits + 20, context.shouldContinue);
  if (roots === null) return fail(withSpan({ code: 'not-converged' }, NOWHERE));
  const found: object[] = [];
  for (const { value, multiplicity } of roots) {
    const [re, im] = [decimalIn(reOf(value), context), decimalIn(imOf(value), context)];
    if (!re.ok) return re;
    if (!im.ok) return im;
    const exact = isExact(value) ? printText(exactTree(value), TYPED) : null;
    found.push({ re: re.value, im: im.value, exact, multiplicity });
  }
  const discriminant = fromRational(discriminantOf(p, context.shouldContinue));
  return succeed({ roots: found, discriminant: printText(exactTree(discriminant), TYPED) });
}
