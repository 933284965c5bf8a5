import { itemAt } from '../base/item';
import { binaryTree, negateTree, numberTree, powerTree } from '../language/tree';
import { factorise } from '../number/factor';
import { absolute, bitLength } from '../number/integer';
import { asWhole } from '../number/value';
import { expressionForm } from './form';
import type { FormRecord } from './form';

/** Longer numbers are not taken apart beside a result: it could take all the time there is. */
const MOST_BITS = 200;
const FEW_STEPS = 60_000;

/** 360 = 2³·3²·5: a whole number as a product of primes, when it is one of several. */
export const factors: FormRecord = {
  id: 'factors',
  write: (v, settings, shouldContinue) => {
    const n = asWhole(v);
    if (n === null || absolute(n) < 4n || bitLength(n) > MOST_BITS) return null;
    const found = factorise(absolute(n), shouldContinue, FEW_STEPS);
    if (found === null || (found.length === 1 && itemAt(found, 0).exponent === 1)) return null;
    const parts = found.map(({ prime, exponent }) => {
      const base = numberTree(prime.toString());
      return exponent === 1 ? base : powerTree(base, numberTree(`${exponent}`));
    });
    const product = parts.reduce((left, right) => binaryTree('times', left, right));
    return expressionForm('factors', n < 0n ? negateTree(product) : product, settings);
  },
};
