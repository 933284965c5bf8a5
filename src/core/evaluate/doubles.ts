import { itemAt, lastOf } from '../base/item';
import type { AngleUnit } from '../base/angle';
import { absentParameters, chanceDouble, valuesOf } from '../chance';
import { functionRecord } from '../function/worked';
import type { FunctionRecord, OfChance } from '../function/record';
import type { RelationName } from '../language/operators';
import { isShare } from '../language/tree';
import type { Tree } from '../language/tree';
import { factorialDouble } from '../number/gamma-double';
import { asRational, isReal } from '../number/value';
import { toDouble } from '../number/to-double';
import type { Context } from './context';
import { differentiate } from './differentiate';
import * as parts from './double-expr';
import type { Fn, DoubleExpr } from './double-expr';
import { evaluate } from './evaluate';
import { hasChance, mentions } from './real-expr';
import { withoutMatrices } from './without-matrices';

type Test = (x: number) => boolean;

const compare: { [R in RelationName]: (a: number, b: number) => boolean } = {
  equal: (a, b) => a === b,
  unequal: (a, b) => a !== b,
  less: (a, b) => a < b,
  atMost: (a, b) => a <= b,
  greater: (a, b) => a > b,
  atLeast: (a, b) => a >= b,
};

const halfTurn: { [U in AngleUnit]: number } = { rad: Math.PI, deg: 180, grad: 200 };

/** Thrown inside the compiler only, for what has no double form; `compileDoubles` turns it into null. */
class NoDouble extends Error {}

class Compiler {
  /** Letters that are bound in sums, each a cell that the loop writes to. */
  private readonly bound = new Map<string, { v: number }>();

  constructor(
    private readonly variable: string,
    private readonly context: Context,
  ) {}

  private isFree = (tree: Tree): boolean =>
    mentions(tree, this.variable) || [...this.bound.keys()].some((name) => mentions(tree, name));

  private fixed(tree: Tree): DoubleExpr {
    const value = evaluate(tree, this.context);
    if (!value.ok) return parts.constant(NaN);
    if (!isReal(value.value)) throw new NoDouble();
    return parts.constant(toDouble(value.value, this.context.shouldContinue));
  }

  piece(tree: Tree): DoubleExpr {
    if (hasChance(tree)) throw new NoDouble();
    if (!this.isFree(tree)) return this.fixed(tree);
    switch (tree.kind) {
      case 'letter': {
        const cell = this.bound.get(tree.name);
        return cell === undefined ? parts.VARIABLE : parts.compiled(() => cell.v);
      }
      case 'group':
        return this.piece(tree.of);
      case 'negate':
        return parts.multiply(parts.constant(-1), this.piece(tree.of));
      case 'binary':
        return this.binary(tree);
      case 'power':
        return this.power(tree);
      case 'postfix':
        return tree.op === 'percent'
          ? parts.divide(this.piece(tree.of), parts.constant(100))
          : parts.apply(factorialDouble, this.piece(tree.of));
      case 'mark':
        return parts.multiply(parts.constant(halfTurn[this.context.angle] / halfTurn[tree.unit]), this.piece(tree.of));
      case 'call':
        return this.call(tree);
      default:
        throw new NoDouble();
    }
  }

  private binary(tree: Tree & { kind: 'binary' }): DoubleExpr {
    const [left, right] = [this.piece(tree.left), this.piece(tree.right)];
    switch (tree.op) {
      case 'plus':
      case 'minus': {
        const part = isShare(tree) ? parts.multiply(left, right) : right;
        return tree.op === 'plus' ? parts.add(left, part) : parts.subtract(left, part);
      }
      case 'times':
      case 'implied':
        return parts.multiply(left, right);
      case 'divide':
      case 'over':
        return parts.divide(left, right);
      case 'mod': {
        const [f, g] = [parts.functionOf(left), parts.functionOf(right)];
        return parts.compiled((x) => {
          const [a, b] = [f(x), g(x)];
          return a - b * Math.floor(a / b);
        });
      }
    }
  }

  private power(tree: Tree & { kind: 'power' }): DoubleExpr {
    const base = this.piece(tree.base);
    if (this.isFree(tree.exponent)) return parts.powerOf(base, this.piece(tree.exponent));
    const exponent = evaluate(tree.exponent, this.context);
    const to = exponent.ok ? asRational(exponent.value) : null;
    if (to !== null && to.n < 1024n && to.n > -1024n && to.d < 1024n)
      return parts.power(base, Number(to.n), Number(to.d));
    return parts.powerOf(base, this.fixed(tree.exponent));
  }

  private call(tree: Tree & { kind: 'call' }): DoubleExpr {
    const record = functionRecord(tree.fn);
    if (record === undefined) throw new NoDouble();
    if (record.binds === 'matrix') throw new NoDouble();
    if (record.binds === 'chance') return this.chance(record, tree.args);
    if (record.binds !== undefined) return this.binder(record, tree);
    const { double, angleIn, angleOut } = record;
    if (double === undefined) throw new NoDouble();
    const per = Math.PI / halfTurn[this.context.angle];
    const turn = 2 * halfTurn[this.context.angle];
    const isScaled = this.context.angle !== 'rad';
    const args = tree.args.map((arg) => this.piece(arg));
    const inUnit = (v: number): number => (v % turn) * per;
    const given = angleIn && isScaled ? args.map((arg) => parts.apply(inUnit, arg)) : args;
    const result = this.applied(double, given);
    return angleOut && isScaled ? parts.multiply(parts.constant(1 / per), result) : result;
  }

