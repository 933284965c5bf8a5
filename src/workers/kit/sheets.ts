import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import type { Random } from '@/core/function/record';
import type { Mark } from '@/core/practice/mark';
import { questionsOf, seedFor, sheetFor, wordsBefore } from '@/core/practice/sheet';
import type { PupilItem } from '@/core/practice/sheet';
import type { Sheet, SheetResult } from '@/core/practice/sheet-schema';
import type { SlipName } from '@/core/slips/names';
import { answerSpelled } from '../answer';
import type { LineAnswer, LineRequest } from '../answer';
import { generatorOf } from './generator';
import { markView } from './practice';

/** The items of a sheet as a pupil has them. */
export const itemsFor = (sheet: Sheet, pupil: string): readonly PupilItem[] =>
  sheetFor(sheet, generatorOf(seedFor(sheet, pupil)).below);

/** A request with the unit of angles that the sheet means. */
const inItsAngle = <R extends LineRequest & Readonly<{ sheet: Sheet }>>(request: R): R => ({
  ...request,
  angle: request.sheet.angle ?? request.angle,
});

export type SheetKeyRequest = LineRequest & Readonly<{ sheet: Sheet; pupil: string }>;

/** An item with what its question comes to, or what is wrong with that. `before`: the words that stand before it. */
export type SheetKeyItem = PupilItem & Readonly<{ before: string; answer: LineAnswer | null; problem: Problem | null }>;

/** A sheet with its answers, as one pupil has it. */
export function sheetKey(
  request: SheetKeyRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<readonly SheetKeyItem[], Problem> {
  const items = itemsFor(request.sheet, request.pupil);
  let question = -1;
  return succeed(
    items.map((item) => {
      if (item.kind === 'text') return { ...item, before: '', answer: null, problem: null };
      question += 1;
      const before = wordsBefore(items, question);
      const answer = answerSpelled({ ...inItsAngle(request), text: item.key }, shouldContinue, random);
      return answer.ok
        ? { ...item, before, answer: answer.value, problem: null }
        : { ...item, before, answer: null, problem: answer.problem };
    }),
  );
}

export type SheetResultsRequest = LineRequest & Readonly<{ sheet: Sheet; results: readonly SheetResult[] }>;

/** How one answer was marked; null where nothing was answered, or the answer cannot be read. */
export type MarkedAnswer = Readonly<{ mark: Mark | null; slips: readonly SlipName[] }>;

export type MarkedResult = Readonly<{ pupil: string; answers: readonly MarkedAnswer[] }>;

/** Every pupil's answers, marked by value against the numbers that the pupil had. */
export function markedResults(
  request: SheetResultsRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<readonly MarkedResult[], Problem> {
  const { sheet, results } = request;
  const marked: MarkedResult[] = [];
  for (const [done, { pupil, answers }] of results.entries()) {
    const questions = questionsOf(itemsFor(sheet, pupil));
    const all: MarkedAnswer[] = [];
    for (const [i, { key, form, tolerance }] of questions.entries()) {
      const answer = answers[i] ?? '';
      const asked = { ...inItsAngle(request), key, slipsFrom: key, form, tolerance, answer };
      const view = answer === '' ? null : markView(asked, shouldContinue, random);
      if (view !== null && !view.ok && view.problem.code === 'stopped') return view;
      const told = view?.ok === true && 'mark' in view.value ? view.value : null;
      all.push({ mark: told?.mark ?? null, slips: told?.claims[0]?.slips ?? [] });
      shouldContinue((done + (i + 1) / questions.length) / results.length);
    }
    marked.push({ pupil, answers: all });
  }
  return succeed(marked);
}
