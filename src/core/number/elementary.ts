import { absolute, bitLength, roundDivide, squareRootFloor } from './integer';
import * as ball from './ball';
import type { Ball } from './ball';
import { ln2, pi } from './constants';

/*
 * Elementary functions of balls. Each reduces its argument, sums a series in fixed point (units of 2^−scale) with a
 * counted error, and adds what the argument's own radius can change, by a bound of the derivative.
 * A null answer means: too wide at this precision, ask again with more bits.
 */

/** e^x beyond 2^±this is refused: it would not fit any display. */
const LARGEST_EXPONENT_BITS = 40;

/**
 * e^x to about `bits` bits. With x = k·ln 2 + t, 0 ≤ t < ln 2, e^x = 2^k·Σ tⁿ/n!. Every term is cut twice, so n terms
 * err by at most 2n units and the rest of the series by 2 more. A radius r ≤ 1/4 changes the result by at most 2r of it.
 */
export function exp(x: Ball, bits: number): Ball | null | 'too-large' {
  const size = Math.max(0, ball.upperSize(x));
  if (size > LARGEST_EXPONENT_BITS) return ball.signOf(x) === null ? null : 'too-large';
  const scale = bits + 16;
  const fixed = ball.toFixed(x, scale + size);
  const two = ln2(scale + size);
  let k = fixed.mid / two.mid;
  if (k * two.mid > fixed.mid) k -= 1n;
  const t = (fixed.mid - k * two.mid) >> BigInt(size);
  // k·(error of ln 2) ≤ 2^size·4 units of the finer scale, that is 4 units here, and one for the cut.
  const spread = (fixed.rad >> BigInt(size)) + 6n;
  const unit = 1n << BigInt(scale);
  if (spread * 4n > unit) return null;
  let term = unit;
  let sum = unit;
  let n = 0n;
  while (term > 0n) {
    n += 1n;
    term = ((term * t) >> BigInt(scale)) / n;
    sum += term;
  }
  const fromArgument = ((sum * 2n * spread) >> BigInt(scale)) + 1n;
  return ball.trim({ mid: sum, rad: 2n * n + 2n + fromArgument, exp: Number(k) - scale }, bits);
}

/**
 * Times that ln takes a square root and atan halves its angle before the series: a root costs as much as several terms,
 * so short numbers take fewer (a third faster at 30 digits). Never more than 8, which the counted errors allow for.
 */
const halvingsFor = (bits: number): number => (bits < 400 ? 4 : 8);

/**
 * ln x to 2^−bits, for x > 0; null when the ball reaches zero. x = 2^k·f with f near 1; h square roots bring f to
 * 1 + 2^−(h+1) or so; ln f = 2^(h+1)·atanh((f−1)/(f+1)). Each root and the quotient err by at most 2 units, each term by 2;
 * all are multiplied by 2^(h+1). A radius r of x changes ln x by at most r/(x − r).
 */
export function ln(x: Ball, bits: number): Ball | null {
  if (x.mid <= x.rad) return null;
  const length = bitLength(x.mid);
  const halvings = halvingsFor(bits);
  const scale = bits + halvings + 24;
  const by = BigInt(scale);
  const unit = 1n << by;
  let k = length + x.exp;
  let f = scale >= length ? x.mid << BigInt(scale - length) : x.mid >> BigInt(length - scale);
  if (f * 10n < unit * 7n) {
    f <<= 1n;
    k -= 1;
  }
  for (let i = 0; i < halvings; i += 1) f = squareRootFloor(f << by);
  const z = ((f - unit) << by) / (f + unit);
  const square = (z * z) >> by;
  let power = z;
  let sum = 0n;
  let n = 0n;
  // Division cuts towards zero, so the powers do reach it whatever their sign.
  while (power !== 0n) {
    sum += power / (2n * n + 1n);
    power = (power * square) / unit;
    n += 1n;
  }
  const times = BigInt(halvings + 1);
  const rad = ((2n * n + 16n) << times) + (x.rad === 0n ? 0n : (x.rad << by) / (x.mid - x.rad) + 1n);
  const ofF: Ball = { mid: sum << times, rad, exp: -scale };
  if (k === 0) return ball.trim(ofF, bits);
  const two = ln2(scale + bitLength(BigInt(k)));
  const whole = { mid: two.mid * BigInt(k), rad: two.rad * absolute(BigInt(k)), exp: two.exp };
  return ball.add(whole, ofF, bits);
}

/** Σ of the sine (odd) or cosine (even) series of t ≥ 0 in fixed point, t below 1. Error at most 2 units a term and 4. */
function circularSeries(t: bigint, scale: number, odd: boolean): { sum: bigint; error: bigint } {
  const by = BigInt(scale);
  const square = (t * t) >> by;
  let term = odd ? t : 1n << by;
  let sum = term;
  let k = odd ? 1n : 0n;
  let terms = 1n;
  while (term > 0n) {
    term = ((term * square) >> by) / ((k + 1n) * (k + 2n));
    k += 2n;
    sum += (terms & 1n) === 1n ? -term : term;
    terms += 1n;
  }
  return { sum, error: 2n * terms + 4n };
}

/**
 * sin x or cos x to 2^−bits of the result's scale. x − K·π/2 is formed with as many more bits of π as x has before its
 * point, so huge angles are exact up to the radius that they come with; the slope is at most 1, so that radius is
 * simply added. For tiny x the scale grows with −log x (sin keeps its relative accuracy); for x below 2^(−bits/2),
 * sin x = x ± |x|³.
 */
