import { power } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/* Numbers written in a base from 2 to 36: digits 0 … 9, then letters for ten and more, as is common practice. */

export const LEAST_BASE = 2;
export const LARGEST_BASE = 36;
export const isBase = (n: number): boolean => Number.isInteger(n) && n >= LEAST_BASE && n <= LARGEST_BASE;

/** The mark over a digit that recurs: a combining overline after it. */
const RECURS = '\u0305';
/** More digits after the point than this are not worked out. */
export const MOST_DIGITS = 64;

/** What one digit is worth; NaN for what is no digit of any base. */
export const worthOf = (digit: string): number => parseInt(digit, LARGEST_BASE);

/** A whole number from digits that are known to be of the base. Halves are joined, so that long texts take no square of their length. */
export function wholeOf(digits: string, base: number): bigint {
  if (digits.length <= 10) return BigInt(digits === '' ? 0 : parseInt(digits, base));
  const middle = digits.length >> 1;
  const low = digits.slice(middle);
  return wholeOf(digits.slice(0, middle), base) * power(BigInt(base), low.length) + wholeOf(low, base);
}

/** The digits of a whole number n ≥ 0 in a base, letters large. */
export const digitsOf = (n: bigint, base: number): string => n.toString(base).toUpperCase();

/** The first digit of a text that is no digit of the base, with its place; null when all are. */
export function strangerIn(text: string, base: number): Readonly<{ digit: string; at: number }> | null {
  for (let at = 0; at < text.length; at += 1) {
    const digit = text.charAt(at);
    if (digit === '.' || digit === RECURS) continue;
    if (!(worthOf(digit) < base)) return { digit, at };
  }
  return null;
}

/**
 * The exact value of digits with a point, a recurring block marked by overlines: with k digits before the block and m in
 * it, whole + plain/b^k + block/(b^k(b^m − 1)). The caller has looked for digits that are not of the base.
 */
export function valueOfDigits(text: string, base: number): Rational {
  const [whole = '', decimals = ''] = text.split('.');
  const first = decimals.indexOf(RECURS);
  const plain = first < 0 ? decimals : decimals.slice(0, first - 1);
  const block = first < 0 ? '' : decimals.slice(first - 1).replaceAll(RECURS, '');
  const b = BigInt(base);
  const scale = power(b, plain.length);
  const fixed = q.rational(wholeOf(whole + plain, base), scale);
  return block === '' ? fixed : q.add(fixed, q.rational(wholeOf(block, base), (power(b, block.length) - 1n) * scale));
}

/** The digits of |n/d| in a base: before the point, after it, and the block that then recurs. */
export type Expansion = Readonly<{ whole: bigint; plain: string; block: string }>;

/** The expansion of a fraction in a base, by long division; null when it takes more digits than `most` after the point. */
export function expansion({ n, d }: Rational, base = 10, most = MOST_DIGITS): Expansion | null {
  const size = n < 0n ? -n : n;
  const by = BigInt(base);
  const seen = new Map<bigint, number>();
  let digits = '';
  let rest = size % d;
  while (rest !== 0n && !seen.has(rest)) {
    if (digits.length >= most) return null;
    seen.set(rest, digits.length);
    digits += digitsOf((rest * by) / d, base);
    rest = (rest * by) % d;
  }
  const start = rest === 0n ? digits.length : (seen.get(rest) ?? digits.length);
  return { whole: size / d, plain: digits.slice(0, start), block: digits.slice(start) };
}

/** An expansion as digits with a point, overlines over the block: what a numeral of the tree keeps. */
export function writtenDigits({ whole, plain, block }: Expansion, base: number): string {
  const decimals = plain + [...block].map((digit) => digit + RECURS).join('');
  return digitsOf(whole, base) + (decimals === '' ? '' : `.${decimals}`);
}

/** Digits are read in fours in base 2, in pairs of fours in base 16, else in threes. */
const groupOf = (base: number): number => (base === 2 || base === 4 || base === 16 ? 4 : 3);

/** The digits in groups, counted from the point, with `between` between them; what recurs stays together. */
export function groupedDigits(text: string, base: number, between: string): string {
  const size = groupOf(base);
  const [whole = '', decimals] = text.split('.');
  const first = whole.length % size;
  const groups = whole.slice(first).match(new RegExp(`.{${size}}`, 'g')) ?? [];
  const left = (first === 0 ? groups : [whole.slice(0, first), ...groups]).join(between);
  return decimals === undefined ? left : `${left}.${decimals}`;
}
