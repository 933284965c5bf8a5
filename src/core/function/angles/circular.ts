import { succeed } from '../../base/result';
import { convertAngle, exactCosine, exactSine, fromTurns, inTurns } from '../../number/angle';
import { ONE, checkedReal, divide, problemData } from '../../number/arithmetic';
import type { RealResult } from '../../number/arithmetic';
import * as complex from '../../number/complex';
import type { ComplexOutcome } from '../../number/complex';
import { op, over as quotientPart, wholeNumber } from '../../number/real-expr';
import * as q from '../../number/rational';
import type { Rational } from '../../number/rational';
import type { ExactReal, RealValue, Scalar } from '../../number/value';
import { ofInverse } from './composition';
import { defineFunction } from '../record';
import type { FunctionContext } from '../record';

const SOURCE = 'DLMF 4.14, 4.17; ISO 80000-2, 2-14';

/** The real sin, cos or tan; an angle of rational turns is first brought within one turn, exactly. */
function realOf(
  op: 'sin' | 'cos' | 'tan',
  angle: RealValue,
  turns: Rational | null,
  context: FunctionContext,
): RealResult {
  if (turns !== null) return checkedReal(op, fromTurns(q.modulo(turns, q.ONE), 'rad'));
  const radians = convertAngle(angle, context.angle, 'rad', context.shouldContinue);
  if (!radians.ok) return radians;
  return ofInverse(op, radians.value, context.shouldContinue) ?? checkedReal(op, radians.value);
}

/** A complex angle in radians. */
const inRadians = (z: Scalar, { angle, shouldContinue }: FunctionContext): ComplexOutcome =>
  complex.chain(convertAngle(complex.reOf(z), angle, 'rad', shouldContinue), (re) =>
    complex.chain(convertAngle(complex.imOf(z), angle, 'rad', shouldContinue), (im) =>
      succeed(complex.complex(re, im)),
    ),
  );

const complexSine = (z: Scalar, context: FunctionContext): ComplexOutcome =>
  complex.chain(inRadians(z, context), complex.sin);
const complexCosine = (z: Scalar, context: FunctionContext): ComplexOutcome =>
  complex.chain(inRadians(z, context), complex.cos);

/** The quotient of two functions of a complex angle. */
const quotient = (top: ComplexOutcome, bottom: ComplexOutcome, { shouldContinue }: FunctionContext): ComplexOutcome =>
  complex.chain(top, (over) => complex.chain(bottom, (under) => complex.divide(over, under, shouldContinue)));

function sine(angle: RealValue, context: FunctionContext): RealResult {
  const turns = inTurns(angle, context.angle);
  const exact = turns && exactSine(turns);
  return exact ? succeed(exact) : realOf('sin', angle, turns, context);
}

function cosine(angle: RealValue, context: FunctionContext): RealResult {
  const turns = inTurns(angle, context.angle);
  const exact = turns && exactCosine(turns);
  return exact ? succeed(exact) : realOf('cos', angle, turns, context);
}

const isZero = (v: ExactReal | null): boolean => v !== null && v.kind === 'rational' && v.value.n === 0n;

function tangent(angle: RealValue, context: FunctionContext): RealResult {
  const turns = inTurns(angle, context.angle);
  const [top, bottom] = turns ? [exactSine(turns), exactCosine(turns)] : [null, null];
  if (isZero(bottom)) return problemData({ code: 'domain', reason: 'pole', fn: 'tan' });
  return top && bottom ? divide(top, bottom, context.shouldContinue) : realOf('tan', angle, turns, context);
}

/** 1/f, whose poles are the zeros of f. */
function reciprocal(f: typeof sine, angle: RealValue, context: FunctionContext, fn: string): RealResult {
  const below = f(angle, context);
  if (!below.ok) return below;
  const result = divide(ONE, below.value, context.shouldContinue);
  return !result.ok && result.problem.code === 'divide-by-zero'
    ? problemData({ code: 'domain', reason: 'pole', fn })
    : result;
}

const angleFunction = { topic: 'angles', takes: ['angle'], angleIn: true, source: SOURCE } as const;

