import { entryAt } from '@/core/base/item';
import { withSpan } from '@/core/base/problem';
import type { Problem, ProblemData } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { equationTree, fit } from '@/core/column/fits';
import { summaryOf } from '@/core/column/summary';
import type { Context } from '@/core/evaluate/context';
import { printText, TYPED } from '@/core/language/print-text';
import { negateTree, numberTree } from '@/core/language/tree';
import { roundedRational } from '@/core/number/digits';
import type { Rational } from '@/core/number/rational';
import { asWhole, fromRational, fromWhole } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { NOWHERE, decimalIn, decimalsIn, knownDecimals, numberIn } from './numbers';
import type { FitRequest, SummaryRequest } from './request';

const refused = (problemData: ProblemData): { ok: false; problem: Problem } => fail(withSpan(problemData, NOWHERE));

/** Digits kept of a value that is no fraction, beyond those that are asked for. */
const SPARE_DIGITS = 30;

/** The values of a column as fractions; what is no fraction is taken to more digits than are asked for. */
function column(texts: readonly string[], context: Context): Result<readonly Rational[], Problem> {
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
function frequencies(
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

export function summarise(request: SummaryRequest, context: Context): Result<object, Problem> {
  const x = column(request.x, context);
  if (!x.ok) return x;
  const freq = frequencies(request.freq, request.x.length, context);
  if (!freq.ok) return freq;
  const result = summaryOf(x.value, freq.value, request.quartiles, context.shouldContinue);
  if (result === null) return refused({ code: 'domain', reason: 'no-values' });
  const value = (v: Rational | null) => v && fromRational(v);
  const texts = decimalsIn(
    {
      sum: value(result.sum),
      mean: value(result.mean),
      s: result.s,
      sigma: result.sigma,
      min: value(result.min),
      q1: value(result.q1),
      median: value(result.median),
      q3: value(result.q3),
      max: value(result.max),
    },
    context,
  );
  if (!texts.ok) return texts;
  const modes = decimalsIn(Object.fromEntries(result.modes.map((v, i) => [`${i}`, fromRational(v)])), context);
  if (!modes.ok) return modes;
  const n = decimalIn(fromWhole(result.n), context);
  return n.ok ? succeed({ n: n.value, ...texts.value, modes: Object.values(modes.value) }) : n;
}

/** A decimal string as the number that it writes. */
const numeral = (text: string) => {
  const size = numberTree(text.replace('-', '').replace('E+', 'E'));
  return text.startsWith('-') ? negateTree(numberTree(text.slice(1).replace('E+', 'E'))) : size;
};

export function fitted(request: FitRequest, context: Context): Result<object, Problem> {
  const [x, y] = [column(request.x, context), column(request.y, context)];
  if (!x.ok) return x;
  if (!y.ok) return y;
  const freq = frequencies(request.freq, request.x.length, context);
  if (!freq.ok) return freq;
  const { model, degree } = request;
  const result = fit(
    { model, degree, x: x.value, y: y.value, frequencies: freq.value, digits: context.digits + 4 },
    context.shouldContinue,
  );
  if (!result.ok) return refused(result.problem);
  const { coefficients, r, r2 } = result.value;
  const known = knownDecimals(
    Object.fromEntries<RealValue | null>([
      ...coefficients.map(({ name, value }) => [name, value] as const),
      ['r', r],
      ['r2', r2],
    ]),
    context,
  );
  if (!known.ok) return known;
  const { texts, settled } = known.value;
  const byValue = new Map(coefficients.map(({ name, value }) => [value, texts[name] ?? '']));
  const equation = printText(
    equationTree(result.value, (v) => numeral(entryAt(byValue, v))),
    TYPED,
  );
  return succeed({
    coefficients: Object.fromEntries(coefficients.map(({ name }) => [name, texts[name] ?? null])),
    ...(texts['r'] == null ? {} : { r: texts['r'] }),
    r2: texts['r2'] ?? null,
    equation: `y=${equation}`,
    ...(settled ? {} : { settled }),
  });
}
