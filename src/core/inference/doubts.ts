import { itemAt } from '../base/item';
import { looks } from './looked-at';
import type { DoubleData, Look } from './looked-at';
import { FEWEST_FOR_W, MOST_FOR_W, shapiroWilk } from './shapiro';
import type { TestId } from './test-names';

/** What in the data themselves speaks against what a test assumes. `of`: which sample, from 0. */
export type Doubt =
  | Readonly<{ id: 'not-normal'; of: number; p: number }>
  | Readonly<{ id: 'outliers'; of: number; count: number }>
  | Readonly<{ id: 'unlike-variances'; ratio: number }>
  | Readonly<{ id: 'few-expected'; count: number; least: number }>
  | Readonly<{ id: 'few-counted'; least: number }>
  /** What was written as expected comes to another sum than what was observed, and was taken for shares. */
  | Readonly<{ id: 'as-shares'; sum: number; observed: number }>;

/** What was looked at, and what speaks against the test in it; `isLeft`: at what a model leaves, and not at the values. */
export type Doubts = Readonly<{ found: readonly Doubt[]; samples: number; isLeft: boolean }>;

/** So many values make up for what is not normal in means; variances are never made up for. */
const MANY = 30;
const UNLIKELY = 0.05;
const FEWEST_EXPECTED = 5;
const FEWEST_COUNTED = 10;
const UNLIKE = 4;

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

function inSample(normal: Look['normal'], values: readonly number[], of: number): readonly Doubt[] {
  if (normal === undefined || values.length < FEWEST_FOR_W || values.length > MOST_FOR_W) return [];
  const isMadeUp = values.length >= MANY && normal === 'few';
  const found = isMadeUp ? null : shapiroWilk(values);
  const outliers = outliersIn(values);
  return [
    ...(found !== null && found.p < UNLIKELY ? [{ id: 'not-normal', of, p: found.p } as const] : []),
    ...(outliers > 0 ? [{ id: 'outliers', of, count: outliers } as const] : []),
  ];
}

/**
 * What in the data gives cause for doubt about a test; nothing found where nothing does, and null where there is nothing
 * to look at. Sources: the rules of thirty, of four, of five and of ten are common practice, no source; Tukey's rule of
 * one and a half for outliers.
 */
export function doubtsOf(test: TestId, data: DoubleData): Doubts | null {
  const look: Look = looks[test] ?? {};
  const samples = (look.samples?.(data) ?? []).filter((values) => values.length > 0);
  const [expected, trials] = [look.expected?.(data) ?? [], look.trials?.(data) ?? []];
  if (samples.length === 0 && expected.length === 0 && trials.length === 0) return null;
  const found: Doubt[] = samples.flatMap((values, of) => [...inSample(look.normal, values, of)]);
  if (look.hasOneVariance === true) {
    const variances = samples.filter((values) => values.length > 1).map(varianceOf);
    const ratio = Math.max(...variances) / Math.min(...variances);
    if (variances.length > 1 && ratio > UNLIKE && Number.isFinite(ratio)) found.push({ id: 'unlike-variances', ratio });
  }
  const few = expected.filter((count) => count < FEWEST_EXPECTED);
  if (few.length > 0) found.push({ id: 'few-expected', count: few.length, least: Math.min(...few) });
  const least = Math.min(...trials);
  if (trials.length > 0 && least < FEWEST_COUNTED) found.push({ id: 'few-counted', least });
  return { found, samples: samples.length, isLeft: look.isLeft === true };
}
