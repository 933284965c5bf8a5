import { itemAt } from '../base/item';
import { withLetter } from '../evaluate/context';
import type { Context } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import { formula } from '../evaluate/formula';
import { mentions } from '../evaluate/real-expr';
import { functionRecord } from '../function/worked';
import { letterTree, partsOf, withParts } from '../language/tree';
import type { Tree } from '../language/tree';
import { fromTurns } from '../number/angle';
import { ONE } from '../number/arithmetic';
import { roundToFigures } from '../number/digits';
import { gcd } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { compareReals, compareWith, signOf } from '../number/sign';
import { toDouble } from '../number/to-double';
import { asRational, fromRational, isReal } from '../number/value';
import type { RealValue } from '../number/value';
import { coefficientsOf } from './coefficients';
import { simpleValuesNear } from './exact-near';
import { inverse, isNothing, powerOf, quotientOf, sineAndCosine } from './quotient';
import type { Quotient } from './quotient';
import { polynomialRoots } from './polynomial-roots';
import { exactRoot, ordered, valueOfRoot } from './root';
import type { Root } from './root';
import { search } from './search';

/**
 * The zeros of a periodic expression: those of one period, each of which stands for itself plus every whole multiple of
 * the period, and those from 0 up to `until`, a whole turn where the letter is an angle. `isSearched`: found by looking
 * through one period, so that some may be missing.
 */
export type Periodic = Readonly<{
  roots: readonly Root[];
  period: RealValue;
  inTurn: readonly Root[];
  until: RealValue;
  isAngle: boolean;
  isSearched: boolean;
}>;

/** A function of the angle a·x + b. */
type Circular = Readonly<{ call: Tree & { kind: 'call' }; a: RealValue; b: RealValue }>;

const MOST_LISTED = 40;
const STANDING = '#';

const real = (text: string, letters: Readonly<Record<string, RealValue>>, context: Context): RealValue | null => {
  const value = formula(text, letters, context);
  return value !== null && isReal(value) ? value : null;
};

/** The functions of angles in which the letter stands; null when it stands anywhere else. */
function circularsOf(tree: Tree, letter: string, context: Context): readonly Circular[] | null {
  if (!mentions(tree, letter)) return [];
  if (tree.kind === 'letter') return null;
  if (tree.kind === 'call') {
    const record = functionRecord(tree.fn);
    if (record === undefined || record.binds !== undefined) return null;
    if (record.angleIn) {
      const linear = coefficientsOf(itemAt(tree.args, 0), letter, context);
      const [b, a] = linear ?? [];
      if (linear?.length !== 2 || a === undefined || b === undefined) return null;
      return signOf(a, context.shouldContinue) === 0 ? null : [{ call: tree, a, b }];
    }
  }
  const parts = partsOf(tree).map((part) => circularsOf(part, letter, context));
  return parts.every((part) => part !== null) ? parts.flat() : null;
}

/** The largest number of which all angles are whole multiples in the letter; null when there is none. */
function stepOf(circulars: readonly Circular[], context: Context): RealValue | null {
  const first = itemAt(circulars, 0).a;
  const shares = circulars.map(({ a }) => {
    const share = real('A/B', { A: a, B: first }, context);
    return share && asRational(share);
  });
  let common: Rational = q.ONE;
  for (const share of shares) {
    if (share === null) return null;
    const d = common.d * share.d;
    common = q.rational(gcd(common.n * share.d, (share.n < 0n ? -share.n : share.n) * common.d), d);
  }
  return real('abs(A)*C', { A: first, C: fromRational(common) }, context);
}

type Zeros = Readonly<{ roots: readonly Root[]; isSearched: boolean }>;

class PeriodicSolver {
  private readonly half: RealValue;

  constructor(
    private readonly tree: Tree,
    private readonly letter: string,
    private readonly circulars: readonly Circular[],
    private readonly step: RealValue,
    private readonly period: RealValue,
    private readonly context: Context,
  ) {
    this.half = fromTurns(q.rational(1n, 2n), context.angle);
  }

  private real(text: string, letters: Readonly<Record<string, RealValue>>): RealValue | null {
    return real(text, letters, this.context);
  }

  private at(x: RealValue) {
    return evaluate(this.tree, withLetter(this.context, this.letter, x));
  }

  private isZeroAt(x: RealValue): boolean {
    const value = this.at(x);
    return value.ok && isReal(value.value) && signOf(value.value, this.context.shouldContinue) === 0;
  }

  /** A zero brought into the first period, exact where a simple value is one; null where the expression has no value. */
  private zero(x: RealValue, isExact: boolean): Root | null {
    const { shouldContinue } = this.context;
    const turned = this.real('mod(X,P)', { X: x, P: this.period });
    if (turned === null) return null;
    const simple = simpleValuesNear(toDouble(turned, shouldContinue), 1e-12, shouldContinue).find((v) =>
      this.isZeroAt(v),
    );
    if (simple !== undefined) return exactRoot(this.real('mod(X,P)', { X: simple, P: this.period }) ?? simple);
    if (!this.at(turned).ok) return null;
    if (isExact) return exactRoot(turned);
    const digits = roundToFigures(turned, 40, shouldContinue);
    if (typeof digits === 'string') return null;
    const middle = q.rational(digits.unscaled, 10n ** BigInt(digits.places));
    const width = q.multiply(q.add(q.magnitude(middle), q.ONE), q.rational(1n, 10n ** 21n));
    return { kind: 'near', low: q.subtract(middle, width), high: q.add(middle, width), isSure: true };
  }

