import { itemAt } from '../base/item';
import { compare, half, lnBeta, rest, square } from './algebra';
import type { Algebra } from './algebra';
import { defineMeasured } from './distribution';
import type { Parameters } from './distribution';
import { gamma } from './measurements';

/** df/(df + x²) and what it leaves: the share of which a t is told by the beta distribution of df/2 and 1/2. */
function sharesOfT<T>(w: Algebra<T>, df: T, x: T): [near: T, far: T] {
  const both = w.add(df, square(w, x));
  return [w.divide(df, both), w.divide(square(w, x), both)];
}

function tBelow<T>(w: Algebra<T>, df: T, x: T): T {
  const sign = w.sign(x);
  if (sign === 0) return w.of(1, 2);
  const [near, far] = sharesOfT(w, df, x);
  return sign < 0
    ? half(w, w.betaBelow(half(w, df), w.of(1, 2), near, far))
    : half(w, w.add(w.of(1), w.betaBelow(w.of(1, 2), half(w, df), far, near)));
}

export const t = defineMeasured({
  id: 't',
  density: (w, p, x) => {
    const df = itemAt(p, 0);
    const powers = w.multiply(half(w, w.add(df, w.of(1))), w.ln(w.add(w.of(1), w.divide(square(w, x), df))));
    return w.divide(w.exp(w.negate(w.add(powers, lnBeta(w, half(w, df), w.of(1, 2))))), w.squareRoot(df));
  },
  below: (w, p, x) => tBelow(w, itemAt(p, 0), x),
  above: (w, p, x) => tBelow(w, itemAt(p, 0), w.negate(x)),
  inverse: (w, p, share, above) => {
    const df = itemAt(p, 0);
    const side = compare(w, share, above);
    if (side === 0) return w.of(0);
    const tail = w.multiply(w.of(2), side < 0 ? share : above);
    const log = w.betaInverse(half(w, df), w.of(1, 2), tail, rest(w, tail));
    const size = w.multiply(w.squareRoot(df), w.exp(w.negate(half(w, log))));
    return side < 0 ? w.negate(size) : size;
  },
  mean: (w, p) => (compare(w, itemAt(p, 0), w.of(1)) > 0 ? w.of(0) : null),
  variance: (w, p) => {
    const more = w.subtract(itemAt(p, 0), w.of(2));
    return w.sign(more) > 0 ? w.divide(itemAt(p, 0), more) : null;
  },
  modes: (w) => [w.of(0)],
  ends: () => ({ low: null, high: null }),
});

/** χ² of df is the gamma distribution of shape df/2 and scale 2. */
const asGamma = <T>(w: Algebra<T>, p: Parameters<T>): Parameters<T> => [half(w, itemAt(p, 0)), w.of(2)];

export const chiSquared = defineMeasured({
  id: 'chiSquared',
  density: (w, p, x) => gamma.density(w, asGamma(w, p), x),
  atLow: (w, p) => gamma.atLow?.(w, asGamma(w, p)) ?? null,
  below: (w, p, x) => gamma.below(w, asGamma(w, p), x),
  above: (w, p, x) => gamma.above(w, asGamma(w, p), x),
  inverse: (w, p, share, above) => gamma.inverse(w, asGamma(w, p), share, above),
  mean: (_w, p) => itemAt(p, 0),
  variance: (w, p) => w.multiply(w.of(2), itemAt(p, 0)),
  modes: (w, p) => gamma.modes(w, asGamma(w, p)),
  ends: gamma.ends,
});

/** df1·x/(df1·x + df2) and what it leaves, with the halves of both degrees of freedom. */
function sharesOfF<T>(w: Algebra<T>, p: Parameters<T>, x: T): { a: T; b: T; low: T; high: T } {
  const [first, second] = [itemAt(p, 0), itemAt(p, 1)];
  const weighed = w.multiply(first, x);
  const both = w.add(weighed, second);
  return { a: half(w, first), b: half(w, second), low: w.divide(weighed, both), high: w.divide(second, both) };
}

export const F = defineMeasured({
  id: 'F',
  density: (w, p, x) => {
    const { a, b, low, high } = sharesOfF(w, p, x);
    const log = w.subtract(w.add(w.multiply(a, w.ln(low)), w.multiply(b, w.ln(high))), lnBeta(w, a, b));
    return w.divide(w.exp(log), x);
  },
  atLow: (w, p) => {
    const side = compare(w, itemAt(p, 0), w.of(2));
    return side === 0 ? w.of(1) : side > 0 ? w.of(0) : null;
  },
  below: (w, p, x) => {
    const { a, b, low, high } = sharesOfF(w, p, x);
    return w.betaBelow(a, b, low, high);
  },
  above: (w, p, x) => {
    const { a, b, low, high } = sharesOfF(w, p, x);
    return w.betaBelow(b, a, high, low);
  },
  inverse: (w, p, share, above) => {
    const [first, second] = [itemAt(p, 0), itemAt(p, 1)];
    if (compare(w, first, second) === 0 && compare(w, share, above) === 0) return w.of(1);
    return w.multiply(w.divide(second, first), w.exp(w.betaInverse(half(w, first), half(w, second), share, above)));
  },
  mean: (w, p) => {
    const more = w.subtract(itemAt(p, 1), w.of(2));
    return w.sign(more) > 0 ? w.divide(itemAt(p, 1), more) : null;
  },
  variance: (w, p) => {
    const [first, second] = [itemAt(p, 0), itemAt(p, 1)];
    const [two, four] = [w.subtract(second, w.of(2)), w.subtract(second, w.of(4))];
    if (w.sign(four) <= 0) return null;
    const top = w.multiply(w.multiply(w.of(2), square(w, second)), w.subtract(w.add(first, second), w.of(2)));
    return w.divide(top, w.multiply(first, w.multiply(square(w, two), four)));
  },
  modes: (w, p) => {
    const [first, second] = [itemAt(p, 0), itemAt(p, 1)];
    const more = w.subtract(first, w.of(2));
    if (w.sign(more) <= 0) return [w.of(0)];
    return [w.multiply(w.divide(more, first), w.divide(second, w.add(second, w.of(2))))];
  },
  ends: (w) => ({ low: w.of(0), high: null }),
});
