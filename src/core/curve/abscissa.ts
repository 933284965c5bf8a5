import { itemAt } from '../base/item';
import { binaryTree, groupTree, nodesOf } from '../language/tree';
import type { Tree } from '../language/tree';
import { real, subtract } from '../number/arithmetic';
import { absolute } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { signOf } from '../number/sign';
import { toDouble } from '../number/to-double';
import { asRational, fromRational } from '../number/value';
import type { RealValue } from '../number/value';
import { ExactFunction } from '../solve/exact-function';
import { fromDouble, simpleFraction, simpleValuesNear, surdSumsNear } from '../solve/exact-near';

/** A number on the axis. `isExact`: it is just this value; else it is as near as the digits that were asked for. */
export type Abscissa = Readonly<{ x: RealValue; isExact: boolean; isSure: boolean }>;

export const exactAbscissa = (x: RealValue): Abscissa => ({ x, isExact: true, isSure: true });

/** A number as it is shown: what is not exact is known to so many digits, and no more is claimed. */
export function knownTo(x: RealValue, { isExact, isSure }: Abscissa, digits: number): RealValue {
  if (isExact || x.kind !== 'rational' || x.value.n === 0n) return x;
  const size = q.magnitude(x.value);
  const power = digits + SPARE - 2 - decimalExponent(size);
  const error = power >= 0 ? { n: 1n, d: 10n ** BigInt(power) } : q.whole(10n ** BigInt(-power));
  return real(isSure ? 'within' : 'estimate', x, fromRational(error));
}

/** Digits carried beyond those that are asked for. */
const SPARE = 8;
const MOST_STEPS = 80;
/** The golden section, by two neighbours of Fibonacci's sequence. */
const GOLDEN: Rational = q.rational(61_305_790_721_611_591n, 99_194_853_094_755_497n);

/** Neighbouring sides of a chain of comparisons, one less the other. */
const sidesOf = ({ first, rest }: Tree & { kind: 'relation' }): readonly Tree[] =>
  rest.map((part, i) => binaryTree('minus', i === 0 ? first : itemAt(rest, i - 1).right, groupTree(part.right)));

/** Finds zeros of one expression to as many digits as the context asks for, in exact numbers. */
export class Refiner extends ExactFunction {
  /** A value near a double at which the expression is exactly zero. */
  exactNear(x: number, within = 1e-9): RealValue | null {
    return this.candidates(x, within).find((c) => this.signAt(c) === 0) ?? null;
  }

  /** A value near a double at which the expression has no value: a corner of what it is the slope of. */
  brokenNear(x: number): RealValue | null {
    return this.candidates(x, 1e-9).find((c) => this.valueAt(c) === null) ?? null;
  }

  private candidates(x: number, within: number): readonly RealValue[] {
    const { shouldContinue } = this.context;
    const decimal = simpleFraction(x, 1e7, Math.max(Math.abs(x), 1e-9) * 1e-14);
    const simple = [...simpleValuesNear(x, within, shouldContinue), ...surdSumsNear(x, shouldContinue)];
    return decimal === null ? simple : [...simple, fromRational(decimal)];
  }

  /** A value near a double at which both sides of a condition in the expression are exactly alike. */
  edgeNear(x: number): RealValue | null {
    const edges = [...nodesOf(this.tree)].flatMap((node) => (node.kind === 'relation' ? sidesOf(node) : []));
    if (edges.length === 0) return null;
    const isEdge = (at: RealValue): boolean =>
      edges.some((edge) => new Refiner(edge, this.letter, this.context).signAt(at) === 0);
    return this.candidates(x, 1e-9).find(isEdge) ?? null;
  }

  /** Rounds to the digits that are carried, so that fractions stay short. */
  private short(x: Rational, size: Rational): Rational {
    const unit = this.unit(size, 2 * SPARE);
    const steps = q.divide(x, unit);
    return q.multiply(q.whole((2n * steps.n + steps.d) / (2n * steps.d)), unit);
  }

  /** 10^−(digits + spare) of a size, as a power of ten. */
  private unit(size: Rational, spare: number): Rational {
    const power = this.context.digits + spare - decimalExponent(size);
    return power >= 0 ? { n: 1n, d: 10n ** BigInt(power) } : q.whole(10n ** BigInt(-power));
  }

