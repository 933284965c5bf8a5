import { succeed } from '../../base/result';
import {
  convertAngle,
  exactCosine,
  exactSine,
  fromTurns,
  sameExact,
  specialTurns,
  turnsOfSine,
} from '../../number/angle';
import { compareWith, signOf } from '../../number/approximate';
import { ONE, checkedReal, divide, negate, trouble } from '../../number/arithmetic';
import type { Outcome } from '../../number/arithmetic';
import * as q from '../../number/rational';
import type { Rational } from '../../number/rational';
import { isExact } from '../../number/value';
import type { Value } from '../../number/value';
import { defineFunction } from '../record';
import type { FunctionContext } from '../record';

const SOURCE = 'DLMF 4.23 (principal branches); acot x = atan(1/x), acot 0 = π/2';
const QUARTER: Rational = { n: 1n, d: 4n };
const MINUS_ONE = q.negate(q.ONE);

/** A recipe in radians, answered in the unit that is set. */
function answered(op: 'arcsin' | 'arccos' | 'arctan', x: Value, context: FunctionContext): Outcome {
  const made = checkedReal(op, x);
  return made.ok ? convertAngle(made.value, 'rad', context.angle, context.alive) : made;
}

/** Refused when |x| > 1 for certain. An open case is left to the balls, which keep to the domain's side. */
function refusedOutside(x: Value, fn: string, { alive }: FunctionContext): Outcome | null {
  const isOutside = compareWith(x, q.ONE, alive) === 1 || compareWith(x, MINUS_ONE, alive) === -1;
  return isOutside ? trouble({ code: 'domain', reason: 'outside-minus-one-to-one', fn }) : null;
}

function arcsine(x: Value, fn: string, context: FunctionContext): Outcome {
  const turns = isExact(x) ? turnsOfSine(x) : null;
  if (turns !== null) return succeed(fromTurns(turns, context.angle));
  return refusedOutside(x, fn, context) ?? answered('arcsin', x, context);
}

function arccosine(x: Value, fn: string, context: FunctionContext): Outcome {
  const turns = isExact(x) ? turnsOfSine(x) : null;
  if (turns !== null) return succeed(fromTurns(q.subtract(QUARTER, turns), context.angle));
  return refusedOutside(x, fn, context) ?? answered('arccos', x, context);
}

/** The special turns by their tangent, those of ±90° left out. */
function turnsOfTangent(x: Value, context: FunctionContext): Rational | null {
  if (!isExact(x)) return null;
  const found = specialTurns.find((turns) => {
    const [top, bottom] = [exactSine(turns), exactCosine(turns)];
    if (!top || !bottom || (bottom.kind === 'rational' && bottom.value.n === 0n)) return false;
    const ratio = divide(top, bottom, context.alive);
    return ratio.ok && isExact(ratio.value) && sameExact(ratio.value, x);
  });
  return found ?? null;
}

function arctangent(x: Value, context: FunctionContext): Outcome {
  const turns = turnsOfTangent(x, context);
  return turns === null ? answered('arctan', x, context) : succeed(fromTurns(turns, context.angle));
}

/** f(1/x) for |x| ≥ 1. */
function ofReciprocal(f: typeof arcsine, x: Value, fn: string, context: FunctionContext): Outcome {
  const sign = signOf(x, context.alive);
  const inside = trouble({ code: 'domain', reason: 'inside-minus-one-to-one', fn });
  if (sign === 0) return inside;
  const size = sign === -1 ? negate(x) : x;
  if (compareWith(size, q.ONE, context.alive) === -1) return inside;
  const inverse = divide(ONE, x, context.alive);
  return inverse.ok ? f(inverse.value, fn, context) : inverse;
}

const inverseFunction = { topic: 'angles', takes: ['x'], angleOut: true, source: SOURCE } as const;

export const asin = defineFunction({
  ...inverseFunction,
  name: 'asin',
  aliases: ['arcsin'],
  apply: ([x], context) => arcsine(x!, 'asin', context),
  examples: [
    { typed: 'asin(1/2)', angle: 'deg', exact: '30' },
    { typed: 'asin(-1)', angle: 'rad', exact: '-pi/2' },
    { typed: 'asin(2)', problem: 'domain' },
  ],
});

export const acos = defineFunction({
  ...inverseFunction,
  name: 'acos',
  aliases: ['arccos'],
  apply: ([x], context) => arccosine(x!, 'acos', context),
  examples: [
    { typed: 'acos(-1/2)', angle: 'deg', exact: '120' },
    { typed: 'acos(0.3)', angle: 'rad', decimal: '1.2661036728' },
  ],
});

export const atan = defineFunction({
  ...inverseFunction,
  name: 'atan',
  aliases: ['arctan'],
  apply: ([x], context) => arctangent(x!, context),
  examples: [
    { typed: 'atan(sqrt(3))', angle: 'deg', exact: '60' },
    { typed: 'atan(1)', angle: 'grad', exact: '50' },
  ],
});

export const asec = defineFunction({
  ...inverseFunction,
  name: 'asec',
  aliases: ['arcsec'],
  apply: ([x], context) => ofReciprocal(arccosine, x!, 'asec', context),
  examples: [
    { typed: 'asec(2)', angle: 'deg', exact: '60' },
    { typed: 'asec(1/2)', problem: 'domain' },
  ],
});

export const acsc = defineFunction({
  ...inverseFunction,
  name: 'acsc',
  aliases: ['arccsc'],
  apply: ([x], context) => ofReciprocal(arcsine, x!, 'acsc', context),
  examples: [{ typed: 'acsc(-2)', angle: 'deg', exact: '-30' }],
});

export const acot = defineFunction({
  ...inverseFunction,
  name: 'acot',
  aliases: ['arccot'],
  apply: ([x], context) => {
    if (signOf(x!, context.alive) === 0) return succeed(fromTurns(QUARTER, context.angle));
    const inverse = divide(ONE, x!, context.alive);
    return inverse.ok ? arctangent(inverse.value, context) : inverse;
  },
  examples: [
    { typed: 'acot(0)', angle: 'deg', exact: '90' },
    { typed: 'acot(-1)', angle: 'deg', exact: '-45' },
  ],
});
