import { functionNames } from '../function';
import { parse } from './parse';
import { printBraille } from './print-linear';

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

test.each([
  ['1/2+x^2', '1/2 + x^2'],
  ['−4^2', '-4^2'],
  ['2×(3−1)', '2*(3 - 1)'],
  ['√2·π', 'sqrt(2)*pi'],
  ['0.8\u03053\u0305', '0.(83)'],
  ['73°24\'36"', '73 deg24\'36"'],
  ['x≤2', 'x <= 2'],
])('%s for a braille display is %s', (text, expected) => {
  const reading = parse(text, options);
  expect(reading.ok && printBraille(reading.value.tree, options)).toBe(expected);
});
