import type { Proposed } from './classes';

/*
 * What is told of one column, and of a pair of them, in this order. The formula of each, as it stands on paper, names
 * others in braces, so that their values can be put in for them.
 */

const one = {
  n: null,
  sum: null,
  mean: '{sum}/{n}',
  s: '√({deviations}/({n} − 1))',
  sigma: '√({deviations}/{n})',
  min: null,
  q1: null,
  median: null,
  q3: null,
  max: null,
} as const;

const further = {
  sumOfSquares: null,
  deviations: '{sumOfSquares} − ({sum})²/{n}',
  variance: '{deviations}/({n} − 1)',
  populationVariance: '{deviations}/{n}',
  standardError: '{s}/√({n})',
  range: '({max}) − ({min})',
  quartileRange: '({q3}) − ({q1})',
  skewness: null,
  kurtosis: null,
  sampleSkewness: '{skewness}·√({n}·({n} − 1))/({n} − 2)',
  sampleKurtosis: '({n} − 1)/(({n} − 2)·({n} − 3))·(({n} + 1)·({kurtosis}) + 6)',
  geometricMean: null,
  harmonicMean: null,
  weightedMean: null,
  sumOfCubes: null,
} as const;

const pair = {
  n: null,
  r: '({productDeviations})/√({deviationsX}·{deviationsY})',
  meanX: '{sumX}/{n}',
  meanY: '{sumY}/{n}',
  sumX: null,
  sumY: null,
  sumXX: null,
  sumYY: null,
  sumXY: null,
} as const;

const furtherPair = {
  sX: '√({deviationsX}/({n} − 1))',
  sY: '√({deviationsY}/({n} − 1))',
  sigmaX: '√({deviationsX}/{n})',
  sigmaY: '√({deviationsY}/{n})',
  deviationsX: '{sumXX} − ({sumX})²/{n}',
  deviationsY: '{sumYY} − ({sumY})²/{n}',
  productDeviations: '{sumXY} − ({sumX})·({sumY})/{n}',
  covariance: '({productDeviations})/({n} − 1)',
  populationCovariance: '({productDeviations})/{n}',
  spearman: null,
  kendall: null,
} as const;

export type StatisticId = keyof typeof one | keyof typeof further | keyof typeof pair | keyof typeof furtherPair;

const idsOf = <Id extends StatisticId>(of: Readonly<Record<Id, unknown>>): readonly Id[] => Object.keys(of) as Id[];
export const oneStatistics = idsOf(one);
export const pairStatistics = idsOf(pair);
/** What is told besides, when it is asked for. */
export const furtherOne = idsOf(further);
export const furtherOfPair = idsOf(furtherPair);

const formulas: Readonly<Record<StatisticId, string | null>> = { ...one, ...further, ...pair, ...furtherPair };

/** The formula of a statistic, each name in it replaced; null for what is counted or looked up in order. */
export const formulaOf = (id: StatisticId, put: (id: StatisticId) => string): string | null =>
  formulas[id]?.replace(/\{(\w+)\}/g, (_, name: StatisticId) => put(name)) ?? null;

/** What was proposed for classes, as it is told. */
export type ProposedText = Readonly<{ kind: NonNullable<Proposed>['kind']; width: string; value: string }>;
