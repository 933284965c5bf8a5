import type { Rational } from './rational';
import type { SurdSum } from './surd';
import type { RealOp } from './real-ops';

/**
 * What an expression can be worth. All kinds but `real` are exact; exactness is left only by `real()`, and the display
 * shows that by its sign.
 */
export type Value =
  | Readonly<{ kind: 'rational'; value: Rational }>
  /** A sum with at least one root in it. */
  | Readonly<{ kind: 'surd'; sum: SurdSum }>
  /** times · π, times ≠ 0. */
  | Readonly<{ kind: 'pi'; times: Rational }>
  | Real;

/**
 * A real number is not a number but a recipe: an operation on values, worked out in balls to as many digits as are
 * asked for. Recipes share their parts, so they form a graph without cycles.
 */
export type Real = Readonly<{ kind: 'real'; op: RealOp; args: readonly Value[] }>;

export type ExactValue = Exclude<Value, Real>;

export const fromRational = (value: Rational): ExactValue => ({ kind: 'rational', value });
export const fromWhole = (n: number | bigint): ExactValue => fromRational({ n: BigInt(n), d: 1n });

export const isExact = (v: Value): v is ExactValue => v.kind !== 'real';

/** The rational that a value is, or null. */
export const asRational = (v: Value): Rational | null => (v.kind === 'rational' ? v.value : null);

/** The whole number that a value is, or null. */
export const asWhole = (v: Value): bigint | null => (v.kind === 'rational' && v.value.d === 1n ? v.value.n : null);
