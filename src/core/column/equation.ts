import {
  binaryTree,
  callTree,
  constantTree,
  groupTree,
  letterTree,
  numberTree,
  powerTree,
  withoutLeadingMinus,
  NOWHERE,
} from '../language/tree';
import type { Tree } from '../language/tree';
import type { RealValue } from '../number/value';
import type { Fit } from './fit';

const X = letterTree('x');
const E = constantTree('e');

/** left ± right, the sign of the right one drawn out of it. */
function sum(left: Tree, right: Tree): Tree {
  const size = withoutLeadingMinus(right);
  return size === null ? binaryTree('plus', left, right) : binaryTree('minus', left, size);
}

const isZero = (tree: Tree): boolean => tree.kind === 'number' && Number(tree.written) === 0;

/** A factor in front, left out when it is one. */
function times(factor: Tree, of: Tree): Tree {
  if (factor.kind === 'number' && factor.written === '1') return of;
  return binaryTree('times', factor, of);
}

/**
 * The right side of a fit's equation in the letter x, the highest power first; each coefficient as the tree that the
 * caller makes of it. The angle of a sine carries its unit, so that it means the same whatever unit is set.
 */
export function equationTree(fit: Fit, leaf: (value: RealValue) => Tree): Tree {
  const c = fit.coefficients.map(({ value }) => leaf(value));
  const [a, b] = c as [Tree, Tree];
  switch (fit.model) {
    case 'straight':
    case 'polynomial': {
      const terms = c
        .map((factor, k) => ({ factor, k }))
        .filter(({ factor }) => !isZero(factor))
        .reverse()
        .map(({ factor, k }) => (k === 0 ? factor : times(factor, k === 1 ? X : powerTree(X, numberTree(String(k))))));
      return terms.length === 0 ? numberTree('0') : terms.reduce(sum);
    }
    case 'exponential':
      return times(a, powerTree(E, groupTree(times(b, X))));
    case 'power':
      return times(a, powerTree(X, b.kind === 'number' ? b : groupTree(b)));
    case 'logarithmic':
      return sum(a, times(b, callTree('ln', X)));
    case 'sine': {
      const angle: Tree = {
        kind: 'mark',
        unit: 'rad',
        by: 'word',
        of: groupTree(sum(times(b, X), c[2]!)),
        span: NOWHERE,
      };
      return sum(times(a, callTree('sin', angle)), c[3]!);
    }
  }
}
