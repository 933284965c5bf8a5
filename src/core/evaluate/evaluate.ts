import { itemAt } from '../base/item';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import { guarded } from '../base/limits';
import { withSpan } from '../base/problem';
import type { Problem, ProblemData } from '../base/problem';
import { functionRecord } from '../function/worked';
import type { FunctionRecord, OfChance } from '../function/record';
import { absentParameters, chanceValue, valuesOf } from '../chance';
import { cover } from '../base/span';
import type { Span } from '../base/span';
import type { PostfixName } from '../language/operators';
import { isShare, rowsOf } from '../language/tree';
import type { Tree } from '../language/tree';
import { entryOf, mapped, sizeOf } from '../matrix/matrix';
import { convertAngle } from '../number/angle';
import { MOST_DEPTH, recipeDepth } from '../number/recipe';
import * as arithmetic from '../number/arithmetic';
import * as complex from '../number/complex';
import { factorial } from '../number/counting';
import { simplified } from '../number/exact-form';
import { expOf } from '../number/logarithm';
import * as q from '../number/rational';
import { valueOfDigits } from '../radix/digits';
import { convert } from '../unit/convert';
import { readUnit, unitProblem } from '../unit/read';
import { asWhole, fromRational, fromWhole, isReal, isScalar } from '../number/value';
import type { RealValue, Scalar, Value } from '../number/value';
import { bind } from './bind';
import { placed, refused } from './context';
import type { Context, Evaluated } from './context';
import { decide } from './decide';
import type { Truth } from './decide';
import { numeralValue } from './numeral';
import { needsNumber, negated, productOf, quotientOf, raised, remainderOf, sumOf } from './values';

const HUNDRED = fromWhole(100);

/**
 * The value of an expression under a context: exact where `conventions` keeps exactness or the exact layer can prove
 * it, else a real. Every problem carries the place of the node that caused it.
 */
export const evaluate = (tree: Tree, context: Context): Evaluated =>
  guarded(
    () => {
      const value = evaluateNode(tree, context);
      if (!value.ok) return value;
      const result = simplest(value.value, context);
      return isTooDeep(result) ? refused({ code: 'too-large' }, tree.span) : succeed(result);
    },
    (problemData) => withSpan(problemData, tree.span),
  );

/** The same, with nothing exact brought out of what is not so at once: for a look at about how large it is. */
export const evaluateRoughly = (tree: Tree, context: Context): Evaluated =>
  guarded(
    () => evaluateNode(tree, context),
    (problemData) => withSpan(problemData, tree.span),
  );

/** The value with whatever is exact in it brought out. */
const simplest = (v: Value, { shouldContinue }: Context): Value =>
  isScalar(v) ? simplified(v, shouldContinue) : mapped(v, (entry) => simplified(entry, shouldContinue));

const isTooDeep = (v: Value): boolean =>
  v.kind === 'matrix'
    ? v.rows.some((row) => row.some(isTooDeep))
    : (isReal(v) ? [v] : [v.re, v.im]).some((part) => recipeDepth(part) > MOST_DEPTH);

/** Whether a line that is a relation holds. */
export const decideLine = (tree: Tree, context: Context): Result<Truth, Problem> =>
  guarded(
    () => decide(tree, context, evaluateNode),
    (problemData) => withSpan(problemData, tree.span),
  );

