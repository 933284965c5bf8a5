import type { AngleUnit } from '../base/angle';
import { place } from '../base/problem';
import type { Problem, Trouble } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import type { Span } from '../base/span';
import { functionNamed } from '../function';
import type { Tree } from '../language/tree';
import { convertAngle } from '../number/angle';
import type { Alive } from '../number/approximate';
import * as arithmetic from '../number/arithmetic';
import type { Outcome } from '../number/arithmetic';
import { factorial } from '../number/counting';
import { expOf } from '../number/logarithm';
import { power } from '../number/power';
import * as q from '../number/rational';
import { fromRational, fromWhole } from '../number/value';
import type { Value } from '../number/value';
import { numeralValue } from './numeral';

/** What a line may refer to. A letter that holds nothing is a problem, never a silent zero. */
export type Names = Readonly<{ ans: Value | null; letters: ReadonlyMap<string, Value> }>;

export type Context = Readonly<{ angle: AngleUnit; names: Names; alive: Alive }>;

type Evaluated = Result<Value, Problem>;

const HUNDRED = fromWhole(100);

const at = (outcome: Outcome, span: Span): Evaluated => (outcome.ok ? outcome : fail(place(outcome.problem, span)));
const problem = (trouble: Trouble, span: Span): Evaluated => fail(place(trouble, span));

/**
 * The value of an expression under a context: exact where `conventions` keeps exactness, else a real.
 * Every problem carries the place of the node that caused it.
 */
export function evaluate(tree: Tree, context: Context): Evaluated {
  if (!context.alive()) return problem({ code: 'stopped' }, tree.span);
  switch (tree.kind) {
    case 'number': {
      const value = numeralValue(tree.written);
      return value === null ? problem({ code: 'too-large' }, tree.span) : succeed(fromRational(value));
    }
    case 'constant':
      return constant(tree.name, tree.span, context);
    case 'letter': {
      const held = context.names.letters.get(tree.name);
      return held === undefined ? problem({ code: 'undefined-name', name: tree.name }, tree.span) : succeed(held);
    }
    case 'group':
      return evaluate(tree.of, context);
    case 'negate':
      return then(evaluate(tree.of, context), (v) => succeed(arithmetic.negate(v)));
    case 'binary':
      return binary(tree, context);
    case 'power':
      return then(evaluate(tree.base, context), (base) =>
        then(evaluate(tree.exponent, context), (exponent) => at(power(base, exponent, context.alive), tree.span)),
      );
    case 'postfix':
      return then(evaluate(tree.of, context), (v) =>
        at(
          tree.op === 'factorial' ? factorial(v, context.alive) : arithmetic.divide(v, HUNDRED, context.alive),
          tree.span,
        ),
      );
    case 'mark':
      return then(evaluate(tree.of, context), (v) =>
        at(convertAngle(v, tree.unit, context.angle, context.alive), tree.span),
      );
    case 'dms':
      return dms(tree, context);
    case 'mixed': {
      if (tree.d === 0n) return problem({ code: 'divide-by-zero' }, tree.span);
      return succeed(fromRational(q.add(q.whole(tree.whole ?? 0n), q.rational(tree.n, tree.d))));
    }
    case 'call':
      return call(tree, context);
    case 'box':
      return problem({ code: 'syntax', reason: 'empty-box' }, tree.span);
  }
}

const then = (result: Evaluated, next: (value: Value) => Evaluated): Evaluated =>
  result.ok ? next(result.value) : result;

function constant(name: 'pi' | 'e' | 'Ans', span: Span, { names }: Context): Evaluated {
  switch (name) {
    case 'pi':
      return succeed(arithmetic.PI);
    case 'e':
      return at(expOf(arithmetic.ONE), span);
    case 'Ans':
      return names.ans === null ? problem({ code: 'undefined-name', name }, span) : succeed(names.ans);
  }
}

const isPercent = (tree: Tree): tree is Tree & { kind: 'postfix' } => tree.kind === 'postfix' && tree.op === 'percent';

function binary(tree: Tree & { kind: 'binary' }, context: Context): Evaluated {
  return then(evaluate(tree.left, context), (left) =>
    then(evaluate(tree.right, context), (right) => {
      switch (tree.op) {
        case 'plus':
        case 'minus': {
          // a ± b% means a(1 ± b/100) when a is not itself a bare percent.
          const part = isPercent(tree.right) && !isPercent(tree.left) ? arithmetic.multiply(left, right) : right;
          return succeed(tree.op === 'plus' ? arithmetic.add(left, part) : arithmetic.subtract(left, part));
        }
        case 'times':
        case 'implied':
          return succeed(arithmetic.multiply(left, right));
        case 'divide':
        case 'over': {
          const made = arithmetic.divide(left, right, context.alive);
          return at(made, made.ok || made.problem.code !== 'divide-by-zero' ? tree.span : tree.right.span);
        }
        case 'mod':
          return at(remainder(left, right), tree.span);
      }
    }),
  );
}

/** a mod b has the sign of b: a − b·⌊a/b⌋. Rational arguments; others are not decided exactly here. */
function remainder(a: Value, b: Value): Outcome {
  if (a.kind !== 'rational' || b.kind !== 'rational')
    return arithmetic.trouble({ code: 'domain', reason: 'rational-only', fn: 'mod' });
  if (b.value.n === 0n) return arithmetic.trouble({ code: 'divide-by-zero' });
  const size = q.magnitude(b.value);
  const part = q.modulo(b.value.n < 0n ? q.negate(a.value) : a.value, size);
  return succeed(fromRational(b.value.n < 0n ? q.negate(part) : part));
}

function dms(tree: Tree & { kind: 'dms' }, context: Context): Evaluated {
  const parts = [tree.degrees, tree.minutes, tree.seconds ?? '0'].map(numeralValue);
  if (parts.some((p) => p === null)) return problem({ code: 'too-large' }, tree.span);
  const [degrees, minutes, seconds] = parts as [q.Rational, q.Rational, q.Rational];
  const total = q.add(degrees, q.add(q.divide(minutes, q.whole(60)), q.divide(seconds, q.whole(3600))));
  return at(convertAngle(fromRational(total), 'deg', context.angle, context.alive), tree.span);
}

function call(tree: Tree & { kind: 'call' }, context: Context): Evaluated {
  const record = functionNamed(tree.fn);
  if (record === undefined) return problem({ code: 'undefined-name', name: tree.fn }, tree.span);
  const values: Value[] = [];
  for (const arg of tree.args) {
    const value = evaluate(arg, context);
    if (!value.ok) return value;
    values.push(value.value);
  }
  return at(record.apply(values, context), tree.span);
}
