import { View } from '@tamagui/core';
import { useState } from 'react';
import { usedColumns } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import { quartileRules } from '@/core/column/quartile-rules';
import { useStore } from '@/state/app-store';
import { useRequest, useTask } from '@/state/use-task';
import { summaryRequest } from '@/state/slices/columns/requests';
import type { SummaryView } from '@/state/slices/columns/requests';
import {
  boundsTitle,
  columnWords,
  proposedSentence,
  quartileNames,
  quartileNotes,
  statisticNames,
  statisticNotes,
} from '@/text/column-labels';
import { Button } from '@/ui/control/Button';
import { Choice } from '@/ui/kit/Choice';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { ColumnPicker } from './ColumnPicker';
import { FrequencyPicker } from './FrequencyPicker';
import { PairPickers } from './PairPickers';
import { NoStatistic, StatisticRow } from './Statistic';
import type { Told } from './Statistic';
import { CellErrors } from './CellErrors';
import { panelOf } from './panel';
import { ClassChoices, ProposedClasses } from './ClassChoices';

type Props = Readonly<{
  table: DataTable;
  onCell: (column: string, row: number) => void;
  onOpen: (told: Told) => void;
}>;

const notesFor = (id: keyof typeof statisticNames): string => statisticNotes[id] ?? '';

/** What frequencies, classes and quartiles are taken from. */
function OneChoices({ table }: Readonly<{ table: DataTable }>) {
  const { setUse } = useStore.getState();
  const { use, id } = table;
  const used = usedColumns(table);
  return (
    <View gap="$3" paddingVertical="$2">
      <FrequencyPicker table={table} beside={[used.one]} />
      <ClassChoices table={table} />
      {use.classes === 'none' ? (
        <Choice
          title={columnWords.quartiles}
          options={quartileRules.map((rule) => ({ id: rule, name: quartileNames[rule] }))}
          chosen={use.quartiles}
          onChoose={(quartiles) => setUse(id, { quartiles })}
          note={quartileNotes[use.quartiles]}
        />
      ) : null}
    </View>
  );
}

/** The values that occur most often, or the densest classes. */
function Modes({ of, modes, onOpen }: Pick<SummaryView, 'of' | 'modes'> & Pick<Props, 'onOpen'>) {
  if (of === 'pair') return null;
  const name = of === 'classes' ? columnWords.modalClass : columnWords.mode;
  if (modes.length === 0) return <NoStatistic name={name} why={columnWords.noMode} />;
  return (
    <>
      {modes
        .slice(0, 12)
        .flatMap((ends, i) =>
          ends.map((shown, k) => (
            <StatisticRow
              key={`${i} ${k}`}
              name={name}
              note={ends.length === 2 ? (k === 0 ? 'from' : 'to') : ''}
              shown={shown}
              onOpen={onOpen}
            />
          )),
        )}
    </>
  );
}

/** The summary of one column, or of a pair, and what it is taken from. */
export function SummaryPanel({ table, onCell, onOpen }: Props) {
  const { setUse } = useStore.getState();
  const { use, columns, id } = table;
  const used = usedColumns(table);
  const [isOpen, setOpen] = useState(use.frequencies !== null || use.classes !== 'none');
  const request = useRequest((state) => summaryRequest(state, table));
  const panel = panelOf(useTask('summary', request));
  const isPair = use.of === 'pair';
  const free = columns.filter((c) => c !== used.frequencies);
  return (
    <View>
      <View padding="$3" gap="$2" backgroundColor="$card" borderBottomWidth={1} borderColor="$rule">
        <Radios
          name={columnWords.summed}
          options={[
            { id: 'one', name: columnWords.one },
            { id: 'pair', name: columnWords.pair, isDisabled: columns.length < 2 },
          ]}
          chosen={use.of}
          onChoose={(of) => setUse(id, { of })}
        />
        {isPair ? (
          <>
            <PairPickers table={table} columns={free} />
            <FrequencyPicker table={table} beside={[used.x, used.y]} />
          </>
        ) : (
          <>
            <ColumnPicker
              title={boundsTitle(use.classes)}
              columns={free}
              chosen={used.one?.id ?? null}
              onChoose={(one) => setUse(id, { one })}
            />
            <View flexDirection="row">
              <Button isTight isPlain isPressed={isOpen} onPress={() => setOpen(!isOpen)}>
                {columnWords.more}
              </Button>
            </View>
            {isOpen ? <OneChoices table={table} /> : null}
          </>
        )}
        {isPair ? null : <ProposedClasses table={table} />}
        <CellErrors table={table} panel={panel} onCell={onCell} />
        {panel.result?.proposed == null ? null : (
          <Words size="medium" role="status">
            {proposedSentence(panel.result.proposed)}
          </Words>
        )}
      </View>
      {panel.result === null ? null : (
        <View role="group" aria-label={columnWords.summary} aria-live="polite">
          {panel.result.statistics.map(({ id: statistic, shown }) => (
            <StatisticRow
              key={statistic}
              name={statisticNames[statistic]}
              note={notesFor(statistic)}
              shown={shown}
              onOpen={onOpen}
            />
          ))}
          <Modes of={panel.result.of} modes={panel.result.modes} onOpen={onOpen} />
        </View>
      )}
    </View>
  );
}
