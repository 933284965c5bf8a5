import { functionNames } from '../function';
import { valuesOf } from './value-list';

test.each([
  ['.', '1, 10', ['1', '10']],
  ['.', '1,10', ['1', '10']],
  ['.', '1;10;', ['1', '10']],
  ['.', '1 10', ['1', '10']],
  ['.', '1\n10', ['1', '10']],
  ['.', '-1 0.5 3', ['-1', '0.5', '3']],
  ['.', '2 5/6', ['2 5/6']],
  ['.', '1 + 2', ['1 + 2']],
  ['.', 'max(1, 2), 3', ['max(1, 2)', '3']],
  ['.', '1 +', ['1 +']],
  ['.', ' ', []],
  [',', '1,5', ['1,5']],
  [',', '1, 5', ['1', '5']],
  [',', '1,5; 2,5', ['1,5', '2,5']],
  [',', '1,5 2,5', ['1,5', '2,5']],
] as const)('with %s as the decimal sign, %p lists %p', (decimalSign, text, values) =>
  expect(valuesOf(text, { functions: functionNames, decimalSign, impliedFirst: false })).toEqual(values),
);