/** The value as it comes about step by step, without the last look for an exact form. */
function evaluateNode(tree: Tree, context: Context): Evaluated {
  if (!context.shouldContinue()) return refused({ code: 'stopped' }, tree.span);
  switch (tree.kind) {
    case 'number': {
      const value = numeralValue(tree.written);
      return value === null ? refused({ code: 'too-large' }, tree.span) : succeed(fromRational(value));
    }
    case 'based':
      return succeed(fromRational(valueOfDigits(tree.digits, tree.base)));
    case 'constant':
      return constant(tree, context);
    case 'letter': {
      const held = context.names.letters.get(tree.name);
      return held === undefined ? refused({ code: 'undefined-name', name: tree.name }, tree.span) : succeed(held);
    }
    case 'group':
      return evaluateNode(tree.of, context);
    case 'negate':
      return then(evaluateNode(tree.of, context), (v) => succeed(negated(v)));
    case 'binary':
      return binary(tree, context);
    case 'power':
      return then(evaluateNode(tree.base, context), (base) =>
        then(evaluateNode(tree.exponent, context), (exponent) => placed(raised(base, exponent, context), tree.span)),
      );
    case 'postfix':
      return then(evaluateNode(tree.of, context), (v) => placed(marked(v, tree.op, context), tree.span));
    case 'mark':
      return then(evaluateNode(tree.of, context), (v) =>
        placed(
          withReal(v, tree.unit, (x) => convertAngle(x, tree.unit, context.angle, context.shouldContinue)),
          tree.span,
        ),
      );
    case 'dms':
      return dms(tree, context);
    case 'mixed': {
      if (tree.d === 0n) return refused({ code: 'divide-by-zero' }, tree.span);
      return succeed(fromRational(q.add(q.whole(tree.whole ?? 0n), q.rational(tree.n, tree.d))));
    }
    case 'call':
      return call(tree, context);
    case 'matrix':
      return matrixOf(tree, context);
    case 'entry':
      return entryIn(tree, context);
    case 'conversion':
      return conversion(tree, context);
    case 'relation':
    case 'logic':
    case 'not':
      return refused({ code: 'syntax', reason: 'comparison-as-number' }, tree.span);
    case 'box':
      return refused({ code: 'syntax', reason: 'empty-box' }, tree.span);
  }
}

const then = (result: Evaluated, next: (value: Value) => Evaluated): Evaluated =>
  result.ok ? next(result.value) : result;

/** What only real numbers have. */
const withReal = (v: Value, fn: string, next: (x: RealValue) => arithmetic.RealResult): Result<Value, ProblemData> =>
  isReal(v) ? next(v) : isScalar(v) ? fail({ code: 'domain', reason: 'real-only', fn }) : needsNumber(fn);

/** A factorial or a percent. */
function marked(v: Value, op: PostfixName, { shouldContinue }: Context): Result<Value, ProblemData> {
  if (op === 'percent') return isScalar(v) ? complex.divide(v, HUNDRED, shouldContinue) : needsNumber('%');
  if (!isScalar(v)) return needsNumber('!');
  return isReal(v) ? factorial(v, shouldContinue) : succeed(complex.factorialOf(v));
}

function constant({ name, span }: Tree & { kind: 'constant' }, { names, complex: isOn }: Context): Evaluated {
  switch (name) {
    case 'pi':
      return succeed(arithmetic.PI);
    case 'e':
      return placed(expOf(arithmetic.ONE), span);
    case 'i':
      return isOn ? succeed(complex.I) : refused({ code: 'undefined-name', name }, span);
    case 'inf':
      return refused({ code: 'domain', reason: 'infinite' }, span);
    case 'Ans':
    case 'total': {
      const held = name === 'Ans' ? names.ans : names.total;
      return held === null ? refused({ code: 'undefined-name', name }, span) : succeed(held);
    }
  }
}

function binary(tree: Tree & { kind: 'binary' }, context: Context): Evaluated {
  return then(evaluateNode(tree.left, context), (left) =>
    then(evaluateNode(tree.right, context), (right) => {
      switch (tree.op) {
        case 'plus':
        case 'minus': {
          if (!isShare(tree)) return placed(sumOf(left, right, tree.op), tree.span);
          const share = productOf(left, right, context);
          return share.ok ? placed(sumOf(left, share.value, tree.op), tree.span) : placed(share, tree.span);
        }
        case 'times':
        case 'implied':
          return placed(productOf(left, right, context), tree.span);
        case 'divide':
        case 'over': {
          const result = quotientOf(left, right, context);
          return placed(result, result.ok || result.problem.code !== 'divide-by-zero' ? tree.span : tree.right.span);
        }
        case 'mod':
          return placed(remainderOf(left, right, context), tree.span);
      }
    }),
  );
}

