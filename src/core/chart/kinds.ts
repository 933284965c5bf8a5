/** What can be set about a chart, or laid over it. */
export type ChartOption = 'classes' | 'outliers' | 'functions' | 'by' | 'bars';

/** How bars of several groups stand: beside each other, on each other, or as shares of a whole. */
export const barKinds = ['beside', 'stacked', 'shares'] as const;
export type BarKind = (typeof barKinds)[number];

/**
 * What a chart is drawn from: `one` column (with frequencies or classes), a `pair` of columns, or `labels` with their
 * heights. A pair whose x holds labels is drawn over these where `overLabels` says so; one that counts takes frequencies.
 */
type Shown = Readonly<{
  of: 'one' | 'pair' | 'labels';
  overLabels?: true;
  counts?: true;
  options: readonly ChartOption[];
}>;

/**
 * The charts of a table, by their names in the notebook and in the order in which they are offered: what the screens
 * need to know of each. How each is worked stands in `charts/`, which only a worker loads.
 */
const kinds = {
  points: { of: 'pair', options: ['functions'] },
  joined: { of: 'pair', overLabels: true, options: ['functions'] },
  bubbles: { of: 'pair', counts: true, options: ['functions'] },
  histogram: { of: 'one', options: ['classes', 'functions'] },
  cumulative: { of: 'one', options: [] },
  box: { of: 'one', options: ['outliers', 'by'] },
  dots: { of: 'one', options: [] },
  stem: { of: 'one', options: [] },
  quantile: { of: 'one', options: [] },
  bars: { of: 'labels', options: ['by', 'bars'] },
  shares: { of: 'labels', options: [] },
} as const satisfies Readonly<Record<string, Shown>>;

export type ChartKind = keyof typeof kinds;
export const chartKinds: Readonly<Record<ChartKind, Shown>> = kinds;
export const chartNames = Object.keys(kinds) as [ChartKind, ...ChartKind[]];
