import { useCallback, useEffect, useRef, useState } from 'react';
import type { Problem } from '@/core/base/problem';
import type { DrawnFunction, TableSettings } from '@/core/notebook/curves';
import { useStore } from '@/state/app-store';
import { tasks } from '@/state/tasks';
import { curvesRequest } from '@/state/slices/curves/requests';
import type { ValuesRequest, ValuesRow } from '@/state/slices/curves/requests';

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
export function tableRequest(functions: readonly DrawnFunction[], from: number, count: number): ValuesRequest {
  const state = useStore.getState();
  const { table } = state.document.curves;
  const others = table.by === 'step' ? [table.from, table.step, table.to] : table.picked;
  return { ...curvesRequest(state, functions, others), xs: xsOf(table), rows: { from, count } };
}

/** The rows are added to in place, since there may be many. */
type Known = Readonly<{ rows: Map<number, ValuesRow>; count: number; problem: Problem | null }>;

/** The table of the functions, worked in parts as they come into sight. */
export function useTable(functions: readonly DrawnFunction[]): Table {
  const table = useStore((s) => s.document.curves.table);
  const shelf = useStore((s) => s.document.shelf);
  const settings = useStore((s) => s.settings);
  const [known, setKnown] = useState<Known>(() => ({ rows: new Map(), count: 0, problem: null }));
  const wanted = useRef<number | null>(null);
  const isBusy = useRef(false);
  const era = useRef(0);
  const latest = useRef({ functions, known });
  useEffect(() => {
    latest.current = { functions, known };
  });

  const pump = useCallback(async (): Promise<void> => {
    if (isBusy.current) return;
    isBusy.current = true;
    while (wanted.current !== null) {
      const [from, mine] = [wanted.current, era.current];
      wanted.current = null;
      const made = await tasks.run('values', tableRequest(latest.current.functions, from, BATCH));
      if (mine !== era.current || made === 'superseded') continue;
      if (!made.ok) {
        setKnown({ rows: new Map(), count: 0, problem: made.problem });
        continue;
      }
      const { count, rows } = made.value;
      setKnown((before) => {
        rows.forEach((row, i) => before.rows.set(from + i, row));
        return { rows: before.rows, count, problem: null };
      });
    }
    isBusy.current = false;
  }, []);

  useEffect(() => {
    era.current += 1;
    wanted.current = 0;
    // Old rows stay in sight until the first new ones are there.
    setKnown((before) => ({ ...before, rows: new Map() }));
    void pump();
  }, [functions, table, shelf, settings, pump]);

  const want = useCallback(
    (from: number, to: number): void => {
      const { rows, count } = latest.current.known;
      for (let i = from; i <= Math.min(to, count - 1); i += 1) {
        if (rows.has(i)) continue;
        wanted.current = Math.max(0, i - BATCH / 4);
        void pump();
        return;
      }
    },
    [pump],
  );
  const row = useCallback((i: number): ValuesRow | null => latest.current.known.rows.get(i) ?? null, []);
  return { count: known.count, row, problem: known.problem, want };
}
