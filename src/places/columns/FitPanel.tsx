import { View } from '@tamagui/core';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { fitModels } from '@/core/column/fit-models';
import { usedColumns } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import type { DrawnFunction } from '@/core/notebook/curves';
import { WithHelp } from '@/places/exam/use-help';
import { useStore } from '@/state/app-store';
import { useRequest, useTask } from '@/state/use-task';
import { fitRequest } from '@/state/slices/columns/requests';
import type { FitView, Prediction } from '@/state/slices/columns/requests';
import { columnWords } from '@/text/column-labels';
import { intervalText } from '@/text/statistic-labels';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { ProblemAlert } from '@/ui/control/ProblemAlert';
import { Field } from '@/ui/kit/Field';
import { WrappedFormula } from '@/ui/formula/WrappedFormula';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { copy } from '@/places/bench/copying';
import { pointsDrawing } from './chart-drawing';
import { Residuals } from './Residuals';
import { CoefficientRows } from './CoefficientRows';
import { CompareSheet } from './CompareSheet';
import { FitAnalysis } from './FitAnalysis';
import { FitChoices } from './FitChoices';
import { FitPicture } from './FitPicture';
import { SeveralFit } from './SeveralFit';
import { NoStatistic, StatisticRow, shownText } from './Statistic';
import type { Told } from './Statistic';
import { CellErrors } from './CellErrors';
import { panelOf } from './panel';
import { useTyped } from './use-typed';

type Props = Readonly<{
  table: DataTable;
  onCell: (column: string, row: number) => void;
  onOpen: (told: Told) => void;
}>;

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
        {basis === 'logarithms' && !table.use.direct ? (
          <Words size="medium" tone="muted">
            {columnWords.byLogs}
          </Words>
        ) : null}
        {basis === 'search' || (basis === 'logarithms' && table.use.direct) ? (
          <Words size="medium" tone="muted">
            {columnWords.searched}
          </Words>
        ) : null}
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          <WithHelp help="curves">
            <Button onPress={toCurves}>{columnWords.toCurves}</Button>
          </WithHelp>
          <Button onPress={() => void copy(`y=${result.full}`)}>{columnWords.copyEquation}</Button>
        </View>
        {result.start === null ? null : (
          <Words size="medium" tone="muted">{`${columnWords.began} ${result.start}`}</Words>
        )}
        {result.level === null ? null : <ProblemAlert problem={result.level.problem} />}
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
        {prediction !== null && 'problem' in prediction ? <ProblemAlert problem={prediction.problem} /> : null}
      </View>
      {prediction !== null && 'y' in prediction ? (
        <View aria-live="polite">
          <StatisticRow name={y?.name ?? columnWords.y} note={y?.unit ?? ''} shown={prediction.y} onOpen={onOpen} />
          <Interval name={columnWords.meanInterval} ends={prediction.mean} />
          <Interval name={columnWords.nextInterval} ends={prediction.next} />
        </View>
      ) : null}
      <Back table={table} result={result} onOpen={onOpen} />
      <View role="group" aria-label={columnWords.coefficients}>
        {result.coefficients.map(({ name, shown }, i) => (
          <CoefficientRows key={name} name={name} shown={shown} error={result.analysis?.errors?.[i]} onOpen={onOpen} />
        ))}
        {result.r === null ? null : <StatisticRow name="r" note="" shown={result.r} onOpen={onOpen} />}
        {result.r2 === null ? null : <StatisticRow name="R²" note="" shown={result.r2} onOpen={onOpen} />}
      </View>
      {result.analysis === null ? null : <FitAnalysis analysis={result.analysis} onOpen={onOpen} />}
    </View>
  );
}

/** From where to where a value lies, at the level that is set. */
function Interval({ name, ends }: Readonly<{ name: string; ends: Prediction['mean'] }>) {
  if (ends === null) return null;
  const [low, high] = ends.map((end) => shownText(end).replace(/^[=≈] /, ''));
  return <NoStatistic name={name} why={intervalText(low ?? '', high ?? '')} />;
}

