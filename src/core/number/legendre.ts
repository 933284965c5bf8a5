import { present } from '../base/item';
import * as ball from './ball';
import type { Ball } from './ball';

export type Node = Readonly<{ at: Ball; weight: Ball }>;

/** P_n and P_{n−1} by the three-term recurrence (DLMF 18.9.1), in balls. */
function legendre(n: number, x: Ball, bits: number): { now: Ball; before: Ball } {
  let before = ball.exactly(1n);
  let now = x;
  for (let k = 1; k < n; k += 1) {
    const up = ball.multiply(ball.multiply(x, now, bits), ball.exactly(BigInt(2 * k + 1)), bits);
    const down = ball.multiply(before, ball.exactly(BigInt(k)), bits);
    const next = present(ball.divide(ball.subtract(up, down, bits), ball.exactly(BigInt(k + 1)), bits));
    [before, now] = [now, next];
  }
  return { now, before };
}

/** P_n′ = n(x·P_n − P_{n−1})/(x² − 1) (DLMF 18.9.17). */
function slope(n: number, x: Ball, bits: number): Ball {
  const { now, before } = legendre(n, x, bits);
  const top = ball.multiply(ball.subtract(ball.multiply(x, now, bits), before, bits), ball.exactly(BigInt(n)), bits);
  return present(ball.divide(top, ball.subtract(ball.multiply(x, x, bits), ball.exactly(1n), bits), bits));
}

/** The root near a guess in doubles, by Newton's steps. */
function doubleRoot(n: number, guess: number): number {
  let x = guess;
  for (let step = 0; step < 6; step += 1) {
    let [before, now] = [1, x];
    for (let k = 1; k < n; k += 1) [before, now] = [now, ((2 * k + 1) * x * now - k * before) / (k + 1)];
    x -= (now * (x * x - 1)) / (n * (x * now - before));
  }
  return x;
}

/** The same in units of 2^−scale, from what doubles give: two steps quadruple its digits. */
function fixedRoot(n: number, guess: number, scale: number): bigint {
  const by = BigInt(scale);
  let x = BigInt(Math.round(guess * 2 ** 52)) << BigInt(scale - 52);
  for (let good = 45; good < scale; good *= 2) {
    let [before, now] = [1n << by, x];
    for (let k = 1n; k < BigInt(n); k += 1n)
      [before, now] = [now, ((2n * k + 1n) * ((x * now) >> by) - k * before) / (k + 1n)];
    const bottom = BigInt(n) * (((x * now) >> by) - before);
    x -= (now * (((x * x) >> by) - (1n << by))) / bottom;
  }
  return x;
}

/** A ball around a root of P_n: all roots being real, one lies within n·|P_n/P_n′| of any point. */
function rootNear(n: number, guess: number, bits: number, work: number): Ball {
  const x = ball.exactly(fixedRoot(n, doubleRoot(n, guess), bits + 20), -bits - 20);
  const ratio = present(ball.divide(legendre(n, x, work).now, slope(n, x, work), work));
  const reach = ball.multiply(ball.magnitude(ratio), ball.exactly(BigInt(n)), work);
  return ball.trim(ball.widen(x, reach.mid + reach.rad, reach.exp), work);
}

const known = new Map<string, readonly Node[]>();

/**
 * The nodes and weights of the Gauss–Legendre rule of n points on [−1, 1] (DLMF 3.5(v)), each a ball that holds it.
 * Kept for the next time: the same for every integral.
 */
export function gaussLegendre(n: number, atLeast: number): readonly Node[] {
  const bits = 64 * Math.ceil(atLeast / 64);
  // The recurrence in balls loses a little over a bit a step: in the nodes, and again from them to the weights.
  const lost = Math.ceil(1.4 * n);
  const sharp = bits + lost;
  const work = sharp + lost + 48;
  const key = `${n} ${bits}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const half: Node[] = [];
  for (let i = 1; i <= n >> 1; i += 1) {
    // Tricomi's first guess, good to O(n⁻⁴).
    const theta = (Math.PI * (4 * i - 1)) / (4 * n + 2);
    const at = rootNear(n, (1 - (n - 1) / (8 * n ** 3)) * Math.cos(theta), sharp, work);
    half.push({ at, weight: weightAt(n, at, work) });
  }
  const mirrored = half.map(({ at, weight }) => ({ at: ball.negate(at), weight }));
  const middle: Node[] = n % 2 === 1 ? [{ at: ball.exactly(0n), weight: weightAt(n, ball.exactly(0n), work) }] : [];
  const nodes = [...half, ...middle, ...mirrored];
  known.set(key, nodes);
  return nodes;
}

/** 2/((1 − x²)·P_n′(x)²). */
function weightAt(n: number, x: Ball, work: number): Ball {
  const d = slope(n, x, work);
  const rest = ball.subtract(ball.exactly(1n), ball.multiply(x, x, work), work);
  return present(ball.divide(ball.exactly(2n), ball.multiply(rest, ball.multiply(d, d, work), work), work));
}
