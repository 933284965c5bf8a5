import type { Algebra } from '../chance/algebra';
import { compare, square } from '../chance/algebra';
import { Refusal } from '../chance/refusal';
import * as q from '../number/rational';
import { asRational, fromRational } from '../number/value';
import type { RealValue } from '../number/value';

export type Work = Algebra<RealValue>;

/** A sample by its numbers: how many, their mean, and their variance with n − 1. */
export type Sample = Readonly<{ n: number; mean: RealValue; variance: RealValue }>;

/** A sample by its values, or by the numbers that sum it up. */
export type Given =
  | Readonly<{ kind: 'values'; values: readonly RealValue[] }>
  | Readonly<{ kind: 'summary'; n: number; mean: RealValue; sd: RealValue }>;

export const tooFew = (needs: number, got: number): Refusal =>
  new Refusal({ code: 'dimension', reason: 'too-few-values', needs, got });

/** Σ v, exactly over one common denominator where all are fractions: a fraction is reduced once, and not at each step. */
export function sumOf(w: Work, values: readonly RealValue[]): RealValue {
  const fractions = values.map(asRational);
  if (fractions.some((f) => f === null)) return values.reduce((a, b) => w.add(a, b), w.of(0));
  const byDenominator = new Map<bigint, bigint>();
  for (const f of fractions) if (f !== null) byDenominator.set(f.d, (byDenominator.get(f.d) ?? 0n) + f.n);
  return fromRational([...byDenominator].reduce((sum, [d, n]) => q.add(sum, q.rational(n, d)), q.ZERO));
}

export const meanOf = (w: Work, values: readonly RealValue[]): RealValue =>
  w.divide(sumOf(w, values), w.of(values.length));

/** Σ (x − mean)·(y − mean): how far two columns go together, or one with itself. */
export function deviationsOf(w: Work, xs: readonly RealValue[], ys: readonly RealValue[]): RealValue {
  const products = sumOf(
    w,
    xs.map((x, i) => w.multiply(x, ys[i] ?? w.of(0))),
  );
  const means = w.divide(w.multiply(sumOf(w, xs), sumOf(w, ys)), w.of(xs.length));
  return w.subtract(products, means);
}

/** The values of a sample. Problem: domain where only its summary is known. */
export function valuesOf(given: Given, fn: string): readonly RealValue[] {
  if (given.kind === 'values') return given.values;
  throw new Refusal({ code: 'domain', reason: 'values-needed', fn });
}

/** A sample of at least `needs` values, summed up. */
export function sampleOf(w: Work, given: Given, needs = 2): Sample {
  if (given.kind === 'summary') {
    if (given.n < needs) throw tooFew(needs, given.n);
    return { n: given.n, mean: given.mean, variance: square(w, given.sd) };
  }
  const { values } = given;
  const n = values.length;
  if (n < needs) throw tooFew(needs, n);
  const variance = n < 2 ? w.of(0) : w.divide(deviationsOf(w, values, values), w.of(n - 1));
  return { n, mean: meanOf(w, values), variance };
}

/** The ranks of values from 1, those that are alike sharing the mean of their ranks; and how many are alike each time. */
export function ranksOf(
  w: Work,
  values: readonly RealValue[],
): Readonly<{ ranks: readonly q.Rational[]; ties: readonly number[] }> {
  const order = values.map((_, i) => i).sort((a, b) => compare(w, values[a] ?? w.of(0), values[b] ?? w.of(0)));
  const ranks: q.Rational[] = Array.from({ length: values.length }, () => q.ZERO);
  const ties: number[] = [];
  for (let from = 0; from < order.length;) {
    let to = from + 1;
    const at = (k: number): RealValue => values[order[k] ?? 0] ?? w.of(0);
    while (to < order.length && compare(w, at(to), at(from)) === 0) to += 1;
    // Ranks from + 1 to `to`, shared.
    const rank = q.rational(BigInt(from + 1 + to), 2n);
    for (let k = from; k < to; k += 1) ranks[order[k] ?? 0] = rank;
    if (to - from > 1) ties.push(to - from);
    from = to;
  }
  return { ranks, ties };
}
