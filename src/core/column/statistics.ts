import type { Proposed } from './classes';

/** What is told of one column, and of a pair of them, in this order. */
export const oneStatistics = ['n', 'sum', 'mean', 's', 'sigma', 'min', 'q1', 'median', 'q3', 'max'] as const;
export const pairStatistics = ['n', 'r', 'meanX', 'meanY', 'sumX', 'sumY', 'sumXX', 'sumYY', 'sumXY'] as const;
export type StatisticId = (typeof oneStatistics)[number] | (typeof pairStatistics)[number];

/** What was proposed for classes, as it is told. */
export type ProposedText = Readonly<{ kind: NonNullable<Proposed>['kind']; width: string; value: string }>;
