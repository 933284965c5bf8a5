import type { ShouldContinue } from '../base/should-continue';
import type { AngleUnit } from '../base/angle';
import { withSpan } from '../base/problem';
import type { Problem, ProblemData } from '../base/problem';
import { fail } from '../base/result';
import type { Result } from '../base/result';
import type { Span } from '../base/span';
import type { Random } from '../function/record';
import type { Tree } from '../language/tree';
import type { Value } from '../number/value';
import type { WordId } from '../radix/word';

/** What a line may refer to. What holds nothing is a problem, never a silent zero. */
export type Names = Readonly<{
  ans: Value | null;
  letters: ReadonlyMap<string, Value>;
  slots: ReadonlyMap<number, Value>;
  total: Value | null;
}>;

export type Context = Readonly<{
  angle: AngleUnit;
  /** Complex numbers are on. */
  complex: boolean;
  /** The word whose bits are worked with. */
  word: WordId;
  /** Significant digits that will be asked for: what long sums and integrals are worked to. */
  digits: number;
  names: Names;
  /** Functions that are off for now, by name. */
  off: readonly string[];
  shouldContinue: ShouldContinue;
  random: Random;
}>;

const NO_NAMES: Names = { ans: null, letters: new Map(), slots: new Map(), total: null };

type Given = Partial<Omit<Context, 'names'>> & Pick<Context, 'shouldContinue'> & { names?: Partial<Names> };

/** A context with what was not given left at its plainest: radians, real numbers, nothing kept, no chance, nothing off, words of 32 bits with a sign. */
export const contextOf = ({ names, ...given }: Given): Context => ({
  angle: 'rad',
  complex: false,
  word: 'signed32',
  digits: 50,
  random: () => 0n,
  off: [],
  ...given,
  names: { ...NO_NAMES, ...names },
});

export type Evaluated = Result<Value, Problem>;

/** How the parts of an expression are worked; handed to what works them over and over. */
export type Evaluator = (tree: Tree, context: Context) => Evaluated;

export const refused = (problemData: ProblemData, at: Span): { ok: false; problem: Problem } =>
  fail(withSpan(problemData, at));

/** An outcome of the numbers with the place that it concerns. */
export const placed = <T>(outcome: Result<T, ProblemData>, at: Span): Result<T, Problem> =>
  outcome.ok ? outcome : fail(withSpan(outcome.problem, at));

/** The context with a letter standing for something else. */
export const withLetter = (context: Context, name: string, value: Value): Context => ({
  ...context,
  names: { ...context.names, letters: new Map([...context.names.letters, [name, value]]) },
});
