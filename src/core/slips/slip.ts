import type { AngleUnit } from '../base/angle';
import { partsOf, withParts } from '../language/tree';
import type { Tree } from '../language/tree';
import type { Value } from '../number/value';
import type { SlipName } from './names';

/** The line in which a slip is looked for. */
export type SlipLine = Readonly<{
  tree: Tree;
  /** The tree as typed text; the spans of the tree are places in it. */
  text: string;
  angle: AngleUnit;
  impliedFirst: boolean;
  /** Reads typed text as the line was read, or with the other rank of implied products; null when it cannot be read. */
  read: (text: string, impliedFirst?: boolean) => Tree | null;
  /** What a part comes to; null when it has no value. */
  valueOf: (tree: Tree) => Value | null;
}>;

/** A line that a slip can lead to. `extra`: how much less likely it is than the plainest of its kind. */
export type Variant = Readonly<{
  tree: Tree;
  angle?: AngleUnit;
  extra?: number;
  /** The slip was made in writing the result down, which is then all of `tree`. */
  isOfAnswer?: boolean;
}>;

/**
 * A slip. `cost`: how unlikely it is, as the negative logarithm of how often it is met beside the others (common
 * practice, no source). `variants`: every line that one slip of this kind leads to, also where the line itself has the
 * slip and the other answer has not.
 */
export type SlipRecord = Readonly<{
  name: SlipName;
  cost: number;
  variants: (line: SlipLine) => Iterable<Variant>;
}>;

const isAtom = (tree: Tree): boolean => ['number', 'constant', 'letter', 'call', 'group'].includes(tree.kind);

/** The tree without brackets that say nothing, and with a sign between two numbers, as a person would write it. */
export function tidied(tree: Tree, isWhole = true): Tree {
  if (tree.kind === 'group' && (isWhole || isAtom(tree.of))) return tidied(tree.of, isWhole);
  const next = withParts(
    tree,
    partsOf(tree).map((part) => tidied(part, false)),
  );
  const isRun = next.kind === 'binary' && next.op === 'implied' && next.right.kind === 'number';
  return isRun ? { ...next, op: 'times' } : next;
}

/** What a node may become, with what its being so costs besides. */
export type Rewrite = (node: Tree, parent: Tree | null) => Iterable<readonly [by: Tree, extra: number]>;

/** The tree with another part at one place. */
export const withPart = (tree: Tree, at: number, by: Tree): Tree =>
  withParts(
    tree,
    partsOf(tree).map((part, i) => (i === at ? by : part)),
  );

/** The tree with one node rewritten, for each node and each way to rewrite it. */
export function* rewritten(tree: Tree, rewrite: Rewrite, parent: Tree | null = null): Generator<Variant> {
  for (const [by, extra] of rewrite(tree, parent)) yield { tree: by, extra };
  for (const [i, part] of partsOf(tree).entries())
    for (const { tree: by, extra } of rewritten(part, rewrite, tree))
      yield { tree: withPart(tree, i, by), ...(extra === undefined ? {} : { extra }) };
}

/** What it costs besides to make the same slip at every place. */
const EVERYWHERE = 0.3;

/** A slip that rewrites one node, or each node that it can, in its plainest way. */
export const byRewriting = (rewrite: Rewrite): ((line: Pick<SlipLine, 'tree'>) => Generator<Variant>) =>
  function* ({ tree }) {
    yield* rewritten(tree, rewrite);
    let count = 0;
    const everywhere = (node: Tree, parent: Tree | null): Tree => {
      const next = withParts(
        node,
        partsOf(node).map((part) => everywhere(part, node)),
      );
      for (const [by] of rewrite(next, parent)) {
        count += 1;
        return by;
      }
      return next;
    };
    const result = everywhere(tree, null);
    if (count > 1) yield { tree: result, extra: EVERYWHERE };
  };
