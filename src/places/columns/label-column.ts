import { chartKinds } from '@/core/chart/kinds';
import { usedColumns } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';

/** The column whose cells name what the chart stands over, so that they need be no numbers; null where there is none. */
export function labelColumnOf(table: DataTable): string | null {
  const kind = chartKinds[table.use.chart];
  return kind.of === 'labels' || kind.overLabels === true ? (usedColumns(table).x?.id ?? null) : null;
}
