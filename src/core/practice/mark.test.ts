import { contextOf } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import type { Tree } from '../language/tree';
import { fromRational, isReal } from '../number/value';
import { rational } from '../number/rational';
import type { Value } from '../number/value';
import { askedFormOf, countOf, formChoices, isInForm } from './asked-form';
import type { AskedForm } from './asked-form';
import { mark } from './mark';

const context = contextOf({ shouldContinue: () => true });

function read(text: string): Tree {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(text);
  return reading.value.tree;
}
function worth(text: string): Value {
  const value = evaluate(read(text), context);
  if (!value.ok) throw new Error(text);
  return value.value;
}

/** Answers, and the forms of a single number that each is written in. */
const written: readonly (readonly [answer: string, forms: readonly AskedForm[]])[] = [
  ['5', ['number', 'whole', 'lowest', 'mixed', 'decimal', 'exact']],
  ['-5', ['number', 'whole', 'lowest', 'mixed', 'decimal', 'exact']],
  ['(5)', ['number', 'whole', 'lowest', 'mixed', 'decimal', 'exact']],
  ['0', ['number', 'whole', 'lowest', 'mixed', 'decimal', 'exact']],
  ['2+3', []],
  ['3/4', ['number', 'lowest', 'mixed', 'exact']],
  ['-3/4', ['number', 'lowest', 'mixed', 'exact']],
  ['6/8', ['number']],
  ['7/4', ['number', 'lowest', 'exact']],
  ['4/1', []],
  ['1 3/4', ['number', 'mixed', 'exact']],
  ['1 6/8', ['number']],
  ['0.75', ['number', 'decimal']],
  ['75%', ['number', 'percent']],
  ['7.5E3', ['number', 'scientific']],
  ['75E3', ['number']],
  ['7.5*10^3', ['scientific']],
  ['0.75*10^4', []],
  ['sqrt(2)', ['exact']],
  ['sqrt(8)', []],
  ['3sqrt(2)/2', ['exact']],
  ['3/sqrt(2)', []],
  ['2^10', []],
  ['sin(30)', []],
  ['sqrt(1)', []],
  ['1.5sqrt(2)', []],
];

test.each(written)('%s is written in the forms %j and in no other', (answer, forms) => {
  const plain = formChoices.filter((form) => form !== 'any' && form !== 'expression' && countOf(form) === null);
  expect(plain.filter((form) => isInForm(read(answer), form))).toEqual(plain.filter((form) => forms.includes(form)));
  expect(isInForm(read(answer), 'expression')).toBe(true);
});

test.each([
  ['places 2', 'places 2', { what: 'places', count: 2 }],
  ['figures 3', 'figures 3', { what: 'figures', count: 3 }],
  ['lowest', 'lowest', null],
  ['figures 0', null, undefined],
  ['places', null, undefined],
  ['Lowest', null, undefined],
  ['', null, undefined],
])('“%s” names the form %s', (text, form, count) => {
  expect(askedFormOf(text)).toBe(form);
  if (form !== null) expect(countOf(form as AskedForm)).toEqual(count);
});

test('every form that is offered is named by its own text', () =>
  expect(formChoices.map(askedFormOf)).toEqual(formChoices));

