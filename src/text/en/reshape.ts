import type { Making } from '@/core/column/makings';

/** Words of what is made of columns. */
export const reshapeWords = {
  of: 'Of',
  down: 'Down',
  across: 'Across',
  from: 'from',
  step: 'step',
  count: 'how many',
  rule: 'rule in k',
  bounds: 'bounds',
  frequency: 'frequency',
  group: 'group',
  value: 'value',
  classes: 'classes',
  nothing: 'There is nothing to make a table of yet.',
  makeColumn: 'Add the column',
  makeTable: 'Make the table',
  testIndependence: 'Test independence (χ²)',
  tooLargeToTest: 'The test takes at most 50 rows and 8 columns of counts.',
} as const;

export const reshapeNames: Readonly<Record<Making, string>> = {
  count: 'Count',
  cross: 'Cross table',
  stack: 'Stack',
  unstack: 'Unstack',
  classes: 'Classes',
  sequence: 'Sequence',
  rule: 'By a rule',
};

export const reshapeNotes: Readonly<Record<Making, string>> = {
  count: 'How often each value or label of a column occurs.',
  cross: 'How often each label of one column stands beside each of another.',
  stack: 'All columns below each other, the name of each beside its values.',
  unstack: 'The values of a column apart: a column for each label beside them.',
  classes: 'The class that each value lies in, told by its bounds: 20, 30, 40.',
  sequence: 'Numbers in equal steps.',
  rule: 'An expression in k, worked for 1, 2, 3 and so on: k², 2^k.',
};
