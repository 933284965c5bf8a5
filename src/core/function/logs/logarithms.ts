import { expOf, lnOf, logTo } from '../../number/logarithm';
import { fromWhole } from '../../number/value';
import { defineFunction } from '../record';

const TEN = fromWhole(10);

export const exp = defineFunction({
  name: 'exp',
  topic: 'logs',
  takes: ['x'],
  apply: ([x]) => expOf(x!),
  examples: [
    { typed: 'exp(0)', exact: '1' },
    { typed: 'exp(1)', decimal: '2.7182818285' },
  ],
  source: 'ISO 80000-2, 2-13.2; DLMF 4.2',
});

export const ln = defineFunction({
  name: 'ln',
  topic: 'logs',
  takes: ['x'],
  apply: ([x], { alive }) => lnOf(x!, alive),
  examples: [
    { typed: 'ln(e)', exact: '1' },
    { typed: 'ln(e^3)', exact: '3' },
    { typed: 'ln(2)', decimal: '0.69314718056' },
    { typed: 'ln(0)', problem: 'domain' },
  ],
  source: 'ISO 80000-2, 2-13.5; DLMF 4.2',
});

export const lg = defineFunction({
  name: 'lg',
  topic: 'logs',
  takes: ['x'],
  apply: ([x], { alive }) => logTo(x!, TEN, alive, 'lg'),
  examples: [{ typed: 'lg(0.001)', exact: '-3' }],
  source: 'ISO 80000-2, 2-13.6',
});

export const log = defineFunction({
  name: 'log',
  topic: 'logs',
  takes: ['x', 'base'],
  least: 1,
  apply: ([x, base], { alive }) => logTo(x!, base ?? TEN, alive),
  examples: [
    { typed: 'log(1000)', exact: '3' },
    { typed: 'log(32,8)', exact: '5/3' },
    { typed: 'log(7,1)', problem: 'domain' },
  ],
  source: 'ISO 80000-2, 2-13.4 (a base given); base ten when none is given: common practice, no source',
});
