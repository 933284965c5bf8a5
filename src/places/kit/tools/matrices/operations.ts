import type { operationWords } from '@/text/kit/matrices';
import { sizeOf } from '@/places/kit/parts/table';
import type { Table } from '@/places/kit/parts/table';

export type OperationId = keyof typeof operationWords;

/** `text`: as it is typed, of letters that stand for matrices. */
export type Operation = Readonly<{
  id: OperationId;
  needs: 'any' | 'square' | 'two';
  text: (a: string, b: string) => string;
}>;

/** What can be worked out, in the order in which it stands: one line each. */
export const operations: readonly Operation[] = [
  { id: 'det', needs: 'square', text: (a) => `det(${a})` },
  { id: 'inverse', needs: 'square', text: (a) => `inverse(${a})` },
  { id: 'transpose', needs: 'any', text: (a) => `transpose(${a})` },
  { id: 'square', needs: 'square', text: (a) => `${a}^2` },
  { id: 'rank', needs: 'any', text: (a) => `rank(${a})` },
  { id: 'trace', needs: 'square', text: (a) => `trace(${a})` },
  { id: 'rref', needs: 'any', text: (a) => `rref(${a})` },
  { id: 'kernel', needs: 'any', text: (a) => `kernel(${a})` },
  { id: 'charpoly', needs: 'square', text: (a) => `charpoly(${a})` },
  { id: 'eigenvalues', needs: 'square', text: (a) => `eigenvalues(${a})` },
  { id: 'eigenvectors', needs: 'square', text: (a) => `eigenvectors(${a})` },
  { id: 'product', needs: 'two', text: (a, b) => `${a}*${b}` },
  { id: 'sum', needs: 'two', text: (a, b) => `${a}+${b}` },
  { id: 'difference', needs: 'two', text: (a, b) => `${a}-${b}` },
  { id: 'solve', needs: 'two', text: (a, b) => `solve(${a},${b})` },
];

/** The largest matrix whose steps are told, and whose expansion is. */
const MOST_STEPS = 8;
const MOST_EXPANDED = 4;

const PLAIN = /^\d+(\.\d+)?$/;
const factor = (text: string): string => (text === '' ? '0' : PLAIN.test(text) ? text : `(${text})`);
const isZero = (text: string): boolean => text === '' || text === '0';

const without = (table: Table, row: number, column: number): Table =>
  table.filter((_, i) => i !== row).map((texts) => texts.toSpliced(column, 1));

/** A determinant written out by a row, down to products of two entries. */
export function expansion(table: Table, row: number): string {
  if (table.length === 1) return factor(table[0]?.[0] ?? '');
  if (table.length === 2) {
    const [[a = '', b = ''] = [], [c = '', d = ''] = []] = table;
    return `${factor(a)}*${factor(d)}-${factor(b)}*${factor(c)}`;
  }
  const terms = (table[row] ?? []).flatMap((text, column) => {
    if (isZero(text)) return [];
    const sign = (row + column) % 2 === 0 ? '+' : '-';
    const minor = without(table, row, column);
    return [`${sign}${factor(text)}*(${expansion(minor, fullestOfZeros(minor))})`];
  });
  return terms.length === 0 ? '0' : terms.join('').replace(/^\+/, '');
}

/** The row with most zeros, which makes the shortest expansion. */
export function fullestOfZeros(table: Table): number {
  const zeros = table.map((texts) => texts.filter(isZero).length);
  return zeros.indexOf(Math.max(...zeros));
}

/** A product with every entry written out as the sum that it is. */
function entryByEntry(a: Table, b: Table): string {
  const entry = (row: readonly string[], j: number): string =>
    row.map((text, k) => `${factor(text)}*${factor(b[k]?.[j] ?? '')}`).join('+');
  const [, columns] = sizeOf(b);
  const rows = a.map((row) => Array.from({ length: columns }, (_, j) => entry(row, j)));
  return columns === 1 ? `[${rows.flat().join(',')}]` : `[${rows.map((row) => `[${row.join(',')}]`).join(',')}]`;
}

const typed = (table: Table): string =>
  `[${table.map((row) => `[${row.map((text) => (text === '' ? '0' : text)).join(',')}]`).join(',')}]`;

const besideIdentity = (table: Table): Table =>
  table.map((row, i) => [...row, ...table.map((_, j) => (i === j ? '1' : '0'))]);

/** A way to see how something is worked: typed text whose steps tell it. */
export type Way = Readonly<{ id: 'elimination' | 'expansion' | 'entryByEntry'; text: string; row?: number }>;

export function waysOf(id: OperationId, a: Table, b: Table | null): readonly Way[] {
  const [rows, columns] = sizeOf(a);
  if (Math.max(rows, columns, ...(b === null ? [] : sizeOf(b))) > MOST_STEPS) return [];
  switch (id) {
    case 'det': {
      const row = fullestOfZeros(a);
      const elimination: Way = { id: 'elimination', text: `det(${typed(a)})` };
      return rows > MOST_EXPANDED || rows < 2
        ? [elimination]
        : [{ id: 'expansion', text: expansion(a, row), row }, elimination];
    }
    case 'inverse':
      return rows > MOST_EXPANDED ? [] : [{ id: 'elimination', text: `rref(${typed(besideIdentity(a))})` }];
    case 'rref':
    case 'rank':
    case 'kernel':
      return [{ id: 'elimination', text: `rref(${typed(a)})` }];
    case 'square':
      return [{ id: 'entryByEntry', text: entryByEntry(a, a) }];
    case 'product':
      return b === null || columns !== b.length ? [] : [{ id: 'entryByEntry', text: entryByEntry(a, b) }];
    case 'solve':
      return b === null || rows !== b.length
        ? []
        : [{ id: 'elimination', text: `rref(${typed(a.map((row, i) => [...row, ...(b[i] ?? [])]))})` }];
    default:
      return [];
  }
}
