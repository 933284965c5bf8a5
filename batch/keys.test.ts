import { answerBatchLine } from './answer';

type Answer = Readonly<{
  line: string;
  result: { sign: string; text: string; forms: Record<string, string> } | null;
  stack: readonly { value: string; made: string }[];
  memory: { slots: Record<string, string>; letters: Record<string, string>; total: string | null };
  tape: readonly { line: string; result: string }[];
  problem: { code: string; message: string } | null;
}>;

const signs: Readonly<Record<string, string>> = {
  '+': 'plus',
  '-': 'minus',
  '*': 'times',
  '/': 'divide',
  '%': 'percent',
  '^': 'power',
  '(': 'open',
  ')': 'close',
  '=': 'answer',
  '~': 'negate',
};

/** Key ids of a sequence in short: numbers as they are written, signs, and ids of keys. */
const idsOf = (short: string): string[] =>
  short.split(' ').flatMap((part) => {
    if (!/^[\d.]+$/.test(part)) return [signs[part] ?? part];
    return [...part].map((char) => (char === '.' ? 'point' : `d${char}`));
  });

function press(style: string, short: string, settings: object = {}): Answer {
  const line = JSON.stringify({ id: 1, do: 'keys', style, keys: idsOf(short), settings });
  return answerBatchLine(line) as Answer;
}

const said = ({ result, problem }: Answer): string | undefined => problem?.code ?? result?.text;
const levels = ({ stack }: Answer): string => stack.map((level) => level.value).join(' ');

// Percent, sign change, clear entry and repeated equals as on plain desk machines (common practice, no source).
test.each([
  ['240 + 15 %', '36'],
  ['240 + 15 % =', '276'],
  ['276 - 25 % =', '207'],
  ['35 * 8 % =', '2.8'],
  ['35 / 8 % =', '437.5'],
  ['15 %', '0.15'],
  ['5 % + 3 % =', '0.08'],
  ['2 + 3 * 4 =', '14'],
  ['2 * 3 + 4 * 5 =', '26'],
  ['2 ^ 3 ^ 2 =', '512'],
  ['2 + 3 * 4', '4'],
  ['2 + 3 * 4 -', '14'],
  ['5 + 3 = =', '11'],
  ['5 + 3 = = =', '14'],
  ['2 * 3 = = =', '54'],
  ['100 - 7 = =', '86'],
  ['2 + 3 * 4 = =', '56'],
  ['5 * =', '25'],
  ['8 + 5 clearEntry 4 =', '12'],
  ['8 + 5 clear 4 =', '4'],
  ['8 + 53 deleteLeft =', '13'],
  ['8 + 53 deleteLeft deleteLeft 7 =', '15'],
  ['6 * - 3 =', '3'],
  ['6 * 3 ~ =', '-18'],
  ['8 - 5 ~ =', '13'],
  ['- 5 + 3 =', '-2'],
  ['9 + 16 sqrt =', '13'],
  ['8 inverse + 1 =', '9/8'],
  ['7 square', '49'],
  ['5 factorial', '120'],
  ['30 sin', '1/2'],
  ['1 / 3 = * 3 =', '1'],
  ['2 * ( 3 + 4 ) =', '14'],
  ['2 * ( 3 + 4 )', '7'],
  ['2 * ( 3 + 4 * ( 5 - ( 1 + 1 ) ) ) =', '30'],
  ['2 * ( 3 + 4 * ( 5 - ( 1 + 1 =', '30'],
  ['2 ( 3 + 4 ) =', '14'],
  ['( 1 + 2 ) ( 3 + 4 ) =', '21'],
  ['2 pi', 'π'],
  ['2 pi =', '2π'],
  ['5 nCr 2 =', '10'],
  ['3 root 8 =', '2'],
  ['53 mod 8 =', '5'],
  ['4.2 tenPower 3 + 1 =', '4201'],
  ['4.2 tenPower 3 ~ =', '0.0042'],
  ['73 degree 30 minute sin', '0.9588197349'],
  ['1 / 0 =', 'divide-by-zero'],
  ['4 ~ sqrt', 'domain'],
  ['6 answer 7 + 1 =', '8'],
  ['3 + 4 = ans * 2 =', '14'],
  ['A', 'undefined-name'],
])('Running: %s shows %s', (short, shown) => {
  const { result, problem } = press('running', short);
  const exact = [problem?.code, result?.text.replace('−', '-'), ...Object.values(result?.forms ?? {})];
  expect(exact).toContain(shown);
});

