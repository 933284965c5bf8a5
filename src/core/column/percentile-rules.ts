/** How a value is found below which a share of all lies: see `percentiles.ts`. */
export const percentileRules = ['reached', 'between', 'beyond'] as const;
export type PercentileRule = (typeof percentileRules)[number];
