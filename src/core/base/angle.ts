export const angleUnits = ['deg', 'rad', 'grad'] as const;
export type AngleUnit = (typeof angleUnits)[number];
