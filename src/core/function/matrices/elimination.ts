import { fail, succeed } from '../../base/result';
import { itemAt } from '../../base/item';
import { trace as traceOf } from '../../matrix/arithmetic';
import { determinant } from '../../matrix/determinant';
import { inverse as inverseOf } from '../../matrix/inverse';
import {
  LARGEST_SIDE,
  entriesOf,
  identity as identityOf,
  isVector,
  transpose as transposed,
  vector,
} from '../../matrix/matrix';
import { kernel as kernelOf, rank as rankOf, rref as rrefOf, solutions } from '../../matrix/reduce';
import { fromWhole } from '../../number/value';
import { fences, raised, sign, value } from '../../notation/layout';
import { defineNotation } from '../../notation/notation';
import { defineMatrixFunction } from '../record';
import { countOf, ofMatrix } from './arguments';

const SOURCE = 'ISO 80000-2, 2-15 (matrices)';
const shared = { topic: 'matrices', takes: ['A'], source: SOURCE } as const;

export const det = defineMatrixFunction({
  ...shared,
  name: 'det',
  isLatexCommand: true,
  notation: defineNotation(fences('|', value(0), '|'), { isOnlyPrinted: true }),
  of: ofMatrix('det', (m, { shouldContinue }) => determinant(m, shouldContinue)),
  examples: [
    { typed: 'det([[1, 2], [3, 4]])', exact: '-2' },
    { typed: 'det([[sqrt(2), 1], [1, sqrt(2)]])', exact: '1' },
    { typed: 'det([[1, 2, 3], [4, 5, 6]])', problem: 'dimension' },
  ],
});

export const inverse = defineMatrixFunction({
  ...shared,
  name: 'inverse',
  of: ofMatrix('inverse', (m, { shouldContinue }) => inverseOf(m, shouldContinue)),
  examples: [
    { typed: 'inverse([[1, 2], [3, 4]])', exact: '[[-2,1],[3/2,-1/2]]' },
    { typed: 'inverse([[1, 2], [2, 4]])', problem: 'domain' },
  ],
});

export const transpose = defineMatrixFunction({
  ...shared,
  name: 'transpose',
  notation: defineNotation(raised(value(0), sign('⊤')), { isOnlyPrinted: true }),
  of: ofMatrix('transpose', (m) => succeed(transposed(m))),
  examples: [{ typed: 'transpose([[1, 2], [3, 4], [5, 6]])', exact: '[[1,3,5],[2,4,6]]' }],
});

export const rank = defineMatrixFunction({
  ...shared,
  name: 'rank',
  of: ofMatrix('rank', (m, { shouldContinue }) => succeed(fromWhole(rankOf(m, shouldContinue)))),
  examples: [{ typed: 'rank([[1, 2], [2, 4]])', exact: '1' }],
});

export const trace = defineMatrixFunction({
  ...shared,
  name: 'trace',
  of: ofMatrix('trace', (m) => traceOf(m)),
  examples: [{ typed: 'trace([[1, 2], [3, 4]])', exact: '5' }],
});

export const rref = defineMatrixFunction({
  ...shared,
  name: 'rref',
  of: ofMatrix('rref', (m, { shouldContinue }) => succeed(rrefOf(m, shouldContinue))),
  examples: [
    { typed: 'rref([[2, 3, 8], [1, -1, -1]])', exact: '[[1,0,1],[0,1,2]]' },
    { typed: 'rref([[1, 2], [2, 4]])', exact: '[[1,2],[0,0]]' },
  ],
});

export const kernel = defineMatrixFunction({
  ...shared,
  name: 'kernel',
  of: ofMatrix('kernel', (m, { shouldContinue }) => succeed(kernelOf(m, shouldContinue))),
  examples: [
    { typed: 'kernel([[1, 2], [2, 4]])', exact: '[-2,1]' },
    { typed: 'kernel([[1, 2], [3, 4]])', exact: '[0,0]' },
  ],
});

export const identity = defineMatrixFunction({
  ...shared,
  name: 'identity',
  takes: ['n'],
  of: ([n]) => {
    const count = countOf('identity', n, LARGEST_SIDE);
    return count.ok ? succeed(identityOf(count.value)) : count;
  },
  examples: [
    { typed: 'identity(2)', exact: '[[1,0],[0,1]]' },
    { typed: 'identity(1.5)', problem: 'domain' },
  ],
});

export const solve = defineMatrixFunction({
  ...shared,
  name: 'solve',
  takes: ['A', 'b'],
  of: ([m, b], { shouldContinue }) => {
    if (m?.kind !== 'matrix') return fail({ code: 'domain', reason: 'needs-matrix', fn: 'solve' });
    if (b?.kind !== 'matrix' || !isVector(b)) return fail({ code: 'domain', reason: 'needs-vector', fn: 'solve' });
    const [rows, columns] = [m.rows.length, itemAt(m.rows, 0).length];
    if (b.rows.length !== rows)
      return fail({
        code: 'dimension',
        reason: 'sizes',
        fn: 'solve',
        left: [rows, columns],
        right: [b.rows.length, 1],
      });
    const found = solutions(m, entriesOf(b), shouldContinue);
    if (found.kind === 'one') return succeed(vector(found.x));
    return fail({ code: 'domain', reason: found.kind === 'none' ? 'contradiction' : 'many-solutions', fn: 'solve' });
  },
  examples: [
    { typed: 'solve([[2, 3], [1, -1]], [8, -1])', exact: '[1,2]' },
    { typed: 'solve([[1, 2], [2, 4]], [1, 3])', problem: 'domain' },
    { typed: 'solve([[1, 2], [3, 4]], [1, 2, 3])', problem: 'dimension' },
  ],
});