export function circular(x: Ball, which: 'sin' | 'cos', bits: number): Ball | null {
  const size = ball.upperSize(x);
  if (size === -Infinity) return ball.exactly(which === 'sin' ? 0n : 1n);
  if (which === 'sin' && size < -bits / 2) return ball.trim(ball.widen(x, 1n, 3 * size), bits);
  const scale = bits + 8 + Math.max(0, which === 'sin' ? -size : 0);
  const extra = Math.max(0, size);
  const fixed = ball.toFixed(x, scale);
  if (fixed.rad >> BigInt(scale) > 0n) return null;
  const turn = pi(scale + extra);
  const quarters = roundDivide(fixed.mid << BigInt(extra + 1), turn.mid);
  const rest = fixed.mid - ((quarters * turn.mid) >> BigInt(extra + 1));
  const quarter = Number(((quarters % 4n) + 4n) % 4n);
  const useSine = (which === 'sin') === (quarter % 2 === 0);
  const { sum, error } = circularSeries(absolute(rest), scale, useSine);
  const turned = which === 'sin' ? quarter >= 2 : quarter === 1 || quarter === 2;
  const negative = turned !== (useSine && rest < 0n);
  return ball.trim({ mid: negative ? -sum : sum, rad: error + fixed.rad + 8n, exp: -scale }, bits);
}

/** atan of |x| ≤ 1 or a little more: h halvings of the angle by x/(1+√(1+x²)), each at most doubling nothing and cutting 2 units, then the series. */
function arctanSmall(x: Ball, bits: number): Ball {
  const size = ball.upperSize(x);
  if (size === -Infinity) return x;
  if (size < -bits / 2) return ball.trim(ball.widen(x, 1n, 3 * size), bits);
  const halvings = halvingsFor(bits);
  const scale = bits + halvings + 24 + Math.max(0, -size);
  const by = BigInt(scale);
  const unit = 1n << by;
  const fixed = ball.toFixed(x, scale);
  let t = absolute(fixed.mid);
  for (let i = 0; i < halvings; i += 1) t = (t << by) / (unit + squareRootFloor((unit << by) + t * t));
  const square = (t * t) >> by;
  let power = t;
  let sum = 0n;
  let n = 0n;
  while (power > 0n) {
    const term = power / (2n * n + 1n);
    sum += (n & 1n) === 1n ? -term : term;
    power = (power * square) >> by;
    n += 1n;
  }
  const rad = ((2n * n + 8n) << BigInt(halvings)) + fixed.rad;
  const mid = sum << BigInt(halvings);
  return ball.trim({ mid: fixed.mid < 0n ? -mid : mid, rad, exp: -scale }, bits);
}

/** atan x in radians to about `bits` bits; beyond 1, ±π/2 − atan(1/x). The slope is at most 1, so the radius is added. */
export function arctan(x: Ball, bits: number): Ball | null {
  if (ball.upperSize(x) <= 1) return arctanSmall(x, bits);
  const inverse = ball.divide(ball.exactly(1n), x, bits + 4);
  if (inverse === null) return null;
  const half = { ...pi(bits + 4), exp: -bits - 5 };
  return ball.subtract(x.mid > 0n ? half : ball.negate(half), arctanSmall(inverse, bits + 4), bits);
}

/**
 * asin x in radians. Inside 3/4: atan(x/√(1−x²)). Outside: π/2 − 2·asin(√((1−|x|)/2)), which stays sharp at the ends;
 * the part of a ball beyond ±1 is left out (the caller has decided the domain), null when nothing is left.
 */
export function arcsin(x: Ball, bits: number): Ball | null {
  const one = ball.exactly(1n);
  const size = ball.magnitude(x);
  const fromQuarter = ball.subtract(ball.multiply(size, ball.exactly(4n), bits + 8), ball.exactly(3n), bits + 8);
  if (fromQuarter.mid <= 0n) {
    const below = ball.subtract(one, ball.multiply(x, x, 2 * bits + 8), bits + 8);
    const root = ball.squareRoot(below, bits + 8);
    const ratio = root && ball.divide(x, root, bits + 8);
    return ratio && arctan(ratio, bits);
  }
  const rest = ball.subtract(one, size, 2 * bits + 8);
  const root = ball.squareRoot({ ...rest, exp: rest.exp - 1 }, bits + 8);
  const inner = root && arcsin(root, bits + 4);
  if (inner === null) return null;
  const half = { ...pi(bits + 4), exp: -bits - 5 };
  const up = ball.subtract(half, { ...inner, exp: inner.exp + 1 }, bits);
  return x.mid < 0n ? ball.negate(up) : up;
}

/** acos x in radians: near 1, 2·asin(√((1−x)/2)) keeps the relative accuracy; elsewhere π/2 − asin x. */
export function arccos(x: Ball, bits: number): Ball | null {
  const rest = ball.subtract(ball.exactly(1n), x, 2 * bits + 8);
  if (ball.upperSize(rest) <= -1) {
    const root = ball.squareRoot({ ...rest, exp: rest.exp - 1 }, bits + 8);
    const inner = root && arcsin(root, bits + 4);
    return inner && { ...inner, exp: inner.exp + 1 };
  }
  const inner = arcsin(x, bits + 4);
  const half = { ...pi(bits + 4), exp: -bits - 5 };
  return inner && ball.subtract(half, inner, bits);
}
