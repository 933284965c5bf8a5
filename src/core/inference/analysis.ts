import { itemAt, present } from '../base/item';
import { square } from '../chance/algebra';
import { Refusal } from '../chance/refusal';
import type { RealValue } from '../number/value';
import { deviationsOf, meanOf, sumOf, tooFew } from './sample';
import type { Work } from './sample';
import { ask } from './shares';
import { defineTest } from './test-record';
import type { Outcome } from './test-record';

/** One mean square over another. */
function ratio(
  w: Work,
  [sum, df]: readonly [RealValue, number],
  [left, leftDf]: readonly [RealValue, number],
  of?: Outcome['of'],
): Outcome {
  if (w.sign(left) === 0) throw new Refusal({ code: 'domain', reason: 'no-variance' });
  const statistic = w.divide(w.divide(sum, w.of(df)), w.divide(left, w.of(leftDf)));
  const parameters = [w.of(df), w.of(leftDf)];
  const p = ask(w, 'F', 'above', statistic, parameters);
  return {
    ...(of === undefined ? {} : { of }),
    letter: 'F',
    statistic,
    df: parameters,
    p,
    against: { id: 'F', parameters },
  };
}

/** Σ n·(mean − mean of all)² over groups. */
function betweenOf(w: Work, groups: readonly (readonly RealValue[])[], all: RealValue): RealValue {
  return sumOf(
    w,
    groups.map((values) => w.multiply(w.of(values.length), square(w, w.subtract(meanOf(w, values), all)))),
  );
}

export const anova = defineTest({
  id: 'anova',
  needs: ['groups'],
  source: 'NIST/SEMATECH e-Handbook of Statistical Methods, 7.4.3',
  work: (w, { groups }) => {
    const samples = present(groups);
    if (samples.length < 2) throw tooFew(2, samples.length);
    const least = Math.min(...samples.map((values) => values.length));
    if (least < 1) throw tooFew(1, least);
    const values = samples.flat();
    if (values.length <= samples.length) throw tooFew(samples.length + 1, values.length);
    const between = betweenOf(w, samples, meanOf(w, values));
    const within = sumOf(
      w,
      samples.map((of) => deviationsOf(w, of, of)),
    );
    return {
      outcomes: [ratio(w, [between, samples.length - 1], [within, values.length - samples.length])],
      estimate: null,
      interval: [null, null],
      effect: { id: 'eta2', value: w.divide(between, w.add(between, within)) },
      isApproximate: false,
    };
  },
});

export const anovaTwoWay = defineTest({
  id: 'anova-two-way',
  needs: ['cells'],
  source: 'NIST/SEMATECH e-Handbook of Statistical Methods, 7.4.3.7, cells of one size',
  work: (w, { cells }) => {
    const rows = present(cells);
    const width = rows[0]?.length ?? 0;
    if (rows.length < 2 || width < 2) throw tooFew(2, Math.min(rows.length, width));
    const size = rows[0]?.[0]?.length ?? 0;
    const isEven = rows.every((row) => row.length === width && row.every((cell) => cell.length === size));
    if (!isEven || size < 2) throw new Refusal({ code: 'domain', reason: 'unequal-cells' });
    const values = rows.flat(2);
    const all = meanOf(w, values);
    const byRow = betweenOf(
      w,
      rows.map((row) => row.flat()),
      all,
    );
    const byColumn = betweenOf(
      w,
      Array.from({ length: width }, (_, j) => rows.flatMap((row) => itemAt(row, j))),
      all,
    );
    const byCell = betweenOf(w, rows.flat(), all);
    const both = w.subtract(byCell, w.add(byRow, byColumn));
    const within = sumOf(
      w,
      rows.flat().map((cell) => deviationsOf(w, cell, cell)),
    );
    const left = [within, rows.length * width * (size - 1)] as const;
    return {
      outcomes: [
        ratio(w, [byRow, rows.length - 1], left, 'rows'),
        ratio(w, [byColumn, width - 1], left, 'columns'),
        ratio(w, [both, (rows.length - 1) * (width - 1)], left, 'interaction'),
      ],
      estimate: null,
      interval: [null, null],
      effect: null,
      isApproximate: false,
    };
  },
});
