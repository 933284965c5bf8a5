import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { separators } from '@/core/column/delimited';
import type { Delimiting } from '@/core/column/delimited';
import type { DataColumn, DataTable } from '@/core/notebook/columns';
import { fitting } from '@/core/notebook/room';
import { useStore } from '@/state/app-store';
import { useRequest, useTask } from '@/state/use-task';
import { requestFor } from '@/state/slices/bench/live';
import type { Delimited } from '@/state/slices/columns/requests';
import { columnWords, leftOut, pasteFound, putAt, separatorNames, titleOf } from '@/text/column-labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Choice } from '@/ui/kit/Choice';
import { Toggle } from '@/ui/kit/Switch';
import { Panel } from '@/ui/kit/Panel';
import { TextArea } from '@/ui/kit/Field';
import { Words } from '@/ui/theme/text';
import { cellText } from './cell-text';

type Props = Readonly<{
  /** What was pasted or read from a file; empty to have it pasted here. */
  source: string;
  table: DataTable | null;
  at: Readonly<{ column: DataColumn; row: number }> | null;
  onDone: () => void;
  onClose: () => void;
}>;

const SEEN_ROWS = 6;
const SEEN_COLUMNS = 30;
/** Longer texts are not put into the field, which would take long to draw; they are taken apart all the same. */
const LONGEST_SHOWN = 20_000;

/** A piece of text taken apart into columns, shown before it is put in. */
function Preview({ found }: Readonly<{ found: Delimited }>) {
  const { decimalSign } = useStore((s) => s.settings.display);
  const rows = found.columns.reduce((most, { cells }) => Math.max(most, cells.length), 0);
  return (
    <div className="preview" tabIndex={0} role="region" aria-label={columnWords.pasteTitle}>
      <table>
        {found.hasHeads ? (
          <thead>
            <tr>
              {found.columns.slice(0, SEEN_COLUMNS).map((column, i) => (
                <th key={i} scope="col">
                  {titleOf(column)}
                </th>
              ))}
            </tr>
          </thead>
        ) : null}
        <tbody>
          {Array.from({ length: Math.min(rows, SEEN_ROWS) }, (_, row) => (
            <tr key={row}>
              {found.columns.slice(0, SEEN_COLUMNS).map(({ cells }, i) => (
                <td key={i}>{cellText(cells[row] ?? '', decimalSign)}</td>
              ))}
            </tr>
          ))}
          {rows > SEEN_ROWS ? (
            <tr>
              {found.columns.slice(0, SEEN_COLUMNS).map((_, i) => (
                <td key={i}>⋮</td>
              ))}
            </tr>
          ) : null}
        </tbody>
      </table>
    </div>
  );
}

/** Values from elsewhere: how they are taken apart, what comes of it, and where it goes. */
export function TakeInSheet({ source, table, at, onDone, onClose }: Props) {
  const [text, setText] = useState(source);
  const [by, setBy] = useState<Delimiting | null>(null);
  const [isTurned, setTurned] = useState<boolean | null>(null);
  const [hasHeads, setHeads] = useState<boolean | null>(null);
  const request = useRequest((state) => ({ ...requestFor('', state), source: text, by, isTurned, hasHeads }));
  const { value, problem } = useTask('delimited', request);
  const found = problem === null ? value : null;

  const rows = found?.columns.reduce((most, { cells }) => Math.max(most, cells.length), 0) ?? 0;
  const isEmpty = found === null || rows === 0;
  const intoTable = useMemo(() => (found === null ? null : fitting(found.columns, null).left), [found]);
  const intoCell = useMemo(() => {
    if (found === null || table === null || at === null) return intoTable;
    const column = Math.max(0, table.columns.indexOf(at.column));
    return fitting(found.columns, { table, column, row: at.row }).left;
  }, [found, table, at, intoTable]);
  const out = intoTable === null || intoCell === null ? null : leftOut(intoTable, intoCell);
  const { putTable, putCells } = useStore.getState();
  const put = (act: (columns: Delimited['columns']) => void) => () => {
    if (found === null) return;
    act(found.columns);
    onDone();
  };
  return (
    <Panel title={columnWords.pasteTitle} onClose={onClose}>
      <TextArea
        aria-label={columnWords.pasteHere}
        placeholder={columnWords.pasteHint}
        value={text.length > LONGEST_SHOWN ? `${text.slice(0, LONGEST_SHOWN)}…` : text}
        readOnly={text.length > LONGEST_SHOWN}
        rows={3}
        autoFocus={source === ''}
        spellCheck={false}
        onChangeText={(typed: string) => {
          setText(typed);
          setBy(null);
          setTurned(null);
          setHeads(null);
        }}
      />
      {problem === null ? null : (
        <Words role="alert" tone="accent">
          {problemText(problem)}
        </Words>
      )}
      {isEmpty ? (
        <Words tone="muted">{columnWords.nothingFound}</Words>
      ) : (
        <>
          <Words role="status" tone={found.strange > 0 ? 'accent' : 'answer'}>
            {pasteFound(found.columns.length, rows, found.strange)}
          </Words>
          {out === null ? null : (
            <Words role="alert" tone="accent">
              {out}
            </Words>
          )}
          <Preview found={found} />
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            {table === null || at === null ? null : (
              <Button isPressed onPress={put((columns) => putCells(table.id, at.column.id, at.row, columns))}>
                {putAt(at.column.name, at.row)}
              </Button>
            )}
            <Button onPress={put((columns) => putTable('', columns))}>{columnWords.intoTable}</Button>
          </View>
          <Choice
            title={columnWords.separator}
            options={separators.map((id) => ({ id, name: separatorNames[id] }))}
            chosen={found.by.separator}
            onChoose={(separator) => setBy({ ...found.by, separator })}
          />
          <Choice
            title={columnWords.decimals}
            options={[
              { id: '.', name: columnWords.decimalPoint },
              { id: ',', name: columnWords.decimalComma },
            ]}
            chosen={found.by.decimalSign}
            onChoose={(decimalSign) => setBy({ ...found.by, decimalSign })}
          />
          <Toggle title={columnWords.turn} isOn={found.isTurned} onChange={setTurned} />
          <Toggle title={columnWords.heads} isOn={found.hasHeads} onChange={setHeads} />
        </>
      )}
    </Panel>
  );
}
