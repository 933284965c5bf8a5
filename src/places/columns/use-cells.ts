import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { columnsRequest } from '@/state/slices/columns/requests';
import type { CellView } from '@/state/slices/columns/requests';
import { usePieces } from '@/state/use-pieces';
import { isNumeral } from './cell-text';

type Rows = Readonly<{ from: number; to: number }>;

/** What cells that are more than plain digits are worth, worked as they come into sight. */
export function useCells(table: DataTable | null) {
  const shelf = useStore((s) => s.document.shelf);
  const settings = useStore((s) => s.settings);
  const [version, setVersion] = useState(0);
  const known = useRef(new Map<string, CellView>());
  const seen = useRef<Rows>({ from: 0, to: 0 });
  const basis = useMemo(() => ({ shelf, settings }), [shelf, settings]);
  /** The texts in some rows of which it is not known what they are worth. */
  const unknownIn = ({ from, to }: Rows): readonly string[] => {
    const texts = new Set<string>();
    for (const { cells } of table?.columns ?? [])
      for (let row = from; row <= to; row += 1) {
        const text = cells[row] ?? '';
        if (text !== '' && !isNumeral(text) && !known.current.has(text)) texts.add(text);
      }
    return [...texts];
  };
  const asked = useRef<readonly string[]>([]);
  const { ask } = usePieces('cells', basis, {
    request: (rows: Rows) => {
      const texts = unknownIn(rows);
      asked.current = texts;
      return texts.length === 0 ? null : { ...columnsRequest(useStore.getState(), [], texts), texts };
    },
    take: (_, result) => {
      asked.current.forEach((text, i) => {
        const view = result.ok ? result.value[i] : { problem: result.problem };
        if (view !== undefined) known.current.set(text, view);
      });
      setVersion((v) => v + 1);
      ask(seen.current);
    },
  });
  useEffect(() => {
    known.current = new Map();
    ask(seen.current);
  }, [basis, ask]);
  useEffect(() => ask(seen.current), [table, ask]);

  const onSeen = useCallback(
    (from: number, to: number): void => {
      seen.current = { from, to };
      ask(seen.current);
    },
    [ask],
  );
  const viewOf = useCallback((text: string): CellView | null => known.current.get(text) ?? null, []);
  return { viewOf, onSeen, version };
}
