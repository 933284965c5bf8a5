import { itemAt, lastOf } from '../base/item';
import type { AngleUnit } from '../base/angle';
import type { Problem } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import { functionNames } from '../function';
import { distributionShape } from '../function/chance/distributions';
import { chanceFunctionName } from '../function/chance/functions';
import type { FunctionRecord, OfChance } from '../function/record';
import { functionRecord } from '../function/worked';
import { parse } from '../language/parse';
import {
  binaryTree,
  callTree,
  constantTree,
  inside,
  isPercent,
  isShare,
  negateTree,
  numberTree,
  partsOf,
  powerTree,
  withParts,
} from '../language/tree';
import type { Tree } from '../language/tree';
import { refused } from './context';
import { mentions } from './real-expr';
import { withoutMatrices } from './without-matrices';

type Call = Tree & { kind: 'call' };
type Differentiated = Result<Tree, Problem>;

const ZERO = numberTree('0');
const ONE = numberTree('1');
const isNumber = (tree: Tree, written: string): boolean => tree.kind === 'number' && tree.written === written;

/* Sums and products without the zeros and ones that the rules bring in. */
const plus = (a: Tree, b: Tree): Tree => (isNumber(a, '0') ? b : isNumber(b, '0') ? a : binaryTree('plus', a, b));
const negate = (a: Tree): Tree => (isNumber(a, '0') ? a : negateTree(a));
const minus = (a: Tree, b: Tree): Tree =>
  isNumber(b, '0') ? a : isNumber(a, '0') ? negate(b) : binaryTree('minus', a, b);
const times = (a: Tree, b: Tree): Tree => {
  if (isNumber(a, '0') || isNumber(b, '0')) return ZERO;
  return isNumber(a, '1') ? b : isNumber(b, '1') ? a : binaryTree('times', a, b);
};
const over = (a: Tree, b: Tree): Tree => (isNumber(a, '0') ? ZERO : isNumber(b, '1') ? a : binaryTree('over', a, b));

/** A tree with expressions in place of letters. */
function replaced(tree: Tree, letters: ReadonlyMap<string, Tree>): Tree {
  if (tree.kind === 'letter') return letters.get(tree.name) ?? tree;
  const bound = tree.kind === 'call' && functionNames.get(tree.fn)?.form === 'binder' ? tree.args[1] : undefined;
  if (tree.kind === 'call' && bound?.kind === 'letter' && letters.has(bound.name)) {
    // The letter that a sum binds is its own inside it.
    const outer = new Map([...letters].filter(([name]) => name !== bound.name));
    const rest = tree.args.slice(2);
    return {
      ...tree,
      args: [replaced(itemAt(tree.args, 0), outer), bound, ...rest.map((part) => replaced(part, letters))],
    };
  }
  return withParts(
    tree,
    partsOf(tree).map((part) => replaced(part, letters)),
  );
}

const rules = new Map<string, Tree>();

/** A derivative as its record writes it, read once. What is written there and cannot be read is a bug. */
function ruleOf(text: string): Tree {
  const known = rules.get(text);
  if (known !== undefined) return known;
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(`a derivative that cannot be read: ${text}`);
  rules.set(text, reading.value.tree);
  return reading.value.tree;
}

/** What an angle in the unit that is set is multiplied by to be in radians: π/180. */
const perUnit: { [U in AngleUnit]: Tree } = {
  rad: ONE,
  deg: over(constantTree('pi'), numberTree('180')),
  grad: over(constantTree('pi'), numberTree('200')),
};

class Differentiator {
  constructor(
    private readonly name: string,
    private readonly angle: AngleUnit,
  ) {}

