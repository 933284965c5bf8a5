import { toldByTool } from '@/places/testing/tool-examples';
import type { Example } from '@/places/testing/tool-examples';

/* What the tools of equations, matrices, vectors and chance tell, against what is printed elsewhere. */

jest.mock('@/state/tasks', () =>
  jest.requireActual<typeof import('@/places/testing/in-process')>('@/places/testing/in-process'),
);
jest.mock('expo-router', () => ({
  useRouter: () => ({ navigate: () => undefined }),
  useLocalSearchParams: () => ({}),
}));

const linear = (rows: string[][], ...told: string[]): Example => [{ kind: 'linear', rows }, told];
const typed = (lines: string[], ...told: string[]): Example => [
  { kind: 'linear', entry: 'typed', equations: lines.map((line) => [line]) },
  told,
];
const polynomial = (coefficients: string, ...told: string[]): Example => [
  { kind: 'polynomial', coefficients: [coefficients.split(' ')] },
  told,
];
const one = (equation: string, from: string, to: string, ...told: string[]): Example => [
  { kind: 'one', equation, from, to },
  told,
];
const pair = (first: string, second: string, ...told: string[]): Example => [{ kind: 'pair', first, second }, told];

const equations: readonly Example[] = [
  linear(
    [
      ['2', '1', '-1', '8'],
      ['-3', '-1', '2', '-11'],
      ['-2', '1', '2', '-3'],
    ],
    'One solution',
    'x = 2',
    'y = 3',
    'z = −1',
  ),
  linear(
    [
      ['1', '1', '2'],
      ['2', '2', '4'],
    ],
    'Infinitely many solutions: t can be any number.',
    'x = 2 − t',
  ),
  linear(
    [
      ['1', '1', '2'],
      ['2', '2', '5'],
    ],
    'No solution: the rows contradict each other.',
    '−2 · row 1 + row 2 says 0 = 1.',
  ),
  // The matrix of 1/(i + j - 1) by the numbers 1: D. Hilbert, 1894; the inverse of three rows is whole.
  linear(
    [
      ['1', '1/2', '1/3', '1'],
      ['1/2', '1/3', '1/4', '1'],
      ['1/3', '1/4', '1/5', '1'],
    ],
    'x = 3',
    'y = −24',
    'z = 30',
  ),
  typed(['2x+3y=8', 'x-y=-1'], 'x = 1', 'y = 2'),
  typed(['x*y=2', 'x-y=1'], 'This is not linear: an unknown may only be multiplied by numbers.'),
  polynomial('1 -6 11 -6', 'root 1 = 1', 'root 2 = 2', 'root 3 = 3', 'Discriminant = 4'),
  polynomial('1 0 1', 'No real root.', '2 complex roots.', 'Discriminant = −4'),
  polynomial('1 -4 4', 'Discriminant = 0'),
  // R. Bombelli, L’Algebra, 1572: x³ = 15x + 4.
  polynomial('1 0 -15 -4', 'root 3 = 4', 'root 1 = −2 − √3'),
  // The golden ratio.
  polynomial('1 -1 -1', 'root 2 = (1 + √5)/2'),
  polynomial('0 0 5', 'This is a constant: there is no unknown in it.'),
  // ln 2.
  one('e^x=2', '-10', '10', '0.693 147 180 6'),
  // The Online Encyclopedia of Integer Sequences, A030178 and A030797.
  one('x*e^x=1', '-10', '10', '0.567 143 290 4'),
  one('x^x=2', '1', '10', '1.559 610 469'),
  one('x^2<2', '-10', '10', '−√2 < x'),
  one('2+3=5', '0', '1', 'There is no unknown letter in it.'),
  one('x=', '0', '1', 'is missing'),
  pair('x^2+y^2=25', 'y=x+1', 'x = 3', 'y = 4', 'x = −4', 'y = −3', 'These are all in the box, proved.'),
  pair('x^2+y^2=1', 'x+y=5', 'No pair in this box.'),
];

const matrix = (shown: string, A: string[][], B: string[][] | null, ...told: string[]): Example => [
  { open: 'A', beside: 'B', shown, A, ...(B === null ? {} : { B }) },
  told,
];