/** The x at which the fit has a height that is asked for. */
function Back({ table, result, onOpen }: Readonly<{ result: FitView; table: DataTable }> & Pick<Props, 'onOpen'>) {
  const back = useTyped(table.use.back, (text) => useStore.getState().setUse(table.id, { back: text }));
  const { x, y } = usedColumns(table);
  const found = result.back;
  return (
    <View>
      <View padding="$3" gap="$2">
        <Field
          name={columnWords.backAt}
          value={back.text}
          onChange={back.onChange}
          placeholder={y === null ? '' : y.unit}
          isInline
        />
        {found !== null && 'problem' in found ? <ProblemAlert problem={found.problem} /> : null}
        {found !== null && !('problem' in found) && found.length === 0 ? (
          <Words tone="muted" role="status">
            {columnWords.nowhere}
          </Words>
        ) : null}
      </View>
      {found === null || 'problem' in found
        ? null
        : found.map((shown, i) => (
            <StatisticRow key={i} name={x?.name ?? columnWords.x} note={x?.unit ?? ''} shown={shown} onOpen={onOpen} />
          ))}
    </View>
  );
}

type Placed = Pick<FitView, 'marks' | 'view' | 'left'>;

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
      areSame(result.marks.rows, kept.marks.rows) &&
      areSame(result.left.marks.ys, kept.left.marks.ys));
  if (isSame) return kept;
  setKept(result);
  return result;
}

/** A curve of a model laid through two columns, or y by several columns. */
export function FitPanel({ table, onCell, onOpen }: Props) {
  const [isComparing, setComparing] = useState(false);
  return (
    <View>
      <View padding="$3" gap="$2" backgroundColor="$desk" borderBottomWidth={1} borderColor="$rule">
        <FitChoices table={table} onCompare={() => setComparing(true)} />
      </View>
      {table.use.model === 'several' ? (
        <SeveralFit table={table} onCell={onCell} onOpen={onOpen} />
      ) : (
        <CurveFit table={table} onCell={onCell} onOpen={onOpen} />
      )}
      {isComparing ? <CompareSheet table={table} onClose={() => setComparing(false)} /> : null}
    </View>
  );
}

const pictures = ['fit', 'left'] as const;
const pictureNames = { fit: columnWords.fit, left: columnWords.leftOver } as const;

function CurveFit({ table, onCell, onOpen }: Props) {
  const settings = useStore((s) => s.settings);
  const { x, y } = usedColumns(table);
  const [picture, setPicture] = useState<(typeof pictures)[number]>('fit');
  const request = useRequest((state) => fitRequest(state, table, FIRST_ROWS));
  const panel = panelOf(useTask('fit', request));
  const { result } = panel;
  const sign = settings.display.decimalSign;
  const placed = useSamePlaces(result);
  const isLeft = picture === 'left';
  const drawing = useMemo(() => {
    if (placed === null || x === null || y === null) return null;
    const { marks, view } = isLeft ? placed.left : placed;
    const height = isLeft ? { ...y, name: `${columnWords.leftOver}: ${y.name}` } : y;
    return pointsDrawing(x, height, { marks, view, heights: null, proposed: null }, sign);
  }, [x, y, placed, isLeft, sign]);
  const full = result?.full ?? null;
  const functions = useMemo<readonly DrawnFunction[]>(
    () => (full === null || isLeft ? [] : [{ id: 'fit', name: columnWords.fit, text: full, style: 1, on: true }]),
    [full, isLeft],
  );
  return (
    <View>
      <View paddingHorizontal="$3">
        <CellErrors table={table} panel={panel} onCell={onCell} />
      </View>
      {result === null || drawing === null || placed === null ? null : (
        <>
          <FitPicture
            name={table.name}
            drawing={drawing}
            marks={isLeft ? placed.left.marks : result.marks}
            functions={functions}
            equation={result.equation}
          />
          <View padding="$2">
            <Radios
              name={columnWords.pictureOf}
              options={pictures.map((id) => ({ id, name: pictureNames[id] }))}
              chosen={picture}
              onChoose={setPicture}
              isTight
            />
          </View>
          <Found result={result} table={table} onOpen={onOpen} />
          <Residuals table={table} result={result} />
        </>
      )}
    </View>
  );
}
