import { isWhole } from '../number/rational';
import { isExact } from '../number/value';
import { exactTree } from './exact-tree';
import { expressionForm } from './form';
import type { FormRecord } from './form';

/** More digits than this are not laid out on a screen; the decimal stands for them. */
const MOST_SHOWN_BITS = 20_000;

/** A whole number, a sum of roots, a multiple of π, as they are. Fractions have forms of their own. */
export const exact: FormRecord = {
  id: 'exact',
  write: (v, settings) => {
    if (!isExact(v)) return null;
    if (v.kind === 'rational' && (!isWhole(v.value) || v.value.n.toString(2).length > MOST_SHOWN_BITS)) return null;
    return expressionForm('exact', exactTree(v), settings);
  },
};
