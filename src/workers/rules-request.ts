import type { Problem } from '@/core/base/problem';
import type { LineRequest } from './answer';
import type { ColumnText } from './column-reader';

/** Columns with the expressions that some of them are worked from, and the condition by which rows take part. */
export type RulesRequest = LineRequest &
  Readonly<{ columns: readonly (ColumnText & Readonly<{ name: string; rule: string }>)[]; filter: string }>;

/** What is wrong with the rule of a column; with the condition where the column is null. */
export type RuleFault = Readonly<{ column: string | null; problem: Problem }>;

export type WorkedRules = Readonly<{
  columns: readonly Readonly<{ id: string; cells: readonly string[] }>[];
  kept: readonly boolean[] | null;
  faults: readonly RuleFault[];
}>;
