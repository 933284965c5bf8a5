import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { MOST_ROWS } from '@/core/notebook/columns';
import type { DrawnFunction } from '@/core/notebook/curves';
import { saveFile } from '@/platform/files';
import { useHelp } from '@/places/exam/use-help';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/slices/notice';
import { curveWords } from '@/text/curve-labels';
import { words } from '@/text/labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { useOver } from '@/places/frame/over';
import { PrintedTable } from '@/places/print/printed';
import { columnsOf, csvOf, shownRows } from './table-out';
import { useTable } from './use-table';
import { ValuesTable } from './ValuesTable';
import type { Mark } from './ValuesTable';
import { ValuesTools } from './ValuesTools';
import type { Fold } from './ValuesTools';

type Props = Readonly<{
  functions: readonly DrawnFunction[];
  onMark: (mark: Mark | null) => void;
  fold: Fold;
}>;

/** The table of all visible functions. */
export function ValuesPanel({ functions, onMark, fold }: Props) {
  const table = useTable(functions);
  const router = useRouter();
  /** How much of the columns is made; null while none are. */
  const [share, setShare] = useState<number | null>(null);
  const isStopped = useRef(false);
  // Who leaves the table does not want to be taken elsewhere later on.
  useEffect(
    () => () => {
      isStopped.current = true;
    },
    [],
  );
  const over = useOver();
  const hasColumns = useHelp('columns');
  const make = async (): Promise<void> => {
    const { document, say, putTable } = useStore.getState();
    if (table.count > MOST_ROWS) return say(notice('column-full'));
    isStopped.current = false;
    const columns = await columnsOf(functions, table.count, document.curves, (done) => {
      if (!isStopped.current) setShare(done);
      return !isStopped.current;
    });
    setShare(null);
    if (columns === null) return undefined;
    putTable(functions.map(({ name }) => name).join(', '), columns);
    router.navigate('/columns');
    return undefined;
  };
  return (
    <View flex={1} minHeight={0}>
      <ValuesTools
        onSave={() =>
          void csvOf(functions, table.count).then((text) => {
            if (text !== null) saveFile('values.csv', text, 'text/csv');
          })
        }
        onPrint={() =>
          void shownRows(functions, table.count, useStore.getState().document.curves.table.exact).then((rows) => {
            if (rows === null) return;
            const heads = ['x', ...functions.map(({ name }) => name)];
            over({
              panel: 'print',
              printed: { title: words.printedValues, content: <PrintedTable heads={heads} rows={rows} /> },
            });
          })
        }
        onMake={hasColumns ? () => void make() : null}
        fold={fold}
      />
      {share === null ? null : (
        <View role="status" flexDirection="row" paddingHorizontal="$3">
          <Button
            isTight
            onPress={() => {
              isStopped.current = true;
            }}
          >
            {`${curveWords.making} (${Math.round(100 * share)} %)`}
          </Button>
        </View>
      )}
      {table.problem === null ? null : (
        <Words padding="$3" tone="accent" role="alert">
          {problemText(table.problem)}
        </Words>
      )}
      <ValuesTable functions={functions} table={table} onMark={onMark} />
    </View>
  );
}
