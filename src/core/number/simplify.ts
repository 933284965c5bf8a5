import type { ShouldContinue } from '../base/should-continue';
import * as p from './polynomial';
import { TooMuch } from './polynomial';
import type { Rational } from './rational';
import { Rewriter } from './rewriter';
import type { Quotient } from './rewriter';
import type { RealValue } from './value';

const ZERO: Quotient = { top: p.ZERO, bottom: p.ONE };

/** Goes on with a value rewritten; null when it is too long for that. */
function withRewritten<T>(
  v: RealValue,
  shouldContinue: ShouldContinue,
  then: (result: Quotient, rewriter: Rewriter) => T,
): T | null {
  const rewriter = new Rewriter(shouldContinue);
  try {
    return then(rewriter.rewrite(v), rewriter);
  } catch (error) {
    if (error instanceof TooMuch) return null;
    throw error;
  }
}

/** A value rewritten, zero in whatever shape as zero; null when it is too long for that. */
export const rewritten = (v: RealValue, shouldContinue: ShouldContinue): Quotient | null =>
  withRewritten(v, shouldContinue, (result, rewriter) => (rewriter.isZero(result) ? ZERO : result));

/** Whether a value is proved to be zero; false means that it is not, or that it stays open. */
export const isZeroExactly = (v: RealValue, shouldContinue: ShouldContinue): boolean =>
  withRewritten(v, shouldContinue, (result, rewriter) => rewriter.isZero(result)) === true;

/** Whether two values are proved to be the same. */
export const identical = (a: RealValue, b: RealValue, shouldContinue: ShouldContinue): boolean =>
  isZeroExactly({ kind: 'real', op: 'add', args: [a, { kind: 'real', op: 'negate', args: [b] }] }, shouldContinue);

/** The rational number that a value is, when that can be proved. */
export function exactRational(v: RealValue, shouldContinue: ShouldContinue): Rational | null {
  if (v.kind === 'rational') return v.value;
  const found = v.kind === 'real' ? rewritten(v, shouldContinue) : null;
  return found && found.bottom === p.ONE ? p.toRational(found.top) : null;
}
