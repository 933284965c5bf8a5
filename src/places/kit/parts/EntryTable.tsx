import { View } from '@tamagui/core';
import { useCallback, useMemo, useState } from 'react';
import type { KeyboardEvent } from 'react';
import { itemAt } from '@/core/base/item';
import type { KeyAction } from '@/keys/catalogue';
import { cellText } from '@/places/columns/cell-text';
import { gridStroke } from '@/places/line-editor/grid-strokes';
import { useStore } from '@/state/app-store';
import { cellSpoken, cellText as placeText } from '@/text/kit/kit';
import type { CellPlace, GridCell } from '@/ui/grid/cell';
import { Grid } from '@/ui/grid/Grid';
import { useLayout } from '@/ui/theme/layout';
import type { Slot, Writing } from './slots';
import { sizeOf, withText } from './table';
import type { Table } from './table';

const ROW = 44;
const NARROWEST = 58;
/** A few columns share the room there is. */
const WIDEST = 6;
/** Rows beyond this are scrolled to. */
const MOST_IN_SIGHT = 8;

/** How a table is called, and its rows and columns. */
export type TableNames = Readonly<{
  id: string;
  table: Table;
  rowName: (row: number) => string;
  columnName: (column: number) => string;
}>;

const slotId = (id: string, row: number, column: number): string => `${id}:${row}:${column}`;

/**
 * The cells of a table as slots: Next goes across and then to the next row, the key that answers does so too, or goes
 * down. `isDown`: it always does, since the columns are samples.
 */
export function tableSlots(
  { id, table, rowName, columnName }: TableNames,
  enter: (make: (table: Table) => string[][], thought: string) => void,
  { isQuick = false, isDown = false }: Readonly<{ isQuick?: boolean; isDown?: boolean }> = {},
): readonly Slot[] {
  const [rows, columns] = sizeOf(table);
  const at = (row: number, column: number): string | null =>
    row < rows && column < columns ? slotId(id, row, column) : null;
  return table.flatMap((texts, row) =>
    texts.map((text, column) => ({
      id: slotId(id, row, column),
      name: placeText(rowName(row), columnName(column)),
      text,
      keep: (kept: string) => enter((now) => withText(now, row, column, kept), slotId(id, row, column)),
      after: at(row, column + 1) ?? at(row + 1, 0),
      below: at(row + 1, column) ?? at(0, column + 1),
      isInTable: !isDown && columns > 1 && rows > 1,
      isQuick,
    })),
  );
}

type Props = TableNames &
  Readonly<{
    name: string;
    slots: readonly Slot[];
    writing: Writing;
    /** What stands over a column and before a row, where that is short. */
    head: (column: number) => string;
    mark?: (row: number) => string;
    /** What is wrong with a cell; null where nothing is. */
    problem?: Readonly<{ row: number; column: number; text: string }> | null;
    onPaste?: (text: string) => void;
  }>;

/** A table to be filled in: a tap writes into a cell, the arrow keys go from one to the next. */
export function EntryTable(props: Props) {
  const { id, name, table, rowName, columnName, slots, writing, head, mark, problem = null, onPaste } = props;
  const [rows, columns] = sizeOf(table);
  const isWide = useLayout() === 'wide';
  const settings = useStore((s) => s.settings);
  const sign = settings.display.decimalSign;
  const [chosen, setChosen] = useState<CellPlace | null>(null);
  const open = slots.findIndex((slot) => slot.id === writing.open);
  const written = open < 0 ? null : { row: Math.floor(open / columns), column: open % columns };
  const at = written ?? (chosen !== null && chosen.row < rows && chosen.column < columns ? chosen : null);
  const { write } = writing;
  const go = useCallback(
    (column: number, row: number, isWritten = false, first: KeyAction | null = null) => {
      const place = {
        column: Math.max(0, Math.min(columns - 1, column)),
        row: Math.max(0, Math.min(rows - 1, row)),
      };
      setChosen(place);
      write(isWritten ? slotId(id, place.row, place.column) : null, first);
    },
    [columns, rows, id, write],
  );
  const cell = useCallback(
    (column: number, row: number): GridCell => {
      const text = table[row]?.[column] ?? '';
      const shown = cellText(text, sign);
      const told = cellSpoken(placeText(rowName(row), columnName(column)), shown);
      const isWrong = problem !== null && problem.row === row && problem.column === column;
      if (isWrong) return { text: shown, note: '', state: 'invalid', spoken: `${told}. ${problem.text}` };
      return { text: shown, note: '', state: text === '' ? 'empty' : 'plain', spoken: told };
    },
    [table, sign, rowName, columnName, problem],
  );
  const heads = useMemo(
    () =>
      Array.from({ length: columns }, (_, column) => ({
        id: `${column}`,
        name: head(column),
        unit: '',
        spoken: columnName(column),
      })),
    [columns, head, columnName],
  );
  const margin = useMemo(
    () => ({
      name,
      isNamed: false,
      width: 40,
      row: (row: number) => ({ text: mark?.(row) ?? `${row + 1}`, spoken: rowName(row) }),
    }),
    [name, mark, rowName],
  );
  const large = Math.max(1, settings.textSize / 125);
  const height = Math.round(ROW * large);
  const onKey = (event: KeyboardEvent): void =>
    gridStroke(event, {
      place: at ?? { column: 0, row: 0 },
      rows,
      go,
      empty: ({ row, column }) => itemAt(slots, row * columns + column).keep(''),
      leave: () => setChosen(null),
    });
  return (
    <View
      height={height * Math.min(rows, MOST_IN_SIGHT) + height + 6}
      maxWidth="100%"
      borderWidth={1}
      borderColor="$rule"
      onPaste={(event: { clipboardData: DataTransfer; target: unknown; preventDefault: () => void }) => {
        // The line editor takes its own paste.
        if (onPaste === undefined || event.target instanceof HTMLInputElement) return;
        event.preventDefault();
        onPaste(event.clipboardData.getData('text/plain'));
      }}
    >
      <Grid
        name={name}
        keys="grid"
        heads={heads}
        rows={rows}
        cell={cell}
        version={table}
        at={at}
        isEditing={written !== null}
        margin={margin}
        rowHeight={height}
        leastWidth={Math.round(NARROWEST * large)}
        widest={WIDEST}
        onCell={({ row, column }) => go(column, row, !isWide)}
        onOpen={({ row, column }) => go(column, row, true)}
        onRow={(row) => go(0, row, !isWide)}
        onKey={onKey}
      />
    </View>
  );
}