/** A matrix of what its entries come to, each of which must be a number. */
function matrixOf(tree: Tree & { kind: 'matrix' }, context: Context): Evaluated {
  const rows: Scalar[][] = [];
  for (const row of rowsOf(tree)) {
    const entries: Scalar[] = [];
    for (const entry of row) {
      const value = evaluateNode(entry, context);
      if (!value.ok) return value;
      if (!isScalar(value.value)) return refused({ code: 'syntax', reason: 'entry-is-matrix' }, entry.span);
      entries.push(value.value);
    }
    rows.push(entries);
  }
  return succeed({ kind: 'matrix', rows });
}

/** The entry that is asked for, counted from 1. */
function entryIn(tree: Tree & { kind: 'entry' }, context: Context): Evaluated {
  return then(evaluateNode(tree.of, context), (of) => {
    if (of.kind !== 'matrix') return refused({ code: 'domain', reason: 'needs-matrix', fn: '[ ]' }, tree.of.span);
    const places: bigint[] = [];
    for (const at of tree.at) {
      const value = evaluateNode(at, context);
      if (!value.ok) return value;
      const n = asWhole(value.value);
      if (n === null) return refused({ code: 'domain', reason: 'needs-whole', fn: '[ ]' }, at.span);
      places.push(n);
    }
    const size = sizeOf(of);
    const [row = 1n, column = 1n] = places;
    // One place alone counts along a vector, and a whole row of a matrix has no such number.
    if (places.length === 1 && size[1] > 1)
      return refused({ code: 'dimension', reason: 'outside', size, row: `${row}`, column: '' }, tree.span);
    const isInside = row >= 1n && row <= BigInt(size[0]) && column >= 1n && column <= BigInt(size[1]);
    if (!isInside)
      return refused({ code: 'dimension', reason: 'outside', size, row: `${row}`, column: `${column}` }, tree.span);
    return succeed(entryOf(of, Number(row) - 1, Number(column) - 1));
  });
}

function dms(tree: Tree & { kind: 'dms' }, context: Context): Evaluated {
  const parts = [tree.degrees, tree.minutes, tree.seconds ?? '0'].map(numeralValue);
  if (parts.some((p) => p === null)) return refused({ code: 'too-large' }, tree.span);
  const [degrees, minutes, seconds] = parts as [q.Rational, q.Rational, q.Rational];
  const total = q.add(degrees, q.add(q.divide(minutes, q.whole(60)), q.divide(seconds, q.whole(3600))));
  return placed(convertAngle(fromRational(total), 'deg', context.angle, context.shouldContinue), tree.span);
}

/** The measures, each told in the unit that is asked for, summed up; a number for another base is just that number. */
function conversion(tree: Tree & { kind: 'conversion' }, context: Context): Evaluated {
  if (tree.base !== null) return evaluateNode(itemAt(tree.measures, 0).of, context);
  const to = readUnit(tree.to.text);
  let sum: Value = arithmetic.ZERO;
  for (const { of, unit } of tree.measures) {
    const at = unit?.span ?? of.span;
    const from = readUnit(unit?.text ?? '');
    if (!from.ok) return refused(unitProblem(from.problem), within(from.problem.at, at));
    if (!to.ok) return refused(unitProblem(to.problem), within(to.problem.at, tree.to.span));
    const told = then(evaluateNode(of, context), (v) =>
      placed(
        withReal(v, unit?.text ?? '', (x) => convert(x, from.value, to.value, context.shouldContinue)),
        cover(at, tree.to.span),
      ),
    );
    if (!told.ok) return told;
    const next = sumOf(sum, told.value, 'plus');
    if (!next.ok) return placed(next, tree.span);
    sum = next.value;
  }
  return succeed(sum);
}

/** A place in a part of the text as a place in all of it. */
const within = (inner: Span, part: Span): Span => ({ from: part.from + inner.from, to: part.from + inner.to });

