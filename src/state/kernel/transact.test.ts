import { NO_HISTORY, undone } from './history';
import type { History } from './history';
import { isSame } from './same';
import { transact } from './transact';

type Doc = Readonly<{ name: string; cells: readonly string[] }>;
type Steps = Readonly<{ name: 'naming' | 'cell'; to: Partial<Doc>; thought?: string }>[];

function done(steps: Steps) {
  let document: Doc = { name: '', cells: ['1'] };
  let history: History<Doc, null, 'naming' | 'cell'> = NO_HISTORY;
  for (const { to, ...step } of steps) {
    const made = transact(history, { ...step, before: document, sign: '.' }, { ...document, ...to });
    if (made !== null) ({ document, history } = made);
  }
  return { document, history };
}

// Each row: what is done, how many steps there are, and the name that undo goes back to.
test.each<[string, Steps, number, string | undefined]>([
  ['one change', [{ name: 'naming', to: { name: 'a' } }], 1, ''],
  ['what changes nothing', [{ name: 'cell', to: { cells: ['1'] } }], 0, undefined],
  [
    'a name that is typed',
    ['a', 'ab', 'abc'].map((name) => ({ name: 'naming' as const, to: { name }, thought: 't1' })),
    1,
    '',
  ],
  [
    'names of two things',
    ['t1', 't2'].map((thought) => ({ name: 'naming' as const, to: { name: thought }, thought })),
    2,
    't1',
  ],
  [
    'a name, something else, and the name again',
    [
      { name: 'naming', to: { name: 'a' }, thought: 't1' },
      { name: 'cell', to: { cells: ['2'] } },
      { name: 'naming', to: { name: 'b' }, thought: 't1' },
    ],
    3,
    'a',
  ],
  [
    'choices that lead back to the first',
    ['a', 'b', ''].map((name) => ({ name: 'naming' as const, to: { name }, thought: 't1' })),
    0,
    undefined,
  ],
])('%s', (_, steps, count, back) => {
  const { document, history } = done(steps);
  expect(history.past).toHaveLength(count);
  expect(undone(history, { now: document, sign: '.', settings: null })?.now.name).toBe(back);
});

test.each<[unknown, unknown, boolean]>([
  [{ a: [1, { b: 2 }] }, { a: [1, { b: 2 }] }, true],
  [{ a: [1, 2] }, { a: [1] }, false],
  [[], {}, false],
  [{ a: undefined }, { b: undefined }, false],
  [Number.NaN, Number.NaN, true],
  [null, {}, false],
])('%j and %j say the same: %s', (a, b, expected) => expect(isSame(a, b)).toBe(expected));
