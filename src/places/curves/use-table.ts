import { useCallback, useEffect, useRef, useState } from 'react';
import type { Problem } from '@/core/base/problem';
import type { DrawnFunction, TableSettings } from '@/core/notebook/curves';
import { curvesRequest } from '@/state/slices/curves/requests';
import type { ValuesRequest, ValuesRow } from '@/state/slices/curves/requests';
import type { State } from '@/state/slices/state';
import { usePieces } from '@/state/use-pieces';
import { useRequest } from '@/state/use-task';

/** Rows that are worked at once. */
const BATCH = 60;

export type Table = Readonly<{
  count: number;
  row: (i: number) => ValuesRow | null;
  problem: Problem | null;
  /** Sees to it that rows are worked, the ones in sight first. */
  want: (from: number, to: number) => void;
}>;

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

/** The rows are added to in place, since there may be many. */
type Known = Readonly<{ rows: Map<number, ValuesRow>; count: number; problem: Problem | null }>;

/** The table of the functions, worked in parts as they come into sight. */
export function useTable(functions: readonly DrawnFunction[]): Table {
  const first = useRequest((state) => tableRequest(state, functions, { from: 0, count: BATCH }));
  const [known, setKnown] = useState<Known>(() => ({ rows: new Map(), count: 0, problem: null }));
  const latest = useRef(known);
  useEffect(() => {
    latest.current = known;
  });
  const { ask } = usePieces('values', first, {
    request: (from: number) => ({ ...first, rows: { from, count: BATCH } }),
    take: (from, result) => {
      if (!result.ok) return setKnown({ rows: new Map(), count: 0, problem: result.problem });
      const { count, rows } = result.value;
      return setKnown((before) => {
        rows.forEach((row, i) => before.rows.set(from + i, row));
        return { rows: before.rows, count, problem: null };
      });
    },
  });
  useEffect(() => {
    // Old rows stay in sight until the first new ones are there.
    setKnown((before) => ({ ...before, rows: new Map() }));
    ask(0);
  }, [first, ask]);

  const seen = useRef({ from: 0, to: 0 });
  const want = useCallback(
    (from: number, to: number): void => {
      seen.current = { from, to };
      const { rows, count } = latest.current;
      for (let i = from; i <= Math.min(to, count - 1); i += 1) if (!rows.has(i)) return ask(Math.max(0, i - BATCH / 4));
    },
    [ask],
  );
  // Rows in sight are wished for again when what they rest on has changed.
  useEffect(() => want(seen.current.from, seen.current.to), [known, want]);
  const row = useCallback((i: number): ValuesRow | null => latest.current.rows.get(i) ?? null, []);
  return { count: known.count, row, problem: known.problem, want };
}
