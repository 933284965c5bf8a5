import { itemAt } from '@/core/base/item';
import { withSpan } from '@/core/base/problem';
import type { Problem, ProblemData } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { classSummary, classesOf } from '@/core/column/classes';
import type { ClassSummary } from '@/core/column/classes';
import { summaryOf } from '@/core/column/summary';
import type { Summary } from '@/core/column/summary';
import type { Context } from '@/core/evaluate/context';
import { roundedRational } from '@/core/number/digits';
import type { Rational } from '@/core/number/rational';
import { asWhole, fromRational, fromWhole } from '@/core/number/value';
import { NOWHERE, decimalsIn, numberIn } from './numbers';
import type { SummaryRequest } from './request';

export const refused = (problemData: ProblemData): { ok: false; problem: Problem } =>
  fail(withSpan(problemData, NOWHERE));

/** Digits kept of a value that is no fraction, beyond those that are asked for. */
const SPARE_DIGITS = 30;

/** The values of a column as fractions; what is no fraction is taken to more digits than are asked for. */
export function column(texts: readonly string[], context: Context): Result<readonly Rational[], Problem> {
  const result: Rational[] = [];
  for (const text of texts) {
    const value = numberIn(text, context);
    if (!value.ok) return value;
    const near = roundedRational(value.value, context.digits + SPARE_DIGITS, context.shouldContinue);
    if (typeof near === 'string') return refused({ code: near });
    result.push(near);
  }
  return succeed(result);
}

/** Frequencies: whole numbers from 0 on, as many as there are values. */
export function frequencies(
  texts: readonly string[] | undefined,
  needs: number,
  context: Context,
): Result<readonly bigint[] | null, Problem> {
  if (texts === undefined) return succeed(null);
  if (texts.length !== needs)
    return refused({ code: 'dimension', reason: 'unequal-lengths', needs, got: texts.length });
  const result: bigint[] = [];
  for (const [row, text] of texts.entries()) {
    const value = numberIn(text, context);
    if (!value.ok) return value;
    const count = asWhole(value.value);
    if (count === null || count < 0n) return refused({ code: 'domain', reason: 'frequency', row });
    result.push(count);
  }
  return succeed(result);
}

const value = (v: Rational | null) => v && fromRational(v);

/** What sums up values, as decimals. */
function summaryTexts(
  result: Summary | ClassSummary,
  modes: readonly Rational[] | null,
  context: Context,
): Result<object, Problem> {
  const { n, sum, mean, s, sigma, min, q1, median, q3, max } = result;
  const texts = decimalsIn(
    {
      n: fromWhole(n),
      sum: value(sum),
      mean: value(mean),
      s,
      sigma,
      min: value(min),
      q1: value(q1),
      median: value(median),
      q3: value(q3),
      max: value(max),
    },
    context,
  );
  if (!texts.ok || modes === null) return texts;
  const found = decimalsIn(Object.fromEntries(modes.map((v, i) => [`${i}`, fromRational(v)])), context);
  return found.ok ? succeed({ ...texts.value, modes: Object.values(found.value) }) : found;
}

/** Values of which only the classes are known, with how many lie in each. */
function summariseClasses({ lower, upper, freq }: SummaryRequest, context: Context): Result<object, Problem> {
  const [low, high] = [column(lower ?? [], context), column(upper ?? [], context)];
  if (!low.ok) return low;
  if (!high.ok) return high;
  if (freq === undefined) return missing('freq');
  if (low.value.length !== high.value.length)
    return refused({
      code: 'dimension',
      reason: 'unequal-lengths',
      needs: low.value.length,
      got: high.value.length,
    });
  const counts = frequencies(freq, low.value.length, context);
  if (!counts.ok) return counts;
  const made = classesOf({ given: 'both', low: low.value, high: high.value }, counts.value ?? []);
  if (!made.ok) return refused(made.problem);
  const result = classSummary(made.value.classes);
  return result === null ? refused({ code: 'domain', reason: 'no-values' }) : summaryTexts(result, null, context);
}

const missing = (name: string): { ok: false; problem: Problem } =>
  fail(withSpan({ code: 'undefined-name', name, among: 'request' }, NOWHERE));

export function summarise(request: SummaryRequest, context: Context): Result<object, Problem> {
  if (request.lower !== undefined || request.upper !== undefined) return summariseClasses(request, context);
  if (request.x === undefined) return missing('x');
  const x = column(request.x, context);
  if (!x.ok) return x;
  const freq = frequencies(request.freq, x.value.length, context);
  if (!freq.ok) return freq;
  const of = (values: readonly Rational[], counts: readonly bigint[] | null): Result<object, Problem> => {
    const result = summaryOf(values, counts, request.quartiles, context.shouldContinue);
    return result === null
      ? refused({ code: 'domain', reason: 'no-values' })
      : summaryTexts(result, result.modes, context);
  };
  const { by } = request;
  if (by === undefined) return of(x.value, freq.value);
  if (by.length !== x.value.length)
    return refused({ code: 'dimension', reason: 'unequal-lengths', needs: x.value.length, got: by.length });
  const groups: Record<string, object> = {};
  for (const label of new Set(by)) {
    const rows = by.flatMap((own, i) => (own === label ? [i] : []));
    const result = of(
      rows.map((i) => itemAt(x.value, i)),
      freq.value === null ? null : rows.map((i) => freq.value?.[i] ?? 1n),
    );
    if (!result.ok) return result;
    groups[label] = result.value;
  }
  return succeed({ groups });
}
