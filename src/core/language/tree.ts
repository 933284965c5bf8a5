import { itemAt } from '../base/item';
import type { Span } from '../base/span';
import type { AngleUnit } from '../base/angle';
import type { InfixName, LogicName, PostfixName, RelationName } from './operators';

export type ConstantName = 'pi' | 'e' | 'i' | 'inf' | 'Ans' | 'total';

/** A value with the unit behind it as it was written; without one where a number is told in another base. */
export type Measure = Readonly<{ of: Tree; unit: Readonly<{ text: string; span: Span }> | null }>;

/** A further part of a chain of relations: `≤ 3` in `0 < x ≤ 3`. */
export type RelationPart = Readonly<{ op: RelationName; right: Tree }>;

type Node =
  /** `written`: digits with a point, no grouping; E for a power of ten; U+0305 after a recurring digit. */
  | Readonly<{ kind: 'number'; written: string }>
  /** A number in another base than ten: digits with a point and overlines, letters large. */
  | Readonly<{ kind: 'based'; digits: string; base: number }>
  | Readonly<{ kind: 'constant'; name: ConstantName }>
  | Readonly<{ kind: 'letter'; name: string }>
  /** Brackets as they were written; `closed` is false when the closing one was supplied. */
  | Readonly<{ kind: 'group'; of: Tree; closed: boolean }>
  | Readonly<{ kind: 'negate'; of: Tree }>
  | Readonly<{ kind: 'binary'; op: InfixName; left: Tree; right: Tree }>
  | Readonly<{ kind: 'power'; base: Tree; exponent: Tree }>
  | Readonly<{ kind: 'postfix'; op: PostfixName; of: Tree }>
  /** An angle marked with its unit, by the degree sign or by a word. */
  | Readonly<{ kind: 'mark'; unit: AngleUnit; by: 'sign' | 'word'; of: Tree }>
  | Readonly<{ kind: 'dms'; degrees: string; minutes: string; seconds: string | null }>
  /** A whole number beside a simple fraction; `whole` is null for ½ alone. */
  | Readonly<{ kind: 'mixed'; whole: bigint | null; n: bigint; d: bigint }>
  | Readonly<{ kind: 'call'; fn: string; args: readonly Tree[]; bracketed: boolean; closed: boolean }>
  /** Entries row by row, `columns` to a row; a vector is one column, written without inner brackets. */
  | Readonly<{ kind: 'matrix'; columns: number; entries: readonly Tree[] }>
  /** An entry of a matrix by its row and column, both from 1; of a vector by its row alone. */
  | Readonly<{ kind: 'entry'; of: Tree; at: readonly Tree[] }>
  /** A chain of relations, each between neighbours. True or false, not a number. */
  | Readonly<{ kind: 'relation'; first: Tree; rest: readonly RelationPart[] }>
  | Readonly<{ kind: 'logic'; op: LogicName; left: Tree; right: Tree }>
  | Readonly<{ kind: 'not'; of: Tree }>
  /** A line of its own: measures, summed up, in another unit; or a number in another base, which `base` then names. */
  | Readonly<{
      kind: 'conversion';
      measures: readonly Measure[];
      to: Readonly<{ text: string; span: Span }>;
      base: number | null;
    }>
  /** A place where something is still missing. */
  | Readonly<{ kind: 'box' }>;

/** An expression; every node knows its place in the typed text. */
export type Tree = Node & Readonly<{ span: Span }>;

/** The direct parts of a node, in the order in which they are written. */
export function partsOf(tree: Tree): readonly Tree[] {
  switch (tree.kind) {
    case 'group':
    case 'negate':
    case 'postfix':
    case 'mark':
    case 'not':
      return [tree.of];
    case 'binary':
    case 'logic':
      return [tree.left, tree.right];
    case 'relation':
      return [tree.first, ...tree.rest.map((part) => part.right)];
    case 'power':
      return [tree.base, tree.exponent];
    case 'call':
      return tree.args;
    case 'matrix':
      return tree.entries;
    case 'entry':
      return [tree.of, ...tree.at];
    case 'conversion':
      return tree.measures.map(({ of }) => of);
    case 'number':
    case 'based':
    case 'constant':
    case 'letter':
    case 'dms':
    case 'mixed':
    case 'box':
      return [];
  }
}