/** What the key comes to, the answer, the form that is asked for, and how it is marked. */
test.each<readonly [key: string, answer: string, form: AskedForm, as: string]>([
  ['3/4', '3/4', 'lowest', 'right'],
  ['3/4', '6/8', 'lowest', 'other-form'],
  ['3/4', '0.75', 'lowest', 'other-form'],
  ['3/4', '0.75', 'any', 'right'],
  ['3/4', '3/5', 'lowest', 'wrong'],
  ['3/4', '-3/4', 'any', 'wrong'],
  ['2/3', '0.67', 'any', 'rounded'],
  ['2/3', '0.67', 'places 2', 'right'],
  ['2/3', '0.66', 'places 2', 'rounded'],
  ['2/3', '0.667', 'places 2', 'other-form'],
  ['2/3', '0.7', 'places 2', 'other-form'],
  ['2/3', '0.68', 'places 2', 'wrong'],
  ['2/3', '0.67', 'figures 2', 'right'],
  ['2/300', '0.0067', 'figures 2', 'right'],
  ['2/300', '0.01', 'places 2', 'right'],
  ['1/2', '0.50', 'places 2', 'right'],
  ['1/2', '0.5', 'places 2', 'other-form'],
  ['sqrt(8)', '2sqrt(2)', 'exact', 'right'],
  ['sqrt(8)', 'sqrt(8)', 'exact', 'other-form'],
  ['sqrt(8)', '2.828', 'exact', 'rounded'],
  ['7500', '7.5*10^3', 'scientific', 'right'],
  ['7500', '7500', 'scientific', 'other-form'],
  ['0.75', '75%', 'percent', 'right'],
  ['7/4', '1 3/4', 'mixed', 'right'],
  ['7/4', '7/4', 'mixed', 'other-form'],
  ['5', '2+3', 'number', 'other-form'],
  ['5', '2+3', 'any', 'other-form'],
  ['5', '2+3', 'expression', 'right'],
  ['5', '20/4', 'number', 'other-form'],
  ['5/6', '1/2+1/3', 'any', 'other-form'],
  ['5/6', '10/12', 'any', 'other-form'],
  ['5/6', '5/6', 'any', 'right'],
  ['5/6', '-(-5/6)', 'any', 'other-form'],
  ['-5/6', '-5/6', 'any', 'right'],
  ['13/6', '2 1/6', 'any', 'right'],
  ['1/4', '0.5/2', 'any', 'other-form'],
  ['1/4', '25%', 'any', 'right'],
  ['5/6', '0.83', 'any', 'rounded'],
  ['sqrt(50)', 'sqrt(50)', 'any', 'other-form'],
  ['sqrt(50)', '5sqrt(2)', 'any', 'right'],
  ['sqrt(50)', '5*sqrt(2)', 'any', 'right'],
  ['sqrt(50)', '2sqrt(2)+3sqrt(2)', 'any', 'other-form'],
  ['1/sqrt(3)', 'sqrt(3)/3', 'any', 'right'],
  ['1/sqrt(3)', '1/3*sqrt(3)', 'any', 'right'],
  ['(1+sqrt(5))/2', '1/2+sqrt(5)/2', 'any', 'right'],
  ['(1+sqrt(5))/2', '(2+2sqrt(5))/4', 'any', 'other-form'],
  ['pi/4', 'pi/4', 'any', 'right'],
  ['pi/4', '2pi/8', 'any', 'other-form'],
  ['cbrt(54)', '3cbrt(2)', 'any', 'right'],
  ['cbrt(54)', 'cbrt(54)', 'any', 'other-form'],
  ['12*sin(0.6)', '6.776', 'any', 'right'],
  ['12*sin(0.6)', '7', 'any', 'rounded'],
  ['12*sin(0.6)', '12*sin(0.6)', 'any', 'other-form'],
  ['12*sin(0.6)', '12*sin(0.6)', 'expression', 'right'],
  ['sqrt(2)', 'sqrt(8)-sqrt(2)', 'exact', 'other-form'],
])('where the key is %s, %s as %s is %s', (key, answer, form, as) => {
  const marked = mark(worth(key), read(answer), form, context);
  expect(marked.ok && marked.value.mark).toBe(as);
});

test.each([
  ['3.14', '0.01', 'right'],
  ['3.15', '0.01', 'right'],
  ['3.16', '0.01', 'wrong'],
  ['22/7', '0.01', 'right'],
])('beside π, %s within %s is %s', (answer, tolerance, as) => {
  const within = worth(tolerance);
  if (within.kind === 'matrix' || !isReal(within)) throw new Error(tolerance);
  const marked = mark(worth('pi'), read(answer), 'any', context, within);
  expect(marked.ok && marked.value.mark).toBe(as);
});

test('an answer that cannot be worked says why', () => {
  const marked = mark(fromRational(rational(1n)), read('1/0'), 'any', context);
  expect(marked.ok ? null : marked.problem.code).toBe('divide-by-zero');
});
