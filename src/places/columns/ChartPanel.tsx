import { View, useMedia } from '@tamagui/core';
import { useMemo, useRef, useState } from 'react';
import { barKinds, chartKinds, chartNames } from '@/core/chart/kinds';
import type { ChartOption } from '@/core/chart/kinds';
import { classRules } from '@/core/column/class-rules';
import type { ChartMarks } from '@/core/chart/model';
import { usedColumns } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import type { DrawnFunction } from '@/core/notebook/curves';
import { useStore } from '@/state/app-store';
import { useRequest, useTask } from '@/state/use-task';
import { chartRequest } from '@/state/slices/columns/requests';
import { barKindNames, boundsTitle, chartTitles, columnWords, proposedSentence } from '@/text/column-labels';
import { classRuleNames, classRuleNotes } from '@/text/statistic-labels';
import { shortcutHelp } from '@/text/shortcuts';
import { Button } from '@/ui/control/Button';
import { KeyboardList } from '@/ui/key/KeyboardList';
import { Choice } from '@/ui/kit/Choice';
import { Field } from '@/ui/kit/Field';
import { Toggle } from '@/ui/kit/Switch';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { chartDrawing } from './chart-drawing';
import { RolePicker } from './RolePicker';
import { ShownChart } from './ShownChart';
import type { SavePicture } from './ShownChart';
import { ClassChoices, ProposedClasses } from './ClassChoices';
import { ColumnPicker } from './ColumnPicker';
import { PairPickers } from './PairPickers';
import { CellErrors } from './CellErrors';
import { panelOf } from './panel';
import { useTyped } from './use-typed';
import { WidthField } from './WidthField';

type Props = Readonly<{ table: DataTable; onCell: (column: string, row: number) => void }>;

const isOverLabels = ({ kind }: ChartMarks): boolean => kind === 'labels' || kind === 'stem';

const NO_FUNCTIONS: readonly DrawnFunction[] = [];

/** From which columns the chart is drawn. */
function ChartColumns({ table }: Readonly<{ table: DataTable }>) {
  const { setUse } = useStore.getState();
  const { use, columns, id } = table;
  const used = usedColumns(table);
  const free = columns.filter((c) => c !== used.frequencies);
  const has = (option: ChartOption): boolean => chartKinds[use.chart].options.includes(option);
  if (chartKinds[use.chart].of === 'one')
    return (
      <>
        <ColumnPicker
          title={boundsTitle(use.classes)}
          columns={free}
          chosen={used.one?.id ?? null}
          onChoose={(one) => setUse(id, { one })}
        />
        <RolePicker table={table} role="frequencies" beside={[used.one]} />
        {has('by') && use.classes === 'none' ? (
          <RolePicker table={table} role="by" beside={[used.one, used.frequencies]} />
        ) : null}
        {has('by') ? null : <ClassChoices table={table} />}
        <ProposedClasses table={table} />
      </>
    );
  return (
    <>
      <PairPickers table={table} columns={columns} countsToo={chartKinds[use.chart].of === 'labels'} />
      {chartKinds[use.chart].counts ? <RolePicker table={table} role="frequencies" beside={[used.x, used.y]} /> : null}
      {has('by') ? <RolePicker table={table} role="by" beside={[used.x]} /> : null}
      {has('bars') && used.by !== null ? (
        <Choice
          title={columnWords.barKind}
          options={barKinds.map((kind) => ({ id: kind, name: barKindNames[kind] }))}
          chosen={use.bars}
          onChoose={(bars) => setUse(id, { bars })}
        />
      ) : null}
    </>
  );
}

/** How a histogram makes its classes, and what its heights mean. */
function HistogramChoices({ table }: Readonly<{ table: DataTable }>) {
  const { setUse } = useStore.getState();
  const { use, id } = table;
  const count = useTyped(use.classCount, (text) => setUse(id, { classCount: text }));
  const isProposed = use.width === '' && use.classCount === '';
  return (
    <>
      {use.classes === 'none' ? (
        <>
          <WidthField table={table} />
          {use.width === '' ? (
            <Field
              name={columnWords.classCount}
              value={count.text}
              onChange={count.onChange}
              placeholder={columnWords.widthHint}
              isInline
            />
          ) : null}
          {isProposed ? (
            <Choice
              title={columnWords.classRule}
              options={classRules.map((rule) => ({ id: rule, name: classRuleNames[rule] }))}
              chosen={use.classRule}
              onChoose={(classRule) => setUse(id, { classRule })}
              note={classRuleNotes[use.classRule]}
            />
          ) : null}
        </>
      ) : null}
      <Toggle
        title={columnWords.heightsAsDensity}
        note={columnWords.densityNote}
        isOn={use.density}
        onChange={(density) => setUse(id, { density })}
      />
      <Toggle title={columnWords.normalOver} isOn={use.normal} onChange={(normal) => setUse(id, { normal })} />
    </>
  );
}

