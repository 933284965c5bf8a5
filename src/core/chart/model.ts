import type { ProposedText } from '../column/statistics';
import type { ViewRange } from '../curve/view';
import type { HeightKind } from './heights';

/** A box with its whiskers from left to right; outliers are told apart from it. */
export const boxParts = ['low', 'q1', 'median', 'q3', 'high'] as const;
export type BoxPart = (typeof boxParts)[number];

/** Points of two columns, with the rows that they come from. */
export type PointMarks = Readonly<{
  kind: 'points';
  xs: readonly number[];
  ys: readonly number[];
  rows: readonly number[];
  isJoined: boolean;
}>;

/** A bar over a class, with its bounds and its frequency as they are told. */
export type ClassBar = Readonly<{ from: number; to: number; height: number; low: string; high: string; text: string }>;
export type ClassMarks = Readonly<{ kind: 'classes'; bars: readonly ClassBar[] }>;

export type BoxMarks = Readonly<
  { kind: 'box'; outliers: readonly number[]; texts: Readonly<Record<BoxPart, string>> } & {
    outlierTexts: readonly string[];
  } & Record<BoxPart, number>
>;

/** Heights over labels, which stand beside each other and for no numbers. */
export type LabelMarks = Readonly<{
  kind: 'labels';
  as: 'bars' | 'line';
  labels: readonly string[];
  heights: readonly number[];
  texts: readonly string[];
}>;

/**
 * How a chance is spread: a curve of density, or bars over counts; the part from `from` to `to` is shaded. Null: on to
 * the end.
 */
export type ShareMarks = Readonly<{
  kind: 'share';
  xs: readonly number[];
  ys: readonly number[];
  isOfCounts: boolean;
  from: number | null;
  to: number | null;
  /** What lies outside the bounds is shaded instead. */
  isOutside?: boolean;
}>;

/** What is drawn on axes of numbers. */
export type PlotMarks = PointMarks | ClassMarks | BoxMarks;
/** What a plot can draw, of columns or of chance. */
export type DrawnMarks = PlotMarks | ShareMarks;
export type ChartMarks = PlotMarks | LabelMarks;

/** What a chart shows, in the units of its axes, with the texts that its parts tell. */
export type ChartModel = Readonly<{
  marks: ChartMarks;
  view: ViewRange;
  /** What the height of a bar means, where it is not a column's own value. */
  heights: HeightKind | null;
  proposed: ProposedText | null;
}>;

/** A part of a chart that can be chosen, and what it stands for. */
export type ChartPart =
  | Readonly<{ kind: 'row'; row: number }>
  | Readonly<{ kind: 'class'; low: string; high: string; text: string }>
  | Readonly<{ kind: 'label'; label: string; text: string }>
  | Readonly<{ kind: 'box'; part: BoxPart; text: string }>
  | Readonly<{ kind: 'outlier'; text: string }>;

/** How many parts can be chosen, one after the other. */
export function partCount(marks: ChartMarks): number {
  switch (marks.kind) {
    case 'points':
      return marks.xs.length;
    case 'classes':
      return marks.bars.length;
    case 'box':
      return boxParts.length + marks.outliers.length;
    case 'labels':
      return marks.labels.length;
  }
}

/** The part at an index from 0; null beyond the last. */
export function partAt(marks: ChartMarks, index: number): ChartPart | null {
  switch (marks.kind) {
    case 'points': {
      const row = marks.rows[index];
      return row === undefined ? null : { kind: 'row', row };
    }
    case 'classes': {
      const bar = marks.bars[index];
      return bar === undefined ? null : { kind: 'class', low: bar.low, high: bar.high, text: bar.text };
    }
    case 'box': {
      const part = boxParts[index];
      if (part !== undefined) return { kind: 'box', part, text: marks.texts[part] };
      const text = marks.outlierTexts[index - boxParts.length];
      return text === undefined ? null : { kind: 'outlier', text };
    }
    case 'labels': {
      const [label, text] = [marks.labels[index], marks.texts[index]];
      return label === undefined || text === undefined ? null : { kind: 'label', label, text };
    }
  }
}
