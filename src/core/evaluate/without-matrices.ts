import { itemAt } from '../base/item';
import {
  binaryTree,
  callTree,
  groupTree,
  inside,
  negateTree,
  nodesOf,
  numberTree,
  partsOf,
  rowsOf,
  withParts,
} from '../language/tree';
import type { Tree } from '../language/tree';

/** Determinants of more rows are not written out. */
const MOST_ROWS = 4;

type Entries = readonly (readonly Tree[])[];

const sumOf = (terms: readonly Tree[]): Tree =>
  groupTree(terms.length === 0 ? numberTree('0') : terms.reduce((a, b) => binaryTree('plus', a, b)));
const productOf = (a: Tree, b: Tree): Tree => binaryTree('times', groupTree(a), groupTree(b));

/** The rows of a matrix that is written out; null for what only comes to one. */
function entriesOf(tree: Tree): Entries | null {
  const node = inside(tree);
  return node.kind === 'matrix' ? rowsOf(node) : null;
}

/** Expansion by the first row. */
function determinant(rows: Entries): Tree {
  const [top, ...rest] = rows;
  if (top === undefined) return numberTree('1');
  return sumOf(
    top.map((entry, j) => {
      const term = productOf(entry, determinant(rest.map((row) => row.filter((_, k) => k !== j))));
      return j % 2 === 0 ? term : groupTree(negateTree(term));
    }),
  );
}

function written(tree: Tree): Tree | null {
  if (tree.kind === 'entry') {
    const rows = entriesOf(tree.of);
    const [row = NaN, column = 1] = tree.at.map((at) => {
      const place = inside(at);
      return place.kind === 'number' && /^\d+$/.test(place.written) ? Number(place.written) : NaN;
    });
    return rows?.[row - 1]?.[column - 1] ?? null;
  }
  if (tree.kind !== 'call') return null;
  const [first, second] = tree.args.map(entriesOf);
  if (first === undefined || first === null) return null;
  const isSquare = first.length === itemAt(first, 0).length;
  switch (tree.fn) {
    case 'det':
      return isSquare && first.length <= MOST_ROWS ? determinant(first) : null;
    case 'trace':
      return isSquare ? sumOf(first.map((row, i) => itemAt(row, i))) : null;
    case 'norm':
      return callTree('sqrt', sumOf(first.flat().map((entry) => productOf(entry, entry))));
    case 'dot': {
      const isPair = second !== undefined && second !== null && second.length === first.length;
      if (!isPair || [...first, ...second].some((row) => row.length > 1)) return null;
      return sumOf(first.map(([entry], i) => productOf(entry as Tree, itemAt(itemAt(second, i), 0))));
    }
    default:
      return null;
  }
}

/**
 * The same expression of numbers alone, where its matrices are written out and only asked for what is one number: their
 * determinants, traces, lengths, dot products and entries. What curves, integrals and derivatives are worked with.
 */
export function withoutMatrices(tree: Tree): Tree {
  let holds = false;
  for (const node of nodesOf(tree)) holds ||= node.kind === 'matrix';
  return holds ? rewritten(tree) : tree;
}

function rewritten(tree: Tree): Tree {
  const result = withParts(tree, partsOf(tree).map(rewritten));
  const scalar = written(result);
  return scalar === null ? result : { ...groupTree(scalar), span: tree.span };
}
