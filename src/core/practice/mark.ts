import type { Problem } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import type { Context } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import type { Tree } from '../language/tree';
import { compareReals } from '../number/sign';
import { subtract } from '../number/arithmetic';
import { isReal } from '../number/value';
import type { RealValue, Value } from '../number/value';
import { agreement, readGiven } from '../slips/given';
import type { Given } from '../slips/given';
import { countOf, isInForm } from './asked-form';
import type { AskedForm } from './asked-form';

/** Right; right but in another form than is asked for, rounded or cut off where that is not asked for; or wrong. */
export type Mark = 'right' | 'other-form' | 'rounded' | 'wrong';

/** Whether a value lies no further from another than a tolerance says. */
function isNear(a: RealValue, b: RealValue, tolerance: RealValue, context: Context): boolean {
  const by = (x: RealValue, y: RealValue): boolean => {
    const sign = compareReals(subtract(x, y), tolerance, context.shouldContinue);
    return sign === -1 || sign === 0;
  };
  return by(a, b) && by(b, a);
}

const hasCount = (given: Given, form: AskedForm): boolean => {
  const asked = countOf(form);
  if (asked === null || given.kind !== 'digits') return asked === null;
  return asked.what === 'places' ? given.places === asked.count : given.figures === asked.count;
};

/**
 * Marks an answer by its value against the value of the key, and by the form that is asked for. `tolerance`: how far
 * off an answer may be and still be right; null where the digits that it gives must be those of the key. Problems:
 * those of the answer; a key without a value is the caller's.
 */
export function mark(
  key: Value,
  answer: Tree,
  form: AskedForm,
  context: Context,
  tolerance: RealValue | null = null,
): Result<Mark, Problem> {
  const given = readGiven(answer, context);
  if (!given.ok) return given;
  if (tolerance !== null) {
    const value = evaluate(answer, context);
    if (!value.ok) return value;
    if (isReal(value.value) && isReal(key) && isNear(value.value, key, tolerance, context))
      return succeed(isInForm(answer, form) ? 'right' : 'other-form');
  }
  const how = agreement(key, given.value, context);
  if (how === null) return succeed('wrong');
  const isAsked = isInForm(answer, form) && hasCount(given.value, form);
  if (countOf(form) !== null) {
    if (how === 'truncated') return succeed('rounded');
    return succeed(isAsked ? 'right' : 'other-form');
  }
  if (how !== 'exact') return succeed('rounded');
  return succeed(isAsked ? 'right' : 'other-form');
}
