import {
  GAP,
  again,
  besides,
  branches,
  fraction,
  letter,
  name,
  placed,
  row,
  sign,
  stacked,
  term,
  value,
  word,
} from '../../notation/layout';
import type { Layout } from '../../notation/layout';
import { defineGrowingNotation, defineNotation } from '../../notation/notation';
import type { Notation } from '../../notation/notation';
import { defineBinder } from '../record';

const overRange = { takes: ['expr', 'variable', 'lo', 'hi'] } as const;

/** A big sign with the letter's limits below and above it, then what is summed or multiplied. */
const overTerms = (big: string): Notation =>
  defineNotation(row(stacked(big, row(letter(1), sign('='), value(2)), value(3)), term(0)), { letters: { 1: 'k' } });

/** Values beside their conditions, the last beside a word; while it is unfinished that one may be missing. */
function branchesOf(values: number): Layout | null {
  if (values < 3) return null;
  const whens = Array.from({ length: Math.floor(values / 2) }, (_, i) => ({
    value: value(2 * i + 1),
    when: value(2 * i),
  }));
  return branches(values % 2 === 0 ? whens : [...whens, { value: value(values - 1), when: word('otherwise') }]);
}

export const sum = defineBinder({
  ...overRange,
  name: 'sum',
  lists: 'alone',
  notation: overTerms('∑'),
  topic: 'calculus',
  examples: [
    { typed: 'sum(k^2,k,1,10)', exact: '385' },
    { typed: 'sum(1/2^k,k,0,5)', exact: '63/32' },
    { typed: 'sum(k,k,3,2)', exact: '0' },
    { typed: 'sum(k,k,1,10^6)', exact: '500000500000' },
    { typed: 'sum(k,k,1,2.5)', problem: 'domain' },
  ],
  source: 'ISO 80000-2, 2-9.9; an empty sum is 0',
});

export const prod = defineBinder({
  ...overRange,
  name: 'prod',
  notation: overTerms('∏'),
  topic: 'calculus',
  examples: [
    { typed: 'prod(k,k,1,5)', exact: '120' },
    { typed: 'prod(k,k,3,2)', exact: '1' },
  ],
  source: 'ISO 80000-2, 2-9.10; an empty product is 1',
});

export const integral = defineBinder({
  ...overRange,
  name: 'integral',
  notation: defineNotation(row(besides('∫', value(2), value(3)), term(0), GAP, name('d'), letter(1)), {
    letters: { 1: 'x' },
  }),
  topic: 'calculus',
  examples: [
    { typed: 'integral(3x^2-x,x,1,4)', exact: '111/2' },
    { typed: 'integral(1/sqrt(x),x,0,1)', exact: '2' },
    { typed: 'integral(exp(-x^2),x,0,1)', decimal: '0.74682413281' },
    { typed: 'integral(1/x,x,0,1)', problem: 'not-converged' },
  ],
  source: 'ISO 80000-2, 2-12.21; DLMF 1.4, 3.5',
});

export const derivative = defineBinder({
  takes: ['expr', 'variable', 'at'],
  name: 'derivative',
  notation: defineNotation(
    placed(row(fraction(name('d'), row(name('d'), letter(1))), term(0)), row(again(1), sign('='), value(2))),
    { letters: { 1: 'x' } },
  ),
  topic: 'calculus',
  examples: [
    { typed: 'derivative(x^3,x,2)', exact: '12' },
    { typed: 'derivative(sin(x),x,0)', angle: 'deg', exact: 'pi/180' },
    { typed: 'derivative(abs(x),x,0)', problem: 'domain' },
  ],
  source: 'ISO 80000-2, 2-12.13; DLMF 1.4',
});

export const cases = defineBinder({
  takes: ['condition', 'value', 'otherwise'],
  more: true,
  name: 'cases',
  notation: defineGrowingNotation(branchesOf, { main: 1 }),
  topic: 'calculus',
  examples: [
    { typed: 'cases(2<1,5,7)', exact: '7' },
    { typed: 'cases(1<0,5,2=2,6,7)', exact: '6' },
    { typed: 'cases(1<2,5,1/0)', exact: '5' },
  ],
  source: 'Piecewise definition as in textbooks: common practice, no source',
});
