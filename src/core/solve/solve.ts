import { itemAt } from '../base/item';
import { withLetter } from '../evaluate/context';
import type { Context } from '../evaluate/context';
import { decideLine } from '../evaluate/evaluate';
import { openLetters } from '../evaluate/open-letters';
import { inside, nodesOf, binaryTree } from '../language/tree';
import type { Tree } from '../language/tree';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { compareReals } from '../number/sign';
import { fromRational, isReal } from '../number/value';
import type { RealValue, Scalar } from '../number/value';
import { coefficientsOf } from './coefficients';
import { linearPair } from './linear-pair';
import type { Pair } from './linear-pair';
import { periodicZeros } from './periodic';
import type { Periodic } from './periodic';
import { polynomialRoots } from './polynomial-roots';
import { exactRoot, ordered, valueOfRoot } from './root';
import type { Root } from './root';
import { search } from './search';

/** Part of the numbers that an inequality holds for; null ends are without end, or the ends of where was searched. */
export type Range = Readonly<{ from: Root | null; to: Root | null; takesFrom: boolean; takesTo: boolean }>;

/** Where was searched when the solutions are not known to be all; null when they are. */
type Within = Readonly<{ from: Rational; to: Rational }> | null;

export type Solved =
  /** True for every number, or for none. */
  | Readonly<{ kind: 'always' | 'never' }>
  | Readonly<{
      kind: 'roots';
      roots: readonly Root[];
      within: Within;
      /** How many complex solutions real numbers hide, and those that are exact. */
      hidden: number;
      complex: readonly Scalar[];
      /** The complex ones are not exact, but to 30 digits. */
      isNear: boolean;
    }>
  /** An equation that repeats itself. */
  | (Readonly<{ kind: 'periodic' }> & Periodic)
  | Readonly<{ kind: 'ranges'; ranges: readonly Range[]; within: Within }>
  | Readonly<{ kind: 'pair'; letters: readonly [string, string]; pair: Pair }>
  /** Nothing here knows how to solve it. */
  | Readonly<{ kind: 'unknown' }>;

type Relation = Tree & { kind: 'relation' };

const relationsOf = (tree: Tree): readonly Relation[] =>
  [...nodesOf(tree)].filter((node): node is Relation => node.kind === 'relation');

/** Left side less right side, for each neighbouring pair of a chain. */
const differences = (relation: Relation): readonly Tree[] =>
  relation.rest.map((part, i) =>
    binaryTree('minus', i === 0 ? relation.first : itemAt(relation.rest, i - 1).right, {
      kind: 'group',
      of: part.right,
      closed: true,
      span: part.right.span,
    }),
  );

/** An equation of two sides, if that is all that the line is. */
export function equationOf(tree: Tree): Relation | null {
  const node = inside(tree);
  return node.kind === 'relation' && node.rest.length === 1 && itemAt(node.rest, 0).op === 'equal' ? node : null;
}

type Zeros = Readonly<{
  roots: readonly Root[];
  breaks: readonly Root[];
  within: Within;
  hidden: number;
  complex: readonly Scalar[];
  isNear: boolean;
}>;

/** Where an expression is zero: all of it for a polynomial, else in the interval. `always` when it is zero throughout. */
function zerosOf(tree: Tree, letter: string, interval: NonNullable<Within>, context: Context): Zeros | 'always' | null {
  const none = { breaks: [], within: null, hidden: 0, complex: [], isNear: false };
  const coefficients = coefficientsOf(tree, letter, context);
  if (coefficients !== null) {
    const isConstant = coefficients.slice(1).every((c) => c.kind === 'rational' && q.isZero(c.value));
    if (isConstant) {
      const only = itemAt(coefficients, 0);
      return only.kind === 'rational' && q.isZero(only.value) ? 'always' : { roots: [], ...none };
    }
    const found = polynomialRoots(coefficients, context);
    if (found !== null)
      return {
        ...none,
        roots: found.real,
        hidden: found.hidden,
        complex: found.complex,
        isNear: found.isNear === true,
      };
  }
  const found = search(tree, letter, interval.from, interval.to, context);
  return found && { ...none, ...found, within: interval };
}

/** A rational number that lies strictly between two values, or beyond the one that is there. */
function between(a: RealValue | null, b: RealValue | null, context: Context): Rational {
  const rough = (v: RealValue): Rational => {
    if (v.kind === 'rational') return v.value;
    // Halving towards the value is enough: only a number on the right side of it is needed.
    let [low, high] = [q.whole(-1), q.whole(1)];
    while (compareReals(fromRational(low), v, context.shouldContinue) === 1) low = q.multiply(low, q.whole(2));
    while (compareReals(fromRational(high), v, context.shouldContinue) === -1) high = q.multiply(high, q.whole(2));
    for (let i = 0; i < 100; i += 1) {
      const mid = q.divide(q.add(low, high), q.whole(2));
      if (compareReals(fromRational(mid), v, context.shouldContinue) === -1) low = mid;
      else high = mid;
    }
    return high;
  };
  if (a === null) return b === null ? q.ZERO : q.subtract(rough(b), q.ONE);
  if (b === null) return q.add(rough(a), q.ONE);
  return q.divide(q.add(rough(a), rough(b)), q.whole(2));
}

