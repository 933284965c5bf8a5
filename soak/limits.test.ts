import { answerLine } from '@/workers/answer';
import { EMPTY_KEPT, DEFAULT_SETTINGS, EMPTY_DOCUMENT } from '@/state/slices/parts';
import { optionsOf } from '@/state/slices/bench/reading';
import { toNotebook, readNotebook, writeNotebook } from '@/state/slices/notebook';
import { finishedLine } from '@/state/slices/tape/line';
import { lineOf } from '@/core/line/line';

const shouldContinue = () => true;

// What can be answered can be kept: the largest numbers, roots of large primes, and products of them.
test.each([
  '200000!',
  '1/3^2000000',
  'sqrt(2^521-1)',
  'sqrt(10^50+151)*sqrt(10^49+9)',
  'sqrt((10^15+37)(10^15+91))',
  'sqrt(2)+sqrt(3)+sqrt(5)+sqrt(7)',
  'root(7,2)^3+ln(pi)',
])('a notebook with %s is read again', (text) => {
  const { display } = DEFAULT_SETTINGS;
  const answered = answerLine(
    {
      text,
      angle: 'deg',
      impliedFirst: false,
      complex: false,
      bases: false,
      word: 'signed32',
      display,
      ans: null,
      letters: new Map(),
      slots: new Map(),
      total: null,
      tries: {},
      namesDecimals: false,
    },
    shouldContinue,
    () => 0n,
  );
  if (!answered.ok) throw new Error(answered.problem.code);
  const document = { ...EMPTY_DOCUMENT, line: lineOf(text, 'boxed', optionsOf(DEFAULT_SETTINGS)) };
  const line = finishedLine({ document, settings: DEFAULT_SETTINGS, chosen: null }, answered.value);
  const notebook = toNotebook({ ...EMPTY_KEPT, document: { ...document, tape: [line], ans: answered.value.saved } });
  const loaded = readNotebook(writeNotebook(notebook));
  expect(loaded).toEqual({ kind: 'ok', notebook, setAside: 0, isMended: false, isNewer: false });
});

test.each([
  ['(30000!*30000!)/(3^300000*3^300000)', 'decimal'],
  ['(3/2)^1000000/(5/7)^300000', 'decimal'],
  ['200000!*200000!', 'too-large'],
])('%s does not hold the worker: %s', (text, expected) => {
  const { display } = DEFAULT_SETTINGS;
  const made = answerLine(
    {
      text,
      angle: 'deg',
      impliedFirst: false,
      complex: false,
      bases: false,
      word: 'signed32',
      display,
      ans: null,
      letters: new Map(),
      slots: new Map(),
      total: null,
      tries: {},
      namesDecimals: false,
    },
    shouldContinue,
    () => 0n,
  );
  expect(made.ok ? made.value.forms[0]!.id : made.problem.code).toBe(expected);
});
