import type { AngleUnit } from '@/core/base/angle';
import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import type { Span } from '@/core/base/span';
import type { Random } from '@/core/function/record';
import { parse } from '@/core/language/parse';
import type { Reading } from '@/core/language/parse';
import type { Claim, Sameness } from '@/core/slips/claim';
import { compare } from '@/core/slips/compare';
import type { SlipName } from '@/core/slips/names';
import { answerSpelled, contextFor, inSpelling, readingOptions } from '../answer';
import type { LineAnswer, LineRequest } from '../answer';

/** A line and another answer, both typed with a point. */
export type CompareRequest = LineRequest & Readonly<{ line: string; answer: string }>;

export type ClaimView = Readonly<{
  slips: readonly SlipName[];
  line: string;
  angle: AngleUnit;
  differs: Span | null;
  isOfAnswer: boolean;
}>;

/** What the line comes to, and what the other answer is beside it; or which of the two texts cannot be worked. */
export type CompareView =
  | Readonly<{ line: LineAnswer; same: Sameness | null; claims: readonly ClaimView[]; isWhole: boolean }>
  | Readonly<{ wrong: 'line' | 'answer'; problem: Problem }>;

/** The most that is shown, and how much less likely than the first it may be. */
const MOST_CLAIMS = 8;
const LESS_LIKELY = 1.7;

/** One claim for each line that slips lead to: the likeliest name for it. */
function distinct(claims: readonly Claim[]): readonly Claim[] {
  const seen = new Set<string>();
  const [first] = claims;
  return claims.filter(({ line, angle, isOfAnswer, cost }) => {
    if (cost > (first?.cost ?? 0) + LESS_LIKELY) return false;
    const key = `${line}\n${angle}\n${isOfAnswer}`;
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}

export function compareView(
  request: CompareRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<CompareView, Problem> {
  const read = (text: string): Result<Reading, Problem> => parse(text, readingOptions(inSpelling(request)));
  const line = answerSpelled({ ...request, text: request.line }, shouldContinue, random);
  if (!line.ok) return succeed({ wrong: 'line', problem: line.problem });
  const [reading, answer] = [read(request.line), read(request.answer)];
  if (!reading.ok) return succeed({ wrong: 'line', problem: reading.problem });
  if (!answer.ok) return succeed({ wrong: 'answer', problem: answer.problem });
  const context = contextFor(request, shouldContinue, random);
  const compared = compare(reading.value.tree, answer.value.tree, context, false);
  if (!compared.ok) return succeed({ wrong: 'answer', problem: compared.problem });
  const { same, claims, isWhole } = compared.value;
  const shown = distinct(claims).slice(0, MOST_CLAIMS);
  return succeed({ line: line.value, same, claims: shown, isWhole });
}