test.each([
  ['2 + 3 * 4 =', '20'],
  ['2 + 3 * 4', '4'],
  ['2 + 3 *', '5'],
  ['100 + 2 * 5 % =', '5.1'],
  ['2 * ( 3 + 4 * 5 ) =', '70'],
])('Running, left to right: %s shows %s', (short, shown) => {
  const { result } = press('running', short, { order: 'leftToRight' });
  expect(Object.values(result!.forms)).toContain(shown);
});

test('a chandler’s bill: tax and discount in either order come to the same, and every step is a line', () => {
  const bill = '18.4 + 7.25 + 12.6';
  const taxed = press('running', `${bill} + 15 % - 10 % =`);
  const cut = press('running', `${bill} - 10 % + 15 % =`);
  expect([taxed.result?.forms['decimal'], cut.result?.forms['decimal']]).toEqual(['39.58875', '39.58875']);
  expect(taxed.tape.map(({ line }) => line)).toEqual([
    '18.4+7.25',
    '18.4+7.25+12.6',
    '(18.4+7.25+12.6)*15%',
    '18.4+7.25+12.6+15%',
    '(18.4+7.25+12.6+15%)*10%',
    '18.4+7.25+12.6+15%-10%',
  ]);
});

test('the running total is kept, added to, taken from, recalled and cleared, and nothing else is', () => {
  const made = press('running', '12.5 addToTotal 3 addToTotal 0.5 takeFromTotal 7 = keep d4 recallTotal * 2 =');
  expect([made.memory.total, made.memory.slots, said(made)]).toEqual(['15', { 4: '7' }, '30']);
  const cleared = press('running', '12.5 addToTotal 7 = keep d4 keep A clearTotal');
  expect(cleared.memory).toEqual({ slots: { 4: '7' }, letters: { A: '7' }, total: null });
});

// keys, the value at the top or the problem, and all levels
test.each([
  ['12 push 3 /', '4', '4'],
  ['12 push 3 swap /', '1/4', '1/4'],
  ['2 push 10 power', '1024', '1024'],
  ['5 push 2 nCr', '10', '10'],
  ['8 push 2 logBase', '3', '3'],
  ['4 push 81 root', '3', '3'],
  ['x 3 power x 2 derivative', '12', '12'],
  ['x square x 0 3 integral', 'argument-count', 'x^2 x 3'],
  ['x square x 0 push 3 integral', '9', '9'],
  ['3 push 4 min 7 max', '7', '7'],
  ['240 push 15 % +', '276', '276'],
  ['30 sin', '1/2', '1/2'],
  ['+', 'argument-count', ''],
  ['5 +', 'argument-count', '5'],
  ['1 push 0 /', 'divide-by-zero', '1 0'],
  ['5 push operands', '5', '5'],
  ['12 push 3 + operands', '3', '15 12 3'],
  ['1 push 2 push 3 rotateDown', '2', '3 1 2'],
  ['1 push 2 push 3 rotateUp', '1', '2 3 1'],
  ['1 push 2 push 3 pick d3', '1', '1 2 3 1'],
  ['1 push 2 pick d5', 'argument-count', '1 2'],
  ['5 clearEntry', undefined, ''],
  ['5 push 6 clearEntry', '5', '5'],
  ['5 push 6 clearStack', undefined, ''],
  ['5 push drop', undefined, ''],
  ['drop', 'argument-count', ''],
  ['5 push push', '5', '5 5'],
  ['5 copy *', '25', '25'],
  ['1 push 2 + undo undo', '1', '1'],
  ['1 push 2 + undo redo', '3', '3'],
  ['2 sqrt 3 *', '3√2', '3√2'],
  ['A', 'undefined-name', ''],
  ['7 keep A clearStack A 2 *', '14', '14'],
  ['5 push 5 equal', 'true', 'true'],
  ['1 push 2 less 7 push 8 cases', '7', '7'],
] as const)('Stack: %s comes to %s', (short, top, all) => {
  const made = press('stack', short);
  expect([said(made), levels(made)]).toEqual([top, all]);
});

