import type { ProblemData } from '../../base/problem';
import { fail, succeed } from '../../base/result';
import type { Result } from '../../base/result';
import {
  characteristic,
  eigenvalueVector,
  eigenvalues as valuesOf,
  eigenvectors as vectorsOf,
} from '../../matrix/characteristic';
import type { Eigenvalue } from '../../matrix/characteristic';
import { vector } from '../../matrix/matrix';
import { isReal } from '../../number/value';
import type { Matrix } from '../../number/value';
import { defineMatrixFunction } from '../record';
import type { FunctionContext } from '../record';
import { ofMatrix } from './arguments';

const shared = {
  topic: 'matrices',
  takes: ['A'],
  source: 'G. Strang, Introduction to Linear Algebra, 6.1, from memory',
} as const;

/** The eigenvalues; where some are complex, only while complex numbers are on. */
function allowed(fn: string, m: Matrix, context: FunctionContext): Result<readonly Eigenvalue[], ProblemData> {
  const found = valuesOf(m, context.shouldContinue);
  if (!found.ok || context.complex || found.value.every(({ value }) => isReal(value))) return found;
  return fail({ code: 'domain', reason: 'complex-values', fn });
}

export const charpoly = defineMatrixFunction({
  ...shared,
  name: 'charpoly',
  of: ofMatrix('charpoly', (m, { shouldContinue }) => {
    const coefficients = characteristic(m, shouldContinue);
    return coefficients.ok ? succeed(vector(coefficients.value)) : coefficients;
  }),
  examples: [{ typed: 'charpoly([[2, 1], [1, 2]])', exact: '[1,-4,3]' }],
});

export const eigenvalues = defineMatrixFunction({
  ...shared,
  name: 'eigenvalues',
  of: ofMatrix('eigenvalues', (m, context) => {
    const found = allowed('eigenvalues', m, context);
    return found.ok ? succeed(eigenvalueVector(found.value)) : found;
  }),
  examples: [
    { typed: 'eigenvalues([[2, 1], [1, 2]])', exact: '[1,3]' },
    { typed: 'eigenvalues([[1, 1], [1, 0]])', exact: '[(1-sqrt(5))/2,(1+sqrt(5))/2]' },
    { typed: 'eigenvalues([[0, -1], [1, 0]])', problem: 'domain' },
    { typed: 'eigenvalues([[0, -1], [1, 0]])', complex: true, exact: '[-i,i]' },
  ],
});

export const eigenvectors = defineMatrixFunction({
  ...shared,
  name: 'eigenvectors',
  of: ofMatrix('eigenvectors', (m, context) => {
    const found = allowed('eigenvectors', m, context);
    return found.ok ? vectorsOf(m, found.value, context.shouldContinue) : found;
  }),
  examples: [{ typed: 'eigenvectors([[2, 1], [1, 2]])', exact: '[[-1,1],[1,1]]' }],
});
