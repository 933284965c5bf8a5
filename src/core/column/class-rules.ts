/** By which rule the number of classes is proposed: see `classes.ts`. */
export const classRules = ['root', 'sturges', 'rice', 'scott', 'freedman'] as const;
export type ClassRule = (typeof classRules)[number];
