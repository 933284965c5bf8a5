import { itemAt, present } from '../base/item';
import { square } from '../chance/algebra';
import { Refusal } from '../chance/refusal';
import { asWhole } from '../number/value';
import type { RealValue } from '../number/value';
import { sumOf, tooFew } from './sample';
import type { Work } from './sample';
import { byChiSquared } from './shares';
import { defineTest } from './test-record';
import type { EffectId, Tested } from './test-record';

/** Pearson's Σ (observed − expected)²/expected. */
function distance(w: Work, observed: readonly RealValue[], expected: readonly RealValue[]): RealValue {
  if (expected.some((e) => w.sign(e) <= 0)) throw new Refusal({ code: 'domain', reason: 'expected-zero' });
  return sumOf(
    w,
    observed.map((o, i) => {
      const e = itemAt(expected, i);
      return w.divide(square(w, w.subtract(o, e)), e);
    }),
  );
}

/** How often something was observed is a whole number: shares and means would give a statistic that means nothing. */
function mustBeCounts(w: Work, counts: readonly RealValue[]): void {
  for (const count of counts) {
    const exact = asWhole(count);
    if (exact === null || w.sign(count) < 0) throw new Refusal({ code: 'domain', reason: 'counts-whole' });
  }
}

const upper = (w: Work, statistic: RealValue, df: RealValue, effect: EffectId, size: RealValue): Tested => ({
  outcomes: [byChiSquared(w, 'χ²', statistic, df)],
  estimate: null,
  interval: [null, null],
  effect: { id: effect, value: size },
  isApproximate: true,
});

export const fit = defineTest({
  id: 'fit',
  needs: ['observed'],
  source: 'K. Pearson, 1900; NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.5.15',
  work: (w, { observed, expected, shares }) => {
    const counts = present(observed);
    if (counts.length < 2) throw tooFew(2, counts.length);
    mustBeCounts(w, counts);
    const given = expected ?? shares;
    if (given !== undefined && given.length !== counts.length)
      throw new Refusal({ code: 'dimension', reason: 'unequal-lengths', needs: counts.length, got: given.length });
    const n = sumOf(w, counts);
    if (w.sign(n) <= 0) throw new Refusal({ code: 'domain', reason: 'expected-zero' });
    const all = shares === undefined ? null : sumOf(w, shares);
    const awaited =
      expected ??
      (shares !== undefined && all !== null && w.sign(all) > 0
        ? shares.map((s) => w.divide(w.multiply(n, s), all))
        : counts.map(() => w.divide(n, w.of(counts.length))));
    const statistic = distance(w, counts, awaited);
    return upper(w, statistic, w.of(counts.length - 1), 'w', w.squareRoot(w.divide(statistic, n)));
  },
});

export const independence = defineTest({
  id: 'independence',
  needs: ['table'],
  source: 'NIST/SEMATECH e-Handbook of Statistical Methods, 7.4.5; Cramér’s V: H. Cramér, 1946',
  work: (w, { table }) => {
    const rows = present(table);
    const width = rows[0]?.length ?? 0;
    if (rows.length < 2 || width < 2) throw tooFew(2, Math.min(rows.length, width));
    const ragged = rows.find((row) => row.length !== width);
    if (ragged !== undefined)
      throw new Refusal({ code: 'dimension', reason: 'unequal-lengths', needs: width, got: ragged.length });
    mustBeCounts(w, rows.flat());
    const sums = rows.map((row) => sumOf(w, row));
    const columns = Array.from({ length: width }, (_, j) =>
      sumOf(
        w,
        rows.map((row) => itemAt(row, j)),
      ),
    );
    const n = sumOf(w, sums);
    if (w.sign(n) <= 0) throw new Refusal({ code: 'domain', reason: 'expected-zero' });
    const expected = sums.flatMap((row) => columns.map((column) => w.divide(w.multiply(row, column), n)));
    const statistic = distance(w, rows.flat(), expected);
    const least = Math.min(rows.length, width) - 1;
    const v = w.squareRoot(w.divide(statistic, w.multiply(n, w.of(least))));
    return upper(w, statistic, w.of((rows.length - 1) * (width - 1)), 'v', v);
  },
});
