import type { ShouldContinue } from '../base/should-continue';
import { add, fromSurd, negate } from '../number/arithmetic';
import { squareRootFloor } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { squareRoot } from '../number/surd';
import { fromRational } from '../number/value';
import type { RealValue } from '../number/value';

/** A double as the rational that it is. */
export function fromDouble(x: number): Rational {
  let [n, d] = [x, 1n];
  while (!Number.isInteger(n)) {
    n *= 2;
    d *= 2n;
  }
  return q.rational(BigInt(n), d);
}

/** The simplest fraction near a number (continued fractions), when one with a small denominator is near enough. */
export function simpleFraction(x: number, most: number, within: number): Rational | null {
  let [p0, q0, p1, q1] = [0, 1, 1, 0];
  let rest = x;
  for (let i = 0; i < 20; i += 1) {
    const a = Math.floor(rest);
    [p0, q0, p1, q1] = [p1, q1, a * p1 + p0, a * q1 + q0];
    if (q1 > most || !Number.isFinite(p1)) return null;
    if (Math.abs(p1 / q1 - x) <= within) return q.rational(BigInt(p1), BigInt(q1));
    if (rest === a) return null;
    rest = 1 / (rest - a);
  }
  return null;
}

/** Exact values near a double that it may stand for: simple fractions, their multiples of π, their square roots. */
export function simpleValuesNear(x: number, within: number, shouldContinue: ShouldContinue): readonly RealValue[] {
  const near = Math.max(within, Math.abs(x) * within);
  const candidates: RealValue[] = [];
  const fraction = simpleFraction(x, 1000, near);
  if (fraction !== null) candidates.push(fromRational(fraction));
  const turns = simpleFraction(x / Math.PI, 360, near);
  if (turns !== null && turns.n !== 0n) candidates.push({ kind: 'pi', times: turns });
  const square = simpleFraction(x * x, 100, near * 4);
  const root = square !== null && square.n > 0n ? squareRoot(square, shouldContinue) : null;
  if (root !== null) candidates.push(x < 0 ? negate(fromSurd(root)) : fromSurd(root));
  return candidates;
}

const MOST_WHOLE = 20;
/** Squares of parts of a sum of roots are no larger than this. */
const LARGEST_SQUARE = 100;

const rootOf = (square: Rational, shouldContinue: ShouldContinue): RealValue | null => {
  const root = q.sign(square) > 0 ? squareRoot(square, shouldContinue) : null;
  return root === null ? null : fromSurd(root);
};

/**
 * Sums and differences of a short fraction and a square root (2 ± √3), and of two square roots (√3 ± √2), that a double
 * may stand for. Domain: x known to some 13 digits, since almost every number is near to one of them.
 */
export function surdSumsNear(x: number, shouldContinue: ShouldContinue): readonly RealValue[] {
  if (!Number.isFinite(x) || x === 0 || Math.abs(x) > 1e4) return [];
  const near = (of: number): number => 4e-13 * Math.max(1, Math.abs(of), x * x);
  const candidates: RealValue[] = [];
  for (const d of [1, 2, 3, 4, 5, 6]) {
    for (let n = -MOST_WHOLE; n <= MOST_WHOLE; n += 1) {
      const rest = x - n / d;
      const square = n === 0 ? null : simpleFraction(rest * rest, LARGEST_SQUARE, near(rest * rest));
      const root = square && square.d <= BigInt(d * d) ? rootOf(square, shouldContinue) : null;
      if (root === null) continue;
      candidates.push(add(fromRational(q.rational(BigInt(n), BigInt(d))), rest < 0 ? negate(root) : root));
    }
  }
  // (√a ± √b)² = a + b ± 2√(ab).
  const square = x * x;
  for (let sum = 2; sum <= 2 * MOST_WHOLE; sum += 1) {
    const product = simpleFraction(((square - sum) * (square - sum)) / 4, 1, near(square * square));
    if (product === null || q.sign(product) <= 0) continue;
    const spread = BigInt(sum) * BigInt(sum) - 4n * product.n;
    const root = spread >= 0n ? squareRootFloor(spread) : -1n;
    if (root < 0n || root * root !== spread || (BigInt(sum) + root) % 2n !== 0n) continue;
    const [a, b] = [(BigInt(sum) + root) / 2n, (BigInt(sum) - root) / 2n].map((n) =>
      rootOf(q.whole(n), shouldContinue),
    );
    if (!a || !b) continue;
    const size = add(a, square > sum ? b : negate(b));
    candidates.push(x < 0 ? negate(size) : size);
  }
  return candidates;
}
