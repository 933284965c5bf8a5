import { itemAt } from '../base/item';
import type { ShouldContinue } from '../base/should-continue';
import * as arithmetic from '../number/arithmetic';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { squareRoot } from '../number/surd';
import { fromRational } from '../number/value';
import type { RealValue } from '../number/value';
import type { Polynomial } from './rational-polynomial';

/**
 * What Cardano's formula puts together for a cubic without rational roots. `roots`: one real root ∛first + ∛second + shift,
 * the complex ones follow. `angles`: three real roots size·cos((arccos(ratio) − a turn · k) / 3) + shift for k = 0, 1, 2.
 */
export type Cardano =
  | Readonly<{ kind: 'roots'; first: RealValue; second: RealValue; shift: Rational }>
  | Readonly<{ kind: 'angles'; size: RealValue; ratio: RealValue; shift: Rational }>;

/**
 * The parts of the formula for a·x³ + b·x² + c·x + d (DLMF 1.11(iii), from memory). Null where the two cube roots are of
 * rational numbers that a double root makes, since shorter ways exist there.
 */
export function cardano(p: Polynomial, shouldContinue: ShouldContinue): Cardano | null {
  const [d, c, b, a] = [0, 1, 2, 3].map((i) => itemAt(p, i)) as [Rational, Rational, Rational, Rational];
  const [B, C, D] = [q.divide(b, a), q.divide(c, a), q.divide(d, a)];
  const third = q.divide(B, q.whole(3));
  // x = t − B/3 makes t³ + P·t + Q.
  const P = q.subtract(C, q.multiply(B, third));
  const Q = q.add(
    q.subtract(q.multiply(q.whole(2), q.multiply(third, q.multiply(third, third))), q.multiply(third, C)),
    D,
  );
  const [half, part] = [q.divide(Q, q.whole(2)), q.divide(P, q.whole(3))];
  const under = q.add(q.multiply(half, half), q.multiply(part, q.multiply(part, part)));
  const shift = q.negate(third);
  const rootOf = (v: Rational): RealValue | null => {
    const root = squareRoot(v, shouldContinue);
    return root === null ? null : arithmetic.fromSurd(root);
  };
  if (q.sign(under) > 0) {
    const root = rootOf(under);
    if (root === null) return null;
    const middle = fromRational(q.negate(half));
    return {
      kind: 'roots',
      first: arithmetic.add(middle, root),
      second: arithmetic.subtract(middle, root),
      shift,
    };
  }
  if (q.isZero(under)) return null;
  const size = rootOf(q.multiply(q.whole(-4), part));
  // 3Q/(2P)·√(−3/P) = (−Q/2) / √(−(P/3)³) with its denominator made rational.
  const over = rootOf(q.negate(q.reciprocal(part)));
  if (size === null || over === null) return null;
  return { kind: 'angles', size, ratio: arithmetic.multiply(fromRational(q.divide(half, part)), over), shift };
}
