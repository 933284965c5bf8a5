import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import { added, powerOf, product, scaled } from '../matrix/arithmetic';
import { sizeOf } from '../matrix/matrix';
import * as complex from '../number/complex';
import { power } from '../number/power';
import { remainder } from '../number/rounding';
import { asWhole, isReal, isScalar } from '../number/value';
import type { Scalar, Value } from '../number/value';
import type { Context } from './context';

/* The operators between values of any kind: numbers with numbers, matrices with matrices, and both where that means something. */

type Outcome = Result<Value, ProblemData>;

/** What an operator or a function says that takes numbers only. */
export const needsNumber = (fn: string) => fail<ProblemData>({ code: 'domain', reason: 'needs-number', fn });

/** A value that must be a number. */
export const asNumber = (fn: string, v: Value): Result<Scalar, ProblemData> =>
  isScalar(v) ? succeed(v) : needsNumber(fn);

/** −v. */
export const negated = (v: Value): Value => (isScalar(v) ? complex.negate(v) : scaled(v, MINUS_ONE));
const MINUS_ONE = complex.negate({ kind: 'rational', value: { n: 1n, d: 1n } });

/** a + b, a − b. A number and a matrix have no sum. */
export function sumOf(a: Value, b: Value, op: 'plus' | 'minus'): Outcome {
  const sign = op === 'plus' ? '+' : '−';
  if (isScalar(a) && isScalar(b)) return succeed(op === 'plus' ? complex.add(a, b) : complex.subtract(a, b));
  if (a.kind === 'matrix' && b.kind === 'matrix') return added(a, b, sign);
  const size = (v: Value) => (v.kind === 'matrix' ? sizeOf(v) : ([1, 1] as const));
  return fail({ code: 'dimension', reason: 'sizes', fn: sign, left: size(a), right: size(b) });
}

/** a · b: of numbers, of a number and a matrix, of matrices whose sizes fit. */
export function productOf(a: Value, b: Value, { shouldContinue }: Context): Outcome {
  if (isScalar(a)) return succeed(isScalar(b) ? complex.multiply(a, b) : scaled(b, a));
  return isScalar(b) ? succeed(scaled(a, b)) : product(a, b, shouldContinue);
}

/** a / b by a number. */
export function quotientOf(a: Value, b: Value, { shouldContinue }: Context): Outcome {
  if (!isScalar(b)) return needsNumber('÷');
  if (isScalar(a)) return complex.divide(a, b, shouldContinue);
  const rows: Scalar[][] = [];
  for (const row of a.rows) {
    const now: Scalar[] = [];
    for (const entry of row) {
      const result = complex.divide(entry, b, shouldContinue);
      if (!result.ok) return result;
      now.push(result.value);
    }
    rows.push(now);
  }
  return succeed({ kind: 'matrix', rows });
}

/** base^exponent; of a matrix only a whole power. */
export function raised(base: Value, exponent: Value, { complex: isOn, shouldContinue }: Context): Outcome {
  if (base.kind === 'matrix') {
    const n = isScalar(exponent) ? asWhole(exponent) : null;
    return n === null ? fail({ code: 'domain', reason: 'needs-whole', fn: '^' }) : powerOf(base, n, shouldContinue);
  }
  if (!isScalar(exponent)) return needsNumber('^');
  return !isOn && isReal(base) && isReal(exponent)
    ? power(base, exponent, shouldContinue)
    : complex.power(base, exponent, shouldContinue);
}

/** The remainder of real numbers. */
export function remainderOf(a: Value, b: Value, { shouldContinue }: Context): Outcome {
  if (!isScalar(a) || !isScalar(b)) return needsNumber('mod');
  return isReal(a) && isReal(b)
    ? remainder(a, b, shouldContinue)
    : fail({ code: 'domain', reason: 'real-only', fn: 'mod' });
}
