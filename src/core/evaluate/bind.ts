import { itemAt, lastOf } from '../base/item';
import type { Binder } from '../function/record';
import { inside } from '../language/tree';
import type { Tree } from '../language/tree';
import type { Context, Evaluated, Evaluator } from './context';
import { placed, refused } from './context';
import { decide } from './decide';
import { derivativeAt } from './derivative';
import { integrate } from './integrate';
import { sumOrProduct } from './sums';
import { needsNumber } from './values';

type Call = Tree & { kind: 'call' };

/** The first value whose condition holds; the others are not worked. */
function cases(tree: Call, context: Context, worth: Evaluator): Evaluated {
  const { args } = tree;
  for (let i = 0; i + 1 < args.length; i += 2) {
    const condition = decide(itemAt(args, i), context, worth);
    if (!condition.ok) return condition;
    if (condition.value === null) return refused({ code: 'not-converged' }, itemAt(args, i).span);
    if (condition.value) return worth(itemAt(args, i + 1), context);
  }
  return worth(lastOf(args), context);
}

/** The functions that take expressions and not just values. */
export function bind(binder: Exclude<Binder, 'slot'>, tree: Call, context: Context, worth: Evaluator): Evaluated {
  // What is added up or has a slope is a number; a matrix would only be found out place by place.
  const [of] = tree.args;
  if (binder !== 'cases' && of !== undefined && inside(of).kind === 'matrix')
    return placed(needsNumber(tree.fn), of.span);
  switch (binder) {
    case 'cases':
      return cases(tree, context, worth);
    case 'sum':
    case 'prod':
      return sumOrProduct(binder, tree, context, worth);
    case 'integral':
      return integrate(tree, context, worth);
    case 'derivative':
      return derivativeAt(tree, context, worth);
  }
}
