import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import { compileDoubles } from '@/core/evaluate/doubles';
import { evaluate } from '@/core/evaluate/evaluate';
import type { Random } from '@/core/function/record';
import { parse } from '@/core/language/parse';
import { mark } from '@/core/practice/mark';
import type { Mark } from '@/core/practice/mark';
import type { AskedForm } from '@/core/practice/asked-form';
import { drawn } from '@/core/practice/draw';
import type { Exercise, Level, SeriesId } from '@/core/practice/exercise';
import { seriesRecords } from '@/core/practice/series/records';
import type { Sameness } from '@/core/slips/claim';
import { answerSpelled, contextFor, inSpelling, readingOptions } from '../answer';
import type { LineAnswer, LineRequest } from '../answer';
import { compareView } from './compare';
import type { ClaimView } from './compare';
import { generatorOf } from './generator';

export type ExercisesRequest = Readonly<{ series: SeriesId; level: Level; count: number; seed: string }>;

/** So many exercises of a series, drawn from a seed. */
export function exercisesOf({ series, level, count, seed }: ExercisesRequest): Result<readonly Exercise[], Problem> {
  const record = seriesRecords.find(({ id }) => id === series);
  if (record === undefined) return succeed([]);
  return succeed(drawn(record, level, count, generatorOf(`${seed} ${series} ${level}`).below));
}

/** An answer to an exercise. All texts have a point. `slipsFrom`: the line in which slips are looked for; '' for none. */
export type MarkRequest = LineRequest &
  Readonly<{ key: string; slipsFrom: string; answer: string; form: AskedForm; tolerance: string }>;

/** How an answer is marked, the slips that lead to a wrong one, and what would be right; or what is wrong with the text. */
export type MarkView =
  | Readonly<{ mark: Mark; same: Sameness | null; claims: readonly ClaimView[]; right: LineAnswer }>
  | Readonly<{ problem: Problem }>;

const MOST_CLAIMS = 3;

export function markView(
  request: MarkRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<MarkView, Problem> {
  const read = (text: string) => parse(text, readingOptions(inSpelling(request)));
  const context = contextFor(request, shouldContinue, random);
  const right = answerSpelled({ ...request, text: request.key }, shouldContinue, random);
  if (!right.ok) return right;
  const [key, answer] = [read(request.key), read(request.answer)];
  if (!key.ok) return key;
  if (!answer.ok) return succeed({ problem: answer.problem });
  const value = evaluate(key.value.tree, context);
  if (!value.ok) return value;
  const tolerance = request.tolerance === '' ? null : read(request.tolerance);
  const off = tolerance?.ok === true ? evaluate(tolerance.value.tree, context) : null;
  const by = off?.ok === true && off.value.kind === 'rational' ? off.value : null;
  const marked = mark(value.value, answer.value.tree, request.form, context, by);
  if (!marked.ok) return succeed({ problem: marked.problem });
  const isWrong = marked.value.mark === 'wrong' && request.slipsFrom !== '';
  const compared = isWrong ? compareView({ ...request, line: request.slipsFrom }, shouldContinue, random) : null;
  const claims = compared?.ok === true && 'claims' in compared.value ? compared.value.claims : [];
  return succeed({ ...marked.value, claims: claims.slice(0, MOST_CLAIMS), right: right.value });
}

export type TraceRequest = LineRequest & Readonly<{ curve: string; from: number; to: number; count: number }>;

/** Points of a function of x, evenly spaced; null where it has no value. */
export function traceOf(request: TraceRequest, shouldContinue: ShouldContinue, random: Random) {
  const { curve, from, to, count } = request;
  const reading = parse(curve, readingOptions(inSpelling(request)));
  if (!reading.ok) return reading;
  const f = compileDoubles(reading.value.tree, 'x', contextFor(request, shouldContinue, random));
  const points = Array.from({ length: count }, (_, i) => {
    const x = from + ((to - from) * i) / (count - 1);
    const y = f?.(x) ?? NaN;
    return [x, Number.isFinite(y) ? y : null] as const;
  });
  return succeed(points);
}
