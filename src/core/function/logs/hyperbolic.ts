import { itemAt } from '../../base/item';
import { ONE, ZERO, checkedReal, magnitude, problemData } from '../../number/arithmetic';
import type { RealResult } from '../../number/arithmetic';
import * as complex from '../../number/complex';
import { op } from '../../number/real-expr';
import * as q from '../../number/rational';
import type { RealOp } from '../../number/real-op-names';
import { compareWith } from '../../number/sign';
import type { RealValue } from '../../number/value';
import { defineFunction } from '../record';

const SOURCE = 'DLMF 4.28, 4.37 (principal branches)';
const MINUS_ONE = q.negate(q.ONE);

const isExactly = (x: RealValue, n: q.Rational): boolean => x.kind === 'rational' && q.equal(x.value, n);

/** A recipe, or what it comes to at its one simple place. */
function real(name: RealOp, x: RealValue, at: q.Rational, comesTo: RealValue): RealResult {
  if (isExactly(x, at)) return { ok: true, value: comesTo };
  return x.kind === 'real' && x.op === undoneBy[name] ? { ok: true, value: itemAt(x.args, 0) } : checkedReal(name, x);
}

/** What a function takes back on all its domain. */
const undoneBy: Readonly<Partial<Record<RealOp, RealOp>>> = {
  sinh: 'arsinh',
  cosh: 'arcosh',
  tanh: 'artanh',
  arsinh: 'sinh',
  artanh: 'tanh',
};

const shared = { topic: 'logs', takes: ['x'], source: SOURCE } as const;

export const sinh = defineFunction({
  ...shared,
  name: 'sinh',
  isLatexCommand: true,
  apply: ([x]) => real('sinh', x, q.ZERO, ZERO),
  complex: ([z]) => complex.sinhOf(z),
  formula: (x) => op('sinh', x),
  double: Math.sinh,
  derivative: ['cosh(x)'],
  examples: [
    { typed: 'sinh(0)', exact: '0' },
    { typed: 'sinh(ln(2))', exact: '3/4' },
    { typed: 'sinh(1)', decimal: '1.1752011936' },
  ],
});

export const cosh = defineFunction({
  ...shared,
  name: 'cosh',
  isLatexCommand: true,
  apply: ([x]) => real('cosh', x, q.ZERO, ONE),
  complex: ([z]) => complex.coshOf(z),
  formula: (x) => op('cosh', x),
  double: Math.cosh,
  derivative: ['sinh(x)'],
  examples: [
    { typed: 'cosh(0)', exact: '1' },
    { typed: 'cosh(1)^2-sinh(1)^2', exact: '1' },
    { typed: 'cosh(2)', decimal: '3.7621956911' },
  ],
});

export const tanh = defineFunction({
  ...shared,
  name: 'tanh',
  isLatexCommand: true,
  apply: ([x]) => real('tanh', x, q.ZERO, ZERO),
  complex: ([z], { shouldContinue }) =>
    complex.chain(complex.sinhOf(z), (top) =>
      complex.chain(complex.coshOf(z), (bottom) => complex.divide(top, bottom, shouldContinue)),
    ),
  formula: (x) => op('tanh', x),
  double: Math.tanh,
  derivative: ['1-tanh(x)^2'],
  examples: [
    { typed: 'tanh(0)', exact: '0' },
    { typed: 'tanh(0.5)', decimal: '0.46211715726' },
  ],
});

export const asinh = defineFunction({
  ...shared,
  name: 'asinh',
  aliases: ['arsinh'],
  apply: ([x]) => real('arsinh', x, q.ZERO, ZERO),
  complex: ([z], { shouldContinue }) => complex.arsinh(z, shouldContinue),
  formula: (x) => op('arsinh', x),
  double: Math.asinh,
  derivative: ['1/sqrt(x^2+1)'],
  examples: [
    { typed: 'asinh(0)', exact: '0' },
    { typed: 'asinh(sinh(3))', exact: '3' },
    { typed: 'asinh(1)', decimal: '0.88137358702' },
  ],
});

export const acosh = defineFunction({
  ...shared,
  name: 'acosh',
  aliases: ['arcosh'],
  domain: 'x>=1',
  apply: ([x], { shouldContinue }) => {
    if (x.kind === 'real' && x.op === 'cosh') return magnitude(itemAt(x.args, 0), shouldContinue);
    return compareWith(x, q.ONE, shouldContinue) === -1
      ? problemData({ code: 'domain', reason: 'below-one', fn: 'acosh' })
      : real('arcosh', x, q.ONE, ZERO);
  },
  complex: ([z], { shouldContinue }) => complex.arcosh(z, shouldContinue),
  formula: (x) => op('arcosh', x),
  double: Math.acosh,
  derivative: ['1/(sqrt(x-1)sqrt(x+1))'],
  examples: [
    { typed: 'acosh(1)', exact: '0' },
    { typed: 'acosh(2)', decimal: '1.3169578969' },
    { typed: 'acosh(0.5)', problem: 'domain' },
  ],
});

export const atanh = defineFunction({
  ...shared,
  name: 'atanh',
  aliases: ['artanh'],
  domain: '-1<x<1',
  apply: ([x], { shouldContinue }) => {
    const inside = compareWith(x, q.ONE, shouldContinue) === -1 && compareWith(x, MINUS_ONE, shouldContinue) === 1;
    return inside
      ? real('artanh', x, q.ZERO, ZERO)
      : problemData({ code: 'domain', reason: 'not-between-minus-one-and-one', fn: 'atanh' });
  },
  complex: ([z], { shouldContinue }) => complex.artanh(z, shouldContinue),
  formula: (x) => op('artanh', x),
  double: Math.atanh,
  derivative: ['1/(1-x^2)'],
  examples: [
    { typed: 'atanh(0)', exact: '0' },
    { typed: 'atanh(0.5)', decimal: '0.54930614433' },
    { typed: 'atanh(1)', problem: 'domain' },
  ],
});
