/* One file above the usual length: every rule calls the others, and all share the names of generators that one run gives. */

import { entryAt } from '../base/item';
import type { ShouldContinue } from '../base/should-continue';
import { signByBalls } from './approximate';
import { factorise } from './factor';
import { bitLength, gcd } from './integer';
import * as p from './polynomial';
import { NO_POWERS, TooMuch } from './polynomial';
import type { Monomial, Polynomial, Term } from './polynomial';
import * as q from './rational';
import type { Rational } from './rational';
import type { Real, RealValue } from './value';

/*
 * The exact layer behind the reals. A recipe is rewritten as a quotient of sums of products of generators: primes (with
 * fractional exponents, so that roots are among them), π, powers of e, logarithms of primes, sines and cosines, and
 * whatever else there is, each by a name made from its own rewritten argument. Rules used: the field laws,
 * e^(a+b) = e^a·e^b, ln ab = ln a + ln b for positives, sin² + cos² = 1, shifts by quarter turns, odd and even functions,
 * Γ(x+1) = x·Γ(x), Γ(1/2) = √π. All hold wherever the recipe has a value, so two recipes with the same rewriting are
 * equal. The converse is not claimed: what is not found equal stays open.
 * One class over 400 lines, since its rules call each other and share what was rewritten before.
 */

/** A quotient of sums; the lower one is 1 unless it has several terms, and is scaled to lead with 1. */
export type Quotient = Readonly<{ top: Polynomial; bottom: Polynomial }>;

/** A recipe with more parts than this is not looked into. */
const MOST_PARTS = 400;
const MOST_WHOLE_POWER = 32n;
/** Numbers with more bits are not factorised here. */
const MOST_BITS = 256;
const FEW_STEPS = 20_000;
const LARGEST_MULTIPLE = 6n;
/** Longer quotients are left standing. */
const MOST_STEPS = 12;
/** How much is multiplied out, in squares of the bits of coefficients: what it costs to bring them to lowest terms. */
const MOST_EFFORT = 4e9;
const HALF = q.rational(1n, 2n);
const whole = (top: Polynomial): Quotient => ({ top, bottom: p.ONE });
/** Names of generators are made of the names in their arguments; from this length on a number stands for them. */
const LONGEST_NAME = 200;

/** Stands where an operation takes fewer parts. */
const NO_PART: RealValue = { kind: 'rational', value: q.ZERO };

export class Rewriter {
  private readonly known = new Map<RealValue, Quotient>();
  /** What stands behind the generators that are roots of sums. */
  private readonly sums = new Map<string, Polynomial>();
  private parts = 0;
  private effort = 0;
  /** Long names by number, so that names do not grow with each other: 1.1^1.1^1.1^… */
  private readonly longNames = new Map<string, string>();

  constructor(private readonly shouldContinue: ShouldContinue) {}

  /** The name itself when it is short, else a short one that stands for it here. */
  private short(name: string): string {
    if (name.length <= LONGEST_NAME) return name;
    const known = this.longNames.get(name);
    if (known !== undefined) return known;
    const result = `§${this.longNames.size}`;
    this.longNames.set(name, result);
    return result;
  }

  private keyOf({ top, bottom }: Quotient): string {
    const above = this.short(p.keyOfPolynomial(top));
    return bottom === p.ONE ? above : this.short(`(${above})/(${p.keyOfPolynomial(bottom)})`);
  }

  /** A product of generators, brought to lowest form. */
  private product(exponents: Monomial, coefficient: Rational): Polynomial {
    let front = coefficient;
    const rest = new Map<string, Rational>();
    const factors: Polynomial[] = [];
    for (const [generator, exponent] of exponents) {
      let left = exponent;
      if (generator.startsWith('prime ')) {
        left = q.modulo(exponent, q.ONE);
        const power = q.subtract(exponent, left).n;
        const prime = BigInt(generator.slice(6));
        if (power > 4096n || power < -4096n || bitLength(prime) * Math.abs(Number(power)) > 20_000) throw new TooMuch();
        front = q.multiply(front, q.powerWhole(q.whole(prime), Number(power)));
      } else if (this.sums.has(generator) && q.compare(exponent, q.ONE) >= 0) {
        left = q.modulo(exponent, q.ONE);
        factors.push(this.power(entryAt(this.sums, generator), q.subtract(exponent, left).n));
      } else if (generator.startsWith('cos ') && exponent.d === 1n && exponent.n >= 2n) {
        left = q.whole(exponent.n % 2n);
        const sine: Monomial = new Map([[generator.replace('cos', 'sin'), q.whole(2n)]]);
        factors.push(this.power(p.add(p.ONE, p.fromTerm(sine, q.whole(-1n))), exponent.n / 2n));
      }
      if (!q.isZero(left)) rest.set(generator, left);
    }
    return factors.reduce((a, b) => this.times(a, b), p.fromTerm(rest, front));
  }

