import type { AngleUnit } from '../base/angle';
import type { Alive } from '../number/approximate';
import type { Outcome } from '../number/arithmetic';
import type { Value } from '../number/value';

/** What a function may depend on besides its arguments. */
export type FunctionContext = Readonly<{ angle: AngleUnit; alive: Alive }>;

export type FunctionTopic = 'powers' | 'angles' | 'logs' | 'counting';

/** Run by the tests: `typed` must answer `exact` (typed text), a decimal of that many digits, or the problem. */
export type FunctionExample = Readonly<{
  typed: string;
  angle?: AngleUnit;
  exact?: string;
  decimal?: string;
  problem?: string;
}>;

/**
 * A function, whole: parser, help, search and example tests read this. Its help sentence stands in `text/`, under its
 * name, where a missing one does not compile.
 */
export type FunctionRecord = Readonly<{
  name: string;
  aliases: readonly string[];
  topic: FunctionTopic;
  /** The arguments' names, in order; the last `takes.length − least` may be left out. */
  takes: readonly string[];
  least: number;
  /** Whether the argument, or the answer, is an angle in the unit that is set. */
  angleIn: boolean;
  angleOut: boolean;
  /** The value at arguments of the right number: exact where it comes out, else a real; or what is wrong. */
  apply: (args: readonly Value[], context: FunctionContext) => Outcome;
  examples: readonly FunctionExample[];
  /** What was followed for its meaning and branch. */
  source: string;
}>;

type Given<N extends string> = Partial<FunctionRecord> &
  Pick<FunctionRecord, 'topic' | 'takes' | 'apply' | 'examples' | 'source'> & { name: N };

/** Fills in what most functions share. */
export const defineFunction = <const N extends string>(given: Given<N>): FunctionRecord & { name: N } => ({
  aliases: [],
  least: given.takes.length,
  angleIn: false,
  angleOut: false,
  ...given,
});
