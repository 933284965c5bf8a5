import { guessedDelimiting, headingOf, isWord, plainNumeral } from './delimited';
import type { DecimalSign } from '../language/numerals';

test.each<readonly [string, DecimalSign, string, DecimalSign]>([
  ['1.5\t2\n3\t4', '.', 'tab', '.'],
  ['1,5\t2,5\n3\t4', '.', 'tab', ','],
  ['1,5;2\n3;4,5', '.', 'semicolon', ','],
  ['1.5;2\n3;4', ',', 'semicolon', '.'],
  ['1,2,3', '.', 'comma', '.'],
  ['1.5,2\n3,4', '.', 'comma', '.'],
  ['1, 2\n3, 4', ',', 'comma', '.'],
  // One comma in each line: what is set says what it means.
  ['1,5\n2,5', ',', 'none', ','],
  ['1,5\n2,5', '.', 'comma', '.'],
  ['1,5 2,5 3,5', '.', 'space', ','],
  ['2.1 2.4 2.6 3', '.', 'space', '.'],
  ['height / m\n2.1\n2.4', '.', 'none', '.'],
  ['2.1\n2.4\n2.6', '.', 'none', '.'],
  ["12°30' 27°45'", '.', 'space', '.'],
  ['hour height\n0 1.5\n1 2', '.', 'space', '.'],
])('%j with %s is taken apart by %s, decimals with %s', (text, usual, separator, decimalSign) =>
  expect(guessedDelimiting(text, usual)).toEqual({ separator, decimalSign }),
);

test.each<readonly [string, DecimalSign, string | null]>([
  ['12', '.', '12'],
  [' 1.50 ', '.', '1.50'],
  ['1,50', ',', '1.50'],
  ['−3,5', ',', '-3.5'],
  ['+7', '.', '7'],
  ['.5', '.', '0.5'],
  ['-,5', ',', '-0.5'],
  ['5.', '.', '5'],
  ['1,234.5', '.', '1234.5'],
  ['1.234,5', ',', '1234.5'],
  ['12 345', '.', '12345'],
  ['1\u202f234,5', ',', '1234.5'],
  ['1e-3', '.', '1E-3'],
  ['1,5', '.', null],
  ['1/2', '.', null],
  ['', '.', null],
  ['abc', '.', null],
  ['1,23,4', '.', null],
])('%j with %s is the numeral %s', (text, sign, plain) => expect(plainNumeral(text, sign)).toBe(plain));

test.each([
  ['height / m', 'height', 'm'],
  ['height (m)', 'height', 'm'],
  ['height [m]', 'height', 'm'],
  ['height', 'height', ''],
  ['speed / (m/s)', 'speed /', 'm/s'],
])('the heading %s', (text, name, unit) => expect(headingOf(text)).toEqual({ name, unit }));

test.each([
  ['oak', true],
  ['12 mm', true],
  ['sqrt(2)', false],
  ['2pi', false],
  ['1E5', false],
  ['A', false],
])('%s holds a word: %s', (text, holds) => expect(isWord(text, new Set(['sqrt']))).toBe(holds));
