import fc from 'fast-check';
import { contextOf } from '../evaluate/context';
import { compileDoubles } from '../evaluate/doubles';
import { evaluate } from '../evaluate/evaluate';
import { batchText } from '../format/layout';
import { functionNames } from '../function';
import { distributionShapes } from '../function/chance/distributions';
import type { DistributionId } from '../function/chance/distributions';
import { parse } from '../language/parse';
import { add, subtract } from '../number/arithmetic';
import { toBall } from '../number/approximate';
import * as ball from '../number/ball';
import { roundToFigures } from '../number/digits';
import { isBall } from '../number/real-ops';
import * as q from '../number/rational';
import { compareReals } from '../number/sign';
import { toDouble } from '../number/to-double';
import { asRational, fromRational, fromWhole, isReal } from '../number/value';
import type { RealValue } from '../number/value';
import { chanceDouble, chanceValue, momentsOf } from '.';

const SEED = 20261128;
const goesOn = () => true;

function valueOf(typed: string): RealValue {
  const reading = parse(typed, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(`${typed}: ${reading.problem.code}`);
  const value = evaluate(reading.value.tree, contextOf({ shouldContinue: goesOn }));
  if (!value.ok) throw new Error(`${typed}: ${JSON.stringify(value.problem)}`);
  if (!isReal(value.value)) throw new Error(typed);
  return value.value;
}

const rounded = (v: RealValue, figures: number): string => {
  const result = roundToFigures(v, figures, goesOn);
  return typeof result === 'string' ? result : batchText(result);
};

// NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.1 to 1.3.6.7.4 (critical values, from memory).
test.each([
  ['normalBelow(1.96)', '0.9750'],
  ['normalBelow(0.67)', '0.7486'],
  ['normalBetween(-1,1)', '0.6827'],
  ['tInverse(0.975,10)', '2.228'],
  ['tInverse(0.95,1)', '6.314'],
  ['tInverse(0.995,30)', '2.750'],
  ['chiSquaredInverse(0.95,10)', '18.307'],
  ['chiSquaredInverse(0.05,10)', '3.940'],
  ['chiSquaredInverse(0.99,100)', '135.807'],
  ['FInverse(0.95,5,10)', '3.326'],
  ['FInverse(0.95,1,1)', '161.448'],
  ['FInverse(0.99,10,20)', '3.368'],
])('%s is %s', (typed, text) => {
  expect(Number(rounded(valueOf(typed), text.replace(/^0\.|\D/g, '').length))).toBe(Number(text));
});

// In closed form: elementary integrals and finite sums.
test.each([
  ['binomialAt(3,10,1/2)', '15/128'],
  ['binomialBelow(4,5,1/3)', '242/243'],
  ['binomialAbove(4,5,1/3)', '1/243'],
  ['binomialBetween(2,3,4,1/2)', '5/8'],
  ['binomialInverse(0.5,4,0.5)', '2'],
  ['binomialInverse(11/16,4,1/2)', '2'],
  ['geometricAt(3,1/2)', '1/8'],
  ['geometricAbove(3,1/4)', '27/64'],
  ['negativeBinomialAt(2,3,1/2)', '3/16'],
  ['negativeBinomialBelow(1,2,1/2)', '1/2'],
  ['discreteUniformBelow(2,1,6)', '1/3'],
  ['discreteUniformBetween(2,5,1,6)', '2/3'],
  ['uniformBelow(3,2,5)', '1/3'],
  ['uniformInverse(0.25,2,6)', '3'],
  ['uniformDensity(7,2,6)', '0'],
  ['normalInverse(0.5,12,3)', '12'],
  ['poissonAt(2,0)', '0'],
  ['binomialBelow(-1,4,0.5)', '0'],
  ['binomialBelow(2.7,4,0.5)', '11/16'],
])('%s is exactly %s', (typed, text) => {
  const value = asRational(valueOf(typed));
  expect(value && (value.d === 1n ? `${value.n}` : `${value.n}/${value.d}`)).toBe(text);
});

test.each([
  ['normalBelow(1,0,0)', 'sd', 'above-zero'],
  ['binomialAt(1,2.5,0.5)', 'n', 'count'],
  ['binomialAt(1,3,1.5)', 'p', 'share'],
  ['uniformBelow(1,3,2)', 'to', 'above-other'],
  ['hypergeometricAt(1,5,6,2)', 'marked', 'up-to-other'],
  ['normalInverse(1)', 'share', 'share-of-end'],
  ['normalInverse(1.2)', 'share', 'share'],
  ['normalBetween(2,1)', 'to', 'from-other'],
  ['discreteUniformAt(1,3,2)', 'to', 'from-other'],
])('%s says what %s must be', (typed, name, must) => {
  const reading = parse(typed, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  const value = reading.ok ? evaluate(reading.value.tree, contextOf({ shouldContinue: goesOn })) : reading;
  expect(value.ok ? value : value.problem).toMatchObject({ code: 'parameter', name, must });
});

const share = fc.integer({ min: 1, max: 999 }).map((n) => q.rational(BigInt(n), 1000n));
const size = fc.integer({ min: 1, max: 400 }).map((n) => q.rational(BigInt(n), 20n));
const count = fc.integer({ min: 1, max: 40 }).map((n) => q.whole(n));

/** Parameters that each distribution takes. */
const parametersFor: Readonly<Record<DistributionId, fc.Arbitrary<readonly q.Rational[]>>> = {
  binomial: fc.tuple(count, share),
  poisson: fc.tuple(size),
  geometric: fc.tuple(share),
  negativeBinomial: fc.tuple(size, share),
  hypergeometric: fc.tuple(count, count, count).map((n) => {
    const most = n.reduce((a, b) => (q.compare(a, b) > 0 ? a : b));
    return [most, n[1], n[2]];
  }),
  discreteUniform: fc.tuple(count, count).map(([a, b]) => [a, q.add(a, b)]),
  normal: fc.tuple(size, size),
  uniform: fc.tuple(size, size).map(([a, b]) => [a, q.add(a, b)]),
  exponential: fc.tuple(size),
  lognormal: fc.tuple(share, size),
  weibull: fc.tuple(size, size),
  gamma: fc.tuple(size, size),
  beta: fc.tuple(size, size),
  t: fc.tuple(size),
  chiSquared: fc.tuple(size),
  F: fc.tuple(size, size),
};
const chosen = fc
  .constantFrom(...distributionShapes)
  .chain((shape) => parametersFor[shape.id].map((p) => ({ shape, p: p.map(fromRational) })));

function ask(
  shape: (typeof distributionShapes)[number],
  question: Parameters<typeof chanceValue>[1],
  at: RealValue,
  p: readonly RealValue[],
) {
  const value = chanceValue(shape.id, question, [at], p, shape.id, goesOn);
  if (!value.ok) throw new Error(`${shape.id} ${question}: ${JSON.stringify(value.problem)}`);
  return value.value;
}

/** A value as the fraction at the middle of a sharp ball. */
function fractionAt(v: RealValue, bits = 200): RealValue {
  const exact = asRational(v);
  if (exact !== null) return v;
  const b = toBall(v, bits, goesOn);
  if (!isBall(b)) throw new Error(b);
  return fromRational(b.exp >= 0 ? q.whole(b.mid << BigInt(b.exp)) : q.rational(b.mid, 1n << BigInt(-b.exp)));
}

/** Whether two values agree to 2^−bits. */
function agree(a: RealValue, b: RealValue, bits = 80): boolean {
  const off = toBall(subtract(a, b), 2 * bits, goesOn);
  return isBall(off) && ball.upperSize(off) < -bits;
}

test(`the share below the place of a share is that share, and what is above makes it one (seed ${SEED})`, () =>
  fc.assert(
    fc.property(chosen, share, ({ shape, p }, part) => {
      const place = fractionAt(ask(shape, 'inverse', fromRational(part), p));
      const [below, above] = [ask(shape, 'below', place, p), ask(shape, 'above', place, p)];
      expect(agree(add(below, above), fromWhole(1))).toBe(true);
      if (shape.isOfCounts) {
        expect(compareReals(below, fromRational(part), goesOn)).not.toBe(-1);
        const before = ask(shape, 'below', subtract(place, fromWhole(1)), p);
        expect(compareReals(before, fromRational(part), goesOn)).toBe(-1);
      } else expect(agree(below, fromRational(part))).toBe(true);
    }),
    { seed: SEED, numRuns: 10 },
  ));

test(`the probabilities up to a count add up to the share at or below it (seed ${SEED})`, () =>
  fc.assert(
    fc.property(chosen, fc.integer({ min: 0, max: 25 }), ({ shape, p }, most) => {
      fc.pre(shape.isOfCounts);
      let sum: RealValue = fromWhole(0);
      for (let k = 0; k <= most; k += 1) sum = add(sum, ask(shape, 'at', fromWhole(k), p));
      expect(agree(sum, ask(shape, 'below', fromWhole(most), p))).toBe(true);
    }),
    { seed: SEED, numRuns: 10 },
  ));

test(`the doubles that curves are drawn with are near to the exact values (seed ${SEED})`, () =>
  fc.assert(
    fc.property(
      chosen,
      share,
      fc.constantFrom(...(['at', 'below', 'above', 'inverse'] as const)),
      ({ shape, p }, part, question) => {
        const place = fractionAt(ask(shape, 'inverse', fromRational(part), p));
        const at = question === 'inverse' ? fromRational(part) : place;
        const exact = toDouble(ask(shape, question, at, p), goesOn);
        const numbers = p.map((v) => toDouble(v, goesOn));
        const rough = chanceDouble(shape.id, question, [toDouble(at, goesOn)], numbers);
        expect(Math.abs(rough - exact)).toBeLessThanOrEqual(1e-7 * Math.max(1e-6, Math.abs(exact)));
      },
    ),
    { seed: SEED, numRuns: 10 },
  ));

test(`a density is the slope of the share below (seed ${SEED})`, () =>
  fc.assert(
    fc.property(chosen, share, ({ shape, p }, part) => {
      fc.pre(!shape.isOfCounts);
      const x = fractionAt(ask(shape, 'inverse', fromRational(part), p));
      // Beside an end where it grows without bound the slope changes within the step.
      fc.pre(toDouble(x, goesOn) > 1e-4);
      const step = fromRational(q.rational(1n, 10n ** 12n));
      const density = toDouble(ask(shape, 'at', x, p), goesOn);
      const rise = toDouble(subtract(ask(shape, 'below', add(x, step), p), ask(shape, 'below', x, p)), goesOn) * 1e12;
      expect(Math.abs(rise - density)).toBeLessThan(1e-6 * Math.max(1, density));
    }),
    { seed: SEED, numRuns: 10 },
  ));

test(`mean and variance are those that the probabilities make (seed ${SEED})`, () =>
  fc.assert(
    fc.property(chosen, ({ shape, p }) => {
      fc.pre(shape.isOfCounts);
      const moments = momentsOf(shape.id, p, goesOn);
      if (!moments.ok) throw new Error(moments.problem.code);
      const { mean, variance, modes } = moments.value;
      const numbers = p.map((v) => toDouble(v, goesOn));
      const at = (k: number) => chanceDouble(shape.id, 'at', [k], numbers);
      let [first, second, most] = [0, 0, 0];
      for (let k = 0; k < 6000; k += 1) {
        const probability = at(k);
        first += k * probability;
        second += k * k * probability;
        most = Math.max(most, probability);
      }
      // Those that fall so slowly that more than that would be needed are left out.
      fc.pre(toDouble(variance ?? fromWhole(0), goesOn) < 1e4);
      expect(first).toBeCloseTo(toDouble(mean ?? fromWhole(-1), goesOn), 5);
      expect(second - first ** 2).toBeCloseTo(toDouble(variance ?? fromWhole(-1), goesOn), 3);
      for (const mode of modes) expect(at(toDouble(mode, goesOn))).toBeCloseTo(most, 9);
    }),
    { seed: SEED, numRuns: 10 },
  ));

test('a share is differentiated to its density', () => {
  const context = contextOf({ shouldContinue: goesOn });
  const reading = parse('derivative(tBelow(x,5),x,1)-tDensity(1,5)', {
    functions: functionNames,
    decimalSign: '.',
    impliedFirst: false,
  });
  if (!reading.ok) throw new Error(reading.problem.code);
  const value = evaluate(reading.value.tree, context);
  expect(value.ok && asRational(value.value)).toEqual(q.ZERO);
  const f = parse('normalBelow(x)', { functions: functionNames, decimalSign: '.', impliedFirst: false });
  const compiled = f.ok ? compileDoubles(f.value.tree, 'x', context) : null;
  expect(compiled?.(1.96)).toBeCloseTo(0.9750021048517795, 13);
});

test.each([
  ['normalBelow(1.96,▯,▯)', 'normalBelow(1.96, 0, 1)'],
  ['normalBetween(1,2,▯,3)', 'normalBetween(1, 2, 0, 3)'],
])('in %s an empty box stands for what is left out', (typed, meant) => {
  expect(rounded(valueOf(typed), 20)).toBe(rounded(valueOf(meant), 20));
});

test.each([
  ['normalBelow(▯,▯,▯)', 'empty-box'],
  ['binomialAt(1,▯,0.5)', 'empty-box'],
])('in %s a box that nothing stands for is a problem', (typed, reason) => {
  const reading = parse(typed, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  expect(reading.ok ? null : reading.problem).toMatchObject({ code: 'syntax', reason });
});
