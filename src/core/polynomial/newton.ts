import { itemAt } from '../base/item';
import { powerOfTen, roundDivide } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { degreeOf, narrowed, primitive } from './rational-polynomial';
import type { Polynomial } from './rational-polynomial';

/* Newton's steps in whole numbers of 2^−bits: what a step loses the next one makes good, and the end is proved exactly. */

type FixedPoint = Readonly<{ re: bigint; im: bigint }>;

/** The whole coefficients of a primitive polynomial, the lowest first. */
export const wholesIn = (p: Polynomial): readonly bigint[] => primitive(p).map(({ n }) => n);

/** p and p′ at z by Horner's rule. */
function bothAt(cs: readonly bigint[], z: FixedPoint, bits: bigint): readonly [FixedPoint, FixedPoint] {
  let [re, im, slopeRe, slopeIm] = [0n, 0n, 0n, 0n];
  for (let i = cs.length - 1; i >= 0; i -= 1) {
    [slopeRe, slopeIm] = [
      ((slopeRe * z.re - slopeIm * z.im) >> bits) + re,
      ((slopeRe * z.im + slopeIm * z.re) >> bits) + im,
    ];
    [re, im] = [((re * z.re - im * z.im) >> bits) + (itemAt(cs, i) << bits), (re * z.im + im * z.re) >> bits];
  }
  return [
    { re, im },
    { re: slopeRe, im: slopeIm },
  ];
}

/** A root near a place, after so many steps, in whole numbers of 2^−bits; null where the slope vanishes. */
export function steppedTo(cs: readonly bigint[], from: FixedPoint, bits: bigint, steps: number): FixedPoint | null {
  let z = from;
  for (let i = 0; i < steps; i += 1) {
    const [value, slope] = bothAt(cs, z, bits);
    const size = slope.re * slope.re + slope.im * slope.im;
    if (size === 0n) return null;
    const re = ((value.re * slope.re + value.im * slope.im) << bits) / size;
    const im = ((value.im * slope.re - value.re * slope.im) << bits) / size;
    if (re === 0n && im === 0n) break;
    z = { re: z.re - re, im: z.im - im };
  }
  return z;
}

/** The sign of p at n/d, d > 0, without a fraction being made. */
function signAt(cs: readonly bigint[], n: bigint, d: bigint): number {
  let [sum, scale] = [0n, 1n];
  for (let i = cs.length - 1; i >= 0; i -= 1) {
    sum = sum * n + itemAt(cs, i) * scale;
    scale *= d;
  }
  return sum > 0n ? 1 : sum < 0n ? -1 : 0;
}

const exactAt = (cs: readonly bigint[], z: FixedPoint, bits: bigint): FixedPoint => {
  let [re, im, scale] = [0n, 0n, 0n];
  for (let i = cs.length - 1; i >= 0; i -= 1) {
    [re, im] = [re * z.re - im * z.im + (itemAt(cs, i) << scale), re * z.im + im * z.re];
    scale += bits;
  }
  return { re, im };
};

const squared = ({ re, im }: FixedPoint): bigint => re * re + im * im;

/**
 * Whether a root lies within 10^−places of a place: a disc of radius n|p/p′| around any place holds one (Laguerre;
 * Henrici, Applied and Computational Complex Analysis I, 6.4, from memory). In whole numbers, exactly.
 */
export function isProvedNear(cs: readonly bigint[], z: FixedPoint, bits: bigint, places: number): boolean {
  const n = BigInt(cs.length - 1);
  const slope = cs.slice(1).map((c, i) => c * BigInt(i + 1));
  const [value, rise] = [squared(exactAt(cs, z, bits)), squared(exactAt(slope, z, bits))];
  return n * n * value * powerOfTen(2 * places) <= rise << (2n * bits);
}

/** How near a place must be so that Newton's steps double the digits, as a rule; where they do not, halving goes on. */
const NEAR: Rational = { n: 1n, d: 1n << 56n };

/** An interval of one real root made narrower than 2·10^−places. The root is proved to lie in it by a change of sign. */
export function polished(
  p: Polynomial,
  interval: readonly [Rational, Rational],
  places: number,
): readonly [Rational, Rational] {
  const [low, high] = narrowed(p, interval, NEAR);
  if (q.equal(low, high)) return [low, high];
  const cs = wholesIn(p);
  const bits = BigInt(Math.ceil(places * 3.33) + 64);
  const start = ((low.n << bits) / low.d + (high.n << bits) / high.d) / 2n;
  const root = steppedTo(cs, { re: start, im: 0n }, bits, 12);
  const d = powerOfTen(places);
  const n = root === null ? null : roundDivide(root.re * d, 1n << bits);
  if (n !== null) {
    const ends = [q.rational(n - 1n, d), q.rational(n + 1n, d)] as const;
    const isIn = q.compare(ends[0], low) >= 0 && q.compare(ends[1], high) <= 0;
    if (isIn && signAt(cs, n - 1n, d) * signAt(cs, n + 1n, d) < 0) return ends;
  }
  return degreeOf(p) < 1 ? [low, high] : narrowed(p, [low, high], { n: 2n, d });
}
