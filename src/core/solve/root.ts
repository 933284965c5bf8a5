import { lastOf } from '../base/item';
import type { ShouldContinue } from '../base/should-continue';
import { divide, magnitude, multiply, subtract, whole } from '../number/rational';
import type { Rational } from '../number/rational';
import { compareReals } from '../number/sign';
import { fromRational, isReal } from '../number/value';
import type { RealValue, Scalar } from '../number/value';

/** A solution: exact, or known to lie between two rationals. `isSure` is false where nothing proves that there is one. */
export type Root =
  | Readonly<{ kind: 'exact'; value: Scalar }>
  | Readonly<{ kind: 'near'; low: Rational; high: Rational; isSure: boolean }>;

/** A root that is known exactly, or as a recipe. */
export const exactRoot = (value: Scalar): Root => ({ kind: 'exact', value });

/** How narrow an interval must be, at a size, for all the digits that can be shown. */
export function fineWidth(size: Rational): Rational {
  const one = whole(1);
  const large = magnitude(size);
  return multiply(subtract(large, one).n > 0n ? large : one, { n: 1n, d: 10n ** 24n });
}

/** A value in the middle of where a root is known to lie, off from it by at most half that width. */
export function middleOf(root: Root & { kind: 'near' }): RealValue {
  const sum = { n: root.low.n * root.high.d + root.high.n * root.low.d, d: root.low.d * root.high.d };
  return fromRational(divide(sum, whole(2)));
}

/** The value of a root, or the middle of where it lies; null for a complex one. */
export const valueOfRoot = (root: Root): RealValue | null =>
  root.kind === 'near' ? middleOf(root) : isReal(root.value) ? root.value : null;

/** Roots in rising order, each once. */
export function ordered(roots: readonly Root[], shouldContinue: ShouldContinue): readonly Root[] {
  const kept: Root[] = [];
  const order = (a: Root, b: Root): number => {
    const [x, y] = [valueOfRoot(a), valueOfRoot(b)];
    const s = x === null || y === null ? 0 : compareReals(x, y, shouldContinue);
    return typeof s === 'string' ? 0 : s;
  };
  for (const root of [...roots].sort(order)) if (kept.length === 0 || order(lastOf(kept), root) !== 0) kept.push(root);
  return kept;
}
