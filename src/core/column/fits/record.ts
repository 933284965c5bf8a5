import type { ShouldContinue } from '../../base/should-continue';
import type { ProblemData } from '../../base/problem';
import type { Result } from '../../base/result';
import type { Tree } from '../../language/tree';
import type { Rational } from '../../number/rational';
import type { RealValue } from '../../number/value';

/** Points to lay a curve through; as many y, and frequencies, as x. */
export type FitPoints = Readonly<{
  x: readonly Rational[];
  y: readonly Rational[];
  frequencies: readonly bigint[] | null;
  /** Of a polynomial. */
  degree: number;
  /** Significant digits that will be asked for. */
  digits: number;
}>;

/** What a model came to, with coefficients `C`. */
export type FoundFit<C extends readonly RealValue[] = readonly RealValue[]> = Readonly<{
  /** In the order of the letters of the formula: of a polynomial from the constant one upwards. */
  coefficients: C;
  /** Correlation coefficient of what a straight line is laid through (logarithms for three models); null for curves, or when y does not vary. */
  r: RealValue | null;
  /** The share of the spread of y (or of its logarithm) that the fit explains; null when y does not vary. */
  r2: RealValue | null;
}>;

type Trees<C> = { readonly [K in keyof C]: Tree };

/**
 * How a model with coefficients `C` is worked. What the screens show of it (its formula, its controls) stands in
 * `fit-models.ts`.
 */
type Model<C extends readonly RealValue[]> = Readonly<{
  /** How many different x it needs, at the least. */
  needs: (degree: number) => number;
  /** The curve of the model that comes nearest to the points, in the sense of least squares. */
  find: (points: FitPoints, shouldContinue: ShouldContinue) => Result<FoundFit<C>, ProblemData>;
  /** The right side of its equation in the letter x, the highest power first. */
  equation: (coefficients: Trees<C>) => Tree;
}>;

export type FitRecord = Model<readonly RealValue[]>;

/** A model as the others see it: whatever its number of coefficients. */
export const defineFit = <const C extends readonly RealValue[]>(model: Model<C>): FitRecord => ({
  ...model,
  equation: (coefficients) => model.equation(coefficients as Trees<C>),
});
