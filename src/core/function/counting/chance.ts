import { succeed } from '../../base/result';
import { problemData } from '../../number/arithmetic';
import { rational } from '../../number/rational';
import { asWhole, fromRational, fromWhole } from '../../number/value';
import { defineFunction } from '../record';

/** As many decimals as a chance number is given. */
const UNITS = 10n ** 15n;
const SOURCE = 'Uniform on its range; the numbers are handed in from outside: common practice, no source';

export const random = defineFunction({
  name: 'random',
  isChance: true,
  topic: 'counting',
  takes: [],
  apply: (_args, { random: draw }) => succeed(fromRational(rational(draw(UNITS), UNITS))),
  examples: [
    { typed: 'floor(random())', exact: '0' },
    { typed: 'cases(random()<1,1,0)', exact: '1' },
  ],
  source: SOURCE,
});

export const randint = defineFunction({
  name: 'randint',
  isChance: true,
  topic: 'counting',
  takes: ['a', 'b'],
  apply: ([a, b], { random: draw }) => {
    const [low, high] = [asWhole(a), asWhole(b)];
    if (low === null || high === null) return problemData({ code: 'domain', reason: 'not-whole', fn: 'randint' });
    if (low > high) return problemData({ code: 'domain', reason: 'bounds', fn: 'randint' });
    return succeed(fromWhole(low + draw(high - low + 1n)));
  },
  examples: [
    { typed: 'randint(6,6)', exact: '6' },
    { typed: 'randint(6,1)', problem: 'domain' },
  ],
  source: SOURCE,
});
