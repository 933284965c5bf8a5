import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Context } from '@/core/evaluate/context';
import { compare } from '@/core/slips/compare';
import { readExpr } from './numbers';
import type { CheckRequest } from './request';

/** The most slips that are told. */
const MOST_SLIPS = 8;

/** Whether a line comes to an answer, and if not, which slips lead to it, the likeliest first. */
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
  if (same === null) return succeed({ same: false, slips: told });
  return succeed({ same: true, ...(same.how === 'form' ? {} : { [same.how]: same.places }), slips: told });
}
