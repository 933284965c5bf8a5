import type { ProblemData } from '../../base/problem';
import { fail, succeed } from '../../base/result';
import type { Result } from '../../base/result';
import { asWhole, isScalar } from '../../number/value';
import type { Matrix, Value } from '../../number/value';
import { matrix } from '../../matrix/matrix';
import type { FunctionContext } from '../record';

export type Outcome = Result<Value, ProblemData>;

/** What a function of one matrix is: a number stands for a matrix of one entry. */
export const ofMatrix =
  (fn: string, of: (m: Matrix, context: FunctionContext) => Outcome) =>
  ([v]: readonly Value[], context: FunctionContext): Outcome => {
    if (v === undefined) throw new TypeError(`${fn} without its argument`);
    return of(isScalar(v) ? matrix([[v]]) : v, context);
  };

/** What a function of two vectors is. */
export const ofVectors =
  (fn: string, of: (u: Matrix, v: Matrix, context: FunctionContext) => Outcome) =>
  ([u, v]: readonly Value[], context: FunctionContext): Outcome =>
    u?.kind === 'matrix' && v?.kind === 'matrix'
      ? of(u, v, context)
      : fail({ code: 'domain', reason: 'needs-vector', fn });

/** A whole number from 1 up to `most`; else what is wrong. */
export function countOf(fn: string, v: Value | undefined, most: number): Result<number, ProblemData> {
  const n = v === undefined ? null : asWhole(v);
  if (n === null || n < 1n) return fail({ code: 'domain', reason: 'needs-whole', fn });
  return n > BigInt(most) ? fail({ code: 'too-large' }) : succeed(Number(n));
}