// Four levels whose last repeats when the stack falls (common practice on four-level machines, no source).
test.each([
  ['1 push 2 push 3 push 4 push 5', '2 3 4 5'],
  ['1 push 2 push 3 push 4 +', '1 1 2 7'],
  ['1 push 2 push 3 push 4 + + +', '1 1 1 10'],
  ['1 push 2 push 3 push 4 drop', '1 1 2 3'],
  ['1 push 2 +', '3'],
  ['5 push *', '25'],
  ['5 push 3 *', '15'],
  ['5 push', '5 5'],
  ['5 push sqrt', '5 √5'],
  ['5 push pi', '5 π'],
  ['1 push 2 push 3 push 4 push', '2 3 4 4'],
  ['1 push 2 push 3 push 4 copy', '2 3 4 4'],
  ['1 push 2 push 3 push 4 rotateDown', '4 1 2 3'],
  ['1 push 2 push 3 push 4 rotateUp', '2 3 4 1'],
  ['1 push 2 push 3 push 4 swap', '1 2 4 3'],
  ['1 push 2 push 3 push 4 + operands', '2 7 3 4'],
] as const)('Stack of four: %s leaves %s', (short, all) =>
  expect(levels(press('stack', short, { depth: 'four' }))).toBe(all),
);

// Every operation of the stack at depths 0 to 6: what it leaves, or how many operands are missing.
const numbers = (depth: number): string => Array.from({ length: depth }, (_, i) => i + 1).join(' push ');
const atDepths: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
  copy: [
    ['1!', '1!'],
    ['1 1', '1 1'],
    ['1 2 2', '1 2 2'],
    ['1 2 3 3', '1 2 3 3'],
    ['1 2 3 4 4', '2 3 4 4'],
    ['1 2 3 4 5 5', '3 4 5 5'],
    ['1 2 3 4 5 6 6', '4 5 6 6'],
  ],
  drop: [
    ['1!', '1!'],
    ['', ''],
    ['1', '1'],
    ['1 2', '1 2'],
    ['1 2 3', '1 1 2 3'],
    ['1 2 3 4', '2 2 3 4'],
    ['1 2 3 4 5', '3 3 4 5'],
  ],
  swap: [
    ['2!', '2!'],
    ['1!', '1!'],
    ['2 1', '2 1'],
    ['1 3 2', '1 3 2'],
    ['1 2 4 3', '1 2 4 3'],
    ['1 2 3 5 4', '2 3 5 4'],
    ['1 2 3 4 6 5', '3 4 6 5'],
  ],
  rotateDown: [
    ['2!', '2!'],
    ['1!', '1!'],
    ['2 1', '2 1'],
    ['3 1 2', '3 1 2'],
    ['4 1 2 3', '4 1 2 3'],
    ['5 1 2 3 4', '5 2 3 4'],
    ['6 1 2 3 4 5', '6 3 4 5'],
  ],
  rotateUp: [
    ['2!', '2!'],
    ['1!', '1!'],
    ['2 1', '2 1'],
    ['2 3 1', '2 3 1'],
    ['2 3 4 1', '2 3 4 1'],
    ['2 3 4 5 1', '3 4 5 2'],
    ['2 3 4 5 6 1', '4 5 6 3'],
  ],
  plus: [
    ['2!', '2!'],
    ['1!', '1!'],
    ['3', '3'],
    ['1 5', '1 5'],
    ['1 2 7', '1 1 2 7'],
    ['1 2 3 9', '2 2 3 9'],
    ['1 2 3 4 11', '3 3 4 11'],
  ],
  clearStack: [
    ['', ''],
    ['', ''],
    ['', ''],
    ['', ''],
    ['', ''],
    ['', ''],
    ['', ''],
  ],
};
test.each(
  Object.entries(atDepths).flatMap(([key, rows]) =>
    rows.flatMap(([unlimited, four], depth) => [
      [key, depth, 'unlimited', unlimited] as const,
      [key, depth, 'four', four] as const,
    ]),
  ),
)('%s at depth %i, %s, leaves %s', (key, height, depth, expected) => {
  const made = press('stack', `${numbers(height)} ${key}`.trim(), { depth });
  const missing = /(\d) (?:is|are) missing/.exec(made.problem?.message ?? '')?.[1];
  if (expected.endsWith('!')) {
    expect(`${missing}!`).toBe(expected);
    expect(levels(made)).toBe(
      Array.from({ length: height }, (_, i) => i + 1)
        .slice(depth === 'four' ? -4 : 0)
        .join(' '),
    );
  } else expect(levels(made)).toBe(expected);
});

