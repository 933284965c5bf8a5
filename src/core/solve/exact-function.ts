import { withLetter } from '../evaluate/context';
import type { Context } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import type { Tree } from '../language/tree';
import { ZERO, real } from '../number/arithmetic';
import { bitLength } from '../number/integer';
import { signOf } from '../number/sign';
import { isReal } from '../number/value';
import type { RealValue } from '../number/value';
import { coefficientsOf } from './coefficients';

/** A fraction longer than this came out of a search, not out of a book: its roots are not looked for in exact form. */
const LONG_BITS = 56;

const isLong = (x: RealValue): boolean => x.kind === 'rational' && bitLength(x.value.d) > LONG_BITS;

/** An expression in one letter as a function of exact numbers, for searches that come close to its zeros. */
export class ExactFunction {
  private readonly isPolynomial: boolean;

  constructor(
    protected readonly tree: Tree,
    protected readonly letter: string,
    protected readonly context: Context,
  ) {
    this.isPolynomial = coefficientsOf(tree, letter, context) !== null;
  }

  /** The value at a number; null where there is none, or none that is real. */
  valueAt(x: RealValue): RealValue | null {
    // As a real it is worked in balls from the start, and no long number is taken apart into its factors.
    const at = isLong(x) && !this.isPolynomial ? real('within', x, ZERO) : x;
    const result = evaluate(this.tree, withLetter(this.context, this.letter, at));
    return result.ok && isReal(result.value) ? result.value : null;
  }

  /** The exact sign at a value; null where there is none, or where it cannot be decided. */
  signAt(x: RealValue): -1 | 0 | 1 | null {
    const value = this.valueAt(x);
    const sign = value === null ? null : signOf(value, this.context.shouldContinue);
    return typeof sign === 'number' ? sign : null;
  }
}
