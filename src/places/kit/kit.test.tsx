import fc from 'fast-check';
import { contextOf } from '@/core/evaluate/context';
import { evaluate } from '@/core/evaluate/evaluate';
import { exactTree } from '@/core/format/exact-tree';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import { isExact } from '@/core/number/value';
import { findTools } from './find-tools';
import { pastedTable, tableOf } from './parts/pasted-table';
import { resized, typedTable, withText } from './parts/table';
import type { Table } from './parts/table';
import { expansion, fullestOfZeros, waysOf } from './tools/matrices/operations';
import { inputs as equationInputs } from './tools/equations/inputs';
import { inputs as matrixInputs } from './tools/matrices/inputs';
import { inputs as vectorInputs } from './tools/vectors/inputs';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: () => undefined }) }));

const worth = (text: string): string => {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) return reading.problem.code;
  const value = evaluate(reading.value.tree, contextOf({ shouldContinue: () => true }));
  if (!value.ok) return value.problem.code;
  return isExact(value.value) ? printText(exactTree(value.value), TYPED) : '?';
};

const entry = fc.oneof(
  fc.integer({ min: -9, max: 9 }).map(String),
  fc.constantFrom('', '1/2', '2+3', 'sqrt(2)', '-1/3'),
);
const square = (n: number): fc.Arbitrary<Table> =>
  fc.array(fc.array(entry, { minLength: n, maxLength: n }), { minLength: n, maxLength: n });
const SEED = 20261128;

test(`a determinant written out by any row is the determinant (seed ${SEED})`, () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 4 }).chain(square), (table) => {
      const det = worth(
        `det(${table.length === 1 ? `[[${table[0]?.[0] === '' ? '0' : table[0]?.[0]}]]` : typedTable(table)})`,
      );
      table.forEach((_, row) => expect(worth(expansion(table, row))).toBe(det));
    }),
    { seed: SEED, numRuns: 60 },
  );
});

test(`a product written out entry by entry is the product (seed ${SEED})`, () => {
  fc.assert(
    fc.property(fc.tuple(square(3), square(3)), ([a, b]) => {
      const [way] = waysOf('product', a, b);
      expect(worth(way?.text ?? '')).toBe(worth(`${typedTable(a)}*${typedTable(b)}`));
    }),
    { seed: SEED, numRuns: 40 },
  );
});

test('the row with most zeros is the one by which a determinant is written out', () => {
  expect(
    fullestOfZeros([
      ['1', '2'],
      ['0', ''],
    ]),
  ).toBe(1);
  expect(
    waysOf(
      'det',
      [
        ['1', '2'],
        ['3', '4'],
      ],
      null,
    ).map(({ id, text }) => `${id} ${text}`),
  ).toEqual(['expansion 1*4-2*3', 'elimination det([[1,2],[3,4]])']);
});

test.each<[string, ',' | '.', string[][] | null]>([
  [
    '1\t2\n3\t4',
    '.',
    [
      ['1', '2'],
      ['3', '4'],
    ],
  ],
  [
    '1,5\t2\n3\t4',
    ',',
    [
      ['1.5', '2'],
      ['3', '4'],
    ],
  ],
  [
    '1;2\n3;',
    '.',
    [
      ['1', '2'],
      ['3', ''],
    ],
  ],
  [
    '[[1, 1/2], [sqrt(2), -4]]',
    '.',
    [
      ['1', '1/2'],
      ['sqrt(2)', '-4'],
    ],
  ],
  ['[3, 4]', '.', [['3'], ['4']]],
  [
    '1 2\n3 4',
    '.',
    [
      ['1', '2'],
      ['3', '4'],
    ],
  ],
  ['a, b)', '.', [['a', 'b)']]],
  ['  \n ', '.', null],
])('%j pasted with the decimal sign %s', async (text, sign, table) => {
  expect((await pastedTable(text, sign))?.table ?? null).toEqual(table);
});

test('what goes beyond fifty rows is left out, and that is told', () => {
  const found = tableOf(Array.from({ length: 60 }, (_, i) => `${i}\t1`).join('\n'), '.', 50);
  expect([found?.table.length, found?.isCut]).toEqual([50, true]);
});

test('a table that grows or shrinks keeps what stands in it', () => {
  const table = withText(resized([['1', '2']], 2, 3), 1, 2, '6');
  expect(table).toEqual([
    ['1', '2', ''],
    ['', '', '6'],
  ]);
  expect(resized(table, 1, 2)).toEqual([['1', '2']]);
});

test.each([
  ['three unknowns', 'equations'],
  ['determinant', 'matrices'],
  ['area of a parallelogram', 'vectors'],
  ['complete the square', 'equations'],
  ['inverse', 'matrices'],
  ['force', 'vectors'],
  ['linear system', 'equations'],
])('“%s” finds a tool', (sought, id) => {
  expect(findTools(sought)[0]?.id).toBe(id);
});

test(`each tool reads whatever stands in the notebook (seed ${SEED})`, () => {
  const all = [equationInputs, matrixInputs, vectorInputs];
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.anything()), fc.constantFrom(...all), (found, inputs) => {
      const odd = Object.fromEntries(Object.keys(inputs.parse({})).map((name) => [name, found]));
      for (const given of [found, odd]) expect(inputs.parse(inputs.parse(given))).toEqual(inputs.parse(given));
    }),
    { seed: SEED, numRuns: 60 },
  );
});
