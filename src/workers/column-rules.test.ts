import fc from 'fast-check';
import { INITIAL } from '@/state/slices/state';
import { rulesRequest } from '@/state/slices/columns/requests';
import { FIRST_USE } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import { counted, crossed, recoded, stacked, unstacked } from '@/core/column/reshape';
import * as q from '@/core/number/rational';
import { createReaders } from './column-reader';
import { worked } from './column-rules';
import { filled } from './column-reshape';

const SEED = 20261129;
const state = { document: INITIAL.document, settings: INITIAL.settings };

type Given = Readonly<Record<string, string | readonly string[]>>;
const table = (columns: Given, filter = ''): DataTable => ({
  id: 't1',
  name: 'T',
  columns: Object.entries(columns).map(([name, of], i) => ({
    id: `c${i + 1}`,
    name,
    unit: '',
    rule: typeof of === 'string' ? of : '',
    cells: typeof of === 'string' ? [] : [...of],
  })),
  use: FIRST_USE,
  filter,
});
const work = (of: DataTable) => {
  const request = rulesRequest(state, of);
  const result = worked(
    request,
    createReaders()(request, () => true),
  );
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};
const cellsOf = (columns: Given): readonly string[] => work(table(columns)).columns.at(-1)?.cells ?? [];

const height = ['1', '2', '1/2', 'sqrt(2)'];
test.each<readonly [string, Given, readonly string[]]>([
  ['a multiple of another', { height, cm: 'height*100' }, ['100', '200', '50', '(sqrt(2))*100']],
  ['what is no decimal stays a fraction', { a: ['1', '2'], b: 'a/3' }, ['1/3', '2/3']],
  ['two columns of one letter', { x: ['1', '2'], y: ['3', '4'], z: 'x*y' }, ['3', '8']],
  ['a name of two words', { 'shell length': ['4', '6'], half: 'shell_length/2' }, ['2', '3']],
  ['a deviation from the mean', { a: ['1', '2', '6'], b: 'a-mean(a)' }, ['-2', '-1', '3']],
  ['a standard score', { a: ['1', '3'], b: '(a-mean(a))/s(a)' }, ['(1-2)/(sqrt(2))', '(3-2)/(sqrt(2))']],
  ['the sum of another', { a: ['1', '3'], b: 'a/sum(a)' }, ['0.25', '0.75']],
  ['a row with an empty cell stays empty', { a: ['1', '', '3'], b: 'a+1' }, ['2', '', '4']],
  ['a row with a label stays empty', { a: ['1', 'oak'], b: 'a+1' }, ['2', '']],
  ['one worked from another worked one', { a: ['1'], c: 'b*2', b: 'a+1' }, ['4']],
])('a column worked from others: %s', (_, columns, cells) => expect(cellsOf(columns)).toEqual(cells));

test.each<readonly [string, Given, string, string | null]>([
  ['from itself by way of another', { a: 'b+1', b: 'a+1' }, 'domain', 'c1'],
  ['with a sign too many', { a: ['1'], b: 'a+' }, 'syntax', 'c2'],
  ['by a condition', { a: ['1'], b: 'a>1' }, 'syntax', 'c2'],
])('a rule %s is told', (_, columns, code, column) => {
  const [fault] = work(table(columns)).faults;
  expect([fault?.problem.code, fault?.column]).toEqual([code, column]);
});

test.each<readonly [string, string, readonly boolean[] | null]>([
  ['a number', 'a>1', [false, true, true]],
  ['a mean', 'a>=mean(a)', [false, true, true]],
  ['two conditions', 'a>1 and a<3', [false, true, false]],
  ['a label', 'site = North', [true, false, true]],
  ['another label', 'site ≠ North', [false, true, false]],
  ['nothing', '', null],
])('rows are kept by %s', (_, filter, kept) =>
  expect(work(table({ a: ['1', '2', '3'], site: ['North', 'South', 'North'] }, filter)).kept).toEqual(kept),
);

test('a condition that cannot be read keeps all rows and is told', () => {
  const { kept, faults } = work(table({ a: ['1'] }, 'a >'));
  expect([kept, faults[0]?.column, faults[0]?.problem.code]).toEqual([null, null, 'syntax']);
});

test(`what is taken from a column and added again is the column (seed ${SEED})`, () =>
  fc.assert(
    fc.property(fc.array(fc.integer({ min: -1000, max: 1000 }), { minLength: 1, maxLength: 12 }), (numbers) => {
      const a = numbers.map((n) => String(n));
      expect(cellsOf({ a, b: 'a-mean(a)', c: 'b+mean(a)' })).toEqual(a);
    }),
    { seed: SEED, numRuns: 40 },
  ));

const words = { group: 'group', value: 'value' };
test('what is stacked and taken apart again is as it was', () => {
  const columns = [
    { name: 'a', cells: ['1', '2'] },
    { name: 'b', cells: ['3'] },
  ];
  const [group, value] = stacked(columns, words);
  expect(unstacked(value!, group!)).toEqual(columns);
});

test('labels are counted, by themselves and beside others', () => {
  const [down, across] = [
    { name: 'site', cells: ['N', 'S', 'N', ''] },
    { name: 'kind', cells: ['oak', 'elm', 'elm', 'elm'] },
  ];
  expect(counted(down, { count: 'n' })).toEqual([
    { name: 'site', cells: ['N', 'S'] },
    { name: 'n', cells: ['2', '1'] },
  ]);
  expect(crossed(down, across)).toEqual([
    { name: 'site', cells: ['N', 'S'] },
    { name: 'elm', cells: ['1', '1'] },
    { name: 'oak', cells: ['1', '0'] },
  ]);
});

test('a value is told by the class that it lies in, a bound by the class above it', () =>
  expect(recoded([1, 2, 3, 5].map(q.whole), [2, 5].map(q.whole), (v) => String(v.n))).toEqual([
    '< 2',
    '2–5',
    '2–5',
    '≥ 5',
  ]));

test.each([
  ['a sequence', { fill: 'sequence', from: '1', step: '1/3', count: '3' }, ['1', '4/3', '5/3']],
  ['a rule', { fill: 'rule', rule: '2^k', count: '4' }, ['2', '4', '8', '16']],
  ['classes', { fill: 'classes', cells: ['7', '', 'x'], bounds: '5, 10' }, ['5–10', '', '']],
] as const)('%s is filled in', (_, fill, cells) => {
  const request = { ...rulesRequest(state, table({})), ...fill };
  expect(
    filled(
      request,
      createReaders()(request, () => true),
    ),
  ).toEqual({ ok: true, value: cells });
});
