import { itemAt } from '../base/item';
import { compare, rest } from './algebra';
import type { Algebra } from './algebra';
import { defineCounted } from './distribution';
import type { Parameters } from './distribution';

/** Σ of what `term` is at the whole numbers from `from` to `to`. */
export function sumOf<T>(w: Algebra<T>, from: number, to: number, term: (k: T) => T): T {
  let sum = w.of(0);
  for (let k = from; k <= to; k += 1) sum = w.add(sum, term(w.of(k)));
  return sum;
}

/** The whole number that a parameter is; it has been checked to be one. */
export const wholeOf = <T>(w: Algebra<T>, v: T): number => {
  const found = w.whole(v);
  if (found === null) throw new Error('a count that is no whole number');
  return found;
};

/** Binomials up to here are multiplied out; larger ones go by logarithms. */
const MOST_CHOSEN = 3000;

/** e^(Σ a·ln b), each logarithm by itself, of which none is of zero. */
const productOfPowers = <T>(w: Algebra<T>, log: T, ...powers: readonly (readonly [exponent: T, base: T])[]): T =>
  w.exp(powers.reduce((sum, [exponent, base]) => w.add(sum, w.multiply(exponent, w.ln(base))), log));

/** ln(n over k) for n, k that need not be whole. */
const lnChoose = <T>(w: Algebra<T>, n: T, k: T): T => {
  const up = (v: T): T => w.lnGamma(w.add(v, w.of(1)));
  return w.subtract(up(n), w.add(up(k), up(w.subtract(n, k))));
};

function binomialAt<T>(w: Algebra<T>, p: Parameters<T>, k: T): T {
  const [n, share] = [itemAt(p, 0), itemAt(p, 1)];
  const [others, left] = [w.subtract(n, k), rest(w, share)];
  const isCertain = w.sign(share) === 0 || w.sign(left) === 0;
  if (isCertain || wholeOf(w, n) <= MOST_CHOSEN)
    return w.multiply(w.choose(n, k), w.multiply(w.power(share, k), w.power(left, others)));
  return productOfPowers(w, lnChoose(w, n, k), [k, share], [others, left]);
}

/** I_(1−p)(n−k, k+1), DLMF 8.17.24 with the shares exchanged; a short one is added up, exactly. */
function binomialBelow<T>(w: Algebra<T>, p: Parameters<T>, k: T): T {
  const [n, share] = [itemAt(p, 0), itemAt(p, 1)];
  const left = rest(w, share);
  if (w.sign(share) === 0) return w.of(1);
  if (w.sign(left) === 0) return w.of(0);
  if (w.sumsExactly(wholeOf(w, n), share)) return sumOf(w, 0, wholeOf(w, k), (i) => binomialAt(w, p, i));
  return w.betaBelow(w.subtract(n, k), w.add(k, w.of(1)), left, share);
}

/** How many of n trials come out, each with the probability p. */
export const binomial = defineCounted({
  id: 'binomial',
  at: binomialAt,
  below: binomialBelow,
  above: (w, p, k) => {
    const [n, share] = [itemAt(p, 0), itemAt(p, 1)];
    // As many others fail: more than k that come out are fewer than n − k that do not.
    return binomialBelow(w, [n, rest(w, share)], w.subtract(w.subtract(n, k), w.of(1)));
  },
  mean: (w, p) => w.multiply(itemAt(p, 0), itemAt(p, 1)),
  variance: (w, p) => w.multiply(w.multiply(itemAt(p, 0), itemAt(p, 1)), rest(w, itemAt(p, 1))),
  modes: (w, p) => {
    const [n, share] = [itemAt(p, 0), itemAt(p, 1)];
    return steppedModes(w, w.multiply(w.add(n, w.of(1)), share), w.of(0), n);
  },
  ends: (w, p) => ({ low: w.of(0), high: itemAt(p, 0) }),
});

/** Where each probability is `at`/k times the one before: the mode is ⌊at⌋, and the one before beside it when `at` is whole. */
function steppedModes<T>(w: Algebra<T>, at: T, low: T, high: T | null): readonly T[] {
  const mode = w.floor(at);
  if (high !== null && compare(w, mode, high) > 0) return [high];
  const isTwice = compare(w, mode, at) === 0 && compare(w, mode, low) > 0;
  return isTwice ? [w.subtract(mode, w.of(1)), mode] : [mode];
}

