/** What can be drawn at random, in the order in which it is offered. */
export const drawnKinds = ['dice', 'coins', 'cards', 'whole', 'numbers', 'sample', 'distribution'] as const;
export type DrawnKind = (typeof drawnKinds)[number];
