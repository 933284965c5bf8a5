import { itemAt } from '@/core/base/item';
import { View } from '@tamagui/core';
import { useCallback, useMemo } from 'react';
import type { KeyboardEvent } from 'react';
import { MOST_COLUMNS, MOST_ROWS, rowsOf, usedColumns } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import type { KeyAction } from '@/keys/catalogue';
import { gridStroke } from '@/places/line-editor/grid-strokes';
import { readClipboard } from '@/platform/clipboard';
import { useStore } from '@/state/app-store';
import { cellName, columnWords, headSpoken, rowName } from '@/text/column-labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Grid } from '@/ui/grid/Grid';
import type { Part } from '@/ui/grid/use-grid-drag';
import { numbersWidth } from '@/ui/grid/cell';
import type { CellPlace, GridCell } from '@/ui/grid/cell';
import type { At } from './at';
import { cellText, isNumeral } from './cell-text';
import { CellEditor } from './CellEditor';
import { labelColumnOf } from './label-column';
import { PreviewBar } from './PreviewBar';
import { shownText } from './Statistic';
import { useCells } from './use-cells';
import { useColumnPreview } from './use-column-preview';

type Props = Readonly<{
  table: DataTable;
  at: At | null;
  isWide: boolean;
  /** Where the keys stand that a cell is written with, where that is not below it. */
  deckInto?: HTMLElement | null;
  onAt: (at: At | null) => void;
  onColumn: (column: number) => void;
  onRow: (row: number) => void;
  /** Which rows take part; null for all of them. */
  kept: readonly boolean[] | null;
  onSort: () => void;
  onFilter: () => void;
  onReshape: () => void;
  onPaste: (source: string) => void;
}>;

const ROW = 44;
const WIDTH = 112;
const WIDEST = 1.6;

/** What stands before a row. */
const numbered = (row: number) => ({ text: `${row + 1}`, spoken: rowName(row) });

