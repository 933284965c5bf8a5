import { magnitude, trouble } from '../../number/arithmetic';
import { absolute } from '../../number/integer';
import { power, root } from '../../number/power';
import { asRational, asWhole, fromRational } from '../../number/value';
import { divide, ONE } from '../../number/rational';
import { defineFunction } from '../record';

const SOURCE = 'DLMF 4.2 (real branch: odd roots of negatives are negative)';

export const sqrt = defineFunction({
  name: 'sqrt',
  topic: 'powers',
  takes: ['x'],
  apply: ([x], { alive }) => root(x!, 2, alive, 'sqrt'),
  examples: [
    { typed: 'sqrt(12)', exact: '2sqrt(3)' },
    { typed: 'sqrt(9/16)', exact: '3/4' },
    { typed: 'sqrt(-4)', problem: 'domain' },
  ],
  source: SOURCE,
});

export const cbrt = defineFunction({
  name: 'cbrt',
  topic: 'powers',
  takes: ['x'],
  apply: ([x], { alive }) => root(x!, 3, alive, 'cbrt'),
  examples: [
    { typed: 'cbrt(-27)', exact: '-3' },
    { typed: 'cbrt(2)', decimal: '1.2599210499' },
  ],
  source: SOURCE,
});

export const nthRoot = defineFunction({
  name: 'root',
  topic: 'powers',
  takes: ['n', 'x'],
  apply: ([n, x], { alive }) => {
    const whole = asWhole(n!);
    if (whole === 0n) return trouble({ code: 'domain', reason: 'zero-root', fn: 'root' });
    if (whole !== null && whole > 1n && absolute(whole) <= 1_000_000n) return root(x!, Number(whole), alive, 'root');
    const rational = asRational(n!);
    if (rational === null) return trouble({ code: 'domain', reason: 'rational-only', fn: 'root' });
    return power(x!, fromRational(divide(ONE, rational)), alive);
  },
  examples: [
    { typed: 'root(4,81)', exact: '3' },
    { typed: 'root(4,36)', exact: 'sqrt(6)' },
    { typed: 'root(0,5)', problem: 'domain' },
  ],
  source: SOURCE,
});

export const abs = defineFunction({
  name: 'abs',
  topic: 'powers',
  takes: ['x'],
  apply: ([x], { alive }) => magnitude(x!, alive),
  examples: [
    { typed: 'abs(-7/2)', exact: '7/2' },
    { typed: 'abs(1-sqrt(2))', exact: 'sqrt(2)-1' },
  ],
  source: 'ISO 80000-2, 2-9.16',
});
