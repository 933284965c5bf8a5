import type { ShouldContinue } from '../base/should-continue';
import { fromSurd } from './arithmetic';
import { signOf } from './sign';
import * as q from './rational';
import * as surd from './surd';
import type { SurdSum } from './surd';

/** Sums with more terms are not tried: their roots hardly ever come out. */
const MOST_TERMS = 8;
/** What comes out has small numbers under its roots; others are not searched for long. */
/** One root is taken out of the field at each step; roots of four and more together are not looked for. */
const MOST_DEPTH = 3;
const FEW_STEPS = 4_000;
const HALF = q.rational(1n, 2n);

const isPositive = (sum: SurdSum, shouldContinue: ShouldContinue): boolean =>
  sum.length > 0 && signOf(fromSurd(sum), shouldContinue) === 1;

/**
 * √a as a sum of square roots, for a sum a > 0, or null when it has no such form (A. Borodin, R. Fagin, J. Hopcroft,
 * M. Tompa, "Decreasing the nesting depth of expressions involving square roots", 1985).
 * With a = A + B√p: √a = √X ± √Y where X, Y = (A ± √(A² − pB²))/2; the inner roots lie in the field without √p and are
 * found in the same way. The result is squared and compared, so it is right whatever the way was.
 */
export function denestedRoot(a: SurdSum, shouldContinue: ShouldContinue, depth = MOST_DEPTH): SurdSum | null {
  const plain = surd.toRational(a);
  if (plain !== null) return plain.n < 0n ? null : surd.squareRoot(plain, shouldContinue, FEW_STEPS);
  if (depth === 0 || a.length > MOST_TERMS || !shouldContinue()) return null;
  const p = surd.partingFactor(a);
  const inA = a.filter((t) => t.radicand % p !== 0n);
  const overP = a
    .filter((t) => t.radicand % p === 0n)
    .map((t) => ({ radicand: t.radicand / p, coefficient: t.coefficient }));
  if (inA.length === 0) return null;
  const square = surd.add(surd.multiply(inA, inA), surd.negate(surd.scale(surd.multiply(overP, overP), q.whole(p))));
  if (!isPositive(square, shouldContinue)) return null;
  const middle = denestedRoot(square, shouldContinue, depth - 1);
  if (middle === null) return null;
  const [x, y] = [surd.scale(surd.add(inA, middle), HALF), surd.scale(surd.add(inA, surd.negate(middle)), HALF)];
  if (!isPositive(x, shouldContinue) || !isPositive(y, shouldContinue)) return null;
  const [rootX, rootY] = [denestedRoot(x, shouldContinue, depth - 1), denestedRoot(y, shouldContinue, depth - 1)];
  if (rootX === null || rootY === null) return null;
  for (const result of [surd.add(rootX, rootY), surd.add(rootX, surd.negate(rootY))]) {
    if (!surd.isKeepable(result) || !surd.equal(surd.multiply(result, result), a)) continue;
    return isPositive(result, shouldContinue) ? result : surd.negate(result);
  }
  return null;
}
