import type { Tree } from '../language/tree';
import { NOWHERE, negateTree } from '../language/tree';
import { isWhole } from '../number/rational';
import type { Rational } from '../number/rational';
import { asRational } from '../number/value';
import { rationalTree } from './exact-tree';
import { expressionForm } from './form';
import type { FormRecord } from './form';

/** A fraction with a longer numerator or denominator is not laid out; its decimal stands for it. */
const LONGEST = BigInt(`1${'0'.repeat(60)}`);
/** Whether a fraction is short enough to be laid out. */
export const fits = ({ n, d }: Rational): boolean => n < LONGEST && n > -LONGEST && d < LONGEST;

export const fraction: FormRecord = {
  id: 'fraction',
  write: (v, settings) => {
    const plain = asRational(v);
    if (plain === null || isWhole(plain) || !fits(plain)) return null;
    return expressionForm('fraction', rationalTree(plain), settings);
  },
};

/** −15 3/5: a whole number beside a fraction below 1. */
export const mixed: FormRecord = {
  id: 'mixed',
  write: (v, settings) => {
    const plain = asRational(v);
    if (plain === null || isWhole(plain) || !fits(plain)) return null;
    const size = plain.n < 0n ? -plain.n : plain.n;
    if (size < plain.d) return null;
    const tree: Tree = { kind: 'mixed', whole: size / plain.d, n: size % plain.d, d: plain.d, span: NOWHERE };
    return expressionForm('mixed', plain.n < 0n ? negateTree(tree) : tree, settings);
  },
};
