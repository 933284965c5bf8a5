import { itemAt } from '../base/item';
import { groupRows } from '../column/groups';
import type { Rational } from '../number/rational';
import type { OneData } from './record';

type Values = Extract<OneData, { of: 'values' }>;
export type Group = Readonly<{ name: string; values: readonly Rational[]; counts: readonly bigint[] | null }>;

/** The values of each group, or all of them as one without a name. */
export function groupsOf({ values, counts, groups }: Values): readonly Group[] {
  if (groups === null) return [{ name: '', values, counts }];
  return groupRows(groups).map(({ name, rows }) => ({
    name,
    values: rows.map((row) => itemAt(values, row)),
    counts: counts && rows.map((row) => itemAt(counts, row)),
  }));
}
