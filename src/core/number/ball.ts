import { absolute, bitLength, floorDivide, powerOfTen, squareRootFloor } from './integer';
import type { Rational } from './rational';

/**
 * A real number known to lie within (mid ± rad)·2^exp, rad ≥ 0. Every operation takes the working precision in bits,
 * keeps at most that many bits of the middle, and widens the radius by whatever it dropped: the true result of the
 * operation on *any* points of its arguments lies in the ball that it returns.
 * A null answer means that the arguments are too wide at this precision (a divisor that may be zero); the caller
 * starts again with more bits.
 */
export type Ball = Readonly<{ mid: bigint; rad: bigint; exp: number }>;

/** Bits kept of a radius: more would only cost time, since it is a bound. */
const RADIUS_BITS = 30;

/** The ball with its middle cut to `bits` bits; what is cut off goes into the radius. */
export function trim(b: Ball, bits: number): Ball {
  const drop = Math.max(bitLength(b.mid) - bits, bitLength(b.rad) - RADIUS_BITS, 0);
  if (drop === 0) return b;
  const by = BigInt(drop);
  const mid = b.mid >> by;
  const lost = mid << by === b.mid ? 0n : 1n;
  const rad = (b.rad >> by) + (b.rad === 0n ? 0n : 1n) + lost;
  return { mid, rad, exp: b.exp + drop };
}

/** The ball of one point, n·2^exp. */
export const exactly = (n: bigint, exp = 0): Ball => ({ mid: n, rad: 0n, exp });

/** n/d to `bits` bits: the quotient is cut, so the error is below one unit of the last place. */
export function fromRational({ n, d }: Rational, bits: number): Ball {
  if (d === 1n) return trim(exactly(n), bits);
  const shift = bits + bitLength(d) - bitLength(n) + 1;
  const mid = shift >= 0 ? (n << BigInt(shift)) / d : n / (d << BigInt(-shift));
  return { mid, rad: 1n, exp: -shift };
}

/** |x| < 2^result for every x in the ball; −Infinity for the exact zero. */
export function upperSize(b: Ball): number {
  const most = absolute(b.mid) + b.rad;
  return most === 0n ? -Infinity : bitLength(most) + b.exp;
}

/** The sign that all points of the ball have, or null when it may be zero or either. Exact zero answers 0. */
export function signOf(b: Ball): -1 | 0 | 1 | null {
  if (b.mid > b.rad) return 1;
  if (-b.mid > b.rad) return -1;
  return b.mid === 0n && b.rad === 0n ? 0 : null;
}

const isZero = (b: Ball): boolean => b.mid === 0n && b.rad === 0n;

/** −x for every x of the ball. Exact. */
export const negate = (a: Ball): Ball => ({ mid: -a.mid, rad: a.rad, exp: a.exp });

/** |x|: a ball around zero becomes all from zero to its farther end. */
export function magnitude(a: Ball): Ball {
  const size = absolute(a.mid);
  if (size >= a.rad) return { mid: size, rad: a.rad, exp: a.exp };
  const top = size + a.rad;
  return { mid: top, rad: top, exp: a.exp - 1 };
}

/** The part of the ball at or above zero, as a ball; null when there is none. */
function nonNegativePart(a: Ball): Ball | null {
  if (a.mid >= a.rad) return a;
  const top = a.mid + a.rad;
  return top < 0n ? null : { mid: top, rad: top, exp: a.exp - 1 };
}

/** A middle is lengthened by at most so many bits to take in a smaller radius. */
const MOST_LENGTHENED = 4096;

/** Adds `by`·2^exp to the radius; a short middle is lengthened, so that a small addition stays small. */
export function widen(a: Ball, by: bigint, exp: number): Ball {
  if (by === 0n || exp === -Infinity) return a;
  const shift = exp - a.exp;
  if (shift >= 0) return { ...a, rad: a.rad + (by << BigInt(shift)) };
  const lift = BigInt(Math.min(-shift, MOST_LENGTHENED));
  const rest = BigInt(-shift) - lift;
  return {
    mid: a.mid << lift,
    rad: (a.rad << lift) + (rest === 0n ? by : (by >> rest) + 1n),
    exp: a.exp - Number(lift),
  };
}

/** x + y for all points, |(x + y) − (a + b)| ≤ ra + rb, cut to `bits` bits with what is cut off in the radius. */
export function add(a: Ball, b: Ball, bits: number): Ball {
  if (isZero(a)) return trim(b, bits);
  if (isZero(b)) return trim(a, bits);
  const [high, low] = a.exp >= b.exp ? [a, b] : [b, a];
  const gap = high.exp - low.exp;
  // When the lower one lies wholly below the last bit that will be kept, it only widens the radius.
  if (gap > bits + 64 && high.mid !== 0n) {
    const reach = upperSize(low);
    const floor = bitLength(high.mid) + high.exp - bits - 2;
    if (reach < floor) {
      const shift = Math.max(0, bits + 4 - bitLength(high.mid));
      const raised = { mid: high.mid << BigInt(shift), rad: high.rad << BigInt(shift), exp: high.exp - shift };
      return trim(widen(raised, 1n, reach), bits);
    }
  }
  const by = BigInt(gap);
  return trim({ mid: (high.mid << by) + low.mid, rad: (high.rad << by) + low.rad, exp: low.exp }, bits);
}

