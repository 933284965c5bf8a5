import { itemAt } from '../base/item';
import { unhurried } from '../base/should-continue';
import type { ShouldContinue } from '../base/should-continue';
import { TooLarge, goOn } from '../base/limits';
import { bitLength, gcd } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/** Numbers over one denominator, so that their sums are sums of whole numbers: value i is `n[i] / d`. */
export type Scaled = Readonly<{ n: readonly bigint[]; d: bigint }>;

export function scaled(values: readonly Rational[], shouldContinue: ShouldContinue = unhurried): Scaled {
  let d = 1n;
  for (const { d: own } of values) {
    if (d % own !== 0n) d = (d / gcd(d, own)) * own;
    goOn(shouldContinue);
  }
  return {
    n: values.map((v) => {
      goOn(shouldContinue);
      return v.d === d ? v.n : v.n * (d / v.d);
    }),
    d,
  };
}

/** Fractions of such numbers can no longer be brought to lowest terms in time. */
const MOST_BITS = 100_000;

/** Leaves the work (as too large) when products of so many of the numbers would grow too long. */
export function checkSize({ n, d }: Scaled, factors: number): void {
  const longest = n.reduce((most, v) => Math.max(most, bitLength(v)), bitLength(d));
  if (longest * factors > MOST_BITS) throw new TooLarge();
}

/** Σ weight·x^j·y^k as an exact fraction; every weight is 1 when none are given. */
export function powerSum(
  x: Scaled,
  y: Scaled | null,
  j: number,
  k: number,
  weights: readonly bigint[] | null,
  shouldContinue: ShouldContinue = unhurried,
): Rational {
  let total = 0n;
  const [p, r] = [BigInt(j), BigInt(k)];
  for (let i = 0; i < x.n.length; i += 1) {
    goOn(shouldContinue);
    total += (weights?.[i] ?? 1n) * itemAt(x.n, i) ** p * (y === null || k === 0 ? 1n : itemAt(y.n, i) ** r);
  }
  return q.rational(total, x.d ** p * (y === null ? 1n : y.d ** r));
}
