import { itemAt } from '../base/item';
import { cover } from '../base/span';
import { TokenCursor } from './token-cursor';
import type { Tree } from './tree';

/** Rows and columns that can be written in a line. */
export const LARGEST_WRITTEN_SIDE = 50;

/** Matrices in square brackets, and their entries. */
export abstract class MatrixParser extends TokenCursor {
  protected abstract statement(): Tree;

  /** Values between a bracket and the one that closes it, each one expression. What stands in one is not counted with the rest. */
  private list(): readonly Tree[] {
    this.take();
    const values: Tree[] = [];
    for (;;) {
      const before = this.counted();
      values.push(this.entry());
      this.recount(before);
      if (this.token.kind !== 'separator') break;
      this.take();
    }
    if (this.token.kind !== 'squareClose') {
      if (this.token.kind === 'end') this.syntax('matrix-unclosed', this.token.span);
      this.unexpected();
    }
    return values;
  }

  private entry(): Tree {
    this.enter();
    const value = this.statement();
    this.leave();
    if (value.kind === 'matrix') this.syntax('entry-is-matrix', value.span);
    return value;
  }

  /** `[[1, 2], [3, 4]]`, or `[1, 2, 3]` for one column. */
  protected matrix(): Tree {
    const open = this.token;
    if (this.ahead(1).kind !== 'squareOpen') {
      const entries = this.list();
      const span = cover(open.span, this.take().span);
      this.checkSide(entries.length, 1, span);
      return this.node({ kind: 'matrix', columns: 1, entries, span });
    }
    this.take();
    const entries: Tree[] = [];
    let columns = 0;
    let rows = 0;
    for (;;) {
      const start = this.token;
      if (start.kind !== 'squareOpen') this.unexpected();
      const row = this.list();
      const span = cover(start.span, this.take().span);
      rows += 1;
      if (columns === 0) columns = row.length;
      else if (row.length !== columns && !this.lenient)
        this.refuse({ code: 'dimension', reason: 'ragged', row: rows, needs: columns, got: row.length }, span);
      entries.push(...row);
      if (this.token.kind !== 'separator') break;
      this.take();
    }
    if (this.token.kind === 'end') this.syntax('matrix-unclosed', this.token.span);
    if (this.token.kind !== 'squareClose') this.unexpected();
    const span = cover(open.span, this.take().span);
    this.checkSide(rows, columns, span);
    // What is drawn while it is still ragged is filled up with boxes at its end.
    while (entries.length % columns !== 0) entries.push({ kind: 'box', span });
    return this.node({ kind: 'matrix', columns, entries, span });
  }

  private checkSide(rows: number, columns: number, span: Tree['span']): void {
    if (Math.max(rows, columns) > LARGEST_WRITTEN_SIDE)
      this.refuse({ code: 'dimension', reason: 'too-many-entries', fn: '[ ]', size: [rows, columns] }, span);
  }

  /** `A[2, 1]`: the bracket stands right behind what it asks of. */
  protected index(of: Tree): Tree {
    const open = this.token;
    const at = this.list();
    const span = cover(of.span, this.take().span);
    if (at.length > 2)
      this.refuse(
        { code: 'argument-count', fn: '[ ]', got: at.length, least: 1, most: 2 },
        cover(open.span, itemAt(at, 2).span),
      );
    return this.node({ kind: 'entry', of, at, span });
  }
}
