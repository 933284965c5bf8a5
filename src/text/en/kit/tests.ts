import type { TestId, TestNumber } from '@/core/inference/test-names';
import type { Doubt, Doubts } from '@/core/inference/doubts';
import type { EffectId, Outcome } from '@/core/inference/test-record';

type SampleCount = Omit<Doubts, 'found'>;

/** Words of tests and intervals, a part of the tool Chance. */
export const testWords = {
  tests: 'Tests and intervals',
  test: 'Test',
  tail: 'What is claimed',
  level: 'level',
  source: 'Values',
  typed: 'written here',
  columns: 'columns',
  summary: 'summary numbers',
  values: 'Values',
  rows: 'Rows',
  width: 'Columns',
  first: 'First column',
  second: 'Second column',
  third: 'Third column',
  labelColumns: 'two columns of labels',
  down: 'Row labels',
  across: 'Column labels',
  groups: 'Groups by',
  choose: 'choose',
  noColumns: 'There are no columns yet. Write values here, or make columns first.',
  results: 'What the test says',
  hypotheses: 'Hypotheses',
  df: 'degrees of freedom',
  p: 'p',
  estimate: 'Estimate',
  low: 'Interval from',
  high: 'Interval to',
  noEnd: 'without end',
  effect: 'Size of the effect',
  against: 'What it is compared with; as far out is shaded',
  assumed: 'What is assumed',
  copy: 'Copy the sentence',
  doubts: 'What the data say of that',
  noDoubt: 'They give no cause for doubt.',
  quantiles: 'Values over the z of their ranks: near a straight line where they are normal',
  approximate: 'The chance is approximate: good for large samples.',
} as const;

/** What stands over the columns of values. */
export const columnHeads = {
  samples: ['x', 'y'],
  fit: ['observed', 'expected'],
  factors: ['value', 'first factor', 'second factor'],
} as const;
export const rowName = (row: number): string => `row ${row + 1}`;

export const testNames: Readonly<Record<TestId, string>> = {
  'mean-t': 'One mean (t)',
  'mean-z': 'One mean, deviation known (z)',
  'means-welch': 'Two means (Welch)',
  'means-t': 'Two means, variances alike (t)',
  'means-paired': 'Two means, in pairs (t)',
  'means-z': 'Two means, deviations known (z)',
  share: 'One share',
  shares: 'Two shares',
  fit: 'Counts against what is expected (χ²)',
  independence: 'Independence in a table (χ²)',
  variance: 'One variance (χ²)',
  variances: 'Two variances (F)',
  correlation: 'Correlation (t)',
  slope: 'Slope of a line (t)',
  anova: 'Analysis of variance, one factor (F)',
  'anova-two-way': 'Analysis of variance, two factors (F)',
  sign: 'Sign test of a median',
  wilcoxon: 'Signed ranks (Wilcoxon)',
  'mann-whitney': 'Ranks of two samples (Mann-Whitney)',
  'kruskal-wallis': 'Ranks of several samples (Kruskal-Wallis)',
  normality: 'Normality (Shapiro-Wilk)',
};

export const numberNames: Readonly<Record<TestNumber, string>> = {
  mean0: 'compared with',
  sd: 'σ',
  sd2: 'σ of the second',
  variance0: 'compared with σ²',
  count: 'count',
  n: 'of n',
  count2: 'second count',
  n2: 'of second n',
  share0: 'compared with',
  xn: 'n',
  xmean: 'mean',
  xsd: 's',
  yn: 'second n',
  ymean: 'second mean',
  ysd: 'second s',
};

type Hypotheses = Readonly<{
  /** What the null hypothesis says, by signs. */
  sign: (numbers: Readonly<Record<string, string>>) => readonly [left: string, right: string] | string;
  /** What is assumed. */
  assumed: string;
}>;

const PLAIN = 'The values are drawn independently of each other';
const NORMAL = `${PLAIN}, from something near to normal; with thirty values or more that matters little.`;

