import { gcd } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/** Numbers over one denominator, so that their sums are sums of whole numbers: value i is `n[i] / d`. */
export type Scaled = Readonly<{ n: readonly bigint[]; d: bigint }>;

export function scaled(values: readonly Rational[]): Scaled {
  let d = 1n;
  for (const { d: own } of values) if (d % own !== 0n) d = (d / gcd(d, own)) * own;
  return { n: values.map((v) => v.n * (d / v.d)), d };
}

/** Σ weight·x^j·y^k as an exact fraction; every weight is 1 when none are given. */
export function powerSum(
  x: Scaled,
  y: Scaled | null,
  j: number,
  k: number,
  weights: readonly bigint[] | null,
): Rational {
  let total = 0n;
  const [p, r] = [BigInt(j), BigInt(k)];
  for (let i = 0; i < x.n.length; i += 1)
    total += (weights?.[i] ?? 1n) * x.n[i]! ** p * (y === null || k === 0 ? 1n : y.n[i]! ** r);
  return q.rational(total, x.d ** p * (y === null ? 1n : y.d ** r));
}
