import { itemAt } from '../base/item';
import type { Problem } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import type { RelationName } from '../language/operators';
import type { Tree } from '../language/tree';
import { imOf, reOf } from '../number/complex';
import type { Verdict } from '../number/approximate';
import { compareReals } from '../number/sign';
import { isReal, isScalar } from '../number/value';
import type { Scalar, Value } from '../number/value';
import { refused } from './context';
import type { Context, Evaluator } from './context';

/** True, false, or (null) open: a thousand digits did not part the sides, nor could the exact layer. */
export type Truth = boolean | null;

type Decided = Result<Truth, Problem>;

const holds: { [R in RelationName]: (sign: -1 | 0 | 1) => boolean } = {
  equal: (s) => s === 0,
  unequal: (s) => s !== 0,
  less: (s) => s < 0,
  atMost: (s) => s <= 0,
  greater: (s) => s > 0,
  atLeast: (s) => s >= 0,
};

/** The numbers that a value is made of. */
const numbersOf = (v: Value): readonly Scalar[] => (isScalar(v) ? [v] : v.rows.flat());

const sameSize = (a: Value, b: Value): boolean =>
  isScalar(a) || isScalar(b)
    ? isScalar(a) && isScalar(b)
    : a.rows.length === b.rows.length && a.rows[0]?.length === b.rows[0]?.length;

/** The sign of a − b; 1 for complex numbers, or matrices, that are not the same. */
function order(a: Value, b: Value, op: RelationName, context: Context): Verdict<-1 | 0 | 1> | 'no-order' {
  const { shouldContinue } = context;
  if (isReal(a) && isReal(b)) return compareReals(a, b, shouldContinue);
  if (op !== 'equal' && op !== 'unequal') return 'no-order';
  if (!isScalar(a) || !isScalar(b)) {
    if (!sameSize(a, b)) return 1;
    const others = numbersOf(b);
    const all = numbersOf(a).map((entry, i) => order(entry, itemAt(others, i), op, context));
    return all.some((s) => s === 1 || s === -1) ? 1 : (all.find((s) => typeof s === 'string') ?? 0);
  }
  const parts = [compareReals(reOf(a), reOf(b), shouldContinue), compareReals(imOf(a), imOf(b), shouldContinue)];
  if (parts.some((p) => p === 1 || p === -1)) return 1;
  return parts.find((p) => typeof p === 'string') ?? 0;
}

/** Whether two values are the same number, or the same numbers in the same places; null where that stays open. */
export function isSameValue(a: Value, b: Value, context: Context): Truth {
  const sign = order(a, b, 'equal', context);
  return typeof sign === 'string' ? null : sign === 0;
}

const not = (t: Truth): Truth => (t === null ? null : !t);

/** `and` of three values: false as soon as one is; open while none is and one is open. */
const both = (a: Truth, b: Truth): Truth =>
  a === false || b === false ? false : a === null || b === null ? null : true;

/** Whether a relation, or several joined by and, or, not, holds. What decides without its other side does not ask for it. */
export function decide(tree: Tree, context: Context, worth: Evaluator): Decided {
  switch (tree.kind) {
    case 'group':
      return decide(tree.of, context, worth);
    case 'not': {
      const of = decide(tree.of, context, worth);
      return of.ok ? succeed(not(of.value)) : of;
    }
    case 'logic': {
      const left = decide(tree.left, context, worth);
      if (!left.ok || left.value === (tree.op === 'or')) return left;
      const right = decide(tree.right, context, worth);
      if (!right.ok) return right;
      if (tree.op === 'and') return succeed(both(left.value, right.value));
      return succeed(not(both(not(left.value), not(right.value))));
    }
    case 'relation': {
      let result: Truth = true;
      let left = worth(tree.first, context);
      for (const { op, right: side } of tree.rest) {
        if (!left.ok) return left;
        const right = worth(side, context);
        if (!right.ok) return right;
        const sign = order(left.value, right.value, op, context);
        if (sign === 'no-order') return refused({ code: 'domain', reason: 'no-order' }, tree.span);
        if (sign === 'too-large' || sign === 'stopped') return refused({ code: sign }, tree.span);
        result = both(result, sign === 'undecided' ? null : holds[op](sign));
        left = right;
      }
      return succeed(result);
    }
    default:
      return refused({ code: 'syntax', reason: 'number-as-comparison' }, tree.span);
  }
}
