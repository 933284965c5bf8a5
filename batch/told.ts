import type { Problem } from '@/core/base/problem';
import { problemText } from '@/text/problems';

/** What is wrong, as it stands in an answer: `from` and `to` are places in the text that it is said of. */
export const toldProblem = (code: string, message: string, from = 0, to = 0) => ({ code, from, to, message });

/** A problem of the core with its sentence. */
export const toldOf = (problem: Problem) =>
  toldProblem(problem.code, problemText(problem), problem.at.from, problem.at.to);