/** How often something happens that happens `mean` times on average. */
export const poisson = defineCounted({
  id: 'poisson',
  at: (w, p, k) => {
    const mean = itemAt(p, 0);
    if (w.sign(mean) === 0) return w.sign(k) === 0 ? w.of(1) : w.of(0);
    const log = w.negate(w.add(mean, w.lnGamma(w.add(k, w.of(1)))));
    return w.sign(k) === 0 ? w.exp(w.negate(mean)) : productOfPowers(w, log, [k, mean]);
  },
  below: (w, p, k) => {
    const mean = itemAt(p, 0);
    return w.sign(mean) === 0 ? w.of(1) : w.gammaAbove(w.add(k, w.of(1)), mean);
  },
  above: (w, p, k) => {
    const mean = itemAt(p, 0);
    return w.sign(mean) === 0 ? w.of(0) : w.gammaBelow(w.add(k, w.of(1)), mean);
  },
  mean: (_w, p) => itemAt(p, 0),
  variance: (_w, p) => itemAt(p, 0),
  modes: (w, p) => steppedModes(w, itemAt(p, 0), w.of(0), null),
  ends: (w) => ({ low: w.of(0), high: null }),
});

/** q^k with 0^0 = 1. */
const failures = <T>(w: Algebra<T>, p: Parameters<T>, k: T): T => {
  const left = rest(w, itemAt(p, 0));
  return w.sign(k) === 0 ? w.of(1) : w.sign(left) === 0 ? w.of(0) : w.power(left, k);
};

/** The trial, counted from 1, at which something first comes out. */
export const geometric = defineCounted({
  id: 'geometric',
  at: (w, p, k) => w.multiply(itemAt(p, 0), failures(w, p, w.subtract(k, w.of(1)))),
  below: (w, p, k) => rest(w, failures(w, p, k)),
  above: failures,
  mean: (w, p) => w.divide(w.of(1), itemAt(p, 0)),
  variance: (w, p) => w.divide(rest(w, itemAt(p, 0)), w.multiply(itemAt(p, 0), itemAt(p, 0))),
  modes: (w) => [w.of(1)],
  ends: (w, p) => ({ low: w.of(1), high: w.sign(rest(w, itemAt(p, 0))) === 0 ? w.of(1) : null }),
});

function negativeBinomialAt<T>(w: Algebra<T>, p: Parameters<T>, k: T): T {
  const [r, share] = [itemAt(p, 0), itemAt(p, 1)];
  const left = rest(w, share);
  if (w.sign(k) === 0) return w.power(share, r);
  if (w.sign(left) === 0) return w.of(0);
  const all = w.subtract(w.add(k, r), w.of(1));
  const trials = w.whole(all);
  if (trials !== null && trials <= MOST_CHOSEN)
    return w.multiply(w.choose(all, k), w.multiply(w.power(share, r), w.power(left, k)));
  return productOfPowers(w, lnChoose(w, all, k), [r, share], [k, left]);
}

/** How many trials fail before the r-th comes out; r need not be whole. */
export const negativeBinomial = defineCounted({
  id: 'negativeBinomial',
  at: negativeBinomialAt,
  below: (w, p, k) => {
    const [r, share] = [itemAt(p, 0), itemAt(p, 1)];
    const left = rest(w, share);
    if (w.sign(left) === 0) return w.of(1);
    const trials = w.whole(w.add(r, k));
    if (trials !== null && w.sumsExactly(trials, share))
      return sumOf(w, 0, wholeOf(w, k), (i) => negativeBinomialAt(w, p, i));
    return w.betaBelow(r, w.add(k, w.of(1)), share, left);
  },
  above: (w, p, k) => {
    const [r, share] = [itemAt(p, 0), itemAt(p, 1)];
    const left = rest(w, share);
    if (w.sign(left) === 0) return w.of(0);
    const trials = w.whole(w.add(r, k));
    if (trials !== null && w.sumsExactly(trials, share)) return rest(w, negativeBinomial.below(w, p, k));
    return w.betaBelow(w.add(k, w.of(1)), r, left, share);
  },
  mean: (w, p) => w.divide(w.multiply(itemAt(p, 0), rest(w, itemAt(p, 1))), itemAt(p, 1)),
  variance: (w, p) => w.divide(w.multiply(itemAt(p, 0), rest(w, itemAt(p, 1))), w.multiply(itemAt(p, 1), itemAt(p, 1))),
  modes: (w, p) => {
    const [r, share] = [itemAt(p, 0), itemAt(p, 1)];
    const more = w.subtract(r, w.of(1));
    if (w.sign(more) <= 0) return [w.of(0)];
    return steppedModes(w, w.divide(w.multiply(more, rest(w, share)), share), w.of(0), null);
  },
  ends: (w, p) => ({ low: w.of(0), high: w.sign(rest(w, itemAt(p, 1))) === 0 ? w.of(0) : null }),
});
