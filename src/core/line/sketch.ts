import { rowAt, withRowAt, glyph } from './row';
import type { BoxedLine, Row } from './row';

/** A row in one line of text, boxes in square brackets: how tests and faults show it. */
export function sketch(row: Row): string {
  return row
    .map((item) => {
      if (item.kind === 'glyph') return item.text;
      const slots = item.slots.map(sketch).join('|');
      switch (item.kind) {
        case 'fraction':
          return `[${slots.replace('|', '/')}]`;
        case 'power':
          return `^[${slots}]`;
        case 'group':
          return `(${slots}${item.closed ? ')' : ''}`;
        case 'call':
          return `${item.fn}[${slots}]`;
        case 'grid':
          return `⟦${item.columns}:${slots}⟧`;
      }
    })
    .join('');
}

/** A line with its caret as ‸, and the other end of a selection as ◂. */
export function sketchLine({ row, caret, anchor }: BoxedLine): string {
  const isSame = JSON.stringify(caret) === JSON.stringify(anchor);
  const host = rowAt(row, caret.path);
  const marked = [...host.slice(0, caret.at), glyph(isSame ? '‸' : '◂‸'), ...host.slice(caret.at)];
  return sketch(withRowAt(row, caret.path, marked));
}