  private times(a: Polynomial, b: Polynomial): Polynomial {
    if (a.size * b.size > 4 * p.MOST_TERMS) throw new TooMuch();
    let sum = p.ZERO;
    for (const s of a.values()) for (const t of b.values()) sum = p.add(sum, this.timesTerm(s, t));
    return sum;
  }

  /** Counts what a product of coefficients costs: one search is not to keep an answer waiting, as (1.11^68.7+4.6)^5.8 did. */
  private spend(a: Rational, b: Rational): void {
    const bits = bitLength(a.n) + bitLength(a.d) + bitLength(b.n) + bitLength(b.d);
    this.effort += bits * bits;
    if (this.effort > MOST_EFFORT) throw new TooMuch();
  }

  private timesTerm(s: Term, t: Term): Polynomial {
    this.spend(s.coefficient, t.coefficient);
    const exponents = new Map(s.of);
    for (const [generator, exponent] of t.of)
      exponents.set(generator, q.add(exponents.get(generator) ?? q.ZERO, exponent));
    return this.product(exponents, q.multiply(s.coefficient, t.coefficient));
  }

  private power(a: Polynomial, n: bigint): Polynomial {
    if (n > MOST_WHOLE_POWER) throw new TooMuch();
    let result = p.ONE;
    for (let i = 0n; i < n; i += 1n) result = this.times(result, a);
    return result;
  }

  private raisedTerm({ of, coefficient }: Term, exponent: Rational): Polynomial {
    if (exponent.n > 4096n || exponent.n < -4096n || bitLength(coefficient.n) > MOST_BITS) throw new TooMuch();
    const exponents = new Map([...of].map(([g, e]) => [g, q.multiply(e, exponent)] as const));
    if (exponent.d === 1n) return this.product(exponents, q.powerWhole(coefficient, Number(exponent.n)));
    for (const [generator, e] of this.primes(coefficient))
      exponents.set(generator, q.add(exponents.get(generator) ?? q.ZERO, q.multiply(e, exponent)));
    return this.product(exponents, q.ONE);
  }

  /** A positive rational as a product of primes. */
  private primes({ n, d }: Rational): Monomial {
    if (n <= 0n || bitLength(n) > MOST_BITS || bitLength(d) > MOST_BITS) throw new TooMuch();
    const [top, bottom] = [factorise(n, this.shouldContinue, FEW_STEPS), factorise(d, this.shouldContinue, FEW_STEPS)];
    if (top === null || bottom === null) throw new TooMuch();
    return new Map([
      ...top.map((f) => [`prime ${f.prime}`, q.whole(f.exponent)] as const),
      ...bottom.map((f) => [`prime ${f.prime}`, q.whole(-f.exponent)] as const),
    ]);
  }

  private quotient(top: Polynomial, bottom: Polynomial): Quotient {
    if (bottom.size === 0) throw new TooMuch();
    if (top.size === 0) return whole(p.ZERO);
    const only = p.single(bottom);
    if (only !== null) return whole(this.times(top, this.raisedTerm(only, q.whole(-1n))));
    const by = q.reciprocal(p.leading(bottom).coefficient);
    for (const of of [top, bottom]) for (const { coefficient } of of.values()) this.spend(coefficient, by);
    const [above, below] = [p.scale(top, by), p.scale(bottom, by)];
    const ratio = p.leading(above).coefficient;
    if (p.keyOfPolynomial(above) === p.keyOfPolynomial(p.scale(below, ratio))) return whole(p.constant(ratio));
    const divided = this.divided(above, below);
    return divided === null ? { top: above, bottom: below } : whole(divided);
  }

  /** top / bottom when it comes out without a rest in a few steps, else null. */
  private divided(top: Polynomial, bottom: Polynomial): Polynomial | null {
    const inverse = this.raisedTerm(p.highest(bottom), q.whole(-1n));
    let [rest, result] = [top, p.ZERO];
    for (let step = 0; rest.size > 0; step += 1) {
      if (step === MOST_STEPS) return null;
      const { of, coefficient } = p.highest(rest);
      const part = this.times(p.fromTerm(of, coefficient), inverse);
      result = p.add(result, part);
      rest = p.add(rest, p.scale(this.times(part, bottom), q.whole(-1n)));
    }
    return result;
  }

