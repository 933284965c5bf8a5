import { lastOf } from '../base/item';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import type { ProblemData } from '../base/problem';
import { withLetter } from '../evaluate/context';
import type { Context, Evaluated } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import type { Tree } from '../language/tree';
import { add, multiply, subtract } from '../number/arithmetic';
import { compareReals, signOf } from '../number/sign';
import { toDouble } from '../number/to-double';
import { fromWhole } from '../number/value';
import type { RealValue } from '../number/value';

/** Rows that one table may have. */
export const MOST_ROWS = 100_000;

/**
 * The values of x from one number to another by a step, each worked from the first one, so that nothing adds up; the
 * last one is met when the steps lead to it. Problems: domain `step` (zero, or away from the end), too-large (more
 * rows than can be listed), not-converged.
 */
export function steppedValues(
  from: RealValue,
  step: RealValue,
  to: RealValue,
  { shouldContinue }: Context,
): Result<readonly RealValue[], ProblemData> {
  const way = signOf(step, shouldContinue);
  const span = compareReals(to, from, shouldContinue);
  if (typeof way === 'string' || typeof span === 'string') return fail({ code: 'not-converged' });
  if (span === 0) return succeed([from]);
  if (way !== span) return fail({ code: 'domain', reason: 'step' });
  const count = Math.floor(toDouble(subtract(to, from), shouldContinue) / toDouble(step, shouldContinue) + 1e-9);
  if (!(count < MOST_ROWS)) return fail({ code: 'too-large' });
  const at = (k: number): RealValue => add(from, multiply(step, fromWhole(k)));
  const values = Array.from({ length: count + 1 }, (_, k) => at(k));
  // The count came from doubles: the ends are settled exactly.
  if (compareReals(lastOf(values), to, shouldContinue) === way) values.pop();
  else if (compareReals(at(count + 1), to, shouldContinue) !== way) values.push(at(count + 1));
  return succeed(values);
}

/** The value of an expression at a value of its letter, or why it has none there. */
export const valueAt = (tree: Tree, letter: string, x: RealValue, context: Context): Evaluated =>
  evaluate(tree, withLetter(context, letter, x));
