import type { ShouldContinue } from '../base/should-continue';
import * as n from '../number/arithmetic';
import type { RealResult } from '../number/arithmetic';
import { combinations } from '../number/counting';
import { bitLength } from '../number/integer';
import { expOf, lnOf } from '../number/logarithm';
import { power, root } from '../number/power';
import * as q from '../number/rational';
import type { RealOp } from '../number/real-op-names';
import { floor } from '../number/rounding';
import { signOf } from '../number/sign';
import { toDouble } from '../number/to-double';
import { asRational, asWhole, fromRational } from '../number/value';
import type { RealValue } from '../number/value';
import type { Algebra } from './algebra';
import { Refusal } from './refusal';

/** A sum of exact fractions is worked term by term while its last one has at most so many bits. */
const MOST_EXACT_BITS = 3000;
/** A product of a power stays exact while it has at most so many bits. */
const MOST_POWER_BITS = 20_000;

const taken = (result: RealResult): RealValue => {
  if (!result.ok) throw new Refusal(result.problem);
  return result.value;
};

/** Values as lines have them: exact where they come out, else recipes that balls work to any digit. */
export function exactAlgebra(shouldContinue: ShouldContinue): Algebra<RealValue> {
  const recipe =
    (op: RealOp) =>
    (...args: RealValue[]): RealValue =>
      taken(n.checkedReal(op, ...args));

  const sign = (a: RealValue): -1 | 0 | 1 => {
    const verdict = signOf(a, shouldContinue);
    if (typeof verdict === 'number') return verdict;
    const problem = n.undecided(verdict);
    throw problem.ok ? new Error('an undecided sign is no value') : new Refusal(problem.problem);
  };

  const whole = (a: RealValue): number | null => {
    const found = asWhole(a);
    if (found === null) return null;
    if (bitLength(found) > 53) throw new Refusal({ code: 'too-large' });
    return Number(found);
  };

  /** A whole power of a fraction that would grow too long goes by its logarithm. */
  const raised = (a: RealValue, b: RealValue): RealValue => {
    const [base, exponent] = [asRational(a), asWhole(b)];
    const isLong =
      base !== null &&
      exponent !== null &&
      Math.max(bitLength(base.n), bitLength(base.d)) * Math.abs(Number(exponent)) > MOST_POWER_BITS;
    return isLong && q.sign(base) === 1
      ? recipe('exp')(n.multiply(b, recipe('ln')(a)))
      : taken(power(a, b, shouldContinue));
  };

  return {
    of: (top, bottom = 1) => fromRational(q.rational(BigInt(top), BigInt(bottom))),
    pi: n.PI,
    add: n.add,
    subtract: n.subtract,
    multiply: n.multiply,
    divide: (a, b) => taken(n.divide(a, b, shouldContinue)),
    negate: n.negate,
    exp: (a) => taken(expOf(a)),
    ln: (a) => taken(lnOf(a, shouldContinue)),
    squareRoot: (a) => taken(root(a, 2, shouldContinue)),
    power: raised,
    gamma: (a) => recipe('gamma')(a),
    lnGamma: recipe('lnGamma'),
    gammaBelow: recipe('gammaBelow'),
    gammaAbove: recipe('gammaAbove'),
    betaBelow: recipe('betaBelow'),
    gammaInverse: recipe('gammaInverse'),
    betaInverse: recipe('betaInverse'),
    choose: (of, by) => taken(combinations(of, by, shouldContinue)),
    sign,
    floor: (a) => taken(floor(a, shouldContinue)),
    whole,
    sumsExactly: (terms, p) => {
      const share = asRational(p);
      return share !== null && terms * (bitLength(share.d) + 1) <= MOST_EXACT_BITS;
    },
    rough: (a) => toDouble(a, shouldContinue),
  };
}
