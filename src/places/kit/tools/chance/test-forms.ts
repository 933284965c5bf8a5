import type { TestId, TestNumber } from '@/core/inference/test-names';

/**
 * What a test is entered by. `columns`: how many columns of values, or as many as there are groups, or a table of counts.
 * `canSummary`: numbers that sum up the samples do as well. `numbers`: what else it is told.
 */
export type TestForm = Readonly<{
  columns: 0 | 1 | 2 | 'groups' | 'counts' | 'factors';
  canSummary: boolean;
  numbers: readonly TestNumber[];
}>;

const form = (columns: TestForm['columns'], numbers: readonly TestNumber[] = [], canSummary = false): TestForm => ({
  columns,
  numbers,
  canSummary,
});

export const testForms: Readonly<Record<TestId, TestForm>> = {
  'mean-t': form(1, ['mean0'], true),
  'mean-z': form(1, ['mean0', 'sd'], true),
  'means-welch': form(2, [], true),
  'means-t': form(2, [], true),
  'means-paired': form(2),
  'means-z': form(2, ['sd', 'sd2'], true),
  share: form(0, ['count', 'n', 'share0']),
  shares: form(0, ['count', 'n', 'count2', 'n2']),
  fit: form(2),
  independence: form('counts'),
  variance: form(1, ['variance0'], true),
  variances: form(2, [], true),
  correlation: form(2),
  slope: form(2),
  anova: form('groups'),
  'anova-two-way': form('factors'),
  sign: form(1, ['mean0']),
  wilcoxon: form(1, ['mean0']),
  'mann-whitney': form(2),
  'kruskal-wallis': form('groups'),
  normality: form(1),
};

/** The numbers that sum up each sample. */
export const summaryNumbers = (columns: TestForm['columns']): readonly TestNumber[] =>
  columns === 2 ? ['xn', 'xmean', 'xsd', 'yn', 'ymean', 'ysd'] : ['xn', 'xmean', 'xsd'];

/** How many columns a table of values has at least, and whether there may be more. */
export const leastColumns = (columns: TestForm['columns']): number =>
  columns === 'factors' ? 3 : typeof columns === 'number' ? Math.max(1, columns) : 2;
export const canGrow = (columns: TestForm['columns']): boolean => columns === 'groups' || columns === 'counts';
