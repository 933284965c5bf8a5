import type { Span } from './span';

/** What can be wrong with how a line is written. Each has its sentence in `text/`. */
export type SyntaxReason =
  | 'empty'
  | 'number-as-condition'
  | 'start-values'
  | 'no-letters'
  | 'operand-missing'
  | 'operator-missing'
  | 'unknown-character'
  | 'foreign-word'
  | 'unopened-bracket'
  | 'empty-box'
  | 'two-numbers'
  | 'comma-outside-call'
  | 'separator-outside-call'
  | 'percent-before-operand'
  | 'argument-missing'
  | 'number-badly-formed'
  | 'angle-badly-formed'
  | 'nested-too-deep'
  | 'not-a-letter'
  | 'power-of-function'
  | 'too-long'
  | 'variable-missing'
  | 'comparison-as-number'
  | 'number-as-comparison'
  | 'slot-number'
  | 'cases-form'
  | 'matrix-unclosed'
  | 'entry-is-matrix'
  | 'digit-outside-base'
  | 'base-range'
  | 'base-missing'
  | 'unit-missing'
  | 'unit-badly-formed'
  | 'date-badly-formed'
  | 'year-digits'
  | 'time-badly-formed';

/** Why an argument lies outside a domain. Each has its sentence in `text/`. */
export type DomainReason =
  | 'even-root-of-negative'
  | 'log-of-non-positive'
  | 'log-base'
  | 'pole'
  | 'outside-minus-one-to-one'
  | 'inside-minus-one-to-one'
  | 'not-between-minus-one-and-one'
  | 'below-one'
  | 'negative-factorial'
  | 'whole-numbers-only'
  | 'rational-only'
  | 'negative-base'
  | 'zero-root'
  | 'zero-argument'
  | 'real-only'
  | 'no-order'
  | 'no-derivative'
  | 'infinite'
  | 'bounds'
  | 'places'
  | 'not-whole'
  | 'no-spread'
  | 'frequency'
  | 'no-values'
  | 'step'
  | 'no-curve'
  | 'relation-no-curve'
  | 'missing-value'
  | 'class-order'
  | 'class-overlap'
  | 'class-width'
  | 'class-count'
  | 'weight'
  | 'not-a-share'
  | 'first-above-last'
  | 'rule-circle'
  | 'needs-matrix'
  | 'needs-vector'
  | 'off-now'
  | 'needs-number'
  | 'needs-whole'
  | 'singular'
  | 'zero-vector'
  | 'contradiction'
  | 'many-solutions'
  | 'complex-values'
  | 'not-linear'
  | 'not-an-equation'
  | 'outside-word'
  | 'places-of-bits'
  | 'date-range'
  | 'no-such-date'
  | 'period-whole'
  | 'payment-below-interest'
  | 'no-rate'
  | 'no-term'
  | 'terms-whole'
  | 'grows-without-bound'
  | 'values-needed'
  | 'no-variance'
  | 'on-a-line'
  | 'empty-cell'
  | 'label'
  | 'expected-zero'
  | 'counts-whole'
  | 'all-alike';

/** What a parameter of a distribution must be. */
export type ParameterDemand =
  | 'above-zero'
  | 'from-zero'
  | 'share'
  | 'share-above-zero'
  | 'share-inside'
  | 'share-of-end'
  | 'whole'
  | 'count'
  | 'above-other'
  | 'from-other'
  | 'up-to-other';

/** Rows and columns. */
export type Size = readonly [rows: number, columns: number];

/** What a user can cause, without its sentence: a code with facts. `offers`: texts that could stand at the place instead. */
export type ProblemData =
  | Readonly<{ code: 'syntax'; reason: SyntaxReason; found?: string; base?: number; offers?: readonly string[] }>
  /** `row`: which of the values of a column, counted from 0. `bits`: how many a word has. `interest`: what has to be paid. */
  | Readonly<{ code: 'domain'; reason: DomainReason; fn?: string; row?: number; bits?: number; interest?: string }>
  /** A parameter of a distribution that is not what it must be; `other`: the parameter that it is measured by. */
  | Readonly<{ code: 'parameter'; fn: string; name: string; must: ParameterDemand; other?: string }>
  /** A number that is entered and is not within its bounds. */
  | Readonly<{ code: 'outside-range'; least: number; most: number; isWhole: boolean }>
  | Readonly<{ code: 'divide-by-zero' }>
  | Readonly<{ code: 'too-large' }>
  /** `unit`: it is none that is known, or it may be one of several. `among`: what it would have been a name of. */
  | Readonly<{
      code: 'undefined-name';
      name: string;
      unit?: 'unknown' | 'ambiguous';
      among?: 'distributions' | 'parameters' | 'tests' | 'request';
      offers?: readonly string[];
    }>
  /**
   * `missing`: that many operands are not on the stack. `between`: the sign that sets values beside each other where
   * they come before the function.
   */
  | Readonly<{
      code: 'argument-count';
      fn: string;
      got: number;
      least: number;
      most: number;
      missing?: number;
      between?: string;
    }>
  /** Columns used together that do not fit each other, or the purpose: `needs` values, and how many there are. */
  | Readonly<{
      code: 'dimension';
      reason: 'unequal-lengths' | 'too-few' | 'too-few-values';
      needs: number;
      got: number;
    }>
  /** Matrices whose sizes do not fit each other, or the operation (`fn`, or the sign between them). */
  | Readonly<{ code: 'dimension'; reason: 'sizes'; fn: string; left: Size; right: Size }>
  | Readonly<{ code: 'dimension'; reason: 'not-square' | 'not-in-space' | 'too-many-entries'; fn: string; size: Size }>
  /** A row of a matrix as it was written, counted from 1, that has more or fewer entries than the first. */
  | Readonly<{ code: 'dimension'; reason: 'ragged'; row: number; needs: number; got: number }>
  /** Measures of different kinds, with the base units of each. */
  | Readonly<{ code: 'dimension'; reason: 'unlike-units'; from: string; to: string }>
  /** There is no entry there. */
  | Readonly<{ code: 'dimension'; reason: 'outside'; size: Size; row: string; column: string }>
  | Readonly<{ code: 'not-converged'; reason?: 'diverges' | 'no-fit' }>
  /** `terms`: there are too many of them to be worked one by one. */
  | Readonly<{ code: 'stopped'; reason?: 'terms' }>
  /** A bug of ours, or a part of the program that could not be loaded: said as such. */
  | Readonly<{ code: 'internal'; reason: 'bug' | 'not-loaded' }>;

/** A problem with its place in the typed text. */
export type Problem = ProblemData & Readonly<{ at: Span }>;

export type ProblemCode = ProblemData['code'];

/** Gives a problem its place. */
export const withSpan = (problemData: ProblemData, at: Span): Problem => ({ ...problemData, at });
