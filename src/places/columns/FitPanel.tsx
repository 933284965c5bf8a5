import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { fitModelNames, fitModels } from '@/core/column/fit-models';
import { FEWEST_DEGREE, MOST_DEGREE, usedColumns } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import type { DrawnFunction } from '@/core/notebook/curves';
import { useStore } from '@/state/app-store';
import { useRequest, useTask } from '@/state/use-task';
import { fitRequest } from '@/state/slices/columns/requests';
import type { FitView } from '@/state/slices/columns/requests';
import { chartTitles, columnWords, modelNames } from '@/text/column-labels';
import { words } from '@/text/labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Stepper } from '@/ui/control/Stepper';
import { WrappedFormula } from '@/ui/formula/WrappedFormula';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { copy } from '@/places/bench/copying';
import { chartTold, pointsDrawing } from './chart-drawing';
import { ChartPlot } from './ChartPlot';
import { FrequencyPicker } from './FrequencyPicker';
import { PairPickers } from './PairPickers';
import { Residuals } from './Residuals';
import { StatisticRow } from './Statistic';
import type { Told } from './Statistic';
import { CellErrors } from './CellErrors';
import { panelOf } from './panel';
import { useTyped } from './use-typed';

type Props = Readonly<{
  table: DataTable;
  onCell: (column: string, row: number) => void;
  onOpen: (told: Told) => void;
}>;

const nothing = (): void => undefined;
const FIRST_ROWS = { from: 0, count: 40 } as const;

/** The equation, what it rests on, and what it comes to at an x. */
function Found({ result, table, onOpen }: Readonly<{ result: FitView; table: DataTable }> & Pick<Props, 'onOpen'>) {
  const display = useStore((s) => s.settings.display);
  const { layOver, setUse } = useStore.getState();
  const router = useRouter();
  const { x, y } = usedColumns(table);
  const { basis } = fitModels[table.use.model];
  const at = useTyped(table.use.at, (text) => setUse(table.id, { at: text }));
  const toCurves = (): void => {
    if (x === null || y === null) return;
    layOver(result.full, { x, y }, result.view);
    router.navigate('/curves');
  };
  // What was read at another x, or at one that cannot be read, does not stand beside this one.
  const isCurrent = result.at === table.use.at && at.isRead;
  const prediction = isCurrent ? result.prediction : null;
  return (
    <View>
      <View padding="$3" gap="$2" backgroundColor="$card" borderBottomWidth={1} borderColor="$rule">
        <View role="group" aria-label={columnWords.equation} className="ink-answer" minHeight={34}>
          <WrappedFormula lead="y =" text={result.equation} shown={display} />
        </View>
        {basis === 'logarithms' ? (
          <Words size="medium" tone="muted">
            {columnWords.byLogs}
          </Words>
        ) : null}
        {basis === 'search' ? (
          <Words size="medium" tone="muted">
            {columnWords.searched}
          </Words>
        ) : null}
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          <Button onPress={toCurves}>{columnWords.toCurves}</Button>
          <Button onPress={() => void copy(`y=${result.full}`)}>{columnWords.copyEquation}</Button>
        </View>
        <Field
          name={columnWords.readAt}
          value={at.text}
          onChange={at.onChange}
          placeholder={x === null ? '' : x.unit}
          isInline
        />
        {isCurrent ? null : (
          <Words tone="muted" role="status">
            {at.isRead ? words.working : columnWords.notReadYet}
          </Words>
        )}
        {prediction !== null && 'problem' in prediction ? (
          <Words tone="accent" role="alert">
            {problemText(prediction.problem)}
          </Words>
        ) : null}
      </View>
      {prediction !== null && 'y' in prediction ? (
        <View aria-live="polite">
          <StatisticRow name={y?.name ?? columnWords.y} note={y?.unit ?? ''} shown={prediction.y} onOpen={onOpen} />
        </View>
      ) : null}
      <View role="group" aria-label={columnWords.coefficients}>
        {result.coefficients.map(({ name, shown }) => (
          <StatisticRow key={name} name={name} note="" shown={shown} onOpen={onOpen} />
        ))}
        {result.r === null ? null : <StatisticRow name="r" note="" shown={result.r} onOpen={onOpen} />}
        {result.r2 === null ? null : <StatisticRow name="R²" note="" shown={result.r2} onOpen={onOpen} />}
      </View>
    </View>
  );
}

