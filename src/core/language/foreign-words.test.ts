import { functionNames } from '../function';
import { parse } from './parse';

const reasonOf = (text: string, decimalSign: '.' | ',' = '.'): string => {
  const reading = parse(text, { functions: functionNames, decimalSign, impliedFirst: false });
  if (reading.ok) return 'read';
  const { problem } = reading;
  return problem.code === 'syntax' && problem.reason === 'foreign-word'
    ? `${problem.found} ${problem.at.from}-${problem.at.to}`
    : problem.code;
};

test.each([
  ['factor(12)', 'factor 0-6'],
  ['factorise(12)', 'factor 0-9'],
  ['expand((x+1)^2)', 'expand 0-6'],
  ['2+simplify(x)', 'simplify 2-10'],
  ['limit(sin(x)/x, x, 0)', 'limit 0-5'],
  ['lim(1/x)', 'limit 0-3'],
  ['int(x^2, x, 0, 1)', 'int 0-3'],
  ['diff(x^2)', 'diff 0-4'],
  ['log2(8)', 'log2 0-4'],
  ['10 nCr 3', 'nCr 3-6'],
  ['C(10,3)', 'nCr 0-1'],
  ['P(10, 3)', 'nPr 0-1'],
  ['nCr(10,3)', 'read'],
  ['log(8,2)', 'read'],
  ['integral(x^2,x,0,1)', 'read'],
  ['derivative(x^2,x,3)', 'read'],
  ['C(10+3)', 'read'],
  ['2C(10)', 'read'],
  ['randint(1,6)', 'read'],
])('%s: %s', (text, told) => expect(reasonOf(text)).toBe(told));

test('with the decimal comma C(10,3) is C times ten and three tenths', () => {
  expect(reasonOf('C(10,3)', ',')).toBe('read');
  expect(reasonOf('C(10;3)', ',')).toBe('nCr 0-1');
});
