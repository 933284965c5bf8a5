import type { ProposedText } from '../column/statistics';
import type { ViewRange } from '../curve/view';
import type { BarKind } from './kinds';
import type { HeightKind } from './heights';

/** A box with its whiskers from left to right; outliers are told apart from it. */
export const boxParts = ['low', 'q1', 'median', 'q3', 'high'] as const;
export type BoxPart = (typeof boxParts)[number];

/** A line that is drawn with a chart and tells nothing by itself. */
export type LineBeside = Readonly<{ xs: readonly number[]; ys: readonly number[] }>;

/** Points, each told by the row that it comes from or, where there are texts, by these. */
export type PointMarks = Readonly<{
  kind: 'points';
  xs: readonly number[];
  ys: readonly number[];
  rows: readonly number[];
  isJoined: boolean;
  texts?: readonly string[];
  /** How much each stands for, as a share of the one that stands for most: its area. */
  sizes?: readonly number[];
  line?: LineBeside;
  /** Edges of bands around a curve. */
  bands?: readonly LineBeside[];
}>;

/** A bar over a class, with its bounds and its frequency as they are told. */
export type ClassBar = Readonly<{ from: number; to: number; height: number; low: string; high: string; text: string }>;
export type ClassMarks = Readonly<{ kind: 'classes'; bars: readonly ClassBar[]; line?: LineBeside }>;

/** A box; `name`: the group that it stands for, empty where there is but one. */
export type GroupBox = Readonly<
  { name: string; outliers: readonly number[]; texts: Readonly<Record<BoxPart, string>> } & {
    outlierTexts: readonly string[];
  } & Record<BoxPart, number>
>;
/** Boxes one below the other: the first in the uppermost of as many bands of height one. */
export type BoxMarks = Readonly<{ kind: 'box'; boxes: readonly GroupBox[] }>;

/** A row of a stem-and-leaf display: what its leaves have in common, and each leaf with the value it stands for. */
export type StemRow = Readonly<{ stem: string; leaves: readonly string[]; texts: readonly string[] }>;
/** `unit`: what one step of a leaf is worth. */
export type StemMarks = Readonly<{ kind: 'stem'; rows: readonly StemRow[]; unit: string }>;

/** The heights of one group over the labels. */
export type LabelSeries = Readonly<{ name: string; heights: readonly number[]; texts: readonly string[] }>;

/** Heights over labels, which stand beside each other and for no numbers. */
export type LabelMarks = Readonly<{
  kind: 'labels';
  as: 'bars' | 'line' | 'shares';
  labels: readonly string[];
  heights: readonly number[];
  texts: readonly string[];
  /** Of several groups; `heights` are then their sums. */
  groups?: Readonly<{ kind: BarKind; series: readonly LabelSeries[] }>;
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
export type ChartMarks = PlotMarks | LabelMarks | StemMarks;

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
  | Readonly<{ kind: 'box'; group: string; part: BoxPart; text: string }>
  | Readonly<{ kind: 'outlier'; group: string; text: string }>
  | Readonly<{ kind: 'told'; text: string }>;

const partsOfBox = ({ outliers }: GroupBox): number => boxParts.length + outliers.length;

/** How many parts can be chosen, one after the other. */
export function partCount(marks: ChartMarks): number {
  switch (marks.kind) {
    case 'points':
      return marks.xs.length;
    case 'classes':
      return marks.bars.length;
    case 'box':
      return marks.boxes.reduce((sum, box) => sum + partsOfBox(box), 0);
    case 'labels':
      return marks.labels.length;
    case 'stem':
      return marks.rows.reduce((sum, { leaves }) => sum + leaves.length, 0);
  }
}

/** The part at an index from 0; null beyond the last. */
export function partAt(marks: ChartMarks, index: number): ChartPart | null {
  switch (marks.kind) {
    case 'points': {
      const text = marks.texts?.[index];
      if (text !== undefined) return { kind: 'told', text };
      const row = marks.rows[index];
      return row === undefined ? null : { kind: 'row', row };
    }
    case 'classes': {
      const bar = marks.bars[index];
      return bar === undefined ? null : { kind: 'class', low: bar.low, high: bar.high, text: bar.text };
    }
    case 'box': {
      let at = index;
      for (const box of marks.boxes) {
        const part = boxParts[at];
        if (part !== undefined) return { kind: 'box', group: box.name, part, text: box.texts[part] };
        const text = box.outlierTexts[at - boxParts.length];
        if (text !== undefined) return { kind: 'outlier', group: box.name, text };
        at -= partsOfBox(box);
      }
      return null;
    }
    case 'labels': {
      const [label, text] = [marks.labels[index], marks.texts[index]];
      return label === undefined || text === undefined ? null : { kind: 'label', label, text };
    }
    case 'stem': {
      const text = marks.rows.flatMap(({ texts }) => texts)[index];
      return text === undefined ? null : { kind: 'told', text };
    }
  }
}
