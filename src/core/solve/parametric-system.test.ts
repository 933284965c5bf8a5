import fc from 'fast-check';
import { contextOf, withLetter } from '../evaluate/context';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import type { Tree } from '../language/tree';
import type { Polynomial } from '../number/polynomial';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { asRational, fromRational } from '../number/value';
import { parametricSystem } from './parametric-system';
import { solveSystem, systemOf } from './system';

const SEED = 20261128;
const context = contextOf({ shouldContinue: () => true });
const tree = (text: string): Tree => {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(text);
  return reading.value.tree;
};

/** The value of a polynomial at numbers for its letters. */
const at = (p: Polynomial, letters: Readonly<Record<string, Rational>>): Rational =>
  [...p.values()].reduce<Rational>((sum, { of, coefficient }) => {
    const term = [...of].reduce(
      (product, [name, exponent]) => q.multiply(product, q.powerWhole(letters[name] ?? q.ZERO, Number(exponent.n))),
      coefficient,
    );
    return q.add(sum, term);
  }, q.ZERO);

const small = fc.integer({ min: -3, max: 3 });
/** A number with a part of each parameter: 2 − a + 3b. */
const coefficient = fc.tuple(small, small, small).map(([m, n, k]) => `(${m}+${n}*a+${k}*b)`);
const unknowns = ['x', 'y', 'z'];
const equation = fc
  .tuple(coefficient, coefficient, coefficient, coefficient)
  .map(([c, d, e, right]) => `${c}*x+${d}*y+${e}*z=${right}`);

test(`a solution with parameters is the solution for their values (seed ${SEED})`, () => {
  fc.assert(
    fc.property(fc.tuple(equation, equation, equation), small, small, (equations, m, n) => {
      const trees = equations.map(tree);
      const found = parametricSystem(trees, unknowns, context);
      const letters = { a: q.whole(m), b: q.whole(n) };
      const given = withLetter(withLetter(context, 'a', fromRational(letters.a)), 'b', fromRational(letters.b));
      const system = systemOf(trees, unknowns, given);
      const answer = system.ok ? solveSystem(system.value, () => true) : system;
      if (!answer.ok) throw new Error(answer.problem.code);
      const isOne = found !== null && !q.isZero(at(found.condition, letters));
      expect(answer.value.kind === 'one').toBe(isOne);
      if (!isOne || answer.value.kind !== 'one') return;
      for (const [name, { constant }] of answer.value.solution) {
        const fraction = found.solution.get(name);
        if (fraction === undefined) throw new Error(name);
        expect(q.divide(at(fraction.top, letters), at(fraction.bottom, letters))).toEqual(asRational(constant));
      }
    }),
    { seed: SEED, numRuns: 50 },
  );
});
