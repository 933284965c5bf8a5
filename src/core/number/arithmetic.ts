import type { Trouble } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import { MOST_PARTS, partCount, signOf } from './approximate';
import type { Alive } from './approximate';
import { bitLength } from './integer';
import * as q from './rational';
import type { Rational } from './rational';
import type { RealOp } from './real-ops';
import * as surd from './surd';
import type { SurdSum } from './surd';
import { asRational, fromRational, fromWhole } from './value';
import type { ExactValue, Value } from './value';

/** A value, or what is wrong with making it; the evaluator gives it its place. */
export type Outcome = Result<Value, Trouble>;

export const trouble = (t: Trouble): Outcome => fail(t);
export const ZERO = fromWhole(0);
export const ONE = fromWhole(1);
export const PI: ExactValue = { kind: 'pi', times: q.ONE };

/** Leaves exactness on purpose: a recipe of one more operation. */
export function real(op: RealOp, ...args: Value[]): Value {
  return { kind: 'real', op, args };
}

/** A real, refused when its recipe has grown past what can be walked. */
export function checkedReal(op: RealOp, ...args: Value[]): Outcome {
  const made = real(op, ...args);
  return partCount(made) > MOST_PARTS ? fail({ code: 'too-large' }) : succeed(made);
}

/** A value as a square-root sum; null for π and reals. */
export function asSurd(v: Value): SurdSum | null {
  if (v.kind === 'surd') return v.sum;
  return v.kind === 'rational' ? surd.fromRational(v.value) : null;
}

export function fromSurd(sum: SurdSum): ExactValue {
  const plain = surd.toRational(sum);
  return plain === null ? { kind: 'surd', sum } : fromRational(plain);
}

/** times · π, which is the rational zero when times is. */
export const piTimes = (times: Rational): ExactValue => (q.isZero(times) ? ZERO : { kind: 'pi', times });

const isZeroValue = (v: Value): boolean => v.kind === 'rational' && v.value.n === 0n;
const isOneValue = (v: Value): boolean => v.kind === 'rational' && q.equal(v.value, q.ONE);

/** −v. */
export function negate(v: Value): Value {
  switch (v.kind) {
    case 'rational':
      return fromRational(q.negate(v.value));
    case 'surd':
      return { kind: 'surd', sum: surd.negate(v.sum) };
    case 'pi':
      return { kind: 'pi', times: q.negate(v.times) };
    case 'real':
      return v.op === 'negate' ? v.args[0]! : real('negate', v);
  }
}

/** Bits from which on a common divisor takes longer than a line may: such a fraction becomes a real. */
const MOST_REDUCED_BITS = 60_000;

/** Whether the fraction that a and b make can be brought to lowest terms in time (the step itself cannot be stopped). */
function canReduce(a: Rational, b: Rational): boolean {
  if (a.d === 1n && b.d === 1n) return true;
  return bitLength(a.d) + bitLength(b.d) <= MOST_REDUCED_BITS || bitLength(a.n) + bitLength(b.n) <= MOST_REDUCED_BITS;
}

/** a + b: exact among sums of roots and among multiples of π; else real. */
export function add(a: Value, b: Value): Value {
  if (a.kind === 'rational' && b.kind === 'rational')
    return canReduce(a.value, b.value) ? fromRational(q.add(a.value, b.value)) : real('add', a, b);
  if (isZeroValue(a)) return b;
  if (isZeroValue(b)) return a;
  if (a.kind === 'pi' && b.kind === 'pi') return piTimes(q.add(a.times, b.times));
  const left = asSurd(a);
  const right = asSurd(b);
  if (left && right) {
    const sum = surd.add(left, right);
    if (surd.isKeepable(sum)) return fromSurd(sum);
  }
  if (b.kind === 'real' && b.op === 'negate' && b.args[0] === a) return ZERO;
  return real('add', a, b);
}

export const subtract = (a: Value, b: Value): Value => (a === b ? ZERO : add(a, negate(b)));

/** a · b: exact among sums of roots, and a rational times a multiple of π; 0 times anything is 0. */
export function multiply(a: Value, b: Value): Value {
  if (a.kind === 'rational' && b.kind === 'rational')
    return canReduce(a.value, b.value) ? fromRational(q.multiply(a.value, b.value)) : real('multiply', a, b);
  if (isZeroValue(a) || isZeroValue(b)) return ZERO;
  if (isOneValue(a)) return b;
  if (isOneValue(b)) return a;
  if (a.kind === 'pi' && b.kind === 'rational') return piTimes(q.multiply(a.times, b.value));
  if (a.kind === 'rational' && b.kind === 'pi') return piTimes(q.multiply(b.times, a.value));
  const left = asSurd(a);
  const right = asSurd(b);
  if (left && right && left.length * right.length <= surd.MOST_TERMS * surd.MOST_TERMS) {
    const product = surd.multiply(left, right);
    if (surd.isKeepable(product)) return fromSurd(product);
  }
  return real('multiply', a, b);
}

/** a / b. Problems: divide-by-zero; not-converged when it stays open whether b is zero. */
export function divide(a: Value, b: Value, alive: Alive): Outcome {
  const bottom = asRational(b);
  if (bottom !== null) {
    if (q.isZero(bottom)) return trouble({ code: 'divide-by-zero' });
    return succeed(multiply(a, fromRational(q.reciprocal(bottom))));
  }
  const sign = signOf(b, alive);
  if (sign === 0) return trouble({ code: 'divide-by-zero' });
  if (typeof sign === 'string') return undecided(sign);
  if (a === b) return succeed(ONE);
  if (a.kind === 'pi' && b.kind === 'pi') return succeed(fromRational(q.divide(a.times, b.times)));
  if (isZeroValue(a)) return succeed(ZERO);
  if (b.kind === 'surd') {
    const inverse = surd.inverse(b.sum);
    if (inverse && surd.isKeepable(inverse)) return succeed(multiply(a, fromSurd(inverse)));
  }
  return checkedReal('divide', a, b);
}

/** What an open question becomes: it is said, never guessed. */
export function undecided(verdict: 'undecided' | 'too-large' | 'stopped'): Outcome {
  return trouble({ code: verdict === 'undecided' ? 'not-converged' : verdict });
}

/** |v|. A real keeps its own recipe where its sign is known. */
export function magnitude(v: Value, alive: Alive): Outcome {
  const sign = signOf(v, alive);
  if (sign === 'too-large' || sign === 'stopped') return undecided(sign);
  if (sign === 'undecided') return checkedReal('magnitude', v);
  return succeed(sign < 0 ? negate(v) : v);
}
