import { itemAt } from '../base/item';
import type { Token } from '../language/tokens';

/** Where the entries of a matrix begin among the tokens, row by row, and where its last bracket stands. */
export type GridShape = Readonly<{ columns: number; cells: readonly number[]; end: number }>;

type List = Readonly<{ cells: readonly number[]; end: number }>;

/** The values between the square bracket at an index and the one that closes it; null where none does. */
export function valuesAt(tokens: readonly Token[], open: number): List | null {
  const cells = [open + 1];
  const brackets: ('open' | 'squareOpen')[] = [];
  for (let i = open + 1; i < tokens.length; i += 1) {
    const { kind } = itemAt(tokens, i);
    if (kind === 'end' || kind === 'assign') return null;
    if (kind === 'open' || kind === 'squareOpen') brackets.push(kind);
    else if (kind === 'close') {
      if (brackets.pop() !== 'open') return null;
    } else if (kind === 'squareClose') {
      if (brackets.length === 0) return { cells, end: i };
      if (brackets.pop() !== 'squareOpen') return null;
    } else if (kind === 'separator' && brackets.length === 0) cells.push(i + 1);
  }
  return null;
}

/**
 * The matrix that begins at a square bracket: rows of one length in brackets of their own, or the entries of a vector;
 * null where it is not all there yet.
 */
export function gridAt(tokens: readonly Token[], open: number): GridShape | null {
  const outer = valuesAt(tokens, open);
  if (outer === null) return null;
  if (tokens[open + 1]?.kind !== 'squareOpen') return { columns: 1, ...outer };
  const cells: number[] = [];
  let columns = 0;
  for (const start of outer.cells) {
    const row = tokens[start]?.kind === 'squareOpen' ? valuesAt(tokens, start) : null;
    const after = row === null ? undefined : tokens[row.end + 1];
    const isWhole = after !== undefined && (after.kind === 'separator' || row?.end === outer.end - 1);
    if (row === null || !isWhole || (columns > 0 && row.cells.length !== columns)) return null;
    columns = row.cells.length;
    cells.push(...row.cells);
  }
  // One column in brackets of its own is the same vector, written longer.
  return { columns, cells, end: outer.end };
}
