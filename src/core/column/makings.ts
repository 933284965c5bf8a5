/** What can be made of columns: `new` ones in the table itself, or a `table` of their own. */
export const makings = {
  count: 'table',
  cross: 'table',
  stack: 'table',
  unstack: 'table',
  classes: 'new',
  sequence: 'new',
  rule: 'new',
} as const;

export type Making = keyof typeof makings;
export const makingNames = Object.keys(makings) as Making[];
