import { useMemo } from 'react';
import type { DataColumn, DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { tableUsed } from '@/state/slices/columns/resolved';
import { pointsRequest } from '@/state/slices/columns/requests';
import { useRequest, useTask } from '@/state/use-task';
import { columnWords, titleOf } from '@/text/column-labels';
import type { PointMarks } from '@/core/chart/model';

type PointColumns = Readonly<{ x: DataColumn; y: DataColumn }>;

/** The columns whose points are shown with the curves, as they stand at the moment; null for none. */
export function useShownColumns(): Readonly<{ columns: PointColumns | null; on: boolean }> {
  const shown = useStore((s) => s.document.curves.points);
  const tables = useStore((s) => s.document.columns.tables);
  const rules = useStore((s) => s.rules);
  return useMemo(() => {
    const find = (id: string): DataTable | undefined => tables.find((t) => t.columns.some((c) => c.id === id));
    const column = (id: string): DataColumn | undefined => {
      const table = find(id);
      return table && tableUsed({ rules }, table).columns.find((c) => c.id === id);
    };
    const [x, y] = shown === null ? [] : [column(shown.x), column(shown.y)];
    return { columns: x === undefined || y === undefined ? null : { x, y }, on: shown?.on === true };
  }, [shown, tables, rules]);
}

/** The points of columns that lie under the curves, following what is written there. */
export function useShownPoints(): Readonly<{ points: PointMarks | null; told: string }> {
  const { columns, on } = useShownColumns();
  const request = useRequest((state) => (columns === null || !on ? null : pointsRequest(state, columns.x, columns.y)));
  const { value, problem } = useTask('chart', request, { lane: 'shownPoints' });
  const marks = problem === null ? (value?.result?.marks ?? null) : null;
  return useMemo(() => {
    if (marks?.kind !== 'points' || columns === null) return { points: null, told: '' };
    return {
      points: marks,
      told: `${columnWords.points}: ${titleOf(columns.y)} over ${titleOf(columns.x)}, ${marks.xs.length}`,
    };
  }, [marks, columns]);
}
