import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Context } from '@/core/evaluate/context';
import { compare } from '@/core/slips/compare';
import { askedFormOf } from '@/core/practice/asked-form';
import { mark } from '@/core/practice/mark';
import { evaluate } from '@/core/evaluate/evaluate';
import { readExpr } from './numbers';
import type { CheckRequest } from './request';

/** The most slips that are told. */
const MOST_SLIPS = 8;

/**
 * Whether a line comes to an answer, and if not, which slips lead to it, the likeliest first. Where a form is asked for,
 * `inForm` says whether the answer is right and has it.
 */
export function checkAnswer(request: CheckRequest, context: Context): Result<object, Problem> {
  const line = readExpr(request.expr, request.impliedFirst);
  if (!line.ok) return line;
  const answer = readExpr(request.answer, request.impliedFirst);
  if (!answer.ok) return answer;
  const compared = compare(line.value.tree, answer.value.tree, context, request.impliedFirst);
  if (!compared.ok) return compared;
  const { same, claims } = compared.value;
  const told = claims.slice(0, MOST_SLIPS).map(({ slips: [name, and], line: text, angle }) => ({
    name,
    ...(and === undefined ? {} : { and }),
    line: text,
    ...(angle === context.angle ? {} : { angle }),
  }));
  const form = askedFormOf(request.form ?? '');
  const value = form === null ? null : evaluate(line.value.tree, context);
  const marked = form !== null && value?.ok === true ? mark(value.value, answer.value.tree, form, context) : null;
  const inForm = marked?.ok === true ? { inForm: marked.value.mark === 'right' } : {};
  if (same === null) return succeed({ same: false, ...inForm, slips: told });
  return succeed({ same: true, ...(same.how === 'form' ? {} : { [same.how]: same.places }), ...inForm, slips: told });
}
