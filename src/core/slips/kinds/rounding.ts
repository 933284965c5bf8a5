import { numberTree, negateTree, groupTree, nodesOf, partsOf, withParts } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { unhurried } from '../../base/should-continue';
import { roundToFigures, roundToPlaces } from '../../number/digits';
import type { DecimalAnswer } from '../../number/digits';
import { asRational, isReal } from '../../number/value';
import type { RealValue } from '../../number/value';
import { placed } from '../decimal-text';
import type { SlipLine, SlipRecord, Variant } from '../slip';

type Round = (value: RealValue) => DecimalAnswer;

const toPlaces =
  (places: number): Round =>
  (value) =>
    roundToPlaces(value, places, unhurried);
const toFigures =
  (figures: number): Round =>
  (value) =>
    roundToFigures(value, figures, unhurried);

/** Cut off instead of rounded: only for what is known exactly enough. */
const cut =
  (places: number): Round =>
  (value) => {
    const longer = roundToPlaces(value, places + 12, unhurried);
    if (typeof longer === 'string') return longer;
    const drop = 10n ** 12n;
    return {
      ...longer,
      unscaled: longer.unscaled / drop,
      places,
      exact: longer.exact && longer.unscaled % drop === 0n,
    };
  };

/** How results on the way are shortened, by how often it is done. */
const ways: readonly (readonly [Round, number])[] = [
  [toPlaces(2), 0],
  [toPlaces(1), 0.1],
  [toPlaces(3), 0.1],
  [toPlaces(0), 0.8],
  [toPlaces(4), 0.2],
  [toFigures(3), 0.4],
  [toFigures(2), 0.5],
  [toFigures(4), 0.5],
  [toPlaces(5), 0.5],
  [toPlaces(6), 0.7],
  [cut(2), 0.8],
  [cut(1), 0.8],
  [cut(3), 0.9],
  [cut(4), 1],
];

/** What ends after three decimals is written as it is: nobody takes 0.2 for a quarter. */
const SHORT = 1000n;

/** A rounded number as a tree; null where nothing was rounded away, or it could not be proved. */
function roundedTree(value: RealValue, round: Round): Tree | null {
  const exact = asRational(value);
  if (exact !== null && exact.d !== 1n && SHORT % exact.d === 0n) return null;
  const result = round(value);
  if (typeof result === 'string' || result.exact || !result.settled) return null;
  const isNegative = result.unscaled < 0n;
  const size = numberTree(placed(isNegative ? -result.unscaled : result.unscaled, result.places));
  return isNegative ? groupTree(negateTree(size)) : size;
}

const MOST_PARTS = 10;

/** What has a value of its own on the way: not the whole, not brackets only, not numbers but π and e. */
const isStep = (node: Tree, root: Tree): boolean =>
  node !== root && node.kind !== 'group' && node.kind !== 'negate' && node.kind !== 'postfix' && node.kind !== 'mark';

const replacedIn = (tree: Tree, by: ReadonlyMap<Tree, Tree>): Tree => {
  const own = by.get(tree);
  if (own !== undefined) return own;
  const parts = partsOf(tree);
  const next = parts.map((part) => replacedIn(part, by));
  return next.some((part, i) => part !== parts[i]) ? withParts(tree, next) : tree;
};

function valueIn(line: SlipLine, tree: Tree): RealValue | null {
  const value = line.valueOf(tree);
  return value !== null && isReal(value) ? value : null;
}

/** Every step worked with what the steps before were rounded to, but for the last. */
function allRounded(line: SlipLine, tree: Tree, round: Round, isRoot: boolean): Tree {
  const next = withParts(
    tree,
    partsOf(tree).map((part) => allRounded(line, part, round, false)),
  );
  if (isRoot || tree.kind === 'group') return next;
  const value = valueIn(line, next);
  return (value === null ? null : roundedTree(value, round)) ?? next;
}

/** Every subset of at least two things, the whole first; of many only the whole. */
function* subsets<T>(things: readonly T[]): Generator<readonly T[]> {
  if (things.length < 2) return;
  yield things;
  if (things.length > 4) return;
  for (let mask = 1; mask < 2 ** things.length - 1; mask += 1) {
    const chosen = things.filter((_, i) => (mask >> i) % 2 === 1);
    if (chosen.length > 1) yield chosen;
  }
}

/** 22/7 is taken for π. */
const TWENTY_TWO_SEVENTHS: Tree = groupTree({
  kind: 'binary',
  op: 'over',
  left: numberTree('22'),
  right: numberTree('7'),
  span: { from: 0, to: 0 },
});

/** A result on the way that was rounded before it was worked with. */
export const roundedEarly: SlipRecord = {
  name: 'rounded-early',
  cost: 1.6,
  *variants(line): Generator<Variant> {
    const { tree } = line;
    const steps = [...nodesOf(tree)].filter((node) => isStep(node, tree)).slice(0, MOST_PARTS * 3);
    const valued = steps.flatMap((node) => {
      const value = valueIn(line, node);
      return value === null ? [] : [{ node, value }];
    });
    for (const [round, extra] of ways) {
      const rounded = valued.flatMap(({ node, value }) => {
        const by = roundedTree(value, round);
        return by === null ? [] : [{ node, by }];
      });
      for (const { node, by } of rounded.slice(0, MOST_PARTS)) {
        // A number that was given is seldom rounded before use.
        const given = node.kind === 'number' ? 1.5 : 0;
        yield { tree: replacedIn(tree, new Map([[node, by]])), extra: extra + given };
      }
      yield { tree: allRounded(line, tree, round, true), extra: extra + 0.1 };
      const apart = rounded.filter(({ node }) => partsOf(node).every((part) => !rounded.some((r) => r.node === part)));
      for (const chosen of subsets(apart))
        yield { tree: replacedIn(tree, new Map(chosen.map(({ node, by }) => [node, by]))), extra: extra + 0.2 };
    }
    for (const node of steps)
      if (node.kind === 'constant' && node.name === 'pi')
        yield { tree: replacedIn(tree, new Map([[node, TWENTY_TWO_SEVENTHS]])), extra: 0.5 };
  },
};
