import { itemAt, lastOf } from '../base/item';
import { absentParameters } from '../chance';
import { chanceBounds } from '../chance/interval-bounds';
import { functionRecord } from '../function/worked';
import type { FunctionRecord, OfChance } from '../function/record';
import type { RelationName } from '../language/operators';
import { isShare } from '../language/tree';
import type { Tree } from '../language/tree';
import * as iv from '../number/interval';
import type { Bounds } from '../number/interval';
import { VARIABLE } from '../number/real-expr';
import type { RealExpr } from '../number/real-expr';
import { toDouble } from '../number/to-double';
import { asRational, isReal } from '../number/value';
import type { RealValue } from '../number/value';
import type { ShouldContinue } from '../base/should-continue';
import type { Context } from './context';
import { differentiate } from './differentiate';
import { evaluate } from './evaluate';
import { hasChance, mentions, perRadian, radiansPer } from './real-expr';
import { withoutMatrices } from './without-matrices';

/** Bounds of an expression over an interval of its variable. */
export type BoundsOf = (x: Bounds) => Bounds;

/** Whether something holds all over an interval, nowhere in it, or it is not known. */
type Truth = boolean | null;
type TruthOf = (x: Bounds) => Truth;

const unknown: BoundsOf = () => iv.ANYTHING;

/** Sums with more terms than this are not bounded term by term. */
const MOST_TERMS = 2000;

/** The exact double of a value when it has one, else the two around it. */
function boundsOfValue(v: RealValue, shouldContinue: ShouldContinue): Bounds {
  const c = toDouble(v, shouldContinue);
  const q = asRational(v);
  const isExact = q !== null && q.d <= 1024n && (q.d & (q.d - 1n)) === 0n && q.n < 2n ** 52n && q.n > -(2n ** 52n);
  return isExact ? iv.interval(c, c) : iv.constantBounds(c);
}

const relations: { [R in RelationName]: (a: Bounds, b: Bounds) => Truth } = {
  less: (a, b) => (a.high < b.low ? true : a.low >= b.high ? false : null),
  atMost: (a, b) => (a.high <= b.low ? true : a.low > b.high ? false : null),
  greater: (a, b) => relations.less(b, a),
  atLeast: (a, b) => relations.atMost(b, a),
  equal: (a, b) =>
    a.high < b.low || b.high < a.low ? false : a.low === a.high && b.low === b.high && a.low === b.low ? true : null,
  unequal: (a, b) => negated(relations.equal(a, b)),
};

const negated = (t: Truth): Truth => (t === null ? null : !t);

class BoundsCompiler {
  /** Letters that are bound in sums, each a cell that the loop writes to. */
  private readonly bound = new Map<string, { v: Bounds }>();

  constructor(
    private readonly variable: string,
    private readonly context: Context,
  ) {}

  private isFree = (tree: Tree): boolean =>
    mentions(tree, this.variable) || [...this.bound.keys()].some((name) => mentions(tree, name));

  private fixed(tree: Tree): BoundsOf {
    const value = evaluate(tree, this.context);
    if (!value.ok) return () => iv.NOWHERE;
    if (!isReal(value.value)) return unknown;
    const c = boundsOfValue(value.value, this.context.shouldContinue);
    return () => c;
  }

  private value(v: RealValue): BoundsOf {
    const c = boundsOfValue(v, this.context.shouldContinue);
    return () => c;
  }

  private both(a: Tree, b: Tree, make: (x: Bounds, y: Bounds) => Bounds): BoundsOf {
    const [f, g] = [this.of(a), this.of(b)];
    return (x) => make(f(x), g(x));
  }

  /** An expression in which a second letter stands for what is written to a cell. */
  ofTwo(tree: Tree, second: string): (x: Bounds, y: Bounds) => Bounds {
    const { cell, f } = this.inside(tree, second);
    return (x, y) => {
      cell.v = y;
      return f(x);
    };
  }

  of(tree: Tree): BoundsOf {
    if (hasChance(tree)) return unknown;
    if (!this.isFree(tree)) return this.fixed(tree);
    switch (tree.kind) {
      case 'letter': {
        const cell = this.bound.get(tree.name);
        return cell === undefined ? (x) => x : () => cell.v;
      }
      case 'group':
        return this.of(tree.of);
      case 'negate': {
        const f = this.of(tree.of);
        return (x) => iv.negate(f(x));
      }
      case 'binary':
        return this.binary(tree);
      case 'power':
        return this.power(tree);
      case 'postfix': {
        const f = this.of(tree.of);
        if (tree.op === 'percent') return (x) => iv.divide(f(x), iv.interval(100, 100));
        return (x) => iv.intervalOps.gamma(iv.add(f(x), iv.interval(1, 1)));
      }
      case 'mark': {
        const [f, per] = [this.of(tree.of), this.value(perRadian(tree.unit, this.context.angle))];
        return (x) => iv.multiply(f(x), per(x));
      }
      case 'call':
        return this.call(tree);
      default:
        return unknown;
    }
  }

