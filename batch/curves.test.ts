import { answerBatchLine } from './answer';

type Answer = { ok: boolean; problem?: { code: string; message: string } } & Record<string, unknown>;
const ask = (request: object): Answer => answerBatchLine(JSON.stringify({ id: 1, ...request }), 60_000) as Answer;

type Found = readonly { x: string; exact: string | null; y?: string; curve?: number; curves?: readonly number[] }[];
const exacts = (found: unknown): readonly string[] => (found as Found).map(({ exact, x }) => exact ?? x);

test.each([
  ['x^3-4x', '-5', '5', ['-2', '0', '2'], ['2sqrt(3)/3'], ['-2sqrt(3)/3']],
  ['x^2-2x+1', '-5', '5', ['1'], ['1'], []],
  ['x^2+x-1', '-5', '5', ['(-1-sqrt(5))/2', '(sqrt(5)-1)/2'], ['-1/2'], []],
  ['sin(x)', '0', '7', ['0', 'pi', '2pi'], ['3pi/2'], ['pi/2']],
  ['cos(x)-1', '-4', '7', ['0', '2pi'], ['-pi', 'pi'], ['0', '2pi']],
  ['abs(x^2-4)', '-5', '5', ['-2', '2'], ['-2', '2'], ['0']],
  ['max(x,1-x)', '-3', '3', [], ['1/2'], []],
  ['sqrt(x)', '-5', '5', ['0'], [], []],
  ['sqrt(4-x^2)', '-5', '5', ['-2', '2'], [], ['0']],
  ['ln(x)', '-5', '5', ['1'], [], []],
  ['1/x', '-5', '5', [], [], []],
  ['tan(x)', '-4', '4', ['-pi', '0', 'pi'], [], []],
  ['floor(x)', '-1/2', '5/2', [], [], []],
  ['(e^x-2)^2', '-1', '2', ['0.693147180559945'], ['0.693147180559945'], []],
  ['(x-1)(x-1.0000001)*e^x', '0', '3', ['1', '10000001/10000000'], ['(1+sqrt(400000000000001))/20000000'], []],
  ['x-0.123456', '0', '1', ['1929/15625'], [], []],
  ['cases(x<0,-x,x<2,x^2,4)', '-3', '4', ['0'], ['0'], []],
  ['x!', '-0.9', '4', [], ['0.461632144968362'], []],
  // At an even pole both sides rise alike, to no value.
  ['1/x^2', '-3', '3', [], [], []],
  ['sec(x)^2', '0', '6', [], ['0', 'pi'], []],
  ['ln(abs(x))', '-2', '2', ['-1', '1'], [], []],
  ['1/(x^2-4x+1)^2', '-1', '5', [], ['2'], []],
  // The ends belong to it, and are exact.
  ['sin(x)', '0', '2pi', ['0', 'pi', '2pi'], ['3pi/2'], ['pi/2']],
  ['e^x-2', '0', 'ln(2)', ['0.693147180559945'], [], []],
  // A jump is no zero, a step has no lowest point.
  ['cases(x<0,2,-3)', '-2', '2', [], [], []],
  ['max(1,x^2)', '-2', '2', [], [], []],
  ['cases(x<1,x^2,2-x)', '-2', '3', ['0', '2'], ['0'], ['1']],
  ['x^4-10x^2+1', '0', '4', ['sqrt(3)-sqrt(2)', 'sqrt(2)+sqrt(3)'], ['sqrt(5)'], ['0']],
  ['e^x*(x^2-4x+1)', '0', '5', ['2-sqrt(3)', '2+sqrt(3)'], ['3'], []],
  ['abs(x-sqrt(3)-sqrt(2))', '0', '5', ['sqrt(2)+sqrt(3)'], ['sqrt(2)+sqrt(3)'], []],
  ['x^2*e^(-x)', '-1', '100', ['0'], ['0'], ['2']],
  ['1/(1+10^12*(x-1/3)^2)', '-5', '5', [], [], ['1/3']],
] as const)('points of %s from %s to %s', (expr, from, to, zeros, lowest, highest) => {
  const answer = ask({ do: 'points', exprs: [expr], from, to });
  expect([answer['zeros'], answer['lowest'], answer['highest']].map(exacts)).toEqual([zeros, lowest, highest]);
});

