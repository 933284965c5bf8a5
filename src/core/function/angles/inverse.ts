import { succeed } from '../../base/result';
import { convertAngle, fromTurns, turnsOfSine, turnsOfTangent } from '../../number/angle';
import { compareWith, signOf } from '../../number/sign';
import { ONE, checkedReal, divide, negate, piTimes, problemData } from '../../number/arithmetic';
import type { RealResult } from '../../number/arithmetic';
import * as q from '../../number/rational';
import type { ShouldContinue } from '../../base/should-continue';
import * as complex from '../../number/complex';
import type { ComplexOutcome } from '../../number/complex';
import { op, over, wholeNumber } from '../../number/real-expr';
import type { RealExpr } from '../../number/real-expr';
import type { Rational } from '../../number/rational';
import { isExactReal } from '../../number/value';
import type { RealValue, Scalar } from '../../number/value';
import { inverseOf } from './composition';
import { defineFunction } from '../record';
import type { FunctionContext } from '../record';

const SOURCE = 'DLMF 4.23 (principal branches); acot x = atan(1/x), acot 0 = π/2';
const QUARTER: Rational = { n: 1n, d: 4n };
const MINUS_ONE = q.negate(q.ONE);

/** A recipe in radians, answered in the unit that is set. */
function answered(op: 'arcsin' | 'arccos' | 'arctan', x: RealValue, context: FunctionContext): RealResult {
  const known = inverseOf(op, x, context.shouldContinue);
  const result = known === null ? checkedReal(op, x) : succeed(known);
  return result.ok ? convertAngle(result.value, 'rad', context.angle, context.shouldContinue) : result;
}

/** Refused when |x| > 1 for certain. An open case is left to the balls, which keep to the domain's side. */
function refusedOutside(x: RealValue, fn: string, { shouldContinue }: FunctionContext): RealResult | null {
  const isOutside = compareWith(x, q.ONE, shouldContinue) === 1 || compareWith(x, MINUS_ONE, shouldContinue) === -1;
  return isOutside ? problemData({ code: 'domain', reason: 'outside-minus-one-to-one', fn }) : null;
}

function arcsine(x: RealValue, fn: string, context: FunctionContext): RealResult {
  const turns = isExactReal(x) ? turnsOfSine(x) : null;
  if (turns !== null) return succeed(fromTurns(turns, context.angle));
  return refusedOutside(x, fn, context) ?? answered('arcsin', x, context);
}

function arccosine(x: RealValue, fn: string, context: FunctionContext): RealResult {
  const turns = isExactReal(x) ? turnsOfSine(x) : null;
  if (turns !== null) return succeed(fromTurns(q.subtract(QUARTER, turns), context.angle));
  return refusedOutside(x, fn, context) ?? answered('arccos', x, context);
}

function arctangent(x: RealValue, context: FunctionContext): RealResult {
  const turns = isExactReal(x) ? turnsOfTangent(x) : null;
  return turns === null ? answered('arctan', x, context) : succeed(fromTurns(turns, context.angle));
}

type ComplexFunction = (z: Scalar, shouldContinue: ShouldContinue) => ComplexOutcome;

/** The principal value of an inverse function, in the unit that is set. */
const complexAngle = (f: ComplexFunction, z: Scalar, { shouldContinue, angle }: FunctionContext): ComplexOutcome =>
  complex.chain(f(z, shouldContinue), (radians) =>
    angle === 'rad'
      ? succeed(radians)
      : complex.divide(radians, piTimes(q.rational(1n, angle === 'deg' ? 180n : 200n)), shouldContinue),
  );

/** The same of 1/z. */
const complexOfReciprocal = (f: ComplexFunction, z: Scalar, context: FunctionContext): ComplexOutcome =>
  complex.chain(complex.divide(ONE, z, context.shouldContinue), (inverse) => complexAngle(f, inverse, context));

const reciprocal = (x: RealExpr): RealExpr => over(wholeNumber(1), x);

/** f(1/x) for |x| ≥ 1. */
function ofReciprocal(f: typeof arcsine, x: RealValue, fn: string, context: FunctionContext): RealResult {
  const sign = signOf(x, context.shouldContinue);
  const inside = problemData({ code: 'domain', reason: 'inside-minus-one-to-one', fn });
  if (sign === 0) return inside;
  const size = sign === -1 ? negate(x) : x;
  if (compareWith(size, q.ONE, context.shouldContinue) === -1) return inside;
  const inverse = divide(ONE, x, context.shouldContinue);
  return inverse.ok ? f(inverse.value, fn, context) : inverse;
}

