import { defineBinder } from '../record';

const overRange = { takes: ['expr', 'variable', 'lo', 'hi'] } as const;

export const sum = defineBinder({
  ...overRange,
  name: 'sum',
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
  topic: 'calculus',
  examples: [
    { typed: 'cases(2<1,5,7)', exact: '7' },
    { typed: 'cases(1<0,5,2=2,6,7)', exact: '6' },
    { typed: 'cases(1<2,5,1/0)', exact: '5' },
  ],
  source: 'Piecewise definition as in textbooks: common practice, no source',
});
