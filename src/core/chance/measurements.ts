import { itemAt } from '../base/item';
import { compare, half, lnBeta, rest, square } from './algebra';
import type { Algebra } from './algebra';
import { defineMeasured } from './distribution';
import type { Parameters } from './distribution';

type Two<T> = [T, T];
const two = <T>(p: Parameters<T>): Two<T> => [itemAt(p, 0), itemAt(p, 1)];

/** Φ(z), as far below as it may be: for z < 0 half of Q(1/2, z²/2), else what half of P adds to a half. */
function normalBelow<T>(w: Algebra<T>, z: T): T {
  const sign = w.sign(z);
  const at = half(w, square(w, z));
  if (sign === 0) return w.of(1, 2);
  return sign < 0 ? half(w, w.gammaAbove(w.of(1, 2), at)) : half(w, w.add(w.of(1), w.gammaBelow(w.of(1, 2), at)));
}

/** The z below which a share lies: by the square of it, whose half has the gamma distribution of shape 1/2. */
function normalInverse<T>(w: Algebra<T>, share: T, above: T): T {
  const side = compare(w, share, above);
  if (side === 0) return w.of(0);
  const tail = w.multiply(w.of(2), side < 0 ? share : above);
  const log = w.gammaInverse(w.of(1, 2), rest(w, tail), tail);
  const z = w.squareRoot(w.multiply(w.of(2), w.exp(log)));
  return side < 0 ? w.negate(z) : z;
}

const standard = <T>(w: Algebra<T>, p: Parameters<T>, x: T): T => {
  const [mean, sd] = two(p);
  return w.divide(w.subtract(x, mean), sd);
};

/** e^(−z²/2)/√(2π). */
const bell = <T>(w: Algebra<T>, z: T): T =>
  w.divide(w.exp(w.negate(half(w, square(w, z)))), w.squareRoot(w.multiply(w.of(2), w.pi)));

export const normal = defineMeasured({
  id: 'normal',
  density: (w, p, x) => w.divide(bell(w, standard(w, p, x)), itemAt(p, 1)),
  below: (w, p, x) => normalBelow(w, standard(w, p, x)),
  above: (w, p, x) => normalBelow(w, w.negate(standard(w, p, x))),
  inverse: (w, p, share, above) => w.add(itemAt(p, 0), w.multiply(itemAt(p, 1), normalInverse(w, share, above))),
  mean: (_w, p) => itemAt(p, 0),
  variance: (w, p) => square(w, itemAt(p, 1)),
  modes: (_w, p) => [itemAt(p, 0)],
  ends: () => ({ low: null, high: null }),
});

export const uniform = defineMeasured({
  id: 'uniform',
  density: (w, p) => {
    const [from, to] = two(p);
    return w.divide(w.of(1), w.subtract(to, from));
  },
  atLow: (w, p) => uniform.density(w, p, itemAt(p, 0)),
  atHigh: (w, p) => uniform.density(w, p, itemAt(p, 1)),
  below: (w, p, x) => {
    const [from, to] = two(p);
    return w.divide(w.subtract(x, from), w.subtract(to, from));
  },
  above: (w, p, x) => {
    const [from, to] = two(p);
    return w.divide(w.subtract(to, x), w.subtract(to, from));
  },
  inverse: (w, p, share) => {
    const [from, to] = two(p);
    return w.add(from, w.multiply(share, w.subtract(to, from)));
  },
  mean: (w, p) => half(w, w.add(...two(p))),
  variance: (w, p) => w.divide(square(w, w.subtract(...two(p))), w.of(12)),
  modes: () => [],
  ends: (_w, p) => ({ low: itemAt(p, 0), high: itemAt(p, 1) }),
});

/** From zero on, with a density at zero that depends on how a shape compares with 1. */
const fromZero = <T>(w: Algebra<T>) => ({ low: w.of(0), high: null });
const atZero = <T>(w: Algebra<T>, shape: T, atOne: () => T): T | null => {
  const side = compare(w, shape, w.of(1));
  return side === 0 ? atOne() : side > 0 ? w.of(0) : null;
};

