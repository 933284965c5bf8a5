import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { power, powerOfTen } from '../number/integer';
import { LARGEST_POWER } from '../number/largest-power';
import { OVERLINE } from '../language/numerals';

const PLAIN_WHOLE = /^\d+$/;

/** The exact value of a number as the tree keeps it (point, E, overlines); null when its power of ten is out of reach. */
export function numeralValue(written: string): Rational | null {
  if (PLAIN_WHOLE.test(written)) return q.whole(BigInt(written));
  const [digits = '', exponent = '0'] = written.split('E');
  const [wholePart, decimals = ''] = digits.split('.');
  if (exponent.length > 9 || Math.abs(Number(exponent)) > LARGEST_POWER) return null;
  const first = decimals.indexOf(OVERLINE);
  const plain = first < 0 ? decimals : decimals.slice(0, first - 1);
  const recurring = first < 0 ? '' : decimals.slice(first - 1).replaceAll(OVERLINE, '');
  const fixed = q.rational(BigInt(wholePart + plain), powerOfTen(plain.length));
  if (exponent === '0' && recurring === '') return fixed;
  const rest =
    recurring === ''
      ? q.ZERO
      : q.rational(BigInt(recurring), (power(10n, recurring.length) - 1n) * powerOfTen(plain.length));
  const scale = Number(exponent);
  const by = scale >= 0 ? q.whole(powerOfTen(scale)) : q.rational(1n, powerOfTen(-scale));
  return q.multiply(q.add(fixed, rest), by);
}
