import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { digitsOf, worthOf } from './digits';
import { patternOf } from './word';

/* How numbers are brought into another base, added and taken away on paper. */

/** One division: `of` by the base goes `quotient` times and leaves `remainder`. */
export type Division = Readonly<{ of: bigint; quotient: bigint; remainder: bigint; digit: string }>;

/** The digits of a whole number n ≥ 0 by dividing over and over; read from the last remainder up. */
export function repeatedDivision(n: bigint, base: number): readonly Division[] {
  const by = BigInt(base);
  const result: Division[] = [];
  let rest = n;
  do {
    const [quotient, remainder] = [rest / by, rest % by];
    result.push({ of: rest, quotient, remainder, digit: digitsOf(remainder, base) });
    rest = quotient;
  } while (rest > 0n);
  return result;
}

/** One multiplication of what is behind the point: the whole part of the product is the next digit. */
export type Multiplication = Readonly<{ of: Rational; product: Rational; digit: string }>;

/** The first digits of a fraction below 1 by multiplying over and over, until nothing is left or there are `most`. */
export function repeatedMultiplication(fraction: Rational, base: number, most: number): readonly Multiplication[] {
  const result: Multiplication[] = [];
  let rest = fraction;
  while (!q.isZero(rest) && result.length < most) {
    const product = q.multiply(rest, q.whole(base));
    const whole = product.n / product.d;
    result.push({ of: rest, product, digit: digitsOf(whole, base) });
    rest = q.subtract(product, q.whole(whole));
  }
  return result;
}

/** A digit, what it counts, and the power of the base that it counts. */
export type PlaceValue = Readonly<{ digit: string; worth: number; exponent: number }>;

/** What each digit of a number is worth, from the first to the last; digits behind the point have negative exponents. */
export function placeValues(digits: string): readonly PlaceValue[] {
  const [whole = '', decimals = ''] = digits.split('.');
  return [...whole, ...decimals].map((digit, i) => ({
    digit,
    worth: worthOf(digit),
    exponent: whole.length - 1 - i,
  }));
}

/** A sum or difference in columns: each row has `bits` digits, the carries one more, for what leaves at the left. */
export type ColumnWork = Readonly<{ carries: string; a: string; b: string; result: string }>;

const inBits = (n: bigint, bits: number): string => patternOf(n, bits).toString(2).padStart(bits, '0');

/**
 * The addition of two patterns, or the subtraction of the second from the first, digit by digit from the right. A 1
 * among the carries stands over the column that it is added to, or was borrowed from.
 */
export function inColumns(op: 'add' | 'sub', a: bigint, b: bigint, bits: number): ColumnWork {
  const [top, bottom] = [inBits(a, bits), inBits(b, bits)];
  let carry = 0;
  let carries = '0';
  let result = '';
  for (let i = bits - 1; i >= 0; i -= 1) {
    const second = Number(bottom.charAt(i)) + carry;
    const column = op === 'add' ? Number(top.charAt(i)) + second : Number(top.charAt(i)) - second;
    result = `${Math.abs(column % 2)}${result}`;
    carry = op === 'add' ? (column > 1 ? 1 : 0) : column < 0 ? 1 : 0;
    carries = `${carry}${carries}`;
  }
  return { carries, a: top, b: bottom, result };
}
