import fc from 'fast-check';
import { exactTree } from '../format/exact-tree';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import { printText, TYPED } from '../language/print-text';
import * as q from '../number/rational';
import { toDouble } from '../number/to-double';
import { isExact, isReal } from '../number/value';
import { contextOf } from './context';
import { evaluate } from './evaluate';

const shouldContinue = () => true;

function valueOf(text: string) {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(text);
  return evaluate(reading.value.tree, contextOf({ shouldContinue }));
}

/** As it is typed where it is exact, else a double; the code of its problem where it has no value. */
function worth(text: string): string | number {
  const value = valueOf(text);
  if (!value.ok) return value.problem.code;
  if (isExact(value.value)) return printText(exactTree(value.value), TYPED);
  if (value.value.kind === 'matrix' || !isReal(value.value)) throw new Error(text);
  return toDouble(value.value, shouldContinue);
}

// Closed forms: R. Graham, D. Knuth, O. Patashnik, Concrete Mathematics, 2.3 and 6.3, from memory.
test.each([
  ['sum(k,k,1,100)', '5050'],
  ['sum(k^2,k,1,100)', '338350'],
  ['sum(k^3,k,1,100)', '25502500'],
  // J. Bernoulli, Ars Conjectandi, 1713, who says that it took him half of a quarter of an hour.
  ['sum(k^10,k,1,1000)', '91409924241424243424241924242500'],
  ['sum(2k-1,k,1,1000000)', '1000000000000'],
  ['sum(2^k,k,0,100)', '2535301200456458802993406410751'],
  ['sum((1/2)^k,k,1,20)', '1048575/1048576'],
  ['sum(1/k,k,1,10)', '7381/2520'],
  ['sum(1/(k*(k+1)),k,1,1000)', '1000/1001'],
  ['sum(k*k!,k,1,10)', '39916799'],
  ['sum((-1)^k*k,k,1,101)', '-51'],
  ['sum(nCr(10,k),k,0,10)', '1024'],
  ['sum((-1)^k*nCr(9,k),k,0,9)', '0'],
  ['sum(7,k,3,12)', '70'],
  ['sum(sum(j,j,1,k),k,1,10)', '220'],
  ['sum(sqrt(2)*k,k,1,4)', '10sqrt(2)'],
  ['prod(k,k,1,10)', '3628800'],
  ['prod(1-1/k^2,k,2,100)', '101/200'],
  ['prod(2,k,1,64)', '18446744073709551616'],
  ['sum(k,k,5,5)', '5'],
  ['sum(k,k,-3,3)', '0'],
])('%s is %s', (text, expected) => expect(worth(text)).toBe(expected));

// mpmath 1.3, to the last digit of a double: harmonic numbers, partial sums of ζ(2), of ln 2 and of sines.
test.each([
  ['sum(1/k,k,1,1000000)', 14.392726722865724],
  // 1 − 1/1000001.
  ['sum(1/(k*(k+1)),k,1,1000000)', 0.999999000001],
  ['sum(1/k^2,k,1,100000)', 1.6449240668982263],
  ['sum((-1)^(k+1)/k,k,1,5000)', 0.69304719055994511],
  ['sum(sin(k),k,1,1000)', 0.8139696340731662],
  ['sum(sqrt(k),k,1,1000)', 21097.455887480734],
  ['prod(1+1/k^2,k,1,1000)', 3.672405506092408],
])('%s is %d', (text, expected) => {
  const found = worth(text);
  expect(typeof found === 'number' ? Math.abs(found - expected) / expected : found).toBeLessThan(2e-15);
});

test.each([
  ['sum(1/k,k,0,3)', 'divide-by-zero'],
  ['sum(1/k,k,-2,2)', 'divide-by-zero'],
  ['sum(1/(k-70000),k,1,100000)', 'divide-by-zero'],
  ['sum(sqrt(k),k,-1,1)', 'domain'],
])('%s has no value: %s', (text, code) => expect(worth(text)).toBe(code));

const SEED = 20261134;
const small = fc.integer({ min: -4, max: 4 });
const bounds = fc.tuple(fc.integer({ min: -9, max: 9 }), fc.integer({ min: 0, max: 90 }));

type Term = Readonly<{ text: string; at: (k: bigint) => q.Rational }>;
/** a·k² + b·k + c. */
const polynomial: fc.Arbitrary<Term> = fc.tuple(small, small, small).map(([a, b, c]) => ({
  text: `(${a}*k^2+(${b})*k+(${c}))`,
  at: (k) => q.whole(BigInt(a) * k * k + BigInt(b) * k + BigInt(c)),
}));
/** The same over k² + d, which is never zero. */
const fraction: fc.Arbitrary<Term> = fc.tuple(polynomial, fc.integer({ min: 1, max: 5 })).map(([p, d]) => ({
  text: `${p.text}/(k^2+${d})`,
  at: (k) => q.divide(p.at(k), q.whole(k * k + BigInt(d))),
}));
/** The same times a power with k as its exponent. */
const geometric: fc.Arbitrary<Term> = fc.tuple(polynomial, fc.constantFrom(2n, 3n, -2n)).map(([p, base]) => ({
  text: `${p.text}*(${base})^k`,
  at: (k) => q.multiply(p.at(k), q.powerWhole(q.whole(base), Number(k))),
}));
const term = fc.oneof(polynomial, fraction, geometric);

test(`sums and products come to what is added up one by one (seed ${SEED})`, () =>
  fc.assert(
    fc.property(term, bounds, ({ text, at }, [from, count]) => {
      const ks = Array.from({ length: count + 1 }, (_, i) => BigInt(from + i));
      const told = (v: q.Rational): string => (v.d === 1n ? `${v.n}` : `${v.n}/${v.d}`);
      const sum = ks.map(at).reduce(q.add);
      expect(worth(`sum(${text},k,${from},${from + count})`)).toBe(told(sum));
      const few = ks.slice(0, 6);
      const product = few.map(at).reduce(q.multiply);
      expect(worth(`prod(${text},k,${from},${from + few.length - 1})`)).toBe(told(product));
    }),
    { seed: SEED, numRuns: 60 },
  ));

test(`a sum is the sum of its two halves (seed ${SEED})`, () =>
  fc.assert(
    fc.property(term, bounds, fc.nat(80), ({ text }, [from, count], at) => {
      const [middle, to] = [from + Math.min(at, count), from + count + 1];
      const part = (a: number, b: number): string => `sum(${text},k,${a},${b})`;
      expect(worth(`${part(from, middle)}+${part(middle + 1, to)}-${part(from, to)}`)).toBe('0');
    }),
    { seed: SEED, numRuns: 60 },
  ));
