import { itemAt } from '@/core/base/item';
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
import { fromRational, isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';

const SPELLING = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const NUMERAL = /^(-?)(\d+(?:\.\d+)?(?:E[+-]?\d+)?)$/;

export type NumberRead = Result<RealValue, Problem>;

/** A group is called A as often as a number is kept there: by itself in a cell it is a label. */
const LABEL = /^[A-Z]$/;

/** What a cell is worth. Plain numerals, which most cells are, do not need to be parsed. */
export function cellValue(text: string, context: Context): NumberRead {
  const match = NUMERAL.exec(text);
  if (match !== null) {
    const size = numeralValue(itemAt(match, 2));
    if (size !== null) return succeed(fromRational(match[1] === '-' ? q.negate(size) : size));
  }
  if (LABEL.test(text)) return fail(withSpan({ code: 'domain', reason: 'label' }, { from: 0, to: text.length }));
  const reading = parse(text, SPELLING);
  if (!reading.ok) return reading;
  const { tree } = reading.value;
  const refused = fail(withSpan({ code: 'domain', reason: 'real-only' }, tree.span));
  if (isTruth(tree)) return refused;
  const value = evaluate(tree, context);
  if (!value.ok) return value;
  return isReal(value.value) ? succeed(value.value) : refused;
}
