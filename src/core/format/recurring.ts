import { OVERLINE } from '../language/numerals';
import { negateTree, numberTree } from '../language/tree';
import { expansion as expansionIn } from '../radix/digits';
import type { Expansion } from '../radix/digits';
import type { Rational } from '../number/rational';
import { asRational } from '../number/value';
import { expressionForm } from './form';
import type { FormRecord } from './form';

/** Longer expansions are not laid out. */
const MOST_DIGITS = 36;

/** The digits after the point up to where they begin to recur, and the block that does; null when that is too long. */
export const expansion = (of: Rational): Expansion | null => expansionIn(of, 10, MOST_DIGITS);

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
