import type { DataTable } from '@/core/notebook/columns';
import { ProblemAlert } from '@/ui/control/ProblemAlert';
import { Flags } from './Flags';
import { Slow } from './Slow';
import type { Panel } from './panel';

type Props = Readonly<{
  table: DataTable;
  panel: Panel<unknown>;
  onCell: (column: string, row: number) => void;
}>;

/** Why a panel shows nothing, or not yet. */
export function CellErrors({ table, panel, onCell }: Props) {
  return (
    <>
      <Flags table={table} flags={panel.flags} hasMore={panel.hasMore} onCell={onCell} />
      {panel.problem === null ? null : <ProblemAlert problem={panel.problem} />}
      <Slow isSlow={panel.isSlow} share={panel.share} onStop={panel.stop} />
    </>
  );
}
