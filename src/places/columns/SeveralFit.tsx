import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { usedColumns } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { severalRequest } from '@/state/slices/columns/requests';
import { useRequest, useTask } from '@/state/use-task';
import { chartTitles, columnWords } from '@/text/column-labels';
import { Words } from '@/ui/theme/text';
import { CellErrors } from './CellErrors';
import { chartTold, pointsDrawing } from './chart-drawing';
import { ChartPlot } from './ChartPlot';
import { CoefficientRows } from './CoefficientRows';
import { FitAnalysis } from './FitAnalysis';
import { panelOf } from './panel';
import { StatisticRow } from './Statistic';
import type { Told } from './Statistic';

type Props = Readonly<{
  table: DataTable;
  onCell: (column: string, row: number) => void;
  onOpen: (told: Told) => void;
}>;

const nothing = (): void => undefined;

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
  const [mark, setMark] = useState<Readonly<{ index: number; of: unknown }> | null>(null);
  const drawing = useMemo(() => {
    if (result === null || y === null) return null;
    const model = { ...result.left, heights: null, proposed: null };
    const titled = (name: string) => ({ ...y, name: `${name}: ${y.name}` });
    return pointsDrawing(titled(columnWords.fitted), titled(columnWords.leftOver), model, sign);
  }, [result, y, sign]);
  const chosen = mark !== null && mark.of === drawing ? mark.index : null;
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
          <View height={260}>
            <ChartPlot
              name={chartTitles.points}
              told={chartTold('points', drawing)}
              drawing={drawing}
              marks={result.left.marks}
              functions={[]}
              chosen={chosen}
              onChoose={(index) => setMark(index === null ? null : { index, of: drawing })}
              onShown={nothing}
            />
          </View>
          {chosen === null ? null : (
            <Words role="status" paddingHorizontal="$3" tone="answer" strong>
              {drawing.reads(chosen)}
            </Words>
          )}
        </>
      )}
    </View>
  );
}
