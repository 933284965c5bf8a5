import { functionRecord } from '../function/worked';
import { isShare, nodesOf } from '../language/tree';
import type { Tree } from '../language/tree';
import { piTimes } from '../number/arithmetic';
import { VARIABLE, minus, op, over, plus, times, realValue, wholeNumber } from '../number/real-expr';
import type { RealExpr } from '../number/real-expr';
import * as q from '../number/rational';
import { asRational, isReal } from '../number/value';
import type { RealValue } from '../number/value';
import type { Context, Evaluator } from './context';
import { withoutMatrices } from './without-matrices';

/** Whether a letter stands free in an expression (one that an inner sum binds is another). */
export function mentions(tree: Tree, name: string): boolean {
  for (const node of nodesOf(tree)) if (node.kind === 'letter' && node.name === name) return true;
  return false;
}

/** Whether an expression may answer otherwise each time, so that it must not be worked once for many terms. */
export function hasChance(tree: Tree): boolean {
  for (const node of nodesOf(tree)) {
    const record = node.kind === 'call' ? functionRecord(node.fn) : undefined;
    if (record?.binds === undefined && record?.isChance === true) return true;
  }
  return false;
}

const HUNDREDTH = realValue({ kind: 'rational', value: q.rational(1n, 100n) });

/** Past these an exponent is that of a real power. */
const MOST_EXPONENT = 1_000_000n;
const MOST_OF_EVEN_ROOT = 512n;

/**
 * An expression in one variable as operations on balls, the rest of it worked out once; null when it has a part that
 * is not made of them (a step function, another sum, complex numbers), or no value.
 */
export function compileToRealExpr(tree: Tree, variable: string, context: Context, worth: Evaluator): RealExpr | null {
  const visit = (node: Tree): RealExpr | null => {
    if (!mentions(node, variable)) {
      const value = worth(node, context);
      return value.ok && isReal(value.value) ? realValue(value.value) : null;
    }
    switch (node.kind) {
      case 'letter':
        return VARIABLE;
      case 'group':
        return visit(node.of);
      case 'negate':
        return joined([node.of], (of) => op('negate', of));
      case 'binary':
        return binary(node);
      case 'power':
        return power(node);
      case 'postfix':
        return joined([node.of], (of) =>
          node.op === 'percent' ? times(of, HUNDREDTH) : op('gamma', plus(of, wholeNumber(1))),
        );
      case 'mark':
        return joined([node.of], (of) => times(of, realValue(perRadian(node.unit, context.angle))));
      case 'call':
        return call(node);
      default:
        return null;
    }
  };

  const joined = (trees: readonly Tree[], make: (...parts: RealExpr[]) => RealExpr): RealExpr | null => {
    const parts = trees.map(visit);
    return parts.some((p) => p === null) ? null : make(...(parts as RealExpr[]));
  };

  const binary = (node: Tree & { kind: 'binary' }): RealExpr | null => {
    const { op: sign } = node;
    // A remainder jumps, which balls cannot follow.
    if (sign === 'mod') return null;
    return joined([node.left, node.right], (left, right) => {
      switch (sign) {
        case 'plus':
        case 'minus': {
          const part = isShare(node) ? times(left, right) : right;
          return sign === 'plus' ? plus(left, part) : minus(left, part);
        }
        case 'times':
        case 'implied':
          return times(left, right);
        case 'divide':
        case 'over':
          return over(left, right);
      }
    });
  };

  const power = (node: Tree & { kind: 'power' }): RealExpr | null => {
    const [base, exponent] = [visit(node.base), visit(node.exponent)];
    if (base === null || exponent === null) return null;
    const to = exponent.kind === 'value' ? asRational(exponent.value) : null;
    if (to === null) return op('realPower', base, exponent);
    // An even root is of no negative number, as a real power is not; and a long power of it has wide bounds.
    const most = to.d % 2n === 0n ? MOST_OF_EVEN_ROOT : MOST_EXPONENT;
    if (to.n > most || to.n < -most || to.d > MOST_EXPONENT) return op('realPower', base, exponent);
    // The root comes first: x^666667, of which x^0.666667 is a root, has no bounds to speak of over an interval.
    const rooted = to.d === 1n ? base : op('root', base, wholeNumber(Number(to.d)));
    return to.n === 1n && to.d !== 1n ? rooted : op('wholePower', rooted, wholeNumber(Number(to.n)));
  };

  const call = (node: Tree & { kind: 'call' }): RealExpr | null => {
    const record = functionRecord(node.fn);
    if (record?.binds !== undefined || record?.formula === undefined) return null;
    const { formula, angleIn, angleOut } = record;
    const result = joined(node.args, (...args) =>
      formula(...(angleIn && context.angle !== 'rad' ? args.map((a) => times(a, toRadians(context.angle))) : args)),
    );
    if (result === null || !angleOut || context.angle === 'rad') return result;
    return over(result, toRadians(context.angle));
  };

  return visit(withoutMatrices(tree));
}

const halfTurn = { deg: 180n, rad: null, grad: 200n } as const;

/** π/180 or π/200 as a value. */
export function radiansPer(unit: Context['angle']): RealValue {
  const half = halfTurn[unit];
  return half === null ? { kind: 'rational', value: q.ONE } : piTimes(q.rational(1n, half));
}
const toRadians = (unit: Context['angle']): RealExpr => realValue(radiansPer(unit));

/** What a number marked with a unit is multiplied by to stand in the unit that is set. */
export function perRadian(marked: Context['angle'], set: Context['angle']): RealValue {
  const [from, to] = [halfTurn[marked], halfTurn[set]];
  if (from === to) return { kind: 'rational', value: q.ONE };
  if (from !== null && to !== null) return { kind: 'rational', value: q.rational(to, from) };
  if (from !== null) return piTimes(q.rational(1n, from));
  return { kind: 'real', op: 'divide', args: [{ kind: 'rational', value: q.ONE }, radiansPer(set)] };
}
