import { DEFAULT_SETTINGS } from '@/core/notebook/settings';
import type { LineRequest } from '../answer';
import { kitTasks } from '../tasks/kit';
import { performerOf } from '../tasks/define';

const perform = performerOf(kitTasks);
const basis: LineRequest = {
  text: '',
  angle: 'deg',
  impliedFirst: false,
  complex: false,
  bases: false,
  word: 'signed32',
  display: DEFAULT_SETTINGS.display,
  tries: {},
  namesDecimals: false,
  ans: null,
  letters: new Map(),
  slots: new Map(),
  total: null,
};
const ask = (kind: string, more: object, settings: Partial<LineRequest> = {}): Record<string, unknown> => {
  const answer = perform(
    { kind, request: { ...basis, ...settings, ...more } } as never,
    () => true,
    () => 0n,
  );
  if (!answer.ok) throw new Error(JSON.stringify(answer.problem));
  return answer.value as unknown as Record<string, unknown>;
};
const first = (forms: readonly { text: string }[]): string => forms[0]?.text ?? '';

type Solution = readonly { name: string; forms: readonly { text: string }[] }[];
const solved = (view: Record<string, unknown>): string =>
  (view['solution'] as Solution).map(({ name, forms }) => `${name} = ${first(forms)}`).join(', ');

test.each<[string, string[] | null, string, string, Record<string, string>?]>([
  ['2x+3y-z=5; x-y+2z=3; 3x+y-z=4', null, 'one', 'x = 7/5, y = 6/5, z = 7/5'],
  ['x+y=sqrt(2); x-y=0', null, 'one', 'x = √2/2, y = √2/2'],
  ['x+2y=3; 2x+4y=6', null, 'many', 'x = 3 − 2t, y = t'],
  ['t+u=1', null, 'many', 't = 1 − s, u = s'],
  ['a*x+y=4; x-y=2', ['x', 'y'], 'one', 'x = 3/2, y = −1/2', { a: '3' }],
  ['a*x+y=1; x-y=2', ['x', 'y'], 'one', 'x = 3/(a + 1), y = (−2a + 1)/(a + 1)'],
  ['a*x+b*y=1; b*x+a*y=1', ['x', 'y'], 'one', 'x = 1/(a + b), y = 1/(a + b)'],
  ['x+y=2a; x-y=2b', ['x', 'y'], 'one', 'x = a + b, y = a − b'],
  ['x+y=pi; x-y=1', null, 'one', 'x = 2.0708, y = 1.0708'],
])('the system %s', (text, unknowns, kind, solution, tries = {}) => {
  const display = { ...basis.display, mode: 'places', digits: 4 } as const;
  const view = ask('system', { unknowns, given: { equations: text.split('; ') } }, { tries, display });
  expect([view['kind'], solved(view)]).toEqual([kind, solution]);
  for (const { left, right } of view['checks'] as readonly { left: string; right: string }[]) expect(left).toBe(right);
});

test('a solution with parameters tells where it does not hold', () => {
  const ask2 = (equations: string[]) => ask('system', { unknowns: ['x', 'y'], given: { equations } });
  const of = (texts: string) => ask2(texts.split('; '))['condition'];
  expect(of('a*x+y=1; x+a*y=0')).toBe('a^2-1');
  expect(of('x+y=2a; x-y=2b')).toBeNull();
  // Whatever a is, the rows depend on each other: the letter is asked for.
  expect(ask2(['x+y=a', '2x+2y=3a'])['kind']).toBe('refused');
});

test('a system without solution tells by which combination its rows contradict each other', () => {
  const rows = [
    ['1', '1', '1', '6'],
    ['2', '-1', '', '3'],
    ['3', '0', '1', '8'],
  ];
  const view = ask('system', { unknowns: ['x', 'y', 'z'], given: { rows } });
  const times = (view['combination'] as readonly string[]).map((t) => Number(t.replace('−', '-')));
  const sum = (j: number): number => rows.reduce((s, row, i) => s + (times[i] ?? 0) * Number(row[j]), 0);
  expect([view['kind'], sum(0), sum(1), sum(2)]).toEqual(['none', 0, 0, 0]);
  expect(`${sum(3)}`).toBe((view['comesTo'] as string).replace('−', '-'));
  expect(view['equations']).toEqual(['x+y+z=6', '2x-y=3', '3x+z=8']);
  expect(view['augmented']).toBe('[[1,1,1,6],[2,-1,0,3],[3,0,1,8]]');
});

test.each([
  [{ unknowns: ['x', 'y'], given: { rows: [['1', '2+', '3']] } }, 0, 1, 'syntax'],
  [{ unknowns: null, given: { equations: ['x+y=1', 'x*y=2'] } }, 1, null, 'domain'],
  [{ unknowns: ['x'], given: { equations: ['x+sqrt(k)=1'] } }, 0, null, 'undefined-name'],
  [{ unknowns: null, given: { equations: ['x+y'] } }, 0, null, 'domain'],
])('what cannot be read of %j is told at its place', (more, row, column, code) => {
  const view = ask('system', more);
  expect([view['kind'], view['row'], view['column'], (view['problem'] as { code: string }).code]).toEqual([
    'refused',
    row,
    column,
    code,
  ]);
});

type Roots = readonly { forms: readonly { text: string }[]; multiplicity: number }[];
test.each([
  [['1', '-3', '2'], '1, 2', '(x-1)(x-2)', '1'],
  [['1', '-2', '-1', '2', '0'], '−1, 0, 1, 2', '(x+1)x(x-1)(x-2)', '144'],
  [['1', '0', '-2'], '−√2, √2', '(x+sqrt(2))(x-sqrt(2))', '8'],
  [['1', '0', '1'], '−i, i', 'x^2+1', '−4'],
  [['3', '6', '3'], '−1×2', '3(x+1)^2', '0'],
  [['1/2', '0', '0', '-4'], '2, −1 − √(3)i, −1 + √(3)i', '(1/2)(x-2)(x^2+2x+4)', '−108'],
])('the polynomial %j', (coefficients, roots, factored, discriminant) => {
  const view = ask('polynomial', { coefficients, letter: 'x' });
  const shown = (view['roots'] as Roots).map((r) => first(r.forms) + (r.multiplicity > 1 ? `×${r.multiplicity}` : ''));
  expect([shown.join(', '), view['factored'], first((view['discriminant'] as { forms: never }).forms)]).toEqual([
    roots,
    factored,
    discriminant,
  ]);
});

test.each([
  ['2', '-8', '5'],
  ['1', '3', '0'],
  ['-1/2', '1', '-3/4'],
  ['3', '0', '-12'],
])('%s x² + %s x + %s is the same at every step of its square', (...coefficients) => {
  const view = ask('polynomial', { coefficients, letter: 'x' });
  const steps = view['square'] as readonly string[];
  for (const x of ['0', '1', '-7/3']) {
    const values = steps.map((text) => ask('results', { texts: [text.replaceAll('x', `(${x})`)], tables: {} }));
    const told = values.map((v) =>
      JSON.stringify((v as unknown as readonly object[])[0], (_, n: unknown) => (typeof n === 'bigint' ? `${n}` : n)),
    );
    expect(new Set(told.map((t) => /"value":\{"kind":"rational","value":(\{[^}]*\})/.exec(t)?.[1])).size).toBe(1);
  }
});
