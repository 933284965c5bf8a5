import { itemAt } from '@/core/base/item';
import type { ShouldContinue } from '@/core/base/should-continue';
import { chanceValue } from '@/core/chance';
import { adjusted, akaike } from '@/core/column/fit-analysis';
import type { FitRest } from '@/core/column/fit-analysis';
import type { Regression } from '@/core/column/regression';
import { rootOf } from '@/core/column/root-of';
import type { LineBeside } from '@/core/chart/model';
import { add, multiply, negate } from '@/core/number/arithmetic';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { toDouble } from '@/core/number/to-double';
import { fromRational, fromWhole } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import type { ShownValue } from './column-reader';

type Show = (v: RealValue) => ShownValue;

/** One line of the analysis of variance: its sum of squares, degrees of freedom, mean square, F and how likely that is by chance. */
export type VarianceRow = Readonly<{
  of: 'model' | 'left' | 'whole';
  squares: ShownValue;
  df: number;
  mean: ShownValue | null;
  ratio: ShownValue | null;
  p: ShownValue | null;
}>;

export type AnalysisView = Readonly<{
  /** Standard errors in the order of the coefficients. */
  errors: readonly (ShownValue | null)[] | null;
  s: ShownValue | null;
  adjusted: ShownValue | null;
  aic: ShownValue | null;
  variance: readonly VarianceRow[];
}>;

function varianceRows(of: Regression, hasConstant: boolean, shown: Show, shouldContinue: ShouldContinue) {
  const free = of.coefficients.length - (hasConstant ? 1 : 0);
  const model = q.subtract(of.whole, of.left);
  const over = (squares: Rational, df: number): Rational | null => (df > 0 ? q.divide(squares, q.whole(df)) : null);
  const [meanModel, meanLeft] = [over(model, free), over(of.left, of.df)];
  const ratio =
    meanModel === null || meanLeft === null || q.isZero(meanLeft) ? null : fromRational(q.divide(meanModel, meanLeft));
  const p =
    ratio === null
      ? null
      : chanceValue('F', 'above', [ratio], [fromWhole(free), fromWhole(of.df)], 'FAbove', shouldContinue);
  const show = (v: Rational | null): ShownValue | null => v && shown(fromRational(v));
  return [
    {
      of: 'model',
      squares: shown(fromRational(model)),
      df: free,
      mean: show(meanModel),
      ratio: ratio && shown(ratio),
      p: p?.ok === true ? shown(p.value) : null,
    },
    { of: 'left', squares: shown(fromRational(of.left)), df: of.df, mean: show(meanLeft), ratio: null, p: null },
    {
      of: 'whole',
      squares: shown(fromRational(of.whole)),
      df: of.df + free,
      mean: null,
      ratio: null,
      p: null,
    },
  ] as const;
}

/** What is told of a fit besides its coefficients. `n`: how many points there are. */
export function analysisView(
  rest: FitRest,
  regression: Regression | null,
  hasConstant: boolean,
  n: number,
  coefficients: number,
  shown: Show,
  shouldContinue: ShouldContinue,
): AnalysisView {
  const show = (v: RealValue | null): ShownValue | null => v && shown(v);
  const df = n - coefficients;
  return {
    errors: rest.errors?.map(show) ?? null,
    s: show(rest.s),
    adjusted: rest.r2 === null || !hasConstant ? null : show(adjusted(rest.r2, n, df)),
    aic: rest.left === null ? null : show(akaike(rest.left, n, coefficients)),
    variance: regression === null ? [] : varianceRows(regression, hasConstant, shown, shouldContinue),
  };
}

/** How far the mean of y, and the next single y, may lie from a fit at an x, at a level of confidence. */
export type Reach = Readonly<{ mean: RealValue; next: RealValue }>;

/** The share of t within which a level lies, on both sides. */
export function shareOfT(level: RealValue, df: number, shouldContinue: ShouldContinue): RealValue | null {
  if (df <= 0) return null;
  const share = multiply(fromRational({ n: 1n, d: 2n }), add(fromWhole(1), level));
  const found = chanceValue('t', 'inverse', [share], [fromWhole(df)], 'tInverse', shouldContinue);
  return found.ok ? found.value : null;
}

/** The variance of the fitted mean at a row of the design, as a fraction. */
function varianceAt({ inverse, left, df }: Regression, row: readonly Rational[]): Rational {
  const spread = row.reduce(
    (sum, v, i) =>
      row.reduce((part, w, j) => q.add(part, q.multiply(q.multiply(v, w), itemAt(itemAt(inverse, i), j))), sum),
    q.ZERO,
  );
  return q.multiply(spread, q.divide(left, q.whole(df)));
}

/** Domain: a degree of freedom or more. Source: NIST/SEMATECH e-Handbook of Statistical Methods, 4.5.1.1 and 4.5.2.1. */
export function reachAt(of: Regression, row: readonly Rational[], t: RealValue): Reach {
  const variance = varianceAt(of, row);
  const whole = q.add(variance, q.divide(of.left, q.whole(of.df)));
  return { mean: multiply(t, rootOf(variance)), next: multiply(t, rootOf(whole)) };
}

const BAND_POINTS = 60;

/** The bands of the mean and of the next value over a stretch of x, each as its lower and its upper edge. */
export function bandsOver(
  of: Regression,
  powers: readonly number[],
  t: RealValue,
  from: number,
  to: number,
  shouldContinue: ShouldContinue,
): readonly LineBeside[] {
  const size = (v: RealValue): number => toDouble(v, shouldContinue);
  const coefficients = of.coefficients.map((c) => size(fromRational(c)));
  const inverse = of.inverse.map((row) => row.map((v) => size(fromRational(v))));
  const residual = size(fromRational(q.divide(of.left, q.whole(of.df))));
  const factor = size(t);
  const xs = Array.from({ length: BAND_POINTS + 1 }, (_, i) => from + ((to - from) * i) / BAND_POINTS);
  const edges = xs.map((x) => {
    const row = powers.map((k) => x ** k);
    const middle = row.reduce((sum, v, i) => sum + v * (coefficients[i] ?? 0), 0);
    const spread = row.reduce((sum, v, i) => row.reduce((part, w, j) => part + v * w * (inverse[i]?.[j] ?? 0), sum), 0);
    return {
      middle,
      mean: factor * Math.sqrt(Math.max(0, spread * residual)),
      next: factor * Math.sqrt(Math.max(0, spread * residual + residual)),
    };
  });
  return (['mean', 'next'] as const).flatMap((kind) =>
    ([-1, 1] as const).map((sign) => ({ xs, ys: edges.map((edge) => edge.middle + sign * edge[kind]) })),
  );
}

/** From a lower to an upper end around a middle. */
export const around = (middle: RealValue, reach: RealValue): readonly [low: RealValue, high: RealValue] => [
  add(middle, negate(reach)),
  add(middle, reach),
];
