import type { Frame } from '@/core/curve/plane';
import { createCurveTasks } from './tasks/curves';
import { performerOf } from './tasks/define';
import type { CurvesRequest } from './curves';
import { pathOf } from './path';

const FRAME: Frame = { xFrom: 0, xTo: 10, yFrom: 0, yTo: 10, width: 100, height: 100 };
const request = (...texts: string[]): CurvesRequest => ({
  text: texts.join(' '),
  angle: 'rad',
  impliedFirst: false,
  complex: false,
  bases: false,
  word: 'signed32',
  display: { mode: 'auto', digits: 10, grouping: false, decimalSign: '.' },
  ans: null,
  letters: new Map(),
  slots: new Map(),
  total: null,
  tries: {},
  namesDecimals: false,
  functions: texts.map((text, i) => ({ id: `f${i + 1}`, text })),
});
const work = performerOf(createCurveTasks());
const shouldContinue = () => true;
const random = () => 0n;

test.each([
  ['points on a line are one stroke', [[0, 0, 1, 1, 2, 2, 10, 10]], 'M0 100L100 0'],
  ['a bend is kept', [[0, 0, 5, 5, 10, 0]], 'M0 100L50 50L100 100'],
  ['a stroke that turns back keeps its end', [[0, 0, 10, 0, 5, 0]], 'M0 100L100 100L50 100'],
  ['a point by itself is a dot', [[5, 5]], 'M50 50m-1.5 0h3'],
  ['what is far above is cut along its line', [[0, 0, 10, 1000]], 'M0 100L2 -100'],
  [
    'strokes are not joined',
    [
      [0, 0, 1, 1],
      [2, 2, 3, 3],
    ],
    'M0 100L10 90M20 80L30 70',
  ],
] as const)('%s', (_, strokes, path) => expect(pathOf(strokes, FRAME)).toBe(path));

test('each function says whether it is seen, where its values lie, or why it is not drawn', () => {
  const drawn = work(
    { kind: 'draw', request: { ...request('x', 'x^2+90', 'sqrt(-1-x^2)', 'k x', 'x+'), frame: FRAME, view: FRAME } },
    shouldContinue,
    random,
  );
  const told = drawn.ok && 'length' in drawn.value ? drawn.value : [];
  expect(told.map((c) => ('isSeen' in c ? [c.isSeen, c.range, c.problem?.code ?? null] : null))).toEqual([
    [true, { low: 0, high: 10 }, null],
    [false, { low: 90, high: 190 }, null],
    [false, null, null],
    [false, null, 'undefined-name'],
    [false, null, 'syntax'],
  ]);
});

test.each([
  [{ from: '0', step: '1/3', to: '1' }, { from: 1, count: 2 }, 4, ['1/3', '2/3']],
  [{ from: '0', step: '1', to: '100000' }, { from: 99_998, count: 60 }, 0, null],
  [{ from: '0', step: '1', to: '9999' }, { from: 9_998, count: 60 }, 10_000, ['9998', '9999']],
  [{ picked: ['1', 'sqrt(2)', '1/0'] }, { from: 0, count: 60 }, 3, ['1', '√2', 'divide-by-zero']],
] as const)('the rows %j of %j', (xs, rows, count, first) => {
  const made = work({ kind: 'values', request: { ...request('x^2'), xs, rows } }, shouldContinue, random);
  const table = made.ok && 'rows' in made.value ? made.value : null;
  expect(table?.count ?? 0).toBe(count);
  expect(table?.rows.map(({ x, problem }) => problem?.code ?? x[0]!.text) ?? null).toEqual(first);
});

test('a point that is followed tells both coordinates, or why there is none', () => {
  const at = (x: string) => {
    const made = work({ kind: 'follow', request: { ...request('1/x'), x } }, shouldContinue, random);
    if (!made.ok || !('height' in made.value)) return null;
    const { y, height } = made.value;
    return ['forms' in y ? y.forms[0]!.text : y.problem.code, height];
  };
  expect([at('1/3'), at('0'), at('k')]).toEqual([['3', 3], ['divide-by-zero', null], null]);
});
