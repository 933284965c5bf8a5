import type { DataTable } from '@/core/notebook/columns';
import { columnsRequest } from '@/state/slices/columns/requests';
import type { ColumnPreview } from '@/state/slices/columns/requests';
import { useRequest, useTask } from '@/state/use-task';

/** What is told below the data of a column, and which cells stand in the way; worked anew after each change. */
export function useColumnPreview({ columns }: DataTable, at: string | null): ColumnPreview | null {
  const request = useRequest((state) => ({ ...columnsRequest(state, columns), columns, at }));
  const { value, problem } = useTask('preview', request);
  return problem === null ? value : null;
}
