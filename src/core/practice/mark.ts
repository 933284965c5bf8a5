import type { Problem } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import type { Context } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import type { Tree } from '../language/tree';
import { compareReals } from '../number/sign';
import { subtract } from '../number/arithmetic';
import { isExact, isReal } from '../number/value';
import type { RealValue, Value } from '../number/value';
import type { Sameness } from '../slips/claim';
import { readGiven, sameness } from '../slips/given';
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

/** How an answer is marked. `same`: how its value is that of the key, where it is. */
export type Marking = Readonly<{ mark: Mark; same: Sameness | null }>;

/** What a value without an exact form is rounded to, to be right where any form will do. */
const LEAST_FIGURES = 3;

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
): Result<Marking, Problem> {
  const read = readGiven(answer, context);
  if (!read.ok) return read;
  const given = read.value;
  if (tolerance !== null) {
    const value = evaluate(answer, context);
    if (!value.ok) return value;
    if (isReal(value.value) && isReal(key) && isNear(value.value, key, tolerance, context))
      return succeed({ mark: isInForm(answer, form) ? 'right' : 'other-form', same: { how: 'form' } });
  }
  const same = sameness(key, given, context);
  return succeed({ mark: markOf(key, answer, given, same, form), same });
}

function markOf(key: Value, answer: Tree, given: Given, same: Sameness | null, form: AskedForm): Mark {
  if (same === null) return 'wrong';
  const asked: Mark = isInForm(answer, form) && hasCount(given, form) ? 'right' : 'other-form';
  if (same.how === 'form') return asked;
  if (countOf(form) !== null) return same.how === 'truncated' ? 'rounded' : asked;
  // What has no exact form can only be rounded.
  const isAllThereIs = form === 'any' && same.how === 'rounded' && given.kind === 'digits' && !isExact(key);
  return isAllThereIs && given.figures >= LEAST_FIGURES ? 'right' : 'rounded';
}
