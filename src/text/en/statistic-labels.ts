import type { ClassRule } from '@/core/column/class-rules';
import type { FitName } from '@/core/column/fit-models';
import type { PercentileRule } from '@/core/column/percentile-rules';
import { formulaOf } from '@/core/column/statistics';
import type { StatisticId } from '@/core/column/statistics';
import { columnWords, modelNames } from './column-labels';

/* What the numbers of summaries and fits are called. */

export const statisticNames: Readonly<Record<StatisticId, string>> = {
  n: 'n',
  sum: 'sum',
  mean: 'mean',
  s: 's',
  sigma: 'σ',
  min: 'min',
  q1: 'Q1',
  median: 'median',
  q3: 'Q3',
  max: 'max',
  r: 'r',
  meanX: 'mean of x',
  meanY: 'mean of y',
  sumX: 'Σx',
  sumY: 'Σy',
  sumXX: 'Σx²',
  sumYY: 'Σy²',
  sumXY: 'Σxy',
  sumOfSquares: 'Σx²',
  deviations: 'Σ(x − x̄)²',
  variance: 's²',
  populationVariance: 'σ²',
  standardError: 's/√n',
  range: 'range',
  quartileRange: 'Q3 − Q1',
  skewness: 'skewness g₁',
  kurtosis: 'excess kurtosis g₂',
  sampleSkewness: 'skewness G₁',
  sampleKurtosis: 'excess kurtosis G₂',
  geometricMean: 'geometric mean',
  harmonicMean: 'harmonic mean',
  weightedMean: 'weighted mean',
  sumOfCubes: 'Σx³',
  sX: 's of x',
  sY: 's of y',
  sigmaX: 'σ of x',
  sigmaY: 'σ of y',
  deviationsX: 'Σ(x − x̄)²',
  deviationsY: 'Σ(y − ȳ)²',
  productDeviations: 'Σ(x − x̄)(y − ȳ)',
  covariance: 'covariance',
  populationCovariance: 'covariance σ',
  spearman: 'Spearman ρ',
  kendall: 'Kendall τ',
};

/** Statistics whose names are no signs stand in a formula by these. */
const formulaSigns: Readonly<Partial<Record<StatisticId, string>>> = {
  sum: 'Σx',
  skewness: 'g₁',
  kurtosis: 'g₂',
};

/** What a statistic is worked from: its formula, and the same with the numbers put in; null for what is only looked up. */
export function formulaText(id: StatisticId, value: (id: StatisticId) => string | null): FormulaText | null {
  const formula = formulaOf(id, (name) => formulaSigns[name] ?? statisticNames[name]);
  if (formula === null) return null;
  const filled = formulaOf(id, (name) => value(name) ?? statisticNames[name]) ?? '';
  return { formula, filled };
}

export type FormulaText = Readonly<{ formula: string; filled: string }>;

/** What a short name stands for, where it does not say it. */
export const statisticNotes: Readonly<Partial<Record<StatisticId, string>>> = {
  n: 'how many',
  s: 'of a sample, by n − 1',
  sigma: 'of a population, by n',
  r: 'correlation',
  variance: 'of a sample, by n − 1',
  populationVariance: 'of a population, by n',
  standardError: 'of the mean',
  skewness: 'm₃/m₂^(3/2)',
  kurtosis: 'm₄/m₂² − 3',
  sampleSkewness: 'of a sample',
  sampleKurtosis: 'of a sample',
  geometricMean: 'of values above zero',
  harmonicMean: 'of values above zero',
  covariance: 'by n − 1',
  populationCovariance: 'by n',
  spearman: 'of ranks',
  kendall: 'τ-b, of ranks',
};

export const percentileNames: Readonly<Record<PercentileRule, string>> = {
  reached: 'first reached',
  between: 'interpolated',
  beyond: 'by n + 1',
};
export const percentileNotes: Readonly<Record<PercentileRule, string>> = {
  reached: 'The smallest value that at least this share of all do not exceed.',
  between: 'So far of the way from the first value to the last, between neighbours where it falls there.',
  beyond: 'At the place p·(n + 1) in order, between neighbours where it falls there.',
};

export const classRuleNames: Readonly<Record<ClassRule, string>> = {
  root: 'square root',
  sturges: 'Sturges',
  rice: 'Rice',
  scott: 'Scott',
  freedman: 'Freedman–Diaconis',
};
export const classRuleNotes: Readonly<Record<ClassRule, string>> = {
  root: 'About √n classes.',
  sturges: 'About 1 + log₂ n classes.',
  rice: 'About 2·∛n classes.',
  scott: 'About 3.49·s/∛n wide.',
  freedman: 'About 2·(Q3 − Q1)/∛n wide.',
};

/** A percentile as it is called. */
export const percentileName = (share: string): string => `at ${share}`;
/** The rows in which an outlier stands. */
export const rowsText = (rows: readonly number[]): string =>
  `${rows.length === 1 ? 'row' : 'rows'} ${rows
    .slice(0, 8)
    .map((row) => row + 1)
    .join(', ')}${rows.length > 8 ? ' …' : ''}`;
export const groupName = (name: string): string => (name === '' ? columnWords.noGroup : name);

export const varianceNames = { model: 'fit', left: 'left', whole: 'whole' } as const;
export const varianceHeads = ['source', 'Σ of squares', 'df', 'mean', 'F', 'p'] as const;
/** A fit as it is called beside others. */
export const comparedName = (model: FitName, degree: number, direct: boolean): string =>
  `${modelNames[model]}${model === 'polynomial' ? ` ${degree}` : ''}${direct ? `, ${columnWords.directShort}` : ''}`;
export const intervalText = (low: string, high: string): string => `${low} … ${high}`;
