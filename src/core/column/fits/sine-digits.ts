import { itemAt } from '../../base/item';
import { goOn } from '../../base/limits';
import type { ShouldContinue } from '../../base/should-continue';
import * as ball from '../../number/ball';
import { pi } from '../../number/constants';
import { circular } from '../../number/elementary';
import * as q from '../../number/rational';
import type { Rational } from '../../number/rational';
import { solveSmall } from './small-system';

/** y = a·sin(b·x + c) + d with a and b above zero and −π < c ≤ π, angles in radians. */
export type Sine = Readonly<{ a: number; b: number; c: number; d: number }>;

/** Numbers here are whole multiples of 2^−BITS. */
const BITS = 160;
const UNIT = 1n << BigInt(BITS);
const STEPS = 12;
/** It mostly comes to rest after so many. */
const USUAL_STEPS = 6;
/** Coefficients come to rest when a step moves them by less than this share of them. */
const REST = 1e-30;

const times = (a: bigint, b: bigint): bigint => (a * b) >> BigInt(BITS);

function fixedOf(x: number): bigint {
  if (x === 0 || !Number.isFinite(x)) return 0n;
  // In two steps: a step of 10^−30 is below the whole numbers that a double scales to at once.
  const exponent = Math.floor(Math.log2(Math.abs(x)));
  const lead = BigInt(Math.round(x * 2 ** (52 - exponent)));
  const shift = BITS - 52 + exponent;
  return shift >= 0 ? lead << BigInt(shift) : lead >> BigInt(-shift);
}

const fixedRational = ({ n, d }: Rational): bigint => (n * UNIT) / d;

/** Into so many parts a turn is divided, whose sines are worked once each. */
const PARTS = 512n;
/** Bits beyond those of an angle, so that thousands of turns can be taken off it. */
const SPARE = 40;

type Circle = readonly [sine: bigint, cosine: bigint];

/**
 * sin and cos of angles in fixed point: those of the nearest part of a turn by the series of balls, once for each, and
 * from there on by a short series and the theorem of addition. Ten thousand points would take a minute otherwise.
 */
function createCircle(): (angle: bigint) => Circle {
  const turn = 2n * ball.toFixed(pi(BITS + SPARE + 8), BITS + SPARE).mid;
  const known = new Map<bigint, Circle>();
  const partOf = (k: bigint): Circle => {
    const before = known.get(k);
    if (before !== undefined) return before;
    const b = { mid: (k * turn) / PARTS, rad: 0n, exp: -(BITS + SPARE) };
    const of = (which: 'sin' | 'cos'): bigint => {
      const result = circular(b, which, BITS + 8);
      return result === null ? 0n : ball.toFixed(result, BITS).mid;
    };
    const result: Circle = [of('sin'), of('cos')];
    known.set(k, result);
    return result;
  };
  return (angle) => {
    const wide = angle << BigInt(SPARE);
    // Rounded down: what is left lies between nothing and one part.
    const scaled = wide * PARTS;
    const k = scaled >= 0n ? scaled / turn : -((-scaled + turn - 1n) / turn);
    const rest = (wide - (k * turn) / PARTS) >> BigInt(SPARE);
    const [s, c] = partOf(((k % PARTS) + PARTS) % PARTS);
    const square = times(rest, rest);
    let [sine, cosine] = [rest, UNIT];
    let [odd, even] = [rest, UNIT];
    for (let n = 1n; even !== 0n && odd !== 0n; n += 1n) {
      even = -times(even, square) / ((2n * n - 1n) * (2n * n));
      odd = -times(odd, square) / (2n * n * (2n * n + 1n));
      cosine += even;
      sine += odd;
    }
    return [times(s, cosine) + times(c, sine), times(c, cosine) - times(s, sine)];
  };
}

/** The coefficients with all the digits there are, and the share of the spread of y that they leave. */
export type SharpSine = Readonly<{ a: Rational; b: Rational; c: Rational; d: Rational; left: Rational }>;

/**
 * The coefficients of a fitted sine carried on to some thirty digits: Newton's method on the squares left, the gradient
 * in fixed point, its matrix in doubles. Null when it does not come to rest, or comes to rest at no minimum.
 */
