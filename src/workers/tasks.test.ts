import type { Value } from '@/core/number/value';
import { countedDown } from '@/core/base/should-continue';
import { anglesOfLine } from './angle';
import type { LineRequest } from './answer';
import { solveLine } from './solve';
import { stepsOfLine } from './steps';
import { tryValues } from './tries';

const shouldContinue = () => true;
const chance = () => 0n;
const request = (text: string, more: Partial<LineRequest> = {}): LineRequest => ({
  text,
  angle: 'deg',
  impliedFirst: false,
  complex: false,
  bases: false,
  word: 'signed32',
  display: { mode: 'auto', digits: 6, grouping: false, decimalSign: '.' },
  ans: null,
  letters: new Map<string, Value>(),
  slots: new Map(),
  total: null,
  tries: {},
  namesDecimals: false,
  ...more,
});

// Quadrants and reference angles as in any trigonometry textbook (common practice, no source).
test.each([
  ['sin(212°)', 'deg', '212 212 32 58 III'],
  ['cos(-30°)', 'deg', '-30 330 30 30 IV'],
  ['tan(7pi/4)', 'rad', '315 315 45 45 IV'],
  ['750°', 'deg', '750 30 30 60 I'],
  ['sin(100 grad)', 'deg', '90 90 90 - axis 1'],
  ['atan(-1)', 'rad', '-45 315 45 45 IV'],
  ['cos(73°24\'36")', 'deg', '73.41 73.41 73.41 16.59 I'],
  ['2+3', 'deg', ''],
] as const)('the angles of %s', (text, angle, expected) => {
  const made = anglesOfLine(request(text, { angle }), shouldContinue, chance);
  if (!made.ok) throw new Error(made.problem.code);
  const [view] = made.value;
  const shown =
    view === undefined
      ? ''
      : [
          ...[view.angle, view.coterminal, view.reference].map((forms) => forms.degrees.typed),
          view.toAxis?.degrees.typed ?? '-',
          view.isOnAxis ? `axis ${view.quadrant}` : ['I', 'II', 'III', 'IV'][view.quadrant - 1],
        ].join(' ');
  expect(shown).toBe(expected);
});

test('an angle stands in degrees, in degrees-minutes-seconds and as a multiple of π', () => {
  const made = anglesOfLine(request('sin(225°)'), shouldContinue, chance);
  const { degrees, dms, turn } = made.ok ? made.value[0]!.angle : { degrees: null, dms: null, turn: null };
  expect([degrees?.text, dms?.text, turn?.text]).toEqual(['225', '225°0′0″', '5π/4 rad']);
});

test('a list of values gives a row of answers, and says which has none', () => {
  const made = tryValues(
    { ...request('1/(x-2)'), letter: 'x', values: ['1', '2', '5/2', 'sqrt(2'] },
    shouldContinue,
    chance,
  );
  const rows = made.ok ? made.value.map(({ form, problem }) => form?.text ?? problem?.code) : [];
  expect(rows).toEqual(['−1', 'divide-by-zero', '2', '(−2 − √2)/2']);
});

test('solutions come in their forms, each with its check', () => {
  const made = solveLine({ ...request('x^2=2'), letter: 'x', from: '', to: '' }, shouldContinue, chance);
  const roots = made.ok && made.value.kind === 'roots' ? made.value.roots : [];
  expect(roots.map((r) => [r.forms[0]!.text, r.check])).toEqual([
    ['−√2', { left: '2', right: '2', sign: '=' }],
    ['√2', { left: '2', right: '2', sign: '=' }],
  ]);
});

test('a letter that is tried does not stand for the one that is sought', () => {
  const asked = { ...request('a*x=6', { tries: { a: '2', x: '7' } }), letter: 'x', from: '', to: '' };
  const made = solveLine(asked, shouldContinue, chance);
  expect(made.ok && made.value.kind === 'roots' && made.value.roots[0]!.forms[0]!.text).toBe('3');
});

test('the steps of a line work with what its letters hold', () => {
  const made = stepsOfLine(request('2x+1', { tries: { x: '5' } }), shouldContinue, chance);
  expect(made.ok && made.value.steps.map((s) => s.expr)).toEqual(['2x+1', '2(5)+1', '10+1', '11']);
});

const solveRequest = (text: string) => ({ ...request(text), letter: 'x', from: '-10', to: '10' });

// Each step is a question whether to go on: how many are asked is the same on every machine.
test.each([
  ['cbrt(x)=1.16', 1],
  ['cbrt(x^2)=2.51', 2],
  ['x^0.7=1.16', 1],
  ['sqrt(x+1)+cbrt(x)=2', 1],
])('%s is solved in a few steps, though its roots are long numbers', (text, count) => {
  const made = solveLine(solveRequest(text), countedDown(15_000, shouldContinue), chance);
  expect(made.ok && made.value.kind === 'roots' && made.value.roots.map(({ isSure }) => isSure)).toEqual(
    Array(count).fill(true),
  );
});

test.each(['cbrt(x^2)=2.51', 'cbrt(x^2)<2.51', 'exp(x)=3x'])(
  'of %s no part of the solutions is told when the search was stopped',
  (text) => {
    const made = solveLine(solveRequest(text), countedDown(4100, shouldContinue), chance);
    expect(made).toMatchObject({ ok: false, problem: { code: 'stopped', at: { from: 0, to: text.length } } });
  },
);