  private binary(tree: Tree & { kind: 'binary' }): BoundsOf {
    const { op, left, right } = tree;
    switch (op) {
      case 'plus':
      case 'minus': {
        const make = op === 'plus' ? iv.add : iv.subtract;
        return this.both(left, right, isShare(tree) ? (a, b) => make(a, iv.multiply(a, b)) : make);
      }
      case 'times':
      case 'implied':
        return this.both(left, right, iv.multiply);
      case 'divide':
      case 'over':
        return this.both(left, right, iv.divide);
      case 'mod':
        return this.both(left, right, iv.remainder);
    }
  }

  private power(tree: Tree & { kind: 'power' }): BoundsOf {
    const base = this.of(tree.base);
    const exponent = this.isFree(tree.exponent) ? null : evaluate(tree.exponent, this.context);
    const to = exponent?.ok ? asRational(exponent.value) : null;
    if (to === null || to.n > 4096n || to.n < -4096n || to.d > 4096n)
      return this.both(tree.base, tree.exponent, iv.intervalOps.realPower);
    const [n, d] = [Number(to.n), Number(to.d)].map((k) => iv.interval(k, k)) as [Bounds, Bounds];
    const rooted: BoundsOf = to.d === 1n ? base : (x) => iv.intervalOps.root(base(x), d);
    return to.n === 1n ? rooted : (x) => iv.intervalOps.wholePower(rooted(x), n);
  }

  private call(tree: Tree & { kind: 'call' }): BoundsOf {
    const record = functionRecord(tree.fn);
    if (record === undefined || record.binds === 'matrix') return unknown;
    if (record.binds === 'chance') return this.chance(record, tree.args);
    if (record.binds !== undefined) return this.binder(record, tree);
    const { formula, bounds, double, angleIn, angleOut } = record;
    const isScaled = this.context.angle !== 'rad';
    const unit = this.value(radiansPer(this.context.angle));
    const args = tree.args.map((arg): BoundsOf => {
      const f = this.of(arg);
      return angleIn && isScaled ? (x) => iv.multiply(f(x), unit(x)) : f;
    });
    const result =
      bounds !== undefined
        ? (x: Bounds) => bounds(...args.map((f) => f(x)))
        : formula === undefined
          ? this.atPoints(double, args)
          : this.applied(formula, args);
    return angleOut && isScaled ? (x) => iv.divide(result(x), unit(x)) : result;
  }

  private chance({ distribution, question, takes }: OfChance, args: readonly Tree[]): BoundsOf {
    const [first, ...others] = args;
    if (first === undefined || question === 'between' || others.some(this.isFree)) return unknown;
    const given = others.map((arg) => evaluate(arg, this.context));
    const values = given.flatMap((v) => (v.ok && isReal(v.value) ? [v.value] : []));
    const parameters = (args.length === takes.length ? values : absentParameters(distribution)).map((v) =>
      toDouble(v, this.context.shouldContinue),
    );
    if (values.length !== others.length || (others.length > 0 && args.length !== takes.length)) return unknown;
    const at = this.of(first);
    return (x) => chanceBounds(distribution, question, at(x), parameters);
  }

  /** A function of which nothing is known but its values: it has bounds only where its arguments stand still. */
  private atPoints(double: ((...v: number[]) => number) | undefined, args: readonly BoundsOf[]): BoundsOf {
    if (double === undefined) return unknown;
    return (x) => {
      const worth = args.map((f) => f(x));
      const isStill = worth.every((b) => b.low === b.high && b.is === 'continuous');
      return isStill ? iv.constantBounds(double(...worth.map((b) => b.low))) : iv.ANYTHING;
    };
  }

  /** A function by its formula: the formula's variables stand for the arguments. */
  private applied(formula: (...args: readonly RealExpr[]) => RealExpr, args: readonly BoundsOf[]): BoundsOf {
    const places = new Map<RealExpr, BoundsOf>(args.map((f) => [{ ...VARIABLE }, f]));
    const visit = (part: RealExpr): BoundsOf => {
      const place = places.get(part);
      if (place !== undefined) return place;
      if (part.kind === 'value') return this.value(part.value);
      if (part.kind === 'variable') throw new Error('a formula with a variable of its own');
      const [kernel, inner] = [iv.intervalOps[part.op], part.args.map(visit)];
      const [f, g] = inner;
      if (f === undefined) return () => kernel();
      if (g === undefined) return (x) => kernel(f(x));
      return (x) => kernel(f(x), g(x));
    };
    return visit(formula(...places.keys()));
  }