type Placed = Pick<FitView, 'marks' | 'view'>;

const areSame = (a: readonly number[], b: readonly number[]): boolean =>
  a.length === b.length && a.every((v, i) => v === b[i]);

/** Where the points lie: the same object while they stay, so that a fit that is only read anew does not move the chart. */
function useSamePlaces(result: Placed | null): Placed | null {
  const [kept, setKept] = useState(result);
  const isSame =
    result === kept ||
    (result !== null &&
      kept !== null &&
      areSame(result.marks.xs, kept.marks.xs) &&
      areSame(result.marks.ys, kept.marks.ys) &&
      areSame(result.marks.rows, kept.marks.rows));
  if (isSame) return kept;
  setKept(result);
  return result;
}

/** A curve of a model laid through two columns. */
export function FitPanel({ table, onCell, onOpen }: Props) {
  const settings = useStore((s) => s.settings);
  const { setUse } = useStore.getState();
  const { use, columns, id } = table;
  const { x, y, frequencies } = usedColumns(table);
  const [mark, setMark] = useState<Readonly<{ index: number; of: unknown }> | null>(null);
  const request = useRequest((state) => fitRequest(state, table, FIRST_ROWS));
  const panel = panelOf(useTask('fit', request));
  const { result } = panel;
  const sign = settings.display.decimalSign;
  const placed = useSamePlaces(result);
  const drawing = useMemo(
    () =>
      placed === null || x === null || y === null
        ? null
        : pointsDrawing(x, y, { marks: placed.marks, view: placed.view, heights: null, proposed: null }, sign),
    [x, y, placed, sign],
  );
  const full = result?.full ?? null;
  const functions = useMemo<readonly DrawnFunction[]>(
    () => (full === null ? [] : [{ id: 'fit', name: columnWords.fit, text: full, style: 1, on: true }]),
    [full],
  );
  const chosen = mark !== null && mark.of === drawing ? mark.index : null;
  const free = columns.filter((c) => c !== frequencies);
  return (
    <View>
      <View padding="$3" gap="$2" backgroundColor="$desk" borderBottomWidth={1} borderColor="$rule">
        <Radios
          name={columnWords.model}
          options={fitModelNames.map((model) => ({ id: model, name: modelNames[model] }))}
          chosen={use.model}
          onChoose={(model) => setUse(id, { model })}
          isTight
          isStrip
        />
        <Words size="medium" tone="muted">{`y = ${fitModels[use.model].formula}`}</Words>
        {fitModels[use.model].hasDegree ? (
          <Stepper
            title={columnWords.degree}
            value={use.degree}
            least={FEWEST_DEGREE}
            most={MOST_DEGREE}
            names={{ fewer: columnWords.fewer, more: columnWords.higher }}
            onChange={(degree) => setUse(id, { degree })}
          />
        ) : null}
        <PairPickers table={table} columns={free} />
        <FrequencyPicker table={table} beside={[x, y]} />
        <CellErrors table={table} panel={panel} onCell={onCell} />
      </View>
      {result === null || drawing === null || placed === null ? null : (
        <>
          <View height={260}>
            <ChartPlot
              name={chartTitles.points}
              told={chartTold('points', drawing, [{ name: columnWords.fit, text: `y = ${result.equation}` }])}
              drawing={drawing}
              marks={placed.marks}
              functions={functions}
              chosen={chosen}
              onChoose={(index) => setMark(index === null ? null : { index, of: drawing })}
              onShown={nothing}
            />
          </View>
          {chosen === null ? null : (
            <Words role="status" paddingHorizontal="$3" tone="answer" strong>
              {drawing.reads(chosen)}
            </Words>
          )}
          <Found result={result} table={table} onOpen={onOpen} />
          <Residuals table={table} result={result} />
        </>
      )}
    </View>
  );
}
