import type { ShouldContinue } from '@/core/base/should-continue';
import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { steps } from '@/core/evaluate/steps';
import type { Step } from '@/core/evaluate/steps';
import { exactTree } from '@/core/format/exact-tree';
import type { Random } from '@/core/function/record';
import { parse } from '@/core/language/parse';
import { contextFor, readingOptions, withTries } from './answer';
import type { LineRequest } from './answer';

/** The order of work of a line; its expressions are typed text with a point. */
export type StepsOfLine = Readonly<{ steps: readonly Step[] }>;

export function stepsOfLine(
  request: LineRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<StepsOfLine, Problem> {
  const reading = parse(request.text, readingOptions(request));
  if (!reading.ok) return reading;
  const { context } = withTries(reading.value, request, contextFor(request, shouldContinue, random));
  const result = steps(reading.value.tree, context, exactTree);
  return result.ok ? succeed({ steps: result.value }) : result;
}
