import { itemAt } from '../base/item';
import { chanceDouble } from '../chance';

/*
 * W of S. S. Shapiro and M. B. Wilk, Biometrika 52 (1965), with the weights and the chance of P. Royston, Applied
 * Statistics 44 (1995), algorithm AS R94 (from memory): an approximation by its nature, worked in doubles.
 */

const FIRST = [0, 0.221157, -0.147981, -2.07119, 4.434685, -2.706056];
const SECOND = [0, 0.042981, -0.293762, -1.752461, 5.682633, -3.582633];
const MEAN_SMALL = [0.544, -0.39978, 0.025054, -6.714e-4];
const SPREAD_SMALL = [1.3822, -0.77857, 0.062767, -0.0020322];
const MEAN_LARGE = [-1.5861, -0.31082, -0.083751, 0.0038915];
const SPREAD_LARGE = [-0.4803, -0.082676, 0.0030302];
const SMALL = 11;

export const FEWEST_FOR_W = 3;
export const MOST_FOR_W = 5000;

const polynomial = (coefficients: readonly number[], x: number): number =>
  coefficients.reduceRight((sum, c) => sum * x + c, 0);

/** The weights of the upper half of the values, from the largest inwards. */
function weightsFor(n: number): readonly number[] {
  const half = Math.floor(n / 2);
  if (n === 3) return [Math.SQRT1_2];
  const m = Array.from(
    { length: half },
    (_, i) => -chanceDouble('normal', 'inverse', [(i + 0.625) / (n + 0.25)], [0, 1]),
  );
  const whole = 2 * m.reduce((sum, v) => sum + v * v, 0);
  const root = Math.sqrt(whole);
  const [m1, m2 = 0] = [itemAt(m, 0), m[1]];
  const a1 = m1 / root + polynomial(FIRST, 1 / Math.sqrt(n));
  if (n <= 5) {
    const factor = Math.sqrt((whole - 2 * m1 * m1) / (1 - 2 * a1 * a1));
    return m.map((v, i) => (i === 0 ? a1 : v / factor));
  }
  const a2 = m2 / root + polynomial(SECOND, 1 / Math.sqrt(n));
  const factor = Math.sqrt((whole - 2 * m1 * m1 - 2 * m2 * m2) / (1 - 2 * a1 * a1 - 2 * a2 * a2));
  return m.map((v, i) => (i === 0 ? a1 : i === 1 ? a2 : v / factor));
}

function chanceOf(w: number, n: number): number {
  if (n === 3) return Math.max(0, (6 / Math.PI) * (Math.asin(Math.sqrt(w)) - Math.asin(Math.sqrt(0.75))));
  const left = Math.log(1 - w);
  const far = (y: number, mean: number, spread: number): number => chanceDouble('normal', 'above', [y], [mean, spread]);
  if (n <= SMALL) {
    const gamma = -2.273 + 0.459 * n;
    if (left >= gamma) return 0;
    return far(-Math.log(gamma - left), polynomial(MEAN_SMALL, n), Math.exp(polynomial(SPREAD_SMALL, n)));
  }
  const log = Math.log(n);
  return far(left, polynomial(MEAN_LARGE, log), Math.exp(polynomial(SPREAD_LARGE, log)));
}

/** W and how likely one as small is of normal values; null where nothing varies. Domain: 3 to 5000 values. */
export function shapiroWilk(values: readonly number[]): Readonly<{ w: number; p: number }> | null {
  const sorted = [...values].sort((a, b) => a - b);
  const n = sorted.length;
  const mean = sorted.reduce((sum, v) => sum + v, 0) / n;
  const whole = sorted.reduce((sum, v) => sum + (v - mean) ** 2, 0);
  if (!(whole > 0)) return null;
  const top = weightsFor(n).reduce((sum, a, i) => sum + a * (itemAt(sorted, n - 1 - i) - itemAt(sorted, i)), 0);
  const w = Math.min(1, (top * top) / whole);
  return { w, p: chanceOf(w, n) };
}