const hypotheses: Readonly<Record<TestId, Hypotheses>> = {
  'mean-t': { sign: ({ mean0 = '' }) => ['μ', mean0], assumed: NORMAL },
  'mean-z': { sign: ({ mean0 = '' }) => ['μ', mean0], assumed: `${NORMAL} σ is known from elsewhere.` },
  'means-welch': { sign: () => ['μ₁', 'μ₂'], assumed: `${NORMAL} The variances may differ.` },
  'means-t': { sign: () => ['μ₁', 'μ₂'], assumed: `${NORMAL} Both have one variance.` },
  'means-paired': { sign: () => ['μ of the differences', '0'], assumed: `Pairs belong together. ${NORMAL}` },
  'means-z': { sign: () => ['μ₁', 'μ₂'], assumed: `${NORMAL} Both σ are known from elsewhere.` },
  share: {
    sign: ({ share0 = '' }) => ['π', share0],
    assumed: 'Trials do not depend on each other; ten or more of either kind are expected.',
  },
  shares: {
    sign: () => ['π₁', 'π₂'],
    assumed: 'Trials do not depend on each other; ten or more of either kind are in each sample.',
  },
  fit: {
    sign: () => 'the counts come in the shares that are expected',
    assumed: 'Each case is counted once; five or more are expected everywhere.',
  },
  independence: {
    sign: () => 'rows and columns do not depend on each other',
    assumed: 'Each case is counted once; five or more are expected in every cell.',
  },
  variance: { sign: ({ variance0 = '' }) => ['σ²', variance0], assumed: `${PLAIN}, from something normal.` },
  variances: { sign: () => ['σ₁²', 'σ₂²'], assumed: `${PLAIN}, from something normal.` },
  correlation: {
    sign: () => ['ρ', '0'],
    assumed: 'Pairs are drawn independently, both from something near to normal.',
  },
  slope: {
    sign: () => ['β', '0'],
    assumed: 'What the line leaves is near to normal, with the same spread all along it.',
  },
  anova: { sign: () => 'all groups have one mean', assumed: `${NORMAL} All groups have one variance.` },
  'anova-two-way': {
    sign: () => 'neither factor, nor both together, makes a difference',
    assumed: `${NORMAL} All cells have one variance. Each factor is measured by what it takes off beside the other; with one value in each cell, both are taken to add up.`,
  },
  sign: { sign: ({ mean0 = '' }) => ['median', mean0], assumed: `${PLAIN}. Nothing is said of their shape.` },
  wilcoxon: {
    sign: ({ mean0 = '' }) => ['median', mean0],
    assumed: `${PLAIN}, from something that lies evenly about its median.`,
  },
  'mann-whitney': {
    sign: () => ['first', 'second'],
    assumed: `${PLAIN}. Both distributions have the same shape; only their location may differ.`,
  },
  'kruskal-wallis': { sign: () => 'no group tends to be larger', assumed: `${PLAIN}.` },
  normality: { sign: () => 'the values come from something normal', assumed: `${PLAIN}.` },
};

const sampleName = (of: number, { samples, isLeft }: SampleCount): string =>
  isLeft ? 'The residuals' : samples < 2 ? 'The values' : `The values of sample ${of + 1}`;
const count = (v: number): string => String(Number(v.toPrecision(10)));
const told = (v: number): string => (v < 0.001 ? 'below 0.001' : String(Number(v.toPrecision(2))));

/** What in the data speaks against what is assumed. */
export function doubtText(doubt: Doubt, samples: SampleCount): string {
  switch (doubt.id) {
    case 'not-normal':
      return `${sampleName(doubt.of, samples)} do not look normal (Shapiro-Wilk, p ${told(doubt.p)}), and there are few of them or the test needs it.`;
    case 'outliers':
      return `${sampleName(doubt.of, samples)} hold ${doubt.count === 1 ? 'an outlier' : `${doubt.count} outliers`}, more than one and a half quartile ranges outside the quartiles.`;
    case 'unlike-variances':
      return `One variance is ${told(doubt.ratio)} times another: Welch’s test, or ranks, would not mind.`;
    case 'few-expected':
      return `${doubt.count === 1 ? 'One expected count is' : `${doubt.count} expected counts are`} below five (the least is ${told(doubt.least)}).`;
    case 'as-shares':
      return `What is expected comes to ${count(doubt.sum)}, and what was observed to ${count(doubt.observed)}: the second column was taken for shares.`;
    case 'few-counted':
      return `One of the outcomes comes only ${told(doubt.least)} times; ten are wanted.`;
  }
}

export const assumedText = (id: TestId): string => hypotheses[id].assumed;

const others = { two: '≠', less: '<', greater: '>' } as const;

/** The null hypothesis and what is claimed against it, in signs where there are any. */
export function hypothesesOf(
  id: TestId,
  tail: keyof typeof others,
  numbers: Readonly<Record<string, string>>,
): readonly [nothing: string, claimed: string] {
  const found = hypotheses[id].sign(numbers);
  if (typeof found === 'string') return [found, 'it is not so'];
  const [left, right] = found;
  return [`${left} = ${right}`, `${left} ${others[tail]} ${right}`];
}

export const hypothesisText = {
  nothing: (said: string): string => `H₀: ${said}`,
  claimed: (said: string): string => `H₁: ${said}`,
};

/** What can be claimed, in signs. */
export const tailNames = (id: TestId): Readonly<Record<keyof typeof others, string>> => {
  const found = hypotheses[id].sign({ mean0: '…', share0: '…', variance0: '…' });
  const [left, right] = typeof found === 'string' ? ['', ''] : found;
  return {
    two: `${left} ≠ ${right}`,
    less: `${left} < ${right}`,
    greater: `${left} > ${right}`,
  };
};

export const effectNames: Readonly<Record<EffectId, string>> = {
  d: 'd, in standard deviations',
  r: 'r',
  w: 'w',
  v: 'V (Cramér)',
  eta2: 'η², the share explained',
  share: 'share',
  ratio: 'ratio',
};

export const outcomeNames: Readonly<Record<NonNullable<Outcome['of']>, string>> = {
  rows: 'first factor',
  columns: 'second factor',
  interaction: 'both together',
};

/** What the chance means at this level, in a sentence to be copied. */
export function verdictText(name: string, told: string, chance: number, left: number, nothing: string): string {
  const share = `${Math.round(left * 1e6) / 1e4}\u00a0%`;
  const said =
    chance < left
      ? `At the ${share} level this speaks against “${nothing}”.`
      : `At the ${share} level this does not speak against “${nothing}”.`;
  return `${name}: ${told}. ${said}`;
}
