import { itemAt } from '../base/item';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import { guarded } from '../base/limits';
import { withSpan } from '../base/problem';
import type { Problem, ProblemData } from '../base/problem';
import { functionNamed } from '../function';
import type { FunctionRecord } from '../function/record';
import { isShare } from '../language/tree';
import type { Tree } from '../language/tree';
import { convertAngle } from '../number/angle';
import { MOST_DEPTH, recipeDepth } from '../number/approximate';
import * as arithmetic from '../number/arithmetic';
import * as complex from '../number/complex';
import { factorial } from '../number/counting';
import { simplified } from '../number/exact-form';
import { expOf } from '../number/logarithm';
import { power } from '../number/power';
import * as q from '../number/rational';
import { remainder } from '../number/rounding';
import { asWhole, fromRational, fromWhole, isReal } from '../number/value';
import type { RealValue, Value } from '../number/value';
import { bind } from './bind';
import { placed, refused } from './context';
import type { Context, Evaluated } from './context';
import { decide } from './decide';
import type { Truth } from './decide';
import { numeralValue } from './numeral';

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
      const result = simplified(value.value, context.shouldContinue);
      return isTooDeep(result) ? refused({ code: 'too-large' }, tree.span) : succeed(result);
    },
    (problemData) => withSpan(problemData, tree.span),
  );

const isTooDeep = (v: Value): boolean =>
  (isReal(v) ? [v] : [v.re, v.im]).some((part) => recipeDepth(part) > MOST_DEPTH);

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
    case 'constant':
      return constant(tree, context);
    case 'letter': {
      const held = context.names.letters.get(tree.name);
      return held === undefined ? refused({ code: 'undefined-name', name: tree.name }, tree.span) : succeed(held);
    }
    case 'group':
      return evaluateNode(tree.of, context);
    case 'negate':
      return then(evaluateNode(tree.of, context), (v) => succeed(complex.negate(v)));
    case 'binary':
      return binary(tree, context);
    case 'power':
      return then(evaluateNode(tree.base, context), (base) =>
        then(evaluateNode(tree.exponent, context), (exponent) => placed(raised(base, exponent, context), tree.span)),
      );
    case 'postfix':
      return then(evaluateNode(tree.of, context), (v) =>
        placed(
          tree.op === 'factorial'
            ? isReal(v)
              ? factorial(v, context.shouldContinue)
              : succeed(complex.factorialOf(v))
            : complex.divide(v, HUNDRED, context.shouldContinue),
          tree.span,
        ),
      );
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
  isReal(v) ? next(v) : fail({ code: 'domain', reason: 'real-only', fn });

const raised = (
  base: Value,
  exponent: Value,
  { complex: isOn, shouldContinue }: Context,
): Result<Value, ProblemData> =>
  !isOn && isReal(base) && isReal(exponent)
    ? power(base, exponent, shouldContinue)
    : complex.power(base, exponent, shouldContinue);

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
          const part = isShare(tree) ? complex.multiply(left, right) : right;
          return succeed(tree.op === 'plus' ? complex.add(left, part) : complex.subtract(left, part));
        }
        case 'times':
        case 'implied':
          return succeed(complex.multiply(left, right));
        case 'divide':
        case 'over': {
          const result = complex.divide(left, right, context.shouldContinue);
          return placed(result, result.ok || result.problem.code !== 'divide-by-zero' ? tree.span : tree.right.span);
        }
        case 'mod':
          if (!isReal(left) || !isReal(right))
            return refused({ code: 'domain', reason: 'real-only', fn: 'mod' }, tree.span);
          return placed(remainder(left, right, context.shouldContinue), tree.span);
      }
    }),
  );
}

function dms(tree: Tree & { kind: 'dms' }, context: Context): Evaluated {
  const parts = [tree.degrees, tree.minutes, tree.seconds ?? '0'].map(numeralValue);
  if (parts.some((p) => p === null)) return refused({ code: 'too-large' }, tree.span);
  const [degrees, minutes, seconds] = parts as [q.Rational, q.Rational, q.Rational];
  const total = q.add(degrees, q.add(q.divide(minutes, q.whole(60)), q.divide(seconds, q.whole(3600))));
  return placed(convertAngle(fromRational(total), 'deg', context.angle, context.shouldContinue), tree.span);
}

function call(tree: Tree & { kind: 'call' }, context: Context): Evaluated {
  const record = functionNamed(tree.fn);
  const isHidden = record?.binds === undefined && record?.complexOnly === true && !context.complex;
  if (record === undefined || isHidden) return refused({ code: 'undefined-name', name: tree.fn }, tree.span);
  if (record.binds === 'slot') return slot(tree, context);
  if (record.binds !== undefined) return bind(record.binds, tree, context, evaluateNode);
  const values: Value[] = [];
  for (const arg of tree.args) {
    const value = evaluateNode(arg, context);
    if (!value.ok) return value;
    values.push(value.value);
  }
  return placed(applied(record, values, context), tree.span);
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
function applied(record: Plain, values: readonly Value[], context: Context): Result<Value, ProblemData> {
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
