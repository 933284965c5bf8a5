/**
 * How quartiles are taken. `halves`: medians of the two halves, the middle value left out; `inclusive`: the same with
 * the middle value in both; `interpolated`: between neighbours, at 1 + (n − 1)/4 and 1 + 3(n − 1)/4.
 */
export const quartileRules = ['halves', 'inclusive', 'interpolated'] as const;
export type QuartileRule = (typeof quartileRules)[number];
