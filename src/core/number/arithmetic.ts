import { itemAt } from '../base/item';
import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import { MOST_DEPTH, MOST_PARTS, partCount, recipeDepth } from './recipe';
import type { ShouldContinue } from '../base/should-continue';
import { bitLength } from './integer';
import * as q from './rational';
import type { Rational } from './rational';
import type { RealOp } from './real-op-names';
import * as radical from './radical';
import type { Radical, RootProduct } from './radical';
import { signOf } from './sign';
import * as surd from './surd';
import type { SurdSum } from './surd';
import { asRational, fromRational, fromWhole } from './value';
import type { ExactReal, RealValue } from './value';

/** A value, or what is wrong with making it; the evaluator gives it its place. */
export type RealResult = Result<RealValue, ProblemData>;

/** A result that is a problem, still without its place. */
export const problemData = (t: ProblemData): RealResult => fail(t);
export const ZERO = fromWhole(0);
export const ONE = fromWhole(1);
export const PI: ExactReal = { kind: 'pi', times: q.ONE };

/** Leaves exactness on purpose: a recipe of one more operation. */
export function real(op: RealOp, ...args: RealValue[]): RealValue {
  return { kind: 'real', op, args };
}

/** A real, refused when its recipe has grown past what can be walked. */
export function checkedReal(op: RealOp, ...args: RealValue[]): RealResult {
  const result = real(op, ...args);
  return partCount(result) > MOST_PARTS || recipeDepth(result) > MOST_DEPTH
    ? fail({ code: 'too-large' })
    : succeed(result);
}

/** A value as a square-root sum; null for π and reals. */
export function asSurd(v: RealValue): SurdSum | null {
  if (v.kind === 'surd') return v.sum;
  return v.kind === 'rational' ? surd.fromRational(v.value) : null;
}

/**
 * A sum of square roots as the kind that it is: a rational where no root is left in it, a recipe past the ceiling of
 * terms.
 */
export function fromSurd(sum: SurdSum): ExactReal {
  const plain = surd.toRational(sum);
  return plain === null ? { kind: 'surd', sum } : fromRational(plain);
}

/** A root in lowest form as the kind that it is: a rational, a square root, or a higher one. */
export function fromRadical(of: Radical): ExactReal {
  if (q.isZero(of.coefficient)) return ZERO;
  if (of.index === 1) return fromRational(of.coefficient);
  return of.index === 2 ? fromSurd([{ radicand: of.radicand, coefficient: of.coefficient }]) : { kind: 'radical', of };
}

/** A rational, a single square root or a higher root, taken apart into powers of primes; null for all else. */
export function asRootProduct(v: RealValue, shouldContinue: ShouldContinue): RootProduct | null {
  switch (v.kind) {
    case 'rational':
      return { coefficient: v.value, exponents: new Map() };
    case 'surd': {
      const [only, more] = v.sum;
      return only !== undefined && more === undefined
        ? radical.productOf(only.coefficient, only.radicand, 2, shouldContinue)
        : null;
    }
    case 'radical':
      return radical.productOf(v.of.coefficient, v.of.radicand, v.of.index, shouldContinue);
    case 'pi':
    case 'real':
      return null;
  }
}

/** The value of a product of roots, or null when it has outgrown what is kept. */
export function fromRootProduct(product: RootProduct | null): ExactReal | null {
  const of = product && radical.toRadical(product);
  return of && fromRadical(of);
}

/** Rounds of search (64 steps each) for the factors of what is multiplied: where they are not found, the product is a real. */
const FEW_ROUNDS = 2000;

function fewRounds(): ShouldContinue {
  let left = FEW_ROUNDS;
  return () => (left -= 1) > 0;
}

function multiplyRoots(a: RealValue, b: RealValue): ExactReal | null {
  if (a.kind === 'radical' && b.kind === 'rational')
    return fromRadical({ ...a.of, coefficient: q.multiply(a.of.coefficient, b.value) });
  if (b.kind === 'radical' && a.kind === 'rational') return multiplyRoots(b, a);
  const shouldContinue = fewRounds();
  const [left, right] = [asRootProduct(a, shouldContinue), asRootProduct(b, shouldContinue)];
  return left && right && fromRootProduct(radical.multiply(left, right));
}

/** times · π, which is the rational zero when times is. */
export const piTimes = (times: Rational): ExactReal => (q.isZero(times) ? ZERO : { kind: 'pi', times });

const isZeroValue = (v: RealValue): boolean => v.kind === 'rational' && v.value.n === 0n;
const isOneValue = (v: RealValue): boolean => v.kind === 'rational' && q.equal(v.value, q.ONE);

/** −v. Exact values stay exact; a recipe loses the minus that it begins with. */
export function negate(v: RealValue): RealValue {
  switch (v.kind) {
    case 'rational':
      return fromRational(q.negate(v.value));
    case 'surd':
      return { kind: 'surd', sum: surd.negate(v.sum) };
    case 'radical':
      return { kind: 'radical', of: { ...v.of, coefficient: q.negate(v.of.coefficient) } };
    case 'pi':
      return { kind: 'pi', times: q.negate(v.times) };
    case 'real':
      return v.op === 'negate' ? itemAt(v.args, 0) : real('negate', v);
  }
}

/** Bits from which on a common divisor takes longer than a line may: such a fraction becomes a real. */
const MOST_REDUCED_BITS = 60_000;