/** The numbers for which a line is true: its truth changes only where two sides meet, or where one has no value. */
function ranges(tree: Tree, letter: string, interval: NonNullable<Within>, context: Context): Solved {
  const zeros: Zeros[] = [];
  for (const difference of relationsOf(tree).flatMap(differences)) {
    const found = zerosOf(difference, letter, interval, context);
    if (found === null) return { kind: 'unknown' };
    if (found !== 'always') zeros.push(found);
  }
  const within = zeros.find((z) => z.within !== null)?.within ?? null;
  const edges = within === null ? [] : [exactRoot(fromRational(within.from)), exactRoot(fromRational(within.to))];
  const broken = zeros.flatMap((z) => z.breaks);
  const critical = ordered([...edges, ...broken, ...zeros.flatMap((z) => z.roots)], context.shouldContinue).filter(
    (root) => {
      const v = valueOfRoot(root);
      if (within === null || v === null) return true;
      return (
        compareReals(v, fromRational(within.from), context.shouldContinue) !== -1 &&
        compareReals(v, fromRational(within.to), context.shouldContinue) !== 1
      );
    },
  );
  const holds = (x: RealValue): boolean => {
    const truth = decideLine(tree, withLetter(context, letter, x));
    return truth.ok && truth.value === true;
  };
  /** At a meeting point that is not exact, only a relation that takes equals holds. */
  const takesEquals = relationsOf(tree).every((r) =>
    r.rest.every((p) => ['equal', 'atMost', 'atLeast'].includes(p.op)),
  );
  const holdsAt = (root: Root): boolean =>
    root.kind === 'exact' ? isReal(root.value) && holds(root.value) : root.isSure && takesEquals;
  const result: Range[] = [];
  let open: { from: Root | null; takesFrom: boolean } | null = null;
  const gaps = within === null ? critical.length + 1 : critical.length - 1;
  const lower = (i: number): Root | null => (within === null ? (critical[i - 1] ?? null) : itemAt(critical, i));
  const upper = (i: number): Root | null => (within === null ? (critical[i] ?? null) : itemAt(critical, i + 1));
  const worth = (root: Root | null): RealValue | null => root && valueOfRoot(root);
  for (let i = 0; i < gaps; i += 1) {
    const [from, to] = [lower(i), upper(i)];
    const isIn = holds(fromRational(between(worth(from), worth(to), context)));
    if (isIn && open === null) open = { from, takesFrom: from !== null && holdsAt(from) };
    const isEnd = to === null || (within !== null && i === gaps - 1);
    const takesTo = to !== null && holdsAt(to);
    if (isIn && open !== null) {
      const goesOn = !isEnd && takesTo && holds(fromRational(between(worth(to), worth(upper(i + 1)), context)));
      if (goesOn) continue;
      result.push({ ...open, to, takesTo });
      open = null;
    } else if (takesTo && !isEnd && !holds(fromRational(between(worth(to), worth(upper(i + 1)), context))))
      result.push({ from: to, to, takesFrom: true, takesTo: true });
  }
  if (result.length === 0) return within === null ? { kind: 'never' } : { kind: 'ranges', ranges: [], within };
  if (within === null && result.length === 1 && itemAt(result, 0).from === null && itemAt(result, 0).to === null)
    return { kind: 'always' };
  return { kind: 'ranges', ranges: result, within };
}

/**
 * Solves a line that is an equation, a pair of linear equations, or an inequality, for a letter (or two). Real solutions
 * only; those of polynomials are all of them, others those between two numbers. The rest of the letters must have values.
 * Once the context tells to stop, what is answered may lack solutions and is not to be used.
 */
export function solve(tree: Tree, letter: string, interval: NonNullable<Within>, context: Context): Solved {
  const node = inside(tree);
  const open = openLetters(tree).filter((name) => !context.names.letters.has(name));
  if (node.kind === 'logic' && node.op === 'and' && open.length === 2) {
    const both = [equationOf(node.left), equationOf(node.right)];
    const [first, second] = both.map((e) => e && itemAt(differences(e), 0));
    if (first && second) {
      const letters = [itemAt(open, 0), itemAt(open, 1)] as const;
      const pair = linearPair(first, second, letters, context);
      return pair === null ? { kind: 'unknown' } : { kind: 'pair', letters, pair };
    }
  }
  const equation = equationOf(tree);
  if (equation === null) return ranges(tree, letter, interval, context);
  const difference = itemAt(differences(equation), 0);
  const periodic = periodicZeros(difference, letter, context);
  if (periodic === 'always') return { kind: 'always' };
  if (periodic !== null) {
    const hasNone = periodic.roots.length === 0 && !periodic.isSearched;
    return hasNone ? { kind: 'never' } : { kind: 'periodic', ...periodic };
  }
  const zeros = zerosOf(difference, letter, interval, context);
  if (zeros === null) return { kind: 'unknown' };
  if (zeros === 'always') return { kind: 'always' };
  const { within, hidden, complex, isNear } = zeros;
  const roots = ordered(zeros.roots, context.shouldContinue);
  if (roots.length === 0 && within === null && hidden === 0) return { kind: 'never' };
  return { kind: 'roots', roots, within, hidden, complex, isNear };
}