  of(tree: Tree): Differentiated {
    if (!mentions(tree, this.name)) return succeed(ZERO);
    switch (tree.kind) {
      case 'letter':
        return succeed(ONE);
      case 'group':
        return this.of(tree.of);
      case 'negate':
        return this.map(this.of(tree.of), negate);
      case 'binary':
        return this.binary(tree);
      case 'power':
        return this.power(tree);
      case 'postfix':
        if (tree.op === 'factorial') return refused({ code: 'domain', reason: 'no-derivative', fn: '!' }, tree.span);
        return this.map(this.of(tree.of), (d) => over(d, numberTree('100')));
      case 'mark':
        return this.map(this.of(tree.of), (d) => ({ ...tree, of: d }));
      case 'call':
        return this.call(tree);
      default:
        return refused({ code: 'domain', reason: 'no-derivative' }, tree.span);
    }
  }

  private map(result: Differentiated, then: (tree: Tree) => Tree): Differentiated {
    return result.ok ? succeed(then(result.value)) : result;
  }

  private both(a: Tree, b: Tree, then: (da: Tree, db: Tree) => Tree): Differentiated {
    const da = this.of(a);
    if (!da.ok) return da;
    return this.map(this.of(b), (db) => then(da.value, db));
  }

  private binary(tree: Tree & { kind: 'binary' }): Differentiated {
    const { op, left, right } = tree;
    switch (op) {
      case 'plus':
      case 'minus': {
        // a + b% is a·(1 + b/100).
        if (isShare(tree) && isPercent(right))
          return this.of(times(left, binaryTree(op, ONE, over(right.of, numberTree('100')))));
        return this.both(left, right, op === 'plus' ? plus : minus);
      }
      case 'times':
      case 'implied':
        return this.both(left, right, (dl, dr) => plus(times(dl, right), times(left, dr)));
      case 'divide':
      case 'over':
        return this.both(left, right, (dl, dr) =>
          minus(over(dl, right), over(times(left, dr), powerTree(right, numberTree('2')))),
        );
      case 'mod':
        return this.call({ ...tree, kind: 'call', fn: 'mod', args: [left, right], bracketed: true, closed: true });
    }
  }

  private power({ base, exponent }: Tree & { kind: 'power' }): Differentiated {
    const e = inside(base);
    if (!mentions(exponent, this.name))
      return this.map(this.of(base), (db) => times(times(exponent, powerTree(base, minus(exponent, ONE))), db));
    if (e.kind === 'constant' && e.name === 'e')
      return this.map(this.of(exponent), (dx) => times(powerTree(base, exponent), dx));
    const whole = powerTree(base, exponent);
    return this.both(base, exponent, (db, dx) =>
      times(whole, plus(times(dx, callTree('ln', base)), over(times(exponent, db), base))),
    );
  }

  private call(tree: Call): Differentiated {
    const record = functionRecord(tree.fn);
    if (record === undefined) return refused({ code: 'undefined-name', name: tree.fn }, tree.span);
    if (record.binds === 'matrix') return refused({ code: 'domain', reason: 'no-derivative', fn: tree.fn }, tree.span);
    if (record.binds === 'chance') return this.chance(record, tree);
    if (record.binds !== undefined) return this.binder(record, tree);
    // max(a, b, c) is max(max(a, b), c).
    if (record.more && tree.args.length > 2) {
      const last = lastOf(tree.args);
      return this.call({ ...tree, args: [{ ...tree, args: tree.args.slice(0, -1) }, last] });
    }
    if (record.more && tree.args.length === 1) return this.of(itemAt(tree.args, 0));
    return this.chained(record, tree);
  }

  /** By what is asked about alone: a share rises as steeply as it is dense, a place by the inverse of that. */
  private chance({ distribution, question }: OfChance, tree: Call): Differentiated {
    const [first, ...parameters] = tree.args;
    const shape = distributionShape(distribution);
    const isPlain =
      first !== undefined && shape?.isOfCounts === false && !parameters.some((p) => mentions(p, this.name));
    if (!isPlain || question === 'at' || question === 'between')
      return refused({ code: 'domain', reason: 'no-derivative', fn: tree.fn }, tree.span);
    const density = (at: Tree): Tree => callTree(chanceFunctionName(shape, 'at'), at, ...parameters);
    return this.map(this.of(first), (slope) => {
      if (question === 'inverse') return over(slope, density(tree));
      const rise = times(density(first), slope);
      return question === 'below' ? rise : negate(rise);
    });
  }

