import { succeed } from '../../base/result';
import { convertAngle, exactCosine, exactSine, fromTurns, inTurns } from '../../number/angle';
import { ONE, checkedReal, divide, trouble } from '../../number/arithmetic';
import type { Outcome } from '../../number/arithmetic';
import { modulo, ONE as ONE_TURN } from '../../number/rational';
import type { Rational } from '../../number/rational';
import type { ExactValue, Value } from '../../number/value';
import { defineFunction } from '../record';
import type { FunctionContext } from '../record';

const SOURCE = 'DLMF 4.14, 4.17; ISO 80000-2, 2-14';

/** The real sin, cos or tan; an angle of rational turns is first brought within one turn, exactly. */
function realOf(op: 'sin' | 'cos' | 'tan', angle: Value, turns: Rational | null, context: FunctionContext): Outcome {
  if (turns !== null) return checkedReal(op, fromTurns(modulo(turns, ONE_TURN), 'rad'));
  const radians = convertAngle(angle, context.angle, 'rad', context.alive);
  return radians.ok ? checkedReal(op, radians.value) : radians;
}

function sine(angle: Value, context: FunctionContext): Outcome {
  const turns = inTurns(angle, context.angle);
  const exact = turns && exactSine(turns);
  return exact ? succeed(exact) : realOf('sin', angle, turns, context);
}

function cosine(angle: Value, context: FunctionContext): Outcome {
  const turns = inTurns(angle, context.angle);
  const exact = turns && exactCosine(turns);
  return exact ? succeed(exact) : realOf('cos', angle, turns, context);
}

const isZero = (v: ExactValue | null): boolean => v !== null && v.kind === 'rational' && v.value.n === 0n;

function tangent(angle: Value, context: FunctionContext): Outcome {
  const turns = inTurns(angle, context.angle);
  const [top, bottom] = turns ? [exactSine(turns), exactCosine(turns)] : [null, null];
  if (isZero(bottom)) return trouble({ code: 'domain', reason: 'pole', fn: 'tan' });
  return top && bottom ? divide(top, bottom, context.alive) : realOf('tan', angle, turns, context);
}

/** 1/f, whose poles are the zeros of f. */
function reciprocal(f: typeof sine, angle: Value, context: FunctionContext, fn: string): Outcome {
  const below = f(angle, context);
  if (!below.ok) return below;
  const made = divide(ONE, below.value, context.alive);
  return !made.ok && made.problem.code === 'divide-by-zero' ? trouble({ code: 'domain', reason: 'pole', fn }) : made;
}

const angleFunction = { topic: 'angles', takes: ['angle'], angleIn: true, source: SOURCE } as const;

export const sin = defineFunction({
  ...angleFunction,
  name: 'sin',
  apply: ([x], context) => sine(x!, context),
  examples: [
    { typed: 'sin(30)', angle: 'deg', exact: '1/2' },
    { typed: 'sin(pi/4)', angle: 'rad', exact: 'sqrt(2)/2' },
    { typed: 'sin(1)', angle: 'rad', decimal: '0.8414709848' },
  ],
});

export const cos = defineFunction({
  ...angleFunction,
  name: 'cos',
  apply: ([x], context) => cosine(x!, context),
  examples: [
    { typed: 'cos(60°)', exact: '1/2' },
    { typed: 'cos(36°)', exact: '(1+sqrt(5))/4' },
  ],
});

export const tan = defineFunction({
  ...angleFunction,
  name: 'tan',
  apply: ([x], context) => tangent(x!, context),
  examples: [
    { typed: 'tan(15°)', exact: '2-sqrt(3)' },
    { typed: 'tan(90°)', problem: 'domain' },
  ],
});

export const sec = defineFunction({
  ...angleFunction,
  name: 'sec',
  apply: ([x], context) => reciprocal(cosine, x!, context, 'sec'),
  examples: [
    { typed: 'sec(60°)', exact: '2' },
    { typed: 'sec(90°)', problem: 'domain' },
  ],
});

export const csc = defineFunction({
  ...angleFunction,
  name: 'csc',
  apply: ([x], context) => reciprocal(sine, x!, context, 'csc'),
  examples: [
    { typed: 'csc(45°)', exact: 'sqrt(2)' },
    { typed: 'csc(0)', problem: 'domain' },
  ],
});

export const cot = defineFunction({
  ...angleFunction,
  name: 'cot',
  apply: ([x], context) => {
    const turns = inTurns(x!, context.angle);
    const [top, bottom] = turns ? [exactCosine(turns), exactSine(turns)] : [null, null];
    if (isZero(bottom)) return trouble({ code: 'domain', reason: 'pole', fn: 'cot' });
    if (top && bottom) return divide(top, bottom, context.alive);
    const [over, under] = [cosine(x!, context), sine(x!, context)];
    if (!over.ok || !under.ok) return over.ok ? under : over;
    return divide(over.value, under.value, context.alive);
  },
  examples: [
    { typed: 'cot(45°)', exact: '1' },
    { typed: 'cot(90°)', exact: '0' },
    { typed: 'cot(180°)', problem: 'domain' },
  ],
});
