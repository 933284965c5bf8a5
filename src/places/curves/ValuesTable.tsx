import { View } from '@tamagui/core';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { KeyboardEvent } from 'react';
import type { DrawnFunction } from '@/core/notebook/curves';
import { handleStroke } from '@/keys/shortcuts';
import { useStore } from '@/state/app-store';
import type { Cell, ValuesRow } from '@/state/slices/curves/requests';
import { isSame } from '@/state/kernel/same';
import type { Rows } from '@/state/use-rows';
import { curveWords, shortReason } from '@/text/curve-labels';
import { problemText } from '@/text/problems';
import { EMPTY_CELL } from '@/ui/grid/cell';
import type { GridCell } from '@/ui/grid/cell';
import { Grid } from '@/ui/grid/Grid';
import { Words } from '@/ui/theme/text';
import { chosenForm, signed } from './panels';

const ROW = 44;
const LEAST_WIDTH = 172;
const X_WIDTH = 84;
/** Rows that a page up or down goes. */
const PAGE = 10;

/** A point of the plane, and the function that it is of by its look. */
export type Mark = Readonly<{ x: number; y: number; look: number }>;

type Props = Readonly<{
  functions: readonly DrawnFunction[];
  table: Rows<ValuesRow>;
  /** Marks the first value of the chosen row on the graph; null where it has none. */
  onMark: (mark: Mark | null) => void;
}>;

/** A function's value in a row, or why there is none. */
function cellOf(name: string, cell: Cell, isExact: boolean): GridCell {
  if ('problem' in cell)
    return {
      text: shortReason(cell.problem),
      note: '',
      state: 'none',
      spoken: `${name} ${problemText(cell.problem)}`,
    };
  const text = signed(chosenForm(cell.forms, isExact));
  return { text, note: '', state: 'plain', spoken: `${name} ${text}` };
}

/** Why a row, or some of its cells, have no value. */
function reasonsOf(row: ValuesRow | null, functions: readonly DrawnFunction[]): readonly string[] {
  if (row === null) return [];
  if (row.problem !== null) return [problemText(row.problem)];
  return row.cells.flatMap((cell, i) =>
    'problem' in cell ? [`${functions[i]?.name ?? ''}: ${problemText(cell.problem)}`] : [],
  );
}

function markOf(row: ValuesRow, functions: readonly DrawnFunction[]): Mark | null {
  if (row.problem !== null) return null;
  const which = row.cells.findIndex((cell) => 'forms' in cell);
  const cell = row.cells[which];
  if (cell === undefined || !('forms' in cell)) return null;
  return { x: row.at, y: cell.at, look: functions[which]?.style ?? 0 };
}

/** The values of functions, row by row; the chosen row is marked on the graph. */
export function ValuesTable({ functions, table, onMark }: Props) {
  const isExact = useStore((s) => s.document.curves.table.exact);
  // Large text takes higher rows and wider columns.
  const large = useStore((s) => Math.max(1, s.settings.textSize / 125));
  // One anew for each choice, so that a row that is chosen again is brought into sight again.
  const [choice, setChoice] = useState<Readonly<{ row: number }> | null>(null);
  const chosen = choice?.row ?? null;
  const { row: rowAt, count, onSeen } = table;

  const cell = useCallback(
    (i: number, index: number): GridCell => {
      const found = rowAt(index)?.cells[i];
      return found === undefined ? EMPTY_CELL : cellOf(functions[i]?.name ?? '', found, isExact);
    },
    [rowAt, functions, isExact],
  );
  const margin = useMemo(
    () => ({
      name: 'x',
      isNamed: true,
      isValue: true,
      width: Math.round(X_WIDTH * large),
      row: (index: number) => {
        const row = rowAt(index);
        if (row === null) return { text: '', spoken: '' };
        if (row.problem !== null) return { text: shortReason(row.problem), spoken: `x ${problemText(row.problem)}` };
        const text = signed(chosenForm(row.x, isExact));
        return { text, spoken: `x ${text}` };
      },
    }),
    [rowAt, isExact, large],
  );
  const heads = useMemo(() => functions.map(({ id, name }) => ({ id, name, unit: '', spoken: name })), [functions]);
  const at = useMemo(
    () => (chosen === null || chosen >= count ? null : { column: null, row: chosen }),
    [chosen, count],
  );

  // A row may be worked only after it was chosen, and its values change with what they rest on.
  const marked = useRef<Readonly<{ of: unknown; mark: Mark | null }> | null>(null);
  useEffect(() => {
    const row = choice === null ? null : rowAt(choice.row);
    if (choice !== null && row === null) return;
    const mark = row === null ? null : markOf(row, functions);
    if (isSame(marked.current?.mark, mark) && marked.current?.of === choice) return;
    marked.current = { of: choice, mark };
    onMark(mark);
  }, [choice, rowAt, functions, onMark]);
  const choose = (index: number): void => {
    if (count === 0) return;
    setChoice({ row: Math.max(0, Math.min(count - 1, index)) });
  };
  const onKey = (event: KeyboardEvent): void => {
    handleStroke('rows', event, {
      up: () => choose((chosen ?? 1) - 1),
      down: () => choose((chosen ?? -1) + 1),
      pageUp: () => choose((chosen ?? 0) - PAGE),
      pageDown: () => choose((chosen ?? 0) + PAGE),
      first: () => choose(0),
      last: () => choose(count - 1),
      leave: () => setChoice(null),
    });
  };

  return (
    <>
      <View flex={1} minHeight={176}>
        <Grid
          name={curveWords.values}
          keys="rows"
          heads={heads}
          rows={count}
          margin={margin}
          cell={cell}
          rowHeight={Math.round(ROW * large)}
          leastWidth={Math.round(LEAST_WIDTH * large)}
          at={at}
          onCell={({ row }) => choose(row)}
          onRow={choose}
          onKey={onKey}
          onSeen={onSeen}
        />
      </View>
      <View aria-live="polite">
        {reasonsOf(chosen === null ? null : rowAt(chosen), functions).map((reason) => (
          <Words key={reason} size="medium" tone="muted" paddingHorizontal="$3">
            {reason}
          </Words>
        ))}
      </View>
    </>
  );
}
