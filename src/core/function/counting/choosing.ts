import { arrangements, combinations } from '../../number/counting';
import { defineFunction } from '../record';

const SOURCE = 'ISO 80000-2, 2-11; DLMF 26.3 (r > n gives 0)';

const isCount = (n: number): boolean => Number.isInteger(n) && n >= 0;

/** n·(n−1)·…·(n−r+1) in doubles, divided by r as it goes when `divided`. */
function ordered(n: number, r: number, divided: boolean): number {
  if (!isCount(n) || !isCount(r)) return NaN;
  if (r > n) return 0;
  const count = divided ? Math.min(r, n - r) : r;
  let result = 1;
  for (let k = 0; k < count && Number.isFinite(result); k += 1) result *= divided ? (n - k) / (count - k) : n - k;
  return divided ? Math.round(result) : result;
}

export const nCr = defineFunction({
  name: 'nCr',
  topic: 'counting',
  takes: ['n', 'r'],
  apply: ([n, r], { shouldContinue }) => combinations(n, r, shouldContinue),
  double: (n, r) => ordered(n, r, true),
  examples: [
    { typed: 'nCr(10,3)', exact: '120' },
    { typed: 'nCr(3,10)', exact: '0' },
    { typed: 'nCr(2.5,1)', problem: 'domain' },
  ],
  source: SOURCE,
});

export const nPr = defineFunction({
  name: 'nPr',
  topic: 'counting',
  takes: ['n', 'r'],
  apply: ([n, r], { shouldContinue }) => arrangements(n, r, shouldContinue),
  double: (n, r) => ordered(n, r, false),
  examples: [{ typed: 'nPr(10,3)', exact: '720' }],
  source: SOURCE,
});
