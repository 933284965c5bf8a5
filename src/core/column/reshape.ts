import { itemAt } from '../base/item';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/* Tables made of other tables: counts, classes, columns put below each other or taken apart. Cells are typed texts. */

export type MadeColumn = Readonly<{ name: string; cells: readonly string[] }>;
type Named = Readonly<{ name: string; cells: readonly string[] }>;

/** More labels than these do not become columns of their own. */
const MOST_ACROSS = 100;

/** Numbers by size and words by the alphabet. */
const inOrder = (labels: readonly string[]): readonly string[] =>
  [...new Set(labels.filter((label) => label !== ''))].sort((a, b) => a.localeCompare(b, 'en', { numeric: true }));

const tally = (labels: readonly string[]): ReadonlyMap<string, number> => {
  const counts = new Map<string, number>();
  for (const label of labels) if (label !== '') counts.set(label, (counts.get(label) ?? 0) + 1);
  return counts;
};

/** How often each label of a column occurs. */
export function counted({ name, cells }: Named, words: Readonly<{ count: string }>): readonly MadeColumn[] {
  const counts = tally(cells);
  const labels = inOrder(cells);
  return [
    { name, cells: labels },
    { name: words.count, cells: labels.map((label) => String(counts.get(label) ?? 0)) },
  ];
}

/** How often each label of one column stands beside each of another: labels down, and a column for each across. */
export function crossed(down: Named, across: Named): readonly MadeColumn[] {
  const [rows, columns] = [inOrder(down.cells), inOrder(across.cells).slice(0, MOST_ACROSS)];
  const key = (row: string, column: string): string => `${row}\n${column}`;
  const counts = tally(down.cells.map((row, i) => (row === '' ? '' : key(row, across.cells[i] ?? ''))));
  return [
    { name: down.name, cells: rows },
    ...columns.map((name) => ({ name, cells: rows.map((row) => String(counts.get(key(row, name)) ?? 0)) })),
  ];
}

/** Columns below each other: the name of each beside its values. */
export function stacked(
  columns: readonly Named[],
  words: Readonly<{ group: string; value: string }>,
): readonly MadeColumn[] {
  const rows = columns.flatMap(({ name, cells }) =>
    cells.filter((cell) => cell !== '').map((cell) => ({ name, cell })),
  );
  return [
    { name: words.group, cells: rows.map(({ name }) => name) },
    { name: words.value, cells: rows.map(({ cell }) => cell) },
  ];
}

/** The values of a column apart by the labels beside them: a column for each label. */
export function unstacked(values: Named, by: Named): readonly MadeColumn[] {
  return inOrder(by.cells)
    .slice(0, MOST_ACROSS)
    .map((name) => ({ name, cells: values.cells.filter((cell, row) => cell !== '' && by.cells[row] === name) }));
}

/** From a number on in equal steps. Domain: the count from 0. */
export const sequence = (from: Rational, step: Rational, count: number): readonly Rational[] =>
  Array.from({ length: count }, (_, k) => q.add(from, q.multiply(step, q.whole(k))));

/**
 * The class that each value lies in, by rising bounds: told as `20–25`, the lower bound in it and the upper one not; below
 * the first and from the last on by a sign. An empty or unreadable cell stays empty. Domain: one bound or more.
 */
export function recoded(
  values: readonly (Rational | null)[],
  bounds: readonly Rational[],
  text: (bound: Rational) => string,
): readonly string[] {
  const sorted = [...bounds].sort(q.compare);
  return values.map((value) => {
    if (value === null) return '';
    const above = sorted.findIndex((bound) => q.compare(value, bound) < 0);
    if (above === 0) return `< ${text(itemAt(sorted, 0))}`;
    if (above < 0) return `≥ ${text(itemAt(sorted, sorted.length - 1))}`;
    return `${text(itemAt(sorted, above - 1))}–${text(itemAt(sorted, above))}`;
  });
}
