import { divide, magnitude, multiply, subtract, whole } from '../number/rational';
import type { Rational } from '../number/rational';
import { fromRational } from '../number/value';
import type { RealValue, Value } from '../number/value';

/** A solution: exact, or known to lie between two rationals. `isSure` is false where nothing proves that there is one. */
export type Root =
  | Readonly<{ kind: 'exact'; value: Value }>
  | Readonly<{ kind: 'near'; low: Rational; high: Rational; isSure: boolean }>;

/** A root that is known exactly, or as a recipe. */
export const exactRoot = (value: Value): Root => ({ kind: 'exact', value });

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
