import { elementScroll, observeElementOffset, useVirtualizer } from '@tanstack/react-virtual';
import { memo, useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { CSSProperties, KeyboardEvent } from 'react';

/** A cell as it is drawn: what stands in it, what that is worth where it says more, and what is wrong with it. */
export type GridCell = Readonly<{
  text: string;
  note: string;
  state: 'plain' | 'strange' | 'missing' | 'empty';
  spoken: string;
}>;

export type GridHead = Readonly<{ id: string; name: string; unit: string; spoken: string }>;
export type GridPlace = Readonly<{ column: number; row: number }>;

type Props = Readonly<{
  name: string;
  heads: readonly GridHead[];
  rows: number;
  cell: (column: number, row: number) => GridCell;
  /** Changes whenever a cell may be drawn otherwise. */
  version: unknown;
  at: GridPlace | null;
  isEditing: boolean;
  rowHeight: number;
  /** Columns are at least this wide; a few of them share the room there is. */
  leastWidth: number;
  /** What the numbers in the margin are. */
  rowsName: string;
  rowName: (row: number) => string;
  onCell: (place: GridPlace) => void;
  onOpen: (place: GridPlace) => void;
  onRow: (row: number) => void;
  onHead: (column: number) => void;
  onKey: (event: KeyboardEvent) => void;
  onSeen: (from: number, to: number) => void;
}>;

const cellId = (column: number, row: number): string => `cell-${column}-${row}`;
/** The margin of row numbers: as wide as the longest needs, at a row height of 44 for the usual size of text. */
const NUMBERS = 48;
const A_DIGIT = 8.6;
const numbersWidth = (rows: number, rowHeight: number): number =>
  Math.max(NUMBERS, Math.ceil(12 + `${rows}`.length * A_DIGIT * Math.max(1, rowHeight / 44)));
const WIDEST = 1.6;
const HIGHEST = 20_000_000;
/** Columns drawn on either side of those in sight. */
const ASIDE = 2;

type RowProps = Pick<Props, 'cell' | 'version' | 'rowHeight' | 'rowName' | 'isEditing'> &
  Readonly<{ columnWidth: number; row: number; top: number; from: number; to: number; chosen: number | null }>;

/*
 * Plain elements: with the interface kit's own, a row took four times as long to make, and scrolling through ten
 * thousand rows lost frames (`npm run bench`).
 */
const Row = memo(function Row({
  row,
  top,
  from,
  to,
  chosen,
  cell,
  rowHeight,
  columnWidth,
  rowName,
  isEditing,
}: RowProps) {
  return (
    <div
      role="row"
      aria-rowindex={row + 2}
      className="grid-row"
      style={{ transform: `translateY(${top}px)`, height: rowHeight }}
    >
      <div role="rowheader" className="grid-number" data-row={row} title={rowName(row)}>
        {row + 1}
      </div>
      {from === 0 ? null : <div role="presentation" style={{ width: from * columnWidth, flexShrink: 0 }} />}
      {Array.from({ length: to - from }, (_, k) => {
        const i = from + k;
        const { text, note, state, spoken } = cell(i, row);
        const isChosen = i === chosen;
        return (
          <div
            key={i}
            id={cellId(i, row)}
            role="gridcell"
            aria-colindex={i + 2}
            aria-selected={isChosen}
            aria-label={spoken}
            className={`grid-cell grid-${state}${isChosen ? (isEditing ? ' grid-edited' : ' grid-chosen') : ''}`}
            style={{ width: columnWidth }}
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

const placeOf = (target: EventTarget): Readonly<{ row: number; column: number | null }> | null => {
  const found = (target as HTMLElement).closest<HTMLElement>('[data-row]');
  if (found === null) return null;
  const { row, column } = found.dataset;
  return { row: Number(row), column: column === undefined ? null : Number(column) };
};

/** Columns of cells with their rows numbered in the margin; only the rows in sight are made. */
export function Grid(props: Props) {
  const { name, heads, rows, at, rowHeight, leastWidth, onCell, onOpen, onRow, onHead, onKey, onSeen } = props;
  const scroller = useRef<HTMLDivElement | null>(null);
  const [room, setRoom] = useState(0);
  useLayoutEffect(() => {
    const box = scroller.current;
    if (box === null) return undefined;
    const watcher = new ResizeObserver(() => setRoom(box.clientWidth));
    watcher.observe(box);
    return () => watcher.disconnect();
  }, []);
  const headHeight = rowHeight + 4;
  const numbers = numbersWidth(rows, rowHeight);
  const share = Math.floor((room - numbers) / heads.length);
  const columnWidth = Math.max(leastWidth, Math.min(share, Math.round(leastWidth * WIDEST)));
  // Browsers draw nothing that is higher than this; the scroll bar then stands for more rows than it has pixels.
  const total = rows * rowHeight;
  const tall = scroller.current?.clientHeight ?? 0;
  const factor = total > HIGHEST ? (total - tall) / (HIGHEST - tall) : 1;
  const scale = useRef(factor);
  scale.current = factor;
  const [left, setLeft] = useState(0);
  const from = Math.max(0, Math.min(heads.length, Math.floor(left / columnWidth) - ASIDE));
  const to = Math.min(heads.length, Math.ceil((left + Math.max(room, 1)) / columnWidth) + ASIDE);
  const virtual = useVirtualizer({
    count: rows,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowHeight,
    overscan: 10,
    // The heads lie above the rows, also while these are scrolled.
    scrollMargin: headHeight,
    scrollPaddingStart: headHeight,
    observeElementOffset: (of, tell) =>
      observeElementOffset(of, (offset, isScrolling) => tell(offset * scale.current, isScrolling)),
    scrollToFn: (offset, how, of) => elementScroll(offset / scale.current, how, of),
  });
  // How much farther the rows are than the pixels.
  const ahead = (virtual.scrollOffset ?? 0) * (1 - 1 / factor);
  useEffect(() => virtual.measure(), [virtual, rowHeight, headHeight]);
  const items = virtual.getVirtualItems();
  const [first, last] = [items[0]?.index ?? 0, items.at(-1)?.index ?? 0];
  useEffect(() => onSeen(first, last), [onSeen, first, last, props.version]);

  // The chosen cell stays in sight, also when keys rise in front of it.
  useLayoutEffect(() => {
    if (at === null) return undefined;
    virtual.scrollToIndex(at.row, { align: 'auto' });
    const box = scroller.current;
    if (box === null) return undefined;
    const left = at.column * columnWidth;
    const seen = box.clientWidth - numbers;
    if (left < box.scrollLeft) box.scrollLeft = left;
    else if (left + columnWidth > box.scrollLeft + seen) box.scrollLeft = left + columnWidth - seen;
    const watcher = new ResizeObserver(() => virtual.scrollToIndex(at.row, { align: 'auto' }));
    watcher.observe(box);
    return () => watcher.disconnect();
  }, [virtual, at, columnWidth, numbers]);

  const width = numbers + heads.length * columnWidth;
  return (
    <div
      ref={scroller}
      role="grid"
      aria-label={name}
      aria-rowcount={rows + 1}
      aria-colcount={heads.length + 1}
      tabIndex={0}
      className="grid"
      style={{ '--numbers': `${numbers}px` } as CSSProperties}
      onScroll={({ currentTarget }) => {
        const seen = Math.floor(currentTarget.scrollLeft / columnWidth) * columnWidth;
        if (seen !== left) setLeft(seen);
      }}
      {...(at === null ? {} : { 'aria-activedescendant': cellId(at.column, at.row) })}
      onKeyDown={(event) => {
        if (event.target === event.currentTarget) onKey(event);
      }}
      onClick={({ target }) => {
        const place = placeOf(target);
        if (place === null) return;
        if (place.column === null) onRow(place.row);
        else onCell({ row: place.row, column: place.column });
      }}
      onDoubleClick={({ target }) => {
        const place = placeOf(target);
        if (place?.column != null) onOpen({ row: place.row, column: place.column });
      }}
    >
      <div role="row" aria-rowindex={1} className="grid-heads" style={{ width, height: headHeight }}>
        <div role="columnheader" className="grid-corner">
          <span className="only-spoken">{props.rowsName}</span>
        </div>
        {from === 0 ? null : <div role="presentation" style={{ width: from * columnWidth, flexShrink: 0 }} />}
        {heads.slice(from, to).map(({ id, name: head, unit, spoken }, k) => {
          const i = from + k;
          return (
            <div
              key={id}
              role="columnheader"
              aria-colindex={i + 2}
              className="grid-head"
              style={{ width: columnWidth }}
            >
              <button type="button" className="grid-button" aria-label={spoken} onClick={() => onHead(i)}>
                <span className="grid-name">{head}</span>
                {unit === '' ? null : <span className="grid-unit">{unit}</span>}
              </button>
            </div>
          );
        })}
      </div>
      <div role="rowgroup" className="grid-rows" style={{ height: Math.min(HIGHEST, virtual.getTotalSize()), width }}>
        {items.map(({ index, start }) => (
          <Row
            key={index}
            row={index}
            top={start - headHeight - ahead}
            from={from}
            to={to}
            chosen={at?.row === index ? at.column : null}
            isEditing={props.isEditing && at?.row === index}
            cell={props.cell}
            version={props.version}
            rowHeight={rowHeight}
            columnWidth={columnWidth}
            rowName={props.rowName}
          />
        ))}
      </div>
    </div>
  );
}
