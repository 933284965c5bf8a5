import { View, useMedia } from '@tamagui/core';
import { tableInSight } from '@/state/slices/columns/in-sight';
import { tableShown, tableUsed } from '@/state/slices/columns/resolved';
import { rowsOf } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import { saveFile } from '@/platform/files';
import { chosenText } from '@/places/files/chosen-file';
import { delimitedText } from '@/places/files/delimited-text';
import { useStore } from '@/state/app-store';
import { tasks } from '@/state/tasks';
import { columnsRequest, summaryRequest } from '@/state/slices/columns/requests';
import { columnWords, titleOf } from '@/text/column-labels';
import { statisticNames } from '@/text/statistic-labels';
import { words } from '@/text/labels';
import { shortcutHelp } from '@/text/shortcuts';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Panel } from '@/ui/kit/Panel';
import { KeyboardList } from '@/ui/key/KeyboardList';
import { Words } from '@/ui/theme/text';
import { useOver } from '@/places/frame/over';
import type { Printed } from '@/places/print/PrintedPage';
import { PrintedTable } from '@/places/print/printed';
import { shownText } from './Statistic';
import { cellText } from './cell-text';

type Props = Readonly<{ onClose: () => void; onTakeIn: (source: string) => void }>;

/** The table as text for other programs (RFC 4180): decimals as they are set, a heading from name and unit. */
async function saveTable(own: DataTable, kind: 'csv' | 'tsv'): Promise<void> {
  const state = useStore.getState();
  const table = tableShown(state, own);
  const { decimalSign } = state.settings.display;
  const result = await tasks.run('decimals', { ...columnsRequest(state, table.columns), columns: table.columns });
  if (result === 'superseded' || !result.ok) return;
  // A comma in the numbers leaves none to separate them by.
  const separator = kind === 'tsv' ? '\t' : decimalSign === ',' ? ';' : ',';
  const spelled = (cell: string): string => (/^-?\d/.test(cell) ? cell.replace('.', decimalSign) : cell);
  const rows = Array.from({ length: rowsOf(table) }, (_, i) => result.value.map((cells) => spelled(cells[i] ?? '')));
  const text = delimitedText([table.columns.map(titleOf), ...rows], separator);
  saveFile(`${table.name}.${kind}`, text, kind === 'csv' ? 'text/csv' : 'text/tab-separated-values');
}

/** The table with its summary, for paper. */
async function printed(own: DataTable): Promise<Printed> {
  const state = useStore.getState();
  const table = tableShown(state, own);
  const { decimalSign } = state.settings.display;
  const request = summaryRequest(state, tableUsed(state, own));
  const summed = request === null ? null : await tasks.run('summary', request);
  const statistics =
    summed !== null && summed !== 'superseded' && summed.ok ? (summed.value.result?.statistics ?? []) : [];
  const rows = Array.from({ length: rowsOf(table) }, (_, i) =>
    table.columns.map(({ cells }) => cellText(cells[i] ?? '', decimalSign)),
  );
  const content = (
    <>
      <PrintedTable heads={table.columns.map(titleOf)} rows={rows} />
      {statistics.length === 0 ? null : (
        <>
          <h2>{columnWords.summary}</h2>
          <PrintedTable
            heads={[columnWords.name, columnWords.statisticValue]}
            rows={statistics.flatMap(({ id, shown }) =>
              shown === null ? [] : [[statisticNames[id], shownText(shown)]],
            )}
          />
        </>
      )}
    </>
  );
  return { title: table.name, content };
}

/** All tables: which is in sight, its name, and what goes in and out. */
export function TablesSheet({ onClose, onTakeIn }: Props) {
  const columns = useStore((s) => s.document.columns);
  const { addTable, openTable: show, nameTable, removeTable } = useStore.getState();
  const table = useStore(tableInSight);
  const over = useOver();
  const { wide: isWide } = useMedia();
  const then = (act: () => void) => () => {
    act();
    onClose();
  };
  return (
    <Panel title={columnWords.tables} onClose={onClose}>
      <View gap="$1">
        {columns.tables.map(({ id, name }) => (
          <Button key={id} isWide isPressed={id === table?.id} onPress={then(() => show(id))}>
            {name}
          </Button>
        ))}
        <View flexDirection="row" flexWrap="wrap" gap="$2" paddingTop="$2">
          <Button onPress={then(addTable)}>{columnWords.newTable}</Button>
          <Button
            onPress={() =>
              void chosenText('.csv,.tsv,.txt,text/csv,text/plain,text/tab-separated-values').then((text) => {
                if (text !== null) onTakeIn(text);
              })
            }
          >
            {columnWords.openFile}
          </Button>
        </View>
      </View>
      {table === null ? null : (
        <View gap="$3">
          <Field name={columnWords.tableName} value={table.name} onChange={(name) => nameTable(table.id, name)} />
          {table.columns.length === 0 ? null : (
            <View role="group" aria-label={columnWords.files} gap="$1">
              <Words strong>{columnWords.files}</Words>
              <View flexDirection="row" flexWrap="wrap" gap="$2">
                <Button onPress={() => void saveTable(table, 'csv')}>{columnWords.saveCsv}</Button>
                <Button onPress={() => void saveTable(table, 'tsv')}>{columnWords.saveTsv}</Button>
                <Button
                  onPress={then(() => void printed(table).then((page) => over({ panel: 'print', printed: page })))}
                >
                  {words.print}
                </Button>
              </View>
            </View>
          )}
          <View flexDirection="row">
            <Button onPress={then(() => removeTable(table.id))}>{columnWords.removeTable}</Button>
          </View>
        </View>
      )}
      {isWide ? <KeyboardList help={shortcutHelp('grid')} /> : null}
    </Panel>
  );
}
