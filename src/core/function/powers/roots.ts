import { intervalOps, stepping } from '../../number/interval';
import { magnitude, problemData } from '../../number/arithmetic';
import * as complex from '../../number/complex';
import { absolute } from '../../number/integer';
import { op, over, squareRoot, wholeNumber } from '../../number/real-expr';
import { power, root } from '../../number/power';
import { signum } from '../../number/rounding';
import { asRational, asWhole, fromRational } from '../../number/value';
import type { RealValue, Scalar } from '../../number/value';
import { divide, ONE } from '../../number/rational';
import { digits, fences, root as rootOf, value } from '../../notation/layout';
import { defineNotation } from '../../notation/notation';
import { defineFunction } from '../record';
import type { FunctionContext } from '../record';

const SOURCE = 'DLMF 4.2 (real branch: odd roots of negatives are negative; principal values with complex numbers on)';

export const sqrt = defineFunction({
  name: 'sqrt',
  notation: defineNotation(rootOf(value(0))),
  prefixSign: '√',
  topic: 'powers',
  takes: ['x'],
  domain: 'x>=0',
  apply: ([x], { shouldContinue }) => root(x, 2, shouldContinue, 'sqrt'),
  complex: ([z], { shouldContinue }) => complex.squareRoot(z, shouldContinue),
  formula: squareRoot,
  double: Math.sqrt,
  derivative: ['1/(2sqrt(x))'],
  examples: [
    { typed: 'sqrt(12)', exact: '2sqrt(3)' },
    { typed: 'sqrt(9/16)', exact: '3/4' },
    { typed: 'sqrt(3+2sqrt(2))', exact: '1+sqrt(2)' },
    { typed: 'sqrt(-4)', problem: 'domain' },
    { typed: 'sqrt(-4)', complex: true, exact: '2i' },
  ],
  source: SOURCE,
});

export const cbrt = defineFunction({
  name: 'cbrt',
  notation: defineNotation(rootOf(value(0), digits('3'))),
  prefixSign: '∛',
  topic: 'powers',
  takes: ['x'],
  apply: ([x], { shouldContinue }) => root(x, 3, shouldContinue, 'cbrt'),
  complex: ([z], { shouldContinue }) => complex.nthRoot(z, 3n, shouldContinue),
  complexFirst: true,
  formula: (x) => op('root', x, wholeNumber(3)),
  double: Math.cbrt,
  derivative: ['1/(3cbrt(x)^2)'],
  examples: [
    { typed: 'cbrt(-27)', exact: '-3' },
    { typed: 'cbrt(16)', exact: '2cbrt(2)' },
    { typed: 'cbrt(pi)', decimal: '1.4645918876' },
    { typed: 'cbrt(-8)', complex: true, exact: '1+sqrt(3)i' },
  ],
  source: SOURCE,
});

function nth(index: RealValue, x: RealValue, { shouldContinue }: FunctionContext) {
  const whole = asWhole(index);
  if (whole === 0n) return problemData({ code: 'domain', reason: 'zero-root', fn: 'root' });
  if (whole !== null && whole > 1n && absolute(whole) <= 1_000_000n)
    return root(x, Number(whole), shouldContinue, 'root');
  const rational = asRational(index);
  if (rational === null) return problemData({ code: 'domain', reason: 'rational-only', fn: 'root' });
  return power(x, fromRational(divide(ONE, rational)), shouldContinue);
}

function complexNth(index: Scalar, z: Scalar, { shouldContinue }: FunctionContext): complex.ComplexOutcome {
  const rational = asRational(index);
  if (rational === null) return problemData({ code: 'domain', reason: 'rational-only', fn: 'root' });
  if (rational.n === 0n) return problemData({ code: 'domain', reason: 'zero-root', fn: 'root' });
  return complex.power(z, fromRational(divide(ONE, rational)), shouldContinue);
}

export const nthRoot = defineFunction({
  name: 'root',
  notation: defineNotation(rootOf(value(1), value(0)), { main: 1, takesBefore: 0 }),
  topic: 'powers',
  takes: ['n', 'x'],
  domain: 'x>=0',
  apply: ([n, x], context) => nth(n, x, context),
  complex: ([n, z], context) => complexNth(n, z, context),
  complexFirst: true,
  bounds: (n, x) => intervalOps.root(x, n),
  double: (n, x) => (x < 0 && Math.abs(n % 2) === 1 ? -Math.pow(-x, 1 / n) : Math.pow(x, 1 / n)),
  derivative: [null, 'root(x,y)/(x*y)'],
  examples: [
    { typed: 'root(4,81)', exact: '3' },
    { typed: 'root(4,36)', exact: 'sqrt(6)' },
    { typed: 'root(4,48)', exact: '2root(4,3)' },
    { typed: 'root(0,5)', problem: 'domain' },
  ],
  source: SOURCE,
});

export const abs = defineFunction({
  name: 'abs',
  notation: defineNotation(fences('|', value(0), '|')),
  topic: 'powers',
  takes: ['x'],
  apply: ([x], { shouldContinue }) => magnitude(x, shouldContinue),
  complex: ([z], { shouldContinue }) => complex.modulus(z, shouldContinue),
  formula: (x) => op('magnitude', x),
  double: Math.abs,
  derivative: ['x/abs(x)'],
  examples: [
    { typed: 'abs(-7/2)', exact: '7/2' },
    { typed: 'abs(1-sqrt(2))', exact: 'sqrt(2)-1' },
    { typed: 'abs(3+4i)', complex: true, exact: '5' },
  ],
  source: 'ISO 80000-2, 2-9.16; of a complex number 2-15.5',
});

export const sign = defineFunction({
  name: 'sign',
  topic: 'powers',
  takes: ['x'],
  apply: ([x], { shouldContinue }) => signum(x, shouldContinue),
  complex: ([z], { shouldContinue }) =>
    complex.chain(complex.modulus(z, shouldContinue), (size) => complex.divide(z, size, shouldContinue)),
  formula: (x) => over(x, op('magnitude', x)),
  double: Math.sign,
  bounds: stepping(Math.sign),
  derivative: ['0/x'],
  examples: [
    { typed: 'sign(-7)', exact: '-1' },
    { typed: 'sign(ln(2)+ln(3)-ln(6))', exact: '0' },
    { typed: 'sign(3+4i)', complex: true, exact: '3/5+4i/5' },
  ],
  source: 'ISO 80000-2, 2-9.13; of a complex number z/|z|, 2-15.6',
});