/** Whether a common divisor of two numbers is found in time (the step itself cannot be stopped). */
const canDivide = (a: bigint, b: bigint): boolean => 2 * Math.min(bitLength(a), bitLength(b)) <= MOST_REDUCED_BITS;
const canAdd = (a: Rational, b: Rational): boolean => a.d === 1n || b.d === 1n || canDivide(a.d, b.d);
const canMultiply = (a: Rational, b: Rational): boolean =>
  (b.d === 1n || canDivide(a.n, b.d)) && (a.d === 1n || canDivide(b.n, a.d));

/** a + b: exact among sums of square roots, among multiples of π and of one higher root; else real. */
export function add(a: RealValue, b: RealValue): RealValue {
  if (a.kind === 'rational' && b.kind === 'rational')
    return canAdd(a.value, b.value) ? fromRational(q.add(a.value, b.value)) : real('add', a, b);
  if (isZeroValue(a)) return b;
  if (isZeroValue(b)) return a;
  if (a.kind === 'pi' && b.kind === 'pi') return piTimes(q.add(a.times, b.times));
  if (a.kind === 'radical' && b.kind === 'radical' && a.of.index === b.of.index && a.of.radicand === b.of.radicand)
    return fromRadical({ ...a.of, coefficient: q.add(a.of.coefficient, b.of.coefficient) });
  const left = asSurd(a);
  const right = asSurd(b);
  if (left && right) {
    const sum = surd.add(left, right);
    if (surd.isKeepable(sum)) return fromSurd(sum);
  }
  if (b.kind === 'real' && b.op === 'negate' && b.args[0] === a) return ZERO;
  return real('add', a, b);
}

/** a − b, exact where `add` is; a value taken from itself is the exact 0. */
export const subtract = (a: RealValue, b: RealValue): RealValue => (a === b ? ZERO : add(a, negate(b)));

/** a · b: exact among sums of square roots, among single roots, and a rational times a multiple of π; 0 times anything is 0. */
export function multiply(a: RealValue, b: RealValue): RealValue {
  if (a.kind === 'rational' && b.kind === 'rational')
    return canMultiply(a.value, b.value) ? fromRational(q.multiply(a.value, b.value)) : real('multiply', a, b);
  if (isZeroValue(a) || isZeroValue(b)) return ZERO;
  if (isOneValue(a)) return b;
  if (isOneValue(b)) return a;
  if (a.kind === 'pi' && b.kind === 'rational') return piTimes(q.multiply(a.times, b.value));
  if (a.kind === 'rational' && b.kind === 'pi') return piTimes(q.multiply(b.times, a.value));
  if (a.kind === 'radical' || b.kind === 'radical') return multiplyRoots(a, b) ?? real('multiply', a, b);
  const left = asSurd(a);
  const right = asSurd(b);
  if (left && right && left.length * right.length <= surd.MOST_TERMS * surd.MOST_TERMS) {
    const product = surd.multiply(left, right);
    if (surd.isKeepable(product)) return fromSurd(product);
  }
  return real('multiply', a, b);
}

/** a / b. Problems: divide-by-zero; not-converged when it stays open whether b is zero. */
export function divide(a: RealValue, b: RealValue, shouldContinue: ShouldContinue): RealResult {
  const bottom = asRational(b);
  if (bottom !== null) {
    if (q.isZero(bottom)) return problemData({ code: 'divide-by-zero' });
    return succeed(multiply(a, fromRational(q.reciprocal(bottom))));
  }
  const sign = signOf(b, shouldContinue);
  if (sign === 0) return problemData({ code: 'divide-by-zero' });
  if (typeof sign === 'string') return undecided(sign);
  if (a === b) return succeed(ONE);
  if (a.kind === 'pi' && b.kind === 'pi') return succeed(fromRational(q.divide(a.times, b.times)));
  if (isZeroValue(a)) return succeed(ZERO);
  // 1/(1/x) is x itself.
  if (isOneValue(a) && b.kind === 'real' && b.op === 'divide' && isOneValue(itemAt(b.args, 0)))
    return succeed(itemAt(b.args, 1));
  if (b.kind === 'radical') {
    const product = asRootProduct(b, shouldContinue);
    const inverse =
      product && fromRootProduct(radical.raise({ ...product, coefficient: q.ONE }, q.whole(-1), shouldContinue));
    if (inverse) return succeed(multiply(multiply(a, inverse), fromRational(q.reciprocal(b.of.coefficient))));
  }
  if (b.kind === 'surd') {
    const inverse = surd.inverse(b.sum);
    if (inverse && surd.isKeepable(inverse)) return succeed(multiply(a, fromSurd(inverse)));
  }
  return checkedReal('divide', a, b);
}

/** What an open question becomes: it is said, never guessed. */
export function undecided(verdict: 'undecided' | 'too-large' | 'stopped'): RealResult {
  return problemData({ code: verdict === 'undecided' ? 'not-converged' : verdict });
}

/**
 * |v|. Exact values stay exact; a real keeps its own recipe where its sign is known. Problems: those of the sign,
 * too-large and stopped.
 */
export function magnitude(v: RealValue, shouldContinue: ShouldContinue): RealResult {
  const sign = signOf(v, shouldContinue);
  if (sign === 'too-large' || sign === 'stopped') return undecided(sign);
  if (sign === 'undecided') return checkedReal('magnitude', v);
  return succeed(sign < 0 ? negate(v) : v);
}
