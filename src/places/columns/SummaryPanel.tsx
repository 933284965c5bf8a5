import { View } from '@tamagui/core';
import { useState } from 'react';
import { usedColumns } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import { percentileRules } from '@/core/column/percentile-rules';
import { quartileRules } from '@/core/column/quartile-rules';
import { useStore } from '@/state/app-store';
import { useRequest, useTask } from '@/state/use-task';
import { summaryRequest } from '@/state/slices/columns/requests';
import type { StatisticView, SummaryView } from '@/state/slices/columns/requests';
import { boundsTitle, columnWords, proposedSentence, quartileNames, quartileNotes } from '@/text/column-labels';
import {
  formulaText,
  groupName,
  percentileName,
  percentileNames,
  percentileNotes,
  rowsText,
  statisticNames,
  statisticNotes,
} from '@/text/statistic-labels';
import { Button } from '@/ui/control/Button';
import { ProblemAlert } from '@/ui/control/ProblemAlert';
import { Choice } from '@/ui/kit/Choice';
import { Field } from '@/ui/kit/Field';
import { Radios } from '@/ui/kit/Radios';
import { Toggle } from '@/ui/kit/Switch';
import { Words } from '@/ui/theme/text';
import { ColumnPicker } from './ColumnPicker';
import { PairPickers } from './PairPickers';
import { RolePicker } from './RolePicker';
import { NoStatistic, StatisticRow, shownText } from './Statistic';
import type { Told } from './Statistic';
import { CellErrors } from './CellErrors';
import { panelOf } from './panel';
import { TableCell } from './TableCell';
import { ClassChoices, ProposedClasses } from './ClassChoices';
import { useTypedList } from './use-typed';

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
      <RolePicker table={table} role="frequencies" beside={[used.one]} />
      {use.classes === 'none' ? <RolePicker table={table} role="by" beside={[used.one, used.frequencies]} /> : null}
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

/** Numbers by their names, each with its formula and the numbers put in. */
function Statistics({
  views,
  all,
  onOpen,
}: Readonly<{ views: readonly StatisticView[]; all: SummaryView }> & Pick<Props, 'onOpen'>) {
  const valueOf = (wanted: StatisticView['id']): string | null => {
    const found = [...all.statistics, ...all.further].find(({ id }) => id === wanted)?.shown ?? null;
    return found === null ? null : shownText(found).replace(/^[=≈] /, '');
  };
  return views.map(({ id, shown }) => (
    <StatisticRow
      key={id}
      name={statisticNames[id]}
      note={notesFor(id)}
      shown={shown}
      formula={formulaText(id, valueOf)}
      onOpen={onOpen}
    />
  ));
}

type FurtherProps = Readonly<{ table: DataTable; result: SummaryView | null }> & Pick<Props, 'onOpen'>;

/** What is told besides the summary, when it is asked for. */
function Further({ table, result, onOpen }: FurtherProps) {
  const { setUse } = useStore.getState();
  const { use, id } = table;
  const isOfOne = use.of === 'one';
  const shares = useTypedList(use.shares, (text) => setUse(id, { shares: text }));
  const percentiles = result?.percentiles ?? [];
  return (
    <View gap="$2" paddingVertical="$3">
      <View paddingHorizontal="$3" gap="$2">
        {isOfOne ? (
          <>
            <Field
              name={columnWords.shares}
              value={shares.text}
              onChange={shares.onChange}
              placeholder={columnWords.sharesHint}
              isInline
            />
            {use.shares === '' || use.classes !== 'none' ? null : (
              <Choice
                title={columnWords.percentileRule}
                options={percentileRules.map((rule) => ({ id: rule, name: percentileNames[rule] }))}
                chosen={use.percentiles}
                onChoose={(rule) => setUse(id, { percentiles: rule })}
                note={percentileNotes[use.percentiles]}
              />
            )}
            {'problem' in percentiles ? <ProblemAlert problem={percentiles.problem} /> : null}
          </>
        ) : null}
      </View>
      {'problem' in percentiles
        ? null
        : percentiles.map(({ share, shown }) => (
            <StatisticRow key={share} name={percentileName(share)} note="" shown={shown} onOpen={onOpen} />
          ))}
      <View paddingHorizontal="$3" gap="$2">
        <Toggle
          title={columnWords.further}
          note={columnWords.furtherNote}
          isOn={use.further}
          onChange={(further) => setUse(id, { further })}
        />
        {use.further && isOfOne ? (
          <>
            <RolePicker table={table} role="weights" beside={[usedColumns(table).one]} />
            <Toggle title={columnWords.cubes} isOn={use.cubes} onChange={(cubes) => setUse(id, { cubes })} />
          </>
        ) : null}
      </View>
      {result === null || !use.further ? null : (
        <View role="group" aria-label={columnWords.further}>
          <Statistics views={result.further} all={result} onOpen={onOpen} />
          {result.of !== 'one' ? null : result.outliers.length === 0 ? (
            <NoStatistic name={columnWords.outlierRows} why={columnWords.noOutliers} />
          ) : (
            result.outliers.map(({ rows, shown }, i) => (
              <StatisticRow
                key={i}
                name={columnWords.outlierRows}
                note={rowsText(rows)}
                shown={shown}
                onOpen={onOpen}
              />
            ))
          )}
        </View>
      )}
    </View>
  );
}

const FIRST = 76;

/** The summaries of groups side by side. */
function GroupTable({ groups }: Readonly<{ groups: SummaryView['groups'] }>) {
  const [first] = groups;
  return (
    <View className="scroll-x" tabIndex={0} role="region" aria-label={columnWords.groups} padding="$3">
      <View role="table" aria-label={columnWords.groups}>
        <View role="row" flexDirection="row">
          <TableCell role="columnheader" text={columnWords.number} first={FIRST} />
          {groups.map(({ name }) => (
            <TableCell key={name} role="columnheader" text={groupName(name)} />
          ))}
        </View>
        {(first?.statistics ?? []).map(({ id }, row) => (
          <View key={id} role="row" flexDirection="row" borderTopWidth={1} borderColor="$rule">
            <TableCell role="rowheader" text={statisticNames[id]} first={FIRST} />
            {groups.map(({ name, statistics }) => {
              const shown = statistics[row]?.shown ?? null;
              return <TableCell key={name} role="cell" text={shown === null ? '' : shownText(shown)} />;
            })}
          </View>
        ))}
      </View>
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
  const [isOpen, setOpen] = useState(use.frequencies !== null || use.classes !== 'none' || use.by !== null);
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
            <RolePicker table={table} role="frequencies" beside={[used.x, used.y]} />
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
          <Statistics views={panel.result.statistics} all={panel.result} onOpen={onOpen} />
          <Modes of={panel.result.of} modes={panel.result.modes} onOpen={onOpen} />
        </View>
      )}
      {panel.result === null || panel.result.groups.length === 0 ? null : <GroupTable groups={panel.result.groups} />}
      <Further table={table} result={panel.result} onOpen={onOpen} />
    </View>
  );
}