/** x − y for all points, as `add`. */
export const subtract = (a: Ball, b: Ball, bits: number): Ball => add(a, negate(b), bits);

/** |xy − ab| ≤ |a|·rb + |b|·ra + ra·rb. */
export const multiply = (a: Ball, b: Ball, bits: number): Ball =>
  trim(
    {
      mid: a.mid * b.mid,
      rad: absolute(a.mid) * b.rad + absolute(b.mid) * a.rad + a.rad * b.rad,
      exp: a.exp + b.exp,
    },
    bits,
  );

/** |x/y − a/b| ≤ (|a|·rb + |b|·ra) / (|b|·(|b| − rb)); null when the divisor may be zero. */
export function divide(a: Ball, b: Ball, bits: number): Ball | null {
  const size = absolute(b.mid);
  if (size <= b.rad) return null;
  const shift = Math.max(0, bits + bitLength(b.mid) - bitLength(a.mid) + 2);
  const by = BigInt(shift);
  const mid = (a.mid << by) / b.mid;
  const spread = absolute(a.mid) * b.rad + size * a.rad;
  const rad = spread === 0n ? 1n : (spread << by) / (size * (size - b.rad)) + 2n;
  return trim({ mid, rad, exp: a.exp - b.exp - shift }, bits);
}

/** √x: the roots of both ends, cut outwards. The part below zero is left out; null when all of it is. */
export function squareRoot(a: Ball, bits: number): Ball | null {
  const part = nonNegativePart(a);
  if (part === null) return null;
  const want = 2 * bits + 4 - bitLength(part.mid + part.rad);
  let shift = Math.max(0, want);
  if ((part.exp - shift) % 2 !== 0) shift += 1;
  const by = BigInt(shift);
  const low = squareRootFloor((part.mid - part.rad) << by);
  const high = squareRootFloor((part.mid + part.rad) << by) + 1n;
  return trim({ mid: low + high, rad: high - low, exp: (part.exp - shift) / 2 - 1 }, bits);
}

/** x^k for a whole k ≥ 0 by squaring, in balls of `bits` bits; x^0 = 1. */
export function powerWhole(a: Ball, k: number, bits: number): Ball {
  let result = exactly(1n);
  let square = a;
  for (let rest = k; rest > 0; rest = Math.floor(rest / 2)) {
    if (rest % 2 === 1) result = multiply(result, square, bits);
    if (rest > 1) square = multiply(square, square, bits);
  }
  return result;
}

/** The two ends as fractions over a power of two: n/2^shift with shift ≥ 0. */
export function ends(b: Ball): { low: bigint; high: bigint; shift: number } {
  const low = b.mid - b.rad;
  const high = b.mid + b.rad;
  return b.exp >= 0
    ? { low: low << BigInt(b.exp), high: high << BigInt(b.exp), shift: 0 }
    : { low, high, shift: -b.exp };
}

/** The ball's middle and radius in units of 2^−scale, the radius rounded up: the entrance to fixed-point series. */
export function toFixed(b: Ball, scale: number): { mid: bigint; rad: bigint } {
  const shift = b.exp + scale;
  if (shift >= 0) return { mid: b.mid << BigInt(shift), rad: b.rad << BigInt(shift) };
  const by = BigInt(-shift);
  const mid = b.mid >> by;
  // A ball far smaller than a unit is not shifted back: its exponent may be larger than any number that the engine takes.
  const isWhole = -shift > bitLength(b.mid) ? b.mid === 0n : mid << by === b.mid;
  return { mid, rad: (b.rad >> by) + (b.rad === 0n ? 0n : 1n) + (isWhole ? 0n : 1n) };
}

/** round(x·10^places), halves away from zero, of both ends: equal answers settle the digits. */
export function roundedEnds(b: Ball, places: number): { low: bigint; high: bigint } {
  // Far below half a unit of the last place there is no need to write the ends out, which may be longer than any number can be.
  if (upperSize(b) + Math.max(0, places) * 4 < -2) return { low: 0n, high: 0n };
  const { low, high, shift } = ends(b);
  const ten = powerOfTen(Math.abs(places));
  const unit = 1n << BigInt(shift);
  const at = (x: bigint): bigint => {
    const top = places >= 0 ? x * ten : x;
    const bottom = places >= 0 ? unit : unit * ten;
    const rounded = floorDivide(2n * absolute(top) + bottom, 2n * bottom);
    return top < 0n ? -rounded : rounded;
  };
  return { low: at(low), high: at(high) };
}
