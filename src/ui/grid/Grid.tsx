import { useCallback, useEffect, useId, useMemo } from 'react';
import type { CSSProperties, KeyboardEvent } from 'react';
import type { CellPlace, GridCell, GridHead, GridMargin, GridPlace } from './cell';
import type { ShortcutScope } from '@/keys/shortcuts';
import { Carrying } from '../control/Carrying';
import { SpokenKeys, withKeys } from '../control/SpokenKeys';
import { cellId, GridRow, rowId } from './GridRow';
import { useGridDrag } from './use-grid-drag';
import type { Drag, Part } from './use-grid-drag';
import { useGridWindow } from './use-grid-window';

type Props = Readonly<{
  name: string;
  heads: readonly GridHead[];
  rows: number;
  margin: GridMargin;
  cell: (column: number, row: number) => GridCell;
  /** Changes whenever a cell may be drawn otherwise. */
  version?: unknown;
  rowHeight: number;
  /** Columns are at least this wide; a few of them share the room there is, each up to `widest` times as wide. */
  leastWidth: number;
  widest?: number;
  /** What is told of the keys that it takes. */
  keys?: ShortcutScope;
  /** What is chosen; a grid without this is only read. */
  at?: GridPlace | null;
  isEditing?: boolean;
  onCell?: (place: CellPlace) => void;
  onOpen?: (place: CellPlace) => void;
  onRow?: (row: number) => void;
  onHead?: (column: number) => void;
  onKey?: (event: KeyboardEvent) => void;
  onSeen?: (from: number, to: number) => void;
  /** Carries a row or a column by so many places; where there is none, they stay where they are. */
  onCarry?: (part: Part, by: number) => void;
}>;

const placeOf = (target: EventTarget): GridPlace | null => {
  const found = (target as HTMLElement).closest<HTMLElement>('[data-row]');
  if (found === null) return null;
  const { row, column } = found.dataset;
  return { row: Number(row), column: column === undefined ? null : Number(column) };
};

/** The element that assistive technology takes for the one that has the focus. */
function activeOf(grid: string, at: GridPlace | null): Readonly<{ 'aria-activedescendant'?: string }> {
  if (at === null) return {};
  return { 'aria-activedescendant': at.column === null ? rowId(grid, at.row) : cellId(grid, at.column, at.row) };
}

function Head({ head, onPress }: Readonly<{ head: GridHead; onPress: (() => void) | null }>) {
  const written = (
    <>
      <span className="grid-name">{head.name}</span>
      {head.unit === '' ? null : <span className="grid-unit">{head.unit}</span>}
    </>
  );
  if (onPress === null) return <div className="grid-title">{written}</div>;
  return (
    <button type="button" className="grid-title grid-button" aria-label={head.spoken} onClick={onPress}>
      {written}
    </button>
  );
}

/** Columns of cells with a margin before each row; only the rows and columns in sight are made. */
export function Grid(props: Props) {
  return (
    <Carrying>
      <Cells {...props} />
      {props.keys === undefined ? null : <SpokenKeys scope={props.keys} />}
    </Carrying>
  );
}

type Landed = Readonly<{
  drag: Drag;
  widths: readonly number[];
  rowHeight: number;
  headHeight: number;
  marginWidth: number;
  seen: readonly Readonly<{ row: number; top: number }>[];
}>;

/** Where what is carried would be put. */
function Landing({ drag: { part, to }, widths, rowHeight, headHeight, marginWidth, seen }: Landed) {
  const isBehind = to > part.at;
  if (part.kind === 'column') {
    const left = marginWidth + widths.slice(0, isBehind ? to + 1 : to).reduce((sum, width) => sum + width, 0);
    return <div className="grid-landing" style={{ left: left - 2, top: 0, bottom: 0, width: 4 }} aria-hidden />;
  }
  const top = seen.find(({ row }) => row === to)?.top;
  if (top === undefined) return null;
  const place = headHeight + top + (isBehind ? rowHeight : 0);
  return <div className="grid-landing" style={{ top: place - 2, left: 0, right: 0, height: 4 }} aria-hidden />;
}

