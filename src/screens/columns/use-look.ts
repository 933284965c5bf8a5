import { useEffect, useState } from 'react';
import type { DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { columnWork } from '@/state/column-work';
import { columnsRequest } from '@/state/columns';
import type { ColumnPreview } from '@/state/columns';

/** What is told below the data of a column, and which cells stand in the way; worked anew after each change. */
export function useColumnPreview({ columns }: DataTable, at: string | null): ColumnPreview | null {
  const [look, setLook] = useState<ColumnPreview | null>(null);
  const shelf = useStore((s) => s.document.shelf);
  const settings = useStore((s) => s.settings);
  useEffect(() => {
    let isGone = false;
    void columnWork.look({ ...columnsRequest(useStore.getState(), columns), columns, at }).then((made) => {
      if (!isGone && made !== 'superseded') setLook(made.ok ? made.value : null);
    });
    return () => {
      isGone = true;
    };
  }, [columns, at, shelf, settings]);
  return look;
}