const matrices: readonly Example[] = [
  matrix(
    'det inverse rank trace',
    [
      ['1', '2'],
      ['3', '4'],
    ],
    null,
    'determinant of A = −2',
    'inverse of A = [[−2, 1], [3/2, −1/2]]',
    'rank of A = 2',
    'trace of A = 5',
  ),
  // D. Hilbert, 1894; determinants of these matrices: The Online Encyclopedia of Integer Sequences, A005249.
  matrix(
    'det inverse',
    [
      ['1', '1/2', '1/3'],
      ['1/2', '1/3', '1/4'],
      ['1/3', '1/4', '1/5'],
    ],
    null,
    'determinant of A = 1/2160',
    'inverse of A = [[9, −36, 30], [−36, 192, −180], [30, −180, 180]]',
  ),
  // The square of A. Dürer’s engraving of 1514.
  matrix(
    'det rank',
    [
      ['16', '3', '2', '13'],
      ['5', '10', '11', '8'],
      ['9', '6', '7', '12'],
      ['4', '15', '14', '1'],
    ],
    null,
    'determinant of A = 0',
    'rank of A = 3',
  ),
  matrix(
    'eigenvalues eigenvectors charpoly transpose square',
    [
      ['2', '1'],
      ['1', '2'],
    ],
    null,
    'eigenvalues of A = [1, 3]',
    'eigenvectors of A = [[−1, 1], [1, 1]]',
    'characteristic polynomial of A = [1, −4, 3]',
    'square of A = [[5, 4], [4, 5]]',
  ),
  // The determinant of Vandermonde is the product of the differences.
  matrix(
    'det',
    [
      ['1', '1', '1'],
      ['2', '3', '5'],
      ['4', '9', '25'],
    ],
    null,
    'determinant of A = 6',
  ),
  matrix(
    'kernel rref inverse',
    [
      ['1', '2'],
      ['2', '4'],
    ],
    null,
    'reduced rows of A = [[1, 2], [0, 0]]',
    'kernel of A = [−2, 1]',
    'has no inverse',
  ),
  matrix(
    'product sum solve',
    [
      ['1', '2'],
      ['3', '4'],
    ],
    [['5'], ['6']],
    'A times B = [17, 39]',
    'solution of A times X is B = [−4, 9/2]',
    'The sizes do not fit: 2 × 2 and a vector of 2; only matrices of one size are added.',
  ),
];

const space = (u: string[], v: string[], ...told: string[]): Example => [
  { space: '3', cells: [u, v, ['', '', '']] },
  told,
];

const vectors: readonly Example[] = [
  space(
    ['1', '2', '3'],
    ['4', '5', '6'],
    'length of u = √14',
    'dot product of u and v = 32',
    'cross product of u and v = [−3, 6, −3]',
    'area of the parallelogram of u and v = 3√6',
  ),
  space(['2', '3', '6'], ['', '', ''], 'length of u = 7', 'unit vector of u = [2/7, 3/7, 6/7]'),
  space(['1', '0', '0'], ['0', '1', '0'], 'angle between u and v = 90', 'cross product of u and v = [0, 0, 1]'),
  space(['0', '0', '0'], ['1', '1', '1'], 'length of u = 0'),
  [
    {
      space: '2',
      as: 'polar',
      polar: [
        ['120', '0'],
        ['90', '60'],
        ['', ''],
      ],
    },
    ['components of v = [45, 45√3]', 'sum of u and v = [165, 45√3]', 'dot product of u and v = 5400'],
  ],
  [
    {
      space: '2',
      cells: [
        ['3', '4', ''],
        ['', '', ''],
        ['', '', ''],
      ],
    },
    ['length of u = 5', 'direction of u from the x axis ≈ 53.130 102 35'],
  ],
];

const area = (
  id: string,
  numbers: Record<string, string>,
  part: Record<string, string>,
  ...told: string[]
): Example => [
  {
    screen: 'distribution',
    distribution: id,
    from: '',
    to: '',
    share: '',
    ...Object.fromEntries(Object.entries(numbers).map(([name, text]) => [`${id}.${name}`, text])),
    ...part,
  },
  told,
];
const tested = (test: string, more: Record<string, string | string[][]>, ...told: string[]): Example => [
  { screen: 'test', test, ...more },
  told,
];

/** "Student", Biometrika 6 (1908): hours of sleep gained by ten patients with two drugs, from Cushny and Peebles. */
const sleep = [
  ['0.7', '1.9'],
  ['-1.6', '0.8'],
  ['-0.2', '1.1'],
  ['-1.2', '0.1'],
  ['-0.1', '-0.1'],
  ['3.4', '4.4'],
  ['3.7', '5.5'],
  ['0.8', '1.6'],
  ['0.0', '4.6'],
  ['2.0', '3.4'],
];

/** G. Mendel, 1866: seeds round and yellow, round and green, wrinkled and yellow, wrinkled and green. */
const seeds = (...expected: string[]): string[][] => ['315', '108', '101', '32'].map((n, i) => [n, expected[i] ?? '']);

