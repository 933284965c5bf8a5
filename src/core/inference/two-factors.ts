import { itemAt, present } from '../base/item';
import { Refusal } from '../chance/refusal';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { fromRational } from '../number/value';
import type { RealValue } from '../number/value';
import { betweenOf, ratio } from './analysis';
import { deviationsOf, meanOf, sumOf, tooFew } from './sample';
import type { Work } from './sample';
import { defineTest } from './test-record';

type Cells = readonly (readonly (readonly RealValue[])[])[];

const transposed = (cells: Cells): Cells =>
  Array.from({ length: cells[0]?.length ?? 0 }, (_, j) => cells.map((row) => itemAt(row, j)));

/**
 * What the rows take off beside the columns: the sum of squares by which a model of both factors leaves less than one of
 * the columns alone. The totals of the rows are freed of the columns, and so are their counts, which are then solved for;
 * the last row says nothing new. Domain: no cell is empty.
 */
function besideColumns(w: Work, cells: Cells): RealValue {
  const counts = cells.map((row) => row.map((cell) => BigInt(cell.length)));
  const columns = transposed(cells).map((column) => column.flat());
  const means = columns.map((values) => meanOf(w, values));
  const rows = cells.slice(0, -1);
  const freed = rows.map((row) =>
    w.subtract(
      sumOf(w, row.flat()),
      sumOf(
        w,
        row.map((cell, j) => w.multiply(w.of(cell.length), itemAt(means, j))),
      ),
    ),
  );
  const system = rows.map((_, i) =>
    rows.map((__, k) => {
      const shared = columns.reduce((sum, { length }, j) => {
        const both = itemAt(itemAt(counts, i), j) * itemAt(itemAt(counts, k), j);
        return q.add(sum, q.rational(both, BigInt(length)));
      }, q.ZERO);
      const own = i === k ? itemAt(counts, i).reduce((sum, n) => sum + n, 0n) : 0n;
      return q.subtract(q.whole(own), shared);
    }),
  );
  return sumOf(
    w,
    solved(w, system, freed).map((x, i) => w.multiply(x, itemAt(freed, i))),
  );
}

/** The solution of equations whose matrix is symmetric and positive, which needs no exchange of rows. */
function solved(w: Work, matrix: readonly (readonly Rational[])[], right: readonly RealValue[]): readonly RealValue[] {
  const rows = matrix.map((row) => [...row]);
  const values = [...right];
  rows.forEach((pivotRow, k) => {
    const pivot = itemAt(pivotRow, k);
    rows.forEach((row, i) => {
      if (i === k) return;
      const by = q.divide(itemAt(row, k), pivot);
      pivotRow.forEach((entry, j) => {
        row[j] = q.subtract(itemAt(row, j), q.multiply(by, entry));
      });
      values[i] = w.subtract(itemAt(values, i), w.multiply(fromRational(by), itemAt(values, k)));
    });
  });
  return values.map((value, i) => w.divide(value, fromRational(itemAt(itemAt(rows, i), i))));
}

/**
 * Each factor is measured by what it takes off beside the other, which in cells of one size is what it takes off alone,
 * and both together by what the cells take off beyond that. With one value in each cell that is what is left over, which
 * the factors are then measured against. Problems: too few rows, columns or values; an empty cell; no spread.
 */
export const anovaTwoWay = defineTest({
  id: 'anova-two-way',
  needs: ['cells'],
  source:
    'NIST/SEMATECH e-Handbook of Statistical Methods, 7.4.3.7; cells of unlike size: F. Yates, J. Am. Stat. Assoc. 29 (1934), fitting of constants (from memory)',
  work: (w, { cells }) => {
    const rows = present(cells);
    const width = rows[0]?.length ?? 0;
    if (rows.length < 2 || width < 2) throw tooFew(2, Math.min(rows.length, width));
    if (rows.some((row) => row.length !== width || row.some((cell) => cell.length === 0)))
      throw new Refusal({ code: 'domain', reason: 'empty-cell' });
    const all = rows.flat();
    const values = all.flat();
    const mean = meanOf(w, values);
    const columns = transposed(rows);
    const byColumns = betweenOf(
      w,
      columns.map((column) => column.flat()),
      mean,
    );
    const rowsBeside = besideColumns(w, rows);
    const columnsBeside = besideColumns(w, columns);
    const together = w.subtract(betweenOf(w, all, mean), w.add(byColumns, rowsBeside));
    const [dfRows, dfColumns] = [rows.length - 1, width - 1];
    const dfTogether = dfRows * dfColumns;
    const isSingle = values.length === all.length;
    const within = sumOf(
      w,
      all.map((cell) => deviationsOf(w, cell, cell)),
    );
    const left = isSingle ? ([together, dfTogether] as const) : ([within, values.length - all.length] as const);
    return {
      outcomes: [
        ratio(w, [rowsBeside, dfRows], left, 'rows'),
        ratio(w, [columnsBeside, dfColumns], left, 'columns'),
        ...(isSingle ? [] : [ratio(w, [together, dfTogether], left, 'interaction')]),
      ],
      estimate: null,
      interval: [null, null],
      effect: null,
      isApproximate: false,
    };
  },
});