export function sharpened(
  start: Sine,
  { x, y, w }: Readonly<{ x: readonly number[]; y: readonly number[]; w: readonly number[] }>,
  exact: readonly (readonly [Rational, Rational])[],
  shouldContinue: ShouldContinue,
): SharpSine | null {
  const points = exact.map(([u, v], i) => [fixedRational(u), fixedRational(v), BigInt(itemAt(w, i))] as const);
  let p = [start.a, start.b, start.c, start.d].map(fixedOf) as [bigint, bigint, bigint, bigint];
  let smallest = Infinity;
  const circle = createCircle();
  for (let step = 0; step < STEPS && shouldContinue(); step += 1) {
    const [a, b, c, d] = p;
    const g = [0n, 0n, 0n, 0n];
    for (const [i, [u, v, weight]] of points.entries()) {
      if (i % 256 === 0) goOn(shouldContinue, Math.min(1, (step + i / points.length) / USUAL_STEPS));
      const [sine, cosine] = circle(times(b, u) + c);
      const rest = times(a, sine) + d - v;
      const ac = times(a, cosine);
      const row = [sine, times(ac, u), ac, UNIT];
      for (let j = 0; j < 4; j += 1) g[j] = itemAt(g, j) + weight * times(rest, itemAt(row, j));
    }
    const move = solveSmall(
      curvature(p.map((v) => Number(v) / 2 ** BITS) as [number, number, number, number], x, y, w).map((row, j) => [
        ...row,
        Number(g[j]) / 2 ** BITS,
      ]),
    );
    if (move === null) return null;
    p = p.map((v, j) => v - fixedOf(itemAt(move, j))) as typeof p;
    const size = Math.max(...move.map((m, j) => Math.abs(m) / Math.max(Math.abs(Number(p[j]) / 2 ** BITS), 1e-6)));
    if (size > 1e-2) return null;
    if (size < REST || (step > 3 && size >= smallest)) break;
    smallest = size;
  }
  const left = leftShare(p, points, circle);
  const [a, b, c, d] = p.map((v) => q.rational(v, UNIT)) as [Rational, Rational, Rational, Rational];
  return left && { a, b, c, d, left };
}

/** Squares left by the squares of the deviations from the mean; null where y does not vary. */
function leftShare(
  [a, b, c, d]: readonly [bigint, bigint, bigint, bigint],
  points: readonly (readonly [bigint, bigint, bigint])[],
  circle: (angle: bigint) => Circle,
): Rational | null {
  let [n, sum, squares, left] = [0n, 0n, 0n, 0n];
  for (const [u, v, weight] of points) {
    const [sine] = circle(times(b, u) + c);
    const rest = times(a, sine) + d - v;
    n += weight;
    sum += weight * v;
    squares += weight * v * v;
    left += weight * rest * rest;
  }
  const whole = n * squares - sum * sum;
  return whole === 0n ? null : q.rational(n * left, whole);
}

/** The second derivatives of half the squares left. */
function curvature(
  [a, b, c, d]: readonly [number, number, number, number],
  x: readonly number[],
  y: readonly number[],
  w: readonly number[],
): readonly (readonly number[])[] {
  let h: readonly (readonly number[])[] = Array.from({ length: 4 }, () => [0, 0, 0, 0]);
  for (let i = 0; i < x.length; i += 1) {
    const u = itemAt(x, i);
    const [sine, cosine] = [Math.sin(b * u + c), Math.cos(b * u + c)];
    const rest = a * sine + d - itemAt(y, i);
    const row = [sine, a * u * cosine, a * cosine, 1];
    const second = [
      [0, u * cosine, cosine, 0],
      [u * cosine, -a * u * u * sine, -a * u * sine, 0],
      [cosine, -a * u * sine, -a * sine, 0],
      [0, 0, 0, 0],
    ];
    h = h.map((sums, j) =>
      sums.map(
        (sum, k) => sum + itemAt(w, i) * (itemAt(row, j) * itemAt(row, k) + rest * itemAt(itemAt(second, j), k)),
      ),
    );
  }
  return h;
}
