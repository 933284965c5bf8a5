/*
 * Edits of the cells of columns: typed text each, '' where nothing stands. The end of a column is its last cell that
 * holds something. An edit that changes nothing gives the same cells back.
 */
export type Cells = readonly string[];

/** Cells up to the last that holds something; the same ones where that is all of them. */
export function filledCells(cells: Cells): Cells {
  const last = cells.findLastIndex((text) => text !== '');
  return last + 1 === cells.length ? cells : cells.slice(0, last + 1);
}

export function withCell(cells: Cells, row: number, text: string): Cells {
  if ((cells[row] ?? '') === text) return cells;
  const padded = row < cells.length ? cells : [...cells, ...new Array<string>(row - cells.length + 1).fill('')];
  return filledCells(padded.with(row, text));
}

/** An empty cell put in above a row. */
export const withSpace = (cells: Cells, row: number): Cells =>
  row >= cells.length ? cells : cells.toSpliced(row, 0, '');

export const without = (cells: Cells, row: number): Cells =>
  row >= cells.length ? cells : filledCells(cells.toSpliced(row, 1));

/** A row carried to another place; those between close up. */
export function carried(cells: Cells, from: number, to: number): Cells {
  const length = Math.max(cells.length, from + 1, to + 1);
  const padded = Array.from({ length }, (_, i) => cells[i] ?? '');
  const result = filledCells(padded.toSpliced(from, 1).toSpliced(to, 0, padded[from] ?? ''));
  return result.length === cells.length && result.every((text, i) => text === cells[i]) ? cells : result;
}

/** Cells in another order: place i takes what stood in row `order[i]`. */
export function reordered(cells: Cells, order: readonly number[]): Cells {
  const result = filledCells(order.map((row) => cells[row] ?? ''));
  return result.length === cells.length && result.every((text, i) => text === cells[i]) ? cells : result;
}

/** Cells written over from a row on. */
export function writtenOver(cells: Cells, row: number, texts: readonly string[]): Cells {
  const before = row <= cells.length ? cells : [...cells, ...new Array<string>(row - cells.length).fill('')];
  return filledCells([...before.slice(0, row), ...texts, ...before.slice(row + texts.length)]);
}
