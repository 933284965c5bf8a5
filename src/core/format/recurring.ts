import { OVERLINE } from '../language/numerals';
import { negateTree, numberTree } from '../language/tree';
import type { Rational } from '../number/rational';
import { asRational } from '../number/value';
import { expressionForm } from './form';
import type { FormRecord } from './form';

/** Longer expansions are not laid out. */
const MOST_DIGITS = 36;

/** The digits after the point up to where they begin to recur, and the block that does; null when that is too long. */
export function expansion({ n, d }: Rational): { whole: bigint; plain: string; block: string } | null {
  const size = n < 0n ? -n : n;
  const seen = new Map<bigint, number>();
  let digits = '';
  let rest = size % d;
  while (rest !== 0n && !seen.has(rest)) {
    if (digits.length >= MOST_DIGITS) return null;
    seen.set(rest, digits.length);
    digits += (rest * 10n) / d;
    rest = (rest * 10n) % d;
  }
  const start = rest === 0n ? digits.length : (seen.get(rest) ?? digits.length);
  return { whole: size / d, plain: digits.slice(0, start), block: digits.slice(start) };
}

/** 2.83 with a bar over the 3. */
export const recurring: FormRecord = {
  id: 'recurring',
  write: (v, settings) => {
    const plain = asRational(v);
    const found = plain && expansion(plain);
    if (!plain || !found || found.block === '') return null;
    const barred = [...found.block].map((digit) => digit + OVERLINE).join('');
    const tree = numberTree(`${found.whole}.${found.plain}${barred}`);
    return expressionForm('recurring', plain.n < 0n ? negateTree(tree) : tree, settings);
  },
};
