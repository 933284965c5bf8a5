import { succeed } from '../../base/result';
import {
  cosineBetween,
  cross as crossOf,
  dot as dotOf,
  norm as normOf,
  projection,
  unit as unitOf,
} from '../../matrix/vectors';
import { isReal } from '../../number/value';
import { fences, value } from '../../notation/layout';
import { defineNotation } from '../../notation/notation';
import { acos } from '../angles/inverse';
import { defineMatrixFunction } from '../record';
import { ofMatrix, ofVectors } from './arguments';

const SOURCE = 'ISO 80000-2, 2-17 (vectors)';
const two = { topic: 'matrices', takes: ['u', 'v'], source: SOURCE } as const;
const one = { topic: 'matrices', takes: ['v'], source: SOURCE } as const;

export const dot = defineMatrixFunction({
  ...two,
  name: 'dot',
  of: ofVectors('dot', dotOf),
  examples: [
    { typed: 'dot([1, 2, 3], [4, 5, 6])', exact: '32' },
    { typed: 'dot([1, 2], [1, 2, 3])', problem: 'dimension' },
  ],
});

export const cross = defineMatrixFunction({
  ...two,
  name: 'cross',
  of: ofVectors('cross', crossOf),
  examples: [
    { typed: 'cross([1, 0, 0], [0, 1, 0])', exact: '[0,0,1]' },
    { typed: 'cross([1, 2], [3, 4])', problem: 'dimension' },
  ],
});

export const norm = defineMatrixFunction({
  ...one,
  name: 'norm',
  notation: defineNotation(fences('‖', value(0), '‖'), { isOnlyPrinted: true }),
  of: ofMatrix('norm', (m, { shouldContinue }) => succeed(normOf(m, shouldContinue))),
  examples: [
    { typed: 'norm([3, 4])', exact: '5' },
    { typed: 'norm([1, 1])', exact: 'sqrt(2)' },
  ],
});

export const unit = defineMatrixFunction({
  ...one,
  name: 'unit',
  of: ofMatrix('unit', (m, { shouldContinue }) => unitOf(m, shouldContinue)),
  examples: [
    { typed: 'unit([3, 4])', exact: '[3/5,4/5]' },
    { typed: 'unit([0, 0])', problem: 'domain' },
  ],
});

export const angle = defineMatrixFunction({
  ...two,
  name: 'angle',
  angleOut: true,
  of: ofVectors('angle', (u, v, context) => {
    const cosine = cosineBetween(u, v, context.shouldContinue);
    if (!cosine.ok) return cosine;
    return isReal(cosine.value)
      ? acos.apply([cosine.value], context)
      : { ok: false, problem: { code: 'domain', reason: 'real-only', fn: 'angle' } };
  }),
  examples: [
    { typed: 'angle([1, 0], [1, 1])', angle: 'deg', exact: '45' },
    { typed: 'angle([1, 0], [0, 0])', problem: 'domain' },
  ],
});

export const proj = defineMatrixFunction({
  ...two,
  name: 'proj',
  of: ofVectors('proj', (u, v, { shouldContinue }) => projection(u, v, shouldContinue)),
  examples: [{ typed: 'proj([3, 4], [1, 0])', exact: '[3,0]' }],
});
