import type { DrawnFunction, TableSettings } from '@/core/notebook/curves';
import { curvesRequest } from '@/state/slices/curves/requests';
import type { ValuesRequest, ValuesRow } from '@/state/slices/curves/requests';
import type { State } from '@/state/slices/state';
import { BATCH, useRows } from '@/state/use-rows';
import type { Rows } from '@/state/use-rows';
import { useRequest } from '@/state/use-task';

const xsOf = (table: TableSettings): ValuesRequest['xs'] =>
  table.by === 'step' ? { from: table.from, step: table.step, to: table.to } : { picked: table.picked };

/** What the table asks the worker for some of its rows. */
export function tableRequest(
  state: State,
  functions: readonly DrawnFunction[],
  rows: ValuesRequest['rows'],
): ValuesRequest {
  const { table } = state.document.curves;
  const others = table.by === 'step' ? [table.from, table.step, table.to] : table.picked;
  return { ...curvesRequest(state, functions, others), xs: xsOf(table), rows };
}

/** The table of the functions, worked as it comes into sight. */
export function useTable(functions: readonly DrawnFunction[]): Rows<ValuesRow> {
  const first = useRequest((state) => tableRequest(state, functions, { from: 0, count: BATCH }));
  return useRows('values', first, {
    request: (rows) => ({ ...first, rows }),
    piece: (_, value) => value,
    start: null,
  });
}
