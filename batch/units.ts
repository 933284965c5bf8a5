import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Context } from '@/core/evaluate/context';
import { exactTree } from '@/core/format/exact-tree';
import { printText, TYPED } from '@/core/language/print-text';
import { isExact } from '@/core/number/value';
import { convert } from '@/core/unit/convert';
import { readUnit, unitProblem } from '@/core/unit/read';
import type { MeasureUnit } from '@/core/unit/read';
import { NOWHERE, decimalIn, numberIn } from './numbers';
import type { ConvertRequest } from './request';

/** A unit of a request; its problem has its place in the text of the unit. */
function unitIn(text: string): Result<MeasureUnit, Problem> {
  const unit = readUnit(text);
  return unit.ok ? unit : fail(withSpan(unitProblem(unit.problem), unit.problem.at));
}

/** A measure told in another unit. */
export function converted({ value, from, to }: ConvertRequest, context: Context): Result<object, Problem> {
  const [source, target] = [unitIn(from), unitIn(to)];
  if (!source.ok) return source;
  if (!target.ok) return target;
  const number = numberIn(value, context);
  if (!number.ok) return number;
  const result = convert(number.value, source.value, target.value, context.shouldContinue);
  if (!result.ok) return fail(withSpan(result.problem, NOWHERE));
  const decimal = decimalIn(result.value, context);
  if (!decimal.ok) return decimal;
  const exact = isExact(result.value) ? printText(exactTree(result.value), TYPED) : null;
  return succeed({ exact, decimal: decimal.value });
}
