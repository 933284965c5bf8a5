import { useMemo } from 'react';
import type { DataColumn } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { pointsRequest } from '@/state/slices/columns/requests';
import { useRequest, useTask } from '@/state/use-task';
import { columnWords, titleOf } from '@/text/column-labels';
import { NO_SHAPES } from '@/ui/plot/shapes';
import type { PlotShapes } from '@/ui/plot/shapes';

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
export function useShownPoints(): Readonly<{ shapes: PlotShapes | null; told: string }> {
  const { columns, on } = useShownColumns();
  const request = useRequest((state) => (columns === null || !on ? null : pointsRequest(state, columns.x, columns.y)));
  const { value, problem } = useTask('chart', request, { lane: 'shownPoints' });
  const made = problem === null ? (value?.made?.points ?? null) : null;
  return useMemo(() => {
    if (made === null || columns === null) return { shapes: null, told: '' };
    const { xs, ys } = made;
    return {
      shapes: { ...NO_SHAPES, points: { xs, ys, isJoined: false } },
      told: `${columnWords.points}: ${titleOf(columns.y)} over ${titleOf(columns.x)}, ${xs.length}`,
    };
  }, [made, columns]);
}
