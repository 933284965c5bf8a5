/** The charts of a table. `of`: what each is drawn from; `one` column (with frequencies or classes) or a `pair`. */
export const chartKinds = {
  points: { of: 'pair' },
  joined: { of: 'pair' },
  histogram: { of: 'one' },
  box: { of: 'one' },
  bars: { of: 'pair' },
} as const;
export type ChartKind = keyof typeof chartKinds;
export const chartNames = Object.keys(chartKinds) as [ChartKind, ...ChartKind[]];
