import * as fc from 'fast-check';
import type { Exercise } from './exercise';
import type { Mark } from './mark';
import {
  answersOf,
  answered,
  begun,
  byDay,
  byTopic,
  counted,
  exerciseIn,
  exerciseRow,
  nextOf,
  runIn,
  runRows,
  standing,
} from './run';
import { numbersOf, questionsOf, sheetFor, wordsBefore } from './sheet';
import { resultIn, sheetIn } from './sheet-schema';
import type { Sheet } from './sheet-schema';

const exercise = (shown: string): Exercise & { topic: string } => ({
  ask: 'work',
  shown,
  key: shown,
  form: 'whole',
  topic: 'squares',
});
const run = begun(['1+1', '2+2', '3+3'].map(exercise));

/** The run after answers to what comes next. */
const after = (...marks: readonly Mark[]) =>
  marks.reduce((now, mark, i) => answered(now, nextOf(now) ?? 0, mark, `${i}`), run);

test.each<[marks: Mark[], next: number | null, right: number, atFirst: number]>([
  [[], 0, 0, 0],
  [['right'], 1, 1, 1],
  [['wrong', 'right', 'right'], 0, 2, 2],
  [['wrong', 'other-form', 'right'], 0, 1, 1],
  // The one that went wrong longest ago comes first.
  [['wrong', 'rounded', 'right', 'wrong'], 1, 1, 1],
  [['wrong', 'right', 'right', 'right'], null, 3, 2],
])('after %j the next is %j', (marks, next, right, atFirst) => {
  const now = after(...marks);
  expect([nextOf(now), standing(now)]).toEqual([next, { right, atFirst, total: 3 }]);
  expect(runIn(runRows(now))).toEqual(now);
});

const SEED = 20_261_129;
test(`a run ends when each is right, however often it went wrong before (seed ${SEED})`, () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom<Mark>('right', 'wrong', 'rounded', 'other-form'), { maxLength: 30 }),
      (marks) => {
        let now = after();
        for (const mark of marks) {
          const next = nextOf(now);
          if (next === null) break;
          expect(now[next]?.last).not.toBe('right');
          now = answered(now, next, mark, '');
        }
        expect(nextOf(now) === null).toBe(now.every(({ last }) => last === 'right'));
      },
    ),
    { seed: SEED },
  );
});

test.each<[row: string[]]>([
  [[]],
  [['work', '1+1', '', 'any']],
  [['play', '1', '1', 'any']],
  [['work', '1', '1', 'pretty']],
])('the row %j is no exercise', (row) => expect(exerciseIn(row)).toBeNull());

test('an exercise as a row comes back', () => {
  const full = {
    shown: 'x',
    key: '7',
    form: 'whole',
    ask: 'words',
    curve: '2x',
    at: '3',
    words: 'How much?',
    tolerance: '0.5',
  } as const;
  expect(exerciseIn(exerciseRow(full))).toEqual(full);
});

test('answers are counted by day and by topic', () => {
  const month = counted(counted(counted([], 'squares', 3, true), 'squares', 3, false), 'order', 31, true);
  expect(byDay(month).flatMap((count, i) => (count.all === 0 ? [] : [[i + 1, count.right, count.all]]))).toEqual([
    [3, 1, 2],
    [31, 1, 1],
  ]);
  expect([...byTopic([month, counted([], 'order', 1, false)])]).toEqual([
    ['squares', { right: 1, all: 2 }],
    ['order', { right: 1, all: 2 }],
  ]);
});

const sheet: Sheet = {
  format: 'ulkav-sheet',
  version: 1,
  title: 'Tides of Velm Quay',
  seed: 'k',
  tells: true,
  drawn: [
    { letter: 'a', from: '-3', to: '3', step: '1.5' },
    { letter: 'b', from: '5', to: '5', step: '1' },
  ],
  items: [
    { kind: 'text', text: 'The board reads {a} and {b}.' },
    { kind: 'question', words: '', line: '2a^2-b', answer: '', form: 'any', tolerance: '', curve: '' },
    { kind: 'question', words: 'And {z}?', line: '', answer: 'ab', form: 'places 1', tolerance: '0.1', curve: 'ax' },
  ],
};

// `below` draws the last of the numbers that there are, or the first.
test.each<[below: (n: number) => number, numbers: string[], lines: string[]]>([
  [(n) => n - 1, ['3', '5'], ['2*3^2-5', '3*5', '3x']],
  [() => 0, ['-3', '5'], ['2*(-3)^2-5', '(-3)*5', '(-3)x']],
  [() => 1, ['-1.5', '5'], ['2*(-1.5)^2-5', '(-1.5)*5', '(-1.5)x']],
])('numbers of a pupil stand in the place of letters (%#)', (below, numbers, [first, second, curve]) => {
  expect([...numbersOf(sheet, below).values()]).toEqual(numbers);
  const items = sheetFor(sheet, below);
  const [one, two] = questionsOf(items);
  expect([one?.shown, one?.key, two?.key, two?.curve, two?.words]).toEqual([first, first, second, curve, 'And {z}?']);
  expect(wordsBefore(items, 0)).toBe(`The board reads ${numbers.join(' and ')}.`);
  expect(wordsBefore(items, 1)).toBe('');
});

test.each<[raw: string]>([
  ['{'],
  ['7'],
  [JSON.stringify({ ...sheet, version: 2 })],
  [JSON.stringify({ ...sheet, items: [{ kind: 'question' }] })],
  [JSON.stringify({ ...sheet, drawn: [{ letter: 'ab', from: '1', to: '2', step: '1' }] })],
  [JSON.stringify({ ...sheet, items: [{ ...sheet.items[1], form: 'pretty' }] })],
])('%.40s is no sheet', (raw) => expect(sheetIn(raw)).toBeNull());

test('a sheet, and answers to it, are read as they were written', () => {
  expect(sheetIn(JSON.stringify(sheet))).toEqual(sheet);
  const result = { format: 'ulkav-sheet-answers', version: 1, title: 'T', seed: 'k', pupil: '7', answers: ['13', ''] };
  expect(resultIn(JSON.stringify(result))).toEqual(result);
  expect(resultIn(JSON.stringify(sheet))).toBeNull();
});

// A run without places, as one begun before there were any, has all its questions.
test.each<[places: (string | undefined)[], answers: string[]]>([
  [
    ['0', '1'],
    ['13', '15'],
  ],
  [['1'], ['', '13']],
  [
    [undefined, undefined],
    ['13', '15'],
  ],
])('answers to questions %j stand where these do in the sheet', (places, answers) => {
  const key = { ask: 'work', shown: '1', key: '1', form: 'any', topic: 'sheet' } as const;
  const run = begun(places.map((at) => (at === undefined ? key : { ...key, at })));
  expect(answersOf(sheet, runIn(runRows(run.map((one, i) => ({ ...one, answer: ['13', '15'][i] ?? '' })))))).toEqual(
    answers,
  );
});
