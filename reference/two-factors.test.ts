import fc from 'fast-check';
import { all, create } from 'mathjs';
import { testNamed, tested } from '@/core/inference';
import { toDouble } from '@/core/number/to-double';
import { fromRational, fromWhole } from '@/core/number/value';
import * as q from '@/core/number/rational';

/*
 * Two factors in cells of any size, against models that are fitted by least squares with mathjs 15, a general library of
 * the registry: what a factor takes off beside the other is what the model without it leaves more.
 */

const math = create(all!);
const SEED = 20261129;
const go = (): boolean => true;

type Cells = readonly (readonly (readonly number[])[])[];
type Seen = Readonly<{ i: number; j: number; y: number }>;

/** The squares that a model leaves, whose row of numbers for a value is given. */
function left(seen: readonly Seen[], rowOf: (of: Seen) => readonly number[]): number {
  const x = math.matrix(seen.map((one) => [...rowOf(one)]));
  const y = math.matrix(seen.map((one) => [one.y]));
  const turned = math.transpose(x);
  const found = math.lusolve(math.multiply(turned, x), math.multiply(turned, y));
  return math.sum(math.dotPow(math.subtract(y, math.multiply(x, found)), 2) as never);
}

const is = (at: number, size: number): readonly number[] =>
  Array.from({ length: size - 1 }, (_, k) => (at === k + 1 ? 1 : 0));

function statistics(cells: Cells): readonly number[] {
  const [r, c] = [cells.length, cells[0]!.length];
  const seen = cells.flatMap((row, i) => row.flatMap((cell, j) => cell.map((y) => ({ i, j, y }))));
  const [rows, columns] = [({ i }: Seen) => [1, ...is(i, r)], ({ j }: Seen) => [1, ...is(j, c)]];
  const both = left(seen, (of) => [...rows(of), ...is(of.j, c)]);
  const full = left(seen, ({ i, j }) => Array.from({ length: r * c }, (_, k) => (k === i * c + j ? 1 : 0)));
  const [dfRows, dfColumns, dfBoth] = [r - 1, c - 1, (r - 1) * (c - 1)];
  const isSingle = seen.length === r * c;
  const square = isSingle ? both / dfBoth : full / (seen.length - r * c);
  return [
    (left(seen, columns) - both) / dfRows / square,
    (left(seen, rows) - both) / dfColumns / square,
    ...(isSingle ? [] : [(both - full) / dfBoth / square]),
  ];
}

const cellsOf = (most: number) =>
  fc.tuple(fc.integer({ min: 2, max: 4 }), fc.integer({ min: 2, max: 4 })).chain(([r, c]) => {
    const cell = fc.array(fc.integer({ min: 1, max: 99 }), { minLength: 1, maxLength: most });
    return fc.array(fc.array(cell, { minLength: c, maxLength: c }), { minLength: r, maxLength: r });
  });

test.each([
  ['cells of unlike size', 4],
  ['one value in each cell', 1],
])('%s (seed 20261129)', (_name, most) =>
  fc.assert(
    fc.property(cellsOf(most), (cells) => {
      const values = cells.map((row) => row.map((cell) => cell.map((n) => fromWhole(BigInt(n)))));
      const found = tested(
        testNamed('anova-two-way')!,
        { cells: values },
        { tail: 'two', level: fromRational(q.rational(19n, 20n)) },
        go,
      );
      if (!found.ok) return;
      const ours = found.value.outcomes.map(({ statistic }) => toDouble(statistic, go));
      const theirs = statistics(cells);
      expect(ours).toHaveLength(theirs.length);
      ours.forEach((f, i) => expect(Math.abs(f - theirs[i]!)).toBeLessThan(1e-6 * Math.max(1, f)));
    }),
    { seed: SEED, numRuns: 60 },
  ),
);