export const exponential = defineMeasured({
  id: 'exponential',
  density: (w, p, x) => {
    const rate = itemAt(p, 0);
    return w.multiply(rate, w.exp(w.negate(w.multiply(rate, x))));
  },
  atLow: (_w, p) => itemAt(p, 0),
  below: (w, p, x) => w.gammaBelow(w.of(1), w.multiply(itemAt(p, 0), x)),
  above: (w, p, x) => w.exp(w.negate(w.multiply(itemAt(p, 0), x))),
  inverse: (w, p, _share, above) => w.negate(w.divide(w.ln(above), itemAt(p, 0))),
  mean: (w, p) => w.divide(w.of(1), itemAt(p, 0)),
  variance: (w, p) => w.divide(w.of(1), square(w, itemAt(p, 0))),
  modes: (w) => [w.of(0)],
  ends: fromZero,
});

const standardLog = <T>(w: Algebra<T>, p: Parameters<T>, x: T): T => standard(w, p, w.ln(x));

export const lognormal = defineMeasured({
  id: 'lognormal',
  density: (w, p, x) => w.divide(bell(w, standardLog(w, p, x)), w.multiply(itemAt(p, 1), x)),
  atLow: (w) => w.of(0),
  below: (w, p, x) => normalBelow(w, standardLog(w, p, x)),
  above: (w, p, x) => normalBelow(w, w.negate(standardLog(w, p, x))),
  inverse: (w, p, share, above) => w.exp(w.add(itemAt(p, 0), w.multiply(itemAt(p, 1), normalInverse(w, share, above)))),
  mean: (w, p) => w.exp(w.add(itemAt(p, 0), half(w, square(w, itemAt(p, 1))))),
  variance: (w, p) => {
    const [mu, sigma] = two(p);
    const spread = square(w, sigma);
    return w.multiply(w.subtract(w.exp(spread), w.of(1)), w.exp(w.add(w.multiply(w.of(2), mu), spread)));
  },
  modes: (w, p) => [w.exp(w.subtract(itemAt(p, 0), square(w, itemAt(p, 1))))],
  ends: fromZero,
});

/** (x/scale)^shape. */
const weibullPower = <T>(w: Algebra<T>, p: Parameters<T>, x: T): T => {
  const [shape, scale] = two(p);
  return w.power(w.divide(x, scale), shape);
};

/** Γ(1 + k/shape). */
const weibullMoment = <T>(w: Algebra<T>, shape: T, k: number): T => w.gamma(w.add(w.of(1), w.divide(w.of(k), shape)));

export const weibull = defineMeasured({
  id: 'weibull',
  density: (w, p, x) => {
    const power = weibullPower(w, p, x);
    return w.divide(w.multiply(itemAt(p, 0), w.multiply(power, w.exp(w.negate(power)))), x);
  },
  atLow: (w, p) => atZero(w, itemAt(p, 0), () => w.divide(w.of(1), itemAt(p, 1))),
  below: (w, p, x) => w.gammaBelow(w.of(1), weibullPower(w, p, x)),
  above: (w, p, x) => w.exp(w.negate(weibullPower(w, p, x))),
  inverse: (w, p, _share, above) => {
    const [shape, scale] = two(p);
    return w.multiply(scale, w.power(w.negate(w.ln(above)), w.divide(w.of(1), shape)));
  },
  mean: (w, p) => w.multiply(itemAt(p, 1), weibullMoment(w, itemAt(p, 0), 1)),
  variance: (w, p) => {
    const [shape, scale] = two(p);
    const first = weibullMoment(w, shape, 1);
    return w.multiply(square(w, scale), w.subtract(weibullMoment(w, shape, 2), square(w, first)));
  },
  modes: (w, p) => {
    const [shape, scale] = two(p);
    if (compare(w, shape, w.of(1)) <= 0) return [w.of(0)];
    const inner = w.divide(w.subtract(shape, w.of(1)), shape);
    return [w.multiply(scale, w.power(inner, w.divide(w.of(1), shape)))];
  },
  ends: fromZero,
});

