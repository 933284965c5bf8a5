import type { Radical } from './radical';
import type { Rational } from './rational';
import type { SurdSum } from './surd';
import type { RealOp } from './real-op-names';

/** The exact kinds of real numbers. */
export type ExactReal =
  | Readonly<{ kind: 'rational'; value: Rational }>
  /** A sum with at least one square root in it. */
  | Readonly<{ kind: 'surd'; sum: SurdSum }>
  /** A rational multiple of one higher root, such as 3·∛2, standing alone. */
  | Readonly<{ kind: 'radical'; of: Radical }>
  /** times · π, times ≠ 0. */
  | Readonly<{ kind: 'pi'; times: Rational }>;

/**
 * A real number known only as a recipe: an operation on values, worked out in balls to as many digits as are
 * asked for. Recipes share their parts, so they form a graph without cycles.
 */
export type Real = Readonly<{ kind: 'real'; op: RealOp; args: readonly RealValue[] }>;

/** A real number. All kinds but `real` are exact; exactness is left only by `real()`, and the display shows that by its sign. */
export type RealValue = ExactReal | Real;

/** re + im·i, im not the exact zero: what is real is kept as a real number. */
export type Complex = Readonly<{ kind: 'complex'; re: RealValue; im: RealValue }>;

/** A single number. */
export type Scalar = RealValue | Complex;

/** Numbers in rows of the same length, at least one of each; a vector is a matrix of one column. */
export type Matrix = Readonly<{ kind: 'matrix'; rows: readonly (readonly Scalar[])[] }>;

/** What an expression can be worth. */
export type Value = Scalar | Matrix;

export type ExactScalar = ExactReal | (Complex & Readonly<{ re: ExactReal; im: ExactReal }>);
export type ExactMatrix = Matrix & Readonly<{ rows: readonly (readonly ExactScalar[])[] }>;
export type ExactValue = ExactScalar | ExactMatrix;

/** A rational as a value. */
export const fromRational = (value: Rational): ExactReal => ({ kind: 'rational', value });
/** A whole number as a value. Domain: a double must be whole. */
export const fromWhole = (n: number | bigint): ExactReal => fromRational({ n: BigInt(n), d: 1n });

/** Whether a value is one number. */
export const isScalar = (v: Value): v is Scalar => v.kind !== 'matrix';
/** Whether a value is one number without an imaginary part; one of an exact 0 is never kept. */
export const isReal = (v: Value): v is RealValue => v.kind !== 'complex' && v.kind !== 'matrix';
/** Whether a real value is exact, and no recipe. */
export const isExactReal = (v: RealValue): v is ExactReal => v.kind !== 'real';
/** Whether all parts of a value are exact. */
export function isExact(v: Value): v is ExactValue {
  if (v.kind === 'matrix') return v.rows.every((row) => row.every(isExact));
  return v.kind === 'complex' ? isExactReal(v.re) && isExactReal(v.im) : isExactReal(v);
}

/** The rational that a value is, or null. */
export const asRational = (v: Value): Rational | null => (v.kind === 'rational' ? v.value : null);

/** The whole number that a value is, or null. */
export const asWhole = (v: Value): bigint | null => (v.kind === 'rational' && v.value.d === 1n ? v.value.n : null);
