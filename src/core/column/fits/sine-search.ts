import { itemAt } from '../../base/item';
import type { ShouldContinue } from '../../base/should-continue';
import { solveSmall } from './small-system';
import { sharpened } from './sine-digits';
import type { SharpSine, Sine } from './sine-digits';
import type { Rational } from '../../number/rational';

/** The numbers as decimals that were carried further than doubles. */
export type SineFit = SharpSine;

type Points = Readonly<{ x: readonly number[]; y: readonly number[]; w: readonly number[] }>;

/** How many frequencies are tried to one whole wave over the range of x. */
const STEPS_A_WAVE = 12;
/** Waves are looked for from this part of one over the range on: with less, there is no wave to see. */
const LEAST_WAVE = 0.25;
/** About what share of the work the search is; the rest carries on what was found. */
const SEARCH_SHARE = 0.25;
/** What the search may cost, in evaluations of a point. */
const MOST_WORK = 1.5e7;

/** The normal equations of sine, cosine and height for one frequency, right sides last. */
function sumsAt({ x, y, w }: Points, b: number): readonly (readonly [number, number, number, number])[] {
  let [ss, sc, cc, s, c, n] = [0, 0, 0, 0, 0, 0];
  let [sy, cy, total] = [0, 0, 0];
  for (let i = 0; i < x.length; i += 1) {
    // No pairs are taken apart in here: for the browser that is compiled to calls.
    const weight = itemAt(w, i);
    const height = itemAt(y, i);
    const sine = Math.sin(b * itemAt(x, i));
    const cosine = Math.cos(b * itemAt(x, i));
    const ws = weight * sine;
    const wc = weight * cosine;
    ss += ws * sine;
    sc += ws * cosine;
    cc += wc * cosine;
    s += ws;
    c += wc;
    n += weight;
    sy += ws * height;
    cy += wc * height;
    total += weight * height;
  }
  return [
    [ss, sc, s, sy],
    [sc, cc, c, cy],
    [s, c, n, total],
  ];
}

/** What is left for one frequency, from the sums alone: enough to see where that is little, if y lies around zero. */
function leftAt(points: Points, b: number, squares: number): number {
  const m = sumsAt(points, b);
  const found = solveSmall(m);
  return found === null ? Infinity : squares - found.reduce((sum, v, j) => sum + v * itemAt(m, j)[3], 0);
}

/** For one frequency the rest is linear: sine, cosine and height by least squares, and the squares left. */
function atFrequency(points: Points, b: number): { sine: number; cosine: number; d: number; left: number } | null {
  const found = solveSmall(sumsAt(points, b));
  if (found === null) return null;
  const { x, y, w } = points;
  const [sine, cosine, d] = found as [number, number, number];
  let left = 0;
  for (let i = 0; i < x.length; i += 1)
    left +=
      itemAt(w, i) * (sine * Math.sin(b * itemAt(x, i)) + cosine * Math.cos(b * itemAt(x, i)) + d - itemAt(y, i)) ** 2;
  return { sine, cosine, d, left };
}

/** The least of a function between two numbers, by golden section. */
function least(f: (b: number) => number, from: number, to: number): number {
  const share = (Math.sqrt(5) - 1) / 2;
  let [low, high] = [from, to];
  let [p, r] = [high - share * (high - low), low + share * (high - low)];
  let [fp, fr] = [f(p), f(r)];
  for (let i = 0; i < 80 && high - low > 1e-14 * high; i += 1) {
    if (fp < fr) {
      [high, r, fr] = [r, p, fp];
      p = high - share * (high - low);
      fp = f(p);
    } else {
      [low, p, fp] = [p, r, fr];
      r = low + share * (high - low);
      fr = f(r);
    }
  }
  return (low + high) / 2;
}

const turned = (c: number): number => c - 2 * Math.PI * Math.ceil(c / (2 * Math.PI) - 0.5);

/**
 * The sine that comes nearest to points in the sense of least squares: every frequency from a quarter of a wave over
 * the range up to two points a wave is tried, the rest being linear (variable projection: G. H. Golub and V. Pereyra,
 * SIAM J. Numer. Anal. 10 (1973)), the best ones are narrowed, and the end is sharpened beyond doubles. Null when
 * nothing of that kind fits better than what lies beside it. Domain: five or more different x, of even spacing or not.
 */
export function sineFit(
  points: Points,
  exact: readonly (readonly [Rational, Rational])[],
  shouldContinue: ShouldContinue,
): SineFit | null | 'stopped' {
  const { x, y, w } = points;
  const [from, to] = x.reduce(([low, high], v) => [Math.min(low, v), Math.max(high, v)], [Infinity, -Infinity]);
  const middle = (from + to) / 2;
  const centred: Points = { x: x.map((v) => v - middle), y, w };
  const distinct = new Set(x).size;
  const step = (2 * Math.PI) / ((to - from) * STEPS_A_WAVE);
  const first = Math.ceil(LEAST_WAVE * STEPS_A_WAVE);
  const last = Math.min((STEPS_A_WAVE * (distinct - 1)) / 2, Math.floor(MOST_WORK / x.length));
  const total = w.reduce((sum, v) => sum + v, 0);
  const mean = y.reduce((sum, v, i) => sum + itemAt(w, i) * v, 0) / total;
  const around: Points = { ...centred, y: y.map((v) => v - mean) };
  const whole = around.y.reduce((sum, v, i) => sum + itemAt(w, i) * v ** 2, 0);
  const errors: number[] = [];
  for (let k = first; k <= last; k += 1) {
    if (!shouldContinue((SEARCH_SHARE * (k - first)) / (last - first + 1))) return 'stopped';
    errors.push(leftAt(around, k * step, whole));
  }
  const dips = errors
    .map((left, i) => ({
      left,
      k: first + i,
      isDip: left <= (errors[i - 1] ?? Infinity) && left <= (errors[i + 1] ?? Infinity),
    }))
    .filter(({ isDip, k }) => isDip && k > first)
    .sort((p, r) => p.left - r.left)
    .slice(0, 4);
  let best: (Sine & { left: number }) | null = null;
  for (const { k } of dips) {
    const b = least((v) => atFrequency(centred, v)?.left ?? Infinity, (k - 1) * step, (k + 1) * step);
    const result = atFrequency(centred, b);
    if (result === null || (best !== null && result.left >= best.left * (1 - 1e-9))) continue;
    const a = Math.hypot(result.sine, result.cosine);
    best = { a, b, c: turned(Math.atan2(result.cosine, result.sine) - b * middle), d: result.d, left: result.left };
  }
  if (best === null || !(best.a > 0) || !(best.left < whole)) return null;
  return sharpened(best, points, exact, (share = 0) => shouldContinue(SEARCH_SHARE + (1 - SEARCH_SHARE) * share));
}
