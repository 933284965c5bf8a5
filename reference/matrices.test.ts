import { all, create } from 'mathjs';
import type { Fraction } from 'mathjs';
import { answerBatchLine } from '../batch/answer';

type Answer = {
  ok: boolean;
  exact: string | null;
  matrix?: string[][];
  kind?: string;
  solution?: Record<string, string>;
};
const ask = (request: object): Answer => answerBatchLine(JSON.stringify({ id: 1, ...request }), UNHURRIED) as Answer;
const exact = (expr: string): string | null => ask({ do: 'evaluate', expr }).exact;
const UNHURRIED = 60_000;

const typed = (rows: readonly (readonly (string | number)[])[]): string =>
  `[${rows.map((row) => `[${row.join(',')}]`).join(',')}]`;

const hilbert = (n: number): string =>
  typed(Array.from({ length: n }, (_, i) => Array.from({ length: n }, (_unused, j) => `1/${i + j + 1}`)));

/** The determinants of the inverses of Hilbert's matrices (On-Line Encyclopedia of Integer Sequences, A005249). */
test.each([
  [1, '1'],
  [2, '12'],
  [3, '2160'],
  [4, '6048000'],
  [5, '266716800000'],
  [6, '186313420339200000'],
])('1/det of the Hilbert matrix of %i rows is %s', (n, reciprocal) =>
  expect(exact(`1/det(${hilbert(n)})`)).toBe(reciprocal),
);

const choose = (n: number, k: number): bigint => {
  let result = 1n;
  for (let i = 1; i <= k; i += 1) result = (result * BigInt(n - k + i)) / BigInt(i);
  return result;
};

/** The entries of the inverse in closed form (D. E. Knuth, The Art of Computer Programming, vol. 1, 1.2.3, exercise 45, from memory). */
test.each([2, 3, 5, 8, 12])('the inverse of the Hilbert matrix of %i rows has the entries of its closed form', (n) => {
  const entry = (i: number, j: number): string => {
    const size =
      BigInt(i + j - 1) * choose(n + i - 1, n - j) * choose(n + j - 1, n - i) * choose(i + j - 2, i - 1) ** 2n;
    return `${(i + j) % 2 === 0 ? size : -size}`;
  };
  const rows = Array.from({ length: n }, (_, i) => Array.from({ length: n }, (_unused, j) => entry(i + 1, j + 1)));
  expect(exact(`inverse(${hilbert(n)})`)).toBe(typed(rows));
});

/** Whole numbers in a fixed order without a pattern (a linear congruential generator, Numerical Recipes' constants). */
function numbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return (state >>> 16) % 19;
  };
}

/** Against mathjs 15 with fractions, a general-purpose library of the registry. */
test('500 random matrices have the determinants and inverses that another library finds', () => {
  const math = create(all ?? {}, { number: 'Fraction' });
  const next = numbers(20261128);
  const text = (f: Fraction): string => {
    const sign = f.s < 0n ? '-' : '';
    return f.d === 1n ? `${sign}${f.n}` : `${sign}${f.n}/${f.d}`;
  };
  for (let k = 0; k < 500; k += 1) {
    const n = 2 + (k % 3);
    const rows = Array.from({ length: n }, () => Array.from({ length: n }, () => next() - 9));
    const theirs = math.matrix(rows.map((row) => row.map((x) => math.fraction(x))));
    const determinant = math.det(theirs) as unknown as Fraction;
    expect(exact(`det(${typed(rows)})`)).toBe(text(math.fraction(determinant)));
    if (math.fraction(determinant).n === 0n) continue;
    const inverse = math.inv(theirs).toArray() as unknown as Fraction[][];
    expect(exact(`inverse(${typed(rows)})`)).toBe(typed(inverse.map((row) => row.map((f) => text(math.fraction(f))))));
  }
});

/**
 * Systems as school books pose them: one solution, none, a line, a plane (D. C. Lay, Linear Algebra and Its Applications,
 * 1.1 and 1.2, from memory).
 */
test.each([
  [['x-2y+z=0', '2y-8z=8', '5x-5z=10'], 'one', { x: '1', y: '0', z: '-1' }],
  [['y-4z=8', '2x-3y+2z=1', '4x-8y+12z=1'], 'none', {}],
  [['x-5z=1', 'y+z=4'], 'many', { x: '1+5t', y: '4-t', z: 't' }],
  [['1=2'], 'none', {}],
  [['1=1', '0=3-3'], 'one', {}],
  [['x-2y=-1', '-x+2y=1'], 'many', { x: '-1+2t', y: 't' }],
])('%j has %s', (equations, kind, solution) => {
  const answer = ask({ do: 'system', equations });
  expect([answer.kind, answer.solution]).toEqual([kind, solution]);
});

test('a row of many unknowns has a parameter for each but one', () => {
  const answer = ask({ do: 'system', augmented: [['1', ...Array.from({ length: 12 }, () => '0'), '5']] });
  expect([answer.kind, Object.keys(answer.solution ?? {}).length, answer.solution?.['x']]).toEqual(['many', 13, '5']);
});
