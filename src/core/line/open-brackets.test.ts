import fc from 'fast-check';
import { functionNames } from '../function';
import { caretOf, lineOf, textOf } from './line';

const SEED = 20261127;
const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

const opens = ['sin(', '2^(', '(', 'sqrt(', '1/(', 'max(1,', 'cases(', '|', '-(', 'x!(', '½('];
const tails = ['x(1)2)', ')', '2', '', '1)2)3', 'Ans*-19ot(1.8 grad)283)', '))', ',3)', 'x^2)', '1/2)', '-'];
const nested = fc
  .tuple(
    fc.subarray(opens, { minLength: 1, maxLength: 3 }),
    fc.array(fc.nat(2), { maxLength: 30 }),
    fc.constantFrom(...tails),
  )
  .map(([few, order, tail]) => order.map((i) => few[i % few.length]!).join('') + tail);

test(`a line with brackets left open thirty deep is as its own text is read (seed ${SEED})`, () => {
  fc.assert(
    fc.property(nested, (typed) => {
      const line = lineOf(typed, 'boxed', options);
      const text = textOf(line, '.');
      const again = lineOf(text, 'boxed', options, caretOf(line, '.'));
      expect([textOf(again, '.'), caretOf(again, '.')]).toEqual([text, caretOf(line, '.')]);
    }),
    { seed: SEED, numRuns: 400, examples: [[`sin(${'1.1^('.repeat(16)}Ans*-19ot(1.8 grad)283)`]] },
  );
});