/** The node with other parts in the places of its own, in the order of `partsOf`. */
export function withParts(tree: Tree, parts: readonly Tree[]): Tree {
  const [first, second] = parts as readonly [Tree, Tree];
  switch (tree.kind) {
    case 'group':
    case 'negate':
    case 'postfix':
    case 'mark':
    case 'not':
      return { ...tree, of: first };
    case 'binary':
    case 'logic':
      return { ...tree, left: first, right: second };
    case 'power':
      return { ...tree, base: first, exponent: second };
    case 'call':
      return { ...tree, args: parts };
    case 'matrix':
      return { ...tree, entries: parts };
    case 'entry':
      return { ...tree, of: first, at: parts.slice(1) };
    case 'conversion':
      return { ...tree, measures: tree.measures.map((measure, i) => ({ ...measure, of: itemAt(parts, i) })) };
    case 'relation':
      return { ...tree, first, rest: tree.rest.map((part, i) => ({ ...part, right: itemAt(parts, i + 1) })) };
    case 'number':
    case 'based':
    case 'constant':
    case 'letter':
    case 'dms':
    case 'mixed':
    case 'box':
      return tree;
  }
}

/** Every node, parents before their parts. */
export function* nodesOf(tree: Tree): Generator<Tree> {
  const open = [tree];
  for (let node = open.pop(); node !== undefined; node = open.pop()) {
    yield node;
    open.push(...[...partsOf(node)].reverse());
  }
}

/** The expression inside any brackets around it. */
export function inside(tree: Tree): Tree {
  let inner = tree;
  while (inner.kind === 'group') inner = inner.of;
  return inner;
}

/** A percent by itself; in brackets it is a number like any other. */
export const isPercent = (tree: Tree): tree is Tree & { kind: 'postfix' } =>
  tree.kind === 'postfix' && tree.op === 'percent';

/** Whether a sum means a share of what stands before it: a ± b% is a(1 ± b/100) unless a is itself a bare percent. */
export const isShare = (tree: Tree): boolean =>
  tree.kind === 'binary' &&
  (tree.op === 'plus' || tree.op === 'minus') &&
  isPercent(tree.right) &&
  !isPercent(tree.left);

/** Trees that do not come from typed text stand at no place. */
export const NOWHERE: Span = { from: 0, to: 0 };

export const numberTree = (written: string): Tree => ({ kind: 'number', written, span: NOWHERE });
export const basedTree = (digits: string, base: number): Tree => ({ kind: 'based', digits, base, span: NOWHERE });
export const wholeTree = (n: bigint): Tree =>
  n < 0n ? { kind: 'negate', of: wholeTree(-n), span: NOWHERE } : numberTree(n.toString());
export const binaryTree = (op: InfixName, left: Tree, right: Tree): Tree => ({
  kind: 'binary',
  op,
  left,
  right,
  span: NOWHERE,
});
export const powerTree = (base: Tree, exponent: Tree): Tree => ({ kind: 'power', base, exponent, span: NOWHERE });
export const letterTree = (name: string): Tree => ({ kind: 'letter', name, span: NOWHERE });
export const groupTree = (of: Tree): Tree => ({ kind: 'group', of, closed: true, span: of.span });
export const negateTree = (of: Tree): Tree => ({ kind: 'negate', of, span: NOWHERE });
export const constantTree = (name: ConstantName): Tree => ({ kind: 'constant', name, span: NOWHERE });
export const callTree = (fn: string, ...args: Tree[]): Tree => ({
  kind: 'call',
  fn,
  args,
  bracketed: true,
  closed: true,
  span: NOWHERE,
});

export const matrixTree = (columns: number, entries: readonly Tree[]): Tree => ({
  kind: 'matrix',
  columns,
  entries,
  span: NOWHERE,
});

/** The entries of a matrix, row by row. */
export const rowsOf = ({ columns, entries }: Tree & { kind: 'matrix' }): readonly (readonly Tree[])[] =>
  Array.from({ length: entries.length / columns }, (_, i) => entries.slice(i * columns, (i + 1) * columns));

/** The tree without the minus that its text begins with, or null when it begins with none: −3π → 3π. */
export function withoutLeadingMinus(tree: Tree): Tree | null {
  if (tree.kind === 'negate') return tree.of;
  if (tree.kind !== 'binary' || tree.op !== 'implied') return null;
  const left = withoutLeadingMinus(tree.left);
  return left && { ...tree, left };
}
