import type { Value } from '@/core/number/value';
import { answerLine } from './answer';
import type { LineRequest } from './answer';

const ask = (text: string, more: Partial<LineRequest> = {}) => {
  const answered = answerLine(
    {
      text,
      angle: 'deg',
      impliedFirst: false,
      complex: false,
      bases: false,
      word: 'signed32',
      display: { mode: 'auto', digits: 6, grouping: false, decimalSign: '.' },
      ans: null,
      letters: new Map<string, Value>(),
      slots: new Map(),
      total: null,
      tries: {},
      namesDecimals: false,
      ...more,
    },
    () => true,
    () => 0n,
  );
  return answered;
};
const answer = (text: string, more: Partial<LineRequest> = {}) => {
  const made = ask(text, more);
  if (!made.ok) throw new Error(made.problem.code);
  return made.value;
};

// The line, the unit that is set, and what is said of the other unit.
test.each([
  ['sin(30)', 'deg', { unit: 'rad', text: '−0.988032', exact: false }],
  ['sin(30)', 'rad', { unit: 'deg', text: '1/2', exact: true }],
  ['2sin(30)+1', 'grad', { unit: 'rad', text: '−0.976063', exact: false }],
  ['sin(30°)', 'rad', null],
  ['asin(1/2)', 'rad', null],
  ['tan(pi/2)', 'deg', null],
  ['2+3', 'rad', null],
] as const)('%s in %s: the other reading is %j', (text, angle, expected) => {
  expect(answer(text, { angle }).otherUnit).toEqual(expected);
});

test.each([
  ['sin(pi/6)', 'deg', 'sin(pi/6 rad)'],
  ['cot(17pi/10)', 'grad', 'cot(17pi/10 rad)'],
  ['cos(pi+1)sin pi', 'deg', 'cos((pi+1) rad)sin(pi rad)'],
  ['A := tan(2pi^2)', 'deg', 'A := tan(2pi^2 rad)'],
  ['sin(pi/6)', 'rad', null],
  ['sin(pi/6 rad)', 'deg', null],
] as const)('%s in %s: with radians it would be %s', (text, angle, expected) =>
  expect(answer(text, { angle }).inRadians).toEqual(expected),
);

test.each([
  ['-4^2', true],
  ['2+3', false],
  ['(1+2', true],
  ['sin 30', true],
  ['2*3+4', true],
  ['2/3+4', false],
])('%s: how it was read is worth showing: %s', (text, isAmbiguous) =>
  expect(answer(text).readAs.isAmbiguous).toBe(isAmbiguous),
);

test('a letter is the target of its line and stands for its value in others', () => {
  const kept = answer('A := ln(2)');
  expect(kept.target).toBe('A');
  const held = new Map([['A', kept.value!]]);
  expect(answer('A-A', { letters: held }).forms.map((f) => f.text)).toEqual(['0']);
  expect(answer('e^A', { letters: held }).forms.map((f) => f.text)).toEqual(['2']);
  expect(answer('2Ans', { ans: kept.value }).forms.map((f) => f.text)).toEqual(['1.38629']);
});

test('work that may not go on is stopped with its place', () => {
  let steps = 0;
  const made = answerLine(
    {
      text: '1+sin(ln(7)+1)',
      angle: 'rad',
      impliedFirst: false,
      complex: false,
      bases: false,
      word: 'signed32',
      display: { mode: 'auto', digits: 6, grouping: false, decimalSign: '.' },
      ans: null,
      letters: new Map(),
      slots: new Map(),
      total: null,
      tries: {},
      namesDecimals: false,
    },
    () => (steps += 1) < 3,
    () => 0n,
  );
  expect(made.ok ? 'an answer' : made.problem.code).toBe('stopped');
});

test.each([
  ['9^9^9^9', 'too-large'],
  ['10^1000000', 'too-large'],
  ['1/10^1000001', 'too-large'],
  ['exp(10^7)', 'too-large'],
  ['(10^9)!', 'too-large'],
  ['nCr(10^9,10^8)', 'too-large'],
  ['4E9999999', 'too-large'],
])('%s is %s at once', (text, code) => {
  const made = ask(text);
  expect(made.ok ? made.value.forms[0]!.text.slice(0, 20) : made.problem.code).toBe(code);
});

// Absolute zero is −273.15 °C by the definition of the scale (BIPM, The International System of Units, 9th edition, 2.3.1).
test.each([
  ['-300 °C to K', true],
  ['-273.15 °C to K', false],
  ['-460 °F to °C', true],
  ['-459.67 °F to °C', false],
  ['-5 K to °C', true],
  ['5 °C to °F', false],
  ['-3 m to cm', false],
  ['-3', false],
])('whether %s is below absolute zero: %s', (text, isTooCold) => expect(answer(text).isTooCold).toBe(isTooCold));
