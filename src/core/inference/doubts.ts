import { itemAt } from '../base/item';
import { FEWEST_FOR_W, MOST_FOR_W, shapiroWilk } from './shapiro';
import type { TestId } from './test-names';

/** What in the data themselves speaks against what a test assumes. `of`: which sample, from 0. */
export type Doubt =
  | Readonly<{ id: 'not-normal'; of: number; p: number }>
  | Readonly<{ id: 'outliers'; of: number; count: number }>
  | Readonly<{ id: 'unlike-variances'; ratio: number }>
  | Readonly<{ id: 'few-expected'; count: number; least: number }>
  | Readonly<{ id: 'few-counted'; least: number }>;

/** The data of a test as doubles. */
export type DoubtData = Readonly<{
  samples: readonly (readonly number[])[];
  /** Counts that are expected, where a test compares with such. */
  expected: readonly number[];
  /** How often each of the two outcomes of trials came, or is expected to come. */
  trials: readonly number[];
}>;

/** So many values make up for what is not normal in means; variances are never made up for. */
const MANY = 30;
const UNLIKELY = 0.05;
const FEWEST_EXPECTED = 5;
const FEWEST_COUNTED = 10;
const UNLIKE = 4;

const assumesNormal = new Set<TestId>([
  'mean-t',
  'mean-z',
  'means-welch',
  'means-t',
  'means-paired',
  'means-z',
  'variance',
  'variances',
  'correlation',
  'anova',
]);
const needsNormalAlways = new Set<TestId>(['variance', 'variances']);
const assumesOneVariance = new Set<TestId>(['means-t', 'anova']);

const varianceOf = (values: readonly number[]): number => {
  const mean = values.reduce((sum, v) => sum + v, 0) / values.length;
  return values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (values.length - 1);
};

/** How many values lie more than one and a half quartile ranges outside the quartiles. */
function outliersIn(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (share: number): number => {
    const place = share * (sorted.length - 1);
    const below = Math.floor(place);
    const low = itemAt(sorted, below);
    return low + (place - below) * ((sorted[below + 1] ?? low) - low);
  };
  const [q1, q3] = [at(0.25), at(0.75)];
  const reach = 1.5 * (q3 - q1);
  return values.filter((v) => v < q1 - reach || v > q3 + reach).length;
}

function inSample(test: TestId, values: readonly number[], of: number): readonly Doubt[] {
  if (!assumesNormal.has(test) || values.length < FEWEST_FOR_W || values.length > MOST_FOR_W) return [];
  const isMadeUp = values.length >= MANY && !needsNormalAlways.has(test);
  const found = isMadeUp ? null : shapiroWilk(values);
  const outliers = outliersIn(values);
  return [
    ...(found !== null && found.p < UNLIKELY ? [{ id: 'not-normal', of, p: found.p } as const] : []),
    ...(outliers > 0 ? [{ id: 'outliers', of, count: outliers } as const] : []),
  ];
}

/**
 * What in the data gives cause for doubt about a test; none where nothing does. Sources: the rules of thirty, of four, of
 * five and of ten are common practice, no source; Tukey's rule of one and a half for outliers.
 */
export function doubtsOf(test: TestId, { samples, expected, trials }: DoubtData): readonly Doubt[] {
  const doubts: Doubt[] = samples.flatMap((values, of) => [...inSample(test, values, of)]);
  if (assumesOneVariance.has(test)) {
    const variances = samples.filter((values) => values.length > 1).map(varianceOf);
    const ratio = Math.max(...variances) / Math.min(...variances);
    if (variances.length > 1 && ratio > UNLIKE && Number.isFinite(ratio))
      doubts.push({ id: 'unlike-variances', ratio });
  }
  const few = expected.filter((count) => count < FEWEST_EXPECTED);
  if (few.length > 0) doubts.push({ id: 'few-expected', count: few.length, least: Math.min(...few) });
  const least = Math.min(...trials);
  if (trials.length > 0 && least < FEWEST_COUNTED) doubts.push({ id: 'few-counted', least });
  return doubts;
}
