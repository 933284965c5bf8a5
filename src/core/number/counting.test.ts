import fc from 'fast-check';
import { all, create } from 'mathjs';
import { arrangements, combinations, factorial } from './counting';
import { fromRational, fromWhole } from './value';
import * as q from './rational';
import { roundToFigures } from './digits';

const SEED = 20261128;
const shouldContinue = () => true;
const math = create(all!, { number: 'BigNumber', precision: 64 });

const shown = (made: ReturnType<typeof factorial>): string => {
  if (!made.ok) return made.problem.code;
  const { value } = made;
  if (value.kind === 'rational' && value.value.d === 1n) return `${value.value.n}`;
  const rounded = roundToFigures(value, 12, shouldContinue);
  return typeof rounded === 'string' ? rounded : `${Number(rounded.unscaled) / 10 ** rounded.places}`;
};

test('Pascal: each number is the sum of the two above it, to the sixtieth row', () => {
  let row: readonly bigint[] = [1n];
  for (let n = 0; n <= 60; n += 1) {
    expect(row.map((_, r) => shown(combinations(fromWhole(n), fromWhole(r), shouldContinue)))).toEqual(row.map(String));
    row = [1n, ...row.slice(1).map((of, i) => of + row[i]!), 1n];
  }
});

test(`arrangements are combinations times the orders of each (seed ${SEED})`, () =>
  fc.assert(
    fc.property(fc.nat(300), fc.nat(300), (n, r) => {
      const [nPr, nCr] = [arrangements, combinations].map((of) =>
        shown(of(fromWhole(n), fromWhole(r), shouldContinue)),
      );
      if (r > n) return expect([nPr, nCr]).toEqual(['0', '0']);
      const orders = BigInt(shown(factorial(fromWhole(r), shouldContinue)));
      expect(BigInt(nPr!)).toBe(BigInt(nCr!) * orders);
      expect(nCr).toBe(shown(combinations(fromWhole(n), fromWhole(n - r), shouldContinue)));
    }),
    { seed: SEED, numRuns: 200 },
  ));

// mathjs 15 (BigNumber at 64 digits) for whole numbers.
test.each([0, 1, 5, 12, 20, 25, 40])('%i! is that of the library', (n) =>
  expect(shown(factorial(fromWhole(n), shouldContinue))).toBe(
    math.format(math.factorial(math.bignumber(n)), { notation: 'fixed' }),
  ),
);

// DLMF 5.4: Γ(1/2) = √π, Γ(3/2) = √π/2; the others by Γ(x + 1) = xΓ(x).
test.each([
  [-1n, 2n, Math.sqrt(Math.PI)],
  [1n, 2n, Math.sqrt(Math.PI) / 2],
  [3n, 2n, (3 * Math.sqrt(Math.PI)) / 4],
  [-3n, 2n, -2 * Math.sqrt(Math.PI)],
] as const)('(%s/%s)! is Γ of one more', (n, d, expected) =>
  expect(Number(shown(factorial(fromRational(q.rational(n, d)), shouldContinue)))).toBeCloseTo(expected, 10),
);

const half = fromRational(q.rational(1n, 2n));
test.each([
  ['(−1)!', factorial(fromWhole(-1), shouldContinue), 'domain'],
  ['10^7!', factorial(fromWhole(10_000_000), shouldContinue), 'too-large'],
  ['½ over 2', combinations(half, fromWhole(2), shouldContinue), 'domain'],
  ['5 over −1', combinations(fromWhole(5), fromWhole(-1), shouldContinue), 'domain'],
  ['−5 arranged by 2', arrangements(fromWhole(-5), fromWhole(2), shouldContinue), 'domain'],
  ['10^9 over half of it', combinations(fromWhole(10 ** 9), fromWhole(5 * 10 ** 8), shouldContinue), 'too-large'],
  ['100 000 over 50 000, stopped', combinations(fromWhole(100_000), fromWhole(50_000), () => false), 'stopped'],
] as const)('%s is a problem: %#', (_name, made, code) => expect(shown(made)).toBe(code));