  add(a: Quotient, b: Quotient): Quotient {
    if (a.bottom === b.bottom) return this.quotient(p.add(a.top, b.top), a.bottom);
    return this.quotient(
      p.add(this.times(a.top, b.bottom), this.times(b.top, a.bottom)),
      this.times(a.bottom, b.bottom),
    );
  }

  negate = (a: Quotient): Quotient => ({ ...a, top: p.scale(a.top, q.whole(-1n)) });

  private multiply = (a: Quotient, b: Quotient): Quotient =>
    this.quotient(this.times(a.top, b.top), this.times(a.bottom, b.bottom));

  private divide = (a: Quotient, b: Quotient): Quotient =>
    this.quotient(this.times(a.top, b.bottom), this.times(a.bottom, b.top));

  private wholePower(a: Quotient, n: bigint): Quotient {
    const size = n < 0n ? -n : n;
    const [top, bottom] = [p.single(a.top), p.single(a.bottom)];
    const raise = (of: Polynomial, only: Term | null) =>
      only ? this.raisedTerm(only, q.whole(size)) : this.power(of, size);
    const [above, below] = [raise(a.top, top), raise(a.bottom, bottom)];
    return n < 0n ? this.quotient(below, above) : this.quotient(above, below);
  }

  private generator(name: string, exponent: Rational = q.ONE): Polynomial {
    return p.fromTerm(new Map([[name, exponent]]), q.ONE);
  }

  /** The root of a positive quotient. */
  private root(a: Quotient, k: bigint): Quotient {
    const exponent = q.rational(1n, k);
    const part = (of: Polynomial): Polynomial => {
      const only = p.single(of);
      if (only !== null && only.coefficient.n > 0n && [...only.of.keys()].every(isPositive))
        return this.raisedTerm(only, exponent);
      const name = `sum ${this.short(p.keyOfPolynomial(of))}`;
      this.sums.set(name, of);
      return this.generator(name, exponent);
    };
    return a.bottom === p.ONE ? whole(part(a.top)) : this.opaque('root', k.toString(), this.keyOf(a));
  }

  private opaque = (...names: string[]): Quotient => whole(this.generator(names.join(' ')));

  private exp(a: Quotient): Quotient {
    if (a.bottom !== p.ONE) {
      const by = p.leading(a.top).coefficient;
      return whole(this.generator(`exp ${this.keyOf({ ...a, top: p.scale(a.top, q.reciprocal(by)) })}`, by));
    }
    let result = p.ONE;
    for (const [key, { of, coefficient }] of a.top) {
      const [[only, power] = []] = of.size === 1 ? of : [];
      const isLogOfPrime = only?.startsWith('ln prime ') === true && power !== undefined && q.equal(power, q.ONE);
      const name = isLogOfPrime ? only.slice(3) : `exp ${this.short(key)}`;
      this.exponents.set(name, of);
      result = this.times(result, this.product(new Map([[name, coefficient]]), q.ONE));
    }
    return whole(result);
  }
  /** What e was raised to in the generators that are powers of it. */
  private readonly exponents = new Map<string, Monomial>();

  /** The logarithm of a positive quotient: of its parts where they are products of positive generators. */
  private ln(a: Quotient): Quotient {
    if (a.bottom !== p.ONE) return this.add(this.ln(whole(a.top)), this.negate(this.ln(whole(a.bottom))));
    const only = p.single(a.top);
    const scaled = only ?? p.leading(a.top);
    const content = q.magnitude(scaled.coefficient);
    let sum = p.ZERO;
    for (const [generator, exponent] of this.primes(content))
      sum = p.add(sum, p.scale(this.generator(`ln ${this.short(generator)}`), exponent));
    if (only === null || only.coefficient.n < 0n || ![...only.of.keys()].every(isPositive)) {
      const rest = p.scale(a.top, q.reciprocal(content));
      return p.toRational(rest) !== null
        ? whole(sum)
        : whole(p.add(sum, this.generator(`ln ${this.short(`(${p.keyOfPolynomial(rest)})`)}`)));
    }
    for (const [generator, exponent] of only.of) {
      const inside = this.exponents.get(generator);
      const log =
        inside && generator.startsWith('exp ')
          ? p.fromTerm(inside, q.ONE)
          : this.generator(`ln ${this.short(generator)}`);
      sum = p.add(sum, p.scale(log, exponent));
    }
    return whole(sum);
  }

