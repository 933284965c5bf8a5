import { succeed } from '../../base/result';
import { convertAngle } from '../../number/angle';
import { ZERO } from '../../number/arithmetic';
import type { RealResult } from '../../number/arithmetic';
import * as complex from '../../number/complex';
import type { Scalar } from '../../number/value';
import { over, value } from '../../notation/layout';
import { defineNotation } from '../../notation/notation';
import { defineFunction } from '../record';
import type { FunctionContext } from '../record';

const SOURCE = 'ISO 80000-2, 2-15';
const shared = { topic: 'complex', takes: ['z'], complexFirst: true, complexOnly: true, source: SOURCE } as const;

export const re = defineFunction({
  ...shared,
  name: 're',
  apply: ([x]) => succeed(x),
  complex: ([z]) => succeed(complex.reOf(z)),
  examples: [{ typed: 're(3-4i)', complex: true, exact: '3' }],
});

export const im = defineFunction({
  ...shared,
  name: 'im',
  apply: () => succeed(ZERO),
  complex: ([z]) => succeed(complex.imOf(z)),
  examples: [{ typed: 'im(3-4i)', complex: true, exact: '-4' }],
});

export const conj = defineFunction({
  ...shared,
  name: 'conj',
  notation: defineNotation(over(value(0)), { isNameOverNumbers: true }),
  apply: ([x]) => succeed(x),
  complex: ([z]) => succeed(complex.conjugate(z)),
  examples: [{ typed: 'conj(3-4i)', complex: true, exact: '3+4i' }],
});

const argument = (z: Scalar, { shouldContinue, angle }: FunctionContext): RealResult => {
  const radians = complex.argument(z, shouldContinue);
  return radians.ok ? convertAngle(radians.value, 'rad', angle, shouldContinue) : radians;
};

export const arg = defineFunction({
  ...shared,
  name: 'arg',
  isLatexCommand: true,
  angleOut: true,
  apply: ([x], context) => argument(x, context),
  complex: ([z], context) => argument(z, context),
  examples: [
    { typed: 'arg(1+i)', complex: true, angle: 'deg', exact: '45' },
    { typed: 'arg(-1)', complex: true, exact: 'pi' },
    { typed: 'arg(0)', complex: true, problem: 'domain' },
  ],
});