export const sin = defineFunction({
  ...angleFunction,
  name: 'sin',
  isLatexCommand: true,
  apply: ([x], context) => sine(x, context),
  complex: ([z], context) => complexSine(z, context),
  formula: (x) => op('sin', x),
  double: Math.sin,
  derivative: ['cos(x)'],
  examples: [
    { typed: 'sin(30)', angle: 'deg', exact: '1/2' },
    { typed: 'sin(pi/4)', angle: 'rad', exact: 'sqrt(2)/2' },
    { typed: 'sin(1)', angle: 'rad', decimal: '0.8414709848' },
    { typed: 'sin(acos(3/5))', exact: '4/5' },
    { typed: 'sin(36°)', decimal: '0.58778525229' },
  ],
});

export const cos = defineFunction({
  ...angleFunction,
  name: 'cos',
  isLatexCommand: true,
  apply: ([x], context) => cosine(x, context),
  complex: ([z], context) => complexCosine(z, context),
  formula: (x) => op('cos', x),
  double: Math.cos,
  derivative: ['-sin(x)'],
  examples: [
    { typed: 'cos(60°)', exact: '1/2' },
    { typed: 'cos(36°)', exact: '(1+sqrt(5))/4' },
  ],
});

export const tan = defineFunction({
  ...angleFunction,
  name: 'tan',
  isLatexCommand: true,
  domain: 'cos(x)!=0',
  apply: ([x], context) => tangent(x, context),
  complex: ([z], context) => quotient(complexSine(z, context), complexCosine(z, context), context),
  formula: (x) => op('tan', x),
  double: Math.tan,
  derivative: ['1+tan(x)^2'],
  examples: [
    { typed: 'tan(15°)', exact: '2-sqrt(3)' },
    { typed: 'tan(90°)', problem: 'domain' },
  ],
});

export const sec = defineFunction({
  ...angleFunction,
  name: 'sec',
  isLatexCommand: true,
  domain: 'cos(x)!=0',
  apply: ([x], context) => reciprocal(cosine, x, context, 'sec'),
  complex: ([z], context) => quotient(succeed(ONE), complexCosine(z, context), context),
  formula: (x) => quotientPart(wholeNumber(1), op('cos', x)),
  double: (x) => 1 / Math.cos(x),
  derivative: ['sec(x)tan(x)'],
  examples: [
    { typed: 'sec(60°)', exact: '2' },
    { typed: 'sec(90°)', problem: 'domain' },
  ],
});

export const csc = defineFunction({
  ...angleFunction,
  name: 'csc',
  isLatexCommand: true,
  domain: 'sin(x)!=0',
  apply: ([x], context) => reciprocal(sine, x, context, 'csc'),
  complex: ([z], context) => quotient(succeed(ONE), complexSine(z, context), context),
  formula: (x) => quotientPart(wholeNumber(1), op('sin', x)),
  double: (x) => 1 / Math.sin(x),
  derivative: ['-csc(x)cot(x)'],
  examples: [
    { typed: 'csc(45°)', exact: 'sqrt(2)' },
    { typed: 'csc(0)', problem: 'domain' },
  ],
});

export const cot = defineFunction({
  ...angleFunction,
  name: 'cot',
  isLatexCommand: true,
  domain: 'sin(x)!=0',
  apply: ([x], context) => {
    const turns = inTurns(x, context.angle);
    const [top, bottom] = turns ? [exactCosine(turns), exactSine(turns)] : [null, null];
    if (isZero(bottom)) return problemData({ code: 'domain', reason: 'pole', fn: 'cot' });
    if (top && bottom) return divide(top, bottom, context.shouldContinue);
    const [over, under] = [cosine(x, context), sine(x, context)];
    if (!over.ok || !under.ok) return over.ok ? under : over;
    return divide(over.value, under.value, context.shouldContinue);
  },
  complex: ([z], context) => quotient(complexCosine(z, context), complexSine(z, context), context),
  formula: (x) => quotientPart(op('cos', x), op('sin', x)),
  double: (x) => 1 / Math.tan(x),
  derivative: ['-1-cot(x)^2'],
  examples: [
    { typed: 'cot(45°)', exact: '1' },
    { typed: 'cot(90°)', exact: '0' },
    { typed: 'cot(180°)', problem: 'domain' },
  ],
});