  /** The angles of a function at which it has a value. */
  private anglesWhere(fn: string, value: RealValue): readonly RealValue[] {
    const { shouldContinue } = this.context;
    const given = { C: value, H: this.half };
    const all = (...texts: string[]) => texts.map((text) => this.real(text, given)).filter((v) => v !== null);
    const isIn = (low: -1 | 1): boolean => compareWith(value, q.whole(low), shouldContinue) !== low;
    switch (fn) {
      case 'sin':
        return isIn(-1) && isIn(1) ? all('asin(C)', 'H-asin(C)') : [];
      case 'cos':
        return isIn(-1) && isIn(1) ? all('acos(C)', '-acos(C)') : [];
      case 'csc':
        return all('asin(1/C)', 'H-asin(1/C)');
      case 'sec':
        return all('acos(1/C)', '-acos(1/C)');
      case 'tan':
        return all('atan(C)', 'H+atan(C)');
      default:
        return all('acot(C)', 'H+acot(C)');
    }
  }

  /** Where one function of one angle is all that holds the letter: its values are the roots of a polynomial. */
  private ofOne(): readonly Root[] | 'always' | null {
    const { call, a, b } = itemAt(this.circulars, 0);
    const isSame = (one: Circular): boolean =>
      one.call.fn === call.fn &&
      [this.real('A-B', { A: one.a, B: a }), this.real('A-B', { A: one.b, B: b })].every(
        (difference) => difference !== null && isNothing([difference]),
      );
    if (!this.circulars.every(isSame)) return null;
    const calls = new Set<Tree>(this.circulars.map((one) => one.call));
    const standing = (node: Tree): Tree =>
      calls.has(node) ? letterTree(STANDING) : withParts(node, partsOf(node).map(standing));
    const coefficients = coefficientsOf(standing(this.tree), STANDING, this.context);
    if (coefficients === null) return null;
    if (powerOf(coefficients) === 0) return isNothing(coefficients) ? 'always' : [];
    const values = polynomialRoots(coefficients, this.context);
    return (
      values?.real.flatMap((value) => {
        const of = valueOfRoot(value);
        return (of === null ? [] : this.anglesWhere(call.fn, of)).flatMap((angle) => {
          // The same angle once more for each period of the function within that of the whole.
          const x = this.real('(U-B)/A', { U: angle, B: b, A: a });
          return x === null ? [] : (this.zero(x, value.kind === 'exact') ?? []);
        });
      }) ?? null
    );
  }

  private circularQuotient({ call, a, b }: Circular): Quotient | null {
    const k = this.real('A/C', { A: a, C: this.step });
    const whole = k && asRational(k);
    const [sine, cosine] = [this.real('sin(B)', { B: b }), this.real('cos(B)', { B: b })];
    if (!whole || whole.d !== 1n || sine === null || cosine === null) return null;
    const found = sineAndCosine(Number(whole.n), sine, cosine);
    if (found === null) return null;
    const { sin, cos } = found;
    const over = (top: Quotient, bottom: Quotient): Quotient => ({ top: top.top, halves: 0, bottom: bottom.top });
    switch (call.fn) {
      case 'sin':
        return sin;
      case 'cos':
        return cos;
      case 'tan':
        return over(sin, cos);
      case 'cot':
        return over(cos, sin);
      case 'sec':
        return inverse(cos);
      default:
        return inverse(sin);
    }
  }

  /** Where sums, products and quotients of functions of angles hold the letter: by the tangent of half the smallest of the angles. */
  private ofHalf(): readonly Root[] | 'always' | null {
    const { context, letter } = this;
    const quotient = quotientOf(this.tree, letter, context, (node) => {
      const found = this.circulars.find((one) => one.call === node);
      return found ? this.circularQuotient(found) : null;
    });
    if (quotient === null) return null;
    // Where it has a value at all.
    if (isNothing(quotient.top)) return 'always';
    const found = powerOf(quotient.top) === 0 ? { real: [] } : polynomialRoots(quotient.top, context);
    if (found === null) return null;
    const opposite = this.real('H/C', { H: this.half, C: this.step });
    const roots = found.real.flatMap((root) => {
      const t = valueOfRoot(root);
      const x = t && this.real('2atan(T)/C', { T: t, C: this.step });
      return x === null ? [] : (this.zero(x, root.kind === 'exact') ?? []);
    });
    // Half a turn has no tangent of its half.
    return opposite !== null && this.isZeroAt(opposite) ? [...roots, exactRoot(opposite)] : roots;
  }

