import { rankOfTree } from '../../language/brackets';
import type { InfixName } from '../../language/operators';
import { binaryTree, groupTree, inside, nodesOf, partsOf, powerTree, withParts } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { byRewriting, rewritten } from '../slip';
import type { Rewrite, SlipLine, SlipRecord, Variant } from '../slip';

type Binary = Tree & { kind: 'binary' };
const isBinary = (tree: Tree): tree is Binary => tree.kind === 'binary';
const isDivision = (tree: Tree): tree is Binary => isBinary(tree) && (tree.op === 'divide' || tree.op === 'over');

/** A pair of brackets in a text, each by its place. */
type Pair = Readonly<{ open: number; close: number }>;

/** Every pair of round brackets, those of functions of several values left out. */
function pairsIn(text: string): readonly Pair[] {
  const open: { at: number; single: boolean }[] = [];
  const pairs: Pair[] = [];
  for (const [i, sign] of [...text].entries()) {
    if (sign === '(' || sign === '[') open.push({ at: i, single: sign === '(' });
    else if (sign === ',') open[open.length - 1] = { at: open.at(-1)?.at ?? 0, single: false };
    else if (sign === ')' || sign === ']') {
      const begun = open.pop();
      if (begun?.single === true) pairs.push({ open: begun.at, close: i });
    }
  }
  return pairs.sort((a, b) => a.open - b.open);
}

const FUNCTION_BEFORE = /[a-z][a-zA-Z]+$/;

/** The text without some pairs of brackets; a product that they alone made gets its sign, a function a space. */
function without(text: string, pairs: readonly Pair[]): string {
  let result = '';
  for (const [i, sign] of [...text].entries()) {
    const before = text.slice(0, i);
    if (pairs.some(({ open }) => open === i)) {
      if (FUNCTION_BEFORE.test(before)) result += ' ';
      else if (/[\w.)!%°]$/.test(before)) result += '*';
    } else if (pairs.some(({ close }) => close === i)) {
      if (/^[\w.(]/.test(text.slice(i + 1)) && !/^ ?(mod|deg|rad|grad)\b/.test(text.slice(i + 1))) result += '*';
    } else result += sign;
  }
  return result;
}

const MOST_PAIRS = 8;

/** Brackets that were left out: one pair, two, or all. */
function* dropped({ text, read }: SlipLine): Generator<Variant> {
  const pairs = pairsIn(text).slice(0, MOST_PAIRS);
  const choices: (readonly Pair[])[] = pairs.map((pair) => [pair]);
  for (const [i, first] of pairs.entries()) for (const second of pairs.slice(i + 1)) choices.push([first, second]);
  if (pairs.length > 2) choices.push(pairs);
  for (const choice of choices) {
    const tree = read(without(text, choice));
    if (tree !== null) yield { tree, extra: choice.length === 1 ? 0 : 0.5 };
  }
}

/** Brackets that were closed at another place: too late, as one that is supplied at the end, or too early. */
function* closedElsewhere({ tree, text, read }: SlipLine): Generator<Variant> {
  const ends = [...new Set([...nodesOf(tree)].map(({ span }) => span.to))];
  for (const { open, close } of pairsIn(text).slice(0, MOST_PAIRS)) {
    for (const end of ends) {
      if (end <= open + 1 || end === close || end === close + 1) continue;
      const moved =
        end > close
          ? `${text.slice(0, close)}${text.slice(close + 1, end)})${text.slice(end)}`
          : `${text.slice(0, end)})${text.slice(end, close)}${text.slice(close + 1)}`;
      const result = read(moved);
      if (result !== null) yield { tree: result, extra: end > close ? 0.7 : 1.2 };
    }
  }
}

const MOST_ADDED = 400;

