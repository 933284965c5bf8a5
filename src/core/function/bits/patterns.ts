import { succeed } from '../../base/result';
import { problemData } from '../../number/arithmetic';
import type { RealResult } from '../../number/arithmetic';
import { asWhole, fromWhole } from '../../number/value';
import type { RealValue } from '../../number/value';
import { operate } from '../../radix/bits';
import type { BitsOperationId } from '../../radix/bits';
import { readPattern, words } from '../../radix/word';
import type { FunctionContext, FunctionExample } from '../record';
import { defineFunction } from '../record';

const SOURCE =
  'On the bits of a word, negative numbers by two’s complement: D. E. Knuth, The Art of Computer Programming, vol. 4A, 7.1.3 (from memory)';

/** The number that an operation leaves in the word that is set. */
function worked(
  fn: string,
  id: BitsOperationId,
  [a, b]: readonly [RealValue, ...RealValue[]],
  { word }: FunctionContext,
): RealResult {
  const [first, second] = [asWhole(a), b === undefined ? 0n : asWhole(b)];
  if (first === null || second === null) return problemData({ code: 'domain', reason: 'not-whole', fn });
  const result = operate(id, first, second, words[word]);
  if (result.ok) return succeed(fromWhole(readPattern(result.value.pattern, words[word])));
  return problemData(result.problem.code === 'domain' ? { ...result.problem, fn } : result.problem);
}

const ofTwo = <const N extends string>(
  name: N,
  id: BitsOperationId,
  takes: readonly ['a', 'b' | 'places'],
  examples: readonly FunctionExample[],
) =>
  defineFunction({
    name,
    topic: 'bits',
    takes,
    usesWord: true,
    apply: (args, context) => worked(name, id, args, context),
    examples,
    source: SOURCE,
  });

export const bitand = ofTwo(
  'bitand',
  'and',
  ['a', 'b'],
  [
    { typed: 'bitand(12,10)', exact: '8' },
    { typed: 'bitand(-1,0xFF)', exact: '255' },
    { typed: 'bitand(1/2,1)', problem: 'domain' },
  ],
);
export const bitor = ofTwo('bitor', 'or', ['a', 'b'], [{ typed: 'bitor(0b1100,0b1010)', exact: '14' }]);
export const bitxor = ofTwo(
  'bitxor',
  'xor',
  ['a', 'b'],
  [
    { typed: 'bitxor(12,10)', exact: '6' },
    { typed: 'bitxor(2^40,1)', problem: 'domain' },
  ],
);
export const shl = ofTwo(
  'shl',
  'shl',
  ['a', 'places'],
  [
    { typed: 'shl(3,4)', exact: '48' },
    { typed: 'shl(1,31)', exact: '-2147483648' },
    { typed: 'shl(1,-1)', problem: 'domain' },
  ],
);
export const shr = ofTwo(
  'shr',
  'shr',
  ['a', 'places'],
  [
    { typed: 'shr(48,4)', exact: '3' },
    { typed: 'shr(-1,28)', exact: '15' },
  ],
);
export const bitnot = defineFunction({
  name: 'bitnot',
  topic: 'bits',
  takes: ['a'],
  usesWord: true,
  apply: (args, context) => worked('bitnot', 'not', args, context),
  examples: [
    { typed: 'bitnot(25)', exact: '-26' },
    { typed: 'bitnot(0)', exact: '-1' },
  ],
  source: SOURCE,
});