const inverseFunction = { topic: 'angles', takes: ['x'], angleOut: true, source: SOURCE } as const;

export const asin = defineFunction({
  ...inverseFunction,
  name: 'asin',
  domain: '-1<=x<=1',
  aliases: ['arcsin'],
  apply: ([x], context) => arcsine(x, 'asin', context),
  complex: ([z], context) => complexAngle(complex.arcsin, z, context),
  formula: (x) => op('arcsin', x),
  double: Math.asin,
  derivative: ['1/sqrt(1-x^2)'],
  examples: [
    { typed: 'asin(1/2)', angle: 'deg', exact: '30' },
    { typed: 'asin(-1)', angle: 'rad', exact: '-pi/2' },
    { typed: 'asin(2)', problem: 'domain' },
  ],
});

export const acos = defineFunction({
  ...inverseFunction,
  name: 'acos',
  domain: '-1<=x<=1',
  aliases: ['arccos'],
  apply: ([x], context) => arccosine(x, 'acos', context),
  complex: ([z], context) => complexAngle(complex.arccos, z, context),
  formula: (x) => op('arccos', x),
  double: Math.acos,
  derivative: ['-1/sqrt(1-x^2)'],
  examples: [
    { typed: 'acos(-1/2)', angle: 'deg', exact: '120' },
    { typed: 'acos(0.3)', angle: 'rad', decimal: '1.2661036728' },
    { typed: 'acos(cos(40°))', angle: 'deg', exact: '40' },
    { typed: 'acos(cos(200°))', angle: 'deg', exact: '160' },
  ],
});

export const atan = defineFunction({
  ...inverseFunction,
  name: 'atan',
  aliases: ['arctan'],
  apply: ([x], context) => arctangent(x, context),
  complex: ([z], context) => complexAngle(complex.arctan, z, context),
  formula: (x) => op('arctan', x),
  double: Math.atan,
  derivative: ['1/(1+x^2)'],
  examples: [
    { typed: 'atan(sqrt(3))', angle: 'deg', exact: '60' },
    { typed: 'atan(1)', angle: 'grad', exact: '50' },
  ],
});

export const asec = defineFunction({
  ...inverseFunction,
  name: 'asec',
  domain: 'x<=-1 or x>=1',
  aliases: ['arcsec'],
  apply: ([x], context) => ofReciprocal(arccosine, x, 'asec', context),
  complex: ([z], context) => complexOfReciprocal(complex.arccos, z, context),
  formula: (x) => op('arccos', reciprocal(x)),
  double: (x) => Math.acos(1 / x),
  derivative: ['1/(abs(x)sqrt(x^2-1))'],
  examples: [
    { typed: 'asec(2)', angle: 'deg', exact: '60' },
    { typed: 'asec(1/2)', problem: 'domain' },
  ],
});

export const acsc = defineFunction({
  ...inverseFunction,
  name: 'acsc',
  domain: 'x<=-1 or x>=1',
  aliases: ['arccsc'],
  apply: ([x], context) => ofReciprocal(arcsine, x, 'acsc', context),
  complex: ([z], context) => complexOfReciprocal(complex.arcsin, z, context),
  formula: (x) => op('arcsin', reciprocal(x)),
  double: (x) => Math.asin(1 / x),
  derivative: ['-1/(abs(x)sqrt(x^2-1))'],
  examples: [{ typed: 'acsc(-2)', angle: 'deg', exact: '-30' }],
});

export const acot = defineFunction({
  ...inverseFunction,
  name: 'acot',
  aliases: ['arccot'],
  apply: ([x], context) => {
    if (signOf(x, context.shouldContinue) === 0) return succeed(fromTurns(QUARTER, context.angle));
    const inverse = divide(ONE, x, context.shouldContinue);
    return inverse.ok ? arctangent(inverse.value, context) : inverse;
  },
  complex: ([z], context) => complexOfReciprocal(complex.arctan, z, context),
  formula: (x) => op('arctan', reciprocal(x)),
  double: (x) => (x === 0 ? Math.PI / 2 : Math.atan(1 / x)),
  derivative: ['-1/(1+x^2)'],
  examples: [
    { typed: 'acot(0)', angle: 'deg', exact: '90' },
    { typed: 'acot(-1)', angle: 'deg', exact: '-45' },
  ],
});
