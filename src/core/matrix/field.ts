import { Stopped, TooLarge, Undecided } from '../base/limits';
import type { ProblemData } from '../base/problem';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import { ZERO } from '../number/arithmetic';
import * as complex from '../number/complex';
import { simplified } from '../number/exact-form';
import { signOf } from '../number/sign';
import { isReal } from '../number/value';
import type { Scalar } from '../number/value';

/** A part that only fails for want of time, room or digits; such a failure leaves the work (`base/limits`). */
export function worked<T>(result: Result<T, ProblemData>): T {
  if (result.ok) return result.value;
  const { code } = result.problem;
  throw code === 'stopped' ? new Stopped() : code === 'too-large' ? new TooLarge() : new Undecided();
}

/** Whether a number is 0: decided exactly, or proved by its digits; where neither can be, the work is left. */
export function isZero(v: Scalar, shouldContinue: ShouldContinue): boolean {
  const parts = isReal(v) ? [v] : [v.re, v.im];
  return parts.every((part) => {
    if (part.kind === 'rational') return part.value.n === 0n;
    if (part.kind !== 'real') return false;
    const sign = signOf(part, shouldContinue);
    if (typeof sign === 'number') return sign === 0;
    throw sign === 'stopped' ? new Stopped() : sign === 'too-large' ? new TooLarge() : new Undecided();
  });
}

/** Whether a number is proved to be other than 0; false also where it stays open. */
export function isProvedOther(v: Scalar, shouldContinue: ShouldContinue): boolean {
  try {
    return !isZero(v, shouldContinue);
  } catch (error) {
    if (error instanceof Undecided) return false;
    throw error;
  }
}

/** A number with what is hidden in it brought out: an exact form where there is one, 0 where it is proved. */
export const settled = (v: Scalar, shouldContinue: ShouldContinue): Scalar => {
  const simple = simplified(v, shouldContinue);
  return isReal(simple) && simple.kind === 'real' && isZero(simple, shouldContinue) ? ZERO : simple;
};

/** a / b for a b that is known not to be 0. */
export const over = (a: Scalar, b: Scalar, shouldContinue: ShouldContinue): Scalar =>
  worked(complex.divide(a, b, shouldContinue));

export const sum = (parts: readonly Scalar[]): Scalar => parts.reduce(complex.add, ZERO);
