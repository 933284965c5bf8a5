import { itemAt } from '../base/item';
import { binaryTree, callTree, constantTree, negateTree, wholeTree } from '../language/tree';
import type { Tree } from '../language/tree';

export type NearKind = 'fraction' | 'root' | 'pi';

/** What a typed decimal may have been rounded from. */
export type Near = Readonly<{ kind: NearKind; tree: Tree }>;

const quotient = (top: Tree, d: number): Tree => (d === 1 ? top : binaryTree('over', top, wholeTree(BigInt(d))));

/** The first n/d near x, by size of d; null when none up to `most` is. */
function fractionNear(x: number, within: number, most: number): readonly [number, number] | null {
  for (let d = 1; d <= most; d += 1) {
    const n = Math.round(x * d);
    if (n !== 0 && Math.abs(n / d - x) <= within) return [n, d];
  }
  return null;
}

const isSquarefree = (n: number): boolean => {
  for (let k = 2; k * k <= n; k += 1) if (n % (k * k) === 0) return false;
  return n > 1;
};

/** Shares of a turn that exercises are about. */
const SHARES = new Set([1, 2, 3, 4, 5, 6, 8, 9, 10, 12, 15, 18, 20, 24]);

/**
 * Simple fractions, square roots over small numbers and multiples of π that round to a decimal of so many places.
 * Offered only when so simple a number would hardly be met by chance; nothing is claimed of them but that they are near.
 * Works in doubles: the decimal itself has at most 15 digits that count.
 */
export function nearTo(written: string): readonly Near[] {
  const match = /^(-?)(\d*)\.(\d{3,13})$/.exec(written);
  if (match === null) return [];
  const places = itemAt(match, 3).length;
  const x = Math.abs(Number(written));
  const isNegative = match[1] === '-';
  const within = 0.5 * 10 ** -places * (1 + 1e-9);
  // So many of each kind lie in reach that one of this size comes near by chance only once in some twenty decimals.
  const room = 10 ** places / 20;
  const found: Near[] = [];
  const offer = (kind: NearKind, tree: Tree): void => {
    found.push({ kind, tree: isNegative ? negateTree(tree) : tree });
  };
  if (x === 0 || x > 1000) return [];
  const fraction = fractionNear(x, within, Math.min(99, Math.floor(Math.sqrt(room))));
  if (fraction !== null && Math.abs(fraction[0] / fraction[1] - x) > 0 && 10 ** places % fraction[1] !== 0)
    offer('fraction', quotient(wholeTree(BigInt(fraction[0])), fraction[1]));
  for (let d = 1; d <= 12 && found.every((f) => f.kind !== 'root'); d += 1) {
    const n = Math.round((x * d) ** 2);
    const isNear = isSquarefree(n) && n < 100 && Math.abs(Math.sqrt(n) / d - x) <= within;
    if (isNear && n * d < room) offer('root', quotient(callTree('sqrt', wholeTree(BigInt(n))), d));
  }
  const turns = fractionNear(x / Math.PI, within / Math.PI, 24);
  if (turns !== null && SHARES.has(turns[1]) && turns[0] < 100 && turns[0] * turns[1] < room) {
    const [n, d] = turns;
    const pi = constantTree('pi');
    offer('pi', quotient(n === 1 ? pi : binaryTree('implied', wholeTree(BigInt(n)), pi), d));
  }
  return found;
}
