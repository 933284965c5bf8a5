import fc from 'fast-check';
import * as line from './typed-line';
import { pasteChoices } from '../language/separators';

const SEED = 20261125;
const at = (marked: string): line.TypedLine => line.typedLine(marked.replace('|', ''), marked.indexOf('|'));
const shown = (l: line.TypedLine | null): string =>
  l === null ? 'not here' : `${l.text.slice(0, l.caret)}|${l.text.slice(l.caret)}`;

test.each([
  ['deleteLeft', '2+sin(|', '2+|'],
  ['deleteLeft', '|2', 'not here'],
  ['deleteLeft', '2.83\u0305|', '2.8|'],
  ['deleteRight', '2|Ans', '2|'],
  ['deleteRight', '2|', 'not here'],
  ['moveLeft', 'sqrt(|2', '|sqrt(2'],
  ['moveRight', '|sqrt(2', 'sqrt(|2'],
  ['moveHome', '12|', '|12'],
  ['moveEnd', '|12', '12|'],
  ['clear', '12|', '|'],
  ['clear', '|', 'not here'],
] as const)('%s on %s gives %s', (command, before, after) => {
  expect(shown(line.typedCommands[command](at(before)))).toBe(after);
});

test.each([
  ['|', '+', 'Ans+|'],
  ['2|3', '+', '2+|3'],
])('an operator on %s: %s gives %s', (before, sign, after) => {
  expect(shown(line.insertAfterOperand(at(before), sign))).toBe(after);
});

test.each([
  ['4.2|', '4.2E|'],
  ['A|', 'A10^|'],
  ['|', '10^|'],
])('the exponent key on %s gives %s', (before, after) => expect(shown(line.insertPowerOfTen(at(before)))).toBe(after));

test('a selection is replaced', () => {
  expect(shown(line.insert({ kind: 'typed', text: '1234', caret: 3, anchor: 1 }, '9'))).toBe('19|4');
});

test.each([
  ['1,234', '.', ['1234', '1.234']],
  ['1.234,56', '.', ['1234.56']],
  ['1,234.56', ',', ['1234,56']],
  ['12,5', '.', ['12.5']],
  ['12,5', ',', []],
  ['12.5', '.', []],
  ['1 234 567', '.', ['1234567']],
  ["1'234", '.', ['1234']],
  ['-3,75', '.', ['-3.75']],
  ['1,2,3', '.', []],
  ['2+3', '.', []],
] as const)('pasted %s with %s set offers %j', (pasted, sign, typed) => {
  expect(pasteChoices(pasted, sign).map((c) => c.typed)).toEqual(typed);
});

test(`what is inserted is taken away again by backspace, and the caret stays on a stop (seed ${SEED})`, () => {
  const piece = fc.constantFrom('1', '+', 'sin(', 'Ans', 'π', '²', ' mod ', 'sqrt(', ')');
  fc.assert(
    fc.property(fc.array(piece, { maxLength: 12 }), piece, (before, one) => {
      const start = line.typedLine(before.join(''));
      const after = line.insert(start, one);
      expect(line.stops(after.text)).toContain(after.caret);
      if (line.stops(after.text).includes(start.caret)) expect(line.deleteLeft(after)).toEqual(start);
    }),
    { seed: SEED },
  );
});
