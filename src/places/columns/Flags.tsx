import { View } from '@tamagui/core';
import type { DataTable } from '@/core/notebook/columns';
import type { CellError } from '@/state/slices/columns/requests';
import { columnWords, flagSentence, moreFlags } from '@/text/column-labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{
  table: DataTable;
  flags: readonly CellError[];
  hasMore: boolean;
  onCell: (column: string, row: number) => void;
}>;

const MOST_TOLD = 2;

/** The first cells that stand in the way, each with its reason and the way there. */
export function Flags({ table, flags, onCell }: Props) {
  if (flags.length === 0) return null;
  const nameOf = (id: string): string => table.columns.find((c) => c.id === id)?.name ?? '';
  return (
    <View role="status" gap="$1">
      {flags.slice(0, MOST_TOLD).map(({ column, row, problem }) => (
        <View key={`${column} ${row}`} flexDirection="row" alignItems="center" gap="$2">
          <Words tone="accent" size="medium" flex={1}>
            {flagSentence(nameOf(column), row, problemText(problem))}
          </Words>
          <Button isTight onPress={() => onCell(column, row)}>
            {columnWords.toCell}
          </Button>
        </View>
      ))}
      {flags.length > MOST_TOLD ? (
        <Words size="medium" tone="muted">
          {moreFlags(flags.length - MOST_TOLD)}
        </Words>
      ) : null}
    </View>
  );
}
