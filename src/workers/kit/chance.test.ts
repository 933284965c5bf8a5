import type { LineRequest } from '../answer';
import { chanceView } from './chance';
import type { ChanceRequest } from './chance';
import { testView } from './tests';
import type { TestRequest } from './tests';

const goesOn = () => true;

const plain: LineRequest = {
  text: '',
  angle: 'deg',
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
};

function distribution(given: Partial<ChanceRequest>) {
  const view = chanceView(
    { ...plain, id: 'binomial', parameters: ['4', '1/2'], from: '1', to: '2', other: null, hasTable: true, ...given },
    goesOn,
  );
  if (!view.ok) throw new Error(JSON.stringify(view.problem));
  return view.value;
}

test('a distribution of counts is told with its table and its picture', () => {
  const { mean, variance, modes, rows, marks, view } = distribution({});
  expect([mean?.full, variance?.full, modes.map(({ full }) => full)]).toEqual(['2', '1', ['2']]);
  expect(rows.map(({ k, at, below }) => [k, at, below])).toEqual([
    [0, '0.0625', '0.0625'],
    [1, '0.25', '0.3125'],
    [2, '0.375', '0.6875'],
    [3, '0.25', '0.9375'],
    [4, '0.0625', '1'],
  ]);
  expect(marks).toMatchObject({ isOfCounts: true, from: 1, to: 2 });
  expect(view?.yTo).toBeGreaterThan(0.375);
});

test.each([
  ['normal', ['0', '-1'], 1],
  ['uniform', ['3', '3'], 1],
  ['binomial', ['2+', '1/2'], 0],
] as const)('of %s with %j the parameter that is wrong is named', (id, parameters, index) => {
  const { fault, mean } = distribution({ id, parameters, hasTable: false });
  expect([fault?.index, mean]).toEqual([index, null]);
});

test('what a distribution does not have is none', () => {
  expect(distribution({ id: 't', parameters: ['1'] })).toMatchObject({ mean: null, variance: null, deviation: null });
});

const request = (given: Partial<TestRequest>): TestRequest => ({
  ...plain,
  test: 'mean-t',
  tail: 'two',
  level: '0.95',
  numbers: { mean0: '12' },
  columns: [['12.1', '', '12.6', '11.8', '13', '12.4']],
  factors: null,
  ...given,
});

function tested(given: Partial<TestRequest>) {
  const view = testView(request(given), goesOn);
  if (!view.ok) throw new Error(JSON.stringify(view.problem));
  return view.value;
}

test('a test of values, of which empty cells are left out, and of the numbers that sum them up', () => {
  const { outcomes, marks, estimate } = tested({});
  expect(outcomes.map(({ letter, df }) => [letter, df.map(({ full }) => full)])).toEqual([['t', ['4']]]);
  expect([estimate?.full, outcomes[0]?.chance.toFixed(6), marks?.isOutside]).toEqual(['12.38', '0.138720', true]);
  const summed = tested({ columns: null, numbers: { mean0: '12', xn: '5', xmean: '12.38', xsd: 'sqrt(0.212)' } });
  expect(summed.outcomes[0]?.chance).toBeCloseTo(outcomes[0]?.chance ?? 0, 12);
});

test('two factors are told by the labels beside the values', () => {
  const { outcomes } = tested({
    test: 'anova-two-way',
    columns: [['1', '2', '3', '5', '2', '4', '8', '9']],
    factors: [
      ['up', 'up', 'up', 'up', 'low', 'low', 'low', 'low'],
      ['a', 'a', 'b', 'b', 'a', 'a', 'b', 'b'],
    ],
  });
  expect(outcomes.map(({ of, statistic }) => [of, statistic.full])).toEqual([
    ['rows', '14.4'],
    ['columns', '25.6'],
    ['interaction', '3.6'],
  ]);
});

test.each<[Partial<TestRequest>, object]>([
  [{ columns: [['1', '2+', '3']] }, { cell: [1, 0], number: null }],
  [{ numbers: { mean0: '1+' } }, { number: 'mean0', cell: null }],
  [{ level: '(' }, { number: 'level' }],
])('an entry that is no number is told with its place (%#)', (given, expected) => {
  expect(tested(given).fault).toMatchObject(expected);
});

test('values that do not vary are a problem', () => {
  const view = testView(request({ columns: [['2', '2', '2']] }), goesOn);
  expect(view.ok ? null : view.problem).toMatchObject({ code: 'domain', reason: 'no-variance' });
});

test('a wrong number of the second distribution is told, and the first stays', () => {
  const { fault, secondFault, marks, over } = distribution({ other: { id: 'normal', parameters: ['0', '0'] } });
  expect([fault, secondFault?.index, over]).toEqual([null, 1, null]);
  expect(marks).not.toBeNull();
});
