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
  number: 'write the number exactly',
  group: 'work out the brackets',
  relation: 'compare',
  truth: 'so it is',
  value: 'the value',
  and: 'join the comparisons',
  or: 'join the comparisons',
  not: 'turn the comparison round',
};

export const stepText = (rule: string): string => rules[rule] ?? `work out ${rule}`;
