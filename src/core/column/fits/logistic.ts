import { callTree, binaryTree, groupTree, negateTree, numberTree } from '../../language/tree';
import { logisticFit } from '../logistic';
import { X, sum, times } from './equation';
import { defineFit } from './record';

/** y = c/(1 + a·e^(−b·x)): growth up to a ceiling, by a search. */
export const logistic = defineFit({
  needs: () => 3,
  find: ({ x, y, frequencies }, shouldContinue) => {
    const found = logisticFit({ x, y, weights: frequencies }, shouldContinue);
    if (!found.ok) return found;
    const { coefficients, r2 } = found.value;
    return { ok: true, value: { coefficients, r: null, r2 } };
  },
  equation: ([a, b, c]) =>
    a === undefined || b === undefined || c === undefined
      ? numberTree('0')
      : binaryTree('over', c, groupTree(sum(numberTree('1'), times(a, callTree('exp', negateTree(times(b, X))))))),
});
