import type { DistributionGroup, DistributionId } from '@/core/function/chance/distributions';

/** Words of the tool Chance. */
export const chanceWords = {
  name: 'Chance',
  answers:
    'Areas under the normal curve and other distributions, the place of a share; tests and intervals of means, shares, counts.',
  words:
    'random numbers dice die coin cards lottery draw shuffle simulation standard deviation chance probability distribution normal gauss bell curve area tail quantile percentile binomial poisson geometric student t chi squared f test exponential uniform critical value z score density cumulative hypothesis test confidence interval mean share proportion variance anova wilcoxon mann whitney kruskal chi square independence fit p value significance',
  parts: 'What is asked',
  distributions: 'Distributions',
  group: 'Kind of distribution',
  distribution: 'Distribution',
  part: 'The part that is asked for',
  from: 'from',
  to: 'to',
  share: 'share',
  results: 'What it comes to',
  whole: 'The distribution as a whole',
  mean: 'Mean',
  variance: 'Variance',
  deviation: 'Standard deviation',
  mode: 'Mode',
  none: 'It has none.',
  second: 'Laid over it',
  nothing: 'nothing',
  ofSecond: 'of the second',
  picture: 'Picture',
  pictureNote: 'Drag in the picture to move the nearer bound.',
  zScale: 'z',
  table: 'Table',
  showTable: 'Show the table',
  hideTable: 'Hide the table',
  count: 'k',
  at: 'P(X = k)',
  below: 'P(X ≤ k)',
  approximation: 'Normal approximation',
  exact: 'Exact',
  plain: 'Without correction',
  corrected: 'With half a count more at both ends',
  toColumns: 'Make columns',
} as const;

/** The distributions as they are listed. */
export const distributionTitles: Readonly<Record<DistributionId, string>> = {
  binomial: 'Binomial',
  poisson: 'Poisson',
  geometric: 'Geometric',
  negativeBinomial: 'Negative binomial',
  hypergeometric: 'Hypergeometric',
  discreteUniform: 'Whole numbers alike',
  normal: 'Normal',
  uniform: 'Uniform',
  exponential: 'Exponential',
  lognormal: 'Lognormal',
  weibull: 'Weibull',
  gamma: 'Gamma',
  beta: 'Beta',
  t: 't',
  chiSquared: 'χ²',
  F: 'F',
};

export const groupNames: Readonly<Record<DistributionGroup, string>> = {
  counts: 'Counts',
  measurements: 'Measurements',
  tests: 'Tests',
};

/** What each distribution is of, in one line. */
export const distributionNotes: Readonly<Record<DistributionId, string>> = {
  binomial: 'How many of n trials come out, each with probability p.',
  poisson: 'How often something happens that happens so often on average.',
  geometric: 'The trial at which it first comes out, counted from 1.',
  negativeBinomial: 'How many trials fail before the r-th comes out.',
  hypergeometric: 'How many marked ones are among those drawn without return.',
  discreteUniform: 'Each whole number from the first to the last, as likely as the others.',
  normal: 'Measurements that are the sum of many small chances.',
  uniform: 'Anywhere between two numbers, as likely here as there.',
  exponential: 'How long until something happens that does not age.',
  lognormal: 'Its logarithm is normal, with mean mu and deviation sigma.',
  weibull: 'How long until something fails that ages.',
  gamma: 'How long until something has happened shape times.',
  beta: 'A share that is itself uncertain.',
  t: 'A mean measured by its own sample’s deviation.',
  chiSquared: 'A sum of df squared standard normal numbers.',
  F: 'How two variances compare.',
};

const sign = (isOfCounts: boolean): string => (isOfCounts ? '≤' : '<');

/** What each result tells, in signs: P(X < a), P(a ≤ X ≤ b). */
export const partTexts = {
  at: (isOfCounts: boolean, a: string) => (isOfCounts ? `P(X = ${a})` : `f(${a})`),
  below: (isOfCounts: boolean, a: string) => `P(X ${sign(isOfCounts)} ${a})`,
  above: (a: string) => `P(X > ${a})`,
  between: (isOfCounts: boolean, a: string, b: string) => `P(${a} ${sign(isOfCounts)} X ${sign(isOfCounts)} ${b})`,
  inverse: (share: string) => `x with ${share} below`,
  z: (a: string) => `z of ${a}`,
};

const bound = (text: string, none: string): string => (text === '' ? none : text.replaceAll('-', '−'));

/** The picture for those who do not see it. */
export const pictureText = (name: string, from: string, to: string): string =>
  `${name}${from === '' && to === '' ? '' : `, shaded from ${bound(from, 'its lower end')} to ${bound(to, 'its upper end')}`}`;
