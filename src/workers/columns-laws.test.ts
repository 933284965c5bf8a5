import fc from 'fast-check';
import { separatorSigns } from '@/core/column/delimited';
import type { Separator } from '@/core/column/delimited';
import { polynomialFit } from '@/core/column/fits/least-squares';
import { summaryOf } from '@/core/column/summary';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { columnsRequest } from '@/state/slices/columns/requests';
import { DEFAULT_SETTINGS, EMPTY_DOCUMENT } from '@/state/slices/parts';
import { createColumnTasks } from './tasks/columns';
import { performerOf } from './tasks/define';
import { takenApart } from './delimited';

const base = columnsRequest({ document: EMPTY_DOCUMENT, settings: DEFAULT_SETTINGS }, []);
const rational = fc.tuple(fc.bigInt(-400n, 400n), fc.bigInt(1n, 20n)).map(([n, d]) => q.rational(n, d));
const column = fc.array(rational, { minLength: 1, maxLength: 25 });
const sum = (values: readonly Rational[]): Rational => values.reduce(q.add, q.ZERO);

const numeral = fc.tuple(fc.boolean(), fc.nat(99_999), fc.nat(999)).map(([isNegative, whole, decimals]) => {
  const part = String(decimals).replace(/0+$/, '');
  return `${isNegative && whole + decimals > 0 ? '-' : ''}${whole}${part === '' ? '' : `.${part}`}`;
});

test('a table written with any separator and decimal sign is taken apart as it was, seed 71', () => {
  const separator = fc.constantFrom<Separator>('tab', 'semicolon', 'comma', 'space');
  const rows = fc
    .integer({ min: 1, max: 5 })
    .chain((width) =>
      fc.array(fc.array(numeral, { minLength: width, maxLength: width }), { minLength: 2, maxLength: 9 }),
    );
  fc.assert(
    fc.property(rows, separator, fc.constantFrom('.' as const, ',' as const), (cells, by, sign) => {
      fc.pre(!(by === 'comma' && sign === ','));
      const source = cells
        .map((row) => row.map((cell) => cell.replace('.', sign)).join(separatorSigns[by]))
        .join('\r\n');
      const made = takenApart({
        ...base,
        source,
        by: { separator: by, decimalSign: sign },
        isTurned: false,
        hasHeads: false,
      });
      expect(made.ok && made.value.strange).toBe(0);
      expect(made.ok && made.value.columns.map((c) => c.cells)).toEqual(
        cells[0]!.map((_, i) => cells.map((row) => row[i])),
      );
    }),
    { seed: 71 },
  );
});

test('frequencies say the same as values written out, in any order, seed 72', () => {
  const counted = fc.array(fc.tuple(rational, fc.bigInt(0n, 4n)), { minLength: 1, maxLength: 10 });
  fc.assert(
    fc.property(
      counted,
      fc.constantFrom('halves' as const, 'inclusive' as const, 'interpolated' as const),
      (all, rule) => {
        const written = all.flatMap(([value, count]) => Array.from({ length: Number(count) }, () => value));
        const made = summaryOf(
          all.map(([value]) => value),
          all.map(([, count]) => count),
          rule,
        );
        expect(made).toEqual(written.length === 0 ? null : summaryOf(written.toReversed(), null, rule));
      },
    ),
    { seed: 72 },
  );
});

test('the order of rows is a permutation that sorts, and turned round sorts the other way, seed 73', () => {
  const perform = performerOf(createColumnTasks());
  const order = (cells: readonly string[], isDown: boolean): readonly number[] => {
    const made = perform(
      { kind: 'order', request: { ...base, by: { id: 'c', cells }, rows: cells.length, isDown } },
      () => true,
      () => 0n,
    );
    return made.ok ? (made.value as readonly number[]) : [];
  };
  fc.assert(
    fc.property(column, (values) => {
      const cells = values.map(({ n, d }) => `${n}/${d}`);
      for (const isDown of [false, true]) {
        const rows = order(cells, isDown);
        expect(rows.toSorted((a, b) => a - b)).toEqual(values.map((_, i) => i));
        const signs = rows.slice(1).map((row, i) => q.compare(values[rows[i]!]!, values[row]!) * (isDown ? -1 : 1));
        expect(signs.every((sign) => sign <= 0)).toBe(true);
      }
    }),
    { seed: 73, numRuns: 40 },
  );
});

test('what a straight line leaves adds up to nothing, alone and times x; y grown alike grows the line, seed 74', () => {
  const pairs = fc.array(fc.tuple(rational, rational), { minLength: 2, maxLength: 15 });
  fc.assert(
    fc.property(pairs, rational, (all, k) => {
      const [x, y] = [all.map(([u]) => u), all.map(([, v]) => v)];
      const made = polynomialFit(x, y, 1, null, () => true);
      if (made === null) return expect(new Set(x.map(({ n, d }) => `${n}/${d}`)).size).toBe(1);
      const [a, b] = made.coefficients as [Rational, Rational];
      const left = y.map((v, i) => q.subtract(v, q.add(a, q.multiply(b, x[i]!))));
      expect(q.isZero(sum(left))).toBe(true);
      expect(q.isZero(sum(left.map((v, i) => q.multiply(v, x[i]!))))).toBe(true);
      expect(q.equal(sum(left.map((v) => q.multiply(v, v))), made.left)).toBe(true);
      const grown = polynomialFit(
        x,
        y.map((v) => q.multiply(k, v)),
        1,
        null,
        () => true,
      );
      return expect(grown?.coefficients).toEqual(made.coefficients.map((v) => q.multiply(k, v)));
    }),
    { seed: 74 },
  );
});
