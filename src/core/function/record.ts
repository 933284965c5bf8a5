import type { ShouldContinue } from '../base/should-continue';
import type { AngleUnit } from '../base/angle';
import type { RealResult } from '../number/arithmetic';
import type { Notation } from '../notation/notation';
import type { Bounds } from '../number/interval';
import type { ComplexOutcome } from '../number/complex';
import type { RealExpr } from '../number/real-expr';
import type { ProblemData } from '../base/problem';
import type { Result } from '../base/result';
import type { RealValue, Scalar, Value } from '../number/value';
import type { WordId } from '../radix/word';
import type { ChanceQuestion, DistributionId } from './chance/distributions';

/** A whole number from 0 up to, but not, `below`, each as likely as the others. */
export type Random = (below: bigint) => bigint;

/** What a function may depend on besides its arguments. */
export type FunctionContext = Readonly<{
  angle: AngleUnit;
  /** Complex numbers are on. */
  complex: boolean;
  /** The word whose bits are worked with. */
  word: WordId;
  shouldContinue: ShouldContinue;
  random: Random;
}>;

export const functionTopics = [
  'powers',
  'angles',
  'logs',
  'counting',
  'rounding',
  'calculus',
  'complex',
  'matrices',
  'bits',
  'chance',
  'lists',
  'keeping',
] as const;
export type FunctionTopic = (typeof functionTopics)[number];

/** Run by the tests: `typed` must answer `exact` (typed text), a decimal of that many digits, or the problem. */
export type FunctionExample = Readonly<{
  typed: string;
  angle?: AngleUnit;
  complex?: boolean;
  exact?: string;
  decimal?: string;
  problem?: string;
}>;

type Shared = Readonly<{
  name: string;
  aliases: readonly string[];
  topic: FunctionTopic;
  /** The arguments' names, in order; the last `takes.length − least` may be left out. */
  takes: readonly string[];
  least: number;
  /** Whether the last argument may be given again and again. */
  more: boolean;
  /** Whether the argument, or the answer, is an angle in the unit that is set. */
  angleIn: boolean;
  angleOut: boolean;
  /** Where the real value exists, as a condition on the arguments in typed text (angles in radians); absent: everywhere. */
  domain?: string;
  /** Its values may be columns, by their names: several of them, or one that stands alone. */
  lists?: 'several' | 'alone';
  /** What stands for the last argument when it is left out, in typed text. */
  absent?: string;
  /**
   * The derivative by each argument, in typed text over x and y with angles in radians; null or absent where there is
   * none to give. It divides by zero where the function has a corner or a jump.
   */
  derivative?: readonly (string | null)[];
  /** How its calls stand on paper; absent: its name and its values in brackets. */
  notation?: Notation;
  /** A sign of typed text that stands before its one value, as √ does. */
  prefixSign?: string;
  /** LaTeX has a command of its name; other names are set upright. */
  isLatexCommand?: boolean;
  examples: readonly FunctionExample[];
  /** What was followed for its meaning and branch. */
  source: string;
}>;

/** Functions whose arguments are not just numbers, worked by the evaluator. */
export const binders = ['sum', 'prod', 'integral', 'derivative', 'cases', 'slot'] as const;
export type Binder = (typeof binders)[number];

type Plain = Shared &
  Readonly<{
    binds?: undefined;
    /** The value at real arguments of the right number: exact where it comes out, else a real; or what is wrong. */
    apply: (args: readonly RealValue[], context: FunctionContext) => RealResult;
    /** With complex numbers on: the principal value at arguments that are complex, or that `apply` finds outside its domain. */
    complex?: (args: readonly Scalar[], context: FunctionContext) => ComplexOutcome;
    /** With complex numbers on, `complex` answers for all arguments: the principal value differs on real ones too. */
    complexFirst?: boolean;
    /** Depends on the word that is set. */
    usesWord?: boolean;
    /** Answers otherwise each time it is asked. */
    isChance?: boolean;
    /** Only there while complex numbers are on. */
    complexOnly?: boolean;
    /** The same from the operations of balls, angles in radians: what sums and integrals are worked with. */
    formula?: (...args: readonly RealExpr[]) => RealExpr;
    /** The same in doubles, angles in radians, NaN outside the domain: what curves are drawn with. */
    double?: (...args: readonly number[]) => number;
    /** Bounds of the same over intervals, angles in radians, for what no formula tells: where a curve may have gaps. */
    bounds?: (...args: readonly Bounds[]) => Bounds;
  }>;

type OfMatrices = Shared &
  Readonly<{
    binds: 'matrix';
    /** The value at numbers, vectors and matrices: exact where it comes out; or what is wrong. */
    of: (args: readonly Value[], context: FunctionContext) => Result<Value, ProblemData>;
  }>;

/** A question about a distribution, whose parameters follow what is asked about. */
export type OfChance = Shared &
  Readonly<{
    binds: 'chance';
    distribution: DistributionId;
    question: ChanceQuestion;
    /** What stands for parameters that are left out, all together, in typed text. */
    absents: readonly string[];
  }>;

/**
 * A function, whole: parser, help, search and example tests read this. Its help sentence stands in `text/`, under its
 * name, where a missing one does not compile.
 */
export type FunctionRecord = Plain | OfMatrices | OfChance | (Shared & Readonly<{ binds: Binder }>);

type Optional = 'aliases' | 'least' | 'more' | 'angleIn' | 'angleOut';
type Given<R, N extends string> = Omit<R, Optional> & Partial<Pick<Shared, Optional>> & { name: N };

/** One value for each name; where some may be left out, or more given, the first alone is sure to be there. */
type Args<V, Takes extends readonly string[], Least extends number, More extends boolean> = More extends true
  ? readonly [V, ...V[]]
  : Least extends Takes['length']
    ? Readonly<{ [K in keyof Takes]: V }>
    : readonly [V, ...V[]];

type GivenPlain<N extends string, T extends readonly string[], L extends number, M extends boolean> = Omit<
  Given<Plain, N>,
  'takes' | 'least' | 'more' | 'apply' | 'complex'
> &
  Readonly<{
    takes: T;
    least?: L;
    more?: M;
    apply: (args: Args<RealValue, T, L, M>, context: FunctionContext) => RealResult;
    complex?: (args: Args<Scalar, T, L, M>, context: FunctionContext) => ComplexOutcome;
  }>;

const shared = (takes: readonly string[]) => ({
  aliases: [],
  least: takes.length,
  more: false,
  angleIn: false,
  angleOut: false,
});

/** Fills in what most functions share. The evaluator counts the arguments before it calls, which their types rely on. */
export function defineFunction<
  const N extends string,
  const T extends readonly string[],
  const L extends number = T['length'],
  const M extends boolean = false,
>(given: GivenPlain<N, T, L, M>): Plain & { name: N };
export function defineFunction(given: Given<Plain, string>): Plain {
  return { ...shared(given.takes), ...given };
}

export const defineBinder = <const N extends Binder>(
  given: Given<Shared, N>,
): Shared & Readonly<{ binds: N }> & { name: N } => ({ ...shared(given.takes), binds: given.name, ...given });

/** A function of matrices and vectors. Each answers for itself when it is given a number instead. */
export const defineMatrixFunction = <const N extends string>(
  given: Omit<Given<OfMatrices, N>, 'binds'>,
): OfMatrices & { name: N } => ({ ...shared(given.takes), ...given, binds: 'matrix' });
