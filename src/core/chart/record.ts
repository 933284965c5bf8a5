import type { ShouldContinue } from '../base/should-continue';
import type { ProblemData } from '../base/problem';
import { fail } from '../base/result';
import type { Result } from '../base/result';
import type { Class, Proposed, WantedClasses } from '../column/classes';
import type { QuartileRule } from '../column/quartile-rules';
import type { ProposedText } from '../column/statistics';
import type { Rational } from '../number/rational';
import type { RealValue } from '../number/value';
import type { BarKind } from './kinds';
import type { ChartModel } from './model';

/** One column by itself: its values with their frequencies, or its classes. */
export type OneData =
  | Readonly<{
      of: 'values';
      values: readonly Rational[];
      counts: readonly bigint[] | null;
      /** The group of each value, where groups are told apart. */
      groups: readonly string[] | null;
    }>
  | Readonly<{ of: 'classes'; classes: readonly Class[]; proposed: Proposed }>;
/** Two columns, with the rows that they come from. */
export type PairData = Readonly<{
  of: 'pair';
  x: readonly Rational[];
  y: readonly Rational[];
  at: readonly number[];
  counts: readonly bigint[] | null;
}>;
/** Labels with the heights over them; without heights, one label from each row. */
export type LabelData = Readonly<{
  of: 'labels';
  labels: readonly string[];
  heights: readonly RealValue[] | null;
  /** The group of each row, where groups are told apart. */
  groups: readonly string[] | null;
}>;

export type ChartData = OneData | PairData | LabelData;

/** What a chart is worked with. */
export type ChartWork = Readonly<{
  /** A number as a place on an axis, and as it is told. */
  size: (v: RealValue) => number;
  text: (v: RealValue) => string;
  proposedText: (proposed: Proposed) => ProposedText | null;
  /** What is set about it, see `ChartOption`. */
  classes: WantedClasses;
  /** Heights tell shares to a unit, so that the areas sum to one; a normal curve is laid over. */
  isDensity: boolean;
  hasNormal: boolean;
  outliers: boolean;
  bars: BarKind;
  quartiles: QuartileRule;
  shouldContinue: ShouldContinue;
}>;

export type Charted = Result<ChartModel, ProblemData>;

/** How a chart is worked from what was read of the columns; `Data` is what its line in `kinds.ts` says it is drawn from. */
export type ChartRecord<Data extends ChartData = ChartData> = Readonly<{
  model: (data: Data, work: ChartWork) => Charted;
}>;

/** A chart as the others see it. */
export const defineChart = <Data extends ChartData>(record: ChartRecord<Data>): ChartRecord => ({
  model: (data, work) => record.model(data as Data, work),
});

export const NO_VALUES: Charted = fail({ code: 'domain', reason: 'no-values' });

/** Bars and outliers beyond so many are not drawn. */
export const MOST_PARTS = 400;
