import { itemAt, present } from '../base/item';
import type { Problem } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import { functionNames } from '../function';
import { bare, rankOfTree } from '../language/brackets';
import { parse } from '../language/parse';
import { printText, TYPED } from '../language/print-text';
import { isTruth } from '../language/truth';
import { inside, isPercent, negateTree, partsOf, withParts } from '../language/tree';
import type { Tree } from '../language/tree';
import { asRationals } from '../matrix/matrix';
import { nextReduction, nextTriangle, operated } from '../matrix/row-operations';
import type { RationalRows, RowOperation } from '../matrix/row-operations';
import { fromRational, isExact } from '../number/value';
import type { ExactValue } from '../number/value';
import { refused } from './context';
import type { Context } from './context';
import { decideLine, evaluate } from './evaluate';

/**
 * One reduction: what is done (an operator, a function's name, `recall` of what is kept, `angle` for a unit mark), the
 * expression before it as typed text, and the part of it that is worked. The last step is `value` (the exact value), or
 * `truth`; for what has no exact value it is the expression that is left.
 */
export type Step = Readonly<{
  rule: string;
  expr: string;
  from: number;
  to: number;
  /** What is done to the rows of a matrix (rules `row-add`, `row-exchange`, `row-multiply`), counted from 1. */
  rows?: Readonly<{ row: number; other?: number; times?: string }>;
}>;

/** How an exact value is written; handed in by what writes forms. */
type Write = (value: ExactValue) => Tree;

const MOST_STEPS = 300;

/**
 * Whether a percent belongs to the sum around it, so that it cannot be worked by itself: it is a share of what stands
 * before it, or stands before another that would then be a share of it.
 */
const isShareOf = (parent: Tree | null, tree: Tree): boolean =>
  parent?.kind === 'binary' &&
  (parent.op === 'plus' || parent.op === 'minus') &&
  isPercent(parent.right) &&
  isPercent(tree);

function ruleOf(tree: Tree): string {
  switch (tree.kind) {
    case 'binary':
      return tree.op === 'implied' ? 'times' : tree.op === 'over' ? 'divide' : tree.op;
    case 'postfix':
      return tree.op;
    case 'call':
      return tree.fn;
    case 'mark':
    case 'dms':
      return 'angle';
    case 'letter':
    case 'constant':
      return 'recall';
    default:
      return tree.kind;
  }
}

/** What binds its own letter or chooses among its parts is worked in one step. */
const isWorkedWhole = (tree: Tree): boolean => tree.kind === 'call' && functionNames.get(tree.fn)?.form !== undefined;

type Candidate = Readonly<{ tree: Tree; depth: number; rank: number }>;

class Stepper {
  private readonly written = new Map<string, Tree | null>();

  constructor(
    private readonly context: Context,
    private readonly write: Write,
  ) {}

  /** The exact value of a part as an expression; null when it has none. Problems are kept for the caller to find again. */
  private exact(tree: Tree): Tree | null {
    const text = printText(tree, TYPED);
    const before = this.written.get(text);
    if (before !== undefined) return before;
    const value = isTruth(tree) ? null : evaluate(tree, this.context);
    const result = value?.ok && isExact(value.value) ? this.write(value.value) : null;
    this.written.set(text, result);
    return result;
  }

  /** Whether a part stands as it will stand: a number, an exact value in lowest form, or what cannot be worked further. */
  private isDone(tree: Tree, parent: Tree | null): boolean {
    const node = inside(tree);
    if (node.kind === 'number' || isShareOf(parent, tree)) return this.partsDone(node);
    if (!isWorkedWhole(node) && !this.partsDone(node)) return false;
    if (isTruth(node)) return true;
    const exact = this.exact(node);
    return exact === null || printText(exact, TYPED) === printText(bare(node), TYPED);
  }

  private partsDone(tree: Tree): boolean {
    return partsOf(tree).every((part) => this.isDone(part, tree));
  }

  /** The parts that can be worked now. */
  private ready(tree: Tree): readonly Candidate[] {
    const found: Candidate[] = [];
    const visit = (node: Tree, parent: Tree | null, depth: number): void => {
      if (this.isDone(node, parent)) return;
      if (node.kind === 'group') return visit(node.of, parent, depth + 1);
      if (isWorkedWhole(node) || this.partsDone(node)) {
        found.push({ tree: node, depth, rank: rankOfTree(node, false) });
        return;
      }
      // What stands under a function, over or under a bar, or in an exponent is bracketed by its place.
      const isInner = node.kind === 'call' || (node.kind === 'binary' && node.op === 'over');
      for (const part of partsOf(node)) {
        const isExponent = node.kind === 'power' && part === node.exponent && inside(part).kind !== 'number';
        visit(part, node, depth + (isInner || isExponent ? 1 : 0));
      }
    };
    visit(tree, null, 0);
    return found;
  }