function Cells(props: Props) {
  const { name, heads, rows, margin, cell, version, rowHeight, leastWidth, widest = Infinity } = props;
  const { keys, at = null, isEditing = false, onCell, onOpen, onRow, onHead, onKey, onSeen, onCarry } = props;
  const isRead = props.at === undefined;
  const id = useId();
  const headHeight = rowHeight + 4;
  const weights = useMemo(() => heads.map(({ weight = 1 }) => weight), [heads]);
  const { scroller, widths, lead, from, to, width, height, seen, onScroll } = useGridWindow({
    rows,
    weights,
    rowHeight,
    headHeight,
    marginWidth: margin.width,
    leastWidth,
    widest,
    at,
  });
  const { drag, setNodeRef, ...carry } = useGridDrag({ rows, rowHeight, widths, onCarry: onCarry ?? null });
  const frame = useCallback(
    (node: HTMLDivElement | null) => {
      scroller.current = node;
      setNodeRef(node);
    },
    [scroller, setNodeRef],
  );
  const [first, last] = [seen[0]?.row ?? 0, seen.at(-1)?.row ?? 0];
  useEffect(() => onSeen?.(first, last), [onSeen, first, last, version]);

  return (
    <div
      ref={frame}
      {...carry}
      role={isRead ? 'table' : 'grid'}
      aria-label={name}
      aria-rowcount={rows + 1}
      aria-colcount={heads.length + 1}
      {...(keys === undefined ? {} : { 'aria-describedby': withKeys(keys) })}
      tabIndex={0}
      className="grid"
      style={{ '--margin-width': `${margin.width}px` } as CSSProperties}
      onScroll={onScroll}
      {...activeOf(id, at)}
      onKeyDown={(event) => {
        if (event.target === event.currentTarget) onKey?.(event);
      }}
      onClick={({ target }) => {
        const place = placeOf(target);
        if (place === null) return;
        if (place.column === null) onRow?.(place.row);
        else onCell?.({ row: place.row, column: place.column });
      }}
      onDoubleClick={({ target }) => {
        const place = placeOf(target);
        if (place !== null && place.column !== null) onOpen?.({ row: place.row, column: place.column });
      }}
    >
      <div role="row" aria-rowindex={1} className="grid-heads" style={{ width, height: headHeight }}>
        <div role="columnheader" className="grid-corner">
          <span className={margin.isNamed ? 'grid-name' : 'only-spoken'}>{margin.name}</span>
        </div>
        {lead === 0 ? null : <div role="presentation" style={{ width: lead, flexShrink: 0 }} />}
        {heads.slice(from, to).map((head, k) => (
          <div
            key={head.id}
            role="columnheader"
            aria-colindex={from + k + 2}
            className={
              drag?.part.kind === 'column' && drag.part.at === from + k ? 'grid-head grid-carried' : 'grid-head'
            }
            {...(onCarry === undefined ? {} : { 'data-carry': `column ${from + k}` })}
            style={{ width: widths[from + k] }}
          >
            <Head head={head} onPress={onHead === undefined ? null : () => onHead(from + k)} />
          </div>
        ))}
      </div>
      <div role="rowgroup" className="grid-rows" style={{ height, width }}>
        {seen.map(({ row, top }) => (
          <GridRow
            key={row}
            grid={id}
            cellRole={isRead ? 'cell' : 'gridcell'}
            row={row}
            top={top}
            height={rowHeight}
            widths={widths}
            lead={lead}
            from={from}
            to={to}
            margin={margin}
            cell={cell}
            version={version}
            chosen={at?.row === row ? (at.column ?? 'all') : null}
            isEditing={isEditing && at?.row === row}
            isCarried={drag?.part.kind === 'row' && drag.part.at === row}
            canCarry={onCarry !== undefined}
          />
        ))}
      </div>
      {drag === null ? null : (
        <Landing
          drag={drag}
          widths={widths}
          rowHeight={rowHeight}
          headHeight={headHeight}
          marginWidth={margin.width}
          seen={seen}
        />
      )}
    </div>
  );
}