test.each([
  [
    ['x^2', 'x+2'],
    '-5',
    '5',
    [
      ['-1', '1'],
      ['2', '4'],
    ],
  ],
  [['12+1.5x', '4+2.25x'], '0', '24', [['32/3', '28']]],
  [['sin(x)', 'cos(x)'], '0', '3', [['pi/4', '0.707106781186548']]],
  [['x', 'x'], '0', '3', []],
  // They touch in the third, the fourth and the second order.
  [['sin(x)', 'x'], '-3', '3', [['0', '0']]],
  [['cos(x)', '1-x^2/2'], '-3', '3', [['0', '1']]],
  [['e^x', 'x+1'], '-3', '3', [['0', '1']]],
  [
    ['1/x', 'x'],
    '-3',
    '3',
    [
      ['-1', '-1'],
      ['1', '1'],
    ],
  ],
] as const)('crossings of %j from %s to %s', (exprs, from, to, points) => {
  const { crossings } = ask({ do: 'points', exprs, from, to }) as unknown as { crossings: Found };
  expect(crossings.map(({ exact, x, y }) => [exact ?? x, y])).toEqual(points);
});

test.each([
  ['(x^2-1)/(x-1)', '-3', '3', false],
  ['e^(-x)', '0', '1000', false],
  ['x!', '-0.9', '5', false],
  ['sin(x)/x', '-10', '10', false],
  ['x*sin(1/x)', '-1', '1', true],
] as const)('of the points of %s from %s to %s there may be more: %s', (expr, from, to, more) =>
  expect(ask({ do: 'points', exprs: [expr], from, to })['more']).toBe(more),
);

test('two hundred points, and the word that there are more', () => {
  const answer = ask({ do: 'points', exprs: ['sin(100x)'], from: '0', to: '10' });
  expect(answer['more']).toBe(true);
  expect(answer['zeros']).toHaveLength(200);
});

test.each([
  [
    { expr: '1/x', from: '-1', step: '1', to: '1' },
    [
      ['-1', '-1'],
      ['0', 'divide-by-zero'],
      ['1', '1'],
    ],
  ],
  [
    { expr: 'y = sin x', from: '0', step: 'pi/2', to: 'pi' },
    [
      ['0', '0'],
      ['1.5707963267949', '1'],
      ['3.14159265358979', '0'],
    ],
  ],
  [
    { expr: 'sin x', angle: 'deg', from: '0', step: '30', to: '45' },
    [
      ['0', '0'],
      ['30', '0.5'],
    ],
  ],
  [
    { expr: 't^2', var: 't', from: '1', step: '-1/3', to: '0', digits: 4 },
    [
      ['1', '1'],
      ['0.6667', '0.4444'],
      ['0.3333', '0.1111'],
      ['0', '0'],
    ],
  ],
  [
    { expr: 'A x', variables: { A: '1/3' }, from: 0, step: 3, to: 3 },
    [
      ['0', '0'],
      ['3', '1'],
    ],
  ],
] as const)('values of %j', (request, rows) => {
  const answer = ask({ do: 'values', ...request }) as unknown as {
    rows: { x: string; y?: string; problem?: { code: string } }[];
  };
  expect(answer.rows.map(({ x, y, problem }) => [x, y ?? problem?.code])).toEqual(rows);
});

test('a curve in the units of its axes, its pole left open', () => {
  const answer = ask({ do: 'curve', expr: '1/x', from: '-1', to: '1', yFrom: '-5', yTo: '5', width: 8, height: 8 });
  expect(answer['segments']).toEqual([
    [
      [-1, -1],
      [-0.75, -4 / 3],
      [-0.5, -2],
      [-0.25, -4],
      [-0.125, -8],
    ],
    [
      [0.125, 8],
      [0.25, 4],
      [0.5, 2],
      [0.75, 4 / 3],
      [1, 1],
    ],
  ]);
});

test.each([
  [
    { x: ['1', '2', '3', '4', '5'] },
    { q1: '1.5', median: '3', q3: '4.5', sum: '15', s: '1.58113883008419', sigma: '1.4142135623731', modes: [] },
  ],
  [
    { x: ['1', '2', '3', '4', '5'], quartiles: 'inclusive' },
    { q1: '2', q3: '4' },
  ],
  [
    { x: ['1', '2', '3', '4'], quartiles: 'interpolated' },
    { q1: '1.75', median: '2.5', q3: '3.25' },
  ],
  [
    { x: ['3', '1', '2'], freq: ['2', '1', '0'] },
    { n: '3', mean: '2.33333333333333', modes: ['3'], min: '1', max: '3' },
  ],
  [{ x: ['2', '2', '5', '5', '7'] }, { modes: ['2', '5'] }],
  [{ x: ['7'] }, { n: '1', s: null, sigma: '0', q1: null, modes: ['7'] }],
  [{ x: ['1/3', 'sqrt(2)', '1E-3'] }, { n: '3', min: '0.001', max: '1.4142135623731' }],
] as const)('summary of %j', (request, expected) =>
  expect(ask({ do: 'summary', ...request })).toMatchObject({ ok: true, ...expected }),
);

