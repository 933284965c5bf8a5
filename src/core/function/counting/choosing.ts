import { arrangements, combinations } from '../../number/counting';
import { defineFunction } from '../record';

const SOURCE = 'ISO 80000-2, 2-11; DLMF 26.3 (r > n gives 0)';

export const nCr = defineFunction({
  name: 'nCr',
  topic: 'counting',
  takes: ['n', 'r'],
  apply: ([n, r], { alive }) => combinations(n!, r!, alive),
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
  apply: ([n, r], { alive }) => arrangements(n!, r!, alive),
  examples: [{ typed: 'nPr(10,3)', exact: '720' }],
  source: SOURCE,
});
