import { useMemo } from 'react';
import type { DataColumn } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { pointsRequest } from '@/state/slices/columns/requests';
import { useRequest, useTask } from '@/state/use-task';
import { columnWords, titleOf } from '@/text/column-labels';
import type { PointMarks } from '@/core/chart/model';

type PointColumns = Readonly<{ x: DataColumn; y: DataColumn }>;

/** The columns whose points are shown with the curves, as they stand at the moment; null for none. */
export function useShownColumns(): Readonly<{ columns: PointColumns | null; on: boolean }> {
  const shown = useStore((s) => s.document.curves.points);
  const tables = useStore((s) => s.document.columns.tables);
  return useMemo(() => {
    const find = (id: string): DataColumn | undefined => tables.flatMap((t) => t.columns).find((c) => c.id === id);
    const [x, y] = shown === null ? [] : [find(shown.x), find(shown.y)];
    return { columns: x === undefined || y === undefined ? null : { x, y }, on: shown?.on === true };
  }, [shown, tables]);
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
