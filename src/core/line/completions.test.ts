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
