import { itemAt } from '@/core/base/item';
import type { ShouldContinue } from '@/core/base/should-continue';
import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Form } from '@/core/format/form';
import type { Random } from '@/core/function/record';
import { answerLine } from './answer';
import type { LineRequest } from './answer';

/** A line to be worked for a list of values of one letter, each as typed text. */
export type TriesRequest = LineRequest & Readonly<{ letter: string; values: readonly string[] }>;

export type TriedRow = Readonly<{ value: string; form: Form | null; problem: Problem | null }>;

/** A row of answers, one for each value. */
export function tryValues(
  request: TriesRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<readonly TriedRow[], Problem> {
  return succeed(
    request.values.map((value) => {
      const letters = new Map(request.letters);
      letters.delete(request.letter);
      const tries = { ...request.tries, [request.letter]: value };
      const result = answerLine({ ...request, letters, tries }, shouldContinue, random);
      return {
        value,
        form: result.ok ? itemAt(result.value.forms, 0) : null,
        problem: result.ok ? null : result.problem,
      };
    }),
  );
}
