import { delimitedText } from './delimited-text';

// The cells that a spreadsheet would run, and those that only look like it.
test.each([
  ['=1+2', '"\'=1+2"'],
  ['+A1', '"\'+A1"'],
  ['-cmd', '"\'-cmd"'],
  ['@sum', '"\'@sum"'],
  ['-5', '-5'],
  ['+2.5E-7', '+2.5E-7'],
  ['-3,5', '"-3,5"'],
  ['a\rb', '"a\rb"'],
  ['say "1"', '"say ""1"""'],
  ['plain', 'plain'],
])('the cell %j is written as %s', (cell, written) =>
  expect(delimitedText([[cell, 'x']], ',')).toBe(`${written},x\r\n`),
);