  private chance({ distribution, question, takes }: OfChance, args: readonly Tree[]): DoubleExpr {
    const asked = valuesOf(question);
    const fs = args.map((arg) => parts.functionOf(this.piece(arg)));
    const isGiven = fs.length === takes.length;
    if (!isGiven && fs.length !== asked) throw new NoDouble();
    const absent = absentParameters(distribution).map((value) => toDouble(value, this.context.shouldContinue));
    return parts.compiled((x) => {
      const values = fs.map((f) => f(x));
      return chanceDouble(distribution, question, values.slice(0, asked), isGiven ? values.slice(asked) : absent);
    });
  }

  private applied(double: (...v: number[]) => number, args: readonly DoubleExpr[]): DoubleExpr {
    const [first, second, ...rest] = args;
    if (first !== undefined && second === undefined) return parts.apply(double, first);
    const fs = args.map(parts.functionOf);
    if (rest.length > 0 || fs.length === 0) return parts.compiled((x) => double(...fs.map((f) => f(x))));
    const [f, g] = fs as [Fn, Fn];
    return parts.compiled((x) => double(f(x), g(x)));
  }

  test(tree: Tree): Test {
    switch (tree.kind) {
      case 'group':
        return this.test(tree.of);
      case 'not': {
        const of = this.test(tree.of);
        return (x) => !of(x);
      }
      case 'logic': {
        const [a, b] = [this.test(tree.left), this.test(tree.right)];
        return tree.op === 'and' ? (x) => a(x) && b(x) : (x) => a(x) || b(x);
      }
      case 'relation': {
        const sides = [tree.first, ...tree.rest.map((p) => p.right)].map((t) => parts.functionOf(this.piece(t)));
        const tests = tree.rest.map(
          (p, i): Test =>
            (x) =>
              compare[p.op](itemAt(sides, i)(x), itemAt(sides, i + 1)(x)),
        );
        return tests.length === 1 ? itemAt(tests, 0) : (x) => tests.every((holds) => holds(x));
      }
      default:
        throw new NoDouble();
    }
  }

  private cases(args: readonly Tree[]): DoubleExpr {
    const otherwise = parts.functionOf(this.piece(lastOf(args)));
    let result = otherwise;
    for (let i = args.length - 3; i >= 0; i -= 2) {
      const [holds, value, rest] = [
        this.test(itemAt(args, i)),
        parts.functionOf(this.piece(itemAt(args, i + 1))),
        result,
      ];
      result = (x) => (holds(x) ? value(x) : rest(x));
    }
    return parts.compiled(result);
  }

  /** What is inside a binder, its letter a cell. */
  private inside(tree: Tree, name: string): { cell: { v: number }; f: Fn } {
    const outer = this.bound.get(name);
    const cell = { v: 0 };
    this.bound.set(name, cell);
    const f = parts.functionOf(this.piece(tree));
    if (outer === undefined) this.bound.delete(name);
    else this.bound.set(name, outer);
    return { cell, f };
  }

  private binder(record: FunctionRecord, tree: Tree & { kind: 'call' }): DoubleExpr {
    if (record.binds === 'cases') return this.cases(tree.args);
    const [of, letter, from, to] = tree.args as [Tree, Tree & { kind: 'letter' }, Tree, Tree];
    if (letter.name === this.variable) throw new NoDouble();
    switch (record.binds) {
      case 'sum':
      case 'prod': {
        const [lo, hi] = [parts.functionOf(this.piece(from)), parts.functionOf(this.piece(to))];
        const { cell, f } = this.inside(of, letter.name);
        const isSum = record.binds === 'sum';
        return parts.compiled((x) => {
          const end = hi(x);
          let total = isSum ? 0 : 1;
          for (let k = lo(x); k <= end; k += 1) {
            cell.v = k;
            total = isSum ? total + f(x) : total * f(x);
          }
          return total;
        });
      }
      case 'derivative': {
        const slope = differentiate(of, letter.name, this.context.angle);
        if (!slope.ok) throw new NoDouble();
        const at = parts.functionOf(this.piece(from));
        const { cell, f } = this.inside(slope.value, letter.name);
        return parts.compiled((x) => {
          cell.v = at(x);
          return f(x);
        });
      }
      default:
        throw new NoDouble();
    }
  }
}

/**
 * An expression as a function of doubles, for curves; every other letter is taken from the context. Accuracy: the
 * operations are those of doubles, constants are rounded once; NaN or ±∞ where there is no value. Null when a part has
 * no such form (complex numbers, chance, integrals that vary).
 */
export function compileDoubles(tree: Tree, variable: string, context: Context): Fn | null {
  const { letters } = context.names;
  const names = letters.has(variable) ? new Map([...letters].filter(([name]) => name !== variable)) : letters;
  try {
    const compiler = new Compiler(variable, { ...context, names: { ...context.names, letters: names } });
    return parts.functionOf(compiler.piece(withoutMatrices(tree)));
  } catch (error) {
    if (error instanceof NoDouble) return null;
    throw error;
  }
}
