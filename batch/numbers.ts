import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Span } from '@/core/base/span';
import type { Context } from '@/core/evaluate/context';
import { evaluate } from '@/core/evaluate/evaluate';
import { exactTree } from '@/core/format/exact-tree';
import { batchText } from '@/core/format/layout';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import type { Reading } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import { longestDecimal, roundToFigures } from '@/core/number/digits';
import { isExact, isReal } from '@/core/number/value';
import type { RealValue, Scalar } from '@/core/number/value';

export const NOWHERE = { from: 0, to: 0 } as const;

export const readExpr = (text: string, impliedFirst = false): Result<Reading, Problem> =>
  parse(text, { functions: functionNames, decimalSign: '.', impliedFirst });

/** A number that a request gives as text: any expression without letters of its own. */
export function numberIn(text: string, context: Context): Result<RealValue, Problem> {
  const reading = readExpr(text);
  if (!reading.ok) return reading;
  const value = evaluate(reading.value.tree, context);
  if (!value.ok) return value;
  if (isReal(value.value)) return succeed(value.value);
  return fail(withSpan({ code: 'domain', reason: 'real-only' }, reading.value.tree.span));
}

/** A value as a decimal string to the digits of the context. */
export function decimalIn(v: RealValue, { digits, shouldContinue }: Context): Result<string, Problem> {
  const result = roundToFigures(v, digits, shouldContinue);
  return typeof result === 'string' ? fail(withSpan({ code: result }, NOWHERE)) : succeed(batchText(result));
}

/**
 * Values as decimal strings to the digits of the context, or to as many as they are known to; `settled` is false where
 * those are fewer. The first that has no digits at all is the problem.
 */
export function knownDecimals<K extends string>(
  values: Readonly<Record<K, RealValue | null>>,
  { digits, shouldContinue }: Context,
): Result<Readonly<{ texts: Record<K, string | null>; settled: boolean }>, Problem> {
  const texts: Partial<Record<K, string | null>> = {};
  let settled = true;
  for (const [name, value] of Object.entries(values) as [K, RealValue | null][]) {
    const result = value === null ? null : longestDecimal(value, digits, shouldContinue);
    if (value !== null && result === null) return fail(withSpan({ code: 'not-converged' }, NOWHERE));
    const asked = value === null ? null : roundToFigures(value, digits, shouldContinue);
    settled &&= asked === null || typeof asked !== 'string';
    texts[name] = result && batchText(result);
  }
  return succeed({ texts: texts as Record<K, string | null>, settled });
}

/** Many values as decimal strings; the first that has no digits is the problem. */
export function decimalsIn<K extends string>(
  values: Readonly<Record<K, RealValue | null>>,
  context: Context,
): Result<Record<K, string | null>, Problem> {
  const result: Partial<Record<K, string | null>> = {};
  for (const [name, value] of Object.entries(values) as [K, RealValue | null][]) {
    const text = value === null ? succeed(null) : decimalIn(value, context);
    if (!text.ok) return text;
    result[name] = text.value;
  }
  return succeed(result as Record<K, string | null>);
}

export type NumberText = Readonly<{ text: string; settled: boolean }>;

/** A number as it is exactly, else rounded to the digits of the context; of a complex one both parts. */
export function numberText(v: Scalar, context: Context, at: Span = NOWHERE): Result<NumberText, Problem> {
  if (isExact(v)) return succeed({ text: printText(exactTree(v), TYPED), settled: true });
  if (isReal(v)) {
    const decimal = roundToFigures(v, context.digits, context.shouldContinue);
    return typeof decimal === 'string'
      ? fail(withSpan({ code: decimal }, at))
      : succeed({ text: batchText(decimal), settled: decimal.settled });
  }
  const [re, im] = [numberText(v.re, context, at), numberText(v.im, context, at)];
  if (!re.ok || !im.ok) return re.ok ? im : re;
  const sign = im.value.text.startsWith('-') ? '' : '+';
  return succeed({ text: `${re.value.text}${sign}${im.value.text}i`, settled: re.value.settled && im.value.settled });
}