  /** Σ ∂f/∂argument · argument′. */
  private chained(record: FunctionRecord, tree: Call): Differentiated {
    const { derivative = [], absent, takes, angleIn, angleOut } = record;
    const args = [...tree.args];
    if (args.length < takes.length && absent !== undefined) args.push(ruleOf(absent));
    const letters = new Map(args.map((arg, i) => ['xy'.charAt(i), arg] as const));
    let total: Tree = ZERO;
    for (const [i, arg] of args.entries()) {
      if (!mentions(arg, this.name)) continue;
      const rule = derivative[i];
      if (rule === null || rule === undefined)
        return refused({ code: 'domain', reason: 'no-derivative', fn: tree.fn }, tree.span);
      const slope = this.of(arg);
      if (!slope.ok) return slope;
      let part = times(replaced(ruleOf(rule), letters), slope.value);
      if (angleIn) part = times(part, perUnit[this.angle]);
      if (angleOut) part = over(part, perUnit[this.angle]);
      total = plus(total, part);
    }
    return succeed(total);
  }

  private binder(record: FunctionRecord, tree: Call): Differentiated {
    const [of, letter, from, to] = tree.args as [Tree, Tree & { kind: 'letter' }, Tree, Tree];
    const isOwn = letter.name === this.name;
    const inner = (): Differentiated => (isOwn ? succeed(ZERO) : this.of(of));
    const at = (place: Tree): Tree => replaced(of, new Map([[letter.name, place]]));
    switch (record.binds) {
      case 'cases': {
        const parts: Tree[] = [];
        for (const [i, arg] of tree.args.entries()) {
          const isCondition = i % 2 === 0 && i < tree.args.length - 1;
          const result = isCondition ? succeed(arg) : this.of(arg);
          if (!result.ok) return result;
          parts.push(result.value);
        }
        return succeed({ ...tree, args: parts });
      }
      case 'sum':
        if (mentions(from, this.name) || mentions(to, this.name)) break;
        return this.map(inner(), (d) => (isNumber(d, '0') ? ZERO : { ...tree, args: [d, letter, from, to] }));
      case 'integral': {
        // The rule of Leibniz: f(b)·b′ − f(a)·a′ + ∫ ∂f/∂x.
        const under = inner();
        if (!under.ok) return under;
        const rest: Tree = isNumber(under.value, '0') ? ZERO : { ...tree, args: [under.value, letter, from, to] };
        return this.both(from, to, (da, db) => plus(minus(times(at(to), db), times(at(from), da)), rest));
      }
      case 'derivative': {
        // The slope of g(x, p(x)) with g = ∂f/∂letter: its own part and the one through the place.
        const slope = new Differentiator(letter.name, this.angle).of(of);
        if (!slope.ok) return slope;
        const second: Tree = { ...tree, args: [slope.value, letter, from] };
        const own = isOwn ? succeed(ZERO) : this.of(slope.value);
        if (!own.ok) return own;
        const direct = replaced(own.value, new Map([[letter.name, from]]));
        return this.map(this.of(from), (dp) => plus(times(second, dp), direct));
      }
      default:
        break;
    }
    return refused({ code: 'domain', reason: 'no-derivative', fn: tree.fn }, tree.span);
  }
}

/**
 * The derivative of an expression by a letter, as an expression of it. Rules: DLMF 1.4(iii) and, for functions, what
 * their records say; a trigonometric function is that of the unit that is set. Problems: domain (no rule for a part).
 */
export const differentiate = (tree: Tree, name: string, angle: AngleUnit): Differentiated =>
  new Differentiator(name, angle).of(withoutMatrices(tree));