  /** The next part to be worked: the innermost, then the one that binds tightest, then the leftmost. */
  next(tree: Tree): Tree | null {
    const [first, ...rest] = this.ready(tree);
    if (first === undefined) return null;
    return rest.reduce(
      (best, c) => (c.depth > best.depth || (c.depth === best.depth && c.rank > best.rank) ? c : best),
      first,
    ).tree;
  }

  /** One operation on the rows of a matrix, where that is how a part is worked; null for all else, and where it is done. */
  byRows(part: Tree): Readonly<{ by: Tree; operation: RowOperation }> | null {
    const next = part.kind === 'call' ? eliminations[part.fn] : undefined;
    if (part.kind !== 'call' || next === undefined) return null;
    const value = evaluate(itemAt(part.args, 0), this.context);
    const rows = value.ok && value.value.kind === 'matrix' ? asRationals(value.value) : null;
    const operation = rows === null ? null : next(rows);
    if (rows === null || operation === null) return null;
    const after = operated(rows, operation).map((row) => row.map(fromRational));
    const same: Tree = { ...part, args: [this.write({ kind: 'matrix', rows: after })] };
    // Rows exchanged turn the sign of a determinant.
    return { by: part.fn === 'det' && operation.kind === 'exchange' ? negateTree(same) : same, operation };
  }

  /** The tree with the exact value of a part, or what it is worked to, in its place. */
  worked(tree: Tree, part: Tree, by: Tree | null = null): Tree {
    // The printer puts brackets where the value still needs them.
    if (tree === part || (tree.kind === 'group' && inside(tree) === part)) return by ?? present(this.exact(part));
    return withParts(
      tree,
      partsOf(tree).map((p) => this.worked(p, part, by)),
    );
  }
}

/** Functions that are worked row by row, and how they go on. */
const eliminations: Readonly<Record<string, (rows: RationalRows) => RowOperation | null>> = {
  rref: nextReduction,
  det: nextTriangle,
};

const rowsTold = (operation: RowOperation): NonNullable<Step['rows']> => ({
  row: operation.row,
  ...('other' in operation ? { other: operation.other } : {}),
  ...('times' in operation
    ? { times: `${operation.times.n}${operation.times.d === 1n ? '' : `/${operation.times.d}`}` }
    : {}),
});

/**
 * The order of work: one reduction at a time, in the order of precedence, each with the part that is worked marked,
 * ending in the exact value. Problems: those of the value.
 */
export function steps(tree: Tree, context: Context, write: Write): Result<readonly Step[], Problem> {
  const truth = isTruth(tree) ? decideLine(tree, context) : null;
  const value = truth === null ? evaluate(tree, context) : null;
  if (truth?.ok === false) return truth;
  if (value?.ok === false) return value;
  const stepper = new Stepper(context, write);
  const result: Step[] = [];
  const last = (rule: string, expr: string): Step => ({ rule, expr, from: 0, to: expr.length });
  let text = printText(tree, TYPED);
  while (result.length < MOST_STEPS) {
    if (!context.shouldContinue()) return refused({ code: 'stopped' }, tree.span);
    const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
    // An exact value can be longer than what it came of, and than a line may be: the work is told up to there.
    if (!reading.ok) break;
    const now = reading.value.tree;
    const part = stepper.next(now);
    if (!context.shouldContinue()) return refused({ code: 'stopped' }, tree.span);
    if (part === null) break;
    const rows = stepper.byRows(part);
    const at = { expr: text, from: part.span.from, to: part.span.to };
    result.push(
      rows === null
        ? { rule: ruleOf(part), ...at }
        : { rule: `row-${rows.operation.kind}`, ...at, rows: rowsTold(rows.operation) },
    );
    text = printText(stepper.worked(now, part, rows?.by ?? null), TYPED);
  }
  if (truth === null) return succeed([...result, last('value', text)]);
  const verdict = truth.value === null ? 'undecided' : String(truth.value);
  return succeed([...result, last('relation', text), last('truth', verdict)]);
}
