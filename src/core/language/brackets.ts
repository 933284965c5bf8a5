import { assertNever } from '../base/never';
import { ATOM_RANK, operators, rankOf } from './operators';
import { isOpenCall } from './standing';
import { NOWHERE, groupTree as group, partsOf, withParts } from './tree';
import type { Tree } from './tree';

/** How tightly a node holds together when it is written out. */
export function rankOfTree(tree: Tree, impliedFirst: boolean): number {
  switch (tree.kind) {
    case 'binary':
      return rankOf(tree.op, impliedFirst);
    case 'negate':
      return operators.negate.rank;
    case 'relation':
      return operators.equal.rank;
    case 'logic':
      return operators[tree.op].rank;
    case 'not':
      return operators.not.rank;
    case 'conversion':
      return 0;
    case 'power':
      return operators.power.rank;
    case 'postfix':
      return operators[tree.op].rank;
    case 'mark':
      return tree.by === 'word' ? operators.unitWord.rank : operators.degreeSign.rank;
    case 'dms':
      return operators.degreeSign.rank;
    case 'number':
    case 'based':
    case 'constant':
    case 'letter':
    case 'group':
    case 'mixed':
    case 'call':
    case 'matrix':
    case 'entry':
    case 'box':
      return ATOM_RANK;
    default:
      return assertNever(tree);
  }
}

const atLeast = (part: Tree, rank: number, impliedFirst: boolean): Tree =>
  rankOfTree(part, impliedFirst) < rank ? group(part) : part;

/** Whether the text of a node begins with a digit or with `mod`, so that what stands before it would run into it. */
function runsOn(tree: Tree): boolean {
  switch (tree.kind) {
    case 'number':
    case 'based':
    case 'mixed':
    case 'dms':
      return true;
    case 'call':
      return tree.fn === 'mod';
    case 'power':
      return runsOn(tree.base);
    case 'postfix':
    case 'mark':
      return runsOn(tree.of);
    case 'binary':
      return runsOn(tree.left);
    default:
      return false;
  }
}

/** Whether the text of a node begins with a square bracket, which right behind another operand would ask for an entry of it. */
function beginsSquare(tree: Tree): boolean {
  switch (tree.kind) {
    case 'matrix':
      return true;
    case 'entry':
    case 'postfix':
    case 'mark':
      return beginsSquare(tree.of);
    case 'power':
      return beginsSquare(tree.base);
    case 'binary':
      return beginsSquare(tree.left);
    default:
      return false;
  }
}

/** Whether a square bracket right behind it asks for an entry of it. */
export const takesIndex = (tree: Tree): boolean =>
  tree.kind === 'letter' ||
  tree.kind === 'group' ||
  tree.kind === 'matrix' ||
  tree.kind === 'entry' ||
  (tree.kind === 'call' && tree.bracketed) ||
  (tree.kind === 'constant' && (tree.name === 'Ans' || tree.name === 'total'));

const endsInPercent = (tree: Tree): boolean =>
  (tree.kind === 'postfix' && tree.op === 'percent') ||
  (tree.kind === 'binary' && endsInPercent(tree.right)) ||
  (tree.kind === 'negate' && endsInPercent(tree.of)) ||
  (tree.kind === 'power' && endsInPercent(tree.exponent));

/**
 * The same tree with the brackets that its written form needs, and no others, so that reading it gives this tree back
 * (with those brackets as groups). Works one level deep; the printers call it as they go down.
 */
export function withBrackets(tree: Tree, impliedFirst: boolean): Tree {
  switch (tree.kind) {
    case 'negate':
      return { ...tree, of: atLeast(tree.of, operators.negate.rank, impliedFirst) };
    case 'postfix':
      return { ...tree, of: atLeast(tree.of, operators.factorial.rank, impliedFirst) };
    case 'mark':
      return {
        ...tree,
        of: atLeast(tree.of, tree.by === 'word' ? operators.unitWord.rank : operators.degreeSign.rank, impliedFirst),
      };
    case 'power':
      return {
        ...tree,
        base: atLeast(tree.base, operators.factorial.rank, impliedFirst),
        exponent: atLeast(tree.exponent, operators.negate.rank, impliedFirst),
      };
    case 'binary': {
      const rank = rankOf(tree.op, impliedFirst);
      let left = atLeast(tree.left, rank, impliedFirst);
      let right = atLeast(tree.right, rank + 1, impliedFirst);
      if (tree.op === 'implied') {
        const asksEntry = beginsSquare(right) && left.kind !== 'number';
        if (runsOn(right) || right.kind === 'negate' || asksEntry) right = group(right);
        if (endsInPercent(left)) left = group(left);
      }
      return { ...tree, left, right };
    }
    case 'relation': {
      const side = (part: Tree): Tree => atLeast(part, operators.equal.rank + 1, impliedFirst);
      return { ...tree, first: side(tree.first), rest: tree.rest.map((p) => ({ ...p, right: side(p.right) })) };
    }
    case 'logic': {
      const { rank } = operators[tree.op];
      return {
        ...tree,
        left: atLeast(tree.left, rank, impliedFirst),
        right: atLeast(tree.right, rank + 1, impliedFirst),
      };
    }
    case 'not':
      return { ...tree, of: atLeast(tree.of, operators.not.rank, impliedFirst) };
    case 'entry':
      return takesIndex(tree.of) ? tree : { ...tree, of: group(tree.of) };
    case 'matrix': {
      // Two square brackets begin a matrix of rows; the first entry of a vector must not make them up.
      const [first, ...others] = tree.entries;
      return tree.columns > 1 || first === undefined || !beginsSquare(first)
        ? tree
        : { ...tree, entries: [group(first), ...others] };
    }
    default:
      return tree;
  }
}

/**
 * What a drawn formula must bracket besides: a sum or product sign whose reach would not be seen to end, before a
 * factor or under an exponent. In typed text their own brackets show it.
 */
export function withReach(tree: Tree): Tree {
  const ended = (of: Tree): Tree => (isOpenCall(of) ? group(of) : of);
  switch (tree.kind) {
    case 'power':
      return { ...tree, base: ended(tree.base) };
    case 'postfix':
    case 'mark':
      return { ...tree, of: ended(tree.of) };
    case 'binary':
      return tree.op === 'plus' || tree.op === 'minus' || tree.op === 'over'
        ? tree
        : { ...tree, left: ended(tree.left) };
    default:
      return tree;
  }
}

/** The tree without any brackets, at no place: what two readings must agree in to be the same. */
export function bare(tree: Tree): Tree {
  if (tree.kind === 'group') return bare(tree.of);
  const result = withParts(tree, partsOf(tree).map(bare));
  return result.kind === 'call'
    ? { ...result, bracketed: true, closed: true, span: NOWHERE }
    : { ...result, span: NOWHERE };
}
