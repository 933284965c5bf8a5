import { useCallback, useEffect, useRef, useState } from 'react';
import type { DataTable } from '@/core/notebook/columns';
import type { CellView } from '@/state/slices/columns/requests';
import { columnsRequest } from '@/state/slices/columns/requests';
import { useStore } from '@/state/app-store';
import { tasks } from '@/state/tasks';
import { isNumeral } from './cell-text';

/** What cells that are more than plain digits are worth, worked as they come into sight. */
export function useCells(table: DataTable | null) {
  const shelf = useStore((s) => s.document.shelf);
  const settings = useStore((s) => s.settings);
  const [version, setVersion] = useState(0);
  const known = useRef(new Map<string, CellView>());
  const seen = useRef({ from: 0, to: 0 });
  const isBusy = useRef(false);
  const latest = useRef(table);
  useEffect(() => {
    latest.current = table;
  });

  const pump = useCallback(async (): Promise<void> => {
    if (isBusy.current) return;
    isBusy.current = true;
    for (;;) {
      const { from, to } = seen.current;
      const texts = new Set<string>();
      for (const { cells } of latest.current?.columns ?? [])
        for (let row = from; row <= to; row += 1) {
          const text = cells[row] ?? '';
          if (text !== '' && !isNumeral(text) && !known.current.has(text)) texts.add(text);
        }
      if (texts.size === 0) break;
      const asked = [...texts];
      const era = known.current;
      const made = await tasks.run('cells', { ...columnsRequest(useStore.getState(), [], asked), texts: asked });
      if (made === 'superseded') continue;
      asked.forEach((text, i) => {
        const view = made.ok ? made.value[i] : { problem: made.problem };
        if (view !== undefined) era.set(text, view);
      });
      setVersion((v) => v + 1);
    }
    isBusy.current = false;
  }, []);

  useEffect(() => {
    known.current = new Map();
    void pump();
  }, [shelf, settings, pump]);
  useEffect(() => void pump(), [table, pump]);

  const onSeen = useCallback(
    (from: number, to: number): void => {
      seen.current = { from, to };
      void pump();
    },
    [pump],
  );
  const viewOf = useCallback((text: string): CellView | null => known.current.get(text) ?? null, []);
  return { viewOf, onSeen, version };
}