  private searched(): readonly Root[] | null {
    const { period, context } = this;
    const end = fromDoubleUp(toDouble(period, context.shouldContinue));
    const found = search(this.tree, this.letter, q.ZERO, end, context);
    if (found === null) return null;
    return found.roots.filter((root) => {
      const x = valueOfRoot(root);
      return x !== null && compareReals(x, period, context.shouldContinue) === -1;
    });
  }

  zeros(): Zeros | 'always' | null {
    const found = this.ofOne() ?? this.ofHalf();
    if (found === 'always') return 'always';
    if (found !== null) return { roots: ordered(found, this.context.shouldContinue), isSearched: false };
    const searched = this.searched();
    return searched && { roots: ordered(searched, this.context.shouldContinue), isSearched: true };
  }
}

/** A rational a little above a double. */
const fromDoubleUp = (x: number): Rational => q.rational(BigInt(Math.ceil(x * 1e6)) + 1n, 1_000_000n);

/** The simple value that a recipe comes to, or itself. */
function simplest(x: RealValue, { shouldContinue }: Context): RealValue {
  if (x.kind !== 'real') return x;
  const near = simpleValuesNear(toDouble(x, shouldContinue), 1e-12, shouldContinue);
  return near.find((v) => compareReals(v, x, shouldContinue) === 0) ?? x;
}

const shifted = (root: Root, by: RealValue, context: Context): Root | null => {
  if (root.kind === 'exact') {
    const x = isReal(root.value) ? real('X+B', { X: root.value, B: by }, context) : null;
    return x && exactRoot(x);
  }
  const digits = roundToFigures(by, 40, context.shouldContinue);
  if (typeof digits === 'string') return null;
  const distance = q.rational(digits.unscaled, 10n ** BigInt(digits.places));
  return { ...root, low: q.add(root.low, distance), high: q.add(root.high, distance) };
};

/** Whether two zeros cannot be told apart. */
function isSame(a: Root, b: Root, context: Context): boolean {
  const [x, y] = [valueOfRoot(a), valueOfRoot(b)];
  if (x === null || y === null) return false;
  if (a.kind === 'exact' && b.kind === 'exact') {
    const order = compareReals(x, y, context.shouldContinue);
    return order === 0 || order === 'undecided';
  }
  const widths = [a, b].map((root) => (root.kind === 'near' ? q.subtract(root.high, root.low) : q.ZERO));
  const distance = real('abs(X-Y)', { X: x, Y: y }, context);
  return distance !== null && compareWith(distance, widths.reduce(q.add), context.shouldContinue) !== 1;
}

/** A shorter period that the zeros have, with one of each kind: those of a tangent come twice in a turn. */
function condensed(roots: readonly Root[], period: RealValue, context: Context): Pick<Periodic, 'roots' | 'period'> {
  for (let parts = roots.length; parts > 1; parts -= 1) {
    if (roots.length % parts !== 0) continue;
    const shorter = real(`P/${parts}`, { P: period }, context);
    const first = roots.slice(0, roots.length / parts);
    // In rising order, so that the next share begins where the first one came to an end.
    const isRepeated = roots.every((root, i) => {
      const again = roots[i + first.length];
      const next = shorter && again && shifted(root, shorter, context);
      return again === undefined || (next != null && isSame(next, again, context));
    });
    if (shorter !== null && isRepeated) return { roots: first, period: shorter };
  }
  return { roots, period };
}

/**
 * Where an expression is zero whose letter stands in functions of angles only, such as sin x − 1/2. `always` when it is
 * zero throughout; null when it is not periodic, or nothing here finds its zeros. All of them, proved by algebra, unless
 * `isSearched` says otherwise.
 */
export function periodicZeros(tree: Tree, letter: string, context: Context): Periodic | 'always' | null {
  const circulars = circularsOf(tree, letter, context);
  if (circulars === null || circulars.length === 0) return null;
  const step = stepOf(circulars, context);
  const turn = fromTurns(q.ONE, context.angle);
  const quotient = step && real('T/C', { T: turn, C: step }, context);
  if (step === null || quotient === null) return null;
  const whole = simplest(quotient, context);
  const zeros = new PeriodicSolver(tree, letter, circulars, step, whole, context).zeros();
  if (zeros === null || zeros === 'always') return zeros;
  const { roots, period } = condensed(zeros.roots, whole, context);
  const isAngle = circulars.every(({ a }) => a.kind === 'rational');
  const count = Math.ceil(toDouble(turn, context.shouldContinue) / toDouble(period, context.shouldContinue) - 1e-9);
  const isListed = isAngle && count * roots.length <= MOST_LISTED;
  const until = isListed ? turn : period;
  const inTurn = Array.from({ length: isListed ? Math.max(1, count) : 1 }, (_, n) => {
    const by = real(`${n}P`, { P: period }, context) ?? ONE;
    return n === 0 ? roots : roots.map((root) => shifted(root, by, context)).filter((root) => root !== null);
  })
    .flat()
    .filter((root) => {
      const x = valueOfRoot(root);
      return x !== null && compareReals(x, until, context.shouldContinue) === -1;
    });
  return {
    roots,
    period,
    inTurn: ordered(inTurn, context.shouldContinue),
    until,
    isAngle,
    isSearched: zeros.isSearched,
  };
}
