import { succeed } from '../base/result';
import type { Tree } from '../language/tree';
import { differentiate } from './differentiate';
import { refused, withLetter } from './context';
import type { Context, Evaluated, Evaluator } from './context';

/**
 * The derivative of an expression at a point, by differentiating the tree. Problems: domain where the expression has no
 * value or no derivative there, what working it causes.
 */
export function derivativeAt(tree: Tree & { kind: 'call' }, context: Context, worth: Evaluator): Evaluated {
  const [of, letter, place] = tree.args as [Tree, Tree & { kind: 'letter' }, Tree];
  const at = worth(place, context);
  if (!at.ok) return at;
  const there = withLetter(context, letter.name, at.value);
  // The rules may give a number where there is no function: 1/x for ln x at −1.
  const value = worth(of, there);
  if (!value.ok) return value;
  const slope = differentiate(of, letter.name, context.angle);
  if (!slope.ok) return slope;
  const result = worth(slope.value, there);
  if (result.ok) return succeed(result.value);
  const isCorner = result.problem.code === 'divide-by-zero' || result.problem.code === 'domain';
  return isCorner ? refused({ code: 'domain', reason: 'no-derivative' }, tree.span) : result;
}
