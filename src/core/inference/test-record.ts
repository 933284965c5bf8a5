import type { DistributionId } from '../function/chance/distributions';
import type { RealValue } from '../number/value';
import type { Given, Work } from './sample';
import type { Tail, TestId } from './test-names';

/** What a test is worked from. Which of these it needs, its record says. */
export type TestData = Readonly<{
  x?: Given;
  y?: Given;
  mean0?: RealValue;
  sd?: RealValue;
  sds?: readonly [RealValue, RealValue];
  variance0?: RealValue;
  count?: RealValue;
  n?: RealValue;
  share0?: RealValue;
  counts?: readonly [RealValue, RealValue];
  ns?: readonly [RealValue, RealValue];
  observed?: readonly RealValue[];
  expected?: readonly RealValue[];
  shares?: readonly RealValue[];
  table?: readonly (readonly RealValue[])[];
  groups?: readonly (readonly RealValue[])[];
  cells?: readonly (readonly (readonly RealValue[])[])[];
}>;
export type DataPart = keyof TestData;

/** What an effect is measured by. */
export type EffectId = 'd' | 'r' | 'w' | 'v' | 'eta2' | 'share' | 'ratio';

/** One statistic with its chance: one-way tests have one, two-way analysis three. */
export type Outcome = Readonly<{
  /** What varies, where there are several. */
  of?: 'rows' | 'columns' | 'interaction';
  letter: 'z' | 't' | 'F' | 'χ²' | 'S' | 'W' | 'U' | 'H';
  statistic: RealValue;
  df: readonly RealValue[];
  p: RealValue;
  /** The distribution that the statistic is compared with; null where its chance is counted out. */
  against: Readonly<{ id: DistributionId; parameters: readonly RealValue[] }> | null;
}>;

export type Tested = Readonly<{
  outcomes: readonly [Outcome, ...Outcome[]];
  /** What is estimated, with its interval; an end that is open is null. */
  estimate: RealValue | null;
  interval: readonly [RealValue | null, RealValue | null];
  effect: Readonly<{ id: EffectId; value: RealValue }> | null;
  /** The chance is approximate: a large sample, or too many alike to be counted out. */
  isApproximate: boolean;
}>;

/** What is asked of a test besides its data. `level`: the share of intervals that hold what is estimated, between 0 and 1. */
export type TestOptions = Readonly<{ tail: Tail; level: RealValue }>;

/** A test. */
export type TestRecord<I extends TestId = TestId> = Readonly<{
  id: I;
  needs: readonly DataPart[];
  source: string;
  work: (w: Work, data: TestData, options: TestOptions) => Tested;
}>;

export const defineTest = <const I extends TestId>(record: TestRecord<I>): TestRecord<I> => record;