test.each([
  [
    { model: 'straight', x: ['1', '2', '3', '4'], y: ['2.1', '3.9', '6.2', '7.8'] },
    { coefficients: { a: '0.15', b: '1.94' }, equation: 'y=1.94*x+0.15', r2: '0.995661375661376' },
  ],
  [
    { model: 'straight', x: ['0', '1', '2'], y: ['5', '3', '1'] },
    { coefficients: { a: '5', b: '-2' }, r: '-1', equation: 'y=-2*x+5' },
  ],
  [
    { model: 'straight', x: ['0', '1', '5'], y: ['1', '3', '99'], freq: ['4', '1', '0'] },
    { coefficients: { a: '1', b: '2' } },
  ],
  [
    { model: 'polynomial', degree: 2, x: ['1', '2', '3', '4'], y: ['1', '4', '9', '16'] },
    { coefficients: { a: '0', b: '0', c: '1' }, equation: 'y=x^2' },
  ],
  [
    { model: 'exponential', x: ['0', '1', '2', '3'], y: ['2', '6', '18', '54'] },
    { coefficients: { a: '2', b: '1.09861228866811' }, r: '1' },
  ],
  [
    { model: 'power', x: ['1', '2', '4'], y: ['3', '12', '48'] },
    { coefficients: { a: '3', b: '2' }, equation: 'y=3*x^2' },
  ],
  // What does not count needs no logarithm.
  [
    { model: 'power', x: ['0', '1', '2'], y: ['9', '3', '12'], freq: ['0', '1', '1'] },
    { coefficients: { a: '3', b: '2' } },
  ],
  [
    { model: 'exponential', x: ['0', '1', '2'], y: ['4', '4', '4'] },
    { coefficients: { a: '4', b: '0' }, r2: null },
  ],
] as const)('fit of %j', (request, expected) =>
  expect(ask({ do: 'fit', ...request })).toMatchObject({ ok: true, ...expected }),
);

test.each([
  [{ do: 'fit', model: 'power', x: ['0', '1'], y: ['1', '2'] }, 'domain', 'Row 1'],
  [{ do: 'fit', model: 'straight', x: ['1', '1'], y: ['1', '2'] }, 'domain', 'alike'],
  [{ do: 'fit', model: 'straight', x: ['1'], y: ['1'] }, 'dimension', 'at least 2'],
  [{ do: 'fit', model: 'straight', x: ['1', '2'], y: ['1'] }, 'dimension', '2 and 1'],
  [{ do: 'fit', model: 'sine', x: ['1', '2', '3', '4'], y: ['1', '2', '1', '2'] }, 'dimension', 'at least 5'],
  [
    { do: 'fit', model: 'sine', x: ['1', '2', '3', '4', '5', '6'], y: ['1', '1', '1', '1', '1', '1'] },
    'not-converged',
    'No curve',
  ],
  [{ do: 'summary', x: ['1', '2'], freq: ['1', '0.5'] }, 'domain', 'Row 2'],
  [{ do: 'summary', x: ['1', 'x'] }, 'undefined-name', 'x'],
  [{ do: 'summary', x: ['1'], freq: ['0'] }, 'domain', 'no values'],
  [{ do: 'values', expr: 'x', from: '0', step: '-1', to: '1' }, 'domain', 'step'],
  [{ do: 'values', expr: 'x', from: '0', step: '1E-9', to: '1' }, 'too-large', 'large'],
  [{ do: 'points', exprs: ['k x'], from: '0', to: '1' }, 'undefined-name', 'k'],
  [{ do: 'points', exprs: ['x'], from: '1', to: '0' }, 'domain', 'step'],
  [{ do: 'curve', expr: 'random()*x', from: '0', to: '1', yFrom: '0', yTo: '1' }, 'domain', 'drawn'],
  [{ do: 'curve', expr: 'x+', from: '0', to: '1', yFrom: '0', yTo: '1' }, 'syntax', 'missing'],
] as const)('%j is refused as %s', (request, code, word) => {
  const { ok, problem } = ask(request);
  expect(ok).toBe(false);
  expect(problem?.code).toBe(code);
  expect(problem?.message).toContain(word);
});
