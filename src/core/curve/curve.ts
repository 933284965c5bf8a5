import { itemAt } from '../base/item';
import type { Problem } from '../base/problem';
import { compileBounds } from '../evaluate/bounds';
import type { BoundsOf } from '../evaluate/bounds';
import type { Context } from '../evaluate/context';
import { differentiate } from '../evaluate/differentiate';
import type { Fn } from '../evaluate/double-expr';
import { compileDoubles } from '../evaluate/doubles';
import { evaluate } from '../evaluate/evaluate';
import { openLetters } from '../evaluate/open-letters';
import { isTruth } from '../language/truth';
import { inside, nodesOf } from '../language/tree';
import type { Tree } from '../language/tree';
import type { Result } from '../base/result';
import { fail, succeed } from '../base/result';
import { withSpan } from '../base/problem';

/** A function of one letter made ready for drawing and for finding points on it. */
export type Curve = Readonly<{
  tree: Tree;
  letter: string;
  f: Fn;
  bounds: BoundsOf;
  /** Bounds of the derivative, and of the second one; null where there is none to be had. */
  slopes: BoundsOf | null;
  bends: BoundsOf | null;
  slopeTree: Tree | null;
}>;

/** Derivatives with more parts than this cost more than they help. */
const MOST_PARTS = 1500;

/**
 * The expression that a line gives as a function of a letter: the right side of `y = …` and `f(x) = …`, else all of it.
 */
export function functionTree(tree: Tree, letter: string): Tree {
  const node = inside(tree);
  if (node.kind !== 'relation' || node.rest.length !== 1 || itemAt(node.rest, 0).op !== 'equal') return tree;
  const left = inside(node.first);
  const isName = left.kind === 'letter' && left.name !== letter;
  const isCall =
    left.kind === 'binary' &&
    left.op === 'implied' &&
    left.left.kind === 'letter' &&
    left.right.kind === 'group' &&
    left.right.of.kind === 'letter' &&
    left.right.of.name === letter;
  return isName || isCall ? itemAt(node.rest, 0).right : tree;
}

function derivative(tree: Tree, letter: string, context: Context): Tree | null {
  const result = differentiate(tree, letter, context.angle);
  if (!result.ok) return null;
  const parts = nodesOf(result.value);
  for (let count = 0; parts.next().done !== true; count += 1) if (count > MOST_PARTS) return null;
  return result.value;
}

/**
 * Reads an expression as a curve. Problems: undefined-name for a letter that holds nothing, what working its constant
 * parts causes, domain `no-curve` where a part has no form in doubles, `relation-no-curve` for an equation that is none of y.
 */
export function compileCurve(tree: Tree, letter: string, context: Context): Result<Curve, Problem> {
  if (isTruth(tree)) return fail(withSpan({ code: 'domain', reason: 'relation-no-curve' }, tree.span));
  const missing = openLetters(tree).find((name) => name !== letter && !context.names.letters.has(name));
  if (missing !== undefined) {
    const node = [...nodesOf(tree)].find((n) => n.kind === 'letter' && n.name === missing);
    return fail(withSpan({ code: 'undefined-name', name: missing }, node?.span ?? tree.span));
  }
  const f = compileDoubles(tree, letter, context);
  if (f === null) return fail(withSpan({ code: 'domain', reason: 'no-curve' }, tree.span));
  // A line without the letter says itself what is wrong with it.
  if (!openLetters(tree).includes(letter)) {
    const value = evaluate(tree, context);
    if (!value.ok) return value;
  }
  const slopeTree = derivative(tree, letter, context);
  const bendTree = slopeTree && derivative(slopeTree, letter, context);
  return succeed({
    tree,
    letter,
    f,
    bounds: compileBounds(tree, letter, context),
    slopes: slopeTree && compileBounds(slopeTree, letter, context),
    bends: bendTree && compileBounds(bendTree, letter, context),
    slopeTree,
  });
}
