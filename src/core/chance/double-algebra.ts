import { factorialDouble } from '../number/gamma-double';
import type { Algebra } from './algebra';
import { Refusal } from './refusal';

/*
 * The functions of distributions in doubles, to about 12 digits in the body, for curves: what is told in figures is worked
 * by the exact ones. Checked against those in the tests.
 */

const EPSILON = 1e-16;
const MOST_ROUNDS = 20_000;
const TINY = 1e-300;

/** ln Γ(x) for x > 0 by Stirling's series above 10 (DLMF 5.11.1), raised to there by its recurrence. */
export function lnGammaDouble(x: number): number {
  if (x < 1e-8) return -Math.log(x);
  let [at, product] = [x, 1];
  for (; at < 10; at += 1) product *= at;
  const square = 1 / (at * at);
  const series = (1 / 12 - square * (1 / 360 - square * (1 / 1260 - square * (1 / 1680 - square / 1188)))) / at;
  return (at - 0.5) * Math.log(at) - at + 0.5 * Math.log(2 * Math.PI) + series - Math.log(product);
}

/** The continued fraction b0 + a1/(b1 + a2/(b2 + …)) by the modified method of Lentz (W. J. Lentz, 1976; from memory). */
function continued(b0: number, a: (k: number) => number, b: (k: number) => number): number {
  let f = b0 === 0 ? TINY : b0;
  let [c, d] = [f, 0];
  for (let k = 1; k < MOST_ROUNDS; k += 1) {
    d = b(k) + a(k) * d;
    c = b(k) + a(k) / c;
    if (d === 0) d = TINY;
    if (c === 0) c = TINY;
    d = 1 / d;
    f *= c * d;
    if (Math.abs(c * d - 1) < EPSILON) break;
  }
  return f;
}

/** x^a·e^−x/Γ(a+1), near x = a without the loss of large exponents. */
function gammaFront(a: number, x: number): number {
  if (a > 100 && Math.abs(x - a) < 0.5 * a) {
    const off = (x - a) / a;
    // ln Γ(a+1) less its Stirling part, which the powers take up.
    const correction = 1 / (12 * a) - 1 / (360 * a ** 3);
    return Math.exp(a * (Math.log1p(off) - off) - correction) / Math.sqrt(2 * Math.PI * a);
  }
  return Math.exp(a * Math.log(x) - x - lnGammaDouble(a + 1));
}

function gammaShares(a: number, x: number): readonly [below: number, above: number] {
  if (x <= 0) return [0, 1];
  if (x === Infinity) return [1, 0];
  const front = gammaFront(a, x);
  if (x < a + 1) {
    let [term, sum] = [1, 1];
    for (let n = 1; n < MOST_ROUNDS && term > sum * EPSILON; n += 1) sum += term *= x / (a + n);
    const below = front * sum;
    return [below, 1 - below];
  }
  const fraction = continued(
    x + 1 - a,
    (k) => -k * (k - a),
    (k) => x + 2 * k + 1 - a,
  );
  const above = (front * a) / fraction;
  return [1 - above, above];
}

function betaBelow(a: number, b: number, x: number, y: number): number {
  if (x <= 0) return 0;
  if (y <= 0) return 1;
  if (x > (a + 1) / (a + b + 2)) return 1 - betaBelow(b, a, y, x);
  const front = Math.exp(
    a * Math.log(x) + b * Math.log(y) + lnGammaDouble(a + b) - lnGammaDouble(a) - lnGammaDouble(b),
  );
  // DLMF 8.17.22.
  const part = (k: number): number => {
    const m = Math.floor(k / 2);
    return k % 2 === 0
      ? (m * (b - m) * x) / ((a + k - 1) * (a + k))
      : (-(a + m) * (a + b + m) * x) / ((a + k - 1) * (a + k));
  };
  return front / (a * continued(1, part, () => 1));
}

/** Where a rising function is zero, by doubling a bracket and halving it. */
function zeroOf(f: (u: number) => number, from: number): number {
  let [low, high] = [from - 1, from + 1];
  for (let step = 1; f(low) > 0 && step < 1e6; step *= 2) low -= step;
  for (let step = 1; f(high) < 0 && step < 1e6; step *= 2) high += step;
  for (let k = 0; k < 80 && high - low > 1e-15 * Math.max(1, Math.abs(low)); k += 1) {
    const middle = (low + high) / 2;
    if (f(middle) < 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The sign of a share less the one that is wanted, told by the smaller of the two shares. */
const offBy = (below: number, above: number, p: number, q: number): number => (p < q ? below - p : q - above);

/** n over k as a product that stays small. */
function choose(n: number, k: number): number {
  const fewer = Math.min(k, n - k);
  if (fewer < 0) return 0;
  if (fewer > 500) return Math.exp(lnGammaDouble(n + 1) - lnGammaDouble(k + 1) - lnGammaDouble(n - k + 1));
  let result = 1;
  for (let i = 0; i < fewer; i += 1) result *= (n - i) / (fewer - i);
  return result;
}

export const doubleAlgebra: Algebra<number> = {
  of: (n, d = 1) => n / d,
  pi: Math.PI,
  add: (a, b) => a + b,
  subtract: (a, b) => a - b,
  multiply: (a, b) => a * b,
  divide: (a, b) => a / b,
  negate: (a) => -a,
  exp: Math.exp,
  ln: Math.log,
  squareRoot: Math.sqrt,
  power: (a, b) => a ** b,
  gamma: (a) => factorialDouble(a - 1),
  lnGamma: lnGammaDouble,
  gammaBelow: (a, x) => gammaShares(a, x)[0],
  gammaAbove: (a, x) => gammaShares(a, x)[1],
  betaBelow,
  gammaInverse: (a, p, q) => zeroOf((u) => offBy(...gammaShares(a, Math.exp(u)), p, q), Math.log(a)),
  betaInverse: (a, b, p, q) =>
    zeroOf(
      (u) => {
        const [x, y] = [1 / (1 + Math.exp(-u)), 1 / (1 + Math.exp(u))];
        return offBy(betaBelow(a, b, x, y), betaBelow(b, a, y, x), p, q);
      },
      Math.log(a / b),
    ),
  choose,
  sign: (a) => {
    if (Number.isNaN(a)) throw new Refusal({ code: 'domain', reason: 'no-values' });
    return Math.sign(a) as -1 | 0 | 1;
  },
  floor: Math.floor,
  whole: (a) => (Number.isInteger(a) ? a : null),
  sumsExactly: () => false,
  rough: (a) => a,
};
