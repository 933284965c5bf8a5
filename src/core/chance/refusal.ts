import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';

/** Thrown inside the formulas of distributions only, with what is wrong; `attempt` turns it into a problem that is returned. */
export class Refusal extends Error {
  constructor(readonly problem: ProblemData) {
    super(problem.code);
  }
}

/** What the work comes to, or the problem that ended it. */
export function attempt<T>(work: () => T): Result<T, ProblemData> {
  try {
    return succeed(work());
  } catch (thrown) {
    if (thrown instanceof Refusal) return fail(thrown.problem);
    throw thrown;
  }
}
