import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Context } from '@/core/evaluate/context';
import { evaluate } from '@/core/evaluate/evaluate';
import { numeralValue } from '@/core/evaluate/numeral';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { isTruth } from '@/core/language/truth';
import * as q from '@/core/number/rational';
import { fromRational, isScalar } from '@/core/number/value';
import type { Scalar } from '@/core/number/value';

/** A table as it was entered: typed texts with a point, row by row. */
export type Table = readonly (readonly string[])[];

/** What is wrong with an entry of a table, both counted from 0. */
export type CellProblem = Readonly<{ problem: Problem; row: number; column: number }>;

export const SPELLING = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const NUMERAL = /^(-?)(\d+(?:\.\d+)?(?:E[+-]?\d+)?)$/;

/** The number that an entry is; an empty one is 0. Plain numerals, which most are, do not need to be parsed. */
export function entryValue(text: string, context: Context): Result<Scalar, Problem> {
  if (text === '') return succeed(fromRational(q.ZERO));
  const match = NUMERAL.exec(text);
  const size = match === null ? null : numeralValue(match[2] ?? '');
  if (size !== null) return succeed(fromRational(match?.[1] === '-' ? q.negate(size) : size));
  const reading = parse(text, SPELLING);
  if (!reading.ok) return reading;
  const { tree } = reading.value;
  if (isTruth(tree)) return fail(withSpan({ code: 'syntax', reason: 'comparison-as-number' }, tree.span));
  const value = evaluate(tree, context);
  if (!value.ok) return value;
  return isScalar(value.value)
    ? succeed(value.value)
    : fail(withSpan({ code: 'syntax', reason: 'entry-is-matrix' }, tree.span));
}

/** The numbers of a table, or the first entry that is none. */
export function tableValues(
  table: Table,
  context: Context,
): Readonly<{ rows: readonly (readonly Scalar[])[] }> | CellProblem {
  const rows: Scalar[][] = [];
  for (const [row, texts] of table.entries()) {
    const values: Scalar[] = [];
    for (const [column, text] of texts.entries()) {
      const value = entryValue(text, context);
      if (!value.ok) return { problem: value.problem, row, column };
      values.push(value.value);
    }
    rows.push(values);
  }
  return { rows };
}