  /** sin or cos: shifted by quarter turns, of an argument that leads with a positive number. */
  private circular(op: 'sin' | 'cos', a: Quotient): Quotient {
    if (a.bottom !== p.ONE) return this.opaque(op, this.keyOf(a));
    const PI_KEY = 'pi^1';
    const rest = new Map(a.top);
    rest.delete(PI_KEY);
    const isTurned = rest.size > 0 && p.leading(rest).coefficient.n < 0n;
    const angle = isTurned ? p.scale(a.top, q.whole(-1n)) : a.top;
    const times = angle.get(PI_KEY)?.coefficient ?? q.ZERO;
    const twice = q.multiply(times, q.whole(2n));
    const quarters = q.subtract(twice, q.modulo(twice, q.ONE)).n;
    const left = p.add(angle, p.scale(this.generator('pi'), q.rational(-quarters, 2n)));
    const k = ((quarters % 4n) + 4n) % 4n;
    // sin(y + k·90°) and cos(y + k·90°) as ± sin y or ± cos y.
    const turned = k % 2n === 0n ? op : op === 'sin' ? 'cos' : 'sin';
    const isNegative = (op === 'sin' ? k >= 2n : k === 1n || k === 2n) !== (isTurned && op === 'sin');
    const result = left.size === 0 ? (turned === 'sin' ? p.ZERO : p.ONE) : this.ofMultiple(turned, left);
    return whole(isNegative ? p.scale(result, q.whole(-1n)) : result);
  }

  /** sin ny and cos ny from sin y and cos y for a small whole n: f(ny) = 2·cos y·f((n−1)y) − f((n−2)y) (DLMF 4.21.27). */
  private ofMultiple(op: 'sin' | 'cos', angle: Polynomial): Polynomial {
    const n = [...angle.values()].reduce(
      (g, { coefficient }) => (coefficient.d === 1n ? gcd(g, coefficient.n) : 1n),
      0n,
    );
    const isSmall = n > 1n && n <= LARGEST_MULTIPLE;
    const key = this.short(p.keyOfPolynomial(isSmall ? p.scale(angle, q.rational(1n, n)) : angle));
    let [before, now] = [op === 'sin' ? p.ZERO : p.ONE, this.generator(`${op} ${key}`)];
    const twice = p.scale(this.generator(`cos ${key}`), q.whole(2n));
    for (let k = 1n; isSmall && k < n; k += 1n)
      [before, now] = [now, p.add(this.times(twice, now), p.scale(before, q.whole(-1n)))];
    return now;
  }

  /** f(−x) = −f(x). */
  private odd(op: string, a: Quotient): Quotient {
    if (a.top.size === 0) return a;
    const isNegative = p.leading(a.top).coefficient.n < 0n;
    const result = this.opaque(op, this.keyOf(isNegative ? this.negate(a) : a));
    return isNegative ? this.negate(result) : result;
  }

  /** Γ of a rational, brought into (0, 1]; of 1/2 it is √π. */
  private gamma(a: Quotient): Quotient {
    const at = a.bottom === p.ONE ? p.toRational(a.top) : null;
    if (at === null || at.n > 200n * at.d || at.n < -200n * at.d) return this.opaque('gamma', this.keyOf(a));
    let factor = q.ONE;
    let x = at;
    for (; q.compare(x, q.ONE) > 0; factor = q.multiply(factor, x)) x = q.subtract(x, q.ONE);
    for (; x.n <= 0n; x = q.add(x, q.ONE)) factor = q.divide(factor, x);
    const base = q.equal(x, q.ONE)
      ? p.ONE
      : q.equal(x, HALF)
        ? this.generator('pi', HALF)
        : this.generator(`gamma ${x.n}/${x.d}`);
    return whole(p.scale(base, factor));
  }