function call(tree: Tree & { kind: 'call' }, context: Context): Evaluated {
  const record = functionRecord(tree.fn);
  const isHidden = record?.binds === undefined && record?.complexOnly === true && !context.complex;
  if (record === undefined || isHidden) return refused({ code: 'undefined-name', name: tree.fn }, tree.span);
  if (context.off.includes(tree.fn)) return refused({ code: 'domain', reason: 'off-now', fn: tree.fn }, tree.span);
  if (record.binds === 'slot') return slot(tree, context);
  if (record.binds !== undefined && record.binds !== 'matrix' && record.binds !== 'chance')
    return bind(record.binds, tree, context, evaluateNode);
  const values: Value[] = [];
  for (const arg of tree.args) {
    const value = evaluateNode(arg, context);
    if (!value.ok) return value;
    // A column stands for all its numbers.
    const isList = record.lists !== undefined && record.binds === undefined && value.value.kind === 'matrix';
    if (isList) values.push(...value.value.rows.flat());
    else values.push(value.value);
  }
  if (record.binds === 'matrix') return placed(record.of(values, context), tree.span);
  if (record.binds === 'chance') return chance(record, values, tree, context);
  return values.every(isScalar)
    ? placed(applied(record, values, context), tree.span)
    : placed(
        needsNumber(record.name),
        itemAt(
          tree.args,
          values.findIndex((v) => !isScalar(v)),
        ).span,
      );
}

/** A question about a distribution. Parameters are left out all together or not at all, so that none is taken for another. */
function chance(
  { name, distribution, question, takes, least }: OfChance,
  values: readonly Value[],
  tree: Tree & { kind: 'call' },
  context: Context,
): Evaluated {
  const wrong = values.findIndex((v) => !isReal(v));
  if (wrong >= 0) return refused({ code: 'domain', reason: 'real-only', fn: name }, itemAt(tree.args, wrong).span);
  if (values.length > least && values.length < takes.length)
    return refused(
      { code: 'argument-count', fn: name, got: values.length, least: takes.length, most: takes.length },
      tree.span,
    );
  const asked = valuesOf(question);
  const given = values.filter(isReal);
  const parameters = values.length === takes.length ? given.slice(asked) : absentParameters(distribution);
  const { shouldContinue } = context;
  const answer = chanceValue(distribution, question, given.slice(0, asked), parameters, name, shouldContinue);
  if (answer.ok || answer.problem.code !== 'parameter') return placed(answer, tree.span);
  const at = takes.indexOf(answer.problem.name);
  return refused(answer.problem, (tree.args[at] ?? tree).span);
}

/** Reasons for which a real function gives way to the principal complex value. */
const GIVES_WAY = new Set([
  'even-root-of-negative',
  'log-of-non-positive',
  'log-base',
  'negative-base',
  'outside-minus-one-to-one',
  'inside-minus-one-to-one',
  'not-between-minus-one-and-one',
  'below-one',
]);

type Plain = Extract<FunctionRecord, { binds?: undefined }>;

/** A function of values: the real one where it has a value, else the complex one where that is asked for. */
function applied(record: Plain, values: readonly Scalar[], context: Context): Result<Scalar, ProblemData> {
  const { name, complex: principal } = record;
  if (values.every(isReal) && !(context.complex && record.complexFirst === true)) {
    const result = record.apply(values, context);
    if (result.ok || !context.complex || result.problem.code !== 'domain') return result;
    return principal && GIVES_WAY.has(result.problem.reason) ? principal(values, context) : result;
  }
  return principal ? principal(values, context) : fail({ code: 'domain', reason: 'real-only', fn: name });
}

function slot(tree: Tree & { kind: 'call' }, context: Context): Evaluated {
  return then(evaluateNode(itemAt(tree.args, 0), context), (v) => {
    const n = asWhole(v);
    if (n === null || n < 0n || n > 9n)
      return refused({ code: 'syntax', reason: 'slot-number' }, itemAt(tree.args, 0).span);
    const held = context.names.slots.get(Number(n));
    return held === undefined ? refused({ code: 'undefined-name', name: `slot(${n})` }, tree.span) : succeed(held);
  });
}
