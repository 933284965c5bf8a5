import { View } from '@tamagui/core';
import { useCallback, useMemo } from 'react';
import type { DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { fitRequest } from '@/state/slices/columns/requests';
import type { FitView, Residual } from '@/state/slices/columns/requests';
import { useRows } from '@/state/use-rows';
import { columnWords, rowName } from '@/text/column-labels';
import { EMPTY_CELL, numbersWidth } from '@/ui/grid/cell';
import type { GridCell } from '@/ui/grid/cell';
import { Grid } from '@/ui/grid/Grid';
import { Heading, Words } from '@/ui/theme/text';
import { shownText } from './Statistic';

const ROW = 36;
const LEAST_WIDTH = 84;
/** What is left has more digits than what was measured. */
const WEIGHTS = { x: 1, y: 1, left: 1.95 } as const;
const TALLEST = 320;

const shownOf = ['x', 'y', 'left'] as const;

const pieceOf = ({ from, residuals, count }: FitView) => ({ from, rows: residuals, count });

const heads = shownOf.map((id) => ({
  id,
  name: columnWords[id],
  unit: '',
  spoken: columnWords[id],
  weight: WEIGHTS[id],
}));

/** What the fit leaves of each row, worked as it comes into sight. */
export function Residuals({ table, result }: Readonly<{ table: DataTable; result: FitView }>) {
  const large = useStore((s) => Math.max(1, s.settings.textSize / 125));
  const start = useMemo(() => pieceOf(result), [result]);
  const { row: residualOf, onSeen } = useRows<'fit', Residual>(
    'fit',
    result,
    {
      request: (rows) => fitRequest(useStore.getState(), table, rows),
      piece: (_, value) => (value.result === null ? null : pieceOf(value.result)),
      start,
    },
    'table',
  );
  const cell = useCallback(
    (i: number, index: number): GridCell => {
      const shown = residualOf(index)?.[shownOf[i] ?? 'left'] ?? null;
      if (shown === null) return EMPTY_CELL;
      const text = shownText(shown).replace(/^= /, '');
      return { text, note: '', state: 'plain', spoken: text };
    },
    [residualOf],
  );
  const margin = useMemo(
    () => ({
      name: columnWords.row,
      isNamed: true,
      width: numbersWidth(result.count, large),
      row: (index: number) => {
        const residual = residualOf(index);
        return residual === null
          ? { text: '', spoken: '' }
          : { text: `${residual.row + 1}`, spoken: rowName(residual.row) };
      },
    }),
    [result.count, residualOf, large],
  );
  const rowHeight = Math.round(ROW * large);
  return (
    <View paddingBottom="$4">
      <View padding="$3" paddingBottom="$1">
        <Heading role="heading" aria-level={2}>
          {columnWords.residuals}
        </Heading>
        <Words size="medium" tone="muted">
          {columnWords.residualNote}
        </Words>
      </View>
      <View height={Math.min(TALLEST, (result.count + 1) * rowHeight + 8)}>
        <Grid
          name={columnWords.residuals}
          heads={heads}
          rows={result.count}
          margin={margin}
          cell={cell}
          rowHeight={rowHeight}
          leastWidth={Math.round(LEAST_WIDTH * large)}
          onSeen={onSeen}
        />
      </View>
    </View>
  );
}
