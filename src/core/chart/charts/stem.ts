import { itemAt, lastOf } from '../../base/item';
import { fail, succeed } from '../../base/result';
import { middleOf } from '../../column/classes';
import { tallied } from '../../column/summary';
import type { Tally } from '../../column/summary';
import * as q from '../../number/rational';
import type { Rational } from '../../number/rational';
import { fromRational } from '../../number/value';
import type { StemRow } from '../model';
import { defineChart, NO_VALUES } from '../record';
import type { Charted, ChartWork, OneData } from '../record';

/** Stems are no more than these, and leaves no more than those. */
const MOST_STEMS = 24n;
const MOST_LEAVES = 1500n;

const power = (exponent: number): Rational =>
  exponent >= 0 ? q.whole(10n ** BigInt(exponent)) : q.rational(1n, 10n ** BigInt(-exponent));

/** A value in steps of a unit, cut off toward zero. */
const steps = (value: Rational, unit: Rational): bigint => {
  const { n, d } = q.divide(value, unit);
  return n / d;
};

/** A stem, with a sign of its own where it is no number but zero below zero. */
type Stem = Readonly<{ size: bigint; isNegative: boolean }>;

const nextStem = ({ size, isNegative }: Stem): Stem =>
  !isNegative
    ? { size: size + 1n, isNegative }
    : size === 0n
      ? { size, isNegative: false }
      : { size: size - 1n, isNegative };

function stems(tally: readonly Tally[], { text }: ChartWork): Charted {
  const count = tally.reduce((sum, one) => sum + one.count, 0n);
  if (count === 0n) return NO_VALUES;
  if (count > MOST_LEAVES) return fail({ code: 'too-large' });
  const [low, high] = [itemAt(tally, 0).value, lastOf(tally).value];
  const stemOf = (value: Rational, unit: Rational): Stem => {
    const size = steps(q.magnitude(value), unit) / 10n;
    return { size, isNegative: value.n < 0n };
  };
  const many = (unit: Rational): bigint => {
    const [a, b] = [stemOf(low, unit), stemOf(high, unit)];
    return (
      (b.isNegative ? -b.size : b.size) - (a.isNegative ? -a.size : a.size) + (a.isNegative && !b.isNegative ? 2n : 1n)
    );
  };
  // The finest unit in which the stems are few, but no finer than the values need.
  const span = q.roughly(q.subtract(high, low));
  let exponent = span > 0 ? Math.floor(Math.log10(span)) - 3 : 0;
  while (many(power(exponent)) > MOST_STEMS) exponent += 1;
  while (
    span > 0 &&
    many(power(exponent)) > 3n &&
    tally.every(({ value }) => q.divide(value, power(exponent + 1)).d === 1n)
  )
    exponent += 1;
  const unit = power(exponent);
  const leaves = new Map<string, { digits: string[]; texts: string[] }>();
  const keyOf = ({ size, isNegative }: Stem): string => `${isNegative ? '−' : ''}${size}`;
  for (const { value, count: times } of tally) {
    const key = keyOf(stemOf(value, unit));
    const row = leaves.get(key) ?? { digits: [], texts: [] };
    leaves.set(key, row);
    const digit = String(steps(q.magnitude(value), unit) % 10n);
    for (let i = 0n; i < times; i += 1n) {
      row.digits.push(digit);
      row.texts.push(text(fromRational(value)));
    }
  }
  const rows: StemRow[] = [];
  const end = keyOf(stemOf(high, unit));
  for (let stem = stemOf(low, unit); ; stem = nextStem(stem)) {
    const key = keyOf(stem);
    const row = leaves.get(key);
    // Below zero the leaf next to zero comes last in value but first on its row.
    rows.push({
      stem: key,
      leaves: stem.isNegative ? (row?.digits.toReversed() ?? []) : (row?.digits ?? []),
      texts: stem.isNegative ? (row?.texts.toReversed() ?? []) : (row?.texts ?? []),
    });
    if (key === end) break;
  }
  return succeed({
    marks: { kind: 'stem', rows, unit: text(fromRational(unit)) },
    view: { xFrom: 0, xTo: 1, yFrom: 0, yTo: 1 },
    heights: null,
    proposed: null,
  });
}

/**
 * Values by their leading digits, each with the next one as its leaf, cut off and not rounded. Problems: domain (nothing
 * that counts); too-large (more leaves than can be read).
 */
export const stem = defineChart<OneData>({
  model: (data, work) =>
    data.of === 'classes'
      ? stems(
          data.classes.filter(({ count }) => count > 0n).map((c) => ({ value: middleOf(c), count: c.count })),
          work,
        )
      : stems(tallied(data.values, data.counts, work.shouldContinue), work),
});