/** Brackets that were written and should not be, or that the line lacks. */
function* added({ tree, text, read }: SlipLine): Generator<Variant> {
  const spans = [...nodesOf(tree)].map(({ span }) => span);
  const starts = [...new Set(spans.map(({ from }) => from))].sort((a, b) => a - b);
  const ends = [...new Set(spans.map(({ to }) => to))].sort((a, b) => a - b);
  let count = 0;
  for (const from of starts)
    for (const to of ends) {
      const inner = text.slice(from, to);
      if (to <= from + 1 || inner === text || !/[-+*/÷^a-zA-Z(!%°]/.test(inner.slice(1))) continue;
      count += 1;
      if (count > MOST_ADDED) return;
      const result = read(`${text.slice(0, from)}(${inner})${text.slice(to)}`);
      if (result !== null) yield { tree: result, extra: 1 };
    }
}

/** Brackets round a numerator, a denominator, an exponent, a radicand, an argument. */
export const brackets: SlipRecord = {
  name: 'brackets',
  cost: 1.2,
  *variants(line) {
    yield* dropped(line);
    yield* closedElsewhere(line);
    yield* added(line);
  },
};

/** An operand, or the sign between two. */
type Chain = Readonly<{ operands: readonly Tree[]; signs: readonly (InfixName | 'power')[] }>;

/** A row of operands as it is written, powers taken apart or not. */
function chainOf(tree: Tree, powers: boolean): Chain {
  const [left, right, sign] = isBinary(tree)
    ? [tree.left, tree.right, tree.op]
    : powers && tree.kind === 'power'
      ? [tree.base, tree.exponent, 'power' as const]
      : [null, null, null];
  if (left === null) return { operands: [tree], signs: [] };
  const [a, b] = [chainOf(left, powers), chainOf(right, powers)];
  return { operands: [...a.operands, ...b.operands], signs: [...a.signs, sign, ...b.signs] };
}

const joined = (sign: InfixName | 'power', left: Tree, right: Tree): Tree =>
  sign === 'power' ? powerTree(left, right) : binaryTree(sign, left, right);

/** The row worked from its left end to its right. */
function folded({ operands, signs }: Chain): Tree {
  const [first, ...rest] = operands as readonly [Tree, ...Tree[]];
  return rest.reduce((left, right, i) => joined(signs[i] ?? 'times', left, right), first);
}

/** Every row in the tree worked from left to right. */
const allFolded = (tree: Tree, powers: boolean): Tree => {
  const result = folded(chainOf(tree, powers));
  return withParts(
    result,
    partsOf(result).map((part) => (isBinary(part) ? part : allFolded(part, powers))),
  );
};

/** Two neighbours in a row joined in the other order. */
const turned: Rewrite = function* (node) {
  const rank = rankOfTree(node, false);
  if (!isBinary(node)) return;
  const { op, left, right } = node;
  // a + b × c worked as (a + b) × c, and 2 × 3² as (2 × 3)².
  if (isBinary(right)) yield [binaryTree(right.op, binaryTree(op, left, right.left), right.right), 0];
  if (right.kind === 'power') yield [powerTree(binaryTree(op, left, right.base), right.exponent), 0.1];
  // a ÷ b × c worked as a ÷ (b × c), and a − b + c as a − (b + c).
  if (isBinary(left) && rankOfTree(left, false) === rank && left.op !== 'implied' && op !== 'implied')
    yield [binaryTree(left.op, left.left, binaryTree(op, left.right, right)), 0.6];
};

export const leftToRight: SlipRecord = {
  name: 'left-to-right',
  cost: 1.1,
  *variants(line) {
    yield { tree: allFolded(line.tree, false) };
    yield* rewritten(line.tree, turned);
    yield* rewritten(line.tree, function* (node) {
      if (isBinary(node)) yield [folded(chainOf(node, false)), 0];
      if (isBinary(node)) yield [folded(chainOf(node, true)), 0.4];
      // 2^3^2 is worked from the right.
      if (node.kind === 'power' && inside(node.exponent).kind === 'power') {
        const upper = inside(node.exponent) as Tree & { kind: 'power' };
        yield [powerTree(powerTree(node.base, upper.base), upper.exponent), 0];
      }
      if (node.kind === 'power' && inside(node.base).kind === 'power') {
        const lower = inside(node.base) as Tree & { kind: 'power' };
        yield [powerTree(lower.base, powerTree(lower.exponent, node.exponent)), 0.3];
      }
    });
  },
};

/** An implied product that binds tighter than a division before it, or does not. */
const beside: Rewrite = function* (node) {
  if (!isBinary(node)) return;
  if (node.op === 'implied' && isDivision(node.left))
    yield [binaryTree(node.left.op, node.left.left, binaryTree('implied', node.left.right, node.right)), 0];
  const under = inside(node.right);
  if (isDivision(node) && isBinary(under) && under.op === 'implied')
    yield [
      binaryTree('times', binaryTree(node.op, node.left, under.left), under.right),
      under === node.right ? 0 : 0.4,
    ];
};

export const impliedProduct: SlipRecord = {
  name: 'implied-product',
  cost: 0.9,
  *variants(line) {
    const other = line.read(line.text, !line.impliedFirst);
    if (other !== null) yield { tree: other };
    yield* rewritten(line.tree, beside);
  },
};

/** A square of a negative number beside the negative of a square. */
export const signPower: SlipRecord = {
  name: 'sign-power',
  cost: 0.8,
  variants: byRewriting(function* (node) {
    if (node.kind === 'negate' && node.of.kind === 'power')
      yield [powerTree(groupTree({ ...node, of: node.of.base }), node.of.exponent), 0];
    if (node.kind === 'power') {
      const base = inside(node.base);
      if (base.kind === 'negate') yield [{ ...base, of: powerTree(base.of, node.exponent) }, 0];
      const exponent = inside(node.exponent);
      if (exponent.kind === 'negate') yield [{ ...exponent, of: powerTree(node.base, exponent.of) }, 0.6];
    }
    if (isBinary(node) && node.op === 'minus' && node.right.kind === 'power') {
      const base = groupTree({ kind: 'negate', of: node.right.base, span: node.right.span });
      yield [binaryTree('plus', node.left, powerTree(base, node.right.exponent)), 0.2];
    }
    if (isBinary(node) && node.op === 'plus' && node.right.kind === 'power') {
      const base = inside(node.right.base);
      if (base.kind === 'negate') yield [binaryTree('minus', node.left, powerTree(base.of, node.right.exponent)), 0.2];
    }
  }),
};