/** The table as it is typed: its cells, the one at hand being written, and what can be done with rows and columns. */
export function Data(props: Props) {
  const { table, at, isWide, deckInto, kept, onAt, onColumn, onRow, onSort, onFilter, onReshape, onPaste } = props;
  const settings = useStore((s) => s.settings);
  const { setCell, addColumn, moveRow, moveColumn } = useStore.getState();
  const { columns, id } = table;
  const sign = settings.display.decimalSign;
  const filled = rowsOf(table);
  const rows = Math.min(MOST_ROWS, Math.max(filled + 1, at === null ? 0 : at.row + 1));
  const { viewOf, onSeen, version } = useCells(table);
  const current = at === null ? null : (columns[at.column] ?? null);
  const told = current ?? usedColumns(table).one;
  const look = useColumnPreview(table, told?.id ?? null);

  const charted = labelColumnOf(table);
  const labels = useMemo(() => new Set([charted, ...(look?.labels ?? [])]), [charted, look]);

  const cell = useCallback(
    (i: number, row: number): GridCell => {
      const column = itemAt(columns, i);
      const text = column.cells[row] ?? '';
      const name = cellName(column.name, row);
      if (text === '') {
        const isMissing = column.cells.length > 0 && row < filled && columns.some((c) => (c.cells[row] ?? '') !== '');
        return isMissing
          ? { text: columnWords.missing, note: '', state: 'missing', spoken: `${name}: ${columnWords.missing}` }
          : { text: '', note: '', state: 'empty', spoken: name };
      }
      const shown = cellText(text, sign);
      const isAside = kept?.[row] === false;
      const aside = (told: string): GridCell => ({
        text: told,
        note: '',
        state: 'aside',
        spoken: `${name}: ${told}, ${columnWords.setAside}`,
      });
      if (isAside && column.rule === '') return aside(shown);
      if (isNumeral(text) && isAside) return aside(shown);
      if (isNumeral(text)) return { text: shown, note: '', state: 'plain', spoken: `${name}: ${shown}` };
      const view = viewOf(text);
      if (view === null) return { text: shown, note: '', state: 'plain', spoken: `${name}: ${shown}` };
      if ('problem' in view && labels.has(column.id))
        return { text: shown, note: '', state: 'plain', spoken: `${name}: ${shown}` };
      if ('problem' in view)
        return {
          text: shown,
          note: columnWords.noNumber,
          state: 'invalid',
          spoken: `${name}: ${shown}. ${problemText(view.problem)}`,
        };
      const value = shownText({ forms: view.forms, full: '', saved: null });
      const note = value.replace(/^[=≈] /, '') === shown ? '' : value;
      // What a worked column is worked from need not be read in every row.
      if (isAside) return aside(value.replace(/^= /, ''));
      if (column.rule !== '')
        return { text: value.replace(/^= /, ''), note: '', state: 'plain', spoken: `${name}: ${value}` };
      return { text: shown, note, state: 'plain', spoken: `${name}: ${shown} ${note}` };
    },
    [columns, filled, kept, labels, sign, viewOf],
  );

  const go = useCallback(
    (column: number, row: number, isWritten = false, first: KeyAction | null = null) =>
      onAt({
        column: Math.max(0, Math.min(columns.length - 1, column)),
        row: Math.max(0, Math.min(MOST_ROWS - 1, row)),
        isWritten,
        first,
      }),
    [onAt, columns.length],
  );

  const onKey = (event: KeyboardEvent): void =>
    gridStroke(event, {
      place: at ?? { column: 0, row: 0 },
      rows,
      go,
      empty: ({ column, row }) => {
        const emptied = columns[column];
        if (emptied !== undefined) setCell(emptied.id, row, '');
      },
      leave: () => onAt(null),
    });

  const heads = useMemo(
    () =>
      columns.map((column) => ({
        id: column.id,
        name: column.rule === '' ? column.name : `${column.name} ƒ`,
        unit: column.unit,
        spoken: headSpoken(column),
      })),
    [columns],
  );
  const large = Math.max(1, settings.textSize / 125);
  const margin = useMemo(
    () => ({ name: columnWords.row, isNamed: false, width: numbersWidth(rows, large), row: numbered }),
    [rows, large],
  );
  // A column that is worked from others is not written into: its rule is shown instead.
  const write = useCallback(
    ({ column, row }: CellPlace, isWritten: boolean) => {
      const isWorked = columns[column]?.rule !== '';
      go(column, row, isWritten && !isWorked);
      if (isWritten && isWorked) onColumn(column);
    },
    [columns, go, onColumn],
  );
  const open = useCallback((place: CellPlace) => write(place, true), [write]);
  const choose = useCallback((place: CellPlace) => write(place, !isWide), [write, isWide]);
  const carry = (part: Part, by: number): void => {
    if (part.kind === 'row') moveRow(id, part.at, by);
    else moveColumn(itemAt(columns, part.at).id, by);
  };
  const toCell = (column: string, row: number): void =>
    go(
      columns.findIndex((c) => c.id === column),
      row,
      !isWide,
    );
  const paste = (): void => void readClipboard().then((text) => onPaste(text ?? ''));

  const tools = (
    <View
      role="toolbar"
      aria-label={columnWords.data}
      flexDirection="row"
      gap={4}
      padding={4}
      className="scroll-x"
      backgroundColor="$desk"
      borderTopWidth={1}
      borderColor="$rule"
      flexShrink={0}
    >
      <Button isTight onPress={() => go(at?.column ?? 0, at?.row ?? filled, true)}>
        {columnWords.write}
      </Button>
      <Button isTight onPress={paste}>
        {columnWords.paste}
      </Button>
      <Button isTight isDisabled={at === null} onPress={() => onRow(at?.row ?? 0)}>
        {columnWords.row}
      </Button>
      <Button isTight onPress={() => onColumn(at?.column ?? 0)}>
        {columnWords.column}
      </Button>
      <Button isTight isDisabled={filled < 2} onPress={onSort}>
        {columnWords.sort}
      </Button>
      <Button isTight isPressed={table.filter !== ''} isDisabled={filled === 0} onPress={onFilter}>
        {columnWords.filter}
      </Button>
      <Button isTight onPress={onReshape}>
        {columnWords.reshape}
      </Button>
      <Button isTight isDisabled={columns.length >= MOST_COLUMNS} onPress={() => addColumn(id)}>
        {columnWords.addColumn}
      </Button>
    </View>
  );

  return (
    <View
      flex={1}
      minHeight={0}
      minWidth={0}
      onPaste={(event: { clipboardData: DataTransfer; target: unknown; preventDefault: () => void }) => {
        // A field takes its own paste.
        if (event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) return;
        event.preventDefault();
        onPaste(event.clipboardData.getData('text/plain'));
      }}
    >
      <Grid
        name={table.name}
        keys="grid"
        heads={heads}
        rows={rows}
        cell={cell}
        version={version}
        at={at}
        isEditing={at?.isWritten === true}
        margin={margin}
        rowHeight={Math.round(ROW * large)}
        leastWidth={Math.round(WIDTH * large)}
        widest={WIDEST}
        onCell={choose}
        onOpen={open}
        onRow={onRow}
        onHead={onColumn}
        onKey={onKey}
        onSeen={onSeen}
        onCarry={carry}
      />
      {at !== null && at.isWritten && current !== null ? (
        <CellEditor
          columns={columns}
          at={at}
          hasDeck={!isWide || deckInto !== undefined}
          {...(deckInto === undefined ? {} : { deckInto })}
          onKeep={(text) => setCell(current.id, at.row, text)}
          onGo={go}
        />
      ) : (
        <>
          <PreviewBar table={table} look={look} name={told?.name ?? ''} onCell={toCell} />
          {tools}
        </>
      )}
    </View>
  );
}
