import { useEffect, useRef, useState } from 'react';
import type { Problem } from '@/core/base/problem';
import type { Result } from '@/core/base/result';
import type { DataTable } from '@/core/notebook/columns';
import type { LookView } from '@/state/columns';
import { useStore } from '@/state/app-store';

type Ask = (
  request: Readonly<{ columns: DataTable['columns']; at: string | null }>,
) => Promise<Result<LookView, Problem> | 'superseded'>;

/** What is told below the data, worked anew a moment after each change. */
export function useLook(table: DataTable, at: string | null, ask: Ask): LookView | null {
  const [look, setLook] = useState<LookView | null>(null);
  const shelf = useStore((s) => s.document.shelf);
  const settings = useStore((s) => s.settings);
  const asking = useRef(ask);
  useEffect(() => {
    asking.current = ask;
  });
  const { columns } = table;
  useEffect(() => {
    let isGone = false;
    void asking.current({ columns, at }).then((made) => {
      if (!isGone && made !== 'superseded') setLook(made.ok ? made.value : null);
    });
    return () => {
      isGone = true;
    };
  }, [columns, at, shelf, settings]);
  return look;
}
