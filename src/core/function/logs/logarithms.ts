import { problemData } from '../../number/arithmetic';
import * as complex from '../../number/complex';
import { expOf, lnOf, logTo } from '../../number/logarithm';
import { op, over, wholeNumber } from '../../number/real-expr';
import type { RealExpr } from '../../number/real-expr';
import { fromWhole } from '../../number/value';
import type { Scalar } from '../../number/value';
import { fences, lowered, name, raised, row, value } from '../../notation/layout';
import { defineNotation } from '../../notation/notation';
import { defineFunction } from '../record';
import type { FunctionContext } from '../record';

const TEN = fromWhole(10);

export const exp = defineFunction({
  name: 'exp',
  notation: defineNotation(raised(name('e'), value(0)), { isOnlyPrinted: true }),
  isLatexCommand: true,
  topic: 'logs',
  takes: ['x'],
  apply: ([x]) => expOf(x),
  complex: ([z]) => complex.exp(z),
  formula: (x) => op('exp', x),
  double: Math.exp,
  derivative: ['exp(x)'],
  examples: [
    { typed: 'exp(0)', exact: '1' },
    { typed: 'exp(1)', decimal: '2.7182818285' },
    { typed: 'exp(i*pi)', complex: true, exact: '-1' },
  ],
  source: 'ISO 80000-2, 2-13.2; DLMF 4.2',
});

export const ln = defineFunction({
  name: 'ln',
  isLatexCommand: true,
  topic: 'logs',
  takes: ['x'],
  domain: 'x>0',
  apply: ([x], { shouldContinue }) => lnOf(x, shouldContinue),
  complex: ([z], { shouldContinue }) => complex.ln(z, shouldContinue),
  formula: (x) => op('ln', x),
  double: Math.log,
  derivative: ['1/x'],
  examples: [
    { typed: 'ln(e)', exact: '1' },
    { typed: 'ln(e^3)', exact: '3' },
    { typed: 'ln(2)', decimal: '0.69314718056' },
    { typed: 'ln(0)', problem: 'domain' },
    { typed: 'ln(-1)', complex: true, exact: 'pi i' },
  ],
  source: 'ISO 80000-2, 2-13.5; DLMF 4.2',
});

/** ln z / ln base with principal values, for what the real logarithm refuses; the base 1 has none here either. */
function complexLog(z: Scalar, base: Scalar, { shouldContinue }: FunctionContext, fn: string): complex.ComplexOutcome {
  const result = complex.chain(complex.ln(z, shouldContinue, fn), (top) =>
    complex.chain(complex.ln(base, shouldContinue, fn), (bottom) => complex.divide(top, bottom, shouldContinue)),
  );
  const isOne = !result.ok && result.problem.code === 'divide-by-zero';
  return isOne ? problemData({ code: 'domain', reason: 'log-base', fn }) : result;
}

const logFormula = (x: RealExpr, base: RealExpr = wholeNumber(10)): RealExpr => over(op('ln', x), op('ln', base));

export const lg = defineFunction({
  name: 'lg',
  isLatexCommand: true,
  topic: 'logs',
  takes: ['x'],
  domain: 'x>0',
  apply: ([x], { shouldContinue }) => logTo(x, TEN, shouldContinue, 'lg'),
  complex: ([z], context) => complexLog(z, TEN, context, 'lg'),
  formula: (x) => logFormula(x),
  double: Math.log10,
  derivative: ['1/(x*ln(10))'],
  examples: [{ typed: 'lg(0.001)', exact: '-3' }],
  source: 'ISO 80000-2, 2-13.6',
});

export const log = defineFunction({
  name: 'log',
  notation: defineNotation(row(lowered(name('log'), value(1)), fences('(', value(0), ')'))),
  isLatexCommand: true,
  topic: 'logs',
  takes: ['x', 'base'],
  least: 1,
  absent: '10',
  domain: 'x>0 and y>0 and y!=1',
  apply: ([x, base], { shouldContinue }) => logTo(x, base ?? TEN, shouldContinue),
  complex: ([z, base], context) => complexLog(z, base ?? TEN, context, 'log'),
  formula: (x, base) => logFormula(x, base),
  double: (x: number, base?: number) =>
    base === undefined || base === 10 ? Math.log10(x) : Math.log(x) / Math.log(base),
  derivative: ['1/(x*ln(y))', '-ln(x)/(y*ln(y)^2)'],
  examples: [
    { typed: 'log(1000)', exact: '3' },
    { typed: 'log(32,8)', exact: '5/3' },
    { typed: 'log(7,1)', problem: 'domain' },
  ],
  source: 'ISO 80000-2, 2-13.4 (a base given); base ten when none is given: common practice, no source',
});
