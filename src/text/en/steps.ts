import type { Step } from '@/core/evaluate/steps';

/** What is done in a step, by the rule of the core. A function is named as it is typed. */
const rules: Readonly<Record<string, string>> = {
  plus: 'add',
  minus: 'subtract',
  times: 'multiply',
  divide: 'divide',
  mod: 'take the remainder',
  power: 'raise to the power',
  negate: 'change the sign',
  factorial: 'work out the factorial',
  percent: 'take hundredths',
  angle: 'bring the angle into the unit that is set',
  recall: 'put in what is kept',
  mixed: 'write the mixed number as a fraction',
  based: 'write it in base ten',
  number: 'write the number exactly',
  conversion: 'tell it in the other unit',
  group: 'work out the brackets',
  relation: 'compare',
  truth: 'so it is',
  value: 'the value',
  det: 'work out the determinant',
  rref: 'the rows are reduced',
  inverse: 'work out the inverse matrix',
  matrix: 'write the matrix exactly',
  entry: 'take the entry',
  and: 'join the comparisons',
  or: 'join the comparisons',
  not: 'turn the comparison round',
};

const row = (n: number): string => `row ${n}`;

/** What is done to rows: row 2 − 3 · row 1. */
function rowsText(rule: string, { row: to, other = to, times = '1' }: NonNullable<Step['rows']>): string {
  if (rule === 'row-exchange') return `exchange ${row(to)} and ${row(other)}`;
  const isNegative = times.startsWith('-');
  const size = isNegative ? times.slice(1) : times;
  if (rule === 'row-multiply') return `${row(to)} · ${isNegative ? `(−${size})` : size}`;
  return `${row(to)} ${isNegative ? '−' : '+'} ${size === '1' ? '' : `${size} · `}${row(other)}`;
}

export const stepText = ({ rule, rows }: Pick<Step, 'rule' | 'rows'>): string =>
  rows === undefined ? (rules[rule] ?? `work out ${rule}`) : rowsText(rule, rows);
