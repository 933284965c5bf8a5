import type { AngleUnit } from '@/core/base/angle';
import { unhurried } from '@/core/base/should-continue';
import { contextOf } from '@/core/evaluate/context';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import type { Tree } from '@/core/language/tree';
import type { Claim } from '@/core/slips/claim';
import { compare } from '@/core/slips/compare';
import { strangeAnswers, wrongAnswers } from './wrong-answers';

function treeOf(text: string): Tree {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(`not read: ${text}`);
  return reading.value.tree;
}

function claimsOf(line: string, answer: string, angle: AngleUnit): readonly Claim[] {
  const result = compare(treeOf(line), treeOf(answer), contextOf({ angle, shouldContinue: unhurried }), false);
  if (!result.ok) throw new Error(`no value: ${line}, ${answer}`);
  return result.value.claims;
}

test.each(wrongAnswers.map((one) => [...one] as const))('a teacher would say %s of %s answered %s', (...row) => {
  const [slips, line, answer, angle = 'deg'] = row;
  const [first] = claimsOf(line, answer, angle);
  expect(slips.split(',')).toContain(first?.slips.join(' and '));
});

test.each(strangeAnswers)('nothing explains %s answered %s', (line, answer) => {
  expect(claimsOf(line, answer, 'deg')).toEqual([]);
});