export const gamma = defineMeasured({
  id: 'gamma',
  density: (w, p, x) => {
    const [shape, scale] = two(p);
    const at = w.divide(x, scale);
    const log = w.subtract(w.subtract(w.multiply(shape, w.ln(at)), at), w.lnGamma(shape));
    return w.divide(w.exp(log), x);
  },
  atLow: (w, p) => atZero(w, itemAt(p, 0), () => w.divide(w.of(1), itemAt(p, 1))),
  below: (w, p, x) => w.gammaBelow(itemAt(p, 0), w.divide(x, itemAt(p, 1))),
  above: (w, p, x) => w.gammaAbove(itemAt(p, 0), w.divide(x, itemAt(p, 1))),
  inverse: (w, p, share, above) => w.multiply(itemAt(p, 1), w.exp(w.gammaInverse(itemAt(p, 0), share, above))),
  mean: (w, p) => w.multiply(...two(p)),
  variance: (w, p) => w.multiply(itemAt(p, 0), square(w, itemAt(p, 1))),
  modes: (w, p) => {
    const [shape, scale] = two(p);
    const most = w.subtract(shape, w.of(1));
    return [w.sign(most) > 0 ? w.multiply(most, scale) : w.of(0)];
  },
  ends: fromZero,
});

export const beta = defineMeasured({
  id: 'beta',
  density: (w, p, x) => {
    const [a, b] = two(p);
    const y = rest(w, x);
    const log = w.subtract(w.add(w.multiply(a, w.ln(x)), w.multiply(b, w.ln(y))), lnBeta(w, a, b));
    return w.divide(w.exp(log), w.multiply(x, y));
  },
  atLow: (w, p) => atZero(w, itemAt(p, 0), () => itemAt(p, 1)),
  atHigh: (w, p) => atZero(w, itemAt(p, 1), () => itemAt(p, 0)),
  below: (w, p, x) => w.betaBelow(...two(p), x, rest(w, x)),
  above: (w, p, x) => w.betaBelow(itemAt(p, 1), itemAt(p, 0), rest(w, x), x),
  inverse: (w, p, share, above) => {
    const [a, b] = two(p);
    // A power, and the middle of what is the same on both sides, come out as they are.
    if (compare(w, b, w.of(1)) === 0) return w.exp(w.divide(w.ln(share), a));
    if (compare(w, a, w.of(1)) === 0) return rest(w, w.exp(w.divide(w.ln(above), b)));
    if (compare(w, a, b) === 0 && compare(w, share, above) === 0) return w.of(1, 2);
    const log = w.betaInverse(a, b, share, above);
    return w.divide(w.of(1), w.add(w.of(1), w.exp(w.negate(log))));
  },
  mean: (w, p) => w.divide(itemAt(p, 0), w.add(...two(p))),
  variance: (w, p) => {
    const [a, b] = two(p);
    const sum = w.add(a, b);
    return w.divide(w.multiply(a, b), w.multiply(square(w, sum), w.add(sum, w.of(1))));
  },
  modes: (w, p) => {
    const [a, b] = two(p);
    const [left, right] = [compare(w, a, w.of(1)), compare(w, b, w.of(1))];
    if (left > 0 && right > 0) return [w.divide(w.subtract(a, w.of(1)), w.subtract(w.add(a, b), w.of(2)))];
    if (left > 0 || (left === 0 && right < 0)) return [w.of(1)];
    return right > 0 || (right === 0 && left < 0) ? [w.of(0)] : [];
  },
  ends: (w) => ({ low: w.of(0), high: w.of(1) }),
});
