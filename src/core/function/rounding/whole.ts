import * as rounding from '../../number/rounding';
import type { RealResult } from '../../number/arithmetic';
import { larger, smaller, stepping, subtract } from '../../number/interval';
import { fromWhole } from '../../number/value';
import type { RealValue } from '../../number/value';
import { compareReals } from '../../number/sign';
import type { ShouldContinue } from '../../base/should-continue';
import { succeed } from '../../base/result';
import { undecided } from '../../number/arithmetic';
import { fences, value } from '../../notation/layout';
import { defineNotation } from '../../notation/notation';
import { defineFunction } from '../record';

const SOURCE = 'ISO 80000-2, 2-9.17 to 2-9.20';
const HALVES = 'Halves away from zero: common practice, no source';
const shared = { topic: 'rounding', takes: ['x'], source: SOURCE } as const;

export const floor = defineFunction({
  ...shared,
  name: 'floor',
  notation: defineNotation(fences('⌊', value(0), '⌋')),
  apply: ([x], { shouldContinue }) => rounding.floor(x, shouldContinue),
  double: Math.floor,
  bounds: stepping(Math.floor),
  derivative: ['0/(x-floor(x))'],
  examples: [
    { typed: 'floor(2.7)', exact: '2' },
    { typed: 'floor(-2.7)', exact: '-3' },
    { typed: 'floor(ln(8)/ln(2))', exact: '3' },
  ],
});

export const ceil = defineFunction({
  ...shared,
  name: 'ceil',
  notation: defineNotation(fences('⌈', value(0), '⌉')),
  apply: ([x], { shouldContinue }) => rounding.ceiling(x, shouldContinue),
  double: Math.ceil,
  bounds: stepping(Math.ceil),
  derivative: ['0/(x-floor(x))'],
  examples: [
    { typed: 'ceil(2.1)', exact: '3' },
    { typed: 'ceil(-2.1)', exact: '-2' },
  ],
});

export const trunc = defineFunction({
  ...shared,
  name: 'trunc',
  apply: ([x], { shouldContinue }) => rounding.truncate(x, shouldContinue),
  double: Math.trunc,
  bounds: stepping(Math.trunc),
  derivative: ['0/(x-floor(x))'],
  examples: [{ typed: 'trunc(-2.7)', exact: '-2' }],
});

export const frac = defineFunction({
  ...shared,
  name: 'frac',
  apply: ([x], { shouldContinue }) => rounding.fraction(x, shouldContinue),
  double: (x) => x - Math.trunc(x),
  bounds: (x) => subtract(x, stepping(Math.trunc)(x)),
  derivative: ['1+0/(x-floor(x))'],
  examples: [
    { typed: 'frac(2.75)', exact: '3/4' },
    { typed: 'frac(-2.75)', exact: '-3/4' },
    { typed: 'frac(pi)', decimal: '0.14159265359' },
  ],
});

const scaled = (x: number, by: number): number => Math.sign(x) * Math.round(Math.abs(x) * by) * (1 / by);

export const round = defineFunction({
  name: 'round',
  topic: 'rounding',
  takes: ['x', 'places'],
  least: 1,
  absent: '0',
  apply: ([x, places], { shouldContinue }) => rounding.round(x, places ?? fromWhole(0), shouldContinue),
  double: (x: number, places = 0) => scaled(x, Math.pow(10, places)),
  bounds: (x, ...rest) => stepping((v) => scaled(v, Math.pow(10, rest[0]?.low ?? 0)))(x),
  examples: [
    { typed: 'round(2.5)', exact: '3' },
    { typed: 'round(-2.5)', exact: '-3' },
    { typed: 'round(pi,4)', exact: '3927/1250' },
    { typed: 'round(1234,-2)', exact: '1200' },
    { typed: 'round(2,0.5)', problem: 'domain' },
  ],
  source: HALVES,
});

export const roundsig = defineFunction({
  name: 'roundsig',
  topic: 'rounding',
  takes: ['x', 'figures'],
  apply: ([x, figures], { shouldContinue }) => rounding.roundSignificant(x, figures, shouldContinue),
  double: (x, figures) => (x === 0 ? 0 : scaled(x, Math.pow(10, figures - 1 - Math.floor(Math.log10(Math.abs(x)))))),
  examples: [
    { typed: 'roundsig(1234.5,2)', exact: '1200' },
    { typed: 'roundsig(pi,3)', exact: '157/50' },
    { typed: 'roundsig(0,3)', exact: '0' },
    { typed: 'roundsig(2,0)', problem: 'domain' },
  ],
  source: HALVES,
});

/** The first of the values that no other goes before. */
function extreme(
  [first, ...others]: readonly [RealValue, ...RealValue[]],
  wanted: 1 | -1,
  shouldContinue: ShouldContinue,
): RealResult {
  let best = first;
  for (const next of others) {
    const order = compareReals(next, best, shouldContinue);
    if (typeof order === 'string') return undecided(order);
    if (order === wanted) best = next;
  }
  return succeed(best);
}

const ordered = {
  topic: 'rounding',
  takes: ['a', 'b'],
  more: true,
  least: 1,
  lists: 'several',
  source: SOURCE,
} as const;

export const min = defineFunction({
  ...ordered,
  name: 'min',
  isLatexCommand: true,
  apply: (args, { shouldContinue }) => extreme(args, -1, shouldContinue),
  double: Math.min,
  bounds: (...args) => args.reduce(smaller),
  derivative: ['cases(x<y,1,x>y,0,0/0)', 'cases(x<y,0,x>y,1,0/0)'],
  examples: [
    { typed: 'min(3,pi)', exact: '3' },
    { typed: 'min(4,2,9)', exact: '2' },
  ],
});

export const max = defineFunction({
  ...ordered,
  name: 'max',
  isLatexCommand: true,
  apply: (args, { shouldContinue }) => extreme(args, 1, shouldContinue),
  double: Math.max,
  bounds: (...args) => args.reduce(larger),
  derivative: ['cases(x>y,1,x<y,0,0/0)', 'cases(x>y,0,x<y,1,0/0)'],
  examples: [
    { typed: 'max(3,pi)', exact: 'pi' },
    { typed: 'max(sqrt(2),sqrt(3))', exact: 'sqrt(3)' },
  ],
});