  private truth(tree: Tree): TruthOf {
    switch (tree.kind) {
      case 'group':
        return this.truth(tree.of);
      case 'not': {
        const of = this.truth(tree.of);
        return (x) => negated(of(x));
      }
      case 'logic': {
        const [a, b] = [this.truth(tree.left), this.truth(tree.right)];
        const decisive = tree.op !== 'and';
        return (x) => {
          const [p, r] = [a(x), b(x)];
          if (p === decisive || r === decisive) return decisive;
          return p === null || r === null ? null : !decisive;
        };
      }
      case 'relation': {
        const sides = [tree.first, ...tree.rest.map((p) => p.right)].map((t) => this.of(t));
        const ops = tree.rest.map((p) => relations[p.op]);
        return (x) => {
          const worth = sides.map((f) => f(x));
          if (worth.some((b) => b.is === 'partial' || b.is === 'nowhere')) return null;
          const all = ops.map((test, i) => test(itemAt(worth, i), itemAt(worth, i + 1)));
          return all.includes(false) ? false : all.includes(null) ? null : true;
        };
      }
      default:
        return () => null;
    }
  }

  private cases(args: readonly Tree[]): BoundsOf {
    let result = this.of(lastOf(args));
    for (let i = args.length - 3; i >= 0; i -= 2) {
      const [holds, value, rest] = [this.truth(itemAt(args, i)), this.of(itemAt(args, i + 1)), result];
      result = (x) => {
        const truth = holds(x);
        return truth === null ? iv.either(value(x), rest(x)) : truth ? value(x) : rest(x);
      };
    }
    return result;
  }

  private inside(tree: Tree, name: string): { cell: { v: Bounds }; f: BoundsOf } {
    const outer = this.bound.get(name);
    const cell = { v: iv.interval(0, 0) };
    this.bound.set(name, cell);
    const f = this.of(tree);
    if (outer === undefined) this.bound.delete(name);
    else this.bound.set(name, outer);
    return { cell, f };
  }

  private binder(record: FunctionRecord, tree: Tree & { kind: 'call' }): BoundsOf {
    if (record.binds === 'cases') return this.cases(tree.args);
    const [of, letter, from, to] = tree.args as [Tree, Tree & { kind: 'letter' }, Tree, Tree];
    if (record.binds === 'derivative') {
      const slope = differentiate(of, letter.name, this.context.angle);
      if (!slope.ok || letter.name === this.variable) return unknown;
      const at = this.of(from);
      const { cell, f } = this.inside(slope.value, letter.name);
      return (x) => {
        cell.v = at(x);
        return f(x);
      };
    }
    const isSum = record.binds === 'sum';
    if ((!isSum && record.binds !== 'prod') || this.isFree(from) || this.isFree(to)) return unknown;
    const [lo, hi] = [this.fixed(from)(iv.NOWHERE), this.fixed(to)(iv.NOWHERE)];
    if (!(hi.high - lo.low < MOST_TERMS) || letter.name === this.variable) return unknown;
    const { cell, f } = this.inside(of, letter.name);
    return (x) => {
      let total = isSum ? iv.interval(0, 0) : iv.interval(1, 1);
      for (let k = lo.low; k <= hi.high; k += 1) {
        cell.v = iv.interval(k, k);
        total = isSum ? iv.add(total, f(x)) : iv.multiply(total, f(x));
      }
      return total;
    };
  }
}

/**
 * Bounds of an expression over intervals of one letter, every other letter being taken from the context: all values
 * that it has there lie within them, and they tell whether it is continuous (the natural interval extension: R. E.
 * Moore, R. B. Kearfott, M. J. Cloud, Introduction to Interval Analysis, ch. 5, from memory). What has no bounds here
 * (integrals, greatest common divisors) may be anything and is never called continuous.
 */
export function compileBounds(tree: Tree, variable: string, context: Context): BoundsOf {
  return new BoundsCompiler(variable, without([variable], context)).of(withoutMatrices(tree));
}

/** The same of an expression in two letters, over a box. */
export const compileBoundsOfTwo = (
  tree: Tree,
  [x, y]: readonly [string, string],
  context: Context,
): ((x: Bounds, y: Bounds) => Bounds) =>
  new BoundsCompiler(x, without([x, y], context)).ofTwo(withoutMatrices(tree), y);

/** The context in which some letters hold nothing. */
function without(names: readonly string[], context: Context): Context {
  const { letters } = context.names;
  if (!names.some((name) => letters.has(name))) return context;
  const others = new Map([...letters].filter(([name]) => !names.includes(name)));
  return { ...context, names: { ...context.names, letters: others } };
}
