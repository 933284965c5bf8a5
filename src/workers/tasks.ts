import type { ShouldContinue } from '@/core/base/should-continue';
import type { Problem } from '@/core/base/problem';
import type { Result } from '@/core/base/result';
import type { Form } from '@/core/format/form';
import type { Random } from '@/core/function/record';
import { answerLine, answerWork } from './answer';
import type { LineAnswer, LineRequest, WorkRequest } from './answer';
import { anglesOfLine } from './angle';
import type { AngleView } from './angle';
import { formsOfAll } from './forms';
import type { FormsRequest } from './forms';
import type { ColumnTasks } from './column-tasks';
import type { CurveTasks } from './curve-tasks';
import type { TaskCallOf } from './protocol';
import { solveLine } from './solve';
import type { SolveRequest, SolvedLine } from './solve';
import { stepsOfLine } from './steps';
import type { StepsOfLine } from './steps';
import { tryValues } from './tries';
import type { TriedRow, TriesRequest } from './tries';

/** What the worker of lines can be asked for, and what it answers. */
type LineTasks = Readonly<{
  answer: { request: LineRequest; result: Result<LineAnswer, Problem> };
  work: { request: WorkRequest; result: Result<LineAnswer, Problem> };
  forms: { request: FormsRequest; result: Result<readonly (readonly Form[])[], Problem> };
  steps: { request: LineRequest; result: Result<StepsOfLine, Problem> };
  angles: { request: LineRequest; result: Result<readonly AngleView[], Problem> };
  solve: { request: SolveRequest; result: Result<SolvedLine, Problem> };
  tries: { request: TriesRequest; result: Result<readonly TriedRow[], Problem> };
}>;

/** What the workers can be asked for. */
export type Tasks = LineTasks & CurveTasks & ColumnTasks;
export type TaskKind = keyof Tasks;

/** Does a piece of work on lines. The work of the web worker, without the worker. */
export function perform(
  work: TaskCallOf<keyof LineTasks>,
  shouldContinue: ShouldContinue,
  random: Random,
): LineTasks[keyof LineTasks]['result'] {
  switch (work.kind) {
    case 'answer':
      return answerLine(work.request, shouldContinue, random);
    case 'work':
      return answerWork(work.request, shouldContinue, random);
    case 'forms':
      return formsOfAll(work.request, shouldContinue, random);
    case 'steps':
      return stepsOfLine(work.request, shouldContinue, random);
    case 'angles':
      return anglesOfLine(work.request, shouldContinue, random);
    case 'solve':
      return solveLine(work.request, shouldContinue, random);
    case 'tries':
      return tryValues(work.request, shouldContinue, random);
  }
}
