/** What can be set about a chart, or laid over it. */
export type ChartOption = 'width' | 'outliers' | 'functions';

/**
 * What a chart is drawn from: `one` column (with frequencies or classes), a `pair` of columns, or `labels` with their
 * heights. A pair whose x holds labels is drawn over these where `overLabels` says so.
 */
type Shown = Readonly<{ of: 'one' | 'pair' | 'labels'; overLabels?: true; options: readonly ChartOption[] }>;

/**
 * The charts of a table, by their names in the notebook and in the order in which they are offered: what the screens
 * need to know of each. How each is worked stands in `charts/`, which only a worker loads.
 */
const kinds = {
  points: { of: 'pair', options: ['functions'] },
  joined: { of: 'pair', overLabels: true, options: ['functions'] },
  histogram: { of: 'one', options: ['width', 'functions'] },
  box: { of: 'one', options: ['outliers'] },
  bars: { of: 'labels', options: [] },
} as const satisfies Readonly<Record<string, Shown>>;

export type ChartKind = keyof typeof kinds;
export const chartKinds: Readonly<Record<ChartKind, Shown>> = kinds;
export const chartNames = Object.keys(kinds) as [ChartKind, ...ChartKind[]];
