import { memo } from 'react';
import type { GridCell, GridMargin } from './cell';

export const cellId = (grid: string, column: number, row: number): string => `${grid}-${column}-${row}`;
export const rowId = (grid: string, row: number): string => `${grid}-${row}`;

type Props = Readonly<{
  grid: string;
  /** The roles of a table that is only read, or of one in which something is chosen. */
  cellRole: 'cell' | 'gridcell';
  row: number;
  top: number;
  height: number;
  widths: readonly number[];
  lead: number;
  /** The columns that are made: those in sight and some beside them. */
  from: number;
  to: number;
  margin: GridMargin;
  cell: (column: number, row: number) => GridCell;
  /** Changes whenever a cell may be drawn otherwise. */
  version: unknown;
  chosen: number | 'all' | null;
  isEditing: boolean;
  isCarried: boolean;
  /** It can be carried by its number. */
  canCarry: boolean;
}>;

/*
 * Plain elements: with the interface kit's own, a row took four times as long to make, and scrolling through ten
 * thousand rows lost frames (`npm run bench`).
 */
export const GridRow = memo(function GridRow(props: Props) {
  const {
    grid,
    cellRole,
    row,
    top,
    height,
    widths,
    lead,
    from,
    to,
    margin,
    cell,
    chosen,
    isEditing,
    isCarried,
    canCarry,
  } = props;
  const numbered = margin.row(row);
  const isAll = chosen === 'all';
  return (
    <div
      id={rowId(grid, row)}
      role="row"
      aria-rowindex={row + 2}
      {...(isAll ? { 'aria-selected': true } : {})}
      className={`grid-row${isAll ? ' grid-row-chosen' : ''}${isCarried ? ' grid-carried' : ''}`}
      style={{ transform: `translateY(${top}px)`, height }}
    >
      <div
        role="rowheader"
        className={margin.isValue === true ? 'grid-number grid-value' : 'grid-number'}
        data-row={row}
        {...(canCarry ? { 'data-carry': `row ${row}` } : {})}
        aria-label={numbered.spoken}
      >
        {numbered.text}
      </div>
      {lead === 0 ? null : <div role="presentation" style={{ width: lead, flexShrink: 0 }} />}
      {Array.from({ length: to - from }, (_, k) => {
        const i = from + k;
        const { text, note, state, spoken } = cell(i, row);
        const isChosen = i === chosen;
        return (
          <div
            key={i}
            id={cellId(grid, i, row)}
            role={cellRole}
            aria-colindex={i + 2}
            {...(isChosen ? { 'aria-selected': true } : {})}
            aria-label={spoken}
            className={`grid-cell grid-${state}${isChosen ? (isEditing ? ' grid-edited' : ' grid-chosen') : ''}`}
            style={{ width: widths[i] }}
            data-row={row}
            data-column={i}
          >
            <span className="grid-text">{text}</span>
            {note === '' ? null : <span className="grid-note">{note}</span>}
          </div>
        );
      })}
    </div>
  );
});
