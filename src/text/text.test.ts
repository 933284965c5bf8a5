import type { Problem } from '@/core/base/problem';
import { functionNames, functions } from '@/core/function';
import { parse } from '@/core/language/parse';
import { functionHelp } from '@/text/functions';
import { keyTexts } from '@/text/keys';
import { noticeText } from '@/text/notices';
import { problemText } from '@/text/problems';

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

// What is typed, and what must be in the sentence: the thing itself, never just "syntax".
test.each([
  ['2+', 'missing at the end'],
  ['2+*3', 'missing before “*”'],
  ['2)', 'no opening one'],
  ['2 @', '“@”'],
  ['2 3', '“2 3”'],
  ['1,234', '1234 or 1.234'],
  ['1,x', 'separates'],
  ['5%3', 'percent'],
  ['sin', 'sin has nothing'],
  ['nCr(5)', 'takes 2 values; it was given 1'],
  ['log(1,2,3)', '1 to 2 values'],
  ['sin^x 2', 'right after sin'],
  ["5'", '73°24′36″'],
  ['2.1\u03052', 'recurs'],
  ['x := 2', 'letter A to Z'],
  ['▯', 'empty'],
])('%s is told: %s', (typed, part) => {
  const reading = parse(typed, options);
  expect(reading.ok ? 'read' : problemText(reading.problem)).toContain(part);
});

const at = { from: 0, to: 1 };
test.each<[Problem, string]>([
  [{ code: 'undefined-name', name: 'Q', at }, 'The letter Q holds nothing yet.'],
  [{ code: 'undefined-name', name: 'Ans', at }, 'There is no answer yet for Ans to stand for.'],
  [{ code: 'domain', reason: 'pole', fn: 'tan', at }, 'tan has no value at this angle.'],
  [{ code: 'divide-by-zero', at }, 'This divides by zero.'],
  [{ code: 'not-converged', at }, 'A thousand digits were not enough to decide this (a value may be exactly zero).'],
  [{ code: 'stopped', at }, 'This took too long and was stopped.'],
])('%j is told as “%s”', (problem, sentence) => expect(problemText(problem)).toBe(sentence));

test('help and notices are sentences', () => {
  const codes = ['tape-cleared', 'line-removed', 'place-kept', 'copied', 'nothing-to-keep', 'ans-set'] as const;
  const all = [
    ...functions.map((f) => functionHelp[f.name as keyof typeof functionHelp]),
    ...Object.values(keyTexts).map((t) => t.help),
    ...codes.map((code) => noticeText({ code, fact: 'A' })),
  ];
  expect(all.filter((sentence) => !/^[A-Z0-9“].*[.…]$/.test(sentence))).toEqual([]);
});
