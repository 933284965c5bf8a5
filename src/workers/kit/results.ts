import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import type { Random } from '@/core/function/record';
import { matrix } from '@/core/matrix/matrix';
import type { Value } from '@/core/number/value';
import { answerSpelled, contextFor } from '../answer';
import type { LineAnswer, LineRequest } from '../answer';
import { tableValues } from './tables';
import type { CellProblem, Table } from './tables';

/** Texts to be worked, and tables that letters in them stand for. All with a point. */
export type ResultsRequest = LineRequest &
  Readonly<{ texts: readonly string[]; tables: Readonly<Record<string, Table>> }>;

/** A text and what it comes to, or what is wrong with it; `cell`: with an entry of a table that it needs. */
export type ResultView = Readonly<{ text: string }> &
  Readonly<{ answer: LineAnswer } | { problem: Problem } | { cell: CellProblem & Readonly<{ table: string }> }>;

const holds = (text: string, letter: string): boolean => new RegExp(`(?<![A-Za-z])${letter}(?![A-Za-z(])`).test(text);

/** Every text with its answer in all forms. */
export function resultsOf(
  request: ResultsRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<readonly ResultView[], Problem> {
  const context = contextFor(request, shouldContinue, random);
  const letters = new Map<string, Value>(request.letters);
  const unsound = new Map<string, CellProblem>();
  for (const [name, table] of Object.entries(request.tables)) {
    const found = tableValues(table, context);
    if ('rows' in found) letters.set(name, matrix(found.rows));
    else unsound.set(name, found);
  }
  const views: ResultView[] = [];
  for (const text of request.texts) {
    const missing = [...unsound].find(([name]) => holds(text, name));
    if (missing !== undefined) {
      views.push({ text, cell: { table: missing[0], ...missing[1] } });
      continue;
    }
    const answer = answerSpelled({ ...request, text, letters }, shouldContinue, random);
    if (!answer.ok && answer.problem.code === 'stopped') return answer;
    views.push(answer.ok ? { text, answer: answer.value } : { text, problem: answer.problem });
  }
  return succeed(views);
}
