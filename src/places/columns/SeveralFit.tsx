import { View } from '@tamagui/core';
import { useMemo } from 'react';
import { usedColumns } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { severalRequest } from '@/state/slices/columns/requests';
import { useRequest, useTask } from '@/state/use-task';
import { columnWords } from '@/text/column-labels';
import { CellErrors } from './CellErrors';
import { pointsDrawing } from './chart-drawing';
import { CoefficientRows } from './CoefficientRows';
import { FitAnalysis } from './FitAnalysis';
import { FitPicture } from './FitPicture';
import { panelOf } from './panel';
import { StatisticRow } from './Statistic';
import type { Told } from './Statistic';

type Props = Readonly<{
  table: DataTable;
  onCell: (column: string, row: number) => void;
  onOpen: (told: Told) => void;
}>;

const NONE: readonly never[] = [];

/** A column by several others: its coefficients, how sure they are, and what is left over what is fitted. */
export function SeveralFit({ table, onCell, onOpen }: Props) {
  const sign = useStore((s) => s.settings.display.decimalSign);
  const panel = panelOf(
    useTask(
      'several',
      useRequest((state) => severalRequest(state, table)),
    ),
  );
  const { result } = panel;
  const { y } = usedColumns(table);
  const drawing = useMemo(() => {
    if (result === null || y === null) return null;
    const model = { ...result.left, heights: null, proposed: null };
    const titled = (name: string) => ({ ...y, name: `${name}: ${y.name}` });
    return pointsDrawing(titled(columnWords.fitted), titled(columnWords.leftOver), model, sign);
  }, [result, y, sign]);
  return (
    <View>
      <View paddingHorizontal="$3">
        <CellErrors table={table} panel={panel} onCell={onCell} />
      </View>
      {result === null || drawing === null ? null : (
        <>
          <View role="group" aria-label={columnWords.coefficients}>
            {result.coefficients.map(({ name, shown }, i) => (
              <CoefficientRows
                key={name}
                name={name === '' ? columnWords.constant : name}
                shown={shown}
                error={result.analysis.errors?.[i]}
                onOpen={onOpen}
              />
            ))}
            {result.r2 === null ? null : <StatisticRow name="R²" note="" shown={result.r2} onOpen={onOpen} />}
          </View>
          <FitAnalysis analysis={result.analysis} onOpen={onOpen} />
          <FitPicture name={table.name} drawing={drawing} marks={result.left.marks} functions={NONE} equation={null} />
        </>
      )}
    </View>
  );
}
