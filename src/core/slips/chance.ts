import { asRational } from '../number/value';
import * as q from '../number/rational';
import type { Given } from './given';

/** What one slip leads to, and what it costs. */
export type Reached = Readonly<{ value: number; cost: number }>;

/** Answers of about the size of an answer: from `low` to `high`, so many of them. */
type Range = Readonly<{ low: number; high: number; step: number; count: number }>;

/** A range reaches this far from the answer, at least so many steps. */
const REACH = 0.5;
const LEAST_STEPS = 6;

/** The share of pairs of whole numbers without a common factor that are fractions in lowest terms: 3/π² for each bound. */
const LOWEST_TERMS = 0.304;

function rangeOf(given: Given): Range | null {
  const around = (aim: number, step: number, density: number): Range | null => {
    if (!(step > 0 && Number.isFinite(aim) && Number.isFinite(step))) return null;
    const reach = Math.max(Math.abs(aim) * REACH, LEAST_STEPS * step);
    return { low: aim - reach, high: aim + reach, step, count: (2 * reach * density) / step };
  };
  if (given.kind === 'digits') {
    const step = q.roughly(given.step);
    return around(Number(given.unscaled) * step, step, 1);
  }
  const exact = asRational(given.value);
  if (exact === null) return null;
  const d = Number(exact.d);
  return around(q.roughly(exact), 1 / d, d === 1 ? 1 : LOWEST_TERMS * d);
}

/**
 * How likely an answer that was drawn at random, of about this size and as many digits, would be explained as well as
 * this by one of the lines that were tried: the share of such answers that they lead to at this cost or less. Null where
 * nobody can say, as for roots, which nobody writes by chance.
 */
export function chanceOf(given: Given, reached: readonly Reached[]): (cost: number) => number | null {
  const range = rangeOf(given);
  if (range === null) return () => null;
  const { low, high, step, count } = range;
  const near = reached.filter(({ value }) => value >= low && value <= high);
  return (cost) =>
    new Set(near.filter((one) => one.cost <= cost).map(({ value }) => Math.round(value / step))).size / count;
}