/** A chart of the table, what its parts say, and what is laid over it. */
export function ChartPanel({ table, onCell }: Props) {
  const settings = useStore((s) => s.settings);
  const all = useStore((s) => s.document.curves.functions);
  const { setUse } = useStore.getState();
  const { use, id } = table;
  const { options } = chartKinds[use.chart];
  const { wide: isWide } = useMedia();
  const picture = useRef<SavePicture | null>(null);
  const [mark, setMark] = useState<Readonly<{ index: number; of: unknown }> | null>(null);
  const request = useRequest((state) => chartRequest(state, table));
  const panel = panelOf(useTask('chart', request));
  const { result } = panel;
  const sign = settings.display.decimalSign;
  const drawing = useMemo(() => (result === null ? null : chartDrawing(table, result, sign)), [table, result, sign]);
  const functions = useMemo(
    () => (use.functions && options.includes('functions') ? all.filter(({ on }) => on) : NO_FUNCTIONS),
    [use.functions, options, all],
  );
  const chosen = mark !== null && mark.of === result ? mark.index : null;
  const reads = drawing === null ? '' : chosen === null ? columnWords.tapPart : drawing.reads(chosen);
  return (
    <View flex={1} minHeight={0}>
      <View padding={6} backgroundColor="$desk" flexShrink={0}>
        <Radios
          name={columnWords.chartKind}
          options={chartNames.map((kind) => ({ id: kind, name: chartTitles[kind] }))}
          chosen={use.chart}
          onChoose={(chart) => setUse(id, { chart })}
          isTight
          isStrip
        />
      </View>
      {drawing === null ? null : (
        <>
          <ShownChart
            table={table}
            drawing={drawing}
            functions={functions}
            chosen={chosen}
            onChoose={(index) => setMark(index === null ? null : { index, of: result })}
            onPicture={(save) => {
              picture.current = save;
            }}
          />
          <View
            role="status"
            aria-label={columnWords.reads}
            paddingHorizontal="$3"
            paddingVertical="$1"
            backgroundColor="$card"
            borderTopWidth={1}
            borderColor="$rule"
            minHeight={34}
            justifyContent="center"
          >
            <Words
              tone={chosen === null ? 'muted' : 'answer'}
              size={chosen === null ? 'medium' : 'large'}
              strong={chosen !== null}
            >
              {reads}
            </Words>
          </View>
        </>
      )}
      <View
        padding="$3"
        gap="$2"
        borderTopWidth={1}
        borderColor="$rule"
        flexShrink={1}
        className="scroll-y"
        {...(drawing === null ? {} : { maxHeight: '46%' })}
      >
        <CellErrors table={table} panel={panel} onCell={onCell} />
        {result?.proposed == null ? null : <Words size="medium">{proposedSentence(result.proposed)}</Words>}
        <ChartColumns table={table} />
        {options.includes('classes') ? <HistogramChoices table={table} /> : null}
        {options.includes('outliers') ? (
          <Toggle
            title={columnWords.outliers}
            note={columnWords.outliersNote}
            isOn={use.outliers}
            onChange={(outliers) => setUse(id, { outliers })}
          />
        ) : null}
        {!options.includes('functions') || all.length === 0 ? null : (
          <Toggle
            title={columnWords.layOver}
            isOn={use.functions}
            onChange={(isOver) => setUse(id, { functions: isOver })}
          />
        )}
        {drawing === null ? null : (
          <View role="group" aria-label={columnWords.image} flexDirection="row" gap="$2">
            <Button isTight onPress={() => picture.current?.('svg')}>
              {columnWords.saveSvg}
            </Button>
            <Button isTight onPress={() => picture.current?.('png')}>
              {columnWords.savePng}
            </Button>
          </View>
        )}
        {drawing === null || !isWide ? null : (
          <KeyboardList help={shortcutHelp(isOverLabels(drawing.model.marks) ? 'labels' : 'chart')} />
        )}
      </View>
    </View>
  );
}
