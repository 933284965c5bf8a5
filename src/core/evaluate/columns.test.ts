import { functionNames } from '../function';
import { parse } from '../language/parse';
import { printText, TYPED } from '../language/print-text';
import { printLatex } from '../language/print-latex';
import { vector } from '../matrix/matrix';
import { fromWhole } from '../number/value';
import { contextOf, withLetter } from './context';
import { evaluate } from './evaluate';

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const context = withLetter(contextOf({ shouldContinue: () => true }), 'height', vector([4, 1, 7].map(fromWhole)));

test.each([
  ['mean(height)', '4'],
  ['median(height)', '4'],
  ['sum(height)', '12'],
  ['sumOf( height )', '12'],
  ['countOf(height)', '3'],
  ['sd(height)', '3'],
  ['max(height)', '7'],
  ['min(height, 0)', '0'],
  ['mean(height, 8)', '5'],
  ['2mean(height)+1', '9'],
  ['mean(2, 4)', '3'],
  ['sum(k, k, 1, 3)', '6'],
])('columns stand as values of functions of lists: %s', (typed, exact) => {
  const reading = parse(typed, options);
  const value = reading.ok ? evaluate(reading.value.tree, context) : reading;
  expect(value.ok && value.value.kind === 'rational' && `${value.value.value.n}`).toBe(exact);
});

test.each([
  ['height', false],
  ['sqrt(height)', false],
  ['mean(height+1)', false],
  ['mean(height)', true],
  ['mean(pi)', false],
])('%s names a column: %s', (typed, isNamed) => {
  const reading = parse(typed, options);
  const text = JSON.stringify(reading, (_, v: unknown) => (typeof v === 'bigint' ? `${v}` : v));
  expect(text.includes('"name":"height"')).toBe(isNamed);
});

test('a column that is not there is named in the problem', () => {
  const reading = parse('mean(depth)', options);
  expect(reading.ok && evaluate(reading.value.tree, context)).toMatchObject({ problem: { name: 'depth' } });
});

test('what names a column reads back as it was printed', () => {
  const reading = parse('mean(shell_length)', options);
  if (!reading.ok) throw new Error('not read');
  expect(printText(reading.value.tree, TYPED)).toBe('mean(shell_length)');
  expect(printLatex(reading.value.tree)).toContain('\\mathrm{shell\\_length}');
});
