import fc from 'fast-check';
import { contextOf } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import { imOf, reOf } from './complex';
import { toDouble } from './to-double';

const shouldContinue = () => true;

/** A line with complex numbers as the doubles of its parts; the code of its problem where it has no value. */
function parts(text: string): readonly [re: number, im: number] | string {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(text);
  const value = evaluate(reading.value.tree, contextOf({ complex: true, shouldContinue }));
  if (!value.ok) return value.problem.code;
  if (value.value.kind === 'matrix') throw new Error(text);
  return [toDouble(reOf(value.value), shouldContinue), toDouble(imOf(value.value), shouldContinue)];
}

const isNear = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-13 * Math.max(Math.abs(a), Math.abs(b));

// Γ(z), which a line calls (z − 1)!: mpmath 1.3 to 15 digits; the first is in Abramowitz and Stegun, table 6.7, too.
test.each([
  ['i!', 0.498015668118356, -0.154949828301811],
  ['(1+i)!', 0.652965496420167, 0.343065839816545],
  ['(-1/2+i)!', 0.300694617260656, -0.424967879433124],
  ['(-3/2+2i)!', -0.0390388491621155, -0.0351678760626869],
  ['(4-3i)!', 0.0160418827416523, 9.43329328975599],
  ['(-1+i)!', -0.154949828301811, -0.498015668118356],
  ['(-3/4+10i)!', 2.11954436191361e-7, 1.4397479617564e-8],
  ['(-4+i/10)!', -0.20572070168547, 1.62895273480329],
])('%s is %d and %d i', (text, re, im) => {
  const [x, y] = parts(text) as readonly [number, number];
  expect(isNear(x, re) && isNear(y, im)).toBe(true);
});

test.each([
  ['(-1)!', 'domain'],
  ['(-3)!', 'domain'],
])('%s is a pole', (text, code) => expect(parts(text)).toBe(code));

const SEED = 20261131;
const part = fc.integer({ min: -40, max: 40 }).map((n) => `${n}/8`);
const off = fc
  .integer({ min: 1, max: 40 })
  .chain((n) => fc.constantFrom(n, -n))
  .map((n) => `${n}/8`);

// Digital Library of Mathematical Functions, 5.5.1, 5.5.3 and 5.5.5, and that the function of a conjugate is conjugate.
test(`the factorial off the real line does as its laws say (seed ${SEED})`, () =>
  fc.assert(
    fc.property(part, off, (x, y) => {
      const z = `(${x}+(${y})i)`;
      const same = (left: string, right: string): void => {
        const [a, b] = [parts(left), parts(right)] as (readonly [number, number])[];
        const size = Math.hypot(...a!);
        const distance = Math.hypot(a![0] - b![0], a![1] - b![1]);
        expect(distance).toBeLessThanOrEqual(1e-12 * size);
      };
      same(`(${z}+1)!`, `(${z}+1)*${z}!`);
      same(`${z}!*(-${z})!`, `pi*${z}/sin(pi*${z})`);
      same(`conj(${z}!)`, `(conj(${z}))!`);
      same(`(2*${z})!*sqrt(pi)`, `2^(2*${z})*${z}!*(${z}-1/2)!`);
    }),
    { seed: SEED, numRuns: 8 },
  ));
