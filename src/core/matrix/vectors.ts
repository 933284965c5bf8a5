import { itemAt } from '../base/item';
import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import * as complex from '../number/complex';
import type { Matrix, Scalar } from '../number/value';
import { isZero, over, sum, worked } from './field';
import { doNotFit, entriesOf, isVector, mapped, sizeOf, vector } from './matrix';

type Numbered = Result<Scalar, ProblemData>;
type Made = Result<Matrix, ProblemData>;

const noVector = (fn: string) => fail<ProblemData>({ code: 'domain', reason: 'needs-vector', fn });

/** The entries of two vectors of one length; else what is wrong. */
function both(fn: string, u: Matrix, v: Matrix): Result<readonly [readonly Scalar[], readonly Scalar[]], ProblemData> {
  if (!isVector(u) || !isVector(v)) return noVector(fn);
  return u.rows.length === v.rows.length ? succeed([entriesOf(u), entriesOf(v)]) : doNotFit(fn, u, v);
}

/** Σ ū·v: of complex vectors the first is conjugated, so that a vector's product with itself is its length squared. */
const inner = (u: readonly Scalar[], v: readonly Scalar[]): Scalar =>
  sum(u.map((entry, i) => complex.multiply(complex.conjugate(entry), itemAt(v, i))));

/** u · v. Problems: domain (needs-vector), dimension. */
export function dot(u: Matrix, v: Matrix): Numbered {
  const pair = both('dot', u, v);
  return pair.ok ? succeed(inner(...pair.value)) : pair;
}

/** u × v in three dimensions, where it stands upright on both. Problems: domain, dimension. */
export function cross(u: Matrix, v: Matrix): Made {
  const pair = both('cross', u, v);
  if (!pair.ok) return pair;
  const [a, b] = pair.value;
  if (a.length !== 3) return fail({ code: 'dimension', reason: 'not-in-space', fn: 'cross', size: sizeOf(u) });
  const part = (i: number, j: number): Scalar =>
    complex.subtract(complex.multiply(itemAt(a, i), itemAt(b, j)), complex.multiply(itemAt(a, j), itemAt(b, i)));
  return succeed(vector([part(1, 2), part(2, 0), part(0, 1)]));
}

/** The square root of the sum of the squares of all entries: a vector's length. */
export const norm = (m: Matrix, shouldContinue: ShouldContinue): Scalar => {
  const entries = m.rows.flat();
  return worked(complex.squareRoot(inner(entries, entries), shouldContinue));
};

const isNothing = (m: Matrix, shouldContinue: ShouldContinue): boolean =>
  entriesOf(m).every((entry) => isZero(entry, shouldContinue));

const zeroVector = (fn: string) => fail<ProblemData>({ code: 'domain', reason: 'zero-vector', fn });

/** The vector of length 1 in the same direction. Problems: domain. */
export function unit(v: Matrix, shouldContinue: ShouldContinue): Made {
  if (!isVector(v)) return noVector('unit');
  if (isNothing(v, shouldContinue)) return zeroVector('unit');
  const length = norm(v, shouldContinue);
  return succeed(mapped(v, (entry) => over(entry, length, shouldContinue)));
}

/** The cosine of the angle between two vectors: u·v / √(u·u v·v). Problems: domain, dimension. */
export function cosineBetween(u: Matrix, v: Matrix, shouldContinue: ShouldContinue): Numbered {
  const pair = both('angle', u, v);
  if (!pair.ok) return pair;
  if (isNothing(u, shouldContinue) || isNothing(v, shouldContinue)) return zeroVector('angle');
  const [a, b] = pair.value;
  const lengths = worked(complex.squareRoot(complex.multiply(inner(a, a), inner(b, b)), shouldContinue));
  return succeed(over(inner(a, b), lengths, shouldContinue));
}

/** The part of u that lies along v: (v·u / v·v)·v. Problems: domain, dimension. */
export function projection(u: Matrix, v: Matrix, shouldContinue: ShouldContinue): Made {
  const pair = both('proj', u, v);
  if (!pair.ok) return pair;
  if (isNothing(v, shouldContinue)) return zeroVector('proj');
  const [a, b] = pair.value;
  const share = over(inner(b, a), inner(b, b), shouldContinue);
  return succeed(mapped(v, (entry) => complex.multiply(share, entry)));
}