  /** The simple zero near a double, its slope there known as a double: every step gains the digits that the slope has. */
  near(start: number, slope: number): Abscissa | null {
    const exact = this.exactNear(start);
    if (exact !== null) return exactAbscissa(exact);
    if (!Number.isFinite(slope) || slope === 0) return null;
    let x = fromDouble(start);
    if (x.n === 0n) return null;
    const size = q.magnitude(x);
    const goal = this.unit(size, SPARE);
    let last = Infinity;
    for (let i = 0; i < MOST_STEPS && this.context.shouldContinue(); i += 1) {
      const value = this.valueAt(fromRational(x));
      if (value === null) return null;
      if (asRational(value)?.n === 0n) return exactAbscissa(fromRational(x));
      const step = toDouble(value, this.context.shouldContinue) / slope;
      if (!Number.isFinite(step) || Math.abs(step) > last) return null;
      last = Math.abs(step);
      x = this.short(q.subtract(x, fromDouble(step)), size);
      if (q.compare(q.magnitude(fromDouble(step)), goal) <= 0) break;
    }
    // A start that was far off may have kept the exact value from being seen.
    const end = toDouble(fromRational(x), this.context.shouldContinue);
    const late = Math.abs(end - start) > 1e-10 * Math.abs(start) ? this.exactNear(end, 1e-12) : null;
    if (late !== null) return exactAbscissa(late);
    const width = q.multiply(goal, q.whole(100));
    const [s, t] = [this.signAt(fromRational(q.subtract(x, width))), this.signAt(fromRational(q.add(x, width)))];
    if (s === null || t === null || s * t >= 0) return null;
    return { x: fromRational(x), isExact: false, isSure: true };
  }

  /** Where the expression is least (way 1) or greatest (−1) between two numbers with one turn between them, by golden section. */
  leastBetween(low: Rational, high: Rational, way: 1 | -1): Abscissa | null {
    const size = q.compare(q.magnitude(low), q.magnitude(high)) > 0 ? q.magnitude(low) : q.magnitude(high);
    const goal = this.unit(size, 2);
    const inner = (a: Rational, b: Rational): Rational =>
      this.short(q.add(a, q.multiply(GOLDEN, q.subtract(b, a))), size);
    let [a, b] = [low, high];
    let [p, r] = [inner(b, a), inner(a, b)];
    const at = (x: Rational): RealValue | null => this.valueAt(fromRational(x));
    let [fp, fr] = [at(p), at(r)];
    while (q.compare(q.subtract(b, a), goal) > 0 && this.context.shouldContinue()) {
      if (fp === null || fr === null) return null;
      const order = signOf(subtract(fp, fr), this.context.shouldContinue);
      if (typeof order === 'string') break;
      if (order * way <= 0) {
        [b, r, fr] = [r, p, fp];
        p = inner(b, a);
        fp = at(p);
      } else {
        [a, p, fp] = [p, r, fr];
        r = inner(a, b);
        fr = at(r);
      }
      // What is left of the section's own error must not turn the two round.
      if (q.compare(p, r) < 0) continue;
      [p, r] = [inner(b, a), inner(a, b)];
      [fp, fr] = [at(p), at(r)];
    }
    return { x: fromRational(q.multiply(q.add(a, b), { n: 1n, d: 2n })), isExact: false, isSure: false };
  }

  /** The change of sign between two numbers by halving; null when their signs are alike. */
  between(low: Rational, high: Rational): Abscissa | null {
    let [a, b] = [low, high];
    const s = this.signAt(fromRational(a));
    const t = this.signAt(fromRational(b));
    if (s === 0 || t === 0) return exactAbscissa(fromRational(s === 0 ? a : b));
    if (s === null || t === null || s === t) return null;
    const size = q.compare(q.magnitude(a), q.magnitude(b)) > 0 ? q.magnitude(a) : q.magnitude(b);
    const goal = this.unit(size, SPARE);
    while (q.compare(q.subtract(b, a), goal) > 0 && this.context.shouldContinue()) {
      const middle = q.multiply(q.add(a, b), { n: 1n, d: 2n });
      const sign = this.signAt(fromRational(middle));
      if (sign === 0) return exactAbscissa(fromRational(middle));
      if (sign === null) break;
      if (sign === s) a = middle;
      else b = middle;
    }
    return { x: fromRational(q.multiply(q.add(a, b), { n: 1n, d: 2n })), isExact: false, isSure: true };
  }
}

/** The power of ten of the leading digit, or one beside it. Domain: above zero. */
function decimalExponent(size: Rational): number {
  if (size.n === 0n) return 0;
  return absolute(size.n).toString().length - size.d.toString().length;
}
