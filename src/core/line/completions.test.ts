import { functionNames } from '../function';
import { completionsFor } from './completions';
import { lineOf } from './line';

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

test.each([
  ['co', 'cos cot cosh conj countOf'],
  ['2+as', 'asin asec asinh'],
  ['xsq', 'sqrt'],
  ['x', ''],
  ['12', ''],
  ['zz', ''],
])('%s may go on as %s', (text, names) => {
  for (const view of ['boxed', 'typed'] as const)
    expect(
      completionsFor(lineOf(text, view, options), options)
        .map((c) => c.fn)
        .join(' '),
    ).toBe(names);
});

const columns = ['site', 'length', 'meadow'];
test.each([
  // Where no column's name is read, none is offered: the functions keep their place.
  ['si', 'sin sign sinh sigma'],
  ['2+le', ''],
  ['sqrt(si', 'sin sign sinh sigma'],
  ['mean(le', 'length'],
  ['2mean(si', 'site sin sign sinh sigma'],
  ['mean(3,le', 'length'],
  ['sum(le', 'length'],
  ['sum(k,le', ''],
  ['mean(2+le', ''],
])('with columns at hand %s may go on as %s', (text, names) => {
  for (const view of ['boxed', 'typed'] as const)
    expect(
      completionsFor(lineOf(text, view, options), options, columns)
        .map((c) => c.fn)
        .join(' '),
    ).toBe(names);
});