/** Tables: Abramowitz and Stegun, 26.1 to 26.10 (1964), from memory; more digits by SciPy. */
const chance: readonly Example[] = [
  area('normal', { mean: '0', sd: '1' }, { from: '-1.96', to: '1.96' }, 'P(−1.96 < X < 1.96) ≈ 0.950 004 209 7'),
  area('normal', { mean: '0', sd: '1' }, { share: '0.975' }, 'x with 0.975 below ≈ 1.959 963 985'),
  area('t', { df: '10' }, { share: '0.975' }, 'x with 0.975 below ≈ 2.228 138 852'),
  area('chiSquared', { df: '5' }, { share: '0.95' }, 'x with 0.95 below ≈ 11.070 497 69'),
  area('F', { df1: '5', df2: '10' }, { share: '0.95' }, 'x with 0.95 below ≈ 3.325 834 53'),
  area('binomial', { n: '10', p: '0.5' }, { from: '5' }, 'P(X = 5) = 0.246 093 75', 'P(X ≤ 5) = 0.623 046 875'),
  area('poisson', { mean: '3' }, { from: '2' }, 'P(X = 2) ≈ 0.224 041 807 7'),
  area('exponential', { rate: '0.5' }, { from: '2' }, 'P(X < 2) ≈ 0.632 120 558 8'),
  area('normal', { mean: '0', sd: '-1' }, { from: '0' }, 'above 0'),
  // R’s own manual prints these for the same data: t = -4.0621, p = 0.002833; Welch: t = -1.8608, df = 17.776, p = 0.07939.
  tested('means-paired', { values: sleep }, 't (9) ≈ −4.062 127 683', 'p ≈ 0.002 832 890 197', 'Estimate = −1.58'),
  tested('means-welch', { values: sleep }, 't (17.776 473 52) ≈ −1.860 813 467', 'p ≈ 0.079 394 140 19'),
  tested('mean-t', { values: sleep.map(([x = '']) => [x]), mean0: '0' }, 't (9) ≈ 1.325 710 141'),
  // R. A. Fisher, 1936, and R: chi-squared = 0.47, df = 3, p = 0.9254. Shares and counts come to the same.
  tested(
    'fit',
    { counts: seeds('312.75', '104.25', '104.25', '34.75') },
    'χ² (3) ≈ 0.470 023 980 8',
    'They give no cause',
  ),
  tested(
    'fit',
    { counts: seeds('9', '3', '3', '1') },
    'χ² (3) ≈ 0.470 023 980 8',
    'What is expected comes to 16, and what was observed to 556: the second column was taken for shares.',
  ),
  tested('fit', { counts: seeds() }, 'χ² (3) ≈ 322.517 985 6'),
  // Worked by hand: sums of squares 84 between and 68 within.
  tested(
    'anova',
    {
      values: [
        ['6', '8', '13'],
        ['8', '12', '9'],
        ['4', '9', '11'],
        ['5', '11', '8'],
        ['3', '6', '7'],
        ['4', '8', '12'],
      ],
    },
    'F (2; 15) ≈ 9.264 705 882',
    'p ≈ 0.002 398 777 329',
  ),
  tested('share', { count: '60', n: '100', share0: '0.5' }, 'z = 2', 'p ≈ 0.045 500 263 9', 'Estimate = 0.6'),
  tested('mean-t', { values: [['1']], mean0: '0' }, 'needs'),
];

const compared = (line: string, answer: string, ...told: string[]): Example => [{ line, answer }, told];

const compare: readonly Example[] = [
  compared('-3^2', '9', 'The line comes to = −9', 'The sign and the power: −a² is −(a²), not (−a)².'),
  compared('5+3*2', '16', 'Worked in another order: powers come before × and ÷, these before + and −.'),
  compared('1/3', '0.33', 'That is the value, rounded to 2 decimal places.'),
  compared('2/3', '0.66', 'cut off, not rounded, to 2 decimal places.'),
  compared('2+3', '5', 'That is the same value.'),
  compared('2+3', '4711', 'No slip that is looked for leads from the line to this answer.'),
  compared('2+', '4', 'A number is missing at the end.'),
  compared('', '', 'Write the line, and the answer that it is to be compared with.'),
];

test.each([
  ['equations', equations],
  ['matrices', matrices],
  ['vectors', vectors],
  ['chance', chance],
  ['compare', compare],
])('%s tell what is known from elsewhere', async (id, examples) => {
  expect(await toldByTool(id, examples)).toEqual(examples);
});
