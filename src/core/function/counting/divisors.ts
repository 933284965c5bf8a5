import * as interval from '../../number/interval';
import type { ShouldContinue } from '../../base/should-continue';
import { succeed } from '../../base/result';
import { problemData } from '../../number/arithmetic';
import type { RealResult } from '../../number/arithmetic';
import { absolute, bitLength, gcdWithin } from '../../number/integer';
import { LARGEST_POWER } from '../../number/largest-power';
import { quotient, remainder } from '../../number/rounding';
import { asWhole, fromWhole } from '../../number/value';
import type { RealValue } from '../../number/value';
import { defineFunction } from '../record';

type Join = (a: bigint, b: bigint, shouldContinue: ShouldContinue) => bigint | null;

const least: Join = (a, b, shouldContinue) => {
  if (a === 0n || b === 0n) return 0n;
  const common = gcdWithin(a, b, shouldContinue);
  return common === null ? null : absolute(a / common) * absolute(b);
};

/** Whole numbers joined two by two. */
function joined(
  [first, ...others]: readonly [RealValue, ...RealValue[]],
  fn: string,
  join: Join,
  shouldContinue: ShouldContinue,
): RealResult {
  let result = asWhole(first);
  if (result === null) return problemData({ code: 'domain', reason: 'not-whole', fn });
  for (const arg of others) {
    const n = asWhole(arg);
    if (n === null) return problemData({ code: 'domain', reason: 'not-whole', fn });
    result = join(result, n, shouldContinue);
    if (result === null) return problemData({ code: 'stopped' });
    if (bitLength(result) > LARGEST_POWER * 3.3219281) return problemData({ code: 'too-large' });
  }
  return succeed(fromWhole(absolute(result)));
}

const doubleGcd = (a: number, b: number): number => {
  if (!Number.isInteger(a) || !Number.isInteger(b)) return NaN;
  let [x, y] = [Math.abs(a), Math.abs(b)];
  while (y !== 0) [x, y] = [y, x % y];
  return x;
};

export const gcd = defineFunction({
  name: 'gcd',
  isLatexCommand: true,
  topic: 'counting',
  takes: ['a', 'b'],
  more: true,
  apply: (args, { shouldContinue }) => joined(args, 'gcd', gcdWithin, shouldContinue),
  double: (...args) => args.reduce(doubleGcd),
  examples: [
    { typed: 'gcd(84,36)', exact: '12' },
    { typed: 'gcd(84,36,30)', exact: '6' },
    { typed: 'gcd(0,0)', exact: '0' },
    { typed: 'gcd(1.5,3)', problem: 'domain' },
  ],
  source: 'DLMF 27.1; gcd(0, 0) = 0: common practice, no source',
});

export const lcm = defineFunction({
  name: 'lcm',
  topic: 'counting',
  takes: ['a', 'b'],
  more: true,
  apply: (args, { shouldContinue }) => joined(args, 'lcm', least, shouldContinue),
  double: (...args) => args.reduce((a, b) => (a === 0 || b === 0 ? 0 : Math.abs((a / doubleGcd(a, b)) * b))),
  examples: [
    { typed: 'lcm(4,6)', exact: '12' },
    { typed: 'lcm(4,6,10)', exact: '60' },
  ],
  source: 'DLMF 27.1',
});

export const mod = defineFunction({
  name: 'mod',
  topic: 'counting',
  takes: ['a', 'b'],
  domain: 'y!=0',
  apply: ([a, b], { shouldContinue }) => remainder(a, b, shouldContinue),
  double: (a, b) => a - b * Math.floor(a / b),
  bounds: (a, b) => interval.remainder(a, b),
  derivative: ['1+0/(x/y-floor(x/y))', '-floor(x/y)+0/(x/y-floor(x/y))'],
  examples: [
    { typed: 'mod(53,8)', exact: '5' },
    { typed: 'mod(-7,3)', exact: '2' },
    { typed: 'mod(7,-3)', exact: '-2' },
    { typed: 'mod(5,0)', problem: 'divide-by-zero' },
    { typed: 'mod(10,pi)', decimal: '0.57522203923' },
  ],
  source: 'The sign of the second number: D. E. Knuth, The Art of Computer Programming, vol. 1, 1.2.4 (from memory)',
});

export const div = defineFunction({
  name: 'div',
  topic: 'counting',
  takes: ['a', 'b'],
  domain: 'y!=0',
  apply: ([a, b], { shouldContinue }) => quotient(a, b, shouldContinue),
  double: (a, b) => Math.floor(a / b),
  bounds: (a, b) => interval.stepping(Math.floor)(interval.divide(a, b)),
  derivative: ['0/(x/y-floor(x/y))', '0/(x/y-floor(x/y))'],
  examples: [
    { typed: 'div(53,8)', exact: '6' },
    { typed: 'div(-7,3)', exact: '-3' },
    { typed: 'div(5,0)', problem: 'divide-by-zero' },
  ],
  source: 'The floor of the quotient: D. E. Knuth, The Art of Computer Programming, vol. 1, 1.2.4 (from memory)',
});
