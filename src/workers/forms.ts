import type { ShouldContinue } from '@/core/base/should-continue';
import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { decideLine, evaluate } from '@/core/evaluate/evaluate';
import { formsOf } from '@/core/format';
import { plainNature } from '@/core/format/form';
import type { Form } from '@/core/format/form';
import type { Random } from '@/core/function/record';
import { functionNames } from '@/core/function';
import { isOpen } from '@/core/keyed/operand';
import { parse } from '@/core/language/parse';
import type { Reading } from '@/core/language/parse';
import { isTruth } from '@/core/language/truth';
import type { Value } from '@/core/number/value';
import { contextFor, natureOf } from './answer';
import type { LineRequest } from './answer';

/** Something to be shown in its forms: a value and how it was made, or what is worth what its text says. With a point. */
export type Showable = Readonly<{ value: Value | null; sourceText: string }>;
export type FormsRequest = LineRequest & Readonly<{ items: readonly Showable[] }>;

const SPELLING = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

function formsOfOne(
  { value, sourceText }: Showable,
  request: FormsRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): readonly Form[] {
  const reading = parse(sourceText, SPELLING);
  const read: Reading | null = reading.ok ? reading.value : null;
  const nature = read === null ? plainNature(request.angle) : natureOf(read, request);
  const inForms = (v: Value): readonly Form[] => {
    const forms = formsOf(v, request.display, shouldContinue, nature);
    return forms.ok ? forms.value : [];
  };
  if (value !== null) return inForms(value);
  if (read === null || isOpen(read.tree)) return [];
  const context = contextFor(request, shouldContinue, random);
  if (isTruth(read.tree)) {
    const truth = decideLine(read.tree, context);
    const text = String(truth.ok && truth.value);
    return truth.ok && truth.value !== null ? [{ id: 'truth', exact: true, settled: true, text, typed: text }] : [];
  }
  const worked = evaluate(read.tree, context);
  return worked.ok ? inForms(worked.value) : [];
}

/** Every form of each of them under the settings; none where there is no value to show. */
export const formsOfAll = (
  request: FormsRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<readonly (readonly Form[])[], Problem> =>
  succeed(request.items.map((item) => formsOfOne(item, request, shouldContinue, random)));