test('each level tells how it was made, with the fewest brackets', () => {
  const { stack } = press('stack', '2 push 3 + 4 * 5 push 6 - square sqrt 7 ~ abs');
  expect(stack.map((level) => level.made)).toEqual(['(2+3)*4', 'sqrt((5-6)^2)', 'abs(-7)']);
});

test('a level is sent to the line, and a letter that changes leaves how it was made true', () => {
  const sent = press('stack', '5 keep A clearStack A 2 * 9 keep A drop toLine + 1 =');
  expect([said(sent), sent.tape.at(-1)]).toEqual(['11', { line: '5×2+1', result: '11' }]);
});

// The Shelf, in each style.
test.each([
  ['written', '6 = keep d3 4 addTo d3 clear recall d3', { 3: '10' }, '10'],
  ['written', '6 = keep d3 4 = takeFrom d3 3 = keep d3', { 3: '3' }, '3'],
  ['written', '6 = keep d3 keep d4 clearKept d3', { 4: '6' }, '6'],
  ['written', '6 = keep d3 keep A clearSlots', {}, '6'],
  ['written', '6 = keep d3 2 = multiplyBy d3 5 = divideBy d3 undo', { 3: '12' }, '5'],
  ['running', '6 keep d3 4 addTo d3 recall d3', { 3: '10' }, '10'],
  ['stack', '6 keep d3 4 addTo d3 drop recall d3', { 3: '10' }, '10'],
  ['written', 'recall d7', {}, 'undefined-name'],
  ['written', '6 clearKept d7', {}, '6'],
  ['running', '5 addTo d7', {}, 'undefined-name'],
  // Keep ends the number: 45 and 12 × 15, in each style.
  ['written', '45 keep d0 12 * 15 keep d1', { 0: '45', 1: '180' }, '180'],
  ['running', '45 keep d0 12 * 15 = keep d1', { 0: '45', 1: '180' }, '180'],
  ['stack', '45 keep d0 12 push 15 * keep d1', { 0: '45', 1: '180' }, '180'],
  ['written', 'sqrt 2 = keep d1 recallValue d1 square', { 1: '√2' }, '2'],
] as const)('Shelf, %s: %s', (style, short, slots, top) => {
  const made = press(style, short);
  expect([made.memory.slots, said(made)]).toEqual([slots, top]);
});

test('letters by name in a line: 2A and AB', () => {
  const made = press('written', '7 = keep A 3 = keep B 2 A + A B =');
  expect([said(made), made.tape.at(-1)?.line]).toEqual(['35', '2A+AB']);
});

test.each([
  [{ keys: ['d1', 'nothing'] }, 'undefined-name'],
  [{ keys: [], settings: { colour: 'red' } }, 'syntax'],
  [{ keys: 'd1' }, 'syntax'],
])('%j is told to be wrong', (request, code) => {
  const made = answerBatchLine(JSON.stringify({ id: 1, do: 'keys', ...request })) as Answer;
  expect(made.problem?.code).toBe(code);
});

test.each([
  ['stack', '1 push normalBelow', 'normalBelow(1)'],
  ['stack', '115 push 100 push 15 push normalBelow', 'normalBelow(115,100,15)'],
  ['stack', '3 push 10 push 0.5 push binomialAt', 'binomialAt(3,10,0.5)'],
  ['running', '1 normalBelow', 'normalBelow(1)'],
  ['running', '2 tAbove 9 =', 'tAbove(2,9)'],
])('in %s the keys %s ask for %s', (style, short, line) => {
  expect(press(style, short)).toMatchObject({ line, problem: null });
});
