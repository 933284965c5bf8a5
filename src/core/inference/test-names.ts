/** On which side what is claimed lies. */
export const tails = ['two', 'less', 'greater'] as const;
export type Tail = (typeof tails)[number];

/** Every test, in the order in which they are offered; how each is worked stands in its record. */
export const testIds = [
  'mean-t',
  'mean-z',
  'means-welch',
  'means-t',
  'means-paired',
  'means-z',
  'share',
  'shares',
  'fit',
  'independence',
  'variance',
  'variances',
  'correlation',
  'slope',
  'anova',
  'anova-two-way',
  'sign',
  'wilcoxon',
  'mann-whitney',
  'kruskal-wallis',
  'normality',
] as const;
export type TestId = (typeof testIds)[number];

/** Tests that may look to one side only. */
const bothWays = new Set<TestId>(['fit', 'independence', 'anova', 'anova-two-way', 'kruskal-wallis', 'normality']);
export const hasTail = (id: TestId): boolean => !bothWays.has(id);

/** The numbers that a test is told besides values. */
export const testNumbers = [
  'mean0',
  'sd',
  'sd2',
  'variance0',
  'count',
  'n',
  'count2',
  'n2',
  'share0',
  'xn',
  'xmean',
  'xsd',
  'yn',
  'ymean',
  'ysd',
] as const;
export type TestNumber = (typeof testNumbers)[number];
