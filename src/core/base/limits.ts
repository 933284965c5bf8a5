import type { ShouldContinue } from './should-continue';
import type { ProblemData } from './problem';
import { fail } from './result';
import type { Result } from './result';

/** Leaves work from within when there is no time left for it; the edge of the work turns it into the problem `stopped`. */
export class Stopped extends Error {}

/** Goes on only while there is time. */
export function goOn(shouldContinue: ShouldContinue, share?: number): void {
  if (!shouldContinue(share)) throw new Stopped();
}

/** Leaves work whose numbers would grow beyond what can be worked in time: the problem `too-large`. */
export class TooLarge extends Error {}

/** Leaves work in which it stays open whether a number is zero: the problem `not-converged`. */
export class Undecided extends Error {}

const LIMITS =
  /BigInt|string length|call stack|recursion|array length|array buffer|allocation|out of memory|maximum size/i;

/** Whether the engine refused a size of its own: a whole number, a text or a list longer than it takes, a stack too deep. */
export const isEngineLimit = (error: unknown): boolean =>
  error instanceof Error &&
  (error instanceof RangeError || error.name === 'InternalError') &&
  LIMITS.test(error.message);

/** The problem that something thrown stands for; null for a bug. */
export function problemThrown(error: unknown): ProblemData | null {
  if (error instanceof Stopped) return { code: 'stopped' };
  if (error instanceof Undecided) return { code: 'not-converged' };
  return error instanceof TooLarge || isEngineLimit(error) ? { code: 'too-large' } : null;
}

/**
 * Work whose sizes were estimated before, so that what the engine refuses all the same (or what ran out of time) is an
 * answer and no throw. Bugs are thrown on.
 */
export function guarded<T, P>(run: () => Result<T, P>, told: (problemData: ProblemData) => P): Result<T, P> {
  try {
    return run();
  } catch (error) {
    const problemData = problemThrown(error);
    if (problemData === null) throw error;
    return fail(told(problemData));
  }
}