  private real(v: Real): Quotient {
    const [first = NO_PART, second = NO_PART] = v.args;
    const of = (arg: RealValue): Quotient => this.rewrite(arg);
    const wholeOf = (arg: RealValue): bigint => {
      if (arg.kind !== 'rational' || arg.value.d !== 1n) throw new TooMuch();
      return arg.value.n;
    };
    switch (v.op) {
      case 'add':
        return this.add(of(first), of(second));
      case 'multiply':
        return this.multiply(of(first), of(second));
      case 'divide':
        return this.divide(of(first), of(second));
      case 'negate':
        return this.negate(of(first));
      case 'wholePower':
        return this.wholePower(of(first), wholeOf(second));
      case 'realPower':
        return this.exp(this.multiply(this.ln(of(first)), of(second)));
      case 'root': {
        const sign = signByBalls(first, this.shouldContinue);
        if (sign === 1) return this.root(of(first), wholeOf(second));
        if (sign === -1) return this.negate(this.root(this.negate(of(first)), wholeOf(second)));
        throw new TooMuch();
      }
      case 'exp':
        return this.exp(of(first));
      case 'ln':
        return this.ln(of(first));
      case 'ln1p':
        return this.ln(this.add(of(first), whole(p.ONE)));
      case 'sin':
      case 'cos':
        return this.circular(v.op, of(first));
      case 'tan':
        return this.divide(this.circular('sin', of(first)), this.circular('cos', of(first)));
      case 'sinh':
      case 'cosh': {
        const [up, down] = [this.exp(of(first)), this.exp(this.negate(of(first)))];
        const both = this.add(up, v.op === 'sinh' ? this.negate(down) : down);
        return this.multiply(both, whole(p.constant(HALF)));
      }
      case 'tanh': {
        const twice = this.exp(this.multiply(of(first), whole(p.constant(q.whole(2n)))));
        return this.divide(this.add(twice, whole(p.constant(q.whole(-1n)))), this.add(twice, whole(p.ONE)));
      }
      case 'arcsin':
      case 'arctan':
      case 'arsinh':
      case 'artanh':
        return this.odd(v.op, of(first));
      case 'arccos':
        return this.add(whole(p.scale(this.generator('pi'), HALF)), this.negate(this.odd('arcsin', of(first))));
      case 'arcosh':
        return this.opaque(v.op, this.keyOf(of(first)));
      case 'gamma':
        return this.gamma(of(first));
      case 'lnGamma':
      case 'gammaBelow':
      case 'gammaAbove':
      case 'betaBelow':
      case 'gammaInverse':
      case 'betaInverse':
        return this.opaque(v.op, v.args.map((arg) => this.keyOf(of(arg))).join('; '));
      case 'pi':
        return whole(this.generator('pi'));
      case 'magnitude':
      case 'gammaRe':
      case 'gammaIm':
      case 'within':
      case 'estimate':
        return this.opaque(v.op, `number ${this.known.size}`);
    }
  }

  rewrite(v: RealValue): Quotient {
    const before = this.known.get(v);
    if (before !== undefined) return before;
    this.parts += 1;
    if (this.parts > MOST_PARTS || !this.shouldContinue()) throw new TooMuch();
    const result = this.kind(v);
    this.known.set(v, result);
    return result;
  }

  /** Whether a quotient is zero, also when cosines below hide it: (1 − sin² x)/cos x − cos x. */
  isZero({ top }: Quotient): boolean {
    const raised = new Map<string, Rational>();
    for (const { of } of top.values())
      for (const [generator, exponent] of of)
        if (generator.startsWith('cos ') && q.compare(exponent, raised.get(generator) ?? q.ZERO) < 0)
          raised.set(generator, exponent);
    if (raised.size === 0) return top.size === 0;
    const up = p.fromTerm(new Map([...raised].map(([g, e]) => [g, q.negate(e)])), q.ONE);
    return this.times(top, up).size === 0;
  }

  private kind(v: RealValue): Quotient {
    switch (v.kind) {
      case 'rational':
        if (bitLength(v.value.n) > 20_000 || bitLength(v.value.d) > 20_000) throw new TooMuch();
        return whole(p.constant(v.value));
      case 'surd':
        return whole(
          v.sum.reduce(
            (sum, { radicand, coefficient }) => p.add(sum, this.rootOfWhole(radicand, 2n, coefficient)),
            p.ZERO,
          ),
        );
      case 'radical':
        return whole(this.rootOfWhole(v.of.radicand, BigInt(v.of.index), v.of.coefficient));
      case 'pi':
        return whole(p.scale(this.generator('pi'), v.times));
      case 'real':
        return this.real(v);
    }
  }

  private rootOfWhole(radicand: bigint, index: bigint, coefficient: Rational): Polynomial {
    return p.scale(
      this.raisedTerm({ of: NO_POWERS, coefficient: q.whole(radicand) }, q.rational(1n, index)),
      coefficient,
    );
  }
}

/** Generators that stand for positive numbers. */
const isPositive = (generator: string): boolean => /^(prime|pi|exp|sum|ln prime|gamma) ?/.test(generator);
